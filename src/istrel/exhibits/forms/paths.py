"""A line for each person over the occasions, and over them the means with intervals within persons; a panel for each group."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import finite, groups
from istrel.exhibits.figure import Axis, Dots, FigureSheet, Intervals, Item, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    behind_group,
    by_variable,
    drawing_of,
    key_of,
    n_cell,
    own_cell,
    panel_label,
    room_beside,
)
from istrel.exhibits.forms.means_working import within_working
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, say, sentences, value_label
from istrel.exhibits.within_persons import followed
from istrel.exhibits.wording import in_group, person_title, summary_cell, titled, titled_with_unit
from istrel.exhibits.working import Working
from istrel.problem import Problem
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_LINES = 200  # persons that are drawn one by one


@dataclass(frozen=True, eq=False)
class PathsCell:
    """The persons of one group in one variable.

    Attributes
    ----------
    occasions
        What they are called.
    n
        Persons with all occasions: those of the means and their intervals.
    lines
        float64 (persons that are drawn, occasions); NaN where one has no value.
    persons
        All who have two values or more.
    stands
        The group on each occasion.
    """

    variable: str
    group: Group
    n: int
    persons: int
    occasions: tuple[str, ...]
    lines: Array
    means: Array
    low: Array
    high: Array
    stands: tuple[Group, ...]


def draw(plan: Plan) -> tuple[PathsCell, ...]:
    """The persons of every group.

    Raises
    ------
    Problem
        Where nobody is said to have several rows, the groups do not vary within persons, or a person has two rows at once.
    """
    made, confidence = [], plan.request.settings["confidence"]
    for name in plan.names:
        for grouping in plan.groupings:
            for found in followed(name, grouping, plan) if grouping.names else ():
                if found.doubled:
                    raise Problem(
                        english(
                            "A person has two rows on one occasion of “{names}”; mend that first.",
                            names="” and “".join(grouping.names),
                        )
                    )
                means, low, high = found.intervals(confidence)
                every = max(1, -(-found.values.shape[0] // MOST_LINES))
                lines = found.values[::every]
                n, all_ = found.complete.shape[0], found.values.shape[0]
                stands = tuple(grouping.groups[place] for place in found.places)
                made.append(PathsCell(name, found.group, n, all_, found.labels, lines, means, low, high, stands))
    if not made:
        raise Problem(
            english(
                "Paths follow persons over occasions: say whose rows these are at the head of the Codebook (or with --person), and "
                "name the occasions after “across”."
            ),
            at=plan.request.form_at,
            length=len("paths"),
        )
    return tuple(made)


def figure(plan: Plan, drawings: tuple[PathsCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel for every variable and group."""
    panels = []
    for name, mine in by_variable(drawings):
        values = np.concatenate([part[np.isfinite(part)] for c in mine for part in (c.lines, c.low, c.high, c.means)])
        ends = room_beside(float(values.min()), float(values.max()), 0.05)
        panels += [_panel(cell, name, ends, plan, several=len(drawings) > 1) for cell in mine]
    numbers = tuple(number for cell in drawings for number in _numbers(cell))
    size = plan.request.settings["size"] or ""
    own = general(_own_notes(drawings, plan))
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers, size=size)


def _panel(cell: PathsCell, name: str, ends: tuple[float, float], plan: Plan, *, several: bool) -> Panel:
    at = np.arange(len(cell.occasions), dtype=float)
    marks: list[Mark] = []
    for values in cell.lines:
        there = np.isfinite(values)
        marks.append(Line(at[there], values[there], ink="quiet", thin=True))
    shown = np.isfinite(cell.means)
    if shown.any():
        marks.append(Line(at[shown], cell.means[shown], ink="series"))
        marks.append(Intervals(at, cell.low, cell.high))
        items = tuple(_item(cell, k, plan) for k in np.flatnonzero(shown).tolist())
        marks.append(Dots(at[shown], cell.means[shown], items))
    places = tuple((float(k), value_label(label)) for k, label in enumerate(cell.occasions))
    x = Axis((), -0.4, len(places) - 0.6, places=places, shared="x")
    y = axis_of(name, plan, *ends, shared=f"y {name}")
    return Panel(x, y, tuple(marks), panel_label(cell.group, plan, several=several), n_cell(cell.n, name, cell.group))


def _item(cell: PathsCell, place: int, plan: Plan) -> Item:
    at = cell.occasions[place]
    behind = behind_group(replace(cell, group=cell.stands[place]))
    mean = own_cell(at, float(cell.means[place]), cell, plan, behind)
    ends = (("low", cell.low), ("high", cell.high))
    limits = [
        own_cell(f"{at}/{key}", float(end[place]), cell, plan, behind) for key, end in ends if np.isfinite(end[place])
    ]
    return Item(say("point_of_line", at=value_label(at), value=mean, n=cell.n), behind, (mean, *limits))


def _explain(plan: Plan, drawings: tuple[PathsCell, ...], cell: Cell) -> Working | None:
    """A mean of the persons who have all occasions, or an end of its interval."""
    found = drawing_of(drawings, cell)
    if found is None:
        return None
    at, _, end = cell.column.rpartition("/") if cell.column not in found.occasions else (cell.column, "", "mean")
    for grouping in plan.groupings:
        for persons in followed(found.variable, grouping, plan):
            if persons.group == found.group and at in persons.labels:
                name = titled(plan.data.variable(found.variable))
                return within_working(persons, persons.labels.index(at), replace(cell, column=end), name, plan)
    return None


def _numbers(cell: PathsCell) -> list[Cell]:
    row = key_of(cell.variable, cell.group)
    means = zip(cell.occasions, cell.means.tolist(), strict=True)
    return [Cell(mean, Kind.MEASURE, row=row, column=occasion) for occasion, mean in means if np.isfinite(mean)]


def _own_notes(drawings: tuple[PathsCell, ...], plan: Plan) -> list[Text]:
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    name = person_title(plan.data)
    texts = [say("paths_and_means", name=name, level=level)]
    drawn, all_ = sum(len(cell.lines) for cell in drawings), sum(cell.persons for cell in drawings)
    if drawn < all_:
        texts.append(say("paths_are_thinned", drawn=drawn, all=all_))
    return texts


def methods(plan: Plan, drawings: tuple[PathsCell, ...]) -> Text:
    """What the intervals are."""
    del plan, drawings
    return say("intervals_are_within_persons")


def _alt(drawings: tuple[PathsCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        if not cell.n:
            continue
        first, last = (summary_cell(float(cell.means[k]), cell.variable, plan.data) for k in (0, -1))
        name, where = titled_with_unit(plan.data.variable(cell.variable)), in_group(cell.group, plan.data)
        n = n_cell(cell.n, cell.variable, cell.group)
        ends = {"start": value_label(cell.occasions[0]), "end": value_label(cell.occasions[-1])}
        parts.append(say("paths_of", name=name, where=where, n=n, first=first, last=last, **ends))
    return sentences(parts)


def values(cell: PathsCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "occasions": list(cell.occasions),
        "n": cell.n,
        "persons": cell.persons,
        "lines": finite(cell.lines),
        "means": finite(cell.means),
        "low": finite(cell.low),
        "high": finite(cell.high),
    }


FORM: Form[Plan, PathsCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=_explain,
    draw=draw,
    most_groups=60,
)
