"""Units as they stand beside numbers, in cells or under names, and as they print."""

from __future__ import annotations

from functools import cache
from pathlib import Path

import msgspec

UNITS = Path(__file__).parent / "words" / "units.toml"


@cache
def known_units() -> dict[str, str]:
    """{unit as it is written, in lower case where any case will do: how it prints}."""
    said = msgspec.toml.decode(UNITS.read_bytes())
    return {
        "": "",
        **{unit: said["same"].get(unit, unit) for unit in said["any"]},
        **{unit: unit for unit in said["exact"]},
    }


def known_unit(text: str) -> str:
    """The unit that a text is, in brackets or not; empty where it is none."""
    bare = text.strip().strip("[]()").strip()
    return known_units().get(bare, known_units().get(bare.casefold(), ""))
