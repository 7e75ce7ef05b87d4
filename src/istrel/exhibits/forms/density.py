"""Density curves: Gaussian kernel densities of every group, over each other, stacked, in panels or in rows that overlap."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import groups
from istrel.exhibits.figure import Axis, Band, FigureSheet, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    arrangement,
    axis_of,
    by_panel,
    check_drawn,
    group_item,
    groups_of,
    inner,
    is_log,
    key_of,
    n_cell,
    n_of_mark,
    named_with_n,
    one_of,
    panel_label,
    room_beside,
    told_of,
    values_of_group,
)
from istrel.exhibits.forms.curves import NONE, bandwidth_words, bounds_of, density_of, reflected_note
from istrel.exhibits.forms.histogram_panels import marked_values, norm_of, upright_marks
from istrel.exhibits.forms.marks_working import bandwidth_cell, explain_bandwidth
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Text, say, sentences
from istrel.exhibits.weights import distribution_of
from istrel.exhibits.wording import group_label, has_groups, value_cell
from istrel.stats import moments, quantiles
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
ARRANGED = ("overlaid", "stacked", "panels", "ridges")
OVERLAP = 1.6  # how many rows a ridge is high


@dataclass(frozen=True, eq=False)
class DensityCell:
    """A density of one variable in one group.

    Attributes
    ----------
    x, y
        x ascending; y is the density there, or with `cumulative` the share of mass up to it. On a logarithmic axis y is
        the density per factor of ten.
    bandwidth
        The kernel's SD; of the decimal logarithms on a logarithmic axis.
    weight
        What y was multiplied by: 1, or the group's share of the cases.
    """

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array
    bandwidth: float
    mean: float | None = None
    median: float | None = None
    weight: float = 1.0

    @property
    def density(self) -> DensityCell:
        """The curve itself, for what marks humps."""
        return self


def draw(plan: Plan) -> tuple[DensityCell, ...]:
    """The density of every group whose values have a spread."""
    said, log, made = plan.request.settings, is_log(plan), []
    for name, grouping, cells in groups_of(plan):
        bounds = bounds_of(name, plan)
        spread = distribution_of(name, grouping, plan.data) if plan.cases.weighted else None
        means, halves = moments.mean_of(cells), quantiles.quantile(cells, 0.5).values
        total = float(cells.sizes.sum() if spread is None else spread.sums.sum())
        for i, group in enumerate(grouping.groups):
            values, weights = values_of_group(cells, i, spread)
            if log:
                values, weights = _logarithms(values, weights)
            curve = density_of(values, said, bounds, weights, cases=spread is None)
            if curve is None:
                continue
            y = curve.cumulative if said["cumulative"] else curve.y
            mass = float(values.size if weights is None else weights.sum())
            weight = mass / total if said["weight"] == "size" else 1.0
            middle = float(means[i]), float(halves[i])
            if spread is not None:
                own, w = spread.group(i)
                middle = float(w @ own / w.sum()), float(spread.quantiles(np.full(grouping.n_groups, 0.5))[i])
            x = 10.0**curve.x if log else curve.x
            n = int(mass) if spread is None else int(values.size)
            made.append(DensityCell(name, group, n, x, weight * y, curve.bandwidth, *middle, weight))
    return tuple(made)


def _logarithms(values: Array, weights: Array | None) -> tuple[Array, Array | None]:
    positive = values > 0
    return np.log10(values[positive]), None if weights is None else weights[positive]


def figure(plan: Plan, drawings: tuple[DensityCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """The curves in their arrangement."""
    arranged = arrangement(plan, "overlaid", ARRANGED) if has_groups(plan.groupings) else "overlaid"
    check_drawn(drawings if arranged == "panels" else drawings[:1], plan, "density")
    make = {"overlaid": _overlaid, "stacked": _stacked, "panels": _panels, "ridges": _ridges}[arranged]
    panels = make(plan, drawings)
    numbers = tuple(
        Cell(float(y), Kind.MEASURE, row=key_of(c.variable, c.group), column=f"density at {x!r}")
        for c in drawings
        for x, y in zip(c.x[:: len(c.x) // 8].tolist(), c.y[:: len(c.x) // 8].tolist(), strict=True)
    )
    own = general(_own_notes(plan, drawings))
    size, tall = plan.request.settings["size"] or "", 3.4 * len(drawings) if arranged == "ridges" else 0.0
    return FigureSheet(
        title,
        panels,
        (*notes, *own),
        _alt(drawings, plan),
        numbers,
        size=size,
        tall=tall,
        beside=arranged == "overlaid",
    )


def _own_notes(plan: Plan, drawings: tuple[DensityCell, ...]) -> list[Text]:
    said = plan.request.settings
    texts = [say("gaussian_kernel_densities_with", how=bandwidth_words(said))]
    if said["weight"] == "size" and has_groups(plan.groupings):
        texts.append(say("the_area_of_each_curve"))
    texts += reflected_note(drawings, plan)
    if is_log(plan):
        texts.append(say("the_axis_is_logarithmic_densities"))
    return texts


def _height(plan: Plan) -> tuple[Text, Text]:
    """(title, meaning) of the axis of heights."""
    if plan.request.settings["cumulative"]:
        return say("cumulative_proportion"), say("the_share_of_the_area")
    meaning = say("the_area_under_the_curve")
    unit = one_of(plan.data.variable(plan.names[0]).unit) if len(plan.names) == 1 else ""
    title = say("density_per", unit=unit) if unit else say("axis_density")
    return (say("density_per_factor_of_ten") if is_log(plan) else title), meaning


def _x_axis(name: str, cells: list[DensityCell], plan: Plan, *, shared: str = "") -> Axis:
    low, high = min(float(c.x[0]) for c in cells), max(float(c.x[-1]) for c in cells)
    if plan.request.settings["ends"] == "data" or bounds_of(name, plan) != NONE:
        low, high = room_beside(low, high, 0.02, log=is_log(plan))
    return axis_of(name, plan, low, high, shared=shared, log=is_log(plan))


def _opens(cell: DensityCell, plan: Plan) -> tuple[Cell, ...]:
    """What can be opened in a curve."""
    return bandwidth_cell(cell, plan), n_of_mark(cell, plan)


def _line(cell: DensityCell, series: int, plan: Plan, *, named: bool, base: Array | float = 0.0) -> Line:
    peak = value_cell(float(cell.x[int(cell.y.argmax())]), cell.variable, plan.data, figures=3)
    says = say("highest_near", group=named_with_n(cell), peak=peak)
    name = named_with_n(cell) if named else ()
    return Line(cell.x, cell.y + base, name, series=series, items=(group_item(cell, says, _opens(cell, plan)),))


def _overlaid(plan: Plan, drawings: tuple[DensityCell, ...]) -> tuple[Panel, ...]:
    """A panel per variable, a line per group."""
    panels = []
    for name, mine in by_panel(drawings):
        several = len(mine) > 1
        top = max(float(cell.y.max()) for cell in mine) * (1.16 if _is_marked(plan) else 1.1)
        filled = plan.request.settings["filled"]
        marks: list[Mark] = []
        for k, cell in enumerate(mine):
            if filled or (filled is None and not several):
                marks.append(Band(cell.x, np.zeros(cell.x.size), cell.y, series=k))
            marks.append(_line(cell, k, plan, named=several))
        if not several:
            values = [*marked_values(mine[0], plan.request.settings["mark"]), *norm_of(plan)]
            marks += upright_marks(values, mine[0], plan, top)
        title, meaning = _height(plan)
        n = None if several else n_cell(mine[0].n, name, mine[0].group)
        y = Axis(title, 0.0, top, meaning=meaning)
        panels.append(Panel(_x_axis(name, mine, plan), y, tuple(marks), (), n))
    return tuple(panels)


def _is_marked(plan: Plan) -> bool:
    return plan.request.settings["mark"] not in (None, "nothing")


def _panels(plan: Plan, drawings: tuple[DensityCell, ...]) -> tuple[Panel, ...]:
    """A panel for each group."""
    panels = []
    top = max(float(cell.y.max()) for cell in drawings) * (1.16 if _is_marked(plan) else 1.06)
    one = len(plan.names) == 1
    for name, mine in by_panel(drawings):
        x = _x_axis(name, mine, plan, shared=f"x {name}")
        for cell in mine:
            high = top if one else 1.1 * float(cell.y.max())
            title, meaning = _height(plan)
            y = Axis(title, 0.0, high, meaning=meaning, shared="y" if one else "")
            marks: list[Mark] = (
                [] if plan.request.settings["filled"] is False else [Band(cell.x, np.zeros(cell.x.size), cell.y)]
            )
            marks.append(_line(cell, 0, plan, named=False))
            marks += upright_marks(marked_values(cell, plan.request.settings["mark"]), cell, plan, high)
            label = panel_label(cell.group, plan, several=len(drawings) > 1)
            panels.append(Panel(x, y, tuple(marks), label, n_cell(cell.n, name, cell.group)))
    return tuple(panels)


def _stacked(plan: Plan, drawings: tuple[DensityCell, ...]) -> tuple[Panel, ...]:
    """Curves on each other: the height of all together is the density of all cases."""
    panels = []
    for name, mine in by_panel(drawings):
        grid = np.linspace(min(c.x[0] for c in mine), max(c.x[-1] for c in mine), 400)
        total = sum(cell.n for cell in mine if isinstance(cell.n, int)) or 1
        base, marks = np.zeros(grid.size), list[Mark]()
        for k, cell in enumerate(mine):
            share = 1.0 if cell.weight != 1.0 else (cell.n if isinstance(cell.n, int) else 0) / total
            top = base + share * _read_off(cell, grid)
            marks.append(Band(grid, base, top, series=k, strong=True))
            marks.append(
                Line(
                    grid,
                    top,
                    named_with_n(cell),
                    series=k,
                    items=(group_item(cell, named_with_n(cell), _opens(cell, plan)),),
                )
            )
            base = top
        title, meaning = _height(plan)
        y = Axis(title, 0.0, 1.1 * float(base.max()), meaning=meaning)
        panels.append(Panel(_x_axis(name, mine, plan), y, tuple(marks)))
    return tuple(panels)


def _read_off(cell: DensityCell, grid: Array) -> Array:
    """The curve at other values, 0 beyond its ends; on a moderate scale, where slopes are finite."""
    x, exponent = moderate(cell.x)
    return np.interp(np.ldexp(grid, -exponent), x, cell.y, left=0.0, right=0.0)


def _ridges(plan: Plan, drawings: tuple[DensityCell, ...]) -> tuple[Panel, ...]:
    """A row for each group, the first on top; each curve may rise over the row above it."""
    panels = []
    for name, mine in by_panel(drawings):
        peak = max(float(cell.y.max()) for cell in mine)
        marks: list[Mark] = []
        for k, cell in enumerate(mine):
            base = float(len(mine) - 1 - k)
            scaled = OVERLAP * cell.y / peak
            marks.append(Band(cell.x, np.full(cell.x.size, base), base + scaled, series=0, strong=True))
            marks.append(
                Line(cell.x, base + scaled, series=0, items=(group_item(cell, named_with_n(cell), _opens(cell, plan)),))
            )
        names = tuple(
            (float(len(mine) - 1 - k), say("group_over_n", group=group_label(c.group, several=True), n=n))
            for k, c in enumerate(mine)
            for n in (n_cell(c.n, name, c.group),)
        )
        y = Axis((), -0.15, len(mine) - 1 + OVERLAP * 1.05, places=names, meaning=_height(plan)[1])
        panels.append(Panel(_x_axis(name, mine, plan), y, tuple(marks)))
    return tuple(panels)


def methods(plan: Plan, drawings: tuple[DensityCell, ...]) -> Text:
    """Kernel and bandwidth as they were really used."""
    if not drawings:
        return ()
    return say("densities_use_a_gaussian_kernel", how=bandwidth_words(plan.request.settings))


def _alt(drawings: tuple[DensityCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        n, told = n_cell(cell.n, cell.variable, cell.group), told_of(cell, plan)
        if plan.request.settings["cumulative"]:
            parts.append(say("cumulative_curve_of_n", **told, n=n))
            continue
        peak = value_cell(float(cell.x[int(cell.y.argmax())]), cell.variable, plan.data, figures=3)
        parts.append(say("density_of_n_highest_near", **told, n=n, peak=peak))
    return sentences(parts)


def values(cell: DensityCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    entry = {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "x": cell.x.tolist(),
        "y": cell.y.tolist(),
        "bandwidth": cell.bandwidth,
    }
    return {**entry, "weight": cell.weight} if cell.weight != 1.0 else entry


def _hidden(ledger: Ledger, place: int, cell: DensityCell) -> DensityCell | None:
    """The curve without its ends, which tell the smallest and the largest value."""
    del place
    kept = inner(cell, ledger.below)
    return None if kept is None else replace(cell, x=cell.x[kept], y=cell.y[kept])


FORM: Form[Plan, DensityCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=explain_bandwidth,
    draw=draw,
    most_groups=40,
    weighted=True,
)
