"""From a Request to a plan of checking: numeric variables, groups, form."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.spread import is_large
from istrel.english import english
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.exhibits.scales import ScaleItems, scale_of_request
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.sentence.vocabulary import FORMS


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
    scale: ScaleItems | None = None
    together: None = None
    of_columns: bool = False

    @property
    def names(self) -> tuple[str, ...]:
        return self.subjects

    def whole(self) -> CheckPlan:
        """All tests are made at once; there is nothing more to compute."""
        return self


def by_value(request: Request, data: Dataset) -> bool:
    """Whether all that is asked for follows from which values occur how often."""
    return is_large(data) and FORMS[request.shape].counted


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> CheckPlan:
    """The plan of a `check` sentence.

    Raises
    ------
    Problem
        For unknown names, and variables that hold no numbers.
    """
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    if request.shape == "scale":
        return _of_scale(request, data, cases, groupings)
    subjects = resolve_subjects(request, data)
    for name in subjects:
        if data.table.column(name).kind is not Kind.NUMBER:
            raise Problem(english("“{name}” holds no numbers, so its shape cannot be checked; count it.", name=name))
    return CheckPlan(request, data, cases, subjects, groupings, request.shape, request.settings["tests"])


def _of_scale(request: Request, data: Dataset, cases: Cases, groupings: tuple[Grouping, ...]) -> CheckPlan:
    if request.settings["hide_below"] is not None:
        at, length = request.settings.place_of("hide_below")
        message = english("Small counts are not hidden in the table of a scale; leave hide_below out.")
        raise Problem(message, at=at, length=length)
    scale = scale_of_request(request, data)
    names = tuple(item.variable or item.name for item in scale.items)
    return CheckPlan(request, data, cases, names, groupings, "table", (), scale)
