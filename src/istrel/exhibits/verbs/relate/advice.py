"""What a good supervisor would say after correlations: where a straight line says next to nothing, where ranks agree more."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.exhibits.persons import persons_of
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.wording import titled
from istrel.sentence.edit import with_setting
from istrel.stats.correlation import intervals, mid_ranks
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
    best: tuple[float, float, float, Pair, RelateCell] | None = None
    for cell in result.cells:
        for pair in cell.pairs:
            if pair.method != "pearson" or not isinstance(pair.coefficient, float) or not isinstance(pair.n, int):
                continue
            if pair.n < FEWEST:
                continue
            low, high = _limits(pair.coefficient, pair.n)
            farthest = max(abs(low), abs(high))
            if farthest <= NOTHING and (best is None or farthest < best[0]):
                best = farthest, low, high, pair, cell
    if best is None:
        return
    _, low, high, pair, cell = best
    numbers = {"low": Cell(low, Kind.COEFFICIENT), "high": Cell(high, Kind.COEFFICIENT)}
    says = say("next_to_nothing_in_a_straight_line", **_names(pair, plan), **numbers)
    yield MarginNote("nothing_straight", pair.b, cell.group.labels, says)


def _limits(r: float, n: int) -> tuple[float, float]:
    square = np.array([[1.0, r], [r, 1.0]])
    low, high = intervals(square, np.full((2, 2), n))
    return float(low[0, 1]), float(high[0, 1])


def _ranks(plan: RelatePlan, result: RelateResult) -> Iterator[MarginNote]:
    """The skewed pair that ranks see much more closely related than a straight line does."""
    if plan.data.n_rows > MOST_CASES:
        return
    best: tuple[float, float, Pair, RelateCell] | None = None
    for grouping in plan.groupings:
        by_group = {cell.group: cell for cell in result.cells}
        for place, group in enumerate(grouping.groups):
            cell = by_group[group]
            for pair in cell.pairs[:MOST_PAIRS]:
                if pair.method != "pearson" or not isinstance(pair.coefficient, float):
                    continue
                first, second = plan.data.numbers(pair.a), plan.data.numbers(pair.b)
                used = (grouping.codes == place) & first.valid & second.valid
                if int(used.sum()) < FEWEST:
                    continue
                x = np.stack([first.values[used], second.values[used]]).T
                if not _skewed(x):
                    continue
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
    yield MarginNote("ranks_agree_more", pair.b, cell.group.labels, says, (Remedy("relate by ranks", request=request),))


def _names(pair: Pair, plan: RelatePlan) -> dict[str, Text | Cell]:
    return {"a": titled(plan.data.variable(pair.a)), "b": titled(plan.data.variable(pair.b))}


def _skewed(x: np.ndarray[tuple[int, int], np.dtype[np.float64]]) -> bool:
    """Whether one of two variables is surely skewed."""
    away = x - x.mean(axis=0)
    spread = np.sqrt((away**2).mean(axis=0))
    if not (spread > 0).all():
        return False
    g = (away**3).mean(axis=0) / spread**3
    return bool((np.abs(g) > SKEWED * np.sqrt(6 / x.shape[0])).any())
