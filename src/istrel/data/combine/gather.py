"""Many rows into one per person or group: the mean, sum, count, first or last of what was measured."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, Unread
from istrel.data.combine.reshape import same_within, would_result
from istrel.data.combine.rows import NONE, key_codes, take
from istrel.data.derive import free_name
from istrel.data.table import Source, Table
from istrel.english import english, together
from istrel.problem import Problem

Codes = NDArray[np.int64]


def gather(
    table: Table, keys: tuple[str, ...], variables: tuple[str, ...], measures: tuple[str, ...]
) -> tuple[Table, str]:
    """(one row per key, what was left out in words): each measure of its variable, beside what is the same in all rows of a key.

    Parameters
    ----------
    variables, measures
        In pairs: a variable and "mean", "sum", "count", "first" or "last". Rows without a value do not count; a mean, first
        or last of no value is missing, their sum is 0.

    Raises
    ------
    Problem
        Where keys or variables are not named, a measure is unknown, or means and sums are wanted of what is no number.
    """
    if not keys or not variables:
        raise Problem(english("Gathering needs a key, and what of which variable is wanted."))
    for name, measure in zip(variables, measures, strict=True):
        if measure not in MEASURES:
            raise Problem(
                english(
                    "“{measure}” is no way to gather; there are {names}.", measure=measure, names=", ".join(MEASURES)
                )
            )
        if measure in ("mean", "sum") and table.column(name).kind is not Kind.NUMBER:
            raise Problem(
                english(
                    "“{name}” holds no numbers, so it has no {measure}; take its first, last or count.",
                    name=name,
                    measure=measure,
                )
            )
    (codes,) = key_codes([[table.column(key) for key in keys]])
    used = codes != NONE
    cases, first = np.unique(codes[used], return_index=True)
    rows = np.flatnonzero(used)[first]
    order = np.argsort(rows, kind="stable")  # in the order in which the keys first appear
    place = np.full(int(codes.max(initial=0)) + 1, NONE, np.int64)
    place[cases[order]] = np.arange(cases.size)
    groups = np.where(used, place[np.maximum(codes, 0)], NONE)
    kept = [
        take(c, rows[order]) for c in table.columns if c.name in keys or _stays(c, codes, cases.size, keys, variables)
    ]
    made = Table(
        tuple(kept), Source(f"{table.source.name.rsplit('.', 1)[0]} gathered", reading=f"by {', '.join(keys)}")
    )
    for name, measure in zip(variables, measures, strict=True):
        column = MEASURES[measure](table.column(name), groups, cases.size)
        made = made.with_column(replace(column, name=free_name(f"{name}_{measure}", made)))
    many = np.bincount(groups[used], minlength=cases.size) if cases.size else np.zeros(1, np.int64)
    said = [
        *would_result(cases.size, len(made.columns)),
        english("Each is made from {low:,} to {high:,} rows.", low=int(many.min()), high=int(many.max())),
    ]
    dropped = table.n_rows - int(used.sum())
    said += [english("{n:,} [row|rows] without key [is|are] left out.", n=dropped)] if dropped else []
    return made, together(said)


def _stays(column: Column, codes: Codes, groups: int, keys: tuple[str, ...], variables: tuple[str, ...]) -> bool:
    return column.name not in variables and same_within(column, codes, groups, (*keys, *variables))


def _numbers(values: NDArray[np.float64], valid: NDArray[np.bool_]) -> Column:
    return Column("", Kind.NUMBER, np.where(valid, values, 0.0), valid, unread=Unread())


def _count(column: Column, groups: Codes, size: int) -> Column:
    n = np.bincount(groups[(groups != NONE) & column.valid], minlength=size)
    return _numbers(n.astype(np.float64), np.ones(size, bool))


def _sum(column: Column, groups: Codes, size: int) -> Column:
    here = (groups != NONE) & column.valid
    total = np.bincount(groups[here], weights=column.values[here], minlength=size).astype(np.float64)
    return _numbers(total, np.ones(size, bool))


def _mean(column: Column, groups: Codes, size: int) -> Column:
    n, total = _count(column, groups, size).values, _sum(column, groups, size).values
    return _numbers(total / np.maximum(n, 1), n > 0)


def _first(column: Column, groups: Codes, size: int) -> Column:
    here = np.flatnonzero((groups != NONE) & column.valid)
    rows = np.full(size, NONE, np.int64)
    rows[groups[here][::-1]] = here[::-1]  # the first is written last
    return take(column, rows)


def _last(column: Column, groups: Codes, size: int) -> Column:
    here = np.flatnonzero((groups != NONE) & column.valid)
    rows = np.full(size, NONE, np.int64)
    rows[groups[here]] = here
    return take(column, rows)


MEASURES: dict[str, Callable[[Column, Codes, int], Column]] = {
    "mean": _mean,
    "sum": _sum,
    "count": _count,
    "first": _first,
    "last": _last,
}
