"""Tables as CSV: what prints, cell by cell. A cell that a spreadsheet could take for a formula is made harmless."""

from __future__ import annotations

import csv
import io

from istrel.exhibits.printing import as_plain, body_rows, head_rows, print_table
from istrel.exhibits.table import TableSheet
from istrel.files import harmless
from istrel.render.document import Document


def render(document: Document) -> bytes:
    """Every table with its label, title, heads, body and notes; an empty line between tables. UTF-8 with a mark."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\r\n")
    for place, item in enumerate(document.items):
        sheet = item.exhibit.sheet
        if not isinstance(sheet, TableSheet):
            continue
        table = print_table(sheet, document.style, item.number)
        if place:
            writer.writerow([])
        rows = [
            [table.label],
            [table.title],
            *head_rows(table),
            *body_rows(table),
            *([as_plain(n)] for n in table.notes),
        ]
        writer.writerows([harmless(cell) for cell in row] for row in rows)
    return ("\ufeff" + out.getvalue()).encode()
