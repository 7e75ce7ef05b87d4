"""What exhibits of one version of the data share: ordered columns and their moments; and work on two threads."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import TypeVar

from istrel.data.dataset import Dataset
from istrel.exhibits.cases import Grouping
from istrel.exhibits.store import store_of
from istrel.stats import moments
from istrel.stats.grouping import Arranged, arrange, arrange_counted, arrange_few, side_by_side
from istrel.stats.threads import each

Made = TypeVar("Made")
WORTH_THREADS, TOO_LONG_FOR_TWO = 200_000, 60_000_000  # rows; each work holds three copies of its column


def shared_out(works: Sequence[Callable[[], Made]], data: Dataset) -> list[Made]:
    """The results of several works in their order, on two threads where that pays: NumPy lets go of the interpreter."""
    if WORTH_THREADS <= data.n_rows < TOO_LONG_FOR_TWO and len(works) > 1:
        return each(lambda work: work(), works)
    return [work() for work in works]


def arranged(name: str, grouping: Grouping, data: Dataset) -> Arranged:
    """A variable's values in order within the groups of a grouping."""

    def make() -> Arranged:
        numbers, used = data.numbers(name), data.numbers(name).valid & grouping.used
        if grouping.times is not None:
            return arrange_counted(numbers.values, grouping.codes, used, grouping.n_groups, grouping.times)
        made = arrange_few(numbers.values, grouping.codes, used, grouping.n_groups)
        if made is None:
            order = grouping.order if grouping.n_groups > 1 else None
            made = arrange(numbers.values, grouping.codes, used, grouping.n_groups, order)
        return made if data.origin is None else replace(made, origin=data.origin)

    return store_of(data).once(
        ("arranged", name, grouping.key), make, lambda made: made.values.nbytes + made.raw.nbytes // 4
    )


def moments_of(name: str, grouping: Grouping, data: Dataset) -> moments.Moments:
    """The moments of a variable in its groups, made once per version."""
    key = ("moments", name, grouping.key)
    return store_of(data).once(key, lambda: moments.moments(arranged(name, grouping, data)), lambda _: 1024)


def batches(names: Sequence[str], data: Dataset) -> list[tuple[str, ...]]:
    """The variables in lots that are small enough to be treated at once; one by one where there are many cases."""
    lot = max(1, moments.EXACT_UP_TO // max(1, data.n_rows))
    return [tuple(names[start : start + lot]) for start in range(0, len(names), lot)]


def arranged_together(names: Sequence[str], grouping: Grouping, data: Dataset) -> tuple[Arranged, moments.Moments]:
    """(values, moments) of several variables, the groups of one after those of the other; each variable's are shared."""
    cells = side_by_side([arranged(name, grouping, data) for name in names])
    if len(names) == 1:
        return cells, moments_of(names[0], grouping, data)
    found, size = moments.moments(cells), grouping.n_groups
    for place, name in enumerate(names):
        mine = found.of(slice(place * size, (place + 1) * size))
        store_of(data).once(("moments", name, grouping.key), lambda mine=mine: mine, lambda _: 1024)  # type: ignore[misc]
    return cells, found
