"""Lines through dots: the straight line of least squares, and a smooth one of local lines."""

from __future__ import annotations

from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
POINTS = 80
NEIGHBOURS = 2 / 3  # the share of cases that a local line goes through
BINS = 600
FEWEST_FOR_SMOOTH = 10


@dataclass(frozen=True, eq=False)
class Fit:
    """A line through dots.

    Attributes
    ----------
    kind
        "straight" or "smooth".
    slope, intercept, r
        Of the straight line; the correlation of a smooth one is that of the straight line too.
    sums
        What these are made of.
    """

    kind: str
    x: Array
    y: Array
    slope: float
    intercept: float
    r: float
    sums: FitSums


class FitSums(NamedTuple):
    """Cases, means, and sums of squares and products of the distances from them."""

    n: int
    mean_x: float
    mean_y: float
    xx: float
    xy: float
    yy: float


def fit_line(x: Array, y: Array, kind: str, times: NDArray[np.int64] | None = None) -> Fit | None:
    """The line through (x, y); None where x or y does not vary, or a smooth line has too few cases.

    Parameters
    ----------
    times
        int64, shape as `x`: how many cases lie at each place; None where each is one.
    """
    n = x.size if times is None else int(times.sum())
    if n < 3 or x.min() == x.max() or y.min() == y.max():
        return None
    mean_x, mean_y = (float(np.average(values, weights=times)) for values in (x, y))
    dx, dy = x - mean_x, y - mean_y
    of_x, of_y = (dx, dy) if times is None else (dx * times, dy * times)
    with np.errstate(over="ignore", invalid="ignore"):
        sxx, sxy, syy = float(of_x @ dx), float(of_x @ dy), float(of_y @ dy)
    if not 0 < sxx < np.inf or not 0 < syy < np.inf:
        return None
    slope = sxy / sxx
    r = float(np.clip(sxy / np.sqrt(sxx) / np.sqrt(syy), -1, 1))
    ends = np.array([x.min(), x.max()])
    sums = FitSums(n, mean_x, mean_y, sxx, sxy, syy)
    if kind == "straight":
        return Fit(kind, ends, mean_y + slope * (ends - mean_x), slope, mean_y - slope * mean_x, r, sums)
    if n < FEWEST_FOR_SMOOTH:
        return None
    grid = np.linspace(float(ends[0]), float(ends[1]), POINTS)
    return Fit(kind, grid, _local_lines(x, y, grid, times), slope, mean_y - slope * mean_x, r, sums)


def _local_lines(x: Array, y: Array, grid: Array, times: NDArray[np.int64] | None) -> Array:
    """At each point of the grid a line through its neighbours, weighted by the tricube of their distance (Cleveland, 1979).

    Cases are put together into classes of x first, so that the cost does not grow with their number.
    """
    low, high = grid[0], grid[-1]
    place = np.minimum(((x - low) / (high - low) * BINS).astype(np.int64), BINS - 1)
    cases = np.ones(x.size) if times is None else times.astype(np.float64)
    n = np.bincount(place, weights=cases, minlength=BINS)
    filled = n > 0
    n = n[filled]
    at = np.bincount(place, weights=cases * x, minlength=BINS)[filled] / n
    mean = np.bincount(place, weights=cases * y, minlength=BINS)[filled] / n
    away = np.abs(at[None, :] - grid[:, None])
    order = np.argsort(away, axis=1)
    reached = np.cumsum(n[order], axis=1) >= NEIGHBOURS * n.sum()
    last = np.take_along_axis(order, reached.argmax(axis=1)[:, None], axis=1)
    reach = np.maximum(np.take_along_axis(away, last, axis=1), 1e-12 * (high - low))
    weight = n * np.clip(1 - (away / (1.000001 * reach)) ** 3, 0, None) ** 3
    total = weight.sum(axis=1)
    middle_x = (weight * at).sum(axis=1) / total
    middle_y = (weight * mean).sum(axis=1) / total
    dx = at[None, :] - middle_x[:, None]
    sxx = (weight * dx * dx).sum(axis=1)
    slope = np.where(sxx > 0, (weight * dx * mean).sum(axis=1) / np.where(sxx > 0, sxx, 1.0), 0.0)
    return np.asarray(middle_y + slope * (grid - middle_x))
