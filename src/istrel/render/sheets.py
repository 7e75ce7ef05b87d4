"""Exhibits as sheets of a workbook: every number at full precision, with the letters around it as a number format.

Several numbers of one cell ("34 (24.1)") stand in columns side by side, under one head.
"""

from __future__ import annotations

import math
import re
from collections.abc import Iterator
from dataclasses import dataclass, replace
from decimal import ROUND_HALF_UP, Decimal

from istrel.exhibits.exchange import FIGURES
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import as_plain, print_notes, print_text, print_title, print_value
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Cell, Text, bound, cells_in
from istrel.render.document import Document, Item
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT, MINUS

NUMBER = re.compile(
    r"(?P<before>.*?)(?P<sign>−?)(?P<digits>\d[\d.,\u2009\u202f\u00a0]*|[.,]\d+)(?P<after>.*)", re.DOTALL
)
FORBIDDEN = re.compile(r"[\[\]:*?/\\']")
LONGEST_NAME = 31
FIGURE_HEADS = ("Row", "Column", "Value")


@dataclass(frozen=True)
class Shown:
    """How a number prints: letters around it, decimals, whether a zero stands before the mark; `letters` alone where it prints
    as words ("< .001").
    """

    before: str = ""
    decimals: int = 0
    zero: bool = True
    after: str = ""
    thousands: bool = False
    letters: str = ""


@dataclass(frozen=True)
class SheetCell:
    """A cell: a number with how it prints, or letters; `span` columns wide."""

    letters: str = ""
    number: float | None = None
    shown: Shown = Shown()
    span: int = 1
    look: str = ""  # "label", "title", "head", "note" or nothing
    indent: int = 0


@dataclass(frozen=True)
class Sheet:
    """A sheet of a workbook."""

    name: str
    rows: tuple[tuple[SheetCell, ...], ...]
    n_columns: int
    first_body: int
    last_body: int


def sheets_of(document: Document) -> tuple[Sheet, ...]:
    """A sheet for each exhibit: a table as it prints, of a figure its numbers."""
    made: list[Sheet] = []
    for item in document.items:
        label = item.label(document.style).rstrip(" .:")
        name = FORBIDDEN.sub(" ", label)[:LONGEST_NAME] or f"Sheet {len(made) + 1}"
        if name.casefold() in {sheet.name.casefold() for sheet in made}:
            name = f"{name[:24]} ({len(made) + 1})"
        made.append(_sheet(name, item, document.style))
    return tuple(made)


def _sheet(name: str, item: Item, style: HouseStyle) -> Sheet:
    sheet = item.exhibit.sheet
    body = _figure(sheet) if isinstance(sheet, FigureSheet) else _table(sheet, style)
    top = [
        (SheetCell(item.label(style), look="label"),),
        (SheetCell(print_title(sheet, style), look="title"),),
    ]
    heads, rows = body
    notes = [(SheetCell(as_plain(note), look="note"),) for note in print_notes(sheet.notes, style)]
    if item.exhibit.request.settings["hide_below"] is not None:
        rows = [tuple(_as_printed(cell) for cell in row) for row in rows]
    width = max(sum(cell.span for cell in row) for row in (*heads, *rows))
    first = len(top) + len(heads)
    return Sheet(name, (*top, *heads, *rows, *notes), width, first, first + len(rows) - 1)


def _as_printed(cell: SheetCell) -> SheetCell:
    """A number with no more digits than paper has: where counts are hidden, the others would tell them."""
    if cell.number is None:
        return cell
    printed = cell.shown.decimals >= 0 and not cell.shown.letters
    return replace(
        cell, number=round(cell.number, cell.shown.decimals) if printed else float(f"{cell.number:.{FIGURES}g}")
    )


Rows = list[tuple[SheetCell, ...]]


