"""Quantiles and what is read off the order of values: median, spread, mode, extremes, fences."""

from __future__ import annotations

from dataclasses import dataclass
from itertools import pairwise
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Estimates, estimates
from istrel.stats.grouping import Arranged
from istrel.stats.moments import mean_of

Array = NDArray[np.float64]
QuantileType = Literal[6, 7, 8]
EMPTY = "no_values"
BLOCK = 65_536
MAD_TO_SD = 1.4826
ROBUST_Z, Z_OF_MAD = 3.5, 0.6745


def quantile(cells: Arranged, p: float, *, kind: QuantileType = 7) -> Estimates:
    """The p-quantile of every group (Hyndman & Fan 1996, types 6, 7 and 8); undefined for an empty group.

    Notes
    -----
    Position h, counted from 1: type 6 (n+1)p, type 7 (n-1)p + 1, type 8 (n+1/3)p + 1/3; linear between neighbours and
    held at the extremes.
    """
    n = cells.sizes.astype(np.float64)
    position = {6: (n + 1) * p, 7: (n - 1) * p + 1, 8: (n + 1 / 3) * p + 1 / 3}[kind] - 1
    position = np.clip(position, 0, np.maximum(n - 1, 0))
    below = np.floor(position).astype(np.int64)
    if cells.values.size == 0:
        return estimates(np.full(n.size, np.nan), (n < 1, EMPTY))
    low, high = cells.nth(below), cells.nth(np.minimum(below + 1, np.maximum(cells.sizes - 1, 0)))
    part = position - below
    between = (1 - part) * low + part * high
    # Between equal values lies that value, not one beside it by rounding; and never one outside of its neighbours.
    return estimates(np.where((part == 0) | (low == high), low, np.clip(between, low, high)), (n < 1, EMPTY))


def median_ranks(n: NDArray[np.int64], *, confidence: float = 0.95) -> NDArray[np.int64]:
    """Of n values in order, from 1, that at which the interval of the median begins; it ends as far from the other end. 0 where
    so few values have none: the largest k with P(X < k) ≤ (1 − confidence)/2, X binomial of n and ½.
    """
    from istrel.stats.special import bdtr, ndtri

    tail = (1 - confidence) / 2
    size = np.maximum(n, 1).astype(np.int64)
    rank = np.clip(np.floor(size / 2 + float(ndtri(tail)) * np.sqrt(size) / 2), 0, size)
    while (more := bdtr(rank, size, 0.5) <= tail).any():
        rank = rank + more
    while (fewer := (rank > 0) & (bdtr(np.maximum(rank - 1, 0), size, 0.5) > tail)).any():
        rank = rank - fewer
    return np.where(n > 0, rank, 0).astype(np.int64)


def median_level(n: int, *, confidence: float = 0.95) -> float:
    """The level that the interval of a median of n values truly has; NaN where there is none."""
    from istrel.stats.special import bdtr

    rank = int(median_ranks(np.array([n]), confidence=confidence)[0])
    return 1 - 2 * float(bdtr(rank - 1, n, 0.5)) if rank else float("nan")


def median_interval(cells: Arranged, *, confidence: float = 0.95) -> tuple[Estimates, Estimates]:
    """Limits of the median of every group by order statistics, without any form of distribution (Thompson 1936)."""
    ranks = median_ranks(cells.sizes, confidence=confidence)
    few = ranks < 1
    if not cells.values.size:
        none = estimates(np.full(few.size, np.nan), (few, "too_few_values"))
        return none, none
    low, high = cells.nth(np.maximum(ranks - 1, 0)), cells.nth(np.maximum(cells.sizes - ranks, 0))
    return estimates(low, (few, "too_few_values")), estimates(high, (few, "too_few_values"))


def share_between(cells: Arranged, low: Array, high: Array) -> Array:
    """The share of each group's values from its own `low` to its own `high`, both included; NaN for an empty group."""
    below, upto = (cells.places(limits[:, None], after=after)[:, 0] for limits, after in ((low, False), (high, True)))
    with np.errstate(invalid="ignore", divide="ignore"):
        return np.asarray((upto - below) / cells.sizes)


def minimum(cells: Arranged) -> Estimates:
    return quantile(cells, 0.0)


def maximum(cells: Arranged) -> Estimates:
    return quantile(cells, 1.0)


def value_range(cells: Arranged) -> Estimates:
    """Maximum minus minimum."""
    with np.errstate(over="ignore"):
        return estimates(maximum(cells).values - minimum(cells).values, (cells.sizes < 1, EMPTY))


def interquartile_range(cells: Arranged, *, kind: QuantileType = 7) -> Estimates:
    """Third minus first quartile."""
    spread = quantile(cells, 0.75, kind=kind).values - quantile(cells, 0.25, kind=kind).values
    return estimates(spread, (cells.sizes < 1, EMPTY))


def _from_distances(cells: Arranged, centre: Array) -> Array:
    return np.abs(cells.values - cells.of_each(centre))


