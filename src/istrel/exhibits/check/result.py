"""What `check` finds: tests, shape and a reading per variable and group, and tests of the variables as a set."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group
from istrel.stats.estimates import Undefined
from istrel.stats.multivariate import SetTest
from istrel.stats.quantiles import CaseValue

Value = float | Undefined
TESTS = ("shapiro_wilk", "anderson_darling", "lilliefors", "dagostino_pearson", "jarque_bera")


@dataclass(frozen=True)
class CheckCell:
    """The shape of one variable in one group.

    Attributes
    ----------
    tests
        {test: (statistic, p, p adjusted)}.
    humps
        Where the density has its modes; None where there are too few values.
    reading
        In words; empty where there are too few values.
    remarks
        What to bear in mind: few cases, many cases.
    """

    variable: str
    group: Group
    n: int
    missing: int
    tests: dict[str, tuple[Value, Value, Value]]
    skewness: Value
    kurtosis: Value
    humps: tuple[float, ...] | None
    reading: str
    remarks: tuple[str, ...]


@dataclass(frozen=True)
class SetCell:
    """The variables as a set, over cases complete in all; `remote` are cases far from the middle with their distances."""

    variables: tuple[str, ...]
    group: Group
    n: int
    missing: int
    tests: dict[str, SetTest]
    remote: tuple[CaseValue, ...]


@dataclass(frozen=True, eq=False)
class QuantileCell:
    """A quantile plot: expected normal quantiles x, ordered values y, the line's mean and SD, the band around the line."""

    variable: str
    group: Group
    n: int
    x: NDArray[np.float64]
    y: NDArray[np.float64]
    mean: float
    sd: float
    low: NDArray[np.float64]
    high: NDArray[np.float64]


@dataclass(frozen=True, eq=False)
class CheckResult:
    """The numbers of the exhibit: variables by grouping and group, then the sets."""

    cases: Cases
    cells: tuple[CheckCell | SetCell, ...]
    drawings: tuple[QuantileCell, ...]
    ungrouped: tuple[tuple[tuple[str, ...], int], ...]
