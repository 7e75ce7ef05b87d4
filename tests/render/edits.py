"""What co-authors and their programs do to a .docx, as functions of its body: each does one thing at a random place."""

from __future__ import annotations

import random
from collections.abc import Callable
from copy import deepcopy
from typing import Any

from docx.oxml.ns import qn
from lxml import etree

Edit = Callable[[dict[str, Any], random.Random], None]  # of {part: its root}
BODY, NOTES = "word/document.xml", "word/footnotes.xml"


def numbers(root: Any, what: str = ":n") -> list[Any]:
    """The controls of ours that hold numbers in texts, or of another kind."""
    found = []
    for control in root.iter(qn("w:sdt")):
        tag = control.find(f"{qn('w:sdtPr')}/{qn('w:tag')}")
        text = tag.get(qn("w:val"), "") if tag is not None else ""
        if text.startswith("istrel:") and (text.endswith(what) if what != ":n" else text.count(":") == 2):
            found.append(control)
    return found


def runs_of_ours(root: Any) -> list[Any]:
    return [
        run
        for control in (*numbers(root), *numbers(root, ":table"))
        for run in control.iter(qn("w:r"))
        if run.find(qn("w:t")) is not None
    ]


def change(kind: str, number: int = 1) -> Any:
    made = etree.Element(qn(kind))
    for name, value in (("w:id", str(number)), ("w:author", "Co-author"), ("w:date", "2026-01-01T00:00:00Z")):
        made.set(qn(name), value)
    return made


def around(name: str) -> Edit:
    """A run of ours put into something else."""

    def wrap(parts: dict[str, Any], rng: random.Random) -> None:
        runs = [run for run in runs_of_ours(parts[BODY]) if run.getparent().tag in (qn("w:p"), qn("w:sdtContent"))]
        if not runs:
            return
        run = rng.choice(runs)
        made = change(name, rng.randrange(1, 40_000)) if name == "w:ins" else etree.Element(qn(name))
        home = made
        if name == "w:sdt":
            etree.SubElement(etree.SubElement(made, qn("w:sdtPr")), qn("w:tag")).set(qn("w:val"), "theirs")
            home = etree.SubElement(made, qn("w:sdtContent"))
        run.getparent().replace(run, made)
        home.append(run)

    wrap.__name__ = f"around_{name}"
    return wrap


def split(parts: dict[str, Any], rng: random.Random) -> None:
    """A run cut in two, one of them bold."""
    runs = [run for run in runs_of_ours(parts[BODY]) if len(run.findtext(qn("w:t")) or "") > 1]
    run = rng.choice(runs)
    text = run.find(qn("w:t"))
    at = rng.randrange(1, len(text.text))
    other = deepcopy(run)
    other.find(qn("w:t")).text, text.text = text.text[at:], text.text[:at]
    properties = other.find(qn("w:rPr"))
    if properties is None:
        properties = etree.Element(qn("w:rPr"))
        other.insert(0, properties)
    etree.SubElement(properties, qn("w:b"))
    run.addnext(other)


def copy(parts: dict[str, Any], rng: random.Random) -> None:
    """A paragraph with numbers, or a table, a second time at the end."""
    body = parts[BODY].find(qn("w:body"))
    blocks = [
        block for block in body if numbers(block) or numbers(block, ":table") or block in numbers(parts[BODY], ":table")
    ]
    body.insert(len(body) - 1, deepcopy(rng.choice(blocks)))


def cut(out: str, into: str) -> Edit:
    """A table or paragraph taken out in one place and put in at another, nobody accepted it yet."""

    def move(parts: dict[str, Any], rng: random.Random) -> None:
        body = parts[BODY].find(qn("w:body"))
        block = rng.choice([one for one in body if numbers(one) or one in numbers(parts[BODY], ":table")])
        moved = deepcopy(block)
        if any(True for _ in block.iter(qn("w:del"), qn("w:ins"), qn("w:moveFrom"), qn("w:moveTo"))):
            return
        for element, kind in ((block, out), (moved, into)):
            for run in list(element.iter(qn("w:r"))):
                made = change(kind, rng.randrange(1, 40_000))
                run.getparent().replace(run, made)
                made.append(run)
                for text in run.iter(qn("w:t")) if kind == "w:del" else ():
                    text.tag = qn("w:delText")
        body.insert(0, moved)

    move.__name__ = f"cut_by_{out}"
    return move


