"""The columns of numbers of a short table, converted at once: a file may have thousands of them."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
import pyarrow as pa
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.data.reading.digits import LEAST_OF_DATES

EXACT_IN_FLOAT = 2**53
SHORT = 50_000  # rows; a longer column is converted by itself


class Numeric(NamedTuple):
    """Columns of numbers as float64 (rows, columns), NaN where there is none, and their places in the table."""

    places: tuple[int, ...]
    values: NDArray[np.float64]

    @property
    def largest(self) -> NDArray[np.float64]:
        """The largest size of a number in each column, shape (columns,); 0 where there is none."""
        return np.asarray(np.nanmax(np.abs(self.values), axis=0, initial=0.0))


def numeric(table: pa.Table) -> Numeric:
    """The columns of whole and of decimal numbers of a table; none of a long one."""
    places = tuple(place for place, kind in enumerate(table.schema.types) if _can_be_beside_others(kind))
    if not places or not 0 < table.num_rows <= SHORT:
        return Numeric((), np.zeros((table.num_rows, 0)))
    (batch,) = table.select(list(places)).combine_chunks().to_batches()
    values = batch.to_tensor(null_to_nan=True, row_major=False).to_numpy()
    return Numeric(places, values.astype(np.float64, copy=False))


def _can_be_beside_others(kind: pa.DataType) -> bool:
    """Numbers that Arrow puts into one block; it does not convert halves."""
    return pa.types.is_integer(kind) or (pa.types.is_floating(kind) and not pa.types.is_float16(kind))


def plain_columns(names: Sequence[str], table: pa.Table, whole: NDArray[np.bool_]) -> dict[int, Column]:
    """{place: column} of those numbers that can be nothing else: no keys too long for a double, and no digits of dates.

    Parameters
    ----------
    whole
        The mask of a column without a missing value, shape (rows,).
    """
    found = numeric(table)
    if not found.places:
        return {}
    with np.errstate(invalid="ignore"):
        lowest = np.nanmin(found.values, axis=0, initial=np.inf)
    plain = np.asarray((found.largest < EXACT_IN_FLOAT) & (lowest < LEAST_OF_DATES))
    none = np.isnan(found.values)
    complete = np.asarray(~none.any(axis=0))
    values, valid = np.where(none, 0.0, found.values), ~none
    return {
        found.places[k]: Column(
            names[found.places[k]], Kind.NUMBER, values[:, k], whole if complete[k] else valid[:, k]
        )
        for k in np.flatnonzero(plain).tolist()
    }
