"""Univariate tests of normality, for all groups at once. Each says why where it has no value."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Estimates, Undefined, estimates, undefined
from istrel.stats.grouping import Arranged
from istrel.stats.moments import CONSTANT, Moments, few_values, mean, moments, sd
from istrel.stats.shapiro_weights import polynomial, shapiro_weights, summed_weights

Array = NDArray[np.float64]
MOST_FOR_SHAPIRO_P = 5000
OUTERMOST, FINE = 40, 500
MOST_SIMULATED, DRAWS = 100, 20_000  # values, and samples of them, for the band of a quantile plot
FAR_TAIL = 30.0  # beyond, the tail itself nears the smallest double


@dataclass(frozen=True, eq=False)
class TestResult:
    """A test statistic and its p-value for every group."""

    statistic: Estimates
    p: Estimates


def _standard(cells: Arranged, m: Moments) -> Array:
    """Values as distances from their group's mean in SDs; 0 where a group has no spread."""
    spread = sd(m).values
    spread = np.where(np.isfinite(spread) & (spread > 0), spread, np.inf)
    return (cells.values - _spread(mean(m).values, cells)) / _spread(spread, cells)


def _spread(per_group: NDArray[Any], cells: Arranged) -> NDArray[Any]:
    """A number of each group at each of its values; for a single group the number alone, which arrays take as well."""
    return per_group if per_group.size == 1 else cells.of_each(per_group)


def _before(cells: Arranged) -> NDArray[np.int64]:
    """How many cases of its group stand before every value."""
    return cells.running[:-1] - _spread(cells.running[cells.bounds[:-1]], cells)


def _times(cells: Arranged) -> NDArray[np.int64] | int:
    """How many cases have every value."""
    return 1 if cells.times is None else cells.times


def _sums(terms: NDArray[Any], cells: Arranged) -> Array:
    """Sums over what is held of each group; 0 for an empty one."""
    total = np.zeros(cells.n_groups)
    filled = cells.held > 0
    if terms.size:
        total[filled] = np.add.reduceat(terms, cells.bounds[:-1][filled])
    return total


def _limits(cells: Arranged, fewest: int) -> tuple[tuple[NDArray[np.bool_], str | Undefined], ...]:
    low, high = cells.limits
    return (cells.sizes < fewest, few_values(fewest)), (low == high, CONSTANT)


def shapiro_wilk(cells: Arranged) -> TestResult:
    """Shapiro & Wilk's W and p by Royston (1995), algorithm AS R94; 3 <= n, and no p beyond 5,000 values.

    Notes
    -----
    The weights depend on n alone and are made once for each n that occurs.
    """
    limits = _limits(cells, 3)
    low, high = cells.limits
    sums_of = _shapiro_sums if cells.times is None else _shapiro_sums_of_counted
    weighted, squares = sums_of(cells, low, np.where(high > low, high - low, 1.0))
    w = np.minimum(weighted**2 / np.where(high > low, squares, 1.0), 1.0)
    large = (
        cells.sizes > MOST_FOR_SHAPIRO_P,
        undefined("no_p_beyond_values_royston", n=MOST_FOR_SHAPIRO_P),
    )
    return TestResult(estimates(w, *limits), estimates(_shapiro_p(w, cells.sizes), *limits, large))


def _shapiro_sums(cells: Arranged, low: Array, width: Array) -> tuple[Array, Array]:
    """(weighted sums, sums of squares about the mean) of the values of each group, brought to the range from 0 to 1."""
    size = int(cells.sizes[0]) if cells.n_groups else 0
    if size >= 3 and bool((cells.sizes == size).all()):  # groups of one size are the rows of a matrix
        x = (cells.values.reshape(-1, size) - low[:, None]) / width[:, None]
        x -= x.mean(axis=1, keepdims=True)
        return x @ _weights_of(size), np.einsum("ij,ij->i", x, x)
    x = (cells.values - _spread(low, cells)) / _spread(width, cells)
    x -= np.repeat(_sums(x, cells) / np.maximum(cells.sizes, 1), cells.sizes)
    return _sums(_gathered_weights(cells) * x, cells), _sums(x * x, cells)


def _shapiro_sums_of_counted(cells: Arranged, low: Array, width: Array) -> tuple[Array, Array]:
    """The same of values that many cases have: the weights of their places are summed."""
    x = (cells.values - _spread(low, cells)) / _spread(width, cells)
    x -= _spread(_sums(_times(cells) * x, cells) / np.maximum(cells.sizes, 1), cells)
    weights, before = np.zeros(x.size), _before(cells)
    for group, size in enumerate(cells.sizes.tolist()):  # weights depend on n
        part = slice(int(cells.bounds[group]), int(cells.bounds[group + 1]))
        weights[part] = summed_weights(size, np.append(before[part], size))
    return _sums(weights * x, cells), _sums(_times(cells) * x * x, cells)


