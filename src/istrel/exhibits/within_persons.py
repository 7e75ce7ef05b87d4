"""Values of persons on their occasions, group by group: what paths are drawn from, and means whose intervals are within persons."""

from __future__ import annotations

from dataclasses import dataclass
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Plan
from istrel.exhibits.persons import Persons, occasions, persons_of, varies_within
from istrel.stats.student import t_quantile

Array = NDArray[np.float64]


@dataclass(frozen=True, eq=False)
class Followed:
    """The persons of one group on all occasions.

    Attributes
    ----------
    group
        The group, without its occasions; all persons where only occasions group them.
    places
        Of each occasion: the place of its group in the grouping, and what it is called.
    values
        float64 (persons, occasions); NaN where a person has none.
    doubled
        Whether a person has two rows on one occasion.
    """

    group: Group
    places: tuple[int, ...]
    labels: tuple[str, ...]
    values: Array
    doubled: bool

    @property
    def complete(self) -> Array:
        """Those who were seen on every occasion."""
        found: Array = self.values[~np.isnan(self.values).any(axis=1)]
        return found

    def intervals(self, confidence: float) -> tuple[Array, Array, Array]:
        """(means, low, high) on each occasion of those with all of them; limits are NaN where there are fewer than two.

        Within persons (Morey 2008): what persons differ in is taken out of their values, and the variance that is left is
        k/(k − 1) times as large for k occasions.
        """
        x = self.complete
        n, k = x.shape
        if not n:
            none = np.full(k, np.nan)
            return none, none, none
        means = x.mean(axis=0)
        if n < 2 or k < 2:
            return means, np.full(k, np.nan), np.full(k, np.nan)
        left = x - x.mean(axis=1, keepdims=True) + x.mean()
        spread = left.std(axis=0, ddof=1) * sqrt(k / (k - 1))
        reach = t_quantile(n - 1, confidence) * spread / sqrt(n)
        return means, means - reach, means + reach


def followed(name: str, grouping: Grouping, plan: Plan) -> list[Followed]:
    """The persons of each group on the occasions of a grouping; nothing where the rows belong to nobody or groups do not vary
    within persons.
    """
    persons = persons_of(plan.data, plan.cases)
    if persons is None or not persons.declared or not 1 <= len(grouping.names) <= 2:
        return []
    varies = [varies_within(plan.data.categories(one).codes, persons) for one in grouping.names]
    if sum(varies) != 1:
        return []
    return _of_groups(name, grouping, varies.index(True), persons, plan)


def _of_groups(name: str, grouping: Grouping, within: int, persons: Persons, plan: Plan) -> list[Followed]:
    numbers = plan.data.numbers(name)
    seen = occasions(numbers.values, numbers.valid, grouping.codes, grouping.n_groups, persons)
    known = [k for k, values in enumerate(grouping.values) if "" not in values]
    times = list(dict.fromkeys(grouping.values[k][within] for k in known))
    sides = list(dict.fromkeys(_side(grouping.values[k], within) for k in known))
    made = []
    for side in sides:
        mine = {grouping.values[k][within]: k for k in known if _side(grouping.values[k], within) == side}
        places = tuple(mine[time] for time in times if time in mine)
        if len(places) < 2:
            continue
        first = grouping.groups[places[0]]
        kept = [j for j in range(len(grouping.names)) if j != within]
        group = Group(tuple(first.named[j] for j in kept), tuple(first.labels[j] for j in kept))
        labels = tuple(grouping.groups[k].labels[within] for k in places)
        values = seen.values[:, places]
        values = values[(~np.isnan(values)).sum(axis=1) >= 2]
        made.append(Followed(group, places, labels, values, seen.doubled))
    return made


def _side(values: tuple[float | str, ...], within: int) -> tuple[float | str, ...]:
    return tuple(value for j, value in enumerate(values) if j != within)
