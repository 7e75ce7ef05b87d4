"""What all OpenDocument texts are made of: their styles, and tables ruled under each row."""

from __future__ import annotations

import io
import re
from collections.abc import Collection, Sequence
from typing import Any

from odfdo import Cell, Column, Document, Element, Paragraph, Row, Style, Table

from istrel.problem import one_line

NO_NAME = re.compile(r"[^\w .-]")  # what the name of a table cannot hold
RULE, NONE = "0.3pt solid #8a9690", "none"
SERIF = {"fo:font-family": "'Source Serif 4', 'Liberation Serif', serif", "style:font-name": "Liberation Serif"}
HEADINGS = {"Heading_20_1": "16pt", "Heading_20_2": "11.5pt"}


def text_document(widths: Collection[Sequence[float]]) -> Document:
    """An empty text with styles for headings without numbers and for tables whose columns have these widths, in cm."""
    document = Document("text")
    document.body.clear()
    document.insert_style(Style("text", name="Strong", bold=True))
    beside = Style("text", name="Beside")
    beside.set_properties({"fo:font-size": "9pt", "fo:font-weight": "normal"}, area="text")
    document.insert_style(beside)
    for name, align, size, below in (
        ("Words", "start", "9.5pt", "0cm"),
        ("Figures", "end", "9.5pt", "0cm"),
        ("Says", "start", "10pt", "0.1cm"),
    ):
        _insert(
            document, "paragraph", name, {"fo:text-align": align, "fo:margin-bottom": below}, {"fo:font-size": size}
        )
    for name, size in HEADINGS.items():
        heading: Any = document.get_style("paragraph", name)
        if heading is not None:
            heading.set_properties({**SERIF, "fo:font-size": size, "fo:font-style": "normal"}, area="text")
    outline = document.styles.get_element("//text:outline-style")
    if outline is not None:
        outline.delete()
    for columns in set(map(tuple, widths)):
        table = Style("table", name=_table_style(columns))
        table.set_properties({"style:width": f"{sum(columns):.1f}cm", "table:align": "left"}, area="table")
        document.insert_style(table, automatic=True)
    for tenths in {round(10 * width) for columns in widths for width in columns}:
        document.insert_style(Style("table-column", name=f"Width{tenths}", width=f"{tenths / 10}cm"), automatic=True)
    ruled = Style("table-cell", name="Ruled")
    borders = {"fo:border-bottom": RULE, "fo:border-top": NONE, "fo:border-left": NONE, "fo:border-right": NONE}
    ruled.set_properties({**borders, "fo:padding": "0.05cm", "fo:padding-right": "0.15cm"}, area="table-cell")
    document.insert_style(ruled, automatic=True)
    return document


def _insert(document: Document, family: str, name: str, paragraph: dict[str, str], text: dict[str, str]) -> None:
    style = Style(family, name=name)
    style.set_properties(paragraph, area="paragraph")
    style.set_properties(text, area="text")
    document.insert_style(style)


def _table_style(widths: Sequence[float]) -> str:
    return f"Wide{round(10 * sum(widths))}"


def ruled_table(
    name: str, rows: Sequence[Sequence[str]], widths: Sequence[float], *, first_number: int, last_number: int
) -> Table:
    """A table of texts under a head that is repeated, ruled under each row; columns of numbers stand on the right."""
    table = Table(NO_NAME.sub("_", name).strip() or "Table", style=_table_style(widths))
    for width in widths:
        table.append(Column(style=f"Width{round(10 * width)}"))
    heads = Element.from_tag("table:table-header-rows")
    table.append(heads)
    for number, texts in enumerate(rows):
        line = Row()
        for place, text in enumerate(texts):
            cell = Cell(style="Ruled")
            cell.append(Paragraph(one_line(text), style="Figures" if first_number <= place <= last_number else "Words"))
            line.append(cell)
        (table if number else heads).append(line)
    return table


def saved(document: Any) -> bytes:
    """The bytes of its file."""
    buffer = io.BytesIO()
    document.save(buffer)
    return buffer.getvalue()
