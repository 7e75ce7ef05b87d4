"""Two tables joined by key: every row of the left one with the rows of the right one that carry the same key."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column
from istrel.data.combine.rows import NONE, Rows, end_to_end, key_codes, take
from istrel.data.table import Source, Table
from istrel.english import english, together
from istrel.problem import Problem

Keep = Literal["left", "both", "all"]


@dataclass(frozen=True)
class JoinReport:
    """What a join would do, told before it is done.

    Attributes
    ----------
    rows
        Rows of the result.
    unmatched_left, unmatched_right
        Rows without a partner in the other table.
    repeated_left, repeated_right
        Key values that stand in several rows.
    many_to_many
        Key values that repeat on both sides: their rows multiply.
    """

    rows: int
    matched: int
    unmatched_left: int
    unmatched_right: int
    repeated_left: int
    repeated_right: int
    many_to_many: int

    @property
    def words(self) -> str:
        """In a few plain sentences."""
        said = [
            english(
                "{rows:,} rows would result; {matched:,} rows on the left find a partner.",
                rows=self.rows,
                matched=self.matched,
            )
        ]
        left, right = english("left"), english("right")
        for count, side in ((self.unmatched_left, left), (self.unmatched_right, right)):
            if count:
                said.append(english("{n:,} on the {side} [has|have] none.", n=count, side=side))
        for count, side in ((self.repeated_left, left), (self.repeated_right, right)):
            if count:
                said.append(english("{n:,} key [value repeats|values repeat] on the {side}.", n=count, side=side))
        if self.many_to_many:
            said.append(
                english("{n:,} [repeats|repeat] on both sides: their rows would multiply.", n=self.many_to_many)
            )
        return together(said)


def join(left: Table, right: Table, keys: tuple[str, ...], keep: Keep = "left") -> tuple[Table, JoinReport]:
    """The joined table, and what was done.

    Parameters
    ----------
    keys
        Variables that both tables have; a row with a missing key has no partner.
    keep
        All rows of the left table, only those with a partner, or all of both.

    Raises
    ------
    Problem
        Where there is no key, or a table lacks it.
    """
    if not keys:
        raise Problem(english("Choose the key: the variable that says which rows belong together."))
    a, b = key_codes([[table.column(key) for key in keys] for table in (left, right)])
    first, second, report = _partners(a, b, keep)
    columns = []
    for column in left.columns:
        made = take(column, first)
        if column.name in keys and keep == "all":
            made = _filled_in(made, take(right.column(column.name), second), first == NONE)
        columns.append(made)
    names = {column.name for column in columns}
    for column in right.columns:
        if column.name not in keys:
            name = column.name if column.name not in names else f"{column.name}_{_stem(right)}"
            while name in names:
                name += "_2"
            names.add(name)
            columns.append(replace(take(column, second), name=name))
    source = Source(f"{_stem(left)} + {_stem(right)}", reading=f"joined by {', '.join(keys)}")
    return Table(tuple(columns), source), report


def _stem(table: Table) -> str:
    return table.source.name.rsplit(".", 1)[0]


def _partners(a: NDArray[np.int64], b: NDArray[np.int64], keep: Keep) -> tuple[Rows, Rows, JoinReport]:
    """(row of the left, row of the right) of every row of the result; NONE where there is no partner."""
    order = np.argsort(b, kind="stable")
    ordered = b[order]
    start, stop = np.searchsorted(ordered, a, "left"), np.searchsorted(ordered, a, "right")
    counts = np.where(a == NONE, 0, stop - start)
    shown = counts if keep == "both" else np.maximum(counts, 1)
    first = np.repeat(np.arange(a.size, dtype=np.int64), shown)
    offset = np.arange(first.size) - np.repeat(np.cumsum(shown) - shown, shown)
    found = np.repeat(counts > 0, shown)
    place = np.minimum(np.repeat(start, shown) + offset, max(0, b.size - 1))
    second = np.where(found, order[place] if b.size else 0, NONE).astype(np.int64)
    alone = np.flatnonzero(~np.isin(b, a[a != NONE]) | (b == NONE))
    if keep == "all":
        first = np.concatenate([first, np.full(alone.size, NONE)])
        second = np.concatenate([second, alone])
    matched = counts > 0
    repeated = [_repeats(side) for side in (a, b)]
    report = JoinReport(
        rows=int(first.size),
        matched=int(matched.sum()),
        unmatched_left=int((~matched).sum()),
        unmatched_right=int(alone.size),
        repeated_left=int(repeated[0].size),
        repeated_right=int(repeated[1].size),
        many_to_many=int(np.intersect1d(repeated[0], repeated[1]).size),
    )
    return first, second, report


def _repeats(codes: NDArray[np.int64]) -> NDArray[np.int64]:
    """Keys that stand in more than one row."""
    values, counts = np.unique(codes[codes != NONE], return_counts=True)
    return values[counts > 1]


def _filled_in(left: Column, right: Column, where: NDArray[np.bool_]) -> Column:
    """Keys of rows that only the right table has."""
    n = left.n_rows
    both = end_to_end(left.name, [left, right])
    return take(both, np.where(where, np.arange(n) + n, np.arange(n)).astype(np.int64))
