"""A .docx template."""

from __future__ import annotations

import io
from copy import deepcopy
from pathlib import Path
from typing import Any

import docx
import msgspec
from docx.opc.constants import RELATIONSHIP_TYPE
from docx.opc.exceptions import PackageNotFoundError
from docx.opc.packuri import PackURI
from docx.oxml import OxmlElement
from docx.oxml.ns import qn
from lxml import etree

from istrel.english import english
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.marks.memory import remembered
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.word.restore import with_other_ids
from istrel.render.template.names import NAMES, is_place
from istrel.render.word import render
from istrel.render.word.controls import RELATION
from istrel.render.word.letters import letters_of, numbers_in
from istrel.render.word.parts import undated

EMU_PER_MM = 36_000
HELD = ("Tablelabel", "Tabletitle")  # the ids of our styles of captions
STYLED = ("w:pStyle", "w:rStyle", "w:tblStyle")
COMMENTED = (qn("w:commentRangeStart"), qn("w:commentRangeEnd"), qn("w:commentReference"))


def poured(document: Document, path: Path) -> bytes:
    """As `poured` of the room."""
    Parts(path)  # which says what is no archive
    try:
        home: Any = docx.Document(str(path))
    except (KeyError, ValueError, AttributeError, PackageNotFoundError, etree.XMLSyntaxError):
        raise Problem(english("{file}: this is no document, or it is damaged.", file=path.name)) from None
    made: Any = docx.Document(io.BytesIO(render(_fitted(document, home))))
    _Pour(home, made).pour()
    out = io.BytesIO()
    home.save(out)
    return undated(out.getvalue())


def _fitted(document: Document, home: Any) -> Document:
    """The document with tables no wider than the template's text."""
    section, style = home.sections[-1], document.style
    room = (section.page_width - section.left_margin - section.right_margin) / EMU_PER_MM
    table = msgspec.structs.replace(style.table, width_mm=min(style.table.width_mm, max(room, 60.0)))
    return Document(document.parts, msgspec.structs.replace(style, table=table), document.title, document.study)


def _lies(section: Any) -> bool:
    """Whether the pages of a section lie on their long side."""
    size = section.find(qn("w:pgSz"))
    return size is not None and size.get(qn("w:orient")) == "landscape"


def _break(section: Any) -> Any:
    """A paragraph with which a section ends."""
    paragraph: Any = OxmlElement("w:p")
    paragraph.get_or_add_pPr().append(section)
    return paragraph


