"""How the ends of the interval of a difference come about: by the distribution of its test, by its error, or by order."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.categories_working import counts_of
from istrel.exhibits.verbs.describe.difference_lines import f_steps, spread_steps
from istrel.exhibits.verbs.describe.ranks_working import delta_lines, ranked_counts
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, Lines, Sums, sd_lines, student
from istrel.exhibits.verbs.table_working import MOST_CELLS, chi_square_lines, two_shares
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.association import chi_square
from istrel.stats.differences.categories import likeliest_first
from istrel.stats.differences.common import GroupTest
from istrel.stats.differences.means import welch
from istrel.stats.differences.ranks import delta_variance, rank_of_limit
from istrel.stats.differences.ratios import likeliest_second
from istrel.stats.moments import Moments
from istrel.style.numbers import Kind


def explain_limit(
    plan: DescribePlan, found: Difference, cell: Cell, groups: Callable[[], tuple[Moments, list[Sums]]]
) -> Working | None:
    """The working of an end of an interval; None for measures within persons, of weighted samples, and of many groups.

    Parameters
    ----------
    groups
        The moments of the groups that were compared, together and one by one.
    """
    effect = found.effect
    if effect is None or plan.cases.weighted:
        return None
    low = cell.column.endswith("/low")
    end = effect.low if low else effect.high
    if not isinstance(end, float):
        return None
    lines: Lines | None = None
    if effect.measure in ("g_average", "omega_squared"):
        m, sums = groups()
        make = _of_g if effect.measure == "g_average" else _of_omega
        lines = make(welch(m), sums, end, effect.level, low=low) if len(sums) <= MOST_GROUPS else None
    elif effect.measure == "mean_difference" and found.norm is not None:
        lines = _of_norm(groups()[1][0], found.norm, effect.level, low=low)
    elif effect.measure in OF_COUNTS:
        lines = OF_COUNTS[effect.measure](plan, found, end, effect.level, low)
    if lines is None:
        return None
    return Working(say("means_limit", value=cell, level=Cell(100 * effect.level, Kind.EDGE)), *lines)


def _noncentral(share: str, tail: float, words: str) -> tuple[Line, ...]:
    """The step that finds how far a distribution lies from its centre, and what its letters mean."""
    return (f"C = {share} = {shown(tail)}", say(words))


def _of_g(test: GroupTest, sums: list[Sums], end: float, level: float, *, low: bool) -> Lines | None:
    """The noncentrality at which Welch's t would leave so much out, in standard deviations."""
    if not isinstance(test.statistic, float) or len(sums) != 2:
        return None
    first, second = sums
    total = first.n + second.n
    average = math.sqrt((first.variance + second.variance) / 2)
    error = math.sqrt(first.variance / first.n + second.variance / second.n)
    if total <= 4:
        return None
    correction = 1 - 3 / (4 * total - 9)
    away, (df,) = end * average / (correction * error), test.df
    d = shown(away, times=1e4)
    share = f"NT({shown(test.statistic)}; {shown(df)}; {_after(d)})"
    steps = (
        *spread_steps(test, first, second),
        f"E = √({shown(first.variance)} ÷ {first.n} + {shown(second.variance)} ÷ {second.n}) = {shown(error)}",
        f"S = √(({shown(first.variance)} + {shown(second.variance)}) ÷ 2) = {shown(average)}",
        f"δ = {d}",
        *_noncentral(share, (1 + level) / 2 if low else (1 - level) / 2, "step_noncentral_t"),
    )
    filled = f"(1 − 3 ÷ (4 × {total} − 9)) × {_after(d)} × {shown(error)} ÷ {shown(average)}"
    return "(1 − 3 ÷ (4 × (n₁ + n₂) − 9)) × δ × E ÷ S", filled, steps


def _after(number: str) -> str:
    return f"({number})" if number.startswith("−") else number


