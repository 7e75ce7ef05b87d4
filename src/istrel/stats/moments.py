"""Mean, variance, skewness, kurtosis and what follows from them, for all groups at once.

Up to EXACT_UP_TO values, deviations are taken from a shift near the mean without error, their powers kept twofold, and
summed without rounding; so the statistics of the doubles given come out right to the last digits even where the spread is
a billionth of the mean. Beyond, one pass in blocks that stay in the cache sums plain powers of the deviations.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Estimates, Undefined, estimates, undefined
from istrel.stats.grouping import Arranged
from istrel.stats.twofold import Twofold, add, divide, exact, multiply, segment_sums, subtract, two_sum

Array = NDArray[np.float64]
EXACT_UP_TO = 20_000
BLOCK = 8192  # fits the cache, and is too small for the BLAS to share out among threads: the sums keep their order
LEAST_EXPONENT = -1000  # 2 to the thousandth is still a double
HARMLESS = 100  # fourth powers of values up to 2**100 are far from the ends of a double
CONSTANT = "all_values_are_equal"


def few_values(fewest: int) -> Undefined:
    """There are not enough values."""
    return undefined("fewer_than_values", n=fewest)


@dataclass(frozen=True, eq=False)
class Moments:
    """Central sums of powers of every group, scaled.

    Attributes
    ----------
    n
        float64 (groups,), number of values.
    exponent
        int (groups,): all that follows belongs to the values divided by 2**exponent, which lie within ±1.
    mean
        Mean of the scaled values.
    second, third, fourth
        Sums of powers of deviations from the mean, of the scaled values.
    """

    n: Array
    exponent: NDArray[np.int64]
    mean: Twofold
    second: Twofold
    third: Twofold
    fourth: Twofold

    def of(self, groups: slice) -> Moments:
        """Those of some of the groups."""
        parts = (
            Twofold(*(half[groups] for half in part)) for part in (self.mean, self.second, self.third, self.fourth)
        )
        return Moments(self.n[groups], self.exponent[groups], *parts)


def moments(cells: Arranged) -> Moments:
    """The moments of every group; empty groups give zeros.

    Parameters
    ----------
    cells
        Values arranged by group, finite.

    Notes
    -----
    With d = x - c and S_k the sum of d**k over a group, m = S_1 / n:
    M_2 = S_2 - n m², M_3 = S_3 - 3 m S_2 + 2 n m³, M_4 = S_4 - 4 m S_3 + 6 m² S_2 - 3 n m⁴ (Pébay 2008, eq. 2.1).
    """
    filled = cells.sizes > 0
    n = cells.sizes.astype(np.float64)
    exponent = np.zeros(n.size, np.int64)
    sums = [exact(np.zeros(n.size)) for _ in range(4)]
    mean = exact(np.zeros(n.size))
    if filled.any():
        sizes, starts, times = cells.held[filled], cells.bounds[:-1][filled], cells.times
        exponent[filled] = np.maximum(np.frexp(np.maximum(*np.abs(cells.limits))[filled])[1], LEAST_EXPONENT)
        if cells.values.size > EXACT_UP_TO:
            exponent[np.abs(exponent) <= HARMLESS] = 0
            if times is None:
                shift, parts = _block_sums(cells.values, starts, sizes, exponent[filled])
            else:
                shift, parts = _counted_sums(cells.values, times, starts, sizes, exponent[filled])
        else:
            scaled = np.ldexp(cells.values, -np.repeat(exponent[filled], sizes))
            shift = np.add.reduceat(scaled if times is None else scaled * times, starts) / cells.sizes[filled]
            parts = _power_sums(scaled, np.repeat(shift, sizes), starts, sizes, times)
        sums = [_scatter(part, filled) for part in parts]
        mean = _scatter(add(exact(shift), divide(parts[0], exact(n[filled]))), filled)
    return Moments(n, exponent, mean, *_central(sums, np.maximum(n, 1.0)))


def _block_sums(
    x: Array, starts: NDArray[np.int64], sizes: NDArray[np.int64], exponent: NDArray[np.int64]
) -> tuple[Array, list[Twofold]]:
    """(shift, sums of powers of scaled deviations from it) by one pass over blocks; the shift is the middle value."""
    factor = np.ldexp(1.0, -exponent)
    plain = not exponent.any()
    shift = x[starts + sizes // 2] * factor
    sums = np.zeros((4, sizes.size))
    begins = np.arange(0, x.size, BLOCK)
    firsts = np.searchsorted(starts + sizes, begins, side="right")
    lasts = np.searchsorted(starts, np.minimum(begins + BLOCK, x.size), side="left")
    whole = np.zeros((begins.size, 4))  # of blocks that lie within one group, as nearly all do in large data
    buffer, square = np.empty(BLOCK), np.empty(BLOCK)
    for number, (begin, first, last) in enumerate(zip(begins.tolist(), firsts.tolist(), lasts.tolist(), strict=True)):
        block = x[begin : begin + BLOCK]
        d, d2 = buffer[: block.size], square[: block.size]
        if last - first == 1:
            np.subtract(block if plain else block * factor[first], shift[first], out=d)
            np.multiply(d, d, out=d2)
            whole[number] = d.sum(), d.dot(d), d2.dot(d), d2.dot(d2)
            continue
        within = np.maximum(starts[first:last] - begin, 0)
        lengths = np.diff(np.append(within, block.size))
        scaled = block if plain else block * np.repeat(factor[first:last], lengths)
        np.subtract(scaled, np.repeat(shift[first:last], lengths), out=d)
        np.multiply(d, d, out=d2)
        for power, term in enumerate((d, d2, d2 * d, d2 * d2)):
            sums[power, first:last] += np.add.reduceat(term, within)
    for power in range(4):
        sums[power] += np.bincount(firsts, weights=whole[:, power], minlength=sizes.size)[: sizes.size]
    return shift, [exact(row) for row in sums]


def _counted_sums(
    x: Array, times: NDArray[np.int64], starts: NDArray[np.int64], sizes: NDArray[np.int64], exponent: NDArray[np.int64]
) -> tuple[Array, list[Twofold]]:
    """(shift, sums of powers of scaled deviations from it) of values that many cases have each."""
    scaled, weights = x * np.repeat(np.ldexp(1.0, -exponent), sizes), times.astype(np.float64)
    shift = np.add.reduceat(scaled * weights, starts) / np.add.reduceat(weights, starts)
    d = scaled - np.repeat(shift, sizes)
    power, sums = weights, []
    for _ in range(4):
        power = power * d
        sums.append(exact(np.add.reduceat(power, starts)))
    return shift, sums


def _power_sums(
    x: Array,
    shift: Array,
    starts: NDArray[np.int64],
    sizes: NDArray[np.int64],
    times: NDArray[np.int64] | None,
) -> list[Twofold]:
    first = two_sum(x, -shift)
    second = multiply(first, first)
    powers = [first, second, multiply(second, first), multiply(second, second)]
    if times is not None:
        weights = exact(times.astype(np.float64))
        powers = [multiply(power, weights) for power in powers]
    return [segment_sums(power, starts, sizes) for power in powers]


def _scatter(part: Twofold, filled: NDArray[np.bool_]) -> Twofold:
    whole = exact(np.zeros(filled.size))
    whole.high[filled], whole.low[filled] = part
    return whole


def _central(sums: list[Twofold], n: Array) -> tuple[Twofold, Twofold, Twofold]:
    s1, s2, s3, s4 = sums
    m = divide(s1, exact(n))
    m2 = multiply(m, m)
    second = subtract(s2, multiply(exact(n), m2))
    third = add(
        subtract(s3, multiply(exact(np.full_like(n, 3.0)), multiply(m, s2))), multiply(exact(2.0 * n), multiply(m2, m))
    )
    fourth = subtract(s4, multiply(exact(np.full_like(n, 4.0)), multiply(m, s3)))
    fourth = add(fourth, multiply(exact(np.full_like(n, 6.0)), multiply(m2, s2)))
    fourth = subtract(fourth, multiply(exact(3.0 * n), multiply(m2, m2)))
    return second, third, fourth


def mean(m: Moments) -> Estimates:
    """Arithmetic mean; undefined without values."""
    return estimates(np.ldexp(m.mean.rounded, m.exponent), (m.n < 1, "no_values"))


def total(m: Moments) -> Estimates:
    """Sum of the values; 0 without values."""
    with np.errstate(over="ignore"):
        return estimates(np.ldexp(multiply(m.mean, exact(m.n)).rounded, m.exponent))


def variance(m: Moments) -> Estimates:
    """Variance with n - 1; undefined for fewer than 2 values."""
    with np.errstate(over="ignore", under="ignore"):
        scaled = divide(m.second, exact(np.maximum(m.n - 1, 1.0))).rounded
        return estimates(np.ldexp(scaled, 2 * m.exponent), (m.n < 2, few_values(2)))


def sd(m: Moments) -> Estimates:
    """Standard deviation, the root of the variance with n - 1; undefined for fewer than 2 values."""
    return estimates(_scaled_sd(m), (m.n < 2, few_values(2)))


def _scaled_sd(m: Moments) -> Array:
    scaled = divide(m.second, exact(np.maximum(m.n - 1, 1.0))).rounded
    with np.errstate(over="ignore", under="ignore"):
        return np.ldexp(np.sqrt(np.maximum(scaled, 0.0)), m.exponent)


def standard_error(m: Moments) -> Estimates:
    """Standard error of the mean, SD / sqrt(n); undefined for fewer than 2 values."""
    return estimates(_scaled_sd(m) / np.sqrt(np.maximum(m.n, 1.0)), (m.n < 2, few_values(2)))


def mean_interval(m: Moments, *, confidence: float = 0.95) -> tuple[Estimates, Estimates]:
    """Limits of the confidence interval of the mean by Student's t; undefined for fewer than 2 values."""
    from istrel.stats.special import stdtrit

    few = (m.n < 2, few_values(2))
    reach = stdtrit(np.maximum(m.n - 1, 1.0), 0.5 + confidence / 2) * standard_error(m).values
    middle = mean(m).values
    return estimates(middle - reach, few), estimates(middle + reach, few)


