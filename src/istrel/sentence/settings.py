"""Checks what stands after `with` and turns it into Settings; every mistake names its word."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from istrel.problem import Problem, nearest
from istrel.sentence.request import Settings
from istrel.sentence.words import SETTINGS, STATISTICS


@dataclass(frozen=True)
class Said:
    """One setting as typed; the name is empty for a bare statistic. Values carry their places."""

    name: str
    at: int
    values: tuple[tuple[str, int], ...]


def read_settings(parts: Sequence[Said]) -> Settings:
    """Settings from what was said.

    Raises
    ------
    Problem
        For an unknown name or statistic, a value of the wrong kind, and a setting said twice.
    """
    given: dict[str, Any] = {}
    bare: list[tuple[str, int]] = []
    for said in parts:
        if not said.name:
            bare.extend(said.values)
            continue
        name = _name(said)
        if name in given:
            raise Problem(f"“{name}” is set twice.", at=said.at, length=len(said.name))
        given[name] = _value(name, said)
    if bare:
        given["statistics"] = (*given.get("statistics", ()), *_statistics(tuple(bare)))
    return Settings(**given)


def _name(said: Said) -> str:
    name = said.name.casefold()
    if name not in SETTINGS:
        hint = nearest(name, SETTINGS) or f" Settings are {', '.join(SETTINGS)}."
        raise Problem(f"There is no setting “{said.name}”.{hint}", at=said.at, length=len(said.name))
    return name


def _statistics(values: tuple[tuple[str, int], ...]) -> tuple[str, ...]:
    keys = []
    for word, at in values:
        key = word.casefold().replace(" ", "_")
        if key not in STATISTICS:
            hint = nearest(key, (*STATISTICS, *SETTINGS)) or f" Statistics are {', '.join(STATISTICS)}."
            raise Problem(f"“{word}” is no statistic and no setting.{hint}", at=at, length=len(word))
        keys.append(key)
    return tuple(dict.fromkeys(keys))


def _value(name: str, said: Said) -> Any:
    kind = SETTINGS[name]
    if kind == "statistics":
        return _statistics(said.values)
    if kind == "numbers":
        return tuple(_number(name, word, at) for word, at in said.values)
    if len(said.values) != 1:
        raise Problem(f"“{name}” takes one value.", at=said.at, length=len(said.name))
    word, at = said.values[0]
    if isinstance(kind, tuple):
        return _choice(name, kind, word, at)
    return {"yes or no": _yes, "whole number": _whole, "share": _share, "number": _positive}[kind](name, word, at)


def _choice(name: str, choices: tuple[str, ...], word: str, at: int) -> str | int:
    plain = {choice.replace("-", "").replace(" ", ""): choice for choice in choices}
    key = word.casefold().replace("-", "").replace("–", "").replace(" ", "")
    if key not in plain:
        hint = nearest(word, choices)
        raise Problem(f"“{name}” is {_listed(choices)}; “{word}” is not.{hint}", at=at, length=len(word))
    return int(plain[key]) if name == "quantiles" else plain[key]


def _listed(words: tuple[str, ...]) -> str:
    return f"{', '.join(words[:-1])} or {words[-1]}"


def _yes(name: str, word: str, at: int) -> bool:
    if word.casefold() not in ("yes", "no"):
        raise Problem(f"“{name}” is yes or no; “{word}” is not.", at=at, length=len(word))
    return word.casefold() == "yes"


def _number(name: str, word: str, at: int) -> float:
    try:
        return float(word)
    except ValueError:
        raise Problem(f"“{name}” takes a number; “{word}” is none.", at=at, length=len(word)) from None


def _positive(name: str, word: str, at: int) -> float:
    value = _number(name, word, at)
    if value <= 0 and name != "start":
        raise Problem(f"“{name}” is above 0; {word} is not.", at=at, length=len(word))
    return value


def _whole(name: str, word: str, at: int) -> int:
    if not word.isdigit():
        raise Problem(f"“{name}” takes a whole number; “{word}” is none.", at=at, length=len(word))
    if name == "decimals" and int(word) > 15:
        raise Problem(f"“decimals” goes up to 15; {word} is more than a number holds.", at=at, length=len(word))
    if name != "decimals" and int(word) == 0:
        raise Problem(f"“{name}” is 1 or more.", at=at, length=len(word))
    return int(word)


def _share(name: str, word: str, at: int) -> float:
    value = _number(name, word, at)
    if not 0 < value < 1:
        raise Problem(f"“{name}” lies between 0 and 1, for example 0.95; {word} does not.", at=at, length=len(word))
    return value
