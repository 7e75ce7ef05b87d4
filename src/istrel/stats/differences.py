"""Differences between groups: how large they are, and whether chance explains them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.association import chi_square, cramers_v
from istrel.stats.estimates import Undefined
from istrel.stats.exact import exact_test
from istrel.stats.frequency import wilson_intervals
from istrel.stats.moments import Moments

Array = NDArray[np.float64]
Counts = NDArray[np.int64]
FEW_GROUPS = Undefined("fewer_than_2_groups_with")
FEW_VALUES = Undefined("fewer_than_2_values_in")
NO_SPREAD = Undefined("all_values_of_each_group")
NO_INTERVAL = Undefined("no_interval_is_given")
MOST_EXACT = 30  # cases of two groups, for an exact p; of more groups so many arrangements
MOST_ARRANGEMENTS = 60_000
FARTHEST = 1e8  # noncentrality
SMALL_SHARE = 0.2  # of expected counts below 5, above which the exact test is taken


@dataclass(frozen=True)
class Effect:
    """The size of a difference.

    Attributes
    ----------
    measure
        hedges_g, eta_squared, cliffs_delta, cramers_v or risk_difference.
    between
        The places of the two groups, the first minus the second; None where all groups are compared at once.
    """

    measure: str
    value: float | Undefined
    low: float | Undefined = NO_INTERVAL
    high: float | Undefined = NO_INTERVAL
    between: tuple[int, int] | None = None


@dataclass(frozen=True)
class GroupTest:
    """A test that the groups do not differ.

    Attributes
    ----------
    name
        welch_t, welch_f, mann_whitney, kruskal_wallis, chi_square or exact.
    exact
        Whether the p-value comes from all arrangements (or, for tables, from a seeded simulation of them).
    """

    name: str
    statistic: float | Undefined
    df: tuple[float, ...] = field(default=())
    p: float | Undefined = FEW_GROUPS
    exact: bool = False


# Measured variables.
def measured_effect(m: Moments, *, confidence: float = 0.95) -> Effect:
    """Hedges' g of two groups, eta squared of more; groups without values do not count.

    Notes
    -----
    g = J d with the pooled SD and J = Γ(f/2) / (√(f/2) Γ((f − 1)/2)), f = n₁ + n₂ − 2 (Hedges 1981). Intervals by the
    noncentral t and F distributions (Steiger 2004).
    """
    from scipy.special import gammaln, ncfdtr, nctdtr

    filled = np.flatnonzero(m.n > 0)
    if filled.size < 2:
        return Effect("hedges_g", FEW_GROUPS)
    means, squares, n = _compared(m, filled)
    inside, freedom = float(squares.sum()), float(n.sum() - filled.size)
    if filled.size > 2:
        return _eta(means, inside, n, freedom, confidence, ncfdtr)
    between = (int(filled[0]), int(filled[1]))
    if freedom < 1 or inside <= 0:
        return Effect("hedges_g", FEW_VALUES if freedom < 1 else NO_SPREAD, between=between)
    weight = sqrt(1 / n[0] + 1 / n[1])
    d = float(means[0] - means[1]) / sqrt(inside / freedom)
    correction = (
        float(np.exp(gammaln(freedom / 2) - gammaln((freedom - 1) / 2))) / sqrt(freedom / 2) if freedom > 1 else 0.0
    )
    t, tail = d / weight, (1 - confidence) / 2

    def chance(away: float) -> float:
        found = float(nctdtr(freedom, away, t))
        return found if np.isfinite(found) else float(away < t)  # so far out that there is nothing between 0 and 1

    low = _solved(lambda away: chance(away) - (1 - tail), t, -1)
    high = _solved(lambda away: chance(away) - tail, t, 1)
    low, high = (end if isinstance(end, Undefined) else correction * end * weight for end in (low, high))
    return Effect("hedges_g", correction * d, low, high, between)


def _compared(m: Moments, filled: NDArray[np.intp]) -> tuple[Array, Array, Array]:
    """(means from that of the first group, sums of squares within, n) of the groups that have values."""
    high, low = (np.ldexp(half[filled], m.exponent[filled]) for half in m.mean)
    squares = np.ldexp(m.second[0][filled] + m.second[1][filled], 2 * m.exponent[filled])
    return (high - high[0]) + (low - low[0]), np.maximum(squares, 0.0), m.n[filled]


def _eta(
    means: Array, inside: float, n: Array, freedom: float, confidence: float, ncfdtr: Callable[..., float]
) -> Effect:
    total = float(n.sum())
    centred = means - float((n * means).sum()) / total
    between = float((n * centred**2).sum())
    if freedom < 1 or inside + between <= 0:
        return Effect("eta_squared", FEW_VALUES if freedom < 1 else Undefined("all_values_are_equal"))
    value = between / (between + inside)
    if inside <= 0:
        return Effect("eta_squared", value)
    groups = float(n.size - 1)
    f, tail = between / groups / (inside / freedom), (1 - confidence) / 2

    def share(chance: float, side: int) -> float | Undefined:
        if float(ncfdtr(groups, freedom, 0.0, f)) < chance:
            return 0.0
        away = _solved(lambda away: float(ncfdtr(groups, freedom, max(0.0, away), f)) - chance, f * groups, side)
        return away if isinstance(away, Undefined) else max(0.0, away) / (max(0.0, away) + total)

    return Effect("eta_squared", value, share(1 - tail, -1), share(tail, 1))


def _solved(off: Callable[[float], float], start: float, side: int) -> float | Undefined:
    """Where a falling function is 0, on one side of a start; undefined where the distribution cannot be had so far out."""
    from scipy.optimize import brentq

    reach = 1.0
    while off(start + side * reach) * side > 0 and reach < FARTHEST:
        reach *= 2
    low, high = sorted((start - side * reach, start + side * reach))
    ends = off(low), off(high)
    if not np.isfinite(ends).all() or ends[0] * ends[1] > 0:
        return NO_INTERVAL
    return float(brentq(off, low, high, xtol=1e-12, rtol=1e-13))


def welch(m: Moments) -> GroupTest:
    """Welch's t of two groups (1947), Welch's F of more (1951)."""
    from scipy.special import fdtrc, stdtr

    filled = np.flatnonzero(m.n > 0)
    name = "welch_t" if filled.size <= 2 else "welch_f"
    if filled.size < 2:
        return GroupTest(name, FEW_GROUPS)
    means, squares, n = _compared(m, filled)
    if (n < 2).any():
        return GroupTest(name, FEW_VALUES, p=FEW_VALUES)
    variances = squares / (n - 1)
    if (variances <= 0).any() and (filled.size > 2 or not variances.any()):
        none = Undefined("all_values_of_a_group") if filled.size > 2 else NO_SPREAD
        return GroupTest(name, none, p=none)
    each = variances / n
    if filled.size == 2:
        t = float((means[0] - means[1]) / np.sqrt(each.sum()))
        df = float(each.sum() ** 2 / (each**2 / (n - 1)).sum())
        return GroupTest(name, t, (df,), 2 * float(stdtr(df, -abs(t))))
    weights = 1 / each
    whole, groups = float(weights.sum()), filled.size
    centre = float((weights * means).sum()) / whole
    uneven = float(((1 - weights / whole) ** 2 / (n - 1)).sum())
    numerator = float((weights * (means - centre) ** 2).sum()) / (groups - 1)
    f = numerator / (1 + 2 * (groups - 2) / (groups**2 - 1) * uneven)
    df2 = (groups**2 - 1) / (3 * uneven)
    return GroupTest(name, f, (groups - 1.0, df2), float(fdtrc(groups - 1, df2, f)))


# Ordered categories.
def ordered_effect(counts: Counts, *, confidence: float = 0.95) -> Effect:
    """Cliff's delta of the two groups that differ most, with the interval of Feng & Cliff (2004).

    Parameters
    ----------
    counts
        int64 (values in their order, groups).
    """
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    if filled.size < 2:
        return Effect("cliffs_delta", FEW_GROUPS)
    table = counts[:, filled].astype(np.float64)
    n = table.sum(axis=0)
    below = np.cumsum(table, axis=0) - table
    above = n - below - table
    dominance = ((below - above).T @ table / np.outer(n, n)).T  # [a, b]: P(a > b) - P(a < b)
    first, second = divmod(int(np.argmax(np.abs(np.triu(dominance, 1)))), filled.size)
    if first == second:  # nothing differs
        first, second = 0, 1
    between = (int(filled[first]), int(filled[second]))
    low, high = _delta_limits(table[:, first], table[:, second], float(dominance[first, second]), confidence)
    return Effect("cliffs_delta", float(dominance[first, second]), low, high, between)


def _delta_limits(a: Array, b: Array, delta: float, confidence: float) -> tuple[float | Undefined, float | Undefined]:
    from scipy.special import ndtri

    n, m = float(a.sum()), float(b.sum())
    if min(n, m) < 2:
        return FEW_VALUES, FEW_VALUES
    under_b, under_a = np.cumsum(b) - b, np.cumsum(a) - a
    of_a = (under_b - (m - under_b - b)) / m  # dominance of a value of a over group b
    of_b = ((n - under_a - a) - under_a) / n  # of group a over a value of b
    place = np.arange(a.size)
    signs = np.sign(place[:, None] - place[None, :])
    cells = float((np.outer(a, b) * (signs - delta) ** 2).sum())
    rows, columns = float((a * (of_a - delta) ** 2).sum()), float((b * (of_b - delta) ** 2).sum())
    variance = (m * m * rows + n * n * columns - cells) / (n * m * (n - 1) * (m - 1))
    variance = max(variance, (1 - delta * delta) / (n * m - 1))
    z = float(ndtri(0.5 + confidence / 2))
    if abs(delta) >= 1:  # complete: one end is the value itself
        other = (n * m - z * z) / (n * m + z * z) if n * m > z * z else -1.0
        return (other, 1.0) if delta > 0 else (-1.0, -other)
    reach = z * sqrt(variance) * sqrt((1 - delta**2) ** 2 + z * z * variance)
    base = 1 - delta**2 + z * z * variance
    return max(-1.0, (delta - delta**3 - reach) / base), min(1.0, (delta - delta**3 + reach) / base)


def rank_test(counts: Counts) -> GroupTest:
    """Mann–Whitney's U of two groups, Kruskal–Wallis' H of more, corrected for ties; exact for few cases.

    Parameters
    ----------
    counts
        int64 (values in their order, groups).
    """
    from scipy.special import chdtrc, ndtr

    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    name = "mann_whitney" if filled.size <= 2 else "kruskal_wallis"
    if filled.size < 2:
        return GroupTest(name, FEW_GROUPS)
    table = counts[:, filled][counts.sum(axis=1) > 0]
    n, ties = table.sum(axis=0), table.sum(axis=1)
    total = int(n.sum())
    if ties.size < 2:
        none = Undefined("all_values_are_equal")
        return GroupTest(name, none, p=none)
    twice = 2 * np.cumsum(ties) - ties + 1  # mid-ranks, doubled so that they are whole
    sums = twice @ table
    tied = 1 - float((ties.astype(np.float64) ** 3 - ties).sum()) / (float(total) ** 3 - total)
    off = sums / 2 - n * (total + 1) / 2
    h = 12 / (total * (total + 1)) * float((off**2 / n).sum()) / tied
    p = _exact_rank_p(ties, n, twice, sums)
    if filled.size == 2:
        u = float(sums[0]) / 2 - float(n[0] * (n[0] + 1)) / 2
        if p is None:
            deviation = sqrt(float(n[0] * n[1]) / 12 * (total + 1) * tied)
            z = max(0.0, abs(u - float(n[0] * n[1]) / 2) - 0.5) / deviation
            return GroupTest(name, u, (), min(1.0, 2 * float(ndtr(-z))))
        return GroupTest(name, u, (), p, exact=True)
    asymptotic = float(chdtrc(filled.size - 1, h))
    return GroupTest(name, h, (filled.size - 1.0,), asymptotic if p is None else p, exact=p is not None)


def _exact_rank_p(ties: Counts, sizes: Counts, twice: Counts, sums: Counts) -> float | None:
    """The share of all arrangements whose sums of ranks lie as far apart; None where they are too many.

    Value by value, the ways to share its cases out among the groups are counted by the state they lead to: how many cases
    and which sum of ranks each group has.
    """
    from scipy.special import gammaln

    total, groups = int(sizes.sum()), sizes.size
    arrangements = float(gammaln(total + 1.0) - gammaln(sizes + 1.0).sum())
    if total > MOST_EXACT or (groups > 2 and arrangements > np.log(MOST_ARRANGEMENTS)):
        return None
    state: Counts = np.zeros((1, 2 * (groups - 1)), np.int64)
    weight: Array = np.ones(1)
    left = total
    for tie, rank in zip(ties.tolist(), twice.tolist(), strict=True):
        left -= tie
        ways = _shared_out(tie, sizes)
        log_ways = gammaln(tie + 1) - gammaln(ways + 1.0).sum(axis=1)
        step = np.concatenate([ways[:, :-1], rank * ways[:, :-1]], axis=1)
        grown = (state[:, None, :] + step[None]).reshape(-1, state.shape[1])
        chance = (weight[:, None] * np.exp(log_ways)[None]).ravel()
        used = grown[:, : groups - 1]
        rest = total - left - used.sum(axis=1)
        fits = (used <= sizes[:-1]).all(axis=1) & (rest <= sizes[-1]) & (rest >= 0)
        state, place = np.unique(grown[fits], axis=0, return_inverse=True)
        summed = np.bincount(place.ravel(), weights=chance[fits], minlength=state.shape[0])
        weight = summed / summed.max()
    found = np.column_stack([state[:, groups - 1 :], twice @ ties - state[:, groups - 1 :].sum(axis=1)])
    centre = sizes * (total + 1.0)
    spread = ((found - centre) ** 2 / sizes).sum(axis=1)
    here = float(((sums - centre) ** 2 / sizes).sum())
    return float(min(1.0, weight[spread >= here * (1 - 1e-12) - 1e-9].sum() / weight.sum()))


def _shared_out(cases: int, sizes: Counts) -> Counts:
    """All ways to share cases out among groups of at most these sizes, shape (ways, groups)."""
    grids = np.indices([min(cases, int(size)) + 1 for size in sizes[:-1]]).reshape(sizes.size - 1, -1).T
    last = cases - grids.sum(axis=1)
    fits = (last >= 0) & (last <= sizes[-1])
    return np.column_stack([grids[fits], last[fits]]).astype(np.int64)


# Categories without order.
def categories_effect(counts: Counts, *, confidence: float = 0.95) -> Effect:
    """The difference of two proportions for two values in two groups, Cramér's V otherwise.

    Parameters
    ----------
    counts
        int64 (values, groups); of two values the second is the one whose proportion is meant.

    Notes
    -----
    The interval of a difference is Newcombe's hybrid of two Wilson intervals (1998, method 10).
    """
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    if filled.size < 2:
        return Effect("cramers_v", FEW_GROUPS)
    table = counts[:, filled]
    if table.shape != (2, 2):
        return Effect("cramers_v", cramers_v(table)[0])
    n = table.sum(axis=0)
    shares = table[1] / n
    low, high = wilson_intervals(table[1], n, confidence=confidence)
    value = float(shares[0] - shares[1])
    down = sqrt(float((shares[0] - low[0]) ** 2 + (high[1] - shares[1]) ** 2))
    up = sqrt(float((high[0] - shares[0]) ** 2 + (shares[1] - low[1]) ** 2))
    return Effect("risk_difference", value, value - down, value + up, (int(filled[0]), int(filled[1])))


def categories_test(counts: Counts, *, tables: int = 1) -> GroupTest:
    """Pearson's chi-square, or the exact test where many expected counts are small."""
    found = chi_square(counts)
    if isinstance(found.statistic, Undefined):
        return GroupTest("chi_square", found.statistic, p=found.statistic)
    if found.small > SMALL_SHARE:
        exact = exact_test(counts, tables=tables)
        if not isinstance(exact.p, Undefined):
            return GroupTest("exact", Undefined("an_exact_test_has_no"), (), exact.p, exact=True)
    return GroupTest("chi_square", found.statistic, (float(found.df),), found.p)
