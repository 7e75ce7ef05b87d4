"""Means with intervals: of one variable by one or two factors, or of several variables side by side."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from istrel.data.levels import Level
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import groups, number
from istrel.exhibits.figure import Array, Axis, Dots, FigureSheet, Intervals, Item, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    by_variable,
    check_drawn,
    group_item,
    groups_of,
    key_of,
    known,
    n_cell,
    room_beside,
)
from istrel.exhibits.forms.means_working import WithInterval, explain_interval, interval_cells
from istrel.exhibits.forms.places import Stands, lying, places_axis, stands_of, with_norm
from istrel.exhibits.forms.swarm import Room, swarm, thinned
from istrel.exhibits.ledger import Ledger, number_of
from istrel.exhibits.shared import moments_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Run, Text, say, sentences
from istrel.exhibits.weights import weighted_moments_of
from istrel.exhibits.within_persons import followed
from istrel.exhibits.wording import has_groups, in_group, person_title, summary_cell, titled, titled_with_unit
from istrel.sentence.settings import Settings
from istrel.stats import moments
from istrel.stats.estimates import Estimates
from istrel.stats.moments import few_values
from istrel.stats.student import t_quantile
from istrel.stats.survey.means import WeightedMoments
from istrel.style.numbers import Kind

MOST_IN_A_ROW = 4  # panels of one mean each
INTERVALS = {
    "ci": "their_confidence_intervals",
    "sd": "one_standard_deviation_to_each",
    "se": "one_standard_error_to_each",
}


WEIGHTED_INTERVALS = {
    "ci": "defined_mean_interval_weighted",
    "sd": "defined_sd_weighted",
    "se": "standard_errors_by_design",
}


@dataclass(frozen=True, eq=False)
class MeansCell:
    """A mean of one variable in one group, and the ends of its interval; None where there is none."""

    variable: str
    group: Group
    n: Count
    mean: float
    low: float | None
    high: float | None
    interval: str
    points: Array | None = None
    within: bool = False


def interval_of(shape: moments.Moments, said: Settings) -> tuple[Estimates, Estimates]:
    """(low, high) of the interval that is asked for, in every group."""
    if said["interval"] == "ci":
        return moments.mean_interval(shape, confidence=said["confidence"])
    middle = moments.mean(shape)
    reach = moments.sd(shape) if said["interval"] == "sd" else moments.standard_error(shape)
    low = Estimates(middle.values - reach.values, reach.reasons)
    return low, Estimates(middle.values + reach.values, reach.reasons)


Within = tuple[int, float, float | None, float | None]


def _within(name: str, grouping: Grouping, plan: Plan) -> dict[int, Within]:
    """{place of a group: n, mean and interval} where occasions of persons group them: of those with all, within persons."""
    said, made = plan.request.settings, dict[int, Within]()
    if said["interval"] != "ci" or plan.cases.weighted or plan.cases.hides or not grouping.names:
        return made
    for found in followed(name, grouping, plan):
        if found.doubled or not found.complete.size:
            return {}
        parts = found.intervals(said["confidence"])
        for place, *numbers in zip(found.places, *(part.tolist() for part in parts), strict=True):
            mean, low, high = numbers
            made[place] = (
                found.complete.shape[0],
                mean,
                (low if np.isfinite(low) else None),
                (high if np.isfinite(high) else None),
            )
    return made


def is_within(plan: Plan) -> bool:
    """Whether the intervals of a figure of means are within persons."""
    return any(_within(name, grouping, plan) for name in plan.names for grouping in plan.groupings)


def weighted_interval_of(m: WeightedMoments, said: Settings) -> tuple[Estimates, Estimates]:
    """The same of a weighted sample, by its design."""
    error = np.sqrt(m.variance if said["interval"] == "sd" else m.variance_of_mean)
    reach = error * (t_quantile(m.sample.df, said["confidence"]) if said["interval"] == "ci" else 1.0)
    few = (m.n < 2, few_values(2))
    return Estimates(m.mean - reach, (few,)), Estimates(m.mean + reach, (few,))


def draw(plan: Plan) -> tuple[MeansCell, ...]:
    """The mean of every group that has values."""
    said, made = plan.request.settings, []
    for name, grouping, cells in groups_of(plan):
        if plan.cases.weighted:
            m = weighted_moments_of(name, grouping, plan.data)
            means, ends = Estimates(m.mean), weighted_interval_of(m, said)
        else:
            shape = moments_of(name, grouping, plan.data)
            means, ends = moments.mean(shape), interval_of(shape, said)
        within = _within(name, grouping, plan)
        for i, group in enumerate(grouping.groups):
            mean = known(means.at(i))
            if mean is None:
                continue
            low, high = known(ends[0].at(i)), known(ends[1].at(i))
            n = int(cells.sizes[i])
            if i in within:
                n, mean, low, high = within[i]
            points = thinned(cells.only(i)) if said["points"] else None
            made.append(MeansCell(name, group, n, mean, low, high, said["interval"], points, i in within))
    return tuple(made)


def figure(plan: Plan, drawings: tuple[MeansCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable; without groups, variables of one unit share a panel."""
    if not drawings:
        check_drawn(drawings, plan, "means")
    units = {plan.data.variable(name).unit for name in plan.names}
    together = len(plan.names) > 1 and len(units) == 1 and not has_groups(plan.groupings)
    panels = [_of_variables(drawings, plan)] if together else [_panel(n, c, plan) for n, c in by_variable(drawings)]
    numbers = tuple(
        Cell(getattr(cell, key), Kind.MEASURE, row=key_of(cell.variable, cell.group), column=key)
        for cell in drawings
        for key in ("mean", "low", "high")
    )
    columns = 0 if has_groups(plan.groupings) else min(len(panels), MOST_IN_A_ROW)
    size, own = plan.request.settings["size"] or "", general([_own_note(plan)])
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers, columns=columns, size=size)


