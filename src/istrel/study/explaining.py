"""Opening a number: its working with the printed number behind it, the cases it stands for, and who of them pull it most."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.english import english, together
from istrel.exhibits.behind import mask_of
from istrel.exhibits.figure import FigureSheet, items_of
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text, print_cell
from istrel.exhibits.quoting import quotable
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Cell, cells_in, phrases_in, say
from istrel.exhibits.verbs.catalogue import verb_of
from istrel.exhibits.working import Line, Working
from istrel.problem import Problem, nearest
from istrel.sentence.vocabulary import STATISTICS
from istrel.study.manuscript import places_of
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

Rows = NDArray[np.int64]
MOST_CASES, MOST_PULLING, ENDS = 1_000, 3, 6
FEWEST_FOR_PULLING, MOST_FOR_PULLING = 3, 200_000  # values, of which it is found out who pulls


@dataclass(frozen=True)
class Explained:
    """A number, opened.

    Attributes
    ----------
    value, printed
        At full precision, and as it prints.
    means
        What it says about these data, in words.
    formula, filled
        In letters, and with the numbers to the printed one.
    count, cases
        How many cases it stands for, and their data rows from 1: at most a thousand.
    influence
        (row, the same number without its case) of the three that pull it most.
    stands, pulls
        The same two in words.
    source
        Where its definition comes from, and the data.
    """

    value: float
    printed: str
    means: str
    formula: str
    filled: str
    steps: tuple[str, ...]
    count: int
    cases: tuple[int, ...]
    influence: tuple[tuple[int, float], ...]
    stands: str
    pulls: tuple[str, ...]
    source: str

    @property
    def equation(self) -> str:
        """What is filled, without saying a number twice."""
        return self.printed if self.filled == f"{self.printed} = {self.printed}" else self.filled

    def lines(self) -> list[str]:
        """All of it as lines of text."""
        lines = [self.means, "", f"  {self.formula}", f"  = {self.equation}", *(f"    {step}" for step in self.steps)]
        if self.stands:
            lines += ["", self.stands]
        lines += self.pulls
        return [*lines, "", self.source] if self.source else lines


def cell_at(exhibit: Exhibit, row: str, column: str, style: HouseStyle) -> Cell:
    """The number at a place: by its keys, or by what stub and head print.

    Raises
    ------
    Problem
        Where there is none; the nearest place is offered.
    """
    if isinstance(exhibit.sheet, FigureSheet) and (found := numbers_of_marks(exhibit.sheet).get((row, column))):
        return found
    known = quotable(exhibit)
    if (row, column) in known:
        return _shown(exhibit, row, column) or known[row, column]
    sheet = exhibit.sheet
    if not isinstance(sheet, TableSheet):
        raise _not_in_figure(sheet, row, column)
    places = {
        (_plain(x), _plain(y)): key
        for key, (a, b) in reversed(places_of(sheet, style).items())
        for x in (key[0], a)
        for y in (key[1], b)
    }
    key = places.get((_plain(row), _plain(column)))
    if key is None:
        names = [name for place in places for name in place if name]
        unknown = [name for name in (row, column) if _plain(name) not in names]
        offered = together([nearest(_plain(name), names) for name in unknown or (column,)], "")
        raise Problem(
            english(
                "There is no number in row “{row}” and column “{column}”.{offered}",
                row=row,
                column=column,
                offered=offered,
            )
        )
    return _shown(exhibit, *key) or known[key]


def numbers_of_marks(sheet: FigureSheet) -> dict[tuple[str, str], Cell]:
    """{(row, column): number} of what can be opened in a figure."""
    items = (item for panel in sheet.panels for mark in panel.marks for item in items_of(mark))
    return {(cell.row, cell.column): cell for item in items for cell in item.numbers}


def _not_in_figure(sheet: FigureSheet, row: str, column: str) -> Problem:
    """What there is instead of a number that a figure does not have."""
    keys = list(numbers_of_marks(sheet))
    rows = list(dict.fromkeys(key[0] for key in keys))
    columns = [key[1] for key in keys if key[0] == row]
    offered = nearest(column, columns) if columns else nearest(row, rows)
    return Problem(
        english(
            "There is no number in row “{row}” and column “{column}” of this figure.{offered}",
            row=row,
            column=column,
            offered=offered,
        )
    )


def _plain(words: str) -> str:
    return " ".join(words.replace("/", " ").casefold().split())


def _shown(exhibit: Exhibit, row: str, column: str) -> Cell | None:
    """The cell of the table with these keys, which knows its statistic."""
    sheet = exhibit.sheet
    rows = sheet.rows if isinstance(sheet, TableSheet) else ()
    found = (
        cell
        for line in rows
        for text in line.cells
        for cell in cells_in(text)
        if (cell.row, cell.column) == (row, column)
    )
    return next(found, None)


def opened(exhibit: Exhibit, row: str, column: str, style: HouseStyle) -> Explained:
    """Open the number at a place.

    Raises
    ------
    Problem
        Where there is none, or it has no working that can be followed by hand.
    """
    return opened_cell(exhibit, cell_at(exhibit, row, column, style), style)


def opened_cell(exhibit: Exhibit, cell: Cell, style: HouseStyle) -> Explained:
    """Open a number of an exhibit's table.

    Raises
    ------
    Problem
        Where it has no working that can be followed by hand.
    """
    if exhibit.request.settings["hide_below"] is not None:
        raise Problem(english("Numbers are not opened where small counts are hidden: their working would tell them."))
    known = isinstance(cell.value, float | int)
    working = _working(exhibit, cell) if known else None
    if working is None or not isinstance(cell.value, float | int):
        raise Problem(
            english(
                "This number has no working that could be followed by hand: it is hidden, weighted, or more than sums and order."
            )
        )
    rows = _rows(cell, exhibit)
    printed = print_cell(cell, style).lstrip("= \N{NO-BREAK SPACE}")  # a p in words brings its sign along
    count, influence = _cases(cell, exhibit), _influence(working, cell, exhibit, rows)
    return Explained(
        value=float(cell.value),
        printed=printed,
        means=plain_text(working.means, style),
        formula=_line(working.formula, style),
        filled=f"{working.filled} {printed if printed[0] in '<>' else f'= {printed}'}",
        steps=tuple(_line(step, style) for step in working.steps),
        count=count,
        cases=tuple(rows[:MOST_CASES].tolist()),
        influence=influence,
        stands=plain_text(say("stand_behind_it" if count > 1 else "stands_behind_it", n=count), style) if count else "",
        pulls=tuple(
            plain_text(say("without_row", row=str(row), value=f"{value:.10g}"), style) for row, value in influence
        ),
        source=_source(cell, exhibit, style),
    )


def _working(exhibit: Exhibit, cell: Cell) -> Working | None:
    """As the form explains what only its marks have, else as the verb does."""
    own = None
    if exhibit.is_figure:
        own = form_of(exhibit.form).explain(exhibit.drawn_plan, exhibit.result.drawings, cell)
    return own or verb_of(exhibit.request.verb).explain(exhibit.plan, exhibit.result, cell)


def _line(line: Line, style: HouseStyle) -> str:
    return line if isinstance(line, str) else plain_text(line, style)


def _rows(cell: Cell, exhibit: Exhibit) -> Rows:
    """The data rows that the number stands for, from 1."""
    data, cases = exhibit.drawn_plan.data, exhibit.drawn_plan.cases
    if cell.behind is None:
        return np.zeros(0, np.int64)
    mask = mask_of(cell.behind, data) & cases.mask
    return data.named(np.flatnonzero(mask))


def _cases(cell: Cell, exhibit: Exhibit) -> int:
    """How many cases the number stands for, of which several may stand in a row."""
    if cell.behind is None:
        return 0
    data, cases = exhibit.drawn_plan.data, exhibit.drawn_plan.cases
    return data.cases_in(mask_of(cell.behind, data) & cases.mask) if data.occasions == 1 else _rows(cell, exhibit).size


def _influence(working: Working, cell: Cell, exhibit: Exhibit, rows: Rows) -> tuple[tuple[int, float], ...]:
    """Who pulls most: of the outermost cases, those without which the number changes most."""
    behind = cell.behind
    if (
        working.without is None
        or behind is None
        or not 3 <= rows.size <= MOST_FOR_PULLING
        or exhibit.drawn_plan.data.origin is not None
    ):
        return ()
    values = exhibit.drawn_plan.data.numbers(behind.variable).values[rows - 1]
    order = np.argsort(values, kind="stable")
    outermost = dict.fromkeys([*order[:ENDS].tolist(), *order[-ENDS:].tolist()])
    found = [(int(rows[place]), working.without(np.delete(values, place))) for place in outermost]
    assert isinstance(cell.value, float | int)
    there = float(cell.value)
    pulling = sorted((f for f in found if math.isfinite(f[1])), key=lambda f: (-abs(f[1] - there), f[0]))
    return tuple(pulling[:MOST_PULLING])


def _source(cell: Cell, exhibit: Exhibit, style: HouseStyle) -> str:
    """The definition that the house gives, and the file with how it was read."""
    entry = STATISTICS.get(cell.statistic)
    said = (phrase for phrase in phrases_in(exhibit.methods) if entry is not None and phrase.id == entry.defined)
    defined = next((plain_text((phrase,), style) for phrase in said), "")
    read = " · ".join(filter(None, (exhibit.source.name, exhibit.source.reading)))
    return " ".join(filter(None, (defined, read))).replace(ABSENT, "–")
