"""Levels of measurement: the words, their tags, and which families they form."""

from __future__ import annotations

from enum import StrEnum

from istrel.english import english
from istrel.problem import Problem, nearest


class Level(StrEnum):
    """What kind of quantity a variable is; it decides what is offered for it."""

    CONTINUOUS = "continuous"
    COUNT = "count"
    ORDINAL = "ordinal"
    NOMINAL = "nominal"
    BINARY = "binary"
    IDENTIFIER = "identifier"
    DATE = "date"
    TEXT = "text"

    @property
    def tag(self) -> str:
        """The three-letter word by which a level is shown."""
        return TAGS[self]

    @property
    def measured(self) -> bool:
        """True where a mean is at home."""
        return self in (Level.CONTINUOUS, Level.COUNT)

    @property
    def categorical(self) -> bool:
        """True where values are counted one by one."""
        return self in (Level.ORDINAL, Level.NOMINAL, Level.BINARY)


TAGS = {
    Level.CONTINUOUS: "con",
    Level.COUNT: "cnt",
    Level.ORDINAL: "ord",
    Level.NOMINAL: "nom",
    Level.BINARY: "bin",
    Level.IDENTIFIER: "id",
    Level.DATE: "dat",
    Level.TEXT: "txt",
}


def level_named(word: str) -> Level:
    """The level of a name.

    Raises
    ------
    Problem
        Where there is none.
    """
    try:
        return Level(word.casefold())
    except ValueError:
        words = [level.value for level in Level]
        raise Problem(
            english("“{word}” is no level of measurement.{hint}", word=word, hint=nearest(word, words))
        ) from None
