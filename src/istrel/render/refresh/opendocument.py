"""Refreshing an .odt: our tables, figures, bookmarks and fields are found again, compared with what was put there."""

from __future__ import annotations

import json
import re
from copy import deepcopy
from dataclasses import dataclass, field
from hashlib import sha256
from io import BytesIO
from pathlib import Path
from typing import Any
from zipfile import ZipFile

from lxml import etree

from istrel.exhibits.printing import print_cell
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.opendocument.package import NAMES
from istrel.render.opendocument.text import PUT, Put, written
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import AWAY, EDITED, GONE, Line, Refreshed, Wanted, parsed
from istrel.render.word.controls import alike
from istrel.study.prose import Shelf, now, number_of

PLACE = re.compile(r"(istrel_(?:[0-9a-f]{8}_)?[^_]+_(?:table|figure|title|notes))(?:_\d+)?")
MOST_BLANKS = 100


def refreshed(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    """As `refresh`."""
    parts = Parts(path)
    content, meta = (parsed(parts.get(name), path.name) for name in ("content.xml", "meta.xml"))
    memory = next((e for e in meta.iter(_q("meta:user-defined")) if e.get(_q("meta:name")) == PUT), None)
    put = _put(memory.text or "") if memory is not None else None
    if put is None or put.study not in ("", document.study):
        raise Problem(f"{path.name}: nothing in this document was put there by Istrel; export the manuscript first.")
    work = _Work(content, parts, put, document, shelf)
    work.exchange_all()
    said = " ".join("".join(content.itertext()).split())
    for claim in wanted.claims:
        if claim.words and " ".join(claim.words.split()) in said:
            work.done.say(Line(claim.where, "", "", done=False, why=claim.says, stands=True))
    if work.done.changed:
        memory.text = put.record()  # type: ignore[union-attr]
        parts["content.xml"] = etree.tostring(content, xml_declaration=True, encoding="UTF-8")
        parts["meta.xml"] = etree.tostring(meta, xml_declaration=True, encoding="UTF-8")
    work.done.content = parts.packed() if work.done.changed else path.read_bytes()
    return work.done


def _put(text: str) -> Put | None:
    """What the record says; None where it is none."""
    try:
        found = json.loads(text)
        fields = {str(name): (str(mark), str(letters)) for name, (mark, letters) in found["fields"].items()}
        places = {str(name): [str(t) for t in texts] for name, texts in found["places"].items()}
        study = str(found.get("study", ""))
    except (ValueError, KeyError, TypeError, AttributeError, RecursionError):
        return None
    return Put(fields, {name: texts for name, texts in places.items() if PLACE.fullmatch(name)}, study)


def _q(name: str) -> str:
    """A name with its namespace."""
    space, _, local = name.partition(":")
    return f"{{{NAMES[space]}}}{local}"


def letters_of(element: Any) -> str:
    """The letters under an element; tabs and runs of spaces as they are read."""
    made = [element.text or ""]
    for child in element:
        if child.tag == _q("text:s"):
            many = child.get(_q("text:c"), "1")
            made.append(" " * (min(int(many), MOST_BLANKS) if many.isdecimal() else 1))
        elif child.tag == _q("text:line-break"):
            made.append(" ")
        elif child.tag not in (_q("office:annotation"), _q("draw:frame")):
            made.append(letters_of(child))
        made.append(child.tail or "")
    return "".join(made)


def _ours(root: Any) -> dict[str, list[Any]]:
    """{name of a part of an exhibit: its tables, its frame, or its paragraphs, in their order}."""
    found: dict[str, list[Any]] = {}
    named = (("table:table", "table:name"), ("draw:frame", "draw:name"), ("text:bookmark-start", "text:name"))
    for tag, key in named:
        for element in root.iter(_q(tag)):
            name = PLACE.fullmatch(element.get(_q(key), ""))
            if name is not None:
                home = element if tag != "text:bookmark-start" else _paragraph_around(element)
                found.setdefault(name[1], []).extend([home] if home is not None else [])
    return found


def _paragraph_around(element: Any) -> Any:
    return next(element.iterancestors(_q("text:p"), _q("text:h")), None)


def _places(elements: list[Any]) -> list[Any]:
    """The cells of tables, or paragraphs as they are."""
    return [cell for element in elements for cell in element.iter(_q("table:table-cell"))] or elements


def _span(elements: list[Any]) -> list[Any]:
    """The elements and what stands between them."""
    span = elements[:1]
    while span[-1] is not elements[-1] and span[-1].getnext() is not None:
        span.append(span[-1].getnext())
    return span if span[-1] is elements[-1] else elements


@dataclass
class _Work:
    """One refresh while it is done."""

    content: Any
    parts: Parts
    put: Put
    document: Document
    shelf: Shelf
    done: Refreshed = field(default_factory=Refreshed)

    def exchange_all(self) -> None:
        """Every field and every part of an exhibit that is ours."""
        fresh, self.new = written(self.document)
        with ZipFile(BytesIO(fresh)) as archive:
            self.fresh = etree.fromstring(archive.read("content.xml"))
            self.pictures = {name: archive.read(name) for name in archive.namelist() if name.startswith("Pictures/")}
        self._exchange_fields()
        ours, others = _ours(self.content), _ours(self.fresh)
        for name, old in {name: list(texts) for name, texts in self.put.places.items()}.items():
            where = self._where(name)
            if not ours.get(name):
                if name.endswith(("_table", "_figure")):
                    self.done.say(Line(where, "", "", done=False, why=AWAY))
            elif name not in others:
                self.done.say(Line(where, "", "", done=False, why=GONE))
            elif name.endswith("_figure"):
                self._figure(name, ours[name][0], others[name][0], old)
            else:
                self._part(name, ours[name], others[name], old)

    def _where(self, name: str) -> str:
        *_, identity, what = name.split("_")
        label = self.shelf.labels.get(identity, "an exhibit")
        return label if what in ("table", "figure") else f"{label}, {what}"

    def _exchange_fields(self) -> None:
        """Numbers in texts: what is declared, and what stands at each place."""
        declared = {e.get(_q("text:name"), ""): e for e in self.content.iter(_q("text:user-field-decl"))}
        shown: dict[str, list[Any]] = {}
        for element in self.content.iter(_q("text:user-field-get")):
            shown.setdefault(element.get(_q("text:name"), ""), []).append(element)
        for name, (mark, old) in list(self.put.fields.items()):
            number = number_of(mark)
            if number is None or name not in shown:
                continue
            label = self.shelf.labels.get(number.exhibit, "an exhibit")
            cell = now(number, self.shelf)
            if cell is None:
                self.done.say(Line(f"{label}, “{old}” in the text", old, "", done=False, why=GONE, stands=True))
                continue
            new = print_cell(cell, self.shelf.style)
            said = declared[name].get(_q("office:string-value"), "") if name in declared else old
            if said != old:
                self.done.say(Line(f"{label} in the text", said, new, done=False, why=EDITED, stands=True))
            elif new != old:
                if name in declared:
                    declared[name].set(_q("office:string-value"), new)
                for element in shown[name]:
                    _set_letters(element, new)
                self.put.fields[name] = mark, new
                self.done.say(Line(f"{label} in the text", old, new))

    def _part(self, name: str, mine: list[Any], theirs: list[Any], old: list[str]) -> None:
        """A table, title or the notes of an exhibit."""
        new, found = self.new.places[name], [letters_of(place) for place in _places(mine)]
        if len(found) == len(old) == len(new):
            for number, (place, other) in enumerate(zip(_places(mine), _places(theirs), strict=True)):
                seen, was, will = found[number], old[number], new[number]
                if not alike(seen, was):
                    self.done.say(Line(self._where(name), seen, will, done=False, why=EDITED, stands=True))
                elif will != was:
                    _exchange(place, other)
                    self.put.places[name][number] = will
                    self.done.say(Line(self._where(name), was, will))
        elif found != old:
            self.done.say(
                Line(
                    self._where(name), "another shape", "a table of another shape", done=False, why=EDITED, stands=True
                )
            )
        elif new != old:
            self._whole(mine, theirs)
            self.put.places[name] = list(new)
            self.done.say(Line(self._where(name), f"{len(old)} cells", f"{len(new)} cells"))

    def _whole(self, mine: list[Any], theirs: list[Any]) -> None:
        """All of a part, with the styles that it needs under names of their own."""
        styles = {e.get(_q("style:name"), ""): e for e in self.fresh.iter(_q("style:style"))}
        home = self.content.find(_q("office:automatic-styles"))
        names = [e.get(_q("style:name"), "") for e in home] if home is not None else []
        stem = f"Istrel{sum(name.startswith('Istrel') for name in names) + 1}x"
        for child in _span(theirs):
            made = deepcopy(child)
            made.tail = None
            for element in made.iter():
                for key, value in element.attrib.items():
                    if key.endswith("}style-name") and value in styles:
                        element.set(key, f"{stem}{value}")
                        if home is not None and f"{stem}{value}" not in names:
                            names.append(f"{stem}{value}")
                            style = deepcopy(styles[value])
                            style.set(_q("style:name"), f"{stem}{value}")
                            home.append(style)
            mine[0].addprevious(made)
        for child in _span(mine):
            if child in mine or not (len(child) or child.text):  # what an author put between stays
                child.getparent().remove(child)

    def _figure(self, name: str, mine: Any, theirs: Any, old: list[str]) -> None:
        """The pictures of a figure: the vectors, which no program makes anew, decide whether it is still ours."""
        new = self.new.places[name]
        links = {_ending(href): href for href in _links(mine)}
        vectors = links.get("svg", "")
        if vectors not in self.parts or sha256(self.parts[vectors]).hexdigest() != old[0]:
            self.done.say(
                Line(
                    self._where(name), "another picture", "the figure as it is now", done=False, why=EDITED, stands=True
                )
            )
        elif old != new:
            for href in _links(theirs):
                target = links.get(_ending(href))
                if target in self.parts:
                    self.parts[str(target)] = self.pictures[href]
            self.put.places[name] = list(new)
            self.done.say(Line(self._where(name), "the figure", "drawn again"))


def _ending(href: str) -> str:
    return href.rpartition(".")[2].lower()


def _links(frame: Any) -> list[str]:
    return [image.get(_q("xlink:href"), "").removeprefix("./") for image in frame.iter(_q("draw:image"))]


def _set_letters(element: Any, letters: str) -> None:
    for child in list(element):
        element.remove(child)
    element.text = letters


COMMENTS = (_q("office:annotation"), _q("office:annotation-end"))


def _exchange(place: Any, other: Any) -> None:
    """The letters of a cell or paragraph exchanged; slants come along, the styles of paragraphs stay."""
    mine = [place] if place.tag == _q("text:p") else list(place.iter(_q("text:p")))
    theirs = [other] if other.tag == _q("text:p") else list(other.iter(_q("text:p")))
    for paragraph, source in zip(mine, theirs, strict=False):
        comments = [child for child in paragraph if child.tag in COMMENTS]
        _set_letters(paragraph, source.text or "")
        paragraph.extend(deepcopy(child) for child in source)
        for comment in comments:
            comment.tail = None
            paragraph.append(comment)
