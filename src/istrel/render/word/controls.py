"""What Istrel puts into a word-processor document stands in content controls, so that it is found again when others wrote on.

Every control carries the identity of its study. A part of the document of its own (custom XML) remembers what was put into each:
what the letters mean, what they were, and what stood around them.
"""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from hashlib import sha256
from typing import Any, NamedTuple

from docx.opc.packuri import PackURI
from docx.opc.part import Part
from docx.oxml.ns import qn
from lxml import etree

from istrel.exhibits.printing import printable
from istrel.exhibits.text import Run
from istrel.render.word.letters import is_seen, letters_of, nodes_of
from istrel.render.word.parts import element

SPACE_OF_OURS = "urn:istrel:put:2"
EARLIER_SPACE = "urn:istrel:put:1"  # of documents from before studies had an identity
RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml"
PREFIX = "istrel"
LARGEST_ID = 2**31 - 2
BOOKMARK, FIRST_MARK = "_Istrel_", 5_000
AROUND = 32  # letters before and after a number by which its place is known again
MOST_EARLIER = 12  # texts that are remembered of one place
_WHAT = "table|figure|title|notes"
TAG = re.compile(
    rf"{PREFIX}:(?:(?P<study>[0-9a-f]{{8}}):)?(?:(?P<number>[0-9a-f]{{12}}|[0-9a-f]{{24}})|(?P<part>[^:]+):(?P<what>{_WHAT}))"
)


class Tag(NamedTuple):
    """What a control holds: a number in a text (by its digest), or a part of an exhibit."""

    study: str
    number: str
    part: str
    what: str

    @classmethod
    def read(cls, text: str) -> Tag | None:
        """The tag of these letters; None where it is none of ours."""
        found = TAG.fullmatch(text)
        return None if found is None else cls(*(found[name] or "" for name in cls._fields))

    @property
    def text(self) -> str:
        own = (self.number,) if self.number else (self.part, self.what)
        return ":".join((PREFIX, *((self.study,) if self.study else ()), *own))


@dataclass
class Put:
    """What was put into the controls of one tag.

    Attributes
    ----------
    mark
        The mark of a number; nothing for a part of an exhibit.
    texts
        What they held, cell by cell, paragraph by paragraph.
    earlier
        What else stood at each of these places: who refuses a change gets it back.
    rows
        How many cells every row of a table has.
    around
        The letters before and after each place of a number.
    """

    mark: str
    texts: list[str]
    earlier: list[list[str]] = field(default_factory=list)
    rows: list[int] = field(default_factory=list)
    around: list[tuple[str, str]] = field(default_factory=list)

    def knows(self, place: int, text: str) -> bool:
        """Whether we printed this there at some time."""
        return place < len(self.earlier) and any(alike(text, one) for one in self.earlier[place])

    def set(self, place: int, text: str) -> None:
        """Another text at a place; what stood there is remembered."""
        while len(self.earlier) < len(self.texts):
            self.earlier.append([])
        known = [one for one in (*self.earlier[place], self.texts[place]) if one != text]
        self.earlier[place] = list(dict.fromkeys(known))[-MOST_EARLIER:]
        self.texts[place] = text


def alike(one: str, other: str) -> bool:
    """Whether two texts read the same; programs that save a document are free with its blanks."""
    return one.split() == other.split()


@dataclass
class Controls:
    """The controls of a document while it is made."""

    study: str = ""
    put: dict[str, Put] = field(default_factory=dict)
    made: int = 0
    marks: int = 0

    def around_run(self, run: Run, letters: Any) -> Any:
        """A number in a control of its own."""
        tag = number_tag(self.study, run.mark)
        self.put[tag] = Put(run.mark, [printable(run.text)])
        return self._control(tag, "number", [letters])

    def around(self, identity: str, what: str, elements: list[Any], texts: list[str] | None = None) -> None:
        """A control around elements that stand one after the other in the document; `texts` instead of their letters."""
        first = elements[0]
        parent, place = first.getparent(), first.getparent().index(first)
        tag = Tag(self.study, "", identity, what).text
        made = self._control(tag, what, elements)
        parent.insert(place, made)
        self.put[tag] = Put("", texts_of(made) if texts is None else texts, rows=rows_of(made))

    def _control(self, tag: str, words: str, inside: list[Any]) -> Any:
        self.made += 1
        made = control(tag, words, self.made, inside)
        for one in inside:
            self._mark(tag, one)
        return made

    def _mark(self, tag: str, inside: Any) -> None:
        """A hidden bookmark where an element stands: it outlives programs that drop controls."""
        self.marks += 1
        name = f"{BOOKMARK}{tag.removeprefix(f'{PREFIX}:').replace(':', '_')}_{self.marks}"
        identity = {"w:id": str(FIRST_MARK + self.marks)}
        start, end = element("w:bookmarkStart", {**identity, "w:name": name}), element("w:bookmarkEnd", identity)
        if inside.tag == qn("w:r"):
            inside.addprevious(start)
            inside.addnext(end)
            return
        paragraph = inside if inside.tag == qn("w:p") else next(inside.iter(qn("w:p")))
        properties = paragraph.find(qn("w:pPr"))
        if properties is None:
            paragraph.insert(0, start)
        else:
            properties.addnext(start)
        paragraph.append(end)

    def remember(self, word: Any) -> None:
        """The part that says what was put where."""
        note_around(self.put, [word.element.body])
        content = written(self.put, self.study)
        part = Part(PackURI("/customXml/item9.xml"), "application/xml", content, word.part.package)
        word.part.relate_to(part, RELATION)


