"""How eta, V, ends of intervals, agreement and alpha come about: what of `relate` is no product of two columns."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import grouping_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.adjusted_working import explain_adjusted
from istrel.exhibits.verbs.relate.compared import rated
from istrel.exhibits.verbs.relate.compute import Part, alpha_items, counts_of_both
from istrel.exhibits.verbs.relate.resolve import RelatePlan, is_numeric
from istrel.exhibits.verbs.relate.result import Pair, RelateCell
from istrel.exhibits.verbs.sums_working import SMALL, E, Lines, alpha_lines
from istrel.exhibits.verbs.table_working import MOST_CELLS, chi_square_of, v_lines
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.agreement import REACH, absolute_df, kappa_error
from istrel.stats.correlation import EXACT_RHO
from istrel.style.numbers import Kind

Floats = NDArray[np.float64]
SPREADS = {"pearson": ("1 ÷ (n − 3)", 3), "spearman": ("(1 + r² ÷ 2) ÷ (n − 3)", 3), "kendall": ("0.437 ÷ (n − 4)", 4)}


def explain_mixed(pair: Pair, cell: Cell, part: Part, plan: RelatePlan) -> Working | None:
    """Eta of a number on a category, and V of two categories."""
    if pair.method == "cramers_v":
        counts = counts_of_both(pair.a, pair.b, part, plan)
        counts = counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]
        if not 0 < counts.size <= MOST_CELLS:
            return None
        return Working(say("means_v", value=cell, name=titled(plan.data.variable(pair.a))), *v_lines(counts))
    if pair.method != "eta":
        return None
    number = next(name for name in (pair.a, pair.b) if name in part.values and not _is_words(name, plan))
    words = pair.b if number == pair.a else pair.a
    both = part.both(pair.a, pair.b)
    return Working(
        say("means_eta", value=cell, name=titled(plan.data.variable(number)), other=titled(plan.data.variable(words))),
        *_eta(part.values[number][both], plan.data.categories(words).codes[part.rows][both]),
    )


def _is_words(name: str, plan: RelatePlan) -> bool:
    return plan.data.variable(name).level is Level.NOMINAL or not is_numeric(name, plan.data)


def _eta(x: Floats, codes: NDArray[np.int32]) -> Lines:
    """How much of the sum of squares lies between the means of the categories."""
    mean = math.fsum(x.tolist()) / x.size
    whole = math.fsum(((x - mean) ** 2).tolist())
    _, place = np.unique(codes, return_inverse=True)
    sizes = np.bincount(place.ravel())
    away = np.bincount(place.ravel(), x) / sizes - mean
    between = math.fsum((sizes * away**2).tolist())
    steps: list[Line] = [f"n = {x.size}", f"M = {shown(mean)}", f"Σ(x − M)² = {shown(whole)}"]
    if sizes.size <= len(SMALL):
        for letter, n, gap in zip(SMALL, sizes.tolist(), away.tolist(), strict=False):
            steps += [f"n{letter} = {n}", f"M{letter} − M = {shown(gap)}"]
        terms = " + ".join(f"{n} × {signed(gap)}^2" for n, gap in zip(sizes.tolist(), away.tolist(), strict=True))
        steps.append(f"B = {terms} = {shown(between)}")
    else:
        steps.append(f"B = {shown(between)}")
    return "√(B ÷ Σ(x − M)²), B = Σ n(Mₖ − M)²", f"√({shown(between)} ÷ {shown(whole)})", tuple(steps)


def explain_end(pair: Pair, cell: Cell, plan: RelatePlan, *, low: bool) -> Working | None:
    """An end of the interval of a coefficient, by Fisher's z."""
    from istrel.stats.special import ndtri

    r, n = pair.coefficient, pair.n
    if pair.method not in SPREADS or not isinstance(r, float) or not isinstance(n, int):
        return None
    n = _effective(pair, n, plan)
    confidence, sign = plan.request.settings["confidence"], "−" if low else "+"
    formula, lost = SPREADS[pair.method]
    top = {"pearson": "1", "spearman": f"(1 + {signed(r)}^2 ÷ 2)", "kendall": "0.437"}[pair.method]
    worth = {"pearson": 1.0, "spearman": 1 + r**2 / 2, "kendall": 0.437}[pair.method]
    spread, z = math.sqrt(worth / (n - lost)), float(ndtri(0.5 + confidence / 2))
    u = math.atanh(r) + (-1 if low else 1) * z * spread
    given: tuple[Line, ...] = (say("step_cases_less_taken"),) if n != pair.n else ()
    steps: tuple[Line, ...] = (
        f"r = {shown(r)}",
        *given,
        f"n = {n}",
        f"z = {shown(z)}",
        f"s = √({top} ÷ ({n} − {lost})) = {shown(spread)}",
        f"u = ln((1 + {signed(r)}) ÷ (1 − {signed(r)})) ÷ 2 {sign} {shown(z)} × {shown(spread)} = {shown(u)}",
    )
    part = f"{E}^(2 × {signed(u)})"
    means = say("means_limit", value=cell, level=Cell(100 * confidence, Kind.EDGE))
    said = f"(e^(2u) − 1) ÷ (e^(2u) + 1), u = ln((1 + r) ÷ (1 − r)) ÷ 2 {sign} zs, s² = {formula}"
    return Working(means, said, f"({part} − 1) ÷ ({part} + 1)", steps)


