"""The nouns of conditions and expressions. Each can be printed, compared and walked; none computes anything."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field, fields
from typing import TypeGuard


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
class Span:
    """`item_1 .. item_12`: the variables from one to the other in the order of the file."""

    first: Name
    last: Name


@dataclass(frozen=True)
class Arithmetic:
    """`left operator right`; the operator is one of + - * / ^."""

    operator: str
    left: Expression
    right: Expression


@dataclass(frozen=True)
class Negative:
    part: Expression


@dataclass(frozen=True)
class Call:
    """A function with what stands in its brackets; `options` are (name, value) pairs, `pairs` are (old, new) values."""

    function: str
    arguments: tuple[Expression | Condition | Span, ...] = ()
    options: tuple[tuple[str, float | str], ...] = ()
    pairs: tuple[tuple[Literal, Literal], ...] = ()
    at: int = field(default=-1, compare=False)


@dataclass(frozen=True)
class Comparison:
    """`left operator right`; the operator is one of = != < <= > >=."""

    left: Expression
    operator: str
    right: Expression


@dataclass(frozen=True)
class Between:
    """Both limits belong to it."""

    part: Expression
    low: Expression
    high: Expression


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


@dataclass(frozen=True)
class Computed(Name):
    """A formula where a variable may stand: its text, tidied, is what it is called."""

    formula: Formula | None = None


Expression = Name | Literal | Arithmetic | Negative | Call
Condition = Comparison | Between | OneOf | IsMissing | Not | And | Or
Formula = Expression | Condition


def is_condition(formula: object) -> TypeGuard[Condition]:
    """True for what is true or false of a case, False for what gives it a value."""
    return isinstance(formula, Comparison | Between | OneOf | IsMissing | Not | And | Or)


def names_in(formula: object, order: tuple[str, ...]) -> tuple[str, ...]:
    """The variables that a formula, or what is made of formulas, uses, each once.

    `order` is the order of the file, by which ranges are read.
    """
    return tuple(dict.fromkeys(_walk(formula, order)))


def _walk(part: object, order: tuple[str, ...]) -> Iterator[str]:
    match part:
        case Name(text):
            yield text
        case Literal(value, bare=True) if value in order:
            yield str(value)
        case Span(first, last) if first.text in order and last.text in order:
            yield from order[order.index(first.text) : order.index(last.text) + 1]
        case Span(first, last):
            yield from (first.text, last.text)
        case tuple():
            for entry in part:
                yield from _walk(entry, order)
        case _ if hasattr(part, "__dataclass_fields__") and not isinstance(part, Literal):
            for entry in fields(part):  # type: ignore[arg-type]
                if entry.name != "pairs":  # what a recode maps are values, never variables
                    yield from _walk(getattr(part, entry.name), order)
