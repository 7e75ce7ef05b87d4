"""Single cases laid out so that none hides another: always in the same way, filled from the middle outwards."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.grouping import Arranged

Array = NDArray[np.float64]
PAPER_ACROSS, PAPER_UP = 95.0, 62.0  # mm of the fields of a usual figure
MOST_DOTS = 4_000


@dataclass(frozen=True)
class Room:
    """What a swarm has to know of its panel: the lengths of both axes, and how wide a dot is on paper, in mm."""

    across: float
    up: float
    dot: float = 0.8


def swarm(values: Array, middle: float, half: float, room: Room) -> tuple[Array, Array]:
    """(places, values) of dots for ascending values.

    Parameters
    ----------
    middle, half
        Where the dots stand along the axis of places, and how far they may go to each side.

    Notes
    -----
    Values that lie within one dot of each other stand side by side, the first in the middle, then right and left in turn;
    where a row is wider than its place its dots move together.
    """
    if values.size == 0:
        return np.zeros(0), np.zeros(0)
    tall = room.up * room.dot / PAPER_UP
    row = np.floor((values - values[0]) / tall).astype(np.int64) if tall > 0 else np.zeros(values.size, np.int64)
    starts = np.flatnonzero(np.diff(row, prepend=-1))
    sizes = np.diff(np.append(starts, values.size))
    within = np.arange(values.size) - np.repeat(starts, sizes)
    side = np.where(within % 2 == 1, 1.0, -1.0) * ((within + 1) // 2)
    side += np.where(row % 2 == 0, 0.25, -0.25)  # rows stand in the gaps of their neighbours
    step = min(room.across * room.dot / PAPER_ACROSS, 2 * half / (int(sizes.max()) + 1.5))
    return np.asarray(middle + side * step), values


def thinned(cells: Arranged) -> Array:
    """The values of one group that are drawn as single cases, ascending: evenly among all where there are too many."""
    return cells.nth(thinned_places(int(cells.sizes[0]), MOST_DOTS)[0])


def thinned_places(n: int, most: int) -> tuple[NDArray[np.int64], int]:
    """(the places from 0 of the cases that are drawn, how many cases each stands for)."""
    every = max(1, -(-n // most))
    return np.arange(every // 2, n, every), every
