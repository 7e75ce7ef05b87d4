"""How means and their intervals come about where no table has them: a deviation or an error away, within persons, or over time."""

from __future__ import annotations

import math
from typing import Protocol

import numpy as np

from istrel.exhibits.behind import mask_of
from istrel.exhibits.cases import grouping_of
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.forms.common import WithMean, drawing_of, n_of_mark, own_cell, statistic_cell
from istrel.exhibits.shared import moments_of
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.sums_working import Sums, mean_lines, sd_lines, student
from istrel.exhibits.weights import sample_in
from istrel.exhibits.within_persons import Followed, followed
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Working, shown, signed
from istrel.sentence.vocabulary import statistic
from istrel.stats import moments
from istrel.stats.grouping import alone
from istrel.style.numbers import Kind

TABLE_KEYS = {"low": "ci_low", "high": "ci_high"}


class WithInterval(WithMean, Protocol):
    """A mean with its interval."""

    @property
    def low(self) -> float | None: ...

    @property
    def high(self) -> float | None: ...

    @property
    def within(self) -> bool:
        """Whether it is that of persons who were seen on every occasion."""
        ...


def interval_cells(cell: WithInterval, plan: Plan) -> tuple[Cell, ...]:
    """Mean and ends of an interval, to be opened: those of a table where a table has them."""
    values = {key: getattr(cell, key) for key in ("mean", "low", "high")}
    if cell.within:
        return tuple(own_cell(key, value, cell, plan) for key, value in values.items() if value is not None)
    asked = plan.request.settings["interval"]
    made = [] if cell.mean is None else [statistic_cell("mean", cell.mean, cell, plan)]
    for key, table in TABLE_KEYS.items():
        value = values[key]
        if value is not None:
            made.append(statistic_cell(table, value, cell, plan) if asked == "ci" else own_cell(key, value, cell, plan))
    return (*made, n_of_mark(cell, plan))


def _occasion(plan: Plan, cell: Drawing) -> tuple[Followed, int] | None:
    """The persons whose mean on one occasion is drawn, and which occasion that is."""
    for grouping in plan.groupings:
        if cell.group not in grouping.groups or not grouping.names:
            continue
        place = list(grouping.groups).index(cell.group)
        for found in followed(cell.variable, grouping, plan):
            if place in found.places:
                return found, found.places.index(place)
    return None


def explain_interval(plan: Plan, drawings: tuple[WithInterval, ...], cell: Cell) -> Working | None:
    """A mean of persons with all occasions, an end of its interval, or the end of a reach of SD or SE."""
    found = drawing_of(drawings, cell)
    if found is None or cell.statistic:
        return None
    name = titled(plan.data.variable(found.variable))
    if found.within and (occasion := _occasion(plan, found)) is not None:
        return within_working(*occasion, cell, name, plan)
    asked = plan.request.settings["interval"]
    if asked not in ("sd", "se") or plan.cases.weighted or cell.column not in ("low", "high"):
        return None
    grouping, place = grouping_of(found.group, plan.groupings)
    sums = Sums(moments_of(found.variable, grouping, plan.data).of(slice(place, place + 1)))
    sd, sign = shown(sums.variance**0.5), "−" if cell.column == "low" else "+"
    reach, filled = ("SD", sd) if asked == "sd" else ("SD ÷ √(n)", f"{sd} ÷ √({sums.n})")
    steps = (*sd_lines(sums)[2], f"SD = {sd}")
    means = say("means_reach", value=cell, name=name, what=say(statistic(asked).head))
    return Working(means, f"M {sign} {reach}", f"{signed(sums.mean)} {sign} {filled}", steps)


def within_working(persons: Followed, place: int, cell: Cell, name: Text, plan: Plan) -> Working | None:
    """A mean on one occasion of the persons who have all, or an end of its interval within persons (Morey 2008)."""
    x = persons.complete
    n, k = x.shape
    mean = float(x[:, place].mean())
    total = math.fsum(x[:, place].tolist())
    first = (f"Σx = {shown(total)}", f"n = {n}")
    if cell.column not in ("low", "high"):
        return Working(
            say("means_mean", name=name, value=cell, n=Cell(float(n), Kind.COUNT)),
            "Σx ÷ n",
            f"{signed(total)} ÷ {n}",
            first,
        )
    left = (x - x.mean(axis=1, keepdims=True) + x.mean())[:, place]
    spread = float(left.std(ddof=1))
    (t, of_t), sign = student(n - 1, plan.request.settings["confidence"]), "−" if cell.column == "low" else "+"
    steps = (
        *first,
        f"M = {signed(total)} ÷ {n} = {shown(mean)}",
        f"k = {k}",
        say("step_spread_within", value=shown(spread)),
        of_t,
    )
    filled = f"{signed(mean)} {sign} {t} × {shown(spread)} × √({k} ÷ ({k} − 1)) ÷ √({n})"
    return Working(say("means_within_end", name=name), f"M {sign} t × s × √(k ÷ (k − 1)) ÷ √(n)", filled, steps)


def mean_at(cell: Cell, name: Text, variable: str, plan: Plan) -> Working | None:
    """The mean of the values behind a point; of a weighted sample by its weights."""
    if cell.behind is None:
        return None
    numbers = plan.data.numbers(variable)
    used = mask_of(cell.behind, plan.data) & plan.cases.mask & numbers.valid
    values, times = numbers.values[used], None if plan.data.times is None else plan.data.times[used]
    if not values.size:
        return None
    if plan.cases.weighted:
        weights = sample_in(plan.data).weights[used]
        total, whole = float(weights @ values), float(weights.sum())
        steps = say("step_weight"), f"Σwx = {shown(total)}", f"Σw = {shown(whole)}"
        return Working(
            say("means_point", value=cell, name=name), "Σwx ÷ Σw", f"{signed(total)} ÷ {shown(whole)}", steps
        )
    order = np.argsort(values, kind="stable")
    sums = Sums(moments.moments(alone(values[order], None if times is None else times[order], ordered=True)))
    return Working(say("means_point", value=cell, name=name), *mean_lines(sums))
