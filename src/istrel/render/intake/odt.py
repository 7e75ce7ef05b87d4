"""The first look as an OpenDocument text: facts, findings, variables, missing values, a page for each variable, rows."""

from __future__ import annotations

from collections.abc import Sequence
from hashlib import sha256
from itertools import zip_longest
from typing import Any

from odfdo import Frame, Header, Paragraph, Span

from istrel.data.screening import Finding
from istrel.english import english, together
from istrel.problem import one_line
from istrel.render.intake.drawings import TALL_PAGE, WIDE, beyond, histogram
from istrel.render.intake.html import MOST_ROWS, figures, r_text
from istrel.render.intake.told import Told, structure_said
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


def render(intake: Intake, told: Told = str, language: str = "en") -> bytes:
    """An .odt file."""
    every = (WIDTHS, PATTERN_WIDTHS, NUMBER_WIDTHS, VALUE_WIDTHS, END_WIDTHS, RELATED_WIDTHS, ROW_WIDTHS)
    document, report = text_document(every), report_of(intake)
    del language  # documents of this kind are read in the language of the reader
    body = document.body
    _findings(body, intake, told)
    _variables(body, intake, told)
    body.append(Header(2, told(english("Variable by variable"))))
    for page in report.pages[:MOST_PRINTED]:
        _page(document, page, told)
    if (more := len(intake.variables) - MOST_PRINTED) > 0:
        first = english("The first {n:,}; {more:,} more are in the list.", n=MOST_PRINTED, more=more)
        body.append(Paragraph(told(first)))
    _rows(body, report, told)
    return saved(document)


def _findings(body: Any, intake: Intake, told: Told) -> None:
    body.append(Header(1, intake.source.name))
    body.append(Paragraph(" · ".join(f"{told(figure)} {told(words)}" for figure, words in figures(intake))))
    if intake.source.reading:
        body.append(Paragraph(intake.source.reading))
    for said in structure_said(intake):
        body.append(Paragraph(one_line(told(said))))
    for remark in intake.source.remarks:
        body.append(Paragraph(one_line(told(remark))))
    body.append(Header(2, told(english("What to look at") if intake.findings else english("Nothing to look at"))))
    for finding in intake.findings:
        line = Paragraph("")
        line.append(Span(one_line(told(finding.lead)), style="Strong"))
        line.append(Span(one_line(f" {told(finding.says)} {_rows_of(finding, told)}".rstrip())))
        body.append(line)
    if intake.sound:
        sound = english("Looked at and found sound: {what}.", what=together(intake.sound, ", "))
        body.append(Paragraph(told(sound)))


def _rows_of(finding: Finding, told: Told) -> str:
    """Where a finding stands; nothing where it stands nowhere."""
    if not finding.rows:
        return ""
    n, rows = len(finding.rows), ", ".join(map(str, finding.rows[:MOST_ROWS]))
    where = [told(english("[row|rows] {rows}", n=n, rows=rows))]
    where += [told(english("and {n:,} more", n=n - MOST_ROWS))] if n > MOST_ROWS else []
    return f"({' '.join(where)})"


def _variables(body: Any, intake: Intake, told: Told) -> None:
    def number(n: int) -> str:
        return told(english("{n:,}", n=n))

    body.append(Header(2, told(english("Variables"))))
    heads = list(map(told, map(english, ("Level", "Variable", "Valid", "Missing", "Distinct", "At a glance"))))
    lines = [
        [told(english(f.level.value)), f.name, number(f.valid), number(f.missing), number(f.distinct), told(f.glance)]
        for f in intake.variables
    ]
    body.append(ruled_table("Variables", [heads, *lines], WIDTHS, first_number=2, last_number=4))
    body.append(Header(2, told(english("Missing values"))))
    nothing = told(english("nothing: complete cases"))
    patterns = [[number(p.count), ", ".join(p.variables) or nothing] for p in intake.patterns]
    above = [told(english("Cases")), told(english("Missing together"))]
    body.append(ruled_table("Missing", [above, *patterns], PATTERN_WIDTHS, first_number=0, last_number=0))


