"""How the numbers of `count` come about: levels of frequency tables, and the cells of cross-tables with their sums."""

from __future__ import annotations

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.frequency_working import counted, explain_level, share
from istrel.exhibits.working import Working

LETTERS = {"row": "letter_row", "column": "letter_column", "total": "letter_total"}


def explain(plan: CountPlan, result: CountResult, cell: Cell) -> Working | None:
    """The working of a count or percentage; None for what is hidden, weighted, or none of these."""
    tables = [found for found in result.cells if isinstance(found, FrequencyCell)]
    made = explain_level(tables, cell, plan.request.settings["confidence"])
    if made is not None:
        return made
    crossed = [found for found in result.cells if isinstance(found, CrossCell)]
    return next((made for one in crossed if (made := _crossed(one, cell, plan)) is not None), None)


def _crossed(table: CrossCell, cell: Cell, plan: CountPlan) -> Working | None:
    """The working of a cell of a cross-table: its count, or its share of its row, its column or all."""
    if table.hidden is not None or table.weighted is not None or not isinstance(cell.value, float | int):
        return None
    row = next((i for i, value in enumerate(table.row_values) if cell.row == f"{table.row}={value}"), None)
    of, _, what = cell.column.rpartition("/")
    column = next((j for j, value in enumerate(table.column_values) if of == f"{table.column}={value}"), None)
    if row is None or column is None:
        return None
    count, name = int(table.counts[row, column]), table.row_labels[row]
    sums = {
        "row": int(table.counts[row].sum()),
        "column": int(table.counts[:, column].sum()),
        "total": int(table.counts.sum()),
    }
    if what == "n":
        return counted(cell, name, count, sums["column"])
    percent = plan.request.settings["percent"] or "column"
    return share(cell, name, count, sums[percent], say(LETTERS[percent])) if what else None
