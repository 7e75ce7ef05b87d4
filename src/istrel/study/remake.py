"""Exhibits made once per version of their source: the one way to them, which never answers for another version."""

from __future__ import annotations

from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.sentence.request import Request
from istrel.study.parts import Kept
from istrel.study.study import Study, StudySource


def exhibit_of(request: Request, source: StudySource) -> Exhibit:
    """The exhibit that a request means for a source as it stands now.

    Raises
    ------
    Problem
        As `make_exhibit`.
    """
    data, standing, exhibits = source.data, repr(source.standing), source.made.exhibits
    exhibit = exhibits.get(data, request, standing)
    if exhibit is None:
        exhibit = make_exhibit(request, data, source.standing)
        exhibits.put(data, request, standing, exhibit)
    return exhibit


def made(kept: Kept, study: Study) -> Exhibit:
    """A kept exhibit as it is now."""
    return exhibit_of(kept.request, study.source_of(kept.source))
