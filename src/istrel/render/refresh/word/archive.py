"""The parts of a .docx that hold letters, in the namespaces that we write; strict documents stay strict."""

from __future__ import annotations

import re
from itertools import count
from typing import Any

from lxml import etree

from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import parsed

BODY, LINKS, PROPERTIES = "word/document.xml", "word/_rels/document.xml.rels", "docProps/custom.xml"
WITH_LETTERS = re.compile(r"word/(?:document|footnotes|endnotes|comments|header\d*|footer\d*)\.xml")
STRICT, USUAL = b"http://purl.oclc.org/ooxml/", b"http://schemas.openxmlformats.org/"
SPACES = {
    b"http://purl.oclc.org/ooxml/wordprocessingml/main": b"http://schemas.openxmlformats.org/wordprocessingml/2006/main",
    b"http://purl.oclc.org/ooxml/officeDocument/relationships": (
        b"http://schemas.openxmlformats.org/officeDocument/2006/relationships"
    ),
    b"http://purl.oclc.org/ooxml/drawingml/main": b"http://schemas.openxmlformats.org/drawingml/2006/main",
    b"http://purl.oclc.org/ooxml/drawingml/wordprocessingDrawing": (
        b"http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing"
    ),
    b"http://purl.oclc.org/ooxml/drawingml/picture": b"http://schemas.openxmlformats.org/drawingml/2006/picture",
}


def roots_of(parts: Parts, name: str) -> dict[str, Any]:
    """{part: its root} of all parts that hold letters, the body first.

    Raises
    ------
    Problem
        For what is no XML.
    """
    found = sorted((one for one in parts if WITH_LETTERS.fullmatch(one)), key=lambda one: (one != BODY, one))
    return {one: parsed(_usual(parts[one]), name) for one in found}


def relate(parts: Parts, target: str, kind: str, name: str) -> str:
    """The name of a new part that the body leads to; `target` has a place for a number that tells it from others."""
    number = 1
    while target.format(number) in parts:
        number += 1
    links, made = parsed(parts.get(LINKS), name), target.format(number)
    space, known = links.tag.rpartition("}")[0] + "}", {link.get("Id") for link in links}
    identity = next(f"rIdIstrel{k}" for k in count(1) if f"rIdIstrel{k}" not in known)
    etree.SubElement(links, f"{space}Relationship", Id=identity, Type=kind, Target=f"/{made}")
    parts[LINKS] = etree.tostring(links, xml_declaration=True, encoding="UTF-8", standalone=True)
    return made


def is_strict(content: bytes) -> bool:
    return STRICT in content


def _usual(content: bytes) -> bytes:
    if is_strict(content):
        for strict, usual in SPACES.items():
            content = content.replace(strict, usual)
    return content


def written_part(root: Any, before: bytes) -> bytes:
    """A part as bytes, strict where it was."""
    content: bytes = etree.tostring(root, xml_declaration=True, encoding="UTF-8", standalone=True)
    if is_strict(before):
        for strict, usual in SPACES.items():
            content = content.replace(usual, strict)
    return content
