"""Box plots: quartiles, whiskers to the last value within the fences, and the values beyond as dots, the farthest named."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from itertools import pairwise
from typing import cast

import numpy as np

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import cut, groups, listed
from istrel.exhibits.figure import Array, Boxes, Dots, FigureSheet, Item, Mark, Panel, Words
from istrel.exhibits.forms.common import (
    axis_of,
    by_variable,
    check_drawn,
    group_item,
    groups_of,
    is_log,
    key_of,
    known,
    mean_items,
    n_cell,
    n_of_mark,
    refuse_not_above_0,
    room_beside,
    statistic_cell,
    told_of,
)
from istrel.exhibits.forms.identity import case_names
from istrel.exhibits.forms.marks_working import explain_whisker, whisker_cells
from istrel.exhibits.forms.places import Stands, lying, places_axis, stands_of, with_norm
from istrel.exhibits.forms.swarm import Room, swarm, thinned
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.shared import moments_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Run, Text, in_a_row, say, sentences
from istrel.exhibits.weights import spread_of, weighted_moments_of
from istrel.exhibits.wording import has_groups, summary_cell, value_cell
from istrel.stats import moments, quantiles
from istrel.stats.estimates import Estimates
from istrel.stats.grouping import Arranged
from istrel.style.numbers import Kind

DOTS_ACROSS = 150  # values that lie nearer than this share of the axis are one dot
LEVELS = (0.05, 0.25, 0.5, 0.75, 0.95)
MOST_NAMED = 2  # far cases with their names, on each side of a box
WHISKERS = {
    "tukey": "whiskers_end_at_the_last",
    "range": "whiskers_end_at_the_smallest",
    "percentiles": "whiskers_end_at_the_5th",
}


@dataclass(frozen=True, eq=False)
class BoxCell:
    """A box of one variable in one group, with the values outside its whiskers and their rows.

    Attributes
    ----------
    points
        The values that are drawn, ascending, where single cases are asked for; None otherwise.
    """

    variable: str
    group: Group
    n: Count
    q1: float
    median: float
    q3: float
    whisker_low: float
    whisker_high: float
    outside: tuple[quantiles.CaseValue, ...]
    mean: float | None = None
    points: Array | None = None


def draw(plan: Plan) -> tuple[BoxCell, ...]:
    """The box of every group that has values."""
    refuse_not_above_0(plan)
    said = plan.request.settings
    kind, reach = cast(quantiles.QuantileType, said["quantiles"]), float(said["fences"])
    made = []
    for name, grouping, cells in groups_of(plan):
        if plan.cases.weighted:
            spread = spread_of(name, grouping, plan.data)
            levels = [spread.quantiles(np.full(grouping.n_groups, p)).tolist() for p in LEVELS]
            means = Estimates(weighted_moments_of(name, grouping, plan.data).mean)
            outside = _outside_weighted(cells, levels, reach, said["whiskers"])
        else:
            levels = [quantiles.quantile(cells, p, kind=kind).values.tolist() for p in LEVELS]
            means = moments.mean(moments_of(name, grouping, plan.data))
            outside = _outside(cells, levels, kind, reach, said["whiskers"])
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            values = cells.only(i).values
            p5, q1, median, q3, p95 = (level[i] for level in levels)
            low, high = _ends(values, (p5, q1, q3, p95), reach, said["whiskers"])
            points = thinned(cells.only(i)) if said["points"] else None
            mean = known(means.at(i))
            n = int(cells.sizes[i])
            made.append(BoxCell(name, group, n, q1, median, q3, low, high, outside[i], mean, points))
    return tuple(made)


def _ends(values: Array, levels: tuple[float, ...], reach: float, whiskers: str) -> tuple[float, float]:
    """(low, high) of the whiskers."""
    p5, q1, q3, p95 = levels
    if whiskers == "range":
        return float(values[0]), float(values[-1])
    if whiskers == "percentiles":
        return p5, p95
    low = values[np.searchsorted(values, q1 - reach * (q3 - q1), side="left")]
    high = values[np.searchsorted(values, q3 + reach * (q3 - q1), side="right") - 1]
    return float(min(low, q1)), float(max(high, q3))


def _outside(
    cells: Arranged, levels: list[list[float]], kind: quantiles.QuantileType, reach: float, whiskers: str
) -> list[quantiles.CaseValues]:
    """The values beyond the whiskers of every group."""
    if whiskers == "tukey":
        return quantiles.outside_fences(cells, kind=kind, reach=reach)
    if whiskers == "range":
        return [()] * cells.n_groups
    return quantiles.beyond(cells, np.array(levels[0]), np.array(levels[4]))


def _outside_weighted(
    cells: Arranged, levels: list[list[float]], reach: float, whiskers: str
) -> list[quantiles.CaseValues]:
    """The same by weighted quartiles."""
    if whiskers == "range":
        return [()] * cells.n_groups
    p5, q1, _, q3, p95 = (np.array(level) for level in levels)
    low, high = (p5, p95) if whiskers == "percentiles" else (q1 - reach * (q3 - q1), q3 + reach * (q3 - q1))
    return quantiles.beyond(cells, low, high)


def figure(plan: Plan, drawings: tuple[BoxCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a box per group; those of a second factor beside each other."""
    check_drawn([cell.variable for cell in drawings][:1], plan, "boxes")
    panels = [_panel(name, mine, plan) for name, mine in by_variable(drawings)]
    numbers = tuple(
        Cell(value, Kind.MEASURE, row=key_of(cell.variable, cell.group), column=key)
        for cell in drawings
        for key, value in {**_five(cell), "outside": float(quantiles.n_cases(cell.outside))}.items()
    )
    size = plan.request.settings["size"] or ""
    all_notes = (*notes, *general([_own_note(plan, drawings)]))
    return FigureSheet(title, tuple(panels), all_notes, _alt(drawings, plan), numbers, size=size)


