"""What `relate` finds: a coefficient for each pair, with its method, n, p and interval, or why there is none."""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.contracts import Drawing
from istrel.exhibits.text import Count, Hidden
from istrel.stats.agreement import Agreement, Kappa
from istrel.stats.estimates import Undefined

Value = float | Undefined | Hidden
SINGULAR = 1e-10


@dataclass(frozen=True)
class Pair:
    """One pair; `method` is pearson, spearman, kendall, eta or cramers_v; `df` is known where it does not follow from n."""

    a: str
    b: str
    method: str
    coefficient: Value
    n: Count
    p: Value
    p_adjusted: Value
    low: Value
    high: Value
    df: int | None = None


@dataclass(frozen=True)
class RelateCell:
    """All pairs of one group, with M and SD of the numeric variables over their own valid cases.

    Attributes
    ----------
    n, missing
        Cases looked at, and cases that listwise deletion left out.
    valid
        How many values each variable has: the n of its M and SD.
    smallest
        The smallest eigenvalue of the matrix: above 0 it is positive definite, below 0 no complete data could give it.
        None where the matrix has coefficients without a sign, or is not known whole.
    spreads
        The smallest SD above 0 of each variable in any group: all groups print alike.
    alphas
        Cronbach's alpha of each composite, where that is asked for.
    kappa, agreement
        How far two categories or two measures agree, where that is asked for.
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
    smallest: float | None
    spreads: dict[str, float] = field(default_factory=dict)
    alphas: dict[str, Value] = field(default_factory=dict)
    kappa: Kappa | None = None
    agreement: Agreement | None = None

    @property
    def names(self) -> tuple[str, ...]:
        return self.variables

    @property
    def definite(self) -> bool | None:
        """Whether the matrix is positive definite; a singular one is not."""
        return None if self.smallest is None else self.smallest > SINGULAR

    @property
    def indefinite(self) -> bool:
        """Whether no complete data could give the matrix."""
        return self.smallest is not None and self.smallest < -SINGULAR

    def pair(self, a: str, b: str) -> Pair:
        """The pair of two variables, in either order."""
        return self._by_names[frozenset((a, b))]

    @cached_property
    def _by_names(self) -> dict[frozenset[str], Pair]:
        return {frozenset((pair.a, pair.b)): pair for pair in self.pairs}


@dataclass(frozen=True)
class Compared:
    """The coefficients of a pair in several groups: their difference (of two groups), and whether they are one (Fisher's z)."""

    a: str
    b: str
    between: tuple[Group, Group] | None
    value: Value
    statistic: Value
    df: int | None
    p: Value


@dataclass(frozen=True, eq=False)
class RelateResult:
    """The numbers of the exhibit, one cell per group."""

    cases: Cases
    cells: tuple[RelateCell, ...]
    drawings: tuple[Drawing, ...]
    groupings: tuple[Grouping, ...]
    differences: tuple[Compared, ...] = ()
