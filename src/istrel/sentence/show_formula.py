"""Conditions and expressions written back as they are typed; parsing the text gives the same tree."""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import dataclass

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
from istrel.sentence.quoting import show_name

BINDS = {"+": 1, "-": 1, "*": 2, "/": 2, "^": 4}
SIGNED = 3
DAY = re.compile(r"\d{4}-\d{2}-\d{2}")


@dataclass(frozen=True)
class Hand:
    """How a formula is written: as it is typed, or as it is printed, with true signs and names as they are."""

    name: Callable[[str], str]
    operators: dict[str, str]
    minus: str = "-"

    def operator(self, sign: str) -> str:
        return self.operators.get(sign, sign)


TYPED = Hand(show_name, {})
PRINTED = Hand(str, {">=": "≥", "<=": "≤", "!=": "≠", "-": "−", "*": "×"}, minus="−")


def print_condition(condition: Condition) -> str:
    """A condition as it prints: ≥ for >=, a true minus before numbers; names and values stay as they are."""
    return show_condition(condition, PRINTED)


def show_condition(condition: Condition, hand: Hand = TYPED) -> str:
    """A condition as it is typed, with brackets only where they are needed."""
    match condition:
        case Comparison(left, operator, right):
            return f"{show_expression(left, hand=hand)} {hand.operator(operator)} {show_expression(right, hand=hand)}"
        case Between(part, low, high):
            limits = f"{show_expression(low, hand=hand)} and {show_expression(high, hand=hand)}"
            return f"{show_expression(part, hand=hand)} between {limits}"
        case OneOf(name, values):
            return f"{hand.name(name.text)} in {{{', '.join(_literal(value, hand) for value in values)}}}"
        case IsMissing(name):
            return f"{hand.name(name.text)} is missing"
        case Not(IsMissing(name)):
            return f"{hand.name(name.text)} is not missing"
        case Not(part):
            return f"not {_bracketed(part, (And, Or), hand)}"
        case And(parts):
            return " and ".join(_bracketed(part, (Or,), hand) for part in parts)
        case Or(parts):
            return " or ".join(_bracketed(part, (), hand) for part in parts)


def show_expression(formula: Formula | Span, outer: int = 0, hand: Hand = TYPED) -> str:
    """An expression as it is typed; `outer` is how tightly the surroundings bind."""
    if is_condition(formula):
        return show_condition(formula, hand)
    match formula:
        case Name(text):
            return hand.name(text)
        case Literal():
            text = _literal(formula, hand)
            return f"({text})" if text.startswith(hand.minus) and outer > SIGNED else text
        case Negative(part):
            text = f"{hand.minus}{show_expression(part, SIGNED, hand)}"
            return f"({text})" if outer >= SIGNED else text
        case Arithmetic(operator, left, right):
            binds = BINDS[operator]
            right_binds = SIGNED if operator == "^" else binds + 1
            left_binds = binds + 1 if operator == "^" else binds
            sides = show_expression(left, left_binds, hand), show_expression(right, right_binds, hand)
            text = f"{sides[0]} {hand.operator(operator)} {sides[1]}"
            return f"({text})" if binds < outer else text
        case Span(first, last):
            return f"{hand.name(first.text)} .. {hand.name(last.text)}"
        case Call():
            return _call(formula, hand)
    raise TypeError(formula)


def _call(formula: Call, hand: Hand) -> str:
    parts = [show_expression(argument, hand=hand) for argument in formula.arguments]
    parts += [f"{_literal(old, hand)} = {_literal(new, hand)}" for old, new in formula.pairs]
    parts += [f"{name} = {show_value(value)}" for name, value in formula.options]
    return f"{formula.function}({', '.join(parts)})"


def _bracketed(condition: Condition, looser: tuple[type, ...], hand: Hand) -> str:
    text = show_condition(condition, hand)
    return f"({text})" if isinstance(condition, looser) else text


def _literal(literal: Literal, hand: Hand) -> str:
    if not isinstance(literal.value, str):
        text = show_value(literal.value)
        return hand.minus + text[1:] if text.startswith("-") else text
    if literal.bare:
        return hand.name(literal.value)
    if DAY.match(literal.value):
        return literal.value
    return f'"{literal.value}"' if '"' not in literal.value else f"'{literal.value}'"
