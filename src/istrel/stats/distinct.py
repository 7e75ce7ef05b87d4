"""Distinct values by sorting: it lets other threads work meanwhile, which the library's hashing does not."""

from __future__ import annotations

from typing import Any

import numpy as np
from numpy.typing import NDArray


def distinct_values(values: NDArray[Any]) -> NDArray[Any]:
    """The distinct values, ascending; NaN must not be among them."""
    ordered = np.sort(values)
    if ordered.size < 2:
        return ordered
    first = np.empty(ordered.size, bool)
    first[0] = True
    np.not_equal(ordered[1:], ordered[:-1], out=first[1:])
    return ordered[first]


MOST_DECIMALS, WIDEST = 4, 4_000_000  # of values that are found by their own size, and how far these may reach


def places_among(values: NDArray[np.float64], distinct: NDArray[np.float64]) -> NDArray[np.intp]:
    """The place of each value among the distinct ones, ascending; every value is one of them.

    Values of few decimals are looked up by their size, which costs a tenth of a search.
    """
    for decimals in range(MOST_DECIMALS + 1):
        with np.errstate(over="ignore", invalid="ignore"):
            keys = np.rint(distinct * 10.0**decimals)
            reach = keys[-1] - keys[0] if keys.size else np.inf
        if not reach < WIDEST:
            break
        if bool((np.diff(keys) > 0).all()):  # each has a key of its own, and equal values have equal keys
            table = np.zeros(int(keys[-1] - keys[0]) + 1, np.intp)
            table[(keys - keys[0]).astype(np.intp)] = np.arange(distinct.size)
            return table[(np.rint(values * 10.0**decimals) - keys[0]).astype(np.intp)]
    return np.searchsorted(distinct, values)