def _of_omega(test: GroupTest, sums: list[Sums], end: float, level: float, *, low: bool) -> Lines | None:
    """The noncentrality of F at which it would leave so much out, as a share."""
    if not isinstance(test.statistic, float) or not end < 1:
        return None
    f, (df1, df2) = test.statistic, test.df
    total, confidence = sum(one.n for one in sums), (1 + level) / 2
    away = shown(end / (1 - end) * total, times=1e4)
    steps: tuple[Line, ...] = (*f_steps(sums, f, df2), f"df₁ = {shown(df1)}", f"N = {total}")
    if end == 0:
        return say("formula_no_less_than_0", formula="λ ÷ (λ + N)"), "0", steps
    share = f"NF({shown(f)}; {shown(df1)}; {shown(df2)}; {away})"
    tail = confidence if low else 1 - confidence
    return (
        "λ ÷ (λ + N)",
        f"{away} ÷ ({away} + {total})",
        (*steps, f"λ = {away}", *_noncentral(share, tail, "step_noncentral_f")),
    )


def _of_norm(sums: Sums, norm: float, level: float, *, low: bool) -> Lines | None:
    """The mean less a norm, and Student's t times its error."""
    if sums.n < 2:
        return None
    sd, sign = math.sqrt(sums.variance), "−" if low else "+"
    error = sd / math.sqrt(sums.n)
    t, of_t = student(sums.n - 1, level, times=error)
    steps: tuple[Line, ...] = (
        *sd_lines(sums)[2],
        f"s = {sd_lines(sums)[1]} = {shown(sd)}",
        f"SE = {shown(sd)} ÷ √({sums.n}) = {shown(error)}",
        of_t,
    )
    return f"M − µ {sign} t × SE", f"{shown(sums.mean)} − {signed(norm)} {sign} {t} × {shown(error)}", steps


def _of_v(plan: DescribePlan, found: Difference, end: float, level: float, low: bool) -> Lines | None:
    """The noncentrality of chi-square at which it would leave so much out, as V."""
    counts = counts_of(plan, found)
    if counts.size > MOST_CELLS:
        return None
    statistic = chi_square(counts).statistic
    if not isinstance(statistic, float) or end >= 1:
        return None
    (r, k), n = counts.shape, int(counts.sum())
    df, least, confidence = (r - 1) * (k - 1), min(r, k) - 1, (1 + level) / 2
    steps = (*chi_square_lines(counts), f"df = ({r} − 1) × ({k} − 1) = {df}", f"N = {n}", f"m = {least}")
    if end == 0:
        return say("formula_no_less_than_0", formula="√(λ ÷ (N × m))"), "0", steps
    away = shown(end**2 * n * least, times=1e4)
    share = f"NX({shown(statistic)}; {df}; {away})"
    tail = confidence if low else 1 - confidence
    return (
        "√(λ ÷ (N × m))",
        f"√({away} ÷ ({n} × {least}))",
        (*steps, f"λ = {away}", *_noncentral(share, tail, "step_noncentral_chi")),
    )


def _of_shares(plan: DescribePlan, found: Difference, end: float, level: float, low: bool) -> Lines | None:
    """The difference that a score test just does not reject."""
    from istrel.stats.special import ndtri

    counts = counts_of(plan, found)
    (_, _), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    z, d = float(ndtri(0.5 + level / 2)), shown(end, times=1e4)
    if abs(end) >= 1:
        return None
    p = likeliest_first([a, b], [n, m], end)
    q = shown(p - end, times=1e6) if abs(p - end) > 1e-12 else "0"
    p_ = shown(p, times=1e6)
    test = f"({a} ÷ {n} − {b} ÷ {m} − {_after(d)}) ÷ √({p_} × (1 − {p_}) ÷ {n} + {q} × (1 − {q}) ÷ {m})"
    steps = (
        *two_shares(a, n, b, m),
        f"d = {d}",
        f"p = {p_}",
        f"q = {p_} − {_after(d)} = {q}",
        say("step_likeliest_shares"),
        f"z = {test} = {shown(z if low else -z)}",
    )
    return "100 × d, z = (p₁ − p₂ − d) ÷ √(p(1 − p) ÷ n₁ + q(1 − q) ÷ n₂)", f"100 × {_after(d)}", steps


