"""A group against a norm: a mean or a median against a value, frequencies against shares that are expected."""

from __future__ import annotations

from dataclasses import dataclass, replace
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import FEW_VALUES, NO_SPREAD, Effect, GroupTest
from istrel.stats.differences.paired import signed_ranks_of
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted
from istrel.stats.grouping import Arranged
from istrel.stats.student import t_quantile

Array = NDArray[np.float64]
Counts = NDArray[np.int64]
MOST_OUTCOMES = 500_000  # tables of so many counts are gone through one by one for an exact p
SMALL, SMALL_SHARE = 5.0, 0.2
NEAR = 1e-7  # probabilities so near to that of what was found count as no larger


def mean_against(
    mean: float, error: float, df: float, norm: float, *, confidence: float, name: str
) -> tuple[Effect, GroupTest]:
    """The mean less the norm, with its interval and Student's t.

    Parameters
    ----------
    error
        The standard error of the mean.
    name
        one_sample_t or, of a weighted sample, design_t.
    """
    from istrel.stats.special import stdtr

    if not (np.isfinite(mean) and df > 0):
        return Effect("mean_difference", FEW_VALUES), GroupTest(name, FEW_VALUES, p=FEW_VALUES)
    value = mean - norm
    if not error > 0:
        return Effect("mean_difference", value, NO_SPREAD, NO_SPREAD), GroupTest(name, NO_SPREAD, p=NO_SPREAD)
    reach = t_quantile(df, confidence) * error
    effect = Effect("mean_difference", value, value - reach, value + reach, None, confidence)
    t = value / error
    return effect, GroupTest(name, t, (float(df),), 2 * float(stdtr(df, -abs(t))))


def median_against(cells: Arranged, norm: float, *, confidence: float) -> tuple[Effect, GroupTest]:
    """The median of the averages of all pairs of values of a group less the norm, and Wilcoxon's signed ranks of the distances."""
    distinct, times = np.unique(cells.values - norm, return_counts=True)
    if cells.times is not None:
        times = counted(np.searchsorted(distinct, cells.values - norm), distinct.size, cells.times)
    found = signed_ranks_of(distinct, times, confidence=confidence)
    return replace(found.effect, between=None), found.test


@dataclass(frozen=True)
class Fit:
    """Frequencies against expected shares: chi-square, or all outcomes one by one where expected counts are small.

    Attributes
    ----------
    expected
        Shares that sum to 1, in the order of the counts.
    """

    expected: tuple[float, ...]
    statistic: float | Undefined
    df: int
    p: float | Undefined
    exact: bool = False


def goodness_of_fit(counts: Counts, expected: Array) -> Fit:
    """The test that counts come from these shares.

    Notes
    -----
    Exact where more than a fifth of the expected counts are below 5 and there are not too many outcomes: the probability of
    all that are no more likely than what was found.
    """
    from istrel.stats.special import chdtrc

    shares, n = expected / expected.sum(), int(counts.sum())
    kept = tuple(shares.tolist())
    if n == 0:
        none = Undefined("no_values")
        return Fit(kept, none, counts.size - 1, none)
    wanted = n * shares
    if (wanted[counts > 0] == 0).any():
        return Fit(kept, Undefined("nothing_is_expected"), counts.size - 1, 0.0, exact=True)
    used = wanted > 0
    statistic = float(((counts[used] - wanted[used]) ** 2 / wanted[used]).sum())
    df = int(used.sum()) - 1
    if df < 1:
        none = Undefined("fewer_than_2_rows_or")
        return Fit(kept, none, df, none)
    if float((wanted[used] < SMALL).mean()) > SMALL_SHARE and _outcomes(n, df + 1) <= MOST_OUTCOMES:
        return Fit(kept, statistic, df, _exact(counts[used], shares[used]), exact=True)
    return Fit(kept, statistic, df, float(chdtrc(df, statistic)))


def _outcomes(n: int, k: int) -> float:
    from istrel.stats.special import binom

    return float(binom(n + k - 1, k - 1))


def _exact(counts: Counts, shares: Array) -> float:
    """Every table of so many counts with its probability, made class by class."""
    from istrel.stats.special import gammaln

    n, logs = int(counts.sum()), np.log(shares)
    left, weight = np.array([n]), np.zeros(1)
    for place in range(shares.size - 1):  # over classes, not cases
        many = left + 1
        taken = np.arange(int(many.sum())) - np.repeat(np.cumsum(many) - many, many)
        weight = np.repeat(weight, many) + taken * logs[place] - gammaln(taken + 1)
        left = np.repeat(left, many) - taken
    weight = weight + left * logs[-1] - gammaln(left + 1) + gammaln(n + 1)
    found = float((counts * logs - gammaln(counts + 1)).sum() + gammaln(n + 1))
    return min(1.0, float(np.exp(weight[weight <= found + NEAR]).sum()))


def standard_error(sd: float, n: int) -> float:
    """Of a mean."""
    return sd / sqrt(n) if n else float("nan")
