"""Lines over time: values as they follow each other, or means per day, week, month, quarter or year; a line for each group."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind as Stored
from istrel.data.column import show_value
from istrel.data.dataset import Dataset
from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import finite, groups
from istrel.exhibits.figure import Array, Axis, Dots, FigureSheet, Item, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    behind_group,
    by_variable,
    drawing_of,
    key_of,
    n_cell,
    own_cell,
    room_beside,
)
from istrel.exhibits.forms.means_working import mean_at
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, say, sentences, value_label
from istrel.exhibits.weights import sample_in
from istrel.exhibits.wording import group_label, in_group, summary_cell, titled, titled_with_unit, value_cell
from istrel.exhibits.working import Working
from istrel.problem import Problem
from istrel.stats.frequency import counted
from istrel.stats.periods import PERIODS, finest, means_by, period_starts
from istrel.style.numbers import Kind

MOST_POINTS, MOST_DOTTED = 2_000, 60  # of a line; up to which each point has a dot
EVEN = 0.6  # of the steps are as long as the middle one, where gaps are told
MOST_VALUES = 400  # cases of a line that are drawn one by one unasked


@dataclass(frozen=True, eq=False)
class LineCell:
    """A line of one variable in one group.

    Attributes
    ----------
    time
        The variable along the axis.
    x, y
        Ascending times (days since 1970-01-01 for dates) and values; NaN in y where the line is open.
    counts
        Cases behind each point.
    per
        day, week, month, quarter or year where points are means; empty where they are the values themselves.
    places
        What the points are called, where time is a grouping.
    """

    variable: str
    group: Group
    n: int
    time: str
    x: Array
    y: Array
    counts: NDArray[np.int64]
    per: str
    places: tuple[str, ...] = ()


def draw(plan: Plan) -> tuple[LineCell, ...]:
    """A line for every variable and group."""
    return _by_groups(plan) if plan.request.verb == "describe" else _by_time(plan)


def _by_time(plan: Plan) -> tuple[LineCell, ...]:
    """Values by the first variable named."""
    time, *others = plan.names
    days, dated = plan.data.numbers(time), plan.data.table.column(time).kind is Stored.DATE
    used = days.valid & plan.cases.mask
    per = _period(plan, time, days.values[used], dated=dated)
    made = []
    for name in others:
        numbers = plan.data.numbers(name)
        for grouping in plan.groupings:
            codes = np.where(used & numbers.valid, grouping.codes, -1)
            made += _lines(name, time, grouping, codes, days.values, numbers.values, per, plan, dated=dated)
    return tuple(made)


def _period(plan: Plan, time: str, times: Array, *, dated: bool) -> str:
    """As said; else values where each time stands once in its group, else the finest period with not too many points."""
    said = plan.request.settings["per"]
    if said is not None and not dated and said != "year":
        at, length = plan.request.settings.place_of("per")
        raise Problem(
            english(
                "“{time}” holds no dates, so there is no {said} in it; per = year takes years.", time=time, said=said
            ),
            at=at,
            length=length,
        )
    if said is not None:
        return str(said)
    most = MOST_VALUES * max(1, sum(grouping.n_groups for grouping in plan.groupings))
    if times.size <= most and all(_once(grouping, plan.data, time) for grouping in plan.groupings):
        return ""
    return finest(times) if dated else "year" if plan.data.is_years(time) else ""


def _once(grouping: Grouping, data: Dataset, time: str) -> bool:
    """Whether each time stands once at most in each group."""
    numbers = data.numbers(time)
    used = numbers.valid & grouping.used
    if data.times is not None and bool((data.times[used] > 1).any()):
        return False
    order = np.lexsort((numbers.values[used], grouping.codes[used]))
    values, codes = numbers.values[used][order], grouping.codes[used][order]
    return not bool(((values[1:] == values[:-1]) & (codes[1:] == codes[:-1])).any())


def _lines(
    name: str,
    time: str,
    grouping: Grouping,
    codes: NDArray[np.int64],
    times: Array,
    values: Array,
    per: str,
    plan: Plan,
    *,
    dated: bool,
) -> list[LineCell]:
    starts = period_starts(times, per, dated=dated)
    weights = sample_in(plan.data).weights if plan.cases.weighted else None
    made = []
    for place, found in enumerate(means_by(starts, values, codes, grouping.n_groups, weights, plan.data.times)):
        if not found[0].size:
            continue
        x, y, counts = _open(*found, per, dated=dated)
        moved = _moving(y, plan.request.settings["moving"])
        made.append(LineCell(name, grouping.groups[place], int(counts.sum()), time, x, moved, counts, per))
    return made


def _open(
    x: Array, y: Array, counts: NDArray[np.int64], per: str, *, dated: bool
) -> tuple[Array, Array, NDArray[np.int64]]:
    """With a point that has no value in each gap, where times stand in even steps."""
    if x.size < 2:
        return x, y, counts
    steps = np.diff(x)
    usual = PERIODS[per] if per and dated else float(np.median(steps))
    even = bool(per) or float((np.abs(steps - usual) < 0.25 * usual).mean()) >= EVEN
    gaps = np.flatnonzero(steps > 1.6 * usual) if even else np.zeros(0, np.int64)
    at = gaps + 1
    return (
        np.insert(x, at, x[gaps] + usual),
        np.insert(y, at, np.nan),
        np.insert(counts, at, 0),
    )


def _moving(y: Array, width: int | None) -> Array:
    """The mean of so many neighbouring points around each; open where one of them has none."""
    if width is None or y.size < width:
        return y if width is None else np.full(y.size, np.nan)
    running = np.convolve(y, np.ones(width) / width, mode="valid")
    half = width // 2
    return np.concatenate([np.full(half, np.nan), running, np.full(y.size - running.size - half, np.nan)])


def _by_groups(plan: Plan) -> tuple[LineCell, ...]:
    """Means over the groups of the first variable that groups; those of a second one are lines of their own."""
    named = [grouping for grouping in plan.groupings if grouping.names]
    if len(named) != 1 or len(named[0].names) > 2:
        message = english(
            "A line runs over one grouping, or two that are crossed; name what it runs over after “across”."
        )
        raise Problem(message, at=plan.request.form_at, length=len("line"))
    (grouping,) = named
    made = []
    for name in plan.names:
        made += _over(name, grouping, plan)
    return tuple(made)


def _over(name: str, grouping: Grouping, plan: Plan) -> list[LineCell]:
    numbers = plan.data.numbers(name)
    codes = np.where(numbers.valid, grouping.codes, -1)
    used = codes >= 0
    cases = None if plan.data.times is None else plan.data.times[used]
    w = (
        sample_in(plan.data).weights[used]
        if plan.cases.weighted
        else np.ones(int(used.sum()))
        if cases is None
        else cases
    )
    sums = np.bincount(codes[used], w * numbers.values[used], minlength=grouping.n_groups)
    whole = np.bincount(codes[used], w, minlength=grouping.n_groups)
    counts = counted(codes[used], grouping.n_groups, cases)
    with np.errstate(invalid="ignore", divide="ignore"):
        means = np.where(whole > 0, sums / whole, np.nan)
    along = list(dict.fromkeys(values[0] for values in grouping.values if values[0] != ""))
    labels = dict(zip((v[0] for v in grouping.values), (label[0] for label in grouping.labels), strict=True))
    made = []
    for series in dict.fromkeys(values[1:] for values in grouping.values if "" not in values):
        place = {values[0]: k for k, values in enumerate(grouping.values) if values[1:] == series}
        y = np.array([means[place[at]] if at in place else np.nan for at in along])
        n = np.array([int(counts[place[at]]) if at in place else 0 for at in along])
        first = next(iter(place.values()))
        group = Group(grouping.groups[first].named[1:], grouping.groups[first].labels[1:])
        y = _moving(y, plan.request.settings["moving"])
        x = np.arange(len(along), dtype=float)
        names = tuple(labels[at] for at in along)
        made.append(LineCell(name, group, int(n.sum()), grouping.names[0], x, y, n, grouping.names[0], names))
    return made


# On paper.
def figure(plan: Plan, drawings: tuple[LineCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a line per group."""
    if not drawings or not any(np.isfinite(cell.y).any() for cell in drawings):
        raise Problem(english("No case in use has both a time and a value, so there is no line to draw."))
    if any(cell.x.size > MOST_POINTS for cell in drawings):
        raise Problem(
            english(
                "A line holds {most_points:,} points; take means with per = month, or limit the cases.",
                most_points=MOST_POINTS,
            )
        )
    panels = tuple(_panel(name, mine, plan) for name, mine in by_variable(drawings))
    numbers = tuple(number for cell in drawings for number in line_numbers(cell))
    size = plan.request.settings["size"] or "page"
    own = general(_own_notes(drawings, plan))
    return FigureSheet(title, panels, (*notes, *own), _alt(drawings, plan), numbers, size=size, ratio=0.5, beside=True)


