"""What `describe` finds: one cell per variable and group, at full precision, with the reason where a value is undefined."""

from __future__ import annotations

from dataclasses import dataclass
from typing import NamedTuple

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.contracts import Drawing
from istrel.exhibits.text import Count, Hidden
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.weights import Weighed
from istrel.stats.differences.common import Effect, GroupTest
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.numbers import Precision

UNKNOWN = Precision(0)
Value = float | tuple[float, ...] | tuple[CaseValue, ...] | Undefined | Hidden


@dataclass(frozen=True)
class MeasuredCell:
    """Statistics of one variable in one group.

    Attributes
    ----------
    missing
        Cases of the group without a usable value.
    whole
        True when all values are whole numbers.
    date
        True where the values are days since 1970-01-01.
    year
        True where the values are calendar years.
    inside
        The share of values from the first to the third quartile, both included; NaN where there are no values.
    ones
        How many cases have the higher of two values, where the variable has only two: its mean tells it; else None.
    precision
        What decides its decimals, alike in all groups.
    weighed
        What weights add to its mean; None where each row counts as one.
    fractional
        True where in any group a quantile of whole numbers lies between two of them.
    """

    variable: str
    group: Group
    n: Count
    missing: Count
    statistics: dict[str, Value]
    whole: bool = False
    date: bool = False
    year: bool = False
    inside: float = float("nan")
    ones: int | None = None
    precision: Precision = UNKNOWN
    fractional: bool = False
    weighed: Weighed | None = None

    @property
    def names(self) -> tuple[str, ...]:
        return (self.variable,)

    def number(self, key: str) -> float:
        """A statistic as a number; NaN where it is none."""
        value = self.statistics.get(key)
        return value if isinstance(value, float) else float("nan")


ResultCell = MeasuredCell | FrequencyCell


@dataclass(frozen=True)
class Difference:
    """How much the groups of a grouping differ in a variable.

    Attributes
    ----------
    grouping
        The variables that make the groups.
    between
        The two groups that are compared, the first minus the second; None where all are compared at once.
    meant
        The value whose proportion is compared, in print; empty for other measures.
    effect, test
        None where the sentence does not ask for it.
    p_adjusted
        Of all tests of the exhibit; None where p is not adjusted.
    besides
        The same difference by another measure, for texts and programs.
    persons, paired
        On how many persons it rests, 0 where each row is a case of its own; and whether it is within them.
    averaged
        Whether several rows of a person in one group were averaged first.
    spread
        Beside a test of means: whether the groups spread alike (Brown & Forsythe 1974); None where not tested.
    group, norm
        The group that is compared with a norm, and the norm; None for differences between groups.
    """

    variable: str
    grouping: tuple[str, ...]
    between: tuple[Group, Group] | None
    meant: str
    effect: Effect | None
    test: GroupTest | None
    p_adjusted: float | Undefined | None = None
    precision: Precision = UNKNOWN
    besides: Effect | None = None
    persons: int = 0
    paired: bool = False
    averaged: bool = False
    group: Group | None = None
    norm: float | None = None
    spread: GroupTest | None = None

    @property
    def p(self) -> float | Undefined:
        """The p-value that prints: adjusted where it is."""
        assert self.test is not None
        return self.test.p if self.p_adjusted is None else self.p_adjusted


@dataclass(frozen=True, eq=False)
class DescribeResult:
    """The numbers of the exhibit.

    Attributes
    ----------
    cells
        In the order subjects, groupings, groups.
    drawings
        One per group with values of a figure; empty for a table.
    groupings
        The groups, with how many cases are in none of them.
    differences
        One per variable and grouping, where the sentence asks for them and they make sense.
    pairs
        One per pair of groups, where these are asked for.
    columns
        How two columns that are measured in one unit differ case by case; None where there are no such.
    """

    cases: Cases
    cells: tuple[ResultCell, ...]
    drawings: tuple[Drawing, ...]
    groupings: tuple[Grouping, ...]
    differences: tuple[Difference, ...] = ()
    pairs: tuple[Difference, ...] = ()
    columns: Columns | None = None


class Columns(NamedTuple):
    """The second of two columns in one unit less the first, in the `n` cases that have both."""

    first: str
    second: str
    n: int
    effect: Effect
