"""A table seen through its codebook: numbers and categories as the exhibits want them, missing codes set aside.

Prepared columns are computed once per version (a Dataset is immutable) and kept with it.
"""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import dataclass, field, replace
from typing import Any, TypeVar

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Codebook, Variable
from istrel.data.column import Column, Kind, as_date, show_date, show_value
from istrel.data.corrections import Aside
from istrel.data.glance import glance_of
from istrel.data.natural import in_natural_order
from istrel.data.reason import BLANK, INFINITE, TEXT, Reason
from istrel.data.table import Table
from istrel.stats.distinct import distinct_values, places_among
from istrel.stats.glance import Glance

Prepared = TypeVar("Prepared")
Mask = NDArray[np.bool_]
YEARS = 1800, 2100
YEAR = re.compile(r"(?<![^\W_])(years?|dates?|jahre?|datum|années?|años?|fecha)(?![^\W_])", re.IGNORECASE)


@dataclass(frozen=True, eq=False)
class Missing:
    """Cases without a usable value, by reason: {reason: mask of shape (rows,)}; each case under one reason."""

    reasons: dict[Reason, NDArray[np.bool_]]


@dataclass(frozen=True, eq=False)
class Numbers:
    """A variable as numbers: values float64 (rows,), usable where `valid`; infinite values are not."""

    values: NDArray[np.float64]
    valid: NDArray[np.bool_]
    missing: Missing


@dataclass(frozen=True, eq=False)
class Categories:
    """A variable as categories.

    Attributes
    ----------
    codes
        int32 (rows,), positions in `values`; -1 where missing.
    values
        Stored values in the order in which they print.
    labels
        What each is called in print.
    """

    codes: NDArray[np.int32]
    values: tuple[float | str, ...]
    labels: tuple[str, ...]
    missing: Missing


