"""The items of a scale: those of a composite as they stand in it, or the variables that a sentence names."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.evaluate import as_numbers
from istrel.data.formula.tree import Call, Formula, Name, Span, names_in
from istrel.data.naming import shared_beginning
from istrel.data.scales import scales_in
from istrel.english import english
from istrel.exhibits.cases import subject_names
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request
from istrel.sentence.show_formula import show_expression

FEWEST = 2


@dataclass(frozen=True)
class Item:
    """An item: what it is called in a sentence, the variable it is, empty where it is a formula, and its values."""

    name: str
    variable: str
    column: Column


@dataclass(frozen=True)
class ScaleItems:
    """A scale: the composite or the beginning that its items share, and the items."""

    name: str
    items: tuple[Item, ...]


def items_of(formula: Formula | None, data: Dataset) -> list[tuple[str, Column]] | None:
    """(name, values) of each item of a composite as it stands in it; None where it is no mean or sum of numbers."""
    if not isinstance(formula, Call) or formula.function not in ("mean", "sum"):
        return None
    parts: list[tuple[str, Column]] = []
    for argument in formula.arguments:
        if isinstance(argument, Span):
            names = names_in(Call("", (argument,)), data.table.names)
            parts += [(name, as_numbers(Name(name), data)) for name in names]
        else:
            parts.append((show_expression(argument), as_numbers(argument, data)))
    if len(parts) < 2 or any(part.kind is not Kind.NUMBER for _, part in parts):
        return None
    return parts


def scale_of_request(request: Request, data: Dataset) -> ScaleItems:
    """The scale that the subjects of a sentence mean: a composite, a beginning, or the items themselves.

    Raises
    ------
    Problem
        For fewer than two items, words, and several scales at once.
    """
    first = request.subjects[0]
    if len(request.subjects) == 1 and isinstance(first, Crossed) and len(first.names) == 1:
        said = first.names[0]
        guessed = {one.name: one for one in scales_in(data.codebook, data.table)}
        if said.text not in data.table and said.text in guessed:
            return _named(said.text, guessed[said.text].items, data)
        name = known(said, data)
        parts = items_of(data.variable(name).formula, data)
        if parts is None:
            message = english(
                "“{name}” is no composite of items; name the items, or a variable made by mean(…) or sum(…).", name=name
            )
            raise Problem(message, at=said.at, length=len(said.text))
        names = set(data.table.names)
        return ScaleItems(name, tuple(Item(one, one if one in names else "", column) for one, column in parts))
    names_said = tuple(dict.fromkeys(name for subject in request.subjects for name in subject_names(subject, data)))
    if len(names_said) < FEWEST:
        raise Problem(english("A scale has two items or more; name another one."))
    return _named(_beginning(names_said), names_said, data)


def _named(name: str, items: tuple[str, ...], data: Dataset) -> ScaleItems:
    columns = {one: as_numbers(Name(one), data) for one in items}
    words = next((one for one, column in columns.items() if column.kind is not Kind.NUMBER), None)
    if words is not None:
        raise Problem(
            english(
                "“{words}” holds words in no order that is known, so it is no item of a scale; put its answers in order in the "
                "Codebook, or leave it out.",
                words=words,
            )
        )
    return ScaleItems(name, tuple(Item(one, one, column) for one, column in columns.items()))


def _beginning(names: tuple[str, ...]) -> str:
    """The beginning that names share, without what parts it from their numbers; the names where they share none."""
    shared = shared_beginning(names).rstrip("0123456789").rstrip("_ .-")
    return shared or ", ".join(names)
