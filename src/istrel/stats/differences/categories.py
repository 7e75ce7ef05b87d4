"""Differences between groups in categories: proportions, Cramér's V, chi-square and exact tests."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from istrel.stats.association import chi_square, cramers_v
from istrel.stats.differences.common import FEW_GROUPS, Effect, GroupTest, share_limits
from istrel.stats.estimates import Undefined
from istrel.stats.exact import exact_test

Counts = NDArray[np.int64]
SMALL_SHARE = 0.2  # of expected counts below 5, above which the exact test is taken


def categories_effect(counts: Counts, *, confidence: float = 0.95) -> Effect:
    """The difference of two proportions for two values in two groups, Cramér's V (corrected for bias) otherwise.

    Parameters
    ----------
    counts
        int64 (values, groups); of two values the second is the one whose proportion is meant.

    Notes
    -----
    The interval of a difference holds all differences that a score test does not reject (Mee 1984), so it leaves 0 out just
    when chi-square rejects. That of V is of the noncentrality of chi-square (see `share_limits`).
    """
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    if filled.size < 2:
        return Effect("cramers_v", FEW_GROUPS)
    table = counts[:, filled]
    if table.shape != (2, 2):
        return _v(table, confidence)
    n = table.sum(axis=0)
    low, high = _score_limits(table[1].tolist(), n.tolist(), confidence)
    value = float(table[1, 0] / n[0] - table[1, 1] / n[1])
    return Effect("risk_difference", value, low, high, (int(filled[0]), int(filled[1])), confidence)


def _v(table: Counts, confidence: float) -> Effect:
    from istrel.stats.special import chndtr

    found, value = chi_square(table), cramers_v(table)[1]
    if isinstance(value, Undefined) or isinstance(found.statistic, Undefined):
        return Effect("cramers_v", value)
    statistic, df, n = found.statistic, float(found.df), float(table.sum())
    if found.small > SMALL_SHARE:  # the exact test is beside it
        return Effect("cramers_v", value)
    shares = share_limits(lambda away: float(chndtr(statistic, df, away)), statistic, n, confidence=confidence)
    occupied = table[table.sum(axis=1) > 0][:, table.sum(axis=0) > 0]
    most = min(occupied.shape) - 1
    low, high = (s if isinstance(s, Undefined) else min(1.0, float(np.sqrt(s / (1 - s) / most))) for s in shares)
    return Effect("cramers_v", value, low, high, None, 2 * confidence - 1)


def _score_limits(hits: list[int], n: list[int], confidence: float) -> tuple[float, float]:
    """The ends of all differences that the score test does not reject."""
    from istrel.stats.special import ndtri

    first, second = hits[0] / n[0], hits[1] / n[1]
    z = float(ndtri(0.5 + confidence / 2))

    def away(difference: float) -> float:
        """The score statistic, falling in the difference."""
        p = likeliest_first(hits, n, difference)
        variance = p * (1 - p) / n[0] + (p - difference) * (1 - p + difference) / n[1]
        gap = first - second - difference
        return gap / float(np.sqrt(max(variance, 1e-300))) if gap else 0.0

    return _bisected(away, z, -1.0, first - second), _bisected(away, -z, first - second, 1.0)


def _bisected(falling: Callable[[float], float], wanted: float, low: float, high: float) -> float:
    """Where a falling function has a value; an end where it does not reach it."""
    if falling(low) <= wanted:
        return low
    if falling(high) >= wanted:
        return high
    for _ in range(100):
        middle = (low + high) / 2
        low, high = (middle, high) if falling(middle) > wanted else (low, middle)
    return (low + high) / 2


def likeliest_first(hits: list[int], n: list[int], difference: float) -> float:
    """The likeliest first proportion among those that differ by so much from the second (Miettinen & Nurminen 1985)."""
    low, high = max(0.0, difference), min(1.0, 1.0 + difference)

    def slope(p: float) -> float:
        """Of the likelihood, falling in p."""
        q = p - difference
        up = hits[0] / max(p, 1e-300) + hits[1] / max(q, 1e-300)
        return up - (n[0] - hits[0]) / max(1 - p, 1e-300) - (n[1] - hits[1]) / max(1 - q, 1e-300)

    inside = (high - low) * 1e-15
    return _bisected(slope, 0.0, low + inside, high - inside)


def categories_test(counts: Counts, *, tables: int = 1) -> GroupTest:
    """Pearson's chi-square, or the exact test where many expected counts are small; by simulation where tables are too many."""
    found = chi_square(counts)
    if isinstance(found.statistic, Undefined):
        return GroupTest("chi_square", found.statistic, p=found.statistic)
    if found.small > SMALL_SHARE:
        exact = exact_test(counts, tables=tables)
        if not isinstance(exact.p, Undefined):
            drawn = exact.way == "simulation"
            none = Undefined("an_exact_test_has_no")
            return GroupTest("simulated" if drawn else "exact", none, (), exact.p, exact=not drawn, error=exact.error)
    return GroupTest("chi_square", found.statistic, (float(found.df),), found.p, n=int(counts.sum()))
