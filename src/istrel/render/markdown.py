"""Tables as Markdown (the pipe tables that most Markdown readers know)."""

from __future__ import annotations

from istrel.exhibits.printing import PrintedTable, Runs, body_rows, head_rows, print_table
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run
from istrel.render.document import Document

SPECIAL = str.maketrans({c: f"\\{c}" for c in "\\`*_|[]<>#"})


def render(document: Document) -> bytes:
    """Every table with its label, title and notes, separated by empty lines. UTF-8."""
    parts = []
    for item in document.items:
        if isinstance(item.exhibit.sheet, TableSheet):
            parts.append(_table(print_table(item.exhibit.sheet, document.style, item.number)))
    return ("\n\n".join(parts) + "\n").encode()


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
