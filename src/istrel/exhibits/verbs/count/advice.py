"""What a good supervisor would say after a cross-table: the size of an association before its p."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.exhibits.persons import persons_of
from istrel.exhibits.remarks.sizes import size_note
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell
from istrel.exhibits.wording import titled
from istrel.stats.differences.categories import categories_effect


def advise(plan: CountPlan, result: CountResult) -> Iterator[MarginNote]:
    """A small p of a trifle, or a large p that shows nothing: of the first table that has it."""
    if plan.form != "table" or plan.cases.weighted or persons_of(plan.data, plan.cases) is not None:
        return
    for cell in result.cells:
        if isinstance(cell, CrossCell) and min(cell.counts.shape) > 1:
            name = titled(plan.data.variable(cell.row))
            effect, p = categories_effect(cell.counts), cell.chi_square.p
            found = size_note(effect, p if isinstance(p, float) else float("nan"), cell.row, name, cell.group.labels)
            if found is not None:
                yield found
                return