@dataclass(frozen=True, eq=False)
class Dataset:
    """A table with its codebook. Immutable; what is prepared from it is cached inside.

    Attributes
    ----------
    aside
        Cases set aside, shape (rows,): they have no usable value in any variable, and are not missing either.
    origin
        int64 (rows,): the row of the source, from 0, that each row comes from; None where they are the same.
    occasions
        How many rows, one after the other, are one case: more than one where its columns were turned into rows.
    asides
        Why rows were set aside, in rows of the source.
    times
        int64 (rows,): how many cases each row stands for; None where each is one, or is there so often.
    """

    table: Table
    codebook: Codebook
    aside: NDArray[np.bool_] | None = None
    origin: NDArray[np.int64] | None = None
    occasions: int = 1
    _prepared: dict[tuple[str, str], Any] = field(default_factory=dict, repr=False)
    asides: tuple[Aside, ...] = ()
    times: NDArray[np.int64] | None = None

    @property
    def n_rows(self) -> int:
        return self.table.n_rows

    @property
    def n_cases(self) -> int:
        """Cases that are not set aside."""
        if self.times is not None:
            return self.cases_in(self.kept)
        return self.n_rows if self.aside is None else int(self.n_rows - self.aside.sum())

    @property
    def n_read(self) -> int:
        """Cases of the file, set aside or not."""
        return (self.n_rows if self.times is None else int(self.times.sum())) // self.occasions

    @property
    def kept(self) -> NDArray[np.bool_]:
        """Cases that are not set aside, shape (rows,); a mask of the caller's own."""
        return np.ones(self.n_rows, bool) if self.aside is None else ~self.aside

    def cases_in(self, mask: NDArray[np.bool_]) -> int:
        """How many cases rows are of."""
        if self.occasions > 1:
            cases = mask.reshape(-1, self.occasions).any(axis=1)
            return int(cases.sum() if self.times is None else self.times[:: self.occasions][cases].sum())
        return int(mask.sum() if self.times is None else self.times[mask].sum())

    def rows_in(self, mask: NDArray[np.bool_]) -> int:
        """In how many rows of the source the rows of a mask stand."""
        return int(mask.sum() if self.origin is None else np.unique(self.origin[mask]).size)

    def named(self, rows: NDArray[np.int64]) -> NDArray[np.int64]:
        """The rows of the source, from 1, that rows (from 0) come from."""
        return (rows if self.origin is None else self.origin[rows]) + 1

    def with_column(self, column: Column) -> Dataset:
        """The same data with one more column; what is prepared is shared."""
        return replace(self, table=self.table.with_column(column))

    def taking_over(self, earlier: Dataset) -> Dataset:
        """The same data, with what an earlier version prepared for variables that did not change."""
        if earlier.aside is self.aside:
            same = {n for n in self.table.names if n in earlier.table and self._same(earlier, n)}
            self._prepared.update({key: made for key, made in earlier._prepared.copy().items() if key[1] in same})
        return self

    def _same(self, earlier: Dataset, name: str) -> bool:
        return (
            earlier.table.column(name) is self.table.column(name)
            and name in earlier.codebook
            and earlier.codebook[name] == self.codebook[name]
        )

    def variable(self, name: str) -> Variable:
        return self.codebook[name]

    def numbers(self, name: str) -> Numbers:
        """The variable as numbers. Dates count as days since 1970-01-01; texts give no valid value."""
        return self.once("numbers", name, lambda: _numbers(self.table.column(name), self.codebook[name], self.aside))

    def categories(self, name: str) -> Categories:
        """The variable as categories, in codebook order, then numbers ascending and texts by alphabet.

        Texts that differ only by spaces at their ends are still different values: mending that is the user's step.
        """
        return self.once(
            "categories", name, lambda: _categories(self.table.column(name), self.codebook[name], self.aside)
        )

    def present(self, name: str) -> NDArray[np.bool_]:
        """Cases with a usable value of any kind; shape (rows,)."""
        return self.once("present", name, lambda: _present(self.table.column(name), self.codebook[name], self.aside)[0])

    def tally(self, name: str) -> tuple[NDArray[Any], NDArray[np.int64]]:
        """(distinct usable values as stored: numbers, dates, or places in the column's words; how often each occurs)."""
        return self.once("tally", name, lambda: _tally(self.table.column(name), self.present(name)))

    def glance(self, name: str) -> Glance | None:
        """What was seen of a column of numbers at a glance; None where some of its values are set aside, or none was taken."""
        column = self.table.column(name)
        return glance_of(column) if self.present(name) is column.valid else None

    def is_years(self, name: str) -> bool:
        """Whether the values are calendar years of a few centuries, which are written without separators: whole numbers, or any
        numbers of a variable that is called a year.
        """
        called = bool(YEAR.search(f"{name} {self.variable(name).title}"))
        if (seen := self.glance(name)) is not None:
            return YEARS[0] <= seen.low and seen.high <= YEARS[1] and (called or seen.whole)
        return self.once(
            "years" if called else "whole years", name, lambda: _are_years(self.numbers(name), any_number=called)
        )

    def is_whole(self, name: str) -> bool:
        """Whether all usable values are whole numbers."""
        return self.once("whole", name, lambda: _are_whole(self.numbers(name)))

    def measured_decimals(self, name: str) -> int:
        """With how many decimals the values of a variable were measured, six at most."""
        return self.once("decimals", name, lambda: _decimals_of(self.numbers(name)))

    def once(self, what: str, name: str, make: Callable[[], Prepared]) -> Prepared:
        """What `make` gives for a variable, made once and kept as long as the variable does not change."""
        key = (what, name)
        if key not in self._prepared:
            self._prepared[key] = make()
        prepared: Prepared = self._prepared[key]
        return prepared


MOST_MEASURED, A_LOOK = 6, 16_384


def _decimals_of(numbers: Numbers) -> int:
    """The fewest decimals that all usable values keep."""
    values, decimals, place = numbers.values[numbers.valid], 0, 0
    while place < values.size and decimals < MOST_MEASURED:
        if _has_decimals(values[place : place + A_LOOK], decimals):
            place += A_LOOK
        else:
            decimals, place = decimals + 1, 0
    return decimals


def _has_decimals(values: NDArray[np.float64], decimals: int) -> bool:
    with np.errstate(over="ignore", invalid="ignore"):
        scaled = values * 10.0**decimals
        return bool((np.abs(scaled - np.rint(scaled)) <= 1e-9 * np.maximum(1.0, np.abs(scaled))).all())


