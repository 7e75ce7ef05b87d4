"""How differences between groups come about, and the p beside them."""

from __future__ import annotations

from istrel.exhibits.shared import moments_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.categories_working import explain_chi_square, explain_shares
from istrel.exhibits.verbs.describe.difference_lines import (
    distribution_lines,
    f_lines,
    g_lines,
    norm_lines,
    omega_lines,
    p_lines,
)
from istrel.exhibits.verbs.describe.differences import true_groups
from istrel.exhibits.verbs.describe.persons_working import explain_persons, explain_persons_test
from istrel.exhibits.verbs.describe.ranks_working import explain_rank_test, explain_ranks
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, Sums, mean_steps
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Working, shown, signed
from istrel.stats.differences.common import GroupTest
from istrel.stats.differences.means import welch
from istrel.stats.moments import Moments
from istrel.style.numbers import Kind

OF_DISTRIBUTION = {
    "design_t": "t",
    "design_f": "F",
    "rao_scott_f": "F",
    "repeated_f": "F",
    "interaction_f": "F",
    "friedman": "χ²",
    "cochran_q": "χ²",
}


def explain_difference(plan: DescribePlan, result: DescribeResult, cell: Cell) -> Working | None:
    """The working of a difference or its p; None for adjusted p, exact ones, and what is more than sums and order."""
    for found in result.differences:
        key = " × ".join(found.grouping)
        if found.group is not None and cell.row == " @ ".join(filter(None, (found.variable, found.group.key))):
            return _against(plan, found, cell)
        if cell.row != found.variable:
            continue
        if cell.column == f"{key}/difference" and found.effect is not None:
            return explain_persons(plan, found, cell) if found.persons else _measure(plan, found, cell)
        if cell.column == f"{key}/p" and found.test is not None and found.p_adjusted is None:
            explain = explain_persons_test if found.persons else _test
            return explain(plan, found, found.test, cell) or _of_statistic(plan, found, found.test, cell)
    return None


def _against(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """A mean less a norm, and its p."""
    if found.test is None or found.norm is None or found.group is None or plan.cases.weighted:
        return None
    if found.test.name != "one_sample_t" or cell.column not in ("against", "against p"):
        return None
    grouping = next(one for one in plan.groupings if found.group in one.groups)
    place = list(grouping.groups).index(found.group)
    sums = Sums(moments_of(found.variable, grouping, plan.data).of(slice(place, place + 1)))
    name = titled(plan.data.variable(found.variable))
    if cell.column == "against":
        steps = mean_steps(sums)
        means = say("means_against", value=cell, name=name, norm=Cell(found.norm, Kind.EDGE))
        return Working(means, "M − µ", f"{shown(sums.mean)} − {signed(found.norm)}", steps)
    if not isinstance(found.test.statistic, float) or found.p_adjusted is not None:
        return None
    return Working(say("means_p", value=cell, name=name), *norm_lines(found.test.statistic, sums, found.norm))


def _of_statistic(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    """The p of a statistic whose distribution is one of the usual ones, from the statistic; None for exact and simulated ones."""
    lines = (
        None if test.exact or test.name not in OF_DISTRIBUTION else distribution_lines(test, OF_DISTRIBUTION[test.name])
    )
    if lines is None:
        return None
    return Working(say("means_p", value=cell, name=titled(plan.data.variable(found.variable))), *lines)


def _measure(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    assert found.effect is not None
    name, measure = titled(plan.data.variable(found.variable)), found.effect.measure
    if measure == "g_average" and found.between is not None:
        first, second = (group_label(group, several=True) for group in found.between)
        means = say("means_g", value=cell, name=name, first=first, second=second)
        return Working(means, *g_lines(*_groups(found, plan)))
    if measure == "omega_squared":
        test, groups = welch(_moments(found, plan)), _groups(found, plan)
        if not isinstance(test.statistic, float) or len(groups) > MOST_GROUPS:
            return None
        return Working(say("means_omega_squared", value=cell, name=name), *omega_lines(test, groups))
    if measure in ("cliffs_delta", "epsilon_squared", "median_difference"):
        return explain_ranks(plan, found, cell)
    return explain_shares(plan, found, cell)


def _test(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    if test.name == "chi_square":
        return explain_chi_square(plan, found, cell)
    if test.name in ("mann_whitney", "kruskal_wallis"):
        return explain_rank_test(plan, found, test, cell)
    groups = _groups(found, plan) if test.name in ("welch_t", "welch_f") else []
    if not 0 < len(groups) <= MOST_GROUPS:
        return None
    lines = p_lines(test, *groups) if test.name == "welch_t" else f_lines(test, groups)
    return Working(say("means_p", value=cell, name=titled(plan.data.variable(found.variable))), *lines)


def _moments(found: Difference, plan: DescribePlan) -> Moments:
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    return moments_of(found.variable, grouping, plan.data).of(slice(0, true_groups(grouping)))


def _groups(found: Difference, plan: DescribePlan) -> list[Sums]:
    """The sums of the groups that were compared, in their order."""
    m = _moments(found, plan)
    return [Sums(m.of(slice(k, k + 1))) for k in range(m.n.size) if m.n[k] > 0]
