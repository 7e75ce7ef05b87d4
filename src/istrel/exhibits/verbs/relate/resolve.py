"""From a Request to a plan of relating: the variables, the method, how missing values are dealt with."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.tree import Arithmetic, Computed, Condition, Literal, Name
from istrel.data.levels import Level
from istrel.data.spread import is_large
from istrel.english import english
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.exhibits.formulas import with_formula
from istrel.exhibits.scales import items_of
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.sentence.show_formula import show_expression
from istrel.sentence.vocabulary import FORMS

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
    columns
        Several variables that the subjects are related to, and these alone; empty where there is none or one.
    drawn
        What a figure of agreement draws: the mean of both, and their difference; empty for others.
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
    columns: tuple[str, ...] = ()
    drawn: tuple[str, ...] = ()
    together: None = None
    of_columns: bool = False

    @property
    def names(self) -> tuple[str, ...]:
        """All variables of the matrix, the one ranked against last; of a rectangle its rows, then its columns."""
        if self.columns:
            return (*self.subjects, *self.columns)
        return (*(name for name in self.subjects if name != self.against), *((self.against,) if self.against else ()))

    @property
    def dated(self) -> bool:
        """Whether dates are among them, of which there is no coefficient."""
        return any(self.data.table.column(name).kind is Kind.DATE for name in self.names)

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
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    subjects = resolve_subjects(request, data)
    columns = tuple(dict.fromkeys(known(name, data) for name in request.against)) if len(request.against) > 1 else ()
    against = known(request.against[0], data) if request.against and not columns else ""
    names = {*subjects, *((against,) if against else ()), *columns}
    if columns:
        _refuse_rectangle(request, subjects)
    if len(names) < 2:
        raise Problem(english("Relate needs two variables or more; name another, or rank against one with “against”."))
    if len(names) > MOST_VARIABLES:
        raise Problem(
            english(
                "This relates {n:,} variables; a matrix holds {most_variables}. Name fewer.",
                n=len(names),
                most_variables=MOST_VARIABLES,
            )
        )
    if (over_time := _over_time(request, data, cases, subjects, groupings)) is not None:
        return over_time
    given = _given(request, names, data)
    method = request.settings["method"] or ("pearson" if all(_measured(n, data) for n in names) else "fitting")
    if given and method == "fitting":
        method = "spearman" if any(data.variable(n).level is Level.ORDINAL for n in names) else "pearson"
    method = _of_persons(request, method, names, data)
    _check_levels((*sorted(names), *given), method, data)
    if given and method == "kendall":
        raise Problem(english("“given” takes Pearson’s or Spearman’s coefficient; name one with method = pearson."))
    form = request.shape
    words = next((n for n in names if data.table.column(n).kind is not Kind.NUMBER), None)
    if form in ("scatter", "grid") and words is not None:
        message = english(
            "“{words}” holds no numbers, so it has no place in a {form}; name numeric variables.",
            words=words,
            form=form,
        )
        raise Problem(message, at=request.form_at, length=len(form))
    if form == "scatter" and len(names) != 2:
        message = english("A scatter takes two numeric variables; three or more make a grid.")
        raise Problem(message, at=request.form_at, length=len(form), instead=("grid",) if len(names) > 2 else ())
    _refuse_alpha(request, names, data)
    _refuse_weighted_difference(request, cases)
    drawn: tuple[str, ...] = ()
    if request.settings["agreement"]:
        _refuse_agreement(request, names, data)
        data, drawn = _mean_and_difference(tuple(subjects), data) if form == "scatter" else (data, ())
    deletion = request.settings["deletion"]
    return RelatePlan(request, data, cases, subjects, against, given, groupings, method, deletion, form, columns, drawn)


def by_value(request: Request, data: Dataset) -> bool:
    """Whether all that is asked for follows from how often values stand beside each other."""
    return is_large(data) and FORMS[request.shape].counted


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
        message = english(
            "“{asked}” needs to know whose rows these are; say so at the head of the Codebook, or with --person.",
            asked=asked,
        )
        raise Problem(message, at=at, length=length)
    if request.settings["hide_below"]:
        message = english(
            "“{asked}” tells how many persons have several rows, which hide_below would hide; leave one of both out.",
            asked=asked,
        )
        raise Problem(message, at=at, length=length)
    if request.given:
        raise Problem(
            english("“{asked}” and “given” are not computed together; leave one of them out.", asked=asked),
            at=at,
            length=length,
        )
    words = next((name for name in sorted(names) if not is_numeric(name, data)), None)
    if words is not None:
        raise Problem(
            english(
                "“{words}” holds words, so it has no mean of a person; leave it out or leave out “{asked}”.",
                words=words,
                asked=asked,
            ),
            at=at,
            length=length,
        )
    if asked == "within" and request.settings["method"] not in (None, "pearson", "fitting"):
        raise Problem(english("Within persons Pearson’s r is defined; leave the method out."), at=at, length=length)
    return "pearson" if asked == "within" or method == "fitting" else method


def _over_time(
    request: Request, data: Dataset, cases: Cases, subjects: tuple[str, ...], groupings: tuple[Grouping, ...]
) -> RelatePlan | None:
    """The plan of a line, or of a scatter of dates; None for what has coefficients."""
    if request.shape == "line":
        return _line_plan(request, data, cases, subjects, groupings)
    if request.shape == "scatter" and any(data.table.column(name).kind is Kind.DATE for name in subjects):
        return _dated_scatter(request, data, cases, subjects, groupings)
    return None


def _line_plan(
    request: Request, data: Dataset, cases: Cases, subjects: tuple[str, ...], groupings: tuple[Grouping, ...]
) -> RelatePlan:
    """The first variable is time, a date or a number; the others are numbers.

    Raises
    ------
    Problem
        Where one of them is not, or another clause stands beside them.
    """
    if request.against or request.given:
        first = (*request.against, *request.given)[0]
        raise Problem(
            english("A line takes time first, then what is drawn over it."), at=first.at, length=len(first.text)
        )
    time, *others = subjects
    kind = data.table.column(time).kind
    if kind is Kind.TEXT:
        raise Problem(
            english("“{time}” holds no dates or numbers, so no line runs over it; name a date first.", time=time)
        )
    words = next((name for name in others if data.table.column(name).kind is not Kind.NUMBER), None)
    if words is not None:
        raise Problem(
            english(
                "“{words}” holds no numbers, so it has no line; name a date first, then what is measured.", words=words
            )
        )
    return RelatePlan(request, data, cases, subjects, "", (), groupings, "pearson", "pairwise", "line")


def _dated_scatter(
    request: Request, data: Dataset, cases: Cases, subjects: tuple[str, ...], groupings: tuple[Grouping, ...]
) -> RelatePlan:
    """Dates and numbers in a scatter; no coefficient goes with it.

    Raises
    ------
    Problem
        For words, for more than two variables, and for what is made of a coefficient.
    """
    words = next((name for name in subjects if data.table.column(name).kind is Kind.TEXT), None)
    if words is not None or len(subjects) != 2 or request.against or request.given or request.settings["agreement"]:
        raise Problem(
            english("A scatter over dates takes a date and one numeric variable, and nothing besides."),
            at=request.form_at,
            length=7,
        )
    return RelatePlan(request, data, cases, subjects, "", (), groupings, "pearson", "pairwise", "scatter")


def _refuse_rectangle(request: Request, subjects: tuple[str, ...]) -> None:
    """Raises where a variable stands on both sides, or a rectangle has no place."""
    both = next((name for name in request.against if name.text in subjects), None)
    if both is not None:
        raise Problem(
            english("“{text}” stands on both sides; leave it out of one.", text=both.text),
            at=both.at,
            length=len(both.text),
        )
    if request.shape != "table":
        message = english(
            "Variables against several others are set as table; “{shape}” shows all with each other.",
            shape=request.shape,
        )
        raise Problem(message, at=request.form_at, length=len(request.shape), instead=("table",))


def _refuse_agreement(request: Request, names: set[str], data: Dataset) -> None:
    """Raises where there are not two raters, or what they say is not of one kind."""
    at, length = request.settings.place_of("agreement")
    if len(names) != 2 or request.against or request.given:
        message = english("“agreement” is that of two variables, named one after the other; name two.")
        raise Problem(message, at=at, length=length)
    other = next((name for name in ("hide_below", "difference") if request.settings[name]), "")
    if other:
        raise Problem(
            english("“agreement” does not go with “{other}”; leave one of them out.", other=other), at=at, length=length
        )
    levels = [data.variable(name).level for name in sorted(names)]
    kinds = {english("measured") if level.measured else english(level.value) for level in levels}
    if len(kinds) > 1:
        message = english(
            "These variables are {one} and {other}; only what is of one level agrees.",
            **dict(zip(("one", "other"), sorted(kinds), strict=True)),
        )
        raise Problem(message, at=at, length=length)
    a, b = (data.categories(name).values if kinds != {"measured"} else (0.0,) for name in sorted(names))
    if not set(a) & set(b):
        raise Problem(
            english("These variables have no value in common, so there is nothing to agree on."), at=at, length=length
        )
    if request.shape == "scatter" and kinds != {"measured"}:
        raise Problem(
            english("Limits of agreement are drawn of measured variables."), at=request.form_at, length=len("scatter")
        )


def _mean_and_difference(names: tuple[str, ...], data: Dataset) -> tuple[Dataset, tuple[str, ...]]:
    """The data with the mean and the difference of two variables."""
    a, b = (Name(name) for name in names)
    wanted = (Arithmetic("/", Arithmetic("+", a, b), Literal(2.0)), Arithmetic("-", a, b))
    made = tuple(Computed(show_expression(formula), formula=formula) for formula in wanted)
    for one in made:
        data = with_formula(one, data)
    return data, tuple(one.text for one in made)


def _refuse_weighted_difference(request: Request, cases: Cases) -> None:
    """Raises where coefficients of weighted groups are to be compared: Fisher's z knows nothing of the design."""
    if cases.weighted and request.settings["difference"]:
        at, length = request.settings.place_of("difference")
        message = english("“difference” of coefficients is not defined under weights; leave it out, or add unweighted.")
        raise Problem(message, at=at, length=length)


