"""The small-cell rule: counts below a limit are hidden, and others with them where the first could be worked out."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray


def hidden_levels(counts: list[int], below: int | None) -> list[bool]:
    """Which counts of one list with a known sum are hidden: the small ones, and if that is one, the next smallest too."""
    if below is None:
        return [False] * len(counts)
    hidden = [0 < count < below for count in counts]
    if sum(hidden) == 1:
        rest = [(count, place) for place, count in enumerate(counts) if not hidden[place] and count > 0]
        if rest:
            hidden[min(rest)[1]] = True
    return hidden


def hidden_cells(counts: NDArray[np.int64], below: int | None) -> NDArray[np.bool_]:
    """Which cells of a table with known margins are hidden: no row or column is left with exactly one hidden cell."""
    hidden = np.zeros(counts.shape, bool)
    if below is None:
        return hidden
    hidden = (counts > 0) & (counts < below)
    for _ in range(counts.size):  # each round hides one more cell, so this ends
        lonely = _lonely(hidden)
        if lonely is None:
            break
        axis, place = lonely
        line = counts[place] if axis == 0 else counts[:, place]
        covered = hidden[place] if axis == 0 else hidden[:, place]
        open_ = np.flatnonzero(~covered & (line > 0))
        if open_.size == 0:
            open_ = np.flatnonzero(~covered)
        if open_.size == 0:
            break
        other = int(open_[np.argmin(line[open_])])
        hidden[(place, other) if axis == 0 else (other, place)] = True
    return hidden


def _lonely(hidden: NDArray[np.bool_]) -> tuple[int, int] | None:
    """(0, row) or (1, column) with exactly one hidden cell among several."""
    for axis in (0, 1):
        if hidden.shape[1 - axis] < 2:
            continue
        single = np.flatnonzero(hidden.sum(axis=1 - axis) == 1)
        if single.size:
            return axis, int(single[0])
    return None
