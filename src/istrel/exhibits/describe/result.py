"""What `describe` finds: one cell per variable and group, at full precision, with the reason where a value is undefined."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group
from istrel.exhibits.sheet import DensityCurve, NormalCurve
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

Value = float | tuple[float, ...] | tuple[CaseValue, ...] | Undefined


@dataclass(frozen=True)
class MeasuredCell:
    """Statistics of one variable in one group.

    Attributes
    ----------
    missing
        Cases of the group without a usable value.
    whole
        True when all values are whole numbers.
    """

    variable: str
    group: Group
    n: int
    missing: int
    statistics: dict[str, Value]
    whole: bool = False


@dataclass(frozen=True)
class LevelCount:
    """One category: how often it occurs, in % of all cases, of valid ones, cumulated (ordered levels), Wilson limits in %."""

    value: float | str
    label: str
    count: int
    percent: float | Undefined
    valid_percent: float | Undefined
    cumulative_percent: float | Undefined | None
    low: float | Undefined
    high: float | Undefined


@dataclass(frozen=True)
class CategoryCell:
    """Counts of one variable in one group."""

    variable: str
    group: Group
    n: int
    missing: int
    levels: tuple[LevelCount, ...]


@dataclass(frozen=True, eq=False)
class HistogramCell:
    """A histogram of one variable in one group: edges (classes + 1,), counts and heights (classes,)."""

    variable: str
    group: Group
    n: int
    missing: int
    edges: NDArray[np.float64]
    counts: NDArray[np.int64]
    heights: NDArray[np.float64]
    stat: str
    curve: NormalCurve | None
    density: DensityCurve | None
    outside: int


@dataclass(frozen=True, eq=False)
class CurveCell:
    """A curve of one variable in one group: a density with its bandwidth, or (bandwidth None) a cumulative share in %."""

    variable: str
    group: Group
    n: int
    x: NDArray[np.float64]
    y: NDArray[np.float64]
    bandwidth: float | None


@dataclass(frozen=True)
class BoxCell:
    """A box of one variable in one group: whiskers to the last value within 1.5 IQR, values outside with their rows."""

    variable: str
    group: Group
    n: int
    q1: float
    median: float
    q3: float
    whisker_low: float
    whisker_high: float
    outside: tuple[CaseValue, ...]


Drawing = HistogramCell | CurveCell | BoxCell
ResultCell = MeasuredCell | CategoryCell


@dataclass(frozen=True, eq=False)
class DescribeResult:
    """The numbers of the exhibit.

    Attributes
    ----------
    cells
        In the order subjects, groupings, groups.
    drawings
        One per group with values of a figure; empty for a table.
    ungrouped
        (variables of the grouping, cases left out because a group value is missing), where there are such cases.
    """

    cases: Cases
    cells: tuple[ResultCell, ...]
    drawings: tuple[Drawing, ...]
    ungrouped: tuple[tuple[tuple[str, ...], int], ...]
