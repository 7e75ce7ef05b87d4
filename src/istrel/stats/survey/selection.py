"""Quantiles of weighted values without sorting them: sums of weights in narrow classes, and order within the one that is met.

What is found is what `Distribution` finds. Values that are few are counted; whatever asks for single rows in order sorts them.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import NamedTuple, TypeVar

import numpy as np
from numpy.typing import NDArray

from istrel.stats.distinct import distinct_values, places_among
from istrel.stats.grouping import FEW
from istrel.stats.survey.distribution import NEAR, Distribution, distribution
from istrel.stats.survey.sample import summed

Array = NDArray[np.float64]
Codes = NDArray[np.integer]
Number = TypeVar("Number", bound=np.generic)
CLASSES = 2**14  # of all groups together; of a group no fewer than
FEWEST_CLASSES = 2**8


class _Classes(NamedTuple):
    """The class of each row within its group, from 0, and Σw up to each class, shape (groups, classes)."""

    place: NDArray[np.int16]
    running: Array


@dataclass(frozen=True, eq=False)
class Unsorted:
    """Values of rows in groups, with their weights, all above 0.

    Attributes
    ----------
    values, weights, codes
        (rows,): finite values, weights, and the group of each row, from 0.
    """

    values: Array
    weights: Array
    codes: NDArray[np.int64]
    n_groups: int

    @cached_property
    def ordered(self) -> Distribution:
        """The values in order."""
        return distribution(self.values, self.weights, self.codes, self.n_groups)

    @cached_property
    def sizes(self) -> NDArray[np.int64]:
        return np.bincount(self.codes, minlength=self.n_groups)

    @cached_property
    def sums(self) -> Array:
        """Σw of each group."""
        return summed(self.codes, self.weights, self.n_groups)

    @cached_property
    def extremes(self) -> tuple[Array, Array]:
        """(smallest, largest) value of each group; NaN for none."""
        low, high = np.full(self.n_groups, np.inf), np.full(self.n_groups, -np.inf)
        if self.n_groups == 1:
            low[0], high[0] = self.values.min(initial=np.inf), self.values.max(initial=-np.inf)
        else:
            np.minimum.at(low, self.codes, self.values)
            np.maximum.at(high, self.codes, self.values)
        none = self.sizes == 0
        return np.where(none, np.nan, low), np.where(none, np.nan, high)

    @cached_property
    def _classes(self) -> _Classes:
        n = max(FEWEST_CLASSES, CLASSES // self.n_groups)
        low, high = float(self.values.min()), float(self.values.max())
        with np.errstate(over="ignore"):
            scale = n / (high - low) if high > low else 0.0
        if not 0 < scale < np.inf:  # all equal, or too far apart: one class
            place = np.zeros(self.values.size, np.int16)
        else:
            place = np.minimum((self.values - low) * scale, n - 1).astype(np.int16)
        places = place if self.n_groups == 1 else self.codes * n + place
        sums = summed(places, self.weights, self.n_groups * n).reshape(-1, n)
        return _Classes(place, np.cumsum(sums, axis=1))

    def quantiles(self, shares: Array) -> Array:
        """As `Distribution.quantiles`."""
        if not self.values.size:
            return np.full(self.n_groups, np.nan)
        place, running = self._classes
        whole = running[:, -1]
        wanted, near = shares * whole, NEAR * whole
        met = np.minimum((running < (wanted - near)[:, None]).sum(axis=1), running.shape[1] - 1)
        inside = np.flatnonzero(place == self._of_rows(met.astype(np.int16)))
        few = distribution(self.values[inside], self.weights[inside], self.codes[inside], self.n_groups)
        below = np.where(met > 0, running[np.arange(self.n_groups), met - 1], 0.0)
        reached = few.reached(wanted - below, near)
        if (last := reached.between & ~reached.has_next).any():  # the next value stands in a later class
            halves = np.where(last, reached.value / 2 + self._next(reached.value) / 2, reached.found)
        else:
            halves = reached.found
        return np.where((self.sizes > 0) & (shares > 0) & (shares < 1), halves, np.nan)

    def _of_rows(self, of_groups: NDArray[Number]) -> NDArray[Number]:
        """What each row has of its group; one for all where there is one group."""
        return of_groups if self.n_groups == 1 else of_groups[self.codes]

    def _next(self, values: Array) -> Array:
        """The smallest value above one of each group; that one where it is the largest."""
        above = np.where(self.values > self._of_rows(values), self.values, np.inf)
        found = np.full(self.n_groups, np.inf)
        np.minimum.at(found, self.codes, above)
        return np.where(np.isinf(found), values, found)

    def share_at_most(self, limits: Array) -> Array:
        """As `Distribution.share_at_most`."""
        inside = summed(self.codes, self.weights * (self.values <= self._of_rows(limits)), self.n_groups)
        with np.errstate(invalid="ignore", divide="ignore"):
            return np.asarray(inside / self.sums)

    def share_between(self, low: Array, high: Array) -> Array:
        """As `Distribution.share_between`."""
        there = (self.values >= self._of_rows(low)) & (self.values <= self._of_rows(high))
        inside = summed(self.codes, self.weights * there, self.n_groups)
        with np.errstate(invalid="ignore", divide="ignore"):
            return np.asarray(inside / self.sums)

    def mode(self, group: int) -> tuple[float, ...]:
        """As `Distribution.mode`."""
        return self.ordered.mode(group)

    def group(self, which: int) -> tuple[Array, Array]:
        """As `Distribution.group`."""
        return self.ordered.group(which)

    def members(self, which: int) -> tuple[Array, Array]:
        """The values of one group and their weights, as they stand."""
        inside = self.codes == which
        return self.values[inside], self.weights[inside]


Spread = Distribution | Unsorted


def spread(values: Array, weights: Array, codes: Codes, n_groups: int) -> Spread:
    """What tells quantiles and shares of the rows that are in a group (code from 0): each value once with the sum of its weights
    in each group where values are few, in order where groups are many, else the rows as they stand.
    """
    used = codes >= 0
    own, group, weighing = values, codes.astype(np.int64, copy=False), weights
    if not used.all():
        own, group, weighing = values[used], group[used], weights[used]
    few = distinct_values(own[: FEW + 1]).size * n_groups <= FEW  # more of them cannot be fewer
    distinct = distinct_values(own) if few else own
    size = distinct.size * n_groups
    if size > FEW:
        crowded = n_groups * FEWEST_CLASSES > own.size  # classes would take more room than rows in order
        return distribution(own, weighing, group, n_groups) if crowded else Unsorted(own, weighing, group, n_groups)
    place = group * distinct.size + places_among(own, distinct)
    there = np.flatnonzero(np.bincount(place, minlength=size))
    sums = summed(place, weighing, size)[there]
    bounds = np.searchsorted(there, distinct.size * np.arange(n_groups + 1))
    return Distribution(distinct[there % max(distinct.size, 1)], sums, bounds.astype(np.int64))
