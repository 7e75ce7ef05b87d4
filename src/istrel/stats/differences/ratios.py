"""Ratios of two shares in two groups: of risks with a score interval, of odds with an exact one."""

from __future__ import annotations

from collections.abc import Callable
from math import exp, log, sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.differences.common import FEW_GROUPS, Effect
from istrel.stats.estimates import Undefined
from istrel.stats.root import root

Counts = NDArray[np.int64]
ZERO = Undefined("a_count_is_0")
ONLY = Undefined("only_for_a_2_2")
FARTHEST = 60.0  # of a logarithm


def ratio_effect(counts: Counts, measure: str, *, confidence: float = 0.95) -> Effect:
    """The share (or odds) of the second value in the first group over that in the second; only for two values in two groups.

    Parameters
    ----------
    measure
        risk_ratio or odds_ratio.
    """
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    if filled.size < 2:
        return Effect(measure, FEW_GROUPS)
    table = counts[:, filled]
    if table.shape != (2, 2):
        return Effect(measure, ONLY)
    between = (int(filled[0]), int(filled[1]))
    hits, sizes = table[1].tolist(), table.sum(axis=0).tolist()
    make = risk_ratio if measure == "risk_ratio" else odds_ratio
    value, low, high = make(hits, sizes, confidence=confidence)
    return Effect(measure, value, low, high, between, confidence)


Limit = float | Undefined


def risk_ratio(hits: list[int], n: list[int], *, confidence: float) -> tuple[Limit, Limit, Limit]:
    """(p₁/p₂, limits): all ratios that a score test does not reject (Koopman 1984), so that 1 is left out just when chi-square
    rejects.
    """
    from istrel.stats.special import ndtri

    z2 = float(ndtri(0.5 + confidence / 2)) ** 2
    if hits[0] == 0 and hits[1] == 0:
        return ZERO, ZERO, ZERO
    value: Limit = hits[0] / n[0] / (hits[1] / n[1]) if hits[1] else ZERO

    def off(at: float) -> float:
        return _score(hits, n, exp(at)) - z2

    start = log(value) if isinstance(value, float) and value > 0 else 0.0
    low: Limit = 0.0 if hits[0] == 0 else _end(off, start, -1)
    high: Limit = ZERO if hits[1] == 0 else _end(off, start, 1)
    return value, low, high


def _score(hits: list[int], n: list[int], ratio: float) -> float:
    """The score statistic of a ratio, with the likeliest shares that have it; from the group with the smaller share, which is
    below 1 also where the other's is 1.
    """
    if ratio > 1:
        return _score(hits[::-1], n[::-1], 1 / ratio)
    first = ratio * likeliest_second(hits, n, ratio)
    gap = hits[0] - n[0] * first
    if abs(gap) < 1e-12:
        return 0.0
    scale = n[0] * first * (1 - first)
    return float(gap**2 / scale * (1 + n[0] * (ratio - first) / (n[1] * (1 - first))))


def likeliest_second(hits: list[int], n: list[int], ratio: float) -> float:
    """The likeliest share of the second group where that of the first is `ratio` times as large, at most 1."""
    whole, both = n[0] + n[1], hits[0] + hits[1]
    b = ratio * (n[0] + hits[1]) + hits[0] + n[1]
    return min(1.0, 2 * both / (b + sqrt(max(b * b - 4 * whole * ratio * both, 0.0))))


def _end(off: Callable[[float], float], start: float, side: int) -> Limit:
    """Where a function that rises away from a start is 0, on one side of it; a start beyond that is taken back first."""
    step = 0.5
    while off(start) > 0:
        start -= side * step
        step *= 2
        if step > FARTHEST:
            return ZERO
    step = 0.5
    while off(start + side * step) < 0:
        step *= 2
        if step > FARTHEST:
            return ZERO
    low, high = sorted((start, start + side * step))
    return exp(root(off, low, high))


def odds_ratio(hits: list[int], n: list[int], *, confidence: float) -> tuple[Limit, Limit, Limit]:
    """(ad/bc, limits): the exact ones of Cornfield (1956), given all margins."""
    misses = [n[0] - hits[0], n[1] - hits[1]]
    tail, both = (1 - confidence) / 2, hits[0] + hits[1]
    least, most = max(0, both - n[1]), min(both, n[0])
    value: Limit = hits[0] * misses[1] / (misses[0] * hits[1]) if misses[0] * hits[1] else ZERO
    if least == most:
        return value, ZERO, ZERO
    support = np.arange(least, most + 1)
    weights = _log_weights(support, n, both)

    def beyond(at: float, *, above: bool) -> float:
        logs = weights + support * at
        p = np.exp(logs - logs.max())
        inside = support >= hits[0] if above else support <= hits[0]
        return float(p[inside].sum() / p.sum())

    low: Limit = 0.0 if hits[0] == least else _crossing(lambda at: beyond(at, above=True) - tail)
    high: Limit = ZERO if hits[0] == most else _crossing(lambda at: tail - beyond(at, above=False))
    return value, low, high


def _log_weights(support: NDArray[np.int64], n: list[int], both: int) -> NDArray[np.float64]:
    from istrel.stats.special import gammaln

    first = gammaln(n[0] + 1) - gammaln(support + 1) - gammaln(n[0] - support + 1)
    other = both - support
    return np.asarray(first + gammaln(n[1] + 1) - gammaln(other + 1) - gammaln(n[1] - other + 1))


def _crossing(rising: Callable[[float], float]) -> Limit:
    return exp(root(rising, -FARTHEST, FARTHEST))
