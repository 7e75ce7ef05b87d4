"""What a document remembers of what Istrel put into it: what the letters mean, what they were, and what stood around them."""

from __future__ import annotations

import json
from dataclasses import dataclass, field
from typing import Any

from lxml import etree

from istrel.exhibits.printing import printable
from istrel.render.marks.tags import Tag

PROPERTY = "Istrel"  # of a document, where it has no part that remembers
SPACE_OF_OURS = "urn:istrel:put:2"
EARLIER_SPACE = "urn:istrel:put:1"  # of documents from before studies had an identity
AROUND = 32  # letters before and after a number by which its place is known again
MOST_COLUMNS = 1_000  # over which a cell stands
MOST_EARLIER = 12  # texts that are remembered of one place


@dataclass
class Put:
    """What was put where one tag stands.

    Attributes
    ----------
    mark
        The mark of a number; nothing for a part of an exhibit.
    texts
        What stood there, cell by cell, paragraph by paragraph.
    earlier
        What else stood at each of these places: who refuses a change gets it back.
    spans
        Over how many columns each cell of each row of a table stands.
    around
        The letters before and after each place of a number.
    """

    mark: str
    texts: list[str]
    earlier: list[list[str]] = field(default_factory=list)
    spans: list[list[int]] = field(default_factory=list)
    around: list[tuple[str, str]] = field(default_factory=list)

    def known(self, place: int) -> list[str]:
        """All that we printed at a place, the last first."""
        return [self.texts[place], *(self.earlier[place] if place < len(self.earlier) else ())]

    def knows(self, place: int, text: str) -> bool:
        """Whether we printed this there at some time."""
        return any(alike(text, one) for one in self.known(place))

    def set(self, place: int, text: str) -> None:
        """Another text at a place; what stood there is remembered."""
        while len(self.earlier) < len(self.texts):
            self.earlier.append([])
        known = [one for one in (*self.earlier[place], self.texts[place]) if one != text]
        self.earlier[place] = list(dict.fromkeys(known))[-MOST_EARLIER:]
        self.texts[place] = text


@dataclass(frozen=True)
class Memory:
    """The study, what was put where each tag stands, and what each paragraph said ({id: words, tag, words, …})."""

    study: str
    put: dict[str, Put] = field(default_factory=dict)
    said: dict[str, tuple[str, ...]] = field(default_factory=dict)

    def sound(self) -> Memory:
        """Without entries that were never written in this way."""
        put = {text: put for text, put in self.put.items() if self._is_sound(text, put)}
        return Memory(self.study, put, {key: said for key, said in self.said.items() if key and len(said) % 2})

    def _is_sound(self, text: str, put: Put) -> bool:
        tag = Tag.read(text)
        if tag is None or tag.study != self.study:
            return False
        return bool(put.mark and put.texts) if tag.number else not put.mark


def alike(one: str, other: str) -> bool:
    """Whether two texts read the same; programs that save a document are free with its blanks."""
    return one.split() == other.split()


def written(memory: Memory) -> bytes:
    """A memory as XML."""
    space = SPACE_OF_OURS if memory.study else EARLIER_SPACE
    root = etree.Element(f"{{{space}}}put", nsmap={None: space})
    if memory.study:
        root.set("study", memory.study)
    for tag, what in memory.put.items():
        entry = etree.SubElement(root, f"{{{space}}}control", tag=tag, mark=what.mark)
        if what.spans:
            entry.set("spans", ";".join(",".join(map(str, row)) for row in what.spans))
        for place, text in enumerate(what.texts):
            etree.SubElement(entry, f"{{{space}}}text").text = text
            for one in what.earlier[place] if place < len(what.earlier) else ():
                etree.SubElement(entry, f"{{{space}}}earlier").text = one
        for before, after in what.around:
            around = etree.SubElement(entry, f"{{{space}}}around")
            for name, text in (("before", before), ("after", after)):
                etree.SubElement(around, f"{{{space}}}{name}").text = text
    for key, said in memory.said.items():
        entry = etree.SubElement(root, f"{{{space}}}said", by=key)
        for part in said:
            etree.SubElement(entry, f"{{{space}}}part").text = printable(part)
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8", standalone=True))


def remembered(content: bytes) -> Memory | None:
    """What such XML says; None where it is none of ours."""
    parser = etree.XMLParser(resolve_entities=False, no_network=True, huge_tree=False)
    try:
        root = etree.fromstring(content, parser)
    except etree.XMLSyntaxError:
        return None
    space = next((space for space in (SPACE_OF_OURS, EARLIER_SPACE) if root.tag == f"{{{space}}}put"), None)
    if space is None:
        return None
    entries = root.iterchildren(f"{{{space}}}control")
    put = {entry.get("tag", ""): _entry(entry) for entry in entries}
    said = {
        entry.get("by", ""): tuple(part.text or "" for part in entry) for entry in root.iterchildren(f"{{{space}}}said")
    }
    return Memory(root.get("study", ""), put, said)


def _entry(entry: Any) -> Put:
    made = Put(entry.get("mark", ""), [], spans=_spans(entry))
    for child in entry:
        what, text = etree.QName(child).localname, child.text or ""
        if what == "text":
            made.texts.append(text)
            made.earlier.append([])
        elif what == "earlier" and made.earlier:
            made.earlier[-1].append(text)
        elif what == "around" and len(child) == 2:
            made.around.append((child[0].text or "", child[1].text or ""))
    return made


def _spans(entry: Any) -> list[list[int]]:
    """Documents from before remember but how many cells each row has."""
    if "spans" not in entry.attrib:
        return [[1] * _small(number) for number in entry.get("rows", "").split()]
    return [[_small(number) for number in row.split(",") if number] for row in entry.get("spans").split(";")]


def _small(number: str) -> int:
    return min(int(number), MOST_COLUMNS) if number.isdecimal() and len(number) < 9 else 1


def recorded(text: str) -> Memory | None:
    """What the property of a document says; None where it is none of ours."""
    if not text.startswith("{"):
        return remembered(text.encode())
    try:  # as an .odt was written before
        found = json.loads(text)
        study = str(found.get("study", ""))
        put = {
            Tag(study, name.rpartition("_")[2], "", ""): Put(str(mark), [str(letters)])
            for name, (mark, letters) in found["fields"].items()
        }
        for name, texts in found["places"].items():
            _, part, what = name.rsplit("_", 2)
            put[Tag(study, "", part, what)] = Put("", [str(text) for text in texts])
    except (ValueError, KeyError, TypeError, AttributeError, RecursionError):
        return None
    return Memory(study, {tag.text: one for tag, one in put.items()})