@lru_cache(2)
def _weights_of(size: int) -> Array:
    """The weights of one n; variables of the same cases share them."""
    return shapiro_weights(np.array([size]))


def _gathered_weights(cells: Arranged) -> Array:
    """The weight of every value: those of its group's n at its place."""
    sizes, which = np.unique(cells.sizes, return_inverse=True)
    offsets = np.concatenate([[0], np.cumsum(sizes)])
    table = shapiro_weights(sizes)
    return table[np.repeat(offsets[which], cells.sizes) + _before(cells)]


def _shapiro_p(w: Array, sizes: NDArray[np.int64]) -> Array:
    """Royston's normalising transformation of ln(1 - W): n = 3 exactly, 4 to 11, and from 12 on."""
    from istrel.stats.special import ndtr

    n = np.maximum(sizes, 3).astype(np.float64)
    with np.errstate(divide="ignore", invalid="ignore"):
        y = np.log1p(-w)
        small = n <= 11
        gamma = polynomial((-2.273, 0.459), n)
        log_n = np.log(n)
        shown = np.where(small, -np.log(np.maximum(gamma - y, 1e-300)), y)
        location = np.where(
            small,
            polynomial((0.5440, -0.39978, 0.025054, -6.714e-4), n),
            polynomial((-1.5861, -0.31082, -0.083751, 0.0038915), log_n),
        )
        scale = np.exp(
            np.where(
                small,
                polynomial((1.3822, -0.77857, 0.062767, -0.0020322), n),
                polynomial((-0.4803, -0.082676, 0.0030302), log_n),
            )
        )
        p = ndtr(-(shown - location) / scale)
        p = np.where(small & (y >= gamma), 1e-99, p)
        third = 6 / np.pi * (np.arcsin(np.sqrt(w)) - np.arcsin(np.sqrt(0.75)))
    return np.where(sizes == 3, np.clip(third, 0.0, 1.0), p)


def anderson_darling(cells: Arranged, m: Moments | None = None) -> TestResult:
    """Anderson & Darling's A² with both parameters estimated; p after D'Agostino & Stephens (1986, table 4.9); n >= 8.

    Notes
    -----
    The statistic is A²* = A² (1 + 0.75/n + 2.25/n²).
    """
    z = _standard(cells, m or moments(cells))
    before, times, n = _before(cells), _times(cells), np.maximum(cells.sizes, 1).astype(np.float64)
    # ln Φ(z_i) + ln(1 - Φ(z_{n+1-i})), summed with weights 2i - 1: the second term read at its own place instead. The
    # weights of t cases after the first s are t (2s + t) together.
    tail, body = _log_tails(np.abs(z))
    after = _spread(cells.sizes, cells) - before - times
    low, high = times * (2.0 * before + times), times * (2.0 * after + times)
    terms = low * np.where(z < 0, tail, body) + high * np.where(z < 0, body, tail)
    a = -n - np.asarray(_sums(terms, cells) / n)
    star = a * (1 + 0.75 / n + 2.25 / n**2)
    limits = _limits(cells, 8)
    return TestResult(estimates(star, *limits), estimates(_anderson_p(star), *limits))


def _log_tails(distance: Array) -> tuple[Array, Array]:
    """(ln Φ(-d), ln Φ(d)) for distances d >= 0."""
    from istrel.stats.special import log_ndtr, ndtr

    tail = ndtr(-distance)
    far = distance > FAR_TAIL
    logarithm = np.log(np.where(far, 1.0, tail))
    if far.any():
        logarithm[far] = log_ndtr(-distance[far])
    return logarithm, np.log1p(-tail)


def _anderson_p(a: Array) -> Array:
    pieces = (
        1 - np.exp(-13.436 + 101.14 * a - 223.73 * a**2),
        1 - np.exp(-8.318 + 42.796 * a - 59.938 * a**2),
        np.exp(0.9177 - 4.279 * a - 1.38 * a**2),
        np.exp(1.2937 - 5.709 * a + 0.0186 * np.minimum(a, 153.0) ** 2),
    )
    p = np.select([a < 0.2, a < 0.34, a < 0.6], pieces[:3], default=pieces[3])
    return np.clip(np.where(a > 13, np.minimum(p, np.exp(1.2937 - 5.709 * 13 + 0.0186 * 169)), p), 0.0, 1.0)


