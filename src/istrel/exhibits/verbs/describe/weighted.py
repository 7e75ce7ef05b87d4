"""The statistics of a measured variable where the rows of a sample are weighted: estimates of the population."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Grouping
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Value
from istrel.exhibits.weights import Weighed, spread_of, weighted_moments_of
from istrel.sentence.vocabulary import percentile_of
from istrel.stats.estimates import Estimates, Undefined, estimates
from istrel.stats.moments import few_values
from istrel.stats.quantiles import EMPTY
from istrel.stats.student import t_quantile
from istrel.stats.survey.differences import NO_DF, NOT_WEIGHTED
from istrel.stats.survey.means import WeightedMoments
from istrel.stats.survey.selection import Spread

Array = NDArray[np.float64]
FEW = few_values(2)


@dataclass(frozen=True, eq=False)
class WeightedBench:
    """One variable in its groups, with what several statistics share made once and only when wanted."""

    name: str
    grouping: Grouping
    plan: DescribePlan
    found: dict[float, Array] = field(default_factory=dict)

    @cached_property
    def moments(self) -> WeightedMoments:
        return weighted_moments_of(self.name, self.grouping, self.plan.data)

    @cached_property
    def spread(self) -> Spread:
        return spread_of(self.name, self.grouping, self.plan.data)

    @property
    def confidence(self) -> float:
        return float(self.plan.request.settings["confidence"])

    def or_of_cases(self, plain: Callable[[str], Callable[[int], Value]]) -> Callable[[str], Callable[[int], Value]]:
        """Statistics by their keys; lists of cases are the same without weights."""
        return lambda key: plain(key) if key in ("lowest", "highest") else self.statistic(key)

    def statistic(self, key: str) -> Callable[[int], Value]:
        """A function from a group's place to the value of the statistic there."""
        if key == "mode":
            return self._mode
        share = percentile_of(key)
        if share is not None:
            return self._quantile(share / 100).at
        made = WEIGHTED.get(key)
        if made is None:
            return Estimates(self.moments.mean, ((np.ones(self.grouping.n_groups, bool), NOT_WEIGHTED),)).at
        return made(self).at

    def weighed(self, group: int) -> Weighed:
        """What weights add to the mean of a group."""
        m = self.moments
        variance = float(m.variance_of_mean[group])
        error = float(np.sqrt(variance)) if variance >= 0 else float("nan")
        return Weighed(float(m.sums[group]), error, m.sample.df, float(m.design_effect[group]))

    def inside(self) -> list[float]:
        """The share of the weights from the first to the third quartile of each group."""
        return self.spread.share_between(self.reached(0.25), self.reached(0.75)).tolist()

    def reached(self, share: float) -> Array:
        """The quantile of each group, found once for all that asks for it."""
        if share not in self.found:
            self.found[share] = self.spread.quantiles(np.full(self.grouping.n_groups, share))
        return self.found[share]

    @cached_property
    def empty(self) -> NDArray[np.bool_]:
        return self.moments.n == 0

    def of(self, values: Array, *reasons: tuple[NDArray[np.bool_], str | Undefined]) -> Estimates:
        """Estimates that a group without values has not."""
        return estimates(values, (self.empty, EMPTY), *reasons)

    def of_two(self, values: Array, *reasons: tuple[NDArray[np.bool_], str | Undefined]) -> Estimates:
        """Estimates that need two cases in a group."""
        return self.of(values, (self.moments.n < 2, FEW), *reasons)

    def by_design(self, values: Array) -> Estimates:
        """Estimates that need more clusters than strata."""
        none = np.full(self.grouping.n_groups, self.moments.sample.df <= 0)
        return self.of_two(values, (none, NO_DF))

    @property
    def error(self) -> Array:
        return np.sqrt(self.moments.variance_of_mean)

    def limit(self, side: int) -> Estimates:
        """The mean and t standard errors to a side."""
        reach = t_quantile(self.moments.sample.df, self.confidence) * self.error
        return self.by_design(self.moments.mean + side * reach)

    def median_limit(self, side: int) -> Estimates:
        """Of the median, after Woodruff (1952): where the distribution reaches a half and t standard errors of that share."""
        m, median = self.moments, self.reached(0.5)
        at_most = self.spread.share_at_most(median)
        used = m.codes >= 0
        of_row = np.where(used, median[np.maximum(m.codes, 0)], np.nan)
        share = np.where(used, at_most[np.maximum(m.codes, 0)], 0.0)
        sums = np.where(used, m.sums[np.maximum(m.codes, 0)], 1.0)
        scores = np.where(used, m.sample.weights * ((m.values <= of_row) - share) / sums, 0.0)
        error = np.sqrt(m.sample.variances(scores, m.codes, m.n_groups))
        wanted = 0.5 + side * t_quantile(m.sample.df, self.confidence) * error
        beyond = ~((wanted > 0) & (wanted < 1))
        found = self.spread.quantiles(np.where(beyond, 0.5, wanted))
        none = np.full(self.grouping.n_groups, m.sample.df <= 0)
        return self.of_two(found, (none, NO_DF), (beyond, "no_interval_is_given"))

    def _quantile(self, share: float) -> Estimates:
        return self.of(self.reached(share))

    def _mode(self, group: int) -> Value:
        found = self.spread.mode(group)
        if not found:
            return Undefined(EMPTY)
        if len(found) == self.moments.n[group] > 1:
            return Undefined("each_value_occurs_once")
        return found[0] if len(found) == 1 else found

    def variation(self) -> Estimates:
        low, mean = self.spread.extremes[0], self.moments.mean
        with np.errstate(divide="ignore", invalid="ignore"):
            values = 100.0 * np.sqrt(self.moments.variance) / mean
        return self.of_two(values, (low < 0, "some_values_are_negative"), (mean == 0, "the_mean_is_0"))

    def transformed(self, there: Callable[[Array], Array], back: Callable[[Array], Array]) -> Estimates:
        """A mean of values that were transformed, turned back; of positive values."""
        m, low = self.moments, self.spread.extremes[0]
        with np.errstate(divide="ignore", invalid="ignore"):
            scores = np.where(m.codes >= 0, there(m.values), 0.0)
            values = back(m.sample.sums(m.codes, m.n_groups, m.sample.weights * scores) / m.sums)
        return self.of(values, (low <= 0, "some_values_are_not_positive"))

    def deviation(self) -> Estimates:
        m = self.moments
        return self.of(m.sample.sums(m.codes, m.n_groups, m.sample.weights * np.abs(m.deviations)) / m.sums)


