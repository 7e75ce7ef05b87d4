"""From a Request to a plan: which variables, how each is treated, which groups, which statistics, which form."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.data.column import Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.levels import Level
from istrel.data.spread import is_large
from istrel.english import english
from istrel.exhibits.cases import Cases, Grouping, resolve_cases, resolve_groupings, resolve_subjects
from istrel.exhibits.verbs.describe.together import drawn_together
from istrel.problem import Problem
from istrel.sentence.edit import with_setting
from istrel.sentence.request import Request
from istrel.sentence.settings import Settings, as_typed
from istrel.sentence.vocabulary import FORMS, STATISTICS, USUAL

# What the words around a table need: the text, the margin notes, and the decimals of a measure.
OF_THE_TEXT, OF_THE_MARGIN, OF_DECIMALS = ("n", "mean", "median"), ("missing", "q1", "q3"), ("sd", "skewness")
USUAL_BESIDE = ("n", "mean", "sd")
MOST_BESIDE, MOST_COLUMNS = 3, 9  # groups, and columns of numbers, that fit a page side by side
MOST_COMPARED = 15  # columns of numbers before those of the differences
OF_CATEGORIES, OF_ANYTHING = ("bars", "shares"), ("missing map",)
OF_DATES = ("histogram", "density", "cumulative")
MOST_VALUES = 30  # of a measured variable that is drawn value by value
ALWAYS = (*OF_THE_TEXT, *OF_THE_MARGIN, *OF_DECIMALS)


@dataclass(frozen=True)
class Subject:
    """A variable and how it is treated: "numbers", "dates", "categories", or "cases" where only n and missing make sense."""

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
    layout
        What stands where in a table: groups in "rows" or "columns", or "statistics" in rows, or "variables" in columns.
    together
        The plan of the figure where its variables are drawn as if each were a group: its data have a row for each of them.
    of_columns
        Whether this is such a plan.
    """

    request: Request
    data: Dataset
    cases: Cases
    subjects: tuple[Subject, ...]
    groupings: tuple[Grouping, ...]
    form: str
    shown: tuple[str, ...]
    computed: tuple[str, ...]
    layout: str = "rows"
    together: DescribePlan | None = None
    of_columns: bool = False

    @property
    def names(self) -> tuple[str, ...]:
        return tuple(subject.name for subject in self.subjects)

    @property
    def centre(self) -> str:
        """By what the words compare groups: medians where those are asked for and no means, else means."""
        return "median" if "median" in self.shown and "mean" not in self.shown else "mean"

    @property
    def tabular(self) -> bool:
        """True where the columns of the table are statistics."""
        return self.form == "table" and all(subject.treated != "categories" for subject in self.subjects)

    def whole(self) -> DescribePlan:
        """The same with all statistics, where the sentence does not choose some: for programs that read everything."""
        said = "statistics" in self.request.settings
        percentiles = tuple(key for key in self.shown if key not in STATISTICS)
        computed = self.shown if said else (*STATISTICS, *percentiles)
        return self if computed == self.computed else replace(self, computed=computed)


def resolve(request: Request, data: Dataset, standing: Condition | None = None) -> DescribePlan:
    """The plan of a `describe` sentence.

    Raises
    ------
    Problem
        For unknown names, and conditions that no case meets.
    """
    form = request.shape
    cases = resolve_cases(request, data, standing)
    groupings = resolve_groupings(request, data, cases)
    if request.settings["pairs"]:
        request = _with_tests(request, groupings)
    if "measure" in request.settings and not request.settings["difference"]:
        request = with_setting(request, "difference", True)
    said = request.settings["statistics"]
    subjects = tuple(_subject(name, data, explicit=said is not None) for name in resolve_subjects(request, data))
    if form != "table":
        subjects = tuple(_drawable(subject, data, request) for subject in subjects)
    percentiles = tuple(f"p{show_value(share)}" for share in request.settings["percentiles"] or ())
    layout = (
        _layout(request, subjects, groupings, len(said or USUAL_BESIDE) + len(percentiles))
        if form == "table"
        else "rows"
    )
    usual = USUAL_BESIDE if layout in ("columns", "variables") else USUAL
    shown = tuple(dict.fromkeys((*(said or usual), *percentiles)))
    computed = tuple(dict.fromkeys((*shown, *ALWAYS)))
    if request.norm is not None:
        _refuse_norm(request, subjects, form)
    if form == "table":
        _refuse_idle(request, shown)
        _refuse_measures(request, subjects)
    found = drawn_together(request, data, standing)
    together = None if found is None else replace(resolve(*found, standing), of_columns=True)
    return DescribePlan(request, data, cases, subjects, groupings, form, shown, computed, layout, together)


