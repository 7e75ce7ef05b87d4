"""What co-authors and their programs do to an .odt, as functions of its tree: each does one thing at a random place."""

from __future__ import annotations

import random
from collections.abc import Callable
from copy import deepcopy
from typing import Any

from lxml import etree

from istrel.render.opendocument.package import qualified as q

Edit = Callable[[Any, random.Random], None]
FIELD, TABLE, PARAGRAPH, CELL = (
    q(name) for name in ("text:user-field-get", "table:table", "text:p", "table:table-cell")
)
START, END, REGIONS = q("text:change-start"), q("text:change-end"), q("text:tracked-changes")
MARKS = (q("text:bookmark-start"), q("text:bookmark-end"))


def text_of(root: Any) -> Any:
    return next(root.iter(q("office:text")))


def seen(root: Any, *tags: str) -> list[Any]:
    return [e for e in text_of(root).iter(*tags) if not any(True for _ in e.iterancestors(REGIONS))]


def tables(root: Any) -> list[Any]:
    return [table for table in seen(root, TABLE) if table.get(q("table:name"), "").startswith("istrel_")]


def cells(root: Any) -> list[Any]:
    """The paragraphs of our cells that hold nothing but letters."""
    found = [p for table in tables(root) for p in table.iter(PARAGRAPH) if len(p) == 0]
    return [p for p in found if any(letter.isdigit() for letter in p.text or "")]


def with_numbers(root: Any) -> list[Any]:
    return [p for p in seen(root, PARAGRAPH) if next(p.iter(FIELD), None) is not None]


def region(root: Any, kind: str) -> tuple[Any, str]:
    """A change of a co-author: where its content goes, and its name."""
    home = next(root.iter(REGIONS), None)
    if home is None:
        home = etree.Element(REGIONS)
        text_of(root).insert(0, home)
    name = f"ct{len(home)}"
    made = etree.SubElement(home, q("text:changed-region"), {q("text:id"): name})
    change = etree.SubElement(made, q(f"text:{kind}"))
    etree.SubElement(etree.SubElement(change, q("office:change-info")), q("dc:creator")).text = "Co-author"
    return change, name


def mark(kind: str, name: str) -> Any:
    return etree.Element(kind, {q("text:change-id"): name})


def wrap(element: Any, name: str) -> None:
    """A field, or the letters of a cell, put into something else."""
    made = etree.Element(q(name))
    if element.tag == FIELD:
        made.tail, element.tail = element.tail, None
        element.getparent().replace(element, made)
        made.append(element)
    else:
        made.text, element.text = element.text, None
        element.append(made)


def around(name: str) -> Edit:
    def edit(root: Any, rng: random.Random) -> None:
        wrap(rng.choice(seen(root, FIELD) + cells(root)), name)

    edit.__name__ = f"around_{name}"
    return edit


def inserted(root: Any, rng: random.Random) -> None:
    """Put in by a co-author, nobody accepted it yet: as a change of a paragraph that is there."""
    paragraph = rng.choice(with_numbers(root) + cells(root))
    if next(paragraph.iter(START, END, q("text:change")), None) is None:
        put_in(root, paragraph)


def put_in(root: Any, paragraph: Any) -> None:
    _, name = region(root, "insertion")
    start = mark(START, name)
    start.tail, paragraph.text = paragraph.text, None
    paragraph.insert(0, start)
    paragraph.append(mark(END, name))


def cut(root: Any, rng: random.Random) -> None:
    """A paragraph or table taken out in one place and put in at another, nobody accepted it yet."""
    block = rng.choice(with_numbers(root) + tables(root))
    if block.getparent() is None or next(block.iter(START, END, q("text:change")), None) is not None:
        return
    moved = deepcopy(block)
    moved.tail = None
    for paragraph in [block] if block.tag == PARAGRAPH else list(block.iter(PARAGRAPH)):
        change, name = region(root, "deletion")
        gone = deepcopy(paragraph)
        gone.tail = None
        change.append(gone)
        for child in list(paragraph):
            paragraph.remove(child)
        paragraph.text = None
        paragraph.append(mark(q("text:change"), name))
    if block.tag == TABLE:
        block.set(q("table:name"), f"Table{rng.randrange(1000)}")
    text_of(root).append(moved)
    for paragraph in [moved] if moved.tag == PARAGRAPH else list(moved.iter(PARAGRAPH)):
        put_in(root, paragraph)


