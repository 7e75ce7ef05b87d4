"""What Istrel puts into an OpenDocument text stands in named tables, frames and fields, each with a hidden bookmark beside it.

Names carry the identity of the study. A property of the document remembers what was put where.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from typing import Any, NamedTuple

from lxml import etree

from istrel.render.marks.memory import PROPERTY, Memory, recorded
from istrel.render.marks.passages import Held, Owner, Passage
from istrel.render.marks.tags import Tag, count_of
from istrel.render.opendocument.letters import PARAGRAPHS, Range, stream
from istrel.render.opendocument.package import qualified as q

_STUDY = "istrel_(?:(?P<study>[0-9a-f]{8})_)?"
FIELD = re.compile(rf"{_STUDY}(?P<number>[0-9a-f]{{12}}|[0-9a-f]{{24}})(?:_(?P<count>\d+))?")
PART = re.compile(rf"{_STUDY}(?P<part>[^_]+)_(?P<what>table|figure|title|notes)(?:_(?P<count>\d+))?")
FIELD_GET, START, END, POINT = (
    q(f"text:{name}") for name in ("user-field-get", "bookmark-start", "bookmark-end", "bookmark")
)
PROPERTIES = q("meta:user-defined")
TABLE, FRAME = q("table:table"), q("draw:frame")
ROW, CELL, COVERED = (q(f"table:{name}") for name in ("table-row", "table-cell", "covered-table-cell"))
NAMED = {FIELD_GET: "text:name", START: "text:name", POINT: "text:name", TABLE: "table:name", FRAME: "draw:name"}


class Mark(NamedTuple):
    """An element whose name is ours: what it stands for, and its number among those of one exhibit."""

    tag: Tag
    number: int
    element: Any


def prefix(study: str) -> str:
    """How the names of all that is of a study begin; of documents from before studies had an identity just "istrel_"."""
    return f"istrel_{study}_" if study else "istrel_"


def field_name(tag: Tag) -> str:
    """The name of the field of a number."""
    return f"{prefix(tag.study)}{tag.number}"


def place_name(tag: Tag) -> str:
    """What a table or figure is known by: tables are counted after it."""
    return f"{prefix(tag.study)}{tag.part}_{tag.what}"


def mark_of(element: Any) -> Mark | None:
    """The mark that an element is; None for any other element."""
    key = NAMED.get(element.tag)
    if key is None:
        return None
    name = element.get(q(key), "")
    bookmark = Tag.of_bookmark(name) if element.tag in (START, POINT) else None
    if bookmark is not None:
        return Mark(bookmark, count_of(name), element)
    found = (FIELD if element.tag == FIELD_GET else PART).fullmatch(name)
    if found is None:
        return None
    said = found.groupdict()
    tag = Tag(said["study"] or "", said.get("number") or "", said.get("part") or "", said.get("what") or "")
    return Mark(tag, int((said["count"] or "0")[:9]), element)


def marks_in(root: Any) -> Iterator[Mark]:
    """Every mark under an element, in order; not in what a tracked change took out."""
    for element in root.iter(*NAMED):
        mark = mark_of(element)
        if mark is not None and is_seen(element):
            yield mark


def is_seen(element: Any) -> bool:
    """Whether an element is there as the document stands."""
    return next(element.iterancestors(q("text:tracked-changes")), None) is None


def range_of(start: Any) -> Range | None:
    """What a bookmark holds, where it ends in the paragraph in which it begins."""
    paragraph = next(start.iterancestors(*PARAGRAPHS), None)
    name = start.get(q("text:name"))
    ends = paragraph.iter(END) if paragraph is not None else ()
    end = next((end for end in ends if end.get(q("text:name")) == name), None)
    return Range(start, end) if end is not None else None


def number_in(mark: Mark) -> Any:
    """A field, or what the bookmark of a number holds where the field is gone; None where it is the field that counts."""
    if mark.element.tag == FIELD_GET:
        return mark.element
    found = range_of(mark.element)
    if found is None:
        return None
    inside = False
    for slot in stream(next(mark.element.iterancestors(*PARAGRAPHS))):
        if slot.holder is found.end:
            return found
        if inside and slot.holder.tag == FIELD_GET:
            return None
        inside = inside or slot.holder is found.start
    return None


def held_in(root: Any, is_ours: Callable[[Tag], bool] = bool) -> list[Held]:
    """What of ours is seen under an element, in its order; copies come apart."""
    found: list[Held] = []
    last: dict[Tag, tuple[int, list[Any]]] = {}
    seen: set[Any] = set()
    for mark in marks_in(root):
        content = (number_in(mark) if mark.tag.number else _element_of(mark)) if is_ours(mark.tag) else None
        if content is None or content in seen:
            continue
        seen.add(content)
        if mark.tag.number or mark.tag.what == "figure":
            found.append(Held(mark.tag, content))
            continue
        count, together = last.get(mark.tag, (0, []))
        if not together or mark.number <= count:
            together = []
            found.append(Held(mark.tag, together))
        together.append(content)
        last[mark.tag] = mark.number, together
    return found


def _element_of(mark: Mark) -> Any:
    """The table, frame or paragraph that a part of an exhibit is; None where it is not there any more."""
    element = mark.element
    if element.tag in (TABLE, FRAME):
        return element
    if mark.tag.what == "table":
        return next(element.iterancestors(TABLE), None)
    paragraph = next(element.iterancestors(*PARAGRAPHS), None)
    if mark.tag.what == "figure" and paragraph is not None:
        return next(paragraph.iter(FRAME), None)
    return paragraph


def record_in(meta: Any, study: str) -> tuple[Any, Memory]:
    """(the property that remembers what was put there of a study, what it says); one from before studies had an identity counts."""
    found = {}
    for element in meta.iter(PROPERTIES):
        memory = recorded(element.text or "") if element.get(q("meta:name"), "").startswith(PROPERTY) else None
        if memory is not None:
            found[memory.study] = element, memory.sound()
    return found.get(study) or found.get("") or (None, Memory(study))


def new_record(meta: Any) -> Any:
    """A property of its own, beside those of other studies; None where the document says nothing of itself."""
    home = meta.find(q("office:meta"))
    if home is None:
        return None
    names, number = {element.get(q("meta:name")) for element in home.iter(PROPERTIES)}, 1
    while (name := PROPERTY if number == 1 else f"{PROPERTY} {number}") in names:
        number += 1
    return etree.SubElement(home, PROPERTIES, {q("meta:name"): name})


def places_in(elements: list[Any]) -> list[Any]:
    """The cells of tables, covered ones left out, or paragraphs as they are."""
    return [cell for element in elements for cell in element.iter(CELL)] or list(elements)


def spans_in(elements: list[Any]) -> list[list[int]]:
    """Over how many columns each cell of each row of tables stands; a row without any between two tables."""
    found: list[list[int]] = []
    for table in (element for element in elements if element.tag == TABLE):
        found += [[]] if found else []
        found += [_spans(row) for row in table.iter(ROW)]
    return found


def _spans(row: Any) -> list[int]:
    found: list[int] = []
    covered = 0
    for cell in row.iterchildren(CELL, COVERED):
        if cell.tag == CELL:
            many = cell.get(q("table:number-columns-spanned"), "1")
            found.append(int(many) if many.isdecimal() and 0 < len(many) < 6 else 1)
            covered = found[-1] - 1
        elif covered > 0:
            covered -= 1
        elif found:  # by a cell of a row above
            found[-1] += 1
    return found


def passages_in(root: Any) -> Iterator[Passage]:
    """Every paragraph that is seen under an element."""
    tables = {table: _owner_of_table(table) for table in root.iter(TABLE)}
    for paragraph in root.iter(*PARAGRAPHS):
        if is_seen(paragraph):
            homes = (tables.get(table) for table in paragraph.iterancestors(TABLE))
            yield passage_in(paragraph, next((home for home in homes if home is not None), None))


def passage_in(paragraph: Any, home: Owner | None = None) -> Passage:
    """A paragraph with what of its letters is ours; `home` is the table of ours that it stands in."""
    around, letters = home or _part_in(paragraph), ""
    owners: list[Owner | None] = []
    fields: dict[Any, Owner] = {}
    ranges: dict[str, Owner] = {}  # by the names of their bookmarks
    ends = {end.get(q("text:name")) for end in paragraph.iter(END)}
    for slot in stream(paragraph):
        mark = mark_of(slot.holder) if slot.kind == "mark" else None
        if mark is not None and mark.tag.number:
            name = mark.element.get(q("text:name"))
            if mark.element.tag == FIELD_GET:  # it counts, and not the bookmark around it
                fields[mark.element] = Owner(mark.tag, mark.element)
                ranges.clear()
            elif name in ends:
                ranges[name] = Owner(mark.tag, mark.element)
        elif slot.kind == "mark" and slot.holder.tag == END:
            ranges.pop(slot.holder.get(q("text:name")), None)
        owner = _field_around(slot, fields) or next(iter(ranges.values()), around)
        letters += slot.letters
        owners += [owner] * len(slot.letters)
    return Passage(letters, tuple(owners), paragraph)


def _field_around(slot: Any, fields: dict[Any, Owner]) -> Owner | None:
    return fields.get(slot.holder) if slot.kind == "text" and fields else None


def _owner_of_table(table: Any) -> Owner | None:
    """What a table is of, by its name or by a bookmark in it."""
    for element in (table, *table.iter(START, POINT)):
        mark = mark_of(element)
        if mark is not None and mark.tag.what == "table":
            return Owner(mark.tag, table)
    return None


def _part_in(paragraph: Any) -> Owner | None:
    """The title or note that all of a paragraph is."""
    for start in paragraph.iter(START, POINT):
        mark = mark_of(start)
        if mark is not None and mark.tag.what in ("title", "notes"):
            return Owner(mark.tag, paragraph)
    return None
