"""Conditions and expressions written back as they are typed; parsing the text gives the same tree."""

from __future__ import annotations

import re

from istrel.data.column import show_value
from istrel.data.formula.tree import (
    And,
    Arithmetic,
    Between,
    Call,
    Comparison,
    Condition,
    Formula,
    IsMissing,
    Literal,
    Name,
    Negative,
    Not,
    OneOf,
    Or,
    Span,
    is_condition,
)

PLAIN_NAME = re.compile(r"[^\W\d]\w*(\.\w+)*$")
RESERVED = {"against", "across", "among", "as", "with", "and", "or", "not", "in", "is", "between", "all"}
BINDS = {"+": 1, "-": 1, "*": 2, "/": 2, "^": 4}
SIGNED = 3


def show_name(name: str) -> str:
    """A name as the sentence wants it: in back quotes unless it is a plain word."""
    return name if PLAIN_NAME.match(name) and name.casefold() not in RESERVED else f"`{name}`"


def show_condition(condition: Condition) -> str:
    """A condition as it is typed, with brackets only where they are needed."""
    match condition:
        case Comparison(left, operator, right):
            return f"{show_expression(left)} {operator} {show_expression(right)}"
        case Between(part, low, high):
            return f"{show_expression(part)} between {show_expression(low)} and {show_expression(high)}"
        case OneOf(name, values):
            return f"{show_name(name.text)} in {{{', '.join(_literal(value) for value in values)}}}"
        case IsMissing(name):
            return f"{show_name(name.text)} is missing"
        case Not(IsMissing(name)):
            return f"{show_name(name.text)} is not missing"
        case Not(part):
            return f"not {_bracketed(part, (And, Or))}"
        case And(parts):
            return " and ".join(_bracketed(part, (Or,)) for part in parts)
        case Or(parts):
            return " or ".join(_bracketed(part, ()) for part in parts)


def show_expression(formula: Formula | Span, outer: int = 0) -> str:
    """An expression as it is typed; `outer` is how tightly the surroundings bind."""
    if is_condition(formula):
        return show_condition(formula)
    match formula:
        case Name(text):
            return show_name(text)
        case Literal():
            text = _literal(formula)
            return f"({text})" if text.startswith("-") and outer > SIGNED else text
        case Negative(part):
            text = f"-{show_expression(part, SIGNED)}"
            return f"({text})" if outer >= SIGNED else text
        case Arithmetic(operator, left, right):
            binds = BINDS[operator]
            right_binds = SIGNED if operator == "^" else binds + 1
            left_binds = binds + 1 if operator == "^" else binds
            text = f"{show_expression(left, left_binds)} {operator} {show_expression(right, right_binds)}"
            return f"({text})" if binds < outer else text
        case Span(first, last):
            return f"{show_name(first.text)} .. {show_name(last.text)}"
        case Call():
            return _call(formula)
    raise TypeError(formula)


def _call(formula: Call) -> str:
    parts = [show_expression(argument) for argument in formula.arguments]
    parts += [f"{_literal(old)} = {_literal(new)}" for old, new in formula.pairs]
    parts += [f"{name} = {show_value(value)}" for name, value in formula.options]
    return f"{formula.function}({', '.join(parts)})"


def _bracketed(condition: Condition, looser: tuple[type, ...]) -> str:
    text = show_condition(condition)
    return f"({text})" if isinstance(condition, looser) else text


def _literal(literal: Literal) -> str:
    if not isinstance(literal.value, str):
        return show_value(literal.value)
    if literal.bare:
        return show_name(literal.value)
    if re.match(r"\d{4}-\d{2}-\d{2}", literal.value):
        return literal.value
    return f'"{literal.value}"' if '"' not in literal.value else f"'{literal.value}'"
