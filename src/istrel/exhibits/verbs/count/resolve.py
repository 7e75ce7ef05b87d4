"""From a Request to a plan of counting: what is counted, against what, in which groups."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.tree import Condition
from istrel.data.levels import Level
from istrel.data.sets import AnswerSet, set_in
from istrel.data.spread import is_large
from istrel.english import english, in_quotes
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, subject_names
from istrel.exhibits.forms.classes import shared_edges
from istrel.problem import Problem
from istrel.sentence.request import EVERY_CASE, Crossed, Request, Subject
from istrel.sentence.vocabulary import CLASS_SETTINGS, SETTINGS

MOST_VALUES = 30
ABOUT_CLASSES = ("classes", *CLASS_SETTINGS, "closed")
MOST_ROWS, MOST_COLUMNS, MOST_CELLS = 20_000, 500, 100_000


@dataclass(frozen=True)
class Counted:
    """What is counted: one variable or a combination; `classes` where one measured variable goes into class intervals."""

    names: tuple[str, ...]
    classes: bool = False


@dataclass(frozen=True, eq=False)
class CountPlan:
    """All that computing needs; `against` is empty for frequency tables.

    Attributes
    ----------
    classed
        The variables among subjects and `against` whose values go into class intervals.
    answers
        The question with several answers that is counted; None where values are counted.
    """

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[Counted, ...]
    against: tuple[str, ...]
    groupings: tuple[Grouping, ...]
    form: str
    classed: frozenset[str] = frozenset()
    answers: AnswerSet | None = None
    together: None = None
    of_columns: bool = False

    @property
    def names(self) -> tuple[str, ...]:
        return tuple(dict.fromkeys(name for subject in self.subjects for name in subject.names))

    def whole(self) -> CountPlan:
        """Everything is counted already."""
        return self

    @property
    def has_measures(self) -> bool:
        """Whether any variable could be counted in classes."""
        return any(_is_measure(name, self.data) for name in (*self.names, *self.against))


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> CountPlan:
    """The plan of a `count` sentence.

    Raises
    ------
    Problem
        For unknown names, conditions that no case meets, and tables that no page holds.
    """
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    against = tuple(known(name, data) for name in request.against)
    if request.shape == "flow":
        return _flow_plan(request, data, cases, groupings)
    if (answers := _set_of(request, data)) is not None:
        if against:
            across = tuple(Crossed((name,)) for name in request.against)
            groupings = (*resolve_groupings(replace(request, across=across), data, cases), cases.everyone)
        only = (Counted((answers.name,)),)
        return CountPlan(request, data, cases, only, against, groupings, request.shape, answers=answers)
    subjects: dict[Counted, None] = {}
    for subject in request.subjects:
        if isinstance(subject, Crossed) and len(subject.names) > 1:
            if against:
                name = subject.names[1]
                message = english("A combination (×) is counted by itself; “against” takes variables one by one.")
                raise Problem(message, at=name.at, length=len(name.text))
            subjects[Counted(tuple(known(name, data) for name in subject.names))] = None
            continue
        for one in subject_names(subject, data):
            subjects[Counted((one,), classes=_in_classes(one, data, request))] = None
    single = {counted.names[0] for counted in subjects if counted.classes}
    classed = frozenset({*single, *(name for name in against if _in_classes(name, data, request))})
    plan = CountPlan(request, data, cases, tuple(subjects), against, groupings, request.shape, classed)
    _refuse_classless(plan)
    _refuse_boundless(plan)
    _refuse_orders(plan)
    _refuse_expected(plan)
    return plan


def by_value(request: Request, data: Dataset) -> bool:
    """Whether all that is asked for is how often values, or values in class intervals, occur.

    Raises
    ------
    Problem
        For subjects that are not there.
    """
    if is_large(data) or request.shape == "flow" or _set_of(request, data) is not None:
        return True
    subjects = [name for subject in request.subjects for name in _names_of(subject, data)]
    across = [known(name, data) for name in request.against]
    return not any(_in_classes(name, data, request) for name in (*subjects, *across))


def _names_of(subject: Subject, data: Dataset) -> tuple[str, ...]:
    if isinstance(subject, Crossed):
        return tuple(known(name, data) for name in subject.names)
    return subject_names(subject, data)


def _flow_plan(request: Request, data: Dataset, cases: Cases, groupings: tuple[Grouping, ...]) -> CountPlan:
    """The way of the cases to those that have a value in all variables named; “cases” names none.

    Raises
    ------
    Problem
        Where something is counted against another variable, groups are made by several variables, or cases have occasions.
    """
    if request.against:
        name = request.against[0]
        raise Problem(english("The flow of cases takes groups after “across”."), at=name.at, length=len(name.text))
    if len(request.across) > 1:
        name = request.across[1].names[0]
        message = english("Cases part only once on their way; write “× {text}”, or leave “{text}” out.", text=name.text)
        raise Problem(message, at=name.at, length=len(name.text))
    if data.occasions > 1:
        name = next(n for s in request.subjects if isinstance(s, Crossed) for n in s.names)
        message = english(
            "“{text}” stands in several columns; the flow of cases takes one of them, or all of them by name.",
            text=name.text,
        )
        raise Problem(message, at=name.at, length=len(name.text))
    names: dict[str, None] = {}
    for subject in request.subjects:
        said = [name.text for name in subject.names] if isinstance(subject, Crossed) else []
        if said != [EVERY_CASE] or EVERY_CASE in data.table:
            names.update(dict.fromkeys(subject_names(subject, data)))
    subjects = tuple(Counted((name,)) for name in names)
    return CountPlan(request, data, cases, subjects, (), groupings, "flow")


def _set_of(request: Request, data: Dataset) -> AnswerSet | None:
    """The question with several answers that a sentence counts, unless it asks for their combinations.

    Raises
    ------
    Problem
        For what does not fit such a question, and for combinations of anything else.
    """
    only = request.subjects[0]
    single = len(request.subjects) == 1 and isinstance(only, Crossed) and len(only.names) == 1
    found = set_in(only.names[0].text, data) if single and isinstance(only, Crossed) else None
    said = request.settings
    if said["combinations"]:
        if found is None:
            at, length = said.place_of("combinations")
            message = english(
                "“combinations” are those of a question with several answers; there is none in this sentence."
            )
            raise Problem(message, at=at, length=length)
        return None
    if found is None:
        return None
    unfit = next((name for name in said if SETTINGS[name].of_values and said[name]), "")
    if unfit and not (unfit == "percent" and said[unfit] == "column"):
        at, length = said.place_of(unfit)
        message = english(
            "“{name}” is a question with several answers, for which “{unfit}” is not defined; leave it out.",
            name=found.name,
            unfit=unfit,
        )
        raise Problem(message, at=at, length=length)
    if request.shape not in ("table", "bars"):
        message = english(
            "Answers of which a case can give several do not fit {shape}; set them as table or bars.",
            shape=request.shape,
        )
        raise Problem(message, at=request.form_at, length=len(request.shape), instead=("bars",))
    if request.against and request.across:
        name = request.against[0]
        message = english("Answers are set beside one grouping: “across” or “against”; leave one of them out.")
        raise Problem(message, at=name.at, length=len(name.text))
    return found


def _is_measure(name: str, data: Dataset) -> bool:
    return data.table.column(name).kind is Kind.NUMBER and not data.variable(name).level.categorical


def _in_classes(name: str, data: Dataset, request: Request) -> bool:
    """Class intervals where they are asked for, or where a continuous variable has too many values to list."""
    variable, said = data.variable(name), request.settings
    if not _is_measure(name, data) or said["classes"] is False:
        return False
    if said["classes"]:
        return True
    if any(setting in said for setting in CLASS_SETTINGS):
        return True
    return variable.level in (Level.CONTINUOUS, Level.COUNT) and data.tally(name)[0].size > MOST_VALUES


def _refuse_classless(plan: CountPlan) -> None:
    """Raises where something is said about classes, and nothing is counted in classes."""
    said = plan.request.settings
    name = next((name for name in ABOUT_CLASSES if said[name] and name in said), "")
    if name and not plan.classed:
        message = english(
            "“{name}” is about classes of measured values; here values are counted one by one ({names}).",
            name=name,
            names=in_quotes((*plan.names[:2], *plan.against[:1])),
        )
        raise _of_setting(message, name, plan)


def _refuse_boundless(plan: CountPlan) -> None:
    """Raises for a table that cannot be one on paper, before the work is done."""
    groups = sum(grouping.n_groups for grouping in plan.groupings)
    columns = [_many(name, plan) for name in plan.against] or [groups]
    crossed = bool(plan.against)
    rows = [1 if s.classes and not crossed else _many(s.names[0], plan) for s in plan.subjects]
    top = plan.request.settings["top"]
    cells = sum(rows) * max(columns) * (groups if plan.against else 1)
    sizes = (
        (max(columns), MOST_COLUMNS, english("columns")),
        (max(rows), MOST_ROWS, english("rows")),
        (cells, MOST_CELLS, english("cells")),
    )
    for count, most, what in sizes:
        if count > most and not (what != "columns" and top):
            message = english(
                "This makes a table of {count:,} {what}; one holds {most:,}.",
                count=count,
                what=what,
                most=most,
            )
            raise Problem(
                english(
                    "{message} Count classes or bands, name the most frequent (top = 20), or limit the cases.",
                    message=message,
                )
            )


def _refuse_expected(plan: CountPlan) -> None:
    """Raises where expected shares have no values to belong to, or would not be compared with all of them."""
    if not plan.request.expected:
        return
    one = len(plan.subjects) == 1 and len(plan.subjects[0].names) == 1
    if not one or plan.classed:
        raise Problem(english("Expected shares belong to the values of one variable; count one, value by value."))
    if plan.form != "table":
        raise Problem(
            english("Expected shares stand in a table; leave “as {form}” out.", form=plan.form),
            at=plan.request.form_at,
            length=4,
        )
    said = plan.request.settings
    for name in ("top", "hide_below"):
        if said[name]:
            message = english("“{name}” leaves out what is compared with expected shares; leave it out.", name=name)
            raise _of_setting(message, name, plan)
    if plan.cases.weighted:
        raise Problem(english("A test against expected shares is not defined under weights; add “with unweighted”."))


def _refuse_orders(plan: CountPlan) -> None:
    """Raises where an order is asked for that values or classes do not have, or cannot be kept."""
    said = plan.request.settings
    for subject in plan.subjects:
        name = subject.names[0]
        if subject.classes:
            for setting in ("top", "order"):
                if setting in said and said[setting] != "codebook":
                    message = english(
                        "Classes of “{name}” have their own order; leave {setting} out.", name=name, setting=setting
                    )
                    raise _of_setting(message, setting, plan)
        elif said["cumulative"] and not plan.against:
            one = len(subject.names) == 1
            if not one or plan.data.variable(name).level not in (Level.ORDINAL, Level.COUNT):
                message = english(
                    "The values of “{name}” have no order in which they could be added up; leave cumulative out.",
                    name=name,
                )
                raise _of_setting(message, "cumulative", plan)
            if said["order"] not in (None, "codebook") or said["top"] is not None:
                message = english("Cumulative percentages need the values in their own order; leave order and top out.")
                raise _of_setting(message, "cumulative", plan)


def _of_setting(message: str, name: str, plan: CountPlan) -> Problem:
    at, length = plan.request.settings.place_of(name)
    return Problem(message, at=at, length=length)


def tables_in(plan: CountPlan) -> int:
    """How many cross-tables a plan asks for."""
    return len(plan.subjects) * len(plan.against) * sum(grouping.n_groups for grouping in plan.groupings)


def _many(name: str, plan: CountPlan) -> int:
    """How many values or classes of a variable a cross-table shows."""
    if name in plan.classed:
        edges = shared_edges(name, plan)
        return 1 if edges is None else edges.edges.size - 1
    return int(plan.data.tally(name)[0].size)
