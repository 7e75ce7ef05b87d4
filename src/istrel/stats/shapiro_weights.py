"""The weights of Shapiro and Wilk's W by Royston (1995), algorithm AS R94, one by one and summed over places."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
ONE_BY_ONE = 2_000  # outermost scores that are summed one by one; between them their integral is exact to 1e-12
ALL_ONE_BY_ONE = 5_000
OUTER = (0.0, 0.221157, -0.147981, -2.07119, 4.434685, -2.706056)
SECOND = (0.0, 0.042981, -0.293762, -1.752461, 5.682633, -3.582633)


def shapiro_weights(sizes: NDArray[np.int64]) -> Array:
    """Weights a_1..a_n of W for each n given, one after the other (Royston 1995); zeros for n < 3."""
    from istrel.stats.special import ndtri

    n = np.repeat(sizes, sizes)
    starts = np.concatenate([[0], np.cumsum(sizes)])[:-1]
    place = np.arange(1, n.size + 1) - np.repeat(starts, sizes)
    lower = 2 * place <= n  # the scores mirror each other about the middle
    m = np.zeros(n.size)
    m[lower] = ndtri((place[lower] - 0.375) / (n[lower] + 0.25))
    upper = np.flatnonzero(2 * place > n + 1)
    m[upper] = -m[upper + n[upper] + 1 - 2 * place[upper]]
    usable = sizes >= 3
    size, first = sizes[usable].astype(np.float64), starts[usable]
    if not usable.any():
        return np.zeros(n.size)
    total = np.add.reduceat(m * m, starts[sizes > 0])[usable[sizes > 0]]
    u, norm = 1 / np.sqrt(size), np.sqrt(total)
    outer = -(m[first] / norm) + polynomial(OUTER, u)
    outer = np.where(size == 3, np.sqrt(0.5), outer)
    second = -(m[np.minimum(first + 1, n.size - 1)] / norm) + polynomial(SECOND, u)
    both = size > 5
    m1, m2 = m[first], m[np.minimum(first + 1, n.size - 1)]
    rest = np.where(
        both,
        (total - 2 * m1**2 - 2 * m2**2) / np.maximum(1 - 2 * outer**2 - 2 * second**2, 1e-300),
        (total - 2 * m1**2) / np.maximum(1 - 2 * outer**2, 1e-300),
    )
    scale = np.sqrt(np.where(size == 3, 1.0, np.maximum(rest, 1e-300)))
    weights = np.zeros(n.size)
    inside = np.repeat(usable, sizes)
    weights[inside] = m[inside] / np.repeat(scale, sizes[usable])
    last = first + sizes[usable] - 1
    weights[first], weights[last] = -outer, outer
    weights[first[both] + 1], weights[last[both] - 1] = -second[both], second[both]
    weights[first[size == 3] + 1] = 0.0
    return weights


def summed_weights(n: int, ends: NDArray[np.int64]) -> Array:
    """The weights of one n, summed over the places between each two of `ends`, which ascend from 0 to n.

    Notes
    -----
    The weights of the places from 1 to k and from 1 to n - k have the same sum. Beyond the outermost, expected scores are
    summed by Euler and Maclaurin's formula, so that the cost does not grow with n.
    """
    if n <= ALL_ONE_BY_ONE:
        return np.diff(np.concatenate([[0.0], np.cumsum(shapiro_weights(np.array([n])))])[ends])
    scores, u = _scores(n, np.arange(1, ONE_BY_ONE + 1)), 1 / np.sqrt(n)
    edge = ONE_BY_ONE + 0.5
    total = 2 * (float(scores @ scores) + float(_integral_of_squares(n, edge, n // 2 + 0.5)))
    outer = -scores[0] / np.sqrt(total) + polynomial(OUTER, u)
    second = -scores[1] / np.sqrt(total) + polynomial(SECOND, u)
    rest = (total - 2 * scores[0] ** 2 - 2 * scores[1] ** 2) / (1 - 2 * outer**2 - 2 * second**2)
    summed = np.concatenate([[0.0], np.cumsum(scores)])
    place = np.minimum(ends, n - ends)
    reached = summed[np.minimum(place, ONE_BY_ONE)]
    reached += np.where(place > ONE_BY_ONE, _integral(n, edge, np.maximum(place, ONE_BY_ONE) + 0.5), 0.0)
    running = -outer - second + (reached - summed[2]) / np.sqrt(rest)
    return np.diff(np.select([place == 0, place == 1], [0.0, -outer], running))


def _scores(n: int, place: Array | NDArray[np.int64] | float) -> Array:
    """The score that is expected at a place, from 1, between places too."""
    from istrel.stats.special import ndtri

    return np.asarray(ndtri((np.asarray(place) - 0.375) / (n + 0.25)))


def _density(z: Array) -> Array:
    return np.asarray(np.exp(-0.5 * z * z) / np.sqrt(2 * np.pi))


def _integral(n: int, low: float, high: Array) -> Array:
    """The sum of the scores at the places between two ends that lie half between places."""
    before, after = _density(_scores(n, low)), _density(_scores(n, high))
    return (n + 0.25) * (before - after) - (1 / after - 1 / before) / (24 * (n + 0.25))


def _integral_of_squares(n: int, low: float, high: float) -> Array:
    """The same of their squares."""
    at = np.array([low, high])
    z = _scores(n, at)
    whole = at - 0.375 - (n + 0.25) * z * _density(z)
    slope = 2 * z / _density(z) / (n + 0.25)
    return np.asarray(np.diff(whole)[0] - np.diff(slope)[0] / 24)


def polynomial(coefficients: tuple[float, ...], x: Array) -> Array:
    """The value of a polynomial, lowest power first."""
    return np.asarray(np.polynomial.polynomial.polyval(x, coefficients), dtype=np.float64)
