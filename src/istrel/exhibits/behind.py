"""The cases behind a number of a table or a bar of a figure."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset, rows_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.sheet import Behind, Compound, FigureSheet, TableSheet, as_plain
from istrel.stats.quantiles import CaseValue

Mask = NDArray[np.bool_]
Found = tuple[tuple[int, ...], str, str]
AT_VALUE = ("min", "max", "mode")
LISTED = ("lowest", "highest", "outliers")


def cases_of_cell(exhibit: Exhibit, row: int, column: int, data: Dataset) -> Found | None:
    """(data rows from 1, what they are in words, the variable to look at) behind a cell of a table.

    A minimum, maximum or mode means the cases with that value, "missing" those without one, a list of cases just these.
    None where the cell stands for no cases, or they are hidden.
    """
    sheet = exhibit.sheet
    if not isinstance(sheet, TableSheet) or sheet.rows[row].behind is None:
        return None
    line = sheet.rows[row]
    parts = [part for part in (line.behind, sheet.behind[column] if column < len(sheet.behind) else None) if part]
    variable = next((name for part in parts for name in _names(part)), "")
    statistic = exhibit.shown[column] if not sheet.behind and column < len(exhibit.shown) else ""
    words = as_plain(line.stub)
    cell = line.cells[column] if column < len(line.cells) else None
    value = None if cell is None or isinstance(cell, Compound) else cell.value
    mask = exhibit.cases.mask.copy()
    if statistic == "missing" and line.behind is not None:
        parts = [Behind(line.behind.equal, missing=line.behind.valid)]
        words = f"{words}, missing"
    for part in parts:
        mask &= mask_of(part, data)
    if statistic in AT_VALUE and isinstance(value, float | tuple) and variable:
        mask &= np.isin(data.numbers(variable).values, np.atleast_1d(np.array(value, float)))
        words = f"{words}, {statistic}"
    if statistic in LISTED and line.about is not None:
        return _listed(exhibit, row, statistic)
    return rows_of(mask), words, variable


def cases_of_bar(exhibit: Exhibit, panel: int, bar: int, data: Dataset) -> Found | None:
    """(data rows from 1, what they are, the variable) behind a bar of a histogram; None where there is none."""
    sheet = exhibit.sheet
    if not isinstance(sheet, FigureSheet) or not 0 <= bar < sheet.panels[panel].heights.size:
        return None
    here = sheet.panels[panel]
    low, high = float(here.edges[bar]), float(here.edges[bar + 1])
    outermost = bar == (0 if here.closed == "right" else here.heights.size - 1)
    inside = _within(data, here.variable, low, high, "both" if outermost else here.closed)
    mask = exhibit.cases.mask & inside & mask_of(Behind(here.groups), data)
    words = f"{here.variable} from {low:g} to {high:g}".replace("-", "−")
    return rows_of(mask), f"{here.label}, {words}" if here.label else words, here.variable


def cases_of_note(exhibit: Exhibit, note: MarginNote, data: Dataset) -> Found | None:
    """(data rows from 1, what the note says, the variable) behind a margin note; None where it means no cases."""
    if note.cases is None:
        return None
    return rows_of(exhibit.cases.mask & mask_of(note.cases, data)), f"{note.variable}: {note.says}", note.variable


def mask_of(behind: Behind, data: Dataset) -> Mask:
    """The cases for which all parts hold, shape (rows,); conditions on cases come on top of it."""
    mask = data.kept
    for name, value in behind.equal:
        categories = data.categories(name)
        place = categories.values.index(value) if value in categories.values else -1
        mask &= categories.codes == place
    for name in behind.valid:
        mask &= data.present(name)
    for name in behind.missing:
        mask &= ~data.present(name)
    if behind.within is not None:
        mask &= _within(data, *behind.within)
    return mask


def _within(data: Dataset, name: str, low: float, high: float, closed: str) -> Mask:
    """Values of a class, whose limits on the left, the right or both sides belong to it."""
    numbers = data.numbers(name)
    values = numbers.values
    above = values > low if closed == "right" else values >= low
    below = values < high if closed == "left" else values <= high
    inside: Mask = numbers.valid & above & below
    return inside


def _listed(exhibit: Exhibit, row: int, statistic: str) -> Found | None:
    """The cases that a list of lowest, highest or outlying values names."""
    sheet = exhibit.sheet
    assert isinstance(sheet, TableSheet)
    about = sheet.rows[row].about
    for cell in exhibit.result.cells:
        if about is not None and cell.variable == about.variable and cell.group.labels == about.group:
            values = cell.statistics.get(statistic, ())
            rows = tuple(sorted(value.row for value in values if isinstance(value, CaseValue)))
            return rows, f"{about.variable}, {statistic}", about.variable
    return None


def _names(part: Behind) -> tuple[str, ...]:
    """The variables a part speaks of, the one to look at first."""
    within = (part.within[0],) if part.within else ()
    return (*part.valid, *part.missing, *within, *(name for name, _ in part.equal))
