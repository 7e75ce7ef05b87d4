"""The first look as an OpenDocument text: facts, findings, variables, missing values, a page for each variable, rows."""

from __future__ import annotations

from collections.abc import Sequence
from hashlib import sha256
from itertools import zip_longest
from typing import Any

from odfdo import Frame, Header, Paragraph, Span

from istrel.problem import one_line
from istrel.render.intake.drawings import TALL_PAGE, WIDE, beyond, histogram
from istrel.render.intake.html import MOST_ROWS, figures, r_text
from istrel.render.intake.text import key_said
from istrel.render.odf_parts import ruled_table, saved, text_document
from istrel.study.intake import Intake
from istrel.study.report import Page, Report, report_of

WIDTHS = (2.2, 4.2, 1.6, 1.8, 1.8, 5.4)
PATTERN_WIDTHS = (2.0, 15.0)
NUMBER_WIDTHS = (4.2, 2.6, 2.2, 2.6)
VALUE_WIDTHS = (4.0, 5.0, 2.0, 2.0)
END_WIDTHS = (3.0, 2.0, 3.0, 2.0)
RELATED_WIDTHS = (5.0, 2.0)
ROW_WIDTHS = (1.6, *(2.6,) * 6)
MOST_PRINTED = 120  # pages of variables; a document is not read beyond
DRAWN_CM = 9.0


def render(intake: Intake) -> bytes:
    """An .odt file."""
    every = (WIDTHS, PATTERN_WIDTHS, NUMBER_WIDTHS, VALUE_WIDTHS, END_WIDTHS, RELATED_WIDTHS, ROW_WIDTHS)
    document, report = text_document(every), report_of(intake)
    body = document.body
    _findings(body, intake)
    _variables(body, intake)
    body.append(Header(2, "Variable by variable"))
    for page in report.pages[:MOST_PRINTED]:
        _page(document, page)
    if len(intake.variables) > MOST_PRINTED:
        body.append(
            Paragraph(f"The first {MOST_PRINTED}; {len(intake.variables) - MOST_PRINTED:,} more are in the list.")
        )
    _rows(body, report)
    return saved(document)


def _findings(body: Any, intake: Intake) -> None:
    body.append(Header(1, intake.source.name))
    body.append(Paragraph(" · ".join(f"{figure} {words}" for figure, words in figures(intake))))
    if intake.source.reading:
        body.append(Paragraph(intake.source.reading))
    if intake.key:
        body.append(Paragraph(one_line(key_said(intake))))
    for remark in intake.source.remarks:
        body.append(Paragraph(one_line(remark)))
    body.append(Header(2, "What to look at" if intake.findings else "Nothing to look at"))
    for finding in intake.findings:
        line = Paragraph("")
        line.append(Span(one_line(finding.lead), style="Strong"))
        rows = ", ".join(map(str, finding.rows[:MOST_ROWS]))
        more = f" and {len(finding.rows) - MOST_ROWS:,} more" if len(finding.rows) > MOST_ROWS else ""
        line.append(Span(one_line(f" {finding.says}" + (f" Rows {rows}{more}." if rows else ""))))
        body.append(line)
    if intake.sound:
        body.append(Paragraph(f"Looked at and found sound: {', '.join(intake.sound)}."))


def _variables(body: Any, intake: Intake) -> None:
    body.append(Header(2, "Variables"))
    heads = ["Level", "Variable", "Valid", "Missing", "Distinct", "At a glance"]
    lines = [
        [
            f.level.value,
            f.name,
            f"{f.valid:,}",
            f"{f.missing:,}",
            f"{f.distinct:,}",
            f.glance,
        ]
        for f in intake.variables
    ]
    body.append(ruled_table("Variables", [heads, *lines], WIDTHS, first_number=2, last_number=4))
    body.append(Header(2, "Missing values"))
    patterns = [[f"{p.count:,}", ", ".join(p.variables) or "nothing: complete cases"] for p in intake.patterns]
    body.append(
        ruled_table(
            "Missing", [["Cases", "Missing together"], *patterns], PATTERN_WIDTHS, first_number=0, last_number=0
        )
    )


