"""Which values lie far from the rest."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.moderate import moderate
from istrel.stats.quick import quantiles_of_each, quick_quantiles

FAR = 2.5  # in quartile distances beyond the quartile: 4 standard deviations of a normal variable
FAR_IN_STEPS = 3.0  # of whole numbers as they are, where a step more lies between the quartiles
GAP = 0.5  # in quartile distances: remote values stand apart from the bulk
MOST_REMOTE = 0.005
FEW_ZEROS, MANY_ZEROS = 0.05, 0.2
FEWEST = 20  # fewer values have no bulk
FEWEST_IN_OTHER_UNIT, MOST_IN_OTHER_UNIT = 2, 0.2  # one alone is a slip of the pen as well
LEAST_STEP, WIDEST_REST = 10.0, 4.0
A_LOOK = 10_000


def remote(values: NDArray[np.float64]) -> NDArray[np.bool_]:
    """Values that stand apart from the bulk and far out, shape (n,).

    Notes
    -----
    High values of a skewed variable are looked at in logarithms, with zeros in square roots; where a fifth is 0, the others by
    themselves. A value is remote where it
    lies more than FAR quartile distances beyond the quartile and a gap of GAP quartile distances parts it from the rest.
    """
    none = np.zeros(values.size, bool)
    if values.size < FEWEST:
        return none
    there = values != 0
    if there.mean() < 1 - MANY_ZEROS:  # who has none says nothing about how much the others have
        found = none
        found[there] = remote(values[there])
        return found
    values, _ = moderate(values)
    most = max(5, int(MOST_REMOTE * values.size))
    scaled = _even(values)
    found = np.asarray((scaled > _limit(scaled, most)) | (-values > _limit(-values, most)))
    return found & _beyond_steps(values) if found.any() and np.array_equal(values, np.floor(values)) else found


def may_be_remote(ordered: NDArray[np.float64], n: NDArray[np.int64]) -> NDArray[np.bool_]:
    """Whether any value of a column may be remote, shape (columns,): a first look at many at once, which never misses one.

    Parameters
    ----------
    ordered, n
        Finite values, ascending within each column and infinite behind the n-th, shape (columns, rows); how many there are.
    """
    zeros = (ordered == 0).sum(axis=1)
    roots = (ordered[:, 0] >= 0) & (zeros > FEW_ZEROS * n)
    logarithms = (ordered[:, 0] >= 0) & ~roots
    with np.errstate(all="ignore"):
        other = np.where(logarithms[:, None], np.log(ordered), np.where(roots[:, None], np.sqrt(ordered), ordered))
    lean, lean_of_other = _leans(ordered, n), _leans(other, n)
    above, above_in_other = _any_above(ordered, n), _any_above(other, n)
    near = np.abs(lean - lean_of_other) <= 1e-9
    below = _any_above(-ordered, n, below=True)
    found = np.where(near, above | above_in_other, np.where(lean_of_other < lean, above_in_other, above)) | below
    some_zeros = logarithms & (zeros > 0)  # which one scale takes for the smallest of the others
    return (n >= FEWEST) & (found | (some_zeros & (above | above_in_other)) | (zeros > MANY_ZEROS * n))


def _any_above(ordered: NDArray[np.float64], n: NDArray[np.int64], *, below: bool = False) -> NDArray[np.bool_]:
    """Whether the last value of each column (the first, of values that descend) lies far beyond the quartile."""
    low, high = (quantiles_of_each(ordered, n, share) for share in ((0.75, 0.25) if below else (0.25, 0.75)))
    end = ordered[:, 0] if below else ordered[np.arange(n.size), n - 1]
    return np.asarray(end > high + FAR * (high - low))


def _leans(ordered: NDArray[np.float64], n: NDArray[np.int64]) -> NDArray[np.float64]:
    """As `_lean`, of each column."""
    low, median, high = (quantiles_of_each(ordered, n, share) for share in (0.02, 0.5, 0.98))
    with np.errstate(all="ignore"):
        return np.where(high > low, np.abs(high + low - 2 * median) / (high - low), 0.0)


def may_be_in_other_unit(n: int, low: float, high: float) -> bool:
    """Whether values between these ends may be in two units."""
    return n >= FEWEST and low > 0 and high >= LEAST_STEP * low


def _beyond_steps(values: NDArray[np.float64]) -> NDArray[np.bool_]:
    """Of whole numbers those that are far also where a step more or less lies between the quartiles: counts have such tails."""
    low, high = quick_quantiles(values, (0.25, 0.75))
    reach = FAR_IN_STEPS * (high - low + 1.0)
    return np.asarray((values > high + reach) | (values < low - reach))


def _limit(values: NDArray[np.float64], most: int) -> float:
    """The value above which values are few, far beyond the upper quartile, and parted from the rest; infinite if none are."""
    low, high = quick_quantiles(values, (0.25, 0.75))
    spread = high - low
    if spread <= 0:
        return float("inf")
    tail = np.sort(np.partition(values, -most - 1)[-most - 1 :]) if values.size > most + 1 else np.sort(values)
    steps = np.flatnonzero((np.diff(tail) > GAP * spread) & (tail[1:] > high + FAR * spread))
    return float(tail[steps[0]]) if steps.size else float("inf")


def _even(values: NDArray[np.float64]) -> NDArray[np.float64]:
    """Values in the scale in which the bulk is more nearly symmetric: as they are, in logarithms, or in square roots."""
    if float(values.min()) < 0:
        return values
    if float(np.mean(values == 0)) > FEW_ZEROS:
        other = np.sqrt(values)
    else:  # a few zeros say nothing about high values
        other = np.log(np.where(values == 0, values[values > 0].min(), values))
    return other if _lean(other) < _lean(values) else values


def _lean(values: NDArray[np.float64]) -> float:
    """How far the 2nd and 98th percentiles are from lying evenly about the median, as a share of their distance."""
    low, median, high = quick_quantiles(values, (0.02, 0.5, 0.98))
    return abs(high + low - 2 * median) / (high - low) if high > low else 0.0


class OtherUnit(NamedTuple):
    """Which values are of another unit, shape (n,), and by what they are too large (or too small)."""

    mask: NDArray[np.bool_]
    factor: float
    larger: bool


def other_unit(values: NDArray[np.float64]) -> OtherUnit | None:
    """The few values that are a hundred or a thousand times (or part of) what they would be in the unit of the rest.

    Notes
    -----
    All are above 0; a fifth at most lies beyond four times the median (or its fourth part) on one side, a step of ten apart
    from the rest; that lies within a factor of 4, and brought into its unit the few lie among it. Nothing is sorted, and the
    median is that of a sample: every column is looked at.
    """
    if values.size < FEWEST or not may_be_in_other_unit(values.size, *_ends(values)):
        return None
    (median,) = quick_quantiles(values[:: max(1, values.size // A_LOOK)], (0.5,))
    above, below = values > WIDEST_REST * median, values < median / WIDEST_REST
    larger = bool(above.any())
    mask = above if larger else below
    few = int(mask.sum())
    if (larger and below.any()) or not FEWEST_IN_OTHER_UNIT <= few <= MOST_IN_OTHER_UNIT * values.size:
        return None
    rest, others = (_ends(values[part]) for part in (~mask, mask))
    step = others[0] / rest[1] if larger else rest[0] / others[1]
    if rest[1] > WIDEST_REST * rest[0] or step < LEAST_STEP:
        return None
    for factor in (100.0, 1000.0):
        low, high = (end / factor if larger else end * factor for end in others)
        if rest[0] * 0.9 <= low and high <= rest[1] * 1.1:
            return OtherUnit(mask, factor, larger)
    return None


def _ends(values: NDArray[np.float64]) -> tuple[float, float]:
    return float(values.min()), float(values.max())
