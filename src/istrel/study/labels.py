"""How exhibits are numbered and called in a house style."""

from __future__ import annotations

from istrel.study.parts import Part, Passage
from istrel.style.house import HouseStyle

SUPPLEMENT = "A"


def numbers_and_labels(parts: tuple[Part, ...], style: HouseStyle) -> dict[str, tuple[str, str]]:
    """{id: (number, label)} of every kept exhibit: tables and figures apart, by chapter where the style says so; A1 in the
    supplement.
    """
    found: dict[str, tuple[str, str]] = {}
    counts: dict[tuple[bool, str], int] = {}
    chapter = 0
    for part in parts:
        if isinstance(part, Passage):
            chapter += part.role == "heading"
            continue
        before = SUPPLEMENT if part.supplement else f"{chapter}." if style.by_chapter and chapter else ""
        counts[part.is_figure, before] = count = counts.get((part.is_figure, before), 0) + 1
        number = f"{before}{count}"
        found[part.id] = number, style.label_of(number, is_figure=part.is_figure)
    return found
