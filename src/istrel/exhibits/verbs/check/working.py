"""How the numbers of `check` come about: the statistics of normality, skewness and kurtosis, and the items of a scale."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.text import Cell, Hidden, Text, say, verbatim
from istrel.exhibits.verbs.adjusted_working import explain_adjusted
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, ScaleCell, SetCell
from istrel.exhibits.verbs.check.scale import items_in
from istrel.exhibits.verbs.check.scale_words import item_key
from istrel.exhibits.verbs.check.scale_working import explain_scale
from istrel.exhibits.verbs.check.set_working import henze_zirkler_p, set_statistic
from istrel.exhibits.verbs.check.shape_working import P_LINES, dagostino_lines, jarque_bera_lines
from istrel.exhibits.verbs.sums_working import (
    Lines,
    Sums,
    alpha_lines,
    kurtosis_lines,
    mean_lines,
    mean_steps,
    sd_lines,
    skewness_lines,
)
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.sentence.vocabulary import TESTS
from istrel.stats.grouping import alone
from istrel.stats.moments import moments
from istrel.stats.shapiro_weights import shapiro_weights
from istrel.style.numbers import Kind

Floats = NDArray[np.float64]
MOST_SPREAD = 1_000_000  # cases of counted rows whose places are looked at one by one


def explain(plan: CheckPlan, result: CheckResult, cell: Cell) -> Working | None:
    """The working of a number; None for tests of sets, a p that is adjusted or has no one formula, and weighted shapes."""
    if plan.cases.weighted or not isinstance(cell.value, float | int):
        return None
    for found in result.cells:
        if isinstance(found, CheckCell) and cell.row == (
            f"{found.variable} @ {found.group.key}" if found.group.key else found.variable
        ):
            return _of_adjusted(found, cell, plan, result) or _of_variable(found, cell, plan)
        if isinstance(found, SetCell):
            made = _of_set(found, cell, plan)
            if made is not None:
                return made
        if isinstance(found, ScaleCell):
            made = _of_item(found, cell, plan) or explain_scale(found, cell, plan)
            if made is not None:
                return made
    return None


def _of_set(found: SetCell, cell: Cell, plan: CheckPlan) -> Working | None:
    """How many cases a set of variables has, and the p of Mardia's statistics."""
    before = f"set @ {found.group.key} " if found.group.key else "set "
    test = cell.row.removeprefix(before)
    tested = found.tests.get(test)
    if cell.row == f"{before}remote" and isinstance(found.n, int):
        n = Cell(float(found.n), Kind.COUNT)
        return Working(say("means_remote", value=cell, n=n), say("letter_count"), shown(float(cell.value)))  # type: ignore[arg-type]
    if not cell.row.startswith(before) or tested is None or isinstance(found.n, Hidden):
        return None
    if cell.column == "statistic" and isinstance(tested.statistic, float):
        return set_statistic(found, test, tested.statistic, cell, plan)
    if cell.column == "p" and test == "henze_zirkler" and isinstance(tested.statistic, float):
        return henze_zirkler_p(found, tested.statistic, cell)
    if cell.column == "n":
        return Working(say("means_n_of_set", value=cell), "n", shown(found.n))
    if cell.column != "p" or not isinstance(tested.statistic, float):
        return None
    means = say("means_p_of_set", value=cell)
    worth = tested.statistic
    if test == "mardia_kurtosis":
        return Working(
            means, "2 × Φ(−|z|)", f"2 × Φ({shown(-abs(worth), times=1e3)})", (f"z = {shown(worth)}", say("step_phi"))
        )
    if test != "mardia_skewness":
        return None
    k = len(found.variables)
    df = k * (k + 1) * (k + 2) // 6
    steps = (f"χ² = {shown(worth)}", f"df = {k} × ({k} + 1) × ({k} + 2) ÷ 6 = {df}", say("step_chi_square"))
    return Working(means, "Q(χ²; df)", f"Q({shown(worth)}; {df})", steps)


def _of_adjusted(found: CheckCell, cell: Cell, plan: CheckPlan, result: CheckResult) -> Working | None:
    """A p that was adjusted together with those of the other variables and groups."""
    test, _, what = cell.column.partition(" ")
    method, tested = plan.request.settings["adjust"], found.tests.get(test)
    if method == "none" or what != "p" or tested is None or not isinstance(tested.p, float):
        return None
    every = (one.tests[test].p for one in result.cells if isinstance(one, CheckCell))
    return explain_adjusted(cell, tested.p, [p for p in every if isinstance(p, float)], method)


def _of_variable(found: CheckCell, cell: Cell, plan: CheckPlan) -> Working | None:
    grouping, place = grouping_of(found.group, plan.groupings)
    part = arranged(found.variable, grouping, plan.data).only(place)
    sums = Sums(moments_of(found.variable, grouping, plan.data).of(slice(place, place + 1)))
    name, n = titled(plan.data.variable(found.variable)), Cell(float(sums.n), Kind.COUNT)
    if cell.statistic == "n":
        return Working(say("means_n", name=name, value=cell, n=n), "n", shown(sums.n), ())
    if cell.column in ("skewness", "kurtosis"):
        lines = skewness_lines(sums) if cell.column == "skewness" else kurtosis_lines(sums)
        return Working(say(f"means_{cell.column}", name=name, value=cell, n=n), *lines)
    if cell.column in OF_MOMENTS:
        return _departure(cell, name, *OF_MOMENTS[cell.column](sums))
    if cell.column in OF_VALUES and (part.times is None or part.sizes[0] <= MOST_SPREAD):
        values = part.values if part.times is None else np.repeat(part.values, part.times)
        return _departure(cell, name, *OF_VALUES[cell.column](values, sums))
    test, _, what = cell.column.partition(" ")
    tested = found.tests.get(test)
    if what != "p" or tested is None or not isinstance(tested.statistic, float):
        return None
    of_p = P_LINES[test](tested.statistic, sums.n)
    return None if of_p is None else Working(say("means_p_of_shape", value=cell, name=name), *of_p)


