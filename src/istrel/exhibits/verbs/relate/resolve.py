"""From a Request to a plan of relating: the variables, the method, how missing values are dealt with."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.tree import Condition
from istrel.data.levels import Level
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.exhibits.scales import items_of
from istrel.problem import Problem
from istrel.sentence.request import Request

MOST_VARIABLES = 500


@dataclass(frozen=True, eq=False)
class RelatePlan:
    """All that computing needs.

    Attributes
    ----------
    against
        The one variable to rank against; empty for a matrix.
    given
        Variables that are taken out of both sides of every pair.
    method
        pearson, spearman, kendall, or fitting: each pair by its levels.
    """

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[str, ...]
    against: str
    given: tuple[str, ...]
    groupings: tuple[Grouping, ...]
    method: str
    deletion: str
    form: str

    @property
    def names(self) -> tuple[str, ...]:
        """All variables of the matrix, the one ranked against last."""
        return (*(name for name in self.subjects if name != self.against), *((self.against,) if self.against else ()))

    def whole(self) -> RelatePlan:
        """All pairs are computed already."""
        return self


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> RelatePlan:
    """The plan of a `relate` sentence. Without a method, measured variables get Pearson's r and others what fits.

    Raises
    ------
    Problem
        For unknown names, fewer than two variables, and words where a method needs numbers.
    """
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
    if len(names) > MOST_VARIABLES:
        raise Problem(f"This relates {len(names):,} variables; a matrix holds {MOST_VARIABLES}. Name fewer.")
    given = _given(request, names, data)
    method = request.settings["method"] or ("pearson" if all(_measured(n, data) for n in names) else "fitting")
    if given and method == "fitting":
        method = "spearman" if any(data.variable(n).level is Level.ORDINAL for n in names) else "pearson"
    method = _of_persons(request, method, names, data)
    _check_levels((*sorted(names), *given), method, data)
    if given and method == "kendall":
        raise Problem("“given” takes Pearson’s or Spearman’s coefficient; name one with method = pearson.")
    form = request.shape
    words = next((n for n in names if data.table.column(n).kind is not Kind.NUMBER), None)
    if form in ("scatter", "grid") and words is not None:
        message = f"“{words}” holds no numbers, so it has no place in a {form}; name numeric variables."
        raise Problem(message, at=request.form_at, length=len(form))
    if form == "scatter" and len(names) != 2:
        message = "A scatter takes two numeric variables; three or more make a grid."
        raise Problem(message, at=request.form_at, length=len(form), instead=("grid",) if len(names) > 2 else ())
    _refuse_alpha(request, names, data)
    deletion = request.settings["deletion"]
    return RelatePlan(request, data, cases, subjects, against, given, groupings, method, deletion, form)


def _of_persons(request: Request, method: str, names: set[str], data: Dataset) -> str:
    """The method where rows of persons are related within them or between them.

    Raises
    ------
    Problem
        Where nobody is said to have several rows, or the coefficient is not defined so.
    """
    asked = next((name for name in ("within", "between") if request.settings[name]), "")
    if not asked:
        return method
    at, length = request.settings.place_of(asked)
    if not data.codebook.rows.person:
        message = f"“{asked}” needs to know whose rows these are; say so at the head of the Codebook, or with --person."
        raise Problem(message, at=at, length=length)
    if request.settings["hide_below"]:
        message = (
            f"“{asked}” tells how many persons have several rows, which hide_below would hide; leave one of both out."
        )
        raise Problem(message, at=at, length=length)
    if request.given:
        raise Problem(f"“{asked}” and “given” are not computed together; leave one of them out.", at=at, length=length)
    words = next((name for name in sorted(names) if not is_numeric(name, data)), None)
    if words is not None:
        raise Problem(
            f"“{words}” holds words, so it has no mean of a person; leave it out or leave out “{asked}”.",
            at=at,
            length=length,
        )
    if asked == "within" and request.settings["method"] not in (None, "pearson", "fitting"):
        raise Problem("Within persons Pearson’s r is defined; leave the method out.", at=at, length=length)
    return "pearson" if asked == "within" or method == "fitting" else method


def _refuse_alpha(request: Request, names: set[str], data: Dataset) -> None:
    """Raises where alpha is asked for and there is no composite, no diagonal, or counts are hidden."""
    if not request.settings["alpha"]:
        return
    at, length = request.settings.place_of("alpha")
    if not any(items_of(data.variable(name).formula, data) for name in names):
        message = "“alpha” is that of composites, variables made by mean(…) or sum(…) of items; there is none here."
        raise Problem(message, at=at, length=length)
    clause = "against" if request.against else "hide_below" if request.settings["hide_below"] else ""
    if not clause:
        clause = next((name for name in ("within", "between") if request.settings[name]), "")
    if clause:
        raise Problem(f"“alpha” does not go with “{clause}”; leave one of them out.", at=at, length=length)


def _given(request: Request, names: set[str], data: Dataset) -> tuple[str, ...]:
    for name in request.given:
        if known(name, data) in names:
            message = f"“{name.text}” cannot be taken out of itself; name it among the variables or after “given”."
            raise Problem(message, at=name.at, length=len(name.text))
    return tuple(dict.fromkeys(name.text for name in request.given))


def _measured(name: str, data: Dataset) -> bool:
    return data.variable(name).level.measured


def is_numeric(name: str, data: Dataset) -> bool:
    """Numbers, or words whose order the codebook says."""
    return data.table.column(name).kind is Kind.NUMBER or data.variable(name).level is Level.ORDINAL


def _check_levels(names: tuple[str, ...], method: str, data: Dataset) -> None:
    for name in names:
        level = data.variable(name).level
        if level in (Level.IDENTIFIER, Level.DATE, Level.TEXT):
            raise Problem(f"“{name}” is {level.value}; it cannot be related to others.")
        if method != "fitting" and not is_numeric(name, data):
            coefficient = f"{method.capitalize()}’s coefficient"
            raise Problem(f"“{name}” holds words, which {coefficient} cannot take; use method = fitting.")
