"""The weighted distribution of a variable in its groups, and what is read from it: quantiles, extremes, the mode."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.distinct import distinct_values, places_among
from istrel.stats.grouping import FEW, order_of

Array = NDArray[np.float64]
Codes = NDArray[np.integer]
NEAR = 1e-10  # of the sum of weights: so near to a share, its quantile lies between two values


class Reached(NamedTuple):
    """Where weights reach a sum, one entry for each group.

    Attributes
    ----------
    value
        The smallest value up to which they reach it.
    between
        Whether they reach it exactly there.
    has_next
        Whether a value follows it in the group.
    found
        The value; the middle between it and the next where they reach the sum exactly.
    """

    value: Array
    between: NDArray[np.bool_]
    has_next: NDArray[np.bool_]
    found: Array


@dataclass(frozen=True, eq=False)
class Distribution:
    """Values in order within their groups, with their weights.

    Attributes
    ----------
    values, weights
        float64 (n,), group after group, ascending within each.
    bounds
        int64 (groups + 1,): group g is values[bounds[g]:bounds[g + 1]].
    """

    values: Array
    weights: Array
    bounds: NDArray[np.int64]

    @property
    def n_groups(self) -> int:
        return self.bounds.size - 1

    @property
    def sizes(self) -> NDArray[np.int64]:
        return np.diff(self.bounds)

    @cached_property
    def running(self) -> Array:
        """Sums of weights up to each value, over all groups one after the other."""
        return np.cumsum(self.weights)

    @cached_property
    def before(self) -> Array:
        """Sum of weights before each group and after the last, shape (groups + 1,)."""
        return np.concatenate([[0.0], self.running])[self.bounds]

    @property
    def sums(self) -> Array:
        """Σw of each group."""
        return np.diff(self.before)

    def quantiles(self, shares: Array) -> Array:
        """The inverse of the weighted distribution function at a share for each group, shape (groups,); NaN for none.

        The smallest value up to which the weights reach the share; where they reach it exactly, the middle between it and the
        next (type 2 of Hyndman & Fan 1996, whose median of equal weights is the usual one).
        """
        if not self.values.size:
            return np.full(self.n_groups, np.nan)
        found = self.reached(shares * self.sums, NEAR * self.sums).found
        return np.where((self.sizes > 0) & (shares > 0) & (shares < 1), found, np.nan)

    def reached(self, wanted: Array, near: Array) -> Reached:
        """Where the weights of each group reach a sum; so near to it, they reach it exactly."""
        wanted = self.before[:-1] + wanted
        last = np.maximum(self.bounds[1:] - 1, 0)
        place = np.clip(np.searchsorted(self.running, wanted - near, side="left"), self.bounds[:-1], last)
        after = np.searchsorted(self.running, wanted + near, side="right")
        between = np.abs(self.running[place] - wanted) <= near
        value, following = self.values[place], self.values[np.maximum(np.minimum(after, last), place)]
        return Reached(value, between, after <= last, np.where(between, value / 2 + following / 2, value))

    def group(self, which: int) -> tuple[Array, Array]:
        """(ascending values, their weights) of one group."""
        inside = slice(self.bounds[which], self.bounds[which + 1])
        return self.values[inside], self.weights[inside]

    def members(self, which: int) -> tuple[Array, Array]:
        """The same, for whom any order does."""
        return self.group(which)

    def share_at_most(self, limits: Array) -> Array:
        """The share of the weights that lies at or below a limit for each group, shape (groups,)."""
        group = np.repeat(np.arange(self.n_groups), self.sizes)
        inside = np.bincount(group, self.weights * (self.values <= limits[group]), minlength=self.n_groups)
        with np.errstate(invalid="ignore", divide="ignore"):
            return np.asarray(inside / self.sums)

    def share_between(self, low: Array, high: Array) -> Array:
        """The share of the weights from one limit to the other, both included, shape (groups,)."""
        group = np.repeat(np.arange(self.n_groups), self.sizes)
        there = (self.values >= low[group]) & (self.values <= high[group])
        inside = np.bincount(group, self.weights * there, minlength=self.n_groups)
        with np.errstate(invalid="ignore", divide="ignore"):
            return np.asarray(inside / self.sums)

    @cached_property
    def extremes(self) -> tuple[Array, Array]:
        """(smallest, largest) value of each group; NaN for none."""
        low, high, filled = np.full(self.n_groups, np.nan), np.full(self.n_groups, np.nan), self.sizes > 0
        low[filled], high[filled] = self.values[self.bounds[:-1][filled]], self.values[self.bounds[1:][filled] - 1]
        return low, high

    def mode(self, group: int) -> tuple[float, ...]:
        """The values that bear the greatest sum of weights, of a group."""
        values, weights = self.group(group)
        if not values.size:
            return ()
        starts = np.flatnonzero(np.concatenate([[True], values[1:] != values[:-1]]))
        sums = np.add.reduceat(weights, starts)
        return tuple(values[starts[sums >= sums.max() * (1 - NEAR)]].tolist())


def distribution(values: Array, weights: Array, codes: Codes, n_groups: int) -> Distribution:
    """The values of rows that are in a group (code from 0) in order within the groups."""
    used = np.flatnonzero(codes >= 0)
    own, group = values[used], codes[used].astype(np.int64)
    distinct = distinct_values(own)
    if distinct.size * n_groups <= FEW:  # rows are brought together by group and value without sorting
        order = order_of(group * distinct.size + places_among(own, distinct), distinct.size * n_groups).rows
    else:
        ascending = np.argsort(own, kind="stable")
        order = ascending[order_of(group[ascending], n_groups).rows]
    sizes = np.bincount(group, minlength=n_groups)
    order = used[order]
    return Distribution(values[order], weights[order], np.concatenate([[0], np.cumsum(sizes)]))
