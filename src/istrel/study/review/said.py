"""What the author's texts say, sentence by sentence, with what of their letters is typed and what is a live number."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass

from istrel.study.parts import Number, Prose, Reference, Words, proses_of
from istrel.study.prose import Shelf, shown
from istrel.study.study import Study

SENTENCE_END = re.compile(r"(?<=[.!?])\s+(?=[^\W\d_a-zß-ÿ])|\n+")
PLAIN = str.maketrans({"−": "-", "\u00a0": " ", "\u202f": " ", "\u2009": " "})
CITATION = re.compile(r"\bet al\b|\(\d{4}[a-z]?\)|\b[A-Z][\w-]+,? \d{4}[a-z]?\b")


@dataclass(frozen=True)
class Live:
    """A live number in a text: where it stands, and what it is bound to."""

    start: int
    end: int
    number: Number


@dataclass(frozen=True)
class Sentence:
    """A sentence of an author.

    Attributes
    ----------
    part
        The id of the part that it stands in.
    text
        Its letters, with plain blanks and minus signs.
    cited
        The exhibits that its passage refers to or quotes.
    passage
        The letters of the whole passage.
    """

    part: str
    text: str
    live: tuple[Live, ...]
    cited: frozenset[str]
    passage: str
    claims: bool = False  # whether words of it are a claim of ours, which is held elsewhere

    def is_typed(self, start: int, end: int) -> bool:
        """Whether no live number stands in these letters."""
        return not any(live.start < end and start < live.end for live in self.live)

    @property
    def is_of_others(self) -> bool:
        """Whether it speaks of another paper."""
        return CITATION.search(self.text) is not None


def sentences(study: Study, shelf: Shelf, labels: dict[str, str]) -> Iterator[Sentence]:
    """Every sentence of every text that the author wrote or edited; `labels` are {label in print: exhibit}."""
    for part in study.parts:
        for prose in proses_of(part):
            home = getattr(part, "sentence", None) is not None
            yield from _sentences(part.id, prose, shelf, labels, frozenset({part.id} if home else ()))


def _sentences(
    part: str, prose: Prose, shelf: Shelf, labels: dict[str, str], own: frozenset[str]
) -> Iterator[Sentence]:
    text, live, claimed = "", list[Live](), list[tuple[int, int]]()
    cited = set(own)
    for piece, letters, _ in shown(prose, shelf):
        start = len(text)
        text += letters.translate(PLAIN)
        match piece:
            case Number():
                live.append(Live(start, len(text), piece))
                cited.add(piece.exhibit)
            case Reference():
                cited.add(piece.exhibit)
            case Words(claim=claim) if claim:
                claimed.append((start, len(text)))
    cited |= {identity for label, identity in labels.items() if re.search(rf"{re.escape(label)}(?!\d)", text)}
    at = 0
    for end in [*(found.start() for found in SENTENCE_END.finditer(text)), len(text)]:
        inside = tuple(Live(one.start - at, one.end - at, one.number) for one in live if at <= one.start < end)
        said = text[at:end]
        lead = len(said) - len(said.lstrip())
        inside = tuple(Live(one.start - lead, one.end - lead, one.number) for one in inside)
        if said.strip():
            claims = any(start < end and at < stop for start, stop in claimed)
            yield Sentence(part, said.strip(), inside, frozenset(cited), text, claims)
        at = end
