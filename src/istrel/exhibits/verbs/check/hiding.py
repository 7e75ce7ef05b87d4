"""`check` without its small counts. A p and its statistic tell n, so one small count hides all counts and p of the exhibit."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.forms.catalogue import without_small
from istrel.exhibits.ledger import Ledger, any_small, number_of, without_counts, without_missing
from istrel.exhibits.text import Hidden
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, ScaleCell, SetCell, Tested


def counts(plan: CheckPlan, result: CheckResult, below: int) -> CheckResult:
    """The result with what may be shown."""
    shown = [number_of(count) for cell in result.cells for count in (cell.n, cell.missing)]
    shown += [number_of(grouping.missing) for grouping in result.groupings]
    drawings = without_small(plan.form, Ledger(result.groupings, below), result.drawings)
    if not any_small(shown, below):
        return replace(result, drawings=drawings)
    cells = tuple(
        _checked(cell, below) if isinstance(cell, CheckCell) else _set(cell, below)
        for cell in result.cells
        if not isinstance(cell, ScaleCell)  # that is refused where counts are hidden
    )
    groupings = without_missing(result.groupings)
    return replace(result, cells=cells, drawings=drawings, cases=without_counts(result.cases), groupings=groupings)


def _checked(cell: CheckCell, below: int) -> CheckCell:
    few = number_of(cell.n) < below
    statistics = {
        name: Tested(Hidden() if few else test.statistic, Hidden(), Hidden()) for name, test in cell.tests.items()
    }
    bare = replace(cell, n=Hidden(), missing=Hidden(), tests=statistics)
    return replace(bare, skewness=Hidden(), kurtosis=Hidden(), humps=None, reading="") if few else bare


def _set(cell: SetCell, below: int) -> SetCell:
    few = number_of(cell.n) < below
    tests = {
        name: replace(test, statistic=Hidden() if few else test.statistic, p=Hidden())
        for name, test in cell.tests.items()
    }
    return replace(cell, n=Hidden(), missing=Hidden(), tests=tests, remote=())
