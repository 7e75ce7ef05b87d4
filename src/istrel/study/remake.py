"""Exhibits made once per version of their source: the one cache of exhibits, which never answers for another version."""

from __future__ import annotations

from collections import OrderedDict
from threading import Lock

from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.study.parts import Kept
from istrel.study.study import Study, StudySource

MOST = 200
_made: OrderedDict[tuple[int, str, str], tuple[Dataset, Exhibit]] = OrderedDict()
_lock = Lock()


def exhibit_of(sentence: str, source: StudySource) -> Exhibit:
    """The exhibit that a sentence means for a source as it stands now.

    Raises
    ------
    Problem
        As `make_exhibit`.
    """
    data = source.data
    key = (id(data), sentence, repr(source.standing))
    with _lock:
        found = _made.get(key)
        if found is not None and found[0] is data:
            _made.move_to_end(key)
            return found[1]
    exhibit = make_exhibit(sentence, data, source.standing)
    with _lock:
        _made[key] = data, exhibit
        while len(_made) > MOST:
            _made.popitem(last=False)
    return exhibit


def made(kept: Kept, study: Study) -> Exhibit:
    """A kept exhibit as it is now."""
    return exhibit_of(kept.sentence, study.source_of(kept.source))
