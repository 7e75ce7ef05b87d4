"""Functions in expressions: what stands in the brackets, sorted into arguments, options and pairs of values."""

from __future__ import annotations

from typing import Any

from lark import Token

from istrel.data.formula.functions import FUNCTIONS
from istrel.data.formula.tree import Call, Comparison, Literal, Name
from istrel.english import english
from istrel.problem import Problem, close, question


def build_call(function: Token, brackets: list[Any]) -> Call:
    """A call of a known function.

    `name = value` in brackets is an option of the function; in recode it is an old and a new value.

    Raises
    ------
    Problem
        For an unknown function, with the nearest one.
    """
    name, at = str(function).casefold(), function.start_pos or 0
    if name not in FUNCTIONS:
        near = close(name, FUNCTIONS)
        message = english("There is no function “{function}”.{hint}", function=function, hint=question(near[:1]))
        raise Problem(message, at=at, length=len(function), instead=near)
    options: list[tuple[str, float | str]] = []
    pairs: list[tuple[Literal, Literal]] = []
    arguments: list[Any] = []
    for part in brackets:
        equal = isinstance(part, Comparison) and part.operator == "="
        if equal and _word(part.left) in (*FUNCTIONS[name].options, "else"):
            options.append((str(_word(part.left)), _plain(part.right).value))
        elif equal and name == "recode":
            pairs.append((_plain(part.left), _plain(part.right)))
        else:
            arguments.append(part)
    return Call(name, tuple(arguments), tuple(options), tuple(pairs), at)


def _word(part: object) -> str | None:
    return part.text.casefold() if isinstance(part, Name) else None


def _plain(part: object) -> Literal:
    """A value as written; a bare word stands for itself."""
    if isinstance(part, Name):
        return Literal(part.text, part.at)
    if isinstance(part, Literal):
        return Literal(part.value, part.at)
    raise Problem(english("an option is a number or a word, written name = value."))
