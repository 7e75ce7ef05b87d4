"""What is made once for one version of the data and serves every exhibit of it; one bound of memory for all versions together."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable
from itertools import count
from threading import RLock
from typing import Any, NamedTuple, TypeVar
from weakref import WeakKeyDictionary

from istrel.data.dataset import Dataset
from istrel.machine import most_kept

MOST_ENTRIES = 400  # of small data the bytes say little of what stands with them
Made = TypeVar("Made")


class Entry(NamedTuple):
    """Something made: what it is, how many bytes it holds, and when it was last asked for."""

    made: Any
    size: int
    asked: int


class Store:
    """Results by key, the one that was asked for longest ago first."""

    def __init__(self) -> None:
        self.entries: OrderedDict[Hashable, Entry] = OrderedDict()

    @property
    def size(self) -> int:
        return sum(entry.size for entry in self.entries.values())

    def once(self, key: Hashable, make: Callable[[], Made], size: Callable[[Made], int]) -> Made:
        """What `make` gives, made when it is first asked for; `size` says how many bytes it holds."""
        with _LOCK:
            if key in self.entries:
                self.entries[key] = self.entries[key]._replace(asked=next(_ASKED))
                self.entries.move_to_end(key)
                found: Made = self.entries[key].made
                return found
        made = make()
        with _LOCK:
            if key not in self.entries:
                self.entries[key] = Entry(made, size(made), next(_ASKED))
                _let_go(most_kept())
        return made


_LOCK = RLock()  # of a thread: what goes while it is held may take stores with it
_ASKED = count()
_STORES: WeakKeyDictionary[Dataset, Store] = WeakKeyDictionary()


def _let_go(most: int) -> None:
    """Of all stores the entries that were asked for longest ago, until what is left is within the bounds, or is one."""
    stores = [store for store in _STORES.values() if store.entries]
    held = sum(store.size for store in stores)
    left = sum(len(store.entries) for store in stores)
    while left > 1 and (held > most or left > MOST_ENTRIES):
        oldest = min((store for store in stores if store.entries), key=lambda store: _first(store).asked)
        held -= oldest.entries.popitem(last=False)[1].size
        left -= 1


def _first(store: Store) -> Entry:
    return next(iter(store.entries.values()))


def made_of(data: Dataset, key: Hashable, make: Callable[[], Dataset]) -> Dataset:
    """Data that are made from others once, such as those with the variables of a sentence; they go with what they are made from."""

    def size(made: Dataset) -> int:
        own = [column for column in made.table.columns if column.name not in data.table or made.n_rows != data.n_rows]
        return sum(column.values.nbytes + column.valid.nbytes for column in own)

    return store_of(data).once(("data", key), make, size)


def store_of(data: Dataset) -> Store:
    """The store of one version of the data; it goes with it, so it never answers for another."""
    with _LOCK:
        return _STORES.setdefault(data, Store())
