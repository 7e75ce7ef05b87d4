"""Tests of multivariate normality and Mahalanobis distances of a set of variables."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined
from istrel.stats.moderate import moderate

Array = NDArray[np.float64]
FEW_ENOUGH = 100_000  # cases up to which orthogonal turns are used; beyond, products of columns
BLOCK = 1024
REMOTE_P = 0.001
MOST_PAIRED = 10_000


@dataclass(frozen=True)
class SetTest:
    """A statistic and its p-value, or why there are none."""

    statistic: float | Undefined
    p: float | Undefined


@dataclass(frozen=True, eq=False)
class SetShape:
    """How a set of variables is shaped.

    Attributes
    ----------
    distances
        Squared Mahalanobis distances, shape (n,), NaN where the covariance is singular.
    remote
        Places (from 0) of cases whose distance has p < .001.
    """

    n: int
    mardia_skewness: SetTest
    mardia_kurtosis: SetTest
    henze_zirkler: SetTest
    distances: Array
    remote: NDArray[np.int64]


def set_shape(x: Array, names: tuple[str, ...]) -> SetShape:
    """Mardia's tests, Henze & Zirkler's test and distances of complete cases.

    Parameters
    ----------
    x
        Complete cases, shape (n, variables).
    names
        For saying which variables make the covariance singular.

    Notes
    -----
    Mardia (1970) with the covariance of divisor n; skewness n b1/6 · k with the small-sample factor
    k = (p+1)(n+1)(n+3) / (n((n+1)(p+1) - 6)) (Mardia 1974), chi-square with p(p+1)(p+2)/6 df; kurtosis as a standard normal.
    Henze & Zirkler (1990) with their bandwidth, p from a log-normal. Its sum
    over pairs of cases runs in blocks, up to 10,000 cases.
    """
    x = np.column_stack([moderate(column)[0] for column in x.T])
    n, p = x.shape
    few = Undefined(f"fewer than {p + 2} complete cases")
    reason: Undefined | None = few if n < p + 2 else _singular(x, names)
    if reason is not None:
        none = SetTest(reason, reason)
        return SetShape(n, none, none, none, np.full(n, np.nan), np.zeros(0, np.int64))
    from scipy.special import chdtrc

    centred = x - x.mean(axis=0)
    spread = np.sqrt((centred**2).mean(axis=0))
    centred = centred / spread
    white = _whitened(centred)
    distances = (white**2).sum(axis=1)
    classical = distances * (n - 1) / n
    return SetShape(
        n=n,
        mardia_skewness=_mardia_skewness(_third_moments(white), n, p),
        mardia_kurtosis=_mardia_kurtosis(float((distances**2).mean()), n, p),
        henze_zirkler=_henze_zirkler(white, distances),
        distances=classical,
        remote=np.flatnonzero(chdtrc(p, classical) < REMOTE_P),
    )


def _singular(x: Array, names: tuple[str, ...]) -> Undefined | None:
    """Which variables are a combination of the others, if any: those that add no rank."""
    centred = x - x.mean(axis=0)
    norms = np.sqrt((centred**2).sum(axis=0))
    constant = [
        name
        for name, norm, column in zip(names, norms, x.T, strict=True)
        if norm <= 1e-12 * np.abs(column).max(initial=1e-300)
    ]
    if constant:
        return Undefined(f"the covariance is singular: {', '.join(constant)} is constant")
    r, least = _diagonal(centred / norms)
    dependent = [name for name, size in zip(names, r, strict=True) if size < least]
    if dependent:
        return Undefined(f"the covariance is singular: {', '.join(dependent)} follows from the others")
    return None


def _diagonal(columns: Array) -> tuple[Array, float]:
    """(how much each column adds to those before it, below which size that is nothing); for many cases from products."""
    if columns.shape[0] <= FEW_ENOUGH:
        return np.abs(np.diag(np.linalg.qr(columns, mode="r"))), 1e-8
    left = columns.T @ columns
    added = np.zeros(left.shape[0])
    for k in range(left.shape[0]):  # Gram and Schmidt on the products: a few steps, whatever the number of cases
        added[k] = np.sqrt(max(0.0, left[k, k]))
        if added[k] > 0:
            left = left - np.outer(left[:, k], left[k]) / left[k, k]
    return added, 1e-6


def _whitened(centred: Array) -> Array:
    """Cases turned so that their covariance (divisor n) is the identity."""
    from scipy.linalg import solve_triangular

    n = centred.shape[0]
    many = n > FEW_ENOUGH
    r = np.linalg.cholesky(centred.T @ centred / n).T if many else np.asarray(np.linalg.qr(centred / np.sqrt(n), "r"))
    return np.asarray(centred @ solve_triangular(r, np.eye(r.shape[0])))


def _third_moments(white: Array) -> float:
    """Mardia's b1, the mean of g_ij³ over all pairs: the sum of squares of the third moments of whitened variables."""
    n, p = white.shape
    return float(sum((((white * white[:, [a]]).T @ white / n) ** 2).sum() for a in range(p)))


