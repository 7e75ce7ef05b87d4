"""What lies between two values of a drawing: the share of cases, exactly, and the area under the curve that is drawn."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from istrel.exhibits.cases import Group
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.forms.common import by_panel
from istrel.exhibits.forms.cumulative import CumulativeCell
from istrel.exhibits.forms.density import DensityCell
from istrel.exhibits.forms.histogram_cells import HistogramCell
from istrel.exhibits.make import Exhibit
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.wording import group_label, value_cell
from istrel.sentence.quoting import show_name
from istrel.stats import binning
from istrel.style.numbers import Kind

Marked = HistogramCell | DensityCell | CumulativeCell  # what has an axis of values that two limits can be marked on


@dataclass(frozen=True)
class Between:
    """Of one group: how many of its n cases lie between two values, both included, and the area under its curve, if any."""

    group: Group
    inside: int
    n: int
    area: float | None

    @property
    def share(self) -> float:
        return 100.0 * self.inside / self.n if self.n else float("nan")


def panel_cells(exhibit: Exhibit) -> list[list[Marked]]:
    """The drawings of each panel of a figure on whose axis two values can be marked; none for other forms, and for axes that
    several variables share: cases between two values would be others for each.
    """
    sheet, drawings = exhibit.sheet, exhibit.result.drawings
    marked = [cell for cell in drawings if isinstance(cell, Marked)]
    shared = exhibit.plan.together is not None
    if not isinstance(sheet, FigureSheet) or not marked or shared or exhibit.request.settings["hide_below"]:
        return []
    if len(sheet.panels) == len(marked):
        return [[cell] for cell in marked]
    return [cells for _, cells in by_panel(marked)]


def between(exhibit: Exhibit, cells: list[Marked], low: float, high: float) -> tuple[Between, ...]:
    """What lies between two values in each group of a panel."""
    made = []
    for cell in cells:
        names = tuple(name for name, _ in cell.group.named)
        grouping = next(g for g in exhibit.result.groupings if g.names == names)
        values = arranged(cell.variable, grouping, exhibit.plan.data).only(grouping.groups.index(cell.group))
        before = int(values.places(np.array([low]), after=False)[0, 0])
        inside = int(values.places(np.array([high]), after=True)[0, 0]) - before
        made.append(Between(cell.group, inside, int(values.sizes[0]), _area(exhibit, cell, low, high)))
    return tuple(made)


def _area(exhibit: Exhibit, cell: Marked, low: float, high: float) -> float | None:
    """Under the density, or under the normal curve over a histogram."""
    if isinstance(cell, DensityCell) and not exhibit.request.settings["cumulative"] and cell.weight == 1.0:
        x = np.log10(cell.x) if exhibit.request.settings["log"] != "no" else cell.x
        ends = np.log10([low, high]) if exhibit.request.settings["log"] != "no" and low > 0 else np.array([low, high])
        area = np.concatenate([[0.0], np.cumsum(np.diff(x) * (cell.y[1:] + cell.y[:-1]) / 2)])
        return float(np.interp(ends[1], x, area) - np.interp(ends[0], x, area))
    curve = cell.curve if isinstance(cell, HistogramCell) else None
    if curve is None:
        return None
    if curve.log and low <= 0:
        return None
    ends = np.log10([low, high]) if curve.log else np.array([low, high])
    parts = binning.normal_curve(ends, curve.mean, curve.sd, cumulative=True)
    return float(parts[1] - parts[0])


def words_of(exhibit: Exhibit, variable: str, low: float, high: float, found: tuple[Between, ...]) -> tuple[Text, ...]:
    """ "50 to 65: 43.3% of cases, .421 of the area"; a line for each group where there are several."""
    data = exhibit.plan.data
    ends = {"low": value_cell(low, variable, data), "high": value_cell(high, variable, data)}
    if len(found) == 1:
        (part,) = found
        text = say("share_of_cases_inside", share=_share(part), inside=part.inside, n=part.n)
        if part.area is not None:
            text = say("text_with_share_of_area", text=text, area=Cell(part.area, Kind.COEFFICIENT, 3))
        return (say("range_text", text=text, **ends),)
    lines = []
    for part in found:
        text = say("group_share", group=group_label(part.group, several=True), share=_share(part))
        lines.append(
            text if part.area is None else say("text_with_area", text=text, area=Cell(part.area, Kind.COEFFICIENT, 3))
        )
    return (say("cases_from_to", **ends), *lines)


def _share(part: Between) -> Cell:
    return Cell(part.share, Kind.PERCENT)


def as_condition(variable: str, low: float, high: float) -> str:
    """The condition that holds between the two values."""
    name = show_name(variable)
    return f"{name} between {low:.12g} and {high:.12g}"


def as_bands(variable: str, low: float, high: float) -> tuple[str, str]:
    """(name, formula) of a variable that parts the cases at the two values."""
    return f"{variable}_band", f"bands({show_name(variable)}, {low:.12g}, {high:.12g})"
