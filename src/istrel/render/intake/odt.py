"""The intake as an OpenDocument text."""

from __future__ import annotations

import io

from odfdo import Document, Header, Paragraph, Span, Style, Table

from istrel.render.intake.html import MOST_ROWS, figures
from istrel.study.intake import Intake

WIDTHS = (2.2, 4.2, 1.6, 1.8, 1.8, 5.4)
PATTERN_WIDTHS = (2.0, 15.0)


def render(intake: Intake) -> bytes:
    """An .odt file: facts, findings, variables, patterns of missing values."""
    document = Document("text")
    _styles(document)
    body = document.body
    body.clear()
    body.append(Header(1, intake.source.name))
    body.append(Paragraph(" · ".join(f"{figure} {words}" for figure, words in figures(intake))))
    if intake.source.reading:
        body.append(Paragraph(intake.source.reading))
    body.append(Header(2, "What to look at" if intake.findings else "Nothing to look at"))
    for finding in intake.findings:
        line = Paragraph("")
        line.append(Span(finding.lead, style="Strong"))
        rows = ", ".join(map(str, finding.rows[:MOST_ROWS]))
        more = f" and {len(finding.rows) - MOST_ROWS:,} more" if len(finding.rows) > MOST_ROWS else ""
        line.append(Span(f" {finding.says}" + (f" Rows {rows}{more}." if rows else "")))
        body.append(line)
    body.append(Header(2, "Variables"))
    heads = ["Level", "Variable", "Valid", "Missing", "Distinct", "At a glance"]
    lines = [
        [f.level.value, f.name, f"{f.valid:,}", f"{f.missing:,}", f"{f.distinct:,}", f.glance] for f in intake.variables
    ]
    body.append(_table("Variables", [heads, *lines], WIDTHS, numbers=(2, 3, 4)))
    body.append(Header(2, "Missing values"))
    patterns = [[f"{p.count:,}", ", ".join(p.variables) or "nothing: complete cases"] for p in intake.patterns]
    body.append(_table("Missing", [["Cases", "Missing together"], *patterns], PATTERN_WIDTHS, numbers=(0,)))
    buffer = io.BytesIO()
    document.save(buffer)
    return buffer.getvalue()


def _styles(document: Document) -> None:
    document.insert_style(Style("text", name="Strong", bold=True))
    document.insert_style(Style("paragraph", name="Figures", align="end"))
    for tenths in {int(10 * width) for width in (*WIDTHS, *PATTERN_WIDTHS)}:
        document.insert_style(Style("table-column", name=f"Width{tenths}", width=f"{tenths / 10}cm"), automatic=True)
    outline = document.styles.get_element("//text:outline-style")
    if outline is not None:
        outline.delete()  # headings without numbers
    wide = Style("table", name="Wide")
    wide.set_properties({"style:width": "17cm", "table:align": "left"}, area="table")
    document.insert_style(wide, automatic=True)
    rule, none = "0.3pt solid #8a9690", "none"
    document.insert_style(
        Style("table-cell", name="Ruled", border_bottom=rule, border_top=none, border_left=none, border_right=none),
        automatic=True,
    )


def _table(name: str, rows: list[list[str]], widths: tuple[float, ...], *, numbers: tuple[int, ...]) -> Table:
    """A table of texts, ruled under each row; columns of numbers stand on the right."""
    table = Table(name, width=len(rows[0]), height=len(rows))
    table.set_values(rows)
    table.style = "Wide"
    for place, width in enumerate(widths):
        column = table.get_column(place)
        column.repeated, column.style = None, f"Width{int(10 * width)}"
        table.set_column(place, column)
    for line in table.rows:
        for cell in line.cells:
            cell.style = "Ruled"
            if cell.x in numbers:
                for paragraph in cell.get_elements("text:p"):
                    paragraph.set_attribute("text:style-name", "Figures")
            line.set_cell(cell.x or 0, cell)
        table.set_row(line.y or 0, line)
    return table
