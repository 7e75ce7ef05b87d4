"""How differences within persons, and between them, come about: changes, their mean, the paired t; the means of persons."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Grouping
from istrel.exhibits.persons import persons_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.difference_lines import g_lines, p_lines
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference, Value
from istrel.exhibits.verbs.describe.within import cells_between, seen_on
from istrel.exhibits.verbs.sums_working import Lines, Sums, student
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.differences.common import GroupTest
from istrel.stats.moments import Moments, moments
from istrel.style.numbers import Kind

Array = NDArray[np.float64]


def explain_persons(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The working of a mean change, or of the standardized difference of persons' means; None for what is by ranks or of more."""
    effect = found.effect
    if effect is None or found.between is None:
        return None
    first, second = (group_label(group, several=True) for group in found.between)
    name = titled(plan.data.variable(found.variable))
    if found.paired and effect.measure in ("mean_difference", "d_z"):
        x = _changes(plan, found)
        if x is None:
            return None
        lines = _mean_change(x) if effect.measure == "mean_difference" else _d_z(x)
        return Working(say(f"means_{effect.measure}", value=cell, name=name, first=first, second=second), *lines)
    if not found.paired and effect.measure == "g_average":
        sums = _between(plan, found)
        return (
            None
            if sums is None
            else Working(say("means_g", value=cell, name=name, first=first, second=second), *g_lines(*sums))
        )
    return None


def explain_persons_test(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    """The working of the p of the paired t, or of Welch's t of persons' means."""
    if found.between is None:
        return None
    means = say("means_p", value=cell, name=titled(plan.data.variable(found.variable)))
    if found.paired and test.name == "paired_t":
        x = _changes(plan, found)
        return None if x is None else Working(means, *_paired_t(x))
    if not found.paired and test.name == "welch_t":
        sums = _between(plan, found)
        return None if sums is None else Working(means, *p_lines(test, *sums))
    return None


def explain_end_of_change(plan: DescribePlan, found: Difference, cell: Cell, *, low: bool) -> Working | None:
    """An end of the interval of a mean change; None for other measures of persons."""
    effect = found.effect
    measures = ("mean_difference", "d_z")
    x = None if effect is None or effect.measure not in measures or not found.paired else _changes(plan, found)
    if effect is None or x is None:
        return None
    n, mean, sd, steps = _of_changes(x)
    if effect.measure == "d_z":
        end = effect.low if low else effect.high
        lines = _end_of_d_z(n, mean / (sd / math.sqrt(n)), end, effect.level, steps, low=low) if n > 2 else None
        means = say("means_limit", value=cell, level=Cell(100 * effect.level, Kind.EDGE))
        return None if lines is None else Working(means, *lines)
    error, sign = sd / math.sqrt(n), "−" if low else "+"
    t, of_t = student(n - 1, effect.level, times=error)
    made = f"SE = {shown(sd)} ÷ √({n}) = {shown(error)}", of_t
    means = say("means_limit", value=cell, level=Cell(100 * effect.level, Kind.EDGE))
    return Working(means, f"M {sign} t × SE", f"{signed(mean)} {sign} {t} × {shown(error)}", (*steps, *made))


def _end_of_d_z(n: int, t: float, end: Value, level: float, steps: tuple[Line, ...], *, low: bool) -> Lines | None:
    """The noncentrality at which the paired t would leave so much out, in standard deviations of the changes."""
    if not isinstance(end, float):
        return None
    factor = 1 - 3 / (4 * (n - 1) - 1)
    away = shown(end / factor * math.sqrt(n), times=1e4)
    away_ = f"({away})" if away.startswith("−") else away
    tail = (1 + level) / 2 if low else (1 - level) / 2
    made: tuple[Line, ...] = (
        f"t = M ÷ (s ÷ √n): {shown(t)}",
        f"δ = {away}",
        f"C = NT({shown(t)}; {n - 1}; {away_}) = {shown(tail)}",
        say("step_noncentral_t"),
    )
    filled = f"(1 − 3 ÷ (4 × {n - 1} − 1)) × {away_} ÷ √({n})"
    return "(1 − 3 ÷ (4 × (n − 1) − 1)) × δ ÷ √n", filled, (*steps, *made)


def _grouping(plan: DescribePlan, found: Difference) -> Grouping:
    return next(one for one in plan.groupings if one.names == found.grouping)


def _changes(plan: DescribePlan, found: Difference) -> Array | None:
    """The values of the persons who have both, (persons, 2)."""
    persons, grouping = persons_of(plan.data, plan.cases), _grouping(plan, found)
    subject = next(one for one in plan.subjects if one.name == found.variable)
    if persons is None or found.between is None:
        return None
    seen, by_rank = seen_on(subject, grouping, grouping.n_groups, persons, plan)
    if seen is None or by_rank or seen.doubled:
        return None
    return seen.complete(np.array([grouping.groups.index(group) for group in found.between], np.intp))


def _between(plan: DescribePlan, found: Difference) -> tuple[Sums, Sums] | None:
    """The sums of the persons' means in both groups."""
    made = moments_between(plan, found)
    return None if made is None or len(made[1]) != 2 else (made[1][0], made[1][1])


def moments_between(plan: DescribePlan, found: Difference) -> tuple[Moments, list[Sums]] | None:
    """The moments of the persons' means in both groups, together and one by one."""
    persons, grouping = persons_of(plan.data, plan.cases), _grouping(plan, found)
    if persons is None or found.between is None or found.paired:
        return None
    m = moments(cells_between(found.variable, grouping, grouping.n_groups, persons, plan))
    places = [grouping.groups.index(group) for group in found.between]
    return m, [Sums(m.of(slice(place, place + 1))) for place in places]


def _of_changes(x: Array) -> tuple[int, float, float, tuple[Line, ...]]:
    """(persons, mean and standard deviation of their changes, the steps to these)."""
    d, n = x[:, 0] - x[:, 1], x.shape[0]
    total = math.fsum(d.tolist())
    mean = total / n
    squares = math.fsum(((d - mean) ** 2).tolist())
    sd = math.sqrt(squares / (n - 1))
    steps = (
        say("step_first_minus_second"),
        f"n = {n}",
        f"Σd = {shown(total)}",
        f"M = {signed(total)} ÷ {n} = {shown(mean)}",
        f"Σ(d − M)² = {shown(squares)}",
        f"s = √({shown(squares)} ÷ ({n} − 1)) = {shown(sd)}",
    )
    return n, mean, sd, steps


def _mean_change(x: Array) -> Lines:
    n, mean, _, steps = _of_changes(x)
    return "Σd ÷ n", f"{signed(mean * n)} ÷ {n}", steps


def _d_z(x: Array) -> Lines:
    n, mean, sd, steps = _of_changes(x)
    factor = f"(1 − 3 ÷ (4 × {n - 1} − 1))" if n > 2 else "0"
    return "(1 − 3 ÷ (4 × (n − 1) − 1)) × M ÷ s", f"{factor} × {signed(mean)} ÷ {shown(sd)}", steps


def _paired_t(x: Array) -> Lines:
    n, mean, sd, steps = _of_changes(x)
    t = mean / (sd / math.sqrt(n))
    steps = (
        *steps,
        f"t = {signed(mean)} ÷ ({shown(sd)} ÷ √({n})) = {shown(t)}",
        f"df = {n} − 1 = {n - 1}",
        say("step_student"),
    )
    return "2 × T(−|t|; df)", f"2 × T({shown(-abs(t))}; {n - 1})", steps
