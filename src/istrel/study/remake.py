"""Exhibits made once per version of their source: the one cache of exhibits, which never answers for another version."""

from __future__ import annotations

from collections import OrderedDict
from threading import Lock

from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.sentence.request import Request
from istrel.study.parts import Kept
from istrel.study.study import Study, StudySource

MOST = 200
_made: OrderedDict[tuple[int, Request, str], tuple[Dataset, Exhibit]] = OrderedDict()
_lock = Lock()


def exhibit_of(request: Request, source: StudySource) -> Exhibit:
    """The exhibit that a request means for a source as it stands now.

    Raises
    ------
    Problem
        As `make_exhibit`.
    """
    data = source.data
    key = (id(data), request, repr(source.standing))
    with _lock:
        found = _made.get(key)
        if found is not None and found[0] is data:
            _made.move_to_end(key)
            return found[1]
    exhibit = make_exhibit(request, data, source.standing)
    with _lock:
        _made[key] = data, exhibit
        while len(_made) > MOST:
            _made.popitem(last=False)
    return exhibit


def made(kept: Kept, study: Study) -> Exhibit:
    """A kept exhibit as it is now."""
    return exhibit_of(kept.request, study.source_of(kept.source))
