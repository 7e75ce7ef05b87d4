"""A self-contained HTML page: semantic tables that paste as tables, figures as drawings inside the page, live references.

With `paged` the same page is made for paper: tables in panels that fit, wide ones on a page turned; `render/pdf.py` prints it.
"""

from __future__ import annotations

import re
from base64 import b64encode
from collections.abc import Iterator
from functools import cache
from itertools import pairwise
from typing import Any

from jinja2 import Environment, select_autoescape
from markupsafe import Markup

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import (
    PrintedHead,
    PrintedTable,
    kept_together,
    plain_text,
    print_notes,
    print_table,
    print_text,
    print_title,
)
from istrel.exhibits.table import TableSheet
from istrel.render.columns import Column, split_at_mark
from istrel.render.document import Block, Document, Item
from istrel.render.scripts import pieces
from istrel.study.prose import REFERENCE
from istrel.style.numbers import ABSENT
from istrel.version import VERSION

RULES = """figure, section { margin: 0 0 3em; max-width: {{ style.table.width_mm }}mm; font-size: {{ style.fonts.table_pt }}pt; }
section { overflow-x: auto; }
h2 { font-size: 1.35em; margin: 1.6em 0 .6em; } h3 { font-size: 1.15em; margin: 1.4em 0 .5em; }
.unseen { position: absolute; width: 1px; height: 1px; margin: 0; overflow: hidden; clip-path: inset(50%); font-size: 1px; }
p { max-width: {{ style.table.width_mm }}mm; } p.text { margin: 0 0 1em; }
a.to { color: inherit; text-decoration: none; }
th, .note, caption { overflow-wrap: anywhere; }
table { border-collapse: collapse; border-top: {{ style.table.rule_pt }}pt solid; border-bottom: {{ style.table.rule_pt }}pt solid; }
table + table { margin-top: 1.5em; }
caption { text-align: left; padding-bottom: .6em; }
.label { display: block; font-weight: {{ "bold" if style.table.label_bold else "normal" }}; }
.title { display: block; font-style: {{ "italic" if style.table.title_italic else "normal" }}; }
thead tr:last-child th { border-bottom: {{ style.table.rule_pt }}pt solid; }
th { font-weight: normal; padding: .25em .7em; text-align: center; vertical-align: bottom; }
th.spanner > span { display: block; border-bottom: {{ style.table.rule_pt }}pt solid; padding-bottom: .25em; }
thead tr:not(:last-child) th.spanner { padding-bottom: 0; }
th:first-child, tbody th { text-align: left; padding-left: 0; }
td { padding: .15em .7em; text-align: right; font-variant-numeric: tabular-nums lining-nums; white-space: nowrap; }
td.words { text-align: left; }
td.absent { text-align: center; }
td.long { white-space: normal; }
.note { font-size: .9em; margin: .5em 0 0; }
svg { max-width: 100%; height: auto; }
"""
PARTS = """{% for part in parts %}
{% if part.heading %}
<h{{ part.heading + 1 }}{% if part.classes %} class="{{ part.classes }}"{% endif %}>{{ runs(part.text) }}</h{{ part.heading + 1 }}>
{% elif part.paragraph %}
<p class="text">{{ runs(part.text) }}</p>
{% elif part.table %}
<section id="{{ part.id }}"{% if part.classes %} class="{{ part.classes }}"{% endif %}>
{% for panel in part.panels %}
<table>
{% if loop.first %}
<caption><span class="label">{{ part.label }}</span><span class="title">{{ words(part.title) }}</span></caption>
{% endif %}
{% if panel.widths %}
<colgroup>{% for width in panel.widths %}<col style="width:{{ width }}pt">{% endfor %}</colgroup>
{% endif %}
<thead>
{% for row in panel.heads %}
<tr>{% for head in row %}<th{% if head.span > 1 %} colspan="{{ head.span }}" scope="colgroup"{% else %} scope="col"{% endif %}{% if head.span > 1 and head.text %} class="spanner"{% endif %}>{% if head.span > 1 and head.text %}<span>{{ runs(head.text) }}</span>{% else %}{{ runs(head.text) }}{% endif %}</th>{% endfor %}</tr>
{% endfor %}
</thead>
<tbody>
{% for row in panel.rows %}
<tr{% if not row.cells %} class="over"{% endif %}><th scope="row"{% if row.indent %} style="padding-left:{{ 1.2 * row.indent }}em"{% endif %}{% if not row.cells %} colspan="{{ panel.n_columns }}"{% endif %}>{{ runs(row.stub) }}</th>{% for cell in row.cells %}<td{% if cell.look %} class="{{ cell.look }}"{% endif %}{% if cell.mark %} style="padding-left:{{ cell.mark }}pt"{% endif %}>{{ cell.text }}</td>{% endfor %}</tr>
{% endfor %}
</tbody>
</table>
{% endfor %}
{% for note in part.notes %}
<p class="note">{{ runs(note) }}</p>
{% endfor %}
</section>
{% else %}
<figure id="{{ part.id }}" role="group">
<figcaption><span class="label">{{ part.label }}</span><span class="title">{{ words(part.title) }}</span></figcaption>
{{ part.svg }}
{% for note in part.notes %}
<p class="note">{{ runs(note) }}</p>
{% endfor %}
</figure>
{% endif %}
{% for text in part.texts %}
<p class="text{% if part.turned %} turned{% endif %}">{{ runs(text) }}</p>
{% endfor %}
{% endfor %}
"""
PAGE = (
    """<!DOCTYPE html>
<html lang="{{ style.language }}">
<head>
<meta charset="utf-8">
<meta name="generator" content="Istrel {{ version }}">
<title>{{ title }}</title>
<style>
{{ fonts }}
body { font: {{ style.fonts.text_pt }}pt/1.45 {{ family }}; color: #111; margin: 2em; }
"""
    + RULES
    + """{{ paper }}
</style>
</head>
<body>
<main>
<h1 class="unseen">{{ title }}</h1>
"""
    + PARTS
    + """</main>
</body>
</html>
"""
)
FRAGMENT = (
    """<div class="istrel">
<style>
.istrel { font: {{ style.fonts.text_pt }}pt/1.45 {{ family }}; }
{{ rules }}
.istrel tr, .istrel td, .istrel th { background: none; border-left: 0; border-right: 0; border-top: 0; }
.istrel td, .istrel tbody th { border-bottom: 0; }
.istrel svg { background: #fff; }
</style>
"""
    + PARTS
    + "</div>\n"
)  # as it stands in a page of somebody else's: its rules hold for itself alone
MOST_TOGETHER = 30  # rows that stand on one page
LONG = 28  # letters that do not stand on one line
IDS = re.compile(r'(\bid="|href="#|url\(#)([^"\)]+)')


