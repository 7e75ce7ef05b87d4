"""Coefficients of groups compared, by Fisher's z; and how far two raters agree."""

from __future__ import annotations

from dataclasses import replace
from math import atanh, sqrt

import numpy as np

from istrel.data.levels import Level
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.persons import persons_of
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Compared, Pair, RelateCell
from istrel.stats.agreement import Kappa, agreement, kappa
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted

SPREAD = {
    "pearson": (1.0, 3),
    "spearman": (1.06, 3),
    "kendall": (0.437, 4),
}  # of z: factor/(n − less − variables held constant); Fieller et al., 1957
NONE = Undefined("only_for_r_rho_and_tau")
FEW = Undefined("too_few_complete_cases")


def compared(cells: tuple[RelateCell, ...], plan: RelatePlan) -> tuple[Compared, ...]:
    """Every pair, across the groups of each grouping."""
    if not plan.request.settings["difference"]:
        return ()
    by_group = {cell.group: cell for cell in cells}
    made = []
    for grouping in plan.groupings:
        if grouping.names:
            groups = [group for group in grouping.groups if all(value != "" for _, value in group.named)]
            for pair in by_group[groups[0]].pairs:
                made.append(_compared(pair, groups, by_group, len(plan.given)))
    return tuple(made)


def _compared(pair: Pair, groups: list[Group], by_group: dict[Group, RelateCell], held: int) -> Compared:
    mine = [by_group[group].pair(pair.a, pair.b) for group in groups]
    between = (groups[0], groups[1]) if len(groups) == 2 else None
    why = _why_not(mine, held)
    if why is not None:
        return Compared(pair.a, pair.b, between, why, why, None, why)
    z = np.array([atanh(one.coefficient) for one in mine if isinstance(one.coefficient, float)])
    precise = np.array([precision_of(one, held) for one in mine])
    if between is not None:
        statistic = float(z[0] - z[1]) / sqrt(float((1 / precise).sum()))
        from istrel.stats.special import ndtr

        value = float(mine[0].coefficient) - float(mine[1].coefficient)  # type: ignore[arg-type]
        return Compared(pair.a, pair.b, between, value, statistic, None, 2 * float(ndtr(-abs(statistic))))
    from istrel.stats.special import chdtrc

    centre = float((precise * z).sum() / precise.sum())
    statistic, df = float((precise * (z - centre) ** 2).sum()), z.size - 1
    return Compared(
        pair.a, pair.b, None, Undefined("no_interval_is_given"), statistic, df, float(chdtrc(df, statistic))
    )


def precision_of(pair: Pair, held: int) -> float:
    """One over the variance of z; of what is known by its degrees of freedom (r within persons), of these."""
    factor, less = SPREAD[pair.method]
    if pair.df is not None:
        return (pair.df + 2 - less) / factor
    return (pair.n - less - held) / factor if isinstance(pair.n, int) else 0.0


def _why_not(pairs: list[Pair], held: int) -> Undefined | None:
    """Why coefficients of groups are not compared; None where they are."""
    if len(pairs) < 2:
        return Undefined("fewer_than_2_groups_with")
    for pair in pairs:
        if pair.method not in SPREAD:
            return NONE
        if isinstance(pair.coefficient, Undefined):
            return pair.coefficient
        if isinstance(pair.p, Undefined) and pair.p.why == "rows_are_not_independent":
            return pair.p
        if not isinstance(pair.coefficient, float) or abs(pair.coefficient) >= 1:
            return Undefined("no_interval_for_a_coefficient")
        if not precision_of(pair, held) > 0:
            return FEW
    return None


def with_agreement(cell: RelateCell, grouping: Grouping, place: int, plan: RelatePlan) -> RelateCell:
    """How far the two variables agree in a group."""
    a, b = plan.subjects
    confidence, inside = plan.request.settings["confidence"], grouping.codes == place
    used = inside & plan.data.present(a) & plan.data.present(b)
    persons = persons_of(plan.data, plan.cases)
    why = persons.reason if persons is not None and persons.repeat_in(np.flatnonzero(used)) else None
    level = plan.data.variable(a).level
    if level.measured:
        x, y = (plan.data.numbers(name).values[used] for name in (a, b))
        times = None if plan.data.times is None else plan.data.times[used]
        found = agreement(x, y, times, confidence=confidence)
        if why is not None:
            found = replace(found, absolute=(found.absolute[0], why, why), consistent=(found.consistent[0], why, why))
        return replace(cell, agreement=found)
    made = kappa(_table(a, b, used, plan), ordered=level is Level.ORDINAL, confidence=confidence)
    return replace(cell, kappa=made if why is None else Kappa(made.value, why, why, made.observed))


def rated(
    a: str, b: str, grouping: Grouping, place: int, plan: RelatePlan
) -> tuple[np.ndarray | None, np.ndarray, np.ndarray]:
    """(how often each value of one stands beside each of the other, None for measures; the values of both) of a group."""
    used = (grouping.codes == place) & plan.data.present(a) & plan.data.present(b)
    x, y = (plan.data.numbers(name).values[used] for name in (a, b))
    return None if plan.data.variable(a).level.measured else _table(a, b, used, plan), x, y


def _table(a: str, b: str, used: np.ndarray, plan: RelatePlan) -> np.ndarray:
    """How often each value of one stands beside each of the other, the values of both in one order."""
    first, second = plan.data.categories(a), plan.data.categories(b)
    values = _in_one_order(a, b, plan)
    place = {value: k for k, value in enumerate(values)}
    of_first, of_second = (np.array([place[value] for value in found.values], np.int64) for found in (first, second))
    flat = of_first[first.codes[used]] * len(values) + of_second[second.codes[used]]
    times = None if plan.data.times is None else plan.data.times[used]
    return counted(flat, len(values) ** 2, times).reshape(len(values), len(values))


def _in_one_order(a: str, b: str, plan: RelatePlan) -> list[float | str]:
    """The values of both: those of the codebook as they stand there, then the others, which are ordered by themselves."""
    books = sorted((plan.data.variable(name).value_labels for name in (a, b)), key=len, reverse=True)
    said = dict.fromkeys(entry.value for labels in books for entry in labels)
    there = {value for name in (a, b) for value in plan.data.categories(name).values}
    return [
        *(value for value in said if value in there),
        *sorted(there - said.keys(), key=lambda v: (isinstance(v, str), v)),
    ]
