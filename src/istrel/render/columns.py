"""Columns of a printed table, and where in a number its decimal mark stands."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class Column:
    """A column's width and where, from its left edge, the decimal mark of its numbers stands, or its words begin."""

    width: float
    mark: float
    words: bool = False


def split_at_mark(text: str, decimal_mark: str) -> tuple[str, str]:
    """(what stands before the decimal mark, the mark and what follows); only a first number aligns, words never."""
    if not any(character.isdigit() for character in text):
        return text, ""
    for place, character in enumerate(text):
        if character == decimal_mark and text[place + 1 : place + 2].isdigit():
            return text[:place], text[place:]
        if character in " (;" and place:
            return text[:place], text[place:]
    return text, ""
