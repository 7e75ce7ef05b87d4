"""Sentences of an exhibit that no longer hold, said anew as the exhibit says them now; the author's words around them stay."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import replace
from typing import NamedTuple

from istrel.problem import Problem
from istrel.study.changes.manuscript import Write
from istrel.study.manuscript import shelf_of
from istrel.study.parts import PROSE_OF_EXHIBIT, Kept, Number, Part, Passage, Prose, Reference, Words
from istrel.study.prose import Shelf, prose_of, read, shown
from istrel.study.remake import made
from istrel.study.study import Study
from istrel.style.house import HouseStyle

CLAUSE = re.compile(r"(?<=[.;])\s+")


class Reworded(NamedTuple):
    """A sentence that was said anew: in which part, and how it reads."""

    part: str
    old: str
    new: str


def reworded(study: Study, style: HouseStyle) -> tuple[Study, tuple[Reworded, ...]]:
    """(the study with every claim that no longer holds said anew, what was); what an exhibit does not say any more stays."""
    shelf = shelf_of(study, style)
    told: list[Reworded] = []
    parts = tuple(_of_part(part, study, shelf, told) for part in study.parts)
    return (replace(study, parts=parts), tuple(told)) if told else (study, ())


def writes_between(before: Study, after: Study) -> tuple[Write, ...]:
    """What must be written in one study so that its texts are another's."""
    found: list[Write] = []
    for old, new in zip(before.parts, after.parts, strict=True):
        names = ("prose",) if isinstance(old, Passage) else PROSE_OF_EXHIBIT
        found += [Write(old.id, name, getattr(new, name)) for name in names if getattr(old, name) != getattr(new, name)]  # type: ignore[arg-type]
    return tuple(found)


def _of_part(part: Part, study: Study, shelf: Shelf, told: list[Reworded]) -> Part:
    if isinstance(part, Passage):
        return replace(part, prose=_anew(part.prose, part.id, study, shelf, told))
    changes = {
        name: _anew(prose, part.id, study, shelf, told)
        for name in PROSE_OF_EXHIBIT
        if (prose := getattr(part, name)) is not None
    }
    return replace(part, **changes)  # type: ignore[arg-type]


def _anew(prose: Prose, part: str, study: Study, shelf: Shelf, told: list[Reworded]) -> Prose:
    """A text with each of its claims that no longer holds exchanged for what its exhibit says of the same."""
    for claim in read(prose, shelf).untrue:
        places = [k for k, piece in enumerate(prose) if isinstance(piece, Words) and piece.claim == claim]
        if not places:  # they went with another claim's
            continue
        first, last = places[0], places[-1]
        while last + 1 < len(prose) and isinstance(prose[last + 1], Number):  # with which its words end
            last += 1
        of = next(piece.of for piece in prose if isinstance(piece, Words) and piece.claim == claim)
        old = prose[first : last + 1]
        new = _said_now(claim, old, of, study, shelf)
        if new:
            told.append(Reworded(part, _letters(old, shelf), _letters(new, shelf)))
            prose = (*prose[:first], *new, *prose[last + 1 :])
    return prose


def _letters(prose: Prose, shelf: Shelf) -> str:
    return "".join(one.letters for one in shown(prose, shelf)).strip()


def _said_now(claim: str, old: Prose, of: str, study: Study, shelf: Shelf) -> Prose:
    """The clause of an exhibit's own words that is about the same; nothing where there is none."""
    kept = next((part for part in study.parts if isinstance(part, Kept) and part.id == of), None)
    if kept is None:
        return ()
    try:
        own = prose_of(made(kept, study).text, of, shelf.style)
    except Problem:
        return ()
    about, word = _about(old), claim.partition(":")[0]
    best: tuple[int, Prose] = (0, ())
    for clause in _clauses(own):
        claims = {piece.claim.partition(":")[0] for piece in clause if isinstance(piece, Words) and piece.claim}
        if about and about == _about(clause) and (not claims or word in claims):
            best = max(best, (1 + (word in claims), clause), key=lambda pair: pair[0])
    return best[1]


def _about(prose: Prose) -> set[tuple[str, str]]:
    """(variable, statistic) of the numbers of a text, of whichever group."""
    return {(piece.row.partition(" @ ")[0], piece.column) for piece in prose if isinstance(piece, Number)}


def _clauses(prose: Prose) -> Iterator[Prose]:
    """A text cut at its points and semicolons, without these."""
    clause: list[Words | Number | Reference] = []
    for piece in prose:
        texts = CLAUSE.split(piece.text) if isinstance(piece, Words) else [""]
        for place, text in enumerate(texts):
            if place:
                yield _trimmed(clause)
                clause = []
            if isinstance(piece, Words):
                clause += [replace(piece, text=text)] if text else []
            else:
                clause.append(piece)
    yield _trimmed(clause)


def _trimmed(clause: list[Words | Number | Reference]) -> Prose:
    """Without the point at its end."""
    if clause and isinstance(last := clause[-1], Words):
        left = last.text.rstrip(" .;")
        clause = [*clause[:-1], replace(last, text=left)] if left else clause[:-1]
    return tuple(clause)