def _are_years(numbers: Numbers, *, any_number: bool = False) -> bool:
    first, last = YEARS
    sample = numbers.values[numbers.valid]
    inside = sample.size > 0 and bool(((sample >= first) & (sample <= last)).all())
    return inside and (any_number or bool((sample == np.floor(sample)).all()))


def _numbers(column: Column, variable: Variable, aside: Mask | None) -> Numbers:
    coded, reasons = _coded_missing(column, variable)
    usable = _not(_without(coded, column), aside)
    if column.kind is Kind.TEXT:
        return Numbers(np.full(column.n_rows, np.nan), np.zeros(column.n_rows, bool), Missing(reasons))
    values = column.values
    if column.kind is Kind.DATE:
        values = values.astype("datetime64[s]").astype(np.float64) / 86400.0
    else:
        usable = _finite(column, usable, reasons)
    return Numbers(values, usable, Missing(reasons))


def _without(coded: Mask, column: Column) -> Mask:
    """The valid cells without the coded ones; the column's own mask where there are none."""
    return column.valid & ~coded if coded.any() else column.valid


def _not(usable: Mask, aside: Mask | None) -> Mask:
    return usable if aside is None else usable & ~aside


def _present(
    column: Column, variable: Variable, aside: Mask | None
) -> tuple[NDArray[np.bool_], dict[Reason, NDArray[np.bool_]]]:
    """(cases with a usable value, why the others have none)."""
    coded, reasons = _coded_missing(column, variable)
    usable = _not(_without(coded, column), aside)
    return (_finite(column, usable, reasons) if column.kind is Kind.NUMBER else usable), reasons


def _tally(column: Column, usable: NDArray[np.bool_]) -> tuple[NDArray[Any], NDArray[np.int64]]:
    seen = glance_of(column)
    if seen is not None and usable is column.valid:
        return seen.distinct, seen.counts
    if column.kind is not Kind.TEXT:
        return np.unique(column.values[usable], return_counts=True)
    counts = np.bincount(column.values[usable], minlength=len(column.words))
    places = np.flatnonzero(counts)
    return places, counts[places]


def _finite(column: Column, usable: NDArray[np.bool_], reasons: dict[Reason, NDArray[np.bool_]]) -> NDArray[np.bool_]:
    """Usable cells without infinite ones, which are put down as missing for that reason."""
    infinite = usable & ~np.isfinite(column.values)
    if infinite.any():
        reasons[INFINITE] = infinite
        return usable & ~infinite
    return usable


def _coded_missing(column: Column, variable: Variable) -> tuple[NDArray[np.bool_], dict[Reason, NDArray[np.bool_]]]:
    """The mask of valid cells whose value is a missing code, and all reasons for missing so far."""
    if not variable.missing_codes and not column.unread.texts:
        return np.zeros(column.n_rows, bool), {} if column.valid.all() else {BLANK: ~column.valid}
    coded = np.zeros(column.n_rows, bool)
    reasons: dict[Reason, NDArray[np.bool_]] = {}
    called: dict[str, Reason] = {}  # codes of one name are one reason
    text = np.zeros(column.n_rows, bool)
    text[column.unread.rows] = True
    blank = ~column.valid & ~text
    for code in variable.missing_codes:
        mask = _equal_to(column, code.value)
        if mask.any():
            reason = Reason("code", code.value, code.reason)
            reason = called.setdefault(code.reason, reason) if code.reason else reason
            reasons[reason] = reasons.get(reason, False) | mask
            coded |= mask
            text &= ~mask
    if blank.any():
        reasons[BLANK] = blank
    if text.any():
        reasons[TEXT] = text
    return coded, reasons


def _equal_to(column: Column, value: float | str) -> NDArray[np.bool_]:
    if isinstance(value, str):
        mask = np.zeros(column.n_rows, bool)
        if column.kind is Kind.DATE and (day := as_date(value)) is not None:
            return column.valid & (column.values == day)
        if column.kind is Kind.TEXT and value in column.words:
            mask = column.valid & (column.values == column.words.index(value))
        elif column.unread.texts:
            mask[[row for row, text in zip(column.unread.rows, column.unread.texts, strict=True) if text == value]] = (
                True
            )
        return mask
    if column.kind is Kind.NUMBER:
        return column.valid & (column.values == value)
    return (
        _equal_to(column, str(value).removesuffix(".0")) if column.kind is Kind.TEXT else np.zeros(column.n_rows, bool)
    )


