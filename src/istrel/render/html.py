"""A self-contained HTML page: semantic tables that paste as tables, figures as drawings inside the page."""

from __future__ import annotations

from functools import cache
from typing import Any

from jinja2 import Environment, select_autoescape
from markupsafe import Markup

from istrel import __version__
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import plain_text, print_notes, print_table, print_text, print_title
from istrel.exhibits.table import TableSheet
from istrel.render.columns import split_at_mark
from istrel.render.document import Document, Item

PAGE = """<!DOCTYPE html>
<html lang="{{ style.language }}">
<head>
<meta charset="utf-8">
<meta name="generator" content="Istrel {{ version }}">
<title>{{ title }}</title>
<style>
body { font: {{ style.fonts.table_pt }}pt/1.4 "{{ style.fonts.document }}", "{{ style.fonts.proof }}", serif; color: #111; margin: 2em; }
figure, section { margin: 0 0 3em; max-width: {{ style.table.width_mm }}mm; }
section { overflow-x: auto; }
th, .note, caption { overflow-wrap: anywhere; }
table { border-collapse: collapse; border-top: {{ style.table.rule_pt }}pt solid; border-bottom: {{ style.table.rule_pt }}pt solid; }
caption { text-align: left; padding-bottom: .6em; }
caption b, caption i, figcaption b, figcaption i { display: block; }
thead tr:last-child th { border-bottom: {{ style.table.rule_pt }}pt solid; }
th { font-weight: normal; padding: .25em .7em; text-align: center; vertical-align: bottom; }
th.spanner { border-bottom: {{ style.table.rule_pt }}pt solid; }
th:first-child, tbody th { text-align: left; padding-left: 0; }
td { padding: .15em .7em; text-align: right; font-variant-numeric: tabular-nums lining-nums; white-space: nowrap; }
.note { font-size: .9em; margin: .5em 0 0; }
svg { max-width: 100%; height: auto; }
</style>
</head>
<body>
{% for item in items %}
{% if item.table %}
<section>
<table>
<caption><b>{{ item.label }}</b>{% if style.table.title_italic %}<i>{{ item.title }}</i>{% else %}{{ item.title }}{% endif %}</caption>
<thead>
{% for row in item.table.heads %}
<tr>{% for head in row %}<th{% if head.span > 1 %} colspan="{{ head.span }}" scope="colgroup"{% else %} scope="col"{% endif %}{% if item.spanner(row, head) %} class="spanner"{% endif %}>{{ runs(head.text) }}</th>{% endfor %}</tr>
{% endfor %}
</thead>
<tbody>
{% for row in item.table.rows %}
<tr><th scope="row"{% if row.indent %} style="padding-left:{{ 1.2 * row.indent }}em"{% endif %}{% if not row.cells %} colspan="{{ item.table.n_columns }}"{% endif %}>{{ runs(row.stub) }}</th>{% for cell in item.cells(row) %}<td>{{ cell }}</td>{% endfor %}</tr>
{% endfor %}
</tbody>
</table>
{% for note in item.notes %}
<p class="note">{{ runs(note) }}</p>
{% endfor %}
</section>
{% else %}
<figure role="group">
<figcaption><b>{{ item.label }}</b><i>{{ item.title }}</i></figcaption>
{{ item.svg }}
{% for note in item.notes %}
<p class="note">{{ runs(note) }}</p>
{% endfor %}
</figure>
{% endif %}
{% if item.text %}
<p>{{ runs(item.text) }}</p>
{% endif %}
{% endfor %}
</body>
</html>
"""


def render(document: Document) -> bytes:
    """The page. UTF-8."""
    page: str = _template().render(
        title=document.title or document.items[0].exhibit.source.name if document.items else "",
        version=__version__,
        style=document.style,
        items=[_item(item, document) for item in document.items],
    )
    return page.encode()


@cache
def _template() -> Any:
    environment = Environment(autoescape=select_autoescape(default=True), trim_blocks=True, lstrip_blocks=True)
    environment.globals["runs"] = _runs
    return environment.from_string(PAGE)


def _runs(text: Any) -> Markup:
    parts = (Markup("<i>{}</i>" if run.italic else "{}").format(run.text).replace("\n", Markup("<br>")) for run in text)
    return Markup("").join(parts)


def _item(item: Item, document: Document) -> dict[str, Any]:
    sheet, style = item.exhibit.sheet, document.style
    content: dict[str, Any] = {
        "label": item.label(style),
        "title": print_title(sheet, style),
        "notes": print_notes(sheet.notes, style),
        "text": print_text(item.exhibit.text, style) if item.with_text else (),
    }
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        padding = _padding([row.cells for row in table.rows if row.cells], style.numbers.decimal_mark)
        return {
            **content,
            "table": table,
            "cells": lambda row: [
                _aligned(c, p, style.numbers.decimal_mark) for c, p in zip(row.cells, padding, strict=False)
            ],
            "spanner": lambda row, head: row is not table.heads[-1] and bool(head.text),
        }
    return {**content, "svg": _svg(sheet, document)}


def _padding(rows: list[tuple[str, ...]], mark: str) -> list[int]:
    """The most characters after the decimal mark, per column."""
    return [max(len(split_at_mark(cell, mark)[1]) for cell in column) for column in zip(*rows, strict=False)]


def _aligned(cell: str, after: int, mark: str) -> Markup:
    """The cell with invisible figure-wide spaces behind it, so that right-aligned numbers align on the mark."""
    lack = after - len(split_at_mark(cell, mark)[1])
    # The mark itself is narrower than a figure.
    space = "\u2008" * (1 if lack and not split_at_mark(cell, mark)[1] else 0)
    return Markup("{}").format(cell + space + "\u2007" * (lack - len(space)))


def _svg(sheet: FigureSheet, document: Document) -> Markup:
    from istrel.render.print import draw

    svg = draw(sheet, document.style, "svg").decode()
    body = svg[svg.index("<svg") :]
    title = Markup("<title>{}</title>").format(plain_text(sheet.alt, document.style))
    head, rest = body.split(">", 1)
    return Markup(f'{head} role="img">{title}{rest}')
