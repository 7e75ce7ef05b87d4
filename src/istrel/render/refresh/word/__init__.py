"""A .docx that went on living: what is ours is found again in all its parts, by controls and by bookmarks."""

from __future__ import annotations

import posixpath
from collections.abc import Iterator
from dataclasses import dataclass, field
from hashlib import sha256
from io import BytesIO
from pathlib import Path
from typing import Any
from zipfile import ZipFile

from docx.oxml.ns import qn
from lxml import etree

from istrel.english import english
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.marks.edits import Edit
from istrel.render.marks.memory import PROPERTY, Memory, recorded, remembered, written
from istrel.render.marks.passages import Held, Passage, note_around
from istrel.render.marks.said import said_in
from istrel.render.marks.tags import Key, Tag
from istrel.render.refresh.exchanging import exchanged
from istrel.render.refresh.living import Fresh
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import Refreshed, Wanted, parsed
from istrel.render.refresh.word.archive import BODY, LINKS, PROPERTIES, relate, roots_of, written_part
from istrel.render.refresh.word.remarks import Remarks
from istrel.render.refresh.word.restore import restore
from istrel.render.refresh.word.whole import Whole
from istrel.render.word import written as export
from istrel.render.word.controls import RELATION, passage_in, places_in, spans_of, tag_of
from istrel.render.word.letters import AUTHOR, Changes, exchange, exchange_in, is_seen, letters_of, nodes_of, numbers_in
from istrel.study.prose import Shelf

MOST_MARKS = 50_000  # that tables put in whole may need
START, STYLES = qn("w:bookmarkStart"), "word/styles.xml"
PICTURES = (qn("a:blip"), "{http://schemas.microsoft.com/office/drawing/2016/SVG/main}svgBlip")


