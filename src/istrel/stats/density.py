"""Kernel densities by linear binning and Fourier transform, their humps, and two-dimensional counts."""

from __future__ import annotations

import math
from dataclasses import dataclass
from itertools import pairwise
from typing import Literal, NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.binning import ClassSettings, class_edges
from istrel.stats.grouping import alone
from istrel.stats.quantiles import quantile

Array = NDArray[np.float64]
Rule = Literal["silverman", "scott", "sheather-jones"]
GRID = 4096
POINTS = 512
REACH = 4.0
SURE, DEEP = 3.0, 0.2
PROMINENCE = 0.1


@dataclass(frozen=True, eq=False)
class Density:
    """A density at `x` (ascending, evenly spaced); `bandwidth` is the kernel's SD."""

    x: Array
    y: Array
    bandwidth: float

    @property
    def cumulative(self) -> Array:
        """The distribution function at x by the trapezoid rule, from 0; it ends near the share of mass on the grid."""
        step = np.diff(self.x)
        return np.concatenate([[0.0], np.cumsum(step * (self.y[1:] + self.y[:-1]) / 2)])

    def area(self, low: float, high: float) -> float:
        """The area under the curve between two values."""
        return float(np.interp(high, self.x, self.cumulative) - np.interp(low, self.x, self.cumulative))


def bandwidth(values: Array, rule: Rule = "silverman", weights: Array | None = None, *, cases: bool = False) -> float:
    """The kernel's SD by a rule, for ascending values; 0 where there is no spread. Of weighted values by their effective n;
    with `cases`, weights say how many cases have each value, and n is their sum.

    Notes
    -----
    Silverman (1986, eq. 3.31): 0.9 min(SD, IQR/1.34) n^(-1/5). Scott (1992): 1.06 SD n^(-1/5). "sheather-jones" is the
    improved plug-in of Botev, Grotowski & Kroese (2010).
    """
    if values.size < 2 or values[0] == values[-1]:
        return 0.0
    if weights is not None and not cases:
        return _weighted_bandwidth(values, weights, rule)
    if rule == "sheather-jones":
        counted = None if weights is None else alone(values, weights.astype(np.int64), ordered=True)
        running = np.arange(values.size + 1) if counted is None else counted.running
        if (found := _plug_in(values, running)) > 0:
            return found
    n, deviation, spread = parts_of(values, weights)
    if rule == "scott":
        return 1.06 * deviation * n ** (-0.2)
    return 0.9 * (min(deviation, spread / 1.34) or deviation) * n ** (-0.2)


class Parts(NamedTuple):
    """What the rules for bandwidths are made of: cases, standard deviation and interquartile range."""

    n: float
    sd: float
    iqr: float


def parts_of(values: Array, times: Array | None = None) -> Parts:
    """The parts of ascending values, at least two that differ; `times` says how many cases have each."""
    if times is None:
        n: float = values.size
        away = values - values.mean()
        deviation = float(np.sqrt(np.einsum("i,i->", away, away) / (n - 1)))
        return Parts(n, deviation, _quartile(values, 0.75) - _quartile(values, 0.25))
    cells, n = alone(values, times.astype(np.int64), ordered=True), float(times.sum())
    away = values - float(times @ values) / n
    deviation = float(np.sqrt((times @ away**2) / (n - 1)))
    return Parts(n, deviation, float(quantile(cells, 0.75).values[0] - quantile(cells, 0.25).values[0]))


def _weighted_bandwidth(values: Array, weights: Array, rule: Rule) -> float:
    share = weights / weights.sum()
    n = 1.0 / float(share @ share)
    away = values - float(share @ values)
    deviation = float(np.sqrt((share @ away**2) * n / (n - 1))) if n > 1 else 0.0
    if rule == "scott":
        return 1.06 * deviation * n ** (-0.2)
    first, third = (float(values[np.searchsorted(np.cumsum(share), p)]) for p in (0.25, 0.75))
    return 0.9 * (min(deviation, (third - first) / 1.34) or deviation) * n ** (-0.2)


def _quartile(ordered: Array, p: float) -> float:
    place = (ordered.size - 1) * p
    below = int(place)
    above = min(below + 1, ordered.size - 1)
    return float(ordered[below] + (place - below) * (ordered[above] - ordered[below]))


