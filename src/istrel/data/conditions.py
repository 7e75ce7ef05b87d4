"""Conditions on cases as a tree, and their evaluation to a mask. Parsing them from text is the sentence's matter."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Variable
from istrel.data.column import Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.problem import Problem, nearest

Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Name:
    """A variable's name, and where in the sentence it stands (for messages only, never part of its identity)."""

    text: str
    at: int = field(default=-1, compare=False)


@dataclass(frozen=True)
class Literal:
    """A value as written: a number, or a text. `bare` words may turn out to be a variable's name."""

    value: float | str
    at: int = field(default=-1, compare=False)
    bare: bool = False


@dataclass(frozen=True)
class Comparison:
    """`left operator right`; the operator is one of = != < <= > >=."""

    left: Name
    operator: str
    right: Literal | Name


@dataclass(frozen=True)
class Between:
    """Both limits belong to it."""

    name: Name
    low: Literal
    high: Literal


@dataclass(frozen=True)
class OneOf:
    name: Name
    values: tuple[Literal, ...]


@dataclass(frozen=True)
class IsMissing:
    name: Name


@dataclass(frozen=True)
class Not:
    part: Condition


@dataclass(frozen=True)
class And:
    parts: tuple[Condition, ...]


@dataclass(frozen=True)
class Or:
    parts: tuple[Condition, ...]


Condition = Comparison | Between | OneOf | IsMissing | Not | And | Or

OPERATORS: dict[str, Callable[[Any, Any], Any]] = {
    "=": np.equal,
    "!=": np.not_equal,
    "<": np.less,
    "<=": np.less_equal,
    ">": np.greater,
    ">=": np.greater_equal,
}


def holds(condition: Condition, data: Dataset) -> Mask:
    """The cases for which a condition is true, shape (rows,).

    A comparison with a missing value is neither true nor false: such a case is left out, and `not` does not bring it
    back (three-valued logic, as in the SQL standard).

    Raises
    ------
    Problem
        For an unknown variable or a value that the variable cannot have, with the place of the word.
    """
    return _truth(condition, data)[0]


def _truth(condition: Condition, data: Dataset) -> tuple[Mask, Mask]:
    """(true, false); what is in neither is unknown."""
    match condition:
        case And(parts):
            truths = [_truth(part, data) for part in parts]
            return np.logical_and.reduce([t for t, _ in truths]), np.logical_or.reduce([f for _, f in truths])
        case Or(parts):
            truths = [_truth(part, data) for part in parts]
            return np.logical_or.reduce([t for t, _ in truths]), np.logical_and.reduce([f for _, f in truths])
        case Not(part):
            true, false = _truth(part, data)
            return false, true
        case IsMissing(name):
            valid = _valid(name, data)
            return ~valid, valid
        case OneOf(name, values):
            valid = _valid(name, data)
            found = np.logical_or.reduce([_equal(name, value, data) for value in values])
            return found & valid, ~found & valid
        case Between(name, low, high):
            return _truth(And((Comparison(name, ">=", low), Comparison(name, "<=", high))), data)
        case Comparison():
            return _compare(condition, data)


def _variable(name: Name, data: Dataset) -> Variable:
    if name.text not in data.table:
        hint = nearest(name.text, data.table.names)
        raise Problem(f"There is no variable “{name.text}”.{hint}", at=name.at, length=len(name.text))
    return data.variable(name.text)


def _valid(name: Name, data: Dataset) -> Mask:
    _variable(name, data)
    return data.present(name.text)


def _compare(condition: Comparison, data: Dataset) -> tuple[Mask, Mask]:
    name, right = condition.left, condition.right
    if isinstance(right, Literal) and right.bare and str(right.value) in data.table:
        right = Name(str(right.value), right.at)
    valid = _valid(name, data)
    if isinstance(right, Name):
        valid = valid & _valid(right, data)
        found = _against_variable(condition, right, data)
    elif condition.operator in ("=", "!="):
        found = _equal(name, right, data)
        found = ~found if condition.operator == "!=" else found
    else:
        found = _ordered(condition, right, data)
    return found & valid, ~found & valid


def _against_variable(condition: Comparison, right: Name, data: Dataset) -> Mask:
    left_text = data.table.column(condition.left.text).kind is Kind.TEXT
    if left_text != (data.table.column(right.text).kind is Kind.TEXT):
        raise Problem(
            f"“{condition.left.text}” and “{right.text}” are of different kinds.", at=right.at, length=len(right.text)
        )
    compare = OPERATORS[condition.operator]
    if not left_text:
        found: Mask = compare(data.numbers(condition.left.text).values, data.numbers(right.text).values)
        return found
    a, b = data.categories(condition.left.text), data.categories(right.text)
    words = {word: code for code, word in enumerate(sorted({*map(str, a.values), *map(str, b.values)}))}
    rank = [np.array([*(words[str(v)] for v in side.values), -1])[side.codes] for side in (a, b)]
    ranked: Mask = compare(*rank)
    return ranked


def _equal(name: Name, literal: Literal, data: Dataset) -> Mask:
    """Equal to the stored value, or to the label it prints with."""
    variable, kind = _variable(name, data), data.table.column(name.text).kind
    if kind is Kind.TEXT:
        return _is_category(name, literal, data)
    if isinstance(literal.value, str) and any(entry.label == literal.value for entry in variable.value_labels):
        return _is_category(name, literal, data)
    return data.numbers(name.text).values == _as_number(name, literal, data)


def _is_category(name: Name, literal: Literal, data: Dataset) -> Mask:
    categories = data.categories(name.text)
    wanted = show_value(literal.value)
    exact = [i for i, value in enumerate(categories.values) if show_value(value) == wanted]
    places = exact or [i for i, label in enumerate(categories.labels) if label == wanted]
    places = places or [i for i, label in enumerate(categories.labels) if label.strip().casefold() == wanted.casefold()]
    if not places:
        hint = nearest(wanted, categories.labels)
        raise Problem(f"“{name.text}” never has the value “{wanted}”.{hint}", at=literal.at, length=len(wanted))
    return np.isin(categories.codes, places)


def _as_number(name: Name, literal: Literal, data: Dataset) -> float:
    if data.table.column(name.text).kind is Kind.DATE:
        try:
            return float(np.datetime64(str(literal.value), "s").astype(np.int64)) / 86400.0
        except ValueError:
            what = "a date, written as 2025-03-31"
    elif not isinstance(literal.value, str):
        return literal.value
    else:
        what = "a number"
    text = show_value(literal.value)
    raise Problem(f"“{name.text}” is compared with {what}; “{text}” is none.", at=literal.at, length=len(text))


def _ordered(condition: Comparison, right: Literal, data: Dataset) -> Mask:
    name = condition.left
    column = data.table.column(name.text)
    if column.kind is Kind.TEXT:
        text = show_value(right.value)
        raise Problem(
            f"“{name.text}” holds words, which have no size: use = or in {{…}} instead of {condition.operator}.",
            at=right.at,
            length=len(text),
        )
    found: Mask = OPERATORS[condition.operator](data.numbers(name.text).values, _as_number(name, right, data))
    return found
