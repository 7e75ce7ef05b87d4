"""How differences between groups come about, and the p beside them."""

from __future__ import annotations

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.adjusted_working import explain_adjusted
from istrel.exhibits.verbs.describe.categories_working import explain_chi_square, explain_shares
from istrel.exhibits.verbs.describe.difference_lines import (
    distribution_lines,
    f_lines,
    g_lines,
    norm_lines,
    omega_lines,
    p_lines,
)
from istrel.exhibits.verbs.describe.difference_words import spread_row
from istrel.exhibits.verbs.describe.differences import true_groups
from istrel.exhibits.verbs.describe.limits_working import explain_limit
from istrel.exhibits.verbs.describe.occasions_working import explain_course, explain_median_against
from istrel.exhibits.verbs.describe.pairs_working import explain_pair
from istrel.exhibits.verbs.describe.persons_working import (
    explain_end_of_change,
    explain_persons,
    explain_persons_test,
    moments_between,
)
from istrel.exhibits.verbs.describe.ranks_working import explain_rank_test, explain_ranks
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference
from istrel.exhibits.verbs.describe.samples_working import explain_of_sample
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, Sums, mean_steps
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Working, shown, signed
from istrel.stats.differences.common import GroupTest
from istrel.stats.differences.means import squares_around_medians, welch
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
    """The working of a difference, an end of its interval, or its p; None for exact p, and what is more than sums and order."""
    for found in result.differences:
        if found.group is not None and cell.row == " @ ".join(filter(None, (found.variable, found.group.key))):
            return _against(plan, found, cell)
        of, what = _asked(cell)
        if found.spread is not None and cell.row == spread_row(found):
            return explain_spread(plan, found, found.spread, cell)
        if (cell.row, of) == (found.variable, " × ".join(found.grouping)) and what:
            return _of_groups(plan, found, cell, what, result)
    for found in result.pairs:
        of, what = _asked(cell)
        keys = " − ".join(group.key for group in found.between or ())
        if (cell.row, of) == (found.variable, keys) and what:
            return _of_pair(plan, found, cell, what, result)
    return None


