"""How what is found within persons comes about: over many occasions, by ranks, of two values, and of groups that change."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.persons import persons_of
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.difference_lines import p_lines
from istrel.exhibits.verbs.describe.differences import true_groups
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.describe.within import courses_of
from istrel.exhibits.verbs.frequency_working import wilson_end
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, SMALL, Lines, Sums, student
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.differences import paired
from istrel.stats.frequency import counted
from istrel.stats.grouping import arrange
from istrel.stats.moments import moments
from istrel.style.numbers import Kind

Array = NDArray[np.float64]


def explain_course(plan: DescribePlan, found: Difference, cell: Cell, what: str) -> Working | None:
    """The working of a measure within persons (`what` is "value"), an end of its interval ("low", "high"), or its exact p.

    None for means of two occasions, which `persons_working` has, for p that follow from a statistic, and for many occasions.
    """
    persons = persons_of(plan.data, plan.cases)
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    subject = next(one for one in plan.subjects if one.name == found.variable)
    if persons is None or not found.paired:
        return None
    groups = courses_of(subject, grouping, true_groups(grouping), persons, plan)
    if not groups or not groups[0].size or max(len(groups), groups[0].shape[1]) > MOST_GROUPS:
        return None
    measure = (
        found.effect.measure if found.effect is not None else OF_TEST.get(found.test.name if found.test else "", "")
    )
    make = OF_MEASURE.get(measure)
    level = found.effect.level if found.effect is not None else plan.request.settings["confidence"]
    lines = None if make is None else make(groups, cell, what, level)
    if lines is None:
        return None
    name = titled(plan.data.variable(found.variable))
    return Working(_means(cell, measure, name, what, level), *lines)


OF_TEST = {"signed_ranks": "median_difference", "mcnemar": "risk_difference", "welch_t": "difference_in_changes"}


def _means(cell: Cell, measure: str, name: Text, what: str, level: float) -> Text:
    if what == "p":
        return say("means_p", value=cell, name=name)
    if what in ("low", "high"):
        return say("means_limit", value=cell, level=Cell(100 * level, Kind.EDGE))
    return say(f"means_{measure}_within" if measure in ALSO_BETWEEN else f"means_{measure}", value=cell, name=name)


ALSO_BETWEEN = ("median_difference", "risk_difference")


# More than two occasions.
def _eta(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """What lies between the occasions, of all that is not the persons' own level on every one of them."""
    del cell, level
    if what != "value":
        return None
    (x,) = groups
    n, k = x.shape
    means = x.mean(axis=0)
    centre = float(means.mean())
    between = n * float(((means - centre) ** 2).sum())
    within = float(((x - means) ** 2).sum())
    parts = " + ".join(f"({shown(m)} − {signed(centre)})^2" for m in means.tolist())
    steps: tuple[Line, ...] = (
        f"n = {n}",
        *(f"M{SMALL[j]} = {shown(m)}" for j, m in enumerate(means.tolist())),
        f"M = {shown(centre)}",
        say("step_between_occasions", value=f"{n} × ({parts}) = {shown(between)}"),
        say("step_around_occasions", value=shown(within)),
        f"k = {k}",
    )
    return say("formula_eta"), f"{shown(between)} ÷ ({shown(between)} + {shown(within)})", steps


