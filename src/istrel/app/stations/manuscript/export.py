"""What leaves the manuscript: the documents there are, and what one exhibit is on the clipboard."""

from __future__ import annotations

from PySide6.QtCore import QMimeData

from istrel.render import OUTPUTS
from istrel.render.document import Document, Item
from istrel.style.house import HouseStyle

EXPORTS = {o.ending: f"{o.words} (.{o.ending})" for o in OUTPUTS.values() if o.holds != "figure"}


def clipboard_data(item: Item, style: HouseStyle) -> QMimeData:
    """What pastes as a real table, or as a picture."""
    from istrel.exhibits.printing import as_plain, body_rows, head_rows, print_table
    from istrel.exhibits.table import TableSheet
    from istrel.render import html

    data = QMimeData()
    data.setHtml(html.render(Document((item,), style)).decode())
    sheet = item.exhibit.sheet
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        lines = [
            [table.label],
            [table.title],
            *head_rows(table),
            *body_rows(table),
            *([as_plain(n)] for n in table.notes),
        ]
        data.setText("\n".join("\t".join(line) for line in lines))
    else:
        from istrel.render.print import draw

        data.setData("image/png", draw(sheet, style, "png"))
        data.setData("image/svg+xml", draw(sheet, style, "svg"))
    return data
