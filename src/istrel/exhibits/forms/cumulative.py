"""Cumulative curves: the share of cases up to each value, in steps, a line per group, with a band where it is asked for."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan, no_own
from istrel.exhibits.exchange import groups
from istrel.exhibits.figure import Axis, Band, FigureSheet, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    arrangement,
    axis_of,
    by_panel,
    check_drawn,
    group_item,
    groups_of,
    is_log,
    key_of,
    n_cell,
    n_of_mark,
    named_with_n,
    panel_label,
    room_beside,
    told_of,
    values_of_group,
)
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Text, say, sentences
from istrel.exhibits.weights import distribution_of
from istrel.exhibits.wording import has_groups
from istrel.problem import Problem
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_STEPS = 2000
ARRANGED = ("overlaid", "panels")


@dataclass(frozen=True, eq=False)
class CumulativeCell:
    """The share of cases up to each value x, in %; thinned to points that an eye could tell apart.

    Attributes
    ----------
    low, high
        The band of Dvoretzky, Kiefer and Wolfowitz, with Massart's constant; None where it is not asked for.
    """

    variable: str
    group: Group
    n: Count
    x: Array
    y: Array
    low: Array | None = None
    high: Array | None = None


def draw(plan: Plan) -> tuple[CumulativeCell, ...]:
    """The curve of every group that has values."""
    said, made = plan.request.settings, []
    if plan.cases.weighted and said["intervals"]:
        at, length = said.place_of("intervals")
        message = english(
            "“intervals” of a cumulative curve are not defined under weights; leave it out, or add unweighted."
        )
        raise Problem(message, at=at, length=length)
    for name, grouping, cells in groups_of(plan):
        spread = distribution_of(name, grouping, plan.data) if plan.cases.weighted else None
        for i, group in enumerate(grouping.groups):
            values, weights = values_of_group(cells, i, spread)
            shown = values > 0 if is_log(plan) else np.ones(values.size, bool)
            values = values[shown]
            if not values.size:
                continue
            distinct, starts, counts = np.unique(values, return_index=True, return_counts=True)
            sums = counts if weights is None else np.add.reduceat(weights[shown], starts)
            n = int(sums.sum()) if spread is None else int(values.size)
            share = 100.0 * np.cumsum(sums) / sums.sum()
            kept = np.unique(np.linspace(0, distinct.size - 1, min(distinct.size, MOST_STEPS)).round().astype(int))
            x, y = distinct[kept], share[kept]
            band: tuple[Array, Array] | tuple[None, None] = (None, None)
            if said["intervals"]:
                reach = 100.0 * band_reach(n, said["confidence"])
                band = np.maximum(y - reach, 0.0), np.minimum(y + reach, 100.0)
            made.append(CumulativeCell(name, group, n, x, y, *band))
    return tuple(made)


def band_reach(n: int, confidence: float) -> float:
    """Half the width of the band that holds the whole distribution function with this confidence (Massart, 1990)."""
    return float(np.sqrt(np.log(2 / (1 - confidence)) / (2 * n)))


def figure(plan: Plan, drawings: tuple[CumulativeCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable with a stepped line per group, or a panel per group."""
    usual = "panels" if plan.request.settings["intervals"] else "overlaid"  # bands over each other cannot be read
    arranged = arrangement(plan, usual, ARRANGED) if has_groups(plan.groupings) else "overlaid"
    check_drawn(drawings if arranged == "panels" else drawings[:1], plan, "cumulative curve")
    panels: list[Panel] = []
    for name, mine in by_panel(drawings):
        low, high = min(float(c.x[0]) for c in mine), max(float(c.x[-1]) for c in mine)
        low, high = room_beside(low, high, 0.02, log=is_log(plan))
        x = axis_of(name, plan, low, high, log=is_log(plan), shared=f"x {name}" if arranged == "panels" else "")
        shared, meaning = "y" if arranged == "panels" else "", say("the_share_of_cases_up")
        y = Axis(say("cases_up_to_the_value"), 0.0, 103.0, shared=shared, meaning=meaning)
        if arranged == "overlaid":
            several = len(mine) > 1
            marks = [mark for k, c in enumerate(mine) for mark in _marks(c, k, x, plan, named=several)]
            n = None if several else n_cell(mine[0].n, name, mine[0].group)
            panels.append(Panel(x, y, tuple(marks), (), n))
            continue
        for cell in mine:
            label = panel_label(cell.group, plan, several=len(drawings) > 1)
            marks = _marks(cell, 0, x, plan, named=False)
            panels.append(Panel(x, y, tuple(marks), label, n_cell(cell.n, name, cell.group)))
    own = general(_own_notes(plan))
    size, beside = plan.request.settings["size"] or "", arranged == "overlaid"
    numbers = tuple(_numbers(drawings))
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers, size=size, beside=beside)


