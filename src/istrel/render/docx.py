"""Word-processor documents: real tables with paragraph styles, numbering fields, repeated heads and decimal tabs."""

from __future__ import annotations

import io
from collections.abc import Hashable
from copy import deepcopy
from dataclasses import replace
from datetime import UTC, datetime
from typing import Any

import docx
from docx.enum.section import WD_ORIENT, WD_SECTION
from docx.enum.style import WD_STYLE_TYPE
from docx.enum.table import WD_TABLE_ALIGNMENT
from docx.enum.text import WD_ALIGN_PARAGRAPH, WD_TAB_ALIGNMENT
from docx.opc.constants import RELATIONSHIP_TYPE
from docx.opc.packuri import PackURI
from docx.opc.part import Part
from docx.oxml import parse_xml
from docx.oxml.ns import nsmap, qn
from docx.shared import Mm, Pt

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import (
    PrintedRow,
    PrintedTable,
    Runs,
    plain_text,
    print_notes,
    print_table,
    print_text,
    print_title,
)
from istrel.exhibits.table import TableSheet
from istrel.render.columns import Column
from istrel.render.document import Document, Item
from istrel.render.tables import LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM, TURNED_MM, Page, Panel, lay_out
from istrel.render.word_parts import element, font, printable, rule, undated
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

NARROW, WIDE = set(" .,:;!'|ijlftI()[]−-"), set("mwMWABCDEGHKNOQRUVXY%&@—")
INDENT_PT, GAP_PT = 12.0, 14.0
MOST_ROWS_TOGETHER = 36
SPACE = "{http://www.w3.org/XML/1998/namespace}space"
VECTOR_URI = "{96DAC541-7B7A-43D3-8B79-37D633B846F1}"  # of the open standard’s extension for SVG in pictures
VECTOR = "http://schemas.microsoft.com/office/drawing/2016/SVG/main"
STYLES = ("Table label", "Table title", "Table text", "Table note")


def render(document: Document) -> bytes:
    """The .docx file. The same exhibits give the same bytes."""
    word = docx.Document()
    _page(word, document.style)
    _define_styles(word, document.style)
    for item in document.items:
        if isinstance(item.exhibit.sheet, TableSheet):
            _table(word, item, item.exhibit.sheet, document.style)
        else:
            _turn(word, document.style, turned=False)
            _figure(word, item, item.exhibit.sheet, document.style)
        if item.with_text and item.exhibit.text:
            _add_runs(word.add_paragraph(style="Normal"), print_text(item.exhibit.text, document.style))
    out = io.BytesIO()
    word.save(out)
    return undated(out.getvalue())


def _page(word: Any, style: HouseStyle) -> None:
    section = word.sections[0]
    section.page_width, section.page_height = Mm(210), Mm(297)
    section.left_margin = section.right_margin = _side(style)
    section.top_margin = section.bottom_margin = Mm(25)
    stamp = datetime(2000, 1, 1, tzinfo=UTC)
    word.core_properties.created = word.core_properties.modified = stamp
    word.core_properties.author = word.core_properties.comments = ""
    word.core_properties.title = "Tables and figures"


def _define_styles(word: Any, style: HouseStyle) -> None:
    normal = word.styles["Normal"]
    font(normal, style, style.fonts.table_pt + 1.5)
    normal.paragraph_format.space_after = Pt(8)
    normal.paragraph_format.line_spacing = 1.15
    for name in STYLES:
        made = word.styles.add_style(name, WD_STYLE_TYPE.PARAGRAPH)
        made.base_style = normal
        font(made, style, style.fonts.table_pt)
        made.paragraph_format.space_before = made.paragraph_format.space_after = Pt(0)
        made.paragraph_format.line_spacing = 1.0
    word.styles["Table label"].font.bold = style.table.label_bold
    word.styles["Table label"].paragraph_format.space_before = Pt(18)
    word.styles["Table label"].paragraph_format.space_after = Pt(4)
    word.styles["Table title"].font.italic = style.table.title_italic
    word.styles["Table title"].paragraph_format.space_after = Pt(6)
    word.styles["Table note"].paragraph_format.space_before = Pt(4)
    word.styles["Table note"].font.size = Pt(style.fonts.table_pt - 1)
    for name in ("Table label", "Table title"):
        word.styles[name].paragraph_format.keep_with_next = True
    for name in ("Table text",):
        word.styles[name].paragraph_format.space_before = word.styles[name].paragraph_format.space_after = Pt(2.5)


def _caption(word: Any, item: Item, style: HouseStyle) -> None:
    """The label with a numbering field inside a bookmark, so that the text can refer to it; then the title."""
    kind = "Figure" if item.exhibit.is_figure else "Table"
    before, _, after = item.label(style).partition(item.number)
    paragraph = word.add_paragraph(style="Table label")
    mark = f"_{kind}_{item.number}"
    identity = str(1000 + int("".join(c for c in item.number if c.isdigit()) or 0) + (500 if kind == "Figure" else 0))
    paragraph._p.append(element("w:bookmarkStart", {"w:id": identity, "w:name": mark}))
    paragraph.add_run(before)
    field = element("w:fldSimple", {"w:instr": f" SEQ {kind} \\* ARABIC "})
    run = paragraph.add_run(item.number)
    field.append(run._r)
    paragraph._p.append(field)
    if after:
        paragraph.add_run(after)
    paragraph._p.append(element("w:bookmarkEnd", {"w:id": identity}))
    word.add_paragraph(printable(print_title(item.exhibit.sheet, style)), style="Table title")


