"""Two numeric variables as a plane of counts."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group
from istrel.exhibits.figure import FigureSheet, Panel, Tiles
from istrel.exhibits.forms.common import axis_of, n_cell, panel_label
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Text, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import in_group, titled_with_unit
from istrel.problem import Problem
from istrel.stats import density

BINS = 30


@dataclass(frozen=True, eq=False)
class PlaneCell:
    """Two numeric variables as counts in equal classes: edges (bins + 1,), counts (bins, bins)."""

    a: str
    b: str
    group: Group
    n: Count
    x_edges: NDArray[np.float64]
    y_edges: NDArray[np.float64]
    counts: NDArray[np.int64]


def draw(plan: Any) -> tuple[PlaneCell, ...]:
    """The plane of every group."""
    a, b = plan.names
    first, second = plan.data.numbers(a), plan.data.numbers(b)
    made = []
    for grouping in plan.groupings:
        for i, group in enumerate(grouping.groups):
            both = (grouping.codes == i) & first.valid & second.valid
            bins = plan.request.settings["bins"] or BINS
            edges = density.count_plane(first.values[both], second.values[both], bins=bins)
            made.append(PlaneCell(a, b, group, int(both.sum()), *edges))
    return tuple(made)


def figure(plan: Any, drawings: tuple[PlaneCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per group."""
    drawn = [cell for cell in drawings if cell.n]
    if not drawn:
        raise Problem(f"No case in use has both “{plan.names[0]}” and “{plan.names[1]}”, so there is nothing to draw.")
    panels = []
    for cell in drawn:
        x = axis_of(cell.a, plan, float(cell.x_edges[0]), float(cell.x_edges[-1]), shared="x")
        y = axis_of(cell.b, plan, float(cell.y_edges[0]), float(cell.y_edges[-1]), shared="y")
        tiles = Tiles(cell.x_edges, cell.y_edges, np.where(cell.counts > 0, cell.counts, np.nan))
        label = panel_label(cell.group, plan, several=len(drawn) > 1)
        panels.append(Panel(x, y, (tiles,), label, n_cell(cell.n, f"{cell.a} × {cell.b}", cell.group)))
    own = say("Darker tiles hold more cases; tiles without cases are left white.")
    return FigureSheet(title, tuple(panels), (*notes, *general([own])), _alt(drawn, plan))


def methods(plan: Any, drawings: tuple[PlaneCell, ...]) -> Text:
    """The classes."""
    del drawings
    return say("Cases are counted in {n} × {n} classes.", n=plan.request.settings["bins"] or BINS)


def _alt(drawings: list[PlaneCell], plan: Any) -> Text:
    parts = []
    for cell in drawings:
        a, b = (titled_with_unit(plan.data.variable(name)) for name in (cell.a, cell.b))
        n = n_cell(cell.n, f"{cell.a} × {cell.b}", cell.group)
        parts.append(say("Plane of {a} and {b}{where}, n = {n}.", a=a, b=b, where=in_group(cell.group), n=n))
    return sentences(parts)
