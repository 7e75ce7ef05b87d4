"""Changes, and all they hold, as records: plain JSON values, so that a history can be kept and done again.

A record of a noun is {"kind": its name, field: value, ...}; a formula stands as it is typed, a source as its recipe and all that
was said about it. Records hold no data.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import fields, is_dataclass, replace
from enum import Enum
from functools import cache
from typing import Any, Literal, get_args, get_origin, get_type_hints

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable
from istrel.data.corrections import Aside, Correction
from istrel.data.formula.tree import Formula
from istrel.data.levels import Level
from istrel.data.reading.settings import ReadingSettings
from istrel.data.rows import Rows
from istrel.data.table import Table
from istrel.english import english
from istrel.exhibits.quoting import key_today
from istrel.problem import Problem
from istrel.sentence import parse_expression, parse_kept
from istrel.sentence.show_formula import show_expression
from istrel.study.again import made_again
from istrel.study.changes import Change
from istrel.study.changes.catalogue import CHANGES
from istrel.study.parts import Accepted, Kept, Number, Passage, Reference, Words
from istrel.study.recipes import Recipe
from istrel.study.study import Study, StudySource

Record = dict[str, Any]
Tables = Callable[[str], Table]
FORMULAS = get_args(Formula)
KEYED = ("Accepted", "Number")  # nouns that know a number by its row and column
SAID = ("recipe", "codebook", "corrections", "asides", "standing")
PARTS = (
    *(Accepted, Aside, Codebook, Correction, Kept, MissingCode, Number, Passage, ReadingSettings, Reference, Rows),
    *(ValueLabel, Variable, Words),
)


@cache
def kinds() -> dict[str, type]:
    """Every noun that a record may hold, by its id: the changes there are, and what they are made of."""
    return {**CHANGES, **{noun.__name__: noun for noun in (*PARTS, *get_args(Recipe))}}


@cache
def _ids() -> dict[type, str]:
    return {noun: name for name, noun in kinds().items()}


def record_of(value: object) -> Any:
    """The record of a change or of a part of one.

    Raises
    ------
    TypeError
        For what no change holds.
    """
    match value:
        case Enum():
            return {"kind": type(value).__name__, "value": value.value}
        case None | bool() | int() | float() | str():
            return value
        case tuple():
            return [record_of(part) for part in value]
        case Kept():
            parts = {f.name: record_of(getattr(value, f.name)) for f in fields(value) if f.name != "request"}
            return {"kind": "Kept", "sentence": value.sentence} | parts
        case StudySource():
            return {"kind": "StudySource"} | {name: record_of(getattr(value, name)) for name in SAID}
        case _ if isinstance(value, FORMULAS):
            return {"kind": "Formula", "text": show_expression(value)}
        case _ if type(value) in _ids() and is_dataclass(value):
            return {"kind": _ids()[type(value)]} | {f.name: record_of(getattr(value, f.name)) for f in fields(value)}
    raise TypeError(f"{type(value).__name__} has no record")


def change_of(record: Record, study: Study, tables: Tables | None = None) -> Change:
    """The change of a record, ready to be applied to the study; sources it brings have the data that the record names among
    `tables`, or are made again by their recipes.

    Raises
    ------
    Problem
        Where it is no record of a change, or a source cannot be made again.
    """
    if _kind(record) not in CHANGES:
        raise Problem(english("“{kind}” is no change of a study.", kind=_kind(record)))
    found: Change = value_of(record, study, tables)
    return found


def value_of(record: object, study: Study, tables: Tables | None = None) -> Any:
    """What a record stands for.

    Raises
    ------
    Problem
        As `change_of`.
    """
    if isinstance(record, list):
        return tuple(value_of(part, study, tables) for part in record)
    if not isinstance(record, dict):
        return record
    kind = _kind(record)
    try:
        match kind:
            case "Formula":
                return parse_expression(_text(record["text"]))
            case "Level":
                return Level(record["value"])
        parts = {name: value_of(part, study, tables) for name, part in record.items() if name != "kind"}
        if kind == "StudySource":
            data = parts.pop("data", None)
            if tables is not None:
                return _made(StudySource, {**parts, "raw": tables(_text(data))})
            return replace(made_again(parts.pop("recipe"), study), **parts)
        if kind == "Kept":
            parts["request"] = parse_kept(_text(parts.pop("sentence")))
        if kind in KEYED:
            parts["row"], parts["column"] = key_today(_text(parts["row"]), _text(parts["column"]))
        return _made(kinds()[kind], parts)
    except (KeyError, TypeError, ValueError):
        raise Problem(english("The record of “{kind}” cannot be understood.", kind=kind)) from None


def _text(value: object) -> str:
    if not isinstance(value, str):
        raise TypeError(value)
    return value


def _made(noun: type, parts: dict[str, Any]) -> Any:
    """The noun with these parts; TypeError where one is not of the kind that belongs there."""
    hints = _hints(noun)
    wrong = [name for name, part in parts.items() if not _fits(part, hints[name])]
    if wrong:
        raise TypeError(wrong[0])
    return noun(**parts)


@cache
def _hints(noun: type) -> dict[str, Any]:
    return get_type_hints(noun)


def _fits(value: object, hint: Any) -> bool:
    """Whether a value is of the kind that a field's annotation names."""
    origin, inner = get_origin(hint), get_args(hint)
    if origin is Literal:
        return value in inner
    if origin is tuple and inner[-1] is Ellipsis:
        return isinstance(value, tuple) and all(_fits(part, inner[0]) for part in value)
    if inner:
        return any(_fits(value, one) for one in inner)
    if isinstance(value, bool):
        return hint is bool
    return isinstance(value, (int, float) if hint is float else hint)


def _kind(record: Record) -> str:
    return str(record.get("kind", "nothing"))
