"""What `count` finds: frequencies of values, classes or combinations, and cross-tables with tests and association."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TypeVar

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.contracts import Drawing
from istrel.exhibits.text import Count, Hidden, Text, as_letters
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, share_of
from istrel.exhibits.weights import Weighed
from istrel.stats.association import Association, ChiSquare
from istrel.stats.estimates import Undefined
from istrel.stats.exact import ExactTest
from istrel.stats.survey.tables import RaoScott

Number = TypeVar("Number", np.int64, np.float64)
Limits = tuple[float, float, str]  # of a class: from, to, and which of them belongs to it


@dataclass(frozen=True, eq=False)
class CrossCell:
    """A cross-table of one group.

    Attributes
    ----------
    counts
        int64 (rows, columns), as they are; what may be shown of them stands in `hidden`.
    hidden
        Which cells of the table with its margins must not be shown, shape (rows + 1, columns + 1); None where none.
    row_limits, column_limits
        Of class intervals; empty where values are counted one by one.
    chi_square, exact, association
        Undefined, where something is hidden: they would give it away.
    weighted, rao_scott
        Σw of each cell and the test of a weighted sample; None where each row counts as one.
    ends
        (low, high) of the percentages of each column of a weighted sample, shape (rows, columns); None where not asked for.
    """

    row: str
    column: str
    group: Group
    n: Count
    missing: Count
    row_values: tuple[float | str, ...]
    row_labels: tuple[Text, ...]
    column_values: tuple[float | str, ...]
    column_labels: tuple[Text, ...]
    counts: NDArray[np.int64]
    expected: NDArray[np.float64]
    residuals: NDArray[np.float64]
    chi_square: ChiSquare
    exact: ExactTest
    association: Association
    hidden: NDArray[np.bool_] | None = None
    row_limits: tuple[Limits, ...] = ()
    column_limits: tuple[Limits, ...] = ()
    weighted: NDArray[np.float64] | None = None
    rao_scott: RaoScott | None = None
    ends: tuple[NDArray[np.float64], NDArray[np.float64]] | None = None

    @property
    def names(self) -> tuple[str, ...]:
        return (self.row, self.column)

    def key_of(self, i: int, j: int) -> tuple[str, str]:
        """The keys (row, column) of a cell; the last row and column are margins."""
        row = f"{self.row}={self.row_values[i]}" if i < len(self.row_values) else f"{self.row} total"
        column = f"{self.column}={self.column_values[j]}" if j < len(self.column_values) else f"{self.column} total"
        return f"{row} @ {self.group.key}" if self.group.key else row, column

    def place_of(self, row: str, column: str) -> tuple[int, int] | None:
        """The place of the cell with these keys; None where there is none."""
        row = row.removesuffix(" @ ")
        places = np.ndindex(len(self.row_values) + 1, len(self.column_values) + 1)
        return next(((i, j) for i, j in places if self.key_of(i, j) == (row, column)), None)

    @property
    def with_margins(self) -> NDArray[np.int64]:
        """Counts with their sums, shape (rows + 1, columns + 1)."""
        return with_sums(self.counts)

    @property
    def frequencies(self) -> tuple[FrequencyCell, ...]:
        """What bars are drawn from: the rows of each column, which is a group."""
        made = []
        for place, (value, label) in enumerate(zip(self.column_values, self.column_labels, strict=True)):
            named = (*self.group.named, (self.column, value))
            group = Group(named, (*self.group.labels, as_letters(label)))
            n = int(self.counts[:, place].sum())
            levels = tuple(self._level(row, place, n) for row in range(len(self.row_values)))
            closed = self.row_limits[0][2] if self.row_limits else ""
            sum_ = None if self.weighted is None else float(self.weighted[:, place].sum())
            made.append(FrequencyCell((self.row,), group, n, 0, n, levels, (), closed, weighted_n=sum_))
        return tuple(made)

    def _level(self, row: int, place: int, n: int) -> Level:
        count: Count = Hidden() if self.hidden is not None and self.hidden[row, place] else int(self.counts[row, place])
        share, weighed = share_of(count, n), None
        if self.weighted is not None and not isinstance(count, Hidden):
            sums = self.weighted[:, place]
            weighed = Weighed(float(sums[row]))
            share = 100.0 * float(sums[row] / sums.sum()) if n else share
        edges = self.row_limits[row][:2] if self.row_limits else None
        ends = None if self.ends is None or weighed is None else tuple(float(end[row, place]) for end in self.ends)
        low, high = ends or (None, None)
        return Level(
            (self.row_values[row],), "", self.row_labels[row], count, share, share, None, low, high, edges, weighed
        )

    def percents(self, of: str) -> NDArray[np.float64]:
        """Percentages of the row, the column or the total, margins included; NaN where there is nothing to take a share of."""
        full = self.with_margins if self.weighted is None else with_sums(self.weighted)
        base = {"row": full[:, -1:], "column": full[-1:, :], "total": full[-1:, -1:]}[of]
        with np.errstate(divide="ignore", invalid="ignore"):
            shares = 100.0 * full / base
        return np.where(np.isfinite(shares), shares, np.nan)


def with_sums(table: NDArray[Number]) -> NDArray[Number]:
    """A table with a last row and column of sums."""
    full = np.zeros((table.shape[0] + 1, table.shape[1] + 1), table.dtype)
    full[:-1, :-1] = table
    full[-1, :-1], full[:-1, -1] = table.sum(axis=0), table.sum(axis=1)
    full[-1, -1] = table.sum()
    return full


@dataclass(frozen=True, eq=False)
class CountResult:
    """The numbers of the exhibit, in the order subjects, (against,) groupings, groups.

    Attributes
    ----------
    decided_by
        What decided the class intervals of each variable that is counted in classes.
    """

    cases: Cases
    cells: tuple[FrequencyCell | CrossCell | SetCell, ...]
    groupings: tuple[Grouping, ...]
    decided_by: dict[str, str]
    drawings: tuple[Drawing, ...] = ()


__all__ = ["CountResult", "CrossCell", "FrequencyCell", "Undefined"]