def _effective(pair: Pair, n: int, plan: RelatePlan) -> int:
    """The cases that leave as many degrees of freedom: fewer beside others that are given, or within persons."""
    return n - len(plan.given) if pair.df is None else pair.df + 2


def explain_p(pair: Pair, cell: Cell, found: RelateCell, part: Part, plan: RelatePlan) -> Working | None:
    """The p of a coefficient by Student's t, or of V by chi-square; adjusted where it is; None for exact ones, eta and tau."""
    method = plan.request.settings["adjust"]
    if method != "none" and isinstance(pair.p, float):
        return explain_adjusted(cell, pair.p, [one.p for one in found.pairs if isinstance(one.p, float)], method)
    means = say("means_p_of_pair", value=cell)
    if pair.method == "cramers_v":
        counts = counts_of_both(pair.a, pair.b, part, plan)
        lines = chi_square_of(counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0])
        return None if lines is None else Working(means, *lines)
    r, n = pair.coefficient, pair.n
    few = pair.method == "spearman" and isinstance(n, int) and n <= EXACT_RHO
    if (
        pair.method not in ("pearson", "spearman")
        or few
        or not isinstance(r, float)
        or not isinstance(n, int)
        or abs(r) == 1
    ):
        return None
    df = _effective(pair, n, plan) - 2
    t = r * math.sqrt(df / (1 - r * r))
    steps: tuple[Line, ...] = (
        f"r = {shown(r)}",
        f"df = {df}",
        f"t = {signed(r)} × √({df} ÷ (1 − {signed(r)}^2)) = {shown(t)}",
        say("step_student"),
    )
    return Working(means, "2 × T(−|t|; df)", f"2 × T({shown(-abs(t), times=1e3)}; {df})", steps)


def explain_agreement(found: RelateCell, cell: Cell, plan: RelatePlan) -> Working | None:
    """n, how many agree, kappa, the mean difference and the limits of agreement; None for intraclass coefficients' ends."""
    a, b = plan.subjects
    names = {"a": titled(plan.data.variable(a)), "b": titled(plan.data.variable(b))}
    table, x, y = rated(a, b, *grouping_of(found.group, plan.groupings), plan)
    if cell.column == "n":
        n = int(table.sum()) if table is not None else x.size
        return Working(say("means_n_of_both", value=cell, **names), "n", shown(n))
    if table is not None and cell.column in ("kappa_low", "kappa_high"):
        return _end_of_kappa(table, cell, plan, ordered=plan.data.variable(a).level is Level.ORDINAL)
    if table is not None:
        lines = _kappa(table, cell.column, ordered=plan.data.variable(a).level is Level.ORDINAL)
        key = "means_kappa" if cell.column == "kappa" else "means_observed"
        return None if lines is None else Working(say(key, value=cell, **names), *lines)
    make = OF_MEASURES.get(cell.column)
    if x.size < 2:
        return None
    if cell.column.endswith(("_low", "_high")) and cell.column.startswith("icc"):
        level = plan.request.settings["confidence"]
        lines = _end_of_icc(x, y, cell, level)
        means = say("means_limit", value=cell, level=Cell(100 * level, Kind.EDGE))
        return None if lines is None else Working(means, *lines)
    if cell.column in ("icc_a1", "icc_c1"):
        return Working(say("means_icc_of_two", value=cell, **names), *_icc(x, y, absolute=cell.column == "icc_a1"))
    return None if make is None else Working(say(f"means_{cell.column}", value=cell, **names), *make(x - y))


