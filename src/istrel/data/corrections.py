"""Corrections of single values, recorded beside the source and never in it; and cases set aside."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, Unread, show_value
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Correction:
    """One value exchanged for another.

    Attributes
    ----------
    old, new
        As stored: a number, a text, an ISO date; "" is a blank cell, None as `new` makes the value missing.
    row
        The data row, from 1; None wherever `old` stands in the variable.
    """

    variable: str
    old: float | str
    new: float | str | None
    row: int | None = None
    reason: str = ""

    @property
    def words(self) -> str:
        """In a few words: "199 → missing"."""
        new = english("missing") if self.new is None else show_value(self.new) or english("blank")
        return english("{old} → {new}", old=show_value(self.old) or english("blank"), new=new)


@dataclass(frozen=True)
class Aside:
    """Cases set aside, in data rows from 1, and why."""

    rows: tuple[int, ...]
    reason: str = ""


def aside_mask(asides: tuple[Aside, ...], n_rows: int) -> Mask | None:
    """The cases set aside, shape (rows,); None when there are none."""
    if not asides:
        return None
    mask = np.zeros(n_rows, bool)
    for aside in asides:
        rows = np.array(aside.rows, np.int64) - 1
        mask[rows[(rows >= 0) & (rows < n_rows)]] = True
    return mask


def corrected(table: Table, corrections: tuple[Correction, ...]) -> Table:
    """The table with corrections laid over it, in their order; columns without any are shared.

    A correction whose old value does not stand where it says does nothing.
    """
    for name in dict.fromkeys(correction.variable for correction in corrections):
        if name in table:
            column = table.column(name)
            for correction in corrections:
                if correction.variable == name:
                    column = _applied(column, correction)
            table = table.with_column(column)
    return table


def check_value(column: Column, text: str) -> float | str | None:
    """What a person typed into a cell of this column, as it is stored; an empty text is missing.

    Raises
    ------
    Problem
        Where the column holds numbers or dates and the text is none.
    """
    plain = text.strip()
    if not plain:
        return None
    if column.kind is Kind.TEXT:
        return text
    if column.kind is Kind.NUMBER:
        try:
            return float(plain.replace("−", "-"))
        except ValueError:
            raise Problem(
                english("“{column}” holds numbers; “{plain}” is none.", column=column.name, plain=plain)
            ) from None
    try:
        np.datetime64(plain, "s")
    except ValueError:
        raise Problem(
            english(
                "“{column}” holds dates, written as 2025-03-31; “{plain}” is none.", column=column.name, plain=plain
            )
        ) from None
    return plain


def where(column: Column, value: float | str) -> Mask:
    """The cases in which a value stands as it was read, shape (rows,)."""
    mask = np.zeros(column.n_rows, bool)
    texts = np.array([text == value for text in column.unread.texts], bool)
    if texts.any():
        mask[column.unread.rows[texts]] = True
    if value == "":
        blank = ~column.valid
        blank[column.unread.rows] = False
        return mask | blank
    if column.kind is Kind.TEXT:
        text = show_value(value)
        return column.valid & (column.values == column.words.index(text)) if text in column.words else mask
    if isinstance(value, str):
        if column.kind is not Kind.DATE:
            return mask
        return mask | (column.valid & (column.values == np.datetime64(value, "s")))
    return mask | (column.valid & (column.values == value)) if column.kind is Kind.NUMBER else mask


def _applied(column: Column, correction: Correction) -> Column:
    mask = where(column, correction.old)
    if correction.row is not None:
        here = mask[correction.row - 1] if 1 <= correction.row <= mask.size else False
        mask = np.zeros_like(mask)
        if here:
            mask[correction.row - 1] = True
    if not mask.any():
        return column
    values, valid, words = column.values.copy(), column.valid.copy(), column.words
    valid[mask] = correction.new is not None
    if correction.new is not None:
        stored, words = _stored(column, correction.new)
        values[mask] = stored
    kept = ~mask[column.unread.rows]
    texts = tuple(text for text, keep in zip(column.unread.texts, kept, strict=True) if keep)
    return replace(column, values=values, valid=valid, words=words, unread=Unread(column.unread.rows[kept], texts))


def _stored(column: Column, value: float | str) -> tuple[Any, tuple[str, ...]]:
    """The value as the column keeps it, and the column's words with it."""
    if column.kind is Kind.TEXT:
        text = show_value(value)
        words = column.words if text in column.words else (*column.words, text)
        return words.index(text), words
    if column.kind is Kind.DATE:
        return np.datetime64(str(value), "s"), ()
    return float(value), ()
