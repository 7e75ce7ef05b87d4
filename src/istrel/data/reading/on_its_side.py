"""Tables that lie on their side: names stand in the first column, and every other column is a case."""

from __future__ import annotations

from collections.abc import Sequence
from typing import TypeVar

from istrel.data.markers import is_marker
from istrel.data.reading.heads import NUMBER
from istrel.english import english

FEWEST_CASES, NEARLY_ALL = 8, 0.9
Rows = list[tuple[str, ...]]
Cell = TypeVar("Cell")


TURNED = english(
    "the table lay on its side, a case in each column, and was turned. To read it as it stands, put its names in row 1."
)


def lies_on_its_side(rows: Rows) -> bool:
    """Whether every row holds numbers alone or words alone, and both kinds of rows are there, so that no column holds one kind.

    Parameters
    ----------
    rows
        The whole table, the row of names included if there is one.
    """
    width = len(rows[0]) if rows else 0
    if width <= FEWEST_CASES or len(rows) < 3 or len(rows) >= width or any(len(row) != width for row in rows):
        return False
    named = [row[0].strip() for row in rows]
    if len(set(named)) < len(named) or not all(named[1:]) or any(NUMBER.match(name) for name in named):
        return False
    kinds = [_kind(row[1:]) for row in rows]
    below = kinds[1:] if kinds[0] == "words" else kinds  # words in the first row may call the cases
    return "mixed" not in kinds and {"numbers", "words"} <= set(below)


def _kind(cells: tuple[str, ...]) -> str:
    filled = [cell.strip() for cell in cells if cell.strip() and not is_marker(cell)]
    if not filled:
        return "nothing"
    share = sum(bool(NUMBER.match(cell)) for cell in filled) / len(filled)
    return "numbers" if share >= NEARLY_ALL else "words" if share <= 1 - NEARLY_ALL else "mixed"


def turned(rows: Sequence[Sequence[Cell]]) -> list[tuple[Cell, ...]]:
    """The table with its columns as rows."""
    return list(zip(*rows, strict=True))
