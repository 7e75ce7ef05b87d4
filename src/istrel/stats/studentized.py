"""The studentized range: the spread of means of several normal samples over a standard error of its own."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
POINTS, REACH = 160, 9.0
TAIL = 1e-13


@lru_cache(4)
def _rule(points: int) -> tuple[Array, Array]:
    """Nodes and weights of Gauss and Legendre on (−1, 1)."""
    return np.polynomial.legendre.leggauss(points)


def range_tail(q: float, groups: int, df: float) -> float:
    """The chance of a studentized range of so many groups beyond q, with so many degrees of freedom.

    Notes
    -----
    1 − ∫ f(s) k ∫ φ(z) (Φ(z) − Φ(z − q s))^(k − 1) dz ds, where s is the root of chi-square over its degrees of freedom; both by
    160 points, so that p is right to about 1e-10.
    """
    from scipy.special import gammaincinv, gammaln, ndtr

    if q <= 0:
        return 1.0
    nodes, weights = _rule(POINTS)
    z = REACH * nodes
    density = REACH * weights * np.exp(-(z**2) / 2) / np.sqrt(2 * np.pi)
    low, high = (np.sqrt(2 * gammaincinv(df / 2, p) / df) for p in (TAIL, 1 - TAIL))
    s = low + (high - low) * (nodes + 1) / 2
    logs = (df / 2) * np.log(df / 2) + np.log(2.0) - gammaln(df / 2) + (df - 1) * np.log(s) - df * s**2 / 2
    of_s = (high - low) / 2 * weights * np.exp(logs)
    inner = ndtr(z)[None, :] - ndtr(z[None, :] - q * s[:, None])
    within = groups * (density[None, :] * inner ** (groups - 1)).sum(axis=1)
    return float(np.clip(1 - (of_s * within).sum() / of_s.sum(), 0.0, 1.0))


def range_limit(tail: float, groups: int, df: float) -> float:
    """The studentized range beyond which this chance lies."""
    from scipy.optimize import brentq

    high = 4.0
    while range_tail(high, groups, df) > tail and high < 1e6:
        high *= 2
    return float(brentq(lambda q: range_tail(q, groups, df) - tail, 1e-9, high, xtol=1e-10))
