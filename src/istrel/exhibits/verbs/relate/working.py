"""How Pearson's correlations come about."""

from __future__ import annotations

import math

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import RelateCell, RelateResult
from istrel.exhibits.working import Working, shown


def explain(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    """The working of Pearson's r of a pair; None for other coefficients, hidden ones, and those of a weighted sample."""
    if plan.cases.weighted or not isinstance(cell.value, float) or cell.value == 0:
        return None
    for found in result.cells:
        for pair in found.pairs:
            names = {pair.a, pair.b}
            here = {cell.row.split(" @ ")[0], cell.column}
            single = cell.column == "coefficient" and len(found.pairs) == 1
            if pair.method == "pearson" and (here == names or single) and pair.coefficient == cell.value:
                return _pearson(plan, found, pair.a, pair.b, cell)
    return None


def _pearson(plan: RelatePlan, found: RelateCell, a: str, b: str, cell: Cell) -> Working | None:
    if plan.request.given:
        return None
    x, y = (plan.data.numbers(name) for name in (a, b))
    grouping = next(one for one in plan.groupings if found.group in one.groups)
    used = (grouping.codes == list(grouping.groups).index(found.group)) & plan.cases.mask & x.valid & y.valid
    if found.deletion == "listwise":
        used &= np.logical_and.reduce([plan.data.numbers(name).valid for name in found.variables])
    values = x.values[used], y.values[used]
    n = int(used.sum())
    means = [math.fsum(v.tolist()) / n for v in values]
    away = [v - m for v, m in zip(values, means, strict=True)]
    both, first, second = (
        math.fsum((p * q).tolist()) for p, q in ((away[0], away[1]), (away[0], away[0]), (away[1], away[1]))
    )
    steps = (
        f"n = {n}",
        f"Mx = {shown(means[0])}",
        f"My = {shown(means[1])}",
        f"Σ(x − Mx)(y − My) = {shown(both)}",
        f"Σ(x − Mx)² = {shown(first)}",
        f"Σ(y − My)² = {shown(second)}",
    )
    formula = "Σ(x − Mx)(y − My) ÷ √(Σ(x − Mx)² × Σ(y − My)²)"
    filled = f"{shown(both)} ÷ √({shown(first)} × {shown(second)})"
    return Working(say("means_correlation", value=cell), formula, filled, steps)
