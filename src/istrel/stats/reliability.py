"""Internal consistency of items that form a scale."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
MOST_TURNS, CLOSE = 5_000, 1e-12


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
    covariance
        Of the items, shape (k, k).
    """

    value: float
    left_out: tuple[float, ...]
    with_rest: tuple[float, ...]
    n: int
    covariance: Array


def cronbach_alpha(items: Array, valid: NDArray[np.bool_], times: NDArray[np.int64] | None = None) -> Alpha:
    """Cronbach's alpha over the cases that have every item.

    Parameters
    ----------
    items
        (n, k); anything where not valid.
    valid
        (n, k).
    times
        int64 (n,): how many cases each row stands for; None where each is one.

    Returns
    -------
    NaN for fewer than two items or cases, or where the sum of the items has no spread.

    Notes
    -----
    k / (k − 1) · (1 − Σ s²ᵢ / s²ₜ) with variances over n − 1 (Cronbach, 1951, Psychometrika 16, 297–334). Everything
    follows from the covariance matrix C: Σ s²ᵢ is its trace, s²ₜ the sum of its elements.
    """
    used = valid.all(axis=1)
    complete, cases = items[used], None if times is None else times[used]
    k, n = complete.shape[1], complete.shape[0] if cases is None else int(cases.sum())
    if n < 2 or k < 2:
        return Alpha(float("nan"), (float("nan"),) * k, (float("nan"),) * k, n, np.full((k, k), np.nan))
    away = complete - np.average(complete, axis=0, weights=cases)
    covariance = (away if cases is None else away * cases[:, None]).T @ away / (n - 1)
    variances, total = np.diag(covariance), float(covariance.sum())
    with_all = covariance.sum(axis=1)
    rest = total - 2 * with_all + variances
    with np.errstate(all="ignore"):
        value = k / (k - 1) * (1 - variances.sum() / total)
        left_out = (k - 1) / (k - 2) * (1 - (variances.sum() - variances) / rest) if k > 2 else np.full(k, np.nan)
        with_rest = (with_all - variances) / np.sqrt(variances * rest)
    finite = [float(v) if np.isfinite(v) else float("nan") for v in (value, *left_out, *with_rest)]
    return Alpha(finite[0], tuple(finite[1 : k + 1]), tuple(finite[k + 1 :]), n, covariance)


def alpha_limits(alpha: Alpha, *, confidence: float = 0.95) -> tuple[float, float]:
    """Limits of alpha (Feldt, 1965, Psychometrika 30, 357–370): (1 − α̂)/(1 − α) follows F with n − 1 and (n − 1)(k − 1)."""
    from istrel.stats.special import fdtri

    k, first = len(alpha.with_rest), float(alpha.n - 1)
    if not np.isfinite(alpha.value) or alpha.n < 2:
        return float("nan"), float("nan")
    second, tail = first * (k - 1), (1 - confidence) / 2
    low, high = (1 - (1 - alpha.value) * float(fdtri(first, second, p)) for p in (1 - tail, tail))
    return low, high


@dataclass(frozen=True)
class Omega:
    """Omega total of one factor.

    Attributes
    ----------
    value
        NaN where it is not defined: fewer than three items, or a search that does not end.
    residual
        Root mean square of what one factor leaves of the correlations between items.
    """

    value: float
    residual: float


def omega_total(covariance: Array) -> Omega:
    """McDonald's (1999) omega of one factor: (Σλ)²/((Σλ)² + Σψ), loadings by least squares of the residual covariances.

    Notes
    -----
    λ minimizes Σ (s(ij) − λ(i) λ(j))² over the pairs; each in turn solves its own line, λ(i) = Σ s(ij) λ(j)/Σ λ(j)². A unique
    variance ψ(i) = s(ii) − λ(i)² is not let below 0.
    """
    loading = one_factor(covariance)
    if loading is None:
        return Omega(float("nan"), float("nan"))
    variances, k = np.diag(covariance), covariance.shape[0]
    scale = np.sqrt(variances)
    common = float(loading.sum()) ** 2
    unique = float((variances - loading**2).sum())
    apart = (covariance - np.outer(loading, loading)) / np.outer(scale, scale)
    residual = float(np.sqrt((apart[np.triu_indices(k, 1)] ** 2).mean()))
    return Omega(common / (common + unique), residual)


def one_factor(covariance: Array) -> Array | None:
    """The loadings λ, shape (k,); None for fewer than three items, one without spread, or a search that does not end."""
    k = covariance.shape[0]
    variances = np.diag(covariance)
    if k < 3 or not np.isfinite(covariance).all() or (variances <= 0).any():
        return None
    scale = np.sqrt(variances)
    values, vectors = np.linalg.eigh(covariance)
    loading = vectors[:, -1] * np.sqrt(max(values[-1], 0.0))
    loading = loading * (np.sign(loading.sum()) or 1.0)
    for _ in range(MOST_TURNS):
        before = loading.copy()
        for i in range(k):  # over items, not cases
            others = np.arange(k) != i
            room = float(loading[others] @ loading[others])
            own = float(covariance[i, others] @ loading[others]) / room if room > 0 else 0.0
            loading[i] = np.clip(own, -scale[i], scale[i])
        if float(np.abs((loading - before) / scale).max()) < CLOSE:
            return np.asarray(loading)
    return None


def inter_item(covariance: Array) -> float:
    """The mean correlation of two items; NaN where one has no spread."""
    k, scale = covariance.shape[0], np.sqrt(np.diag(covariance))
    if k < 2 or not (scale > 0).all():
        return float("nan")
    return float((covariance / np.outer(scale, scale))[np.triu_indices(k, 1)].mean())
