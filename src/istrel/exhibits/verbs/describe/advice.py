"""What a good supervisor would say after a table of groups: effect before p, ranks, what parts the groups more, what is missing.

Each rule names its reason in numbers and is silent where chance alone would make it speak (tests/exhibits/test_counsel.py).
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Name
from istrel.english import english
from istrel.exhibits.persons import persons_of
from istrel.exhibits.remarks.sizes import size_note
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.shared import moments_of
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.wording import group_label, groups_words, summary_cell, titled
from istrel.sentence import parse
from istrel.sentence.edit import with_setting
from istrel.sentence.quoting import show_name
from istrel.sentence.request import Crossed
from istrel.stats.correlation import eta
from istrel.stats.differences.means import measured_effect, welch
from istrel.stats.grouping import arrange
from istrel.stats.moderate import moderate
from istrel.stats.moments import Moments, moments, skewness_error_of
from istrel.style.numbers import Kind

Mask = NDArray[np.bool_]
CERTAIN = 0.01
FEW_FOR_MEANS, SURELY_SKEWED = 50, 3.3  # cases; G1 in its standard errors
MOST_CASES, MOST_LOOKED_AT = 200_000, 60
MOST_VALUES = 12
FEWEST_OF_A_GROUP = 10  # the variances of fewer cases are too unsure to weigh their means by
PARTS_MUCH, PARTS_MORE = 0.06, 2.0  # omega squared of another variable, and how many times that of the one taken
MISSING, FEWEST_MISSING, APART = 0.05, 15, 0.3  # share and number of missing values; how far apart the others are, as g


def advise(plan: DescribePlan, result: DescribeResult) -> Iterator[MarginNote]:
    """In the order of their weight."""
    if plan.form != "table" or plan.cases.weighted or plan.data.times is not None:
        return
    if persons_of(plan.data, plan.cases) is not None:
        return
    yield from _sizes(plan, result)
    yield from _by_ranks(plan, result)
    if plan.data.n_rows <= MOST_CASES and plan.request.norm is None:
        yield from _other_groups(plan)
        yield from _missing(plan)


def _sizes(plan: DescribePlan, result: DescribeResult) -> Iterator[MarginNote]:
    """A small p of a trifle, and a large p that shows nothing: the first of each."""
    said: set[str] = set()
    for d in result.differences:
        if d.effect is None or d.test is None or d.norm is not None:
            continue
        found = size_note(d.effect, d.p, d.variable, titled(plan.data.variable(d.variable)))
        if found is not None and found.kind not in said:
            said.add(found.kind)
            yield found


def _by_ranks(plan: DescribePlan, result: DescribeResult) -> Iterator[MarginNote]:
    """Means of few cases that are surely skewed were tested: ranks ask for no shape."""
    tested = {d.variable for d in result.differences if d.test is not None and d.test.name in ("welch_t", "welch_f")}
    for cell in result.cells:
        if not isinstance(cell, MeasuredCell) or cell.variable not in tested or not cell.group.named:
            continue
        n, skewness = cell.n, cell.number("skewness")
        if not isinstance(n, int) or not 8 <= n < FEW_FOR_MEANS:
            continue
        if abs(skewness) < SURELY_SKEWED * float(skewness_error_of(np.array(float(n)))):
            continue
        says = say(
            "few_skewed_cases_ask_for_ranks",
            name=titled(plan.data.variable(cell.variable)),
            n=n,
            group=group_label(cell.group, several=True),
            skewness=Cell(skewness, Kind.STATISTIC),
        )
        request = with_setting(plan.request, "test", "ranks")
        yield MarginNote(
            "by_ranks", cell.variable, cell.group.labels, says, (Remedy(english("test by ranks"), request=request),)
        )
        return


def _other_groups(plan: DescribePlan) -> Iterator[MarginNote]:
    """The category that parts a variable much more than the one that was taken: the first such variable."""
    named = [grouping for grouping in plan.groupings if grouping.names]
    if len(named) != 1 or len(named[0].names) != 1 or named[0].n_groups < 2:
        return
    taken, data = named[0], plan.data
    others = [name for name in _categories(plan) if name != taken.names[0]]
    for subject in plan.subjects:
        if subject.treated != "numbers" or not data.variable(subject.name).level.measured:
            continue
        here = _share(moments_of(subject.name, taken, data))[0]
        found = []
        for name in others:
            if name == subject.name or data.variable(name).formula is not None:
                continue
            if not _parts(subject.name, name, plan) >= max(PARTS_MUCH, PARTS_MORE * here):
                continue
            m = _moments_by(subject.name, name, plan)
            if m.n[m.n > 0].min() < FEWEST_OF_A_GROUP:
                continue
            share, p = _share(m)
            if share >= max(PARTS_MUCH, PARTS_MORE * here) and p < CERTAIN / len(others):
                found.append((share, name))
        if not found:
            continue
        share, name = max(found)
        says = say(
            "another_parts_it_more",
            name=titled(data.variable(subject.name)),
            other=titled(data.variable(name)),
            share=Cell(share, Kind.COEFFICIENT),
            taken=groups_words([taken], data),
            here=Cell(max(0.0, here), Kind.COEFFICIENT),
        )
        request = replace(plan.request, across=(Crossed((Name(name),)),))
        yield MarginNote(
            "other_group", subject.name, (), says, (Remedy(english("split by {name}", name=name), request=request),)
        )
        return


def _categories(plan: DescribePlan) -> list[str]:
    """Variables of a few values that could make groups."""
    lines = [v for v in plan.data.codebook.variables if v.in_use and v.level.categorical and v.formula is None]
    names = [line.name for line in lines][:MOST_LOOKED_AT]
    return [name for name in names if 2 <= len(plan.data.categories(name).values) <= MOST_VALUES]


def _parts(name: str, by: str, plan: DescribePlan) -> float:
    """The share of the variance between the groups, as it is in the sample: at least what it is estimated to be."""
    numbers, found = plan.data.numbers(name), plan.data.categories(by)
    used = numbers.valid & plan.cases.mask & (found.codes >= 0)
    return eta(moderate(numbers.values[used])[0], found.codes[used], len(found.values)) ** 2 if used.any() else 0.0


def _moments_by(name: str, by: str, plan: DescribePlan) -> Moments:
    numbers, found = plan.data.numbers(name), plan.data.categories(by)
    codes = np.where(plan.cases.mask, found.codes, -1)
    return moments(arrange(numbers.values, codes, numbers.valid & (codes >= 0), len(found.values)))


def _share(m: Moments) -> tuple[float, float]:
    """(omega squared, p) of groups by their means (Welch); nothing and 1 where there is no such test."""
    effect, test = measured_effect(m), welch(m)
    if not isinstance(test.p, float) or not isinstance(test.statistic, float):
        return 0.0, 1.0
    if effect.measure == "omega_squared":
        return (effect.value if isinstance(effect.value, float) else 0.0), test.p
    above = test.statistic**2 - 1  # of two groups from t
    return max(0.0, above / (above + float(m.n.sum()))), test.p


def _missing(plan: DescribePlan) -> Iterator[MarginNote]:
    """What a variable's missing values go with: the first variable that has many, and what differs most."""
    data = plan.data
    for subject in plan.subjects:
        gone = plan.cases.mask & ~data.present(subject.name)
        there = plan.cases.mask & data.present(subject.name)
        n = int(gone.sum())
        if n < max(FEWEST_MISSING, MISSING * int(plan.cases.mask.sum())) or int(there.sum()) < FEWEST_MISSING:
            continue
        best = _goes_with(subject.name, gone, there, data)
        if best is None:
            continue
        other, means = best
        says = say(
            "missing_goes_with",
            name=titled(data.variable(subject.name)),
            other=titled(data.variable(other)),
            gone=summary_cell(means[1], other, data),
            there=summary_cell(means[0], other, data),
        )
        compared = f"describe {show_name(other)} across ({show_name(subject.name)} is missing) with difference, test"
        remedy = Remedy(english("compare {other}", other=other), request=parse(compared))
        yield MarginNote("missing_depends", subject.name, (), says, (remedy,))
        return


def _goes_with(name: str, gone: Mask, there: Mask, data: Dataset) -> tuple[str, tuple[float, float]] | None:
    """(the measured variable whose means differ most by whether a value is there, its means where it is and is not)."""
    others = [v.name for v in data.codebook.variables if v.in_use and v.level.measured and v.formula is None]
    others = [other for other in others if other != name][:MOST_LOOKED_AT]
    best: tuple[float, str, tuple[float, float]] | None = None
    codes = np.where(there, 0, np.where(gone, 1, -1))
    for other in others:
        numbers = data.numbers(other)
        cells = arrange(numbers.values, codes, numbers.valid & (codes >= 0), 2)
        if int(cells.sizes.min()) < FEWEST_MISSING:
            continue
        m = moments(cells)
        effect, test = measured_effect(m), welch(m)
        if not isinstance(effect.value, float) or not isinstance(test.p, float):
            continue
        if (
            test.p < CERTAIN / len(others)
            and abs(effect.value) >= APART
            and (best is None or abs(effect.value) > best[0])
        ):
            means = np.ldexp(m.mean.rounded, m.exponent)
            best = abs(effect.value), other, (float(means[0]), float(means[1]))
    return None if best is None else best[1:]
