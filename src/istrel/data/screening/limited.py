"""Values that are only said to lie below or above a number: below a limit of detection, or in an open class."""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import NamedTuple

from istrel.data.corrections import Correction
from istrel.data.screening.finding import Remedy, Replace, shown
from istrel.english import english

ABOVE = r">=?|≥|over|more than|über|plus de|más de"
BELOW = r"<=?|≤|under|less than|unter|moins de|menos de"
FROM = r"\+|(?:and|or) (?:more|over)|(?:und|oder) mehr|(?:et|ou) plus|(?:y|o) más"
LIMIT = re.compile(
    rf"(?:(?P<above>{ABOVE})|(?P<below>{BELOW}))?\s*(?P<number>\d+(?:[.,]\d{{3}})*(?:[.,]\d+)?)\s*(?P<open>{FROM})?$"
)


ABOUT = re.compile(
    r"(?:[~≈]|(?:ca|approx|aprox|env|about|around|circa|etwa|ungefähr|rund|environ)\b\.?)\s*(?P<number>\d[\d.,]*)$"
    r"|(?P<doubted>\d[\d.,]*)\s*(?:\?|\(\?\))$"
)


class Limit(NamedTuple):
    """The number that a value is said to lie below or above."""

    value: float
    below: bool


def limit_of(text: str, decimal: str = "") -> Limit | None:
    """The limit that a text names: “<0.01”, “65+”, “5 or more”; None for any other text.

    Parameters
    ----------
    decimal
        The decimal mark of the file, where it is known: the other one parts thousands, if three digits stand behind it.
    """
    found = LIMIT.match(text.strip().casefold())
    if found is None or not (found["above"] or found["below"] or found["open"]):
        return None
    return Limit(_number(found["number"], decimal), bool(found["below"]))


def about(text: str, decimal: str = "") -> float | None:
    """The number that a text only says roughly or with a doubt: “ca. 18”, “~3.5”, “18?”; None for any other text."""
    found = ABOUT.match(text.strip().casefold())
    return None if found is None else _number((found["number"] or found["doubted"]).rstrip(".,"), decimal)


def _number(text: str, decimal: str) -> float:
    parted = {",": ".", ".": ","}.get(decimal, "")
    if not parted:  # the last of several marks is the decimal one
        decimal = re.findall("[.,]|$", text)[-2:][0] or "."
        parted = "," if decimal == "." else "."
        if text.count(decimal) > 1:
            decimal, parted = parted, decimal
    groups = text.split(decimal, maxsplit=1)[0].split(parted)
    if len(groups) > 1 and not (groups[0] != "0" and all(len(group) == 3 for group in groups[1:])):
        return float(text.replace(",", "."))  # the other mark where none of thousands can stand
    return float(text.replace(parted, "").replace(decimal, "."))


def of_limits(name: str, limits: dict[str, Limit], counts: dict[str, int]) -> Iterator[Remedy]:
    """Read them as their limits; or, below a limit of detection, as half of it."""
    (first, limit), n = next(iter(limits.items())), sum(counts[text] for text in limits)
    words = (
        english("read “{text}” as {value}", text=first, value=shown(limit.value))
        if len(limits) == 1
        else english("read {n:,} as their limits", n=n)
    )
    yield Remedy(words, Replace(tuple(Correction(name, t, found.value, reason="limit") for t, found in limits.items())))
    if all(found.below and found.value > 0 for found in limits.values()):
        halves = (Correction(name, t, found.value / 2, reason="half the limit") for t, found in limits.items())
        yield Remedy(english("read half the limit"), Replace(tuple(halves)))