def explain_spread(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    """Whether groups spread alike: the F of the distances from their medians (Brown & Forsythe 1974), and its p."""
    if not isinstance(test.statistic, float):
        return None
    name, lines = titled(plan.data.variable(found.variable)), distribution_lines(test, "F")
    if cell.column == "p":
        return None if lines is None else Working(say("means_p_of_spread", value=cell, name=name), *lines)
    df1, df2 = (int(df) for df in test.df)
    if cell.column in ("df1", "df2"):
        k, n = df1 + 1, df1 + 1 + df2
        formula, filled = ("k − 1", f"{k} − 1") if cell.column == "df1" else ("N − k", f"{n} − {k}")
        return Working(say("means_df", value=cell), formula, filled, (f"k = {k}", f"N = {n}"))
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    between, within = squares_around_medians(arranged(found.variable, grouping, plan.data), true_groups(grouping))
    steps = (
        say("step_distances_from_medians"),
        say("step_between_distances", value=shown(between)),
        say("step_around_distances", value=shown(within)),
        f"df₁ = {df1}",
        f"df₂ = {df2}",
    )
    filled = f"({shown(between)} ÷ {df1}) ÷ ({shown(within)} ÷ {df2})"
    return Working(say("means_f_of_spread", value=cell, name=name), "(A ÷ df₁) ÷ (B ÷ df₂)", filled, steps)


def _asked(cell: Cell) -> tuple[str, str]:
    """(what is compared, which of its numbers: difference, low, high or p; empty for none of these)."""
    column, end = cell.column, ""
    if column.endswith(("/difference/low", "/difference/high")):
        column, _, end = column.rpartition("/")
    of, _, what = column.rpartition("/")
    return of, end or (what if what in ("difference", "p") else "")


def _of_groups(plan: DescribePlan, found: Difference, cell: Cell, what: str, result: DescribeResult) -> Working | None:
    if plan.cases.weighted:
        return explain_of_sample(plan, found, cell, what) or _weighted_p(plan, found, cell, what)
    if what == "difference" and found.effect is not None:
        if not found.persons:
            return _measure(plan, found, cell)
        return explain_persons(plan, found, cell) or explain_course(plan, found, cell, "value")
    if what in ("low", "high"):
        if found.persons:
            means = moments_between(plan, found)
            if means is not None and found.effect is not None and found.effect.measure == "g_average":
                return explain_limit(plan, found, cell, lambda: means)
            return explain_end_of_change(plan, found, cell, low=what == "low") or explain_course(
                plan, found, cell, what
            )
        return explain_limit(plan, found, cell, lambda: (_moments(found, plan), _groups(found, plan)))
    if found.test is None:
        return None
    if isinstance(found.p_adjusted, float) and isinstance(found.test.p, float):
        family = [d.test.p for d in result.differences if d.test is not None and isinstance(d.test.p, float)]
        return explain_adjusted(cell, found.test.p, family, plan.request.settings["adjust"])
    if found.persons:
        mine = explain_persons_test(plan, found, found.test, cell) or explain_course(plan, found, cell, "p")
    else:
        mine = _test(plan, found, found.test, cell)
    return mine or _of_statistic(plan, found, found.test, cell)


def _weighted_p(plan: DescribePlan, found: Difference, cell: Cell, what: str) -> Working | None:
    """The p of a weighted sample, from its statistic; one that was adjusted is no such."""
    if what != "p" or found.test is None or found.p_adjusted is not None:
        return None
    return _of_statistic(plan, found, found.test, cell)


def _of_pair(plan: DescribePlan, found: Difference, cell: Cell, what: str, result: DescribeResult) -> Working | None:
    if found.test is None or plan.cases.weighted:
        return None
    if what == "p" and isinstance(found.p_adjusted, float) and isinstance(found.test.p, float):
        mine = (d for d in result.pairs if (d.variable, d.grouping) == (found.variable, found.grouping))
        family = [d.test.p for d in mine if d.test is not None and isinstance(d.test.p, float)]
        return explain_adjusted(cell, found.test.p, family, "holm")
    if found.paired:
        if what in ("low", "high"):
            return explain_end_of_change(plan, found, cell, low=what == "low")
        return explain_persons(plan, found, cell) if what == "difference" else None
    return explain_pair(plan, found, cell, what, lambda: _by_key(found, plan))


def _against(plan: DescribePlan, found: Difference, cell: Cell) -> Working | None:
    """A mean less a norm, and its p."""
    if found.test is None or found.norm is None or found.group is None or plan.cases.weighted:
        return None
    if found.test.name == "signed_ranks" and cell.column.startswith("against"):
        return explain_median_against(plan, found, cell)
    if found.test.name != "one_sample_t" or not cell.column.startswith("against"):
        return None
    grouping, place = grouping_of(found.group, plan.groupings)
    m = moments_of(found.variable, grouping, plan.data).of(slice(place, place + 1))
    sums = Sums(m)
    if cell.column.endswith(("/low", "/high")):
        return explain_limit(plan, found, cell, lambda: (m, [sums]))
    name = titled(plan.data.variable(found.variable))
    if cell.column == "against":
        steps = mean_steps(sums)
        means = say("means_against", value=cell, name=name, norm=Cell(found.norm, Kind.EDGE))
        return Working(means, "M − µ", f"{shown(sums.mean)} − {signed(found.norm)}", steps)
    if not isinstance(found.test.statistic, float) or found.p_adjusted is not None or cell.column != "against p":
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
    if test.name in ("chi_square", "exact"):
        return explain_chi_square(plan, found, cell, exact=test.name == "exact")
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


def _by_key(found: Difference, plan: DescribePlan) -> dict[str, Sums]:
    """The same by the keys of their groups."""
    m, grouping = _moments(found, plan), next(one for one in plan.groupings if one.names == found.grouping)
    return {grouping.groups[k].key: Sums(m.of(slice(k, k + 1))) for k in range(m.n.size) if m.n[k] > 0}
