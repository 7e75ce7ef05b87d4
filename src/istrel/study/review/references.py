"""Exhibits never mentioned, mentions of what is gone, mentions typed by hand or out of order."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise

from istrel.study.manuscript import Written
from istrel.study.parts import Reference
from istrel.study.review.point import Point, Script


def points(script: Script) -> Iterator[Point]:
    for part in script.parts:
        readings = [part.reading] if isinstance(part, Written) else [reading for _, reading in part.readings]
        identity = part.passage.id if isinstance(part, Written) else part.kept.id
        if any(reading.gone for reading in readings):
            yield Point(
                "mention of what is gone", "A text refers to an exhibit that is not in the manuscript.", identity
            )
    labels = {entry.label.rstrip(" .:") for entry in script.entries}
    for identity, label in script.typed:
        if label in labels:
            says = f"“{label}” is typed by hand and does not follow its number; put it in by “Refer to”."
            yield Point("typed by hand", says, identity)
        else:
            says = f"A text mentions {label}, which is not in the manuscript."
            yield Point("mention of what is gone", says, identity)
    if not any(prose for _, prose in script.proses):
        return  # no one has written yet
    typed = {label for _, label in script.typed}
    for entry in script.entries:
        if entry.kept.id not in script.mentioned and entry.label.rstrip(" .:") not in typed:
            yield Point(
                "never mentioned", f"{entry.label.rstrip(' .:')} is never mentioned in the text.", entry.kept.id
            )
    yield from _out_of_order(script)


def _out_of_order(script: Script) -> Iterator[Point]:
    """Tables are first mentioned in the order of their numbers; so are figures."""
    first = list(
        dict.fromkeys(piece.exhibit for _, prose in script.proses for piece in prose if isinstance(piece, Reference))
    )
    for figures in (False, True):
        order = [e for e in script.entries if e.kept.is_figure == figures and not e.kept.supplement]
        places = [(first.index(e.kept.id), e) for e in order if e.kept.id in first]
        for (one, before), (other, after) in pairwise(places):
            if other < one:
                says = f"{after.label.rstrip(' .:')} is mentioned before {before.label.rstrip(' .:')}."
                yield Point("order of mentions", says, after.kept.id)