def coefficient_of_variation(m: Moments, minimum: Array) -> Estimates:
    """SD in percent of the mean; undefined where a value is negative or the mean is 0."""
    middle = mean(m).values
    with np.errstate(divide="ignore", invalid="ignore"):
        values = 100.0 * _scaled_sd(m) / middle
    return estimates(
        values, (m.n < 2, few_values(2)), (minimum < 0, "some_values_are_negative"), (middle == 0, "the_mean_is_0")
    )


def skewness(m: Moments) -> Estimates:
    """G1, adjusted Fisher–Pearson skewness (Joanes & Gill 1998); undefined for n < 3 or equal values."""
    with np.errstate(divide="ignore", invalid="ignore"):
        root = np.sqrt(m.second.rounded)
        plain = m.third.rounded / (m.second.rounded * root)
        values = plain * m.n * np.sqrt(m.n - 1.0) / (m.n - 2.0)
    return estimates(values, (m.n < 3, few_values(3)), (m.second.high <= 0, CONSTANT))


def skewness_error(m: Moments) -> Estimates:
    """Standard error of G1 for normal data: sqrt(6n(n-1) / ((n-2)(n+1)(n+3)))."""
    return estimates(skewness_error_of(np.maximum(m.n, 3.0)), (m.n < 3, few_values(3)))


