"""The manuscript: kept exhibits made again from the study as it stands, and which of their numbers moved."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.exhibits.printing import print_table
from istrel.exhibits.sheet import FigureSheet
from istrel.problem import Problem
from istrel.study.study import Kept, Study
from istrel.style.house import HouseStyle


@dataclass(frozen=True, eq=False)
class Entry:
    """A kept exhibit as it is now.

    Attributes
    ----------
    exhibit, number
        The exhibit as it is now (None when it cannot be made any more), and its number.
    moved
        How many printed numbers differ from those accepted.
    trouble
        Why it cannot be made.
    """

    kept: Kept
    label: str
    number: str
    exhibit: Exhibit | None
    moved: int = 0
    trouble: str = ""

    @property
    def status(self) -> str:
        """In a few words: as kept, how many numbers moved, or why it cannot be made."""
        if self.trouble:
            return f"cannot be made: {self.trouble}"
        if not self.moved:
            return "as kept"
        return "drawn again" if self.kept.is_figure else f"{self.moved} number{'s' if self.moved > 1 else ''} moved"


def printed_numbers(exhibit: Exhibit, style: HouseStyle) -> tuple[str, ...]:
    """What an exhibit prints, as comparable strings: the cells of a table, the heights of a figure."""
    sheet = exhibit.sheet
    if isinstance(sheet, FigureSheet):
        return tuple(
            repr(value) for panel in sheet.panels for value in (*panel.edges.tolist(), *panel.heights.tolist())
        )
    return tuple(cell for row in print_table(sheet, style).rows for cell in row.cells)


def compose(study: Study, style: HouseStyle) -> tuple[Entry, ...]:
    """Every kept exhibit made again and numbered in order, tables and figures apart."""
    counts = {True: 0, False: 0}
    entries = []
    for kept in study.kept:
        counts[kept.is_figure] += 1
        number = str(counts[kept.is_figure])
        label = (style.figure if kept.is_figure else style.table).label.format(number=number)
        try:
            exhibit = _made(kept, study, style)
        except Problem as problem:
            entries.append(Entry(kept, label, number, None, trouble=problem.message))
            continue
        now = printed_numbers(exhibit, style)
        entries.append(Entry(kept, label, number, exhibit, moved=differences(kept.printed, now)))
    return tuple(entries)


def _made(kept: Kept, study: Study, style: HouseStyle) -> Exhibit:
    source = study.sources[kept.source]
    return make_exhibit(kept.sentence, source.data, style, source.standing)


def differences(before: tuple[str, ...], now: tuple[str, ...]) -> int:
    """How many strings differ place by place; lines more or fewer count too."""
    changed = sum(a != b for a, b in zip(before, now, strict=False))
    return changed + abs(len(before) - len(now))
