"""How differences between groups of a weighted sample come about: of means, standardized, and of shares."""

from __future__ import annotations

import math

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.differences import true_groups
from istrel.exhibits.verbs.describe.of_samples import share_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.linearized_working import Linearized, linearized
from istrel.exhibits.verbs.sums_working import Lines, student
from istrel.exhibits.weights import weighted_moments_of
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.survey.differences import standardized_scores
from istrel.stats.survey.means import WeightedMoments
from istrel.style.numbers import Kind


def explain_of_sample(plan: DescribePlan, found: Difference, cell: Cell, what: str) -> Working | None:
    """The working of a difference of a weighted sample, or of an end of its interval; None for V, and for p."""
    effect, grouping = found.effect, next(one for one in plan.groupings if one.names == found.grouping)
    if effect is None or found.between is None or what not in ("difference", "low", "high"):
        return None
    places = [grouping.groups.index(group) for group in found.between]
    if effect.measure == "g_average_weighted":
        m = weighted_moments_of(found.variable, grouping, plan.data)
        lines = _of_means(m, places, what, effect.level, true_groups(grouping))
        key = "means_g"
    elif effect.measure == "risk_difference_weighted":
        lines = _of_shares(share_of(found.variable, grouping, plan), places, what, effect.level)
        key = "means_risk_difference"
    else:
        return None
    if lines is None:
        return None
    if what != "difference":
        return Working(say("means_limit", value=cell, level=Cell(100 * effect.level, Kind.EDGE)), *lines)
    first, second = (group_label(group, several=True) for group in found.between)
    named = {"name": titled(plan.data.variable(found.variable))} if key == "means_g" else {"meant": found.meant}
    return Working(say(key, value=cell, first=first, second=second, **named), *lines)


def _group(m: WeightedMoments, place: int, letter: str) -> tuple[Line, ...]:
    whole, total = float(m.sums[place]), float(m.sums[place] * m.mean[place])
    return (
        f"n{letter} = {int(m.n[place])}",
        f"Σw{letter} = {shown(whole)}",
        f"M{letter} = {signed(total)} ÷ {shown(whole)} = {shown(float(m.mean[place]))}",
    )


def _of_means(m: WeightedMoments, places: list[int], what: str, level: float, groups: int) -> Lines | None:
    first, second = places
    n = int(m.n[places].sum())
    variances = [float(m.variance[place]) for place in places]
    average = math.sqrt(sum(variances) / 2)
    apart = float(m.mean[first] - m.mean[second])
    factor = f"(1 − 3 ÷ (4 × {n} − 9))" if n > 4 else "0"
    steps: tuple[Line, ...] = (
        say("step_weight"),
        *_group(m, first, "₁"),
        *_group(m, second, "₂"),
        say("step_weighted_variance", letter="₁", value=shown(variances[0])),
        say("step_weighted_variance", letter="₂", value=shown(variances[1])),
        f"S = √(({shown(variances[0])} + {shown(variances[1])}) ÷ 2) = {shown(average)}",
    )
    gap = f"({shown(float(m.mean[first]))} − {signed(float(m.mean[second]))})"
    if what == "difference":
        return "(1 − 3 ÷ (4 × (n₁ + n₂) − 9)) × (M₁ − M₂) ÷ S", f"{factor} × {gap} ÷ {shown(average)}", steps
    scores, filled = standardized_scores(m, groups)
    found = linearized(m.sample, scores, np.isin(m.codes, filled), ())
    if found is None:
        return None
    return _end(apart / average, f"{gap} ÷ {shown(average)}", found, m.sample.df, level, what, steps, factor)


def _of_shares(m: WeightedMoments, places: list[int], what: str, level: float) -> Lines | None:
    first, second = places
    steps: tuple[Line, ...] = (
        say("step_weight"),
        say("step_one_or_zero"),
        *_group(m, first, "₁"),
        *_group(m, second, "₂"),
    )
    apart = f"({shown(float(m.mean[first]))} − {signed(float(m.mean[second]))})"
    if what == "difference":
        return "100 × (M₁ − M₂)", f"100 × {apart}", steps
    scores = np.where(m.codes == first, m.scores, 0.0) - np.where(m.codes == second, m.scores, 0.0)
    inside = np.isin(m.codes, places)
    found = linearized(m.sample, scores, inside, ())
    if found is None:
        return None
    value = float(m.mean[first] - m.mean[second])
    return _end(value, apart, found, m.sample.df, level, what, steps, "100")


def _end(
    value: float,
    apart: str,
    found: Linearized,
    df: float,
    level: float,
    what: str,
    steps: tuple[Line, ...],
    factor: str,
) -> Lines:
    """An end of an interval by Student's t, from the linearized error."""
    (t, of_t), sign = student(df, level, times=found.error), "−" if what == "low" else "+"
    made = (f"d = {apart} = {shown(value)}", *found.steps, found.step, of_t)
    said = f"{'100' if factor == '100' else 'J'} × (d {sign} t × SE)"
    return said, f"{factor} × ({signed(value)} {sign} {t} × {shown(found.error)})", (*steps, *made)
