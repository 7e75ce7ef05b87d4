"""What a good supervisor would say after correlations: where a straight line says next to nothing, where ranks agree more."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import islice

import numpy as np

from istrel.english import english
from istrel.exhibits.persons import persons_of
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.relate.compute import Part, moments_of, part_of
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.wording import titled
from istrel.sentence.edit import with_setting
from istrel.stats.correlation import intervals, mid_ranks
from istrel.stats.moments import Moments, skewness, skewness_error
from istrel.style.numbers import Kind

NOTHING = 0.1  # a coefficient whose whole interval lies so near to 0
MORE, FEWEST, SKEWED = 0.15, 50, 3.3  # by so much do ranks agree more; cases; skewness in its standard errors
MOST_PAIRS, MOST_CASES = 60, 50_000


def advise(plan: RelatePlan, result: RelateResult) -> Iterator[MarginNote]:
    """At most one of each kind, of the first group that has it."""
    said = plan.request.settings
    plain = not (plan.given or said["within"] or said["between"] or said["agreement"] or plan.cases.weighted)
    if not plain or plan.form != "table" or persons_of(plan.data, plan.cases) is not None:
        return
    yield from _ranks(plan, result)
    yield from _nothing(plan, result)


def _nothing(plan: RelatePlan, result: RelateResult) -> Iterator[MarginNote]:
    """The pair with the narrowest interval that holds no more than a trace of a relation."""
    held = [
        (pair.coefficient, pair.n, pair, cell)
        for cell in result.cells
        for pair in cell.pairs
        if pair.method == "pearson" and isinstance(pair.coefficient, float) and isinstance(pair.n, int)
    ]
    held = [entry for entry in held if entry[1] >= FEWEST]
    if not held:
        return
    low, high = intervals(np.array([r for r, *_ in held]), np.array([n for _, n, *_ in held]))
    farthest = np.nan_to_num(np.fmax(np.abs(low), np.abs(high)), nan=np.inf)
    best = int(farthest.argmin())
    if farthest[best] > NOTHING:
        return
    *_, pair, cell = held[best]
    numbers = {"low": Cell(float(low[best]), Kind.COEFFICIENT), "high": Cell(float(high[best]), Kind.COEFFICIENT)}
    says = say("next_to_nothing_in_a_straight_line", **_names(pair, plan), **numbers)
    yield MarginNote("nothing_straight", pair.b, cell.group.labels, says)


def _ranks(plan: RelatePlan, result: RelateResult) -> Iterator[MarginNote]:
    """The skewed pair that ranks see much more closely related than a straight line does, of the first such pairs."""
    if plan.data.times is not None or plan.data.n_rows > MOST_CASES:
        return
    best: tuple[float, float, Pair, RelateCell] | None = None
    for part, pair, cell in islice(_skewed_pairs(plan, result), MOST_PAIRS):
        assert isinstance(pair.coefficient, float)
        x = np.stack([part.values[name][part.both(pair.a, pair.b)] for name in (pair.a, pair.b)]).T
        rho = float(np.asarray(np.corrcoef(mid_ranks(x).T))[0, 1])
        more = abs(rho) - abs(pair.coefficient)
        if more >= MORE and (best is None or more > best[0]):
            best = more, rho, pair, cell
    if best is None:
        return
    _, rho, pair, cell = best
    assert isinstance(pair.coefficient, float)
    numbers = {"rho": Cell(rho, Kind.COEFFICIENT), "r": Cell(pair.coefficient, Kind.COEFFICIENT)}
    says = say("ranks_agree_more_than_a_line", **_names(pair, plan), **numbers)
    request = with_setting(plan.request, "method", "spearman")
    yield MarginNote(
        "ranks_agree_more", pair.b, cell.group.labels, says, (Remedy(english("relate by ranks"), request=request),)
    )


def _skewed_pairs(plan: RelatePlan, result: RelateResult) -> Iterator[tuple[Part, Pair, RelateCell]]:
    """(what is related in the group, the pair, the group) of pairs of which one variable is surely skewed there."""
    by_group = {cell.group: cell for cell in result.cells}
    for grouping in plan.groupings:
        for place, group in enumerate(grouping.groups):
            cell, part = by_group[group], part_of(grouping.codes, place, plan)
            skewed = {name: _is_skewed(moments_of(name, part)) for name in part.values}
            for pair in cell.pairs:
                known = pair.method == "pearson" and isinstance(pair.coefficient, float) and isinstance(pair.n, int)
                if known and part.both(pair.a, pair.b).sum() >= FEWEST and (skewed[pair.a] or skewed[pair.b]):
                    yield part, pair, cell


def _is_skewed(m: Moments) -> bool:
    found, error = skewness(m).at(0), skewness_error(m).at(0)
    return isinstance(found, float) and isinstance(error, float) and abs(found) > SKEWED * error


def _names(pair: Pair, plan: RelatePlan) -> dict[str, Text | Cell]:
    return {"a": titled(plan.data.variable(pair.a)), "b": titled(plan.data.variable(pair.b))}