def _categories(column: Column, variable: Variable, aside: Mask | None) -> Categories:
    usable, reasons = _present(column, variable, aside)
    found, codes = _distinct(column, usable)
    order = order_of(variable, found)
    position = {value: place for place, value in enumerate(order)}
    moved = np.array([position[value] for value in found] + [-1], np.int32)
    return Categories(
        codes=moved[np.where(usable, codes, -1)],
        values=tuple(order),
        labels=_print_labels(order, variable),
        missing=Missing(reasons),
    )


def _print_labels(order: list[float | str], variable: Variable) -> tuple[str, ...]:
    """What values are called in print; where a scale has labels at some of its points only, these keep their numbers."""
    plain = tuple(variable.label_of(value) for value in order)
    said = {entry.value for entry in variable.value_labels}
    ends = [value for value in order if value in said and isinstance(value, float)]
    between = (isinstance(value, float) and value not in said and min(ends) < value < max(ends) for value in order)
    if len(ends) < 2 or not any(between):
        return plain
    shown = ((value, label, show_value(value)) for value, label in zip(order, plain, strict=True))
    return tuple(
        f"{number} ({label})" if value in said and label != number else label for value, label, number in shown
    )


def order_of(variable: Variable, found: list[float | str]) -> list[float | str]:
    """Values in the order in which they print: those of the codebook, found or not, and the others that were found."""
    missing = {code.value for code in variable.missing_codes}
    return _print_order([entry.value for entry in variable.value_labels if entry.value not in missing], found)


def as_stored(column: Column, distinct: NDArray[Any]) -> list[float | str]:
    """Distinct values of a tally as a column stores them."""
    if column.kind is Kind.TEXT:
        return [column.words[place] for place in distinct.tolist()]
    return [show_date(value) for value in distinct] if column.kind is Kind.DATE else distinct.tolist()


def _print_order(listed: list[float | str], found: list[float | str]) -> list[float | str]:
    """The values of the codebook in its order, then the others; on a scale of numbers those stand in their places."""
    known = set(listed)
    others = [value for value in found if value not in known]
    numbers = [value for value in listed if not isinstance(value, str)]
    if len(numbers) == len(listed) and all(not isinstance(value, str) for value in others):
        for backwards in (False, True):
            if numbers == sorted(numbers, reverse=backwards):
                return sorted((*listed, *others), reverse=backwards)
    return [*listed, *in_natural_order(others)]


def _distinct(column: Column, usable: NDArray[np.bool_]) -> tuple[list[float | str], NDArray[np.int64]]:
    """The distinct usable values, and for each row its position among them (anything where not usable)."""
    if column.kind is Kind.TEXT and not column.words:
        return [], np.zeros(column.n_rows, np.int64)
    if column.kind is Kind.TEXT:
        seen = np.bincount(column.values[usable], minlength=len(column.words)) > 0
        place = np.cumsum(seen) - 1
        return [word for word, there in zip(column.words, seen, strict=True) if there], place[column.values]
    values = distinct_values(column.values[usable])
    if column.kind is Kind.DATE or not values.size:
        return as_stored(column, values), np.searchsorted(values, column.values)
    known = column.values if usable.all() else np.where(usable, column.values, values[0])
    return as_stored(column, values), places_among(known, values)


def _are_whole(numbers: Numbers) -> bool:
    values = numbers.values[numbers.valid]
    return bool(np.array_equal(values, np.floor(values)))


def rows_of(mask: Mask, origin: NDArray[np.int64] | None = None) -> tuple[int, ...]:
    """Rows of the source, from 1, of a mask of shape (rows,), each once."""
    rows = np.flatnonzero(mask)
    return tuple(((rows if origin is None else np.unique(origin[rows])) + 1).tolist())