def _of_shift(plan: DescribePlan, found: Difference, end: float, level: float, low: bool) -> Lines | None:
    """The difference at a place among all in their order, counted from either end."""
    counts = ranked_counts(plan, found)
    if counts.shape[1] != 2:
        return None
    n, m = counts.sum(axis=0).tolist()
    k = rank_of_limit(n, m, counts.sum(axis=1), level)
    steps = (
        f"n₁ = {n}",
        f"n₂ = {m}",
        say("step_differences", value=f"{n} × {m} = {n * m}"),
        f"k = {k}",
        say("step_rank_of_limit"),
    )
    return "d(k)" if low else "d(n₁n₂ − k + 1)", shown(end), steps


def _of_risk_ratio(plan: DescribePlan, found: Difference, end: float, level: float, _: bool) -> Lines | None:
    """The ratio that a score test just does not reject; from the group with the smaller share."""
    from istrel.stats.special import ndtri

    counts = counts_of(plan, found)
    (_, _), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    if not 0 < end < math.inf:
        return None
    given = two_shares(a, n, b, m)
    ratio, (a, b), (n, m) = (end, (a, b), (n, m)) if end <= 1 else (1 / end, (b, a), (m, n))
    p = ratio * likeliest_second([a, b], [n, m], ratio)
    z2, r, p_ = float(ndtri(0.5 + level / 2)) ** 2, shown(ratio, times=1e6), shown(p, times=1e6)
    turned = () if end <= 1 else (f"r = 1 ÷ {shown(end, times=1e6)} = {r}",)
    test = f"({a} − {n} × {p_})^2 ÷ ({n} × {p_} × (1 − {p_})) × (1 + {n} × ({r} − {p_}) ÷ ({m} × (1 − {p_})))"
    steps = (*given, *turned, f"p = {p_}", say("step_likeliest_of_ratio"), f"z² = {test} = {shown(z2)}")
    return "r, z² = (a − np)² ÷ (np(1 − p)) × (1 + n(r − p) ÷ (m(1 − p)))", shown(end), steps


def _of_odds_ratio(plan: DescribePlan, found: Difference, end: float, level: float, low: bool) -> Lines | None:
    """The odds ratio at which so extreme a table has the probability that is left out."""
    counts = counts_of(plan, found)
    (_, _), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    words = "step_tables_with_more" if low else "step_tables_with_fewer"
    steps = (*two_shares(a, n, b, m), say(words, n=str(a), share=shown((1 - level) / 2)))
    return say("formula_exact_odds"), shown(end), steps


def _of_delta(plan: DescribePlan, found: Difference, end: float, level: float, low: bool) -> Lines | None:
    """Feng and Cliff's (2004) interval, from the variance of δ."""
    from istrel.stats.special import ndtri

    counts = ranked_counts(plan, found).astype(np.float64)
    if counts.shape[1] != 2 or found.effect is None or not isinstance(found.effect.value, float):
        return None
    delta, variance = found.effect.value, delta_variance(counts[:, 0], counts[:, 1], found.effect.value)
    z, sign = float(ndtri(0.5 + level / 2)), "−" if low else "+"
    if abs(delta) >= 1 or abs(end) >= 1:
        return None
    d, v, k = signed(delta), shown(variance, times=1e3), shown(z)
    steps = (
        *delta_lines(counts.astype(np.int64))[2],
        f"δ = {shown(delta)}",
        say("step_variance_of_delta", value=v),
        f"z = {k}",
    )
    filled = f"({d} − {d}^3 {sign} {k} × √({v}) × √((1 − {d}^2)^2 + {k}^2 × {v})) ÷ (1 − {d}^2 + {k}^2 × {v})"
    return f"(δ − δ³ {sign} zs√((1 − δ²)² + z²s²)) ÷ (1 − δ² + z²s²)", filled, steps


OF_COUNTS: dict[str, Callable[[DescribePlan, Difference, float, float, bool], Lines | None]] = {
    "cramers_v": _of_v,
    "risk_difference": _of_shares,
    "risk_ratio": _of_risk_ratio,
    "odds_ratio": _of_odds_ratio,
    "cliffs_delta": _of_delta,
    "median_difference": _of_shift,
}
