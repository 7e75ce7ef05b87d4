"""What is asked of every column of numbers before anything else, found for many short columns at once."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.stats.bars import bars
from istrel.stats.moderate import EXTREME
from istrel.stats.quick import quantiles_of_each
from istrel.stats.remote import may_be_remote
from istrel.stats.valleys import may_have_humps

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
SHARES = (0.02, 0.25, 0.5, 0.75, 0.98)
AT_ONCE = 128  # columns whose rough densities fit the cache
REACH = 4.0  # quartile distances beyond the quartiles to which the bulk goes at most


@dataclass(frozen=True, eq=False, slots=True)
class Glance:
    """A column of finite numbers of moderate size, at least one of them.

    Attributes
    ----------
    n
        How many values there are.
    distinct, counts
        The different values, ascending, and how often each occurs.
    marked
        Whether one of the values asked for is among them.
    whole, zeros
        Whether all are whole numbers; how many are 0.
    quantiles
        At 2, 25, 50, 75 and 98 %, linear between neighbours.
    mean, skewness
        The skewness is that of the moments, to about six digits; NaN where nothing varies.
    limits, heights
        Between which the bulk of the values lies, and how many of them are in each of 18 equal classes between these.
    far
        Whether one of them may lie far from the rest.
    valley
        Whether their density may have more than one hump; False where they are too few.
    """

    n: int
    distinct: Floats
    counts: NDArray[np.int64]
    marked: bool
    whole: bool
    zeros: int
    quantiles: tuple[float, float, float, float, float]
    mean: float
    skewness: float
    limits: tuple[float, float]
    heights: Floats
    valley: bool
    far: bool

    @property
    def low(self) -> float:
        return float(self.distinct[0])

    @property
    def high(self) -> float:
        return float(self.distinct[-1])


def glances(values: Floats, valid: Mask, marks: Floats, fewest: int = 2, finest: int = 2) -> list[Glance | None]:
    """A glance at each column; None where it has no value, an infinite one, or one of extreme size.

    Parameters
    ----------
    values, valid
        Numbers and where there is one, shape (columns, rows).
    marks
        Values to look for.
    fewest, finest
        How many values, and how many different ones, a column must have before its humps are looked for.
    """
    finite = np.isfinite(values)
    inside = valid & finite
    n = inside.sum(axis=1)
    usual = (n > 0) & ~(valid & ~finite).any(axis=1) & _moderate(values, inside)
    found: list[Glance | None] = [None] * len(values)
    places = np.flatnonzero(usual)
    if places.size:
        looked = _looked(values[places], inside[places], n[places], marks, fewest, finest)
        for place, glance in zip(places.tolist(), looked, strict=True):
            found[place] = glance
    return found


def _moderate(values: Floats, inside: Mask) -> Mask:
    largest = np.abs(np.where(inside, values, 0.0)).max(axis=1, initial=0.0)
    return np.asarray(np.abs(np.frexp(largest)[1]) <= EXTREME)


def _looked(
    values: Floats, inside: Mask, n: NDArray[np.int64], marks: Floats, fewest: int, finest: int
) -> list[Glance]:
    ordered = np.sort(np.where(inside, values, np.inf), axis=1)
    there = np.arange(ordered.shape[1]) < n[:, None]
    quantiles = np.column_stack([quantiles_of_each(ordered, n, share) for share in SHARES])
    mean, skewness = _moments(values, inside, n)
    first, last = _bulk(ordered[:, 0], ordered[np.arange(n.size), n - 1], quantiles)
    heights = bars(ordered, there, first, last)
    distinct, counts, sizes = _distinct(ordered, there, n)
    valley = (n >= fewest) & (sizes >= finest)
    open_ = np.flatnonzero(valley)
    for start in range(0, open_.size, AT_ONCE):
        some = open_[start : start + AT_ONCE]
        valley[some] = may_have_humps(ordered[some], n[some], quantiles[some][:, (1, 3)])
    starts = np.cumsum(sizes) - sizes
    marked = np.logical_or.reduceat(np.isin(distinct, marks), starts)
    whole = (ordered == np.floor(ordered)).all(axis=1)
    zeros = (inside & (values == 0)).sum(axis=1)
    parts = np.split(distinct, starts[1:]), np.split(counts, starts[1:])
    each: Any = zip(
        n.tolist(),
        *parts,
        marked.tolist(),
        whole.tolist(),
        zeros.tolist(),
        map(tuple, quantiles.tolist()),
        mean.tolist(),
        skewness.tolist(),
        zip(first.tolist(), last.tolist(), strict=True),
        heights,
        valley.tolist(),
        may_be_remote(ordered, n).tolist(),
        strict=True,
    )
    return [Glance(*seen) for seen in each]


def _bulk(low: Floats, high: Floats, quantiles: Floats) -> tuple[Floats, Floats]:
    """The limits of the bulk: a lone 199 shall not press all others into one class."""
    middle_low, middle_high = quantiles[:, 1], quantiles[:, 3]
    reach = REACH * (middle_high - middle_low)
    narrow = reach > 0
    first = np.where(narrow, np.maximum(low, middle_low - reach), low)
    return first, np.where(narrow, np.minimum(high, middle_high + reach), high)


def _moments(values: Floats, inside: Mask, n: NDArray[np.int64]) -> tuple[Floats, Floats]:
    mean = np.where(inside, values, 0.0).sum(axis=1) / n
    from_mean = np.where(inside, values - mean[:, None], 0.0)
    squares = from_mean * from_mean
    second, third = squares.sum(axis=1) / n, (squares * from_mean).sum(axis=1) / n
    with np.errstate(all="ignore"):
        return mean, third / second**1.5


def _distinct(
    ordered: Floats, there: Mask, n: NDArray[np.int64]
) -> tuple[Floats, NDArray[np.int64], NDArray[np.int64]]:
    """The different values of all columns one after the other, how often each occurs, and how many each column has."""
    first = there.copy()
    first[:, 1:] &= ordered[:, 1:] != ordered[:, :-1]
    sizes = first.sum(axis=1)
    places = np.flatnonzero(first)
    ends = np.append(places[1:], 0)
    ends[np.cumsum(sizes) - 1] = np.arange(n.size) * ordered.shape[1] + n  # the last of a column goes to its end
    return ordered.ravel()[places], ends - places, sizes
