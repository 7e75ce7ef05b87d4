"""Violins: a density mirrored about its place, with quartile lines; two halves for the two values of a second factor."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import cast

import numpy as np

from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import groups
from istrel.exhibits.figure import Area, Array, Dots, FigureSheet, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    by_variable,
    check_drawn,
    group_item,
    groups_of,
    inner,
    is_log,
    key_of,
    n_cell,
    n_of_mark,
    refuse_not_above_0,
    room_beside,
    statistic_cell,
    told_of,
    values_of_group,
)
from istrel.exhibits.forms.curves import bandwidth_words, bounds_of, density_of, reflected_note
from istrel.exhibits.forms.marks_working import bandwidth_cell, explain_bandwidth
from istrel.exhibits.forms.places import INNER_HALF, Stands, lying, places_axis, stands_of
from istrel.exhibits.forms.swarm import Room, swarm, thinned
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Run, Text, say, sentences
from istrel.exhibits.wording import has_groups, summary_cell, value_cell
from istrel.stats import moments, quantiles
from istrel.style.numbers import Kind


@dataclass(frozen=True, eq=False)
class ViolinCell:
    """A density of one variable in one group, with quartiles; `x` are values of the variable, ascending."""

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array
    bandwidth: float
    q1: float
    median: float
    q3: float
    mean: float
    points: Array | None = None


def draw(plan: Plan) -> tuple[ViolinCell, ...]:
    """The violin of every group whose values have a spread."""
    refuse_not_above_0(plan)
    said, log, made = plan.request.settings, is_log(plan), []
    kind = cast(quantiles.QuantileType, said["quantiles"])
    for name, grouping, cells in groups_of(plan):
        levels = [quantiles.quantile(cells, p, kind=kind).values.tolist() for p in (0.25, 0.5, 0.75)]
        bounds, means = bounds_of(name, plan), moments.mean_of(cells)
        for i, group in enumerate(grouping.groups):
            values, cases = values_of_group(cells, i, None)
            shown = np.log10(values) if log else values
            curve = density_of(shown, said, bounds, cases, cases=True)
            if curve is None:
                continue
            q1, median, q3 = (level[i] for level in levels)
            x = 10.0**curve.x if log else curve.x
            points, n = thinned(cells.only(i)) if said["points"] else None, int(cells.sizes[i])
            made.append(
                ViolinCell(name, group, n, x, curve.y, curve.bandwidth, q1, median, q3, float(means[i]), points)
            )
    return tuple(made)


def figure(plan: Plan, drawings: tuple[ViolinCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a violin per group; halves where a second factor has two values."""
    check_drawn(drawings[:1], plan, "violins")
    panels = [_panel(name, mine, plan) for name, mine in by_variable(drawings)]
    numbers = tuple(
        Cell(float(getattr(cell, key)), Kind.MEASURE, row=key_of(cell.variable, cell.group), column=key)
        for cell in drawings
        for key in ("q1", "median", "q3")
    )
    size = plan.request.settings["size"] or ""
    all_notes = (*notes, *general([_own_note(plan), *reflected_note(drawings, plan)]))
    return FigureSheet(title, tuple(panels), all_notes, _alt(drawings, plan), numbers, size=size)


def _own_note(plan: Plan) -> Text:
    said = plan.request.settings
    text = say("violins_are_gaussian_kernel_densities", how=bandwidth_words(said))
    if said["mark"] in ("mean", "both"):
        text = (*text, *say("and_diamonds_are_means"))
    if said["points"]:
        text = (*text, *say("and_pale_dots_are_single_cases"))
    if said["weight"] == "size" and has_groups(plan.groupings):
        text = (*text, *say("and_areas_are_in_proportion_to_n"))
    return (*text, Run("."))


