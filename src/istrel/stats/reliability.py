"""Internal consistency of items that form a scale."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]


@dataclass(frozen=True)
class Alpha:
    """Cronbach's alpha of a set of items.

    Attributes
    ----------
    value
        NaN where it is not defined.
    left_out
        Alpha of the others when each item is left out, in the order of the items; NaN with fewer than three items.
    with_rest
        Correlation of each item with the sum of the others; negative where an item runs against them.
    n
        Cases that have all items.
    """

    value: float
    left_out: tuple[float, ...]
    with_rest: tuple[float, ...]
    n: int


def cronbach_alpha(items: Array, valid: NDArray[np.bool_]) -> Alpha:
    """Cronbach's alpha over the cases that have every item.

    Parameters
    ----------
    items
        (n, k); anything where not valid.
    valid
        (n, k).

    Returns
    -------
    NaN for fewer than two items or cases, or where the sum of the items has no spread.

    Notes
    -----
    k / (k − 1) · (1 − Σ s²ᵢ / s²ₜ) with variances over n − 1 (Cronbach, 1951, Psychometrika 16, 297–334). Everything
    follows from the covariance matrix C: Σ s²ᵢ is its trace, s²ₜ the sum of its elements.
    """
    complete = items[valid.all(axis=1)]
    n, k = complete.shape
    if n < 2 or k < 2:
        return Alpha(float("nan"), (float("nan"),) * k, (float("nan"),) * k, n)
    away = complete - complete.mean(axis=0)
    covariance = away.T @ away / (n - 1)
    variances, total = np.diag(covariance), float(covariance.sum())
    with_all = covariance.sum(axis=1)
    rest = total - 2 * with_all + variances
    with np.errstate(all="ignore"):
        value = k / (k - 1) * (1 - variances.sum() / total)
        left_out = (k - 1) / (k - 2) * (1 - (variances.sum() - variances) / rest) if k > 2 else np.full(k, np.nan)
        with_rest = (with_all - variances) / np.sqrt(variances * rest)
    finite = [float(v) if np.isfinite(v) else float("nan") for v in (value, *left_out, *with_rest)]
    return Alpha(finite[0], tuple(finite[1 : k + 1]), tuple(finite[k + 1 :]), n)
