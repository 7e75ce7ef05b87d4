"""The first look as one self-contained HTML page: facts, findings, a page for each variable, missing values, correlations, rows."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path
from typing import Any

import numpy as np
from jinja2 import Environment, select_autoescape

from istrel.english import english
from istrel.render.intake.drawings import beyond, histogram, missing_map, shape
from istrel.render.intake.told import Told, structure_said
from istrel.study.intake import Intake
from istrel.study.report import MOST_CORRELATED, Page, Report, report_of
from istrel.study.rows import unit
from istrel.version import VERSION

MOST_ROWS = 12
LETTERS = 60  # of a cell of first and last rows


def render(intake: Intake, told: Told = str, language: str = "en") -> bytes:
    """The page. UTF-8."""
    report = report_of(intake)
    page: str = _template(told).render(
        intake=intake,
        report=report,
        language=language,
        figures=[(told(figure), told(words)) for figure, words in figures(intake)],
        missing_map=missing_map(intake.map),
        correlations=correlations(report),
        many_measures=len(report.measures) == MOST_CORRELATED,
        structure=[told(line) for line in structure_said(intake)],
        most=MOST_ROWS,
        version=VERSION,
    )
    return page.encode()


def figures(intake: Intake) -> list[tuple[str, str]]:
    """The large figures of the file: what, and of what."""
    facts, alone = intake.file, unit(intake.data.codebook) == "case"
    ones = english("[case|cases]", n=facts.rows) if alone else english("[row|rows]", n=facts.rows)
    complete = english("complete cases") if alone else english("complete rows")
    found: list[tuple[str, str]] = [
        (english("{n:,}", n=facts.rows), ones),
        (english("{n:,}", n=facts.columns), english("[variable|variables]", n=facts.columns)),
        (english("{share:.1f} %", share=100 * facts.missing_share), english("of values missing")),
        (english("{n:,}", n=facts.complete), complete),
    ]
    return [*found, (f"{facts.first_day} – {facts.last_day}", facts.dated)] if facts.dated else found


def correlations(report: Report) -> list[list[tuple[str, str]]]:
    """(r as text, its shade) of the pairs below the diagonal, a list for each measure."""
    lines = []
    for place in range(len(report.measures)):
        mine = report.correlations[place, :place]
        lines.append(
            [(r_text(float(r)), _shade(float(r))) for r in mine] + [("", "")] * (len(report.measures) - 1 - place)
        )
    return lines


def r_text(r: float) -> str:
    """A correlation with two decimals and no leading zero; 1.00 only where it is 1."""
    if not np.isfinite(r):
        return "–"
    shown = min(abs(r), 0.99) if abs(r) < 1 - 1e-12 else 1.0
    return f"{'−' if r < 0 and round(shown, 2) else ''}{shown:.2f}".replace("0.", ".")


def _shade(r: float) -> str:
    """Green for what goes up together, red for what goes against each other."""
    colour = "65,111,105" if r >= 0 else "200,57,31"
    return f"rgba({colour},{0.55 * abs(r):.2f})" if np.isfinite(r) else "none"


def _labelled(page: Page) -> bool:
    return any(one.label for one in page.values)


def _largest(page: Page) -> float:
    return max((one.share for one in page.values), default=1.0) or 1.0


@lru_cache(maxsize=4)
def _template(told: Told) -> Any:
    def say(template: str, /, **parts: object) -> str:
        return told(english(template, **parts))

    environment = Environment(autoescape=select_autoescape(default=True), trim_blocks=True, lstrip_blocks=True)
    environment.globals |= {
        "shape": shape,
        "histogram": histogram,
        "beyond": beyond,
        "labelled": _labelled,
        "largest": _largest,
        "r_text": r_text,
        "say": say,
        "told": told,
    }
    environment.filters["told"] = told
    return environment.from_string((Path(__file__).parent / "page.html").read_text(encoding="utf-8"))
