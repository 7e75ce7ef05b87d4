"""The first look as a report: a page for every variable, correlations, first and last rows; found once, for any output."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, show_date, show_value
from istrel.data.dataset import Dataset
from istrel.data.facts import extremes, variable_facts
from istrel.data.levels import Level
from istrel.english import english
from istrel.stats import moments, quantiles
from istrel.stats.binning import ClassSettings, class_edges, count_classes
from istrel.stats.correlation import pearson
from istrel.stats.estimates import Estimates
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.moderate import moderate
from istrel.stats.quick import quick_quantiles
from istrel.study.intake import Intake

MOST_PAGES = 300
MOST_VALUES, FEW_VALUES = 24, 8
SELDOM = 2  # cases of the most frequent value: then none is frequent
MOST_CLASSES = 40
MOST_RELATED, MOST_CORRELATED = 5, 40
ENDS = 5  # rows from each end of the file
FEWEST_PAIRS = 3
REACH = 4  # interquartile ranges beyond the quartiles, as far as is drawn
MOST_DECIMALS = 4
PERCENTS = (1, 5, 10, 25, 50, 75, 90, 95, 99)

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Counted:
    """A value with its label, how many cases have it, and its share of the valid ones."""

    value: str
    label: str
    count: int
    share: float


@dataclass(frozen=True, eq=False)
class Drawn:
    """Classes of a measure or of days: edges (classes + 1,), counts (classes,). Days count from 1970-01-01.

    What lies far from the bulk is not drawn: `below` and `above` say how many values do.
    """

    edges: Floats
    counts: NDArray[np.int64]
    dated: bool
    below: int
    above: int


@dataclass(frozen=True, eq=False)
class Page:
    """All there is to say of a variable.

    Attributes
    ----------
    numbers, quantiles
        (what, as text) of measures.
    values
        The values of a category in print order, else the most frequent ones; `others` cases have others.
    lowest, highest
        (as text, data row from 1), the outermost first.
    missing
        (why, how many cases).
    findings
        What is said of it above, a line each.
    related
        (variable, r) of the measures that go with it most, the strongest first.
    """

    name: str
    label: str
    unit: str
    level: Level
    valid: int
    distinct: int
    missing: tuple[tuple[str, int], ...]
    numbers: tuple[tuple[str, str], ...] = ()
    quantiles: tuple[tuple[str, str], ...] = ()
    values: tuple[Counted, ...] = ()
    others: int = 0
    lowest: tuple[tuple[str, int], ...] = ()
    highest: tuple[tuple[str, int], ...] = ()
    drawn: Drawn | None = None
    findings: tuple[str, ...] = ()
    related: tuple[tuple[str, float], ...] = ()
    personal: bool = False


@dataclass(frozen=True, eq=False)
class Report:
    """The pages of the variables, in their order; r of the measures (p, p), NaN where there is none; rows as (row, texts)."""

    intake: Intake
    pages: tuple[Page, ...]
    left_out: int
    measures: tuple[str, ...]
    correlations: Floats
    names: tuple[str, ...]
    first: tuple[tuple[int, tuple[str, ...]], ...]
    last: tuple[tuple[int, tuple[str, ...]], ...]


def report_of(intake: Intake) -> Report:
    """The report behind a first look."""
    data = intake.data
    names = data.table.names
    measures, r = _correlations(data)
    related = {name: _related(place, measures, r) for place, name in enumerate(measures)}
    shown = names[:MOST_PAGES]
    said: dict[str, list[str]] = {}
    for finding in intake.findings:
        for name in finding.variables:
            said.setdefault(name, []).append(finding.line)
    pages = tuple(_page(name, data, tuple(said.get(name, ())), related.get(name, ())) for name in shown)
    rows = np.flatnonzero(data.kept)
    first, last = rows[:ENDS], rows[ENDS:][-ENDS:]
    few = measures[:MOST_CORRELATED]
    return Report(
        intake,
        pages,
        len(names) - len(shown),
        few,
        r[: len(few), : len(few)],
        shown,
        tuple((int(row) + 1, _row(int(row), data, shown)) for row in first),
        tuple((int(row) + 1, _row(int(row), data, shown)) for row in last),
    )


def _row(row: int, data: Dataset, names: tuple[str, ...]) -> tuple[str, ...]:
    """The cells of a row; nothing of what is personal."""
    return tuple("" if data.variable(name).personal else data.table.column(name).text_at(row) for name in names)


def _page(name: str, data: Dataset, findings: tuple[str, ...], related: tuple[tuple[str, float], ...]) -> Page:
    line, column, facts = data.variable(name), data.table.column(name), variable_facts(data, name)
    page = Page(
        name, line.label, line.unit, line.level, facts.valid, facts.distinct, _missing(name, data), findings=findings
    )
    if line.personal:
        return replace(page, personal=True)
    values, others = _values(name, data, facts.valid)
    if line.level is Level.IDENTIFIER or (not line.level.categorical and values and values[0].count <= SELDOM):
        values, others = (), 0
    page = replace(page, values=values, others=others, related=related)
    if column.kind is Kind.TEXT or line.level.categorical or line.level is Level.IDENTIFIER or not facts.valid:
        return page
    return _measured(page, name, data, column)


def _measured(page: Page, name: str, data: Dataset, column: Column) -> Page:
    """With the numbers of a measure; of days, those that are days."""
    numbers = data.numbers(name)
    cells = arrange(numbers.values, np.zeros(data.n_rows, np.int32), numbers.valid, 1)
    dated = column.kind is Kind.DATE
    places = 0 if dated else min(MOST_DECIMALS, data.measured_decimals(name))

    def shown(value: float, more: int = 0) -> str:
        return _day(value) if dated else _number(value, places + more)

    found = [(f"{percent} %", shown(_at(quantiles.quantile(cells, percent / 100)))) for percent in PERCENTS]
    low, high = (tuple((_text(v), row) for v, row in end) for end in extremes(data, name))
    return replace(
        page,
        numbers=_numbers(cells, shown, dated=dated),
        quantiles=tuple(found),
        lowest=low,
        highest=high,
        drawn=_drawn(cells.values, dated=dated),
    )


def _numbers(cells: Arranged, shown: Callable[..., str], *, dated: bool) -> tuple[tuple[str, str], ...]:
    low, high = float(cells.values[0]), float(cells.values[-1])
    if dated:
        return (
            (english("First"), shown(low)),
            (english("Last"), shown(high)),
            (english("Days between"), f"{high - low:,.0f}"),
        )
    m = moments.moments(cells)
    found = [
        (english("Mean"), shown(_at(moments.mean(m)), 1)),
        (english("Standard deviation"), shown(_at(moments.sd(m)), 1)),
        (english("Median"), shown(_at(quantiles.quantile(cells, 0.5)), 1)),
        (english("Interquartile range"), shown(_at(quantiles.interquartile_range(cells)), 1)),
        (english("Smallest"), shown(low)),
        (english("Largest"), shown(high)),
        (english("Skewness (G1)"), _number(_at(moments.skewness(m)), 2)),
        (english("Kurtosis (G2)"), _number(_at(moments.kurtosis(m)), 2)),
    ]
    zeros, below = int((cells.values == 0).sum()), int((cells.values < 0).sum())
    more = [(english("Zeros"), f"{zeros:,}")] if zeros else []
    more += [(english("Below zero"), f"{below:,}")] if below else []
    return (*found, *more)


def _at(found: Estimates) -> float:
    """The one estimate; NaN where there is none."""
    value = found.at(0)
    return value if isinstance(value, float) else float("nan")


def _number(value: float, places: int) -> str:
    if not np.isfinite(value):
        return "–"
    if abs(value) >= 1e9 or 0 < abs(value) < 1e-4:
        return f"{value:.4g}".replace("-", "−")
    return f"{value:,.{places}f}".replace("-", "−")


def _day(value: float) -> str:
    return str(np.datetime64(round(value), "D")) if np.isfinite(value) else "–"


def _text(value: float | str) -> str:
    return value if isinstance(value, str) else show_value(value).replace("-", "−")


def _drawn(values: Floats, *, dated: bool) -> Drawn | None:
    """Classes as a histogram has them, at most forty; nothing where all values are equal or too large to be cut."""
    if values[0] == values[-1] or moderate(values)[1]:
        return None
    first, third = quick_quantiles(values, (0.25, 0.75))
    reach = REACH * (third - first) or np.inf
    start = int(np.searchsorted(values, first - reach, "left"))
    stop = int(np.searchsorted(values, third + reach, "right"))
    drawn = values[start:stop]
    edges = class_edges(drawn, ClassSettings(most=MOST_CLASSES)).edges
    return Drawn(edges, count_classes(drawn, edges).counts.astype(np.int64), dated, start, values.size - stop)


def _values(name: str, data: Dataset, valid: int) -> tuple[tuple[Counted, ...], int]:
    """(values in print order or the most frequent ones, how many cases have others)."""
    line, column = data.variable(name), data.table.column(name)
    if line.level.categorical:
        categories = data.categories(name)
        counts = np.bincount(categories.codes[categories.codes >= 0], minlength=len(categories.values))
        every = [
            Counted(_text(value), "" if label == show_value(value) else label, int(n), n / max(1, valid))
            for value, label, n in zip(categories.values, categories.labels, counts, strict=True)
        ]
        shown = every if len(every) <= MOST_VALUES else sorted(every, key=lambda one: -one.count)[:MOST_VALUES]
    else:
        distinct, counts = data.tally(name)
        often = np.argsort(-counts, kind="stable")[:FEW_VALUES]
        shown = [Counted(_stored(column, distinct[i]), "", int(counts[i]), counts[i] / max(1, valid)) for i in often]
    return tuple(shown), valid - sum(one.count for one in shown)


def _stored(column: Column, value: Any) -> str:
    if column.kind is Kind.TEXT:
        return column.words[int(value)]
    return show_date(value) if column.kind is Kind.DATE else _text(float(value))


def _missing(name: str, data: Dataset) -> tuple[tuple[str, int], ...]:
    """Why values are missing, and of how many cases."""
    prepared = data.categories(name) if data.variable(name).level.categorical else data.numbers(name)
    if data.table.column(name).kind is Kind.TEXT and not data.variable(name).level.categorical:
        gone = data.n_cases - int(data.present(name).sum())
        return (("blank", gone),) if gone else ()
    kept = data.kept
    found = ((reason.name, int((mask & kept).sum())) for reason, mask in prepared.missing.reasons.items())
    return tuple((why, count) for why, count in found if count)


# Correlations.
def _correlations(data: Dataset) -> tuple[tuple[str, ...], Floats]:
    """(measures, Pearson's r of each pair over the cases that both have); NaN where there is none."""
    names = tuple(
        line.name
        for line in data.codebook.variables
        if line.in_use and not line.personal and line.level.measured and line.name in data.table
        if data.table.column(line.name).kind is Kind.NUMBER
    )[:MOST_PAGES]
    if len(names) < 2:
        return names, np.full((len(names), len(names)), np.nan)
    prepared = [data.numbers(name) for name in names]
    valid = np.stack([one.valid for one in prepared], axis=1)
    found = pearson(np.stack([np.where(one.valid, one.values, 0.0) for one in prepared], axis=1), valid)
    return names, np.where(found.n >= FEWEST_PAIRS, found.coefficient, np.nan)


def _related(place: int, names: tuple[str, ...], r: Floats) -> tuple[tuple[str, float], ...]:
    """The measures that go with one most."""
    mine = r[place].copy()
    mine[place] = np.nan
    order = [int(i) for i in np.argsort(-np.abs(np.nan_to_num(mine, nan=0.0)), kind="stable") if np.isfinite(mine[i])]
    return tuple((names[i], float(mine[i])) for i in order[:MOST_RELATED])
