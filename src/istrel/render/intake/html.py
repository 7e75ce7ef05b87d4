"""The intake as one self-contained HTML page: facts, findings, variables with drawings, the map of missing values."""

from __future__ import annotations

from functools import cache
from typing import Any

import numpy as np
from jinja2 import Environment, select_autoescape
from markupsafe import Markup

from istrel.counting import noun
from istrel.data.patterns import MissingMap
from istrel.study.intake import Intake
from istrel.version import VERSION

MOST_ROWS = 12
PAGE = """<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta name="generator" content="Istrel {{ version }}">
<title>{{ intake.source.name }}: intake</title>
<style>
body { font: 15px/1.45 "Source Sans 3", "Noto Sans", sans-serif; color: #1c2421; background: #fffdf7; margin: 2.5em auto; max-width: 62em; padding: 0 1.5em; }
h1, h2, .figure b { font-family: "Source Serif 4", "Noto Serif", serif; font-weight: normal; }
h1 { font-size: 1.5em; margin: 0 0 .6em; } h2 { font-size: 1.2em; margin: 2em 0 .6em; }
.figures { display: flex; flex-wrap: wrap; gap: 2.5em; }
.figure b { display: block; font-size: 2em; line-height: 1.1; } .figure span, .quiet { color: #586660; font-size: .88em; }
ol { list-style: none; padding: 0; } ol li { border-left: 4px solid #b08a2e; padding: .35em 0 .35em .9em; margin: 0 0 .6em; }
ol li.wrong { border-color: #c8391f; }
table { border-collapse: collapse; width: 100%; } th { text-align: left; font-size: .85em; color: #586660; }
th, td { border-bottom: 1px solid #d5ddd5; padding: .3em .6em .3em 0; vertical-align: middle; } td.n, th.n { text-align: right; font-variant-numeric: tabular-nums; }
svg { display: block; }
</style>
</head>
<body>
<h1>{{ intake.source.name }}</h1>
<div class="figures">
{% for figure, words in figures %}<div class="figure"><b>{{ figure }}</b><span>{{ words }}</span></div>
{% endfor %}</div>
<p class="quiet">{{ intake.source.reading }}{% if intake.source.sha256 %} · SHA-256 {{ intake.source.sha256 }}{% endif %}</p>
{% if intake.source.remarks %}<h2>How it was read</h2>
<ol>
{% for remark in intake.source.remarks %}<li>{{ remark }}</li>
{% endfor %}</ol>
{% endif %}<h2>{{ "Nothing to look at" if not intake.findings else "What to look at" }}</h2>
<ol>
{% for finding in intake.findings %}
<li{% if finding.changes_numbers %} class="wrong"{% endif %}><b>{{ finding.lead }}</b> {{ finding.says }}
{% if finding.rows %}<div class="quiet">{{ "row" if finding.rows|length == 1 else "rows" }} {{ finding.rows[:most]|join(", ") }}{% if finding.rows|length > most %} and {{ "{:,}".format(finding.rows|length - most) }} more{% endif %}</div>{% endif %}
</li>
{% endfor %}
</ol>
{% if intake.sound %}<p class="quiet">Looked at and found sound: {{ intake.sound|join(", ") }}.</p>
{% endif %}<h2>Variables</h2>
<table>
<thead><tr><th>Level</th><th>Variable</th><th>Shape</th><th class="n">Valid</th><th class="n">Missing</th><th class="n">Distinct</th><th>At a glance</th></tr></thead>
<tbody>
{% for facts in intake.variables %}
<tr><td>{{ facts.level.tag }}</td><td><b>{{ facts.name }}</b></td><td>{{ shape(facts.shape) }}</td><td class="n">{{ "{:,}".format(facts.valid) }}</td><td class="n">{{ "{:,}".format(facts.missing) }}</td><td class="n">{{ "{:,}".format(facts.distinct) }}</td><td>{{ facts.glance }}</td></tr>
{% endfor %}
</tbody>
</table>
<h2>Missing values</h2>
{% if intake.map.names %}
<p class="quiet">Each column is a variable, cases run from top to bottom in the order of the file; the darker, the more is missing.</p>
{{ missing_map }}
<table>
<thead><tr><th class="n">Cases</th><th>Missing together</th></tr></thead>
<tbody>
{% for pattern in intake.patterns %}
<tr><td class="n">{{ "{:,}".format(pattern.count) }}</td><td>{{ pattern.variables|join(", ") or "nothing: complete cases" }}</td></tr>
{% endfor %}
</tbody>
</table>
{% else %}
<p>No value is missing.</p>
{% endif %}
</body>
</html>
"""


def render(intake: Intake) -> bytes:
    """The page. UTF-8."""
    page: str = _template().render(
        intake=intake,
        figures=figures(intake),
        missing_map=_map(intake.map),
        most=MOST_ROWS,
        version=VERSION,
    )
    return page.encode()


def figures(intake: Intake) -> list[tuple[str, str]]:
    """The large figures of the file: what, and of what."""
    facts = intake.file
    found = [
        (f"{facts.rows:,}", noun(facts.rows, "case")),
        (f"{facts.columns:,}", noun(facts.columns, "variable")),
        (f"{100 * facts.missing_share:.1f} %", "of values missing"),
        (f"{facts.complete:,}", "complete cases"),
    ]
    return [*found, (f"{facts.first_day} – {facts.last_day}", facts.dated)] if facts.dated else found


@cache
def _template() -> Any:
    environment = Environment(autoescape=select_autoescape(default=True), trim_blocks=True, lstrip_blocks=True)
    environment.globals["shape"] = _shape
    return environment.from_string(PAGE)


def _shape(heights: tuple[float, ...]) -> Markup:
    if not heights:
        return Markup("")
    width = 100 / len(heights)
    bars = "".join(
        f'<rect x="{place * width:.1f}" y="{20 - 19 * height:.1f}" width="{max(0.5, width - 1):.1f}" height="{19 * height:.1f}"/>'
        for place, height in enumerate(heights)
    )
    return Markup(f'<svg width="100" height="20" fill="#416f69" aria-hidden="true">{bars}</svg>')


def _map(found: MissingMap) -> Markup:
    """Names over columns of stretches; runs of the same shade are one rectangle."""
    if not found.names:
        return Markup("")
    wide = max(6.0, min(24.0, 900 / len(found.names)))
    tall = 240 / found.shares.shape[0]
    marks = []
    for place in range(len(found.names)):
        shade = np.round(found.shares[:, place] * 8) / 8
        starts = np.flatnonzero(np.diff(shade, prepend=-1.0))
        for start, stop in zip(starts, [*starts[1:], shade.size], strict=True):
            if shade[start] > 0:
                marks.append(
                    f'<rect x="{place * wide:.1f}" y="{start * tall:.1f}" width="{wide - 1:.1f}" height="{(stop - start) * tall:.1f}" '
                    f'fill-opacity="{0.25 + 0.75 * shade[start]:.2f}"><title>'
                    + Markup("{}").format(found.names[place])
                    + "</title></rect>"
                )
    size = f'width="{wide * len(found.names):.0f}" height="240"'
    return Markup(f'<svg {size} fill="#c8391f" style="background:#f3f5f0" role="img">{"".join(marks)}</svg>')
