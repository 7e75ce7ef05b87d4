"""What the settings take: words to choose from, numbers of a kind, lists. Each reads what was typed, and refuses in plain words."""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Any, Protocol

from istrel.data.column import show_value
from istrel.english import english
from istrel.problem import Problem, close, nearest

Word = tuple[str, int]  # as typed, and where it stands
MOST_DIGITS = 30


class Takes(Protocol):
    """A kind of value."""

    @property
    def offers(self) -> Mapping[Any, str]:
        """Values to choose from with their words on screen; empty for numbers, which are typed."""
        ...

    @property
    def words(self) -> str:
        """What it takes, for a list of settings."""
        ...

    def read(self, name: str, said: tuple[Word, ...]) -> Any:
        """The value that was said; raises a Problem at the word that is wrong."""
        ...


def _single(name: str, said: tuple[Word, ...]) -> Word:
    if len(said) != 1:
        raise Problem(english("“{name}” takes one value.", name=name), at=said[1][1] if len(said) > 1 else -1, length=1)
    return said[0]


def _wrong(message: str, word: str, at: int, instead: tuple[str, ...] = ()) -> Problem:
    return Problem(message, at=at, length=len(word), instead=instead)


def shortened(word: str) -> str:
    """A typed word as a message repeats it: never longer than a line."""
    return word if len(word) <= MOST_DIGITS else f"{word[:MOST_DIGITS]}…"


@dataclass(frozen=True)
class Choice:
    """One of several words. {value: its words on screen}; hyphens and spaces may be left out when it is typed."""

    options: tuple[tuple[Any, str], ...]

    @property
    def offers(self) -> Mapping[Any, str]:
        return dict(self.options)

    @property
    def words(self) -> str:
        return ", ".join(str(value) for value, _ in self.options)

    def read(self, name: str, said: tuple[Word, ...]) -> Any:
        word, at = _single(name, said)
        known = {_plain(str(value)): value for value, _ in self.options}
        if _plain(word) not in known:
            names = tuple(str(value) for value, _ in self.options)
            message = english(
                "“{name}” is one of {names}; “{word}” is not.{hint}",
                name=name,
                names=", ".join(names),
                word=shortened(word),
                hint=nearest(word, names),
            )
            raise _wrong(message, word, at, close(word, names) or names)
        return known[_plain(word)]


def _plain(word: str) -> str:
    return word.casefold().replace("-", "").replace("–", "").replace(" ", "")


@dataclass(frozen=True)
class YesNo:
    """Yes or no; the bare name of the setting means yes."""

    words = "yes or no"

    @property
    def offers(self) -> Mapping[Any, str]:
        return {True: "yes", False: "no"}

    def read(self, name: str, said: tuple[Word, ...]) -> bool:
        word, at = _single(name, said)
        if word.casefold() not in ("yes", "no"):
            message = english("“{name}” is yes or no; “{word}” is not.", name=name, word=shortened(word))
            raise _wrong(message, word, at)
        return word.casefold() == "yes"


@dataclass(frozen=True)
class YesNoOr(YesNo):
    """Yes or no, or one of some words that say how; the bare name of the setting means yes."""

    options: tuple[tuple[str, str], ...] = ()

    @property
    def words(self) -> str:  # type: ignore[override]
        return ", ".join(("yes", "no", *(value for value, _ in self.options)))

    @property
    def offers(self) -> Mapping[Any, str]:
        return {True: "yes", False: "no", **dict(self.options)}

    def read(self, name: str, said: tuple[Word, ...]) -> Any:
        word, _ = _single(name, said)
        known = {_plain(value): value for value, _ in self.options}
        if word.casefold() in ("yes", "no") or _plain(word) not in known:
            return super().read(name, said)
        return known[_plain(word)]


