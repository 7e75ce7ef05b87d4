"""Refreshing a .docx: content controls with our tags are found again, their letters compared with what was put there."""

from __future__ import annotations

import posixpath
import re
from copy import deepcopy
from dataclasses import dataclass, field
from datetime import UTC, datetime
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
from istrel.render.refresh.report import Refreshed, alike, parsed, repacked, unpacked
from istrel.render.refresh.restore import restore, with_other_ids
from istrel.render.word import written
from istrel.render.word.controls import PREFIX, Put, letters_of, remembered, tag_of, texts_of
from istrel.render.word.controls import written as record
from istrel.study.prose import Shelf, now, number_of

BODY, LINKS = "word/document.xml", "word/_rels/document.xml.rels"
NUMBER, PART = re.compile(rf"{PREFIX}:[0-9a-f]{{24}}"), re.compile(rf"{PREFIX}:[^:]+:(?:table|figure|title|notes)")
AUTHOR = "Istrel"
PICTURES = (qn("a:blip"), "{http://schemas.microsoft.com/office/drawing/2016/SVG/main}svgBlip")


def refreshed(path: Path, document: Document, shelf: Shelf, *, tracked: bool) -> Refreshed:
    """As `refresh`."""
    parts = unpacked(path)
    memory, put = _memory(parts)
    if put is None or BODY not in parts:
        raise Problem(f"{path.name}: nothing in this document was put there by Istrel; export the manuscript first.")
    body, links = parsed(parts[BODY], path.name), parsed(parts.get(LINKS, b"<none/>"), path.name)
    work = _Work(body, parts, put, document, shelf, tracked, _links(links))
    work.exchange_all()
    if work.done.changed:
        parts[BODY] = etree.tostring(body, xml_declaration=True, encoding="UTF-8", standalone=True)
        parts[memory] = record(put)
    work.done.content = repacked(path, parts) if work.done.changed else path.read_bytes()
    return work.done


def _memory(parts: dict[str, bytes]) -> tuple[str, dict[str, Put] | None]:
    """(the part that remembers what was put where, what it says)."""
    for name, content in parts.items():
        if name.startswith("customXml/") and name.endswith(".xml"):
            found = remembered(content)
            if found is not None:
                return name, {tag: put for tag, put in found.items() if _is_sound(tag, put)}
    return "", None


def _is_sound(tag: str, put: Put) -> bool:
    """Whether an entry of the memory is such as was written there."""
    return bool(NUMBER.fullmatch(tag) and put.mark and put.texts) or bool(PART.fullmatch(tag) and not put.mark)


@dataclass
class _Fresh:
    """The manuscript as it would be exported now: the contents of its controls and its pictures."""

    controls: dict[str, Any]
    put: dict[str, Put]
    media: dict[str, bytes]


def _fresh(document: Document) -> _Fresh:
    content, controls = written(document)
    with ZipFile(BytesIO(content)) as archive:
        names = archive.namelist()
        body = etree.fromstring(archive.read(BODY))
        linked = _links(etree.fromstring(archive.read(LINKS)))
        media = {identity: archive.read(target) for identity, target in linked.items() if target in names}
    return _Fresh({tag_of(control): control for control in _controls(body)}, controls.put, media)


def _links(root: Any) -> dict[str, str]:
    """{id of a relation: the part it leads to}."""
    return {
        relation.get("Id", ""): posixpath.normpath(posixpath.join("word", relation.get("Target", "")))
        for relation in root
        if relation.get("TargetMode") != "External"
    }


def _controls(body: Any) -> list[Any]:
    return [control for control in body.iter(qn("w:sdt")) if tag_of(control).startswith(f"{PREFIX}:")]


