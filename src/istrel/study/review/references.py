"""Exhibits never mentioned, mentions of what is gone, mentions typed by hand or out of order."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise

from istrel.english import english
from istrel.study.manuscript import Written
from istrel.study.parts import Reference
from istrel.study.review.point import Point, Script


def points(script: Script) -> Iterator[Point]:
    for part in script.parts:
        readings = [part.reading] if isinstance(part, Written) else [reading for _, reading in part.readings]
        identity = part.passage.id if isinstance(part, Written) else part.kept.id
        if any(reading.gone for reading in readings):
            yield Point(
                english("mention of what is gone"),
                english("A text refers to an exhibit that is not in the manuscript."),
                identity,
            )
    labels = {entry.label.rstrip(" .:") for entry in script.entries}
    for identity, label in script.typed:
        if label in labels:
            says = english(
                "“{label}” is typed by hand and does not follow its number; put it in by “Refer to”.", label=label
            )
            yield Point(english("typed by hand"), says, identity)
        else:
            says = english("A text mentions {label}, which is not in the manuscript.", label=label)
            yield Point(english("mention of what is gone"), says, identity)
    if not any(prose for _, prose in script.proses):
        return  # no one has written yet
    typed = {label for _, label in script.typed}
    for entry in script.entries:
        if entry.kept.id not in script.mentioned and entry.label.rstrip(" .:") not in typed:
            yield Point(
                english("never mentioned"),
                english("{label} is never mentioned in the text.", label=entry.label.rstrip(" .:")),
                entry.kept.id,
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
                says = english(
                    "{label} is mentioned before {label_2}.",
                    label=after.label.rstrip(" .:"),
                    label_2=before.label.rstrip(" .:"),
                )
                yield Point(english("order of mentions"), says, after.kept.id)
