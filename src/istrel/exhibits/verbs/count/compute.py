"""The numbers of a `count` plan: one counting pass for each subject and grouping."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping
from istrel.exhibits.class_labels import class_labels
from istrel.exhibits.forms.classes import shared_edges
from istrel.exhibits.persons import persons_of
from istrel.exhibits.text import Text, value_label
from istrel.exhibits.verbs.count.resolve import Counted, CountPlan, tables_in
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell, Limits
from istrel.exhibits.verbs.frequencies import (
    count_classes,
    count_values,
    ordered_places,
    shown_places,
    values_of,
)
from istrel.problem import Problem
from istrel.stats import association
from istrel.stats.association import ChiSquare
from istrel.stats.binning import Closed, class_codes
from istrel.stats.estimates import Undefined
from istrel.stats.exact import ExactTest, exact_test


def compute(plan: CountPlan) -> CountResult:
    """Every table that the plan asks for, for every group."""
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
    return CountResult(plan.cases, tuple(cells), plan.groupings, decided)


def _values(subject: Counted, plan: CountPlan) -> list[FrequencyCell]:
    """One order of levels for all groupings and groups, so that a row means the same value in every column."""
    values = values_of(subject.names, plan.data)
    said = plan.request.settings
    order = ordered_places(subject.names, values, plan.data, plan.groupings, said)
    groupings = plan.groupings
    return [cell for g in groupings for cell in count_values(subject.names, g, plan.data, order, said, values)]


def _classes(name: str, plan: CountPlan) -> tuple[list[FrequencyCell], str]:
    edges = shared_edges(name, plan)
    if edges is None:
        raise Problem(f"“{name}” has no number in any case in use, so there are no classes to count.")
    said = plan.request.settings
    cells = [cell for g in plan.groupings for cell in count_classes(name, g, plan.data, edges.edges, said)]
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
        raise Problem(f"“{name}” has no number in any case in use, so there are no classes to count.")
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
        if persons is not None and repeating is not None and repeating[i]:
            chi_square, exact = _untested(chi_square, exact, persons.reason)
        made.append(
            CrossCell(
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
        )
    return made


def _untested(chi_square: ChiSquare, exact: ExactTest, why: Undefined) -> tuple[ChiSquare, ExactTest]:
    """Nothing that takes rows for independent."""
    return replace(chi_square, statistic=why, p=why), replace(exact, p=why)


def _tables(
    rows: NDArray[np.integer], columns: NDArray[np.integer], grouping: Grouping, shape: tuple[int, int]
) -> NDArray[np.int64]:
    """Counts of shape (groups, rows, columns)."""
    size = grouping.n_groups * shape[0] * shape[1]
    flat = (grouping.codes * shape[0] + rows) * shape[1] + columns + 1
    flat[~grouping.used | (rows < 0) | (columns < 0)] = 0  # counted before all others, and let go
    return np.bincount(flat, minlength=size + 1)[1:].reshape(grouping.n_groups, *shape)


def _ordered(row: str, column: str, plan: CountPlan) -> bool:
    """Where order means something on both sides, and one has more than two values: gamma of two binaries says nothing."""
    levels = [Level.ORDINAL if name in plan.classed else plan.data.variable(name).level for name in (row, column)]
    fits = all(level in (Level.ORDINAL, Level.COUNT, Level.BINARY) for level in levels)
    return fits and not all(level is Level.BINARY for level in levels)
