"""Pearson's r of a weighted sample, with a linearized standard error."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.student import t_quantile
from istrel.stats.survey.sample import Sample

Array = NDArray[np.float64]


@dataclass(frozen=True)
class WeightedCorrelation:
    """r with its t, degrees of freedom, p and interval; NaN where there is none."""

    n: int
    r: float
    t: float
    df: float
    p: float
    low: float
    high: float


def weighted_pearson(
    x: Array, y: Array, use: NDArray[np.bool_], sample: Sample, *, confidence: float
) -> WeightedCorrelation:
    """Of the rows that count, as a domain of the sample. The interval is r ± t SE, within −1 and 1, so that it leaves 0 out
    just when the test rejects.
    """
    from istrel.stats.special import stdtr

    use = use & (sample.clusters >= 0)
    n, w = int(use.sum()), np.where(use, sample.weights, 0.0)
    nan = float("nan")
    if n < 2:
        return WeightedCorrelation(n, nan, nan, sample.df, nan, nan, nan)
    a, b = (_centred(v, w, use) for v in (x, y))
    whole = float(w.sum())
    spread_a, spread_b = float(w @ a**2) / whole, float(w @ b**2) / whole
    if spread_a <= 0 or spread_b <= 0:
        return WeightedCorrelation(n, nan, nan, sample.df, nan, nan, nan)
    a, b = a / np.sqrt(spread_a), b / np.sqrt(spread_b)
    r = float(np.clip(float(w @ (a * b)) / whole, -1.0, 1.0))
    scores = w / whole * (a * b - r * (a**2 + b**2) / 2)
    error = float(np.sqrt(sample.variances(scores, np.where(use, 0, -1), 1)[0]))
    df = sample.df
    if df <= 0 or error <= 0 or abs(r) >= 1:
        return WeightedCorrelation(n, r, nan, df, nan, nan, nan)
    t, reach = r / error, t_quantile(df, confidence) * error
    p = 2 * float(stdtr(df, -abs(t)))
    return WeightedCorrelation(n, r, t, df, p, max(-1.0, r - reach), min(1.0, r + reach))


def _centred(values: Array, w: Array, use: NDArray[np.bool_]) -> Array:
    inside = np.where(use, values, 0.0)
    first = float(w @ inside) / float(w.sum())
    off = np.where(use, inside - first, 0.0)
    second = float(w @ off) / float(w.sum())
    return np.where(use, off - second, 0.0)
