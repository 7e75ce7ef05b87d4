"""What is made once for one version of the data and serves every exhibit of it, under a bound of memory."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable
from threading import Lock
from typing import Any, TypeVar
from weakref import WeakKeyDictionary

from istrel.data.dataset import Dataset

Made = TypeVar("Made")
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


def made_of(data: Dataset, key: Hashable, make: Callable[[], Dataset]) -> Dataset:
    """Data that are made from others once, such as those with the variables of a sentence; they go with what they are made from."""

    def size(made: Dataset) -> int:
        own = [column for column in made.table.columns if column.name not in data.table or made.n_rows != data.n_rows]
        return sum(column.values.nbytes + column.valid.nbytes for column in own)

    return store_of(data).once(("data", key), make, size)


def store_of(data: Dataset) -> Store:
    """The store of one version of the data; it goes with it, so it never answers for another."""
    return _STORES.setdefault(data, Store())