def by_value(request: Request, data: Dataset) -> bool:
    """Whether all that is asked for follows from which values occur how often, so that many cases may stand in a row."""
    return is_large(data) and FORMS[request.shape].counted


def _with_tests(request: Request, groupings: tuple[Grouping, ...]) -> Request:
    """Pairs stand under the difference and the test of all groups.

    Raises
    ------
    Problem
        Where there are no more than two groups, or so many that nobody reads their pairs.
    """
    if not any(grouping.names and grouping.n_groups > FEWEST_FOR_PAIRS for grouping in groupings):
        at, length = request.settings.place_of("pairs")
        raise Problem(english("“pairs” compares more than two groups; there are no more here."), at=at, length=length)
    most = max(grouping.n_groups for grouping in groupings if grouping.names)
    if most > MOST_FOR_PAIRS:
        at, length = request.settings.place_of("pairs")
        message = english(
            "“pairs” compares {most_for_pairs} groups at most; here are {most}. Take fewer, or leave pairs out.",
            most_for_pairs=MOST_FOR_PAIRS,
            most=most,
        )
        raise Problem(message, at=at, length=length)
    for name in ("difference", "test"):
        if not request.settings[name]:
            request = with_setting(request, name, True)
    return request


FEWEST_FOR_PAIRS, MOST_FOR_PAIRS = 2, 40
INTERVAL_LIMITS = tuple(name for name in STATISTICS if name.endswith(("_low", "_high")))
NEEDS = {"trim": ("trimmed_mean",), "fences": ("outliers",), "outliers_by": ("outliers",)}


def _refuse_idle(request: Request, shown: tuple[str, ...]) -> None:
    """Raises for a setting that says how something is made which the table does not show."""
    said = request.settings
    compares = said["difference"] or said["test"] or request.norm is not None
    ranked = [name for name, entry in STATISTICS.items() if entry.ranks and not entry.of_order]
    needs = {
        **NEEDS,
        "quantiles": (*ranked, *(key for key in shown if key not in STATISTICS)),
        "confidence": (*INTERVAL_LIMITS, *(shown if compares else ())),
        "adjust": shown if said["test"] else (),
    }
    for name in said:
        if name in needs and not set(needs[name]) & set(shown):
            wanted = {"confidence": "ci or difference", "adjust": "test", "quantiles": "median or quartiles"}
            what = wanted.get(name) or needs[name][0]
            at, length = said.place_of(name)
            raise Problem(
                english(
                    "“{name}” is for {what}, which this table does not show; ask for it, or leave {name} out.",
                    name=name,
                    what=what,
                ),
                at=at,
                length=length,
            )


def _refuse_norm(request: Request, subjects: tuple[Subject, ...], form: str) -> None:
    """Raises where there is no number that could be compared with a norm, or no place for it."""
    words = next((subject.name for subject in subjects if subject.treated != "numbers"), None)
    if words is not None:
        raise Problem(
            english(
                "“{words}” is not measured in numbers, so it is not compared with {value}.",
                words=words,
                value=show_value(request.norm or 0.0),
            )
        )
    if form != "table" and not FORMS[form].norm:
        others = tuple(name for name, entry in FORMS.items() if entry.norm)
        message = english("A norm is not drawn as {form}; choose {names}.", form=form, names=" or ".join(others))
        raise Problem(message, at=request.form_at, length=len(form), instead=others)
    for name in ("difference", "test"):
        if request.settings[name]:
            at, length = request.settings.place_of(name)
            message = english(
                "“{name}” compares groups, and “against” each with a norm; leave one of them out.", name=name
            )
            raise Problem(message, at=at, length=length)
    if request.settings["layout"] not in (None, "rows"):
        raise _misplaced(request, english("What is compared with a norm stands in rows; leave layout out."))


