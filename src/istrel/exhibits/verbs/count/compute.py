"""The numbers of a `count` plan: one counting pass for each subject and grouping."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.english import english
from istrel.exhibits.cases import Grouping
from istrel.exhibits.class_labels import class_labels
from istrel.exhibits.forms.catalogue import drawn
from istrel.exhibits.forms.classes import shared_edges
from istrel.exhibits.persons import persons_of
from istrel.exhibits.text import Text, value_label
from istrel.exhibits.verbs.count.expected import with_fits
from istrel.exhibits.verbs.count.resolve import Counted, CountPlan, tables_in
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell, Limits
from istrel.exhibits.verbs.count.sets import count_answers
from istrel.exhibits.verbs.frequencies import count_classes, count_values, ordered_places, shown_places, values_of
from istrel.exhibits.weights import sample_in
from istrel.problem import Problem
from istrel.stats import association
from istrel.stats.association import Association, ChiSquare
from istrel.stats.binning import Closed, class_codes
from istrel.stats.estimates import Undefined
from istrel.stats.exact import ExactTest, exact_test
from istrel.stats.frequency import counted
from istrel.stats.survey.differences import NOT_WEIGHTED
from istrel.stats.survey.shares import shares
from istrel.stats.survey.tables import rao_scott


def compute(plan: CountPlan) -> CountResult:
    """Every table that the plan asks for, for every group."""
    if plan.form == "flow":
        return CountResult(plan.cases, (), plan.groupings, {}, drawn(plan))
    if plan.answers is not None:
        return CountResult(plan.cases, count_answers(plan, plan.answers), plan.groupings, {})
    cells: list[FrequencyCell | CrossCell] = []
    decided: dict[str, str] = {}
    for subject in plan.subjects:
        if plan.against:
            for name in plan.against:
                for grouping in plan.groupings:
                    cells += _crossed(subject.names[0], name, grouping, plan)
        elif subject.classes:
            found, decided[subject.names[0]] = _classes(subject.names[0], plan)
            cells += found
        else:
            cells += _values(subject, plan)
    if plan.request.expected:
        cells = [*with_fits([cell for cell in cells if isinstance(cell, FrequencyCell)], plan)]
    return CountResult(plan.cases, tuple(cells), plan.groupings, decided)


def _values(subject: Counted, plan: CountPlan) -> list[FrequencyCell]:
    """One order of levels for all groupings and groups, so that a row means the same value in every column."""
    values = values_of(subject.names, plan.data)
    said = plan.request.settings
    order = ordered_places(subject.names, values, plan.data, plan.groupings, said)
    groupings, w = plan.groupings, plan.cases.weighted
    return [
        cell for g in groupings for cell in count_values(subject.names, g, plan.data, order, said, values, weighted=w)
    ]


def _classes(name: str, plan: CountPlan) -> tuple[list[FrequencyCell], str]:
    edges = shared_edges(name, plan)
    if edges is None:
        raise Problem(
            english("“{name}” has no number in any case in use, so there are no classes to count.", name=name)
        )
    said = plan.request.settings
    weighted, data = plan.cases.weighted, plan.data
    cells = [c for g in plan.groupings for c in count_classes(name, g, data, edges.edges, said, weighted=weighted)]
    return cells, edges.decided_by


@dataclass(frozen=True, eq=False)
class _Side:
    """One side of a cross-table: the place of each case among its values or classes, -1 for none, and what is shown."""

    codes: NDArray[np.int64]
    size: int
    shown: list[int]
    values: tuple[float | str, ...]
    labels: tuple[Text, ...]
    limits: tuple[Limits, ...] = ()


def _side(name: str, plan: CountPlan) -> _Side:
    if name in plan.classed:
        return _classed_side(name, plan)
    values = values_of((name,), plan.data)
    shown = shown_places((name,), values, plan.data, plan.groupings)
    known = plan.data.categories(name)
    labels = tuple(value_label(known.labels[place]) for place in shown)
    size = max(1, len(known.values))
    return _Side(known.codes.astype(np.int64), size, shown, tuple(known.values[k] for k in shown), labels)


def _classed_side(name: str, plan: CountPlan) -> _Side:
    """Class intervals, the same in all groups."""
    edges = shared_edges(name, plan)
    if edges is None:
        raise Problem(
            english("“{name}” has no number in any case in use, so there are no classes to count.", name=name)
        )
    closed = cast(Closed, plan.request.settings["closed"])
    numbers = plan.data.numbers(name)
    codes = class_codes(numbers.values, edges.edges, closed=closed)
    codes[~numbers.valid] = -1
    pairs = list(zip(edges.edges[:-1].tolist(), edges.edges[1:].tolist(), strict=True))
    outermost = 0 if closed == "right" else len(pairs) - 1
    limits = tuple((low, high, "both" if k == outermost else str(closed)) for k, (low, high) in enumerate(pairs))
    values = tuple(low for low, _ in pairs)
    return _Side(
        codes, len(pairs), list(range(len(pairs))), values, tuple(class_labels(pairs, closed, name, plan.data)), limits
    )


def _crossed(row: str, column: str, grouping: Grouping, plan: CountPlan) -> list[CrossCell]:
    rows, columns = _side(row, plan), _side(column, plan)
    tables = _tables(rows.codes, columns.codes, grouping, (rows.size, columns.size))
    sizes = grouping.sizes
    ordered, persons = _ordered(row, column, plan), persons_of(plan.data, plan.cases)
    repeating = None if persons is None else persons.repeating(grouping.codes, grouping.n_groups)
    made = []
    for i, group in enumerate(grouping.groups):
        counts = tables[i][np.ix_(rows.shown, columns.shown)]
        n = int(counts.sum())
        chi_square = association.chi_square(counts)
        exact = exact_test(counts, wanted=chi_square.small > association.SMALL_SHARE, tables=tables_in(plan))
        independent = persons is None or repeating is None or not repeating[i]
        if persons is not None and not independent and not (plan.cases.weighted and persons.declared):
            chi_square, exact = _untested(chi_square, exact, persons.reason)
        cell = CrossCell(
            row=row,
            column=column,
            group=group,
            n=n,
            missing=int(sizes[i]) - n,
            row_values=rows.values,
            row_labels=rows.labels,
            column_values=columns.values,
            column_labels=columns.labels,
            counts=counts,
            expected=association.expected_counts(counts),
            residuals=association.adjusted_residuals(counts),
            chi_square=chi_square,
            exact=exact,
            association=association.association(counts, ordered=ordered),
            row_limits=rows.limits,
            column_limits=columns.limits,
        )
        if plan.cases.weighted:
            why = None if independent or persons is None or persons.declared else persons.reason
            cell = _of_sample(cell, rows, columns, grouping.codes == i, plan, why)
        made.append(cell)
    return made


def _of_sample(
    cell: CrossCell, rows: _Side, columns: _Side, use: NDArray[np.bool_], plan: CountPlan, why: Undefined | None
) -> CrossCell:
    """The table of a weighted sample: percentages of the population, Rao and Scott's F, V of weighted shares."""
    sample = sample_in(plan.data)
    used = use & (rows.codes >= 0) & (columns.codes >= 0)
    places = np.where(used, rows.codes * columns.size + columns.codes, -1)
    sums = sample.sums(places, rows.size * columns.size).reshape(rows.size, columns.size)
    found = rao_scott(rows.codes, columns.codes, (rows.size, columns.size), use, sample)
    if why is not None:
        found = replace(found, statistic=why, df=(), p=why)
    ends = None
    if plan.request.settings["intervals"]:
        by_column = shares(rows.codes, np.where(used, columns.codes, -1), (columns.size, rows.size), sample)
        low, high = by_column.limits(sample.df, plan.request.settings["confidence"])
        shown = np.ix_(rows.shown, columns.shown)
        ends = 100.0 * low.T[shown], 100.0 * high.T[shown]
    gone = np.full(cell.counts.shape, np.nan)
    chi_square, exact = _untested(cell.chi_square, cell.exact, NOT_WEIGHTED)
    return replace(
        cell,
        expected=gone,
        residuals=gone,
        chi_square=replace(chi_square, small=0.0),
        exact=replace(exact, way=""),
        association=Association(found.v, NOT_WEIGHTED, NOT_WEIGHTED, NOT_WEIGHTED, NOT_WEIGHTED),
        weighted=sums[np.ix_(rows.shown, columns.shown)],
        rao_scott=found,
        ends=ends,
    )


def _untested(chi_square: ChiSquare, exact: ExactTest, why: Undefined) -> tuple[ChiSquare, ExactTest]:
    """Nothing that takes rows for independent."""
    return replace(chi_square, statistic=why, p=why), replace(exact, p=why)


def _tables(
    rows: NDArray[np.integer], columns: NDArray[np.integer], grouping: Grouping, shape: tuple[int, int]
) -> NDArray[np.int64]:
    """Counts of shape (groups, rows, columns)."""
    size = grouping.n_groups * shape[0] * shape[1]
    flat = (grouping.codes * shape[0] + rows) * shape[1] + columns
    flat[~grouping.used | (rows < 0) | (columns < 0)] = -1
    return counted(flat, size, grouping.times).reshape(grouping.n_groups, *shape)


def _ordered(row: str, column: str, plan: CountPlan) -> bool:
    """Where order means something on both sides, and one has more than two values: gamma of two binaries says nothing."""
    levels = [Level.ORDINAL if name in plan.classed else plan.data.variable(name).level for name in (row, column)]
    fits = all(level in (Level.ORDINAL, Level.COUNT, Level.BINARY) for level in levels)
    return fits and not all(level is Level.BINARY for level in levels)
