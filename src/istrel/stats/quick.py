"""Quantiles without the general machinery, for many short columns: the same numbers as NumPy's, linear between neighbours."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

SHORT = 20_000  # beyond, selecting is faster than sorting


def quick_quantiles(values: NDArray[np.float64], shares: Sequence[float]) -> list[float]:
    """Quantiles of finite values (n,), n at least 1, at these shares."""
    if values.size > SHORT:
        return [float(value) for value in np.quantile(values, shares)]
    ordered = np.sort(values)
    return [_at(ordered, share * (ordered.size - 1)) for share in shares]


def _at(ordered: NDArray[np.float64], place: float) -> float:
    """The value at a place from 0, between two neighbours by their distance; rounded as NumPy rounds it."""
    below = int(place)
    part = place - below
    low = float(ordered[below])
    if part == 0.0:
        return low
    high = float(ordered[below + 1])
    step = high - low
    return high - step * (1 - part) if part >= 0.5 else low + step * part


def quantiles_of_each(ordered: NDArray[np.float64], n: NDArray[np.int64], share: float) -> NDArray[np.float64]:
    """The quantile of each of many columns.

    Parameters
    ----------
    ordered, n
        Values in order within each column, shape (columns, rows), of which the first `n`, at least one, count.
    """
    rows, place = np.arange(n.size), share * (n - 1)
    below = place.astype(np.int64)
    part = place - below
    low, high = ordered[rows, below], ordered[rows, np.minimum(below + 1, n - 1)]
    with np.errstate(invalid="ignore"):  # the logarithm of 0 has no distance to itself
        step = high - low
        return np.where(part >= 0.5, high - step * (1 - part), np.where(part > 0, low + step * part, low))