def density(
    values: Array,
    *,
    rule: Rule = "silverman",
    factor: float = 1.0,
    points: int = POINTS,
    cut: bool = False,
    bounds: tuple[float | None, float | None] = (None, None),
    weights: Array | None = None,
    cases: bool = False,
) -> Density:
    """A Gaussian kernel density.

    Parameters
    ----------
    values
        Finite and ascending, at least 2 distinct.
    factor
        Multiplies the rule's bandwidth.
    cut
        True ends the curve at the smallest and largest value; otherwise it runs on for four bandwidths.
    bounds
        Where values cannot go beyond: mass is reflected there.
    weights
        Shape as `values`, above 0; None where each counts as one. Those of a sample not with the rule "sheather-jones".
    cases
        Whether weights say how many cases have each value.

    Notes
    -----
    Values are shared linearly between grid points, which spreads each by a sixth of the squared step on average; the
    kernel is narrowed by that variance, so the density keeps the right spread (error below 1e-4 of its peak).
    """
    h = bandwidth(values, rule, weights, cases=cases) * factor
    mass = float(values.size if weights is None else weights.sum())
    low, high = float(values[0]), float(values[-1])
    start, stop = (low, high) if cut else (low - REACH * h, high + REACH * h)
    start = start if bounds[0] is None else max(start, bounds[0])
    stop = stop if bounds[1] is None else min(stop, bounds[1])
    pad = (REACH + 1.0) * h
    grid_low, grid_high = min(low, start) - pad, max(high, stop) + pad
    size = GRID
    while (grid_high - grid_low) / (size - 1) > h / 6 and size < 2**20:
        size *= 2
    step = (grid_high - grid_low) / (size - 1)
    smooth = _smoothed(_binned(values, grid_low, step, size, weights), h, step) / (mass * step)
    x = np.linspace(start, stop, points)
    y = _read_off(smooth, grid_low, step, x)
    for image in _reflections(x, bounds, (grid_low, grid_high)):
        y = y + _read_off(smooth, grid_low, step, image)
    return Density(x, np.maximum(y, 0.0), h)


def _reflections(x: Array, bounds: tuple[float | None, float | None], grid: tuple[float, float]) -> list[Array]:
    """Where the mass beyond the bounds would lie: mirrored in one bound, or again and again between two."""
    low, high = bounds
    if low is None or high is None:
        return [2 * bound - x for bound in bounds if bound is not None]
    period = 2 * (high - low)
    times = int(np.ceil((grid[1] - grid[0]) / period)) + 1
    shifts = [period * k for k in range(-times, times + 1)]
    return [2 * low - x + shift for shift in shifts] + [x + shift for shift in shifts if shift]


def _binned(values: Array, low: float, step: float, size: int, weights: Array | None = None) -> Array:
    """Each value shared between its two grid points in inverse proportion to its distance.

    The values ascend: those between two grid points stand together, and their count and sum say how they are shared.
    """
    grid = low + step * np.arange(size)
    cuts = np.searchsorted(values, grid)
    count = np.diff(np.append(cuts, values.size)).astype(np.float64)
    filled = np.flatnonzero(count)
    off = values - low
    total = np.add.reduceat(off if weights is None else weights * off, cuts[filled])
    if weights is not None:
        count[filled] = np.add.reduceat(weights, cuts[filled])
    right = np.zeros(size)
    right[filled] = total / step - count[filled] * filled
    counts = count - right
    counts[1:] += right[:-1]
    return counts


def _smoothed(counts: Array, h: float, step: float) -> Array:
    from numpy.fft import irfft, rfft, rfftfreq

    size = counts.size
    variance = max(h * h - step * step / 6, 0.0)
    frequency = 2 * np.pi * rfftfreq(2 * size, d=step)
    kernel = np.exp(-0.5 * variance * frequency**2)
    return np.asarray(irfft(rfft(counts, 2 * size) * kernel, 2 * size)[:size])


def _read_off(y: Array, low: float, step: float, x: Array) -> Array:
    """Cubic interpolation between grid points (Catmull & Rom); 0 outside the grid."""
    place = (x - low) / step
    inside = (place >= 1) & (place <= y.size - 3)
    at = np.clip(place.astype(np.int64), 1, y.size - 3)
    t = place - at
    a, b, c, d = (y[at + k] for k in (-1, 0, 1, 2))
    value = b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)))
    return np.where(inside, value, 0.0)


