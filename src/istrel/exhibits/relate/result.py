"""What `relate` finds: a coefficient for each pair, with its method, n, p and interval, or why there is none."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Cases, Group
from istrel.stats.estimates import Undefined

Value = float | Undefined


@dataclass(frozen=True)
class Pair:
    """One pair; `method` is pearson, spearman, kendall, eta or cramers_v."""

    a: str
    b: str
    method: str
    coefficient: Value
    n: int
    p: Value
    p_adjusted: Value
    low: Value
    high: Value


@dataclass(frozen=True)
class RelateCell:
    """All pairs of one group, with M and SD of the numeric variables over their own valid cases.

    Attributes
    ----------
    n, missing
        Cases looked at, and cases that listwise deletion left out.
    valid
        How many values each variable has: the n of its M and SD.
    indefinite
        True where pairwise deletion made a matrix that no complete data could give.
    """

    variables: tuple[str, ...]
    group: Group
    deletion: str
    n: int
    missing: int
    pairs: tuple[Pair, ...]
    valid: dict[str, int]
    means: dict[str, Value]
    deviations: dict[str, Value]
    indefinite: bool

    def pair(self, a: str, b: str) -> Pair:
        """The pair of two variables, in either order."""
        return self._by_names[frozenset((a, b))]

    @cached_property
    def _by_names(self) -> dict[frozenset[str], Pair]:
        return {frozenset((pair.a, pair.b)): pair for pair in self.pairs}


@dataclass(frozen=True, eq=False)
class PlaneCell:
    """Two numeric variables as counts in equal classes: edges (bins + 1,), counts (bins, bins)."""

    a: str
    b: str
    group: Group
    n: int
    x_edges: NDArray[np.float64]
    y_edges: NDArray[np.float64]
    counts: NDArray[np.int64]


@dataclass(frozen=True, eq=False)
class RelateResult:
    """The numbers of the exhibit, one cell per group."""

    cases: Cases
    cells: tuple[RelateCell, ...]
    drawings: tuple[PlaneCell, ...]
    ungrouped: tuple[tuple[tuple[str, ...], int], ...]
