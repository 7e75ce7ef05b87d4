"""Correlations of rows that each stand for many cases: what they are where every case has a row of its own, whatever the counts."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from istrel.stats.correlation import Correlations, from_sums, left_over, without_leftovers
from istrel.stats.frequency import counted
from istrel.stats.kendall import Kendall, tau_of
from istrel.stats.moderate import moderate

Array = NDArray[np.float64]
Mask = NDArray[np.bool_]
Times = NDArray[np.int64]


def pearson(x: Array, valid: Mask, times: Times) -> Correlations:
    """Pearson's r of every pair over the cases that both have (pairwise deletion).

    Parameters
    ----------
    x
        (rows, p); anything where not valid.
    valid
        (rows, p).
    times
        (rows,): how many cases each row stands for, above 0.
    """
    found, doubtful = _matrix(x, valid, times)
    coefficient, constant = found.coefficient.copy(), found.constant.copy()
    for i, j in _doubtful_pairs(doubtful):  # few: what varies lies where the other variable is missing
        both = valid[:, i] & valid[:, j]
        alone, _ = _matrix(x[both][:, [i, j]], np.ones((int(both.sum()), 2), bool), times[both])
        coefficient[i, j] = coefficient[j, i] = alone.coefficient[0, 1]
        constant[i, j], constant[j, i] = alone.constant[0, 1], alone.constant[1, 0]
    return Correlations(coefficient, found.n, constant)


def _doubtful_pairs(doubtful: Mask) -> Iterator[tuple[int, int]]:
    return zip(*(places.tolist() for places in np.nonzero(np.triu(doubtful | doubtful.T, 1))), strict=True)


def _matrix(x: Array, valid: Mask, times: Times) -> tuple[Correlations, Mask]:
    """(coefficients, which of them lost digits) by products of the values about each column's own mean."""
    filled, cases = np.zeros(x.shape), np.where(valid, times[:, None].astype(np.float64), 0.0)
    for k in range(x.shape[1]):
        use = valid[:, k]
        if use.any():
            plain, _ = moderate(x[use, k])
            away = plain - np.average(plain, weights=times[use])
            filled[use, k] = 0.0 if plain.min() == plain.max() else away - np.average(away, weights=times[use])
    there = valid.astype(np.float64)
    weighed = filled * cases
    return from_sums(cases.T @ there, weighed.T @ filled, weighed.T @ there, (weighed * filled).T @ there)


def partial(x: Array, covariates: Array, times: Times) -> Correlations:
    """Pearson's r of what is left of complete columns after regression on covariates, as `correlation.partial` says."""
    left, nothing = left_over(x, covariates, times.astype(np.float64))
    return without_leftovers(pearson(left, np.ones(x.shape, bool), times), nothing)


def mid_ranks(values: Array, times: Times) -> Array:
    """The rank from 1 of the cases of each row; equal values share the mean of their ranks. Shape (rows,)."""
    _, place = np.unique(values, return_inverse=True)
    sizes = counted(place.ravel(), int(place.max(initial=-1)) + 1, times)
    return np.asarray((np.cumsum(sizes) - (sizes - 1) / 2)[place.ravel()])


def spearman(x: Array, valid: Mask, times: Times) -> Correlations:
    """Spearman's rho of every pair, ranks taken within the cases that the pair has in common."""
    if bool(valid.all()):
        return pearson(np.column_stack([mid_ranks(column, times) for column in x.T]), valid, times)
    p = x.shape[1]
    r, n, constant = np.full((p, p), np.nan), np.zeros((p, p), np.int64), np.zeros((p, p), bool)
    for i, j in [(k, k) for k in range(p)] + list(combinations(range(p), 2)):
        both = valid[:, i] & valid[:, j]
        ranks = np.column_stack([mid_ranks(x[both, k], times[both]) for k in (i, j)])
        found = pearson(ranks, np.ones(ranks.shape, bool), times[both])
        r[i, j] = r[j, i] = found.coefficient[0, 1]
        n[i, j] = n[j, i] = found.n[0, 1]
        constant[i, j], constant[j, i] = found.constant[0, 1], found.constant[1, 0]
    return Correlations(r, n, constant)


def kendall(x: Array, y: Array, times: Times) -> Kendall:
    """Kendall's tau-b of complete pairs; see `stats.kendall.kendall`."""
    order = np.lexsort((y, x))
    x, y, times = x[order], y[order], times[order]
    _, in_x = np.unique(x, return_inverse=True)
    _, in_y = np.unique(y, return_inverse=True)
    in_x, in_y = in_x.ravel(), in_y.ravel()
    joint = in_x.astype(np.int64) * (int(in_y.max(initial=0)) + 1) + in_y
    ties_x, ties_y, ties = (
        _cases_of_each(codes, times) for codes in (in_x, in_y, np.unique(joint, return_inverse=True)[1])
    )
    return tau_of(int(times.sum()), ties_x, ties_y, float((ties * (ties - 1) / 2).sum()), _discordant(in_y, times))


def _cases_of_each(codes: NDArray[np.integer], times: Times) -> Array:
    """Cases of each value that more than one has."""
    sizes = counted(codes.ravel(), int(codes.max(initial=-1)) + 1, times)
    return sizes[sizes > 1].astype(np.float64)


def _discordant(ranks: NDArray[np.integer], times: Times) -> float:
    """Pairs of cases in the wrong order, of rows whose ranks should ascend.

    Notes
    -----
    Sorted neighbours are merged, all runs of a length at once; each row of a left half meets the cases of the right half
    that come before it (after Knight 1966).
    """
    size = 1 << max(1, (ranks.size - 1).bit_length())
    keys: NDArray[np.int64] = np.full(size, int(ranks.max(initial=0)) + 1, np.int64)
    cases: Array = np.zeros(size)
    keys[: ranks.size], cases[: ranks.size] = ranks, times
    found, width = 0.0, 1
    while width < size:
        right = np.broadcast_to(np.arange(2 * width) >= width, (size // (2 * width), 2 * width))
        order = np.argsort(2 * keys.reshape(right.shape) + right, axis=1, kind="stable")
        from_right = np.take_along_axis(right, order, axis=1)
        keys = np.take_along_axis(keys.reshape(right.shape), order, axis=1)
        cases = np.take_along_axis(cases.reshape(right.shape), order, axis=1)
        before = np.cumsum(np.where(from_right, cases, 0.0), axis=1)
        found += float((np.where(from_right, 0.0, cases) * before).sum())
        width *= 2
    return found


def eta(values: Array, codes: NDArray[np.integer], n_groups: int, times: Times) -> float:
    """Correlation ratio: root of the share of variance that lies between groups; NaN without spread."""
    away = values - np.average(values, weights=times)
    total = float((times * away * away).sum())
    if total <= 0:
        return float("nan")
    sizes, sums = np.bincount(codes, times, n_groups), np.bincount(codes, away * times, n_groups)
    return float(np.sqrt(min(1.0, float((sums[sizes > 0] ** 2 / sizes[sizes > 0]).sum()) / total)))
