"""Scripts of letters: what reads from right to left, and what a program that sets letters must know of them."""

from __future__ import annotations

import re
import unicodedata

RIGHT = "\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc"  # Hebrew, Arabic and their kin
STRETCH = re.compile(rf"[{RIGHT}]+(?:[^\w{RIGHT}]*[{RIGHT}]+)*")  # with the blanks and points inside
REGIONS = {"en": "US", "de": "DE", "fr": "FR", "es": "ES"}  # of a language, where programs want one


def pieces(text: str) -> list[tuple[str, bool]]:
    """(letters, whether they read from right to left), one after the other."""
    found, at = [], 0
    for stretch in STRETCH.finditer(text):
        found += [(text[at : stretch.start()], False)] if stretch.start() > at else []
        found.append((stretch.group(), True))
        at = stretch.end()
    return [*found, (text[at:], False)] if at < len(text) or not found else found


def reads_right(text: str) -> bool:
    """Whether a text reads from right to left: its first letter does, and most of the others."""
    ways = [way != "L" for way in map(unicodedata.bidirectional, text) if way in ("L", "R", "AL")]
    return bool(ways) and ways[0] and 2 * sum(ways) > len(ways)


def region(language: str) -> str:
    """A language as programs name it: with a country."""
    return f"{language}-{REGIONS[language]}" if language in REGIONS else language
