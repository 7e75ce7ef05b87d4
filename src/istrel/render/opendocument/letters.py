"""The letters of an OpenDocument text that a reader sees, and other letters in the same places.

As in the word-processor documents: what is read is exchanged where it stands. Letters stand in the text of
elements, after elements, or are elements themselves (blanks, tabs, line breaks); notes, comments and frames are read apart.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from itertools import pairwise
from typing import Any, NamedTuple

from lxml import etree

from istrel.render.marks.edits import Edit, edits, reach
from istrel.render.opendocument.package import qualified as q

MOST_BLANKS = 100
PARAGRAPHS = (q("text:p"), q("text:h"))
HOMES = (q("table:table-cell"), q("table:covered-table-cell"))
BLANKS = (q("text:s"), q("text:tab"), q("text:line-break"))
APART = {
    *(q("office:annotation"), q("text:note"), q("text:tracked-changes"), q("text:ruby-text")),
    *(q(f"draw:{name}") for name in ("frame", "g", "custom-shape", "text-box", "a", "control", "rect")),
}


class Slot(NamedTuple):
    """A place of letters: the text of an element, the text after it, or the element that is a blank; or a mark without any."""

    holder: Any
    kind: str  # "text", "tail", "blank" or "mark"

    @property
    def letters(self) -> str:
        if self.kind == "blank":
            return " " * _many(self.holder)
        return {"text": self.holder.text, "tail": self.holder.tail}.get(self.kind) or ""

    def cut(self, low: int, high: int, letters: str = "") -> None:
        """Other letters for those from `low` to `high`."""
        now = self.letters
        if self.kind == "text":
            self.holder.text = now[:low] + letters + now[high:]
        elif self.kind == "tail":
            self.holder.tail = now[:low] + letters + now[high:]
        else:
            add_before(self.holder, letters)
            left = len(now) - (high - low)
            if left:
                self.holder.set(q("text:c"), str(left))
            else:
                take_out(self.holder)


@dataclass(frozen=True)
class Range:
    """What stands between two marks of a paragraph."""

    start: Any
    end: Any


Content = Any  # an element, or a Range


def _many(blank: Any) -> int:
    many = blank.get(q("text:c"), "1")
    return max(1, min(int(many), MOST_BLANKS)) if many.isdecimal() and len(many) < 9 else 1


def stream(element: Any) -> Iterator[Slot]:
    """Every slot under an element, and a mark where an element begins, in the order in which they are read."""
    yield Slot(element, "text")
    for child in element:
        yield Slot(child, "mark")
        if child.tag in BLANKS:
            yield Slot(child, "blank")
        elif isinstance(child.tag, str) and child.tag not in APART:
            yield from stream(child)
        yield Slot(child, "tail")


def slots_of(content: Content) -> list[Slot]:
    """The slots of a number or place."""
    if not isinstance(content, Range):
        return [slot for one in paragraphs_in(content) for slot in stream(one) if slot.kind != "mark"]
    found, inside = [], False
    for slot in stream(paragraph_of(content)):
        if slot.kind == "mark" and slot.holder is content.end:
            break
        if inside and slot.kind != "mark":
            found.append(slot)
        inside = inside or (slot.kind == "mark" and slot.holder is content.start)
    return [slot for slot in found if slot != Slot(content.start, "text")]


def paragraphs_in(element: Any) -> list[Any]:
    """The paragraph that an element is, or those of a cell; a field is read by itself."""
    return _paragraphs_under(element) if element.tag in HOMES else [element]


def _paragraphs_under(element: Any) -> list[Any]:
    if element.tag in PARAGRAPHS:
        return [element]
    return [one for child in element if child.tag not in APART for one in _paragraphs_under(child)]


def paragraph_of(content: Content) -> Any:
    """The paragraph that a number stands in, or None."""
    element = content.start if isinstance(content, Range) else content
    return next(element.iterancestors(*PARAGRAPHS), None)


def letters_of(content: Content) -> str:
    """The letters of a number or place."""
    return "".join(slot.letters for slot in slots_of(content))


def exchange(content: Content, new: str) -> None:
    """The letters of a number or place exchanged for others."""
    begin(content)
    exchange_in(content, edits(letters_of(content), new))


def exchange_in(content: Content, found: list[Edit]) -> None:
    """Letters exchanged for others."""
    for edit in reversed(found):
        spans = spans_of(slots_of(content), edit)
        for place, (slot, low, high) in reversed(list(enumerate(spans))):
            slot.cut(low, high, edit.letters if place == 0 else "")


def begin(content: Content) -> None:
    """A paragraph in a cell that has none, so that there is a place for letters."""
    if not slots_of(content):
        etree.SubElement(content, PARAGRAPHS[0])


def spans_of(slots: list[Slot], edit: Edit) -> list[tuple[Slot, int, int]]:
    """(slot, from, to) of all that an edit touches; where it only adds, the slot that it adds to."""
    sizes = [len(slot.letters) for slot in slots]
    return [(slots[k], low, high) for k, low, high in reach(edit, sizes, lambda place: slots[place].kind != "blank")]


# The small change of trees that hold letters between elements.
def add_before(element: Any, letters: str) -> None:
    """Letters right before an element."""
    before = element.getprevious()
    if before is not None:
        before.tail = (before.tail or "") + letters
    else:
        home = element.getparent()
        home.text = (home.text or "") + letters


def take_out(element: Any) -> None:
    """An element goes; what stands after it stays."""
    add_before(element, element.tail or "")
    element.tail = None
    element.getparent().remove(element)


def put_at(slot: Slot, at: int, elements: list[Any]) -> None:
    """Elements one after the other into the letters of a slot, after so many of them."""
    tails, after = [element.tail for element in elements], "" if slot.kind == "blank" else slot.letters[at:]
    first = elements[0]
    if slot.kind == "blank":
        first.tail = None
        slot.holder.addprevious(first)
    elif slot.kind == "text":
        slot.holder.text = slot.letters[:at]
        slot.holder.insert(0, first)
    else:
        slot.holder.tail, home = slot.letters[:at], slot.holder.getparent()
        home.insert(home.index(slot.holder) + 1, first)
    for before, element in pairwise(elements):
        before.tail = element.tail = None
        before.addnext(element)
    for element, tail in zip(elements, tails, strict=True):
        element.tail = tail
    elements[-1].tail = (tails[-1] or "") + after
