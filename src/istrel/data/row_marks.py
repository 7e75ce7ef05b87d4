"""Numbers that stand for whole rows, by which equal rows are found without comparing any two."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.stats.distinct import distinct_values

Mask = NDArray[np.bool_]
MULTIPLIER = np.uint64(0x9E3779B97F4A7C15)  # the golden ratio in 64 bits, the usual constant of multiplicative hashing


def _marks(column: Column) -> NDArray[np.uint64]:
    """A number per case that is the same where the stored values are, and 0 where there is none."""
    if column.kind is Kind.NUMBER:
        bits = (column.values + 0.0).view(np.uint64)  # − 0 and 0 are the same value
    else:
        bits = column.values.astype(np.int64).view(np.uint64) + np.uint64(1)
    marks = np.where(column.valid, bits ^ np.uint64(0x5851F42D4C957F2D), np.uint64(0))
    if column.unread.texts:
        words = {text: place for place, text in enumerate(dict.fromkeys(column.unread.texts), start=1)}
        marks[column.unread.rows] = np.array([words[text] for text in column.unread.texts], np.uint64)
    return marks


def row_marks(columns: list[Column]) -> NDArray[np.uint64]:
    """A number per case that is the same for equal rows, and for others only by a chance of 1 in 2^64."""
    total = np.zeros(columns[0].n_rows, np.uint64)
    for column in columns:
        total = (total ^ _marks(column)) * MULTIPLIER
        total ^= total >> np.uint64(29)
    return total


def repeats(columns: list[Column], kept: Mask) -> Mask:
    """Cases that repeat an earlier one in every column, shape (rows,)."""
    rows, mask = np.flatnonzero(kept), np.zeros(kept.size, bool)
    marks = row_marks(columns)[rows]
    if distinct_values(marks).size == marks.size:  # sorted alone, which is much quicker than with their places
        return mask
    _, first = np.unique(marks, return_index=True)
    again = np.ones(rows.size, bool)
    again[first] = False
    mask[rows[again]] = True
    return mask