def _five(cell: BoxCell) -> dict[str, float]:
    keys = ("q1", "median", "q3", "whisker_low", "whisker_high")
    return {key: float(getattr(cell, key)) for key in keys}


def _own_note(plan: Plan, drawings: tuple[BoxCell, ...]) -> Text:
    """What boxes, whiskers, dots and marks are, from the settings that were really used."""
    said = plan.request.settings
    reach = Cell(float(said["fences"]), Kind.EDGE)
    parts = [
        say("boxes_run"),
        say(WHISKERS[said["whiskers"]], reach=reach),
    ]
    if any(cell.outside for cell in drawings):
        parts.append(say("dots_are_values_beyond"))
    if said["mark"] in ("mean", "both"):
        parts.append(say("diamonds_are_means"))
    if said["points"]:
        parts.append(say("pale_dots_are_single_cases"))
    if said["weight"] == "size" and has_groups(plan.groupings):
        parts.append(say("widths_are_in_proportion_to"))
    return (*in_a_row(parts), Run("."))


def _panel(name: str, mine: list[BoxCell], plan: Plan) -> Panel:
    said, log = plan.request.settings, is_log(plan)
    cells = [cell for cell in mine if not log or cell.whisker_low > 0] or mine
    low = min(min([cell.whisker_low, *(v.value for v in cell.outside if not log or v.value > 0)]) for cell in cells)
    high = max(max([cell.whisker_high, *(v.value for v in cell.outside)]) for cell in cells)
    stands = stands_of(cells, plan.groupings)
    halves = _halves(cells, stands, plan)
    marks: list[Mark] = []
    for series, label in enumerate(stands.series):
        chosen = np.flatnonzero(stands.of(series))
        some = [cells[k] for k in chosen]
        if said["points"]:
            room = Room(stands.ends[1] - stands.ends[0], (high - low) or 1.0)
            marks += [_cloud(cells[k], stands.middles[k], halves[k], room, series) for k in chosen]
        levels = np.array([[c.whisker_low, c.q1, c.median, c.q3, c.whisker_high] for c in some]).reshape(-1, 5)
        items = tuple(_item(cell, plan) for cell in some)
        middles = stands.middles[chosen]
        filled = not said["points"]
        marks.append(Boxes(middles, levels, halves[chosen], items, series, label, filled))
        if said["mark"] in ("mean", "both"):
            means = np.array([np.nan if cell.mean is None else cell.mean for cell in some])
            marks.append(Dots(middles, means, mean_items(some, plan), series=3, ink="curve"))
        marks += _far(some, middles, (high - low) / DOTS_ACROSS, series, plan)
    x = places_axis(stands, plan)
    marks, low, high = with_norm(marks, x, (low, high), plan)
    y = axis_of(name, plan, *room_beside(low, high, 0.04, log=log), log=log)
    return Panel(x, y, tuple(marks), lying=lying(plan, stands, [c.group.labels[0] for c in cells if c.group.labels]))


def _halves(cells: list[BoxCell], stands: Stands, plan: Plan) -> Array:
    """Half the width of each box: alike, or by the root of n."""
    if plan.request.settings["weight"] != "size":
        return stands.halves
    roots = np.sqrt([cell.n if isinstance(cell.n, int) else 0 for cell in cells])
    return stands.halves * np.asarray(roots) / (roots.max() or 1.0)


def _cloud(cell: BoxCell, middle: float, half: float, room: Room, series: int) -> Mark:
    """All cases of a box as pale dots."""
    assert cell.points is not None
    x, y = swarm(cell.points, middle, half, room)
    return Dots(x, y, series=series, small=True)


