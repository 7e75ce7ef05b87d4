"""The key of a file: the smallest set of columns that tells all rows apart."""

from __future__ import annotations

from itertools import combinations

import numpy as np

from istrel.data.dataset import Dataset, Mask
from istrel.data.levels import Level
from istrel.data.row_marks import repeats, row_marks
from istrel.stats.distinct import distinct_values

MOST_COLUMNS, MOST_LOOKED_AT, FEWEST_ROWS = 3, 12, 3
NAMING = (Level.IDENTIFIER, Level.DATE, Level.NOMINAL, Level.ORDINAL, Level.BINARY)


def key_of(data: Dataset) -> tuple[str, ...]:
    """The columns that tell all rows apart: one, else two or three of those with most different values; empty where none do. Rows
    that repeat an earlier one in all columns are left out.

    Measures are none: that no two rows agree in them is chance.
    """
    kept = data.kept & ~repeats(list(data.table.columns), data.kept)
    n = int(kept.sum())
    if n < FEWEST_ROWS:
        return ()
    names = [
        line.name
        for line in data.codebook.variables
        if line.in_use and line.formula is None and line.name in data.table
    ]
    different = {name: int(data.tally(name)[0].size) for name in names if data.present(name)[kept].all()}
    alone = [
        name
        for name in different
        if different[name] == n and data.variable(name).level not in (Level.CONTINUOUS, Level.COUNT)
    ]
    if alone:
        return (min(alone, key=lambda name: (data.variable(name).level is not Level.IDENTIFIER, names.index(name))),)
    rows = data.codebook.rows
    if rows.person in different and rows.occasion in different and _apart((rows.person, rows.occasion), data, kept, n):
        return rows.person, rows.occasion
    naming = [name for name in different if data.variable(name).level in NAMING]
    few = sorted(naming, key=lambda name: -different[name])[:MOST_LOOKED_AT]
    for size in range(2, MOST_COLUMNS + 1):
        for together in combinations(few, size):
            if np.prod([float(different[name]) for name in together]) >= n and _apart(together, data, kept, n):
                return tuple(sorted(together, key=names.index))
    return ()


def _apart(names: tuple[str, ...], data: Dataset, kept: Mask, n: int) -> bool:
    marks = row_marks([data.table.column(name) for name in names])
    return int(distinct_values(marks[kept]).size) == n