def _refuse_alpha(request: Request, names: set[str], data: Dataset) -> None:
    """Raises where alpha is asked for and there is no composite, no diagonal, or counts are hidden."""
    if not request.settings["alpha"]:
        return
    at, length = request.settings.place_of("alpha")
    if not any(items_of(data.variable(name).formula, data) for name in names):
        message = english(
            "“alpha” is that of composites, variables made by mean(…) or sum(…) of items; there is none here."
        )
        raise Problem(message, at=at, length=length)
    clause = "against" if request.against else "hide_below" if request.settings["hide_below"] else ""
    if not clause:
        clause = next((name for name in ("within", "between") if request.settings[name]), "")
    if clause:
        raise Problem(
            english("“alpha” does not go with “{clause}”; leave one of them out.", clause=clause), at=at, length=length
        )


def _given(request: Request, names: set[str], data: Dataset) -> tuple[str, ...]:
    for name in request.given:
        if known(name, data) in names:
            message = english(
                "“{text}” cannot be taken out of itself; name it among the variables or after “given”.", text=name.text
            )
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
            raise Problem(
                english("“{name}” is {value}; it cannot be related to others.", name=name, value=english(level.value))
            )
        if method != "fitting" and not is_numeric(name, data):
            coefficient = f"{method.capitalize()}’s coefficient"
            raise Problem(
                english(
                    "“{name}” holds words, which {coefficient} cannot take; use method = fitting.",
                    name=name,
                    coefficient=coefficient,
                )
            )
