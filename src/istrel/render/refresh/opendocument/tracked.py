"""Exchanges in an OpenDocument text as tracked changes, which co-authors see and can refuse."""

from __future__ import annotations

from copy import deepcopy
from dataclasses import dataclass
from datetime import UTC, datetime
from typing import Any

from lxml import etree

from istrel.render.marks.edits import Edit, edits
from istrel.render.opendocument.letters import (
    PARAGRAPHS,
    Content,
    Slot,
    begin,
    letters_of,
    put_at,
    slots_of,
    spans_of,
    stream,
    take_out,
)
from istrel.render.opendocument.package import qualified as q
from istrel.render.refresh.opendocument.fields import Fields

AUTHOR, XML_ID = "Istrel", "{http://www.w3.org/XML/1998/namespace}id"
REGIONS, REGION, START, END = (
    q(f"text:{name}") for name in ("tracked-changes", "changed-region", "change-start", "change-end")
)


@dataclass
class Changes:
    """The tracked changes of a document, to which ours are added.

    What stands in an insertion that nobody accepted yet is exchanged within it: with it the number comes or goes.
    """

    root: Any
    fields: Fields

    def __post_init__(self) -> None:
        self._text = self.root.find(f"{q('office:body')}/{q('office:text')}")
        self._home = self.root.find(f".//{REGIONS}")
        self._when = datetime.now(UTC).strftime("%Y-%m-%dT%H:%M:%S")
        self._ids = {region.get(q("text:id")) or region.get(XML_ID) for region in self.root.iter(REGION)}
        self._insertions = {
            region.get(q("text:id")) or region.get(XML_ID)
            for region in self.root.iter(REGION)
            if region.find(q("text:insertion")) is not None
        }
        self._open = self._open_at_paragraphs()

    def _open_at_paragraphs(self) -> dict[Any, frozenset[str]]:
        """{paragraph: the insertions that are open where it begins}, of those where any is."""
        found, now = {}, frozenset[str]()
        for element in self.root.iter(*PARAGRAPHS, START, END):
            change = element.get(q("text:change-id"), "")
            if element.tag == START and change in self._insertions:
                now |= {change}
            elif element.tag == END:
                now -= {change}
            elif now:
                found[element] = now
        return found

    # One number or place.
    def exchange(self, content: Content, new: str) -> None:
        """The letters of a number or place exchanged."""
        begin(content)
        self.exchange_in(content, edits(letters_of(content), new))

    def exchange_in(self, content: Content, found: list[Edit]) -> None:
        """Letters exchanged for others."""
        for edit in reversed(found):
            spans = spans_of(slots_of(content), edit)
            for place, (slot, low, high) in reversed(list(enumerate(spans))):
                letters = edit.letters if place == 0 else ""
                if self._is_put_in(slot):
                    slot.cut(low, high, letters)
                else:
                    self._track(slot, low, high, letters)

    def exchange_field(self, field: Any, new: str, *, in_body: bool) -> None:
        """A field exchanged for another, for all of one name say the same; heads and feet of pages have no tracked changes."""
        made, tail = self.fields.another(field, new), Slot(field, "tail")
        if not in_body or self._is_put_in(tail):
            made.tail, field.tail = field.tail, None
            field.getparent().replace(field, made)
            return
        start, end = self._inserted(made)
        put_at(tail, 0, [self._deleted(deepcopy(field), tail), start, made, end])
        take_out(field)

    def _track(self, slot: Slot, low: int, high: int, letters: str) -> None:
        marks: list[Any] = []
        if high > low:
            gone: Any = slot.letters[low:high]
            marks.append(self._deleted(deepcopy(slot.holder) if slot.kind == "blank" else gone, slot))
        if letters:
            start, end = self._inserted(letters)
            marks += [start, end]
        if slot.kind == "blank":
            put_at(slot, 0, marks)
            take_out(slot.holder)
        elif marks:
            slot.cut(low, high)
            put_at(slot, low, marks)

    def _is_put_in(self, slot: Slot) -> bool:
        """Whether letters stand in an insertion that nobody accepted yet."""
        inside = slot.kind == "text" and slot.holder.tag in PARAGRAPHS  # of a note within another, for example
        paragraph = slot.holder if inside else next(slot.holder.iterancestors(*PARAGRAPHS), slot.holder)
        now = set(self._open.get(paragraph, ()))
        for one in stream(paragraph):
            if one == slot or (one.kind == "mark" and one.holder is slot.holder and slot.kind == "blank"):
                return bool(now)
            change = one.holder.get(q("text:change-id"), "") if one.kind == "mark" else ""
            if one.holder.tag == START and change in self._insertions:
                now.add(change)
            elif one.holder.tag == END:
                now.discard(change)
        return bool(now)

    # What tells of a change.
    def _deleted(self, gone: Any, where: Slot) -> Any:
        """The mark where letters, or an element, were taken out."""
        change, region = self._region("deletion")
        paragraph = etree.SubElement(change, q("text:p"))
        home = paragraph
        for around in _spans_around(where):
            home = etree.SubElement(home, around.tag, dict(around.attrib))
        if isinstance(gone, str):
            home.text = gone
        else:
            gone.tail = None
            home.append(gone)
        return _mark("text:change", region)

    def _inserted(self, what: Any) -> tuple[Any, Any]:
        """The marks around what was put in; letters stand between them already."""
        _, region = self._region("insertion")
        start, end = _mark("text:change-start", region), _mark("text:change-end", region)
        if isinstance(what, str):
            start.tail = what
        return start, end

    def _region(self, kind: str) -> tuple[Any, str]:
        if self._home is None:
            self._home = etree.Element(REGIONS, {q("text:track-changes"): "false"})
            forms = self._text.find(q("office:forms"))
            self._text.insert(0 if forms is None else 1, self._home)
        number = len(self._ids) + 1
        while f"istrel{number}" in self._ids:
            number += 1
        name = f"istrel{number}"
        self._ids.add(name)
        region = etree.SubElement(self._home, REGION, {XML_ID: name, q("text:id"): name})
        change = etree.SubElement(region, q(f"text:{kind}"))
        if kind == "insertion":
            self._insertions.add(name)
        info = etree.SubElement(change, q("office:change-info"))
        etree.SubElement(info, q("dc:creator")).text = AUTHOR
        etree.SubElement(info, q("dc:date")).text = self._when
        return change, name


def _mark(kind: str, region: str) -> Any:
    return etree.Element(q(kind), {q("text:change-id"): region})


def _spans_around(slot: Slot) -> list[Any]:
    """The spans that letters stand in, the widest first: they look the same when they come back."""
    inside = [slot.holder] if slot.kind == "text" else []
    return [one for one in (*inside, *slot.holder.iterancestors()) if one.tag == q("text:span")][::-1]