def _kappa(table: NDArray[np.int64], column: str, *, ordered: bool) -> Lines | None:
    n, k = int(table.sum()), table.shape[0]
    if column not in ("observed", "kappa"):
        return None
    rows, columns = table.sum(axis=1), table.sum(axis=0)
    apart = np.abs(np.subtract.outer(np.arange(k), np.arange(k)))
    weights = 1 - (apart / max(k - 1, 1)) ** 2 if ordered else (apart == 0).astype(float)
    observed = math.fsum((weights * table).ravel().tolist())
    chance = math.fsum((weights * np.outer(rows, columns)).ravel().tolist())
    steps: tuple[Line, ...] = (say("step_weights_of_agreement") if ordered else say("step_agreements"), f"n = {n}")
    steps = (*steps, f"A = {shown(observed)}")
    if column == "observed":
        return "100 × A ÷ n", f"100 × {shown(observed)} ÷ {n}", steps
    p, by_chance = observed / n, chance / n**2
    steps = (
        *steps,
        say("step_margins_agreeing", value=shown(chance)),
        f"p = {shown(observed)} ÷ {n} = {shown(p)}",
        f"e = {shown(chance)} ÷ {n}^2 = {shown(by_chance)}",
    )
    return "(p − e) ÷ (1 − e)", f"({shown(p)} − {shown(by_chance)}) ÷ (1 − {shown(by_chance)})", steps


def _end_of_kappa(table: NDArray[np.int64], cell: Cell, plan: RelatePlan, *, ordered: bool) -> Working | None:
    """Kappa and z of its errors (Fleiss, Cohen and Everitt 1969)."""
    from istrel.stats.special import ndtri

    level, low = plan.request.settings["confidence"], cell.column == "kappa_low"
    value, error = kappa_error(table, ordered=ordered)
    lines = _kappa(table, "kappa", ordered=ordered)
    z, sign = float(ndtri(0.5 + level / 2)), "−" if low else "+"
    if lines is None or abs(value + (-z if low else z) * error) > 1:
        return None
    steps = (
        *lines[2],
        f"κ = {lines[1]} = {shown(value)}",
        say("step_error_of_kappa", value=shown(error)),
        f"z = {shown(z)}",
    )
    means = say("means_limit", value=cell, level=Cell(100 * level, Kind.EDGE))
    return Working(means, f"κ {sign} z × SE", f"{signed(value)} {sign} {shown(z)} × {shown(error)}", steps)


def _bias(d: Floats) -> Lines:
    total = math.fsum(d.tolist())
    return (
        "Σd ÷ n",
        f"{signed(total)} ÷ {d.size}",
        (say("step_first_minus_second"), f"n = {d.size}", f"Σd = {shown(total)}"),
    )


def _limit(d: Floats, sign: str) -> Lines:
    _, filled, steps = _bias(d)
    mean = math.fsum(d.tolist()) / d.size
    squares = math.fsum(((d - mean) ** 2).tolist())
    sd = math.sqrt(squares / (d.size - 1))
    made = (
        f"M = {filled} = {shown(mean)}",
        f"Σ(d − M)² = {shown(squares)}",
        f"s = √({shown(squares)} ÷ ({d.size} − 1)) = {shown(sd)}",
    )
    return f"M {sign} {REACH:.6f} × s", f"{shown(mean)} {sign} {shown(REACH)} × {shown(sd)}", (*steps, *made)


