"""Rows that belong to one person: who stands in several of the rows in use, and what that means for a comparison."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.guess_rows import REPEATS
from istrel.data.levels import Level
from istrel.exhibits.cases import Cases, Grouping
from istrel.exhibits.store import store_of
from istrel.exhibits.text import Hidden
from istrel.stats.estimates import Undefined, undefined

Codes = NDArray[np.int64]
A_LOOK = 10_000  # rows in which most groupings show that they vary
FARTHEST = 8  # times as far as there are rows: whole numbers that lie closer need no sorting


@dataclass(frozen=True, eq=False)
class Persons:
    """The persons behind the rows in use.

    Attributes
    ----------
    name
        The variable that says who it is.
    declared
        Whether the rows are said (or guessed) to be occasions of it; else an identifier merely repeats.
    codes
        int64 (rows,): the person of each row, from 0; -1 where it is not known.
    n
        How many stand in the rows in use.
    """

    name: str
    declared: bool
    codes: Codes
    n: int

    def repeat_in(self, rows: NDArray[np.int64] | NDArray[np.bool_] | slice) -> bool:
        """Whether anybody stands in two of these rows."""
        known = self.codes[rows]
        return bool((np.bincount(known[known >= 0]) > 1).any()) if (known >= 0).any() else False

    def repeating(self, codes: NDArray[np.integer], n_groups: int) -> NDArray[np.bool_]:
        """In which groups anybody stands twice, shape (groups,)."""
        used = (codes >= 0) & (self.codes >= 0)
        both = np.sort(self.codes[used] * n_groups + codes[used])
        found = np.zeros(n_groups, bool)
        found[both[1:][both[1:] == both[:-1]] % n_groups] = True
        return found

    @property
    def reason(self) -> Undefined:
        """Why nothing that takes rows for independent is said."""
        return undefined("rows_are_not_independent", name=self.name)


def persons_of(data: Dataset, cases: Cases) -> Persons | None:
    """Who stands in several of the rows in use; None where each row is a case of its own."""
    key = ("persons", cases.condition)
    return store_of(data).once(
        key, lambda: _persons(data, cases), lambda made: 0 if made is None else made.codes.nbytes
    )


def _persons(data: Dataset, cases: Cases) -> Persons | None:
    said = data.codebook.rows.person
    guessed = not said and not data.codebook.rows.counted  # what tells counted rows apart tells no cases apart
    ids = (v.name for v in data.codebook.variables if v.level is Level.IDENTIFIER and v.in_use)
    for name in ids if guessed else filter(None, (said,)):
        codes = _codes(name, data)
        used = codes if bool(cases.mask.all()) else codes[cases.mask]
        used = used if int(used.min(initial=0)) >= 0 else used[used >= 0]
        n = int(np.count_nonzero(np.bincount(used))) if used.size else 0
        if n < (used.size if said else REPEATS * used.size):
            return Persons(name, bool(said), codes, n)
    return None


def _codes(name: str, data: Dataset) -> Codes:
    """The person of each row."""

    def make() -> Codes:
        column, present = data.table.column(name), data.present(name)
        places = _counted_up if column.kind is Kind.NUMBER else _places
        if bool(present.all()):
            return places(column.values)
        codes = np.full(data.n_rows, -1, np.int64)
        codes[present] = places(column.values[present])
        return codes

    return data.once("persons", name, make)


def _places(values: NDArray[Any]) -> Codes:
    return np.unique(values, return_inverse=True)[1].ravel().astype(np.int64)


def _counted_up(values: NDArray[np.float64]) -> Codes:
    """Whole numbers that lie close enough are codes as they are, from the smallest; else their places among all there are."""
    if not values.size:
        return np.zeros(0, np.int64)
    low, high = float(values.min()), float(values.max())
    if high - low > FARTHEST * values.size + FARTHEST:
        return _places(values)
    away = values - low
    codes = away.astype(np.int64)
    return codes if bool((codes == away).all()) else _places(values)


def person_codes(data: Dataset) -> Codes:
    """Whose row each is, from 0, where the rows are said to be occasions of persons; -1 where that is not known."""
    return _codes(data.codebook.rows.person, data)


def n_persons(data: Dataset, cases: Cases) -> int | None:
    """How many persons stand in the rows in use, where these are said to be occasions; else None."""
    if not data.codebook.rows.person or cases.hides or isinstance(cases.used, Hidden):
        return None
    persons = persons_of(data, cases)
    return cases.used if persons is None or data.occasions > 1 else persons.n


def varies_within(codes: NDArray[np.integer], persons: Persons) -> bool:
    """Whether any person stands in two of the groups."""
    found = _varies(codes[:A_LOOK], persons.codes[:A_LOOK])
    return found or (codes.size > A_LOOK and _varies(codes, persons.codes))


def _varies(codes: NDArray[np.integer], persons: Codes) -> bool:
    used = (codes >= 0) & (persons >= 0)
    who, group = (persons, codes) if bool(used.all()) else (persons[used], codes[used])
    last = np.full(int(persons.max(initial=-1)) + 1, -1, np.int64)
    last[who] = group
    return bool((last[who] != group).any())


@dataclass(frozen=True, eq=False)
class Occasions:
    """Values of persons in the groups of a grouping.

    Attributes
    ----------
    values
        float64 (persons, groups); NaN where a person has none there, the mean where there are several.
    doubled
        Whether a person has two rows in one group.
    """

    values: NDArray[np.float64]
    doubled: bool

    def complete(self, groups: NDArray[np.intp]) -> NDArray[np.float64]:
        """The persons who have a value in each of some groups."""
        every = groups.size == self.values.shape[1] and bool((groups == np.arange(groups.size)).all())
        found = self.values if every else self.values[:, groups]
        known = ~np.isnan(found).any(axis=1)
        return found if known.all() else found[known]


def occasions(
    values: NDArray[np.float64], use: NDArray[np.bool_], codes: NDArray[np.integer], n_groups: int, persons: Persons
) -> Occasions:
    """The values of persons, group by group: those of rows that count and are in a group."""
    used = use & (codes >= 0) & (codes < n_groups) & (persons.codes >= 0)
    who, group, x = (persons.codes, codes, values) if used.all() else (persons.codes[used], codes[used], values[used])
    flat = who * n_groups + group
    size = (int(persons.codes.max(initial=-1)) + 1) * n_groups
    table = np.full(size, np.nan)
    table[flat] = x
    if size - np.count_nonzero(np.isnan(table)) == x.size:  # each value has a place of its own
        return Occasions(table.reshape(-1, n_groups), doubled=False)
    counts, sums = np.bincount(flat, minlength=size), np.bincount(flat, x, minlength=size)
    with np.errstate(invalid="ignore", divide="ignore"):
        table = np.where(counts > 0, sums / counts, np.nan)
    return Occasions(table.reshape(-1, n_groups), bool((counts > 1).any()))


def means_of_persons(
    values: NDArray[np.float64], use: NDArray[np.bool_], grouping: Grouping, persons: Persons
) -> tuple[NDArray[np.float64], NDArray[np.int64]]:
    """(the mean of each person's values, the person's group), for groups that do not vary within persons."""
    used = use & (grouping.codes >= 0) & (persons.codes >= 0)
    who = persons.codes[used]
    size = int(persons.codes.max(initial=-1)) + 1
    counts, sums = np.bincount(who, minlength=size), np.bincount(who, values[used], minlength=size)
    groups = np.zeros(size, np.int64)
    groups[who] = grouping.codes[used]
    there = counts > 0
    return sums[there] / counts[there], groups[there]
