"""Twofold arithmetic against rational arithmetic."""

from __future__ import annotations

from fractions import Fraction
from itertools import pairwise

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from istrel.stats import twofold as t

NUMBERS = st.floats(-1, 1, allow_nan=False).filter(lambda v: v == 0 or abs(v) > 1e-60)


def rational(value: t.Twofold) -> Fraction:
    return Fraction(float(value.high)) + Fraction(float(value.low))


def near(found: t.Twofold, wanted: Fraction) -> bool:
    return abs(rational(found) - wanted) <= abs(wanted) * Fraction(1, 2**98)


@given(NUMBERS, NUMBERS)
def test_sum_and_product_of_doubles_have_no_error(a: float, b: float) -> None:
    assert rational(t.two_sum(np.float64(a), np.float64(b))) == Fraction(a) + Fraction(b)
    product = Fraction(a) * Fraction(b)
    if abs(product) > 1e-100:
        assert rational(t.two_product(np.float64(a), np.float64(b))) == product


@given(NUMBERS, NUMBERS, NUMBERS)
def test_operations_keep_about_thirty_digits(a: float, b: float, c: float) -> None:
    pair = t.two_sum(np.float64(a), np.float64(b) * 2.0**-54)
    other = t.exact(np.float64(c))
    exact = rational(pair)
    assert near(t.multiply(pair, other), exact * Fraction(c))
    if c:
        assert near(t.divide(pair, other), exact / Fraction(c))


@given(st.lists(NUMBERS, min_size=1, max_size=50), st.integers(1, 5))
def test_segment_sums_are_exact_to_the_last_digit(values: list[float], parts: int) -> None:
    x = np.array(values)
    cuts = np.unique(np.linspace(0, x.size, parts + 1).astype(int))
    sizes = np.diff(cuts)
    sums = t.segment_sums(t.exact(x), cuts[:-1], sizes)
    for place, (start, stop) in enumerate(pairwise(cuts)):
        wanted = sum((Fraction(v) for v in values[start:stop]), Fraction(0))
        found = Fraction(float(sums.high[place])) + Fraction(float(sums.low[place]))
        largest = max(abs(Fraction(v)) for v in values[start:stop])
        assert abs(found - wanted) <= largest * Fraction(1, 2**85)
