"""Arithmetic on arrays of unevaluated sums of two doubles (about 32 digits), and sums over segments without rounding.

Sources: Dekker (1971) and Knuth for the error-free sum and product; Hida, Li & Bailey (2001) for the twofold
operations; Rump, Ogita & Oishi (2008) for sums by extraction. Inputs are scaled to size 1 by the callers, so no
product over- or underflows.
"""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
SPLITTER = 134217729.0  # 2**27 + 1
ROUNDS = 3


class Twofold(NamedTuple):
    """The number high + low, |low| at most half a unit in the last place of high."""

    high: Array
    low: Array

    @property
    def rounded(self) -> Array:
        return self.high + self.low


def two_sum(a: Array, b: Array) -> Twofold:
    """a + b without error."""
    total = a + b
    back = total - a
    return Twofold(total, (a - (total - back)) + (b - back))


def two_product(a: Array, b: Array) -> Twofold:
    """a · b without error."""
    product = a * b
    a_high, b_high = _upper_half(a), _upper_half(b)
    a_low, b_low = a - a_high, b - b_high
    return Twofold(product, ((a_high * b_high - product) + a_high * b_low + a_low * b_high) + a_low * b_low)


def _upper_half(a: Array) -> Array:
    wide = SPLITTER * a
    return wide - (wide - a)


def exact(values: Array | float) -> Twofold:
    """A double as a twofold number."""
    high = np.asarray(values, dtype=np.float64)
    return Twofold(high, np.zeros_like(high))


def add(a: Twofold, b: Twofold) -> Twofold:
    total = two_sum(a.high, b.high)
    return two_sum(total.high, total.low + (a.low + b.low))


def negative(a: Twofold) -> Twofold:
    return Twofold(-a.high, -a.low)


def subtract(a: Twofold, b: Twofold) -> Twofold:
    return add(a, negative(b))


def multiply(a: Twofold, b: Twofold) -> Twofold:
    product = two_product(a.high, b.high)
    return two_sum(product.high, product.low + (a.high * b.low + a.low * b.high))


def divide(a: Twofold, b: Twofold) -> Twofold:
    """a / b; NaN or infinite where b is zero, as for doubles."""
    with np.errstate(divide="ignore", invalid="ignore"):
        first = a.high / b.high
        rest = subtract(a, multiply(b, exact(first)))
        second = rest.rounded / b.high
    return two_sum(first, second)


def segment_sums(terms: Twofold, starts: NDArray[np.int64], sizes: NDArray[np.int64]) -> Twofold:
    """Sums over consecutive segments, as good as exact.

    Parameters
    ----------
    terms
        Shape (n,), finite, of size about 1.
    starts, sizes
        Shape (segments,); no segment is empty, together they cover all terms.

    Notes
    -----
    Each round takes from every term the part that is a multiple of a unit so coarse that all these parts add up without
    rounding, whatever the order (Rump, Ogita & Oishi 2008, ExtractVector). Three rounds leave less than 2**-90 of the
    largest term for up to a million cases.
    """
    rest = terms.high.copy()
    total = exact(np.add.reduceat(terms.low, starts))
    room = 2.0 ** np.ceil(np.log2(sizes + 2.0))
    for _ in range(ROUNDS):
        largest = np.maximum.reduceat(np.abs(rest), starts)
        unit = np.repeat(room * np.ldexp(1.0, np.frexp(largest)[1]), sizes)
        coarse = (unit + rest) - unit
        rest -= coarse
        total = add(total, exact(np.add.reduceat(coarse, starts)))
    return add(total, exact(np.add.reduceat(rest, starts)))
