"""Counted rows as the cases that they stand for: each row so often as its count says, so that all that is computed is exact."""

from __future__ import annotations

from dataclasses import replace
from weakref import WeakKeyDictionary

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Codebook
from istrel.data.column import Column, Unread
from istrel.data.dataset import Dataset
from istrel.data.derive import with_derived
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

MOST_CASES, MOST_CELLS = 50_000_000, 400_000_000
WORTH_COUNTING = 200_000  # cases; fewer are spread out in no time, and looked at one by one
_COUNTED: WeakKeyDictionary[Dataset, Dataset] = WeakKeyDictionary()
_SPREAD: WeakKeyDictionary[Dataset, Dataset] = WeakKeyDictionary()


def as_cases(data: Dataset) -> Dataset:
    """The data with a row for every case; itself where each row is one. Made once per version.

    Raises
    ------
    Problem
        Where a row in use does not say how many cases it stands for, or they are more than can be worked on.
    """
    if not data.codebook.rows.counted:
        return data
    if data not in _SPREAD:
        _SPREAD[data] = _spread(data)
    return _SPREAD[data]


def as_counted(data: Dataset) -> Dataset:
    """The data with how many cases each row stands for, for what counts without a row of each case: any number of cases.

    Raises
    ------
    Problem
        Where a row in use does not say how many cases it stands for, or they are none.
    """
    if data not in _COUNTED:
        times = counts_of(data)
        none = times == 0
        aside = none if data.aside is None else data.aside | none
        _refuse_none(data, times)
        _COUNTED[data] = replace(
            data, codebook=_without_counts(data), aside=aside if aside.any() else None, times=times, _prepared={}
        )
    return _COUNTED[data]


def is_large(data: Dataset) -> bool:
    """Whether rows stand for so many cases that what can be told from counts is."""
    return data.n_read > WORTH_COUNTING


def counts_of(data: Dataset) -> NDArray[np.int64]:
    """How many cases each row stands for, int64 (rows,); of rows that are set aside those that say nothing
    stand for one.

    Raises
    ------
    Problem
        As `as_cases`.
    """
    name = data.codebook.rows.counted
    numbers, kept = replace(data, aside=None, _prepared={}).numbers(name), data.kept
    good = numbers.valid & (numbers.values >= 0) & (numbers.values == np.floor(numbers.values))
    bad = np.flatnonzero(kept & ~good)
    if bad.size:
        raise Problem(
            english(
                "“{name}” says how many cases a row stands for, but [row {row:,} holds|row {row:,} and others, {n:,} in all, hold] "
                "no whole number from 0; mend or set aside what is wrong, or say that each row is a case of its own.",
                name=name,
                row=int(bad[0]) + 1,
                n=int(bad.size),
            )
        )
    return np.where(good, numbers.values, 1.0).astype(np.int64)


def _spread(data: Dataset) -> Dataset:
    counts = counts_of(data)
    total = int(counts.sum())
    if total > MOST_CASES or total * len(data.table.columns) > MOST_CELLS:
        raise Problem(
            english(
                "“{counted}” counts {total:,} cases; of {count:,} variables {most:,} cases are the most that are worked on.",
                counted=data.codebook.rows.counted,
                total=total,
                count=len(data.table.columns),
                most=min(MOST_CASES, MOST_CELLS // max(1, len(data.table.columns))),
            )
        )
    _refuse_none(data, counts)
    origin = np.repeat(np.arange(data.n_rows), counts)
    derived = set(data.codebook.derived)
    columns = tuple(_column(one, origin) for one in data.table.columns if one.name not in derived)
    aside = None if data.aside is None else data.aside[origin]
    made = Dataset(Table(columns, data.table.source), _without_counts(data), aside, origin=origin, asides=data.asides)
    return with_derived(made, {})


def _refuse_none(data: Dataset, counts: NDArray[np.int64]) -> None:
    if not data.kept.any() or not counts.any():
        raise Problem(
            english("“{counted}” counts no cases; there is nothing to work on.", counted=data.codebook.rows.counted)
        )


def _without_counts(data: Dataset) -> Codebook:
    """The codebook in which how many cases a row stands for is no variable of the cases."""
    return data.codebook.with_variable(replace(data.codebook[data.codebook.rows.counted], in_use=False))


def _column(column: Column, origin: NDArray[np.int64]) -> Column:
    unread = column.unread
    if unread.rows.size:
        rows = np.flatnonzero(np.isin(origin, unread.rows))
        texts = tuple(unread.texts[place] for place in np.searchsorted(unread.rows, origin[rows]).tolist())
        unread = Unread(rows, texts)
    return replace(column, values=column.values[origin], valid=column.valid[origin], unread=unread)
