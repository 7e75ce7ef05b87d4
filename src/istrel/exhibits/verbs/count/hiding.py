"""`count` without its small counts: frequency tables, and cross-tables with their margins."""

from __future__ import annotations

from dataclasses import fields, replace
from itertools import product

import numpy as np

from istrel.exhibits.ledger import Ledger, hidden_cases, hidden_groupings, number_of
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell
from istrel.exhibits.verbs.hidden_frequencies import enter_frequencies, hidden_frequencies, with_all_reasons
from istrel.stats.estimates import Undefined
from istrel.stats.survey.tables import RaoScott


def counts(plan: CountPlan, result: CountResult, below: int) -> CountResult:
    """The result with what may be shown."""
    ledger = Ledger(result.groupings, below)
    cells: tuple[FrequencyCell | CrossCell, ...]
    if plan.against:
        crossed = [cell for cell in result.cells if isinstance(cell, CrossCell)]
        for place, cell in enumerate(crossed):
            _enter(ledger, place, cell)
        about = crossed[0].names
        ledger.enter_used(about, result.cases.used)
        ledger.enter_ungrouped(about)
        cells = tuple(_hidden(ledger, place, cell) for place, cell in enumerate(crossed))
    else:
        tables = with_all_reasons(cell for cell in result.cells if isinstance(cell, FrequencyCell))
        for place, table in enumerate(tables):
            enter_frequencies(ledger, place, table)
        about = tables[0].variables
        ledger.enter_used(about, result.cases.used)
        ledger.enter_ungrouped(about)
        cells = tuple(hidden_frequencies(ledger, place, table) for place, table in enumerate(tables))
    cases, groupings = hidden_cases(result.cases, ledger), hidden_groupings(result.groupings, ledger)
    return replace(result, cells=cells, cases=cases, groupings=groupings)


def _enter(ledger: Ledger, place: int, cell: CrossCell) -> None:
    """Every cell and margin, and the cases without a value of one of the two."""
    rows, columns = range(len(cell.row_values)), range(len(cell.column_values))
    full = cell.with_margins
    for i, j in np.ndindex(full.shape):
        parts = list(product((i,) if i < len(rows) else rows, (j,) if j < len(columns) else columns))
        ledger.enter((place, i, j), cell.names, parts, cell.group, int(full[i, j]))
    n, missing = number_of(cell.n), number_of(cell.missing)
    ledger.enter((place, "missing"), cell.names, ["gone"], cell.group, missing)
    ledger.enter((place, "total"), cell.names, [*product(rows, columns), "gone"], cell.group, n + missing)


def _hidden(ledger: Ledger, place: int, cell: CrossCell) -> CrossCell:
    """Tests, residuals and coefficients go where anything of a table is hidden."""
    shape = cell.with_margins.shape
    gone = np.array([[ledger.is_hidden((place, i, j)) for j in range(shape[1])] for i in range(shape[0])])
    missing = ledger.shown((place, "missing"), cell.missing)
    if not gone.any():
        return replace(cell, missing=missing)
    none = Undefined("it_would_give_hidden_counts")
    return replace(
        cell,
        n=ledger.shown((place, shape[0] - 1, shape[1] - 1), cell.n),
        missing=missing,
        hidden=gone,
        chi_square=replace(cell.chi_square, statistic=none, p=none, small=0.0),
        exact=replace(cell.exact, p=none, way="", error=0.0),
        association=replace(cell.association, **{f.name: none for f in fields(cell.association)}),
        rao_scott=None if cell.rao_scott is None else RaoScott(none, p=none, v=none),
    )
