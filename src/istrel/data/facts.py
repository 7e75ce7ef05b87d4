"""What there is to see in a column at a glance: counts, extremes, most frequent values, and the heights of a tiny drawing."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, show_date
from istrel.data.dataset import Dataset, as_stored, order_of
from istrel.data.guess import suspected_codes
from istrel.data.levels import Level
from istrel.english import english, written
from istrel.stats.bars import bars_of
from istrel.stats.glance import REACH
from istrel.stats.moderate import moderate
from istrel.stats.quick import quick_quantiles

DRAWN_CATEGORIES = 9
MOST_FREQUENT = 5
FEW = 1_000  # values that are sorted rather than selected
MOST_DIGITS = 1e15  # larger numbers are said by their power of ten


@dataclass(frozen=True)
class VariableFacts:
    """One variable in numbers.

    Attributes
    ----------
    minimum, maximum, mean
        Of numbers; None for words and where nothing is valid. Dates give their first and last day as text.
    most_frequent
        (label, count), most frequent first, at most five.
    frequent_values
        The same with values as stored.
    drawn
        The limits between which the drawing of a measured variable runs.
    whole
        True where all values are whole numbers.
    personal
        True where nothing is told of its values, which tell who a person is.
    shape
        Heights from 0 to 1 of a drawing: classes of numbers and dates, or categories in order.
    stepped
        True where the drawing stands for separate categories.
    """

    name: str
    level: Level
    valid: int
    missing: int
    distinct: int
    minimum: float | str | None
    maximum: float | str | None
    mean: float | None
    most_frequent: tuple[tuple[str, int], ...]
    shape: tuple[float, ...]
    stepped: bool
    zeros: int = 0
    frequent_values: tuple[tuple[float | str, int], ...] = ()
    drawn: tuple[float, float] | None = None
    whole: bool = False
    years: bool = False
    personal: bool = False

    @property
    def glance(self) -> str:
        """One short line that says the most about this kind of variable."""
        if self.personal:
            return english("personal")
        if not self.valid:
            return english("no values")
        if self.level in (Level.IDENTIFIER, Level.TEXT):
            return english("{n:,} distinct", n=self.distinct)
        if self.level is Level.DATE:
            return english("{low} to {high}", low=self.minimum, high=self.maximum)
        if self.level.measured and self.mean is not None:
            low, high = (_short(end, years=self.years) for end in (self.minimum, self.maximum))
            ends = (
                english("{low} to {high}", low=low, high=high)
                if "−" in low
                else english("{low}–{high}", low=low, high=high)
            )
            return english("M {mean} · {ends}", mean=_short(self.mean, years=self.years), ends=ends)
        if self.level is Level.BINARY and self.most_frequent:
            label, count = self.most_frequent[0]
            return f"{100 * count / self.valid:.0f} % {label.strip()}"
        if not self.most_frequent:
            return english("{n:,} distinct", n=self.distinct)
        return english("most: {value}", value=self.most_frequent[0][0].strip())


def _short(value: float | str | None, *, years: bool = False) -> str:
    if isinstance(value, str) or value is None:
        return str(value)
    if years:
        return f"{value:.0f}"
    if abs(value) >= MOST_DIGITS:
        return english("{value:.3g}", value=value)
    spec = ",.0f" if abs(value) >= 1000 or f"{value:.1f}".endswith(".0") else ",.1f"
    return written(value, spec)


def variable_facts(data: Dataset, name: str) -> VariableFacts:
    """The facts of one variable, missing codes set aside; found out once per version of the variable."""
    return data.once("facts", name, lambda: _variable_facts(data, name))


def _variable_facts(data: Dataset, name: str) -> VariableFacts:
    variable, column = data.variable(name), data.table.column(name)
    distinct, counts = data.tally(name)
    valid = int(counts.sum())
    often = np.argsort(-counts, kind="stable")[:MOST_FREQUENT]
    measure = _measure(data, name)
    by_class = column.kind is not Kind.TEXT and not variable.level.categorical
    shape: tuple[float, ...] = ()
    drawn: tuple[float, float] | None = None
    if variable.level not in (Level.IDENTIFIER, Level.TEXT):
        shape, drawn = _drawn(data, name) if by_class else (_categories(data, name), None)
    most = [(_stored(column, distinct[i]), int(counts[i])) for i in often]
    return VariableFacts(
        name=name,
        level=variable.level,
        valid=valid,
        missing=data.n_cases - valid,
        distinct=int(distinct.size),
        minimum=measure.minimum,
        maximum=measure.maximum,
        mean=measure.mean,
        most_frequent=tuple((variable.label_of(value), count) for value, count in most),
        shape=shape,
        stepped=not by_class,
        frequent_values=tuple(most),
        drawn=drawn,
        whole=measure.whole,
        years=column.kind is Kind.NUMBER and data.is_years(name),
        zeros=measure.zeros,
    )


class _Measure(NamedTuple):
    """What there is to say of the values of a column as numbers."""

    minimum: float | str | None
    maximum: float | str | None
    mean: float | None
    whole: bool
    zeros: int


def _measure(data: Dataset, name: str) -> _Measure:
    seen = data.glance(name)
    if seen is not None:
        return _Measure(seen.low, seen.high, seen.mean, seen.whole, seen.zeros)
    numbers, kind = data.numbers(name), data.table.column(name).kind
    values = numbers.values[numbers.valid]
    whole, zeros = bool(np.array_equal(values, np.floor(values))), int((values == 0).sum())
    if not values.size or kind is Kind.TEXT:
        return _Measure(None, None, None, whole, 0)
    if kind is Kind.DATE:
        first, last = (str(np.datetime64(int(day), "D")) for day in (values.min(), values.max()))
        return _Measure(first, last, None, whole, 0)
    return _Measure(float(values.min()), float(values.max()), _mean(values), whole, zeros)


Extreme = tuple[float | str, int]
Drawing = tuple[tuple[float, ...], tuple[float, float] | None]


def extremes(data: Dataset, name: str, k: int = 5) -> tuple[tuple[Extreme, ...], tuple[Extreme, ...]]:
    """The k lowest and the k highest (value, data row from 1), the outermost first; nothing for texts.

    Of equal values the one that stands earlier in the file comes first.
    """
    column = data.table.column(name)
    if column.kind is Kind.TEXT or data.variable(name).level is Level.IDENTIFIER:
        return (), ()
    numbers = data.numbers(name)
    rows = numbers.valid.nonzero()[0]
    values = numbers.values[rows]
    low, high = (
        tuple((column.value_at(row), row + 1) for row in rows[_least(signed, k)].tolist())
        for signed in (values, -values)
    )
    return low, high


def _least(values: NDArray[np.float64], k: int) -> NDArray[np.intp]:
    """The places of the k smallest values, ascending; of equal ones that stand first."""
    if values.size <= FEW:
        return values.argsort(kind="stable")[:k]
    near = np.flatnonzero(values <= np.partition(values, k - 1)[k - 1])
    return near[np.argsort(values[near], kind="stable")][:k]


def _mean(values: NDArray[np.float64]) -> float:
    plain, exponent = moderate(values)
    return float(np.ldexp(plain.mean(), exponent))


def _stored(column: Column, value: Any) -> float | str:
    if column.kind is Kind.TEXT:
        return column.words[int(value)]
    return show_date(value) if column.kind is Kind.DATE else float(value)


def _categories(data: Dataset, name: str) -> tuple[float, ...]:
    """The first categories in the order in which they print."""
    distinct, often = data.tally(name)
    found = as_stored(data.table.column(name), distinct)
    times = dict(zip(found, often.tolist(), strict=True))
    counts = np.array([times[value] for value in order_of(data.variable(name), found) if value in times])
    return tuple((counts[counts > 0][:DRAWN_CATEGORIES] / max(1, counts.max(initial=1))).tolist())


def _drawn(data: Dataset, name: str) -> Drawing:
    seen = data.glance(name)
    if seen is not None and not (seen.marked and suspected_codes(seen.distinct)):
        return _drawing(seen.heights, seen.limits)
    numbers = data.numbers(name)
    return _classes(numbers.values[numbers.valid])


def _classes(values: NDArray[np.float64]) -> Drawing:
    """(heights, limits) of equal classes over the bulk of the values: a lone 199 shall not press all others into one bar."""
    values, exponent = moderate(values[~np.isin(values, suspected_codes(values))])
    if values.size == 0:
        return (), None
    low, middle_low, middle_high, high = quick_quantiles(values, (0.0, 0.25, 0.75, 1.0))
    reach = REACH * (middle_high - middle_low)
    if reach > 0:
        low, high = max(low, middle_low - reach), min(high, middle_high + reach)
    return _drawing(bars_of(values, low, high), (float(np.ldexp(low, exponent)), float(np.ldexp(high, exponent))))


def _drawing(heights: NDArray[np.float64], limits: tuple[float, float]) -> Drawing:
    low, high = limits
    return (tuple((heights / heights.max()).tolist()), limits) if high > low else ((1.0,), None)


@dataclass(frozen=True)
class FileFacts:
    """The whole file in numbers.

    Attributes
    ----------
    complete
        Cases that have a value in every variable but free text.
    missing_share
        Of all values of the cases that are not set aside.
    cases
        Rows that are not set aside.
    first_day, last_day, dated
        The span of the first variable of dates, and its name; empty where there is none.
    memory
        Bytes that the columns take.
    """

    rows: int
    columns: int
    missing_share: float
    complete: int
    cases: int
    first_day: str = ""
    last_day: str = ""
    dated: str = ""
    memory: int = 0


def file_facts(data: Dataset) -> FileFacts:
    """Size, share of values missing, and cases without any missing value."""
    complete = data.kept
    missing = 0
    for column in data.table.columns:
        present = data.present(column.name)
        if data.variable(column.name).level is not Level.TEXT:  # nobody has to write a comment
            complete &= present
        missing += data.n_cases - int(present.sum())
    cells = max(1, data.n_cases * len(data.table.columns))
    first, last, dated = _days(data)
    memory = sum(column.values.nbytes + column.valid.nbytes for column in data.table.columns)
    size = (data.n_rows, len(data.table.columns))
    return FileFacts(*size, missing / cells, int(complete.sum()), data.n_cases, first, last, dated, memory)


def _days(data: Dataset) -> tuple[str, str, str]:
    """First and last day of the first variable of dates, and its name."""
    for column in data.table.columns:
        if column.kind is Kind.DATE:
            present = data.present(column.name)
            if present.any():
                days = column.values[present]
                return str(days.min())[:10], str(days.max())[:10], column.name
    return "", "", ""


def value_counts(data: Dataset, name: str, limit: int = 12) -> tuple[tuple[float | str, str, int], ...]:
    """(value, label, count) of the first categories in print order."""
    categories = data.categories(name)
    counts = np.bincount(categories.codes[categories.codes >= 0], minlength=len(categories.values))
    return tuple(zip(categories.values, categories.labels, counts.tolist(), strict=True))[:limit]
