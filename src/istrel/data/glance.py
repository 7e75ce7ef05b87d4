"""A glance at all columns of a file at once: what guessing, screening and facts ask of every one of them."""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np

from istrel.data.column import Column, Kind
from istrel.data.limits import FEWEST_FOR_HUMPS, FINEST_FOR_HUMPS
from istrel.data.markers import CODE_LIKE
from istrel.stats.glance import Glance, glances
from istrel.stats.quick import SHORT

GLANCE = "glance"
CELLS = 1 << 17  # of a block that is looked at at once: it fits the cache


def look_over(columns: Iterable[Column]) -> None:
    """Looks at all short columns of numbers, some at once; what was seen is kept with each of them."""
    short = [column for column in columns if column.kind is Kind.NUMBER and 0 < column.n_rows <= SHORT]
    short = [column for column in short if GLANCE not in column.prepared]
    step = max(1, CELLS // short[0].n_rows) if short else 1
    for start in range(0, len(short), step):
        block = short[start : start + step]
        values, valid = (np.array([getattr(column, part) for column in block]) for part in ("values", "valid"))
        found = glances(values, valid, CODE_LIKE, FEWEST_FOR_HUMPS, FINEST_FOR_HUMPS)
        for column, seen in zip(block, found, strict=True):
            column.prepared[GLANCE] = seen


def glance_of(column: Column) -> Glance | None:
    """What was seen of a column; None of a long one, one without numbers, or with some of extreme size."""
    seen: Glance | None = column.prepared.get(GLANCE)
    return seen