def median_absolute_deviation(cells: Arranged) -> Estimates:
    """Median of the distances from the median, without a factor."""
    distances = _from_distances(cells, quantile(cells, 0.5).values)
    return quantile(cells.in_order(distances), 0.5)


def normal_consistent_deviation(cells: Arranged) -> Estimates:
    """The median absolute deviation times 1.4826, which estimates the SD of normal data."""
    return estimates(MAD_TO_SD * median_absolute_deviation(cells).values, (cells.sizes < 1, EMPTY))


def mean_absolute_deviation(cells: Arranged) -> Estimates:
    """Mean of the distances from the mean; what rounding took from the mean is put back into each distance."""
    away = cells.values - cells.of_each(mean_of(cells))
    rest = cells.of_each(mean_of(cells.derived(away)))
    distances = np.abs(away) - np.sign(away) * rest
    return estimates(mean_of(cells.derived(distances)), (cells.sizes < 1, EMPTY))


def trimmed_mean(cells: Arranged, *, proportion: float = 0.05) -> Estimates:
    """Mean without floor(n · proportion) values at each end."""
    cut = np.floor(cells.sizes * proportion + 1e-9).astype(np.int64)
    before = cells.of_each(cells.running[cells.bounds[:-1]])
    first, last = (places - before for places in (cells.running[:-1], cells.running[1:]))  # of a group's cases
    times = np.minimum(last, cells.of_each(cells.sizes - cut)) - np.maximum(first, cells.of_each(cut))
    kept = times > 0
    bounds = np.concatenate([[0], np.cumsum(kept)])[cells.bounds]
    counted = None if cells.times is None else times[kept]
    inner = Arranged(cells.values[kept], bounds, cells.raw, cells.codes, cells.use, times=counted)
    return estimates(mean_of(inner), (cells.sizes < 1, EMPTY))


def geometric_mean(cells: Arranged) -> Estimates:
    """exp of the mean logarithm; undefined where a value is not positive."""
    positive = cells.values > 0
    logs = np.log(np.where(positive, cells.values, 1.0))
    values = np.exp(mean_of(cells.derived(logs)))
    return estimates(values, (cells.sizes < 1, EMPTY), (minimum(cells).values <= 0, "some_values_are_not_positive"))


def harmonic_mean(cells: Arranged) -> Estimates:
    """Reciprocal of the mean reciprocal; undefined where a value is not positive."""
    positive = cells.values > 0
    with np.errstate(over="ignore"):
        inverse = 1.0 / np.where(positive, cells.values, 1.0)
    finite = np.isfinite(inverse)
    values = 1.0 / mean_of(cells.derived(np.where(finite, inverse, 1.0)))
    vast = np.zeros(cells.n_groups, bool)
    vast[cells.of_each(np.arange(cells.n_groups))[~finite]] = True
    return estimates(
        values,
        (cells.sizes < 1, EMPTY),
        (minimum(cells).values <= 0, "some_values_are_not_positive"),
        (vast, "values_too_near_zero"),
    )


@dataclass(frozen=True, eq=False)
class Modes:
    """The most frequent values of every group.

    Attributes
    ----------
    count
        int64 (groups,): how often they occur; 0 for an empty group.
    values
        All modes of all groups one after the other, ascending within a group.
    bounds
        int64 (groups + 1,): the modes of group g are values[bounds[g]:bounds[g + 1]]; none where each value occurs once.
    """

    count: NDArray[np.int64]
    values: Array
    bounds: NDArray[np.int64]

    def at(self, group: int) -> tuple[float, ...]:
        return tuple(self.values[self.bounds[group] : self.bounds[group + 1]].tolist())


def modes(cells: Arranged) -> Modes:
    """All values with the highest count, per group. A group in which each value occurs once (n > 1) has no mode."""
    sizes, values = cells.sizes, cells.values
    starts, runs = _runs(_repeats(cells)) if cells.times is None else _counted_twice(cells.times)
    owner = np.searchsorted(cells.bounds, starts, side="right") - 1
    count = np.minimum(sizes, 1)
    np.maximum.at(count, owner, runs)
    best = runs == count[owner]
    alone = np.flatnonzero(sizes == 1)  # a case by itself is the mode of its group
    chosen = np.concatenate([starts[best], cells.bounds[alone]])
    chosen.sort()
    per_group = np.bincount(np.searchsorted(cells.bounds, chosen, side="right") - 1, minlength=cells.n_groups)
    return Modes(count, values[chosen], np.concatenate([[0], np.cumsum(per_group)]))


def _repeats(cells: Arranged) -> NDArray[np.int64]:
    """Places of values that repeat the one before them in their group; found block by block, for mostly there are none."""
    values, found = cells.values, []
    for start in range(1, values.size, BLOCK):
        stop = min(start + BLOCK, values.size)
        same = values[start:stop] == values[start - 1 : stop - 1]
        if same.any():
            found.append(np.flatnonzero(same) + start)
    if not found:
        return np.zeros(0, np.int64)
    places = np.concatenate(found)
    begins = cells.bounds[:-1]
    nearest = np.minimum(np.searchsorted(begins, places), begins.size - 1)
    return places[begins[nearest] != places]


