"""The codebook: what each variable is. Plain immutable data; guessing is in `guess`, applying it in `dataset`."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from functools import cached_property

from istrel.data.calling import Callings
from istrel.data.column import show_value
from istrel.data.formula.tree import Formula
from istrel.data.levels import Level
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.english import either, english, together
from istrel.problem import Problem, close, question

MOST_MEANT = 3


@dataclass(frozen=True)
class ValueLabel:
    """What a stored value is called in print."""

    value: float | str
    label: str


@dataclass(frozen=True)
class MissingCode:
    """A stored value that means "no answer", and why."""

    value: float | str
    reason: str = ""


@dataclass(frozen=True)
class Variable:
    """One line of the codebook.

    Attributes
    ----------
    label
        How the variable is called in print; empty means its name.
    decimals
        Decimals of a measure in print; None leaves it to the house style.
    value_labels
        In the order in which values are printed; values without a label follow in their natural order.
    formula
        What a derived variable is made from; None for a variable of the source.
    in_use
        False for a variable that was left out: it stays, but nothing is offered for it.
    phrase
        The phrase by which it is called in every language, where nobody named it: a variable that a sentence makes.
    personal
        True for what tells who a person is: it is in no data that are given away.
    """

    name: str
    level: Level
    label: str = ""
    unit: str = ""
    decimals: int | None = None
    value_labels: tuple[ValueLabel, ...] = ()
    missing_codes: tuple[MissingCode, ...] = ()
    formula: Formula | None = None
    in_use: bool = True
    personal: bool = False
    phrase: str = ""

    @property
    def title(self) -> str:
        """The label, or the name where there is none."""
        return self.label or self.name

    @property
    def title_with_unit(self) -> str:
        return f"{self.title}, {self.unit}" if self.unit else self.title

    def label_of(self, value: float | str) -> str:
        """What a stored value is called in print."""
        for entry in self.value_labels:
            if entry.value == value:
                return entry.label
        return show_value(value)


@dataclass(frozen=True)
class Codebook:
    """One Variable per column, in the order of the columns, and what a row is."""

    variables: tuple[Variable, ...] = ()
    rows: Rows = EACH_ITS_OWN

    @cached_property
    def names(self) -> tuple[str, ...]:
        return tuple(variable.name for variable in self.variables)

    @property
    def derived(self) -> tuple[str, ...]:
        """The names of the derived variables."""
        return tuple(variable.name for variable in self.variables if variable.formula is not None)

    @cached_property
    def _by_name(self) -> dict[str, Variable]:
        return {variable.name: variable for variable in self.variables}

    @cached_property
    def callings(self) -> Callings:
        """The variables by all that they may be called."""
        return Callings([(variable.name, variable.label) for variable in self.variables])

    def unknown(self, name: str, *, at: int = -1) -> Problem:
        """That there is no such variable, and which may be meant."""
        meant = self.callings.called(name)
        if len(meant) > 1:
            shown = [english("“{word}”", word=word) for word in meant[:MOST_MEANT]]
            if len(meant) > MOST_MEANT:
                shown.append(english("another of {count}", count=len(meant)))
            message = english("“{name}” can mean {said}; write more of it.", name=name, said=either(shown))
            return Problem(message, at=at, length=len(name) if at >= 0 else 0, instead=meant[:MOST_MEANT])
        near = meant or close(name, self.names)
        message = english("There is no variable “{name}”.{hint}", name=name, hint=question(near[:1]))
        if name.casefold() in ("all", "everything", "*") and len(self.names) > 1:
            first, last = self.names[0], self.names[-1]
            stretch = english(
                "Write names with commas, or a stretch of them: `{first}` .. `{last}`.", first=first, last=last
            )
            message = together((message, stretch))
        return Problem(message, at=at, length=len(name) if at >= 0 else 0, instead=near)

    def __contains__(self, name: object) -> bool:
        return name in self._by_name

    def __getitem__(self, name: str) -> Variable:
        try:
            return self._by_name[name]
        except KeyError:
            raise self.unknown(name) from None

    def adding(self, variable: Variable) -> Codebook:
        """The same codebook with one more line at its end."""
        return replace(self, variables=(*self.variables, variable))

    def without(self, name: str) -> Codebook:
        """The same codebook without this line."""
        left = tuple(variable for variable in self.variables if variable.name != name)
        return replace(self, variables=left, rows=self.rows.without({name}))

    def with_variable(self, variable: Variable) -> Codebook:
        """The same codebook with the line of that name exchanged."""
        self[variable.name]
        return replace(self, variables=tuple(variable if old.name == variable.name else old for old in self.variables))

    def with_missing(self, codes: tuple[MissingCode, ...]) -> Codebook:
        """The same codebook with these missing codes added to every variable."""
        marked = (replace(v, missing_codes=merge_codes(v.missing_codes, codes)) for v in self.variables)
        return replace(self, variables=tuple(marked))


def merge_codes(old: tuple[MissingCode, ...], new: tuple[MissingCode, ...]) -> tuple[MissingCode, ...]:
    """Old and new codes together, a value once, the newer reason winning."""
    by_value = {code.value: code for code in (*old, *new)}
    return tuple(by_value.values())


def parse_missing(text: str) -> tuple[MissingCode, ...]:
    """Missing codes as typed: values separated by commas, each with a reason after a space if wanted ("-9 refused, 99").

    A value that reads as a number is a number; anything else is a text. Quotes keep spaces together ("no answer").
    """
    codes = []
    for raw in text.split(","):
        part = raw.strip().replace("−", "-")
        if not part:
            continue
        if part[0] in "\"'" and part.count(part[0]) >= 2:
            value, reason = part[1:].split(part[0], 1)
        else:
            value, _, reason = part.partition(" ")
        codes.append(MissingCode(number_or_text(value), reason.strip()))
    return merge_codes((), tuple(codes))


def number_or_text(text: str) -> float | str:
    """A typed value: a number where it reads as one, else the text."""
    try:
        number = float(text)
    except ValueError:
        return text
    return number if math.isfinite(number) else text
