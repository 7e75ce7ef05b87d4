"""What is not true (any more): numbers that moved, claims that do not hold, exhibits that cannot be made."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.study.manuscript import Entry, Written
from istrel.study.review.point import Point, Script


def points(script: Script) -> Iterator[Point]:
    for part in script.parts:
        if isinstance(part, Written):
            readings, identity, where = [part.reading], part.passage.id, "A paragraph"
        else:
            readings, identity, where = (
                [reading for _, reading in part.readings],
                part.kept.id,
                part.label.rstrip(" .:"),
            )
            yield from _of_exhibit(part)
        for reading in readings:
            for claim in reading.untrue:
                said = claim.partition(": ")[2].replace(" | ", ", ")
                yield Point("no longer true", f"{where} claims what the numbers no longer bear out: {said}.", identity)
            if reading.moved:
                many = len(reading.moved)
                yield Point("moved", f"{where} quotes {many} number{'s' if many > 1 else ''} that moved.", identity)


def _of_exhibit(entry: Entry) -> Iterator[Point]:
    label = entry.label.rstrip(" .:")
    if entry.trouble:
        yield Point("cannot be made", f"{label} cannot be made: {entry.trouble}", entry.kept.id)
    elif entry.moved and not entry.kept.is_figure:
        many = len(entry.moved)
        yield Point("moved", f"{many} number{'s' if many > 1 else ''} of {label} moved since accepted.", entry.kept.id)