def _marks(cell: CumulativeCell, series: int, axis: Axis, plan: Plan, *, named: bool) -> list[Mark]:
    x = np.concatenate([[axis.low], cell.x, [axis.high]])
    marks: list[Mark] = []
    if cell.low is not None and cell.high is not None:
        steps = np.repeat(x, 2)[1:-1]
        low, high = (
            np.repeat(np.append(start, part), 2) for part, start in ((cell.low, 0.0), (cell.high, cell.high[0]))
        )
        if named:  # of several bands the ends alone: no group hides another
            marks += [Line(steps, end, series=series, thin=True) for end in (low, high)]
        else:
            marks.append(Band(steps, low, high, series=series))
    name = named_with_n(cell) if named else ()
    y = np.concatenate([[0.0], cell.y, [100.0]])
    item = group_item(cell, named_with_n(cell), (n_of_mark(cell, plan),))
    return [*marks, Line(x, y, name, series=series, steps=True, items=(item,))]


def _own_notes(plan: Plan) -> list[Text]:
    said, texts = plan.request.settings, []
    if said["intervals"]:
        level = Cell(100 * said["confidence"], Kind.EDGE)
        texts.append(say("bands_hold_the_whole_curve", level=level))
    return texts


def _numbers(drawings: tuple[CumulativeCell, ...]) -> list[Cell]:
    """Each curve at a few of its points, to be compared when the figure is made again."""
    made = []
    for cell in drawings:
        step = max(1, cell.x.size // 20)
        for x, y in zip(cell.x[::step].tolist(), cell.y[::step].tolist(), strict=True):
            made.append(Cell(y, Kind.PERCENT, row=key_of(cell.variable, cell.group), column=f"up to {x!r}"))
    return made


def methods(plan: Plan, drawings: tuple[CumulativeCell, ...]) -> Text:
    """The definition."""
    if not drawings:
        return ()
    texts = [say("cumulative_curves_are_empirical_distribution")]
    if plan.request.settings["intervals"]:
        texts.append(say("their_bands_follow_dvoretzky_kiefer"))
    return sentences(texts)


def _alt(drawings: tuple[CumulativeCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("cumulative_curve_of_n", **told_of(cell, plan), n=n))
    return sentences(parts)


def values(cell: CumulativeCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    entry = {"variable": cell.variable, "groups": groups(cell.group.named), "x": cell.x.tolist(), "y": cell.y.tolist()}
    if cell.low is not None and cell.high is not None:
        entry |= {"low": cell.low.tolist(), "high": cell.high.tolist()}
    return entry


def _hidden(ledger: Ledger, place: int, cell: CumulativeCell) -> CumulativeCell | None:
    """A curve whose every step holds so many cases."""
    del place
    if isinstance(cell.n, Hidden) or cell.n < ledger.below:
        return None
    step = 100.0 * ledger.below / cell.n
    kept, last = [], 0.0
    for at, share in enumerate(cell.y.tolist()):
        if share - last >= step - 1e-9 and (100.0 - share >= step - 1e-9 or share >= 100.0 - 1e-9):
            kept.append(at)
            last = share
    if not kept or cell.y[kept[-1]] < 100.0:
        kept = [*kept[:-1], cell.y.size - 1]
    low, high = (None if limit is None else limit[kept] for limit in (cell.low, cell.high))
    return replace(cell, x=cell.x[kept], y=cell.y[kept], low=low, high=high)


FORM: Form[Plan, CumulativeCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=no_own,
    draw=draw,
    most_groups=40,
    weighted=True,
)
