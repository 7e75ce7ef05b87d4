"""Counts with their nouns, for words on screen and on the command line: "1 case", "2,000 cases"."""

from __future__ import annotations


def noun(count: int, one: str) -> str:
    """The noun that goes with a count: "case" for 1, "cases" for any other."""
    return one if count == 1 else f"{one}s"


def counted(count: int, one: str) -> str:
    """A count and its noun."""
    return f"{count:,} {noun(count, one)}"
