"""How the pairs of more than two independent groups come about: means by the studentized range, mean ranks, shares."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.categories_working import counts_of
from istrel.exhibits.verbs.describe.difference_lines import spread_steps
from istrel.exhibits.verbs.describe.ranks_working import delta_lines, ranked_counts, ranked_sums
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.sums_working import SMALL, Lines, Sums
from istrel.exhibits.verbs.table_working import chi_square_of, shares_lines
from istrel.exhibits.wording import group_label, titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats.differences.common import GroupTest
from istrel.stats.studentized import range_limit
from istrel.style.numbers import Kind


def explain_pair(
    plan: DescribePlan, found: Difference, cell: Cell, what: str, groups: Callable[[], dict[str, Sums]]
) -> Working | None:
    """The working of the difference of a pair, of an end of its interval, or of its p before it is adjusted.

    Parameters
    ----------
    what
        difference, low, high or p.
    groups
        The sums of all groups that have values, by their keys.
    """
    if found.between is None or found.test is None or found.effect is None:
        return None
    first, second = (group_label(group, several=True) for group in found.between)
    name = titled(plan.data.variable(found.variable))
    means = {
        "difference": say("means_pair", value=cell, name=name, first=first, second=second),
        "p": say("means_p", value=cell, name=name),
    }.get(what) or say("means_limit", value=cell, level=Cell(100 * found.effect.level, Kind.EDGE))
    if found.test.name == "games_howell":
        every = groups()
        pair = [every.get(group.key) for group in found.between]
        one, other = pair
        if one is None or other is None:
            return None
        lines: Lines | None = _of_means(what, found, found.test, (one, other), len(every))
    else:
        lines = _of_counts(what, plan, found)
    return None if lines is None else Working(means, *lines)


def _of_means(what: str, found: Difference, test: GroupTest, pair: tuple[Sums, Sums], groups: int) -> Lines | None:
    if not isinstance(test.statistic, float) or found.effect is None:
        return None
    first, second = pair
    apart = f"{shown(first.mean)} − {signed(second.mean)}"
    steps: tuple[Line, ...] = spread_steps(test, first, second)
    if what == "difference":
        return "M₁ − M₂", apart, steps
    (df,) = test.df
    steps = (*steps, f"k = {groups}", say("step_studentized_range"))
    if what == "p":
        return "SR(|t| × √2; k; df)", f"SR({shown(abs(test.statistic), times=1e3)} × √2; {groups}; {shown(df)})", steps
    error = math.sqrt(first.variance / first.n + second.variance / second.n)
    q = shown(float(range_limit(1 - found.effect.level, groups, np.array([df]))[0]), times=error)
    sign = "−" if what == "low" else "+"
    steps = (
        *steps,
        f"E = √({shown(first.variance)} ÷ {first.n} + {shown(second.variance)} ÷ {second.n}) = {shown(error)}",
        f"q = {q}",
        f"C = SR({q}; {groups}; {shown(df)}) = {shown(1 - found.effect.level)}",
    )
    return f"M₁ − M₂ {sign} q ÷ √2 × E", f"{apart} {sign} {q} ÷ √2 × {shown(error)}", steps


def _of_counts(what: str, plan: DescribePlan, found: Difference) -> Lines | None:
    """Of two of the columns of a table: values in their order, or categories."""
    if found.between is None or found.test is None:
        return None
    grouping = next(one for one in plan.groupings if one.names == found.grouping)
    ranks = found.test.name == "dunn"
    counts = (ranked_counts if ranks else counts_of)(plan, found)
    keys = [group.key for group in grouping.groups]
    if counts.shape[1] != len(keys) or found.test.name not in ("dunn", "holm_shares"):
        return None
    a, b = (keys.index(group.key) for group in found.between)
    if ranks:
        return delta_lines(counts[:, [a, b]]) if what == "difference" else _dunn(counts, a, b) if what == "p" else None
    table = counts[:, [a, b]]
    table = table[table.sum(axis=1) > 0]
    if what == "p":
        return chi_square_of(table) if found.test.df else None
    return shares_lines(table) if what == "difference" and table.shape == (2, 2) else None


def _dunn(counts: np.ndarray, a: int, b: int) -> Lines:
    """Mean ranks among all groups; the spread is corrected for ties."""
    sizes, sums, total, shared = ranked_sums(counts)
    spread = (total * (total + 1) - shared / (total - 1)) / 12
    means = [sums[k] / sizes[k] for k in (a, b)]
    z = (means[0] - means[1]) / math.sqrt(spread * (1 / sizes[a] + 1 / sizes[b]))
    steps: list[Line] = [f"N = {total}", say("step_shared", value=str(shared))]
    for letter, k, mean in zip(SMALL, (a, b), means, strict=False):
        steps.append(say("step_rank_sum", letter=letter, value=shown(sums[k])))
        steps.append(f"R{letter} = {shown(sums[k])} ÷ {sizes[k]} = {shown(mean)}")
    inner = f"({total} × ({total} + 1) − {shared} ÷ ({total} − 1)) ÷ 12 × (1 ÷ {sizes[a]} + 1 ÷ {sizes[b]})"
    steps += [f"z = ({shown(means[0])} − {shown(means[1])}) ÷ √({inner}) = {shown(z)}", say("step_phi")]
    return "2 × Φ(−|z|)", f"2 × Φ({shown(-abs(z))})", tuple(steps)
