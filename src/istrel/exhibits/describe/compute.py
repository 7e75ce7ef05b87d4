"""The numbers of a `describe` plan. Order and moments are made once per variable and grouping, for all groups."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping, shown_categories
from istrel.exhibits.describe.draw import draw, shared_edges
from istrel.exhibits.describe.resolve import DescribePlan, Subject
from istrel.exhibits.describe.result import (
    CategoryCell,
    DescribeResult,
    Drawing,
    LevelCount,
    MeasuredCell,
    ResultCell,
    Value,
)
from istrel.stats import moments, quantiles
from istrel.stats.estimates import Estimates, Undefined
from istrel.stats.frequency import frequencies, wilson_interval
from istrel.stats.grouping import Arranged, arrange

CONFIDENCE = 0.95


def compute(plan: DescribePlan) -> DescribeResult:
    """Every statistic that the plan asks for, for every variable and group."""
    cells: list[ResultCell] = []
    drawings: list[Drawing] = []
    for subject in plan.subjects:
        edges = shared_edges(subject.name, plan) if plan.form == "histogram" else None
        for grouping in plan.groupings:
            found = _cells(subject, grouping, plan)
            cells += found
            if plan.form != "table":
                arranged = _arranged(subject.name, grouping, plan)
                drawings += draw(arranged, cast(list[MeasuredCell], found), plan, edges)
    missing = tuple((g.names, g.missing) for g in plan.groupings if g.missing)
    return DescribeResult(plan.cases, tuple(cells), tuple(drawings), missing)


def _cells(subject: Subject, grouping: Grouping, plan: DescribePlan) -> list[ResultCell]:
    if subject.treated == "numbers":
        return list(_measured(subject.name, grouping, plan))
    if subject.treated == "categories":
        return list(_counted(subject.name, grouping, plan))
    return list(_cases_only(subject.name, grouping, plan))


def _arranged(name: str, grouping: Grouping, plan: DescribePlan) -> Arranged:
    numbers = plan.data.numbers(name)
    return arrange(numbers.values, grouping.codes, numbers.valid & (grouping.codes >= 0), grouping.n_groups)


def _measured(name: str, grouping: Grouping, plan: DescribePlan) -> list[MeasuredCell]:
    cells = _arranged(name, grouping, plan)
    sizes = grouping.sizes
    bench = Workbench(cells, sizes, plan)
    columns = {key: bench.statistic(key) for key in plan.computed}
    whole = bool((cells.values == np.floor(cells.values)).all())
    return [
        MeasuredCell(
            variable=name,
            group=group,
            n=int(cells.sizes[i]),
            missing=int(sizes[i] - cells.sizes[i]),
            statistics={key: at(i) for key, at in columns.items()},
            whole=whole,
        )
        for i, group in enumerate(grouping.groups)
    ]


@dataclass(frozen=True, eq=False)
class Workbench:
    """One variable in its groups, with what several statistics share made once and only when wanted."""

    cells: Arranged
    sizes: NDArray[np.int64]
    plan: DescribePlan

    @cached_property
    def moments(self) -> moments.Moments:
        return moments.moments(self.cells)

    @cached_property
    def interval(self) -> tuple[Estimates, Estimates]:
        return moments.mean_interval(self.moments, confidence=self.plan.request.settings.confidence or CONFIDENCE)

    @cached_property
    def modes(self) -> quantiles.Modes:
        return quantiles.modes(self.cells)

    @property
    def kind(self) -> quantiles.QuantileType:
        return cast(quantiles.QuantileType, self.plan.request.settings.quantiles or 7)

    def statistic(self, key: str) -> Callable[[int], Value]:
        """A function from a group's place to the value of the statistic there."""
        if key in LISTS:
            return lambda group: LISTS[key](self, group)
        return cast(Callable[[int], Value], ESTIMATES[key](self).at)

    def mode(self, group: int) -> Value:
        found = self.modes.at(group)
        if not found:
            return Undefined("each value occurs once" if self.cells.sizes[group] else quantiles.EMPTY)
        return found[0] if len(found) == 1 else found

    @cached_property
    def extremes(self) -> tuple[list[quantiles.CaseValues], list[quantiles.CaseValues]]:
        return quantiles.extremes(self.cells)

    @cached_property
    def outside(self) -> list[quantiles.CaseValues]:
        return quantiles.outside_fences(self.cells, kind=self.kind)


