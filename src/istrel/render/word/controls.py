"""What Istrel puts into a word-processor document stands in content controls, so that it is found again when others wrote on.

A part of the document of its own (custom XML) remembers what was put into each: what the letters mean, and what they were.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from hashlib import sha256
from typing import Any

from docx.opc.packuri import PackURI
from docx.opc.part import Part
from docx.oxml.ns import qn
from lxml import etree

from istrel.exhibits.printing import printable
from istrel.exhibits.text import Run
from istrel.render.word.parts import element

SPACE_OF_OURS = "urn:istrel:put:1"
RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml"
PREFIX = "istrel"
LARGEST_ID = 2**31 - 2
BOOKMARK, FIRST_MARK = "_Istrel_", 5_000


@dataclass
class Put:
    """What was put into the controls of one tag: the mark of a number (or nothing), and its texts, cell by cell."""

    mark: str
    texts: list[str]


@dataclass
class Controls:
    """The controls of a document while it is made."""

    put: dict[str, Put] = field(default_factory=dict)
    made: int = 0
    marks: int = 0

    def around_run(self, run: Run, letters: Any) -> Any:
        """A number in a control of its own."""
        tag = number_tag(run.mark)
        self.put[tag] = Put(run.mark, [printable(run.text)])
        return self._control(tag, "number", [letters])

    def around(self, identity: str, what: str, elements: list[Any], texts: list[str] | None = None) -> None:
        """A control around elements that stand one after the other in the document; `texts` instead of their letters."""
        first = elements[0]
        parent, place = first.getparent(), first.getparent().index(first)
        tag = part_tag(identity, what)
        made = self._control(tag, what, elements)
        parent.insert(place, made)
        self.put[tag] = Put("", texts_of(made) if texts is None else texts)

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
        content = written(self.put)
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


def number_tag(mark: str) -> str:
    """The tag of a number: short enough for a word processor, the same for the same mark."""
    return f"{PREFIX}:{sha256(mark.encode()).hexdigest()[:24]}"


def part_tag(identity: str, what: str) -> str:
    """The tag of a table, figure, title or note of a kept exhibit."""
    return f"{PREFIX}:{identity}:{what}"


def texts_of(content: Any) -> list[str]:
    """The letters of a control: by cells where it holds a table, else by paragraphs, else all of it."""
    for name in ("w:tc", "w:p"):
        found = list(content.iter(qn(name)))
        if found:
            return [letters_of(one) for one in found]
    return [letters_of(content)]


def letters_of(content: Any) -> str:
    """The letters under an element as they are read: what is tracked as deleted is not."""
    return "".join(text.text or "" for text in content.iter(qn("w:t")))


# The part that remembers.
def written(put: dict[str, Put]) -> bytes:
    """What was put, as XML."""
    root = etree.Element(f"{{{SPACE_OF_OURS}}}put", nsmap={None: SPACE_OF_OURS})
    for tag, what in put.items():
        entry = etree.SubElement(root, f"{{{SPACE_OF_OURS}}}control", tag=tag, mark=what.mark)
        for text in what.texts:
            etree.SubElement(entry, f"{{{SPACE_OF_OURS}}}text").text = text
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8", standalone=True))


def remembered(content: bytes) -> dict[str, Put] | None:
    """What such a part says; None where it is none of ours."""
    parser = etree.XMLParser(resolve_entities=False, no_network=True, huge_tree=False)
    try:
        root = etree.fromstring(content, parser)
    except etree.XMLSyntaxError:
        return None
    if root.tag != f"{{{SPACE_OF_OURS}}}put":
        return None
    return {
        entry.get("tag", ""): Put(entry.get("mark", ""), [text.text or "" for text in entry])
        for entry in root.iterchildren(f"{{{SPACE_OF_OURS}}}control")
    }