def control(tag: str, words: str, number: int, inside: list[Any]) -> Any:
    """A content control around elements; `number` tells it from others of its tag."""
    made, properties, content = (element(name, {}) for name in ("w:sdt", "w:sdtPr", "w:sdtContent"))
    properties.append(element("w:alias", {"w:val": f"Istrel {words}"}))
    properties.append(element("w:tag", {"w:val": tag}))
    identity = int(sha256(f"{tag} {number}".encode()).hexdigest()[:8], 16) % LARGEST_ID + 1
    properties.append(element("w:id", {"w:val": str(identity)}))
    content.extend(inside)
    made.append(properties)
    made.append(content)
    return made


def tag_of(control: Any) -> str:
    """The tag of a control; nothing where it has none."""
    found = control.find(f"{qn('w:sdtPr')}/{qn('w:tag')}")
    return str(found.get(qn("w:val"), "")) if found is not None else ""


def number_tag(study: str, mark: str) -> str:
    """The tag of a number: short enough for a word processor, the same for the same mark of a study."""
    return Tag(study, sha256(mark.encode()).hexdigest()[: 12 if study else 24], "", "").text


def places_in(content: Any) -> list[Any]:
    """The places of a control whose texts are known one by one: the cells of its tables, else its paragraphs, else all of it."""
    cells = [cell for cell in content.iter(qn("w:tc")) if is_seen(cell)]
    return cells or [one for one in content.iter(qn("w:p")) if is_seen(one)] or [content]


def texts_of(content: Any) -> list[str]:
    """The letters of a control, place by place."""
    return [letters_of(one) for one in places_in(content)]


def rows_of(content: Any) -> list[int]:
    """How many cells every row has that is seen; nothing where there is no table."""
    found = []
    for row in content.iter(qn("w:tr")):
        if is_seen(row) and row.find(f"{qn('w:trPr')}/{qn('w:del')}") is None:
            found.append(sum(1 for _ in row.iter(qn("w:tc"))))
    return found


# What stands around a number.
def note_around(put: dict[str, Put], roots: list[Any]) -> None:
    """Remember the letters around every number that stands in a control."""
    found: dict[str, list[tuple[str, str]]] = {}
    for root in roots:
        for paragraph in root.iter(qn("w:p")):
            for tag, before, after in numbers_around(paragraph):
                found.setdefault(tag, []).append((before, after))
    for tag, one in put.items():
        if one.mark and tag in found:
            one.around = found[tag]


def numbers_around(paragraph: Any) -> list[tuple[str, str, str]]:
    """(tag, the letters before, the letters after) of every number of ours in a paragraph."""
    nodes = nodes_of(paragraph)
    homes = [_number_around(node, paragraph) for node in nodes]
    if not any(home is not None for home in homes):
        return []
    texts = [node.text or "" for node in nodes]
    found, place = [], 0
    while place < len(nodes):
        home, end = homes[place], place + 1
        while end < len(nodes) and homes[end] is home:
            end += 1
        if home is not None:
            found.append((tag_of(home), "".join(texts[:place])[-AROUND:], "".join(texts[end:])[:AROUND]))
        place = end
    return found


def _number_around(node: Any, paragraph: Any) -> Any:
    """The control of a number that letters stand in, or None."""
    for parent in node.iterancestors():
        if parent is paragraph:
            return None
        if parent.tag == qn("w:sdt") and (tag := Tag.read(tag_of(parent))) is not None and tag.number:
            return parent
    return None


# The part that remembers.
def written(put: dict[str, Put], study: str) -> bytes:
    """What was put, as XML."""
    space = SPACE_OF_OURS if study else EARLIER_SPACE
    root = etree.Element(f"{{{space}}}put", nsmap={None: space})
    if study:
        root.set("study", study)
    for tag, what in put.items():
        entry = etree.SubElement(root, f"{{{space}}}control", tag=tag, mark=what.mark)
        if what.rows:
            entry.set("rows", " ".join(map(str, what.rows)))
        for place, text in enumerate(what.texts):
            etree.SubElement(entry, f"{{{space}}}text").text = text
            for one in what.earlier[place] if place < len(what.earlier) else ():
                etree.SubElement(entry, f"{{{space}}}earlier").text = one
        for before, after in what.around:
            around = etree.SubElement(entry, f"{{{space}}}around")
            for name, text in (("before", before), ("after", after)):
                etree.SubElement(around, f"{{{space}}}{name}").text = text
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8", standalone=True))


class Memory(NamedTuple):
    """What such a part says: the study, and what was put into each control."""

    study: str
    put: dict[str, Put]


def remembered(content: bytes) -> Memory | None:
    """What such a part says; None where it is none of ours."""
    parser = etree.XMLParser(resolve_entities=False, no_network=True, huge_tree=False)
    try:
        root = etree.fromstring(content, parser)
    except etree.XMLSyntaxError:
        return None
    space = next((space for space in (SPACE_OF_OURS, EARLIER_SPACE) if root.tag == f"{{{space}}}put"), None)
    if space is None:
        return None
    entries = root.iterchildren(f"{{{space}}}control")
    return Memory(root.get("study", ""), {entry.get("tag", ""): _entry(entry) for entry in entries})


def _entry(entry: Any) -> Put:
    made = Put(entry.get("mark", ""), [], rows=[int(n) for n in entry.get("rows", "").split() if n.isdecimal()])
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
