"""Derived variables: computed from others through their formulas, in the order in which they depend on each other."""

from __future__ import annotations

import re
from collections.abc import Iterator
from itertools import pairwise
from typing import Any

import numpy as np

from istrel.data.codebook import Codebook, ValueLabel, Variable
from istrel.data.column import Column, show_value
from istrel.data.dataset import Dataset
from istrel.data.formula.evaluate import evaluate
from istrel.data.formula.functions import as_numbers
from istrel.data.formula.tree import Call, Formula, Name, Span, is_condition, names_in
from istrel.data.guess import guess_level
from istrel.data.levels import Level
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem, nearest

LONGEST_NAME = 40
Workings = dict[str, tuple[Any, Column]]


def with_derived(data: Dataset, workings: Workings) -> Dataset:
    """The data with every derived variable of their codebook computed.

    Parameters
    ----------
    data
        Source columns; the codebook may have derived variables that are not columns yet.
    workings
        What was computed for an earlier version: a derived variable is computed again only when its formula or one of
        the variables it is made from changed. Filled with what is computed now.

    Raises
    ------
    Problem
        For a circle, with its path, or a formula that names what is not there.
    """
    for name in order_of(data.codebook):
        formula = data.codebook[name].formula
        assert formula is not None
        parents = names_in(formula, data.codebook.names)
        key = (formula, tuple(_identity(data, parent) for parent in parents), id(data.aside))
        made = workings.get(name)
        if made is None or made[0] != key:
            try:
                made = key, evaluate(formula, data, name)
            except Problem as problem:
                raise Problem(
                    english("“{name}” cannot be made: {message}", name=name, message=problem.message)
                ) from None
            workings[name] = made
        data = data.with_column(made[1])
    return data


def _identity(data: Dataset, name: str) -> tuple[Any, ...]:
    """What decides the usable values of a variable: its column and its missing codes."""
    if name not in data.table:
        hint = nearest(name, data.table.names)
        raise Problem(english("There is no variable “{name}”.{hint}", name=name, hint=hint))
    return data.table.column(name), data.codebook[name].missing_codes


def order_of(codebook: Codebook) -> tuple[str, ...]:
    """The derived variables, each after those it is made from.

    Raises
    ------
    Problem
        For a circle, with the path: "a is made from b, b from a".
    """
    done: dict[str, None] = {}
    known = set(codebook.names)

    def parents(name: str) -> Iterator[str]:
        formula = codebook[name].formula if name in known else None
        return iter(names_in(formula, codebook.names) if formula is not None else ())

    for first in codebook.derived:
        path: dict[str, Iterator[str]] = {first: parents(first)} if first not in done else {}
        while path:
            name = next(reversed(path))
            parent = next(path[name], None)
            if parent is None:
                path.popitem()
                if name in known and codebook[name].formula is not None:
                    done[name] = None
            elif parent in path:
                names = list(path)
                circle = (*names[names.index(parent) :], parent)
                steps = ", ".join(f"{child} from {other}" for child, other in pairwise(circle))
                raise Problem(english("A variable cannot be made from itself: {steps}.", steps=steps))
            elif parent not in done:
                path[parent] = parents(parent)
    return tuple(done)


def children_of(codebook: Codebook, name: str) -> tuple[str, ...]:
    """The derived variables that are made directly from this one."""
    return tuple(
        v.name for v in codebook.variables if v.formula is not None and name in names_in(v.formula, codebook.names)
    )


def describe_derived(name: str, formula: Formula, data: Dataset, *, label: str = "") -> Variable:
    """The codebook's line for a new derived variable: its level and, for bands and conditions, its value labels.

    Raises
    ------
    Problem
        Where the formula cannot be evaluated.
    """
    column = evaluate(formula, data, name)
    if is_condition(formula):
        labels = (ValueLabel(0.0, "no"), ValueLabel(1.0, "yes"))
        return Variable(name, Level.BINARY, label, formula=formula, value_labels=labels)
    function = formula.function if isinstance(formula, Call) else ""
    if function == "bands":
        return Variable(name, Level.ORDINAL, label, formula=formula, value_labels=band_labels(formula, data))
    parent = formula.arguments[0] if isinstance(formula, Call) and formula.arguments else None
    level = guess_level(column)
    if function == "reverse" and isinstance(parent, Name) and parent.text in data.table:
        level = data.variable(parent.text).level
    elif level in (Level.IDENTIFIER, Level.COUNT, Level.ORDINAL) and function not in ("recode", "if", "year"):
        level = Level.CONTINUOUS
    return Variable(name, level, label, formula=formula)


def band_labels(formula: Formula, data: Dataset) -> tuple[ValueLabel, ...]:
    """What the bands are called: "under 30", "30–44", "60 and over"; with decimals "30 to under 45"."""
    if not isinstance(formula, Call) or formula.function != "bands" or not data.n_rows:
        return ()
    cuts = [float(as_numbers(evaluate(cut, data))[0]) for cut in formula.arguments[1:] if not isinstance(cut, Span)]
    right = dict(formula.options).get("closed") == "right"
    parent = formula.arguments[0]
    whole = False
    if isinstance(parent, Name) and parent.text in data.table:
        numbers = data.numbers(parent.text)
        used = numbers.values[numbers.valid]
        whole = bool(np.array_equal(used, np.floor(used))) and all(cut.is_integer() for cut in cuts)
    names = [_band(low, high, whole=whole, right=right) for low, high in zip([None, *cuts], [*cuts, None], strict=True)]
    return tuple(ValueLabel(float(code), name) for code, name in enumerate(names, start=1))


def _band(low: float | None, high: float | None, *, whole: bool, right: bool) -> str:
    def show(value: float) -> str:
        return show_value(value).replace("-", "−")

    if low is None or high is None:
        if low is None:
            assert high is not None
            return f"up to {show(high)}" if right else f"under {show(high)}"
        return f"over {show(low)}" if right else f"{show(low)} and over"
    if whole:
        first, last = (low + 1, high) if right else (low, high - 1)
        return show(first) if first == last else f"{show(first)}–{show(last)}"
    return f"over {show(low)} to {show(high)}" if right else f"{show(low)} to under {show(high)}"


def called_after(formula: str) -> str:
    """A name of letters, figures and low lines for what a formula gives: "log_reaction_ms" of "log(reaction_ms)"."""
    return re.sub(r"\W+", "_", formula).strip("_")[:LONGEST_NAME].strip("_") or "formula"


def free_name(wanted: str, table: Table) -> str:
    """The name, with a number behind it if it is taken."""
    name, number = wanted, 1
    while name in table:
        number += 1
        name = f"{wanted}_{number}"
    return name
