"""`describe` without its small counts: cells, drawings and differences, and the statistics that would give a count away."""

from __future__ import annotations

from collections.abc import Hashable
from dataclasses import replace

import numpy as np

from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.ledger import Ledger, hidden_cases, hidden_groupings
from istrel.exhibits.text import Count, Hidden
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference, MeasuredCell, ResultCell, Value
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.hidden_frequencies import (
    enter_frequencies,
    enter_sums,
    hidden_frequencies,
    with_all_reasons,
)
from istrel.exhibits.weights import without_weights
from istrel.sentence.vocabulary import CASE_LISTS, percentile_of, statistic
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import median_ranks

OF_MEDIAN, WIDEST = ("median_ci_low", "median_ci_high"), 0.999  # the widest interval there is
SINGLE = ("min", "max", "range")  # values of single cases
TELLING = Undefined("it_would_give_hidden_counts")


def counts(plan: DescribePlan, result: DescribeResult, below: int) -> DescribeResult:
    """The result with what may be shown."""
    ledger = Ledger(result.groupings, below)
    cells = _with_reasons(result.cells)
    for place, cell in enumerate(cells):
        _enter(ledger, place, cell)
    shown = form_of(plan.form).counts if result.drawings else None
    if shown is not None and shown.enter is not None:
        for place, drawing in enumerate(result.drawings):
            shown.enter(ledger, place, drawing)
    first = cells[0].names
    ledger.enter_used(first, result.cases.used)
    ledger.enter_ungrouped(first)
    kept = tuple(_hidden(ledger, place, cell) for place, cell in enumerate(cells))
    told = {(cell.names[0], cell.group): place for place, cell in enumerate(cells)}
    drawn = [
        shown.hidden(ledger, place, drawing)
        for place, drawing in enumerate(result.drawings)
        if shown is not None and not ledger.is_hidden((told[drawing.variable, drawing.group], "n"))
    ]
    return replace(
        result,
        cells=kept,
        drawings=tuple(drawing for drawing in drawn if drawing is not None),
        cases=hidden_cases(result.cases, ledger),
        groupings=hidden_groupings(result.groupings, ledger),
        differences=_differences(result.differences, kept),
        pairs=_differences(result.pairs, kept),
    )


def _with_reasons(cells: tuple[ResultCell, ...]) -> list[ResultCell]:
    counted = iter(with_all_reasons(cell for cell in cells if isinstance(cell, FrequencyCell)))
    return [next(counted) if isinstance(cell, FrequencyCell) else cell for cell in cells]


def _enter(ledger: Ledger, place: int, cell: ResultCell) -> None:
    if isinstance(cell, FrequencyCell):
        enter_frequencies(ledger, place, cell)
        return
    valid: list[Hashable] = ["valid"]
    if cell.ones is not None:  # a variable of 0 and 1: its mean and its sum are counts
        valid = ["ones", "zeros"]
        ledger.enter((place, "ones"), cell.names, ["ones"], cell.group, cell.ones)
        ledger.enter((place, "zeros"), cell.names, ["zeros"], cell.group, _int(cell.n) - cell.ones)
    enter_sums(ledger, place, cell.names, (valid, ["gone"]), cell, cell.missing)


def _int(count: Count) -> int:
    return count if isinstance(count, int) else 0


def _hidden(ledger: Ledger, place: int, cell: ResultCell) -> ResultCell:
    if isinstance(cell, FrequencyCell):
        return hidden_frequencies(ledger, place, cell)
    n, missing = ledger.shown((place, "n"), cell.n), ledger.shown((place, "missing"), cell.missing)
    ones = cell.ones is not None and (ledger.is_hidden((place, "ones")) or ledger.is_hidden((place, "zeros")))
    nothing = isinstance(n, Hidden) or ones
    statistics = {
        key: _statistic(key, value, cell, ledger.below, nothing=nothing) for key, value in cell.statistics.items()
    }
    for key, count in (("n", n), ("missing", missing)):
        if key in statistics:
            statistics[key] = count if isinstance(count, Hidden) else float(count)
    weighed = None if nothing else without_weights(cell.weighed)
    return replace(cell, n=n, missing=missing, statistics=statistics, weighed=weighed)


def _statistic(key: str, value: Value, cell: MeasuredCell, below: int, *, nothing: bool) -> Value:
    """A statistic of a group: none where its n (or how many ones it has) is hidden, and never one that is a single case."""
    if isinstance(value, Undefined) or key in ("n", "missing"):
        return value
    if nothing or key in CASE_LISTS or key in SINGLE:
        return Hidden()
    if key in OF_MEDIAN and int(median_ranks(np.array([_int(cell.n)]), confidence=WIDEST)[0]) < below:
        return Hidden()  # fewer than so many cases lie beyond it
    if int(_narrower(key) * _int(cell.n)) < below:
        return Hidden()
    if key in ("mode", "mode_count") and not _frequent(cell, below):
        return Hidden()
    return value


def _narrower(key: str) -> float:
    """The share of the cases on the narrower side of a quantile: where they are few, it is a single case; 1 for others."""
    share = percentile_of(key)
    if share is not None:
        return min(share, 100 - share) / 100
    if key == "median":
        return 0.5
    return 0.25 if statistic(key).recorded == "between" or key == "mad_normal" else 1.0


def _frequent(cell: MeasuredCell, below: int) -> bool:
    """Whether so many cases have the most frequent value that it may be named."""
    return cell.number("mode_count") >= below


def _differences(differences: tuple[Difference, ...], cells: tuple[ResultCell, ...]) -> tuple[Difference, ...]:
    """Measures and tests go where a count of their variable is hidden; and where they tell how many persons were seen twice."""
    gone = {cell.names[0] for cell in cells if any(isinstance(count, Hidden) for count in _all_counts(cell))}
    hidden = {(cell.names[0], cell.group) for cell in cells if isinstance(cell, MeasuredCell) and _without_middle(cell)}
    return tuple(
        _untold(d) if d.variable in gone or d.persons or (d.variable, d.group) in hidden else d for d in differences
    )


def _without_middle(cell: MeasuredCell) -> bool:
    """Whether mean or median are hidden: a norm is known, so that the difference from it would tell them."""
    return any(isinstance(cell.statistics.get(key), Hidden) for key in ("mean", "median"))


def _untold(difference: Difference) -> Difference:
    effect, test, adjusted = difference.effect, difference.test, difference.p_adjusted
    return replace(
        difference,
        effect=effect and replace(effect, value=TELLING, low=TELLING, high=TELLING),
        test=test and replace(test, statistic=TELLING, df=(), p=TELLING),
        p_adjusted=None if adjusted is None else TELLING,
        besides=None,
        spread=None,
        persons=0,
    )


def _all_counts(cell: ResultCell) -> list[Count]:
    levels = [level.count for level in cell.levels] if isinstance(cell, FrequencyCell) else []
    return [cell.n, cell.missing, *levels]
