"""The studentized range: the spread of means of several normal samples over a standard error of its own."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from istrel.stats.root import root

Array = NDArray[np.float64]
POINTS, REACH = 160, 8.0
TAIL = 1e-13
AT_ONCE = 32  # ranges in one piece of memory
NODES = 24  # degrees of freedom whose limits are found one by one; of more, those between are interpolated


@lru_cache(1)
def _rule() -> tuple[Array, Array]:
    """Nodes and weights of Gauss and Legendre on (−1, 1)."""
    return np.polynomial.legendre.leggauss(POINTS)


def range_tail(q: Array, groups: int, df: Array) -> Array:
    """The chance of a studentized range of so many groups beyond each q, with so many degrees of freedom, shape (ranges,).

    Notes
    -----
    1 − ∫ f(t) k ∫ φ(z) (Φ(z) − Φ(z − q eᵗ))^(k − 1) dz dt, where t is half the logarithm of chi-square over its degrees of
    freedom; both by 160 points, so that p is right to 1e-9 from two degrees of freedom and to 1e-5 below.
    """
    parts = [slice(start, start + AT_ONCE) for start in range(0, q.size, AT_ONCE)]
    return np.concatenate([_tail(q[part], groups, df[part]) for part in parts]) if parts else np.zeros(0)


def _tail(q: Array, groups: int, df: Array) -> Array:
    from istrel.stats.special import gammaincinv, ndtr

    nodes, weights = _rule()
    z = REACH * nodes
    density = REACH * weights * np.exp(-(z**2) / 2) / np.sqrt(2 * np.pi)
    free = df[:, None]
    low, high = (np.log(2 * gammaincinv(free / 2, p) / free) / 2 for p in (TAIL, 1 - TAIL))
    t = low + (high - low) * (nodes + 1) / 2
    logs = free * (t - np.exp(2 * t) / 2)
    of_t = weights * np.exp(logs - logs.max(axis=1, keepdims=True))
    inner = ndtr(z) - ndtr(z - (q[:, None] * np.exp(t))[:, :, None])
    within = groups * (inner ** (groups - 1) @ density)
    return np.where(q > 0, np.clip(1 - (of_t * within).sum(axis=1) / of_t.sum(axis=1), 0.0, 1.0), 1.0)


def range_limit(tail: float, groups: int, df: Array) -> Array:
    """The studentized range beyond which this chance lies, for each number of degrees of freedom, shape (ranges,)."""
    if df.size <= NODES or not df.max() > df.min():
        found = {value: _limit(tail, groups, value) for value in np.unique(df).tolist()}
        return np.array([found[value] for value in df.tolist()])
    least, most = np.log(df.min()), np.log(df.max())
    nodes = (least + most) / 2 + (most - least) / 2 * np.cos(np.pi * np.arange(NODES) / (NODES - 1))
    known = np.log([_limit(tail, groups, value) for value in np.exp(nodes).tolist()])
    return np.exp(_between(nodes, known, np.log(df)))


def _between(nodes: Array, known: Array, x: Array) -> Array:
    """The polynomial through values at Chebyshev's nodes of the second kind, by its barycentric form (Berrut & Trefethen 2004)."""
    weights = np.where(np.arange(nodes.size) % 2, -1.0, 1.0)
    weights[[0, -1]] /= 2
    away = x[:, None] - nodes
    at = np.abs(away) < 1e-12
    parts = weights / np.where(at, 1.0, away)
    values = (parts @ known) / parts.sum(axis=1)
    return np.where(at.any(axis=1), known[at.argmax(axis=1)], values)


def _limit(tail: float, groups: int, df: float) -> float:
    free = np.array([df])

    def off(log_q: float) -> float:
        return float(range_tail(np.exp([log_q]), groups, free)[0]) - tail

    high = 2.0
    while off(high) > 0 and high < 14:
        high += 1.0
    return float(np.exp(root(off, high - 3.0, high)))
