"""The tables on a sheet: where they begin and end, their names over one or two rows, and what stands around them."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Any

import numpy as np
from numpy.typing import NDArray

Rows = list[list[Any]]
Span = tuple[tuple[int, int], tuple[int, int]]  # (first row, first column), (last row, last column)
LOOK_AT, NEARLY_FULL = 20, 0.7
FEWEST_COLUMNS, FEWEST_ROWS = 2, 2


@dataclass(frozen=True)
class SheetTable:
    """A table on a sheet; places count from 0.

    Attributes
    ----------
    top, left
        Where it begins, titles and names included.
    names_row
        The row of its names.
    names
        Of each column; a name over several of them stands before theirs.
    body
        Rows of cells below the names.
    size
        How many cells are filled.
    left_out
        Lines below the table that are no rows of it, as they read.
    """

    top: int
    left: int
    names_row: int
    names: list[Any]
    body: Rows
    size: int
    left_out: tuple[str, ...] = field(default=())

    @property
    def place(self) -> str:
        """Where its names begin, as spreadsheets say it: “B4”."""
        return f"{column_letters(self.left)}{self.names_row + 1}"

    @property
    def is_data(self) -> bool:
        return len(self.names) >= FEWEST_COLUMNS and len(self.body) >= FEWEST_ROWS


def column_letters(place: int) -> str:
    """A column as spreadsheets name it: A, B, … Z, AA."""
    letters = ""
    place += 1
    while place:
        place, rest = divmod(place - 1, 26)
        letters = chr(65 + rest) + letters
    return letters


def tables_in(rows: Rows, merged: list[Span], names_row: int | None = None) -> list[SheetTable]:
    """The tables of a sheet from top to bottom, the largest that looks like data first; the whole sheet where names are said."""
    rows = _filled_down(rows, merged)
    width = max((len(row) for row in rows), default=0)
    if names_row is not None:
        return [_whole(rows, names_row, width)] if rows else []
    there = np.array([[value not in ("", None) for value in [*row, *[""] * width][:width]] for row in rows], bool)
    if not there.any():
        return []
    found = [table for first, last in _bands(there, rows) for table in _side_by_side(rows, there, first, last, merged)]
    return sorted(found, key=lambda table: (not table.is_data, -table.size))


def _whole(rows: Rows, names_row: int, width: int) -> SheetTable:
    """The sheet under the row of names that a person gave, from 1; 0 where there is none."""
    names = [*rows[names_row - 1], *[""] * width][:width] if names_row else [""] * width
    body = [row for row in rows[names_row:] if any(value not in ("", None) for value in row)]
    return SheetTable(0, 0, max(0, names_row - 1), names, body, sum(map(len, body)))


def _filled_down(rows: Rows, merged: list[Span]) -> Rows:
    """Cells that were merged hold the value of the first of them in every row."""
    rows = [list(row) for row in rows]
    for (top, left), (bottom, right) in merged:
        if bottom > top and left == right and top < len(rows) and left < len(rows[top]):
            for row in range(top + 1, min(bottom + 1, len(rows))):
                rows[row] = [*rows[row], *[""] * (left + 1 - len(rows[row]))]
                rows[row][left] = rows[top][left]
    return rows


def _bands(there: NDArray[np.bool_], rows: Rows) -> list[tuple[int, int]]:
    """(first, last row) of what blank rows part; a blank row within a body parts nothing."""
    bands: list[tuple[int, int]] = []
    for first, last in _runs(there.any(axis=1)):
        if bands and _goes_on(there, rows, bands[-1], (first, last)):
            bands[-1] = bands[-1][0], last
        else:
            bands.append((first, last))
    return bands


def _runs(full: Any) -> list[tuple[int, int]]:
    """(first, last) of what is filled without a gap."""
    starts = np.flatnonzero(full & ~np.concatenate([[False], full[:-1]]))
    ends = np.flatnonzero(full & ~np.concatenate([full[1:], [False]]))
    return list(zip(starts.tolist(), ends.tolist(), strict=True))


def _goes_on(there: NDArray[np.bool_], rows: Rows, above: tuple[int, int], below: tuple[int, int]) -> bool:
    """Whether rows below a blank one are more of the same: as wide, and numbers where there were numbers."""
    before, after = there[above[0] : above[1] + 1], there[below[0] : below[1] + 1]
    if above[1] == above[0] or np.count_nonzero(after[0]) < max(2, np.count_nonzero(before.any(axis=0)) / 2):
        return above[0] == above[1] and np.count_nonzero(before) == 1  # a title, and what it heads
    if (after.any(axis=0) & ~before.any(axis=0)).any():
        return False
    numeric = [_is_number(value) for value in rows[above[1]]]
    first = rows[below[0]]
    return all(not n or _is_number(value) or value in ("", None) for n, value in zip(numeric, first, strict=False))


def _is_number(value: Any) -> bool:
    return not isinstance(value, str | bool) and value is not None


def _side_by_side(rows: Rows, there: NDArray[np.bool_], first: int, last: int, merged: list[Span]) -> list[SheetTable]:
    """The tables of a band: parts between blank columns that end in different rows are tables of their own."""
    block = there[first : last + 1]
    parts = _runs(block.any(axis=0))
    tall = [int(np.flatnonzero(block[:, a : b + 1].any(axis=1))[-1]) for a, b in parts]
    wide = all(b - a + 1 >= FEWEST_COLUMNS for a, b in parts)
    if len(parts) == 1 or len(set(tall)) == 1 or not wide:
        parts = [(parts[0][0], parts[-1][1])]
    return [_table(rows, there, first, last, a, b, merged) for a, b in parts]


def _table(
    rows: Rows, there: NDArray[np.bool_], first: int, last: int, left: int, right: int, merged: list[Span]
) -> SheetTable:
    block = there[first : last + 1, left : right + 1]
    filled = block.sum(axis=1)
    head = int(np.flatnonzero(filled[:LOOK_AT] >= NEARLY_FULL * filled[:LOOK_AT].max())[0])
    end = len(filled)
    while end > head + 2 and right - left >= 2 and filled[end - 1] <= 1:
        end -= 1
    names = _names(rows, first + head, left, right, merged)
    cells = [[*row, *[""] * (right + 1)][left : right + 1] for row in rows[first + head + 1 : first + end]]
    body = [row for row in cells if any(value not in ("", None) for value in row)]
    below = (
        next((str(v) for v in row[left : right + 1] if v not in ("", None)), "") for row in rows[first + end : last + 1]
    )
    return SheetTable(
        first, left, first + head, names, body, int(filled[head:end].sum()), tuple(text for text in below if text)
    )


def _names(rows: Rows, at: int, left: int, right: int, merged: list[Span]) -> list[Any]:
    """The names in a row; one that spans several columns in the row above stands before theirs."""
    names = [*rows[at], *[""] * (right + 1)][left : right + 1]
    for (top, start), (bottom, stop) in merged:
        if top == bottom == at - 1 and stop > start and start < len(rows[top]) and rows[top][start] not in ("", None):
            for place in range(max(start, left), min(stop, right) + 1):
                names[place - left] = f"{rows[top][start]}, {names[place - left]}".removesuffix(", ")
    return names
