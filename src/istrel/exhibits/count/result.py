"""What `count` finds: frequencies of values, classes or combinations, and cross-tables with tests and association."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group
from istrel.stats.association import Association, ChiSquare
from istrel.stats.estimates import Undefined

Share = float | Undefined | None


@dataclass(frozen=True)
class Level:
    """One value, class or combination.

    Attributes
    ----------
    values
        As stored, one per variable; empty for the rest behind the most frequent.
    count
        None where it is hidden (or could be worked out from what is hidden).
    percent, valid_percent, cumulative_percent, low, high
        In %; the last two are Wilson's limits of the valid percentage. None where hidden, or where there is no order.
    limits
        (from, to) of a class interval.
    """

    values: tuple[float | str, ...]
    label: str
    count: int | None
    percent: Share
    valid_percent: Share
    cumulative_percent: Share
    low: Share
    high: Share
    limits: tuple[float, float] | None = None


@dataclass(frozen=True)
class FrequencyCell:
    """A frequency table of one group.

    Attributes
    ----------
    reasons
        (why, how many) of the missing cases.
    closed
        Which side of its classes belongs to them; empty without classes.
    outside
        Valid cases outside the class limits.
    """

    variables: tuple[str, ...]
    group: Group
    n: int
    missing: int
    levels: tuple[Level, ...]
    reasons: tuple[tuple[str, int], ...]
    closed: str = ""
    outside: int = 0


@dataclass(frozen=True, eq=False)
class CrossCell:
    """A cross-table of one group. `hidden` marks counts that are not shown."""

    row: str
    column: str
    group: Group
    n: int
    missing: int
    row_values: tuple[float | str, ...]
    row_labels: tuple[str, ...]
    column_values: tuple[float | str, ...]
    column_labels: tuple[str, ...]
    counts: NDArray[np.int64]
    hidden: NDArray[np.bool_]
    expected: NDArray[np.float64]
    residuals: NDArray[np.float64]
    chi_square: ChiSquare
    fisher: float | Undefined
    association: Association

    def percents(self, of: str) -> NDArray[np.float64]:
        """Percentages of the row, the column or the total; NaN where there is nothing to take a share of."""
        total = {
            "row": self.counts.sum(axis=1, keepdims=True),
            "column": self.counts.sum(axis=0, keepdims=True),
            "total": np.array([[self.counts.sum()]]),
        }[of]
        with np.errstate(divide="ignore", invalid="ignore"):
            shares = 100.0 * self.counts / total
        return np.where(np.isfinite(shares), shares, np.nan)


@dataclass(frozen=True, eq=False)
class CountResult:
    """The numbers of the exhibit, in the order subjects, (against,) groupings, groups."""

    cases: Cases
    cells: tuple[FrequencyCell | CrossCell, ...]
    ungrouped: tuple[tuple[tuple[str, ...], int], ...]
    drawings: tuple[object, ...] = ()
