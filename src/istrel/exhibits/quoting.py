"""Numbers of an exhibit that a text may quote, each known again by its row and column whether or not the exhibit shows it."""

from __future__ import annotations

from dataclasses import replace
from weakref import WeakKeyDictionary

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import print_text
from istrel.exhibits.text import Cell, Phrase, Piece, Run, Text, cells_in
from istrel.exhibits.verbs.catalogue import verb_of
from istrel.style import phrases
from istrel.style.house import HouseStyle

Key = tuple[str, str]
_found: WeakKeyDictionary[Exhibit, dict[Key, Cell]] = WeakKeyDictionary()  # as long as the exhibit lives
SAID = "words"  # the row of numbers that have no place in a table: they are known by the phrase that says them


def quotable(exhibit: Exhibit) -> dict[Key, Cell]:
    """{(row, column): the number as it is now}; what a table shows comes before what only words say. Not to be changed."""
    found = _found.get(exhibit)
    if found is None:
        found = _found[exhibit] = _quotable(exhibit)
    return found


def _quotable(exhibit: Exhibit) -> dict[Key, Cell]:
    sheet = exhibit.sheet
    shown = sheet.numbers if isinstance(sheet, FigureSheet) else tuple(sheet.cells)
    verb = verb_of(exhibit.request.verb)
    found: dict[Key, Cell] = {}
    for cell in (*shown, *verb.numbers(exhibit.plan, exhibit.result)):
        if cell.row and cell.value is not None:
            found.setdefault((cell.row, cell.column), cell)
    for text in (exhibit.text, exhibit.methods, *(note.text for note in sheet.notes)):
        for cell in cells_in(keyed(text)):
            found.setdefault((cell.row, cell.column), cell)
    return found


def key_today(row: str, column: str) -> Key:
    """The key of a number as it is today; version 1 kept those of words by the phrases themselves."""
    return (row, phrases.key_today(column)) if row == SAID else (row, column)


def keyed(text: Text) -> Text:
    """The same text with a key for every number: one that has none is known by its phrase."""
    return tuple(_keyed(piece, "", "") for piece in text)


def _keyed(piece: Piece, said: str, slot: str) -> Piece:
    if isinstance(piece, Cell) and not piece.row:
        return replace(piece, row=SAID, column=f"{said} {{{slot}}}")
    if isinstance(piece, Phrase):
        within = " | ".join(filter(None, (piece.id, *_names(piece))))
        parts = tuple((name, tuple(_keyed(inner, within, name) for inner in part)) for name, part in piece.parts)
        return replace(piece, parts=parts, otherwise=keyed(piece.otherwise))
    return piece


def _names(phrase: Phrase) -> list[str]:
    return [piece.text for _, part in phrase.parts for piece in part if isinstance(piece, Run)]


def claims_held(exhibit: Exhibit, style: HouseStyle) -> frozenset[str]:
    """What the exhibit's own words claim now, as they print."""
    return frozenset(run.claim for run in print_text(exhibit.text, style) if run.claim)


def key_of(mark: str) -> Key:
    """(row, column) of a mark that `mark_of` made."""
    row, _, column = mark.partition("\t")
    return row, column


def mark_of(cell: Cell) -> str:
    """The mark of a number: its row and column."""
    return f"{cell.row}\t{cell.column}" if cell.row else ""