@dataclass
class _Work:
    """One refresh while it is done."""

    body: Any
    parts: dict[str, bytes]
    put: dict[str, Put]
    document: Document
    shelf: Shelf
    tracked: bool
    links: dict[str, str]
    done: Refreshed = field(default_factory=Refreshed)
    revision: int = 90_000

    def exchange_all(self) -> None:
        """Every control of ours, in the document's order."""
        self.fresh = _fresh(self.document)
        if not _controls(self.body):  # a program dropped them; a single one that is gone was taken out by an author
            restore(self.body, set(self.put))
        found = _controls(self.body)
        if self.put and not found:
            raise Problem(
                "The places of Istrel’s numbers are gone from this document: a program that saved it drops their marks. "
                "Export anew, or keep the paper as .odt, whose sections and fields such programs keep."
            )
        before = {tag: list(put.texts) for tag, put in self.put.items()}
        for control in found:
            tag, content = tag_of(control), control.find(qn("w:sdtContent"))
            if content is None or tag not in before:
                continue
            if self.put[tag].mark:
                self._number(tag, content, before[tag][0])
            else:
                self._part(tag, content, before[tag])
        there = {tag_of(control) for control in found}
        for tag, put in self.put.items():
            if tag not in there and not put.mark and tag.rpartition(":")[2] in ("table", "figure"):
                self.done.away.append(self._where(tag))

    def _where(self, tag: str) -> str:
        """What a control holds, in words."""
        _, identity, what = tag.split(":", 2)
        label = self.shelf.labels.get(identity, "an exhibit")
        return label if what in ("table", "figure") else f"{label}, {what}"

    def _number(self, tag: str, content: Any, old: str) -> None:
        """A single number in a text."""
        number = number_of(self.put[tag].mark)
        cell = now(number, self.shelf) if number is not None else None
        label = self.shelf.labels.get(number.exhibit, "an exhibit") if number is not None else "a number"
        found = letters_of(content)
        if cell is None:
            self.done.gone.append(f"{label}, “{found}” in the text")
            return
        new = print_cell(cell, self.shelf.style)
        if not alike(found, old):
            self.done.edited.append((f"{label} in the text", found, new))
        elif new != old:
            self._letters(content, new)
            self.put[tag].texts = [new]
            self.done.exchanged.append((f"{label} in the text", old, new))

    def _part(self, tag: str, content: Any, old: list[str]) -> None:
        """A table, figure, title or the notes of an exhibit."""
        if tag not in self.fresh.controls:
            self.done.gone.append(self._where(tag))
            return
        new, fresh = self.fresh.put[tag].texts, self.fresh.controls[tag].find(qn("w:sdtContent"))
        if tag.endswith(":figure"):
            self._figure(tag, content, fresh, old, new)
            return
        found = texts_of(content)
        if len(found) == len(old) == len(new):
            places = zip(_cells(content), _cells(fresh), found, old, new, strict=True)
            for place, (mine, theirs, seen, was, will) in enumerate(places):
                if not alike(seen, was):
                    self.done.edited.append((self._where(tag), seen, will))
                elif will != was:
                    self._paragraphs(mine, theirs)
                    self.put[tag].texts[place] = will
                    self.done.exchanged.append((self._where(tag), was, will))
        elif found != old:
            self.done.edited.append((self._where(tag), "another shape", "a table of another shape"))
        elif new != old:
            self._whole(content, fresh)
            self.put[tag].texts = list(new)
            self.done.exchanged.append((self._where(tag), f"{len(old)} cells", f"{len(new)} cells"))

    # Exchanging letters.
    def _letters(self, content: Any, new: str) -> None:
        """Other letters in the place of the runs of a control, in the look of the first."""
        runs = list(content.iter(qn("w:r")))
        if not runs:
            return
        made = deepcopy(runs[0])
        for child in list(made):
            if child.tag != qn("w:rPr"):
                made.remove(child)
        text = etree.SubElement(made, qn("w:t"))
        text.text = new
        text.set("{http://www.w3.org/XML/1998/namespace}space", "preserve")
        self._runs(runs[0].getparent(), runs, [made])

    def _paragraphs(self, mine: Any, theirs: Any) -> None:
        """The runs of paragraphs exchanged for those of others, one by one."""
        old, new = _paragraphs_in(mine), _paragraphs_in(theirs)
        for paragraph, source in zip(old, new, strict=False):
            runs, others = _runs_in(paragraph), [deepcopy(run) for run in _runs_in(source)]
            if len(runs) == len(others) == 1 and runs[0].find(qn("w:rPr")) is not None:
                look = others[0].find(qn("w:rPr"))
                if look is not None:
                    others[0].remove(look)
                others[0].insert(0, deepcopy(runs[0].find(qn("w:rPr"))))
            self._runs(paragraph, runs, others)

    def _runs(self, parent: Any, old: list[Any], new: list[Any]) -> None:
        """Runs exchanged where the first of them stands; tracked where that is wanted."""
        place = list(parent).index(old[0]) if old and old[0].getparent() is parent else len(parent)
        for run in old:
            at = run.getparent()
            if self.tracked:
                kept = self._change("w:del")
                at.replace(run, kept)
                kept.append(run)
                for text in run.iter(qn("w:t")):
                    text.tag = qn("w:delText")
            else:
                at.remove(run)
        if self.tracked and new:
            added = self._change("w:ins")
            added.extend(new)
            parent.insert(place + len(old), added)
        elif new:
            for number, run in enumerate(new):
                parent.insert(place + number, run)

    def _change(self, kind: str) -> Any:
        """The element of a tracked change."""
        self.revision += 1
        made = etree.Element(qn(kind))
        made.set(qn("w:id"), str(self.revision))
        made.set(qn("w:author"), AUTHOR)
        made.set(qn("w:date"), datetime.now(UTC).strftime("%Y-%m-%dT%H:%M:%SZ"))
        return made

    def _whole(self, content: Any, fresh: Any) -> None:
        """All of a control, where its table has another shape now."""
        others = [deepcopy(child) for child in fresh]
        for child in others:
            self.revision = with_other_ids(child, self.revision)
        if not self.tracked:
            for child in list(content):
                content.remove(child)
            content.extend(others)
            return
        self._strike(content)
        between = etree.Element(qn("w:p"))  # two tables would grow together
        for child in others:
            self._mark_new(child)
        content.append(between)
        content.extend(others)

    def _strike(self, content: Any) -> None:
        """All of it tracked as deleted."""
        for paragraph in list(content.iter(qn("w:p"))):
            self._runs(paragraph, _runs_in(paragraph), [])
        for row in content.iter(qn("w:tr")):
            self._mark_row(row, "w:del")

    def _mark_new(self, element: Any) -> None:
        """All of it tracked as inserted."""
        for row in element.iter(qn("w:tr")):
            self._mark_row(row, "w:ins")
        for paragraph in element.iter(qn("w:p")):
            for run in _runs_in(paragraph):
                added = self._change("w:ins")
                paragraph.replace(run, added)
                added.append(run)

    def _mark_row(self, row: Any, kind: str) -> None:
        properties = row.find(qn("w:trPr"))
        if properties is None:
            properties = etree.Element(qn("w:trPr"))
            row.insert(0, properties)
        properties.append(self._change(kind))

    # Pictures.
    def _figure(self, tag: str, content: Any, fresh: Any, old: list[str], new: list[str]) -> None:
        """The pictures behind a figure, its pixels and its vectors, and what they show in words."""
        mine, theirs = _pictures(content), _pictures(fresh)
        seen = [sha256(self.parts.get(self.links.get(identity, ""), b"")).hexdigest() for identity in mine]
        if not mine or not set(seen) <= set(old):
            self.done.edited.append((self._where(tag), "another picture", "the figure as it is now"))
        elif old != new:
            for identity, other in zip(mine, theirs, strict=False):
                self.parts[self.links[identity]] = self.fresh.media[other]
            words, others = (next(part.iter(qn("wp:docPr")), None) for part in (content, fresh))
            if words is not None and others is not None:
                words.set("descr", others.get("descr", ""))
            self.put[tag].texts = list(new)
            self.done.exchanged.append((self._where(tag), "the figure", "drawn again"))


def _pictures(content: Any) -> list[str]:
    """The relations of the pictures under an element: pixels, then vectors."""
    return [str(blip.get(qn("r:embed"), "")) for name in PICTURES for blip in content.iter(name)]


def _cells(content: Any) -> list[Any]:
    """What `texts_of` reads, as elements."""
    for name in ("w:tc", "w:p"):
        found = list(content.iter(qn(name)))
        if found:
            return found
    return [content]


def _paragraphs_in(element: Any) -> list[Any]:
    if element.tag == qn("w:p"):
        return [element]
    return list(element.iter(qn("w:p"))) or [element]


def _runs_in(paragraph: Any) -> list[Any]:
    return list(paragraph.iterchildren(qn("w:r")))