def _own_note(plan: Plan) -> Text:
    said = plan.request.settings
    what = say(INTERVALS[said["interval"]], level=Cell(100 * said["confidence"], Kind.EDGE))
    text = say("dots_are_means_with", what=what)
    if said["points"]:
        text = (*text, *say("and_pale_dots_are_single_cases"))
    if is_within(plan):
        return sentences([(*text, Run(".")), say("means_of_complete_persons", name=person_title(plan.data))])
    return (*text, Run("."))


def interval_item(cell: WithInterval, plan: Plan) -> Item:
    numbers = {
        key: summary_cell(value, cell.variable, plan.data) if value is not None else say("nothing")
        for key, value in (("mean", cell.mean), ("low", cell.low), ("high", cell.high))
    }
    says = say("m_from_to_n", n=n_cell(cell.n, "", cell.group), **numbers)
    return group_item(cell, says, interval_cells(cell, plan))


def _ends(cells: list[MeansCell]) -> tuple[float, float]:
    values = [v for c in cells for v in (c.mean, c.low, c.high) if v is not None]
    values += [float(v) for c in cells if c.points is not None for v in (c.points[0], c.points[-1])]
    return min(values), max(values)


def _panel(name: str, mine: list[MeansCell], plan: Plan) -> Panel:
    stands = stands_of(mine, plan.groupings)
    low, high = _ends(mine)
    marks: list[Mark] = []
    room = Room(stands.ends[1] - stands.ends[0], (high - low) or 1.0)
    for cell, stand in zip(mine, stands.stands, strict=True):
        if cell.points is not None:
            x, y = swarm(cell.points, stand.middle, stand.half, room)
            marks.append(Dots(x, y, series=stand.series, small=True))
    for series, label in enumerate(stands.series):
        marks += _series(mine, stands, series, label, plan)
    x_axis = places_axis(stands, plan)
    marks, low, high = with_norm(marks, x_axis, (low, high), plan)
    y_axis = axis_of(name, plan, *room_beside(low, high, 0.08))
    names = [] if _ordered(plan) else [c.group.labels[0] for c in mine if c.group.labels]  # an order runs to the right
    return Panel(x_axis, y_axis, tuple(marks), lying=lying(plan, stands, names))


