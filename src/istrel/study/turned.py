"""Words of the author's that may not hold any more: numbers that they stand among changed sides since they were accepted.

No words are read, so it holds in every language: two numbers of one variable in two groups changed their order, p crossed the
level of significance, a number has another sign.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import combinations
from typing import NamedTuple

from istrel.data.limits import SIGNIFICANT
from istrel.english import english
from istrel.exhibits.text import Cell, Text, say
from istrel.study.parts import Number, Prose, Words
from istrel.style.numbers import Kind

APART = 0.02  # of the larger: numbers that lie closer are not told apart by words
WEAK = 0.1  # a relation of which nobody says its direction
SENTENCE_END = re.compile(r"[.!?]\s|\n")


class Seen(NamedTuple):
    """A number in a text: its place in what is printed, its value as accepted and now, and how both print."""

    place: int
    number: Number
    old: float
    new: float
    was: str
    now: str


class Turned(NamedTuple):
    """What changed sides, and the place of the number that it is said of: for the screen, and in the paper's language."""

    place: int
    says: str
    text: Text


def unclaimed(prose: Prose) -> Iterator[int]:
    """The places of the numbers that stand in sentences without a claim of ours, which is held elsewhere."""
    sentence, claimed, numbers = 0, set[int](), list[tuple[int, int]]()
    for place, piece in enumerate(prose):
        if isinstance(piece, Words):
            ended = sentence + (SENTENCE_END.match(piece.text) is not None)
            sentence += len(SENTENCE_END.findall(piece.text))
            claimed |= set(range(ended, sentence + 1)) if piece.claim else set()
        elif isinstance(piece, Number):
            numbers.append((sentence, place))
    return (place for of, place in numbers if of not in claimed)


def turned(seen: Sequence[Seen]) -> tuple[Turned, ...]:
    """What changed sides among the numbers of a text."""
    found = [one for number in seen for one in _alone(number)]
    for one, other in combinations(seen, 2):
        if _are_of_one(one.number, other.number) and _have_turned(one, other):
            above, below = (one, other) if one.old > other.old else (other, one)
            found.append(_in_another_order(max(one.place, other.place), above, below))
    return tuple(sorted(set(found)))


def _in_another_order(place: int, above: Seen, below: Seen) -> Turned:
    parts = {"above": above.was, "below": below.was, "above_now": above.now, "below_now": below.now}
    says = english("{above} was above {below}; they are {above_now} and {below_now} now", **parts)
    return Turned(place, says, say("turned_order", **parts))


def _alone(one: Seen) -> Iterator[Turned]:
    """What a single number tells."""
    if _is_p(one.number):
        if (one.old < SIGNIFICANT) != (one.new < SIGNIFICANT):
            parts = {"was": one.was, "now": one.now}
            level, printed = f"{SIGNIFICANT:g}".lstrip("0"), (Cell(SIGNIFICANT, Kind.LIMIT),)
            if one.new < SIGNIFICANT:
                says = english("p was {was} and is {now}, now below {level}", level=level, **parts)
                yield Turned(one.place, says, say("turned_below", level=printed, **parts))
            else:
                says = english("p was {was} and is {now}, now not below {level}", level=level, **parts)
                yield Turned(one.place, says, say("turned_not_below", level=printed, **parts))
    elif (
        one.old * one.new < 0
        and max(abs(one.old), abs(one.new)) > WEAK
        and one.was.lstrip("−-") != one.now.lstrip("−-")
    ):
        says = english("{was} is now {now}: another sign", was=one.was, now=one.now)
        yield Turned(one.place, says, say("turned_sign", was=one.was, now=one.now))


def _is_p(number: Number) -> bool:
    return number.column.endswith(("/p", " p")) or number.column == "p"


def _are_of_one(one: Number, other: Number) -> bool:
    """Whether they are the same of two groups."""
    same = (one.exhibit, one.column, one.row.partition(" @ ")[0]) == (
        other.exhibit,
        other.column,
        other.row.partition(" @ ")[0],
    )
    if same:
        return one.row != other.row and " @ " in one.row and " @ " in other.row
    by_column = (one.exhibit, one.row) == (other.exhibit, other.row)  # groups stand in columns of cross-tables
    return by_column and "=" in one.column and "=" in other.column and _what(one.column) == _what(other.column)


def _what(column: str) -> str:
    """What a number of a cross-table is, without its group."""
    return column.partition("=")[0] + column.rpartition("/")[2]


def _have_turned(one: Seen, other: Seen) -> bool:
    before, after = one.old - other.old, one.new - other.new
    if before * after >= 0:
        return False
    return max(abs(before) / max(abs(one.old), abs(other.old)), abs(after) / max(abs(one.new), abs(other.new))) >= APART
