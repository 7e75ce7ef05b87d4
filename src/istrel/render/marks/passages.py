"""Paragraphs with what of their letters is ours."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from itertools import groupby
from typing import Any, NamedTuple

from istrel.render.marks.memory import AROUND, Put
from istrel.render.marks.tags import Tag


@dataclass(frozen=True, eq=False)
class Owner:
    """One place of ours in a paragraph; `content` is what the format knows it by."""

    tag: Tag
    content: Any


class Held(NamedTuple):
    """Something of ours that stands in a document; `content` is known to the format alone."""

    tag: Tag
    content: Any


class Passage(NamedTuple):
    """A paragraph: its letters, for each of them the place of ours that it stands in or None, and what the format knows it by."""

    letters: str
    owners: tuple[Owner | None, ...]
    paragraph: Any

    def numbers(self) -> Iterator[tuple[Owner, str, str]]:
        """(number, letters before, letters after) of every number of ours in it, as far as a place is known by them."""
        place = 0
        for owner, letters in groupby(self.owners):
            end = place + len(list(letters))
            if owner is not None and owner.tag.number:
                yield owner, self.letters[:place][-AROUND:], self.letters[end:][:AROUND]
            place = end


def note_around(put: dict[str, Put], passages: Iterable[Passage]) -> None:
    """Remember the letters around every number that stands in these paragraphs."""
    found: dict[str, list[tuple[str, str]]] = {}
    for passage in passages:
        for owner, before, after in passage.numbers():
            found.setdefault(owner.tag.text, []).append((before, after))
    for tag, one in put.items():
        if one.mark and tag in found:
            one.around = found[tag]
