"""How differences between groups come about, and the p beside them."""

from __future__ import annotations

from istrel.exhibits.shared import moments_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.categories_working import explain_chi_square, explain_shares
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference
from istrel.exhibits.verbs.sums_working import Lines, Sums, mean_lines, variance_lines
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Working, shown, signed
from istrel.stats.differences.common import GroupTest

SMALL = "₁", "₂"  # the first group, and the second


def explain_difference(plan: DescribePlan, result: DescribeResult, cell: Cell) -> Working | None:
    """The working of a difference or its p; None for ranks, ratios, more than two means, persons, and adjusted p."""
    for found in result.differences:
        key = " × ".join(found.grouping)
        if cell.row != found.variable or found.persons:
            continue
        if cell.column == f"{key}/difference" and found.effect is not None:
            return (
                _measure(plan, found, cell)
                if found.effect.measure == "g_average"
                else explain_shares(plan, found, cell)
            )
        if cell.column == f"{key}/p" and found.test is not None and found.p_adjusted is None:
            return _test(plan, found, found.test, cell)
    return None


def _measure(plan: DescribePlan, found: Difference, cell: Cell) -> Working:
    assert found.between is not None
    first, second = (group_label(group, several=True) for group in found.between)
    means = say("means_g", value=cell, name=titled(plan.data.variable(found.variable)), first=first, second=second)
    return Working(means, *_g(*_two(found, plan)))


def _test(plan: DescribePlan, found: Difference, test: GroupTest, cell: Cell) -> Working | None:
    if test.name == "chi_square":
        return explain_chi_square(plan, found, cell)
    if test.name != "welch_t" or found.between is None:
        return None
    return Working(
        say("means_p", value=cell, name=titled(plan.data.variable(found.variable))), *_p(test, *_two(found, plan))
    )


def _two(found: Difference, plan: DescribePlan) -> tuple[Sums, Sums]:
    """The sums of the two groups that were compared."""
    assert found.between is not None
    grouping = next(one for one in plan.groupings if found.between[0] in one.groups)
    moments = moments_of(found.variable, grouping, plan.data)
    first, second = (list(grouping.groups).index(group) for group in found.between)
    return Sums(moments.of(slice(first, first + 1))), Sums(moments.of(slice(second, second + 1)))


def _steps(*groups: Sums) -> tuple[str, ...]:
    """n, mean and variance of each group."""
    steps: list[str] = []
    for letter, sums in zip(SMALL, groups, strict=True):
        steps += [f"n{letter} = {sums.n}", f"M{letter} = {mean_lines(sums)[1]} = {shown(sums.mean)}"]
        steps += [f"s²{letter} = {variance_lines(sums)[1]} = {shown(sums.variance)}"]
    return tuple(steps)


def _apart(first: Sums, second: Sums) -> str:
    return f"({shown(first.mean)} − {signed(second.mean)})"


def _g(first: Sums, second: Sums) -> Lines:
    total = first.n + second.n
    formula = "(1 − 3 ÷ (4 × (n₁ + n₂) − 9)) × (M₁ − M₂) ÷ √((s²₁ + s²₂) ÷ 2)"
    spread = f"√(({shown(first.variance)} + {shown(second.variance)}) ÷ 2)"
    factor = f"(1 − 3 ÷ (4 × {total} − 9))" if total > 4 else "0"
    return formula, f"{factor} × {_apart(first, second)} ÷ {spread}", _steps(first, second)


def _p(test: GroupTest, first: Sums, second: Sums) -> Lines:
    """T(t; df) is the share of Student's t distribution below t."""
    assert isinstance(test.statistic, float)
    t, (df,) = test.statistic, test.df
    parts = [f"{shown(sums.variance)} ÷ {sums.n}" for sums in (first, second)]
    below = " + ".join(f"({part})^2 ÷ ({sums.n} − 1)" for part, sums in zip(parts, (first, second), strict=True))
    steps = (
        *_steps(first, second),
        f"t = {_apart(first, second)} ÷ √({parts[0]} + {parts[1]}) = {shown(t)}",
        f"df = ({parts[0]} + {parts[1]})^2 ÷ ({below}) = {shown(df)}",
        "T = the share of Student’s t distribution with df degrees of freedom below",
    )
    return "2 × T(−|t|; df)", f"2 × T({shown(-abs(t))}; {shown(df)})", steps