def _interaction(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """What lies between the courses of the groups, of this, the persons and the error."""
    del cell, level
    if what != "value":
        return None
    sizes = np.array([x.shape[0] for x in groups])
    means = np.array([x.mean(axis=0) for x in groups])
    courses = means - means.mean(axis=1)[:, None]
    between = float((sizes[:, None] * (courses - np.average(courses, axis=0, weights=sizes)) ** 2).sum())
    around = math.fsum(float(((x - mean) ** 2).sum()) for x, mean in zip(groups, means, strict=True))
    steps: list[Line] = []
    for letter, size, course in zip(SMALL[: sizes.size], sizes.tolist(), courses.tolist(), strict=True):
        steps += [f"n{letter} = {size}", say("step_course", letter=letter, value="; ".join(map(shown, course)))]
    steps += [say("step_between_courses", value=shown(between)), say("step_around_courses", value=shown(around))]
    return say("formula_eta"), f"{shown(between)} ÷ ({shown(between)} + {shown(around)})", tuple(steps)


def _kendalls_w(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """Friedman's chi-square, of the most that it can be."""
    del cell, level
    if what != "value":
        return None
    (x,) = groups
    n, k = x.shape
    order = np.sort(x, axis=1)
    ranks = (x[:, :, None] > order[:, None, :]).sum(axis=2) + ((x[:, :, None] == order[:, None, :]).sum(axis=2) + 1) / 2
    ties = float(((x[:, :, None] == order[:, None, :]).sum(axis=2).astype(np.float64) ** 2 - 1).sum())
    sums, middle = ranks.sum(axis=0).tolist(), n * (k + 1) / 2
    off = sum((one - middle) ** 2 for one in sums)
    spread = n * k * (k + 1) - ties / (k - 1)
    found = 12 * off / spread
    parts = " + ".join(f"({shown(one)} − {shown(middle)})^2" for one in sums)
    steps: tuple[Line, ...] = (
        f"n = {n}",
        f"k = {k}",
        *(say("step_rank_sum", letter=letter, value=shown(one)) for letter, one in zip(SMALL[:k], sums, strict=True)),
        f"S = {parts} = {shown(off)}",
        say("step_shared_within", value=shown(ties)),
        f"D = {n} × {k} × ({k} + 1) − {shown(ties)} ÷ ({k} − 1) = {shown(spread)}",
        f"χ² = 12 × {shown(off)} ÷ {shown(spread)} = {shown(found)}",
    )
    return "χ² ÷ (n × (k − 1))", f"{shown(found)} ÷ ({n} × ({k} − 1))", steps


# Two values on two occasions.
def _shares(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """The difference of two shares of the same persons (Newcombe 1998, method 10), and McNemar's exact p."""
    del cell
    (x,) = groups
    if x.shape[1] != 2:
        return None
    seen = paired.moved(x)
    n, both, first, second = seen.n, seen.both, seen.first, seen.second
    counts: tuple[Line, ...] = (
        f"n = {n}",
        say("step_only_first", n=str(first)),
        say("step_only_second", n=str(second)),
    )
    if what == "value":
        return say("formula_moved"), f"100 × ({first} − {second}) ÷ {n}", counts
    if what == "p":
        m, least = first + second, min(first, second)
        ways = sum(math.comb(m, k) for k in range(least + 1))
        if not m or 2 * ways >= 2**m:
            return say("formula_mcnemar"), "1", counts
        steps = (*counts, say("step_ways_of_moved", value=shown(ways)), say("step_ways_in_all", value=f"2^{m}"))
        return say("formula_mcnemar"), f"2 × {shown(ways)} ÷ 2^{m}", steps
    low = what == "low"
    ends = [
        wilson_end(one, n, level, low=low is (place == 0)) for place, one in enumerate((both + first, both + second))
    ]
    shares = (both + first) / n, (both + second) / n
    a, b = abs(shares[0] - ends[0]), abs(shares[1] - ends[1])
    phi, a_, b_ = shown(seen.phi), shown(a), shown(b)
    steps = (
        *counts,
        f"p₁ = {both + first} ÷ {n} = {shown(shares[0])}",
        f"p₂ = {both + second} ÷ {n} = {shown(shares[1])}",
        say("step_phi_of_both", value=phi),
        say("step_reach_of_first", value=a_),
        say("step_reach_of_second", value=b_),
    )
    sign = "−" if low else "+"
    reach = f"√({a_}^2 − 2 × {signed(seen.phi)} × {a_} × {b_} + {b_}^2)"
    filled = f"100 × (({first} − {second}) ÷ {n} {sign} {reach})"
    return f"100 × (p₁ − p₂ {sign} √(a² − 2φab + b²))", filled, steps


# Ranks on two occasions.
def _signed_ranks(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """The median of all averages of two changes, an end of its interval, or the p of Wilcoxon's signed ranks."""
    (x,) = groups
    if x.shape[1] != 2:
        return None
    d, times = np.unique(x[:, 0] - x[:, 1], return_counts=True)
    return _of_ranks(d, times, say("step_first_minus_second"), cell, what, level)


def explain_median_against(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The median of the averages of all pairs less a norm, an end of its interval, or its p."""
    assert found.group is not None
    assert found.norm is not None
    grouping, group = grouping_of(found.group, plan.groupings)
    part = arranged(found.variable, grouping, plan.data).only(group)
    away = part.values - found.norm
    d, place = np.unique(away, return_inverse=True)
    times = counted(place.ravel(), d.size, part.times)
    what = {"against": "value", "against p": "p"}.get(cell.column, cell.column.rpartition("/")[2])
    level = found.effect.level if found.effect is not None else plan.request.settings["confidence"]
    if found.p_adjusted is not None and what == "p":
        return None
    lines = _of_ranks(d, times, say("step_less_the_norm"), cell, what, level) if times.sum() else None
    name = titled(plan.data.variable(found.variable))
    return None if lines is None else Working(_means(cell, "median_difference", name, what, level), *lines)


def _of_ranks(d: Array, times: NDArray[np.int64], opening: Line, cell: Cell, what: str, level: float) -> Lines | None:
    """From differences that ascend, and how often each stands."""
    if not isinstance(cell.value, float | int):
        return None
    seen = paired.ranked_changes(d, times)
    n, all_ = seen.n, seen.averages
    nth = paired.averages_in_order(d, times)
    given: tuple[Line, ...] = (opening, f"n = {n}")
    averages = say("step_averages", value=f"{n} × ({n} + 1) ÷ 2 = {all_}")
    if what == "value":
        middle = (nth((all_ - 1) // 2) + nth(all_ // 2)) / 2
        return say("formula_averages"), shown(middle), (*given, averages)
    positive, zeros = shown(seen.positive), seen.zeros
    if what in ("low", "high"):
        k = paired.averages_outside(seen, level) + 1
        steps = (*given, averages, f"k = {k}", say("step_rank_of_average"))
        if not 0 < k <= all_:
            return None
        end = nth(k - 1 if what == "low" else all_ - k)
        return "a(k)" if what == "low" else f"a({all_} − k + 1)", shown(end), steps
    if seen.exact:
        ways = paired.sums_of_ranks(n)
        least = int(min(seen.positive, all_ - seen.positive))
        extreme = float(ways[: least + 1].sum())
        steps = (
            *given,
            say("step_positive_ranks", value=positive),
            say("step_ways_of_signs", n=str(least), value=shown(extreme)),
            say("step_ways_in_all", value=f"2^{n}"),
        )
        filled = "1" if 2 * extreme >= 2.0**n else f"2 × {shown(extreme)} ÷ 2^{n}"
        return say("formula_signed_ranks"), filled, steps
    mean, spread = seen.mean, math.sqrt(seen.variance)
    z = abs(seen.positive - mean) / spread
    steps = (
        *given,
        say("step_zeros", n=str(zeros)),
        say("step_positive_ranks", value=positive),
        f"m = ({n} × ({n} + 1) ÷ 2 − {zeros} × ({zeros} + 1) ÷ 2) ÷ 2 = {shown(mean)}",
        say("step_spread_of_ranks", value=shown(spread)),
        f"z = {shown(abs(seen.positive - mean))} ÷ {shown(spread)} = {shown(z)}",
        say("step_phi"),
    )
    return "2 × Φ(−z), z = |T − m| ÷ s", f"2 × Φ({shown(-z)})", steps


# Two groups on two occasions.
def _changes(groups: list[Array], cell: Cell, what: str, level: float) -> Lines | None:
    """How much more one group changed than the other."""
    from istrel.stats.differences.means import welch

    del cell
    if len(groups) != 2 or groups[0].shape[1] != 2:
        return None
    changes = [x[:, 1] - x[:, 0] for x in groups]
    values, codes = np.concatenate(changes), np.repeat(np.arange(2), [one.size for one in changes])
    m = moments(arrange(values, codes, np.ones(values.size, bool), 2))
    first, second = (Sums(m.of(slice(k, k + 1))) for k in range(2))
    test = welch(m)
    if not isinstance(test.statistic, float):
        return None
    formula, filled, steps = p_lines(test, first, second)
    steps = (say("step_change_of_person"), *steps)
    if what == "p":
        return formula, filled, steps
    apart = f"{signed(first.mean)} − {signed(second.mean)}"
    if what == "value":
        return "M₁ − M₂", apart, steps[:7]
    error = math.sqrt(first.variance / first.n + second.variance / second.n)
    (df,), sign = test.df, "−" if what == "low" else "+"
    t, of_t = student(df, level, times=error)
    made = (
        f"SE = √({shown(first.variance)} ÷ {first.n} + {shown(second.variance)} ÷ {second.n}) = {shown(error)}",
        of_t,
    )
    return f"M₁ − M₂ {sign} t × SE", f"{apart} {sign} {t} × {shown(error)}", (*steps[:-1], *made)


OF_MEASURE = {
    "generalized_eta_squared": _eta,
    "interaction_eta_squared": _interaction,
    "kendalls_w": _kendalls_w,
    "risk_difference": _shares,
    "median_difference": _signed_ranks,
    "difference_in_changes": _changes,
}
