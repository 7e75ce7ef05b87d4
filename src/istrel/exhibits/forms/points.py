"""Points: every case as a dot, laid out so that none hides another, with the mean and its interval, or the median."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import MOST_LISTED, cut, groups
from istrel.exhibits.figure import Array, Dots, FigureSheet, Intervals, Item, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    by_variable,
    check_drawn,
    group_item,
    groups_of,
    is_log,
    key_of,
    known,
    n_cell,
    refuse_not_above_0,
    room_beside,
    statistic_cell,
)
from istrel.exhibits.forms.identity import case_names
from istrel.exhibits.forms.means import INTERVALS, interval_item, interval_methods, interval_of
from istrel.exhibits.forms.means_working import explain_interval
from istrel.exhibits.forms.places import Stand, lying, places_axis, stands_of
from istrel.exhibits.forms.swarm import MOST_DOTS, Room, swarm, thinned_places
from istrel.exhibits.shared import moments_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Run, Text, say, sentences
from istrel.exhibits.wording import in_group, summary_cell, titled_with_unit, value_cell
from istrel.problem import Problem
from istrel.stats import moments, quantiles
from istrel.stats.grouping import Arranged
from istrel.style.numbers import Kind


@dataclass(frozen=True, eq=False)
class PointsCell:
    """The cases of one group.

    Attributes
    ----------
    values, rows
        Ascending, with their data rows from 1; so many as are drawn.
    every
        How many cases each of them stands for.
    mean, low, high
        The mean and its interval; None where there is none.
    """

    variable: str
    group: Group
    n: Count
    values: Array
    rows: NDArray[np.int64]
    every: int
    mean: float | None
    low: float | None
    high: float | None
    median: float
    within: bool = False


def draw(plan: Plan) -> tuple[PointsCell, ...]:
    """The cases of every group that has values."""
    refuse_not_above_0(plan)
    said, made = plan.request.settings, []
    kind = cast(quantiles.QuantileType, said["quantiles"])
    for name, grouping, cells in groups_of(plan):
        shape = moments_of(name, grouping, plan.data)
        means, ends = moments.mean(shape), interval_of(shape, said)
        medians = quantiles.quantile(cells, 0.5, kind=kind).values.tolist()
        share = max(1, MOST_DOTS // max(1, grouping.n_groups))
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            n = int(cells.sizes[i])
            places, every = thinned_places(n, share)
            values, rows = _cases(cells, i, places)
            middle = (known(means.at(i)), known(ends[0].at(i)), known(ends[1].at(i)))
            made.append(PointsCell(name, group, n, values, rows, every, *middle, medians[i]))
    return tuple(made)


def _cases(cells: Arranged, place: int, wanted: NDArray[np.int64]) -> tuple[Array, NDArray[np.int64]]:
    """(values of a group at some places of their order, their data rows from 1)."""
    inside = cells.codes == place
    rows = np.flatnonzero(inside if cells.use is None else inside & cells.use)
    rows = rows[np.argsort(cells.raw[rows], kind="stable")]
    if cells.row_times is not None:
        wanted = np.searchsorted(np.cumsum(cells.row_times[rows]), wanted, side="right")
    return cells.raw[rows[wanted]], cells.named(rows[wanted])


def figure(plan: Plan, drawings: tuple[PointsCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable."""
    if not drawings:
        check_drawn(drawings, plan, "points")
    panels = [_panel(name, mine, plan) for name, mine in by_variable(drawings)]
    numbers = tuple(
        Cell(cell.mean, Kind.MEASURE, row=key_of(cell.variable, cell.group), column="mean") for cell in drawings
    )
    size, own = plan.request.settings["size"] or "", general([_own_note(plan, drawings)])
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers, size=size)


def _own_note(plan: Plan, drawings: tuple[PointsCell, ...]) -> Text:
    said = plan.request.settings
    every = max(cell.every for cell in drawings)
    dots = say("each_dot_is_a_case") if every == 1 else say("each_dot_stands_for_up", n=every)
    if said["mark"] in ("median", "both"):
        dots = (*dots, *say("and_lines_are_medians"))
    if said["mark"] in (None, "mean", "both"):
        level = Cell(100 * said["confidence"], Kind.EDGE)
        what = say(INTERVALS[said["interval"]], level=level)
        dots = (*dots, *say("and_diamonds_are_means_with", what=what))
    return (*dots, Run("."))