def _kernel_sum(white: Array, distances: Array) -> float:
    """Sum of exp(-β²/2 D_ij) over all pairs of cases, block by block."""
    n, p = white.shape
    beta = _bandwidth(n, p)
    total = 0.0
    for start in range(0, n, BLOCK):
        g = white[start : start + BLOCK] @ white.T
        apart = distances[start : start + BLOCK, None] - 2 * g + distances[None, :]
        total += float(np.exp(-0.5 * beta**2 * apart).sum())
    return total


def _bandwidth(n: int, p: int) -> float:
    return float((1 / np.sqrt(2)) * ((2 * p + 1) / 4) ** (1 / (p + 4)) * n ** (1 / (p + 4)))


def _mardia_skewness(b1: float, n: int, p: int) -> SetTest:
    from scipy.special import chdtrc

    factor = (p + 1) * (n + 1) * (n + 3) / (n * ((n + 1) * (p + 1) - 6))
    statistic = n * b1 / 6 * factor
    return SetTest(statistic, float(chdtrc(p * (p + 1) * (p + 2) / 6, statistic)))


def _mardia_kurtosis(b2: float, n: int, p: int) -> SetTest:
    from scipy.special import ndtr

    z = (b2 - p * (p + 2)) / np.sqrt(8 * p * (p + 2) / n)
    return SetTest(float(z), float(2 * ndtr(-abs(z))))


def _henze_zirkler(white: Array, distances: Array) -> SetTest:
    from scipy.special import ndtr

    n, p = white.shape
    if n > MOST_PAIRED:
        many = Undefined(f"not beyond {MOST_PAIRED:,} cases: it compares every pair")
        return SetTest(many, many)
    kernel = _kernel_sum(white, distances)

    b2 = _bandwidth(n, p) ** 2
    single = float(np.exp(-b2 / (2 * (1 + b2)) * distances).sum())
    hz = kernel / n - 2 * (1 + b2) ** (-p / 2) * single + n * (1 + 2 * b2) ** (-p / 2)
    w = (1 + b2) * (1 + 3 * b2)
    a = 1 + 2 * b2
    mean = 1 - a ** (-p / 2) * (1 + p * b2 / a + p * (p + 2) * b2**2 / (2 * a**2))
    variance = (
        2 * (1 + 4 * b2) ** (-p / 2)
        + 2 * a ** (-p) * (1 + 2 * p * b2**2 / a**2 + 3 * p * (p + 2) * b2**4 / (4 * a**4))
        - 4 * w ** (-p / 2) * (1 + 3 * p * b2**2 / (2 * w) + p * (p + 2) * b2**4 / (2 * w**2))
    )
    location = np.log(np.sqrt(mean**4 / (variance + mean**2)))
    scale = np.sqrt(np.log((variance + mean**2) / mean**2))
    return SetTest(hz, float(ndtr(-(np.log(hz) - location) / scale)))
