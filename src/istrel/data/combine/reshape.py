"""Wide to long and back: several variables of one case as several rows, or several rows of one case as several variables."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.data.combine.rows import NONE, as_text, end_to_end, key_codes, take
from istrel.data.derive import free_name
from istrel.data.table import Source, Table
from istrel.english import English, english, together
from istrel.problem import Problem

MOST_NEW = 500


def to_long(table: Table, gathered: tuple[str, ...], names_to: str = "variable", values_to: str = "value") -> Table:
    """One row per case and gathered variable; all other variables are repeated.

    Raises
    ------
    Problem
        For fewer than two variables to gather.
    """
    if len(gathered) < 2:
        raise Problem(english("Wide to long gathers two variables or more."))
    n = table.n_rows
    rows = np.repeat(np.arange(n, dtype=np.int64), len(gathered))
    kept = [take(column, rows) for column in table.columns if column.name not in gathered]
    whole = end_to_end(values_to, [table.column(name) for name in gathered])
    order = (np.arange(len(gathered)) * n + np.arange(n)[:, None]).ravel().astype(np.int64)
    source = Source(f"{table.source.name.rsplit('.', 1)[0]} long", reading=f"{len(gathered)} variables gathered")
    made = Table(tuple(kept), source)
    codes = np.tile(np.arange(len(gathered), dtype=np.int32), n)
    made = made.with_column(Column(free_name(names_to, made), Kind.TEXT, codes, np.ones(codes.size, bool), gathered))
    return made.with_column(replace(take(whole, order), name=free_name(values_to, made)))


def to_wide(table: Table, keys: tuple[str, ...], names_from: str, values_from: tuple[str, ...]) -> tuple[Table, str]:
    """(one row per key, what was left out in words): a variable for every value of `names_from`.

    Other variables are kept where they are the same in all rows of a key. Of rows that repeat key and name the first
    counts.

    Raises
    ------
    Problem
        Where keys or values are not named, or too many variables would result.
    """
    if not keys or not values_from or names_from in (*keys, *values_from):
        raise Problem(
            english("Long to wide needs a key, the variable that tells the rows apart, and the values to spread.")
        )
    (codes,) = key_codes([[table.column(key) for key in keys]])
    named = as_text(table.column(names_from))
    present = (codes != NONE) & named.valid
    found = [word for i, word in enumerate(named.words) if (named.values[present] == i).any()]
    if len(found) * len(values_from) > MOST_NEW:
        raise Problem(
            english(
                "{count:,} variables would result, more than {most_new}; choose another variable to tell rows apart.",
                count=len(found) * len(values_from),
                most_new=MOST_NEW,
            )
        )
    cases, first = np.unique(codes[codes != NONE], return_index=True)
    rows = np.flatnonzero(codes != NONE)[first]
    kept = [
        take(c, rows)
        for c in table.columns
        if c.name in keys or same_within(c, codes, cases.size, (names_from, *values_from))
    ]
    made = Table(tuple(kept), Source(f"{table.source.name.rsplit('.', 1)[0]} wide", reading=f"spread by {names_from}"))
    doubled = 0
    for word in sorted(found, key=_natural):
        mine = np.flatnonzero(present & (named.values == named.words.index(word)))
        where = np.full(cases.size, NONE, np.int64)
        place = np.searchsorted(cases, codes[mine])
        where[place[::-1]] = mine[::-1]  # of repeated rows the first is written last
        doubled += mine.size - int((where != NONE).sum())
        for value in values_from:
            name = free_name(
                f"{value}_{word}" if len(values_from) > 1 or word.replace(".", "").isdigit() else word, made
            )
            made = made.with_column(replace(take(table.column(value), where), name=name))
    said = would_result(cases.size, len(made.columns))
    dropped = table.n_rows - int(present.sum())
    said += (
        [english("{n:,} [row repeats|rows repeat] key and name; the first of each counts.", n=doubled)]
        if doubled
        else []
    )
    said += [english("{n:,} [row|rows] without key or name [is|are] left out.", n=dropped)] if dropped else []
    return made, together(said)


def same_within(column: Column, codes: NDArray[Any], groups: int, others: tuple[str, ...]) -> bool:
    """Whether a variable, which is none of the others, says the same in all rows of a key."""
    if column.name in others:
        return False
    used = codes != NONE
    pairs, _ = np.unique(np.stack([codes[used], *_marks(column, used)]), axis=1, return_index=True)
    return bool(pairs.shape[1] == groups)


def _marks(column: Column, used: NDArray[Any]) -> list[NDArray[Any]]:
    _, values = np.unique(column.values[used], return_inverse=True)
    return [np.where(column.valid[used], values, NONE)]


def _natural(word: str) -> tuple[int, float, str]:
    try:
        return 0, float(word), word
    except ValueError:
        return 1, 0.0, word.casefold()


def would_result(rows: int, variables: int) -> list[English]:
    """How many rows and variables a new table has."""
    both = {
        "rows": english("{n:,} [row|rows]", n=rows),
        "variables": english("{n:,} [variable|variables]", n=variables),
    }
    return [english("{rows} and {variables} would result.", **both)]
