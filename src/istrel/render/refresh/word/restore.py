"""Controls put back into a .docx where they were lost: each where its hidden bookmark still stands."""

from __future__ import annotations

from itertools import groupby
from typing import Any

from docx.oxml.ns import qn

from istrel.render.marks.tags import Tag
from istrel.render.word.controls import control, tag_of
from istrel.render.word.letters import is_seen

IN_LINE = ("number", "title")


def restore(body: Any, known: set[str]) -> None:
    """Put controls around what our bookmarks mark and no control of ours holds any more.

    Parameters
    ----------
    body
        Of a part of a document.
    known
        The tags that are ours.
    """
    lost = [
        (tag, start)
        for start in body.iter(qn("w:bookmarkStart"))
        if (tag := _tag_in(start)) in known and not _is_held(start, tag) and is_seen(start)
    ]
    for _, start in lost:
        _unwrap(start)
    inline = [(tag, start) for tag, start in lost if _what(tag) in IN_LINE]
    for number, (tag, start) in enumerate(inline):
        _around(tag, number, _up_to_end(start))
    blocks = [(tag, _block(tag, start)) for tag, start in lost if _what(tag) not in IN_LINE]
    for number, (tag, group) in enumerate(groupby(blocks, key=lambda pair: pair[0]), start=len(inline)):
        _around(tag, number, _neighbours([block for _, block in group if block is not None]))


def _tag_in(start: Any) -> str:
    """The tag of the control that a bookmark stands for; nothing for any other bookmark."""
    found = Tag.of_bookmark(start.get(qn("w:name"), ""))
    return "" if found is None else found.text


def _is_held(start: Any, tag: str) -> bool:
    return any(tag_of(parent) == tag for parent in start.iterancestors(qn("w:sdt")))


def _what(tag: str) -> str:
    read = Tag.read(tag)
    return read.what or "number" if read is not None else ""


def _unwrap(start: Any) -> None:
    """A control without a tag that was left right around it goes; what it holds stays."""
    content = start.getparent()
    if content.tag != qn("w:sdtContent") or tag_of(content.getparent()):
        return
    left = content.getparent()
    for child in list(content):
        left.addprevious(child)
    left.getparent().remove(left)


def _up_to_end(start: Any) -> list[Any]:
    """The bookmark and what stands in it, as far as it is all in one paragraph."""
    found = [start]
    for after in start.itersiblings():
        found.append(after)
        if after.tag == qn("w:bookmarkEnd") and after.get(qn("w:id")) == start.get(qn("w:id")):
            return found
    return []


def _stretch(start: Any) -> None:
    """A bookmark that has shrunk to its place reaches to the end of its paragraph again."""
    found = _up_to_end(start)
    paragraph = start.getparent()
    if found and paragraph.tag == qn("w:p"):
        paragraph.append(found[-1])


def _block(tag: str, start: Any) -> Any:
    """The table or the paragraph that a bookmark stands in; the bookmark is made to reach to its end again."""
    _stretch(start)
    table = next(start.iterancestors(qn("w:tbl")), None) if _what(tag) == "table" else None
    return table if table is not None else next(start.iterancestors(qn("w:p")), None)


def _neighbours(blocks: list[Any]) -> list[Any]:
    """The first of them, and those that follow it with nothing between."""
    together = blocks[:1]
    for block in blocks[1:]:
        if block.getprevious() is together[-1]:
            together.append(block)
    return together


def _around(tag: str, number: int, inside: list[Any]) -> None:
    if not inside:
        return
    parent, place = inside[0].getparent(), inside[0].getparent().index(inside[0])
    parent.insert(place, control(tag, _what(tag), number, inside))


def with_other_ids(element: Any, first: int) -> int:
    """Give its bookmarks ids of their own, from `first` on; the next free one."""
    given: dict[str, str] = {}
    for mark in element.iter(qn("w:bookmarkStart"), qn("w:bookmarkEnd")):
        old = mark.get(qn("w:id"), "")
        if old not in given:
            given[old] = str(first)
            first += 1
        mark.set(qn("w:id"), given[old])
    return first
