"""How the numbers of `relate` come about: n, means, standard deviations, and Pearson's correlations."""

from __future__ import annotations

import math

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.relate.compute import Part, moments_of, part_of
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.verbs.relate.typeset import row_key
from istrel.exhibits.verbs.sums_working import Lines, Sums, mean_lines, sd_lines
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Working, shown
from istrel.style.numbers import Kind


def explain(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    """The working of a number; None for other coefficients, hidden ones, and those of a weighted sample."""
    if plan.cases.weighted or not isinstance(cell.value, float | int):
        return None
    for found in result.cells:
        name = next((name for name in found.variables if row_key(name, found) == cell.row), "")
        if name and cell.statistic in ("n", "mean", "sd"):
            return _measure(name, found, cell, plan)
        for pair in found.pairs:
            if pair.method == "pearson" and pair.coefficient == cell.value and _is_at(cell, pair, found):
                return _pearson(pair, cell, _part(found, plan), plan)
    return None


def _is_at(cell: Cell, pair: Pair, found: RelateCell) -> bool:
    """Whether a coefficient's cell is that of this pair in this group."""
    if cell.column == "coefficient" and len(found.pairs) == 1:
        return True
    return any(cell.row == row_key(a, found) and cell.column == b for a, b in ((pair.a, pair.b), (pair.b, pair.a)))


def _part(found: RelateCell, plan: RelatePlan) -> Part:
    grouping = next(one for one in plan.groupings if found.group in one.groups)
    return part_of(grouping.codes, list(grouping.groups).index(found.group), plan)


def _measure(name: str, found: RelateCell, cell: Cell, plan: RelatePlan) -> Working:
    part, words = _part(found, plan), titled(plan.data.variable(name))
    n = int(part.valid[name].sum())
    lines: Lines = "n", shown(n), ()
    if cell.statistic != "n":
        sums = Sums(moments_of(name, part))
        lines = mean_lines(sums) if cell.statistic == "mean" else sd_lines(sums)
    means = say(f"means_{cell.statistic}", name=words, value=cell, n=Cell(float(n), Kind.COUNT))
    return Working(means, *lines)


def _pearson(pair: Pair, cell: Cell, part: Part, plan: RelatePlan) -> Working | None:
    """Of all values of both, or of the persons' means; not of what is left within persons, or beside others."""
    if plan.given or plan.request.settings["within"]:
        return None
    used = part.both(pair.a, pair.b)
    n = int(used.sum())
    x, y = part.values[pair.a][used], part.values[pair.b][used]
    means = [math.fsum(values.tolist()) / n for values in (x, y)]
    away = x - means[0], y - means[1]
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
