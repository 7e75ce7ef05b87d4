"""How the numbers of `relate` come about in a weighted sample: means and SD of the population, r with its error, t and interval."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.linearized_working import Linearized, linearized
from istrel.exhibits.verbs.relate.compute import in_all_rows, part_of
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.verbs.relate.typeset import row_key
from istrel.exhibits.verbs.sums_working import student
from istrel.exhibits.weights import sample_in
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.student import t_quantile
from istrel.stats.survey.means import weighted_moments
from istrel.style.numbers import Kind

Floats = NDArray[np.float64]


def explain_of_sample(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    """The working of n, M, SD, r, its p and the ends of its interval; None for V and adjusted p."""
    for found in result.cells:
        name = next((name for name in found.variables if row_key(name, found) == cell.row), "")
        if name and cell.statistic in ("n", "mean", "sd"):
            return _measure(name, found, cell, plan)
        of, _, end = cell.column.rpartition("/")
        of, end = (of, end) if end in ("low", "high") else (cell.column, "")
        for pair in found.pairs:
            at = {(row_key(a, found), b) for a, b in ((pair.a, pair.b), (pair.b, pair.a))}
            alone = len(found.pairs) == 1 and of in ("coefficient", "p")
            if ((cell.row, of) in at or alone) and pair.method == "pearson":
                return _pair(pair, found, cell, plan, end or ("p" if of == "p" else ""))
    return None


def _in_sample(name: str, found: RelateCell, plan: RelatePlan) -> tuple[Floats, NDArray[np.bool_]]:
    grouping, place = grouping_of(found.group, plan.groupings)
    part = part_of(grouping.codes, place, plan)
    return in_all_rows(name, part, plan)


def _measure(name: str, found: RelateCell, cell: Cell, plan: RelatePlan) -> Working | None:
    x, use = _in_sample(name, found, plan)
    m = weighted_moments(x, np.where(use, 0, -1), 1, sample_in(plan.data))
    n, whole, mean = int(m.n[0]), float(m.sums[0]), float(m.mean[0])
    means = say(
        f"means_{cell.statistic}", name=titled(plan.data.variable(name)), value=cell, n=Cell(float(n), Kind.COUNT)
    )
    if cell.statistic == "n":
        return Working(means, "n", shown(n))
    total = f"{signed(whole * mean)} ÷ {shown(whole)}"
    steps: tuple[Line, ...] = (say("step_weight"), f"n = {n}", f"Σw = {shown(whole)}", f"Σwx = {shown(whole * mean)}")
    if cell.statistic == "mean":
        return Working(means, "Σwx ÷ Σw", total, steps)
    squares = float(m.moment(2)[0]) * whole
    steps = (*steps, f"M = {total} = {shown(mean)}", f"Σw(x − M)² = {shown(squares)}")
    filled = f"√({shown(squares)} ÷ {shown(whole)} × {n} ÷ ({n} − 1))"
    return Working(means, "√(Σw(x − M)² ÷ Σw × n ÷ (n − 1))", filled, steps)


def _pair(pair: Pair, found: RelateCell, cell: Cell, plan: RelatePlan, what: str) -> Working | None:
    (x, of_x), (y, of_y) = (_in_sample(name, found, plan) for name in (pair.a, pair.b))
    sample = sample_in(plan.data)
    use = of_x & of_y & (sample.clusters >= 0)
    w = sample.weights[use]
    whole = math.fsum(w.tolist())
    a, b = (values[use] - math.fsum((w * values[use]).tolist()) / whole for values in (x, y))
    both, first, second = (math.fsum((w * p * q).tolist()) for p, q in ((a, b), (a, a), (b, b)))
    if not first > 0 or not second > 0:
        return None
    steps: tuple[Line, ...] = (
        say("step_weight"),
        f"n = {int(use.sum())}",
        f"Σw(x − Mx)(y − My) = {shown(both)}",
        f"Σw(x − Mx)² = {shown(first)}",
        f"Σw(y − My)² = {shown(second)}",
    )
    filled = f"{signed(both)} ÷ √({shown(first)} × {shown(second)})"
    if not what:
        formula = "Σw(x − Mx)(y − My) ÷ √(Σw(x − Mx)² × Σw(y − My)²)"
        return Working(say("means_correlation", value=cell), formula, filled, steps)
    if plan.request.settings["adjust"] != "none" and what == "p":
        return None
    r = both / math.sqrt(first * second)
    z = np.zeros(x.size)
    u, v = a / math.sqrt(first / whole), b / math.sqrt(second / whole)
    z[use] = w / whole * (u * v - r * (u**2 + v**2) / 2)
    made = linearized(sample, z, use, (*steps, f"r = {filled} = {shown(r)}"))
    return None if made is None else _by_t(r, made, sample.df, cell, plan.request.settings["confidence"], what)


def _by_t(r: float, found: Linearized, df: float, cell: Cell, level: float, what: str) -> Working | None:
    """The p, or an end of the interval, by Student's t of the linearized error."""
    error = found.error
    if not df > 0 or not error > 0:
        return None
    steps = (*found.steps, found.step)
    if what == "p":
        t = r / error
        made = (f"t = {signed(r)} ÷ {shown(error)} = {shown(t)}", f"df = {shown(df)}", say("step_student"))
        means = say("means_p_of_pair", value=cell)
        return Working(means, "2 × T(−|t|; df)", f"2 × T({shown(-abs(t))}; {shown(df)})", (*steps, *made))
    sign, reach = "−" if what == "low" else "+", t_quantile(df, level) * error
    if abs(r + (-reach if what == "low" else reach)) > 1:
        return None
    (t_, of_t), means = student(df, level), say("means_limit", value=cell, level=Cell(100 * level, Kind.EDGE))
    return Working(means, f"r {sign} t × SE", f"{signed(r)} {sign} {t_} × {shown(error)}", (*steps, of_t))