def _page(document: Any, page: Page, told: Told) -> None:
    body = document.body
    body.append(Header(3, one_line(page.name)))
    called = ", ".join(filter(None, (page.label, page.unit)))
    gone = [english("{n:,} missing ({why})", n=count, why=why) for why, count in page.missing]
    size = english("{n:,} valid", n=page.valid), english("{n:,} distinct", n=page.distinct)
    about = [called, told(english(page.level.value)), *map(told, (*size, *gone))]
    body.append(Paragraph(one_line(" · ".join(filter(None, about)))))
    for line in page.findings:
        body.append(Paragraph(one_line(told(line))))
    if page.personal:
        body.append(Paragraph(told(english("Marked as personal: its values are not shown."))))
    if page.drawn is not None:
        _drawing(document, page, told)
    if page.numbers:
        beside = zip_longest(page.numbers, page.quantiles, fillvalue=("", ""))
        heads = told(english("In numbers")), "", told(english("Quantiles")), ""
        _table(body, page, "numbers", heads, [(told(a[0]), a[1], *b) for a, b in beside], NUMBER_WIDTHS)
    if page.values:
        values = [
            (v.value, v.label, *map(told, (english("{n:,}", n=v.count), english("{share:.1f} %", share=100 * v.share))))
            for v in page.values
        ]
        values += [(told(english("others")), "", told(english("{n:,}", n=page.others)), "")] if page.others else []
        head = told(english("Values") if page.level.categorical else english("Most frequent"))
        _table(body, page, "values", (head, told(english("Label")), "n", "%"), values, VALUE_WIDTHS)
    if page.lowest:
        ends = [(low, str(a), high, str(b)) for (low, a), (high, b) in zip(page.lowest, page.highest, strict=True)]
        _table(
            body, page, "ends", tuple(map(told, map(english, ("Lowest", "Row", "Highest", "Row")))), ends, END_WIDTHS
        )
    if page.related:
        lines = [(name, r_text(r)) for name, r in page.related]
        _table(body, page, "related", (told(english("Goes with")), "r"), lines, RELATED_WIDTHS)


def _table(
    body: Any, page: Page, what: str, heads: Sequence[str], lines: Sequence[Sequence[str]], widths: Sequence[float]
) -> None:
    rows = [list(heads), *map(list, lines)]
    body.append(ruled_table(f"{page.name} {what}", rows, widths, first_number=1, last_number=len(widths) - 1))
    body.append(Paragraph(""))


def _drawing(document: Any, page: Page, told: Told) -> None:
    assert page.drawn is not None
    svg = str(histogram(page.drawn, one_line(page.name))).encode()
    uri = f"Pictures/{sha256(page.name.encode()).hexdigest()[:16]}.svg"
    document.container.set_part(uri, svg)
    document.manifest.add_full_path(uri, "image/svg+xml")
    line = Paragraph("")
    size = (f"{DRAWN_CM}cm", f"{DRAWN_CM * TALL_PAGE / WIDE:.2f}cm")
    title = told(english("Histogram of {name}", name=one_line(page.name)))
    frame: Any = Frame.image_frame(uri, size=size, anchor_type="as-char", name=title)
    frame.svg_title = title
    line.append(frame)
    document.body.append(line)
    if words := beyond(page.drawn):
        document.body.append(Paragraph(told(words)))


def _rows(body: Any, report: Report, told: Told) -> None:
    """The first rows, of the variables that stand side by side on a page."""
    body.append(Header(2, told(english("First and last rows"))))
    many = len(ROW_WIDTHS) - 1
    for start in range(0, min(len(report.names), MOST_PRINTED), many):
        names = report.names[start : start + many]
        lines = [[str(row), *texts[start : start + many]] for row, texts in (*report.first, *report.last)]
        widths = ROW_WIDTHS[: len(names) + 1]
        body.append(
            ruled_table(
                f"Rows {start}",
                [[told(english("row")), *names], *lines],
                ROW_WIDTHS if len(names) == many else widths,
                first_number=0,
                last_number=0,
            )
        )
        body.append(Paragraph(""))
