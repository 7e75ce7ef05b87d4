"""Which values lie far from the rest."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.data.screening.finding import Mask

FAR = 2.2  # in quartile distances beyond the quartile: 3.6 standard deviations of a normal variable
GAP = 0.5  # in quartile distances: remote values stand apart from the bulk
MOST_REMOTE = 0.005


def remote(values: NDArray[np.float64]) -> Mask:
    """Values that stand apart from the bulk and far out, shape (n,).

    Notes
    -----
    High values of a skewed variable are looked at in logarithms, with zeros in square roots. A value is remote where it
    lies more than FAR quartile distances beyond the quartile and a gap of GAP quartile distances parts it from the rest.
    """
    none = np.zeros(values.size, bool)
    if values.size < 20:
        return none
    most = max(5, int(MOST_REMOTE * values.size))
    scaled = _even(values)
    return np.asarray((scaled > _limit(scaled, most)) | (-values > _limit(-values, most)))


def _limit(values: NDArray[np.float64], most: int) -> float:
    """The value above which values are few, far beyond the upper quartile, and parted from the rest; infinite if none are."""
    low, high = np.quantile(values, [0.25, 0.75])
    spread = float(high - low)
    if spread <= 0:
        return float("inf")
    tail = np.sort(np.partition(values, -most - 1)[-most - 1 :]) if values.size > most + 1 else np.sort(values)
    steps = np.flatnonzero((np.diff(tail) > GAP * spread) & (tail[1:] > float(high) + FAR * spread))
    return float(tail[steps[0]]) if steps.size else float("inf")


def _even(values: NDArray[np.float64]) -> NDArray[np.float64]:
    """Values in a scale in which the bulk is roughly symmetric."""
    q10, median, q90 = np.quantile(values, [0.1, 0.5, 0.9])
    lowest = float(values.min())
    if lowest < 0 or q90 - median <= 1.3 * (median - q10):
        return values
    return np.log(values) if lowest > 0 else np.sqrt(values)
