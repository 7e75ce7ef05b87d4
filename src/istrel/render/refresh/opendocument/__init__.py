"""An .odt that went on living: our tables, frames, fields and bookmarks are found again, in heads and feet of pages as well."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from hashlib import sha256
from io import BytesIO
from pathlib import Path
from typing import Any
from zipfile import ZipFile

from lxml import etree

from istrel.english import english
from istrel.render.document import Document
from istrel.render.marks.edits import Edit
from istrel.render.marks.memory import Memory, written
from istrel.render.marks.passages import Held, Passage, note_around
from istrel.render.marks.tags import Key, Tag
from istrel.render.opendocument.letters import Range, exchange, exchange_in, letters_of, paragraph_of
from istrel.render.opendocument.marks import (
    CELL,
    FIELD_GET,
    POINT,
    START,
    TABLE,
    held_in,
    is_seen,
    mark_of,
    new_record,
    passage_in,
    passages_in,
    places_in,
    record_in,
    spans_in,
)
from istrel.render.opendocument.package import qualified as q
from istrel.render.opendocument.text import written as export
from istrel.render.refresh.exchanging import exchanged
from istrel.render.refresh.living import Fresh
from istrel.render.refresh.opendocument.fields import Fields
from istrel.render.refresh.opendocument.tracked import AUTHOR, Changes
from istrel.render.refresh.opendocument.whole import exchange_whole
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import Refreshed, Wanted, parsed
from istrel.study.prose import Shelf

CONTENT, STYLES, META = "content.xml", "styles.xml", "meta.xml"
NOTE = q("office:annotation")
UNTRACKED = english("this format has no tracked changes for rows; without “--tracked” the table comes whole")


def refreshed(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    """As `refresh`."""
    living = OpenDocument(path.name, Parts(path), _fresh(document), document.study, wanted.tracked)
    done = exchanged(living, shelf, wanted, path.name)
    if living.touched:
        done.exchanged_any = True
    done.content = living.saved() if done.changed else path.read_bytes()
    return done


@dataclass(frozen=True)
class _Export(Fresh):
    """With the tree of the fresh document, and its pictures by their names."""

    root: Any
    media: dict[str, bytes]


def _fresh(document: Document) -> _Export:
    content, memory = export(document)
    with ZipFile(BytesIO(content)) as archive:
        root = etree.fromstring(archive.read(CONTENT))
        media = {name: archive.read(name) for name in archive.namelist() if name.startswith("Pictures/")}
    put = {tag.key: one for text, one in memory.put.items() if (tag := Tag.read(text)) is not None}
    return _Export({held.tag.key: held.content for held in held_in(root)}, put, memory.said, root, media)


@dataclass
class OpenDocument:
    """As `Living`."""

    name: str
    parts: Parts
    fresh: _Export
    study: str
    tracked: bool
    touched: set[str] = field(default_factory=set)

    def __post_init__(self) -> None:
        names = [name for name in (CONTENT, STYLES) if name in self.parts or name == CONTENT]
        self.roots = {name: parsed(self.parts.get(name), self.name) for name in names}
        self._names = {id(root): name for name, root in self.roots.items()}
        self._meta = parsed(self.parts.get(META, b"<none/>"), self.name)
        self._record: Any
        self.memory: Memory
        self._record, self.memory = record_in(self._meta, self.study)
        self._fields = Fields(list(self.roots.values()))
        self._changes = Changes(self.roots[CONTENT], self._fields) if self.tracked else None

    # What is there.
    def held(self) -> list[Held]:
        return [one for root in self.roots.values() for one in held_in(root, self._is_ours)]

    def _is_ours(self, tag: Tag) -> bool:
        put = self.memory.put
        return tag.study == self.memory.study and (bool(tag.study) or tag.text in put or not put)

    def stands(self, content: Any) -> bool:
        whole = (
            [content.start, content.end]
            if isinstance(content, Range)
            else content
            if isinstance(content, list)
            else [content]
        )
        return all(id(one.getroottree().getroot()) in self._names for one in whole)

    def letters(self, content: Any) -> str:
        return letters_of(content)

    def places(self, content: Any) -> list[Any]:
        return places_in(content)

    def spans(self, content: Any) -> list[list[int]]:
        return spans_in(content)

    # What is done to it.
    def _touch(self, content: Any) -> None:
        self.touched.add(self._part_of(content))

    def _part_of(self, content: Any) -> str:
        element = content.start if isinstance(content, Range) else content
        return self._names[id(element.getroottree().getroot())]

    def exchange(self, content: Any, new: str) -> None:
        self._touch(content)
        is_field = not isinstance(content, Range) and content.tag == FIELD_GET
        if self._changes is not None and is_field:
            self._changes.exchange_field(content, new, in_body=self._part_of(content) == CONTENT)
        elif self._changes is not None and self._part_of(content) == CONTENT:
            self._changes.exchange(content, new)
        elif is_field:
            self.touched |= {self._part_of(element) for element in self._fields.set(content, new)}
        else:
            exchange(content, new)

    def reword(self, passage: Passage, found: list[Edit]) -> None:
        self._touch(passage.paragraph)
        if self._changes is not None and self._part_of(passage.paragraph) == CONTENT:
            self._changes.exchange_in(passage.paragraph, found)
        else:
            exchange_in(passage.paragraph, found)

    def exchange_whole(self, content: Any, key: Key) -> str:
        if self._changes is not None:
            return UNTRACKED
        self._touch(content[0])
        exchange_whole(self.roots[CONTENT], content, self.fresh.root, self.fresh.contents[key])
        return ""

    def pictures(self, content: Any) -> list[str]:
        """Of the vectors alone: programs make pixels anew."""
        vectors = _pictures(content).get("svg", "")
        return [sha256(self.parts[vectors]).hexdigest()] if vectors in self.parts else []

    def exchange_pictures(self, content: Any, key: Key) -> None:
        self._touch(content)
        fresh, mine = self.fresh.contents[key], _pictures(content)
        for ending, name in _pictures(fresh).items():
            if mine.get(ending) in self.parts:
                self.parts[mine[ending]] = self.fresh.media[name]
        for words in ("svg:title", "svg:desc"):
            old, new = content.find(q(words)), fresh.find(q(words))
            if old is not None and new is not None:
                old.text = new.text

    # Paragraphs and tables.
    def around(self, content: Any) -> tuple[str, str]:
        paragraph = paragraph_of(content)
        home = content.start if isinstance(content, Range) else content
        numbers = passage_in(paragraph).numbers() if paragraph is not None else ()
        return next(((b, a) for owner, b, a in numbers if owner.content is home), ("", ""))

    def passages(self) -> Iterator[Passage]:
        for root in self.roots.values():
            yield from (one for one in passages_in(root) if not _is_a_remark(one.paragraph))

    def loose_tables(self) -> Iterator[set[str]]:
        for root in self.roots.values():
            for table in root.iter(TABLE):
                marks = (mark_of(element) for element in (table, *table.iter(START, POINT)))
                if is_seen(table) and not any(mark is not None for mark in marks):
                    yield {letters_of(cell) for cell in table.iter(CELL)}

    def comment(self, passage: Passage, words: str) -> None:
        paragraph, notes = passage.paragraph, passage.paragraph.iter(NOTE)
        if self._part_of(paragraph) != CONTENT or next(paragraph.iterancestors(NOTE), None) is not None:
            return
        if any("".join(note.itertext()).endswith(words) for note in notes):
            return
        note = etree.Element(NOTE)
        etree.SubElement(note, q("dc:creator")).text = AUTHOR
        etree.SubElement(note, q("text:p")).text = words
        note.tail, paragraph.text = paragraph.text, None
        paragraph.insert(0, note)
        self._touch(paragraph)

    def saved(self) -> bytes:
        note_around(self.memory.put, self.passages())
        for name in self.touched:
            self.parts[name] = _written(self.roots[name])
        if self._record is None and self.memory.put:
            self._record = new_record(self._meta)
        if self._record is not None:
            self._record.text = written(self.memory).decode()
            self.parts[META] = _written(self._meta)
        return self.parts.packed()


def _is_a_remark(paragraph: Any) -> bool:
    """Whether it is of a comment of ours, which says what once stood here."""
    return any(note.findtext(q("dc:creator")) == AUTHOR for note in paragraph.iterancestors(NOTE))


def _written(root: Any) -> bytes:
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8"))


def _pictures(frame: Any) -> dict[str, str]:
    """{ending: name in the archive} of the pictures of a frame."""
    names = [image.get(q("xlink:href"), "").removeprefix("./") for image in frame.iter(q("draw:image"))]
    return {name.rpartition(".")[2].lower(): name for name in names}
