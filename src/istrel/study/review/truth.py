"""What is not true (any more): numbers that moved, claims that do not hold, exhibits that cannot be made."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence

from istrel.english import english
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import Bound, Run
from istrel.study.manuscript import Entry, Written, called
from istrel.study.prose import Reading
from istrel.study.review.point import Point, Script
from istrel.study.turned import Turned
from istrel.style.house import HouseStyle


def _readings(parts: Iterable[Entry | Written]) -> Iterator[tuple[str, Reading]]:
    """(what a part is called, a text of it as it reads now)."""
    labels = {part.kept.id: ("", part.label) for part in parts if isinstance(part, Entry)}
    for part in parts:
        if isinstance(part, Written):
            yield called(part.passage, labels), part.reading
        else:
            yield from ((called(part.kept, labels), reading) for _, reading in part.readings)


def wrong(parts: Sequence[Entry | Written], style: HouseStyle) -> Iterator[tuple[str, str]]:
    """(where, what) a document of these parts would say that does not hold, refer to that is not there, or lack."""
    for part in parts:
        if isinstance(part, Entry) and part.trouble:
            yield part.label.rstrip(" .:"), f"cannot be made: {part.trouble}"
    for where, _, claim in untrue_words(parts, style):
        yield where, f"“{claim}” no longer holds"
    for where, reading in _readings(parts):
        for one in reading.turned:
            yield where, f"its words may no longer hold: {one.says}"
        if reading.gone:
            yield where, "refers to an exhibit that is not in the manuscript or cannot be made"


def untrue_words(parts: Sequence[Entry | Written], style: HouseStyle) -> Iterator[tuple[str, str, str]]:
    """(where, the longest words of a claim, the whole claim) of all that no longer holds."""
    for where, reading in _readings(parts):
        for claim in reading.untrue:
            runs = [piece.text for piece in reading.text if isinstance(piece, Run) and piece.claim == claim]
            yield where, max(runs, key=len, default=""), _sentence(reading, claim, style)


def doubtful_words(parts: Sequence[Entry | Written]) -> Iterator[tuple[str, str, Turned]]:
    """(where, the words before a number that changed sides, what changed)."""
    for where, reading in _readings(parts):
        for one in reading.turned:
            before = [
                piece.text for piece in reading.text[: one.place] if isinstance(piece, Run) and piece.text.strip()
            ]
            yield where, before[-1] if before else "", one


def _sentence(reading: Reading, claim: str, style: HouseStyle) -> str:
    """The words of a claim with the numbers among them, as they read now."""
    places = [place for place, piece in enumerate(reading.text) if isinstance(piece, Run) and piece.claim == claim]
    if not places:
        return claim
    end = places[-1] + 1
    while end < len(reading.text) and isinstance(reading.text[end], Bound):  # with which its words end
        end += 1
    return plain_text(reading.text[places[0] : end], style).strip(" ,.;")


def points(script: Script) -> Iterator[Point]:
    where: str
    for part in script.parts:
        if isinstance(part, Written):
            readings, identity, where = [part.reading], part.passage.id, english("A paragraph")
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
                yield Point(
                    english("no longer true"),
                    english("{where} claims what the numbers no longer bear out: {said}.", where=where, said=said),
                    identity,
                )
            for one in reading.turned:
                yield Point(
                    english("may no longer hold"),
                    english("{where}: {says}; do its words still hold?", where=where, says=one.says),
                    identity,
                )
            if reading.moved:
                many = len(reading.moved)
                yield Point(
                    english("moved"),
                    english("{where} quotes {n} [number|numbers] that moved.", where=where, n=many),
                    identity,
                )


def _of_exhibit(entry: Entry) -> Iterator[Point]:
    label = entry.label.rstrip(" .:")
    if entry.trouble:
        yield Point(
            english("cannot be made"),
            english("{label} cannot be made: {trouble}", label=label, trouble=entry.trouble),
            entry.kept.id,
        )
    elif entry.moved and not entry.kept.is_figure:
        many = len(entry.moved)
        yield Point(
            english("moved"),
            english("{n} [number|numbers] of {label} moved since accepted.", n=many, label=label),
            entry.kept.id,
        )
