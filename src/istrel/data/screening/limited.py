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
LIMIT = re.compile(rf"(?:(?P<above>{ABOVE})|(?P<below>{BELOW}))?\s*(?P<number>\d+(?:[.,]\d+)?)\s*(?P<open>{FROM})?$")


class Limit(NamedTuple):
    """The number that a value is said to lie below or above."""

    value: float
    below: bool


def limit_of(text: str) -> Limit | None:
    """The limit that a text names: “<0.01”, “65+”, “5 or more”; None for any other text."""
    found = LIMIT.match(text.strip().casefold())
    if found is None or not (found["above"] or found["below"] or found["open"]):
        return None
    return Limit(float(found["number"].replace(",", ".")), bool(found["below"]))


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
