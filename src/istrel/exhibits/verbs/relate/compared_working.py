"""How the comparison of coefficients of groups comes about: by Fisher's z of each, and how surely it is known."""

from __future__ import annotations

import math

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.relate.compared import SPREAD, precision_of
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import RelateResult
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, SMALL
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed


def explain_compared(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    """The difference of two coefficients, z or chi-square, its degrees of freedom, and p; None of many groups."""
    what = cell.column.removeprefix("difference").strip()
    found = next((one for one in result.differences if cell.row == f"{one.a} × {one.b}"), None)
    if found is None or not cell.column.startswith("difference") or not isinstance(found.statistic, float):
        return None
    names = {"a": titled(plan.data.variable(found.a)), "b": titled(plan.data.variable(found.b))}
    cells = [one for one in result.cells if one.group.named and all(value != "" for _, value in one.group.named)]
    pairs = [one.pair(found.a, found.b) for one in cells]
    k, r = len(pairs), [pair.coefficient for pair in pairs if isinstance(pair.coefficient, float)]
    if k > MOST_GROUPS or len(r) < k:
        return None
    means = say("means_coefficients_compared", value=cell, **names)
    letters = SMALL[:k]
    given: tuple[Line, ...] = tuple(f"r{letter} = {shown(one)}" for letter, one in zip(letters, r, strict=True))
    if not what:
        return Working(means, "r₁ − r₂", f"{shown(r[0])} − {signed(r[1])}", given)
    if what == "df":
        return Working(means, "k − 1", f"{k} − 1", (f"k = {k}",))
    z, precise = [math.atanh(one) for one in r], [precision_of(pair, len(plan.given)) for pair in pairs]
    factor, _ = SPREAD[pairs[0].method]
    steps = [*given, say("step_precision_of_z", factor=shown(factor))]
    for letter, one, of, weight in zip(letters, r, z, precise, strict=True):
        steps += [
            f"z{letter} = ln((1 + {signed(one)}) ÷ (1 − {signed(one)})) ÷ 2 = {shown(of)}",
            f"g{letter} = {shown(weight)}",
        ]
    if found.df is None:
        filled = f"({shown(z[0])} − {signed(z[1])}) ÷ √(1 ÷ {shown(precise[0])} + 1 ÷ {shown(precise[1])})"
        if what == "statistic":
            return Working(means, "(z₁ − z₂) ÷ √(1 ÷ g₁ + 1 ÷ g₂)", filled, tuple(steps))
        steps += [f"z = {filled} = {shown(found.statistic)}", say("step_phi")]
        return Working(means, "2 × Φ(−|z|)", f"2 × Φ({shown(-abs(found.statistic))})", tuple(steps))
    whole = sum(precise)
    centre = sum(w * one for w, one in zip(precise, z, strict=True)) / whole
    parts = " + ".join(f"{shown(w)} × {signed(one)}" for w, one in zip(precise, z, strict=True))
    steps.append(f"Z = ({parts}) ÷ ({' + '.join(map(shown, precise))}) = {shown(centre)}")
    filled = " + ".join(f"{shown(w)} × ({shown(one)} − {signed(centre)})^2" for w, one in zip(precise, z, strict=True))
    if what == "statistic":
        return Working(means, "Σ g(z − Z)²", filled, tuple(steps))
    steps += [f"χ² = {filled} = {shown(found.statistic)}", f"df = {found.df}", say("step_chi_square")]
    return Working(means, "Q(χ²; df)", f"Q({shown(found.statistic)}; {found.df})", tuple(steps))
