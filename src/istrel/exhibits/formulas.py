"""A sentence that names formulas is asked of data that have them as variables."""

from __future__ import annotations

from dataclasses import replace

from istrel.data.codebook import Codebook
from istrel.data.dataset import Dataset
from istrel.data.derive import describe_derived, with_derived
from istrel.data.formula.tree import Call, Computed, Formula, Name
from istrel.exhibits.store import made_of
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request
from istrel.sentence.show_formula import PRINTED, Hand, show_expression


def computed_in(request: Request) -> tuple[Computed, ...]:
    """The formulas that stand where variables may, each once."""
    subjects = [subject for subject in (*request.subjects, *request.across) if isinstance(subject, Crossed)]
    names = [*(name for subject in subjects for name in subject.names), *request.against]
    return tuple(dict.fromkeys(name for name in names if isinstance(name, Computed)))


def with_formulas(request: Request, data: Dataset) -> Dataset:
    """The data with a variable for each formula of a sentence; made once per version.

    Raises
    ------
    Problem
        For a formula that cannot be computed, with its place.
    """
    for wanted in computed_in(request):
        data = with_formula(wanted, data)
    return data


def with_formula(wanted: Computed, data: Dataset) -> Dataset:
    """The data with one formula as a variable.

    Raises
    ------
    Problem
        As `with_formulas`.
    """
    formula = wanted.formula
    if formula is None or wanted.text in data.table:
        return data
    try:
        return made_of(data, wanted.text, lambda: _with(wanted.text, formula, data))
    except Problem as problem:
        raise Problem(problem.message, at=wanted.at, length=len(wanted.text)) from None


def in_print(formula: Formula, codebook: Codebook) -> str:
    """A formula as it prints, of the labels of its variables."""

    def title(variable: str) -> str:
        return codebook[variable].title if variable in codebook else variable

    if isinstance(formula, Call) and formula.function == "bands" and isinstance(formula.arguments[0], Name):
        return title(formula.arguments[0].text)  # the bands say what they are
    return show_expression(formula, hand=Hand(title, PRINTED.operators, PRINTED.minus))


def _with(name: str, formula: Formula, data: Dataset) -> Dataset:
    label = in_print(formula, data.codebook)
    line = describe_derived(name, formula, data, label="" if label == name else label)
    codebook = data.codebook.adding(line)
    return with_derived(replace(data, codebook=codebook, _prepared={}), {})