@dataclass(frozen=True)
class Number:
    """A finite number within limits; `whole` for whole numbers. `suggested` are values to choose from by click."""

    low: float = -1e300
    high: float = 1e300
    whole: bool = False
    above: bool = False
    suggested: tuple[tuple[Any, str], ...] = ()

    @property
    def offers(self) -> Mapping[Any, str]:
        return dict(self.suggested)

    @property
    def words(self) -> str:
        what = english("a whole number") if self.whole else english("a number")
        low, high = f"{self.low:g}", f"{self.high:g}"
        if self.low > -1e300 and self.high < 1e300:
            return english("{what} between {low} and {high}", what=what, low=low, high=high)
        if self.low > -1e300:
            if self.above:
                return english("{what} above {low}", what=what, low=low)
            return english("{what} from {low}", what=what, low=low)
        return what

    def read(self, name: str, said: tuple[Word, ...]) -> float | int:
        word, at = _single(name, said)
        return self.number(name, word, at)

    def number(self, name: str, word: str, at: int) -> float | int:
        """One number as typed."""
        value = _finite(word)
        if value is None or (self.whole and not value.is_integer()):
            kind = english("a whole number") if self.whole else english("a number")
            message = english("“{name}” takes {kind}; “{word}” is none.", name=name, kind=kind, word=shortened(word))
            raise _wrong(message, word, at)
        if not (self.low < value if self.above else self.low <= value) or not value <= self.high:
            message = english("“{name}” is {words}; {word} is not.", name=name, words=self.words, word=shortened(word))
            raise _wrong(message, word, at)
        return int(value) if self.whole else value


def _finite(word: str) -> float | None:
    """The number that a word is, if it is one that can be worked with: finite, and not so small that it is lost."""
    try:
        value = float(word) if word.isascii() and len(word) <= MOST_DIGITS else math.nan
    except ValueError:
        return None
    if not math.isfinite(value) or (value and abs(value) < 1e-300):
        return None
    return value


BELOW, ABOVE = "below", "above"


def show_limit(value: float) -> str:
    """A number of a list as it is typed."""
    return show_value(value) if math.isfinite(value) else BELOW if value < 0 else ABOVE


@dataclass(frozen=True)
class Numbers:
    """Several numbers in braces; with `open_ends` the first may be “below” and the last “above”: no limit on that side."""

    each: Number
    open_ends: bool = False

    @property
    def offers(self) -> Mapping[Any, str]:
        return {}

    @property
    def words(self) -> str:
        ends = "; “below” first and “above” last for no limit" if self.open_ends else ""
        return f"{{…}}: each {self.each.words}{ends}"

    def read(self, name: str, said: tuple[Word, ...]) -> tuple[float, ...]:
        return tuple(dict.fromkeys(self._one(name, word, place, len(said)) for place, word in enumerate(said)))

    def _one(self, name: str, said: Word, place: int, many: int) -> float:
        word, at = said
        if self.open_ends and place == 0 and word.casefold() == BELOW:
            return -math.inf
        if self.open_ends and place == many - 1 and word.casefold() == ABOVE:
            return math.inf
        return float(self.each.number(name, word, at))


@dataclass(frozen=True)
class Ends(Numbers):
    """Two numbers in braces, the lower one first."""

    @property
    def words(self) -> str:
        return "{low, high}: two numbers, the lower one first"

    def read(self, name: str, said: tuple[Word, ...]) -> tuple[float, ...]:
        found = super().read(name, said)
        if len(found) != 2 or not found[0] < found[1]:
            example = f"{name} = {{0, 100}}"
            message = english("“{name}” takes two values, the lower one first: {example}.", name=name, example=example)
            raise _wrong(message, *said[0])
        return found


@dataclass(frozen=True)
class Names:
    """Several names in braces, each known; `expand` turns a typed name into those that it stands for."""

    what: str
    expand: Callable[[str], tuple[str, ...]]
    known: Callable[[], tuple[str, ...]]

    @property
    def offers(self) -> Mapping[Any, str]:
        return {}

    @property
    def words(self) -> str:
        return "{…}: names from the list"

    def read(self, name: str, said: tuple[Word, ...]) -> tuple[str, ...]:
        del name
        found: dict[str, None] = {}
        for word, at in said:
            keys = self.expand(word.casefold().replace(" ", "_"))
            if not keys:
                hint = nearest(word, self.known())
                message = english("“{word}” is no {what}.{hint}", word=shortened(word), what=self.what, hint=hint)
                raise _wrong(message, word, at, close(word, self.known()))
            found |= dict.fromkeys(keys)
        return tuple(found)
