"""The codebook as a word-processor document: headings, lines in words, small ruled tables with repeated heads."""

from __future__ import annotations

import io
from datetime import UTC, datetime
from typing import Any

import docx
from docx.enum.text import WD_ALIGN_PARAGRAPH
from docx.shared import Cm, Mm, Pt

from istrel.exhibits.printing import printable
from istrel.render.codebook.widths import column_widths
from istrel.render.word.parts import element, font, rule, undated
from istrel.study.printed_codebook import Grid, PrintedCodebook
from istrel.style.house import HouseStyle, load_style

PAGE_CM = 16.0
SIZES = {"Normal": 10.0, "Heading 1": 16.0, "Heading 2": 11.5}


def render(codebook: PrintedCodebook) -> bytes:
    """The .docx file. The same codebook gives the same bytes."""
    word, style = docx.Document(), load_style()
    _dress(word, style)
    word.add_paragraph(printable(codebook.title), style="Heading 1")
    word.add_paragraph(codebook.about, style="Normal")
    for entry in codebook.entries:
        heading = word.add_paragraph(printable(entry.title), style="Heading 2")
        if entry.name:
            beside = heading.add_run(printable(f"  {entry.name}"))
            beside.bold, beside.font.size = False, Pt(9)
        says = word.add_paragraph(printable(entry.says), style="Normal")
        if entry.grid is not None and entry.grid.rows:
            says.paragraph_format.keep_with_next = True
            _grid(word, entry.grid, style)
    out = io.BytesIO()
    word.save(out)
    return undated(out.getvalue())


def _dress(word: Any, style: HouseStyle) -> None:
    section = word.sections[0]
    section.page_width, section.page_height = Mm(210), Mm(297)
    section.left_margin = section.right_margin = section.top_margin = section.bottom_margin = Mm(25)
    stamp = datetime(2000, 1, 1, tzinfo=UTC)
    word.core_properties.created = word.core_properties.modified = stamp
    word.core_properties.author = word.core_properties.comments = ""
    word.core_properties.title = "Codebook"
    for name, size in SIZES.items():
        font(word.styles[name], style, size)
        word.styles[name].paragraph_format.space_after = Pt(3)
    word.styles["Heading 2"].paragraph_format.space_before = Pt(14)


def _grid(word: Any, grid: Grid, style: HouseStyle) -> None:
    """A table with a rule over and under its head and at its foot."""
    made = word.add_table(rows=0, cols=len(grid.heads))
    made.autofit = False
    widths = column_widths(grid, PAGE_CM)
    for column, width in zip(made.columns, widths, strict=True):
        column.width = Cm(width)
    for number, texts in enumerate((grid.heads, *grid.rows)):
        row = made.add_row()
        row._tr.get_or_add_trPr().append(element("w:cantSplit" if number else "w:tblHeader", {}))
        for place, (cell, text) in enumerate(zip(row.cells, texts, strict=True)):
            cell.width = Cm(widths[place])
            paragraph = cell.paragraphs[0]
            paragraph.paragraph_format.space_before = paragraph.paragraph_format.space_after = Pt(1.5)
            paragraph.paragraph_format.keep_with_next = number < min(len(grid.rows), 3)
            if place >= grid.first_number:
                paragraph.alignment = WD_ALIGN_PARAGRAPH.RIGHT
            paragraph.add_run(printable(text)).font.size = Pt(9)
    rule(made.rows[0].cells, "top", style)
    for place in (0, len(grid.rows)):
        rule(made.rows[place].cells, "bottom", style)
    if grid.note:
        word.add_paragraph().add_run(grid.note).font.size = Pt(8.5)
