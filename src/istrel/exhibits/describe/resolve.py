"""From a Request to a plan: which variables, how each is treated, which groups, which statistics, which form."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.levels import Level
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.exhibits.words import listed
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.sentence.words import STATISTICS

FORMS = ("table", "histogram", "density", "cumulative", "boxes")
USUAL = ("n", "mean", "sd", "median", "min", "max", "skewness")


@dataclass(frozen=True)
class Subject:
    """A variable and how it is treated: "numbers", "categories", or "cases" where only n and missing make sense."""

    name: str
    treated: str


@dataclass(frozen=True, eq=False)
class DescribePlan:
    """All that computing needs.

    Attributes
    ----------
    shown
        Statistics that the table shows, in this order.
    computed
        Statistics that the result carries.
    """

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[Subject, ...]
    groupings: tuple[Grouping, ...]
    form: str
    shown: tuple[str, ...]
    computed: tuple[str, ...]

    @property
    def tabular(self) -> bool:
        """True where the columns of the table are statistics."""
        return self.form == "table" and all(subject.treated != "categories" for subject in self.subjects)


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> DescribePlan:
    """The plan of a `describe` sentence.

    Raises
    ------
    Problem
        For unknown names, forms that describe does not have yet, conditions that no case meets.
    """
    form = _form(request)
    _refuse_against(request)
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    said = request.settings.statistics
    subjects = tuple(_subject(name, data, explicit=said is not None) for name in resolve_subjects(request, data))
    if form != "table":
        subjects = tuple(_drawable(subject, data, request) for subject in subjects)
    return DescribePlan(
        request=request,
        data=data,
        cases=cases,
        subjects=subjects,
        groupings=groupings,
        form=form,
        shown=said or USUAL,
        computed=said or tuple(STATISTICS),
    )


def _form(request: Request) -> str:
    form = request.form or "table"
    if form not in FORMS:
        message = f"Describe cannot be set as “{form}” yet; it can as {listed(FORMS)}."
        raise Problem(message, at=request.form_at, length=len(form))
    return form


def _refuse_against(request: Request) -> None:
    if request.against:
        name = request.against[0]
        message = "“against” belongs to count and relate; describe makes its groups with “across”."
        raise Problem(message, at=name.at, length=len(name.text))


def _subject(name: str, data: Dataset, *, explicit: bool) -> Subject:
    level, kind = data.variable(name).level, data.table.column(name).kind
    if level in (Level.IDENTIFIER, Level.DATE, Level.TEXT):
        return Subject(name, "cases")
    if kind is Kind.NUMBER and (level.measured or (explicit and level is not Level.NOMINAL)):
        return Subject(name, "numbers")
    return Subject(name, "categories")


def _drawable(subject: Subject, data: Dataset, request: Request) -> Subject:
    form = request.form or ""
    if data.table.column(subject.name).kind is not Kind.NUMBER:
        message = f"“{subject.name}” holds no numbers, so it cannot be drawn as {form}; set it as table."
        raise Problem(message, at=request.form_at, length=len(form))
    return replace(subject, treated="numbers")
