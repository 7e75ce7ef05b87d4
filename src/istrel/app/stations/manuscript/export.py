"""What leaves the manuscript: a document of all exhibits, and what one of them is on the clipboard."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import QMimeData

from istrel.render import OUTPUTS
from istrel.render.document import Document, Item
from istrel.study.manuscript import compose
from istrel.study.study import Study
from istrel.style.house import HouseStyle

EXPORTS = {o.ending: f"{o.words} (.{o.ending})" for o in OUTPUTS.values() if o.holds != "figure"}


def manuscript_document(study: Study, style: HouseStyle) -> Document:
    """What is exported: every kept exhibit that can be made, with its results text."""
    entries = compose(study, style)
    items = tuple(Item(e.exhibit, e.number, with_text=True) for e in entries if e.exhibit is not None)
    return Document(items, style, title="Manuscript")


def write_manuscript(study: Study, style: HouseStyle, path: Path) -> Path:
    """Make and write the document, whole or not at all, and never over a source of the study: work for a thread.

    Raises
    ------
    Problem
        When the place cannot be written to, or the format cannot hold these exhibits.
    """
    from istrel.files import refuse_sources, write_whole
    from istrel.render import render

    refuse_sources(path, study.files)
    return write_whole(path, render(manuscript_document(study, style), path.suffix), sources=study.files)


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
