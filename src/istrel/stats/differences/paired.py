"""Differences within persons who were seen on every occasion: of two occasions, of more; by means, by ranks, of two values.

What is given is a matrix with a row per person and a column per occasion, complete.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from math import sqrt
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import NO_INTERVAL, NO_SPREAD, Effect, GroupTest, solved
from istrel.stats.estimates import Undefined, undefined
from istrel.stats.frequency import counted, wilson_intervals
from istrel.stats.student import t_quantile

Array = NDArray[np.float64]
Limit = float | Undefined
MOST_EXACT = 50  # persons whose differences have no ties, for an exact p of signed ranks
MOST_AVERAGED = 3_000  # persons of whose differences all averages are put in order
FEW_PERSONS = undefined("fewer_than_complete_cases", n=2)


class Paired(NamedTuple):
    """Two occasions compared: the difference in its unit, the same standardized, and the test."""

    effect: Effect
    standardized: Effect | None
    test: GroupTest


# Means.
def mean_change(x: Array, *, confidence: float = 0.95, of_changes: bool = False) -> Paired:
    """The mean of the differences, the first occasion minus the second, with the interval of the paired t.

    Notes
    -----
    Standardized by the root of the average variance of both occasions, times J = 1 − 3/(4(n − 1) − 1); its interval is that
    of the noncentrality of the paired t, so it leaves 0 out just when that test rejects. With `of_changes` by the standard
    deviation of the differences instead (d_z).
    """
    from istrel.stats.special import nctdtr, stdtr

    n = x.shape[0]
    if n < 2:
        return _none("mean_difference", "paired_t", FEW_PERSONS)
    changes = x[:, 0] - x[:, 1]
    mean, spread, df = float(changes.mean()), float(changes.std(ddof=1)), n - 1
    if not spread > 0:
        return _none("mean_difference", "paired_t", NO_SPREAD_OF_CHANGES, value=mean)
    error = spread / sqrt(n)
    t, reach = mean / error, t_quantile(df, confidence) * error
    effect = Effect("mean_difference", mean, mean - reach, mean + reach, (0, 1), confidence)
    test = GroupTest("paired_t", t, (float(df),), 2 * float(stdtr(df, -abs(t))))
    average = spread if of_changes else sqrt(float(x.var(axis=0, ddof=1).mean()))
    unit, tail = (1 - 3 / (4 * df - 1)) * error / average if df > 1 else 0.0, (1 - confidence) / 2

    def chance(away: float) -> float:
        found = float(nctdtr(df, away, t))
        return found if np.isfinite(found) else float(away < t)

    ends = solved(lambda away: chance(away) - (1 - tail), t, -1), solved(lambda away: chance(away) - tail, t, 1)
    low, high = (end if isinstance(end, Undefined) else end * unit for end in ends)
    return Paired(effect, Effect("d_z" if of_changes else "g_average", t * unit, low, high, (0, 1), confidence), test)


NO_SPREAD_OF_CHANGES = Undefined("all_differences_are_equal")


def _none(measure: str, test: str, why: Undefined, value: Limit | None = None) -> Paired:
    effect = Effect(measure, why if value is None else value, why, why, (0, 1))
    return Paired(effect, None, GroupTest(test, why, p=why))


def repeated_f(x: Array) -> tuple[Effect, GroupTest]:
    """Generalized eta squared (Olejnik & Algina 2003) and the F of repeated measures.

    The degrees of freedom are those of Greenhouse and Geisser (1959); F itself does not change by it.
    """
    from istrel.stats.special import fdtrc

    n, k = x.shape
    if n < 2:
        return Effect("generalized_eta_squared", FEW_PERSONS), GroupTest("repeated_f", FEW_PERSONS, p=FEW_PERSONS)
    share = np.full(n, 1 / n)
    roughly = share @ x
    centred = x - roughly
    occasions = roughly + share @ centred  # the mean again, of what is near 0: exact where values are large
    between = n * float(((occasions - occasions.mean()) ** 2).sum())
    changes = centred @ _contrasts(k)
    left = changes.T @ changes
    error, whole = float(np.trace(left)), between + float(np.einsum("ij,ij->", centred, centred))
    if not whole > 0:
        return Effect("generalized_eta_squared", NO_SPREAD), GroupTest("repeated_f", NO_SPREAD, p=NO_SPREAD)
    effect = Effect("generalized_eta_squared", between / whole)
    if error <= 1e-14 * whole:
        none = NO_SPREAD_OF_CHANGES
        return effect, GroupTest("repeated_f", none, p=none)
    f, epsilon = (between / (k - 1)) / (error / ((n - 1) * (k - 1))), _sphericity(left)
    df = (k - 1) * epsilon, (k - 1) * (n - 1) * epsilon
    return effect, GroupTest("repeated_f", f, df, float(fdtrc(*df, f)), epsilon=epsilon)


def interaction_f(groups: Sequence[Array]) -> tuple[Effect, GroupTest]:
    """Whether groups of persons change alike over the occasions: the F of the interaction, and its generalized eta squared.

    Parameters
    ----------
    groups
        Of each group float64 (persons, occasions), complete.

    Notes
    -----
    Σ n |m_g − m|² of the groups’ mean courses, each without its own level, against the deviations of persons from the course
    of their group; Greenhouse and Geisser’s ε of the pooled covariances. Generalized eta squared counts persons and error beside
    the interaction (Olejnik & Algina 2003).
    """
    from istrel.stats.special import fdtrc

    sizes = np.array([x.shape[0] for x in groups])
    n, k = int(sizes.sum()), groups[0].shape[1]
    if sizes.min() < 1 or n <= sizes.size:
        return Effect("interaction_eta_squared", FEW_PERSONS), GroupTest("interaction_f", FEW_PERSONS, p=FEW_PERSONS)
    means = np.array([x.mean(axis=0) for x in groups])
    courses = means - means.mean(axis=1)[:, None]
    between = float((sizes[:, None] * (courses - np.average(courses, axis=0, weights=sizes)) ** 2).sum())
    left = np.concatenate([x - mean for x, mean in zip(groups, means, strict=True)])
    levels = left.mean(axis=1)
    persons, error = k * float((levels**2).sum()), float(((left - levels[:, None]) ** 2).sum())
    if not between + persons + error > 0:
        return Effect("interaction_eta_squared", NO_SPREAD), GroupTest("interaction_f", NO_SPREAD, p=NO_SPREAD)
    effect = Effect("interaction_eta_squared", between / (between + persons + error))
    if error <= 1e-14 * (between + persons + error):
        return effect, GroupTest("interaction_f", NO_SPREAD_OF_CHANGES, p=NO_SPREAD_OF_CHANGES)
    within, across, turned = (n - sizes.size) * (k - 1), (sizes.size - 1) * (k - 1), left @ _contrasts(k)
    f, epsilon = (between / across) / (error / within), _sphericity(turned.T @ turned)
    df = across * epsilon, within * epsilon
    return effect, GroupTest("interaction_f", f, df, float(fdtrc(*df, f)), epsilon=epsilon)


def _contrasts(k: int) -> Array:
    """k − 1 orthonormal contrasts of k occasions, shape (k, k − 1): what of a person's values is no level (Helmert)."""
    place = np.arange(1, k)
    return np.where(
        np.arange(k)[:, None] < place, 1.0, np.where(np.arange(k)[:, None] == place, -place, 0.0)
    ) / np.sqrt(place * (place + 1))


