"""Exact answers for statistics: rational arithmetic on the doubles as they are stored, roots with mpmath at 50 digits."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

import mpmath

mpmath.mp.dps = 50


def number(value: Fraction) -> mpmath.mpf:
    return mpmath.mpf(value.numerator) / value.denominator


def exact(values: Sequence[float]) -> dict[str, mpmath.mpf]:
    """Mean, variance, sd, G1 and G2 from the definitions of Joanes & Gill (1998), without rounding until the end."""
    x = [Fraction(v) for v in values]
    n = len(x)
    mean = sum(x, Fraction(0)) / n
    m2, m3, m4 = (number(sum(((v - mean) ** k for v in x), Fraction(0))) for k in (2, 3, 4))
    found = {"sum": number(mean * n), "mean": number(mean)}
    if n > 1:
        found["variance"] = m2 / (n - 1)
        found["sd"] = mpmath.sqrt(found["variance"])
    if n > 2 and m2 > 0:
        found["skewness"] = mpmath.sqrt(n) * m3 / m2 ** mpmath.mpf("1.5") * mpmath.sqrt(n * (n - 1)) / (n - 2)
    if n > 3 and m2 > 0:
        g2 = n * m4 / m2**2 - 3
        found["kurtosis"] = mpmath.mpf(n - 1) / ((n - 2) * (n - 3)) * ((n + 1) * g2 + 6)
    return found


def quantile(values: Sequence[float], p: Fraction, kind: int) -> mpmath.mpf:
    """Hyndman & Fan's quantile of type 6, 7 or 8 in rational arithmetic."""
    x = sorted(Fraction(v) for v in values)
    n = len(x)
    h = {6: (n + 1) * p, 7: (n - 1) * p + 1, 8: (n + Fraction(1, 3)) * p + Fraction(1, 3)}[kind]
    h = min(max(h, Fraction(1)), Fraction(n))
    low = int(h)
    high = min(low + 1, n)
    return number(x[low - 1] + (h - low) * (x[high - 1] - x[low - 1]))


def apart(found: float, wanted: mpmath.mpf) -> float:
    """The relative error; the absolute one where the true value is 0."""
    return float(abs(mpmath.mpf(found) - wanted) / abs(wanted)) if wanted else float(abs(mpmath.mpf(found)))
