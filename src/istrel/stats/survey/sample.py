"""A sample of a population: weights, strata and first-stage clusters; variances of totals by what clusters add up to."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Codes = NDArray[np.integer]
DENSE = 4  # times as many places as there are rows: totals are counted into all of them at once


class Totals(NamedTuple):
    """What clusters add up to in groups, one entry for each cluster that is in a group."""

    clusters: NDArray[np.int64]
    groups: NDArray[np.int64]
    sums: Array


@dataclass(frozen=True, eq=False)
class Sample:
    """The design of a sample. Groups of its rows are domains: clusters without a row in a group count as 0 there.

    Attributes
    ----------
    weights
        float64 (rows,): how many of the population a row stands for; 0 for rows that are not in the sample.
    clusters
        int64 (rows,): the cluster of each row, from 0; -1 for rows that are not in the sample.
    strata
        int64 (clusters,): the stratum of each cluster, from 0.
    each
        Whether each row is a cluster of its own.

    Notes
    -----
    The variance of a total is Σₕ nₕ/(nₕ − 1) Σ (z − z̄ₕ)² over the nₕ clusters of stratum h (with replacement). A stratum
    with one cluster is centred at the mean of all clusters.
    """

    weights: Array
    clusters: NDArray[np.int64]
    strata: NDArray[np.int64]
    each: bool = False

    @cached_property
    def sizes(self) -> NDArray[np.int64]:
        """Clusters of each stratum."""
        return np.bincount(self.strata)

    @property
    def lonely(self) -> int:
        """How many strata have one cluster."""
        return int((self.sizes == 1).sum())

    @property
    def df(self) -> float:
        """Degrees of freedom: clusters less strata."""
        return float(self.strata.size - self.sizes.size)

    @cached_property
    def factors(self) -> Array:
        """nₕ/(nₕ − 1) of each stratum; 0 for one with one cluster."""
        n = self.sizes.astype(np.float64)
        return np.where(n > 1, n / np.maximum(n - 1, 1), 0.0)

    @cached_property
    def _whole(self) -> bool:
        """Whether every row is in the sample."""
        return bool(self.clusters.min(initial=0) >= 0)

    def inside(self, codes: Codes) -> NDArray[np.bool_]:
        """Which rows are in the sample and in a group."""
        return codes >= 0 if self._whole else (codes >= 0) & (self.clusters >= 0)

    def totals(self, scores: Array, codes: Codes, n_groups: int) -> Totals:
        """What clusters add up to in groups; rows of no group (-1) and out of the sample count nowhere."""
        used = self.inside(codes)
        clusters, groups, values = self.clusters, codes.astype(np.int64, copy=False), scores
        if not used.all():
            clusters, groups, values = clusters[used], groups[used], values[used]
        if self.each:
            return Totals(clusters, groups, values)
        keys = clusters * n_groups + groups
        size = self.strata.size * n_groups
        if size <= DENSE * max(keys.size, 1):
            found = np.flatnonzero(np.bincount(keys, minlength=size))
            sums = summed(keys, values, size)[found]
        else:
            found, place = np.unique(keys, return_inverse=True)
            sums = summed(place.ravel(), values, found.size)
        return Totals(found // n_groups, found % n_groups, sums)

    def variances(self, scores: Array, codes: Codes, n_groups: int) -> Array:
        """The variance of the total of the scores in each group, shape (groups,)."""
        totals = self.totals(scores, codes, n_groups)
        place, size = totals.groups, self.sizes.size * n_groups
        if self.sizes.size > 1:
            place = self.strata[totals.clusters] * n_groups + place
        sums = summed(place, totals.sums, size)
        there = (np.bincount(place, minlength=size) if size > 1 else np.array([place.size])).reshape(-1, n_groups)
        means = sums.reshape(-1, n_groups) / self.sizes[:, None]
        off = totals.sums - (means.ravel()[place] if size > 1 else means.ravel())
        off *= off
        within = summed(place, off, size).reshape(-1, n_groups)
        within = within + (self.sizes[:, None] - there) * means**2
        found: Array = (self.factors[:, None] * within).sum(axis=0) + self._alone(sums.reshape(-1, n_groups))
        return found

    def _alone(self, sums: Array) -> Array:
        """What strata with one cluster add to a variance, from sums by stratum and group."""
        alone = self.sizes == 1
        grand = sums.sum(axis=0) / self.strata.size
        added: Array = ((sums[alone] - grand) ** 2).sum(axis=0)
        return added

    def covariance(self, scores: Array, codes: Codes, n_groups: int) -> Array:
        """The covariances of the totals of groups, shape (groups, groups)."""
        totals = self.totals(scores, codes, n_groups)
        strata = self.strata[totals.clusters]
        place = strata * n_groups + totals.groups
        sums = summed(place, totals.sums, self.sizes.size * n_groups).reshape(-1, n_groups)
        found = self._products(totals, n_groups) - sums.T @ (sums * (self.factors / self.sizes)[:, None])
        alone = sums[self.sizes == 1] - sums.sum(axis=0) / self.strata.size
        found += alone.T @ alone
        np.fill_diagonal(found, self.variances(scores, codes, n_groups))
        return np.asarray(found, np.float64)

    def _products(self, totals: Totals, n_groups: int) -> Array:
        """Σ factor · total · total over the clusters, of each pair of groups; few of many clusters reach into two groups."""
        from scipy.sparse import csr_array

        shape = (self.strata.size, n_groups)
        if self.strata.size * n_groups <= DENSE * totals.sums.size:
            places = totals.clusters * n_groups + totals.groups
            each = summed(places, totals.sums, self.strata.size * n_groups).reshape(shape)
            return np.asarray(each.T @ (each * self.factors[self.strata][:, None]))
        weighed = totals.sums * self.factors[self.strata[totals.clusters]]
        one, other = (csr_array((x, (totals.clusters, totals.groups)), shape=shape) for x in (totals.sums, weighed))
        return np.asarray((one.T @ other).toarray())

    def sums(self, codes: Codes, n_groups: int, scores: Array | None = None) -> Array:
        """Σw (or of scores) of each group, shape (groups,)."""
        used = self.inside(codes)
        values = self.weights if scores is None else scores
        if bool(used.all()):
            return summed(codes, values, n_groups)
        return summed(codes[used], values[used], n_groups)


def sample_of(weights: Array, inside: NDArray[np.bool_], strata: Codes | None, clusters: Codes | None) -> Sample:
    """The design of the rows that are inside; a cluster lies in one stratum: the same name in another is another one.

    Parameters
    ----------
    weights
        float64 (rows,), above 0 where inside.
    strata, clusters
        Integer (rows,), from 0 where inside; None for one stratum, and for rows that are clusters themselves.
    """
    rows = np.flatnonzero(inside)
    stratum = np.zeros(rows.size, np.int64) if strata is None else _counted_up(strata[rows])
    places = np.full(weights.size, -1, np.int64)
    if clusters is None:
        places[rows] = np.arange(rows.size)
        return Sample(np.where(inside, weights, 0.0), places, stratum, each=True)
    keys = stratum * (int(clusters[rows].max(initial=0)) + 1) + clusters[rows]
    found, first, place = np.unique(keys, return_index=True, return_inverse=True)
    del found
    places[rows] = place.ravel()
    return Sample(np.where(inside, weights, 0.0), places, stratum[first])


def summed(places: Codes, values: Array, size: int) -> Array:
    """The sum of the values at each place, float64 (size,)."""
    if size == 1:
        return np.array([values.sum()], np.float64)
    return np.asarray(np.bincount(places, values, minlength=size), np.float64)


def _counted_up(codes: Codes) -> NDArray[np.int64]:
    return np.unique(codes, return_inverse=True)[1].ravel().astype(np.int64)
