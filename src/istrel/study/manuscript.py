"""The manuscript: kept exhibits as they are now, each made when it is looked at, and which of their numbers moved."""

from __future__ import annotations

from dataclasses import dataclass
from typing import NamedTuple

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell, Hidden
from istrel.problem import Problem
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.study.remake import made
from istrel.study.study import Accepted, Kept, Study
from istrel.style.house import HouseStyle


class Moved(NamedTuple):
    """A number that is not what was accepted; None where there is none on that side."""

    row: str
    column: str
    old: float | str | tuple[float, ...] | None
    new: float | str | tuple[float, ...] | None


@dataclass(frozen=True, eq=False)
class Entry:
    """A kept exhibit as it is now.

    Attributes
    ----------
    exhibit, number
        The exhibit as it is now (None when it cannot be made any more), and its number.
    moved
        The numbers that differ from those accepted.
    trouble
        Why it cannot be made.
    """

    kept: Kept
    label: str
    number: str
    exhibit: Exhibit | None
    moved: tuple[Moved, ...] = ()
    trouble: str = ""

    @property
    def status(self) -> str:
        """In a few words: as kept, how many numbers moved, or why it cannot be made."""
        if self.trouble:
            return f"cannot be made: {self.trouble}"
        if not self.moved:
            return "as kept"
        if self.kept.is_figure:
            return "drawn again"
        return f"{len(self.moved)} number{'s' if len(self.moved) > 1 else ''} moved"


def numbers_of(exhibit: Exhibit) -> tuple[Accepted, ...]:
    """The numbers of an exhibit by row and column: the cells of a table, the heights of a figure."""
    sheet = exhibit.sheet
    cells = sheet.numbers if isinstance(sheet, FigureSheet) else tuple(sheet.cells)
    return tuple(Accepted(cell.row, cell.column, _value(cell)) for cell in cells if cell.row and cell.value is not None)


def _value(cell: Cell) -> float | str | tuple[float, ...]:
    value = cell.value
    if isinstance(value, Undefined | Hidden):
        return value.reason
    if isinstance(value, tuple):
        return tuple(part.value if isinstance(part, CaseValue) else part for part in value)
    return value if value is not None else ""


def moved_between(before: tuple[Accepted, ...], now: tuple[Accepted, ...]) -> tuple[Moved, ...]:
    """The numbers that differ, in the order of what is there now; those that are gone come last."""
    old = {(number.row, number.column): number.value for number in before}
    new = {(number.row, number.column): number.value for number in now}
    changed = [Moved(*key, old.get(key), value) for key, value in new.items() if old.get(key) != value]
    return (*changed, *(Moved(*key, value, None) for key, value in old.items() if key not in new))


def compose(study: Study, style: HouseStyle) -> tuple[Entry, ...]:
    """Every kept exhibit as it is now, numbered in order, tables and figures apart."""
    return tuple(entry_of(kept, study, style) for kept in study.kept)


def entry_of(kept: Kept, study: Study, style: HouseStyle) -> Entry:
    """One kept exhibit as it is now."""
    before = study.kept[: next(k for k, other in enumerate(study.kept) if other.id == kept.id) + 1]
    number = str(sum(other.is_figure == kept.is_figure for other in before))
    label = (style.figure if kept.is_figure else style.table).label.format(number=number)
    try:
        exhibit = made(kept, study)
    except Problem as problem:
        return Entry(kept, label, number, None, trouble=problem.message)
    return Entry(kept, label, number, exhibit, moved_between(kept.accepted, numbers_of(exhibit)))


def printed(value: object, style: HouseStyle) -> str:
    """A moved number in print, for a list of them."""
    return print_cell(Cell(value), style) if isinstance(value, float | str | tuple) else ""
