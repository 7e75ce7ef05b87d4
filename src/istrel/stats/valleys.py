"""Which of many columns may have two humps: their densities roughly, all at once, so that few are looked at exactly."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.stats.density import DEEP, PROMINENCE, REACH, SURE

Floats = NDArray[np.float64]
PLACES = 512  # of the grid
FINE = 4  # of its steps to a bandwidth
PAD = 2 * int(REACH) * FINE  # steps beyond the ends, where the kernel has faded out
NEARLY = 0.9  # of what a sure hump has: the rough density is off by less


def may_have_humps(ordered: Floats, n: NDArray[np.int64], quartiles: Floats) -> NDArray[np.bool_]:
    """Whether `sure_humps` of the density of a column may find two, shape (columns,); one that has two is never missed.

    Parameters
    ----------
    ordered, n
        Finite values, ascending within each column and infinite behind the n-th, shape (columns, rows); how many there are.
    quartiles
        Shape (columns, 2).

    Notes
    -----
    Silverman's bandwidth is 1 on the grid of every column, so that one kernel serves all. A column too wide for the grid may
    have humps.
    """
    there = np.arange(ordered.shape[1]) < n[:, None]
    h = _bandwidths(ordered, there, n, quartiles)
    low, high = ordered[:, 0], ordered[np.arange(n.size), n - 1]
    with np.errstate(all="ignore"):
        reach = (high - low) / h
        fits = reach * FINE < PLACES - 2 * PAD
        steps = np.where(there & fits[:, None], (ordered - low[:, None]) / h[:, None] * FINE, 0.0)
    heights = _smoothed(steps + PAD, there, n)
    lower = np.minimum(np.maximum.accumulate(heights, axis=1), np.maximum.accumulate(heights[:, ::-1], axis=1)[:, ::-1])
    least = 1.0 / (n * (np.where(fits, reach, 1.0) + 2 * REACH))
    error = np.sqrt(np.maximum(heights, least[:, None]) / (2 * np.sqrt(np.pi) * n[:, None]))
    depth, highest = lower - heights, heights.max(axis=1, keepdims=True)
    valley = (depth >= NEARLY * SURE * error) & (depth >= NEARLY * np.maximum(DEEP * lower, PROMINENCE * highest))
    return np.asarray(valley.any(axis=1) | ~fits)


def _bandwidths(ordered: Floats, there: NDArray[np.bool_], n: NDArray[np.int64], quartiles: Floats) -> Floats:
    """By the rule of Silverman, as `bandwidth`; 0 where nothing varies."""
    mean = np.where(there, ordered, 0.0).sum(axis=1) / n
    squares = np.where(there, ordered - mean[:, None], 0.0) ** 2
    deviation = np.sqrt(squares.sum(axis=1) / np.maximum(n - 1, 1))
    spread = (quartiles[:, 1] - quartiles[:, 0]) / 1.34
    return 0.9 * np.where(spread > 0, np.minimum(deviation, spread), deviation) * n ** (-0.2)


def _smoothed(steps: Floats, there: NDArray[np.bool_], n: NDArray[np.int64]) -> Floats:
    """Densities per bandwidth on the grid, shape (columns, places): each value is shared between its two neighbours."""
    at = steps.astype(np.int64)
    part = np.where(there, steps - at, 0.0)
    places = at + PLACES * np.arange(n.size)[:, None]
    counts = np.bincount(places[there], (1 - part)[there], PLACES * n.size)
    counts += np.bincount(places[there] + 1, part[there], PLACES * n.size)
    frequency = 2 * np.pi * np.fft.rfftfreq(PLACES)
    kernel = np.exp(-0.5 * (FINE**2 - 1 / 6) * frequency**2)
    smooth = np.fft.irfft(np.fft.rfft(counts.reshape(n.size, PLACES)) * kernel, PLACES)
    return np.asarray(np.maximum(smooth, 0.0) * FINE / n[:, None])
