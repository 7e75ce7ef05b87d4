"""How differences of groups in categories come about: of two shares, Cramér's V, and the p of chi-square."""

from __future__ import annotations

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.differences import Counts, counts_in
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.table_working import (
    MOST_CELLS,
    chi_square_of,
    exact_lines,
    ratio_lines,
    shares_lines,
    v_lines,
)
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Working


def explain_shares(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """The working of the measure of a difference in categories; None for large tables."""
    assert found.effect is not None
    name = titled(plan.data.variable(found.variable))
    counts = counts_of(plan, found)
    if found.effect.measure == "risk_difference" and found.between is not None:
        first, second = (group_label(group, several=True) for group in found.between)
        means = say("means_risk_difference", value=cell, meant=found.meant, first=first, second=second)
        return Working(means, *shares_lines(counts))
    if found.effect.measure in ("risk_ratio", "odds_ratio") and found.between is not None:
        first, second = (group_label(group, several=True) for group in found.between)
        means = say(f"means_{found.effect.measure}", value=cell, meant=found.meant, first=first, second=second)
        return Working(means, *ratio_lines(counts, odds=found.effect.measure == "odds_ratio"))
    if found.effect.measure == "cramers_v" and counts.size <= MOST_CELLS:
        return Working(say("means_v", value=cell, name=name), *v_lines(counts))
    return None


def explain_chi_square(plan: DescribePlan, found: Difference, cell: Cell, *, exact: bool) -> Working | None:
    """The working of the p of chi-square, or of the exact test of two values in two groups; None for larger tables."""
    counts = counts_of(plan, found)
    lines = exact_lines(counts) if exact else chi_square_of(counts)
    means = say("means_p", value=cell, name=titled(plan.data.variable(found.variable)))
    return None if lines is None else Working(means, *lines)


def counts_of(plan: DescribePlan, found: Difference) -> Counts:
    """Counts of values by groups, without values and groups that nobody has."""
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    counts, _ = counts_in(found.variable, grouping, plan)
    return counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]
