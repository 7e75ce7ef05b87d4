"""From a Request to a plan of checking: numeric variables, groups, form."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.problem import Problem
from istrel.sentence.request import Request

FORMS = ("table", "quantile plot")


@dataclass(frozen=True, eq=False)
class CheckPlan:
    """All that computing needs."""

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[str, ...]
    groupings: tuple[Grouping, ...]
    form: str


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> CheckPlan:
    """The plan of a `check` sentence.

    Raises
    ------
    Problem
        For unknown names, variables that hold no numbers, and forms that checking does not have.
    """
    form = request.form or "table"
    if form not in FORMS:
        message = f"A check cannot be set as “{form}”; it can as table or quantile plot."
        raise Problem(message, at=request.form_at, length=len(form))
    if request.against:
        name = request.against[0]
        raise Problem("“against” belongs to count and relate.", at=name.at, length=len(name.text))
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    subjects = resolve_subjects(request, data)
    for name_ in subjects:
        if data.table.column(name_).kind is not Kind.NUMBER:
            raise Problem(f"“{name_}” holds no numbers, so its shape cannot be checked; count it.")
    return CheckPlan(request, data, cases, subjects, groupings, form)