def render(document: Document) -> bytes:
    """The page. UTF-8."""
    return page(document).encode()


def css_string(text: str) -> str:
    """A text as a string of a style sheet that stands in a page: nothing in it can end the string or the sheet."""
    return '"' + "".join(c if c.isalnum() or c in " .-_" else f"\\{ord(c):x} " for c in text) + '"'


def page(document: Document, *, fonts: str = "", paper: str = "", paged: bool = False) -> str:
    """The page as text.

    Parameters
    ----------
    fonts, paper
        Rules of the style sheet for fonts and for paper.
    paged
        True breaks tables into panels that fit the paper.
    """
    style = document.style
    named = (style.fonts.proof,) if paged else (style.fonts.document, style.fonts.proof)
    made: str = _template().render(
        title=document.title or (document.items[0].exhibit.source.name if document.items else ""),
        version=VERSION,
        style=style,
        family=Markup(", ".join(map(css_string, named)) + ", serif"),
        fonts=Markup(fonts),
        paper=Markup(paper),
        parts=_parts(document, paged=paged),
    )
    return made


def fragment(document: Document, *, place: str) -> str:
    """The exhibits as they print, for a page of somebody else's.

    Parameters
    ----------
    place
        Makes the ids of the fragment its own: letters and digits.
    """
    style = document.style
    family = Markup(", ".join(map(css_string, (style.fonts.document, style.fonts.proof))) + ", serif")
    rules = _environment().from_string(RULES).render(style=style)
    own = "\n".join(
        f".istrel {', .istrel '.join(part.strip() for part in names.split(','))} {{{said}"
        for names, said in _rules(rules)
    )
    parts = [{**part, "id": f"istrel-{place}-{part.get('id', '')}"} for part in _parts(document, paged=False)]
    for part in parts:
        if "svg" in part:
            part["svg"] = Markup(IDS.sub(rf"\g<1>{place}-\g<2>", part["svg"]))
    made: str = _environment().from_string(FRAGMENT).render(style=style, family=family, rules=Markup(own), parts=parts)
    return made


