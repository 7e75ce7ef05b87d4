"""What `check` finds: tests, shape and a reading per variable and group, and tests of the variables as a set."""

from __future__ import annotations

from dataclasses import dataclass
from typing import ClassVar

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.contracts import Drawing
from istrel.exhibits.text import Count, Hidden
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValues

Value = float | Undefined | Hidden


@dataclass(frozen=True)
class Tested:
    """A test: its statistic, its p, and the p adjusted for the number of tests."""

    __test__: ClassVar[bool] = False  # no test of the test runner

    statistic: Value
    p: Value
    p_adjusted: Value


@dataclass(frozen=True)
class CheckCell:
    """The shape of one variable in one group.

    Attributes
    ----------
    humps
        Where the density has its modes; None where there are too few values, or too few different ones.
    reading
        "consistent", "mild" or "clear"; empty where there is no test.
    """

    variable: str
    group: Group
    n: Count
    missing: Count
    tests: dict[str, Tested]
    skewness: Value
    kurtosis: Value
    humps: tuple[float, ...] | None
    reading: str

    @property
    def names(self) -> tuple[str, ...]:
        return (self.variable,)


@dataclass(frozen=True)
class SetCell:
    """The variables as a set, over cases complete in all; `remote` are cases far from the middle with their distances."""

    variables: tuple[str, ...]
    group: Group
    n: Count
    missing: Count
    tests: dict[str, Tested]
    remote: CaseValues

    @property
    def names(self) -> tuple[str, ...]:
        return self.variables


@dataclass(frozen=True)
class ItemStatistics:
    """An item of a scale: n, M and SD of its own values; over complete cases r with the sum of the others, and alpha without it."""

    name: str
    n: int
    mean: Value
    sd: Value
    item_rest: Value
    alpha_without: Value


@dataclass(frozen=True)
class ScaleCell:
    """A scale in one group, over the cases that have all items.

    Attributes
    ----------
    residual
        Root mean square of what one factor leaves of the correlations.
    """

    scale: str
    group: Group
    items: tuple[ItemStatistics, ...]
    n: int
    missing: int
    alpha: Value
    alpha_low: Value
    alpha_high: Value
    omega: Value
    residual: float
    inter_item: Value

    @property
    def names(self) -> tuple[str, ...]:
        return tuple(item.name for item in self.items)


@dataclass(frozen=True, eq=False)
class CheckResult:
    """The numbers of the exhibit: variables by grouping and group, then the sets.

    Attributes
    ----------
    compared
        {test: how many p-values were adjusted together}; empty without adjustment.
    """

    cases: Cases
    cells: tuple[CheckCell | SetCell | ScaleCell, ...]
    drawings: tuple[Drawing, ...]
    groupings: tuple[Grouping, ...]
    compared: dict[str, int]
