"""Weighted shares of levels in groups, with linearized standard errors and intervals on the logit scale."""

from __future__ import annotations

from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.student import t_quantile
from istrel.stats.survey.sample import Sample, summed

Array = NDArray[np.float64]


@dataclass(frozen=True, eq=False)
class Shares:
    """Shares of levels, each array of shape (groups, levels).

    Attributes
    ----------
    sums
        Σw of each level.
    share
        Of the sum of the group's levels; NaN where that is 0.
    error
        The linearized standard error.
    design_effect
        The variance over that of a simple random sample, p(1 − p)/(n − 1).
    """

    sums: Array
    share: Array
    error: Array
    design_effect: Array

    def limits(self, df: float, confidence: float) -> tuple[Array, Array]:
        """Limits of the shares: symmetric on the logit scale, by t; NaN where a share is 0 or 1."""
        p = self.share
        with np.errstate(divide="ignore", invalid="ignore"):
            logit, reach = np.log(p / (1 - p)), t_quantile(df, confidence) * self.error / (p * (1 - p))
            low, high = 1 / (1 + np.exp(-(logit - reach))), 1 / (1 + np.exp(-(logit + reach)))
        inside = (p > 0) & (p < 1)
        return np.where(inside, low, np.nan), np.where(inside, high, np.nan)


def shares(levels: NDArray[np.integer], codes: NDArray[np.integer], shape: tuple[int, int], sample: Sample) -> Shares:
    """The shares of levels (from 0) in groups (from 0); a row with neither (-1) counts nowhere.

    Parameters
    ----------
    shape
        (groups, levels).
    """
    n_groups, n_levels = shape
    used = (levels >= 0) & (codes >= 0)
    cells = np.where(used, codes * n_levels + levels, -1)
    sums = sample.sums(cells, n_groups * n_levels).reshape(shape)
    whole = sums.sum(axis=1, keepdims=True)
    n = np.bincount(codes[used], minlength=n_groups)[:, None]
    with np.errstate(divide="ignore", invalid="ignore"):
        p = sums / whole
        variance = _variance(sample, cells, np.where(used, codes, -1), shape, p) / whole**2
        effect = variance / (p * (1 - p) / (n - 1))
    effect = np.where(np.isfinite(effect), effect, np.nan)
    return Shares(sums, p, np.sqrt(variance), effect)


def _variance(
    sample: Sample, cells: NDArray[np.integer], codes: NDArray[np.integer], shape: tuple[int, int], p: Array
) -> Array:
    """The variance of Σ w(level) − p Σ w of each level of each group, from what clusters add up to in both."""
    sums = _of_rows(sample, cells, shape) if sample.each else _of_clusters(sample, cells, codes, shape)
    left = sums.by_level - p * sums.by_group
    spread = np.tensordot(sample.factors / sample.sizes, left**2, axes=1)
    within = sums.squares - 2 * p * sums.crossed + p**2 * sums.of_group - spread
    alone = left[sample.sizes == 1] - left.sum(axis=0) / sample.strata.size
    return np.asarray(np.maximum(within, 0.0) + (alone**2).sum(axis=0))


class _Sums(NamedTuple):
    """What clusters add up to: squares in each level, products with their group and squares of it, shapes (groups, levels) and
    (groups, 1), with the factors of their strata; sums by stratum, shapes (strata, groups, levels) and (strata, groups, 1).
    """

    squares: Array
    crossed: Array
    of_group: Array
    by_level: Array
    by_group: Array


def _of_rows(sample: Sample, cells: NDArray[np.integer], shape: tuple[int, int]) -> _Sums:
    """Where each row is a cluster it is in one level alone: its product with the group is its square."""
    used = (cells >= 0) & (sample.clusters >= 0)
    size, n_strata = shape[0] * shape[1], sample.sizes.size
    place, weights = (cells, sample.weights) if bool(used.all()) else (cells[used], sample.weights[used])
    if n_strata > 1:
        place = sample.strata[sample.clusters[used]] * size + place
    by_level = summed(place, weights, n_strata * size).reshape(n_strata, *shape)
    of_each = summed(place, weights * weights, n_strata * size).reshape(n_strata, *shape)
    squares = np.tensordot(sample.factors, of_each, axes=1)
    of_group = squares.sum(axis=1, keepdims=True)
    return _Sums(squares, squares, of_group, by_level, by_level.sum(axis=2, keepdims=True))


def _of_clusters(
    sample: Sample, cells: NDArray[np.integer], codes: NDArray[np.integer], shape: tuple[int, int]
) -> _Sums:
    n_groups, n_levels = shape
    size = n_groups * n_levels
    part = sample.totals(sample.weights, cells, size)
    whole = sample.totals(sample.weights, codes, n_groups)
    strata, n_strata = sample.strata, sample.sizes.size
    key = whole.clusters * n_groups + whole.groups
    order = np.argsort(key)
    mine = whole.sums[order[np.searchsorted(key[order], part.clusters * n_groups + part.groups // n_levels)]]
    factor = sample.factors
    inner, outer = factor[strata[part.clusters]], factor[strata[whole.clusters]]
    squares = summed(part.groups, inner * part.sums**2, size).reshape(shape)
    crossed = summed(part.groups, inner * part.sums * mine, size).reshape(shape)
    of_group = summed(whole.groups, outer * whole.sums**2, n_groups)[:, None]
    by_level = summed(strata[part.clusters] * size + part.groups, part.sums, n_strata * size)
    by_group = summed(strata[whole.clusters] * n_groups + whole.groups, whole.sums, n_strata * n_groups)
    return _Sums(
        squares, crossed, of_group, by_level.reshape(n_strata, *shape), by_group.reshape(n_strata, n_groups, 1)
    )
