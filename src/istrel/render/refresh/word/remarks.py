"""Words of ours in a .docx that are not true any more: a comment on each passage that still says them."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

from docx.oxml.ns import qn
from lxml import etree

from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import parsed
from istrel.render.refresh.word.archive import relate
from istrel.render.word.letters import AUTHOR, SPACE, letters_of

COMMENTS, TYPES = "word/comments.xml", "[Content_Types].xml"
KIND = "application/vnd.openxmlformats-officedocument.wordprocessingml.comments+xml"
RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/comments"
SPACE_OF_WORDS = qn("w:p")[1:].partition("}")[0]


@dataclass
class Remarks:
    """The comments of a document, to which ours are added."""

    parts: Parts
    roots: dict[str, Any]
    name: str
    added: bool = False

    def __post_init__(self) -> None:
        found = self.roots.get(COMMENTS)
        self.root = etree.Element(qn("w:comments"), nsmap={"w": SPACE_OF_WORDS}) if found is None else found

    def add(self, paragraph: Any, words: str) -> bool:
        """A comment on a paragraph, unless it has this one already; whether it got it."""
        ours = {comment.get(qn("w:id")): letters_of(comment) for comment in self.root.iter(qn("w:comment"))}
        if any(ours.get(mark.get(qn("w:id"))) == words for mark in paragraph.iter(qn("w:commentReference"))):
            return False
        numbers = [int(number) for number in ours if number is not None and number.isdecimal()]
        number = str(max(numbers, default=-1) + 1)
        comment = etree.SubElement(self.root, qn("w:comment"))
        for name, value in (("w:id", number), ("w:author", AUTHOR), ("w:initials", "I")):
            comment.set(qn(name), value)
        text = etree.SubElement(etree.SubElement(etree.SubElement(comment, qn("w:p")), qn("w:r")), qn("w:t"))
        text.text = words
        text.set(SPACE, "preserve")
        start, end = (etree.Element(qn(name)) for name in ("w:commentRangeStart", "w:commentRangeEnd"))
        properties = paragraph.find(qn("w:pPr"))
        paragraph.insert(0 if properties is None else 1, start)
        run = etree.Element(qn("w:r"))
        reference = etree.SubElement(run, qn("w:commentReference"))
        for mark in (start, end, reference):
            mark.set(qn("w:id"), number)
        paragraph.extend((end, run))
        self.added = True
        return True

    def write(self) -> None:
        """Into the parts of the document, with what tells that there are comments."""
        if not self.added:
            return
        if COMMENTS not in self.parts:
            types = parsed(self.parts.get(TYPES), self.name)
            space = types.tag.rpartition("}")[0] + "}"
            etree.SubElement(types, f"{space}Override", PartName=f"/{COMMENTS}", ContentType=KIND)
            self.parts[TYPES] = etree.tostring(types, xml_declaration=True, encoding="UTF-8", standalone=True)
            relate(self.parts, COMMENTS, RELATION, self.name)
        self.parts[COMMENTS] = etree.tostring(self.root, xml_declaration=True, encoding="UTF-8", standalone=True)
