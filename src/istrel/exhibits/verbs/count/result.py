"""What `count` finds: frequencies of values, classes or combinations, and cross-tables with tests and association."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.contracts import Drawing
from istrel.exhibits.text import Count, Hidden, Text, as_letters
from istrel.exhibits.verbs.frequencies import FrequencyCell, Level, share_of
from istrel.stats.association import Association, ChiSquare
from istrel.stats.estimates import Undefined
from istrel.stats.exact import ExactTest

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

    @property
    def names(self) -> tuple[str, ...]:
        return (self.row, self.column)

    @property
    def with_margins(self) -> NDArray[np.int64]:
        """Counts with their sums, shape (rows + 1, columns + 1)."""
        full = np.zeros((self.counts.shape[0] + 1, self.counts.shape[1] + 1), np.int64)
        full[:-1, :-1] = self.counts
        full[-1, :-1], full[:-1, -1] = self.counts.sum(axis=0), self.counts.sum(axis=1)
        full[-1, -1] = self.counts.sum()
        return full

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
            made.append(FrequencyCell((self.row,), group, n, 0, n, levels, (), closed))
        return tuple(made)

    def _level(self, row: int, place: int, n: int) -> Level:
        count: Count = Hidden() if self.hidden is not None and self.hidden[row, place] else int(self.counts[row, place])
        share = share_of(count, n)
        edges = self.row_limits[row][:2] if self.row_limits else None
        return Level((self.row_values[row],), "", self.row_labels[row], count, share, share, None, None, None, edges)

    def percents(self, of: str) -> NDArray[np.float64]:
        """Percentages of the row, the column or the total, margins included; NaN where there is nothing to take a share of."""
        full = self.with_margins
        base = {"row": full[:, -1:], "column": full[-1:, :], "total": full[-1:, -1:]}[of]
        with np.errstate(divide="ignore", invalid="ignore"):
            shares = 100.0 * full / base
        return np.where(np.isfinite(shares), shares, np.nan)


@dataclass(frozen=True, eq=False)
class CountResult:
    """The numbers of the exhibit, in the order subjects, (against,) groupings, groups.

    Attributes
    ----------
    decided_by
        What decided the class intervals of each variable that is counted in classes.
    """

    cases: Cases
    cells: tuple[FrequencyCell | CrossCell, ...]
    groupings: tuple[Grouping, ...]
    decided_by: dict[str, str]
    drawings: tuple[Drawing, ...] = ()


__all__ = ["CountResult", "CrossCell", "FrequencyCell", "Undefined"]
