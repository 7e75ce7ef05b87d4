"""The numbers of a `describe` plan. Order and moments are made once per variable and grouping, for all groups."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from functools import cached_property, partial
from itertools import product
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping
from istrel.exhibits.forms.catalogue import drawn
from istrel.exhibits.persons import person_codes
from istrel.exhibits.shared import arranged, arranged_together, batches, moments_of, shared_out
from istrel.exhibits.verbs.describe.columns import columns_of
from istrel.exhibits.verbs.describe.differences import differences_of
from istrel.exhibits.verbs.describe.pairs import pairs_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell, ResultCell, Value
from istrel.exhibits.verbs.describe.weighted import WeightedBench
from istrel.exhibits.verbs.frequencies import count_values, ordered_places, values_of
from istrel.sentence.vocabulary import percentile_of, statistic
from istrel.stats import moments, quantiles
from istrel.stats.estimates import Estimates, Undefined, ratio
from istrel.stats.frequency import counted
from istrel.stats.grouping import Arranged
from istrel.stats.intraclass import Intraclass, none_of, one_way
from istrel.style.numbers import Precision

A_LOOK = 1_000  # values after which most measures are known to be none of whole numbers


def compute(plan: DescribePlan) -> DescribeResult:
    """Every statistic that the plan asks for, for every variable and group."""
    measured = [subject.name for subject in plan.subjects if subject.treated in ("numbers", "dates")]
    if len(lots := batches(measured, plan.data)) < len(measured):  # few cases: their moments are made at once
        for lot, grouping in product(lots, plan.groupings):
            arranged_together(lot, grouping, plan.data)
    works = [partial(_cells, subject, grouping, plan) for subject in plan.subjects for grouping in plan.groupings]
    cells = [cell for part in shared_out(works, plan.data) for cell in part]
    precise = _alike(cells, plan)
    known = {cell.variable: cell.precision for cell in precise if isinstance(cell, MeasuredCell)}
    differences, pairs = (
        tuple(replace(d, precision=known.get(d.variable, d.precision)) for d in made(plan))
        for made in (differences_of, pairs_of)
    )
    drawings = drawn(plan.together or plan)
    return DescribeResult(plan.cases, tuple(precise), drawings, plan.groupings, differences, pairs, columns_of(plan))


def _alike(cells: Sequence[ResultCell], plan: DescribePlan) -> list[ResultCell]:
    """The cells of each variable with one precision, so that its groups print with the same decimals."""
    mine: dict[str, list[MeasuredCell]] = {}
    for cell in cells:
        if isinstance(cell, MeasuredCell) and not cell.date:
            mine.setdefault(cell.variable, []).append(cell)
    found: dict[str, tuple[Precision, bool]] = {}
    for name, alike in mine.items():
        spreads = [sd for cell in alike if (sd := cell.number("sd")) > 0]
        numeric = plan.data.table.column(name).kind is Kind.NUMBER
        measured = plan.data.measured_decimals(name) if numeric else 0
        found[name] = Precision(measured, min(spreads, default=math.nan)), _fractional(alike)
    return [
        replace(cell, precision=found[cell.variable][0], fractional=found[cell.variable][1])
        if isinstance(cell, MeasuredCell) and cell.variable in found
        else cell
        for cell in cells
    ]


def _fractional(cells: list[MeasuredCell]) -> bool:
    """Whether a quantile lies between two whole numbers."""
    values = ((key, value) for cell in cells for key, value in cell.statistics.items())
    return any(isinstance(value, float) and statistic(key).ranks and not value.is_integer() for key, value in values)


def _cells(subject: Subject, grouping: Grouping, plan: DescribePlan) -> list[ResultCell]:
    if subject.treated in ("numbers", "dates"):
        return list(_measured(subject, grouping, plan))
    if subject.treated == "categories":
        names, said = (subject.name,), plan.request.settings
        values = values_of(names, plan.data)
        order = ordered_places(names, values, plan.data, plan.groupings, said)
        return list(count_values(names, grouping, plan.data, order, said, values, weighted=plan.cases.weighted))
    return list(_cases_only(subject.name, grouping, plan))


def _measured(subject: Subject, grouping: Grouping, plan: DescribePlan) -> list[MeasuredCell]:
    name, dates = subject.name, subject.treated == "dates"
    cells = arranged(name, grouping, plan.data)
    sizes = grouping.sizes
    bench = Workbench(
        cells,
        sizes,
        plan,
        lambda: moments_of(name, grouping, plan.data),
        lambda: _intraclass(name, grouping, plan),
    )
    weighted = WeightedBench(name, grouping, plan) if plan.cases.weighted else None
    of = bench.statistic if weighted is None else weighted.or_of_cases(bench.statistic)
    columns = {key: of(key) for key in plan.computed if not dates or statistic(key).dates}
    none = {key: Undefined("not_for_a_date_variable") for key in plan.computed if key not in columns}
    first = cells.values[:A_LOOK]
    whole = bool((first == np.floor(first)).all() and (cells.values == np.floor(cells.values)).all())
    quarters = (quantiles.quantile(cells, p, kind=bench.kind).values for p in (0.25, 0.75))
    inside = quantiles.share_between(cells, *quarters).tolist() if weighted is None else weighted.inside()
    ones = _ones(cells)
    return [
        MeasuredCell(
            variable=name,
            group=group,
            n=int(cells.sizes[i]),
            missing=int(sizes[i] - cells.sizes[i]),
            statistics={key: none[key] if key in none else columns[key](i) for key in plan.computed},
            whole=whole,
            date=dates,
            year=not dates and plan.data.is_years(name),
            inside=inside[i],
            ones=None if ones is None else ones[i],
            weighed=None if weighted is None or dates else weighted.weighed(i),
        )
        for i, group in enumerate(grouping.groups)
    ]


def _ones(cells: Arranged) -> list[int] | None:
    """How many cases of each group have the higher of two values; None where the variable has more, or one alone."""
    if not cells.values.size:
        return None
    low, high = float(cells.values.min()), float(cells.values.max())
    if low == high or not bool(((cells.values == low) | (cells.values == high)).all()):
        return None
    cases = np.diff(cells.running)
    running = np.concatenate([[0], np.cumsum(np.where(cells.values == high, cases, 0))])
    return np.diff(running[cells.bounds]).tolist()


@dataclass(frozen=True, eq=False)
class Workbench:
    """One variable in its groups, with what several statistics share made once and only when wanted."""

    cells: Arranged
    sizes: NDArray[np.int64]
    plan: DescribePlan
    made_moments: Callable[[], moments.Moments]
    made_related: Callable[[], Intraclass]

    @cached_property
    def moments(self) -> moments.Moments:
        return self.made_moments()

    @cached_property
    def related(self) -> Intraclass:
        return self.made_related()

    @cached_property
    def interval(self) -> tuple[Estimates, Estimates]:
        return moments.mean_interval(self.moments, confidence=self.plan.request.settings["confidence"])

    @cached_property
    def median_interval(self) -> tuple[Estimates, Estimates]:
        return quantiles.median_interval(self.cells, confidence=self.plan.request.settings["confidence"])

    @cached_property
    def modes(self) -> quantiles.Modes:
        return quantiles.modes(self.cells)

    @property
    def kind(self) -> quantiles.QuantileType:
        return cast(quantiles.QuantileType, self.plan.request.settings["quantiles"])

    def statistic(self, key: str) -> Callable[[int], Value]:
        """A function from a group's place to the value of the statistic there."""
        if key in LISTS:
            return lambda group: LISTS[key](self, group)
        share = percentile_of(key)
        if share is not None:
            return cast(Callable[[int], Value], quantiles.quantile(self.cells, share / 100, kind=self.kind).at)
        return cast(Callable[[int], Value], ESTIMATES[key](self).at)

    def mode(self, group: int) -> Value:
        found = self.modes.at(group)
        if not found:
            return Undefined("each_value_occurs_once" if self.cells.sizes[group] else quantiles.EMPTY)
        return found[0] if len(found) == 1 else found

    @cached_property
    def extremes(self) -> tuple[list[quantiles.CaseValues], list[quantiles.CaseValues]]:
        return quantiles.extremes(self.cells)

    @cached_property
    def outside(self) -> list[quantiles.CaseValues]:
        said = self.plan.request.settings
        if said["outliers_by"] == "robust":
            return quantiles.robust_outliers(self.cells)
        return quantiles.outside_fences(self.cells, kind=self.kind, reach=said["fences"])


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
    "trimmed_mean": lambda b: quantiles.trimmed_mean(b.cells, proportion=b.plan.request.settings["trim"]),
    "median": lambda b: quantiles.quantile(b.cells, 0.5, kind=b.kind),
    "median_ci_low": lambda b: b.median_interval[0],
    "median_ci_high": lambda b: b.median_interval[1],
    "q1": lambda b: quantiles.quantile(b.cells, 0.25, kind=b.kind),
    "q3": lambda b: quantiles.quantile(b.cells, 0.75, kind=b.kind),
    "iqr": lambda b: quantiles.interquartile_range(b.cells, kind=b.kind),
    "min": lambda b: quantiles.minimum(b.cells),
    "max": lambda b: quantiles.maximum(b.cells),
    "range": lambda b: quantiles.value_range(b.cells),
    "mad": lambda b: quantiles.median_absolute_deviation(b.cells),
    "mad_normal": lambda b: quantiles.normal_consistent_deviation(b.cells),
    "mean_abs_dev": lambda b: quantiles.mean_absolute_deviation(b.cells),
    "mode_count": lambda b: Estimates(b.modes.count.astype(np.float64)),
    "cv": lambda b: moments.coefficient_of_variation(b.moments, quantiles.minimum(b.cells).values),
    "skewness": lambda b: moments.skewness(b.moments),
    "skewness_se": lambda b: moments.skewness_error(b.moments),
    "skewness_z": lambda b: ratio(moments.skewness(b.moments), moments.skewness_error(b.moments)),
    "kurtosis": lambda b: moments.kurtosis(b.moments),
    "kurtosis_se": lambda b: moments.kurtosis_error(b.moments),
    "kurtosis_z": lambda b: ratio(moments.kurtosis(b.moments), moments.kurtosis_error(b.moments)),
    "icc": lambda b: b.related.value,
    "icc_low": lambda b: b.related.low,
    "icc_high": lambda b: b.related.high,
    "geometric_mean": lambda b: quantiles.geometric_mean(b.cells),
    "harmonic_mean": lambda b: quantiles.harmonic_mean(b.cells),
}

