"""Differences by ranks: Mann–Whitney and Kruskal–Wallis tests, the median of differences, dominance, epsilon squared."""

from __future__ import annotations

from collections.abc import Callable
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import FEW_GROUPS, FEW_VALUES, Effect, GroupTest
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted
from istrel.stats.grouping import Arranged

Array = NDArray[np.float64]
Counts = NDArray[np.int64]
MOST_EXACT = 30  # cases of two groups, for an exact p; of more groups so many arrangements
MOST_ARRANGEMENTS = 60_000
MOST_WHOLE = 2_000_000_000  # cases whose sums of doubled ranks are whole numbers of 64 bits
MOST_PAIRED = 4_000_000  # differences that are put in order one by one


def ordered_effect(counts: Counts, *, confidence: float = 0.95) -> Effect:
    """Cliff's delta of two groups with the interval of Feng & Cliff (2004); epsilon squared of more.

    Parameters
    ----------
    counts
        int64 (values in their order, groups).
    """
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    if filled.size < 2:
        return Effect("cliffs_delta", FEW_GROUPS)
    if filled.size > 2:
        return epsilon_squared(counts)
    first, second = (counts[:, place].astype(np.float64) for place in filled)
    under = np.cumsum(second) - second
    over = second.sum() - under - second
    delta = float(((under - over) * first).sum() / (first.sum() * second.sum()))  # P(a > b) - P(a < b)
    low, high = _delta_limits(first, second, delta, confidence)
    return Effect("cliffs_delta", delta, low, high, (int(filled[0]), int(filled[1])), confidence)


def epsilon_squared(counts: Counts) -> Effect:
    """H/(N − 1): the share of the variance of the ranks that lies between groups (Kelley 1935); no interval is known."""
    test = rank_test(counts)
    if isinstance(test.statistic, Undefined):
        return Effect("epsilon_squared", test.statistic)
    return Effect("epsilon_squared", min(1.0, test.statistic / (int(counts.sum()) - 1)))


