"""Rows taken from columns, and columns of several tables brought to one kind."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, Unread, show_date, show_value

Rows = NDArray[np.int64]
NONE = -1


def take(column: Column, rows: Rows) -> Column:
    """The column with these rows (positions from 0) in this order; NONE gives a missing cell."""
    if not column.n_rows:
        return replace(column, values=np.zeros(rows.size, column.values.dtype), valid=np.zeros(rows.size, bool))
    safe = np.maximum(rows, 0)
    here = rows != NONE
    values, valid = column.values[safe], column.valid[safe] & here
    return replace(column, values=values, valid=valid, unread=_unread(column, rows))


def _unread(column: Column, rows: Rows) -> Unread:
    if not column.unread.texts:
        return Unread()
    place = np.minimum(np.searchsorted(column.unread.rows, rows), column.unread.rows.size - 1)
    odd = np.flatnonzero((column.unread.rows[place] == rows) & (rows != NONE))
    return Unread(odd, tuple(column.unread.texts[i] for i in place[odd]))


def as_text(column: Column) -> Column:
    """The column as texts: what a person reads in each cell."""
    if column.kind is Kind.TEXT:
        return column
    distinct, codes = np.unique(column.values, return_inverse=True)
    show = show_date if column.kind is Kind.DATE else _number
    words = tuple(show(value) for value in distinct)
    codes, valid = codes.astype(np.int32), column.valid
    if column.unread.texts:
        extra = tuple(dict.fromkeys(text for text in column.unread.texts if text not in words))
        place = {word: i for i, word in enumerate((*words, *extra))}
        codes, valid, words = codes.copy(), valid.copy(), (*words, *extra)
        codes[column.unread.rows] = [place[text] for text in column.unread.texts]
        valid[column.unread.rows] = True
    return Column(column.name, Kind.TEXT, codes, valid, words)


def _number(value: float) -> str:
    return show_value(float(value))


def end_to_end(name: str, parts: list[Column]) -> Column:
    """Columns one below the other; of different kinds they become texts."""
    if len({part.kind for part in parts}) > 1:
        parts = [as_text(part) for part in parts]
    valid = np.concatenate([part.valid for part in parts])
    starts = np.cumsum([0, *(part.n_rows for part in parts)])
    if parts[0].kind is Kind.TEXT:
        words = tuple(dict.fromkeys(word for part in parts for word in part.words))
        place = {word: i for i, word in enumerate(words)}
        maps = [np.array([place[word] for word in part.words] or [0], np.int32) for part in parts]
        codes = np.concatenate([codes_of[part.values] for codes_of, part in zip(maps, parts, strict=True)])
        return Column(name, Kind.TEXT, codes, valid, words)
    odd = [part.unread.rows + start for part, start in zip(parts, starts, strict=False)]
    texts = tuple(text for part in parts for text in part.unread.texts)
    return Column(
        name, parts[0].kind, np.concatenate([p.values for p in parts]), valid, unread=Unread(np.concatenate(odd), texts)
    )


def key_codes(tables: list[list[Column]]) -> list[NDArray[np.int64]]:
    """For each table a number per row that is the same where all key columns have the same values; NONE where one is missing.

    Parameters
    ----------
    tables
        For each table its key columns, in the same order.
    """
    sizes = [columns[0].n_rows for columns in tables]
    total = np.zeros(sum(sizes), np.int64)
    valid = np.ones(sum(sizes), bool)
    for columns in zip(*tables, strict=True):
        joined = end_to_end("", list(columns))
        _, codes = np.unique(joined.values, return_inverse=True)
        _, total = np.unique(total * (int(codes.max(initial=0)) + 1) + codes, return_inverse=True)
        valid &= joined.valid
    total = np.where(valid, total, NONE).astype(np.int64)
    return np.split(total, np.cumsum(sizes)[:-1])
