"""Statistics as cells of a table: which kind of number each is, how precise, and which cases stand behind it."""

from __future__ import annotations

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
        return float(len(value))
    return value


def _precise(made: Cell, cell: MeasuredCell, plan: DescribePlan) -> Cell:
    """Decimals of a measure: as asked for; else as the codebook says, and never so few that the SD loses its second figure.

    Whole-number data keep whole minimum, maximum, range and mode, and as many decimals of a quantile as it needs.
    """
    asked = plan.request.settings["decimals"]
    if asked is not None:
        return replace(made, decimals=asked)
    recorded = statistic(made.statistic).recorded
    if cell.whole and recorded == "values":
        return replace(made, decimals=0)
    said = plan.data.variable(cell.variable).decimals
    if cell.whole and recorded == "between":
        return replace(made, decimals=_between(made.value, 1 if said is None else min(1, said)))
    return replace(made, decimals=said, spread=cell.number("sd"))


def _between(value: object, usual: int) -> int:
    """Decimals of a quantile of whole numbers: one more than usual for halves, two for quarters, where it needs them."""
    if not isinstance(value, float) or value.is_integer():
        return usual
    return 1 if (2 * value).is_integer() else 2


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


def paired_heads(shown: tuple[str, ...], confidence: float) -> tuple[list[Head], list[Head]]:
    """(spanners, heads) of the statistics; the two limits of an interval, side by side, stand under one spanner."""
    spanners: list[Head] = []
    place = 0
    level = Cell(100 * confidence, Kind.EDGE)
    while place < len(shown):
        if shown[place : place + 2] == ("ci_low", "ci_high"):
            spanners.append(Head(say("head_interval", level=level), span=2))
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
class PairOf(NamedTuple):
    """What a measured variable shows in a sample table: two statistics, how they are put together, and their symbols."""

    first: str
    second: str
    pattern: str
    symbol: str


PAIRS = (
    PairOf("mean", "sd", "pair_in_brackets", "row_mean_sd"),
    PairOf("median", "iqr", "pair_in_square_brackets", "row_median_iqr"),
)


def pair_of(plan: DescribePlan) -> PairOf | None:
    """Mean and SD, or median and IQR where those were asked for; None where neither pair was."""
    wanted = set(plan.shown)
    return next((pair for pair in PAIRS if {pair.first, pair.second} <= wanted), None)
