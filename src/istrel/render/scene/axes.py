"""Axes: where ticks stand, how their values are written, and the scale from data to millimetres."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.figure import Axis
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

STEPS = (1.0, 2.0, 2.5, 5.0, 10.0)
OF_A_DECADE = ((1.0, 2.0, 5.0), (1.0, 3.0), (1.0,))
TINIEST = 1e-300  # a span that can still be divided
DAYS = (1, 2, 7, 14)
MONTHS = (1, 2, 3, 6, *(12 * years for years in (1, 2, 5, 10, 20, 50, 100, 200, 500)))
MOST_TICKS = 7
MOST_DECIMALS = 8


@dataclass(frozen=True)
class Scale:
    """Data at the ends of a stretch of paper; `log` where equal factors are equally far apart."""

    low: float
    high: float
    start: float
    stop: float
    log: bool = False

    def __call__(self, values: NDArray[np.float64] | float) -> NDArray[np.float64]:
        """Millimetres of values."""
        low, high, at = self.low, self.high, np.asarray(values, float)
        if self.log:
            with np.errstate(divide="ignore", invalid="ignore"):
                low, high, at = math.log(low), math.log(high), np.log(at)
        span = high - low or 1.0
        return np.asarray(self.start + (at - low) / span * (self.stop - self.start))

    def value(self, at: float) -> float:
        """The value at a place on paper."""
        share = (at - self.start) / (self.stop - self.start)
        if self.log:
            return float(self.low * (self.high / self.low) ** share)
        return float(self.low + share * (self.high - self.low))


def ticks(axis: Axis, *, most: int = MOST_TICKS) -> list[float]:
    """Round values between the ends of an axis, at most so many."""
    if axis.log:
        return _log_ticks(axis.low, axis.high, most)
    if axis.dates:
        return _date_ticks(axis.low, axis.high, most)
    return _even_ticks(axis.low, axis.high, axis.whole, most)


def _even_ticks(low: float, high: float, whole: bool, most: int) -> list[float]:
    """Multiples of 1, 2, 2.5 or 5 times a power of ten."""
    span = high - low
    if not math.isfinite(span) or span < TINIEST:
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


def _date_ticks(low: float, high: float, most: int) -> list[float]:
    """Firsts of years, of months or Mondays, or days: the finest that are not too many."""
    first, last = math.ceil(low - 1e-9), math.floor(high + 1e-9)
    if last < first:
        return [low]
    for step in DAYS:
        start = first + (-(first + 3)) % 7 if step % 7 == 0 else first
        if (last - start) // step + 1 <= most:
            return [float(day) for day in range(start, last + 1, step)] or [low]
    months = np.array([first, last]).astype("datetime64[D]").astype("datetime64[M]").astype(int)
    for step in MONTHS:
        begin = -(-int(months[0]) // step) * step
        found = np.arange(begin, int(months[1]) + 1, step)
        days = found.astype("datetime64[M]").astype("datetime64[D]").astype(float)
        days = days[days >= low - 1e-9]
        if days.size <= most:
            return days.tolist() or [low]
    return _even_ticks(low, high, whole=True, most=most)


def date_words(values: list[float]) -> list[str]:
    """Years where all begin one, months where all begin one, else days: as ISO 8601 writes them."""
    days = [str(np.datetime64(math.floor(value + 1e-9), "D")) for value in values]
    if len(days) > 1 and all(day.endswith("-01-01") for day in days):
        return [day[:-6] for day in days]
    if all(day.endswith("-01") for day in days):
        return [day[:-3] for day in days]
    return days


def _log_ticks(low: float, high: float, most: int) -> list[float]:
    """1, 2 and 5 of each power of ten, or fewer of them; even steps where there is less than a factor of ten between."""
    first, last = math.floor(math.log10(low)), math.ceil(math.log10(high))
    for leading in OF_A_DECADE:
        found = [float(f"{k}e{power}") for power in range(first, last + 1) for k in leading]
        found = [value for value in found if low * (1 - 1e-9) <= value <= high * (1 + 1e-9)]
        if 2 < len(found) <= most:
            return found
    if high / low < 10:
        return _even_ticks(low, high, whole=False, most=most)
    every = -(-(last - first + 1) // most)
    powers = range(first, last + 1, every)
    return [float(f"1e{power}") for power in powers if low * (1 - 1e-9) <= 10.0**power <= high * (1 + 1e-9)] or [low]


def tick_words(values: list[float], axis: Axis, style: HouseStyle) -> list[str]:
    """The values of an axis as the style writes them, all with the same decimals."""
    if axis.dates:
        return date_words(values)
    shown = [abs(value) for value in values] if axis.sizes else values
    decimals = max((_decimals(value) for value in shown), default=0)
    if axis.log or decimals > MOST_DECIMALS:
        return [format_number(value, Kind.EDGE, style) for value in shown]
    kind = Kind.YEAR if axis.years else Kind.MEASURE
    return [format_number(value, kind, style, decimals if value else 0) for value in shown]


def _decimals(value: float) -> int:
    """How many decimals a tick needs."""
    text = f"{value:.12g}"
    return MOST_DECIMALS + 1 if "e" in text else len(text.partition(".")[2])
