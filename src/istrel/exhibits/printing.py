"""A table sheet as the house style prints it: strings in a grid. Every output and the screen read the same strings."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.exhibits.sheet import Cell, Compound, Head, Note, Row, Run, Sheet, TableSheet, Text, as_plain
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT, format_number
from istrel.style.titles import title_case


@dataclass(frozen=True)
class PrintedRow:
    """One line of the body: stub, indent in steps, and a string per column (none for a heading row)."""

    stub: Text
    indent: int
    cells: tuple[str, ...]


@dataclass(frozen=True)
class PrintedTable:
    """All strings of a table.

    Attributes
    ----------
    label, title
        "Table 3" and the title in the style's case; the label is empty for a table without a number.
    notes
        One text per paragraph, in the order general, specific, probability; the first begins with the word for "note".
    """

    label: str
    title: str
    heads: tuple[tuple[Head, ...], ...]
    rows: tuple[PrintedRow, ...]
    notes: tuple[Text, ...]

    @property
    def n_columns(self) -> int:
        return sum(head.span for head in self.heads[-1])


def print_table(sheet: TableSheet, style: HouseStyle, number: str = "") -> PrintedTable:
    """The strings of a table in a house style."""
    return PrintedTable(
        label=style.table.label.format(number=number) if number else "",
        title=print_title(sheet, style),
        heads=sheet.heads,
        rows=tuple(_row(row, style) for row in sheet.rows),
        notes=print_notes(sheet.notes, style),
    )


def print_title(sheet: Sheet, style: HouseStyle) -> str:
    return title_case(sheet.title) if style.table.title_case else sheet.title


def print_notes(notes: tuple[Note, ...], style: HouseStyle) -> tuple[Text, ...]:
    """Paragraphs of notes; all general notes run on in one."""
    general = [note.text for note in notes if note.kind == "general"]
    paragraphs: list[Text] = []
    if general:
        runs: list[Run] = [Run(style.table.note, italic=True)]
        for text in general:
            runs += [Run(" "), *text]
        paragraphs.append(tuple(runs))
    for kind in ("specific", "probability"):
        paragraphs += [note.text for note in notes if note.kind == kind]
    return tuple(paragraphs)


def _row(row: Row, style: HouseStyle) -> PrintedRow:
    return PrintedRow(row.stub, row.indent, tuple(print_cell(cell, style) for cell in row.cells))


def print_cell(cell: Cell | Compound, style: HouseStyle) -> str:
    """The string of one cell; an em dash where there is no value."""
    if isinstance(cell, Compound):
        if any(isinstance(part.value, Undefined) for part in cell.cells[:1]):
            return ABSENT
        return cell.pattern.format(*(print_cell(part, style) for part in cell.cells))
    value = cell.value
    if value is None:
        return ""
    if isinstance(value, str):
        return value
    if isinstance(value, Undefined):
        return ABSENT
    if isinstance(value, tuple):
        return "; ".join(format_number(v, cell.kind, style, cell.decimals) for v in value)
    return format_number(value, cell.kind, style, cell.decimals)


def head_rows(table: PrintedTable) -> list[list[str]]:
    """Heads as plain text, one entry per column; a spanner stands over each of its columns."""
    return [[as_plain(head.text) for head in row for _ in range(head.span)] for row in table.heads]


def body_rows(table: PrintedTable) -> list[list[str]]:
    """The body as plain text: stub and cells, padded to the table's width."""
    width = table.n_columns
    return [[as_plain(row.stub), *row.cells, *[""] * (width - 1 - len(row.cells))] for row in table.rows]
