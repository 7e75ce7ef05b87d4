"""Tables as CSV: what prints, cell by cell; of a figure its numbers. A cell that a spreadsheet could take for a formula is made
harmless.
"""

from __future__ import annotations

import csv
import io

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import as_plain, body_rows, head_rows, print_notes, print_table, print_title
from istrel.exhibits.table import TableSheet
from istrel.files import harmless
from istrel.render.document import Document, Item
from istrel.render.sheets import FIGURE_HEADS
from istrel.style.house import HouseStyle


def render(document: Document) -> bytes:
    """Every exhibit with its label, title, heads, body and notes; an empty line between two. UTF-8 with a mark."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    for place, item in enumerate(document.items):
        if place:
            writer.writerow([])
        writer.writerows([harmless(cell) for cell in row] for row in rows_of(item, document.style))
    return ("\ufeff" + out.getvalue()).encode()


def rows_of(item: Item, style: HouseStyle) -> list[list[str]]:
    """The label, title, heads, body and notes of an exhibit."""
    sheet = item.exhibit.sheet
    body = _figure(sheet) if isinstance(sheet, FigureSheet) else _table(item, sheet, style)
    notes = [[as_plain(note)] for note in print_notes(sheet.notes, style)]
    return [[item.label(style)], [print_title(sheet, style)], *body, *notes]


def _table(item: Item, sheet: TableSheet, style: HouseStyle) -> list[list[str]]:
    table = print_table(sheet, style, item.number)
    return [*head_rows(table), *body_rows(table)]


def _figure(sheet: FigureSheet) -> list[list[str]]:
    """The numbers of a figure at full precision, by their keys."""
    values = ((cell.row, cell.column, cell.value) for cell in sheet.numbers)
    return [
        list(FIGURE_HEADS),
        *([row, column, repr(v) if isinstance(v, float) else str(v or "")] for row, column, v in values),
    ]