def lilliefors(cells: Arranged, m: Moments | None = None) -> TestResult:
    """Kolmogorov's distance with estimated parameters (Lilliefors 1967); p after Dallal & Wilkinson (1986); n >= 5.

    Notes
    -----
    Above p = .10 the p comes from Stephens' (1974) modified distance (sqrt(n) - 0.01 + 0.85/sqrt(n)) D.
    """
    from istrel.stats.special import ndtr

    f = ndtr(_standard(cells, m or moments(cells)))
    before, n = _before(cells), _spread(cells.sizes, cells)
    gaps = np.maximum((before + _times(cells)) / n - f, f - before / n)
    distance = np.zeros(cells.n_groups)
    filled = cells.held > 0
    if gaps.size:
        distance[filled] = np.maximum.reduceat(gaps, cells.bounds[:-1][filled])
    limits = _limits(cells, 5)
    return TestResult(estimates(distance, *limits), estimates(_lilliefors_p(distance, cells.sizes), *limits))


def _lilliefors_p(distance: Array, sizes: NDArray[np.int64]) -> Array:
    n = np.maximum(sizes, 5).astype(np.float64)
    d = np.where(n > 100, distance * (n / 100) ** 0.49, distance)
    k = np.minimum(n, 100.0)
    tail = np.exp(
        -7.01256 * d**2 * (k + 2.78019)
        + 2.99587 * d * np.sqrt(k + 2.78019)
        - 0.122119
        + 0.974598 / np.sqrt(k)
        + 1.67997 / k
    )
    s = (np.sqrt(n) - 0.01 + 0.85 / np.sqrt(n)) * distance
    body = np.select(
        [s <= 0.302, s <= 0.5, s <= 0.9, s <= 1.31],
        [
            np.ones_like(s),
            polynomial((2.76773, -19.828315, 80.709644, -138.55152, 81.218052), s),
            polynomial((-4.901232, 40.662806, -97.490286, 94.029866, -32.355711), s),
            polynomial((6.198765, -19.558097, 23.186922, -12.234627, 2.423045), s),
        ],
        default=0.0,
    )
    return np.clip(np.where(tail > 0.1, body, tail), 0.0, 1.0)


def _biased_shape(m: Moments) -> tuple[Array, Array]:
    """(g1, g2 + 3): skewness and kurtosis with n in the denominators; 0 where there is no spread."""
    n, second = np.maximum(m.n, 1.0), np.where(m.second.high > 0, m.second.rounded, 1.0)
    return np.sqrt(n) * m.third.rounded / second**1.5, n * m.fourth.rounded / second**2


def dagostino_pearson(cells: Arranged, m: Moments | None = None) -> TestResult:
    """K² = Z(b1)² + Z(b2)²: D'Agostino (1970) for skewness, Anscombe & Glynn (1983) for kurtosis; chi-square with 2 df; n >= 20."""
    m = m or moments(cells)
    n = np.maximum(m.n, 20.0)
    g1, b2 = _biased_shape(m)
    y: Array = g1 * np.sqrt((n + 1) * (n + 3) / (6 * (n - 2)))
    beta = 3 * (n**2 + 27 * n - 70) * (n + 1) * (n + 3) / ((n - 2) * (n + 5) * (n + 7) * (n + 9))
    w2 = -1 + np.sqrt(2 * (beta - 1))
    z1 = np.arcsinh(y / np.sqrt(2 / (w2 - 1))) / np.sqrt(np.log(np.sqrt(w2)))
    expected = 3 * (n - 1) / (n + 1)
    spread = 24 * n * (n - 2) * (n - 3) / ((n + 1) ** 2 * (n + 3) * (n + 5))
    x = (b2 - expected) / np.sqrt(spread)
    skew = 6 * (n**2 - 5 * n + 2) / ((n + 7) * (n + 9)) * np.sqrt(6 * (n + 3) * (n + 5) / (n * (n - 2) * (n - 3)))
    a = 6 + 8 / skew * (2 / skew + np.sqrt(1 + 4 / skew**2))
    inner = (1 - 2 / a) / (1 + x * np.sqrt(2 / (a - 4)))
    z2 = (1 - 2 / (9 * a) - np.cbrt(inner)) / np.sqrt(2 / (9 * a))
    k2 = z1**2 + z2**2
    limits = _limits(cells, 20)
    return TestResult(estimates(k2, *limits), estimates(np.exp(-k2 / 2), *limits))


