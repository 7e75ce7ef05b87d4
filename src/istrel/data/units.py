"""Units as they stand beside numbers, in cells or under names, and as they print."""

from __future__ import annotations

import re
from functools import cache
from pathlib import Path

import msgspec

NUMBER_AND_UNIT = re.compile(r"(.*[0-9])\s*([^\d\s].*)")
UNITS = Path(__file__).parent / "words" / "units.toml"


@cache
def known_units() -> tuple[dict[str, str], dict[str, str]]:
    """({unit as it is written: how it prints}, the same of those in lower case that are read in any)."""
    said = msgspec.toml.decode(UNITS.read_bytes())
    several = {word.casefold(): word for word in said["several"].values()}
    anyhow = {"": "", **{unit: said["same"].get(unit, unit) for unit in said["any"]}, **several, **said["several"]}
    return {**anyhow, **{unit: unit for unit in said["exact"]}}, anyhow


def unit_as_printed(text: str) -> str | None:
    """How a unit prints; None for what is none. “m” is a metre, and “M” is none."""
    exact, anyhow = known_units()
    return exact.get(text, anyhow.get(text.casefold()))


def without_unit(text: str, unit: str) -> str:
    """The text without this unit behind its last number; as it is where another one, or none, stands there."""
    found = NUMBER_AND_UNIT.fullmatch(text) if unit else None
    return found[1] if found is not None and unit_as_printed(found[2]) == unit else text


def known_unit(text: str) -> str:
    """The unit that a text is, in brackets or not; empty where it is none."""
    return unit_as_printed(text.strip().strip("[]()").strip()) or ""
