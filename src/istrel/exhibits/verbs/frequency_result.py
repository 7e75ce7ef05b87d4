"""Frequency tables as results: levels with their counts and percentages, known again by keys, and the cases behind them."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.reason import Reason
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.text import Count, Hidden, Text
from istrel.exhibits.weights import Weighed
from istrel.stats.differences.norms import Fit
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import EMPTY

Share = float | Undefined | Hidden | None


@dataclass(frozen=True)
class Level:
    """One value, class or combination.

    Attributes
    ----------
    values
        As stored, one per variable; empty for the rest behind the most frequent.
    name
        The same on one line, for programs.
    label
        What it is called in print.
    percent, valid_percent, cumulative_percent, low, high
        In %; the last two are Wilson's limits of the valid percentage. None where there is no order.
    limits
        (from, to) of a class interval.
    weighed
        What weights add: percentages are those of the population then, and their limits those of the design.
    """

    values: tuple[float | str, ...]
    name: str
    label: Text
    count: Count
    percent: Share
    valid_percent: Share
    cumulative_percent: Share
    low: Share
    high: Share
    limits: tuple[float, float] | None = None
    weighed: Weighed | None = None

    @property
    def size(self) -> float:
        """By what levels are compared: how many cases have it, or their share of the population; NaN where hidden."""
        size = self.valid_percent if self.weighed is not None else self.count
        return float(size) if isinstance(size, float | int) else float("nan")


@dataclass(frozen=True)
class FrequencyCell:
    """A frequency table of one group.

    Attributes
    ----------
    n, missing, total
        Cases with a value, without one, and all of them.
    reasons
        (why, how many) of the missing cases.
    closed
        Which side of its classes belongs to them; empty without classes.
    outside
        Valid cases outside the class limits.
    weighted_n
        Σw of the cases with a value; None where each row counts as one.
    fit
        The test against expected shares, in the order of the levels; None where none are expected.
    parts
        (what, its weighted share in %) of all cases: those missing, by reason, and the total.
    """

    variables: tuple[str, ...]
    group: Group
    n: Count
    missing: Count
    total: Count
    levels: tuple[Level, ...]
    reasons: tuple[tuple[Reason, Count], ...]
    closed: str = ""
    outside: Count = 0
    weighted_n: float | None = None
    parts: tuple[tuple[str, float | Undefined], ...] = ()
    fit: Fit | None = None

    @property
    def names(self) -> tuple[str, ...]:
        return self.variables

    @property
    def frequencies(self) -> tuple[FrequencyCell, ...]:
        """What bars are drawn from: the table itself."""
        return (self,)


def level_key(cell: FrequencyCell, level: Level) -> str:
    """The row key of a level: its variables and values, or the name of its class."""
    return " × ".join(cell.variables) + "=" + (level.name or " × ".join(map(str, level.values)))


def behind_level(cell: FrequencyCell, level: Level, words: str) -> Behind | None:
    """The cases of a value, a combination or a class; the rest behind the most frequent ones is none of them."""
    if isinstance(level.count, Hidden):
        return None
    said = " · ".join(filter(None, (words, *cell.group.labels)))
    if level.limits is not None:
        classes = [other for other in cell.levels if other.limits is not None]
        outermost = level is (classes[0] if cell.closed == "right" else classes[-1])
        within = (cell.variables[0], *level.limits, "both" if outermost else cell.closed)
        return Behind(said, cell.group.named, within=(within,))
    if not level.values:
        return None
    return Behind(said, (*cell.group.named, *zip(cell.variables, level.values, strict=True)))


def share_of(count: Count, base: Count) -> float | Undefined | Hidden:
    """A count in % of a base; hidden where either is."""
    if isinstance(count, Hidden) or isinstance(base, Hidden):
        return Hidden()
    return 100.0 * count / base if base else Undefined(EMPTY)