def _panel(name: str, mine: list[LineCell], plan: Plan) -> Panel:
    several = len(mine) > 1
    values = np.concatenate([cell.y[np.isfinite(cell.y)] for cell in mine])
    low, high = room_beside(float(values.min()), float(values.max()), 0.08)
    marks: list[Mark] = []
    for series, cell in enumerate(mine):
        n = n_cell(cell.n, name, cell.group)
        label = say("group_with_n", group=group_label(cell.group, several=True), n=n) if several else ()
        marks += _marks(cell, series, label, plan)
    alone = None if several else n_cell(mine[0].n, name, mine[0].group)
    return Panel(_time_axis(mine, plan), axis_of(name, plan, low, high), tuple(marks), (), alone)


def _time_axis(mine: list[LineCell], plan: Plan) -> Axis:
    first = mine[0]
    if first.places:
        names = tuple((float(k), value_label(name)) for k, name in enumerate(first.places))
        return Axis(titled(plan.data.variable(first.time)), -0.5, len(names) - 0.5, places=names)
    ends = min(float(cell.x[0]) for cell in mine), max(float(cell.x[-1]) for cell in mine)
    return axis_of(first.time, plan, *room_beside(*ends, 0.03))


def _marks(cell: LineCell, series: int, label: Text, plan: Plan) -> list[Mark]:
    """The stretches between gaps, each a line; dots where they are few, or where a point stands alone."""
    marks: list[Mark] = []
    there = np.isfinite(cell.y)
    starts = np.flatnonzero(there & ~np.concatenate([[False], there[:-1]]))
    ends = np.flatnonzero(there & ~np.concatenate([there[1:], [False]])) + 1
    named = False
    for start, end in zip(starts.tolist(), ends.tolist(), strict=True):
        if end - start > 1:
            marks.append(Line(cell.x[start:end], cell.y[start:end], () if named else label, series))
            named = True
    alone = np.array([end - start == 1 for start, end in zip(starts, ends, strict=True)], bool)
    dotted = there if cell.x.size <= MOST_DOTTED else np.isin(np.arange(cell.x.size), starts[alone])
    if dotted.any():
        some = np.flatnonzero(dotted)
        items = tuple(_item(cell, k, plan) for k in some.tolist())
        marks.append(Dots(cell.x[some], cell.y[some], items, series, () if named else label))
    return marks