def comment(parts: dict[str, Any], rng: random.Random) -> None:
    """A comment and a footnote at a number."""
    run = rng.choice(runs_of_ours(parts[BODY]))
    for name in ("w:commentRangeStart", "w:commentRangeEnd"):
        mark = etree.Element(qn(name))
        mark.set(qn("w:id"), "7")
        run.addprevious(mark) if name.endswith("Start") else run.addnext(mark)
    etree.SubElement(run, qn("w:footnoteReference")).set(qn("w:id"), "2")


def to_a_footnote(parts: dict[str, Any], rng: random.Random) -> None:
    """A paragraph with numbers moved into a footnote."""
    body = parts[BODY].find(qn("w:body"))
    found = [block for block in body if block.tag == qn("w:p") and numbers(block)]
    if found:
        note = etree.SubElement(parts[NOTES], qn("w:footnote"))
        note.set(qn("w:id"), "2")
        note.append(rng.choice(found))


def delete(parts: dict[str, Any], rng: random.Random) -> None:
    body = parts[BODY].find(qn("w:body"))
    found = [block for block in body if block.tag == qn("w:p") and numbers(block)]
    if len(found) > 1:
        body.remove(rng.choice(found))


def delete_row(parts: dict[str, Any], rng: random.Random) -> None:
    rows = [row for table in numbers(parts[BODY], ":table") for row in table.iter(qn("w:tr"))][1:]
    if len(rows) > 2:
        row = rng.choice(rows[1:])
        row.getparent().remove(row)


def insert_row(parts: dict[str, Any], rng: random.Random) -> None:
    rows = [row for table in numbers(parts[BODY], ":table") for row in table.iter(qn("w:tr"))]
    row = rng.choice(rows)
    new = deepcopy(row)
    for text in new.iter(qn("w:t")):
        text.text = "ours"
    row.addnext(new)


def insert_column(parts: dict[str, Any], rng: random.Random) -> None:
    table = rng.choice(numbers(parts[BODY], ":table"))
    for row in table.iter(qn("w:tr")):
        cells = list(row.iterchildren(qn("w:tc")))
        new = deepcopy(cells[-1])
        for text in new.iter(qn("w:t")):
            text.text = "ours"
        cells[-1].addnext(new)


def merge(parts: dict[str, Any], rng: random.Random) -> None:
    """Two cells of a row made one."""
    rows = [row for table in numbers(parts[BODY], ":table") for row in table.iter(qn("w:tr"))]
    wide = [row for row in rows if len(row.findall(qn("w:tc"))) > 2]
    if wide:
        cells = rng.choice(wide).findall(qn("w:tc"))
        for paragraph in cells[2].findall(qn("w:p")):
            cells[1].append(paragraph)
        cells[2].getparent().remove(cells[2])
        if rng.random() < 0.5:  # as word processors do, and as some programs do not
            properties = cells[1].find(qn("w:tcPr"))
            wide = properties.find(qn("w:gridSpan"))
            wide = etree.SubElement(properties, qn("w:gridSpan")) if wide is None else wide
            wide.set(qn("w:val"), str(int(wide.get(qn("w:val"), "1")) + 1))


def drop_control(parts: dict[str, Any], rng: random.Random) -> None:
    """A control goes, what it held and its bookmark stay."""
    found = (*numbers(parts[BODY]), *numbers(parts[BODY], ":table"))
    control = rng.choice(found)
    for child in reversed(list(control.find(qn("w:sdtContent")))):
        control.addnext(child)
    control.getparent().remove(control)


def drop_marks(parts: dict[str, Any], rng: random.Random) -> None:
    """A control goes with its bookmark: the letters alone stay."""
    control = rng.choice((*numbers(parts[BODY]), *numbers(parts[BODY], ":table")))
    for mark in list(control.iter(qn("w:bookmarkStart"), qn("w:bookmarkEnd"))):
        mark.getparent().remove(mark)
    for child in reversed(list(control.find(qn("w:sdtContent")))):
        control.addnext(child)
    control.getparent().remove(control)


def by_hand(parts: dict[str, Any], rng: random.Random) -> None:
    """A number typed anew."""
    texts = [run.find(qn("w:t")) for run in runs_of_ours(parts[BODY])]
    rng.choice([text for text in texts if any(letter.isdigit() for letter in text.text or "")]).text = "77.77"


EDITS: tuple[Edit, ...] = (
    *(around(name) for name in ("w:hyperlink", "w:smartTag", "w:sdt", "w:ins")),
    *(cut("w:del", "w:ins"), cut("w:moveFrom", "w:moveTo")),
    *(split, copy, comment, to_a_footnote, delete, delete_row, insert_row, insert_column),
    *(merge, drop_control, drop_marks, by_hand),
)
