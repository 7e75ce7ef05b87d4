"""What Istrel puts into a word-processor document stands in content controls, so that it is found again when others wrote on.

Every control carries the identity of its study. A part of the document of its own (custom XML) remembers what was put into each:
what the letters mean, what they were, and what stood around them.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from hashlib import sha256
from typing import Any

from docx.opc.packuri import PackURI
from docx.opc.part import Part
from docx.oxml.ns import qn

from istrel.exhibits.printing import printable
from istrel.exhibits.text import Run
from istrel.render.marks.memory import Memory, Put, written
from istrel.render.marks.passages import Owner, Passage, note_around
from istrel.render.marks.said import Said
from istrel.render.marks.tags import Tag, number_tag
from istrel.render.word.letters import is_seen, letters_of, nodes_of
from istrel.render.word.parts import element

RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml"
LARGEST_ID = 2**31 - 2
FIRST_MARK = 5_000
TAKEN_OUT = f"{qn('w:trPr')}/{qn('w:del')}"


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
        self.put[tag.text] = Put(run.mark, [printable(run.text)])
        return self._control(tag, "number", [letters])

    def around(self, identity: str, what: str, elements: list[Any], texts: list[str] | None = None) -> None:
        """A control around elements that stand one after the other in the document; `texts` instead of their letters."""
        first = elements[0]
        parent, place = first.getparent(), first.getparent().index(first)
        tag = Tag(self.study, "", identity, what)
        made = self._control(tag, what, elements)
        parent.insert(place, made)
        self.put[tag.text] = Put("", texts_of(made) if texts is None else texts, spans=spans_of(made))

    def _control(self, tag: Tag, words: str, inside: list[Any]) -> Any:
        self.made += 1
        made = control(tag.text, words, self.made, inside)
        for one in inside:
            self._mark(tag, one)
        return made

    def _mark(self, tag: Tag, inside: Any) -> None:
        """A hidden bookmark where an element stands: it outlives programs that drop controls."""
        self.marks += 1
        identity = {"w:id": str(FIRST_MARK + self.marks)}
        start = element("w:bookmarkStart", {**identity, "w:name": tag.bookmark(self.marks)})
        end = element("w:bookmarkEnd", identity)
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

    def remember(self, word: Any, said: dict[str, Said]) -> None:
        """The part that says what was put where."""
        note_around(self.put, (passage_in(paragraph) for paragraph in word.element.body.iter(qn("w:p"))))
        content = written(Memory(self.study, self.put, said))
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


def places_in(content: Any) -> list[Any]:
    """The places of a control whose texts are known one by one: the cells of its tables, else its paragraphs, else all of it."""
    cells = [cell for cell in content.iter(qn("w:tc")) if is_seen(cell)]
    return cells or [one for one in content.iter(qn("w:p")) if is_seen(one)] or [content]


def texts_of(content: Any) -> list[str]:
    """The letters of a control, place by place."""
    return [letters_of(one) for one in places_in(content)]


def spans_of(content: Any) -> list[list[int]]:
    """Over how many columns each cell of each row stands that is seen; a row without any between two tables."""
    found: list[list[int]] = []
    for table in content.iter(qn("w:tbl")):
        rows = [row for row in table.iterchildren(qn("w:tr")) if is_seen(row) and row.find(TAKEN_OUT) is None]
        found += [[]] if found and rows else []
        found += [[_span(cell) for cell in row.iter(qn("w:tc"))] for row in rows]
    return found


def _span(cell: Any) -> int:
    wide = cell.find(f"{qn('w:tcPr')}/{qn('w:gridSpan')}")
    many = wide.get(qn("w:val"), "1") if wide is not None else "1"
    return int(many) if many.isdecimal() and 0 < len(many) < 6 else 1


def passage_in(paragraph: Any) -> Passage:
    """A paragraph with what of its letters stands in controls of ours."""
    letters: list[str] = []
    owners: list[Owner | None] = []
    known: dict[Any, Owner] = {}
    for node in nodes_of(paragraph):
        text, home = node.text or "", _home(node)
        if home is not None:
            tag, content = home
            known.setdefault(content, Owner(tag, content))
        letters.append(text)
        owners += [known[home[1]] if home is not None else None] * len(text)
    return Passage("".join(letters), tuple(owners), paragraph)


def _home(node: Any) -> tuple[Tag, Any] | None:
    """(tag, content) of the innermost control of ours that letters stand in."""
    for control in node.iterancestors(qn("w:sdt")):
        tag = Tag.read(tag_of(control))
        if tag is not None:
            return tag, control.find(qn("w:sdtContent"))
    return None
