"""Comparisons of a variable with a value or with another variable: masks of (true, false), unknown in neither."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Literal, Name
from istrel.english import english
from istrel.problem import Problem, nearest

Mask = NDArray[np.bool_]


OPERATORS: dict[str, Callable[[Any, Any], Any]] = {
    "=": np.equal,
    "!=": np.not_equal,
    "<": np.less,
    "<=": np.less_equal,
    ">": np.greater,
    ">=": np.greater_equal,
}


def known(name: Name, data: Dataset) -> str:
    """The name, if the data have such a variable.

    Raises
    ------
    Problem
        With the place of the word and the nearest name.
    """
    if name.text not in data.table:
        raise data.codebook.unknown(name.text, at=name.at)
    return name.text


def told(found: Mask, valid: Mask) -> tuple[Mask, Mask]:
    """(true, false) among the valid cases."""
    return found & valid, ~found & valid


def is_one_of(name: Name, values: tuple[Literal, ...], data: Dataset) -> tuple[Mask, Mask]:
    """Equal to one of several values."""
    valid = data.present(known(name, data))
    return told(np.logical_or.reduce([_equal(name, value, data) for value in values]), valid)


def compare_with(name: Name, operator: str, right: Literal, data: Dataset) -> tuple[Mask, Mask]:
    """`name operator value`."""
    valid = data.present(known(name, data))
    if operator in ("=", "!="):
        found = _equal(name, right, data)
        return told(~found if operator == "!=" else found, valid)
    return told(_ordered(name, operator, right, data), valid)


def compare_columns(left: Name, operator: str, right: Name, data: Dataset) -> tuple[Mask, Mask]:
    """`name operator other name`."""
    valid = data.present(known(left, data)) & data.present(known(right, data))
    return told(_against_variable(left, operator, right, data), valid)


def _against_variable(left: Name, operator: str, right: Name, data: Dataset) -> Mask:
    left_text = data.table.column(left.text).kind is Kind.TEXT
    if left_text != (data.table.column(right.text).kind is Kind.TEXT):
        raise Problem(
            english("“{text}” and “{text_2}” are of different kinds.", text=left.text, text_2=right.text),
            at=right.at,
            length=len(right.text),
        )
    compare = OPERATORS[operator]
    if not left_text:
        found: Mask = compare(data.numbers(left.text).values, data.numbers(right.text).values)
        return found
    a, b = data.categories(left.text), data.categories(right.text)
    words = {word: code for code, word in enumerate(sorted({*map(str, a.values), *map(str, b.values)}))}
    rank = [np.array([*(words[str(v)] for v in side.values), -1])[side.codes] for side in (a, b)]
    ranked: Mask = compare(*rank)
    return ranked


def _equal(name: Name, literal: Literal, data: Dataset) -> Mask:
    """Equal to the stored value, or to the label it prints with."""
    variable, kind = data.variable(name.text), data.table.column(name.text).kind
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
        raise Problem(
            english("“{text}” never has the value “{wanted}”.{hint}", text=name.text, wanted=wanted, hint=hint),
            at=literal.at,
            length=len(wanted),
        )
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
    raise Problem(
        english("“{text}” is compared with {what}; “{text_2}” is none.", text=name.text, what=what, text_2=text),
        at=literal.at,
        length=len(text),
    )


def _ordered(name: Name, operator: str, right: Literal, data: Dataset) -> Mask:
    column = data.table.column(name.text)
    if column.kind is Kind.TEXT:
        text = show_value(right.value)
        raise Problem(
            english(
                "“{text}” holds words, which have no size: use = or in {{…}} instead of {operator}.",
                text=name.text,
                operator=operator,
            ),
            at=right.at,
            length=len(text),
        )
    found: Mask = OPERATORS[operator](data.numbers(name.text).values, _as_number(name, right, data))
    return found
