"""What has lost its mark in a document: numbers and tables of ours that stand there without it; named, not touched."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from itertools import chain
from typing import NamedTuple

from istrel.english import english
from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell
from istrel.render.marks.memory import Put, alike
from istrel.render.marks.passages import Passage
from istrel.render.marks.tags import Key, Tag
from istrel.render.refresh.grids import At, Grid, matched, places_of
from istrel.render.refresh.report import AWAY, WHAT, Line, Refreshed
from istrel.study.prose import Shelf, now, number_of

NEAR, LEAST_AROUND = 14, 4  # letters on each side by which a number without its mark is known
LEAST_COPIED = 0.6  # of the numbers of a table, or of those that stand there, by which a copy without marks is known
LEAST_FOUND = 3  # numbers


def cell_now(put: Put, shelf: Shelf) -> tuple[str, Cell | None]:
    """(the exhibit of a number, the number as it is now)."""
    number = number_of(put.mark)
    if number is None:
        return english("a number"), None
    return shelf.labels.get(number.exhibit, english("an exhibit")), now(number, shelf)


def where_of(tag: Tag, shelf: Shelf) -> str:
    """What stands at a tag, in words."""
    if tag.number:
        return english("a number in the text")
    label = shelf.labels.get(tag.part, english("an exhibit"))
    what = WHAT.get(tag.what)
    return label if what is None else english("{label}, {what}", label=label, what=what)


def line_of(tag: Tag, shelf: Shelf, grid: Grid, at: At, old: str, new: str) -> Line:
    """What is said of a place of an exhibit."""
    row, column = grid.named(at) if tag.what == "table" else ("", "")
    return Line(where_of(tag, shelf), old, new, row=row, column=column)


class _Lookout(NamedTuple):
    """A number that moved, and how it reads among the words around it."""

    tag: str
    where: str
    old: str
    new: str
    pattern: re.Pattern[str]


@dataclass
class Unmarked:
    """Looks for what a document remembers and no mark holds.

    Attributes
    ----------
    put, fresh
        What was put into the document, and what would be put there now.
    seen
        The tags of what was found.
    """

    put: dict[str, Put]
    fresh: Mapping[Key, Put]
    shelf: Shelf
    done: Refreshed
    seen: set[str] = field(default_factory=set)

    def __post_init__(self) -> None:
        self.lookouts = tuple(self._lookouts())

    def look_in(self, passages: list[Passage], tables: Iterable[set[str]]) -> None:
        """Numbers and tables that stand there without the mark that we put around them: named, not touched."""
        for passage in passages if self.lookouts else ():
            for look in self.lookouts if passage.letters else ():
                for found in look.pattern.finditer(passage.letters) if look.old in passage.letters else ():
                    if passage.owners[found.start(1)] is not None:
                        continue
                    line = Line(look.where, look.old, look.new, done=False, stands=True, text=found.group().strip())
                    self.done.say(line._replace(why=english("its mark is gone here, so it was left as it is")))
                    self.seen.add(look.tag)
        for texts in tables:
            self._copied(texts)

    def _lookouts(self) -> Iterator[_Lookout]:
        """Every number that moved, with the words around each of its places."""
        for text, put in self.put.items():
            new = self._moved(put) if put.mark else ""
            for old in put.known(0) if new else ():
                for before, after in put.around if not alike(old, new) else ():
                    label, _ = cell_now(put, self.shelf)
                    pattern = f"{_loosely(before[-NEAR:])}({re.escape(old)})(?!\\d){_loosely(after[:NEAR])}"
                    if len(before) + len(after) > LEAST_AROUND:
                        yield _Lookout(text, f"{label} in the text", old, new, re.compile(pattern))

    def _moved(self, put: Put) -> str:
        """The number as it prints now, where it is another than some that we printed; else nothing."""
        _, cell = cell_now(put, self.shelf)
        new = print_cell(cell, self.shelf.style) if cell is not None else ""
        return new if any(not alike(old, new) for old in put.known(0)) else ""

    def _copied(self, texts: set[str]) -> None:
        """A table of ours that stands there without its mark."""
        for text, put in self.put.items():
            tag = Tag.read(text)
            if tag is None or tag.what != "table" or tag.key not in self.fresh:
                continue
            known = [put.known(place) for place in range(len(put.texts))]
            numbers = [one for one in known if any(letter.isdigit() for letter in one[0])]
            there = {one for one in texts if any(letter.isdigit() for letter in one)}
            found = sum(not texts.isdisjoint(one) for one in numbers)
            ours = len(there.intersection(chain.from_iterable(numbers)))
            if found >= LEAST_FOUND and (found >= LEAST_COPIED * len(numbers) or ours >= LEAST_COPIED * len(there)):
                self.seen.add(text)
                self._named(tag, put, known, texts)

    def _named(self, tag: Tag, put: Put, known: list[list[str]], texts: set[str]) -> None:
        """A line for every number of a table without its mark that moved since it was printed there."""
        fresh = self.fresh[tag.key]
        shape = put.spans or fresh.spans
        was, will = Grid(put.texts, shape), Grid(fresh.texts, fresh.spans)
        flat = {at: place for place, at in enumerate(places_of(shape))}
        for old, to in matched(was, will).items():
            for one in known[flat[old]]:
                if one in texts and not alike(one, will.text(to)):
                    line = line_of(tag, self.shelf, was, old, one, will.text(to))
                    why = english("this table has lost its mark, so it was left as it is")
                    self.done.say(line._replace(done=False, why=why, stands=True))

    def tell_missing(self, there: set[str]) -> None:
        """What was put into the document and is not there in any way."""
        if self.put and not there:
            why = english(
                "the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged"
            )
            self.done.say(Line(english("this document"), "", "", done=False, why=why))
        for text, put in self.put.items():
            tag = Tag.read(text)
            if tag is None or text in there | self.seen:
                continue
            if tag.what in ("table", "figure"):
                self.done.say(Line(where_of(tag, self.shelf), "", "", done=False, why=AWAY))
            elif tag.number and (new := self._moved(put)):
                label, _ = cell_now(put, self.shelf)
                before, after = put.around[0] if put.around else ("", "")
                near = f"{before[-NEAR:]}{put.texts[0]}{after[:NEAR]}".strip()
                why = english("it was not found: taken out, or rewritten")
                where = english("{label} in the text", label=label)
                self.done.say(Line(where, put.texts[0], new, done=False, why=why, text=near))


def _loosely(text: str) -> str:
    """A pattern for letters around a number: other numbers among them may have moved, blanks may be others."""
    parts = re.split(r"([\d.,−-]*\d|\s+)", text)
    loose = (r"\s+" if part.isspace() else r"[\d.,−-]*\d" if part[-1:].isdigit() else re.escape(part) for part in parts)
    return "".join(loose)
