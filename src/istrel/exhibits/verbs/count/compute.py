"""The numbers of a `count` plan: one counting pass for each subject and grouping."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping
from istrel.exhibits.forms.histogram import shared_edges
from istrel.exhibits.verbs.count.resolve import Counted, CountPlan, tables_in
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell
from istrel.exhibits.verbs.frequencies import count_classes, count_values, ordered_places, shown_places, values_of
from istrel.problem import Problem
from istrel.stats import association
from istrel.stats.exact import exact_test


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


def _crossed(row: str, column: str, grouping: Grouping, plan: CountPlan) -> list[CrossCell]:
    rows, columns = plan.data.categories(row), plan.data.categories(column)
    tables = _tables(rows.codes, columns.codes, grouping, (max(1, len(rows.values)), max(1, len(columns.values))))
    sizes = grouping.sizes
    keep_rows = shown_places((row,), values_of((row,), plan.data), plan.data, plan.groupings)
    keep_columns = shown_places((column,), values_of((column,), plan.data), plan.data, plan.groupings)
    ordered = _ordered(row, column, plan)
    made = []
    for i, group in enumerate(grouping.groups):
        counts = tables[i][np.ix_(keep_rows, keep_columns)]
        n = int(counts.sum())
        chi_square = association.chi_square(counts)
        made.append(
            CrossCell(
                row=row,
                column=column,
                group=group,
                n=n,
                missing=int(sizes[i]) - n,
                row_values=tuple(rows.values[k] for k in keep_rows),
                row_labels=tuple(rows.labels[k] for k in keep_rows),
                column_values=tuple(columns.values[k] for k in keep_columns),
                column_labels=tuple(columns.labels[k] for k in keep_columns),
                counts=counts,
                expected=association.expected_counts(counts),
                residuals=association.adjusted_residuals(counts),
                chi_square=chi_square,
                exact=exact_test(counts, wanted=chi_square.small > association.SMALL_SHARE, tables=tables_in(plan)),
                association=association.association(counts, ordered=ordered),
            )
        )
    return made


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
    levels = [plan.data.variable(name).level for name in (row, column)]
    fits = all(level in (Level.ORDINAL, Level.COUNT, Level.BINARY) for level in levels)
    return fits and not all(level is Level.BINARY for level in levels)
