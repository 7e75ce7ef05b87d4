"""Every pair of more than two independent groups, with p for all of them together: means, ranks, frequencies."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.categories import categories_effect, categories_test
from istrel.stats.differences.common import FEW_VALUES, NO_SPREAD, Effect, GroupTest
from istrel.stats.estimates import Undefined
from istrel.stats.moments import Moments, mean, variance
from istrel.stats.studentized import range_limit, range_tail

Array = NDArray[np.float64]
Counts = NDArray[np.int64]


def games_howell(m: Moments, *, confidence: float = 0.95) -> Iterator[tuple[Effect, GroupTest]]:
    """Mean differences with simultaneous intervals that allow unequal variances (Games & Howell 1976).

    The statistic is Welch's t of the pair; its p and interval are of the studentized range of all groups that have values.
    """
    filled = np.flatnonzero(m.n > 0)
    a, b = (filled[side] for side in np.triu_indices(filled.size, 1))
    n, value = m.n.astype(np.float64), mean(m).values[a] - mean(m).values[b]
    with np.errstate(invalid="ignore", divide="ignore"):
        each = variance(m).values / n
        error = np.sqrt(each[a] + each[b])
        df = (each[a] + each[b]) ** 2 / (each[a] ** 2 / (n[a] - 1) + each[b] ** 2 / (n[b] - 1))
    few = np.minimum(n[a], n[b]) < 2
    good = ~few & (error > 0)
    t, p, reach = np.zeros(a.size), np.zeros(a.size), np.zeros(a.size)
    t[good] = value[good] / error[good]
    p[good] = range_tail(np.abs(t[good]) * sqrt(2), filled.size, df[good])
    reach[good] = range_limit(1 - confidence, filled.size, df[good]) / sqrt(2) * error[good] if good.any() else 0.0
    for k, pair in enumerate(zip(a.tolist(), b.tolist(), strict=True)):  # only what is printed
        if not good[k]:
            yield _none("mean_difference", "games_howell", pair, FEW_VALUES if few[k] else NO_SPREAD)
            continue
        ends = float(value[k] - reach[k]), float(value[k] + reach[k])
        effect = Effect("mean_difference", float(value[k]), *ends, pair, confidence)
        yield effect, GroupTest("games_howell", float(t[k]), (float(df[k]),), float(p[k]))


def dunn(counts: Counts) -> Iterator[tuple[Effect, GroupTest]]:
    """Mean ranks of each pair among all groups, corrected for ties (Dunn 1964); Cliff's delta beside it.

    Parameters
    ----------
    counts
        int64 (different values in their order, groups).
    """
    from istrel.stats.special import ndtr

    sizes = counts.sum(axis=0).astype(np.float64)
    filled = np.flatnonzero(sizes > 0)
    of_value = counts.sum(axis=1).astype(np.float64)
    n = float(of_value.sum())
    ranks = np.cumsum(of_value) - (of_value - 1) / 2
    ties = float((of_value**3 - of_value).sum())
    spread = (n * (n + 1) - ties / (n - 1)) / 12 if n > 1 else 0.0
    with np.errstate(invalid="ignore", divide="ignore"):
        middle = (ranks[:, None] * counts).sum(axis=0) / sizes
    for a, b in combinations(filled.tolist(), 2):
        if not spread > 0:
            yield _none("cliffs_delta", "dunn", (a, b), NO_SPREAD)
            continue
        z = float(middle[a] - middle[b]) / sqrt(spread * (1 / sizes[a] + 1 / sizes[b]))
        yield _delta(counts[:, a], counts[:, b], (a, b)), GroupTest("dunn", z, (), 2 * float(ndtr(-abs(z))))


def _delta(first: Counts, second: Counts, pair: tuple[int, int]) -> Effect:
    """Cliff's delta of two groups: how much oftener a value of the first is larger than one of the second, than smaller."""
    below = np.concatenate([[0], np.cumsum(second)[:-1]])
    above = second.sum() - np.cumsum(second)
    value = float((first * (below - above)).sum()) / float(first.sum() * second.sum())
    return Effect("cliffs_delta", value, between=pair)


def shares(counts: Counts) -> Iterator[tuple[Effect, GroupTest]]:
    """Frequencies of each pair by chi-square, or exactly; the difference of shares of two values, else Cramér's V."""
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    for a, b in combinations(filled.tolist(), 2):
        table = counts[:, [a, b]]
        found, effect = categories_test(table), categories_effect(table)
        made = Effect(effect.measure, effect.value, between=(a, b))
        yield made, GroupTest("holm_shares", found.statistic, found.df, found.p, n=found.n)


def _none(measure: str, test: str, pair: tuple[int, int], why: Undefined) -> tuple[Effect, GroupTest]:
    return Effect(measure, why, why, why, pair), GroupTest(test, why, p=why)