class _Pour:
    """One document poured into another."""

    def __init__(self, home: Any, made: Any) -> None:
        self._home, self._made = home, made
        self._body = home.element.body
        self._page = self._body.find(qn("w:sectPr"))
        self._free = numbers_in(home.element) + 1
        self._links: dict[str, str] = {}

    def pour(self) -> None:
        """What stands in one comes into the other, with its styles, pictures, comments and memory."""
        content = [child for child in self._made.element.body if child.tag != qn("w:sectPr")]
        styles = self._styles()
        place = next((p for p in self._body.iter(qn("w:p")) if is_place(letters_of(p))), None)
        comments = self._comments()
        self._begin(place)
        for child in content:
            one = deepcopy(child)
            self._free = with_other_ids(one, self._free)
            self._adapt(one, styles, comments)
            self._put(place, one)
        self._end(place)
        if place is not None:
            place.getparent().remove(place)
        for relation in self._made.part.rels.values():
            if relation.reltype == RELATION and remembered(relation.target_part.blob) is not None:
                self._carry(relation.target_part, RELATION, "/customXml/istrel{}.xml")

    def _sections(self) -> list[Any]:
        return list(self._made.element.body.iter(qn("w:sectPr")))

    def _put(self, place: Any | None, one: Any) -> None:
        """At the end of what came in so far."""
        before = place if place is not None else self._page
        if before is not None:
            before.addprevious(one)
        else:
            self._body.append(one)

    def _stands_free(self, place: Any | None) -> bool:
        """Whether pages can begin and end there: not within a cell of a table."""
        return self._page is not None and (place is None or place.getparent() is self._body)

    def _begin(self, place: Any | None) -> None:
        """What stands before a page that lies goes on to stand upright."""
        if not self._stands_free(place) or not _lies(self._sections()[0]):
            return
        first = self._page if place is None else place
        if next(first.itersiblings(preceding=True), None) is not None:
            self._put(place, _break(deepcopy(self._page)))

    def _end(self, place: Any | None) -> None:
        """A page at the end that lies ends where others follow; where none does, the last pages lie."""
        last = self._sections()[-1]
        if not self._stands_free(place) or not _lies(last):
            return
        lying = self._section(last)
        if place is not None and place.getnext() is not self._page:
            self._put(place, _break(lying))
        else:
            self._body.replace(self._page, lying)
            self._page = lying

    def _adapt(self, element: Any, styles: dict[str, str], comments: dict[str, str]) -> None:
        for said in element.iter(qn("w:pStyle")):
            if said.get(qn("w:val")) in HELD:  # a caption stays with its exhibit, whatever the template's style says
                paragraph: Any = said.getparent().getparent()
                paragraph.get_or_add_pPr().get_or_add_keepNext()
        for name in STYLED:
            for said in element.iter(qn(name)):
                said.set(qn("w:val"), styles.get(said.get(qn("w:val")), said.get(qn("w:val"))))
        for one in element.iter():
            for key in (qn("r:embed"), qn("r:link")):
                if one.get(key):
                    one.set(key, self._link(one.get(key)))
            if one.tag in COMMENTED:
                one.set(qn("w:id"), comments[one.get(qn("w:id"))])
        for section in list(element.iter(qn("w:sectPr"))):
            section.getparent().replace(section, self._section(section))

    def _section(self, section: Any) -> Any:
        """A section on the template's paper, lying where it lay."""
        if self._page is None:
            return section
        made = deepcopy(self._page)
        size = made.find(qn("w:pgSz"))
        if size is not None and _lies(section):
            wide, tall = size.get(qn("w:w")), size.get(qn("w:h"))
            for name, value in (("w:w", tall), ("w:h", wide), ("w:orient", "landscape")):
                size.set(qn(name), value)
        return made

    def _link(self, identity: str) -> str:
        """The relation of a picture that comes along."""
        if identity not in self._links:
            part = self._made.part.related_parts[identity]
            ending = part.partname.rpartition(".")[2]
            self._links[identity] = self._carry(part, RELATIONSHIP_TYPE.IMAGE, f"/word/media/istrel{{}}.{ending}")
        return self._links[identity]

    def _carry(self, part: Any, kind: str, name: str) -> str:
        """A part comes along under a name that no other has."""
        known, number = {str(one.partname) for one in self._home.part.package.iter_parts()}, 1
        while name.format(number) in known:
            number += 1
        part.partname = PackURI(name.format(number))
        return str(self._home.part.relate_to(part, kind))

    def _comments(self) -> dict[str, str]:
        """Our comments among the template's: {id: its new one}."""
        made = list(self._made.part._comments_part.element) if list(self._made.comments) else []
        if not made:
            return {}
        home = self._home.part._comments_part.element
        free = max((int(one.get(qn("w:id"), "0")) for one in home), default=-1) + 1
        found = {}
        for number, comment in enumerate(made, start=free):
            found[comment.get(qn("w:id"))] = str(number)
            one = deepcopy(comment)
            one.set(qn("w:id"), str(number))
            home.append(one)
        return found

    def _styles(self) -> dict[str, str]:
        """{id of a style: that of the template's style of its name}; what the template lacks comes along."""
        mine = {style.name.casefold(): style.style_id for style in self._home.styles if style.name}
        ids, found = {style.style_id for style in self._home.styles}, {}
        used = {
            said.get(qn("w:val"))
            for name in STYLED
            for said in self._made.element.iter(qn(name))
            if said.get(qn("w:val"))
        }
        for style in self._made.styles:
            names = (style.name, *NAMES.get(style.name, ())) if style.style_id in used else ()
            like = next((mine[name.casefold()] for name in names if name.casefold() in mine), None)
            if like is not None:
                found[style.style_id] = like
            elif names:
                one = deepcopy(style.element)
                identity = style.style_id
                while identity in ids:
                    identity += "Istrel"
                one.set(qn("w:styleId"), identity)
                for fonts in list(one.iter(qn("w:rFonts"))):  # the template's
                    fonts.getparent().remove(fonts)
                based = one.find(qn("w:basedOn"))
                if based is not None:
                    based.set(qn("w:val"), mine.get("normal", based.get(qn("w:val"))))
                self._home.styles.element.append(one)
                ids.add(identity)
                found[style.style_id] = identity
        return found
