"""The order of values that nobody has ordered: numbers by size, months and weekdays as in the year, words by alphabet."""

from __future__ import annotations

import re
import unicodedata
from collections.abc import Iterable
from functools import cache

DIGITS = re.compile(r"(\d+)")
SHORT = 3  # letters that tell months and weekdays apart where they are written short

_CALENDARS = """
January February March April May June July August September October November December
Januar Februar März April Mai Juni Juli August September Oktober November Dezember
janvier février mars avril mai juin juillet août septembre octobre novembre décembre
enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre
Monday Tuesday Wednesday Thursday Friday Saturday Sunday
Montag Dienstag Mittwoch Donnerstag Freitag Samstag Sonntag
lundi mardi mercredi jeudi vendredi samedi dimanche
lunes martes miércoles jueves viernes sábado domingo
"""
CALENDARS = tuple(tuple(name.casefold() for name in line.split()) for line in _CALENDARS.strip().splitlines())


def in_natural_order(values: Iterable[float | str]) -> list[float | str]:
    """Numbers by size, then texts: names of a calendar in its order; others by alphabet, numbers in them by size."""
    found = list(values)
    texts = [value for value in found if isinstance(value, str)]
    calendar = _calendar_of({_bare(text) for text in texts})
    return sorted(found, key=lambda value: _key(value, calendar))


@cache
def _calendars() -> tuple[dict[str, int], ...]:
    """The places of each calendar's names, whole and short."""
    return tuple(dict(_places(calendar)) for calendar in CALENDARS)


def _places(calendar: tuple[str, ...]) -> list[tuple[str, int]]:
    """The names, whole and short, with their places; short forms that two names share are none."""
    found = [(name, place) for place, name in enumerate(calendar)]
    for place, name in enumerate(calendar):
        for size in range(2, min(len(name), SHORT + 2)):
            if sum(other.startswith(name[:size]) for other in calendar) == 1:
                found.append((name[:size], place))
    return found


def _calendar_of(bare: set[str]) -> dict[str, int] | None:
    """The calendar of which all words are names, and more than one of them."""
    return next((places for places in _calendars() if bare <= places.keys()), None) if len(bare) > 1 else None


def _bare(text: str) -> str:
    return text.strip().rstrip(".").casefold()


def _key(value: float | str, calendar: dict[str, int] | None) -> tuple[object, ...]:
    if not isinstance(value, str):
        return (0, value)
    if calendar is not None:
        return (1, calendar[_bare(value)], value)
    parts = DIGITS.split(unicodedata.normalize("NFD", value.casefold()))  # words and numbers in turn, words first
    return (1, *((part, 0) if place % 2 == 0 else ("", int(part)) for place, part in enumerate(parts)), value)