WEIGHTED: dict[str, Callable[[WeightedBench], Estimates]] = {
    "n": lambda b: Estimates(b.moments.n.astype(np.float64)),
    "missing": lambda b: Estimates((b.grouping.sizes - b.moments.n).astype(np.float64)),
    "sum": lambda b: b.of(b.moments.total),
    "mean": lambda b: b.of(b.moments.mean),
    "sd": lambda b: b.of_two(np.sqrt(b.moments.variance)),
    "variance": lambda b: b.of_two(b.moments.variance),
    "se": lambda b: b.by_design(b.error),
    "ci_low": lambda b: b.limit(-1),
    "ci_high": lambda b: b.limit(1),
    "median": lambda b: b._quantile(0.5),
    "median_ci_low": lambda b: b.median_limit(-1),
    "median_ci_high": lambda b: b.median_limit(1),
    "q1": lambda b: b._quantile(0.25),
    "q3": lambda b: b._quantile(0.75),
    "iqr": lambda b: b.of(b.reached(0.75) - b.reached(0.25)),
    "min": lambda b: b.of(b.spread.extremes[0]),
    "max": lambda b: b.of(b.spread.extremes[1]),
    "range": lambda b: b.of(b.spread.extremes[1] - b.spread.extremes[0]),
    "mean_abs_dev": lambda b: b.deviation(),
    "cv": lambda b: b.variation(),
    "skewness": lambda b: b.moments.shape(3),
    "kurtosis": lambda b: b.moments.shape(4),
    "geometric_mean": lambda b: b.transformed(np.log, np.exp),
    "harmonic_mean": lambda b: b.transformed(lambda x: 1 / x, lambda x: 1 / x),
}