def _series(mine: list[MeansCell], stands: Stands, series: int, label: Text, plan: Plan) -> list[Mark]:
    """The means of one value of the second factor, joined where the first factor has an order."""
    chosen = np.flatnonzero(stands.of(series))
    cells = [mine[k] for k in chosen]
    at, means = stands.middles[chosen], np.array([cell.mean for cell in cells])
    low, high = (np.array([np.nan if v is None else v for v in part], float) for part in _limits(cells))
    marks: list[Mark] = []
    if _ordered(plan) and at.size > 1:
        marks.append(Line(at, means, series=series))
    marks.append(Intervals(at, low, high, series))
    marks.append(Dots(at, means, tuple(interval_item(cell, plan) for cell in cells), series, label))
    return marks


def _limits(cells: list[MeansCell]) -> tuple[list[float | None], list[float | None]]:
    return [cell.low for cell in cells], [cell.high for cell in cells]


def _ordered(plan: Plan) -> bool:
    """Whether the groups along the axis stand in an order that means something."""
    named = [grouping.names for grouping in plan.groupings if grouping.names]
    if len(named) != 1 or len(named[0]) > 2:
        return False
    return plan.data.variable(named[0][0]).level in (Level.ORDINAL, Level.COUNT, Level.DATE)


def _of_variables(cells: tuple[MeansCell, ...], plan: Plan) -> Panel:
    """Several variables of one unit, one beside the other."""
    at = np.arange(len(cells), dtype=float)
    low, high = (np.array([np.nan if v is None else v for v in part], float) for part in _limits(list(cells)))
    means = np.array([cell.mean for cell in cells])
    items = tuple(interval_item(cell, plan) for cell in cells)
    names = tuple(
        (
            float(k),
            say("name_over_n", name=titled(plan.data.variable(c.variable)), n=n_cell(c.n, c.variable, c.group)),
        )
        for k, c in enumerate(cells)
    )
    x = Axis((), -0.6, len(cells) - 0.4, places=names)
    unit = plan.data.variable(cells[0].variable).unit
    ends = room_beside(*_ends(list(cells)), 0.08)
    y = Axis(
        say("axis_mean_unit", unit=unit) if unit else say("axis_mean"), *ends, meaning=say("means_of_the_variables")
    )
    stands = Stands((), names, ((),), (-0.6, len(cells) - 0.4))
    laid = lying(plan, stands, [plan.data.variable(cell.variable).title for cell in cells])
    return Panel(x, y, (Intervals(at, low, high), Dots(at, means, items)), lying=laid)


def methods(plan: Plan, drawings: tuple[MeansCell, ...]) -> Text:
    """What the intervals are."""
    if drawings and is_within(plan):
        return say("intervals_are_within_persons")
    if drawings and plan.cases.weighted:
        return say(WEIGHTED_INTERVALS[plan.request.settings["interval"]])
    return interval_methods(plan.request.settings) if drawings else ()


def interval_methods(said: Settings) -> Text:
    """How the intervals of means are made."""
    if said["interval"] == "ci":
        level = Cell(100 * said["confidence"], Kind.EDGE)
        return say("confidence_intervals_of_means_use", level=level)
    return say("standard_deviations_divide_by_n") if said["interval"] == "sd" else say("standard_errors_are_sd_n")


def _alt(drawings: tuple[MeansCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        name, n = titled_with_unit(plan.data.variable(cell.variable)), n_cell(cell.n, cell.variable, cell.group)
        mean = summary_cell(cell.mean, cell.variable, plan.data)
        parts.append(say("mean_of_n", name=name, where=in_group(cell.group, plan.data), n=n, mean=mean))
    return sentences(parts)


def values(cell: MeansCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    ends = {"low": cell.low, "high": cell.high}
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "mean": cell.mean,
        **ends,
        "interval": cell.interval,
    }


def _hidden(ledger: Ledger, place: int, cell: MeansCell) -> MeansCell | None:
    """Means of so many cases that they may be shown, without single cases."""
    del place
    return None if number_of(cell.n) < ledger.below else replace(cell, points=None)


FORM: Form[Plan, MeansCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=explain_interval,
    draw=draw,
    most_groups=60,
    weighted=True,
)
