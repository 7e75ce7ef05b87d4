"""Where a function of one number is 0, by halving: for a handful of limits it costs less than to load a library for it."""

from __future__ import annotations

from collections.abc import Callable

FINE = 1e-13  # relative, and for numbers below 1 absolute


def root(off: Callable[[float], float], low: float, high: float) -> float:
    """Where a function is 0 between two numbers at which it has different signs, or at one of them; else ValueError."""
    ends = off(low), off(high)
    if 0 in ends:
        return (low, high)[ends.index(0)]
    if not min(ends) < 0 < max(ends):
        raise ValueError(f"no change of sign between {low} and {high}")
    rising = ends[1] > 0
    while high - low > FINE * max(1.0, abs(low), abs(high)):
        middle = low + (high - low) / 2
        if middle in (low, high):
            break
        if (off(middle) > 0) == rising:
            high = middle
        else:
            low = middle
    return low + (high - low) / 2
