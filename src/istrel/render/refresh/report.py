"""What a refresh did, line by line."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Any, NamedTuple

from lxml import etree

from istrel.english import english, together
from istrel.problem import Problem

EDITED = english("edited by hand")
AWAY = english("taken out of the document, stays away")
GONE = english("is not in the study any more")
FORGOTTEN = english("the document does not remember what stood there; “--again” exchanges it")
NOTHING_MOVED = english("Nothing moved.")
WHAT = {  # of an exhibit, beside its table or figure
    "title": english("title"),
    "notes": english("notes"),
    "text": english("results text"),
    "methods": english("methods text"),
}
TAKEN_AGAIN = (EDITED, FORGOTTEN)  # what is exchanged on request


class Line(NamedTuple):
    """One number of ours, or a part of an exhibit, of which something is to be said.

    Attributes
    ----------
    where
        The exhibit, and what of it.
    old, new
        What stands or stood there, and what it is now; empty where there is nothing.
    done
        Whether it was exchanged.
    why
        Why it was not.
    stands
        Whether what stands there now is not what the study says.
    row, column, text
        Its place: in a table by its row and column in print, in a text by the words around it.
    """

    where: str
    old: str
    new: str
    done: bool = True
    why: str = ""
    stands: bool = False
    row: str = ""
    column: str = ""
    text: str = ""

    @property
    def words(self) -> str:
        place = together([part for part in (self.where, self.row, self.column) if part], ", ")
        near = english("{place} (“{text}”)", place=place, text=self.text) if self.text else place
        if self.done:
            old, new = (side or english("nothing") for side in (self.old, self.new))
            return english("{near}: {old} → {new}", near=near, old=old, new=new)
        if self.why == EDITED:
            left = english("{near}: edited by hand to “{old}”, left as it is", near=near, old=self.old)
            return left if self.new == self.old else english("{left}; it would be “{new}”", left=left, new=self.new)
        if self.why in (AWAY, GONE) or not self.new:
            return english("{near}: {why}", near=near, why=self.why)
        parts = {"near": near, "old": self.old, "new": self.new, "why": self.why}
        return english("{near}: “{old}” is now “{new}”, but {why}", **parts)


class Untrue(NamedTuple):
    """A claim that no longer holds.

    Attributes
    ----------
    where
        Where it stands in the study.
    words
        By which it is found in the document.
    says
        What is said of it on the screen.
    comment
        What the document says beside it, in its language.
    """

    where: str
    words: str
    says: str
    comment: str


class Wanted(NamedTuple):
    """How a document is refreshed: the claims that no longer hold; as tracked changes; what was edited by hand as well."""

    claims: tuple[Untrue, ...] = ()
    tracked: bool = False
    again: bool = False


@dataclass
class Refreshed:
    """A refreshed document: its bytes, and a line for all of which something is to be said."""

    content: bytes = b""
    found: list[Line] = field(default_factory=list)
    exchanged_any: bool = False

    def say(self, line: Line) -> None:
        """A line, once."""
        if line.done or line not in self.found:
            self.found.append(line)

    @property
    def changed(self) -> bool:
        return self.exchanged_any or any(line.done for line in self.found)

    @property
    def stale(self) -> bool:
        """Whether a number of ours stands in it that is not what the study says."""
        return any(line.stands for line in self.found)

    @property
    def exchanged(self) -> list[tuple[str, str, str]]:
        """(where, what stood there, what stands there now)."""
        return [(line.where, line.old, line.new) for line in self.found if line.done]

    @property
    def edited(self) -> list[tuple[str, str, str]]:
        """(where, what someone wrote there, what it would be now): left as it was found."""
        return [(line.where, line.old, line.new) for line in self.found if line.why == EDITED]

    @property
    def away(self) -> list[str]:
        """What the authors took out; it stays away."""
        return [line.where for line in self.found if line.why == AWAY]

    @property
    def gone(self) -> list[str]:
        """What refers to an exhibit or number that the study does not have (any more)."""
        return [line.where for line in self.found if line.why == GONE]

    @property
    def lost(self) -> list[Line]:
        """What stands in the document and could not be exchanged."""
        return [line for line in self.found if not line.done and line.why not in (EDITED, AWAY, GONE)]

    def lines(self) -> list[str]:
        """The report in words: what was exchanged, what was not."""
        order = sorted(self.found, key=lambda line: not line.done)
        return [line.words for line in order] or [NOTHING_MOVED]


def parsed(content: bytes, name: str) -> Any:
    """The root of a part of a document; nothing is fetched or unfolded.

    Raises
    ------
    Problem
        For what is no XML.
    """
    try:
        return etree.fromstring(content, etree.XMLParser(resolve_entities=False, no_network=True))
    except etree.XMLSyntaxError:
        raise Problem(english("{name}: this is no document, or it is damaged.", name=name)) from None
