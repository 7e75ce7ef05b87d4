"""The reviewer's reading: what a careful reviewer would write about the whole manuscript, each point with its place."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.english import english
from istrel.study.manuscript import manuscript
from istrel.study.review import agreement, arithmetic, references, reporting, secrecy, truth, typed, wording
from istrel.study.review.point import Point, Script
from istrel.study.study import Study
from istrel.style.house import HouseStyle

FAMILIES = (truth, arithmetic, typed, secrecy, references, agreement, wording, reporting)
MOST_OF_A_KIND = 3


def review(study: Study, style: HouseStyle) -> tuple[Point, ...]:
    """The points, what is wrong first; of each kind at most a few, the last of which says how many more there are."""
    script = Script(study, style, manuscript(study, style))
    return tuple(_few(point for family in FAMILIES for point in family.points(script)))


def _few(points: Iterator[Point]) -> Iterator[Point]:
    by_kind: dict[str, list[Point]] = {}
    for point in points:
        by_kind.setdefault(point.kind, []).append(point)
    for found in by_kind.values():
        yield from found[:MOST_OF_A_KIND]
        if len(found) > MOST_OF_A_KIND:
            more = len(found) - MOST_OF_A_KIND
            yield Point(found[0].kind, english("… and {n} more of this kind.", n=more), found[MOST_OF_A_KIND].part)


__all__ = ["Point", "review"]