def _rules(sheet: str) -> Iterator[tuple[str, str]]:
    """(selectors, what is said of them) of every rule of a style sheet."""
    return ((names.strip(), said) for names, said in re.findall(r"([^{}]+)\{([^{}]*\})", sheet))


def _parts(document: Document, *, paged: bool) -> list[dict[str, Any]]:
    made = [
        _block(part, document) if isinstance(part, Block) else _item(part, document, place, paged=paged)
        for place, part in enumerate(document.parts)
    ]
    for heading, after in pairwise([*made, {}]):  # a heading stands on the page of what it heads
        if heading.get("heading"):
            heading["classes"] = " ".join([*heading["classes"], *(["turned"] if after.get("turned") else [])])
    return made


@cache
def _environment() -> Environment:
    environment = Environment(autoescape=select_autoescape(default=True), trim_blocks=True, lstrip_blocks=True)
    environment.globals.update(runs=_runs, words=_words)
    return environment


@cache
def _template() -> Any:
    return _environment().from_string(PAGE)


def _runs(text: Any) -> Markup:
    return Markup("").join(_run(run) for run in kept_together(text))


def _run(run: Any) -> Markup:
    if run.mark.startswith(REFERENCE):
        return Markup('<a class="to" href="#{}">{}</a>').format(run.mark.split("\t", 1)[1], run.text)
    letters = Markup("<i>{}</i>" if run.italic else "{}").format(_words(run.text))
    return letters.replace("\n", Markup("<br>"))


def _words(text: str) -> Markup:
    """Letters that read from right to left keep to themselves."""
    return Markup("").join(Markup("<bdi>{}</bdi>" if right else "{}").format(part) for part, right in pieces(text))


def _block(block: Block, document: Document) -> dict[str, Any]:
    text = print_text(block.text, document.style)
    classes = ["new"] if block.new_page else []
    return {"heading": block.level, "paragraph": not block.level, "text": text, "classes": classes}


def _item(item: Item, document: Document, place: int, *, paged: bool) -> dict[str, Any]:
    sheet, style = item.exhibit.sheet, document.style
    content: dict[str, Any] = {
        "id": item.id or f"exhibit-{place + 1}",
        "label": item.label(style),
        "title": print_title(sheet, style),
        "notes": print_notes(sheet.notes, style),
        "texts": [print_text(text, style) for text in item.texts],
    }
    if not isinstance(sheet, TableSheet):
        return {**content, "svg": _picture(sheet, document) if paged else _svg(sheet, document, place)}
    table = print_table(sheet, style, item.number)
    if not paged:
        return {**content, "table": True, "panels": [_panel(table, 0, table.heads, None, style)]}
    from istrel.render.word.tables import laid_out

    layout = laid_out(table, style)
    panels = []
    for panel in layout.panels:
        heads = tuple(tuple(PrintedHead(head.text, head.span) for head in row) for row in panel.heads)
        panels.append(_panel(table, panel.first, heads, panel.columns, style))
    short = sum(len(panel["rows"]) for panel in panels) <= MOST_TOGETHER
    classes = " ".join(["turned"] * layout.turned + ["short"] * short)
    return {**content, "table": True, "panels": panels, "turned": layout.turned, "classes": classes}


