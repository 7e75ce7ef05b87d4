"""How the numbers of `relate` come about: n, means, standard deviations, and the coefficients from which pairs are told."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.persons import person_codes
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.relate.agreement_words import agreement_row
from istrel.exhibits.verbs.relate.compared_working import explain_compared
from istrel.exhibits.verbs.relate.compute import Part, moments_of, part_of
from istrel.exhibits.verbs.relate.other_working import (
    explain_agreement,
    explain_alpha,
    explain_end,
    explain_mixed,
    explain_p,
)
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.verbs.relate.samples_working import explain_of_sample
from istrel.exhibits.verbs.relate.typeset import row_key
from istrel.exhibits.verbs.sums_working import Lines, Sums, mean_lines, sd_lines
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.correlation import mid_ranks
from istrel.style.numbers import Kind

Floats = NDArray[np.float64]
MOST_PAIRED = 3_000  # cases whose pairs are compared one by one


def explain(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    """The working of a number; None for hidden ones, and those of rows that are counted."""
    if plan.data.times is not None or not isinstance(cell.value, float | int):
        return None
    return explain_of_sample(plan, result, cell) if plan.cases.weighted else _unweighted(plan, result, cell)


def _unweighted(plan: RelatePlan, result: RelateResult, cell: Cell) -> Working | None:
    for found in result.cells:
        name = next((name for name in found.variables if row_key(name, found) == cell.row), "")
        if name and cell.statistic in ("n", "mean", "sd"):
            return _measure(name, found, cell, plan)
        if cell.column.startswith("difference"):
            continue
        if name and cell.column == "alpha":
            return explain_alpha(name, cell, _part(found, plan), plan)
        if plan.request.settings["agreement"] and agreement_row(found, plan) == cell.row:
            return explain_agreement(found, cell, plan)
        for pair in found.pairs:
            of, end = _asked(cell)
            if not _is_at(cell.row, of, pair, found):
                continue
            if end:
                return explain_end(pair, cell, plan, low=end == "low")
            part = _part(found, plan)
            if of == "p" and not _is_named(of, pair, found):
                return explain_p(pair, cell, found, part, plan)
            return _coefficient(pair, cell, part, plan) or explain_mixed(pair, cell, part, plan)
    return explain_compared(plan, result, cell)


def _asked(cell: Cell) -> tuple[str, str]:
    """(what a row is related to, which end of its interval: empty for the coefficient itself)."""
    of, _, end = cell.column.rpartition("/")
    return (of, end) if end in ("low", "high") else (cell.column, "")


def _is_named(of: str, pair: Pair, found: RelateCell) -> bool:
    """Whether the head is the name of a variable of a matrix, which may be “p”."""
    return len(found.pairs) > 1 and of in (pair.a, pair.b)


def _is_at(row: str, of: str, pair: Pair, found: RelateCell) -> bool:
    """Whether a cell is that of this pair in this group."""
    if of in ("coefficient", "p", "") and of not in found.variables:
        return len(found.pairs) == 1 or row in (row_key(pair.a, found), row_key(pair.b, found))
    return any(row == row_key(a, found) and of == b for a, b in ((pair.a, pair.b), (pair.b, pair.a)))


def _part(found: RelateCell, plan: RelatePlan) -> Part:
    grouping, place = grouping_of(found.group, plan.groupings)
    return part_of(grouping.codes, place, plan)


def _measure(name: str, found: RelateCell, cell: Cell, plan: RelatePlan) -> Working:
    part, words = _part(found, plan), titled(plan.data.variable(name))
    beside = [plan.against, *plan.given] if cell.statistic == "n" and plan.against else []
    n = int(part.both(name, *beside).sum()) if beside else int(part.valid[name].sum())
    lines: Lines = "n", shown(n), ()
    if cell.statistic != "n":
        sums = Sums(moments_of(name, part))
        lines = mean_lines(sums) if cell.statistic == "mean" else sd_lines(sums)
    means = say(f"means_{cell.statistic}", name=words, value=cell, n=Cell(float(n), Kind.COUNT))
    return Working(means, *lines)


def _coefficient(pair: Pair, cell: Cell, part: Part, plan: RelatePlan) -> Working | None:
    """Of all values of both, of the persons' means, of what is left within persons, or beside one other variable."""
    used = part.both(pair.a, pair.b, *plan.given)
    x, y = (part.values[name][used] if name in part.values else None for name in (pair.a, pair.b))
    if x is None or y is None:
        return None
    if plan.given:
        return _partial(pair, cell, part, used, plan)
    if pair.method == "kendall":
        return Working(say("means_kendall", value=cell), *_kendall(x, y)) if x.size <= MOST_PAIRED else None
    if pair.method == "spearman":
        ranks = mid_ranks(np.column_stack([x, y]))
        steps = (say("step_ranks_of_both"),)
        return _product_moment(ranks[:, 0], ranks[:, 1], say("means_spearman", value=cell), steps)
    if pair.method != "pearson":
        return None
    if plan.request.settings["within"]:
        codes = person_codes(plan.data)[part.rows][used]
        x, y = (_without_means(values[codes >= 0], codes[codes >= 0]) for values in (x, y))
        steps = (say("step_distances_of_persons"),)
        return _product_moment(x, y, say("means_correlation", value=cell), steps)
    return _product_moment(x, y, say("means_correlation", value=cell), ())