LISTS: dict[str, Callable[[Workbench, int], Value]] = {
    "mode": lambda b, group: b.mode(group),
    "lowest": lambda b, group: b.extremes[0][group] or Undefined(quantiles.EMPTY),
    "highest": lambda b, group: b.extremes[1][group] or Undefined(quantiles.EMPTY),
    "outliers": lambda b, group: b.outside[group],
}


def _intraclass(name: str, grouping: Grouping, plan: DescribePlan) -> Intraclass:
    """Of the rows of every group; nothing where nobody is said to have several."""
    if not plan.data.codebook.rows.person:
        return none_of(grouping.n_groups)
    numbers, persons = plan.data.numbers(name), person_codes(plan.data)
    used = numbers.valid & grouping.used & (persons >= 0)
    confidence = plan.request.settings["confidence"]
    return one_way(numbers.values[used], persons[used], grouping.codes[used], grouping.n_groups, confidence=confidence)


NOT_FOR = {
    Level.IDENTIFIER: Undefined("not_for_an_identifier_variable"),
    Level.DATE: Undefined("not_for_a_date_variable"),
}


def _cases_only(name: str, grouping: Grouping, plan: DescribePlan) -> list[MeasuredCell]:
    level = plan.data.variable(name).level
    reason = NOT_FOR.get(level, Undefined("not_for_a_text_variable"))
    present = plan.data.present(name)
    sizes = grouping.sizes
    valid = counted(np.where(present, grouping.codes, -1), grouping.n_groups, grouping.times)
    made = []
    for i, group in enumerate(grouping.groups):
        n, missing = int(valid[i]), int(sizes[i] - valid[i])
        counts: dict[str, Value] = {"n": float(n), "missing": float(missing)}
        statistics = {key: counts.get(key, reason) for key in plan.computed}
        made.append(MeasuredCell(name, group, n, missing, statistics, whole=True))
    return made