def split(root: Any, rng: random.Random) -> None:
    """The letters of a cell cut in two, one part bold."""
    paragraph = rng.choice([p for p in cells(root) if len(p.text) > 1])
    at = rng.randrange(1, len(paragraph.text))
    span = etree.SubElement(paragraph, q("text:span"))
    span.text, paragraph.text = paragraph.text[at:], paragraph.text[:at]


def copy(root: Any, rng: random.Random) -> None:
    """A paragraph with numbers, or a table, a second time at the end: names of tables and bookmarks are others."""
    made = deepcopy(rng.choice(with_numbers(root) + tables(root)))
    made.tail = None
    for one in list(made.iter(*MARKS)):
        one.set(q("text:name"), f"Bookmark {rng.randrange(10**6)}")
    if made.tag == TABLE:
        made.set(q("table:name"), f"Table{rng.randrange(10**6)}")
    text_of(root).append(made)


def comment(root: Any, rng: random.Random) -> None:
    """A comment and a footnote at a number."""
    element = rng.choice(seen(root, FIELD) + cells(root))
    note, remark = etree.Element(q("text:note")), etree.Element(q("office:annotation"))
    for home in (etree.SubElement(note, q("text:note-body")), remark):
        etree.SubElement(home, PARAGRAPH).text = "Is this so?"
    for one in (note, remark):
        if element.tag == FIELD:
            one.tail, element.tail = element.tail, None
            element.addnext(one)
        else:
            element.append(one)


def to_a_footnote(root: Any, rng: random.Random) -> None:
    """A paragraph with numbers moved into a footnote."""
    home = etree.SubElement(text_of(root), PARAGRAPH)
    note = etree.SubElement(etree.SubElement(home, q("text:note")), q("text:note-body"))
    note.append(rng.choice(with_numbers(root)))


def delete(root: Any, rng: random.Random) -> None:
    found = with_numbers(root)
    if len(found) > 1:
        one = rng.choice(found)
        one.getparent().remove(one)


def rows(root: Any) -> list[Any]:
    return [row for table in tables(root) for row in table.iter(q("table:table-row"))]


def delete_row(root: Any, rng: random.Random) -> None:
    found = rows(root)
    if len(found) > 3:
        row = rng.choice(found[2:])
        row.getparent().remove(row)


def words(element: Any) -> Any:
    """A copy that says something of the authors'."""
    made = deepcopy(element)
    for paragraph in made.iter(PARAGRAPH):
        for child in list(paragraph):
            paragraph.remove(child)
        paragraph.text = "ours"
    return made


def insert_row(root: Any, rng: random.Random) -> None:
    row = rng.choice(rows(root))
    row.addnext(words(row))


def insert_column(root: Any, rng: random.Random) -> None:
    for row in rng.choice(tables(root)).iter(q("table:table-row")):
        last = row.findall(CELL)[-1]
        row.append(words(last))


def merge(root: Any, rng: random.Random) -> None:
    """Two cells of a row made one."""
    row = rng.choice([row for row in rows(root) if len(row.findall(CELL)) > 2])
    one, other = row.findall(CELL)[1:3]
    one.extend(list(other))
    one.set(q("table:number-columns-spanned"), "2")
    other.tag = q("table:covered-table-cell")


def drop_field(root: Any, rng: random.Random) -> None:
    """A field made text, or a table named anew: the bookmark stays."""
    rename(rng.choice(seen(root, FIELD) + tables(root)), rng)


def rename(element: Any, rng: random.Random) -> None:
    if element.tag == TABLE:
        element.set(q("table:name"), f"Table{rng.randrange(10**6)}")
    else:
        element.tag = q("text:span")
        element.attrib.clear()


def drop_marks(root: Any, rng: random.Random) -> None:
    """A field made text, or a table named anew, and the bookmark gone: the letters alone stay."""
    element = rng.choice(seen(root, FIELD) + tables(root))
    for one in list(element.iter(*MARKS)) if element.tag == TABLE else [element.getprevious(), element.getnext()]:
        if one is not None and one.tag in MARKS:
            one.set(q("text:name"), f"Bookmark {rng.randrange(10**6)}")
    rename(element, rng)


def by_hand(root: Any, rng: random.Random) -> None:
    """A number typed anew."""
    rng.choice(cells(root)).text = "77.77"


EDITS: tuple[Edit, ...] = (
    *(around("text:a"), around("text:span"), inserted, cut, split, copy, comment, to_a_footnote, delete),
    *(delete_row, insert_row, insert_column, merge, drop_field, drop_marks, by_hand),
)
