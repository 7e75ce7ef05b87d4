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
