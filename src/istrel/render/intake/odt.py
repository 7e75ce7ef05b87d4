"""The intake as an OpenDocument text."""

from __future__ import annotations

from odfdo import Header, Paragraph, Span

from istrel.render.intake.html import MOST_ROWS, figures
from istrel.render.odf_parts import ruled_table, saved, text_document
from istrel.study.intake import Intake

WIDTHS = (2.2, 4.2, 1.6, 1.8, 1.8, 5.4)
PATTERN_WIDTHS = (2.0, 15.0)


def render(intake: Intake) -> bytes:
    """An .odt file: facts, findings, variables, patterns of missing values."""
    document = text_document((WIDTHS, PATTERN_WIDTHS))
    body = document.body
    body.append(Header(1, intake.source.name))
    body.append(Paragraph(" · ".join(f"{figure} {words}" for figure, words in figures(intake))))
    if intake.source.reading:
        body.append(Paragraph(intake.source.reading))
    for remark in intake.source.remarks:
        body.append(Paragraph(remark))
    body.append(Header(2, "What to look at" if intake.findings else "Nothing to look at"))
    for finding in intake.findings:
        line = Paragraph("")
        line.append(Span(finding.lead, style="Strong"))
        rows = ", ".join(map(str, finding.rows[:MOST_ROWS]))
        more = f" and {len(finding.rows) - MOST_ROWS:,} more" if len(finding.rows) > MOST_ROWS else ""
        line.append(Span(f" {finding.says}" + (f" Rows {rows}{more}." if rows else "")))
        body.append(line)
    if intake.sound:
        body.append(Paragraph(f"Looked at and found sound: {', '.join(intake.sound)}."))
    body.append(Header(2, "Variables"))
    heads = ["Level", "Variable", "Valid", "Missing", "Distinct", "At a glance"]
    lines = [
        [f.level.value, f.name, f"{f.valid:,}", f"{f.missing:,}", f"{f.distinct:,}", f.glance] for f in intake.variables
    ]
    body.append(ruled_table("Variables", [heads, *lines], WIDTHS, first_number=2, last_number=4))
    body.append(Header(2, "Missing values"))
    patterns = [[f"{p.count:,}", ", ".join(p.variables) or "nothing: complete cases"] for p in intake.patterns]
    body.append(
        ruled_table(
            "Missing", [["Cases", "Missing together"], *patterns], PATTERN_WIDTHS, first_number=0, last_number=0
        )
    )
    return saved(document)
