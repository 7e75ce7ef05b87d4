"""Which rows to show, and in which order: sorted by a variable, or those in which something stands."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.dataset import Dataset, rows_of


def sorted_rows(data: Dataset, chosen: tuple[int, ...] | None, by: tuple[str, bool] | None) -> NDArray[np.int64] | None:
    """Row positions from 0 sorted by a variable; None for all in the order of the file.

    Parameters
    ----------
    chosen
        Data rows, from 1, to which it is limited.
    by
        (variable, from high to low). Missing values stand last either way; equal ones keep the order of the file.
    """
    rows = None if chosen is None else np.array(chosen, np.int64) - 1
    if by is None:
        return rows
    name, backwards = by
    rows = np.arange(data.n_rows, dtype=np.int64) if rows is None else rows
    keys = _keys(data, name)[rows]
    missing = ~data.present(name)[rows]
    order = np.argsort(np.where(missing, np.inf, -keys if backwards else keys), kind="stable")
    return rows[order]


def _keys(data: Dataset, name: str) -> NDArray[np.float64]:
    """Numbers by which a variable sorts: texts by the alphabet."""
    column = data.table.column(name)
    if column.kind is not Kind.TEXT:
        return data.numbers(name).values
    rank = np.empty(len(column.words) + 1)
    rank[np.array(sorted(range(len(column.words)), key=lambda i: column.words[i].casefold()), np.int64)] = np.arange(
        len(column.words)
    )
    return rank[column.values]


def find_rows(data: Dataset, text: str) -> tuple[int, ...]:
    """Data rows, from 1, in which a text stands anywhere (case aside), or a number as a whole value.

    A whole number that is in no cell means the case of that number.
    """
    wanted = text.casefold()
    found = np.zeros(data.n_rows, bool)
    for column in data.table.columns:
        if column.kind is Kind.TEXT:
            hits = [place for place, word in enumerate(column.words) if wanted in word.casefold()]
            if hits:
                found |= column.valid & np.isin(column.values, hits)
        elif column.kind is Kind.DATE:
            if len(text) >= 4 and text[:4].isdecimal():
                days = np.datetime_as_string(column.values[column.valid].astype("datetime64[D]"))
                found[np.flatnonzero(column.valid)[np.char.startswith(days, text)]] = True
        elif (number := _number(text)) is not None:
            found |= column.valid & (column.values == number)
        odd = [i for i, unread in enumerate(column.unread.texts) if wanted in unread.casefold()]
        found[column.unread.rows[odd]] = True
    if not found.any() and text.isdecimal() and len(text) < 16 and 1 <= int(text) <= data.n_rows:
        return (int(text),)
    return rows_of(found)


def _number(text: str) -> float | None:
    try:
        return float(text.replace("−", "-").replace(",", "."))
    except ValueError:
        return None