def _item(cell: BoxCell, plan: Plan) -> Item:
    says = say("median_quartiles_and_n", n=n_cell(cell.n, "", cell.group), **_quartiles(cell, plan))
    five = [statistic_cell(key, getattr(cell, key), cell, plan) for key in ("median", "q1", "q3")]
    return group_item(cell, says, (*five, *whisker_cells(cell, plan), n_of_mark(cell, plan)))


def _quartiles(cell: BoxCell, plan: Plan) -> dict[str, Cell]:
    values = {"q1": cell.q1, "median": cell.median, "q3": cell.q3}
    return {key: summary_cell(value, cell.variable, plan.data) for key, value in values.items()}


def _far(cells: list[BoxCell], middles: Array, near: float, series: int, plan: Plan) -> list[Mark]:
    """The values outside as dots, and the names of the farthest of each box."""
    dots = [(middle, dot, cell) for middle, cell in zip(middles, cells, strict=True) for dot in _dots(cell, near)]
    if is_log(plan):
        dots = [dot for dot in dots if dot[1][0].value > 0]
    if not dots:
        return []
    x = np.array([middle for middle, _, _ in dots])
    y = np.array([values[0].value for _, values, _ in dots])
    marks: list[Mark] = [Dots(x, y, tuple(_dot(values, cell, plan) for _, values, cell in dots), series)]
    named = [(m, v[0]) for m, v, cell in dots if quantiles.n_cases(v) == 1 and v[0] in _farthest(cell)]
    name_of = case_names(plan.data)
    if named and len(plan.names) * len(cells) <= MOST_NAMED * 8:
        at, values = np.array([m for m, _ in named]), np.array([value.value for _, value in named])
        texts = tuple(name_of(value.row) for _, value in named)
        marks.append(Words(at, values, texts, side="right", ink="quiet", optional=True))
    return marks


def _farthest(cell: BoxCell) -> tuple[quantiles.CaseValue, ...]:
    """The value farthest out on each side that stands clear of the next."""
    spread = (cell.q3 - cell.q1) or 1.0
    found = []
    for side in (
        sorted((v for v in cell.outside if v.value > cell.q3), key=lambda v: -v.value),
        sorted((v for v in cell.outside if v.value < cell.q1), key=lambda v: v.value),
    ):
        if side and (len(side) == 1 or abs(side[0].value - side[1].value) > 0.25 * spread):
            found.append(side[0])
    return tuple(found)


def _dots(cell: BoxCell, near: float) -> Iterator[quantiles.CaseValues]:
    """The values outside, those together that would lie on one dot."""
    if not near:
        yield from ((value,) for value in cell.outside)
        return
    values = np.array([value.value for value in cell.outside])
    starts = np.flatnonzero(np.diff(np.floor(values / near), prepend=-np.inf))
    for start, stop in pairwise([*starts.tolist(), values.size]):
        yield cell.outside[start:stop]


def _dot(values: quantiles.CaseValues, cell: BoxCell, plan: Plan) -> Item:
    first, last = values[0], values[-1]
    n = quantiles.n_cases(values)
    if n == 1:
        behind = replace(Behind(f"{cell.variable}: case {first.row}"), rows=(first.row,))
        value = value_cell(first.value, cell.variable, plan.data)
        return Item(say("case_value", case=case_names(plan.data)(first.row), value=value), behind)
    words = " · ".join((cell.variable, *cell.group.labels))
    behind = Behind(words, cell.group.named, within=((cell.variable, first.value, last.value, "both"),))
    limits = {key: value_cell(v.value, cell.variable, plan.data) for key, v in (("low", first), ("high", last))}
    return Item(say("cases_between", n=n, **limits), behind)


def methods(plan: Plan, drawings: tuple[BoxCell, ...]) -> Text:
    """The type of quartile."""
    del drawings
    if plan.cases.weighted:
        return say("quantiles_are_weighted")
    kind = plan.request.settings["quantiles"]
    return say("quantiles_are_of_type_hyndman", kind=kind)


def _alt(drawings: tuple[BoxCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("box_of_n_median_quartiles", **told_of(cell, plan), n=n, **_quartiles(cell, plan)))
    return sentences(parts)


def values(cell: BoxCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    keys = ("q1", "median", "q3", "whisker_low", "whisker_high")
    values = {key: getattr(cell, key) for key in keys}
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        **values,
        "outside": listed(cell.outside),
        **cut(quantiles.n_cases(cell.outside)),
    }


def _hidden(ledger: Ledger, place: int, cell: BoxCell) -> BoxCell | None:
    """Quartiles alone: whiskers and what lies beyond are single cases. Nothing of groups whose quartiles are nearly such."""
    del place
    if isinstance(cell.n, Hidden) or cell.n < 4 * ledger.below:
        return None
    return replace(cell, whisker_low=cell.q1, whisker_high=cell.q3, outside=(), points=None)


FORM: Form[Plan, BoxCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=explain_whisker,
    draw=draw,
    most_groups=60,
    weighted=True,
)
