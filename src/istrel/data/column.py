"""One immutable column: an array, a validity mask, and for texts the words behind the codes."""

from __future__ import annotations

from dataclasses import dataclass, field
from enum import StrEnum
from typing import Any

import numpy as np
from numpy.typing import NDArray


class Kind(StrEnum):
    """How a column is stored. What it *means* is the codebook's matter."""

    NUMBER = "number"
    TEXT = "text"
    DATE = "date"


@dataclass(frozen=True, eq=False)
class Unread:
    """Texts that stand in a column of numbers and were not read as numbers.

    Attributes
    ----------
    rows
        Row positions from 0, ascending.
    texts
        The text at each of these rows, as it stands in the file.
    """

    rows: NDArray[np.int64] = field(default_factory=lambda: np.zeros(0, np.int64))
    texts: tuple[str, ...] = ()


@dataclass(frozen=True, eq=False)
class Column:
    """One column of a source.

    Attributes
    ----------
    values
        float64 for numbers, int32 codes into `words` for texts, datetime64[s] for dates; shape (rows,).
    valid
        False where the source holds nothing readable; shape (rows,).
    words
        The distinct texts, in order of first appearance; empty for numbers and dates.
    unread
        For numbers: what stood there as text. These rows are not valid, and nothing of them is lost.
    unit
        The sign that stood with the numbers: "%", "€", "kg"; empty where none did.
    said
        What a second row of names says of it: its question, label or unit.
    labels
        (number, words) where words stood beside some of the numbers: (10.0, "worst").
    prepared
        What was found out of it, by name; a column made from this one begins without.
    """

    name: str
    kind: Kind
    values: NDArray[Any]
    valid: NDArray[np.bool_]
    words: tuple[str, ...] = ()
    unread: Unread = field(default_factory=Unread)
    unit: str = ""
    said: str = ""
    labels: tuple[tuple[float, str], ...] = ()
    prepared: dict[str, Any] = field(default_factory=dict, init=False, repr=False)

    def __post_init__(self) -> None:
        self.values.flags.writeable = False
        self.valid.flags.writeable = False

    @property
    def n_rows(self) -> int:
        return int(self.values.shape[0])

    def text_at(self, row: int) -> str:
        """The value at a row (from 0) as a person would read it in the file; "" where missing."""
        if not self.valid[row]:
            where = np.searchsorted(self.unread.rows, row)
            found = where < self.unread.rows.size and self.unread.rows[where] == row
            return self.unread.texts[int(where)] if found else ""
        return show_value(self.value_at(row))

    def value_at(self, row: int) -> float | str:
        """The value at a row (from 0): a number, a text, or an ISO date."""
        value = self.values[row]
        if self.kind is Kind.NUMBER:
            return float(value)
        return self.words[int(value)] if self.kind is Kind.TEXT else show_date(value)


def show_value(value: float | str) -> str:
    """A stored value in its shortest exact form: 3 for 3.0, "2.5", or the text itself."""
    if isinstance(value, str):
        return value
    return str(int(value)) if float(value).is_integer() and abs(value) <= 2**53 else repr(float(value))


def show_date(value: np.datetime64) -> str:
    """An ISO date; the time of day only where it is not midnight."""
    text = str(value)
    return text[:10] if text.endswith("T00:00:00") else text


def as_date(text: str) -> np.datetime64 | None:
    """The day that a text in ISO form names, or None."""
    if len(text) < 10 or text[4:5] != "-":
        return None
    try:
        return np.datetime64(text, "s")
    except ValueError:
        return None