def skewness_error_of(n: Array) -> Array:
    """The same by the number of values, at least 3; any shape."""
    return np.asarray(np.sqrt(6.0 * n * (n - 1) / ((n - 2) * (n + 1) * (n + 3))))


def kurtosis(m: Moments) -> Estimates:
    """G2, adjusted excess kurtosis (Joanes & Gill 1998); undefined for n < 4 or equal values.

    Notes
    -----
    G2 = (n-1) / ((n-2)(n-3)) · ((n+1) g2 + 6), g2 = n M4 / M2² - 3; the difference is taken twofold.
    """
    n = np.maximum(m.n, 4.0)
    with np.errstate(divide="ignore", invalid="ignore"):
        ratio = divide(multiply(exact(n), m.fourth), multiply(m.second, m.second))
        excess = subtract(ratio, exact(np.full_like(n, 3.0)))
        inner = add(multiply(exact(n + 1), excess), exact(np.full_like(n, 6.0))).rounded
        values = (n - 1) / ((n - 2) * (n - 3)) * inner
    return estimates(values, (m.n < 4, few_values(4)), (m.second.high <= 0, CONSTANT))


def kurtosis_error(m: Moments) -> Estimates:
    """Standard error of G2 for normal data: 2 SE(G1) sqrt((n²-1) / ((n-3)(n+5)))."""
    n = np.maximum(m.n, 4.0)
    values = 2.0 * skewness_error(m).values * np.sqrt((n * n - 1) / ((n - 3) * (n + 5)))
    return estimates(values, (m.n < 4, few_values(4)))


def mean_of(cells: Arranged) -> Array:
    """The mean of every group, NaN for an empty one: for means of something derived from the values."""
    return mean(moments(cells)).values
