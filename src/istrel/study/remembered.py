"""The exhibits of a source, each made once per version of its data: they go when the study goes."""

from __future__ import annotations

from collections import OrderedDict
from threading import Lock
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from istrel.data.dataset import Dataset
    from istrel.exhibits.make import Exhibit
    from istrel.sentence.request import Request

MOST = 200


class Remembered:
    """Exhibits by version and request, those that were asked for last."""

    def __init__(self) -> None:
        self._made: OrderedDict[tuple[int, Request, str], tuple[Dataset, Exhibit]] = OrderedDict()
        self._lock = Lock()

    def get(self, data: Dataset, request: Request, standing: str) -> Exhibit | None:
        """The exhibit of this version; None where it is to be made."""
        key = (id(data), request, standing)
        with self._lock:
            found = self._made.get(key)
            if found is None or found[0] is not data:
                return None
            self._made.move_to_end(key)
            return found[1]

    def put(self, data: Dataset, request: Request, standing: str, exhibit: Exhibit) -> None:
        with self._lock:
            self._made[id(data), request, standing] = data, exhibit
            while len(self._made) > MOST:
                self._made.popitem(last=False)
