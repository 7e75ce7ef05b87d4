"""The letters of a document that a reader sees, and other letters in the same places.

One reading and one writing: what is read is exchanged where it stands, in the runs it stands in, whatever is around these (a link,
another program's control, an insertion that nobody accepted yet). Everything else in the runs stays: comments, notes, bookmarks.
"""

from __future__ import annotations

from copy import deepcopy
from dataclasses import dataclass
from datetime import UTC, datetime
from typing import Any

from docx.oxml.ns import qn
from lxml import etree

from istrel.render.marks.edits import Edit, edits, reach

AUTHOR = "Istrel"
T, RUN, LOOK, PARAGRAPH, ROW = map(qn, ("w:t", "w:r", "w:rPr", "w:p", "w:tr"))
ROW_TAKEN_OUT = f"{qn('w:trPr')}/{qn('w:del')}"
SPACE = "{http://www.w3.org/XML/1998/namespace}space"
TAKEN_OUT = (qn("w:del"), qn("w:moveFrom"))
PUT_IN = (qn("w:ins"), qn("w:moveTo"))


def is_seen(node: Any) -> bool:
    """Whether letters are there as the document stands: not those that a tracked change takes out."""
    if next(node.iterancestors(*TAKEN_OUT), None) is not None:
        return False
    return all(row.find(ROW_TAKEN_OUT) is None for row in node.iterancestors(ROW))


def nodes_of(element: Any) -> list[Any]:
    """The texts under an element that are seen, in their order."""
    return [node for node in element.iter(T) if is_seen(node)]


def letters_of(element: Any) -> str:
    """The letters under an element that are seen."""
    return "".join(node.text or "" for node in nodes_of(element))


@dataclass
class Changes:
    """Tracked changes of ours in a document: every one has a number of its own."""

    number: int
    when: str = ""

    def __post_init__(self) -> None:
        self.when = self.when or datetime.now(UTC).strftime("%Y-%m-%dT%H:%M:%SZ")

    def element(self, kind: str) -> Any:
        """The element of a change, empty."""
        self.number += 1
        made = etree.Element(qn(kind))
        for name, value in (("w:id", str(self.number)), ("w:author", AUTHOR), ("w:date", self.when)):
            made.set(qn(name), value)
        return made


def numbers_in(root: Any) -> int:
    """The highest number that a change, bookmark or comment of a part has."""
    found = (element.get(qn("w:id"), "") for element in root.iter(etree.Element))
    return max((int(number) for number in found if number.isdecimal() and len(number) < 10), default=0)


def exchange(element: Any, new: str, changes: Changes | None = None) -> None:
    """The letters under an element exchanged for others; as tracked changes where these are given."""
    nodes = nodes_of(element)
    if not nodes:
        _begin(element, new, changes)
        return
    exchange_in(element, edits("".join(node.text or "" for node in nodes), new), changes)


def exchange_in(element: Any, found: list[Edit], changes: Changes | None = None) -> None:
    """Letters under an element exchanged for others."""
    for edit in reversed(found):
        nodes = nodes_of(element)
        spans = [(nodes[k], low, high) for k, low, high in reach(edit, [len(node.text or "") for node in nodes])]
        if changes is None:
            _put(spans, edit.letters)
        else:
            _track(spans, edit.letters, changes)


def _set(node: Any, text: str) -> None:
    node.text = text
    node.set(SPACE, "preserve")


def _put(spans: list[tuple[Any, int, int]], letters: str) -> None:
    """Other letters where the first of the old ones stood."""
    for place, (node, low, high) in enumerate(spans):
        text = node.text or ""
        _set(node, text[:low] + (letters if place == 0 else "") + text[high:])


def _begin(element: Any, new: str, changes: Changes | None) -> None:
    """Letters where there are none: in the first paragraph, or right inside."""
    if not new:
        return
    home = element if element.tag == PARAGRAPH else next(element.iter(PARAGRAPH), element)
    run = etree.Element(RUN)
    _set(etree.SubElement(run, T), new)
    if changes is not None:
        added = changes.element("w:ins")
        added.append(run)
        run = added
    home.append(run)


# As tracked changes.
def _track(spans: list[tuple[Any, int, int]], letters: str, changes: Changes) -> None:
    first, low, high = spans[0]
    ours = _insertion(first)
    if ours is not None and ours.get(qn("w:author")) == AUTHOR:  # what we put in ourselves just reads otherwise
        _put([(first, low, high)], letters)
        letters = ""
        spans = spans[1:]
    anchor = None
    for node, start, end in reversed(spans):
        if start == end:  # nothing is taken out here
            anchor = _cut(node, start)
            continue
        around = _insertion(node)
        if around is not None and around.get(qn("w:author")) == AUTHOR:
            _put([(node, start, end)], "")
            anchor = anchor if anchor is not None else _run_of(node)
            continue
        run = _alone(node, start, end)
        gone = changes.element("w:del")
        run.getparent().replace(run, gone)
        gone.append(run)
        for text in run.iter(T):
            text.tag = qn("w:delText")
        anchor = gone
    if letters and anchor is not None:
        _add_after(anchor, letters, changes)


def _insertion(node: Any) -> Any:
    """The unaccepted insertion that letters stand in, or None."""
    return next((parent for parent in node.iterancestors() if parent.tag in PUT_IN), None)


def _run_of(node: Any) -> Any:
    return next(node.iterancestors(RUN))


def _alone(node: Any, start: int, end: int) -> Any:
    """A run that holds these letters and nothing else; what stood around them in its run stands in runs beside it."""
    _cut(node, end)
    before = _cut(node, start)
    if start == 0 and list(before.iterchildren())[-1] is node:
        return before
    return before.getnext()


def _cut(node: Any, at: int) -> Any:
    """Cut a run after so many letters of one of its texts; the run that ends there. What has nothing before stays whole."""
    run, text = _run_of(node), node.text or ""
    children = [child for child in run if child.tag != LOOK]
    place = children.index(node)
    left, right = children[:place], children[place + 1 :]
    if at == 0 and not left:
        return run
    if at == len(text) and not right:
        return run
    rest = etree.Element(RUN, dict(run.attrib))
    look = run.find(LOOK)
    if look is not None:
        rest.append(deepcopy(look))
    if at < len(text) and at > 0:
        other = deepcopy(node)
        _set(other, text[at:])
        _set(node, text[:at])
        rest.append(other)
    elif at == 0:
        rest.append(node)
    for child in right:
        rest.append(child)
    run.addnext(rest)
    return run


def _add_after(anchor: Any, letters: str, changes: Changes) -> None:
    """An insertion of ours right after an element; another's insertion around it is cut in two there."""
    like = anchor if anchor.tag == RUN else next(anchor.iter(RUN))
    run = etree.Element(RUN)
    look = like.find(LOOK)
    if look is not None:
        run.append(deepcopy(look))
    _set(etree.SubElement(run, T), letters)
    added = changes.element("w:ins")
    added.append(run)
    while (parent := anchor.getparent()) is not None and (parent.tag in PUT_IN or parent.tag in TAKEN_OUT):
        rest = etree.Element(parent.tag, dict(parent.attrib))
        after = anchor.getnext()
        while after is not None:
            following = after.getnext()
            rest.append(after)
            after = following
        if len(rest):
            parent.addnext(rest)
        anchor = parent
    anchor.addnext(added)
