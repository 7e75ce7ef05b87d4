"""What a verb and a form must be: everything that serves them all reads only this, and a part that is missing is no verb.

A fifth verb is a package with a `Verb`, a form a module with a `Form`, and a line of `verbs/catalogue.py` or `forms/catalogue.py`.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from typing import TYPE_CHECKING, Generic, Protocol, TypeVar

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.setting import MarginNote, Setting
from istrel.exhibits.table import Note
from istrel.exhibits.text import Cell, Count, Text
from istrel.exhibits.working import Working
from istrel.sentence.request import Request

if TYPE_CHECKING:
    from typing import Self

Json = dict[str, object]


class Plan(Protocol):
    """All that computing needs: what serves several verbs knows no more of a plan than this."""

    @property
    def request(self) -> Request: ...

    @property
    def data(self) -> Dataset: ...

    @property
    def cases(self) -> Cases: ...

    @property
    def groupings(self) -> tuple[Grouping, ...]: ...

    @property
    def form(self) -> str: ...

    @property
    def names(self) -> tuple[str, ...]:
        """The variables in the order in which they are shown."""
        ...

    @property
    def together(self) -> Plan | None:
        """The plan of a figure that draws several columns as if each were a group; usually none."""
        ...

    @property
    def of_columns(self) -> bool:
        """Whether this is such a plan: its groups are columns."""
        ...

    def whole(self) -> Self:
        """The same with everything that there is to compute, for programs that read all of it."""
        ...


class Part(Protocol):
    """One cell of a result: what was found of some variables in one group."""

    @property
    def names(self) -> tuple[str, ...]: ...

    @property
    def group(self) -> Group: ...

    @property
    def n(self) -> Count: ...


class Drawing(Protocol):
    """The numbers of what is drawn of one variable (or several together) in one group."""

    @property
    def variable(self) -> str: ...

    @property
    def group(self) -> Group: ...

    @property
    def n(self) -> Count: ...


class Result(Protocol):
    """The numbers of an exhibit."""

    @property
    def cases(self) -> Cases: ...

    @property
    def cells(self) -> tuple[Part, ...]: ...

    @property
    def drawings(self) -> tuple[Drawing, ...]: ...

    @property
    def groupings(self) -> tuple[Grouping, ...]: ...


P = TypeVar("P", bound=Plan)
R = TypeVar("R", bound=Result)
D = TypeVar("D", bound=Drawing)
S = TypeVar("S", bound=Drawing)


def _never(_: Request, __: Dataset) -> bool:
    return False


def no_own(plan: Plan, drawings: tuple[Drawing, ...], cell: Cell) -> Working | None:
    """For a form whose marks have no numbers but those of its verb."""
    del plan, drawings, cell
    return None


@dataclass(frozen=True)
class Verb(Generic[P, R]):
    """What can be done with variables.

    Attributes
    ----------
    resolve
        From a Request to a plan; raises a Problem for what cannot be met.
    compute
        The numbers, at full precision.
    typeset
        The numbers as a table or figure with all its words.
    numbers
        Every number that a text may quote, each with its keys, whether or not it is shown.
    values
        The numbers as JSON of docs/exchange.md: what stands beside "results" has its own key.
    counts
        (plan, result, below): the result with its small counts hidden, and with them all that would give one away.
    drawn
        The same result with these drawings.
    explain
        (plan, result, cell): the working of a number that the table shows; None where it has none that can be shown.
    advise
        (plan, result): counsel after the exhibit, the weightiest first; see `Exhibit.counsel`.
    by_value
        Whether a sentence only counts how often values occur, so that a row may stand for many cases; else each case needs a
        row of its own.
    """

    resolve: Callable[[Request, Dataset, Condition | None], P]
    compute: Callable[[P], R]
    typeset: Callable[[P, R], Setting]
    numbers: Callable[[P, R], Iterable[Cell]]
    values: Callable[[R], dict[str, list[Json]]]
    counts: Callable[[P, R, int], R]
    drawn: Callable[[R, tuple[Drawing, ...]], R]
    explain: Callable[[P, R, Cell], Working | None]
    advise: Callable[[P, R], Iterable[MarginNote]]
    by_value: Callable[[Request, Dataset], bool] = _never


@dataclass(frozen=True)
class Counts(Generic[D]):
    """Which counts a drawing shows, and what it is without those that must not be shown.

    Attributes
    ----------
    enter
        Enters the counts that the drawing shows beside n, under its place; None where it shows n alone.
    hidden
        (ledger, place, drawing): the drawing without what would tell a small count or a single case; None where nothing is left.
    """

    hidden: Callable[[Ledger, int, D], D | None]
    enter: Callable[[Ledger, int, D], None] | None = None


@dataclass(frozen=True)
class Form(Generic[P, D]):
    """A form of figure.

    Attributes
    ----------
    figure
        The drawings as panels of marks; raises a Problem for what no page holds.
    methods
        Sentences that name what was used.
    values
        A drawing as JSON of docs/exchange.md.
    counts
        None for a form that shows case by case: it is refused where small counts must be hidden.
    explain
        (plan, drawings, number of a mark): the working of what no table has; None for what the verb explains, and for what
        cannot be followed by hand.
    draw
        The numbers that are made from the data; None for a form that is drawn from the finished numbers of its verb.
    of_numbers
        The numbers from the finished ones of the exhibit, hidden counts already hidden.
    weighted
        Whether its numbers are those of the population where rows are weighted; else it is refused there.
    most_groups
        How many groups a figure can hold; None where panels or bars are counted when it is set.
    """

    figure: Callable[[P, tuple[D, ...], Text, tuple[Note, ...]], FigureSheet]
    methods: Callable[[P, tuple[D, ...]], Text]
    values: Callable[[D], Json]
    counts: Counts[D] | None
    explain: Callable[[P, tuple[D, ...], Cell], Working | None]
    draw: Callable[[P], tuple[D, ...]] | None = None
    of_numbers: Callable[[P, Result], tuple[D, ...]] | None = None
    most_groups: int | None = None
    weighted: bool = False

    def __post_init__(self) -> None:
        if (self.draw is None) == (self.of_numbers is None):
            raise TypeError("a form is drawn from the data or from finished numbers: one of draw and of_numbers")
