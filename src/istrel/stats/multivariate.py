"""Tests of multivariate normality and Mahalanobis distances of a set of variables."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined, undefined
from istrel.stats.moderate import moderate

Array = NDArray[np.float64]
FEW_ENOUGH = 100_000  # cases up to which orthogonal turns are used; beyond, products of columns
BLOCK = 256
LONG_BLOCK = 65_536
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


def set_shape(x: Array, names: tuple[str, ...], times: NDArray[np.int64] | None = None) -> SetShape:
    """Mardia's tests, Henze & Zirkler's test and distances of complete cases.

    Parameters
    ----------
    x
        Complete cases, shape (n, variables).
    names
        For saying which variables make the covariance singular.
    times
        int64 (n,): how many cases each row stands for; None where each is one.

    Notes
    -----
    Mardia (1970) with the covariance of divisor n; skewness n b1/6 · k with the small-sample factor
    k = (p+1)(n+1)(n+3) / (n((n+1)(p+1) - 6)) (Mardia 1974), chi-square with p(p+1)(p+2)/6 df; kurtosis as a standard normal.
    Henze & Zirkler (1990) with their bandwidth, p from a log-normal. Its sum
    over pairs of cases runs in blocks, up to 10,000 cases.
    """
    rows, p = x.shape
    cases = None if times is None else times.astype(np.float64)
    n = rows if times is None else int(times.sum())
    few = undefined("fewer_than_complete_cases", n=p + 2)
    columns = np.stack([moderate(column)[0] for column in x.T]) if rows else np.zeros((p, 0))
    reason: Undefined | None = few if n < p + 2 else _singular(columns, names, cases)
    if reason is not None:
        none = SetTest(reason, reason)
        return SetShape(n, none, none, none, np.full(rows, np.nan), np.zeros(0, np.int64))
    from istrel.stats.special import chdtri

    white = _whitened(columns, cases, n)
    distances, thirds = np.empty(rows), np.zeros((p, p, p))
    for start in range(0, rows, LONG_BLOCK):
        block = slice(start, start + LONG_BLOCK)
        part = white[:, block]
        distances[block] = np.einsum("ij,ij->j", part, part)
        weighed = part if cases is None else part * cases[block]
        for a in range(p):
            thirds[a] += (weighed * part[a]) @ part.T
    classical = distances * ((n - 1) / n)
    return SetShape(
        n=n,
        mardia_skewness=_mardia_skewness(float(((thirds / n) ** 2).sum()), n, p),
        mardia_kurtosis=_mardia_kurtosis(_sum(distances**2, cases) / n, n, p),
        henze_zirkler=_henze_zirkler(white, distances, n, times),
        distances=classical,
        remote=np.flatnonzero(classical > chdtri(p, REMOTE_P)),
    )


def _sum(values: Array, cases: Array | None) -> float:
    """The sum over all cases; each row is one where nothing is said."""
    return float(values.sum() if cases is None else (values * cases).sum())


def _products(columns: Array, cases: Array | None) -> Array:
    return columns @ columns.T if cases is None else (columns * cases) @ columns.T


def _singular(columns: Array, names: tuple[str, ...], cases: Array | None) -> Undefined | None:
    """Which variables are a combination of the others, if any: those that add no rank. Centres the columns in place."""
    largest = np.abs(columns).max(axis=1, initial=1e-300)
    n = columns.shape[1] if cases is None else cases.sum()
    columns -= np.array([_sum(column, cases) for column in columns])[:, None] / n
    norms = np.sqrt([_sum(column**2, cases) for column in columns])
    constant = [name for name, norm, top in zip(names, norms, largest, strict=True) if norm <= 1e-12 * top]
    if constant:
        return undefined("the_covariance_is_singular_is", names=", ".join(constant))
    columns /= (norms / np.sqrt(n))[:, None]
    r, least = _diagonal(columns, cases, n)
    dependent = [name for name, size in zip(names, r, strict=True) if size < least]
    if dependent:
        return undefined("the_covariance_is_singular_follows", names=", ".join(dependent))
    return None


def _diagonal(columns: Array, cases: Array | None, n: float) -> tuple[Array, float]:
    """(how much each column adds to those before it, below which size that is nothing); for many rows from products."""
    if columns.shape[1] <= FEW_ENOUGH:
        return np.abs(np.diag(_triangle(columns, cases, n))), 1e-8
    left = _products(columns, cases) / n
    added = np.zeros(left.shape[0])
    for k in range(left.shape[0]):  # Gram and Schmidt on the products: a few steps, whatever the number of cases
        added[k] = np.sqrt(max(0.0, left[k, k]))
        if added[k] > 0:
            left = left - np.outer(left[:, k], left[k]) / left[k, k]
    return added, 1e-6


def _triangle(columns: Array, cases: Array | None, n: float) -> Array:
    """The triangle of centred columns whose product with itself is their covariance (divisor n)."""
    shares = 1 / n if cases is None else cases / n
    return np.asarray(np.linalg.qr((columns * np.sqrt(shares)).T, "r"))


def _whitened(columns: Array, cases: Array | None, n: float) -> Array:
    """Centred columns, (variables, rows), turned so that their covariance (divisor n) is the identity."""
    many = columns.shape[1] > FEW_ENOUGH
    upper = np.linalg.cholesky(_products(columns, cases) / n).T if many else _triangle(columns, cases, n)
    return np.asarray(np.linalg.solve(upper.T, columns))


def _kernel_sum(white: Array, distances: Array) -> float:
    """Sum of exp(-β²/2 D_ij) over all pairs of cases, block by block."""
    p, n = white.shape
    squared = _bandwidth(n, p) ** 2
    half = -0.5 * squared * distances
    total = 0.0
    for start in range(0, n, BLOCK):  # each pair once: a block with itself and, twice, with all behind it
        block = slice(start, min(start + BLOCK, n))
        apart = white[:, block].T @ white[:, start:]
        apart *= squared
        apart += half[block, None]
        apart += half[None, start:]
        np.exp(apart, out=apart)
        own = float(apart[:, : block.stop - start].sum())
        total += 2 * float(apart.sum()) - own
    return total


def _bandwidth(n: int, p: int) -> float:
    return float((1 / np.sqrt(2)) * ((2 * p + 1) / 4) ** (1 / (p + 4)) * n ** (1 / (p + 4)))


def _mardia_skewness(b1: float, n: int, p: int) -> SetTest:
    from istrel.stats.special import chdtrc

    factor = (p + 1) * (n + 1) * (n + 3) / (n * ((n + 1) * (p + 1) - 6))
    statistic = n * b1 / 6 * factor
    return SetTest(statistic, float(chdtrc(p * (p + 1) * (p + 2) / 6, statistic)))


def _mardia_kurtosis(b2: float, n: int, p: int) -> SetTest:
    from istrel.stats.special import ndtr

    z = (b2 - p * (p + 2)) / np.sqrt(8 * p * (p + 2) / n)
    return SetTest(float(z), float(2 * ndtr(-abs(z))))


def _henze_zirkler(white: Array, distances: Array, n: int, times: NDArray[np.int64] | None) -> SetTest:
    from istrel.stats.special import ndtr

    p = white.shape[0]
    if n > MOST_PAIRED:
        many = undefined("not_beyond_cases_it_compares", n=MOST_PAIRED)
        return SetTest(many, many)
    kernel, single, b2 = _kernel_sums(white, distances, n, times)
    hz = kernel / n - 2 * (1 + b2) ** (-p / 2) * single + n * (1 + 2 * b2) ** (-p / 2)
    mean, variance = henze_zirkler_moments(n, p)
    location = np.log(np.sqrt(mean**4 / (variance + mean**2)))
    scale = np.sqrt(np.log((variance + mean**2) / mean**2))
    return SetTest(hz, float(ndtr(-(np.log(hz) - location) / scale)))


def _kernel_sums(white: Array, distances: Array, n: int, times: NDArray[np.int64] | None) -> tuple[float, float, float]:
    """(Σ exp(−β²/2 D) over all pairs of cases, Σ exp(−β²/(2(1 + β²)) d) over cases, β²)."""
    if times is not None:
        white, distances = np.repeat(white, times, axis=1), np.repeat(distances, times)
    b2 = _bandwidth(n, white.shape[0]) ** 2
    single = float(np.exp(-b2 / (2 * (1 + b2)) * distances).sum())
    return _kernel_sum(white, distances), single, b2


def kernel_sums(x: Array, times: NDArray[np.int64] | None = None) -> tuple[float, float, float]:
    """The sums of Henze and Zirkler's statistic and its β², of complete cases, shape (n, variables), of full rank."""
    n = x.shape[0] if times is None else int(times.sum())
    cases = None if times is None else times.astype(np.float64)
    columns = np.stack([moderate(column)[0] for column in x.T])
    _singular(columns, tuple(map(str, range(x.shape[1]))), cases)  # centres and scales them
    white = _whitened(columns, cases, n)
    return _kernel_sums(white, np.einsum("ij,ij->j", white, white), n, times)


def henze_zirkler_moments(n: int, p: int) -> tuple[float, float]:
    """(mean, variance) of the statistic of normal sets."""
    b2 = _bandwidth(n, p) ** 2
    w = (1 + b2) * (1 + 3 * b2)
    a = 1 + 2 * b2
    mean = 1 - a ** (-p / 2) * (1 + p * b2 / a + p * (p + 2) * b2**2 / (2 * a**2))
    variance = (
        2 * (1 + 4 * b2) ** (-p / 2)
        + 2 * a ** (-p) * (1 + 2 * p * b2**2 / a**2 + 3 * p * (p + 2) * b2**4 / (4 * a**4))
        - 4 * w ** (-p / 2) * (1 + 3 * p * b2**2 / (2 * w) + p * (p + 2) * b2**4 / (2 * w**2))
    )
    return mean, variance
