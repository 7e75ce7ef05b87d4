"""Refreshing a .docx: what is ours is found again in all its parts, by controls, by bookmarks, at last by the words around it."""

from __future__ import annotations

import posixpath
from dataclasses import dataclass, field
from hashlib import sha256
from io import BytesIO
from pathlib import Path
from typing import Any
from zipfile import ZipFile

from docx.oxml.ns import qn
from lxml import etree

from istrel.exhibits.printing import print_cell
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.refresh.archive import BODY, LINKS, roots_of, written_part
from istrel.render.refresh.grids import At, Grid, matched, places_of, text_at
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.passages import Remarks, passages_with
from istrel.render.refresh.report import EDITED, GONE, Line, Refreshed, Wanted, parsed
from istrel.render.refresh.restore import restore
from istrel.render.refresh.unmarked import Key, Unmarked, cell_now, key_of, line_of, where_of
from istrel.render.refresh.whole import Whole
from istrel.render.word import written
from istrel.render.word.controls import (
    AROUND,
    Memory,
    Put,
    Tag,
    alike,
    note_around,
    numbers_around,
    places_in,
    remembered,
    rows_of,
    tag_of,
)
from istrel.render.word.controls import written as record
from istrel.render.word.letters import Changes, exchange, is_seen, letters_of, nodes_of, numbers_in
from istrel.study.prose import Shelf

MOST_MARKS = 50_000  # that tables put in whole may need
PICTURES = (qn("a:blip"), "{http://schemas.microsoft.com/office/drawing/2016/SVG/main}svgBlip")


