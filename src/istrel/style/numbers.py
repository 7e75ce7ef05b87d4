"""How numbers print: rounding half-to-even on the exact decimal value of the double, then the style's marks."""

from __future__ import annotations

import math
from collections.abc import Callable
from datetime import datetime, timedelta
from enum import StrEnum
from typing import NamedTuple

from istrel.style.house import HouseStyle

MINUS = "−"
ABSENT = "—"
MOST_DECIMALS = 12
ROUNDS_UP = 9.5  # a first figure from which rounding gives two
EPOCH = datetime(1970, 1, 1)


class Kind(StrEnum):
    """What a number is; it decides decimals, zeros and separators."""

    COUNT = "count"
    MEASURE = "measure"
    PERCENT = "percent"
    COEFFICIENT = "coefficient"
    STATISTIC = "statistic"
    P = "p"
    CODE = "code"
    EDGE = "edge"
    DATE = "date"
    YEAR = "year"
    YEAR_EDGE = "year edge"
    WHOLE_PERCENT = "whole percent"
    LIMIT = "limit of p"
    P_WITH_SIGN = "p with sign"


def format_number(value: float, kind: Kind, style: HouseStyle, decimals: int | None = None) -> str:
    """A finite number as it prints.

    Parameters
    ----------
    decimals
        Of a measure, from the codebook or the sentence; None takes the style's.

    Returns
    -------
    Text with a true minus sign, the style's decimal mark, and thousands separated from 1,000 on; not those of a year.
    """
    numbers = style.numbers
    if value == 0:
        value = 0.0  # a zero has no sign
    if kind in OWN_WAY:
        return OWN_WAY[kind](value, style)
    places = {
        Kind.COUNT: 0,
        Kind.WHOLE_PERCENT: 0,
        Kind.PERCENT: numbers.percent_decimals,
        Kind.COEFFICIENT: numbers.coefficient_decimals,
        Kind.STATISTIC: numbers.statistic_decimals,
    }.get(kind, numbers.measure_decimals if decimals is None else decimals)
    if kind is not Kind.COUNT and kind is not Kind.PERCENT and decimals is not None:
        places = decimals
    if abs(value) >= 1e15 or (
        value != 0 and kind is Kind.MEASURE and abs(value) < 0.5 * 10.0**-places and abs(value) < 1e-6
    ):
        return _scientific(value, places, style)
    text = format(value, f".{places}f" if kind is Kind.YEAR else f",.{places}f")
    if float(text.replace(",", "")) == 0:
        text = text.removeprefix("-")
    if kind is Kind.COEFFICIENT and not numbers.leading_zero:
        text = without_leading_zero(text)
    return _marked(text, style)


class Precision(NamedTuple):
    """What decides the decimals of a variable, alike in all its groups.

    Attributes
    ----------
    measured
        With how many decimals its values were measured.
    spread
        The smallest standard deviation above 0 of the groups shown; NaN where there is none.
    recorded
        True of a value that was recorded as it is (a maximum): it has no more decimals than it was measured with.
    """

    measured: int
    spread: float = math.nan
    recorded: bool = False

    def decimals(self, most: int) -> int:
        """One more than it was measured with, at most those of the style or of three figures of the SD, at least two of them."""
        wanted = min(self.measured + 1, most)
        if 0 < self.spread < math.inf:
            power = math.floor(math.log10(self.spread))
            two = max(0, 1 - power)
            if two and float(f"{self.spread:e}".partition("e")[0]) >= ROUNDS_UP:  # 0.98 is 1.0 with one decimal
                two -= 1
            wanted = max(two, min(wanted, max(0, 2 - power)))
        wanted = min(wanted, MOST_DECIMALS)
        return min(wanted, self.measured) if self.recorded else wanted


def _p_with_sign(value: float, style: HouseStyle) -> str:
    text = format_p(value, style)
    return text if text[0] in "<>" else f"= {text}"


def _limit(value: float, style: HouseStyle) -> str:
    text = f"{value:g}"
    return _marked(text if style.numbers.leading_zero else without_leading_zero(text), style)


def _date(value: float, style: HouseStyle) -> str:
    del style
    return (EPOCH + timedelta(days=value)).isoformat()[:10]


def _edge(value: float, style: HouseStyle) -> str:
    digits, _, power = f"{value:,.12g}".partition("e")
    return _marked(digits, style) + _raised(power) if power else _marked(digits, style)


def _raised(power: str) -> str:
    """ " × 10" to a power."""
    return f" × 10{str(int(power)).translate(str.maketrans('-0123456789', '⁻⁰¹²³⁴⁵⁶⁷⁸⁹'))}"


def _year_edge(value: float, style: HouseStyle) -> str:
    return _marked(f"{value:.12g}", style)


def _code(value: float, style: HouseStyle) -> str:
    text = str(int(value)) if float(value).is_integer() and abs(value) <= 2**53 else repr(float(value))
    return text.replace("-", MINUS).replace(".", style.numbers.decimal_mark)


def format_p(value: float, style: HouseStyle) -> str:
    """A p-value: exact to the style's decimals, "< .001" below what they show, never 0 and never 1."""
    places = style.numbers.p_decimals
    text = format(value, f".{places}f")
    sign, least = "", 10.0**-places
    if value < least:
        sign, text = "< ", format(least, f".{places}f")
    elif value > 1 - least:
        sign, text = "> ", format(1 - least, f".{places}f")
    if not style.numbers.leading_zero:
        text = without_leading_zero(text)
    return sign + _marked(text, style)


def without_leading_zero(text: str) -> str:
    """ ".45" for "0.45"; whole numbers keep their zero."""
    for sign in ("-", ""):
        if text.startswith(f"{sign}0."):
            return sign + text[len(sign) + 1 :]
    return text


def _scientific(value: float, places: int, style: HouseStyle) -> str:
    digits, _, power = format(value, f".{places}e").partition("e")
    return _marked(digits, style) + _raised(power)


def _marked(text: str, style: HouseStyle) -> str:
    swap = {"-": MINUS, ",": style.numbers.thousands, ".": style.numbers.decimal_mark}
    return "".join(swap.get(character, character) for character in text)


# Kinds that do not print with so many decimals.
OWN_WAY: dict[Kind, Callable[[float, HouseStyle], str]] = {
    Kind.P: format_p,
    Kind.P_WITH_SIGN: _p_with_sign,
    Kind.LIMIT: _limit,
    Kind.DATE: _date,
    Kind.EDGE: _edge,
    Kind.YEAR_EDGE: _year_edge,
    Kind.CODE: _code,
}