def _without_means(values: Floats, persons: NDArray[np.integer]) -> Floats:
    _, place = np.unique(persons, return_inverse=True)
    place = place.ravel()
    return np.asarray(values - (np.bincount(place, values) / np.bincount(place))[place])


def _sums(x: Floats, y: Floats) -> tuple[list[float], float, float, float]:
    """(means, Σ(x − Mx)(y − My), Σ(x − Mx)², Σ(y − My)²)."""
    n = x.size
    means = [math.fsum(values.tolist()) / n for values in (x, y)]
    away = x - means[0], y - means[1]
    both, first, second = (
        math.fsum((p * q).tolist()) for p, q in ((away[0], away[1]), (away[0], away[0]), (away[1], away[1]))
    )
    return means, both, first, second


def _product_moment(x: Floats, y: Floats, means_: Text, before: tuple[Line, ...]) -> Working:
    means, both, first, second = _sums(x, y)
    steps = (
        *before,
        f"n = {x.size}",
        f"Mx = {shown(means[0])}",
        f"My = {shown(means[1])}",
        f"Σ(x − Mx)(y − My) = {shown(both)}",
        f"Σ(x − Mx)² = {shown(first)}",
        f"Σ(y − My)² = {shown(second)}",
    )
    formula = "Σ(x − Mx)(y − My) ÷ √(Σ(x − Mx)² × Σ(y − My)²)"
    return Working(means_, formula, f"{signed(both)} ÷ √({shown(first)} × {shown(second)})", steps)


def _partial(pair: Pair, cell: Cell, part: Part, used: NDArray[np.bool_], plan: RelatePlan) -> Working | None:
    """Beside one other variable: from the three correlations."""
    if pair.method != "pearson" or len(plan.given) != 1 or plan.given[0] not in part.values:
        return None
    x, y, z = (part.values[name][used] for name in (pair.a, pair.b, plan.given[0]))
    r = {}
    for name, one, other in (("xy", x, y), ("xz", x, z), ("yz", y, z)):
        _, both, first, second = _sums(one, other)
        r[name] = both / math.sqrt(first * second)
    steps = (f"n = {x.size}", *(f"r{name} = {shown(value)}" for name, value in r.items()))
    filled = (
        f"({shown(r['xy'])} − {signed(r['xz'])} × {signed(r['yz'])})"
        f" ÷ √((1 − {signed(r['xz'])}^2) × (1 − {signed(r['yz'])}^2))"
    )
    means = say("means_partial", value=cell, name=titled(plan.data.variable(plan.given[0])))
    return Working(means, "(rxy − rxz × ryz) ÷ √((1 − rxz²) × (1 − ryz²))", filled, steps)


def _kendall(x: Floats, y: Floats) -> Lines:
    """Pairs of cases that are in the same order in both, and those that are not."""
    order = np.sign(np.subtract.outer(x, x)) * np.sign(np.subtract.outer(y, y))
    same, other = int((order > 0).sum()) // 2, int((order < 0).sum()) // 2
    n = x.size
    pairs = n * (n - 1) // 2
    ties = [sum(t * (t - 1) // 2 for t in np.unique(values, return_counts=True)[1].tolist()) for values in (x, y)]
    steps = (
        say("step_pairs_of_cases", value=f"{n} × ({n} − 1) ÷ 2 = {pairs}"),
        say("step_same_order", n=str(same)),
        say("step_opposite_order", n=str(other)),
        *(say("step_equal_in", letter=letter, n=str(tied)) for letter, tied in zip("xy", ties, strict=True)),
    )
    filled = f"({same} − {other}) ÷ √(({pairs} − {ties[0]}) × ({pairs} − {ties[1]}))"
    return say("formula_tau"), filled, steps