def _sphericity(products: Array) -> float:
    """ε of sums of products of k − 1 orthonormal contrasts (Greenhouse & Geisser 1959)."""
    return float(
        np.clip(np.trace(products) ** 2 / (products.shape[0] * (products**2).sum()), 1 / products.shape[0], 1.0)
    )


# Ranks.
def signed_ranks(x: Array, *, confidence: float = 0.95) -> Paired:
    """The median of the averages of all pairs of differences (Hodges & Lehmann 1963), and Wilcoxon's signed ranks."""
    return signed_ranks_of(*np.unique(x[:, 0] - x[:, 1], return_counts=True), confidence=confidence)


def signed_ranks_of(changes: Array, times: NDArray[np.int64], *, confidence: float = 0.95) -> Paired:
    """The same of differences that each stand once and ascend, with how many persons have each.

    Notes
    -----
    Exact for up to MOST_EXACT persons whose differences have no ties and no zeros; else by the normal distribution, corrected
    for ties, zeros ranked and their ranks left out (Pratt 1959). The interval holds the shifts that the test does not reject.
    """
    from istrel.stats.special import ndtr

    if not times.sum():
        return _none("median_difference", "signed_ranks", FEW_PERSONS)
    seen = ranked_changes(changes, times)
    averages = seen.averages
    nth = averages_in_order(changes, times)
    value = (nth((averages - 1) // 2) + nth(averages // 2)) / 2
    if seen.zeros == seen.n:
        none = Undefined("all_differences_are_0")
        return Paired(
            Effect("median_difference", 0.0, none, none, (0, 1)), None, GroupTest("signed_ranks", none, p=none)
        )
    if seen.exact:
        ways = sums_of_ranks(seen.n)
        least = int(min(seen.positive, averages - seen.positive))
        p = min(1.0, 2 * float(ways[: least + 1].sum() / ways.sum()))
    else:
        p = 2 * float(ndtr(-abs(seen.positive - seen.mean) / sqrt(seen.variance)))
    outside = averages_outside(seen, confidence)
    low, high = (nth(outside), nth(averages - 1 - outside)) if outside >= 0 else (NO_INTERVAL, NO_INTERVAL)
    effect = Effect("median_difference", value, low, high, (0, 1), confidence)
    return Paired(effect, None, GroupTest("signed_ranks", seen.positive, (), p, exact=seen.exact))


class RankedChanges(NamedTuple):
    """What signed ranks are made of: persons, pairs of differences (each with itself, too), the sum of the positive ranks, who
    did not change, mean and variance of that sum by the normal distribution, and whether all signs can be gone through.
    """

    n: int
    averages: int
    positive: float
    zeros: int
    mean: float
    variance: float
    exact: bool


def ranked_changes(changes: Array, times: NDArray[np.int64]) -> RankedChanges:
    """The parts of differences that each stand once and ascend, with how many persons have each; at least one."""
    n = int(times.sum())
    sizes, place = np.unique(np.abs(changes), return_inverse=True)
    ties = counted(place.ravel(), sizes.size, times)
    ranks = (np.cumsum(ties) - (ties - 1) / 2)[place.ravel()]
    positive, zeros = float((times * ranks)[changes > 0].sum()), int(times[changes == 0].sum())
    averages = n * (n + 1) // 2
    tied = ties if sizes[0] > 0 else ties[1:]
    variance = (n * (n + 1) * (2 * n + 1) - zeros * (zeros + 1) * (2 * zeros + 1)) / 24
    variance -= float((tied.astype(np.float64) ** 3 - tied).sum()) / 48
    exact = n <= MOST_EXACT and zeros == 0 and int(ties.max()) == 1
    return RankedChanges(n, averages, positive, zeros, (averages - zeros * (zeros + 1) / 2) / 2, variance, exact)


def averages_outside(seen: RankedChanges, confidence: float) -> int:
    """How many of the smallest averages lie before the one at which the interval begins; -1 where the persons are too few."""
    from istrel.stats.special import ndtri

    if seen.exact:
        ways = sums_of_ranks(seen.n)
        return int(np.searchsorted(np.cumsum(ways) / ways.sum(), (1 - confidence) / 2, side="right")) - 1
    return int(np.ceil(seen.averages / 2 - float(ndtri(0.5 + confidence / 2)) * sqrt(seen.variance))) - 1


def sums_of_ranks(n: int) -> Array:
    """How many ways of signs give each sum of the positive ranks, from 0 to n(n + 1)/2."""
    ways = np.zeros(n * (n + 1) // 2 + 1)
    ways[0] = 1.0
    for rank in range(1, n + 1):
        ways[rank:] += ways[:-rank].copy()
    return ways


def averages_in_order(changes: Array, times: NDArray[np.int64]) -> Callable[[int], float]:
    """The k-th smallest average of two differences (or of one with itself), from 0: in order, or found by halving."""
    running = np.concatenate([[0], np.cumsum(times)])
    if running[-1] <= MOST_AVERAGED:
        changes = np.repeat(changes, times)
        upper = np.triu_indices(changes.size)
        every = np.sort((changes[upper[0]] + changes[upper[1]]) / 2)
        return lambda k: float(every[k])

    def upto(limit: float) -> int:
        pairs = (times * running[np.searchsorted(changes, 2 * limit - changes, side="right")]).sum()
        return (int(pairs) + int(running[np.searchsorted(changes, limit, side="right")])) // 2

    def nth(k: int) -> float:
        low, high = float(changes[0]), float(changes[-1])
        if upto(low) > k:
            return low
        while (middle := low + (high - low) / 2) not in (low, high):
            low, high = (low, middle) if upto(middle) > k else (middle, high)
        return high

    return nth


def friedman(x: Array) -> tuple[Effect, GroupTest]:
    """Kendall's W and Friedman's chi-square, corrected for ties; of two values this is Cochran's Q."""
    from istrel.stats.special import chdtrc

    n, k = x.shape
    name = "cochran_q" if np.unique(x).size <= 2 else "friedman"
    if n < 2:
        return Effect("kendalls_w", FEW_PERSONS), GroupTest(name, FEW_PERSONS, p=FEW_PERSONS)
    order = np.sort(x, axis=1)
    below = (x[:, :, None] > order[:, None, :]).sum(axis=2)
    equal = (x[:, :, None] == order[:, None, :]).sum(axis=2)
    ranks = below + (equal + 1) / 2
    ties = float((equal.astype(np.float64) ** 2 - 1).sum())  # of each tied value t² − 1: together t³ − t
    spread = n * k * (k + 1) - ties / (k - 1)
    if not spread > 0:
        none = Undefined("values_of_each_person_are_equal")
        return Effect("kendalls_w", none), GroupTest(name, none, p=none)
    chi_square = 12 * float(((ranks.sum(axis=0) - n * (k + 1) / 2) ** 2).sum()) / spread
    effect = Effect("kendalls_w", min(1.0, chi_square / (n * (k - 1))))
    return effect, GroupTest(name, chi_square, (k - 1.0,), float(chdtrc(k - 1, chi_square)), n=n)


# Two values.
def change_of_shares(x: Array, *, confidence: float = 0.95) -> Paired:
    """The difference of two paired shares of the larger value (Newcombe 1998, method 10), and McNemar's exact test."""
    from istrel.stats.special import bdtr

    if not x.shape[0]:
        return _none("risk_difference", "mcnemar", FEW_PERSONS)
    n, both, first, second, phi = moved(x)
    shares = np.array([both + first, both + second]) / n
    low, upper = wilson_intervals(np.array([both + first, both + second]), np.array([n, n]), confidence=confidence)
    difference = float(shares[0] - shares[1])
    down, up = shares - low, upper - shares
    reach = [a * a - 2 * phi * a * b + b * b for a, b in ((down[0], up[1]), (up[0], down[1]))]
    limits = difference - sqrt(max(0.0, reach[0])), difference + sqrt(max(0.0, reach[1]))
    effect = Effect("risk_difference", difference, *limits, (0, 1), confidence)
    changed = first + second
    p = min(1.0, 2 * float(bdtr(min(first, second), changed, 0.5))) if changed else 1.0
    return Paired(effect, None, GroupTest("mcnemar", Undefined("an_exact_test_has_no"), (), p, exact=True))


class Moved(NamedTuple):
    """Persons, those with the larger value on both occasions, on the first alone, on the second alone, and the correlation."""

    n: int
    both: int
    first: int
    second: int
    phi: float


def moved(x: Array) -> Moved:
    """Who moved between two values."""
    high = x == x.max()
    both, first, second = (
        int((high[:, 0] & high[:, 1]).sum()),
        int((high[:, 0] & ~high[:, 1]).sum()),
        int((~high[:, 0] & high[:, 1]).sum()),
    )
    n = x.shape[0]
    return Moved(n, both, first, second, _phi(both, first, second, n - both - first - second))


def _phi(both: int, first: int, second: int, neither: int) -> float:
    """The correlation of both occasions, corrected as the method wants it."""
    n = both + first + second + neither
    margins = (both + first) * (second + neither) * (both + second) * (first + neither)
    if not margins:
        return 0.0
    cross = both * neither - first * second
    return (max(cross - n / 2, 0.0) if cross > 0 else float(cross)) / sqrt(margins)
