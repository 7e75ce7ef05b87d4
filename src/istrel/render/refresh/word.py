"""Refreshing a .docx: what is ours is found again in all its parts, by controls, by bookmarks, at last by the words around it."""

from __future__ import annotations

import posixpath
import re
from collections.abc import Iterator
from copy import deepcopy
from dataclasses import dataclass, field
from hashlib import sha256
from io import BytesIO
from pathlib import Path
from typing import Any, NamedTuple
from zipfile import ZipFile

from docx.oxml.ns import qn
from lxml import etree

from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.refresh.archive import BODY, LINKS, roots_of, written_part
from istrel.render.refresh.grids import At, Grid, matched
from istrel.render.refresh.report import AWAY, EDITED, GONE, Line, Refreshed, parsed, repacked, unpacked
from istrel.render.refresh.restore import restore, with_other_ids
from istrel.render.word import written
from istrel.render.word.controls import (
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
from istrel.study.prose import Shelf, now, number_of

PICTURES = (qn("a:blip"), "{http://schemas.microsoft.com/office/drawing/2016/SVG/main}svgBlip")
NEAR, LEAST_AROUND = 14, 4  # letters on each side by which a number without its mark is known
LEAST_COPIED = 0.6  # of the cells of a table, by which a copy without marks is known
Key = tuple[str, str, str]


def refreshed(path: Path, document: Document, shelf: Shelf, *, tracked: bool, again: bool) -> Refreshed:
    """As `refresh`."""
    parts = unpacked(path)
    if BODY not in parts:
        raise Problem(f"{path.name}: this is no document, or it is damaged.")
    place, memory = _memory(parts, document.study)
    roots = roots_of(parts, path.name)
    links = _links(parsed(parts.get(LINKS, b"<none/>"), path.name))
    work = _Work(roots, parts, memory, document, shelf, tracked, again, links)
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
    work.done.content = repacked(path, parts) if work.done.changed else path.read_bytes()
    return work.done


def _memory(parts: dict[str, bytes], study: str) -> tuple[str, Memory]:
    """(the part that remembers what this study put where, what it says); one from before studies had an identity counts."""
    found = {}
    for name, content in parts.items():
        if name.startswith("customXml/") and name.endswith(".xml"):
            memory = remembered(content)
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
    found = {key: control for control in body.iter(qn("w:sdt")) if (key := _key(tag_of(control))) is not None}
    put = {key: one for text, one in controls.put.items() if (key := _key(text)) is not None}
    return _Fresh(found, put, media)


def _key(text: str) -> Key | None:
    """By which a control is the same in documents from before studies had an identity."""
    tag = Tag.read(text)
    return None if tag is None else (tag.number[:12], tag.part, tag.what)


def _links(root: Any) -> dict[str, str]:
    """{id of a relation: the part it leads to}."""
    return {
        relation.get("Id", ""): posixpath.normpath(posixpath.join("word", relation.get("Target", "")))
        for relation in root
        if relation.get("TargetMode") != "External"
    }


class _Lookout(NamedTuple):
    """A number that moved, and how it reads among the words around it."""

    tag: str
    where: str
    old: str
    new: str
    pattern: re.Pattern[str]


@dataclass
class _Work:
    """One refresh while it is done."""

    roots: dict[str, Any]
    parts: dict[str, bytes]
    memory: Memory
    document: Document
    shelf: Shelf
    tracked: bool
    again: bool
    links: dict[str, str]
    done: Refreshed = field(default_factory=Refreshed)
    touched: set[str] = field(default_factory=set)
    there: set[str] = field(default_factory=set)  # the tags that were found
    changes: Changes | None = None
    part: str = ""  # that is worked on

    def __post_init__(self) -> None:
        self.fresh = _fresh(self.document)
        self.put = self.memory.put
        self.free = max(numbers_in(root) for root in self.roots.values()) + 1
        self.changes = Changes(self.free + 50_000) if self.tracked else None

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
        known, self.lookouts = set(self.put), tuple(self._lookouts())
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
            self._without_marks(root)
        self._missing()

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
        tag, key = Tag.read(text), _key(text)
        assert tag is not None
        assert key is not None
        put = self.put.get(text) or self._unremembered(key)
        if put is None:
            self.done.say(Line(self._where(tag), letters_of(content) if tag.number else "", "", done=False, why=GONE))
        elif tag.number:
            self._number(put, content)
        elif key not in self.fresh.controls:
            self.done.say(Line(self._where(tag), "", "", done=False, why=GONE))
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

    def _where(self, tag: Tag) -> str:
        """What a control holds, in words."""
        label = self.shelf.labels.get(tag.part, "an exhibit")
        if tag.number:
            return "a number in the text"
        return label if tag.what in ("table", "figure") else f"{label}, {tag.what}"

    # Numbers in texts.
    def _cell(self, put: Put) -> tuple[str, Cell | None]:
        """(the exhibit of a number, the number as it is now)."""
        number = number_of(put.mark)
        if number is None:
            return "a number", None
        return self.shelf.labels.get(number.exhibit, "an exhibit"), now(number, self.shelf)

    def _number(self, put: Put, content: Any) -> None:
        """A single number in a text."""
        label, cell = self._cell(put)
        where, found, near = f"{label} in the text", letters_of(content), _near(content)
        if cell is None:
            self.done.say(Line(f"{label}, “{found}” in the text", found, "", done=False, why=GONE, stands=True))
            return
        self._one(put, 0, content, Line(where, found, print_cell(cell, self.shelf.style), text=near))

    def _one(self, put: Put, place: int, element: Any, line: Line) -> None:
        """One place: exchanged where it holds what we printed there, else told."""
        old, new = line.old, line.new
        if alike(old, put.texts[place]) or put.knows(place, old) or (self.again and not alike(old, new)):
            if not alike(old, new):
                exchange(element, new, self.changes)
                self._touch()
                self.done.say(line)
            if new != put.texts[place]:
                put.set(place, new)
        elif alike(old, new):
            put.set(place, new)
        else:
            why = EDITED if self.put else "the document does not remember what stood there; “--again” exchanges it"
            self.done.say(line._replace(done=False, why=why, stands=True))

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
            for place, at in enumerate(_all(sizes[0])):
                self._one(put, place, mine[place], self._line(tag, grid, at, found[place], new[place]))
        elif sizes[0] == sizes[1] and self._all_known(put, found):
            if new != put.texts or sizes[1] != sizes[2]:
                self._whole(tag, put, content, fresh, new, sizes[2])
        else:
            self._by_keys(tag, put, mine, found, new, sizes)

    def _line(self, tag: Tag, grid: Grid, at: At, old: str, new: str) -> Line:
        row, column = grid.named(at) if tag.what == "table" else ("", "")
        return Line(self._where(tag), old, new, row=row, column=column)

    def _all_known(self, put: Put, found: list[str]) -> bool:
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
        flat = {at: place for place, at in enumerate(_all(sizes[0]))}
        flat_old = {at: place for place, at in enumerate(_all(sizes[1]))}
        for at, place in flat.items():
            old = from_old.get(at)
            if old is None:
                continue
            text = put.texts[flat_old[old]]
            line = self._line(tag, seen, at, found[place], "")
            if old not in to_new:
                if alike(found[place], text):
                    self.done.say(line._replace(done=False, why="it is not in the exhibit any more", stands=True))
                continue
            self._one(put, flat_old[old], mine[place], line._replace(new=_at(will, to_new[old])))
        self._of_no_cell(tag, seen, was, will, from_old, to_new)

    def _of_no_cell(
        self, tag: Tag, seen: Grid, was: Grid, will: Grid, from_old: dict[At, At], to_new: dict[At, At]
    ) -> None:
        """Numbers that moved and stand in cells that nothing tells apart any more, and those that are new."""
        placed = set(from_old.values())
        words = [text for row in seen.rows for text in row]
        for old, to in to_new.items():
            text, new = _at(was, old), _at(will, to)
            if old not in placed and not alike(text, new) and any(text and text in one for one in words):
                why = "its cell cannot be told from others in the table as it is"
                self.done.say(self._line(tag, was, old, text, new)._replace(done=False, why=why, stands=True))
        known = set(to_new.values())
        for row in {at.row for at in _all([len(row) for row in will.rows]) if at not in known}:
            line = self._line(tag, will, At(row, 0), "", " | ".join(will.rows[row]))
            self.done.say(line._replace(done=False, why="the table in the document has another shape"))

    def _whole(self, tag: Tag, put: Put, content: Any, fresh: Any, new: list[str], sizes: list[int]) -> None:
        """All of a part, where new data gave it another shape and nobody changed it."""
        line = Line(self._where(tag), f"{len(put.texts)} cells", f"{len(new)} cells")
        tables, others = list(content.iterchildren(qn("w:tbl"))), list(fresh.iterchildren(qn("w:tbl")))
        if len(tables) == len(others) > 0:
            for table, other in zip(tables, others, strict=True):
                self._rows(table, other)
        else:
            self._paragraphs(content, fresh)
        put.earlier, put.texts, put.rows = [[] for _ in new], list(new), list(sizes) if tag.what == "table" else []
        self._touch()
        self.done.say(line)

    def _rows(self, table: Any, other: Any) -> None:
        """The rows of a table exchanged for those of another; the table itself keeps its look."""
        for row in list(table.iterchildren(qn("w:tr"))):
            if self.changes is None:
                table.remove(row)
            elif is_seen(row):
                self._strike(row)
        for row in other.iterchildren(qn("w:tr")):
            table.append(self._added(row))

    def _paragraphs(self, content: Any, fresh: Any) -> None:
        """All that stands in a control exchanged."""
        for child in list(content):
            if self.changes is None:
                content.remove(child)
            else:
                self._strike(child)
        for child in fresh:
            content.append(self._added(child))

    def _added(self, element: Any) -> Any:
        """A copy with bookmarks of its own, put in as a tracked change where that is wanted."""
        made = deepcopy(element)
        self.free = with_other_ids(made, self.free)
        if self.changes is not None:
            for row in made.iter(qn("w:tr")):
                self._mark(row, "w:trPr", "w:ins")
            for paragraph in made.iter(qn("w:p")):
                if made.tag == qn("w:p"):
                    self._mark_paragraph(paragraph, "w:ins")
                for run in list(paragraph.iterchildren(qn("w:r"))):
                    added = self.changes.element("w:ins")
                    paragraph.replace(run, added)
                    added.append(run)
        return made

    def _strike(self, element: Any) -> None:
        """All of it tracked as deleted."""
        assert self.changes is not None
        for paragraph in element.iter(qn("w:p")):
            if nodes_of(paragraph):
                exchange(paragraph, "", self.changes)
            if element.tag == qn("w:p"):
                self._mark_paragraph(paragraph, "w:del")
        for row in element.iter(qn("w:tr")):
            self._mark(row, "w:trPr", "w:del")

    def _mark_paragraph(self, paragraph: Any, kind: str) -> None:
        """The end of a paragraph put in or taken out."""
        properties = paragraph.find(qn("w:pPr"))
        if properties is None:
            properties = etree.Element(qn("w:pPr"))
            paragraph.insert(0, properties)
        self._mark(properties, "w:rPr", kind)

    def _mark(self, element: Any, name: str, kind: str) -> None:
        assert self.changes is not None
        properties = element.find(qn(name))
        if properties is None:
            properties = etree.Element(qn(name))
            element.append(properties) if name == "w:rPr" else element.insert(0, properties)
        properties.insert(0, self.changes.element(kind)) if name == "w:rPr" else properties.append(
            self.changes.element(kind)
        )

    # Pictures.
    def _figure(self, tag: Tag, put: Put, content: Any, fresh: Any, new: list[str]) -> None:
        """The pictures behind a figure, its pixels and its vectors, and what they show in words."""
        mine, theirs = _pictures(content), _pictures(fresh)
        seen = [sha256(self.parts.get(self.links.get(identity, ""), b"")).hexdigest() for identity in mine]
        ours = {*put.texts, *new, *(one for texts in put.earlier for one in texts)}
        if not mine or self.part != BODY or not set(seen) <= ours:
            line = Line(self._where(tag), "another picture", "the figure as it is now", done=False, why=EDITED)
            self.done.say(line._replace(stands=put.texts != new))
        elif set(seen) != set(new[: len(seen)]) and put.texts != new:
            for identity, other in zip(mine, theirs, strict=False):
                self.parts[self.links[identity]] = self.fresh.media[other]
            words, others = (next(part.iter(qn("wp:docPr")), None) for part in (content, fresh))
            if words is not None and others is not None:
                words.set("descr", others.get("descr", ""))
            put.texts, put.earlier = list(new), [[*put.texts]]
            self._touch()
            self.done.say(Line(self._where(tag), "the figure", "drawn again"))

    # What has lost its mark.
    def _without_marks(self, root: Any) -> None:
        """Numbers and tables that stand there without the control that we put around them: named, not touched."""
        for paragraph in root.iter(qn("w:p")) if self.lookouts else ():
            letters, inside = _letters_and_ours(paragraph)
            for look in self.lookouts if letters else ():
                found = look.pattern.search(letters) if look.old in letters else None
                if found is not None and not inside[found.start(1)]:
                    line = Line(look.where, look.old, look.new, done=False, stands=True, text=found.group().strip())
                    self.done.say(line._replace(why="its mark is gone here, so it was left as it is"))
                    self.there.add(look.tag)
        for table in root.iter(qn("w:tbl")):
            if is_seen(table) and not any(self._is_ours(tag_of(home)) for home in table.iterancestors(qn("w:sdt"))):
                self._copied(table)

    def _lookouts(self) -> Iterator[_Lookout]:
        """Every number that moved, with the words around each of its places."""
        for text, put in self.put.items():
            new = self._moved(put) if put.mark else ""
            for old in (put.texts[0], *(put.earlier[0] if put.earlier else ())) if new else ():
                for before, after in put.around if not alike(old, new) else ():
                    label, _ = self._cell(put)
                    pattern = f"{_loosely(before[-NEAR:])}({re.escape(old)})(?!\\d){_loosely(after[:NEAR])}"
                    if len(before) + len(after) > LEAST_AROUND:
                        yield _Lookout(text, f"{label} in the text", old, new, re.compile(pattern))

    def _moved(self, put: Put) -> str:
        """The number as it prints now, where it is another than some that we printed; else nothing."""
        _, cell = self._cell(put)
        new = print_cell(cell, self.shelf.style) if cell is not None else ""
        known = [put.texts[0], *(put.earlier[0] if put.earlier else ())]
        return new if any(not alike(old, new) for old in known) else ""

    def _copied(self, table: Any) -> None:
        """A table of ours that stands there without its control."""
        texts = {letters_of(cell) for cell in table.iter(qn("w:tc"))}
        for text, put in self.put.items():
            tag, key = Tag.read(text), _key(text)
            if tag is None or tag.what != "table" or key not in self.fresh.put:
                continue
            numbers = [one for one in put.texts if any(letter.isdigit() for letter in one)]
            if numbers and sum(one in texts for one in numbers) >= LEAST_COPIED * len(numbers):
                was, will = Grid.of(put.texts, put.rows), Grid.of(self.fresh.put[key].texts, self.fresh.put[key].rows)
                self.there.add(text)
                for old, to in matched(was, will).items():
                    if not alike(_at(was, old), _at(will, to)) and _at(was, old) in texts:
                        line = self._line(tag, was, old, _at(was, old), _at(will, to))
                        why = "this table has lost its mark, so it was left as it is"
                        self.done.say(line._replace(done=False, why=why, stands=True))

    def _missing(self) -> None:
        """What was put into the document and is not there in any way."""
        if self.put and not any(self._controls(root) for root in self.roots.values()):
            why = "the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged"
            self.done.say(Line("this document", "", "", done=False, why=why))
        for text, put in self.put.items():
            tag = Tag.read(text)
            if tag is None or text in self.there:
                continue
            if tag.what in ("table", "figure"):
                self.done.say(Line(self._where(tag), "", "", done=False, why=AWAY))
            elif tag.number and (new := self._moved(put)):
                label, _ = self._cell(put)
                before, after = put.around[0] if put.around else ("", "")
                near = f"{before[-NEAR:]}{put.texts[0]}{after[:NEAR]}".strip()
                why = "it was not found: taken out, or rewritten"
                self.done.say(Line(f"{label} in the text", put.texts[0], new, done=False, why=why, text=near))


def _all(sizes: list[int]) -> Iterator[At]:
    """Every place of a grid with so many cells in its rows."""
    return (At(row, cell) for row, size in enumerate(sizes) for cell in range(size))


def _at(grid: Grid, at: At) -> str:
    return grid.rows[at.row][at.cell]


def _near(content: Any) -> str:
    """The words around a number, by which a reader finds it."""
    paragraph = next(content.iterancestors(qn("w:p")), None)
    if paragraph is None:
        return ""
    tag, found = tag_of(content.getparent()), letters_of(content)
    around = next(((b, a) for text, b, a in numbers_around(paragraph) if text == tag), ("", ""))
    return f"{around[0]}{found}{around[1]}".strip()


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


def _pictures(content: Any) -> list[str]:
    """The relations of the pictures under an element: pixels, then vectors."""
    return [str(blip.get(qn("r:embed"), "")) for name in PICTURES for blip in content.iter(name)]
