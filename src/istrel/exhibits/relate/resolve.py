"""From a Request to a plan of relating: the variables, the method, how missing values are dealt with."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.tree import Condition
from istrel.data.levels import Level
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.problem import Problem
from istrel.sentence.request import Request

FORMS = ("table", "scatter")


@dataclass(frozen=True, eq=False)
class RelatePlan:
    """All that computing needs.

    Attributes
    ----------
    against
        The one variable to rank against; empty for a matrix.
    method
        pearson, spearman, kendall, or fitting: each pair by its levels.
    """

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[str, ...]
    against: str
    groupings: tuple[Grouping, ...]
    method: str
    deletion: str
    form: str

    @property
    def names(self) -> tuple[str, ...]:
        """All variables of the matrix, the one ranked against last."""
        return (*(name for name in self.subjects if name != self.against), *((self.against,) if self.against else ()))


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> RelatePlan:
    """The plan of a `relate` sentence. Without a method, measured variables get Pearson's r and others what fits.

    Raises
    ------
    Problem
        For unknown names, fewer than two variables, and words where a method needs numbers.
    """
    form = request.form or "table"
    if form not in FORMS:
        raise Problem(
            f"Relations cannot be set as “{form}” yet; they can as table.", at=request.form_at, length=len(form)
        )
    if len(request.against) > 1:
        name = request.against[1]
        raise Problem("Relate ranks against one variable; name one after “against”.", at=name.at, length=len(name.text))
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    subjects = resolve_subjects(request, data)
    against = known(request.against[0], data) if request.against else ""
    names = {*subjects, *((against,) if against else ())}
    if len(names) < 2:
        raise Problem("Relate needs two variables or more; name another, or rank against one with “against”.")
    method = request.settings.method or ("pearson" if all(_measured(n, data) for n in names) else "fitting")
    _check_levels(names, method, data)
    if form == "scatter" and (len(names) != 2 or any(data.table.column(n).kind is not Kind.NUMBER for n in names)):
        raise Problem("A scatter takes two numeric variables.", at=request.form_at, length=len(form))
    deletion = request.settings.deletion or "pairwise"
    return RelatePlan(request, data, cases, subjects, against, groupings, method, deletion, form)


def _measured(name: str, data: Dataset) -> bool:
    return data.variable(name).level.measured


def _check_levels(names: set[str], method: str, data: Dataset) -> None:
    for name in sorted(names):
        level, kind = data.variable(name).level, data.table.column(name).kind
        if level in (Level.IDENTIFIER, Level.DATE, Level.TEXT):
            raise Problem(f"“{name}” is {level.value}; it cannot be related to others.")
        if method != "fitting" and kind is not Kind.NUMBER:
            raise Problem(
                f"“{name}” holds words, which {method.capitalize()}'s coefficient cannot take; use method = fitting."
            )
