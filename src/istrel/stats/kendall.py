"""Kendall's tau-b of two variables: concordant pairs by counting inversions, with its exact or asymptotic p."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Mask = NDArray[np.bool_]
EXACT_TAU = 10
SMALLEST_RUN = 16


@dataclass(frozen=True)
class Kendall:
    """tau-b of one pair, with what its p-value needs; NaN where a variable is constant."""

    tau: float
    n: int
    p: float


def kendall(x: Array, y: Array) -> Kendall:
    """Kendall's tau-b (1945) of complete pairs, by counting inversions in O(n log n) (after Knight 1966).

    Notes
    -----
    p is exact for n <= 10 without ties, else normal with the variance corrected for ties (Kendall 1970, ch. 4).
    """
    n = x.size
    if n < 2:
        return Kendall(float("nan"), n, float("nan"))
    ranks, ties_x, ties_y, both = _ordered_ranks(x, y)
    return tau_of(n, ties_x, ties_y, both, inversions(ranks))


def tau_of(n: int, ties_x: Array, ties_y: Array, both: float, discordant: float) -> Kendall:
    """tau-b of n cases from the sizes of ties in each, the number of pairs tied in both, and of those in the wrong order."""
    if n < 2:
        return Kendall(float("nan"), n, float("nan"))
    total = n * (n - 1) / 2.0
    tied_x, tied_y = (float((t * (t - 1) / 2).sum()) for t in (ties_x, ties_y))
    difference = total - tied_x - tied_y + both - 2.0 * discordant
    pairs = total - tied_x, total - tied_y
    room = (
        pairs[0] if pairs[0] == pairs[1] else float(np.sqrt(pairs[0]) * np.sqrt(pairs[1]))
    )  # a root squared is not exact
    if room == 0:
        return Kendall(float("nan"), n, float("nan"))
    tau = float(np.clip(difference / room, -1.0, 1.0))
    return Kendall(tau, n, _kendall_p(difference, n, ties_x, ties_y))


def _ordered_ranks(x: Array, y: Array) -> tuple[NDArray[np.integer], Array, Array, float]:
    """(ranks of y in the order of x, sizes of ties in x, of ties in y, number of pairs tied in both)."""
    order = np.argsort(x)
    if bool((x[order[1:]] == x[order[:-1]]).any()):
        order = np.lexsort((y, x))
    b = y[order]
    ties_x, ties_y = _tie_sizes(x[order]), _tie_sizes(np.sort(b))
    both = 0.0
    if ties_x.size and ties_y.size:
        a = x[order]
        joint = _run_lengths((a[1:] != a[:-1]) | (b[1:] != b[:-1]), b.size)
        both = float((joint * (joint - 1) / 2).sum())
    ranks: NDArray[Any] = np.empty(b.size, np.int32 if b.size < 2**30 else np.int64)
    ranks[np.argsort(b, kind="stable" if ties_y.size else "quicksort")] = np.arange(b.size)
    return ranks, ties_x, ties_y, both


def _tie_sizes(ordered: Array) -> Array:
    """Sizes of runs of two equal values or more."""
    return _run_lengths(ordered[1:] != ordered[:-1], ordered.size)


def _run_lengths(new: Mask, n: int) -> Array:
    """Lengths above 1 of the runs that begin where `new` says (and at the start)."""
    if bool(new.all()):
        return np.zeros(0)
    lengths = np.diff(np.concatenate([[0], np.flatnonzero(new) + 1, [n]]))
    return lengths[lengths > 1].astype(np.float64)


def inversions(permutation: NDArray[np.integer]) -> float:
    """Pairs that stand in the wrong order in a permutation of 0..n-1.

    Notes
    -----
    Runs of 16 are counted pair by pair and sorted; then sorted neighbours are merged, and each value of the left half
    counts the values of the right half that come before it (Knight 1966), for all runs of a length at once.
    """
    n = permutation.size
    size = 1 << max(SMALLEST_RUN.bit_length() - 1, (n - 1).bit_length())
    # Twice the value leaves the lowest bit free to say from which half a value comes; the padding is in order.
    keys: NDArray[Any] = np.empty(size, np.int32 if size < 2**30 else np.int64)
    keys[:n], keys[n:] = permutation, np.arange(n, size)
    keys *= 2
    runs = keys.reshape(-1, SMALLEST_RUN)
    later = np.triu(np.ones((SMALLEST_RUN, SMALLEST_RUN), bool))
    parts = np.array_split(runs, max(1, size >> 15))
    found = sum(int(np.count_nonzero((part[:, :, None] > part[:, None, :]) & later)) for part in parts)
    runs.sort(axis=1)
    width = SMALLEST_RUN
    while width < size:
        keys.reshape(-1, 2, width)[:, 1] |= 1
        rows = keys.reshape(-1, 2 * width)
        rows.sort(axis=1)
        from_left = 1 - (rows & 1)
        before = np.arange(2 * width, dtype=keys.dtype) - np.cumsum(from_left, axis=1, dtype=keys.dtype) + 1
        before *= from_left  # for each value of the left half: how many of the right half come before it
        found += int(before.sum(dtype=np.int64))
        keys &= -2
        width *= 2
    return float(found)


def _kendall_p(difference: float, n: int, ties_x: Array, ties_y: Array) -> float:
    from istrel.stats.special import ndtr

    if n <= EXACT_TAU and not ties_x.size and not ties_y.size:
        return _exact_tau_p(round((n * (n - 1) / 2 - difference) / 2), n)
    pairs = n * (n - 1.0)
    sums = [
        (float((t * (t - 1)).sum()), float((t * (t - 1) * (t - 2)).sum()), float((t * (t - 1) * (2 * t + 5)).sum()))
        for t in (ties_x, ties_y)
    ]
    (x1, x2, x3), (y1, y2, y3) = sums
    variance = (pairs * (2 * n + 5) - x3 - y3) / 18 + x1 * y1 / (2 * pairs)
    if n > 2:
        variance += x2 * y2 / (9 * pairs * (n - 2))
    return float(2 * ndtr(-abs(difference) / np.sqrt(variance)))


def _exact_tau_p(discordant: int, n: int) -> float:
    """Two-sided p from the number of permutations with each number of inversions (Mahonian numbers)."""
    counts = np.ones(1)
    for k in range(2, n + 1):
        counts = np.convolve(counts, np.ones(k))
    extreme = min(discordant, n * (n - 1) // 2 - discordant)
    return float(min(1.0, 2 * counts[: extreme + 1].sum() / counts.sum()))