def _plug_in(values: Array, running: NDArray[np.int64]) -> float:
    """Botev, Grotowski & Kroese's (2010) bandwidth: the fixed point of their equation, by bisection on a cosine transform.

    `running` says how many cases stand before each value, and at the end all of them.
    """
    from scipy.fft import dct

    low, high = float(values[0]), float(values[-1])
    spread = high - low
    low, high = low - spread / 10, high + spread / 10
    size = 2**14
    counts = np.diff(running[np.searchsorted(values, np.linspace(low, high, size + 1))])
    transform = dct(counts / running[-1], norm=None)
    squares = np.arange(1, size, dtype=np.float64) ** 2
    power = (transform[1:] / 2) ** 2
    n = 1 + int(np.count_nonzero(values[1:] != values[:-1]))

    def gap(t: float) -> float:
        order = 7
        f = 2 * np.pi ** (2 * order) * float(np.sum(squares**order * power * np.exp(-squares * np.pi**2 * t)))
        for s in range(order - 1, 1, -1):
            if f <= 0:
                return -1.0
            odd = float(np.prod(np.arange(1, 2 * s, 2))) / np.sqrt(2 * np.pi)
            time = (2 * (1 + 0.5 ** (s + 0.5)) / 3 * odd / (n * f)) ** (2 / (3 + 2 * s))
            f = 2 * np.pi ** (2 * s) * float(np.sum(squares**s * power * np.exp(-squares * np.pi**2 * time)))
        if f <= 0:
            return -1.0
        return t - (2 * n * np.sqrt(np.pi) * f) ** (-0.4)

    below, above = 0.0, 0.1
    if not gap(above) > 0:
        return 0.0
    for _ in range(60):
        middle = (below + above) / 2
        below, above = (below, middle) if gap(middle) > 0 else (middle, above)
    return float(np.sqrt((below + above) / 2) * (high - low))


def humps(curve: Density, *, prominence: float = PROMINENCE) -> Array:
    """Where the density has its modes, ascending.

    A mode counts if the curve falls on both sides by at least `prominence` of the highest peak before it rises higher.
    """
    y = curve.y
    if y.size < 3 or y.max() <= 0:
        return np.zeros(0)
    padded = np.concatenate([[-np.inf], y, [-np.inf]])
    peaks = np.flatnonzero((padded[1:-1] > padded[:-2]) & (padded[1:-1] >= padded[2:]))
    drops = np.array([min(_drop(y[peak::-1]), _drop(y[peak:])) for peak in peaks])
    return curve.x[peaks[drops >= prominence * y.max()]]


def sure_humps(curve: Density, n: int) -> Array:
    """The modes of `humps` that chance does not make: the valley between two lies SURE standard errors, and by DEEP of its
    height, below the lower one.

    Parameters
    ----------
    n
        The number of values.

    Notes
    -----
    The variance of a Gaussian kernel estimate f is f / (2 √π n h), h the bandwidth (Silverman 1986). Of uniform samples of 150 to
    3,000 values about one in a hundred shows two humps.
    """
    modes = list(np.searchsorted(curve.x, humps(curve)))
    while len(modes) > 1:
        depths = []
        for a, b in pairwise(modes):
            valley = float(curve.y[a : b + 1].min())
            floor = max(valley, 1.0 / (n * float(curve.x[-1] - curve.x[0])))
            error = math.sqrt(floor / (2 * math.sqrt(math.pi) * n * curve.bandwidth))
            lower = min(float(curve.y[a]), float(curve.y[b]))
            depths.append(min((lower - valley) / error / SURE, (1 - valley / lower) / DEEP))
        least = int(np.argmin(depths))
        if depths[least] >= 1.0:
            break
        modes.pop(least if curve.y[modes[least]] < curve.y[modes[least + 1]] else least + 1)
    return curve.x[modes]


def _drop(side: Array) -> float:
    """How far the curve falls from its first point before it rises above it (or ends)."""
    higher = np.flatnonzero(side > side[0])
    until = side if higher.size == 0 else side[: higher[0]]
    return float(side[0] - until.min()) if higher.size else float(side[0])


def count_plane(
    x: Array, y: Array, times: NDArray[np.int64] | None = None, *, bins: int = 30, anonymous: bool = False
) -> tuple[Array, Array, NDArray[np.int64]]:
    """(edges of x, edges of y, counts of shape (bins, bins)) of pairs in equal classes, of whole numbers equally many in each;
    `times` as in `fit_line`: how many cases each pair stands for; `anonymous` as in `ClassSettings`.
    """
    said = ClassSettings(bins=bins, anonymous=anonymous)
    x_edges, y_edges = (class_edges(values, said).edges for values in (x, y))
    counts, _, _ = np.histogram2d(x, y, bins=(x_edges, y_edges), weights=times)
    return x_edges, y_edges, counts.astype(np.int64)
