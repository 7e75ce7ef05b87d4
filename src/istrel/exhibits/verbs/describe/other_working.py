"""How the numbers of a weighted sample come about, and the intraclass correlation of persons."""

from __future__ import annotations

import math

import numpy as np

from istrel.exhibits.persons import person_codes
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.cells import cell_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, SMALL, Lines
from istrel.exhibits.weights import weighted_moments_of
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.survey.means import WeightedMoments
from istrel.style.numbers import Kind


def explain_weighted(plan: DescribePlan, found: MeasuredCell, cell: Cell) -> Working | None:
    """The working of n, sum, mean and its error and interval, variance and standard deviation of a weighted sample; None for the
    rest, and for designs of many strata.
    """
    grouping = next(one for one in plan.groupings if found.group in one.groups)
    place, key = list(grouping.groups).index(found.group), cell.statistic
    m = weighted_moments_of(found.variable, grouping, plan.data)
    inside = m.codes == place
    w, x, n = m.sample.weights[inside], m.values[inside], int(m.n[place])
    if key == "n":
        return _working(plan, found, cell, ("n", shown(n), ()))
    if not n:
        return None
    whole, total = math.fsum(w.tolist()), math.fsum((w * x).tolist())
    steps: tuple[Line, ...] = (say("step_weight"), f"n = {n}", f"Σw = {shown(whole)}", f"Σwx = {shown(total)}")
    if key == "sum":
        return _working(plan, found, cell, ("Σwx", shown(total), steps))
    if key == "mean":
        return _working(plan, found, cell, ("Σwx ÷ Σw", f"{signed(total)} ÷ {shown(whole)}", steps))
    if key in ("se", "ci_low", "ci_high"):
        lines = _error(m, place, (*steps, f"M = {signed(total)} ÷ {shown(whole)} = {shown(total / whole)}"))
        if lines is None or key == "se":
            return None if lines is None else _working(plan, found, cell, lines)
        return _working(plan, found, cell, _limit(m, place, key, plan.request.settings["confidence"], lines))
    mean = total / whole
    squares = math.fsum((w * (x - mean) ** 2).tolist())
    steps = (*steps, f"M = {signed(total)} ÷ {shown(whole)} = {shown(mean)}", f"Σw(x − M)² = {shown(squares)}")
    formula, filled = "Σw(x − M)² ÷ Σw × n ÷ (n − 1)", f"{shown(squares)} ÷ {shown(whole)} × {n} ÷ ({n} − 1)"
    if key == "variance":
        return _working(plan, found, cell, (formula, filled, steps))
    return _working(plan, found, cell, (f"√({formula})", f"√({filled})", steps)) if key == "sd" else None


def _error(m: WeightedMoments, place: int, before: tuple[Line, ...]) -> Lines | None:
    """The linearized error of a mean: what clusters add up to, stratum by stratum."""
    sample, inside = m.sample, (m.codes == place) & (m.sample.clusters >= 0)
    strata = sample.sizes.size
    if strata > MOST_GROUPS or sample.lonely:
        return None
    z = np.bincount(sample.clusters[inside], m.scores[inside], minlength=sample.strata.size)
    steps: list[Line] = [*before, say("step_scores_of_rows" if sample.each else "step_scores_of_clusters")]
    parts = []
    for stratum in range(strata):  # over strata, not cases
        mine = z[sample.strata == stratum]
        c, squares = mine.size, math.fsum(((mine - mine.mean()) ** 2).tolist())
        letter = SMALL[stratum] if strata > 1 else ""
        steps += [f"c{letter} = {c}", f"Σ(z − z̄)²{letter} = {shown(squares)}"]
        parts.append(f"{c} ÷ ({c} − 1) × {shown(squares)}")
    formula = "√(c ÷ (c − 1) × Σ(z − z̄)²)" if strata == 1 else say("formula_error_of_strata")
    return formula, f"√({' + '.join(parts)})", tuple(steps)


def _limit(m: WeightedMoments, place: int, key: str, confidence: float, lines: Lines) -> Lines:
    from istrel.stats.special import stdtrit

    _, filled, steps = lines
    error, df = math.sqrt(float(m.variance_of_mean[place])), m.sample.df
    t, sign = shown(float(stdtrit(df, (1 + confidence) / 2)), times=error), "−" if key == "ci_low" else "+"
    made = (f"SE = {filled} = {shown(error)}", f"t({shown(df)}; {shown((1 + confidence) / 2)}) = {t}")
    return f"M {sign} t × SE", f"{shown(float(m.mean[place]))} {sign} {t} × {shown(error)}", (*steps, *made)


def explain_icc(plan: DescribePlan, found: MeasuredCell, cell: Cell) -> Working | None:
    """The working of the intraclass correlation; None for its limits."""
    if cell.statistic != "icc":
        return None
    grouping = next(one for one in plan.groupings if found.group in one.groups)
    inside = grouping.codes == list(grouping.groups).index(found.group)
    numbers, persons = plan.data.numbers(found.variable), person_codes(plan.data)
    used = numbers.valid & inside & (persons >= 0)
    _, place = np.unique(persons[used], return_inverse=True)
    x, place = numbers.values[used], place.ravel()
    sizes = np.bincount(place)
    n, k = x.size, sizes.size
    means, centre = np.bincount(place, x) / sizes, math.fsum(x.tolist()) / x.size
    between, within = float((sizes * (means - centre) ** 2).sum()), float(((x - means[place]) ** 2).sum())
    msb, msw = between / (k - 1), within / (n - k)
    squares = int((sizes**2).sum())
    size = (n - squares / n) / (k - 1)
    steps = (
        say("step_rows", n=str(n)),
        say("step_persons", k=str(k)),
        say("step_between", value=shown(between)),
        f"MSB = {shown(between)} ÷ ({k} − 1) = {shown(msb)}",
        say("step_within", value=shown(within)),
        f"MSW = {shown(within)} ÷ ({n} − {k}) = {shown(msw)}",
        say("step_rows_of_a_person", value=f"({n} − {squares} ÷ {n}) ÷ ({k} − 1) = {shown(size)}"),
    )
    filled = f"({shown(msb)} − {shown(msw)}) ÷ ({shown(msb)} + ({shown(size)} − 1) × {shown(msw)})"
    return _working(plan, found, cell, ("(MSB − MSW) ÷ (MSB + (m − 1) × MSW)", filled, steps))


def _working(plan: DescribePlan, found: MeasuredCell, cell: Cell, lines: Lines) -> Working:
    key = cell.statistic
    name, n = titled(plan.data.variable(found.variable)), found.n
    value = cell_of(key, found, plan)
    number = Cell(float(n) if isinstance(n, int) else n, Kind.COUNT)
    parts: dict[str, Text | Cell] = {"name": name, "value": value, "n": number}
    if key in ("ci_low", "ci_high"):
        parts["level"] = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    return Working(say(f"means_{key}", **parts), *lines)