ESTIMATES: dict[str, Callable[[Workbench], Estimates]] = {
    "n": lambda b: Estimates(b.cells.sizes.astype(np.float64)),
    "missing": lambda b: Estimates((b.sizes - b.cells.sizes).astype(np.float64)),
    "sum": lambda b: moments.total(b.moments),
    "mean": lambda b: moments.mean(b.moments),
    "sd": lambda b: moments.sd(b.moments),
    "variance": lambda b: moments.variance(b.moments),
    "se": lambda b: moments.standard_error(b.moments),
    "ci_low": lambda b: b.interval[0],
    "ci_high": lambda b: b.interval[1],
    "trimmed_mean": lambda b: quantiles.trimmed_mean(b.cells),
    "median": lambda b: quantiles.quantile(b.cells, 0.5, kind=b.kind),
    "q1": lambda b: quantiles.quantile(b.cells, 0.25, kind=b.kind),
    "q3": lambda b: quantiles.quantile(b.cells, 0.75, kind=b.kind),
    "iqr": lambda b: quantiles.interquartile_range(b.cells, kind=b.kind),
    "min": lambda b: quantiles.minimum(b.cells),
    "max": lambda b: quantiles.maximum(b.cells),
    "range": lambda b: quantiles.value_range(b.cells),
    "mad": lambda b: quantiles.median_absolute_deviation(b.cells),
    "mean_abs_dev": lambda b: quantiles.mean_absolute_deviation(b.cells),
    "mode_count": lambda b: Estimates(b.modes.count.astype(np.float64)),
    "cv": lambda b: moments.coefficient_of_variation(b.moments, quantiles.minimum(b.cells).values),
    "skewness": lambda b: moments.skewness(b.moments),
    "skewness_se": lambda b: moments.skewness_error(b.moments),
    "kurtosis": lambda b: moments.kurtosis(b.moments),
    "kurtosis_se": lambda b: moments.kurtosis_error(b.moments),
    "geometric_mean": lambda b: quantiles.geometric_mean(b.cells),
    "harmonic_mean": lambda b: quantiles.harmonic_mean(b.cells),
}

LISTS: dict[str, Callable[[Workbench, int], Value]] = {
    "mode": lambda b, group: b.mode(group),
    "lowest": lambda b, group: b.extremes[0][group] or Undefined(quantiles.EMPTY),
    "highest": lambda b, group: b.extremes[1][group] or Undefined(quantiles.EMPTY),
    "outliers": lambda b, group: b.outside[group],
}


def _cases_only(name: str, grouping: Grouping, plan: DescribePlan) -> list[MeasuredCell]:
    level = plan.data.variable(name).level
    reason = Undefined(f"not for {'an' if level is Level.IDENTIFIER else 'a'} {level.value} variable")
    present = plan.data.present(name)
    sizes = grouping.sizes
    valid = np.bincount(grouping.codes[(grouping.codes >= 0) & present], minlength=grouping.n_groups)
    made = []
    for i, group in enumerate(grouping.groups):
        n, missing = int(valid[i]), int(sizes[i] - valid[i])
        counts: dict[str, Value] = {"n": float(n), "missing": float(missing)}
        made.append(
            MeasuredCell(name, group, n, missing, {key: counts.get(key, reason) for key in plan.computed}, True)
        )
    return made


def _counted(name: str, grouping: Grouping, plan: DescribePlan) -> list[CategoryCell]:
    categories = plan.data.categories(name)
    table = frequencies(
        categories.codes,
        grouping.codes,
        grouping.codes >= 0,
        n_categories=len(categories.values),
        n_groups=grouping.n_groups,
    )
    shown = shown_categories(name, plan.data, plan.groupings)
    ordered = plan.data.variable(name).level is Level.ORDINAL
    confidence = plan.request.settings.confidence or CONFIDENCE
    return [
        CategoryCell(
            variable=name,
            group=group,
            n=int(table.valid[i]),
            missing=int(table.missing[i]),
            levels=_levels(
                [(categories.values[k], categories.labels[k], int(table.counts[i, k])) for k in shown],
                int(table.valid[i]),
                int(table.valid[i] + table.missing[i]),
                ordered=ordered,
                confidence=confidence,
            ),
        )
        for i, group in enumerate(grouping.groups)
    ]


def _levels(
    counted: list[tuple[float | str, str, int]], valid: int, total: int, *, ordered: bool, confidence: float
) -> tuple[LevelCount, ...]:
    empty = Undefined(quantiles.EMPTY)
    levels, running = [], 0
    for value, label, count in counted:
        running += count
        low, high = wilson_interval(count, valid, confidence=confidence)
        levels.append(
            LevelCount(
                value=value,
                label=label,
                count=count,
                percent=100 * count / total if total else empty,
                valid_percent=100 * count / valid if valid else empty,
                cumulative_percent=(100 * running / valid if valid else empty) if ordered else None,
                low=100 * low if valid else empty,
                high=100 * high if valid else empty,
            )
        )
    return tuple(levels)
