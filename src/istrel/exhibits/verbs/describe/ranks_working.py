"""How differences by ranks come about: dominance, epsilon squared, the median of differences, and the p of the rank tests."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.differences import counts_in, true_groups, value_counts
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, SMALL, Lines
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Line, Working, shown
from istrel.stats.differences.common import GroupTest

Counts = NDArray[np.int64]


def explain_ranks(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The working of a measure by ranks; None for many groups."""
    assert found.effect is not None
    measure, counts = found.effect.measure, ranked_counts(plan, found)
    if counts.shape[1] > MOST_GROUPS:
        return None
    name = titled(plan.data.variable(found.variable))
    if measure == "epsilon_squared":
        return Working(say("means_epsilon_squared", value=cell, name=name), *_epsilon(counts))
    if found.between is None or counts.shape[1] != 2:
        return None
    first, second = (group_label(group, several=True) for group in found.between)
    if measure not in ("cliffs_delta", "median_difference"):
        return None
    lines = delta_lines(counts) if measure == "cliffs_delta" else _shift(counts, cell)
    return Working(say(f"means_{measure}", value=cell, name=name, first=first, second=second), *lines)


def explain_rank_test(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    """The working of the p of a test of ranks; None for many groups."""
    counts = ranked_counts(plan, found)
    if counts.shape[1] > MOST_GROUPS:
        return None
    if test.exact:
        exact = _arrangements(counts, test)
        return (
            None
            if exact is None
            else Working(say("means_p", value=cell, name=titled(plan.data.variable(found.variable))), *exact)
        )
    lines = _mann_whitney(counts) if test.name == "mann_whitney" else _kruskal_wallis(counts)
    return Working(say("means_p", value=cell, name=titled(plan.data.variable(found.variable))), *lines)


def _arrangements(counts: Counts, test: GroupTest) -> Lines | None:
    """How many ways to share the cases out among the groups lie as far apart, of all there are."""
    sizes = counts.sum(axis=0).tolist()
    if not isinstance(test.p, float):
        return None
    whole, left = 1, sum(sizes)
    for size in sizes:
        whole, left = whole * math.comb(left, size), left - size
    extreme = round(test.p * whole)
    steps: tuple[Line, ...] = (
        *(f"n{letter} = {size}" for letter, size in zip(SMALL[: len(sizes)], sizes, strict=True)),
        say("step_arrangements", value=shown(whole)),
        say("step_arrangements_as_far", value=shown(extreme)),
    )
    return say("formula_arrangements"), f"{shown(extreme)} ÷ {shown(whole)}", steps


def ranked_counts(plan: DescribePlan, found: Difference) -> Counts:
    """Values in their order by groups that have some."""
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    if plan.data.variable(found.variable).level is Level.ORDINAL:
        counts, _ = counts_in(found.variable, grouping, plan)
    else:
        counts = value_counts(arranged(found.variable, grouping, plan.data), true_groups(grouping))
    return counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]


def delta_lines(counts: Counts) -> Lines:
    first, second = counts.T
    n, m = int(first.sum()), int(second.sum())
    below = np.cumsum(second) - second
    higher = int((first * below).sum())
    lower = int((first * (m - below - second)).sum())
    steps = (
        f"n₁ = {n}",
        f"n₂ = {m}",
        say("step_pairs_higher", n=str(higher)),
        say("step_pairs_lower", n=str(lower)),
    )
    return say("formula_delta"), f"({higher} − {lower}) ÷ ({n} × {m})", steps


def _shift(counts: Counts, cell: Cell) -> Lines:
    n, m = counts.sum(axis=0).tolist()
    steps = (f"n₁ = {n}", f"n₂ = {m}", say("step_differences", value=f"{n} × {m} = {n * m}"))
    assert isinstance(cell.value, float | int)
    return say("formula_shift"), shown(cell.value), steps


def ranked_sums(counts: Counts) -> tuple[list[int], list[float], int, int]:
    """(n of each group, its sum of ranks, all cases, Σ(t³ − t) over values that t cases share)."""
    ties = counts.sum(axis=1)
    middle = np.cumsum(ties) - (ties - 1) / 2
    sums = middle @ counts
    shared = sum(t**3 - t for t in ties.tolist())
    return counts.sum(axis=0).tolist(), sums.tolist(), int(ties.sum()), shared


def _mann_whitney(counts: Counts) -> Lines:
    """Φ(z) is the share of the normal distribution below z."""
    (n, m), (ranks, _), total, shared = ranked_sums(counts)
    u = ranks - n * (n + 1) / 2
    spread = (n * m / 12 * (total + 1 - shared / (total * (total - 1)))) ** 0.5
    z = max(0.0, abs(u - n * m / 2) - 0.5) / spread
    inner = f"{n} × {m} ÷ 12 × ({total} + 1 − {shared} ÷ ({total} × ({total} − 1)))"
    away = f"({shown(abs(u - n * m / 2))} − 0.5)" if abs(u - n * m / 2) > 0.5 else "0"
    steps = (
        f"n₁ = {n}",
        f"n₂ = {m}",
        f"N = {total}",
        say("step_rank_sum", letter="₁", value=shown(ranks)),
        say("step_shared", value=str(shared)),
        f"U = {shown(ranks)} − {n} × ({n} + 1) ÷ 2 = {shown(u)}",
        f"s = √({inner}) = {shown(spread)}",
        f"z = {away} ÷ {shown(spread)} = {shown(z)}",
        say("step_phi"),
    )
    return "2 × Φ(−z), z = (|U − n₁n₂ ÷ 2| − 0.5) ÷ s", f"2 × Φ({shown(-z)})", steps


def _h(counts: Counts) -> tuple[float, tuple[Line, ...]]:
    sizes, sums, total, shared = ranked_sums(counts)
    middle = (total + 1) / 2
    parts = [f"({shown(r)} − {n} × {shown(middle)})^2 ÷ {n}" for n, r in zip(sizes, sums, strict=True)]
    off = sum((r - n * middle) ** 2 / n for n, r in zip(sizes, sums, strict=True))
    tied = 1 - shared / (total**3 - total)
    h = 12 / (total * (total + 1)) * off / tied
    given: list[Line] = [
        line
        for letter, n, r in zip(SMALL[: len(sizes)], sizes, sums, strict=True)
        for line in (f"n{letter} = {n}", say("step_rank_sum", letter=letter, value=shown(r)))
    ]
    steps = (
        *given,
        f"N = {total}",
        f"S = {' + '.join(parts)} = {shown(off)}",
        say("step_ties", value=f"1 − {shared} ÷ ({total}^3 − {total}) = {shown(tied)}"),
        f"H = 12 ÷ ({total} × ({total} + 1)) × {shown(off)} ÷ {shown(tied)} = {shown(h)}",
    )
    return h, steps


def _kruskal_wallis(counts: Counts) -> Lines:
    h, steps = _h(counts)
    k = counts.shape[1]
    steps = (
        *steps,
        f"df = {k} − 1 = {k - 1}",
        say("step_chi_square"),
    )
    return "Q(H; df)", f"Q({shown(h)}; {k - 1})", steps


def _epsilon(counts: Counts) -> Lines:
    h, steps = _h(counts)
    total = int(counts.sum())
    return "H ÷ (N − 1)", f"{shown(h)} ÷ ({total} − 1)", steps