def _departure(cell: Cell, name: Text, formula: Line, filled: str, steps: tuple[Line, ...]) -> Working:
    means = say("means_departure", name=name, value=cell, test=say(TESTS[cell.column].title))
    return Working(means, formula, filled, steps)


def _shapiro(values: Floats, sums: Sums) -> Lines:
    weights = shapiro_weights(np.array([values.size]))
    weighted, squares = math.fsum((weights * values).tolist()), sums.power(2)
    steps = (
        say("step_royston"),
        f"n = {sums.n}",
        say("step_sum_in_order", value=shown(weighted)),
        f"Σ(x − M)² = {shown(squares)}",
    )
    return "(Σ a x)² ÷ Σ(x − M)²", f"{shown(weighted, times=weighted)}^2 ÷ {shown(squares)}", steps


def _standardized(values: Floats, sums: Sums) -> tuple[Floats, tuple[Line, ...]]:
    sd = math.sqrt(sums.variance)
    steps = (*mean_steps(sums), f"SD = {sd_lines(sums)[1]} = {shown(sd)}", say("step_z_in_order"), say("step_phi_of_z"))
    return (values - sums.mean) / sd, steps


def _anderson(values: Floats, sums: Sums) -> Lines:
    from istrel.stats.special import log_ndtr

    z, steps = _standardized(values, sums)
    n, place = sums.n, np.arange(1, values.size + 1)
    total = math.fsum(((2 * place - 1) * (log_ndtr(z) + log_ndtr(-z[::-1]))).tolist())
    a = -n - total / n
    steps = (
        *steps,
        say("step_sum_of_logarithms"),
        f"S = {shown(total)}",
        f"A² = −{n} − {signed(total)} ÷ {n} = {shown(a)}",
    )
    return "A² × (1 + 0.75 ÷ n + 2.25 ÷ n²)", f"{shown(a)} × (1 + 0.75 ÷ {n} + 2.25 ÷ {n}^2)", steps


def _lilliefors(values: Floats, sums: Sums) -> Lines:
    from istrel.stats.special import ndtr

    z, steps = _standardized(values, sums)
    n, place, f = sums.n, np.arange(1, values.size + 1), ndtr(z)
    above, below = place / n - f, f - (place - 1) / n
    up = bool(above.max() >= below.max())
    at = int((above if up else below).argmax())
    steps = (
        *steps,
        say("step_farthest", place=str(at + 1), value=shown(float(values[at]))),
        f"Φ(z) = {shown(float(f[at]))}",
    )
    share = shown(float(f[at]))
    return say("formula_lilliefors"), f"{at + 1} ÷ {n} − {share}" if up else f"{share} − {at} ÷ {n}", steps


OF_MOMENTS: dict[str, Callable[[Sums], Lines]] = {
    "dagostino_pearson": dagostino_lines,
    "jarque_bera": jarque_bera_lines,
}
OF_VALUES: dict[str, Callable[[Floats, Sums], Lines]] = {
    "shapiro_wilk": _shapiro,
    "anderson_darling": _anderson,
    "lilliefors": _lilliefors,
}


def _of_item(found: ScaleCell, cell: Cell, plan: CheckPlan) -> Working | None:
    """M and SD of an item, its correlation with the rest, and alpha without it."""
    place = next((k for k, item in enumerate(found.items) if cell.row == item_key(item.name, found)), None)
    if place is None or plan.scale is None or plan.data.times is not None:
        return None
    values, valid = items_in(plan.scale, found.group, plan)
    own = Sums(moments(alone(values[valid[:, place], place])))
    name = verbatim(found.items[place].name)
    n = Cell(float(own.n), Kind.COUNT)
    if cell.column in ("mean", "sd") or cell.statistic == "n":
        key = "n" if cell.statistic == "n" else cell.column
        lines: Lines = ("n", shown(own.n), ()) if key == "n" else mean_lines(own) if key == "mean" else sd_lines(own)
        return Working(say(f"means_{key}", name=name, value=cell, n=n), *lines)
    whole = values[valid.all(axis=1)]
    rest = np.delete(whole, place, axis=1)
    if cell.column == "item_rest":
        return Working(say("means_item_rest", value=cell, name=name), *_with_rest(whole[:, place], rest.sum(axis=1)))
    if cell.column == "alpha_without" and rest.shape[1] > 1:
        return Working(say("means_alpha_without", value=cell, name=name), *alpha_lines(rest))
    return None


def _with_rest(x: Floats, y: Floats) -> Lines:
    away = x - math.fsum(x.tolist()) / x.size, y - math.fsum(y.tolist()) / y.size
    both, first, second = (
        math.fsum((p * q).tolist()) for p, q in ((away[0], away[1]), (away[0], away[0]), (away[1], away[1]))
    )
    steps = (
        say("step_item_and_rest"),
        f"n = {x.size}",
        f"Σ(x − Mx)(y − My) = {shown(both)}",
        f"Σ(x − Mx)² = {shown(first)}",
        f"Σ(y − My)² = {shown(second)}",
    )
    formula = "Σ(x − Mx)(y − My) ÷ √(Σ(x − Mx)² × Σ(y − My)²)"
    return formula, f"{signed(both)} ÷ √({shown(first)} × {shown(second)})", steps
