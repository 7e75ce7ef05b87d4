"""How numbers print: rounding half-to-even on the exact decimal value of the double, then the style's marks."""

from __future__ import annotations

from enum import StrEnum

from istrel.style.house import HouseStyle

MINUS = "−"
ABSENT = "—"


class Kind(StrEnum):
    """What a number is; it decides decimals, zeros and separators."""

    COUNT = "count"
    MEASURE = "measure"
    PERCENT = "percent"
    COEFFICIENT = "coefficient"
    STATISTIC = "statistic"
    P = "p"


def format_number(value: float, kind: Kind, style: HouseStyle, decimals: int | None = None) -> str:
    """A finite number as it prints.

    Parameters
    ----------
    decimals
        Of a measure, from the codebook or the sentence; None takes the style's.

    Returns
    -------
    Text with a true minus sign, the style's decimal mark, and thousands separated from 1,000 on.
    """
    numbers = style.numbers
    if kind is Kind.P:
        return format_p(value, style)
    places = {
        Kind.COUNT: 0,
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
    text = format(value, f",.{places}f")
    if float(text.replace(",", "")) == 0:
        text = text.removeprefix("-")
    if kind is Kind.COEFFICIENT and not numbers.leading_zero:
        text = without_leading_zero(text)
    return _marked(text, style)


def format_p(value: float, style: HouseStyle) -> str:
    """A p-value: exact to the style's decimals, "< .001" below what they show, never 0 and never 1."""
    places = style.numbers.p_decimals
    text = format(value, f".{places}f")
    sign = ""
    if float(text) == 0:
        sign, text = "< ", format(10.0**-places, f".{places}f")
    elif float(text) == 1:
        sign, text = "> ", format(1 - 10.0**-places, f".{places}f")
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
    raised = str(int(power)).translate(str.maketrans("-0123456789", "⁻⁰¹²³⁴⁵⁶⁷⁸⁹"))
    return _marked(digits, style) + f" × 10{raised}"


def _marked(text: str, style: HouseStyle) -> str:
    swap = {"-": MINUS, ",": style.numbers.thousands, ".": style.numbers.decimal_mark}
    return "".join(swap.get(character, character) for character in text)
