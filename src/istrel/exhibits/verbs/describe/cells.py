"""Statistics as cells of a table: which kind of number each is, how precise, and which cases stand behind it."""

from __future__ import annotations

import math
from dataclasses import replace
from typing import NamedTuple

from istrel.data.column import show_value
from istrel.exhibits.behind import Behind
from istrel.exhibits.table import Head
from istrel.exhibits.text import Cell, Hidden, Text, count_cell, say
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import MeasuredCell, Value
from istrel.sentence.vocabulary import CASE_LISTS, percentile_of, statistic
from istrel.stats.quantiles import CaseValue
from istrel.style.numbers import Kind

MOST_MODES = 3


def cell_of(key: str, cell: MeasuredCell, plan: DescribePlan, *, row: str = "", column: str = "") -> Text:
    """The table cell of one statistic; `row` and `column` are its keys where those are not groups and statistics."""
    value, entry = cell.statistics[key], statistic(key)
    behind = _behind(key, value, cell)
    made = Cell(
        _shown(key, value),
        Kind.DATE if cell.date and entry.kind is Kind.MEASURE else entry.kind,
        row=row or row_key(cell),
        column=column or key,
        statistic=key,
        behind=behind,
    )
    if key == "mode" and isinstance(value, tuple) and len(value) > MOST_MODES:
        return say("n_modes", n=replace(made, value=float(len(value)), kind=Kind.COUNT))
    if made.kind is Kind.DATE and cell.whole and isinstance(value, float):
        return (replace(made, value=math.floor(value + 0.5)),)  # a quantile between two days
    if made.kind is not Kind.MEASURE:
        return (made,)
    precise = _precise(made, cell, plan)
    return (replace(precise, kind=Kind.YEAR) if cell.year else precise,)


def n_of(cell: MeasuredCell) -> Cell:
    """How many values stand behind the statistics."""
    return count_cell(cell.n, row=row_key(cell), column="n", statistic="n")


def row_key(cell: MeasuredCell) -> str:
    """The key of a row of this variable and group."""
    return f"{cell.variable} @ {cell.group.key}" if cell.group.key else cell.variable


def _shown(key: str, value: Value) -> Value:
    if key == "outliers" and isinstance(value, tuple):
        return float(sum(part.times for part in value if isinstance(part, CaseValue)))
    return value


def _precise(made: Cell, cell: MeasuredCell, plan: DescribePlan) -> Cell:
    """Decimals of a measure: as asked for; else as the codebook says; else as finely as the variable was measured.

    All groups of a variable print alike. Whole-number data keep whole minimum, maximum, range and mode, and whole quantiles
    where in no group one lies between two numbers.
    """
    asked = plan.request.settings["decimals"]
    if asked is not None:
        return replace(made, decimals=asked)
    recorded = statistic(made.statistic).recorded
    if cell.whole and recorded == "values":
        return replace(made, decimals=0)
    said = plan.data.variable(cell.variable).decimals
    if cell.whole and recorded == "between" and not cell.fractional:
        return replace(made, decimals=said or 0)
    precision = cell.precision._replace(recorded=recorded == "values")
    return replace(made, decimals=None if said is None else max(said, precision.decimals(said)), precision=precision)


def _behind(key: str, value: Value, cell: MeasuredCell) -> Behind | None:
    """A minimum, maximum or mode means the cases with that value, "missing" those without one, a list just its cases."""
    if isinstance(value, Hidden):
        return None
    group = " · ".join(cell.group.labels)
    words = " · ".join(filter(None, (cell.variable, group)))
    if key == "missing":
        return Behind(f"{words}, missing", cell.group.named, missing=(cell.variable,))
    behind = Behind(words, cell.group.named, valid=(cell.variable,))
    if key in CASE_LISTS and isinstance(value, tuple):
        rows = tuple(sorted(part.row for part in value if isinstance(part, CaseValue)))
        return replace(behind, words=f"{words}, {key}", rows=rows)
    if key in ("min", "max", "mode"):
        values = value if isinstance(value, tuple) else (value,)
        numbers = tuple(part for part in values if isinstance(part, float))
        return replace(behind, words=f"{words}, {key}", values=(cell.variable, numbers)) if numbers else behind
    return behind


def counts_of(cell: MeasuredCell) -> Text:
    """n and how many are missing, for whoever points at the row."""
    n, missing = (Cell(v if isinstance(v, Hidden) else float(v), Kind.COUNT) for v in (cell.n, cell.missing))
    return say("n_and_missing", n=n, missing=missing)


INTERVALS: dict[tuple[str, ...], str] = {
    ("ci_low", "ci_high"): "head_interval",
    ("median_ci_low", "median_ci_high"): "head_median_interval",
}


def paired_heads(shown: tuple[str, ...], confidence: float) -> tuple[list[Head], list[Head]]:
    """(spanners, heads) of the statistics; the two limits of an interval, side by side, stand under one spanner."""
    spanners: list[Head] = []
    place = 0
    level = Cell(100 * confidence, Kind.EDGE)
    while place < len(shown):
        head = INTERVALS.get(shown[place : place + 2])
        if head is not None:
            spanners.append(Head(say(head, level=level), span=2))
            place += 2
        else:
            spanners.append(Head(()))
            place += 1
    return spanners, [Head(head_of(key)) for key in shown]


def head_of(key: str) -> Text:
    """What stands for a statistic at the head of its column or row."""
    share = percentile_of(key)
    if share is not None:
        return say("head_percentile", share=show_value(share))
    return say(statistic(key).head)


# What a sample table shows of a measured variable.
class Line(NamedTuple):
    """One line of a measured variable in a sample table: its statistics, how they are put together, and what they are called.

    Attributes
    ----------
    pattern
        The phrase that puts the numbers together, with the slots first, second, third; empty for one number.
    symbol, alone
        The phrase beside the variable's name, where it is the only line; the phrase that stands for the line else.
    """

    keys: tuple[str, ...]
    pattern: str = ""
    symbol: str = ""
    alone: str = ""


TOGETHER = (
    Line(("mean", "sd"), "pair_in_brackets", "row_mean_sd", "stub_mean_sd"),
    Line(("median", "q1", "q3"), "triple_in_brackets", "row_median_quartiles", "stub_median_quartiles"),
    Line(("median", "iqr"), "pair_in_brackets", "row_median_iqr", "stub_median_iqr"),
)
SLOTS = ("first", "second", "third")


def lines_of(plan: DescribePlan) -> tuple[Line, ...]:
    """Every statistic that is asked for, those that belong together in one line; mean and SD where nothing is said."""
    if plan.request.settings["statistics"] is None and not plan.request.settings["percentiles"]:
        return TOGETHER[:1]
    left, lines = list(plan.shown), dict[int, Line]()
    for line in TOGETHER:
        if set(line.keys) <= set(left):
            lines[plan.shown.index(line.keys[0])] = line
            left = [key for key in left if key not in line.keys]
    lines |= {plan.shown.index(key): Line((key,)) for key in left}
    return tuple(lines[place] for place in sorted(lines))