def _table(sheet: TableSheet, style: HouseStyle) -> tuple[Rows, Rows]:
    """(heads, body) of a table; a column is as many wide as its cells have numbers."""
    n_values = sheet.n_columns - 1
    wide = [1] * n_values
    for row in sheet.rows:
        for place, text in enumerate(row.cells):
            wide[place] = max(wide[place], len(list(cells_in(text))))
    heads: Rows = []
    for line in sheet.heads:
        made, place = [], -1
        for head in line:
            span = sum(wide[max(0, place) : place + head.span]) if place >= 0 else 1 + sum(wide[: head.span - 1])
            made.append(SheetCell(as_plain(print_text(head.text, style)), span=span, look="head"))
            place += head.span
        heads.append(tuple(made))
    rows: Rows = []
    for row in sheet.rows:
        cells = [SheetCell(as_plain(print_text(row.stub, style)), indent=row.indent)]
        for place, text in enumerate(row.cells):
            found = list(_numbers(text, style))
            cells += found + [SheetCell()] * (wide[place] - len(found))
        rows.append(tuple(cells))
    return heads, rows


def _numbers(text: Text, style: HouseStyle) -> Iterator[SheetCell]:
    """The numbers of a cell, each with the letters around it; a cell without one as it prints."""
    cells = list(cells_in(text))
    printed = print_value(text, style)
    if not cells or printed == ABSENT or not all(isinstance(cell.value, float) for cell in cells):
        yield SheetCell(printed)
        return
    places = {id(cell): str(place) for place, cell in enumerate(cells)}
    runs = print_text(bound(text, lambda cell: places[id(cell)]), style)
    before, waiting = "", list[tuple[float, str, str]]()
    for run in runs:
        if run.mark:
            waiting.append((_value(cells[int(run.mark)]), before, run.text))
            before = ""
        elif waiting and run.text.strip() and not run.text.strip().startswith(("(", "[", ",")):
            value, head, letters = waiting.pop()
            waiting.append((value, head, letters + run.text))
        else:
            before += run.text
    if waiting and before:
        value, head, letters = waiting.pop()
        waiting.append((value, head, letters + before))
    for value, head, letters in waiting:
        shown, digits = _shown(head + letters, style)
        yield SheetCell(number=_as_shown(value, shown, digits), shown=shown)


def _value(cell: Cell) -> float:
    assert isinstance(cell.value, float)
    return cell.value


def _as_shown(value: float, shown: Shown, printed: Decimal | None) -> float:
    """A number at full precision, or as paper prints it where a spreadsheet would round it otherwise, or show a minus at zero."""
    if printed is None or not math.isfinite(value):
        return value
    step = Decimal(1).scaleb(-shown.decimals)
    known = {Decimal(text).quantize(step, ROUND_HALF_UP) for text in (repr(value), f"{value:.15g}")}
    return value if known == {printed} and printed.is_signed() == (value < 0) else float(printed)


def _shown(letters: str, style: HouseStyle) -> tuple[Shown, Decimal | None]:
    """(how letters show a number, the number that they show)."""
    found = NUMBER.fullmatch(letters.strip())
    words = letters.strip()
    if (
        found is None
        or "<" in found["before"]
        or ">" in found["before"]
        or "×" in found["after"]
        or "-" in found["after"]
    ):
        return Shown(letters=words), None
    whole, _, decimals = found["digits"].rpartition(style.numbers.decimal_mark)
    if not whole and style.numbers.decimal_mark not in found["digits"]:
        whole, decimals = found["digits"], ""
    separated = bool(style.numbers.thousands) and style.numbers.thousands in whole
    printed = Decimal(f"{found['sign'].replace(MINUS, '-')}{re.sub('[^0-9]', '', whole) or 0}.{decimals or 0}")
    shown = Shown(found["before"], len(decimals), bool(whole) or not decimals, found["after"], separated)
    return shown, printed.quantize(Decimal(1).scaleb(-len(decimals)))


def _figure(sheet: FigureSheet) -> tuple[Rows, Rows]:
    """(heads, body) of the numbers of a figure, by their keys."""
    heads: Rows = [tuple(SheetCell(words, look="head") for words in FIGURE_HEADS)]
    rows: Rows = []
    for cell in sheet.numbers:
        value = cell.value
        last = (
            SheetCell(number=value, shown=Shown(decimals=-1))
            if isinstance(value, float)
            else SheetCell(str(value or ""))
        )
        rows.append((SheetCell(cell.row), SheetCell(cell.column), last))
    return heads, rows or [(SheetCell(), SheetCell(), SheetCell())]
