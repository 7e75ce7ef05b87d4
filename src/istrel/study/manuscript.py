"""The manuscript as it is now: kept exhibits, each made when it is looked at, headings and paragraphs, and what moved."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from typing import Any

from istrel.english import english
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text, print_cell
from istrel.exhibits.quoting import quotable
from istrel.exhibits.setting import Sheet
from istrel.exhibits.table import Note, TableSheet
from istrel.exhibits.text import Cell, Run, Text, cells_in
from istrel.problem import Problem
from istrel.study.appendix import appendix_prose
from istrel.study.labels import numbers_and_labels
from istrel.study.parts import PROSE_OF_EXHIBIT, Accepted, Kept, Number, Part, Passage, Prose, Value, Words, proses_of
from istrel.study.prose import Moved, Reading, Shelf, alike, own_words, read, value_in
from istrel.study.remake import made
from istrel.study.study import Study
from istrel.style.house import HouseStyle

FIRST_LETTERS = 40  # of a passage, by which it is named

AS_KEPT = english("as kept")


@dataclass(frozen=True, eq=False)
class Entry:
    """A kept exhibit as it is now.

    Attributes
    ----------
    exhibit, number
        The exhibit as it is now with what was edited in it (None when it cannot be made any more), and its number.
    moved
        The numbers that differ from those accepted.
    trouble
        Why it cannot be made.
    readings
        Its texts as they read now: "text", "methods", "notes".
    """

    kept: Kept
    label: str
    number: str
    exhibit: Exhibit | None
    moved: tuple[Moved, ...] = ()
    trouble: str = ""
    readings: tuple[tuple[str, Reading], ...] = ()

    def reading(self, name: str) -> Reading:
        return dict(self.readings).get(name, Reading())

    @property
    def status(self) -> str:
        """In a few words: as kept, how many numbers moved, or why it cannot be made."""
        if self.trouble:
            return english("cannot be made: {trouble}", trouble=self.trouble)
        if not self.moved:
            return _of_texts(reading for _, reading in self.readings)
        if self.kept.is_figure:
            return english("drawn again")
        return english("{n:,} [number|numbers] moved", n=len(self.moved))


@dataclass(frozen=True, eq=False)
class Written:
    """A heading or a paragraph as it reads now."""

    passage: Passage
    reading: Reading

    @property
    def status(self) -> str:
        return _of_texts((self.reading,)) if not self.reading.sound else ""


def _of_texts(readings: Iterable[Reading]) -> str:
    found = tuple(readings)
    if any(reading.untrue for reading in found):
        return english("words no longer hold")
    if any(reading.turned for reading in found):
        return english("words may no longer hold")
    if any(reading.gone for reading in found):
        return english("refers to what is gone")
    many = sum(len(reading.moved) for reading in found)
    return english("{n:,} [number|numbers] moved in the text", n=many) if many else AS_KEPT


# Numbers.
def numbers_of(exhibit: Exhibit) -> tuple[Accepted, ...]:
    """The numbers of an exhibit by row and column: the cells of a table, the heights of a figure."""
    sheet = exhibit.sheet
    cells = sheet.numbers if isinstance(sheet, FigureSheet) else tuple(sheet.cells)
    return tuple(
        Accepted(cell.row, cell.column, value_in(cell)) for cell in cells if cell.row and cell.value is not None
    )


def quoted_numbers(study: Study, identity: str, exhibit: Exhibit) -> tuple[Accepted, ...]:
    """The numbers of an exhibit that texts of the study quote, as they are now."""
    wanted = {
        (piece.row, piece.column): piece
        for part in study.parts
        for prose in proses_of(part)
        for piece in prose
        if isinstance(piece, Number) and piece.exhibit == identity
    }
    cells = quotable(exhibit) if wanted else {}
    return tuple(Accepted(*key, value_in(cells[key])) for key in wanted if key in cells)


def moved_between(before: tuple[Accepted, ...], now: tuple[Accepted, ...]) -> tuple[Moved, ...]:
    """The numbers that differ, in the order of what is there now; those that are gone come last."""
    old = {(number.row, number.column): number.value for number in before}
    new = {(number.row, number.column): number.value for number in now}
    changed = [Moved(*key, old.get(key), value) for key, value in new.items() if not alike(old.get(key), value)]
    return (*changed, *(Moved(*key, value, None) for key, value in old.items() if key not in new))


# As it is now.
def shelf_of(study: Study, style: HouseStyle) -> Shelf:
    """What the prose of a study is read with."""
    labels = {i: label.rstrip(" .:") for i, (_, label) in numbers_and_labels(study.parts, style).items()}

    def exhibit_of(identity: str) -> Exhibit | None:
        kept = next((kept for kept in study.kept if kept.id == identity), None)
        try:
            return made(kept, study) if kept is not None else None
        except Problem:
            return None

    return Shelf(exhibit_of, labels, style)


def manuscript(study: Study, style: HouseStyle) -> tuple[Entry | Written, ...]:
    """Every part as it is now, in order."""
    shelf = shelf_of(study, style)
    return tuple(part_now(part, study, style, shelf) for part in study.parts)


def compose(study: Study, style: HouseStyle) -> tuple[Entry, ...]:
    """Every kept exhibit as it is now."""
    return tuple(entry for entry in manuscript(study, style) if isinstance(entry, Entry))


def part_now(part: Part, study: Study, style: HouseStyle, shelf: Shelf | None = None) -> Entry | Written:
    """One part as it is now."""
    shelf = shelf or shelf_of(study, style)
    if isinstance(part, Passage):
        return Written(part, read(prose_now(part, study, style), shelf))
    return _entry(part, study, style, shelf)


def prose_now(part: Passage, study: Study, style: HouseStyle) -> Prose:
    """What a passage says: what was written, or what the appendix is by now."""
    if part.role != "appendix":
        return part.prose
    return appendix_prose(study, style)


def entry_of(kept: Kept, study: Study, style: HouseStyle) -> Entry:
    """One kept exhibit as it is now."""
    return _entry(kept, study, style, shelf_of(study, style))


def _entry(kept: Kept, study: Study, style: HouseStyle, shelf: Shelf) -> Entry:
    number, label = numbers_and_labels(study.parts, style)[kept.id]
    try:
        exhibit = made(kept, study)
    except Problem as problem:
        return Entry(kept, label, number, None, trouble=problem.message)
    moved = moved_between(kept.accepted, numbers_of(exhibit))
    readings = tuple((name, _reading(kept, name, exhibit, shelf)) for name in PROSE_OF_EXHIBIT)
    return Entry(kept, label, number, edited(kept, exhibit, dict(readings)), moved, "", readings)


def _reading(kept: Kept, name: str, exhibit: Exhibit, shelf: Shelf) -> Reading:
    prose = getattr(kept, name)
    if prose is not None:
        return read(prose, shelf)
    own: dict[str, Text] = {"text": exhibit.text, "methods": exhibit.methods, "notes": ()}
    return Reading(own_words(own[name], kept.id))


def edited(kept: Kept, exhibit: Exhibit, readings: dict[str, Reading]) -> Exhibit:
    """The exhibit with the title, notes and texts that the author gave it; a text that is left out stays its own."""
    sheet = exhibit.sheet
    if kept.title:
        sheet = replace(sheet, title=(Run(kept.title, verbatim=True),))
    if kept.notes is not None:
        notes = tuple(Note("edited", line) for line in lines_in(readings["notes"].text))
        sheet = replace(sheet, notes=notes)
    texts: dict[str, Any] = {name: readings[name].text for name in ("text", "methods") if getattr(kept, name) != ()}
    return replace(exhibit, sheet=sheet, **texts)


def lines_in(text: Text) -> list[Text]:
    """A text cut at its line breaks; empty lines are left out."""
    lines: list[Text] = [()]
    for piece in text:
        if isinstance(piece, Run) and piece.text == "\n":
            lines.append(())
        else:
            lines[-1] = (*lines[-1], piece)
    return [line for line in lines if line]


# In words.
def called(part: Part, labels: Mapping[str, tuple[str, str]]) -> str:
    """How a part is named in a line: an exhibit by its label, a passage by its first words."""
    if isinstance(part, Kept):
        return labels[part.id][1].rstrip(" .:")
    words = " ".join("".join(piece.text if isinstance(piece, Words) else "…" for piece in part.prose).split())
    role = {"heading": "heading", "appendix": "appendix"}.get(part.role, "paragraph")
    return f"{role} “{words[:FIRST_LETTERS].rstrip()}{'…' if len(words) > FIRST_LETTERS else ''}”" if words else role


def places_of(sheet: Sheet, style: HouseStyle) -> dict[tuple[str, str], tuple[str, str]]:
    """{(row, column): where a number of a table stands, by its row and its column in print}."""
    if not isinstance(sheet, TableSheet):
        return {}
    heads = _column_names(sheet, style)
    found: dict[tuple[str, str], tuple[str, str]] = {}
    over = ""
    for row in sheet.rows:
        stub = plain_text(row.stub, style)
        if not row.cells:
            over = stub
            continue
        where = f"{over}, {stub}" if over and row.indent else stub
        for place, text in enumerate(row.cells, start=1):
            for cell in cells_in(text):
                found[cell.row, cell.column] = where, heads[place] if place < len(heads) else ""
    return found


def _column_names(sheet: TableSheet, style: HouseStyle) -> list[str]:
    """The lowest head of every column; those that are not alone with it by the head above as well."""
    levels = [[plain_text(head.text, style) for head in row for _ in range(head.span)] for row in sheet.heads]
    lowest = levels[-1]
    above = levels[-2] if len(levels) > 1 and len(levels[-2]) == len(lowest) else lowest
    return [
        f"{over} {name}" if lowest.count(name) > 1 and over and over != name else name
        for over, name in zip(above, lowest, strict=True)
    ]


def printed_sides(entry: Entry, number: Moved, style: HouseStyle) -> tuple[str, str]:
    """(old, new) as the exhibit prints such a number; nothing for a side that has none."""
    assert entry.exhibit is not None
    like = quotable(entry.exhibit).get((number.row, number.column))

    def shown(value: Value | None) -> str:
        if value is None or isinstance(value, str):
            return value or ""
        if like is None and isinstance(value, float | int):
            return f"{value:.6g}"  # what left the exhibit has no cell to follow
        return print_cell(replace(like or Cell(0.0), value=value), style)

    return shown(number.old), shown(number.new)
