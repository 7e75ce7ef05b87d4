"""Groups of a weighted sample compared: t and Wald's F by the design, g and shares with linearized intervals."""

from __future__ import annotations

from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import FEW_GROUPS, FEW_VALUES, NO_SPREAD, Effect, GroupTest
from istrel.stats.estimates import Undefined
from istrel.stats.student import t_quantile
from istrel.stats.survey.means import WeightedMoments

Array = NDArray[np.float64]
NOT_WEIGHTED = Undefined("not_defined_under_weights")
NO_DF = Undefined("too_few_clusters")


def design_test(m: WeightedMoments, groups: int) -> GroupTest:
    """The means of groups: t of two, Wald's F of more, its degrees of freedom those of the design (Korn & Graubard 1990)."""
    from istrel.stats.special import fdtrc, stdtr

    filled = np.flatnonzero(m.n[:groups] > 0)
    name = "design_t" if filled.size <= 2 else "design_f"
    if filled.size < 2:
        return GroupTest(name, FEW_GROUPS)
    if (why := _without(m, filled)) is not None:
        return GroupTest(name, why, p=why)
    v, df = m.covariance_of_means[np.ix_(filled, filled)], m.sample.df
    means = m.mean[filled]
    if filled.size == 2:
        error = v[0, 0] + v[1, 1] - 2 * v[0, 1]
        if error <= 0:
            return GroupTest(name, NO_SPREAD, p=NO_SPREAD)
        t = float((means[0] - means[1]) / sqrt(error))
        return GroupTest(name, t, (df,), 2 * float(stdtr(df, -abs(t))))
    change = np.hstack([np.eye(filled.size - 1), -np.ones((filled.size - 1, 1))])
    off, spread, k = change @ means, change @ v @ change.T, filled.size - 1
    if df - k + 1 <= 0:
        return GroupTest(name, NO_DF, p=NO_DF)
    if np.linalg.matrix_rank(spread) < k:
        return GroupTest(name, NO_SPREAD, p=NO_SPREAD)
    f = float(off @ np.linalg.solve(spread, off)) * (df - k + 1) / (df * k)
    return GroupTest(name, f, (float(k), df - k + 1), float(fdtrc(k, df - k + 1, f)))


def standardized(m: WeightedMoments, groups: int, *, confidence: float) -> Effect:
    """g of two groups: the difference of weighted means over the average SD, with a linearized interval by t; of more, none.

    Hedges' correction and the average SD as without weights (Bonett 2008).
    """
    filled = np.flatnonzero(m.n[:groups] > 0)
    if filled.size != 2:
        return Effect("", NOT_WEIGHTED if filled.size > 2 else FEW_GROUPS)
    between = (int(filled[0]), int(filled[1]))
    if (why := _without(m, filled)) is not None:
        return Effect("g_average_weighted", why, between=between)
    first, second = between
    average = sqrt(float(m.variance[filled].sum()) / 2)
    if average <= 0:
        return Effect("g_average_weighted", NO_SPREAD, between=between)
    n = float(m.n[filled].sum())
    correction = 1 - 3 / (4 * n - 9) if n > 4 else 0.0
    d = float(m.mean[first] - m.mean[second]) / average
    scores, _ = standardized_scores(m, groups)
    together = np.where(np.isin(m.codes, filled), 0, -1)
    error = sqrt(float(m.sample.variances(scores, together, 1)[0]))
    reach = t_quantile(m.sample.df, confidence) * error
    return Effect(
        "g_average_weighted", correction * d, correction * (d - reach), correction * (d + reach), between, confidence
    )


def standardized_scores(m: WeightedMoments, groups: int) -> tuple[Array, NDArray[np.intp]]:
    """(the standardized difference of two groups linearized, of each row; which groups they are)."""
    filled = np.flatnonzero(m.n[:groups] > 0)
    first, second = filled.tolist()
    variances, plain = m.variance[filled], m.moment(2)[filled]
    average = sqrt(float(variances.sum()) / 2)
    d = float(m.mean[first] - m.mean[second]) / average
    lean = -d / (4 * average**2)  # how d changes with each variance
    factors = variances / np.where(plain > 0, plain, 1.0)
    scores = np.zeros(m.values.size)
    for group, sign, factor, own in ((first, 1, factors[0], plain[0]), (second, -1, factors[1], plain[1])):
        mine = m.codes == group
        off = m.deviations[mine]
        scores[mine] = m.sample.weights[mine] / m.sums[group] * (sign * off / average + lean * factor * (off**2 - own))
    return scores, filled


def share_difference(m: WeightedMoments, groups: int, *, confidence: float) -> Effect:
    """The difference of the shares of a value (of 0 and 1) in two groups, with its interval by t; of more, none."""
    filled = np.flatnonzero(m.n[:groups] > 0)
    if filled.size != 2:
        return Effect("", NOT_WEIGHTED if filled.size > 2 else FEW_GROUPS)
    between = (int(filled[0]), int(filled[1]))
    if (why := _without(m, filled)) is not None:
        return Effect("risk_difference_weighted", why, between=between)
    v = m.covariance_of_means[np.ix_(filled, filled)]
    reach = t_quantile(m.sample.df, confidence) * sqrt(max(0.0, float(v[0, 0] + v[1, 1] - 2 * v[0, 1])))
    value = float(m.mean[filled[0]] - m.mean[filled[1]])
    return Effect("risk_difference_weighted", value, value - reach, value + reach, between, confidence)


def _without(m: WeightedMoments, filled: NDArray[np.intp]) -> Undefined | None:
    if (m.n[filled] < 2).any():
        return FEW_VALUES
    return NO_DF if m.sample.df <= 0 else None
