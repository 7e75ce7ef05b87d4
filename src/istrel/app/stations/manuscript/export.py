"""What leaves the manuscript: the documents there are, and what one exhibit is on the clipboard."""

from __future__ import annotations

from PySide6.QtCore import QMimeData

from istrel.render import OUTPUTS
from istrel.render.document import Document, Item
from istrel.style.house import HouseStyle

EXPORTS = {o.ending: f"{o.words} (.{o.ending})" for o in OUTPUTS.values() if o.holds != "figure"}


def clipboard_data(item: Item, style: HouseStyle) -> QMimeData:
    """What pastes as a real table, or as a picture."""
    from istrel.exhibits.table import TableSheet
    from istrel.render import html
    from istrel.render.csv import rows_of

    data = QMimeData()
    data.setHtml(html.render(Document((item,), style)).decode())
    sheet = item.exhibit.sheet
    if isinstance(sheet, TableSheet):
        data.setText("\n".join("\t".join(line) for line in rows_of(item, style)))
    else:
        from istrel.render.print import draw

        data.setData("image/png", draw(sheet, style, "png"))
        data.setData("image/svg+xml", draw(sheet, style, "svg"))
    return data
