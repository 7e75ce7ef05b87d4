"""Two columns that are measured in one unit: how they differ case by case, and what that is in words."""

from __future__ import annotations

import numpy as np

from istrel.data.levels import Level
from istrel.data.limits import STRONGLY_SKEWED
from istrel.exhibits.claims import claim
from istrel.exhibits.persons import persons_of
from istrel.exhibits.text import Cell, Text, count_cell, say
from istrel.exhibits.verbs.describe.cells import cell_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import Columns, MeasuredCell
from istrel.exhibits.wording import titled
from istrel.stats import moments
from istrel.stats.differences.norms import mean_against, median_against, standard_error
from istrel.stats.grouping import alone
from istrel.style.numbers import Kind

FEWEST, MOST = 3, 200_000  # cases, and rows: of more, comparing would take longer than describing


def columns_of(plan: DescribePlan) -> Columns | None:
    """How two columns of one unit differ, by means or by medians as the statistics are; None where that means nothing.

    Cases must be cases: nothing is said of weighted rows, of persons who stand in several, or of hidden counts.
    """
    said = plan.request.settings
    only = len(plan.subjects) == 2 and all(not grouping.names for grouping in plan.groupings)
    if not only or plan.request.norm is not None or said["hide_below"] is not None:
        return None
    lines = [plan.data.variable(name) for name in plan.names]
    measured = all(
        subject.treated == "numbers" and line.level.measured and line.level is not Level.BINARY
        for subject, line in zip(plan.subjects, lines, strict=True)
    )
    if not measured or not lines[0].unit or lines[0].unit != lines[1].unit or plan.cases.weighted:
        return None
    if persons_of(plan.data, plan.cases) is not None:
        return None
    names = plan.names[0], plan.names[1]
    first, second = (plan.data.numbers(name) for name in names)
    both = first.valid & second.valid & plan.cases.mask
    n = plan.data.cases_in(both)
    if n < FEWEST or np.count_nonzero(both) > MOST:
        return None
    changes = alone(
        second.values[both] - first.values[both], None if plan.data.times is None else plan.data.times[both]
    )
    if plan.centre == "median":
        return Columns(*names, n, median_against(changes, 0.0, confidence=said["confidence"])[0])
    shape = moments.moments(changes)
    error = standard_error(float(moments.sd(shape).values[0]), n)
    effect, _ = mean_against(
        float(moments.mean(shape).values[0]), error, n - 1, 0.0, confidence=said["confidence"], name="paired_t"
    )
    return Columns(*names, n, effect)


def words_of_columns(found: Columns | None, cells: list[MeasuredCell], plan: DescribePlan) -> list[Text]:
    """How they differ case by case, which spreads wider, and which alone is strongly skewed."""
    known = {cell.variable: cell for cell in cells}
    if found is None or not {found.first, found.second} <= known.keys():
        return []
    first, second = known[found.first], known[found.second]
    return [*_difference(found, second, plan), *_spread(first, second, plan), *_shape(first, second, plan)]


def _difference(found: Columns, like: MeasuredCell, plan: DescribePlan) -> list[Text]:
    effect = found.effect
    if not isinstance(effect.low, float) or not isinstance(effect.high, float):
        return []
    row = f"{found.second} − {found.first}"
    (pattern,) = cell_of(plan.centre, like, plan)
    assert isinstance(pattern, Cell)

    def cell(value: object, column: str) -> Cell:
        assert isinstance(value, float)
        return Cell(value, Kind.MEASURE, pattern.decimals, pattern.precision, row=row, column=column)

    said = say(
        "columns_differ_in_median" if plan.centre == "median" else "columns_differ_in_mean",
        first=titled(plan.data.variable(found.second)),
        second=titled(plan.data.variable(found.first)),
        value=cell(effect.value, "difference"),
        level=Cell(100 * effect.level, Kind.EDGE),
        low=cell(effect.low, "difference/low"),
        high=cell(effect.high, "difference/high"),
        n=count_cell(found.n, row=row, column="n"),
    )
    return [said]


def _spread(first: MeasuredCell, second: MeasuredCell, plan: DescribePlan) -> list[Text]:
    """Standard deviations as they print, with what they are of the means where both are above 0."""
    key = "iqr" if plan.centre == "median" else "sd"
    if not all(cell.number(key) > 0 for cell in (first, second)):
        return []
    wide, narrow = sorted((first, second), key=lambda cell: -cell.number(key))
    of_mean = key == "sd" and all(cell.number("cv") > 0 for cell in (first, second))
    parts = {"high": cell_of(key, wide, plan), "low": cell_of(key, narrow, plan)}
    names = {name: titled(plan.data.variable(cell.variable)) for name, cell in (("wide", wide), ("narrow", narrow))}
    relative = {"high_cv": cell_of("cv", wide, plan), "low_cv": cell_of("cv", narrow, plan)} if of_mean else {}
    phrase = {"iqr": "columns_spread_iqr", "sd": "columns_spread_cv" if of_mean else "columns_spread"}[key]
    said = claim(
        "highest",
        [[wide.number(key), narrow.number(key)]],
        phrase,
        differ=(("high", "low"),),
        otherwise=say("columns_spread_alike"),
        **names,
        **parts,
        **relative,
    )
    return [said]


def _shape(first: MeasuredCell, second: MeasuredCell, plan: DescribePlan) -> list[Text]:
    """Which of the two is strongly skewed, where the other is not."""
    more, less = sorted((first, second), key=lambda cell: -abs(cell.number("skewness")))
    if not abs(less.number("skewness")) < STRONGLY_SKEWED:
        return []
    names = {name: titled(plan.data.variable(cell.variable)) for name, cell in (("skewed", more), ("other", less))}
    parts = {"high": cell_of("skewness", more, plan), "low": cell_of("skewness", less, plan)}
    said = claim(
        "strong skew", [more.number("skewness")], "columns_skewed", differ=(("high", "low"),), **names, **parts
    )
    return [said] if said else []