def _page(document: Any, page: Page) -> None:
    body = document.body
    body.append(Header(3, one_line(page.name)))
    called = ", ".join(filter(None, (page.label, page.unit)))
    gone = [f"{count:,} missing ({why})" for why, count in page.missing]
    about = [called, page.level.value, f"{page.valid:,} valid", f"{page.distinct:,} distinct", *gone]
    body.append(Paragraph(one_line(" · ".join(filter(None, about)))))
    for line in page.findings:
        body.append(Paragraph(one_line(line)))
    if page.personal:
        body.append(Paragraph("Marked as personal: its values are not shown."))
    if page.drawn is not None:
        _drawing(document, page)
    if page.numbers:
        beside = zip_longest(page.numbers, page.quantiles, fillvalue=("", ""))
        _table(body, page, "numbers", ("In numbers", "", "Quantile", ""), [(*a, *b) for a, b in beside], NUMBER_WIDTHS)
    if page.values:
        values = [(v.value, v.label, f"{v.count:,}", f"{100 * v.share:.1f} %") for v in page.values]
        values += [("others", "", f"{page.others:,}", "")] if page.others else []
        head = "Value" if page.level.categorical else "Most frequent"
        _table(body, page, "values", (head, "Label", "n", "%"), values, VALUE_WIDTHS)
    if page.lowest:
        ends = [(low, str(a), high, str(b)) for (low, a), (high, b) in zip(page.lowest, page.highest, strict=True)]
        _table(body, page, "ends", ("Lowest", "Row", "Highest", "Row"), ends, END_WIDTHS)
    if page.related:
        lines = [(name, r_text(r)) for name, r in page.related]
        _table(body, page, "related", ("Goes with", "r"), lines, RELATED_WIDTHS)


def _table(
    body: Any, page: Page, what: str, heads: Sequence[str], lines: Sequence[Sequence[str]], widths: Sequence[float]
) -> None:
    rows = [list(heads), *map(list, lines)]
    body.append(ruled_table(f"{page.name} {what}", rows, widths, first_number=1, last_number=len(widths) - 1))
    body.append(Paragraph(""))


def _drawing(document: Any, page: Page) -> None:
    assert page.drawn is not None
    svg = str(histogram(page.drawn, one_line(page.name))).encode()
    uri = f"Pictures/{sha256(page.name.encode()).hexdigest()[:16]}.svg"
    document.container.set_part(uri, svg)
    document.manifest.add_full_path(uri, "image/svg+xml")
    line = Paragraph("")
    size = (f"{DRAWN_CM}cm", f"{DRAWN_CM * TALL_PAGE / WIDE:.2f}cm")
    frame: Any = Frame.image_frame(uri, size=size, anchor_type="as-char", name=f"Histogram of {one_line(page.name)}")
    frame.svg_title = f"Histogram of {one_line(page.name)}"
    line.append(frame)
    document.body.append(line)
    if words := beyond(page.drawn):
        document.body.append(Paragraph(words))


def _rows(body: Any, report: Report) -> None:
    """The first rows, of the variables that stand side by side on a page."""
    body.append(Header(2, "First and last rows"))
    many = len(ROW_WIDTHS) - 1
    for start in range(0, min(len(report.names), MOST_PRINTED), many):
        names = report.names[start : start + many]
        lines = [[str(row), *texts[start : start + many]] for row, texts in (*report.first, *report.last)]
        widths = ROW_WIDTHS[: len(names) + 1]
        body.append(
            ruled_table(
                f"Rows {start}",
                [["row", *names], *lines],
                ROW_WIDTHS if len(names) == many else widths,
                first_number=0,
                last_number=0,
            )
        )
        body.append(Paragraph(""))
