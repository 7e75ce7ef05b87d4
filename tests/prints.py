"""What an exhibit prints, as letters, in the house style of the tests."""

from __future__ import annotations

from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import body_rows, head_rows, plain_text, print_table
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Text
from istrel.style.house import HouseStyle, load_style


def printed(exhibit: Exhibit, style: HouseStyle | None = None) -> list[str]:
    """Heads and body, a line per row."""
    assert isinstance(exhibit.sheet, TableSheet)
    table = print_table(exhibit.sheet, style or load_style(), "1")
    return [" | ".join(row) for row in (*head_rows(table), *body_rows(table))]


def plain(text: Text, style: HouseStyle | None = None) -> str:
    return plain_text(text, style or load_style())


def notes(exhibit: Exhibit, style: HouseStyle | None = None) -> str:
    return " ".join(plain(note.text, style) for note in exhibit.sheet.notes)
