"""Quantile plots: ordered values against those of a normal distribution, with the line of mean and SD and its band."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group
from istrel.exhibits.figure import Axis, Band, Dots, FigureSheet, Line, Panel
from istrel.exhibits.forms.common import axis_of, check_drawn, groups_of, n_cell, panel_label
from istrel.exhibits.shared import moments_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import in_group, titled_with_unit
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


def draw(plan: Any) -> tuple[QuantileCell, ...]:
    """The plot of every group of two values or more that differ."""
    made = []
    for name, grouping, cells in groups_of(plan):
        shape = moments_of(name, grouping, plan.data)
        means, deviations = moments.mean(shape), moments.sd(shape)
        for i, group in enumerate(grouping.groups):
            mean, sd = means.at(i), deviations.at(i)
            if isinstance(mean, Undefined) or isinstance(sd, Undefined) or sd == 0:
                continue
            y = cells.group(i)
            x = normality.normal_positions(y.size)
            reach = normality.quantile_band(y.size, confidence=plan.request.settings["confidence"])
            kept = np.unique(np.linspace(0, y.size - 1, min(y.size, MOST_POINTS)).round().astype(int))
            line, band = mean + sd * x[kept], sd * reach[kept]
            if np.isfinite(line).all() and np.isfinite(band).all():
                made.append(
                    QuantileCell(name, group, int(y.size), x[kept], y[kept], mean, sd, line - band, line + band)
                )
    return tuple(made)


def figure(plan: Any, drawings: tuple[QuantileCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel for every variable and group."""
    check_drawn(drawings, plan, "quantile plot")
    panels = []
    for cell in drawings:
        low, high = min(float(cell.y[0]), float(cell.low[0])), max(float(cell.y[-1]), float(cell.high[-1]))
        beside = 0.04 * (high - low)
        some = np.unique(np.linspace(0, cell.y.size - 1, min(cell.y.size, MOST_DOTS)).round().astype(int))
        line = Line(cell.x, cell.mean + cell.sd * cell.x, say("normal"), dashed=True, ink="curve")
        marks = (Band(cell.x, cell.low, cell.high), line, Dots(cell.x[some], cell.y[some]))
        edge = float(cell.x[-1]) * 1.08
        x = Axis(say("Normal quantile"), -edge, edge)
        y = axis_of(cell.variable, plan, low - beside, high + beside)
        label = panel_label(cell.group, plan, several=len(drawings) > 1)
        panels.append(Panel(x, y, marks, label, n_cell(cell.n, cell.variable, cell.group)))
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    own = say(
        "The dashed line is the normal distribution with the mean and SD of the cases; the band is its pointwise {level}% band.",
        level=level,
    )
    return FigureSheet(title, tuple(panels), (*notes, *general([own])), _alt(drawings, plan))


def methods(plan: Any, drawings: tuple[QuantileCell, ...]) -> Text:
    """The positions."""
    del plan
    return say("Quantile plots use Blom’s (1958) positions.") if drawings else ()


def _alt(drawings: tuple[QuantileCell, ...], plan: Any) -> Text:
    parts = []
    for cell in drawings:
        name = titled_with_unit(plan.data.variable(cell.variable))
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("Quantile plot of {name}{where}, n = {n}.", name=name, where=in_group(cell.group), n=n))
    return sentences(parts)