def _end_of_icc(x: Floats, y: Floats, cell: Cell, level: float) -> Lines | None:
    """The coefficient at the F that would leave so much out (McGraw & Wong 1996)."""
    from istrel.stats.special import fdtri

    absolute, low = cell.column.startswith("icc_a1"), cell.column.endswith("_low")
    (rows, columns, error), steps = _mean_squares(x, y)
    n, top = x.size, 0.5 + level / 2
    if not error > 0:
        return None
    r, e = shown(rows), shown(error)
    if not absolute:
        f = float(fdtri(n - 1, n - 1, top))
        step = f"F({n - 1}; {n - 1}; {shown(top)}) = {shown(f)}"
        u, filled = rows / error / f if low else rows / error * f, f"{r} ÷ {e} {'÷' if low else '×'} {shown(f)}"
        return "(u − 1) ÷ (u + 1)", f"({shown(u)} − 1) ÷ ({shown(u)} + 1)", (*steps, step, f"u = {filled} = {shown(u)}")
    value, free = absolute_df(rows, columns, error, n)
    if value >= 1:
        return None
    f = float(fdtri(n - 1, free, top)) if low else float(fdtri(free, n - 1, top))
    given = f"{n - 1}; {shown(free)}" if low else f"{shown(free)}; {n - 1}"
    rest = 2 * columns + (n - 2) * error
    made = (
        say("step_satterthwaite", value=shown(free)),
        f"F({given}; {shown(top)}) = {shown(f)}",
        f"Q = 2 × {shown(columns)} + ({n} − 2) × {e} = {shown(rest)}",
    )
    if low:
        filled = f"{n} × ({r} − {shown(f)} × {e}) ÷ ({shown(f)} × {shown(rest)} + {n} × {r})"
        return "n(R − F × E) ÷ (F × Q + n × R)", filled, (*steps, *made)
    filled = f"{n} × ({shown(f)} × {r} − {e}) ÷ ({shown(rest)} + {n} × {shown(f)} × {r})"
    return "n(F × R − E) ÷ (Q + n × F × R)", filled, (*steps, *made)


def _mean_squares(x: Floats, y: Floats) -> tuple[tuple[float, float, float], tuple[Line, ...]]:
    """((of cases, of the two columns, of what is left), the steps to them)."""
    n, d, means = x.size, x - y, (x + y) / 2
    bias, middle = math.fsum(d.tolist()) / n, math.fsum(means.tolist()) / n
    squares, between = math.fsum(((d - bias) ** 2).tolist()), math.fsum(((means - middle) ** 2).tolist())
    rows, columns, error = 2 * between / (n - 1), n * bias**2 / 2, squares / (n - 1) / 2
    steps: tuple[Line, ...] = (
        say("step_first_minus_second"),
        f"n = {n}",
        say("step_squares_of_means", value=shown(between)),
        f"Σ(d − M)² = {shown(squares)}",
        f"R = 2 × {shown(between)} ÷ ({n} − 1) = {shown(rows)}",
        f"E = {shown(squares)} ÷ ({n} − 1) ÷ 2 = {shown(error)}",
    )
    steps = (*steps, f"M = {shown(bias)}", f"K = {n} × {signed(bias)}^2 ÷ 2 = {shown(columns)}")
    return (rows, columns, error), steps


def _icc(x: Floats, y: Floats, *, absolute: bool) -> Lines:
    """From the mean squares of cases, of the two columns, and of what is left."""
    (rows, columns, error), steps = _mean_squares(x, y)
    n, apart = x.size, f"{shown(rows)} − {shown(error)}"
    if not absolute:
        return "(R − E) ÷ (R + E)", f"({apart}) ÷ ({shown(rows)} + {shown(error)})", steps
    below = f"{shown(rows)} + {shown(error)} + 2 ÷ {n} × ({shown(columns)} − {shown(error)})"
    return "(R − E) ÷ (R + E + 2(K − E) ÷ n)", f"({apart}) ÷ ({below})", steps


OF_MEASURES: dict[str, Callable[[Floats], Lines]] = {
    "bias": _bias,
    "limit_low": lambda d: _limit(d, "−"),
    "limit_high": lambda d: _limit(d, "+"),
}


def explain_alpha(name: str, cell: Cell, part: Part, plan: RelatePlan) -> Working | None:
    """Alpha of a composite, from the variances of its items."""
    items = alpha_items(name, part, plan)
    if items is None:
        return None
    values, valid = items
    return Working(
        say("means_alpha", value=cell, name=titled(plan.data.variable(name))), *alpha_lines(values[valid.all(axis=1)])
    )