def _refuse_measures(request: Request, subjects: tuple[Subject, ...]) -> None:
    """Raises for statistics of measured variables in a table that counts categories and measures nothing."""
    treated = {subject.treated for subject in subjects}
    asked = (*(request.settings["statistics"] or ()), *(("percentiles",) if request.settings["percentiles"] else ()))
    of_measures = as_typed(tuple(word for word in asked if word != "n"))
    if "categories" in treated and not treated & {"numbers", "dates"} and of_measures:
        word, name = of_measures[0], next(subject.name for subject in subjects if subject.treated == "categories")
        at, length = request.settings.place_of("statistics" if word != "percentiles" else word)
        instead = english("leave “{word}” out, or name a measured variable", word=word)
        if word == "missing":
            instead = english("write missing = show")
        raise Problem(
            english("Of the categories of “{name}” only n and % are shown; {instead}.", name=name, instead=instead),
            at=at,
            length=length,
        )


def _layout(request: Request, subjects: tuple[Subject, ...], groupings: tuple[Grouping, ...], statistics: int) -> str:
    """As said; else groups stand side by side where categories are, differences are wanted, or few groups fit the page.

    Raises
    ------
    Problem
        Where the layout has no place for categories, or for differences.
    """
    settings = request.settings
    said, mixed = settings["layout"], any(subject.treated == "categories" for subject in subjects)
    compared = next((name for name in ("difference", "test") if settings[name]), "")
    if request.norm is not None:
        return "rows" if said is None else str(said)
    if said == "answers":
        raise _misplaced(request, english("Answers stand in columns where they are counted: begin with count."))
    if mixed and said not in (None, "columns"):
        raise _misplaced(request, english("A table with categories has its groups side by side; leave layout out."))
    if compared and said in ("statistics", "variables"):
        raise _misplaced(
            request, english("“{name}” stands beside groups; choose layout = columns or rows.", name=compared)
        )
    if said is not None or mixed or not request.across:
        return said or ("columns" if mixed else "rows")
    groups = sum(grouping.n_groups for grouping in groupings)
    few = 1 < groups <= MOST_BESIDE and len(subjects) > 1 and "statistics" in settings
    fits = groups * statistics <= (MOST_COMPARED if compared else MOST_COLUMNS)
    return "columns" if fits and (compared or few) else "rows"


def by_ranks(said: Settings) -> bool:
    """Whether measured variables are compared by ranks: as said, else where medians are asked for and no means."""
    if said["test"] in ("means", "ranks"):
        return bool(said["test"] == "ranks")
    asked = [STATISTICS[key] for key in said["statistics"] or () if key in STATISTICS]
    return any(entry.ranks for entry in asked) and not any(entry.means for entry in asked)


def _misplaced(request: Request, message: str) -> Problem:
    at, length = request.settings.place_of("layout")
    return Problem(message, at=at, length=length)


def _subject(name: str, data: Dataset, *, explicit: bool) -> Subject:
    level, kind = data.variable(name).level, data.table.column(name).kind
    if kind is Kind.DATE:
        return Subject(name, "dates")
    if level in (Level.IDENTIFIER, Level.DATE, Level.TEXT):
        return Subject(name, "cases")
    if kind is Kind.NUMBER and (level.measured or (explicit and level is not Level.NOMINAL)):
        return Subject(name, "numbers")
    return Subject(name, "categories")


def _drawable(subject: Subject, data: Dataset, request: Request) -> Subject:
    """How a form treats a variable.

    Raises
    ------
    Problem
        For words where a form needs numbers, and for what nothing can be counted of.
    """
    form = request.form or ""
    level, kind = data.variable(subject.name).level, data.table.column(subject.name).kind
    if form in OF_CATEGORIES:
        if level in (Level.IDENTIFIER, Level.TEXT) or kind is Kind.DATE:
            message = english(
                "“{name}” is {level}, so it cannot be drawn as {form}; set it as table.",
                name=subject.name,
                level=english(level.value),
                form=form,
            )
            raise _unfit(message, request)
        if level.measured and data.tally(subject.name)[0].size > MOST_VALUES:
            message = english(
                "“{name}” is measured and has many values; draw it as histogram, or count it as {form}.",
                name=subject.name,
                form=form,
            )
            raise _unfit(message, request)
        return replace(subject, treated="categories")
    if form in OF_ANYTHING:
        return replace(subject, treated="cases")
    if kind is Kind.DATE and form in OF_DATES:
        return replace(subject, treated="dates")
    if kind is not Kind.NUMBER:
        message = english(
            "“{name}” holds no numbers, so it cannot be drawn as {form}; set it as table.", name=subject.name, form=form
        )
        raise _unfit(message, request)
    return replace(subject, treated="numbers")


def _unfit(message: str, request: Request) -> Problem:
    return Problem(message, at=request.form_at, length=len(request.form or ""))
