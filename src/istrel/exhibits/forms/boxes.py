"""Box plots: quartiles, whiskers to the last value within the fences, and the values beyond as dots."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from itertools import pairwise
from typing import Any, cast

import numpy as np

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.figure import Axis, Boxes, Dots, FigureSheet, Item, Mark, Panel
from istrel.exhibits.forms.common import axis_of, check_drawn, groups_of, n_cell
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import group_label, groups_words, in_group, titled_with_unit, value_cell
from istrel.stats import quantiles
from istrel.style.numbers import Kind

DOTS_ACROSS = 150  # values that lie nearer than this share of the axis are one dot


@dataclass(frozen=True)
class BoxCell:
    """A box of one variable in one group: whiskers to the last value within the fences, values outside with their rows."""

    variable: str
    group: Group
    n: Count
    q1: float
    median: float
    q3: float
    whisker_low: float
    whisker_high: float
    outside: tuple[quantiles.CaseValue, ...]


def draw(plan: Any) -> tuple[BoxCell, ...]:
    """The box of every group that has values."""
    said = plan.request.settings
    kind, reach = cast(quantiles.QuantileType, said["quantiles"]), float(said["fences"])
    made = []
    for name, grouping, cells in groups_of(plan):
        levels = [quantiles.quantile(cells, p, kind=kind).values.tolist() for p in (0.25, 0.5, 0.75)]
        outside = quantiles.outside_fences(cells, kind=kind, reach=reach)
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            q1, median, q3 = (level[i] for level in levels)
            values = cells.group(i)
            low = values[np.searchsorted(values, q1 - reach * (q3 - q1), side="left")]
            high = values[np.searchsorted(values, q3 + reach * (q3 - q1), side="right") - 1]
            ends = float(min(low, q1)), float(max(high, q3))
            made.append(BoxCell(name, group, int(cells.sizes[i]), q1, median, q3, *ends, outside[i]))
    return tuple(made)


def figure(plan: Any, drawings: tuple[BoxCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable, a box per group."""
    check_drawn([cell.variable for cell in drawings][:1], plan, "boxes")
    panels = []
    for name in dict.fromkeys(cell.variable for cell in drawings):
        mine = [cell for cell in drawings if cell.variable == name]
        panels.append(_panel(name, mine, plan))
    reach = Cell(float(plan.request.settings["fences"]), Kind.EDGE)
    own = say(
        "Boxes run from the first to the third quartile with a line at the median; whiskers end at the last value "
        "within {reach} interquartile ranges; dots are values beyond.",
        reach=reach,
    )
    return FigureSheet(title, tuple(panels), (*notes, *general([own])), _alt(drawings, plan))


def _panel(name: str, mine: list[BoxCell], plan: Any) -> Panel:
    low = min(min(c.whisker_low, *(v.value for v in c.outside)) if c.outside else c.whisker_low for c in mine)
    high = max(max(c.whisker_high, *(v.value for v in c.outside)) if c.outside else c.whisker_high for c in mine)
    beside = 0.04 * (high - low) or 0.5
    places = np.arange(len(mine), dtype=float)
    levels = np.array([[c.whisker_low, c.q1, c.median, c.q3, c.whisker_high] for c in mine])
    marks: list[Mark] = [Boxes(places, levels, np.full(len(mine), 0.3), tuple(_item(cell, plan) for cell in mine))]
    dots = [(place, dot, cell) for place, cell in enumerate(mine) for dot in _dots(cell, (high - low) / DOTS_ACROSS)]
    if dots:
        items = tuple(_dot(values, cell, plan) for _, values, cell in dots)
        marks.append(Dots(np.array([d[0] for d in dots], float), np.array([d[1][0].value for d in dots]), items))
    names = tuple((float(k), _named(cell)) for k, cell in enumerate(mine))
    x = Axis(groups_words(plan.groupings, plan.data), -0.6, len(mine) - 0.4, places=names)
    y = axis_of(name, plan, low - beside, high + beside)
    return Panel(x, y, tuple(marks))


def _named(cell: BoxCell) -> Text:
    n = n_cell(cell.n, cell.variable, cell.group)
    return say("{group}\n(*n* = {n})", group=group_label(cell.group, several=True), n=n)


def _item(cell: BoxCell, plan: Any) -> Item:
    words = " · ".join((cell.variable, *cell.group.labels))
    numbers = _quartiles(cell, plan)
    says = say("median {median}, quartiles {q1} and {q3}", **numbers)
    return Item(says, Behind(words, cell.group.named, valid=(cell.variable,)))


def _quartiles(cell: BoxCell, plan: Any) -> dict[str, Cell]:
    values = {"q1": cell.q1, "median": cell.median, "q3": cell.q3}
    return {key: value_cell(value, cell.variable, plan.data, figures=6) for key, value in values.items()}


def _dots(cell: BoxCell, near: float) -> Iterator[quantiles.CaseValues]:
    """The values outside, those together that would lie on one dot."""
    if not near:
        yield from ((value,) for value in cell.outside)
        return
    values = np.array([value.value for value in cell.outside])
    starts = np.flatnonzero(np.diff(np.floor(values / near), prepend=-np.inf))
    for start, stop in pairwise([*starts.tolist(), values.size]):
        yield cell.outside[start:stop]


def _dot(values: quantiles.CaseValues, cell: BoxCell, plan: Any) -> Item:
    first, last = values[0], values[-1]
    if len(values) == 1:
        behind = replace(Behind(f"{cell.variable}: case {first.row}"), rows=(first.row,))
        return Item(
            say("case {row}: {value}", row=first.row, value=value_cell(first.value, cell.variable, plan.data)), behind
        )
    words = " · ".join((cell.variable, *cell.group.labels))
    behind = Behind(words, cell.group.named, within=((cell.variable, first.value, last.value, "both"),))
    limits = {key: value_cell(v.value, cell.variable, plan.data) for key, v in (("low", first), ("high", last))}
    return Item(say("{n} cases: {low} to {high}", n=len(values), **limits), behind)


def methods(plan: Any, drawings: tuple[BoxCell, ...]) -> Text:
    """The type of quartile."""
    del drawings
    kind = plan.request.settings["quantiles"]
    return say("Quantiles are of type {kind} (Hyndman & Fan, 1996).", kind=kind)


def _alt(drawings: tuple[BoxCell, ...], plan: Any) -> Text:
    parts = []
    for cell in drawings:
        numbers = _quartiles(cell, plan)
        name, n = titled_with_unit(plan.data.variable(cell.variable)), n_cell(cell.n, cell.variable, cell.group)
        template = "Box of {name}{where}, n = {n}: median {median}, quartiles {q1} and {q3}."
        parts.append(say(template, name=name, where=in_group(cell.group), n=n, **numbers))
    return sentences(parts)
