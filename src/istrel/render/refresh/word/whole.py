"""A part of an exhibit in a .docx that comes whole, because new data gave it another shape; as tracked changes where wanted."""

from __future__ import annotations

from copy import deepcopy
from dataclasses import dataclass
from typing import Any

from docx.oxml.ns import qn
from lxml import etree

from istrel.render.refresh.word.restore import with_other_ids
from istrel.render.word.letters import Changes, exchange, is_seen, nodes_of


@dataclass
class Whole:
    """Puts in what is new; `free` is the next number that no bookmark has, `styles` are those that the document knows."""

    free: int
    changes: Changes | None
    styles: frozenset[str]

    def exchange(self, content: Any, fresh: Any) -> None:
        """The rows of every table, or all that stands in a control; in styles that the document has."""
        mine = next((said.get(qn("w:val"), "") for said in content.iter(qn("w:pStyle"))), "")
        fresh = deepcopy(fresh)
        for said in list(fresh.iter(qn("w:pStyle"))):
            if said.get(qn("w:val")) not in self.styles:
                said.set(qn("w:val"), mine) if mine else said.getparent().remove(said)
        tables, others = list(content.iterchildren(qn("w:tbl"))), list(fresh.iterchildren(qn("w:tbl")))
        if len(tables) == len(others) > 0:
            for table, other in zip(tables, others, strict=True):
                self._rows(table, other)
        else:
            self._paragraphs(content, fresh)

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
