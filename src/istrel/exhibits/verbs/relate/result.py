"""What `relate` finds: a coefficient for each pair, with its method, n, p and interval, or why there is none."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import Any

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.text import Hidden
from istrel.exhibits.verbs.frequencies import Count
from istrel.stats.estimates import Undefined

Value = float | Undefined | Hidden


@dataclass(frozen=True)
class Pair:
    """One pair; `method` is pearson, spearman, kendall, eta or cramers_v."""

    a: str
    b: str
    method: str
    coefficient: Value
    n: Count
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
    definite
        Whether the matrix is positive definite; None where it is none of one kind of coefficient, or not known whole.
    """

    variables: tuple[str, ...]
    group: Group
    deletion: str
    n: Count
    missing: Count
    pairs: tuple[Pair, ...]
    valid: dict[str, Count]
    means: dict[str, Value]
    deviations: dict[str, Value]
    definite: bool | None

    def pair(self, a: str, b: str) -> Pair:
        """The pair of two variables, in either order."""
        return self._by_names[frozenset((a, b))]

    @cached_property
    def _by_names(self) -> dict[frozenset[str], Pair]:
        return {frozenset((pair.a, pair.b)): pair for pair in self.pairs}


@dataclass(frozen=True, eq=False)
class RelateResult:
    """The numbers of the exhibit, one cell per group."""

    cases: Cases
    cells: tuple[RelateCell, ...]
    drawings: tuple[Any, ...]
    groupings: tuple[Grouping, ...]
