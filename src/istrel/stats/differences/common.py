"""What every measure and test of a difference gives, and intervals by the noncentral distribution that a statistic has."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field

import numpy as np

from istrel.stats.estimates import Undefined
from istrel.stats.root import root

FEW_GROUPS = Undefined("fewer_than_2_groups_with")
FEW_VALUES = Undefined("fewer_than_2_values_in")
NO_SPREAD = Undefined("all_values_of_each_group")
NO_INTERVAL = Undefined("no_interval_is_given")
FARTHEST = 1e8  # noncentrality


@dataclass(frozen=True)
class Effect:
    """The size of a difference.

    Attributes
    ----------
    measure
        g_average, omega_squared, median_difference, cliffs_delta, epsilon_squared, cramers_v or risk_difference; of weighted
        samples g_average_weighted, cramers_v_weighted or risk_difference_weighted; within persons also mean_difference,
        median_change, generalized_eta_squared, kendalls_w, difference_in_changes or
        interaction_eta_squared.
    between
        The places of the two groups, the first minus the second; None where all groups are compared at once.
    level
        The confidence of the interval: of measures that cannot be negative it is such that the interval leaves 0 out just
        when the test beside it rejects.
    """

    measure: str
    value: float | Undefined
    low: float | Undefined = NO_INTERVAL
    high: float | Undefined = NO_INTERVAL
    between: tuple[int, int] | None = None
    level: float = 0.95


@dataclass(frozen=True)
class GroupTest:
    """A test that the groups do not differ.

    Attributes
    ----------
    name
        welch_t, welch_f, mann_whitney, kruskal_wallis, chi_square, exact or simulated; of a weighted sample design_t,
        design_f or rao_scott_f; within persons paired_t,
        repeated_f, interaction_f, signed_ranks, friedman, mcnemar or cochran_q.
    n
        Cases of all groups together, where the statistic is read with it (chi-square); 0 for others.
    exact
        Whether the p-value comes from all arrangements.
    error
        The standard error of a simulated p; 0 for others.
    epsilon
        By which the degrees of freedom of repeated measures were lowered; 1 for others.
    """

    name: str
    statistic: float | Undefined
    df: tuple[float, ...] = field(default=())
    p: float | Undefined = FEW_GROUPS
    exact: bool = False
    n: int = 0
    error: float = 0.0
    epsilon: float = 1.0


def solved(off: Callable[[float], float], start: float, side: int) -> float | Undefined:
    """Where a falling function is 0, most likely on one side of a start; undefined where the distribution is not had so far out."""
    onward = back = 1.0
    while off(start + side * onward) * side > 0 and onward < FARTHEST:
        onward *= 2
    while off(start - side * back) * side < 0 and back < FARTHEST:
        back *= 2
    low, high = sorted((start - side * back, start + side * onward))
    ends = off(low), off(high)
    if not np.isfinite(ends).all() or ends[0] * ends[1] > 0:
        return NO_INTERVAL
    return root(off, low, high)


def share_limits(
    chance: Callable[[float], float], start: float, total: float, *, confidence: float
) -> tuple[float | Undefined, float | Undefined]:
    """Limits of λ/(λ + total) for the noncentrality λ of a statistic of one tail, where `chance(λ)` is that of a smaller one.

    Each limit leaves out 1 − confidence, so that the lower one is above 0 just when the test rejects at that level: an
    interval of 90 % beside a test at .05 (Steiger 2004).
    """

    def share(tail: float, side: int) -> float | Undefined:
        if chance(0.0) < tail:
            return 0.0
        away = solved(lambda away: chance(max(0.0, away)) - tail, start, side)
        return away if isinstance(away, Undefined) else max(0.0, away) / (max(0.0, away) + total)

    return share(confidence, -1), share(1 - confidence, 1)
