"""`relate` without its small counts. A p and its coefficient tell n, so one small count hides all counts of the exhibit."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.forms.catalogue import without_small
from istrel.exhibits.ledger import Ledger, any_small, number_of, without_counts, without_missing
from istrel.exhibits.text import Count, Hidden
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult, Value


def counts(plan: RelatePlan, result: RelateResult, below: int) -> RelateResult:
    """The result with what may be shown. M and SD tell the n behind them, so they go with it."""
    untold = any_small([*_shown(result)], below)
    drawings = without_small(plan.form, Ledger(result.groupings, below, untold=untold), result.drawings)
    if not untold:
        return replace(result, drawings=drawings)
    cells = tuple(_related(cell, below) for cell in result.cells)
    groupings = without_missing(result.groupings)
    return replace(result, cells=cells, drawings=drawings, cases=without_counts(result.cases), groupings=groupings)


def _shown(result: RelateResult) -> list[int]:
    """Every count, and how many cases each leaves out."""
    found = [number_of(grouping.missing) for grouping in result.groupings]
    found.append(number_of(result.cases.total) - number_of(result.cases.used))
    for cell in result.cells:
        n = number_of(cell.n)
        inner = [number_of(count) for count in (*cell.valid.values(), *(pair.n for pair in cell.pairs))]
        found += [n, number_of(cell.missing), *inner, *(n - count for count in inner)]
    return found


def _related(cell: RelateCell, below: int) -> RelateCell:
    nothing: dict[str, Value] = dict.fromkeys(cell.means, Hidden())
    valid: dict[str, Count] = dict.fromkeys(cell.valid, Hidden())
    pairs = tuple(_pair(pair, below) for pair in cell.pairs)
    bare = replace(cell, n=Hidden(), missing=Hidden(), valid=valid, pairs=pairs)
    return replace(bare, means=nothing, deviations=nothing, smallest=None)


def _pair(pair: Pair, below: int) -> Pair:
    coefficient = Hidden() if number_of(pair.n) < below else pair.coefficient
    return replace(
        pair, n=Hidden(), coefficient=coefficient, p=Hidden(), p_adjusted=Hidden(), low=Hidden(), high=Hidden()
    )