def refreshed(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    """As `refresh`."""
    parts = Parts(path)
    if BODY not in parts:
        raise Problem(f"{path.name}: this is no document, or it is damaged.")
    place, memory = _memory(parts, document.study)
    roots = roots_of(parts, path.name)
    links = _links(parsed(parts.get(LINKS, b"<none/>"), path.name))
    work = _Work(path.name, roots, parts, memory, document, shelf, wanted, links)
    if not work.has_anything():
        raise Problem(f"{path.name}: nothing in this document was put there by Istrel; export the manuscript first.")
    work.exchange_all()
    if work.done.changed:
        for name, root in roots.items():
            if name in work.touched:
                parts[name] = written_part(root, parts[name])
        if place:
            note_around(memory.put, list(roots.values()))
            parts[place] = record(memory.put, memory.study)
    work.done.content = parts.packed() if work.done.changed else path.read_bytes()
    return work.done


def _memory(parts: Parts, study: str) -> tuple[str, Memory]:
    """(the part that remembers what this study put where, what it says); one from before studies had an identity counts."""
    found = {}
    for name in parts:
        if name.startswith("customXml/") and name.endswith(".xml"):
            memory = remembered(parts[name])
            if memory is not None:
                sound = {tag: put for tag, put in memory.put.items() if _is_sound(tag, put, memory.study)}
                found[memory.study] = name, Memory(memory.study, sound)
    return found.get(study) or found.get("") or ("", Memory(study, {}))


def _is_sound(text: str, put: Put, study: str) -> bool:
    """Whether an entry of the memory is such as was written there."""
    tag = Tag.read(text)
    if tag is None or tag.study != study:
        return False
    return bool(put.mark and put.texts) if tag.number else not put.mark


@dataclass
class _Fresh:
    """The manuscript as it would be exported now: the contents of its controls and its pictures."""

    controls: dict[Key, Any]
    put: dict[Key, Put]
    media: dict[str, bytes]


def _fresh(document: Document) -> _Fresh:
    content, controls = written(document)
    with ZipFile(BytesIO(content)) as archive:
        names = archive.namelist()
        body = etree.fromstring(archive.read(BODY))
        linked = _links(etree.fromstring(archive.read(LINKS)))
        media = {identity: archive.read(target) for identity, target in linked.items() if target in names}
    found = {key: control for control in body.iter(qn("w:sdt")) if (key := key_of(tag_of(control))) is not None}
    put = {key: one for text, one in controls.put.items() if (key := key_of(text)) is not None}
    return _Fresh(found, put, media)


def _links(root: Any) -> dict[str, str]:
    """{id of a relation: the part it leads to}."""
    return {
        relation.get("Id", ""): posixpath.normpath(posixpath.join("word", relation.get("Target", "")))
        for relation in root
        if relation.get("TargetMode") != "External"
    }


@dataclass
class _Work:
    """One refresh while it is done."""

    name: str
    roots: dict[str, Any]
    parts: Parts
    memory: Memory
    document: Document
    shelf: Shelf
    wanted: Wanted
    links: dict[str, str]
    done: Refreshed = field(default_factory=Refreshed)
    touched: set[str] = field(default_factory=set)
    there: set[str] = field(default_factory=set)  # the tags that were found
    changes: Changes | None = None
    part: str = ""  # that is worked on

    def __post_init__(self) -> None:
        self.fresh = _fresh(self.document)
        self.put = self.memory.put
        free = max(numbers_in(root) for root in self.roots.values()) + 1
        self.changes = Changes(free + MOST_MARKS) if self.wanted.tracked else None
        self.whole = Whole(free, self.changes)

    def has_anything(self) -> bool:
        """Whether something of this study is remembered or stands in the document."""
        return bool(self.put) or any(self._controls(root) for root in self.roots.values())

    def _controls(self, root: Any) -> list[Any]:
        return [control for control in root.iter(qn("w:sdt")) if self._is_ours(tag_of(control))]

    def _is_ours(self, text: str) -> bool:
        tag = Tag.read(text)
        return tag is not None and tag.study == self.memory.study and (text in self.put or not self.put)

    def exchange_all(self) -> None:
        """Every control of ours in every part, in the document's order; then what has lost its mark."""
        known, unmarked = set(self.put), Unmarked(self.put, self.fresh.put, self.shelf, self.done)
        for name, root in self.roots.items():
            self.part = name
            before = len(self._controls(root))
            restore(root, known)
            found = self._controls(root)
            if len(found) != before:
                self._touch()
            for control in found:
                content = control.find(qn("w:sdtContent"))
                if content is not None and self._stands(control, content):
                    self._control(tag_of(control), content)
            unmarked.look_in(root)
        unmarked.tell_missing(self.there)
        self._comment_on_untrue()

    def _stands(self, control: Any, content: Any) -> bool:
        """Whether it is there as the document stands: not where a tracked change takes it out."""
        if not is_seen(control):
            return False
        return bool(nodes_of(content)) or not any(True for _ in content.iter(qn("w:delText")))

    def _touch(self) -> None:
        self.touched.add(self.part)
        self.done.exchanged_any = True

    def _control(self, text: str, content: Any) -> None:
        self.there.add(text)
        tag, key = Tag.read(text), key_of(text)
        assert tag is not None
        assert key is not None
        put = self.put.get(text) or self._unremembered(key)
        if put is None:
            self.done.say(
                Line(where_of(tag, self.shelf), letters_of(content) if tag.number else "", "", done=False, why=GONE)
            )
        elif tag.number:
            self._number(put, content)
        elif key not in self.fresh.controls:
            self.done.say(Line(where_of(tag, self.shelf), "", "", done=False, why=GONE))
        elif tag.what == "figure":
            self._figure(
                tag, put, content, self.fresh.controls[key].find(qn("w:sdtContent")), self.fresh.put[key].texts
            )
        else:
            self._part_of_exhibit(tag, put, content, self.fresh.controls[key].find(qn("w:sdtContent")))

    def _unremembered(self, key: Key) -> Put | None:
        """What a control must have held where the document's memory is gone: what the study prints now."""
        fresh = self.fresh.put.get(key)
        return None if fresh is None else Put(fresh.mark, list(fresh.texts), rows=list(fresh.rows))

    # Numbers in texts.
    def _number(self, put: Put, content: Any) -> None:
        """A single number in a text."""
        label, cell = cell_now(put, self.shelf)
        where, found = f"{label} in the text", letters_of(content)
        if cell is None:
            self.done.say(Line(f"{label}, “{found}” in the text", found, "", done=False, why=GONE, stands=True))
            return
        new = print_cell(cell, self.shelf.style)
        near = _near(content) if not alike(found, new) else ""
        self._one(put, 0, content, Line(where, found, new, text=near))

    def _one(self, put: Put, place: int, element: Any, line: Line) -> None:
        """One place: exchanged where it holds what we printed there, else told."""
        old, new = line.old, line.new
        if alike(old, put.texts[place]) or put.knows(place, old) or (self.wanted.again and not alike(old, new)):
            if not alike(old, new):
                exchange(element, new, self.changes)
                self._touch()
                self.done.say(line)
            if new != put.texts[place]:
                put.set(place, new)
        elif alike(old, new):
            put.set(place, new)
        else:
            self.done.say(line._replace(done=False, why=self._of_another(), stands=True))

    def _of_another(self) -> str:
        """Why what is not ours stays: somebody edited it, or nobody can know."""
        return EDITED if self.put else "the document does not remember what stood there; “--again” exchanges it"

    # Parts of exhibits.
    def _part_of_exhibit(self, tag: Tag, put: Put, content: Any, fresh: Any) -> None:
        """A table, title or the notes of an exhibit."""
        mine, theirs = places_in(content), places_in(fresh)
        if tag.what == "table":
            sizes = rows_of(content), put.rows or rows_of(content), rows_of(fresh)
        else:
            sizes = ([1] * len(mine), [1] * len(put.texts), [1] * len(theirs))
        found, new = [letters_of(one) for one in mine], [letters_of(one) for one in theirs]
        if sizes[0] == sizes[1] == sizes[2] and len(found) == len(put.texts) == len(new):
            grid = Grid.of(found, sizes[0])
            for place, at in enumerate(places_of(sizes[0])):
                self._one(put, place, mine[place], line_of(tag, self.shelf, grid, at, found[place], new[place]))
        elif sizes[0] == sizes[1] and self._is_all_known(put, found):
            if new != put.texts or sizes[1] != sizes[2]:
                self._whole(tag, put, content, fresh, new, sizes[2])
        else:
            self._by_keys(tag, put, mine, found, new, sizes)

    def _is_all_known(self, put: Put, found: list[str]) -> bool:
        """Whether nothing was edited."""
        if len(found) != len(put.texts):
            return False
        pairs = enumerate(zip(found, put.texts, strict=True))
        return all(alike(text, old) or put.knows(place, text) for place, (text, old) in pairs)

    def _by_keys(
        self, tag: Tag, put: Put, mine: list[Any], found: list[str], new: list[str], sizes: tuple[list[int], ...]
    ) -> None:
        """A table that its authors gave another shape: the cells that still stand are exchanged, the rest is named."""
        seen, was, will = (Grid.of(texts, size) for texts, size in zip((found, put.texts, new), sizes, strict=True))
        from_old, to_new = matched(seen, was), matched(was, will)
        flat = {at: place for place, at in enumerate(places_of(sizes[0]))}
        flat_old = {at: place for place, at in enumerate(places_of(sizes[1]))}
        for at, place in flat.items():
            old = from_old.get(at)
            if old is None:
                continue
            text = put.texts[flat_old[old]]
            line = line_of(tag, self.shelf, seen, at, found[place], "")
            if old not in to_new:
                if alike(found[place], text):
                    self.done.say(line._replace(done=False, why="it is not in the exhibit any more", stands=True))
                continue
            self._one(put, flat_old[old], mine[place], line._replace(new=text_at(will, to_new[old])))
        self._of_no_cell(tag, seen, was, will, from_old, to_new)

    def _of_no_cell(
        self, tag: Tag, seen: Grid, was: Grid, will: Grid, from_old: dict[At, At], to_new: dict[At, At]
    ) -> None:
        """Numbers that moved and stand in cells that nothing tells apart any more, and those that are new."""
        placed = set(from_old.values())
        words = [text for row in seen.rows for text in row]
        for old, to in to_new.items():
            text, new = text_at(was, old), text_at(will, to)
            if old not in placed and not alike(text, new) and any(text and text in one for one in words):
                why = "its cell cannot be told from others in the table as it is"
                self.done.say(line_of(tag, self.shelf, was, old, text, new)._replace(done=False, why=why, stands=True))
        known = set(to_new.values())
        for row in {at.row for at in places_of([len(row) for row in will.rows]) if at not in known}:
            line = line_of(tag, self.shelf, will, At(row, 0), "", " | ".join(will.rows[row]))
            self.done.say(line._replace(done=False, why="the table in the document has another shape"))

    def _whole(self, tag: Tag, put: Put, content: Any, fresh: Any, new: list[str], sizes: list[int]) -> None:
        """All of a part, where new data gave it another shape and nobody changed it."""
        line = Line(where_of(tag, self.shelf), f"{len(put.texts)} cells", f"{len(new)} cells")
        self.whole.exchange(content, fresh)
        put.earlier, put.texts, put.rows = [[] for _ in new], list(new), list(sizes) if tag.what == "table" else []
        self._touch()
        self.done.say(line)

    # Pictures.
    def _figure(self, tag: Tag, put: Put, content: Any, fresh: Any, new: list[str]) -> None:
        """The pictures behind a figure, its pixels and its vectors, and what they show in words."""
        mine, theirs = _pictures(content), _pictures(fresh)
        seen = [sha256(self.parts.get(self.links.get(identity, ""))).hexdigest() for identity in mine]
        ours = {*put.texts, *new, *(one for texts in put.earlier for one in texts)}
        if not mine or self.part != BODY or not set(seen) <= ours:
            line = Line(
                where_of(tag, self.shelf),
                "another picture",
                "the figure as it is now",
                done=False,
                why=self._of_another(),
            )
            self.done.say(line._replace(stands=put.texts != new))
        elif set(seen) != set(new[: len(seen)]):
            for identity, other in zip(mine, theirs, strict=False):
                self.parts[self.links[identity]] = self.fresh.media[other]
            words, others = (next(part.iter(qn("wp:docPr")), None) for part in (content, fresh))
            if words is not None and others is not None:
                words.set("descr", others.get("descr", ""))
            put.texts, put.earlier = list(new), [[*put.texts]]
            self._touch()
            self.done.say(Line(where_of(tag, self.shelf), "the figure", "drawn again"))

    def _comment_on_untrue(self) -> None:
        """A comment on every passage of the body that says what no longer holds; elsewhere it is named."""
        remarks = Remarks(self.parts, self.roots, self.name)
        for claim in self.wanted.claims:
            for name, root in self.roots.items():
                for paragraph in passages_with(root, claim):
                    self.done.say(Line(claim.where, "", "", done=False, why=claim.says, stands=True))
                    if name == BODY:
                        remarks.add(paragraph, claim.says)
        if remarks.added:
            self.part = BODY
            self._touch()
            remarks.write()


def _near(content: Any) -> str:
    """The words around a number, by which a reader finds it."""
    paragraph = next(content.iterancestors(qn("w:p")), None)
    if paragraph is None:
        return ""
    tag, found = tag_of(content.getparent()), letters_of(content)
    around = next(((b, a) for text, b, a in numbers_around(paragraph) if text == tag), ("", ""))
    before, after = around[0], around[1]
    if len(before) == AROUND:
        before = f"… {before.partition(' ')[2]}"
    if len(after) == AROUND:
        after = f"{after.rpartition(' ')[0]} …"
    return f"{before}{found}{after}".strip()


def _pictures(content: Any) -> list[str]:
    """The relations of the pictures under an element: pixels, then vectors."""
    return [str(blip.get(qn("r:embed"), "")) for name in PICTURES for blip in content.iter(name)]
