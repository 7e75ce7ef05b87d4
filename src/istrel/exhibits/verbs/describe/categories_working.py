"""How differences of groups in categories come about: of two shares, Cramér's V, and the p of chi-square."""

from __future__ import annotations

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.differences import Counts, counts_in
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.sums_working import SMALL, Lines
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Line, Working, shown
from istrel.stats.association import chi_square

MOST_CELLS = 24  # beyond, nobody adds them up by hand


def explain_shares(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The working of the measure of a difference in categories; None for large tables."""
    assert found.effect is not None
    name = titled(plan.data.variable(found.variable))
    counts = _counts(plan, found)
    if found.effect.measure == "risk_difference" and found.between is not None:
        first, second = (group_label(group, several=True) for group in found.between)
        means = say("means_risk_difference", value=cell, meant=found.meant, first=first, second=second)
        return Working(means, *_of_shares(counts))
    if found.effect.measure in ("risk_ratio", "odds_ratio") and found.between is not None:
        first, second = (group_label(group, several=True) for group in found.between)
        means = say(f"means_{found.effect.measure}", value=cell, meant=found.meant, first=first, second=second)
        return Working(means, *_ratio(counts, odds=found.effect.measure == "odds_ratio"))
    if found.effect.measure == "cramers_v" and counts.size <= MOST_CELLS:
        return Working(say("means_v", value=cell, name=name), *_v(counts))
    return None


def explain_chi_square(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The working of the p of chi-square; None for large tables."""
    counts = _counts(plan, found)
    if counts.size > MOST_CELLS:
        return None
    rows, columns = counts.shape
    df, statistic = (rows - 1) * (columns - 1), _statistic(counts)
    steps: tuple[Line, ...] = (*_chi_square(counts), f"df = ({rows} − 1) × ({columns} − 1) = {df}")
    steps = (*steps, say("step_chi_square"))
    name = titled(plan.data.variable(found.variable))
    return Working(say("means_p", value=cell, name=name), "Q(χ²; df)", f"Q({shown(statistic)}; {df})", steps)


def _counts(plan: DescribePlan, found: Difference) -> Counts:
    """Counts of values by groups, without values and groups that nobody has."""
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    counts, _ = counts_in(found.variable, grouping, plan)
    return counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]


def _statistic(counts: Counts) -> float:
    statistic = chi_square(counts).statistic
    assert isinstance(statistic, float)
    return statistic


def _of_shares(counts: Counts) -> Lines:
    (_, _), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    return say("formula_difference_of_shares"), f"100 × ({a} ÷ {n} − {b} ÷ {m})", _two(a, n, b, m)


def _two(a: int, n: int, b: int, m: int) -> tuple[Line, ...]:
    counts = (say("step_counts_of_two", letter=SMALL[k], count=str(count)) for k, count in enumerate((a, b)))
    return next(counts), f"n₁ = {n}", next(counts), f"n₂ = {m}"


def _ratio(counts: Counts, *, odds: bool) -> Lines:
    (c, d), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    if odds:
        return say("formula_odds_ratio"), f"({a} ÷ {c}) ÷ ({b} ÷ {d})", _two(a, n, b, m)
    return say("formula_risk_ratio"), f"({a} ÷ {n}) ÷ ({b} ÷ {m})", _two(a, n, b, m)


def _chi_square(counts: Counts) -> tuple[str, ...]:
    """What would be expected in each cell, and the sum of how far the counts are from it."""
    rows, columns, n = counts.sum(axis=1), counts.sum(axis=0), int(counts.sum())
    expected = np.outer(rows, columns) / n
    steps = [
        f"E({i + 1}; {j + 1}) = {rows[i]} × {columns[j]} ÷ {n} = {shown(float(expected[i, j]))}"
        for i, j in np.ndindex(*counts.shape)
    ]
    parts = (f"({count} − {shown(e)})^2 ÷ {shown(e)}" for count, e in zip(counts.flat, expected.flat, strict=True))
    return (*steps, f"χ² = {' + '.join(parts)} = {shown(_statistic(counts))}")


def _v(counts: Counts) -> Lines:
    """Corrected for bias, as printed (Bergsma 2013)."""
    n, (r, k), statistic = int(counts.sum()), counts.shape, _statistic(counts)
    steps: tuple[Line, ...] = (
        *_chi_square(counts),
        f"n = {n}",
        say("step_table_rows", n=str(r)),
        say("step_table_columns", n=str(k)),
    )
    root = "√((χ² ÷ n − (r − 1)(k − 1) ÷ (n − 1)) ÷ (m − (m − 1)² ÷ (n − 1) − 1))"
    formula = say("formula_v", formula=root)
    if statistic / n <= (r - 1) * (k - 1) / (n - 1):
        return say("formula_v_is_0", formula=formula), "0", steps
    m = min((r, k), key=lambda one: one - (one - 1) ** 2 / (n - 1))
    less = f"{shown(statistic)} ÷ {n} − {(r - 1) * (k - 1)} ÷ ({n} − 1)"
    return formula, f"√(({less}) ÷ ({m} − {(m - 1) ** 2} ÷ ({n} − 1) − 1))", steps
