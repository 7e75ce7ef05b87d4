"""The codebook as an OpenDocument text."""

from __future__ import annotations

from odfdo import Header, Paragraph, Span

from istrel.render.codebook.widths import column_widths
from istrel.render.odf_parts import ruled_table, saved, text_document
from istrel.study.printed_codebook import PrintedCodebook

PAGE_CM = 17.0


def render(codebook: PrintedCodebook) -> bytes:
    """An .odt file: a heading, a line in words and a small table for each entry."""
    grids = [entry.grid for entry in codebook.entries if entry.grid is not None]
    document = text_document([column_widths(grid, PAGE_CM) for grid in grids])
    body = document.body
    body.append(Header(1, codebook.title))
    body.append(Paragraph(codebook.about, style="Says"))
    for number, entry in enumerate(codebook.entries, start=1):
        heading = Header(2, entry.title)
        if entry.name:
            heading.append(Span(f"  {entry.name}", style="Beside"))
        body.append(heading)
        body.append(Paragraph(entry.says, style="Says"))
        if entry.grid is not None and entry.grid.rows:
            rows, widths = [entry.grid.heads, *entry.grid.rows], column_widths(entry.grid, PAGE_CM)
            first, last = entry.grid.first_number, len(entry.grid.heads) - 1
            body.append(ruled_table(f"Entry{number}", rows, widths, first_number=first, last_number=last))
            body.append(Paragraph(entry.grid.note, style="Words"))
    return saved(document)
