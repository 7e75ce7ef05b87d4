"""The codebook as one self-contained HTML page."""

from __future__ import annotations

from functools import cache
from typing import Any

from jinja2 import Environment, select_autoescape
from markupsafe import Markup

from istrel.study.printed_codebook import Grid, PrintedCodebook
from istrel.version import VERSION

PAGE = """<!DOCTYPE html>
<html lang="{{ codebook.language }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta name="generator" content="Istrel {{ version }}">
<title>{{ codebook.title }}</title>
<style>
body { font: 15px/1.45 "Source Sans 3", "Noto Sans", sans-serif; color: #1c2421; background: #fffdf7; }
body { margin: 2.5em auto; max-width: 48em; padding: 0 1.5em; }
h1, h2 { font-family: "Source Serif 4", "Noto Serif", serif; }
h1 { font-size: 1.5em; margin: 0 0 .3em; } h2 { font-size: 1.1em; margin: 0 0 .1em; overflow-wrap: anywhere; }
h2 span { font: .82em "Source Sans 3", "Noto Sans", sans-serif; color: #586660; margin-left: .6em; }
section { margin: 2em 0 0; break-inside: avoid; } p { margin: 0 0 .5em; } .quiet { color: #586660; font-size: .88em; }
table { border-collapse: collapse; border-bottom: 1px solid #1c2421; margin: .5em 0; }
th { text-align: left; font-weight: normal; } thead th { border-top: 1px solid #1c2421; border-bottom: 1px solid #1c2421; }
th, td { padding: .2em 1.4em .2em 0; vertical-align: top; overflow-wrap: anywhere; }
.n { text-align: right; font-variant-numeric: tabular-nums; }
</style>
</head>
<body>
<h1>{{ codebook.title }}</h1>
<p class="quiet">{{ codebook.about }}</p>
{% for entry in codebook.entries %}
<section>
<h2>{{ entry.title }}{% if entry.name %}<span>{{ entry.name }}</span>{% endif %}</h2>
<p>{{ entry.says }}</p>
{% if entry.grid and entry.grid.rows %}
<table>
<thead><tr>
{% for head in entry.grid.heads %}
<th scope="col"{{ side(entry.grid, loop.index0) }}>{{ head }}</th>
{% endfor %}
</tr></thead>
<tbody>
{% for row in entry.grid.rows %}
<tr><th scope="row">{{ row[0] }}</th>
{% for text in row[1:] %}
<td{{ side(entry.grid, loop.index) }}>{{ text }}</td>
{% endfor %}
</tr>
{% endfor %}
</tbody>
</table>
{% if entry.grid.note %}
<p class="quiet">{{ entry.grid.note }}</p>
{% endif %}
{% endif %}
</section>
{% endfor %}
</body>
</html>
"""


def render(codebook: PrintedCodebook) -> bytes:
    """The page. UTF-8."""
    page: str = _template().render(codebook=codebook, version=VERSION)
    return page.encode()


@cache
def _template() -> Any:
    environment = Environment(autoescape=select_autoescape(default=True), trim_blocks=True, lstrip_blocks=True)
    environment.globals["side"] = _side
    return environment.from_string(PAGE)


def _side(grid: Grid, place: int) -> Markup:
    """Numbers stand on the right."""
    return Markup(' class="n"' if place >= grid.first_number else "")
