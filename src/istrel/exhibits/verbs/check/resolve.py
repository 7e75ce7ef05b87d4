"""From a Request to a plan of checking: numeric variables, groups, form."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.problem import Problem
from istrel.sentence.request import Request


@dataclass(frozen=True, eq=False)
class CheckPlan:
    """All that computing needs; `shown` are the tests of the table, `computed` those of the result."""

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[str, ...]
    groupings: tuple[Grouping, ...]
    form: str
    shown: tuple[str, ...]

    @property
    def names(self) -> tuple[str, ...]:
        return self.subjects

    def whole(self) -> CheckPlan:
        """All tests are made at once; there is nothing more to compute."""
        return self


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> CheckPlan:
    """The plan of a `check` sentence.

    Raises
    ------
    Problem
        For unknown names, and variables that hold no numbers.
    """
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    subjects = resolve_subjects(request, data)
    for name in subjects:
        if data.table.column(name).kind is not Kind.NUMBER:
            raise Problem(f"“{name}” holds no numbers, so its shape cannot be checked; count it.")
    return CheckPlan(request, data, cases, subjects, groupings, request.shape, request.settings["tests"])