def _panel(name: str, mine: list[ViolinCell], plan: Plan) -> Panel:
    said, log = plan.request.settings, is_log(plan)
    stands = stands_of(mine, plan.groupings)
    split = len(stands.series) == 2
    widths = _widths(mine, stands, plan, split=split)
    low, high = min(float(c.x[0]) for c in mine), max(float(c.x[-1]) for c in mine)
    room = Room(stands.ends[1] - stands.ends[0], high - low)
    marks: list[Mark] = []
    for cell, stand, width in zip(mine, stands.stands, widths, strict=True):
        middle, sides = stand.middle, (-1.0, 1.0)
        if split:
            middle = round(stand.middle)
            sides = ((-1.0, 0.0), (0.0, 1.0))[stand.series]
        marks += _violin(cell, middle, width, sides, stand.series, stands.series[stand.series], plan)
        if cell.points is not None:
            x, y = swarm(cell.points, middle, 0.6 * stand.half, room)
            marks.append(Dots(x, y, series=stand.series, small=True))
        if said["mark"] in ("mean", "both"):
            marks.append(Dots(np.array([middle]), np.array([cell.mean]), series=3, ink="curve"))
    up = axis_of(name, plan, *room_beside(low, high, 0.03, log=log), log=log)
    names = [c.group.labels[0] for c in mine if c.group.labels]
    return Panel(places_axis(stands, plan), up, tuple(marks), lying=lying(plan, stands, names))


def _widths(cells: list[ViolinCell], stands: Stands, plan: Plan, *, split: bool) -> Array:
    """What a density is multiplied by to be half as wide as its place: alike, or in proportion to n."""
    halves = np.full(len(cells), INNER_HALF) if split else 1.25 * stands.halves
    peaks = np.array([float(cell.y.max()) for cell in cells])
    if plan.request.settings["weight"] == "size":
        sizes = np.array([cell.n if isinstance(cell.n, int) else 0 for cell in cells], float)
        return np.asarray(halves * sizes / ((sizes * peaks).max() or 1.0))
    return np.asarray(halves / peaks)


def _violin(
    cell: ViolinCell, middle: float, width: float, sides: tuple[float, float], series: int, name: Text, plan: Plan
) -> list[Mark]:
    reach = width * cell.y
    x = np.concatenate([middle + sides[0] * reach, (middle + sides[1] * reach)[::-1]])
    y = np.concatenate([cell.x, cell.x[::-1]])
    values = {"q1": cell.q1, "median": cell.median, "q3": cell.q3}
    quartiles = {key: summary_cell(value, cell.variable, plan.data) for key, value in values.items()}
    n = n_cell(cell.n, "", cell.group)
    says = say("median_quartiles_and_n", n=n, **quartiles)
    five = [statistic_cell(key, values[key], cell, plan) for key in ("median", "q1", "q3")]
    item = group_item(cell, says, (*five, bandwidth_cell(cell, plan), n_of_mark(cell, plan)))
    marks: list[Mark] = [Area(x, y, series, name, (item,))]
    for key, value in values.items():
        at = float(np.interp(value, cell.x, reach))
        ends = np.array([middle + sides[0] * at, middle + sides[1] * at])
        marks.append(Line(ends, np.array([value, value]), ink="curve", thin=key != "median"))
    return marks


def methods(plan: Plan, drawings: tuple[ViolinCell, ...]) -> Text:
    """Kernel, bandwidth and the type of quartile."""
    if not drawings:
        return ()
    said = plan.request.settings
    return sentences(
        [
            say("densities_use_a_gaussian_kernel", how=bandwidth_words(said)),
            say("quantiles_are_of_type_hyndman", kind=said["quantiles"]),
        ]
    )


def _alt(drawings: tuple[ViolinCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        n = n_cell(cell.n, cell.variable, cell.group)
        median = summary_cell(cell.median, cell.variable, plan.data)
        peak = value_cell(float(cell.x[int(cell.y.argmax())]), cell.variable, plan.data, figures=3)
        parts.append(say("violin_of_n_median_widest", **told_of(cell, plan), n=n, median=median, peak=peak))
    return sentences(parts)


def values(cell: ViolinCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "x": cell.x.tolist(),
        "y": cell.y.tolist(),
        "bandwidth": cell.bandwidth,
        "q1": cell.q1,
        "median": cell.median,
        "q3": cell.q3,
    }


def _hidden(ledger: Ledger, place: int, cell: ViolinCell) -> ViolinCell | None:
    """The density without its ends, which tell the smallest and the largest value."""
    del place
    kept = inner(cell, ledger.below)
    return None if kept is None else replace(cell, x=cell.x[kept], y=cell.y[kept], points=None)


FORM: Form[Plan, ViolinCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=explain_bandwidth,
    draw=draw,
    most_groups=60,
)
