"""Changes of the manuscript: keeping, ordering, writing, accepting. Its parts are named by their ids."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import reduce
from typing import Any, Literal

from istrel.english import english
from istrel.study.parts import PROSE_OF_EXHIBIT, Accepted, Kept, Number, Part, Passage, Prose, Reference, Value, Words
from istrel.study.study import Study
from istrel.style.house import style_from


def _ordered(parts: tuple[Part, ...]) -> tuple[Part, ...]:
    """The supplement last."""
    return tuple(sorted(parts, key=lambda part: part.supplement))


def _placed(parts: tuple[Part, ...], part: Part, to: int) -> tuple[Part, ...]:
    return _ordered((*parts[:to], part, *parts[to:]))


def _changed(study: Study, identity: str, change: Callable[[Part], Part]) -> Study:
    study.part(identity)
    return replace(study, parts=tuple(change(part) if part.id == identity else part for part in study.parts))


def _with_prose(part: Part, change: Callable[[Prose], Prose]) -> Part:
    """The part with every edited text of it changed."""
    if isinstance(part, Passage):
        return replace(part, prose=change(part.prose))
    made: dict[str, Any] = {
        name: change(prose) for name in PROSE_OF_EXHIBIT if (prose := getattr(part, name)) is not None
    }
    return replace(part, **made)


@dataclass(frozen=True)
class Keep:
    """An exhibit of the source in use added at the end of the main text."""

    exhibit: Kept

    @property
    def words(self) -> str:
        return english("keep the exhibit")

    def apply(self, study: Study) -> Study:
        identity, study = study.next_id("k")
        kept = replace(self.exhibit, source=study.current, id=identity)
        return replace(study, parts=_ordered((*study.parts, kept)))


@dataclass(frozen=True)
class Insert:
    """A heading or a paragraph put in at a place, counted from 0."""

    passage: Passage
    to: int

    @property
    def words(self) -> str:
        return {
            "heading": english("add the heading"),
            "paragraph": english("add the paragraph"),
        }.get(self.passage.role) or english("add the appendix")

    def apply(self, study: Study) -> Study:
        identity, study = study.next_id("p")
        return replace(study, parts=_placed(study.parts, replace(self.passage, id=identity), self.to))


@dataclass(frozen=True)
class Duplicate:
    """A part once more, after itself."""

    id: str

    @property
    def words(self) -> str:
        return english("duplicate")

    def apply(self, study: Study) -> Study:
        part = study.part(self.id)
        identity, study = study.next_id(self.id[:1])
        return replace(study, parts=_placed(study.parts, replace(part, id=identity), study.parts.index(part) + 1))


@dataclass(frozen=True)
class Drop:
    """A part taken out of the manuscript."""

    id: str

    @property
    def words(self) -> str:
        return english("take it out of the manuscript")

    def apply(self, study: Study) -> Study:
        return replace(study, parts=tuple(part for part in study.parts if part.id != self.id))


@dataclass(frozen=True)
class Move:
    """A part moved to another place, counted from 0 among the others; `supplement` says to which of both it belongs."""

    id: str
    to: int
    supplement: bool | None = None

    @property
    def words(self) -> str:
        return english("move it in the manuscript")

    def apply(self, study: Study) -> Study:
        part = study.part(self.id)
        if self.supplement is not None:
            part = replace(part, supplement=self.supplement)
        return replace(study, parts=_placed(tuple(p for p in study.parts if p.id != self.id), part, self.to))


@dataclass(frozen=True)
class Exchange:
    """A kept exhibit exchanged for what another sentence makes of the same source; its place and its texts stay."""

    id: str
    exhibit: Kept

    @property
    def words(self) -> str:
        return english("exchange the exhibit")

    def apply(self, study: Study) -> Study:
        new = self.exhibit

        def exchanged(part: Part) -> Part:
            if not isinstance(part, Kept):
                return part
            return replace(part, request=new.request, accepted=new.accepted, is_figure=new.is_figure)

        return _changed(study, self.id, exchanged)


@dataclass(frozen=True)
class Retitle:
    """Another title for a kept exhibit; an empty one gives its own back."""

    id: str
    title: str

    @property
    def words(self) -> str:
        return english("edit the title")

    def apply(self, study: Study) -> Study:
        return _changed(
            study, self.id, lambda part: replace(part, title=self.title) if isinstance(part, Kept) else part
        )


@dataclass(frozen=True)
class Write:
    """Other words for a text: of a passage its prose, of an exhibit its notes, results text or methods.

    Attributes
    ----------
    prose
        None gives the exhibit its own words back; nothing takes them out.
    """

    id: str
    what: Literal["prose", "notes", "text", "methods"]
    prose: tuple[Words | Number | Reference, ...] | None

    @property
    def words(self) -> str:
        said = {
            "prose": english("edit the paragraph"),
            "notes": english("edit the notes"),
            "text": english("edit the results text"),
            "methods": english("edit the methods text"),
        }
        return said[self.what]

    def apply(self, study: Study) -> Study:
        def written(part: Part) -> Part:
            if isinstance(part, Passage):
                return replace(part, prose=self.prose or ())
            made: dict[str, Any] = {self.what: self.prose} if self.what != "prose" else {}
            return replace(part, **made)

        return _changed(study, self.id, written)


@dataclass(frozen=True)
class Reword:
    """Texts whose words no longer hold, said anew in one step."""

    writes: tuple[Write, ...]

    @property
    def words(self) -> str:
        return english("say anew what no longer holds")

    def apply(self, study: Study) -> Study:
        return reduce(lambda before, write: write.apply(before), self.writes, study)


@dataclass(frozen=True)
class Accept:
    """The numbers that a kept exhibit has now become the accepted ones, wherever they are quoted.

    Attributes
    ----------
    quoted
        Further numbers of it that only texts quote.
    """

    id: str
    accepted: tuple[Accepted, ...]
    quoted: tuple[Accepted, ...] = ()

    @property
    def words(self) -> str:
        return english("accept the numbers")

    def apply(self, study: Study) -> Study:
        values = {(n.row, n.column): n.value for n in (*self.accepted, *self.quoted)}
        parts = (
            replace(p, accepted=self.accepted) if isinstance(p, Kept) and p.id == self.id else p for p in study.parts
        )
        return replace(study, parts=tuple(_with_prose(part, lambda p: _taken(p, self.id, values)) for part in parts))


@dataclass(frozen=True)
class AcceptEach:
    """Several exhibits accepted in one step."""

    accepts: tuple[Accept, ...]

    @property
    def words(self) -> str:
        return english("accept all numbers")

    def apply(self, study: Study) -> Study:
        return reduce(lambda before, accept: accept.apply(before), self.accepts, study)


@dataclass(frozen=True)
class AcceptNumbers:
    """Some numbers of a kept exhibit accepted as they are now, wherever they are quoted.

    Attributes
    ----------
    gone
        Numbers that the exhibit does not have any more.
    """

    id: str
    numbers: tuple[Accepted, ...]
    gone: tuple[Accepted, ...] = ()

    @property
    def words(self) -> str:
        return english("accept numbers") if len(self.numbers) + len(self.gone) > 1 else english("accept the number")

    def apply(self, study: Study) -> Study:
        values = {(n.row, n.column): n.value for n in self.numbers}
        gone = {(n.row, n.column) for n in self.gone}

        def taken(part: Part) -> Part:
            part = _with_prose(part, lambda prose: _taken(prose, self.id, values))
            if part.id != self.id or not isinstance(part, Kept):
                return part
            old = {(n.row, n.column): n for n in part.accepted if (n.row, n.column) not in gone}
            return replace(part, accepted=tuple((old | {(n.row, n.column): n for n in self.numbers}).values()))

        study.part(self.id)
        return replace(study, parts=tuple(taken(part) for part in study.parts))


@dataclass(frozen=True)
class AcceptQuoted:
    """Numbers that a text quotes accepted as they are now, wherever they are quoted, and in the tables that show them.

    Attributes
    ----------
    numbers
        Each with its value now.
    """

    numbers: tuple[Number, ...]

    @property
    def words(self) -> str:
        return (
            english("accept numbers in the text") if len(self.numbers) > 1 else english("accept the number in the text")
        )

    def apply(self, study: Study) -> Study:
        values: dict[str, dict[tuple[str, str], Value]] = {}
        for number in self.numbers:
            values.setdefault(number.exhibit, {})[number.row, number.column] = number.accepted

        def taken(prose: Prose) -> Prose:
            return reduce(lambda said, of: _taken(said, of, values[of]), values, prose)

        parts = (_with_prose(part, taken) for part in study.parts)
        return replace(study, parts=tuple(_shown_taken(part, values.get(part.id, {})) for part in parts))


def _shown_taken(part: Part, values: dict[tuple[str, str], Value]) -> Part:
    """An exhibit with those of its accepted numbers that are among the values."""
    if not values or not isinstance(part, Kept):
        return part
    accepted = (replace(n, value=values.get((n.row, n.column), n.value)) for n in part.accepted)
    return replace(part, accepted=tuple(accepted))


def _taken(prose: Prose, exhibit: str, values: dict[tuple[str, str], Value]) -> Prose:
    """The prose with the numbers of an exhibit accepted as they are in `values`."""
    return tuple(
        replace(piece, accepted=values.get((piece.row, piece.column), piece.accepted))
        if isinstance(piece, Number) and piece.exhibit == exhibit
        else piece
        for piece in prose
    )


@dataclass(frozen=True)
class LetStand:
    """Words whose claim no longer holds stay as they are: they are the author's own from now on."""

    id: str
    claim: str

    @property
    def words(self) -> str:
        return english("let the words stand")

    def apply(self, study: Study) -> Study:
        def own(prose: Prose) -> Prose:
            return tuple(
                Words(p.text, p.italic) if isinstance(p, Words) and p.claim == self.claim else p for p in prose
            )

        return _changed(study, self.id, lambda part: _with_prose(part, own))


@dataclass(frozen=True)
class SetStyle:
    """Another house style: the name of one that ships, or the whole text of another."""

    style: str

    @property
    def words(self) -> str:
        return english("set the house style")

    def apply(self, study: Study) -> Study:
        style_from(self.style)  # a bad one is refused, with its line or key
        return replace(study, style=self.style)