def _add_runs(paragraph: Any, text: Runs) -> None:
    for run in text:
        paragraph.add_run(printable(run.text)).italic = run.italic or None


def _table(word: Any, item: Item, sheet: TableSheet, style: HouseStyle) -> None:
    """The caption, a table for each panel, the notes; on a page of its own, turned, where it is too wide."""
    table = print_table(sheet, style, item.number)
    size = style.fonts.table_pt
    layout = lay_out(table, lambda text: text_width(text, size), style.numbers.decimal_mark, _room(style))
    _turn(word, style, turned=layout.turned)
    _caption(word, item, style)
    for place, panel in enumerate(layout.panels):
        if place:
            word.add_paragraph(style="Table note")
        _panel(word, table, panel, style)
    for note in table.notes:
        _add_runs(word.add_paragraph(style="Table note"), note)


def _room(style: HouseStyle) -> Page:
    upright, turned, *sizes = (
        Mm(width).pt for width in (style.table.width_mm, TURNED_MM, LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM)
    )
    return Page(upright, turned, GAP_PT, INDENT_PT, *sizes)


def _turn(word: Any, style: HouseStyle, *, turned: bool) -> None:
    """From here on the page stands upright, or lies."""
    section = word.sections[-1]
    if (section.page_width > section.page_height) == turned:
        return
    if any(True for _ in word.element.body.iterchildren(qn("w:p"), qn("w:tbl"))):
        section = word.add_section(WD_SECTION.NEW_PAGE)
    section.orientation = WD_ORIENT.LANDSCAPE if turned else WD_ORIENT.PORTRAIT
    section.page_width, section.page_height = (Mm(297), Mm(210)) if turned else (Mm(210), Mm(297))
    section.left_margin = section.right_margin = Mm(25) if turned else _side(style)


def _side(style: HouseStyle) -> Any:
    return Mm(max(15.0, (210 - style.table.width_mm) / 2))


def _panel(word: Any, table: PrintedTable, panel: Panel, style: HouseStyle) -> None:
    layout = list(panel.columns)
    grid = word.add_table(rows=0, cols=len(layout))
    grid.alignment = WD_TABLE_ALIGNMENT.LEFT
    grid.autofit = False
    _set_widths(grid, layout)
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


def _body(grid: Any, rows: list[PrintedRow], layout: list[Column]) -> None:
    """The rows under the heads. A row that looks like one before it is that row with other words: thousands stay quick."""
    alike: dict[Hashable, Any] = {}
    for row in rows:
        look = (row.indent, tuple(run.italic for run in row.stub), tuple(text == ABSENT for text in row.cells))
        texts = [printable(text) for text in (*(run.text for run in row.stub), *row.cells)]
        plain = all(texts) and not any("\n" in text or "\t" in text for text in texts)
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
    paragraph.style = "Table text"
    paragraph.alignment = alignment
    if indent:
        paragraph.paragraph_format.left_indent = Pt(indent)
    _add_runs(paragraph, text)


def _number(cell: Any, text: str, column: Column) -> None:
    """A value on a decimal tab: word processors align it on its decimal mark. A dash stands in the middle."""
    paragraph = cell.paragraphs[0]
    paragraph.style = "Table text"
    if text == ABSENT:
        paragraph.alignment = WD_ALIGN_PARAGRAPH.CENTER
        paragraph.add_run(text)
        return
    if column.words:
        paragraph.paragraph_format.left_indent = Pt(column.mark)
    else:
        paragraph.paragraph_format.tab_stops.add_tab_stop(Pt(column.mark), WD_TAB_ALIGNMENT.DECIMAL)
    paragraph.add_run(printable(text))


def _figure(word: Any, item: Item, sheet: FigureSheet, style: HouseStyle) -> None:
    from istrel.render.print import draw
    from istrel.render.scene import make_scene

    _caption(word, item, style)
    paragraph = word.add_paragraph(style="Normal")
    width = make_scene(sheet, style).width
    picture = paragraph.add_run().add_picture(io.BytesIO(draw(sheet, style, "png")), width=Mm(width))
    _add_vector(word, picture, draw(sheet, style, "svg", outlines=True), item)
    properties = picture._inline.docPr
    properties.set("descr", plain_text(sheet.alt, style))
    properties.set("title", print_title(sheet, style))
    for note in print_notes(sheet.notes, style):
        _add_runs(word.add_paragraph(style="Table note"), note)


def _add_vector(word: Any, picture: Any, drawing: bytes, item: Item) -> None:
    """The same figure as vectors beside its pixels: word processors that know them show those."""
    name = PackURI(f"/word/media/figure{item.number}.svg")
    part = Part(name, "image/svg+xml", drawing, word.part.package)
    found = word.part.relate_to(part, RELATIONSHIP_TYPE.IMAGE)
    blip = next(picture._inline.iter(qn("a:blip")))
    extension = parse_xml(
        f'<a:extLst xmlns:a="{nsmap["a"]}"><a:ext uri="{VECTOR_URI}"><asvg:svgBlip xmlns:asvg="{VECTOR}" '
        f'xmlns:r="{nsmap["r"]}" r:embed="{found}"/></a:ext></a:extLst>'
    )
    blip.append(extension)


def text_width(text: str, size: float) -> float:
    """About how wide a text is in a book serif of this size, in points."""
    ems = sum(0.31 if c in NARROW else 0.74 if c in WIDE else 0.5 for c in text)
    return 1.06 * ems * size
