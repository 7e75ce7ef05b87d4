"""How the statistics of a weighted sample come about: from weights, sums, the weighted distribution and the design."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Grouping, grouping_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.other_working import working_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.exhibits.verbs.linearized_working import Linearized, linearized
from istrel.exhibits.verbs.sums_working import Lines, student
from istrel.exhibits.weights import spread_of, weighted_moments_of
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.sentence.vocabulary import percentile_of
from istrel.stats.student import t_quantile
from istrel.stats.survey.distribution import NEAR
from istrel.stats.survey.means import WeightedMoments
from istrel.stats.survey.selection import Spread

Floats = NDArray[np.float64]


@dataclass(frozen=True, eq=False)
class Weighed:
    """The values of a group with their weights, and what is asked of them."""

    plan: DescribePlan
    found: MeasuredCell
    key: str
    m: WeightedMoments
    place: int
    w: Floats
    x: Floats

    @property
    def n(self) -> int:
        return int(self.m.n[self.place])

    @cached_property
    def whole(self) -> float:
        """Σw."""
        return math.fsum(self.w.tolist())

    @cached_property
    def total(self) -> float:
        """Σwx."""
        return math.fsum((self.w * self.x).tolist())

    @property
    def mean(self) -> float:
        return self.total / self.whole

    def power(self, k: int) -> float:
        """Σw(x − M)ᵏ."""
        return math.fsum((self.w * (self.x - self.mean) ** k).tolist())

    @property
    def steps(self) -> tuple[Line, ...]:
        """Cases and sums."""
        return say("step_weight"), f"n = {self.n}", f"Σw = {shown(self.whole)}", f"Σwx = {shown(self.total)}"

    @property
    def mean_steps(self) -> tuple[Line, ...]:
        return (*self.steps, f"M = {signed(self.total)} ÷ {shown(self.whole)} = {shown(self.mean)}")


def explain_weighted(plan: DescribePlan, found: MeasuredCell, cell: Cell) -> Working | None:
    """The working of a statistic of a weighted sample; None for designs of many strata, and where there is none."""
    (grouping, place), key = grouping_of(found.group, plan.groupings), cell.statistic
    m = weighted_moments_of(found.variable, grouping, plan.data)
    inside = m.codes == place
    if not inside.any():
        return None
    make = OF_WEIGHTS.get(key, _in_order)
    mine = Weighed(plan, found, key, m, place, m.sample.weights[inside], m.values[inside])
    lines = make(mine)
    return None if lines is None else working_of(plan, found, cell, lines)


def _squares(mine: Weighed) -> Lines:
    squares = mine.power(2)
    formula = "Σw(x − M)² ÷ Σw × n ÷ (n − 1)"
    filled = f"{shown(squares)} ÷ {shown(mine.whole)} × {mine.n} ÷ ({mine.n} − 1)"
    return formula, filled, (*mine.mean_steps, f"Σw(x − M)² = {shown(squares)}")


def _deviation(mine: Weighed) -> Lines:
    formula, filled, steps = _squares(mine)
    return f"√({formula})", f"√({filled})", steps


def _shape(mine: Weighed) -> Lines:
    """Standardized moments without factors for small samples."""
    power = 3 if mine.key == "skewness" else 4
    squares, summed = mine.power(2), mine.power(power)
    over = f"({shown(squares)} ÷ {shown(mine.whole)})"
    letter, root, less = ("³", f"√({over})^3", "") if power == 3 else ("⁴", f"{over}^2", " − 3")
    steps = (*mine.mean_steps, f"Σw(x − M)² = {shown(squares)}", f"Σw(x − M){letter} = {shown(summed)}")
    formula = f"(Σw(x − M){letter} ÷ Σw) ÷ s{letter}{less}, s² = Σw(x − M)² ÷ Σw"
    return formula, f"({signed(summed)} ÷ {shown(mine.whole)}) ÷ {root}{less}", steps


def _error(mine: Weighed) -> Lines | None:
    """The linearized error of a mean."""
    found = _linearized(mine)
    return None if found is None else (found.formula, found.filled, found.steps)


def _linearized(mine: Weighed) -> Linearized | None:
    return linearized(mine.m.sample, mine.m.scores, mine.m.codes == mine.place, mine.mean_steps)


def _limit(mine: Weighed) -> Lines | None:
    found = _linearized(mine)
    if found is None:
        return None
    sign, error = "−" if mine.key == "ci_low" else "+", found.error
    t, of_t = student(mine.m.sample.df, mine.plan.request.settings["confidence"], times=error)
    steps = (*found.steps, found.step, of_t)
    return f"M {sign} t × SE", f"{shown(mine.mean)} {sign} {t} × {shown(error)}", steps


def _in_order(mine: Weighed) -> Lines | None:
    """A quantile of the weighted distribution, or what is made of two."""
    grouping, spread = _spread(mine)
    place, key = mine.place, mine.key
    values, weights = spread.group(place)
    if key in ("min", "max"):
        end = float(values[0 if key == "min" else -1])
        return say("formula_smallest" if key == "min" else "formula_largest"), shown(end), ()
    if key == "range":
        ends = shown(float(values[-1])), signed(float(values[0]))
        return "max − min", f"{ends[0]} − {ends[1]}", (f"max = {ends[0]}", f"min = {ends[1]}")
    if key == "iqr":
        q1, q3 = (float(spread.quantiles(np.full(grouping.n_groups, p))[place]) for p in (0.25, 0.75))
        return "Q3 − Q1", f"{shown(q3)} − {signed(q1)}", (f"Q3 = {shown(q3)}", f"Q1 = {shown(q1)}")
    share = {"median": 50.0, "q1": 25.0, "q3": 75.0}.get(key) or percentile_of(key)
    return None if share is None else quantile_lines(values, weights, share / 100)


def quantile_lines(values: Floats, weights: Floats, share: float) -> Lines:
    """The smallest value up to which the weights reach a share; the middle between it and the next where they reach it exactly."""
    running = np.cumsum(weights)
    whole = float(running[-1])
    wanted, near = share * whole, NEAR * whole
    at = min(int(np.searchsorted(running, wanted - near, side="left")), values.size - 1)
    steps: tuple[Line, ...] = (
        say("step_weight"),
        f"Σw = {shown(whole)}",
        f"h = {shown(share)} × {shown(whole)} = {shown(wanted)}",
        say("step_weights_upto", value=shown(float(values[at])), sum=shown(float(running[at]))),
    )
    formula = say("formula_weighted_quantile")
    if abs(float(running[at]) - wanted) <= near and at + 1 < values.size:
        return formula, f"({shown(float(values[at]))} + {signed(float(values[at + 1]))}) ÷ 2", steps
    before = say("step_weights_before", sum=shown(float(running[at - 1]) if at else 0.0))
    return formula, shown(float(values[at])), (*steps, before)


def _spread(mine: Weighed) -> tuple[Grouping, Spread]:
    grouping, _ = grouping_of(mine.found.group, mine.plan.groupings)
    return grouping, spread_of(mine.found.variable, grouping, mine.plan.data)


def _of_median(mine: Weighed) -> Lines | None:
    """Where the distribution reaches a half and t errors of that share (Woodruff 1952)."""
    (grouping, spread), m, place = _spread(mine), mine.m, mine.place
    confidence = mine.plan.request.settings["confidence"]
    values, weights = spread.group(place)
    median = float(spread.quantiles(np.full(grouping.n_groups, 0.5))[place])
    at_most = float(weights[values <= median].sum() / weights.sum())
    inside = m.codes == place
    scores = np.where(inside, m.sample.weights * ((m.values <= median) - at_most) / m.sums[place], 0.0)
    found = linearized(m.sample, scores, inside, ())
    if found is None:
        return None
    sign, error = "−" if mine.key.endswith("_low") else "+", found.error
    t, of_t = student(m.sample.df, confidence)
    reach = t_quantile(m.sample.df, confidence) * error
    share = 0.5 - reach if sign == "−" else 0.5 + reach
    said = (
        f"Mdn = {shown(median)}",
        say("step_share_upto_median", value=shown(at_most)),
        *found.steps,
        found.step,
        of_t,
        f"q = 0.5 {sign} {t} × {shown(error)} = {shown(share)}",
    )
    formula, value, found_at = quantile_lines(values, weights, share)
    return formula, value, (*said, *found_at[1:])


OF_WEIGHTS: dict[str, Callable[[Weighed], Lines | None]] = {
    "sum": lambda mine: ("Σwx", shown(mine.total), mine.steps),
    "mean": lambda mine: ("Σwx ÷ Σw", f"{signed(mine.total)} ÷ {shown(mine.whole)}", mine.steps),
    "variance": _squares,
    "sd": _deviation,
    "skewness": _shape,
    "kurtosis": _shape,
    "se": _error,
    "ci_low": _limit,
    "ci_high": _limit,
    "median_ci_low": _of_median,
    "median_ci_high": _of_median,
}