def _panel(
    table: PrintedTable, first: int, heads: Any, layout: tuple[Column, ...] | None, style: Any
) -> dict[str, Any]:
    """Some value columns of a table under their heads, beside the stub; on paper they stand where the layout says."""
    mark, n_columns = style.numbers.decimal_mark, table.n_columns if layout is None else len(layout)
    shown = [(row, row.cells[first : first + n_columns - 1]) for row in table.rows]
    columns = list(zip(*(cells for _, cells in shown if cells), strict=True))
    after = [max(len(split_at_mark(cell, mark)[1]) for cell in column) for column in columns]
    words = [not any(letter.isdigit() for cell in column for letter in cell) for column in columns]
    rows = []
    for row, cells in shown:
        if layout is None:
            made = [
                {"text": _words(cell), "look": _look(cell)} if said else _aligned(cell, pad, mark)
                for cell, pad, said in zip(cells, after, words, strict=bool(cells))
            ]
        else:
            made = [_on_paper(cell, column, mark) for cell, column in zip(cells, layout[1:], strict=bool(cells))]
        rows.append({"stub": row.stub, "indent": row.indent, "cells": made})
    widths = [round(column.width, 1) for column in layout or ()]
    return {"heads": heads, "rows": rows, "n_columns": n_columns, "widths": widths}


def _on_paper(cell: str, column: Column, mark: str) -> dict[str, Any]:
    """A value at its place in a column: what stands before its decimal mark ends there, words begin there."""
    if cell == ABSENT:
        return {"text": cell, "look": "absent"}
    if column.words:
        return {"text": _words(cell), "look": _look(cell) or "words", "mark": round(column.mark, 1)}
    before, after = split_at_mark(cell, mark)
    box = Markup('<span class="before" style="width:{:.1f}pt">{}</span>{}').format(column.mark, before, after)
    return {"text": box, "look": "placed"}


def _look(words: str) -> str:
    """How words stand in a cell: from the left, and in lines where they are many."""
    return "absent" if words == ABSENT else "" if len(words) < 2 else "words" if len(words) < LONG else "words long"


def _aligned(cell: str, after: int, mark: str) -> dict[str, Any]:
    """The cell with invisible figure-wide spaces behind it, so that right-aligned numbers align on the mark."""
    if cell == ABSENT:
        return {"text": cell, "look": "absent"}
    lack = after - len(split_at_mark(cell, mark)[1])
    # The mark itself is narrower than a figure.
    space = "\u2008" * (1 if lack and not split_at_mark(cell, mark)[1] else 0)
    return {"text": cell + space + "\u2007" * (lack - len(space)), "look": ""}


def _picture(sheet: FigureSheet, document: Document) -> Markup:
    """The drawing as a picture of its own, which the rules of the page do not touch."""
    from istrel.render.print import draw
    from istrel.render.scene import make_scene

    svg = b64encode(draw(sheet, document.style, "svg")).decode()
    width = make_scene(sheet, document.style).width
    return Markup('<img alt="{}" style="width:{:.2f}mm" src="data:image/svg+xml;base64,{}">').format(
        plain_text(sheet.alt, document.style), width, svg
    )


def _svg(sheet: FigureSheet, document: Document, place: int) -> Markup:
    """The drawing as part of the page; its ids are its own, whatever else stands there."""
    from istrel.render.print import draw

    svg = draw(sheet, document.style, "svg").decode()
    body = IDS.sub(rf"\g<1>e{place + 1}-\g<2>", svg[svg.index("<svg") :])
    title = Markup("<title>{}</title>").format(plain_text(sheet.alt, document.style))
    head, rest = body.split(">", 1)
    return Markup(f'{head} role="img">{title}{rest}')
