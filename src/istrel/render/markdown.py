"""Markdown: headings, paragraphs, tables (the pipe tables that most Markdown readers know), and figures in words."""

from __future__ import annotations

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import (
    PrintedTable,
    Runs,
    body_rows,
    head_rows,
    plain_text,
    print_notes,
    print_table,
    print_text,
    print_title,
)
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run
from istrel.render.document import Block, Document, Item
from istrel.style.house import HouseStyle

SPECIAL = str.maketrans({c: f"\\{c}" for c in "\\`*_|[]<>#"})


def render(document: Document) -> bytes:
    """Every part, separated by empty lines; of a figure its title, what it shows in words, and its notes. UTF-8."""
    style = document.style
    parts = []
    for part in document.parts:
        if isinstance(part, Block):
            words = _runs(print_text(part.text, style))
            parts.append(f"{'#' * part.level} {words}" if part.level else words)
            continue
        sheet = part.exhibit.sheet
        if isinstance(sheet, TableSheet):
            parts.append(_table(print_table(sheet, style, part.number)))
        else:
            parts.append(_figure(part, sheet, style))
        parts += [_runs(print_text(text, style)) for text in part.texts]
    return ("\n\n".join(parts) + "\n").encode()


def _figure(item: Item, sheet: FigureSheet, style: HouseStyle) -> str:
    said = [_runs(note) for note in print_notes(sheet.notes, style)]
    head = f"**{_plain(item.label(style))}**\n\n*{_plain(print_title(sheet, style))}*"
    return "\n\n".join([head, f"[{_plain(plain_text(sheet.alt, style))}]", *said])


def _table(table: PrintedTable) -> str:
    """Markdown knows one head row: a spanner is written before the heads under it."""
    heads = [" ".join(dict.fromkeys(filter(None, column))) for column in zip(*head_rows(table), strict=True)]
    indents = ["&emsp;" * row.indent for row in table.rows]
    body = [
        [indent + _plain(row[0]), *map(_plain, row[1:])] for indent, row in zip(indents, body_rows(table), strict=True)
    ]
    lines = [
        _line([_plain(head) for head in heads]),
        _line([":--", *["--:"] * (len(heads) - 1)]),
        *(_line(row) for row in body),
    ]
    head = f"**{_plain(table.label)}**\n\n*{_plain(table.title)}*\n\n"
    return head + "\n".join(lines) + "".join(f"\n\n{_runs(note)}" for note in table.notes)


def _line(cells: list[str]) -> str:
    return f"| {' | '.join(cells)} |"


def _plain(text: str) -> str:
    return " ".join(text.translate(SPECIAL).splitlines())


def _runs(text: Runs) -> str:
    return "".join(_run(run) for run in text)


def _run(run: Run) -> str:
    return f"*{_plain(run.text)}*" if run.italic else _plain(run.text)
