"""What exhibits of one version of the data share: groupings and ordered columns, made once, under a bound of memory."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable, Sequence
from threading import Lock
from typing import Any, TypeVar
from weakref import WeakKeyDictionary

from istrel.data.dataset import Dataset
from istrel.exhibits.cases import Grouping
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.threads import each

Made = TypeVar("Made")
WORTH_THREADS = 200_000
MOST_BYTES = 768 * 2**20


class Store:
    """Results by key, the least recently used let go when they are more than the bound."""

    def __init__(self, most_bytes: int = MOST_BYTES) -> None:
        self._most = most_bytes
        self._made: OrderedDict[Hashable, tuple[Any, int]] = OrderedDict()
        self._bytes = 0
        self._lock = Lock()

    def once(self, key: Hashable, make: Callable[[], Made], size: Callable[[Made], int]) -> Made:
        """What `make` gives, made when it is first asked for; `size` says how many bytes it holds."""
        with self._lock:
            if key in self._made:
                self._made.move_to_end(key)
                found: Made = self._made[key][0]
                return found
        made = make()
        with self._lock:
            if key not in self._made:
                self._made[key] = made, size(made)
                self._bytes += self._made[key][1]
            while self._bytes > self._most and len(self._made) > 1:
                _, (_, let_go) = self._made.popitem(last=False)
                self._bytes -= let_go
        return made


_STORES: WeakKeyDictionary[Dataset, Store] = WeakKeyDictionary()


def store_of(data: Dataset) -> Store:
    """The store of one version of the data; it goes with it, so it never answers for another."""
    return _STORES.setdefault(data, Store())


def shared_out(works: Sequence[Callable[[], Made]], data: Dataset) -> list[Made]:
    """The results of several works in their order, on two threads where that pays: NumPy lets go of the interpreter."""
    if data.n_rows >= WORTH_THREADS and len(works) > 1:
        return each(lambda work: work(), works)
    return [work() for work in works]


def arranged(name: str, grouping: Grouping, data: Dataset) -> Arranged:
    """A variable's values in order within the groups of a grouping."""

    def make() -> Arranged:
        numbers = data.numbers(name)
        return arrange(numbers.values, grouping.codes, numbers.valid & grouping.used, grouping.n_groups)

    return store_of(data).once(
        ("arranged", name, grouping.key), make, lambda made: made.values.nbytes + made.raw.nbytes // 4
    )