def _counted_twice(times: NDArray[np.int64]) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """(places, how often) of the values that two cases or more have."""
    places = np.flatnonzero(times > 1)
    return places, times[places]


def _runs(repeats: NDArray[np.int64]) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """(starts, lengths) of runs of two equal values or more."""
    if repeats.size == 0:
        return repeats, repeats
    begins = np.concatenate([[True], repeats[1:] != repeats[:-1] + 1])
    starts = repeats[begins] - 1
    lengths = np.diff(np.append(np.flatnonzero(begins), repeats.size)) + 1
    return starts, lengths


@dataclass(frozen=True)
class CaseValue:
    """A value and the row it stands in, counted from 1; `times` says how many cases the row stands for."""

    value: float
    row: int
    times: int = 1


CaseValues = tuple[CaseValue, ...]


def n_cases(values: CaseValues) -> int:
    """How many cases they are."""
    return sum(value.times for value in values)


def extremes(cells: Arranged, *, k: int = 5) -> tuple[list[CaseValues], list[CaseValues]]:
    """(k lowest ascending, k highest descending) of every group, with their rows; equal values by row."""
    taken = np.minimum(k, cells.sizes)
    filled = taken > 0
    low, high = np.full(cells.n_groups, -np.inf), np.full(cells.n_groups, np.inf)
    low[filled] = cells.nth(np.maximum(taken - 1, 0))[filled]
    high[filled] = cells.nth(cells.sizes - taken)[filled]
    rows, groups = cells.rows_beyond(low, high)
    found = cells.raw[rows]
    lowest = _by_group(cells, rows, groups, np.lexsort((rows, found, groups)), most=k)
    highest = _by_group(cells, rows, groups, np.lexsort((rows, -found, groups)), most=k)
    return lowest, highest


def outside_fences(cells: Arranged, *, reach: float = 1.5, kind: QuantileType = 7) -> list[CaseValues]:
    """Values beyond Tukey's fences, `reach` interquartile ranges outside the quartiles, of every group; ascending."""
    q1, q3 = (quantile(cells, p, kind=kind).values for p in (0.25, 0.75))
    return beyond(cells, q1 - reach * (q3 - q1), q3 + reach * (q3 - q1))


def robust_outliers(cells: Arranged) -> list[CaseValues]:
    """Values whose robust z, 0.6745 (x - Mdn) / MAD, is beyond 3.5 (Iglewicz & Hoaglin 1993), of every group; ascending.

    None in a group whose MAD is 0: more than half of its values are equal.
    """
    middle, spread = quantile(cells, 0.5).values, median_absolute_deviation(cells).values
    reach = np.where(spread > 0, ROBUST_Z * spread / Z_OF_MAD, np.inf)
    return beyond(cells, middle - reach, middle + reach)


def beyond(cells: Arranged, low: Array, high: Array) -> list[CaseValues]:
    """Values below `low` or above `high`, limits of shape (groups,); NaN limits hold nothing."""
    rows, groups = cells.rows_beyond(np.nextafter(low, -np.inf), np.nextafter(high, np.inf))
    return _by_group(cells, rows, groups, np.lexsort((rows, cells.raw[rows], groups)))


def _by_group(
    cells: Arranged,
    rows: NDArray[np.int64],
    groups: NDArray[np.int64],
    order: NDArray[np.int64],
    most: int | None = None,
) -> list[CaseValues]:
    """Rows in an order that goes by group, cut into the groups, at most so many cases of each; a row of several cases once."""
    rows, groups = rows[order], groups[order]
    values, numbers = cells.raw[rows], cells.named(rows)
    times = np.ones(rows.size, np.int64) if cells.row_times is None else cells.row_times[rows]
    if cells.origin is not None and rows.size:  # counted rows that were spread out stand beside themselves
        other = (np.diff(numbers) != 0) | (np.diff(groups) != 0) | (np.diff(values) != 0)
        first = np.flatnonzero(np.concatenate([[True], other]))
        times = np.add.reduceat(times, first)
        values, numbers, groups = values[first], numbers[first], groups[first]
    bounds = np.searchsorted(groups, np.arange(cells.n_groups + 1))
    if most is not None and times.size:
        before = np.cumsum(times) - times
        times = np.clip(most - (before - before[np.minimum(bounds[:-1], times.size - 1)][groups]), 0, times)
    made = []
    for start, stop in pairwise(bounds.tolist()):
        part = slice(start, start + int(np.count_nonzero(times[start:stop])))
        made.append(tuple(map(CaseValue, values[part].tolist(), numbers[part].tolist(), times[part].tolist())))
    return made
