"""Differences of means: Welch's tests, and measures whose intervals allow unequal variances as the tests do."""

from __future__ import annotations

from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import (
    FEW_GROUPS,
    FEW_VALUES,
    NO_SPREAD,
    Effect,
    GroupTest,
    share_limits,
    solved,
)
from istrel.stats.estimates import TOO_LARGE, Undefined
from istrel.stats.grouping import Arranged
from istrel.stats.moments import Moments

Array = NDArray[np.float64]


def measured_effect(m: Moments, *, confidence: float = 0.95) -> Effect:
    """Hedges' g over the average SD of two groups, omega squared of more; groups without values do not count.

    Notes
    -----
    g = J (M₁ − M₂)/√((s₁² + s₂²)/2) with J = 1 − 3/(4(n₁ + n₂) − 9) (Bonett 2008). Its interval is that of the noncentrality
    of Welch's t with his degrees of freedom, so it leaves 0 out just when that test rejects. Omega squared from Welch's F,
    (F − 1) f₁/((F − 1) f₁ + N), not below 0, its interval by the noncentral F (see `share_limits`).
    """
    from istrel.stats.special import ncfdtr, nctdtr

    filled = np.flatnonzero(m.n > 0)
    measure = "g_average" if filled.size <= 2 else "omega_squared"
    between = (int(filled[0]), int(filled[1])) if filled.size == 2 else None
    test = welch(m)
    if isinstance(test.statistic, Undefined):
        return Effect(measure, test.statistic, between=between)
    means, squares, n = _compared(m, filled)
    total = float(n.sum())
    if between is None:
        first, second = test.df
        above = first * (test.statistic - 1)
        f = test.statistic
        low, high = share_limits(
            lambda away: float(ncfdtr(first, second, away, f)), f * first, total, confidence=confidence
        )
        level = 2 * confidence - 1
        return Effect(measure, max(0.0, above / (above + total)), low, high, None, level)
    variances = squares / (n - 1)
    average, error = sqrt(float(variances.sum()) / 2), sqrt(float((variances / n).sum()))
    correction = 1 - 3 / (4 * total - 9) if total > 4 else 0.0
    t, (df,), tail = test.statistic, test.df, (1 - confidence) / 2

    def chance(away: float) -> float:
        found = float(nctdtr(df, away, t))
        return found if np.isfinite(found) else float(away < t)  # so far out that there is nothing between 0 and 1

    ends = solved(lambda away: chance(away) - (1 - tail), t, -1), solved(lambda away: chance(away) - tail, t, 1)
    limits = [end if isinstance(end, Undefined) else correction * end * error / average for end in ends]
    value = correction * float(means[0] - means[1]) / average
    return Effect(measure, value, limits[0], limits[1], between, confidence)


def _compared(m: Moments, filled: NDArray[np.intp]) -> tuple[Array, Array, Array]:
    """(means from that of the first group, sums of squares within, n) of the groups that have values; in the unit of the largest
    group, a power of two, which no test and no measure depends on.
    """
    exponent = m.exponent[filled] - m.exponent[filled].max()
    high, low = (np.ldexp(half[filled], exponent) for half in m.mean)
    squares = np.ldexp(m.second[0][filled] + m.second[1][filled], 2 * exponent)
    return (high - high[0]) + (low - low[0]), np.maximum(squares, 0.0), m.n[filled]


def welch(m: Moments) -> GroupTest:
    """Welch's t of two groups (1947), Welch's F of more (1951)."""
    from istrel.stats.special import fdtrc, stdtr

    filled = np.flatnonzero(m.n > 0)
    name = "welch_t" if filled.size <= 2 else "welch_f"
    if filled.size < 2:
        return GroupTest(name, FEW_GROUPS)
    means, squares, n = _compared(m, filled)
    if (n < 2).any():
        return GroupTest(name, FEW_VALUES, p=FEW_VALUES)
    variances = squares / (n - 1)
    if not (np.isfinite(means).all() and np.isfinite((variances / n) ** 2).all()):
        beyond = Undefined(TOO_LARGE)
        return GroupTest(name, beyond, p=beyond)
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


def brown_forsythe(cells: Arranged, groups: int) -> GroupTest:
    """Whether groups spread alike: the F of the distances from their medians (Brown & Forsythe 1974).

    Parameters
    ----------
    groups
        How many of them are compared, from the first.
    """
    from istrel.stats.special import fdtrc

    n = cells.sizes[:groups]
    filled = np.flatnonzero(n > 0)
    if filled.size < 2 or (n[filled] < 2).any():
        why = FEW_GROUPS if filled.size < 2 else FEW_VALUES
        return GroupTest("brown_forsythe", why, p=why)
    between, within = squares_around_medians(cells, groups)
    first, second = float(filled.size - 1), float(int(n.sum()) - filled.size)
    if not (within > 0 and second > 0 and np.isfinite(within)):
        return GroupTest("brown_forsythe", NO_SPREAD, p=NO_SPREAD)
    f = (between / first) / (within / second)
    return GroupTest("brown_forsythe", f, (first, second), float(fdtrc(first, second, f)))


def squares_around_medians(cells: Arranged, groups: int) -> tuple[float, float]:
    """(between, within groups) the sums of squares of the distances of values from the median of their group."""
    n = cells.sizes[:groups]
    halves = cells.nth(np.maximum(cells.sizes - 1, 0) // 2) / 2 + cells.nth(cells.sizes // 2) / 2
    held, total = int(cells.bounds[groups]), int(n.sum())
    codes = np.repeat(np.arange(groups), cells.held[:groups])
    times = 1.0 if cells.times is None else cells.times[:held]
    away = np.abs(cells.values[:held] - halves[codes])
    means = np.bincount(codes, away * times, minlength=groups) / np.maximum(n, 1)
    whole = float((away * times).sum()) / total
    between = float((n * (means - whole) ** 2).sum())
    within = float(((away - means[codes]) ** 2 * times).sum())
    return between, within