def refreshed(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    """As `refresh`."""
    parts = Parts(path)
    if BODY not in parts:
        raise Problem(english("{file}: this is no document, or it is damaged.", file=path.name))
    place, memory = _memory(parts, document.study)
    living = Word(path.name, parts, place, memory, _fresh(document), wanted.tracked)
    done = exchanged(living, shelf, wanted, path.name)
    if living.touched:
        done.exchanged_any = True
    done.content = living.saved() if done.changed else path.read_bytes()
    return done


def _memory(parts: Parts, study: str) -> tuple[str, Memory]:
    """(the part that remembers what this study put where, what it says); one from before studies had an identity counts."""
    found = {}
    for name in parts:
        if name.startswith("customXml/") and name.endswith(".xml"):
            memory = remembered(parts[name])
            if memory is not None:
                found[memory.study] = name, memory.sound()
    carried = recorded("".join(_carried(parts).itertext()))
    if carried is not None:
        found.setdefault(carried.study, (PROPERTIES, carried.sound()))
    return found.get(study) or found.get("") or ("", Memory(study))


def _carried(parts: Parts) -> Any:
    """Where a document that was an .odt remembers, empty where it does not: programs carry its properties along."""
    entries = parsed(parts.get(PROPERTIES, b"<none/>"), PROPERTIES)
    return next((entry for entry in entries if entry.get("name") == PROPERTY), etree.Element("none"))


def _fresh(document: Document) -> _Export:
    content, controls = export(document)
    with ZipFile(BytesIO(content)) as archive:
        names = archive.namelist()
        body = etree.fromstring(archive.read(BODY))
        linked = _links(etree.fromstring(archive.read(LINKS)))
        media = {identity: archive.read(target) for identity, target in linked.items() if target in names}
    found = {
        tag.key: control.find(qn("w:sdtContent"))
        for control in body.iter(qn("w:sdt"))
        if (tag := Tag.read(tag_of(control))) is not None
    }
    put = {tag.key: one for text, one in controls.put.items() if (tag := Tag.read(text)) is not None}
    return _Export(found, put, said_in(document), media)


@dataclass(frozen=True)
class _Export(Fresh):
    """With the pictures of the fresh document by their relations."""

    media: dict[str, bytes]


def _links(root: Any) -> dict[str, str]:
    """{id of a relation: the part it leads to}."""
    return {
        relation.get("Id", ""): posixpath.normpath(posixpath.join("word", relation.get("Target", "")))
        for relation in root
        if relation.get("TargetMode") != "External"
    }


@dataclass
class Word:
    """As `Living`."""

    name: str
    parts: Parts
    place: str  # the part that remembers
    memory: Memory
    fresh: _Export
    tracked: bool
    touched: set[str] = field(default_factory=set)

    def __post_init__(self) -> None:
        self.roots = roots_of(self.parts, self.name)
        self._names = {id(root): name for name, root in self.roots.items()}
        self._links = _links(parsed(self.parts.get(LINKS, b"<none/>"), self.name))
        free = max(numbers_in(root) for root in self.roots.values()) + 1
        self._changes = Changes(free + MOST_MARKS) if self.tracked else None
        named = parsed(self.parts.get(STYLES, b"<none/>"), self.name).iter("{*}style")
        styles = frozenset(style.get(key, "") for style in named for key in style.attrib if key.endswith("}styleId"))
        self._whole = Whole(free, self._changes, styles)
        self._remarks = Remarks(self.parts, self.roots, self.name)

    # What is there.
    def held(self) -> list[Held]:
        known, found = {*self.memory.put, *_marked(self.roots, self.memory.study)}, []
        for root in self.roots.values():
            before = len(self._controls(root))
            restore(root, known)
            for control in (controls := self._controls(root)):
                content = control.find(qn("w:sdtContent"))
                tag = Tag.read(tag_of(control))
                if content is not None and tag is not None and _stands(control, content):
                    found.append(Held(tag, content))
            if len(controls) != before:
                self._touch(root)
        return found

    def _controls(self, root: Any) -> list[Any]:
        return [control for control in root.iter(qn("w:sdt")) if self._is_ours(tag_of(control))]

    def _is_ours(self, text: str) -> bool:
        tag, put = Tag.read(text), self.memory.put
        return tag is not None and tag.study == self.memory.study and (bool(tag.study) or text in put or not put)

    def stands(self, content: Any) -> bool:
        return id(content.getroottree().getroot()) in self._names

    def letters(self, content: Any) -> str:
        return letters_of(content)

    def places(self, content: Any) -> list[Any]:
        return places_in(content)

    def spans(self, content: Any) -> list[list[int]]:
        return spans_of(content)

    # What is done to it.
    def _touch(self, element: Any) -> None:
        self.touched.add(self._part_of(element))

    def _part_of(self, element: Any) -> str:
        return self._names[id(element.getroottree().getroot())]

    def exchange(self, content: Any, new: str) -> None:
        exchange(content, new, self._changes)
        self._touch(content)

    def reword(self, passage: Passage, found: list[Edit]) -> None:
        exchange_in(passage.paragraph, found, self._changes)
        self._touch(passage.paragraph)

    def exchange_whole(self, content: Any, key: Key) -> str:
        self._whole.exchange(content, self.fresh.contents[key])
        self._touch(content)
        return ""

    def pictures(self, content: Any) -> list[str]:
        """Of pixels, then of vectors; relations are known of the body alone."""
        if self._part_of(content) != BODY:
            return []
        parts = (self._links.get(identity, "") for identity in _pictures(content))
        return [sha256(self.parts.get(name)).hexdigest() for name in parts]

    def exchange_pictures(self, content: Any, key: Key) -> None:
        fresh = self.fresh.contents[key]
        for identity, other in zip(_pictures(content), _pictures(fresh), strict=False):
            self.parts[self._links[identity]] = self.fresh.media[other]
        words, others = (next(part.iter(qn("wp:docPr")), None) for part in (content, fresh))
        if words is not None and others is not None:
            words.set("descr", others.get("descr", ""))
        self._touch(content)

    # Paragraphs and tables.
    def around(self, content: Any) -> tuple[str, str]:
        paragraph = next(content.iterancestors(qn("w:p")), None)
        numbers = passage_in(paragraph).numbers() if paragraph is not None else ()
        return next(((b, a) for owner, b, a in numbers if owner.content is content), ("", ""))

    def passages(self) -> Iterator[Passage]:
        for root in self.roots.values():
            for paragraph in root.iter(qn("w:p")):
                if is_seen(paragraph) and not _is_a_remark(paragraph):
                    yield passage_in(paragraph)

    def loose_tables(self) -> Iterator[set[str]]:
        for root in self.roots.values():
            for table in root.iter(qn("w:tbl")):
                tags = (Tag.read(tag_of(home)) for home in table.iterancestors(qn("w:sdt")))
                if is_seen(table) and not any(tag is not None for tag in tags):
                    yield {letters_of(cell) for cell in table.iter(qn("w:tc"))}

    def comment(self, passage: Passage, words: str) -> None:
        if self._part_of(passage.paragraph) == BODY and self._remarks.add(passage.paragraph, words):
            self._touch(passage.paragraph)

    def saved(self) -> bytes:
        self._remarks.write()
        for name in self.touched:
            self.parts[name] = written_part(self.roots[name], self.parts[name])
        note_around(self.memory.put, self.passages())
        if self.place == PROPERTIES:
            value = _carried(self.parts)[0]
            value.text = written(self.memory).decode()
            self.parts[PROPERTIES] = etree.tostring(value.getroottree(), xml_declaration=True, encoding="UTF-8")
        elif self.memory.put:
            self.place = self.place or relate(self.parts, "customXml/istrel{}.xml", RELATION, self.name)
            self.parts[self.place] = written(self.memory)
        return self.parts.packed()


def _marked(roots: dict[str, Any], study: str) -> set[str]:
    """What hidden bookmarks say is of a study that has an identity."""
    names = (start.get(qn("w:name"), "") for root in roots.values() for start in root.iter(START))
    tags = (Tag.of_bookmark(name) for name in names)
    return {tag.text for tag in tags if tag is not None and study and tag.study == study}


def _stands(control: Any, content: Any) -> bool:
    """Whether it is there as the document stands: not where a tracked change takes it out."""
    if not is_seen(control):
        return False
    return bool(nodes_of(content)) or not any(True for _ in content.iter(qn("w:delText")))


def _is_a_remark(paragraph: Any) -> bool:
    """Whether it is of a comment of ours, which says what once stood here."""
    return any(comment.get(qn("w:author")) == AUTHOR for comment in paragraph.iterancestors(qn("w:comment")))


def _pictures(content: Any) -> list[str]:
    """The relations of the pictures under an element: pixels, then vectors."""
    return [str(blip.get(qn("r:embed"), "")) for name in PICTURES for blip in content.iter(name)]
