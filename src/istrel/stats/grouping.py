"""Cases put in order by group and value, once per variable; everything that needs order reads it from there.

No step loops over groups: values are brought together by a counting sort, and groups of like size are sorted as the rows
of one array.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import Any, NamedTuple, TypeVar

import numpy as np
from numpy.typing import NDArray

from istrel.stats.distinct import distinct_values, places_among
from istrel.stats.frequency import counted

Array = NDArray[np.float64]
Numbers = TypeVar("Numbers", NDArray[np.float64], NDArray[np.int64])
LARGE = 150_000
FEW = 100_000  # values by groups that are counted without sorting
CLASSES_PER_DOUBLING = 4
COUNTED_FROM, MOST_PLACES = 150_000, 2**20  # cases of values that are counted; values by groups
A_LOOK = 1_000  # rows after which most columns are known to have more decimals
MOST_SPREAD = 50_000_000  # cases of a group that are spread out


@dataclass(frozen=True, eq=False)
class Arranged:
    """Valid values of one variable, group after group, ascending within each group.

    Attributes
    ----------
    values
        float64 (n,).
    bounds
        int64 (groups + 1,): group g is values[bounds[g]:bounds[g + 1]].
    ordered
        False for values derived from others, which stand in their groups in no order.
    raw, codes, use
        Where they came from: values, groups and the cases that count, all of shape (rows,); for finding rows again.
    origin
        int64 (rows,): what each of these rows is called, from 0; None where that is its place.
    times
        int64 (n,): how many cases have each value, which then stands once in its group; None where each is that of one case.
    row_times
        int64 (rows,): how many cases each row stands for; None where each is one.
    """

    values: Array
    bounds: NDArray[np.int64]
    raw: Array
    codes: NDArray[np.integer]
    use: NDArray[np.bool_] | None
    ordered: bool = True
    origin: NDArray[np.int64] | None = None
    times: NDArray[np.int64] | None = None
    row_times: NDArray[np.int64] | None = None

    @cached_property
    def limits(self) -> tuple[Array, Array]:
        """(smallest, largest) value of every group; NaN for an empty one."""
        low, high = np.full(self.n_groups, np.nan), np.full(self.n_groups, np.nan)
        filled = self.held > 0
        starts = self.bounds[:-1][filled]
        if self.ordered:
            low[filled], high[filled] = self.values[starts], self.values[self.bounds[1:][filled] - 1]
        elif filled.sum() == 1:
            low[filled], high[filled] = self.values.min(), self.values.max()
        elif filled.any():
            low[filled], high[filled] = (
                np.minimum.reduceat(self.values, starts),
                np.maximum.reduceat(self.values, starts),
            )
        return low, high

    @property
    def held(self) -> NDArray[np.int64]:
        """How many values are held of each group."""
        return np.diff(self.bounds)

    @cached_property
    def sizes(self) -> NDArray[np.int64]:
        """How many cases of each group have a value."""
        return self.held if self.times is None else np.diff(self.running[self.bounds])

    @cached_property
    def running(self) -> NDArray[np.int64]:
        """How many cases stand before each value, and at the end all of them, shape (n + 1,)."""
        times = np.ones(self.values.size, np.int64) if self.times is None else self.times
        return np.concatenate([[0], np.cumsum(times)])

    @property
    def n_groups(self) -> int:
        return self.bounds.size - 1

    def group(self, which: int) -> Array:
        """The ascending values of one group, one for each case."""
        part = slice(int(self.bounds[which]), int(self.bounds[which + 1]))
        if self.times is None:
            return self.values[part]
        assert self.sizes[which] <= MOST_SPREAD, "a value stands for many cases"
        return np.repeat(self.values[part], self.times[part])

    def only(self, which: int) -> Arranged:
        """One group by itself; its rows are not known."""
        part = slice(int(self.bounds[which]), int(self.bounds[which + 1]))
        times = None if self.times is None else self.times[part]
        return alone(self.values[part], times, ordered=self.ordered)

    def nth(self, places: NDArray[np.int64]) -> Array:
        """The value of the case at a place of each group, from 0 and in order; shape (groups,). The nearest where there is none."""
        if not self.values.size:
            return np.full(self.n_groups, np.nan)
        last = self.values.size - 1
        if self.times is None:
            return self.values[np.minimum(np.minimum(self.bounds[:-1], last) + places, last)]
        before = self.running[self.bounds[:-1]] + places
        return self.values[np.clip(np.searchsorted(self.running, before, side="right") - 1, 0, last)]

    def of_each(self, per_group: NDArray[np.generic]) -> NDArray[Any]:
        """Something of each group, for each of its values; shape (n,)."""
        return np.repeat(per_group, self.held)

    def places(self, limits: Array, *, after: bool) -> NDArray[np.int64]:
        """How many values of each group lie before each limit (with `after`: at most at it), found by halving all at once.

        Parameters
        ----------
        limits
            Shape (limits,) for all groups, or (groups, limits); NaN lies behind all values.

        Returns
        -------
        int64 (groups, limits).
        """
        limits = np.broadcast_to(limits, (self.n_groups, limits.shape[-1]))
        low = np.zeros(limits.shape, np.int64)
        high = np.broadcast_to(self.held[:, None], limits.shape).copy()
        starts = self.bounds[:-1, None]
        while (open_ := low < high).any():
            middle = (low + high) // 2
            found = self.values[np.minimum(starts + middle, self.values.size - 1)]
            before = open_ & ((found <= limits) if after else (found < limits))
            low, high = np.where(before, middle + 1, low), np.where(open_ & ~before, middle, high)
        return low if self.times is None else self.running[starts + low] - self.running[starts]

    def rows_beyond(self, low: Array, high: Array) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
        """(rows from 0, their groups) of the values that are at most `low` or at least `high`, limits of shape (groups,).

        One pass over the cases, whatever the number of groups.
        """
        if self.n_groups == 1:
            found = (self.raw <= low[0]) | (self.raw >= high[0])
        else:
            group = np.clip(self.codes, 0, self.n_groups - 1)
            found = (self.raw <= low[group]) | (self.raw >= high[group])
        rows = np.flatnonzero(found if self.use is None else found & self.use)
        return rows, np.zeros(rows.size, np.int64) if self.n_groups == 1 else self.codes[rows].astype(np.int64)

    def named(self, rows: NDArray[np.int64]) -> NDArray[np.int64]:
        """What rows are called, from 1."""
        return (rows if self.origin is None else self.origin[rows]) + 1

    def derived(self, values: Array) -> Arranged:
        """Other values in the same groups, already in their places; for means, where order does not matter."""
        return Arranged(values, self.bounds, values, self.codes, None, ordered=False, times=self.times)

    def in_order(self, values: Array) -> Arranged:
        """Other values in the same groups, put in order."""
        if self.times is None:
            return self.derived(sort_within(values, self.bounds))
        order = np.lexsort((values, self.of_each(np.arange(self.n_groups))))
        return Arranged(values[order], self.bounds, values, self.codes, None, times=self.times[order])


def side_by_side(parts: Sequence[Arranged]) -> Arranged:
    """The groups of several variables one after the other, for what treats all groups at once; their rows are not known."""
    if len(parts) == 1:
        return parts[0]
    values = np.concatenate([part.values for part in parts])
    starts = np.cumsum([0, *(part.values.size for part in parts)])
    bounds = np.concatenate(
        [*(part.bounds[:-1] + start for part, start in zip(parts, starts, strict=False)), starts[-1:]]
    )
    ordered = all(part.ordered for part in parts)
    times = None
    if any(part.times is not None for part in parts):
        times = np.concatenate([np.ones(p.values.size, np.int64) if p.times is None else p.times for p in parts])
    return Arranged(values, bounds, values, np.zeros(0, np.int32), None, ordered=ordered, times=times)


class Order(NamedTuple):
    """Cases brought together by group.

    Attributes
    ----------
    rows
        int64 (used,): rows of the cases that are in a group, group after group, ascending within each.
    bounds
        int64 (groups + 1,): group g is rows[bounds[g]:bounds[g + 1]].
    """

    rows: NDArray[np.int64]
    bounds: NDArray[np.int64]


def order_of(codes: NDArray[np.integer], n_groups: int) -> Order:
    """The order of cases by group; a case with the code -1 is in none. Variables of the same groups share it."""
    if n_groups < 2**8 - 1:  # a stable sort of single bytes is a counting sort; -1 is the largest of them
        sizes = np.bincount(codes + 1, minlength=n_groups + 1)[1:]
        bounds = np.concatenate([[0], np.cumsum(sizes)])
        return Order(np.argsort(codes.astype(np.uint8), kind="stable")[: bounds[-1]], bounds)
    rows = np.flatnonzero(codes >= 0)
    return Order(*gather(rows, codes[rows], n_groups))


def arrange(
    values: Array, codes: NDArray[np.integer], use: NDArray[np.bool_], n_groups: int, order: Order | None = None
) -> Arranged:
    """Arrange the used cases of a variable.

    Parameters
    ----------
    values
        float64 (rows,), finite where used.
    codes
        Integer (rows,): the group of each case, from 0; used cases have a code in range.
    use
        bool (rows,): the cases that count.
    order
        That of `codes`, where it is known.

    Returns
    -------
    Arranged, with empty groups as empty ranges.
    """
    everyone = bool(use.all())
    if n_groups == 1:
        used = values if everyone else values[use]
        bounds = np.array([0, used.size])
        return Arranged(np.sort(used), bounds, values, codes, None if everyone else use)
    if order is None:
        together, bounds = gather(values if everyone else values[use], codes if everyone else codes[use], n_groups)
    elif everyone:
        together, bounds = values[order.rows], order.bounds
    else:
        kept = use[order.rows]
        together = values[order.rows[kept]]
        bounds = np.concatenate([[0], np.cumsum(kept)])[order.bounds]
    return Arranged(sort_within(together, bounds), bounds, values, codes, None if everyone else use)


def arrange_few(values: Array, codes: NDArray[np.integer], use: NDArray[np.bool_], n_groups: int) -> Arranged | None:
    """As `arrange`, for many cases of values of few decimals that lie close together, counted instead of sorted: every value stands
    once in its group, with how many cases have it. None where the values are others, or too few.
    """
    if values.size < COUNTED_FROM or (factor := _factor(values[:A_LOOK][use[:A_LOOK]])) is None:
        return None
    everyone = bool(use.all())
    own, group = (values, codes) if everyone else (values[use], codes[use])
    if own.size < COUNTED_FROM:
        return None
    low, high = (float(np.rint(end * factor)) for end in (own.min(initial=np.inf), own.max(initial=-np.inf)))
    span = high - low + 1
    if not span * n_groups <= min(MOST_PLACES, own.size / 4):
        return None
    steps = np.rint(own * factor)
    if not np.array_equal(steps / factor, own):
        return None
    wide, place = int(span), (steps - low).astype(np.int32)
    if n_groups > 1:
        place += group.astype(np.int32, copy=False) * np.int32(wide)
    summed = np.bincount(place, minlength=n_groups * wide)
    there = np.flatnonzero(summed)
    bounds = np.searchsorted(there, np.arange(n_groups + 1) * wide)
    held = np.asarray((low + there % wide) / factor + 0.0, np.float64)  # no minus before 0
    return Arranged(held, bounds, values, codes, None if everyone else use, times=summed[there].astype(np.int64))


def _factor(values: Array) -> float | None:
    """By what values become whole, where at most two decimals are all that they have; None else."""
    return next((f for f in (1.0, 10.0, 100.0) if np.array_equal(np.rint(values * f) / f, values)), None)


def arrange_counted(
    values: Array, codes: NDArray[np.integer], use: NDArray[np.bool_], n_groups: int, times: NDArray[np.int64]
) -> Arranged:
    """The same for rows that stand for many cases each: every value stands once in its group, with how many cases have it.

    Parameters
    ----------
    times
        int64 (rows,): how many cases each row stands for.
    """
    everyone = bool(use.all()) and bool((times > 0).all())
    kept = slice(None) if everyone else use & (times > 0)
    own, group, cases = values[kept], codes[kept], times[kept]
    distinct = distinct_values(own)
    if distinct.size * n_groups > max(own.size, FEW):  # nearly every row has a value of its own
        order = np.argsort(own)
        order = order[np.argsort(group[order].astype(np.int64), kind="stable")]
        value, home, counts = _merged(own[order], group[order], cases[order])
        return Arranged(
            value, np.searchsorted(home, np.arange(n_groups + 1)), values, codes, use, times=counts, row_times=times
        )
    place = places_among(own, distinct)
    summed = counted(group.astype(np.int64) * distinct.size + place, n_groups * distinct.size, cases)
    there = np.flatnonzero(summed)
    bounds = np.searchsorted(there, np.arange(n_groups + 1) * distinct.size)
    return Arranged(
        distinct[there % max(1, distinct.size)], bounds, values, codes, use, times=summed[there], row_times=times
    )


def _merged(
    values: Array, groups: NDArray[np.integer], times: NDArray[np.int64]
) -> tuple[Array, NDArray[np.integer], NDArray[np.int64]]:
    """(values, their groups, their cases) where equal ones of a group stand together."""
    new = np.ones(values.size, bool)
    new[1:] = (groups[1:] != groups[:-1]) | (values[1:] != values[:-1])
    first = np.flatnonzero(new)
    return values[first], groups[first], np.add.reduceat(times, first) if first.size else np.zeros(0, np.int64)


def gather(values: Numbers, codes: NDArray[np.integer], n_groups: int) -> tuple[Numbers, NDArray[np.int64]]:
    """(values group after group, in the order of their cases; bounds of the groups), by a counting sort."""
    if values.size >= LARGE:
        from scipy.sparse import csr_array

        # Turning a matrix of one row around by columns is a counting sort of its values by column, in compiled code.
        row = csr_array((values, codes.astype(np.int32, copy=False), np.array([0, values.size])), shape=(1, n_groups))
        columns = row.tocsc()
        return columns.data, columns.indptr.astype(np.int64)
    sizes = np.bincount(codes, minlength=n_groups)
    # A stable sort of 16-bit keys is a radix sort.
    keys = codes.astype(np.uint16) if n_groups <= 2**16 else codes
    order = np.argsort(keys, kind="stable")
    return values[order], np.concatenate([[0], np.cumsum(sizes)])


def sort_within(values: Array, bounds: NDArray[np.int64]) -> Array:
    """Values sorted within their groups. Groups of like size are sorted together, as rows padded with infinity."""
    sizes = np.diff(bounds)
    filled = sizes > 1
    if not filled.any():
        return values
    kinds = np.where(filled, np.ceil(CLASSES_PER_DOUBLING * np.log2(np.maximum(sizes, 1))), -1).astype(int)
    classes = np.unique(kinds[filled])
    if classes.size == 1 and bool(filled.all()):
        return _sorted_rows(values, bounds, np.arange(sizes.size))
    out = values.copy()
    for kind in classes:
        members = np.flatnonzero(kinds == kind)
        out[np.repeat(kinds == kind, sizes)] = _sorted_rows(values, bounds, members)
    return out


def _sorted_rows(values: Array, bounds: NDArray[np.int64], members: NDArray[np.int64]) -> Array:
    """The values of the groups named, each sorted, one after the other."""
    sizes = np.diff(bounds)[members]
    narrow, wide = int(sizes.min()), int(sizes.max())
    if narrow == wide and members.size * wide == values.size:
        return np.sort(values.reshape(members.size, wide), axis=1).ravel()
    starts = np.minimum(bounds[members], values.size - wide)
    before = bounds[members] - starts  # only groups at the very end begin within their row
    rows = np.lib.stride_tricks.sliding_window_view(values, wide)[starts]
    beyond = np.arange(narrow, wide) >= (before + sizes)[:, None]
    rows[:, narrow:][beyond] = np.inf
    late = np.flatnonzero(before)
    rows[late] = np.where(np.arange(wide) < before[late, None], np.inf, rows[late])
    rows.sort(axis=1)
    kept = np.ones(rows.shape, bool)
    kept[:, narrow:] = np.arange(narrow, wide) < sizes[:, None]
    return rows[kept]


def alone(values: Array, times: NDArray[np.int64] | None = None, *, ordered: bool = False) -> Arranged:
    """Values of one group in the order in which they are, for what needs no other; `times` are the cases of each."""
    nobody = np.zeros(0, np.int32)
    return Arranged(values, np.array([0, values.size]), values, nobody, None, ordered=ordered, times=times)
