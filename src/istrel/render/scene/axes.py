"""Axes: where ticks stand, how their values are written, and the scale from data to millimetres."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

STEPS = (1.0, 2.0, 2.5, 5.0, 10.0)
MOST_TICKS = 7
MOST_DECIMALS = 8


@dataclass(frozen=True)
class Scale:
    """Data at the ends of a stretch of paper."""

    low: float
    high: float
    start: float
    stop: float

    def __call__(self, values: NDArray[np.float64] | float) -> NDArray[np.float64]:
        """Millimetres of values."""
        span = self.high - self.low or 1.0
        return np.asarray(self.start + (np.asarray(values, float) - self.low) / span * (self.stop - self.start))


def ticks(low: float, high: float, *, whole: bool = False, most: int = MOST_TICKS) -> list[float]:
    """Round values between the ends: multiples of 1, 2, 2.5 or 5 times a power of ten, at most so many."""
    span = high - low
    if not math.isfinite(span) or span <= 0:
        return [low]
    power = 10.0 ** math.floor(math.log10(span / most))
    for factor in (*STEPS, *(10 * step for step in STEPS)):
        step = factor * power
        if whole and (step < 1 or not float(step).is_integer()):
            continue
        first, last = math.ceil(low / step - 1e-9), math.floor(high / step + 1e-9)
        if last - first + 1 <= most:
            return [float(f"{k * step:.12g}") for k in range(first, last + 1)]
    return [low, high]


def tick_words(values: list[float], style: HouseStyle, *, years: bool = False) -> list[str]:
    """The values of an axis as the style writes them, all with the same decimals."""
    decimals = max((_decimals(value) for value in values), default=0)
    if decimals > MOST_DECIMALS:
        return [format_number(value, Kind.EDGE, style) for value in values]
    kind = Kind.YEAR if years else Kind.MEASURE
    return [format_number(value, kind, style, decimals) for value in values]


def _decimals(value: float) -> int:
    """How many decimals a tick needs."""
    text = f"{value:.12g}"
    return MOST_DECIMALS + 1 if "e" in text else len(text.partition(".")[2])