def shift(first: Arranged, second: Arranged, *, confidence: float = 0.95) -> Effect:
    """The median of all differences between a value of one group and one of another, with the interval of the rank test.

    Parameters
    ----------
    first, second
        The values of one group each, in order.

    Notes
    -----
    Hodges & Lehmann 1963. The limits are the differences that the Mann–Whitney test just does not reject: by all
    arrangements for up to 30 cases without ties, else by its normal approximation, corrected for ties (Moses 1965).
    """
    from istrel.stats.special import ndtri

    n, m = int(first.sizes[0]), int(second.sizes[0])
    if not n or not m:
        return Effect("median_difference", FEW_GROUPS)
    pairs = n * m
    nth = _ordered_differences(first, second)
    value = (nth((pairs - 1) // 2) + nth(pairs // 2)) / 2
    distinct, place = np.unique(np.concatenate([first.values, second.values]), return_inverse=True)
    ties = counted(place.ravel(), distinct.size, np.diff(first.running, append=first.running[-1] + second.running[1:]))
    if ties.size < 2:
        return Effect("median_difference", 0.0, 0.0, 0.0, (0, 1), confidence)
    outside = _rejected(n, m, ties, confidence, float(ndtri(0.5 + confidence / 2)))
    if outside < 0:
        return Effect("median_difference", value, between=(0, 1))
    return Effect("median_difference", value, nth(outside), nth(pairs - 1 - outside), (0, 1), confidence)


def rank_of_limit(n: int, m: int, ties: Counts, confidence: float) -> int:
    """Which of all differences in their order, from 1, is the lower limit of their median; 0 where the cases are too few."""
    from istrel.stats.special import ndtri

    return _rejected(n, m, ties, confidence, float(ndtri(0.5 + confidence / 2))) + 1


def _rejected(n: int, m: int, ties: Counts, confidence: float, z: float) -> int:
    """How many of the smallest differences lie outside the interval; -1 where the cases are too few for one."""
    total = n + m
    if total <= MOST_EXACT and int(ties.max()) == 1:
        ways = _u_distribution(n, m)
        inside = np.flatnonzero(2 * np.cumsum(ways) > (1 - confidence) * ways.sum())
        return int(inside[0]) - 1 if inside[0] else -1
    tied = 1 - float((ties.astype(np.float64) ** 3 - ties).sum()) / (float(total) ** 3 - total)
    reach = z * sqrt(n * m / 12 * (total + 1) * tied) + 0.5
    return int(np.ceil(n * m / 2 - reach)) - 1 if n * m / 2 - reach > 0 else -1


def _u_distribution(n: int, m: int) -> Array:
    """How many arrangements of two groups give each U, from 0 to n·m."""
    ways = np.zeros((n + 1, n * m + 1))
    ways[0, 0] = 1.0
    for place in range(
        1, n + m + 1
    ):  # the cases in order of rank; a case of the first group adds those of the second below it
        for taken in range(min(place, n), 0, -1):
            added = place - taken
            if added <= m:
                ways[taken, added:] += ways[taken - 1, : ways.shape[1] - added]
    return ways[n]


def _ordered_differences(first: Arranged, second: Arranged) -> Callable[[int], float]:
    """The k-th smallest difference, from 0: all of them in order where they are few, else found by halving."""
    a, b = first.values, second.values
    if a.size * b.size <= MOST_PAIRED:
        every = np.subtract.outer(a, b).ravel()
        if first.times is None or second.times is None:
            every.sort()
            return lambda k: float(every[k])
        order = np.argsort(every)
        upto_each = np.cumsum(np.multiply.outer(first.times, second.times).ravel()[order])
        return lambda k: float(every[order[np.searchsorted(upto_each, k, side="right")]])
    times, cases = np.diff(first.running), int(second.sizes[0])

    def upto(limit: float) -> int:
        return int(((cases - second.running[np.searchsorted(b, a - limit, side="left")]) * times).sum())

    def nth(k: int) -> float:
        low, high = float(a[0] - b[-1]), float(a[-1] - b[0])
        while (middle := low + (high - low) / 2) not in (low, high):
            low, high = (low, middle) if upto(middle) > k else (middle, high)
        return high if upto(low) <= k else low

    return nth


def _delta_limits(a: Array, b: Array, delta: float, confidence: float) -> tuple[float | Undefined, float | Undefined]:
    from istrel.stats.special import ndtri

    n, m = float(a.sum()), float(b.sum())
    if min(n, m) < 2:
        return FEW_VALUES, FEW_VALUES
    variance = delta_variance(a, b, delta)
    z = float(ndtri(0.5 + confidence / 2))
    if abs(delta) >= 1:  # complete: one end is the value itself
        other = (n * m - z * z) / (n * m + z * z) if n * m > z * z else -1.0
        return (other, 1.0) if delta > 0 else (-1.0, -other)
    reach = z * sqrt(variance) * sqrt((1 - delta**2) ** 2 + z * z * variance)
    base = 1 - delta**2 + z * z * variance
    return max(-1.0, (delta - delta**3 - reach) / base), min(1.0, (delta - delta**3 + reach) / base)


def delta_variance(a: Array, b: Array, delta: float) -> float:
    """The variance of Cliff's delta of how often each value, in their order, stands in both groups, two cases in each at least."""
    n, m = float(a.sum()), float(b.sum())
    under_b, under_a = np.cumsum(b) - b, np.cumsum(a) - a
    of_a = (under_b - (m - under_b - b)) / m  # dominance of a value of a over group b
    of_b = ((n - under_a - a) - under_a) / n  # of group a over a value of b
    place = np.arange(a.size)
    signs = np.sign(place[:, None] - place[None, :])
    cells = float((np.outer(a, b) * (signs - delta) ** 2).sum())
    rows, columns = float((a * (of_a - delta) ** 2).sum()), float((b * (of_b - delta) ** 2).sum())
    variance = (m * m * rows + n * n * columns - cells) / (n * m * (n - 1) * (m - 1))
    return max(variance, (1 - delta * delta) / (n * m - 1))


def rank_test(counts: Counts) -> GroupTest:
    """Mann–Whitney's U of two groups, Kruskal–Wallis' H of more, corrected for ties; exact for few cases.

    Parameters
    ----------
    counts
        int64 (values in their order, groups).
    """
    from istrel.stats.special import chdtrc, ndtr

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
    sums = twice @ table if total < MOST_WHOLE else twice.astype(np.float64) @ table
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
    from istrel.stats.special import gammaln

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
