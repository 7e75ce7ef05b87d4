"""Quantile plots: ordered values against those of a normal distribution, with the line of mean and SD and its band."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import finite, groups
from istrel.exhibits.figure import Axis, Band, Dots, FigureSheet, Item, Line, Panel
from istrel.exhibits.forms.common import axis_of, check_drawn, groups_of, key_of, n_cell, own_cell, panel_label
from istrel.exhibits.forms.marks_working import explain_expected
from istrel.exhibits.shared import moments_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Text, say, sentences
from istrel.exhibits.wording import in_group, titled_with_unit, value_cell
from istrel.stats import moments, normality
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_POINTS = 5000
MOST_DOTS = 1000


@dataclass(frozen=True, eq=False)
class QuantileCell:
    """Expected normal quantiles x, ordered values y, the line's mean and SD, the band around the line."""

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array
    mean: float
    sd: float
    low: Array
    high: Array


def draw(plan: Plan) -> tuple[QuantileCell, ...]:
    """The plot of every group of two values or more that differ."""
    made = []
    for name, grouping, cells in groups_of(plan):
        shape = moments_of(name, grouping, plan.data)
        means, deviations = moments.mean(shape), moments.sd(shape)
        for i, group in enumerate(grouping.groups):
            mean, sd = means.at(i), deviations.at(i)
            if isinstance(mean, Undefined) or isinstance(sd, Undefined) or sd == 0:
                continue
            part, n = cells.only(i), int(cells.sizes[i])
            x = normality.normal_positions(n, most=MOST_POINTS)
            y = part.values[np.searchsorted(part.running, normality.places_shown(n, MOST_POINTS)) - 1]
            low, high = (mean + sd * limit for limit in _band(n, plan))
            if np.isfinite(mean + sd * x).all() and not np.isnan(low).any():
                made.append(QuantileCell(name, group, n, x, y, mean, sd, low, high))
    return tuple(made)


def _band(n: int, plan: Plan) -> tuple[Array, Array]:
    """(low, high) of the band in standard units around the line: point by point, or for all points at once."""
    said = plan.request.settings
    if said["band"] == "simultaneous":
        return normality.simultaneous_band(n, confidence=said["confidence"], most=MOST_POINTS)
    return normality.quantile_band(n, confidence=said["confidence"], most=MOST_POINTS)


def figure(plan: Plan, drawings: tuple[QuantileCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel for every variable and group."""
    check_drawn(drawings, plan, "quantile plot")
    panels = []
    for cell in drawings:
        ends = np.concatenate([cell.low, cell.high])
        ends = ends[np.isfinite(ends)]
        low, high = min(float(cell.y[0]), float(ends.min())), max(float(cell.y[-1]), float(ends.max()))
        beside = 0.04 * (high - low)
        band = Band(cell.x, np.maximum(cell.low, low - beside), np.minimum(cell.high, high + beside))
        some = np.unique(np.linspace(0, cell.y.size - 1, min(cell.y.size, MOST_DOTS)).round().astype(int))
        line = Line(cell.x, cell.mean + cell.sd * cell.x, say("line_normal"), dashed=True, ink="curve")
        marks = (band, line, Dots(cell.x[some], cell.y[some], _items(cell, some, plan)))
        edge = float(cell.x[-1]) * 1.08
        x = Axis(say("normal_quantile"), -edge, edge)
        y = axis_of(cell.variable, plan, low - beside, high + beside)
        label = panel_label(cell.group, plan, several=len(drawings) > 1)
        panels.append(Panel(x, y, marks, label, n_cell(cell.n, cell.variable, cell.group)))
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    whole = "quantile_band_simultaneous"
    single = "quantile_band_pointwise"
    own = say(whole if plan.request.settings["band"] == "simultaneous" else single, level=level)
    numbers = tuple(
        Cell(value, Kind.MEASURE, row=key_of(cell.variable, cell.group), column=key)
        for cell in drawings
        for key, value in (("mean", cell.mean), ("sd", cell.sd), ("low", float(cell.y[0])), ("high", float(cell.y[-1])))
    )
    size = plan.request.settings["size"] or ""
    return FigureSheet(title, tuple(panels), (*notes, *general([own])), _alt(drawings, plan), numbers, size=size)


def _items(cell: QuantileCell, some: NDArray[np.int64], plan: Plan) -> tuple[Item, ...]:
    """What each dot says: its value, and what the normal distribution expects there; its cases are those of the value."""
    made = []
    for place in some.tolist():
        value, expected = float(cell.y[place]), cell.mean + cell.sd * float(cell.x[place])
        behind = Behind(f"{cell.variable} = {value:g}", cell.group.named, values=(cell.variable, (value,)))
        number = own_cell(f"expected {place + 1}", expected, cell, plan, behind)
        said = value_cell(value, cell.variable, plan.data)
        made.append(Item(say("a_normal_distribution_expects", value=said, expected=number), behind, (number,)))
    return tuple(made)


def methods(plan: Plan, drawings: tuple[QuantileCell, ...]) -> Text:
    """The positions."""
    if not drawings:
        return ()
    texts = [say("quantile_plots_use_bloms_1958")]
    if plan.request.settings["band"] == "simultaneous":
        texts.append(say("the_simultaneous_band_holds_all"))
    return sentences(texts)


def _alt(drawings: tuple[QuantileCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        name = titled_with_unit(plan.data.variable(cell.variable))
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("quantile_plot_of_n", name=name, where=in_group(cell.group, plan.data), n=n))
    return sentences(parts)


def values(cell: QuantileCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    line = {"mean": cell.mean, "sd": cell.sd}
    points = {"x": cell.x.tolist(), "y": cell.y.tolist()}
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        **points,
        **line,
        "low": finite(cell.low),
        "high": finite(cell.high),
    }


FORM: Form[Plan, QuantileCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=explain_expected,
    draw=draw,
)
