"""Density curves: Gaussian kernel densities of every group, overlaid in one panel per variable."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group
from istrel.exhibits.figure import Axis, FigureSheet, Line, Panel
from istrel.exhibits.forms.common import axis_of, bandwidth_words, check_drawn, density_of, groups_of, n_cell
from istrel.exhibits.table import Note
from istrel.exhibits.text import Text, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import group_label, in_group, titled_with_unit, value_cell

Array = NDArray[np.float64]


@dataclass(frozen=True, eq=False)
class DensityCell:
    """A density of one variable in one group: x ascending, y, and the kernel's SD."""

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array
    bandwidth: float


def draw(plan: Any) -> tuple[DensityCell, ...]:
    """The density of every group whose values have a spread."""
    made = []
    for name, grouping, cells in groups_of(plan):
        for i, group in enumerate(grouping.groups):
            curve = density_of(cells.group(i), plan.request.settings)
            if curve is not None:
                made.append(DensityCell(name, group, int(cells.sizes[i]), curve.x, curve.y, curve.bandwidth))
    return tuple(made)


def figure(plan: Any, drawings: tuple[DensityCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a line per group."""
    check_drawn(drawings, plan, "density")
    panels = []
    for name in dict.fromkeys(cell.variable for cell in drawings):
        mine = [cell for cell in drawings if cell.variable == name]
        low, high = min(float(c.x[0]) for c in mine), max(float(c.x[-1]) for c in mine)
        peak = max(float(cell.y.max()) for cell in mine)
        several = len(mine) > 1
        lines = tuple(
            Line(c.x, c.y, group_label(c.group, several=True) if several else (), series=k) for k, c in enumerate(mine)
        )
        meaning = say("the area under the curve between two values is the share of cases there")
        y = Axis(say("Density"), 0.0, 1.06 * peak, meaning=meaning)
        n = None if several else n_cell(mine[0].n, name, mine[0].group)
        panels.append(Panel(axis_of(name, plan, low, high), y, lines, (), n))
    return FigureSheet(title, tuple(panels), notes, _alt(drawings, plan))


def methods(plan: Any, drawings: tuple[DensityCell, ...]) -> Text:
    """Kernel and bandwidth as they were really used."""
    if not drawings:
        return ()
    return say("Densities use a Gaussian kernel with {how}.", how=bandwidth_words(plan.request.settings))


def _alt(drawings: tuple[DensityCell, ...], plan: Any) -> Text:
    parts = []
    for cell in drawings:
        peak = value_cell(float(cell.x[int(cell.y.argmax())]), cell.variable, plan.data, figures=3)
        name = titled_with_unit(plan.data.variable(cell.variable))
        n = n_cell(cell.n, cell.variable, cell.group)
        template = "Density of {name}{where}, n = {n}, highest near {peak}."
        parts.append(say(template, name=name, where=in_group(cell.group), n=n, peak=peak))
    return sentences(parts)
