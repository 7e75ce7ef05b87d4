"""What has lost its mark in a .docx: numbers and tables of ours without the control that we put around them; named, not touched."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field
from typing import Any, NamedTuple

from docx.oxml.ns import qn

from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell
from istrel.render.refresh.grids import At, Grid, matched, text_at
from istrel.render.refresh.report import AWAY, Line, Refreshed
from istrel.render.word.controls import Put, Tag, alike, tag_of
from istrel.render.word.letters import is_seen, letters_of, nodes_of
from istrel.study.prose import Shelf, now, number_of

NEAR, LEAST_AROUND = 14, 4  # letters on each side by which a number without its mark is known
LEAST_COPIED = 0.6  # of the cells of a table, by which a copy without marks is known
Key = tuple[str, str, str]


def key_of(text: str) -> Key | None:
    """By which a control is the same in documents from before studies had an identity."""
    tag = Tag.read(text)
    return None if tag is None else (tag.number[:12], tag.part, tag.what)


def cell_now(put: Put, shelf: Shelf) -> tuple[str, Cell | None]:
    """(the exhibit of a number, the number as it is now)."""
    number = number_of(put.mark)
    if number is None:
        return "a number", None
    return shelf.labels.get(number.exhibit, "an exhibit"), now(number, shelf)


def where_of(tag: Tag, shelf: Shelf) -> str:
    """What a control holds, in words."""
    if tag.number:
        return "a number in the text"
    label = shelf.labels.get(tag.part, "an exhibit")
    return label if tag.what in ("table", "figure") else f"{label}, {tag.what}"


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
    """Looks for what a document remembers and no control holds.

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

    def look_in(self, root: Any) -> None:
        """Numbers and tables that stand there without the control that we put around them: named, not touched."""
        for paragraph in root.iter(qn("w:p")) if self.lookouts else ():
            letters, inside = _letters_and_ours(paragraph)
            for look in self.lookouts if letters else ():
                for found in look.pattern.finditer(letters) if look.old in letters else ():
                    if inside[found.start(1)]:
                        continue
                    line = Line(look.where, look.old, look.new, done=False, stands=True, text=found.group().strip())
                    self.done.say(line._replace(why="its mark is gone here, so it was left as it is"))
                    self.seen.add(look.tag)
        for table in root.iter(qn("w:tbl")):
            if is_seen(table) and not any(tag_of(home) in self.put for home in table.iterancestors(qn("w:sdt"))):
                self._copied(table)

    def _lookouts(self) -> Iterator[_Lookout]:
        """Every number that moved, with the words around each of its places."""
        for text, put in self.put.items():
            new = self._moved(put) if put.mark else ""
            for old in (put.texts[0], *(put.earlier[0] if put.earlier else ())) if new else ():
                for before, after in put.around if not alike(old, new) else ():
                    label, _ = cell_now(put, self.shelf)
                    pattern = f"{_loosely(before[-NEAR:])}({re.escape(old)})(?!\\d){_loosely(after[:NEAR])}"
                    if len(before) + len(after) > LEAST_AROUND:
                        yield _Lookout(text, f"{label} in the text", old, new, re.compile(pattern))

    def _moved(self, put: Put) -> str:
        """The number as it prints now, where it is another than some that we printed; else nothing."""
        _, cell = cell_now(put, self.shelf)
        new = print_cell(cell, self.shelf.style) if cell is not None else ""
        known = [put.texts[0], *(put.earlier[0] if put.earlier else ())]
        return new if any(not alike(old, new) for old in known) else ""

    def _copied(self, table: Any) -> None:
        """A table of ours that stands there without its control."""
        texts = {letters_of(cell) for cell in table.iter(qn("w:tc"))}
        for text, put in self.put.items():
            tag, key = Tag.read(text), key_of(text)
            if tag is None or key is None or tag.what != "table" or key not in self.fresh:
                continue
            numbers = [one for one in put.texts if any(letter.isdigit() for letter in one)]
            if numbers and sum(one in texts for one in numbers) >= LEAST_COPIED * len(numbers):
                fresh = self.fresh[key]
                was, will = Grid.of(put.texts, put.rows or fresh.rows), Grid.of(fresh.texts, fresh.rows)
                self.seen.add(text)
                for old, to in matched(was, will).items():
                    if not alike(text_at(was, old), text_at(will, to)) and text_at(was, old) in texts:
                        line = line_of(tag, self.shelf, was, old, text_at(was, old), text_at(will, to))
                        why = "this table has lost its mark, so it was left as it is"
                        self.done.say(line._replace(done=False, why=why, stands=True))

    def tell_missing(self, there: set[str]) -> None:
        """What was put into the document and is not there in any way."""
        if self.put and not there:
            why = "the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged"
            self.done.say(Line("this document", "", "", done=False, why=why))
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
                why = "it was not found: taken out, or rewritten"
                self.done.say(Line(f"{label} in the text", put.texts[0], new, done=False, why=why, text=near))


def _loosely(text: str) -> str:
    """A pattern for letters around a number: other numbers among them may have moved, blanks may be others."""
    parts = re.split(r"([\d.,−-]*\d|\s+)", text)
    loose = (r"\s+" if part.isspace() else r"[\d.,−-]*\d" if part[-1:].isdigit() else re.escape(part) for part in parts)
    return "".join(loose)


def _letters_and_ours(paragraph: Any) -> tuple[str, list[bool]]:
    """(the letters of a paragraph, whether each of them stands in a control of ours)."""
    letters, ours = [], []
    for node in nodes_of(paragraph):
        held = any(Tag.read(tag_of(one)) is not None for one in node.iterancestors(qn("w:sdt")))
        letters.append(node.text or "")
        ours += [held] * len(node.text or "")
    return "".join(letters), ours
