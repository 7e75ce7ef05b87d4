"""Weighted means and moments of groups, with linearized standard errors and design effects."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Estimates, estimates
from istrel.stats.moments import CONSTANT, few_values
from istrel.stats.quantiles import EMPTY
from istrel.stats.survey.sample import Sample

Array = NDArray[np.float64]
Codes = NDArray[np.integer]


@dataclass(frozen=True, eq=False)
class WeightedMoments:
    """Moments of a variable in groups of a sample.

    Attributes
    ----------
    values, codes
        float64 (rows,) and integer (rows,): the group of each row that has a value, else -1.
    n
        Rows of each group, int64 (groups,).
    """

    sample: Sample
    values: Array
    codes: Codes
    n: NDArray[np.int64]

    @property
    def n_groups(self) -> int:
        return self.n.size

    @cached_property
    def sums(self) -> Array:
        """Σw of each group."""
        return self.sample.sums(self.codes, self.n_groups)

    @cached_property
    def effective_n(self) -> Array:
        """(Σw)²/Σw² of each group (Kish 1965)."""
        squares = self.sample.sums(self.codes, self.n_groups, self.sample.weights**2)
        return _over(self.sums**2, squares)

    @cached_property
    def mean(self) -> Array:
        """Σwx/Σw, by two passes."""
        first = _over(self._summed(self.values), self.sums)
        return np.asarray(first + _over(self._summed(self._off(first)), self.sums))

    @property
    def total(self) -> Array:
        """Σwx."""
        return self.mean * self.sums

    @cached_property
    def deviations(self) -> Array:
        """x − x̄ of each row, 0 where it is in no group."""
        return self._off(self.mean)

    def moment(self, order: int) -> Array:
        """Σw(x − x̄)ᵏ/Σw, k from 2 to 4."""
        power = self._squares if order == 2 else self._squares * (self.deviations if order == 3 else self._squares)
        return _over(self._summed(power), self.sums)

    @cached_property
    def _squares(self) -> Array:
        return self.deviations * self.deviations

    @cached_property
    def variance(self) -> Array:
        """Σw(x − x̄)²/Σw · n/(n − 1); NaN of fewer than two."""
        n = self.n.astype(np.float64)
        return np.asarray(self.moment(2) * _over(n, n - 1))

    @cached_property
    def scores(self) -> Array:
        """w(x − x̄)/Σw of each row: the mean, linearized."""
        return self.sample.weights * self.deviations * self._of_row(_over(np.ones(self.n_groups), self.sums))

    @cached_property
    def variance_of_mean(self) -> Array:
        """By the design."""
        found = self.sample.variances(self.sample.weights * self.deviations, self.codes, self.n_groups)
        return np.where(self.n > 0, _over(found, self.sums**2), np.nan)

    @cached_property
    def covariance_of_means(self) -> Array:
        """Of the means of groups, shape (groups, groups)."""
        return self.sample.covariance(self.scores, self.codes, self.n_groups)

    @cached_property
    def design_effect(self) -> Array:
        """The variance of the mean over that of a simple random sample of as many rows."""
        return _over(self.variance_of_mean, _over(self.variance, self.n.astype(np.float64)))

    def shape(self, order: int) -> Estimates:
        """The standardized moment of an order, of the fourth less 3; without factors for small samples."""
        second = self.moment(2)
        with np.errstate(divide="ignore", invalid="ignore"):
            values = self.moment(order) / second ** (order / 2) - (3.0 if order == 4 else 0.0)
        equal = (self.n > 1) & ~(second > 0)
        return estimates(values, (self.n < 1, EMPTY), (self.n < 2, few_values(2)), (equal, CONSTANT))

    @cached_property
    def _everywhere(self) -> bool:
        """Whether every row is in a group."""
        return bool((self.codes >= 0).all())

    def _off(self, centre: Array) -> Array:
        off = self.values - self._of_row(centre)
        return off if self._everywhere else np.where(self.codes >= 0, off, 0.0)

    def _of_row(self, of_group: Array) -> Array:
        if self._everywhere:
            return of_group[self.codes] if of_group.size > 1 else of_group
        return np.where(self.codes >= 0, of_group[np.maximum(self.codes, 0)], 0.0)

    def _summed(self, scores: Array) -> Array:
        if self.n_groups == 1 and self._everywhere:  # rows out of the sample weigh 0
            return np.array([self.sample.weights @ scores])
        return self.sample.sums(self.codes, self.n_groups, self.sample.weights * scores)


def weighted_moments(values: Array, codes: Codes, n_groups: int, sample: Sample) -> WeightedMoments:
    """Of the rows that are in a group (code from 0) and have a finite value."""
    used = codes >= 0
    if used.all():
        return WeightedMoments(sample, values, codes, np.bincount(codes, minlength=n_groups).astype(np.int64))
    n = np.bincount(codes[used], minlength=n_groups).astype(np.int64)
    return WeightedMoments(sample, np.where(used, values, 0.0), codes, n)


def _over(part: Array, whole: Array) -> Array:
    with np.errstate(divide="ignore", invalid="ignore"):
        return np.where(whole != 0, part / whole, np.nan)
