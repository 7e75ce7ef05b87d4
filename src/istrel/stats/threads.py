"""Work shared out between threads of a pool that ends with the call: for array operations that let go of the interpreter."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from concurrent.futures import ThreadPoolExecutor
from typing import TypeVar

Given = TypeVar("Given")
Made = TypeVar("Made")
THREADS = 2


def each(work: Callable[[Given], Made], items: Iterable[Given]) -> list[Made]:
    """The results of `work` for every item, in their order; an exception of any is raised here."""
    with ThreadPoolExecutor(THREADS) as pool:
        return list(pool.map(work, items))
