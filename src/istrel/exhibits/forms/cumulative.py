"""Cumulative curves: the share of cases up to each value, in steps, a line per group."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group
from istrel.exhibits.figure import Axis, FigureSheet, Line, Panel
from istrel.exhibits.forms.common import axis_of, check_drawn, groups_of, n_cell
from istrel.exhibits.table import Note
from istrel.exhibits.text import Text, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import group_label, in_group, titled_with_unit

Array = NDArray[np.float64]
MOST_STEPS = 2000


@dataclass(frozen=True, eq=False)
class CumulativeCell:
    """The share of cases up to each value x, in %; thinned to points that an eye could tell apart."""

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array


def draw(plan: Any) -> tuple[CumulativeCell, ...]:
    """The curve of every group that has values."""
    made = []
    for name, grouping, cells in groups_of(plan):
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            values, counts = np.unique(cells.group(i), return_counts=True)
            share = 100.0 * np.cumsum(counts) / counts.sum()
            kept = np.unique(np.linspace(0, values.size - 1, min(values.size, MOST_STEPS)).round().astype(int))
            made.append(CumulativeCell(name, group, int(cells.sizes[i]), values[kept], share[kept]))
    return tuple(made)


def figure(plan: Any, drawings: tuple[CumulativeCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a stepped line per group."""
    check_drawn(drawings, plan, "cumulative curve")
    panels = []
    for name in dict.fromkeys(cell.variable for cell in drawings):
        mine = [cell for cell in drawings if cell.variable == name]
        low, high = min(float(c.x[0]) for c in mine), max(float(c.x[-1]) for c in mine)
        beside = 0.02 * (high - low) or 0.5
        several = len(mine) > 1
        lines = []
        for place, cell in enumerate(mine):
            x = np.concatenate([[low - beside], cell.x, [high + beside]])
            y = np.concatenate([[0.0], cell.y, [100.0]])
            label = group_label(cell.group, several=True) if several else ()
            lines.append(Line(x, y, label, series=place, steps=True))
        n = None if several else n_cell(mine[0].n, name, mine[0].group)
        y_axis = Axis(say("Cases up to the value, %"), 0.0, 103.0, meaning=say("the share of cases up to each value"))
        x_axis = axis_of(name, plan, low - beside, high + beside)
        panels.append(Panel(x_axis, y_axis, tuple(lines), (), n))
    return FigureSheet(title, tuple(panels), notes, _alt(drawings, plan))


def methods(plan: Any, drawings: tuple[CumulativeCell, ...]) -> Text:
    """The definition."""
    del plan
    return say("Cumulative curves are empirical distribution functions.") if drawings else ()


def _alt(drawings: tuple[CumulativeCell, ...], plan: Any) -> Text:
    parts = []
    for cell in drawings:
        name = titled_with_unit(plan.data.variable(cell.variable))
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("Cumulative curve of {name}{where}, n = {n}.", name=name, where=in_group(cell.group), n=n))
    return sentences(parts)
