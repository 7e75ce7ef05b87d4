"""Title case as manuals want it: principal words with a capital, short joining words without."""

from __future__ import annotations

SMALL = {
    "a",
    "an",
    "and",
    "as",
    "at",
    "but",
    "by",
    "for",
    "if",
    "in",
    "nor",
    "of",
    "off",
    "on",
    "or",
    "per",
    "so",
    "the",
    "to",
    "up",
    "via",
    "yet",
}


def title_case(text: str, *, first: bool = True) -> str:
    """Words of four letters or more, and the first word, with a capital; words that have capitals or digits stay.

    `first` is False for text that goes on behind other text.
    """
    words = text.split(" ")
    return " ".join(
        _cased(word, first=(first and place == 0) or (place > 0 and words[place - 1].endswith(":")))
        for place, word in enumerate(words)
    )


def _cased(word: str, *, first: bool) -> str:
    if not first and word.casefold() in SMALL:
        return word
    if any(character.isupper() or character.isdigit() or character in "_/" for character in word):
        return word
    return "-".join(part[:1].upper() + part[1:] for part in word.split("-"))
