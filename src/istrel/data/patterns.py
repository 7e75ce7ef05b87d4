"""Which values are missing together: patterns of the whole file, and a map of where they are missing."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.levels import Level

MAP_ROWS = 240


@dataclass(frozen=True)
class MissingPattern:
    """Variables that are missing in the same cases (none: complete cases), and in how many."""

    variables: tuple[str, ...]
    count: int


@dataclass(frozen=True, eq=False)
class MissingMap:
    """Shares of missing values.

    Attributes
    ----------
    names
        Variables with any missing value, in the order of the file.
    shares
        Shape (stretches, names): for each stretch of consecutive cases, the share that is missing.
    """

    names: tuple[str, ...]
    shares: NDArray[np.float64]


def missing_patterns(data: Dataset, most: int = 50) -> tuple[MissingPattern, ...]:
    """The patterns of missing values, most frequent first."""
    names, gone = data.once("gone", "", lambda: _gone(data))
    kept = data.kept
    if not names:
        return (MissingPattern((), data.n_cases),) if data.n_cases else ()
    packed = np.packbits(gone[kept], axis=1)
    whole = np.ascontiguousarray(packed).view(np.dtype((np.void, packed.shape[1]))).ravel()
    _, first, counts = np.unique(whole, return_index=True, return_counts=True)
    order = np.lexsort((first, -counts))[:most]
    rows = gone[kept][first[order]]
    return tuple(
        MissingPattern(tuple(name for name, out in zip(names, row, strict=True) if out), int(count))
        for row, count in zip(rows, counts[order], strict=True)
    )


def missing_map(data: Dataset, stretches: int = MAP_ROWS) -> MissingMap:
    """Where values are missing, cases in the order of the file put together into stretches."""
    names, gone = data.once("gone", "", lambda: _gone(data))
    count = min(stretches, max(1, data.n_rows))
    if not names:
        return MissingMap((), np.zeros((count, 0)))
    starts = np.linspace(0, data.n_rows, count + 1).astype(np.int64)[:-1]
    sizes = np.diff(np.append(starts, data.n_rows))
    sums = np.add.reduceat(gone, starts, axis=0, dtype=np.int64)
    return MissingMap(names, sums / sizes[:, None])


def _gone(data: Dataset) -> tuple[tuple[str, ...], NDArray[np.bool_]]:
    """(variables with missing values, where they are missing, shape (rows, names)); free text aside, which may be blank."""
    kept = data.kept
    found = {}
    for variable in data.codebook.variables:
        if variable.in_use and variable.level is not Level.TEXT:
            out = kept & ~data.present(variable.name)
            if out.any():
                found[variable.name] = out
    return tuple(found), np.column_stack(list(found.values())) if found else np.zeros((data.n_rows, 0), bool)


def rows_with(data: Dataset, variables: tuple[str, ...]) -> tuple[int, ...]:
    """Data rows, from 1, in which just these variables are missing."""
    names, gone = data.once("gone", "", lambda: _gone(data))
    wanted = np.array([name in variables for name in names])
    return tuple((np.flatnonzero((gone == wanted).all(axis=1)) + 1).tolist()) if names else ()