def _item(cell: LineCell, place: int, plan: Plan) -> Item:
    at: Text = (
        value_label(cell.places[place]) if cell.places else (value_cell(float(cell.x[place]), cell.time, plan.data),)
    )
    behind = _behind(cell, place, plan)
    value = own_cell(_column(cell, place), float(cell.y[place]), cell, plan, behind)
    says = say("point_of_line", at=at, value=value, n=int(cell.counts[place]))
    return Item(says, behind, (value,))


def _behind(cell: LineCell, place: int, plan: Plan) -> Behind:
    """The cases of a point; of a moving mean those in the middle of it."""
    x = float(cell.x[place])
    behind = behind_group(cell)
    if cell.places:
        found = (value for grouping in plan.groupings for value in zip(grouping.values, grouping.labels, strict=True))
        value = next(values[0] for values, labels in found if labels[0] == cell.places[place])
        return replace(behind, equal=((cell.time, value), *behind.equal))
    if not cell.per:
        return replace(behind, within=((cell.time, x, x, "both"),))
    dated = plan.data.table.column(cell.time).kind is Stored.DATE
    step = 1.5 * PERIODS[cell.per] if dated else 1.5
    (end,) = period_starts(np.array([x + step]), cell.per, dated=dated).tolist()  # in the middle of the next one
    return replace(behind, within=((cell.time, x, end, "left"),))


def _column(cell: LineCell, place: int) -> str:
    return cell.places[place] if cell.places else show_value(float(cell.x[place]))


def _explain(plan: Plan, drawings: tuple[LineCell, ...], cell: Cell) -> Working | None:
    """A point that is a mean; of moving means only their middles are drawn, and none is followed by hand."""
    found = drawing_of(drawings, cell)
    if found is None or plan.request.settings["moving"] is not None:
        return None
    return mean_at(cell, titled(plan.data.variable(found.variable)), found.variable, plan)


def line_numbers(cell: LineCell) -> list[Cell]:
    """The points as keyed numbers."""
    row = key_of(cell.variable, cell.group)
    return [
        Cell(y, Kind.MEASURE, row=row, column=_column(cell, k)) for k, y in enumerate(cell.y.tolist()) if np.isfinite(y)
    ]


def _own_notes(drawings: tuple[LineCell, ...], plan: Plan) -> list[Text]:
    first, texts = drawings[0], list[Text]()
    if first.places:
        texts.append(say("points_are_means"))
    elif first.per:
        texts.append(say("points_are_means_per", per=say(f"per_{first.per}")))
    elif int(max(cell.counts.max(initial=0) for cell in drawings)) > 1:
        texts.append(say("points_of_one_time_are_means"))
    if any(not np.isfinite(cell.y).all() for cell in drawings):
        texts.append(say("lines_are_open"))
    if plan.request.settings["moving"] is not None:
        texts.append(say("moving_means_of", n=cast(int, plan.request.settings["moving"])))
    return texts


def methods(plan: Plan, drawings: tuple[LineCell, ...]) -> Text:
    """Nothing beyond what the note says."""
    del plan, drawings
    return ()


def _alt(drawings: tuple[LineCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        ends = cell.y[np.isfinite(cell.y)]
        if not ends.size:
            continue
        numbers = {
            key: summary_cell(float(value), cell.variable, plan.data)
            for key, value in (("first", ends[0]), ("last", ends[-1]), ("low", ends.min()), ("high", ends.max()))
        }
        name = titled_with_unit(plan.data.variable(cell.variable))
        over, where = titled(plan.data.variable(cell.time)), in_group(cell.group, plan.data)
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("line_of_over", name=name, over=over, where=where, n=n, **numbers))
    return sentences(parts)


def values(cell: LineCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "x": list(cell.places) if cell.places else cell.x.tolist(),
        "y": finite(cell.y),
        "n": cell.counts.tolist(),
        "per": cell.per or None,
    }


FORM: Form[Plan, LineCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=_explain,
    draw=draw,
    most_groups=400,
    weighted=True,
)