def jarque_bera(cells: Arranged, m: Moments | None = None) -> TestResult:
    """n/6 (g1² + g2²/4), chi-square with 2 df (Jarque & Bera 1980); asymptotic, so from n = 2,000 on."""
    m = m or moments(cells)
    g1, b2 = _biased_shape(m)
    jb = m.n / 6 * (g1**2 + (b2 - 3) ** 2 / 4)
    limits = _limits(cells, 2000)
    return TestResult(estimates(jb, *limits), estimates(np.exp(-jb / 2), *limits))


def places_shown(n: int, most: int | None) -> NDArray[np.int64]:
    """The places from 1 to n; evenly chosen among them where they are more than `most`."""
    return np.unique(np.linspace(1, n, n if most is None else min(n, most)).round().astype(np.int64))


def normal_positions(n: int, *, most: int | None = None) -> Array:
    """Expected normal quantiles of n ordered values at Blom's positions (i - 3/8) / (n + 1/4), at the places shown."""
    from istrel.stats.special import ndtri

    return np.asarray(ndtri((places_shown(n, most) - 0.375) / (n + 0.25)))


@lru_cache(maxsize=64)
def quantile_band(n: int, *, confidence: float = 0.95, most: int | None = None) -> tuple[Array, Array]:
    """(low, high) between which each ordered value, standardized by the sample's own M and SD, lies with this confidence.

    Returns
    -------
    Each of shape (places shown,), in SDs; n >= 2.

    Notes
    -----
    Up to 100 values by a simulation whose seed is n. Beyond, the limits of the order statistics of a known normal
    distribution (by the beta distribution of their shares) drawn towards their mean: that M and SD are estimated takes
    (1 + z²/2)/n from their variance p(1 − p)/(n φ(z)²). Coverage is held by tests.
    """
    place = places_shown(n, most)
    if n <= MOST_SIMULATED:
        ordered = np.sort(np.random.default_rng(n).standard_normal((DRAWS, n)), axis=1)
        ordered -= ordered.mean(axis=1, keepdims=True)
        ordered /= ordered.std(axis=1, ddof=1, keepdims=True)
        low, high = np.quantile(ordered, [(1 - confidence) / 2, (1 + confidence) / 2], axis=0)
        low, high = (low - high[::-1]) / 2, (high - low[::-1]) / 2  # the distribution has two like sides
        return low[place - 1], high[place - 1]
    from istrel.stats.special import betaincinv, ndtri

    z = normal_positions(n, most=most)
    density = np.exp(-0.5 * z * z) / np.sqrt(2 * np.pi)
    p = (place - 0.375) / (n + 0.25)
    known = p * (1 - p) / (n * density**2)
    outer = np.arange(1, OUTERMOST + 1)  # where the formula is rough, mean and variance by quadrature
    shares = (np.arange(FINE) + 0.5) / FINE
    drawn_from = ndtri(betaincinv(outer[:, None], n - outer[:, None] + 1, shares))
    from_end = np.minimum(place, n + 1 - place)
    rough = from_end <= OUTERMOST
    middle, spread = (found[from_end[rough] - 1] for found in (drawn_from.mean(axis=1), drawn_from.var(axis=1)))
    z[rough], known[rough] = np.where(2 * place[rough] <= n, middle, -middle), spread
    drawn = np.sqrt(np.maximum(known - (1 + z * z / 2) / n, 0.0) / known)
    low, high = (ndtri(betaincinv(place, n - place + 1, q)) for q in ((1 - confidence) / 2, (1 + confidence) / 2))
    return z + drawn * (low - z), z + drawn * (high - z)


def simultaneous_band(n: int, *, confidence: float = 0.95, most: int | None = None) -> tuple[Array, Array]:
    """(low, high) of the ordered standardized values for which the Lilliefors test does not reject, shape (places shown,).

    Infinite where the test sets no limit. All values lie inside just when its p is at least 1 - confidence; n >= 5.
    """
    from istrel.stats.special import ndtri

    distance, place = _lilliefors_distance(n, 1 - confidence), places_shown(n, most)
    with np.errstate(divide="ignore"):
        low = ndtri(np.clip(place / n - distance, 0.0, 1.0))
        high = ndtri(np.clip((place - 1) / n + distance, 0.0, 1.0))
    return np.asarray(low), np.asarray(high)


def _lilliefors_distance(n: int, p: float) -> float:
    """The distance that has this p, by halving."""
    low, high, sizes = 0.0, 1.0, np.array([n])
    for _ in range(60):
        middle = (low + high) / 2
        above = float(_lilliefors_p(np.array([middle]), sizes)[0]) >= p
        low, high = (middle, high) if above else (low, middle)
    return high
