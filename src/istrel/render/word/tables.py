"""Tables in word-processor documents: real tables with repeated heads, rules and decimal tabs, laid out for the page."""

from __future__ import annotations

from collections.abc import Hashable
from copy import deepcopy
from dataclasses import replace
from typing import Any

from docx.enum.table import WD_TABLE_ALIGNMENT
from docx.enum.text import WD_ALIGN_PARAGRAPH, WD_TAB_ALIGNMENT
from docx.oxml.ns import qn
from docx.shared import Mm, Pt

from istrel.exhibits.printing import PrintedRow, PrintedTable, Runs, printable
from istrel.render.columns import Column
from istrel.render.scripts import STRETCH
from istrel.render.tables import LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM, Page, Panel, TableLayout, lay_out
from istrel.render.word.parts import OF_TABLES, add_label, element, put_in_order, rule
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

NARROW, WIDE = set(" .,:;!'|ijlftI()[]−-"), set("mwMWABCDEGHKNOQRUVXY%&@—")
INDENT_PT, GAP_PT = 12.0, 14.0
MOST_ROWS_TOGETHER = 36
TEXT_STYLE = "Tabletext"  # by its id: looking a style up by its name costs more than filling the cell
SPACE = "{http://www.w3.org/XML/1998/namespace}space"


def laid_out(table: PrintedTable, style: HouseStyle) -> TableLayout:
    """The table as it fits the page, in points."""
    size = style.fonts.table_pt
    return lay_out(table, lambda text: text_width(text, size), style.numbers.decimal_mark, _room(style))


def _room(style: HouseStyle) -> Page:
    upright, turned, *sizes = (
        Mm(width).pt
        for width in (style.table.width_mm, style.page.turned_mm, LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM)
    )
    return Page(upright, turned, GAP_PT, INDENT_PT, *sizes)


def add_panel(word: Any, table: PrintedTable, panel: Panel, style: HouseStyle, title: str) -> Any:
    """A panel of a table at the end of the document; its title is said to who does not see it, too."""
    layout = list(panel.columns)
    grid = word.add_table(rows=0, cols=len(layout))
    grid.alignment = WD_TABLE_ALIGNMENT.LEFT
    grid.autofit = False
    _set_widths(grid, layout)
    _describe(grid, title)
    _heads(grid, panel, style)
    for head in grid.rows:
        _hold(head, layout)
    last = panel.first + len(layout) - 1
    _body(grid, [replace(row, cells=row.cells[panel.first : last]) for row in table.rows], layout)
    if len(grid.rows) <= MOST_ROWS_TOGETHER:  # a table that fits on a page stands on one, with its note
        for filled in grid.rows:
            filled.cells[0].paragraphs[0].paragraph_format.keep_with_next = True
    rule(grid.rows[0].cells, "top", style)
    rule(grid.rows[len(panel.heads) - 1].cells, "bottom", style)
    rule(grid.rows[-1].cells, "bottom", style)
    return grid._tbl


def _body(grid: Any, rows: list[PrintedRow], layout: list[Column]) -> None:
    """The rows under the heads. A row that looks like one before it is that row with other words: thousands stay quick."""
    alike: dict[Hashable, Any] = {}
    for row in rows:
        look = (row.indent, tuple(run.italic for run in row.stub), tuple(text == ABSENT for text in row.cells))
        texts = [printable(text) for text in (*(run.text for run in row.stub), *row.cells)]
        plain = all(texts) and not any("\n" in text or "\t" in text or STRETCH.search(text) for text in texts)
        if plain and look in alike:
            made = deepcopy(alike[look])
            grid._tbl.append(made)
            for place, text in zip(made.iter(qn("w:t")), texts, strict=True):
                place.text = text
                place.set(SPACE, "preserve")
            continue
        filled = grid.add_row()
        cells = filled.cells
        _fill(cells[0], row.stub, WD_ALIGN_PARAGRAPH.LEFT, indent=INDENT_PT * row.indent)
        if not row.cells:
            cells[0].merge(cells[-1])
            cells[0].paragraphs[0].paragraph_format.keep_with_next = True
        for place, text in enumerate(row.cells, start=1):
            _number(cells[place], text, layout[place])
        _hold(filled, layout)
        if plain:
            alike[look] = deepcopy(filled._tr)


def _hold(row: Any, layout: list[Column]) -> None:
    """A row stays on one page, and its cells have the widths of their columns."""
    row._tr.get_or_add_trPr().append(element("w:cantSplit", {}))
    for cell, column in zip(row.cells, layout, strict=True):
        cell.width = Pt(column.width)


def _set_widths(grid: Any, layout: list[Column]) -> None:
    for column, found in zip(grid.columns, layout, strict=True):
        column.width = Pt(found.width)
    properties = grid._tbl.tblPr
    margins = element("w:tblCellMar", {})
    for side in ("left", "right"):
        margins.append(element(f"w:{side}", {"w:w": "0", "w:type": "dxa"}))
    properties.append(margins)


def _describe(grid: Any, title: str) -> None:
    """What is said of a table, in the order of the standard: its first row and column are heads."""
    properties = grid._tbl.tblPr
    look = properties.find(qn("w:tblLook"))
    if look is not None:
        properties.remove(look)
    heads = {
        "w:firstRow": "1",
        "w:lastRow": "0",
        "w:firstColumn": "1",
        "w:lastColumn": "0",
        "w:noHBand": "1",
        "w:noVBand": "1",
    }
    properties.append(element("w:tblLook", {"w:val": "06A0", **heads}))
    properties.append(element("w:tblCaption", {"w:val": printable(title)}))
    put_in_order(properties, OF_TABLES)


def _heads(grid: Any, panel: Panel, style: HouseStyle) -> None:
    for heads in panel.heads:
        row = grid.add_row()
        row._tr.get_or_add_trPr().append(element("w:tblHeader", {}))
        place = 0
        for head in heads:
            cell = row.cells[place]
            if head.span > 1:
                cell = cell.merge(row.cells[place + head.span - 1])
            if head.span > 1 and head.text:
                rule([cell], "bottom", style)
            _fill(cell, head.text, WD_ALIGN_PARAGRAPH.CENTER if place else WD_ALIGN_PARAGRAPH.LEFT)
            place += head.span


def _fill(cell: Any, text: Runs, alignment: Any, *, indent: float = 0.0) -> None:
    paragraph = cell.paragraphs[0]
    paragraph._p.style = TEXT_STYLE
    paragraph.alignment = alignment
    if indent:
        paragraph.paragraph_format.left_indent = Pt(indent)
    add_label(paragraph, text)


def _number(cell: Any, text: str, column: Column) -> None:
    """A value on a decimal tab: word processors align it on its decimal mark. A dash stands in the middle."""
    paragraph = cell.paragraphs[0]
    paragraph._p.style = TEXT_STYLE
    if text == ABSENT:
        paragraph.alignment = WD_ALIGN_PARAGRAPH.CENTER
        paragraph.add_run(text)
        return
    if column.words:
        paragraph.paragraph_format.left_indent = Pt(column.mark)
    else:
        paragraph.paragraph_format.tab_stops.add_tab_stop(Pt(column.mark), WD_TAB_ALIGNMENT.DECIMAL)
    paragraph.add_run(printable(text))


def text_width(text: str, size: float) -> float:
    """About how wide a text is in a book serif of this size, in points."""
    ems = sum(0.31 if c in NARROW else 0.74 if c in WIDE else 0.5 for c in text)
    return 1.06 * ems * size