def _panel(name: str, mine: list[PointsCell], plan: Plan) -> Panel:
    said, log = plan.request.settings, is_log(plan)
    values = np.concatenate([cell.values for cell in mine])
    values = values[values > 0] if log else values
    if not values.size:
        raise Problem(
            english("No value of “{name}” is above 0, so it has no logarithmic axis; leave log out.", name=name)
        )
    low, high = float(values.min()), float(values.max())
    ends = [end for cell in mine for end in (cell.low, cell.high) if end is not None and (end > 0 or not log)]
    if said["mark"] != "median" and said["mark"] != "nothing":
        low, high = min([low, *ends]), max([high, *ends])
    stands = stands_of(mine, plan.groupings)
    room = Room(stands.ends[1] - stands.ends[0], (high - low) or 1.0, dot=1.3)
    marks: list[Mark] = []
    for cell, stand in zip(mine, stands.stands, strict=True):
        shown = cell.values > 0 if log else np.ones(cell.values.size, bool)
        x, y = swarm(cell.values[shown], stand.middle, 1.3 * stand.half, room)
        items = _items(cell, shown, plan)
        marks.append(Dots(x, y, items, stand.series, stands.series[stand.series], pale=True))
    marks += [mark for cell, stand in zip(mine, stands.stands, strict=True) for mark in _middle(cell, stand, plan)]
    y_axis = axis_of(name, plan, *room_beside(low, high, 0.04, log=log), log=log)
    names = [c.group.labels[0] for c in mine if c.group.labels]
    return Panel(places_axis(stands, plan), y_axis, tuple(marks), lying=lying(plan, stands, names))


def _items(cell: PointsCell, shown: NDArray[np.bool_], plan: Plan) -> tuple[Item, ...]:
    made, named = [], case_names(plan.data)
    for value, row in zip(cell.values[shown].tolist(), cell.rows[shown].tolist(), strict=True):
        number = value_cell(value, cell.variable, plan.data)
        says = say("case_value", case=named(row), value=number)
        behind = replace(Behind(f"{cell.variable}: case {row}"), rows=(row,))
        made.append(Item(says, behind))
    return tuple(made)


def _middle(cell: PointsCell, stand: Stand, plan: Plan) -> list[Mark]:
    """The mean with its interval, or the median as a line."""
    marks: list[Mark] = []
    said, at = plan.request.settings["mark"], np.array([stand.middle])
    if said in ("median", "both"):
        ends = np.array([stand.middle - stand.half, stand.middle + stand.half])
        number = statistic_cell("median", cell.median, cell, plan)
        item = group_item(cell, say("symbol_value", symbol=say("symbol_median"), value=number), (number,))
        marks.append(Line(ends, np.array([cell.median, cell.median]), ink="curve", items=(item,)))
    if said in (None, "mean", "both") and cell.mean is not None:
        if cell.low is not None and cell.high is not None:
            marks.append(Intervals(at, np.array([cell.low]), np.array([cell.high]), ink="curve"))
        marks.append(Dots(at, np.array([cell.mean]), (interval_item(cell, plan),), series=3, ink="curve"))
    return marks


def methods(plan: Plan, drawings: tuple[PointsCell, ...]) -> Text:
    """What the intervals are."""
    marked = plan.request.settings["mark"] in (None, "mean", "both")
    return interval_methods(plan.request.settings) if drawings and marked else ()


def _alt(drawings: tuple[PointsCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        name, n = titled_with_unit(plan.data.variable(cell.variable)), n_cell(cell.n, cell.variable, cell.group)
        ends = {"low": float(cell.values[0]), "high": float(cell.values[-1])}
        numbers = {key: value_cell(value, cell.variable, plan.data) for key, value in ends.items()}
        numbers["median"] = summary_cell(cell.median, cell.variable, plan.data)
        template = "every_case_of_n_from"
        parts.append(say(template, name=name, where=in_group(cell.group, plan.data), n=n, **numbers))
    return sentences(parts)


def values(cell: PointsCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    values, rows = cell.values[:MOST_LISTED].tolist(), cell.rows[:MOST_LISTED].tolist()
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "values": values,
        "rows": rows,
        "each_stands_for": cell.every,
        **cut(cell.values.size),
    }


FORM: Form[Plan, PointsCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=explain_interval,
    draw=draw,
    most_groups=60,
)
