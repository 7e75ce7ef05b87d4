"""Prose and print: an exhibit's own words as prose that can be edited, and prose as it reads now."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, replace
from typing import NamedTuple

from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import print_cell, print_text
from istrel.exhibits.quoting import claims_held, key_of, key_today, keyed, mark_of, quotable
from istrel.exhibits.setting import Sheet
from istrel.exhibits.text import Bound, Cell, Hidden, Piece, Run, Text, bound, cells_in
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.study.parts import Number, Prose, Reference, Value, Words
from istrel.study.turned import Seen, Turned, turned, unclaimed
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind

NUMBER, REFERENCE, UNTRUE = "n", "r", "untrue"
NOISE = 1e-12  # of a value: sums in another order differ by this, data that changed by far more
LOST = "[?]"  # a reference to what is not there


class Moved(NamedTuple):
    """A number that is not what was accepted; None where there is none on that side."""

    row: str
    column: str
    old: Value | None
    new: Value | None


class Quoted(NamedTuple):
    """A number in a text that is not what was accepted, and both as they print."""

    exhibit: str
    moved: Moved
    old: str
    new: str


@dataclass(frozen=True)
class Reading:
    """A text as it reads now.

    Attributes
    ----------
    moved
        Numbers that read otherwise than those accepted; a text quotes letters, so digits beyond them do not count.
    untrue
        Claims of its words that the numbers no longer bear out.
    gone
        Ids of exhibits that it refers to and that are not there (any more).
    turned
        What changed sides among its numbers: words that no claim of ours stands behind may not hold any more.
    """

    text: Text = ()
    moved: tuple[Quoted, ...] = ()
    untrue: tuple[str, ...] = ()
    gone: tuple[str, ...] = ()
    turned: tuple[Turned, ...] = ()

    @property
    def sound(self) -> bool:
        return not (self.moved or self.untrue or self.gone)


class Shelf:
    """What prose is read with: the exhibits of a study by their ids, each made when it is first asked for, and their labels."""

    def __init__(self, made: Callable[[str], Exhibit | None], labels: Mapping[str, str], style: HouseStyle) -> None:
        self._made, self.labels, self.style = made, labels, style
        self._cells: dict[str, dict[tuple[str, str], Cell] | None] = {}
        self._claims: dict[str, frozenset[str]] = {}

    def cells(self, identity: str) -> dict[tuple[str, str], Cell] | None:
        """Every number of an exhibit that can be quoted; None where it is gone or cannot be made."""
        if identity not in self._cells:
            exhibit = self._made(identity)
            self._cells[identity] = None if exhibit is None else quotable(exhibit)
            self._claims[identity] = frozenset() if exhibit is None else claims_held(exhibit, self.style)
        return self._cells[identity]

    def holds(self, identity: str, claim: str) -> bool:
        """Whether a claim holds; what is gone claims nothing false."""
        return self.cells(identity) is None or claim in self._claims[identity]


def value_in(cell: Cell) -> Value:
    """The value of a number as it is accepted: a text where there is none."""
    value = cell.value
    if isinstance(value, Undefined | Hidden):
        return value.reason
    if isinstance(value, tuple):
        return tuple(one for part in value for one in _each(part))
    return value if value is not None else ""


def _each(part: float | CaseValue) -> tuple[float, ...]:
    """A part of a list; the value of a row so often as it stands for cases."""
    return (part.value,) * part.times if isinstance(part, CaseValue) else (part,)


def alike(one: Value | None, other: Value | None) -> bool:
    """Whether two values are the same but for the noise of rounding in a computation."""
    if isinstance(one, float | int) and isinstance(other, float | int):
        return one == other or abs(one - other) <= NOISE * max(abs(one), abs(other))
    if isinstance(one, tuple) and isinstance(other, tuple):
        return len(one) == len(other) and all(map(alike, one, other))
    return one == other


def number_mark(exhibit: str, cell: Cell) -> str:
    """The mark of a number in print."""
    return f"{NUMBER}\t{exhibit}\t{cell.row}\t{cell.column}\t{cell.kind}"


def reference_mark(exhibit: str) -> str:
    """The mark of a reference in print."""
    return f"{REFERENCE}\t{exhibit}"


def number_of(mark: str) -> Number | None:
    """What such a mark stands for, without a value; None for a reference."""
    parts = mark.split("\t")
    if len(parts) != 5 or parts[0] != NUMBER:
        return None
    _, exhibit, row, column, kind = parts
    return Number(exhibit, *key_today(row, column), kind, "")


def own_words(text: Text, exhibit: str) -> Text:
    """An exhibit's own words with their numbers bound to it."""
    return bound(keyed(text), lambda cell: number_mark(exhibit, cell))


def prose_of(text: Text, exhibit: str, style: HouseStyle) -> Prose:
    """An exhibit's own words as prose: letters of the style, its numbers alive, its claims remembered."""
    whole = keyed(text)
    cells = {(cell.row, cell.column, cell.kind): cell for cell in cells_in(whole)}
    found: list[Words | Number | Reference] = []
    for run in print_text(bound(whole, lambda cell: f"{mark_of(cell)}\t{cell.kind}"), style):
        if run.mark:
            key, _, kind = run.mark.rpartition("\t")
            row, column = key_of(key)
            value = value_in(cells[row, column, Kind(kind)])
            found.append(Number(exhibit, row, column, kind, value))
        else:
            found.append(Words(run.text, run.italic, run.claim, exhibit if run.claim else ""))
    return tuple(found)


def with_untrue_marked(reading: Reading, style: HouseStyle) -> Text:
    """The text with a word after what no longer holds, and after numbers that changed sides: nobody reads it as true."""
    claims = [piece.claim if isinstance(piece, Run) else "" for piece in reading.text]
    ends = {claim: place for place, claim in enumerate(claims) if claim in reading.untrue}
    doubted = {one.place for one in reading.turned}
    marked: list[Piece] = []
    for place, piece in enumerate(reading.text):
        marked.append(piece)
        if place in doubted:
            marked.append(Run(f" {style.words['may_no_longer_hold']}", mark=UNTRUE))
        if place in ends.values():
            marked.append(Run(f" {style.words['no_longer_holds']}", mark=UNTRUE))
    return tuple(marked)


class Shown(NamedTuple):
    """A piece of prose as it reads now: its letters, and "moved", "untrue" or "gone" where something is to be said of it."""

    piece: Words | Number | Reference
    letters: str
    state: str = ""


def shown(prose: Prose, shelf: Shelf) -> tuple[Shown, ...]:
    """Every piece of prose as it reads now."""
    return tuple(_shown(piece, shelf) for piece in prose)


def _shown(piece: Words | Number | Reference, shelf: Shelf) -> Shown:
    match piece:
        case Words():
            untrue = bool(piece.claim) and not shelf.holds(piece.of, piece.claim)
            return Shown(piece, piece.text, "untrue" if untrue else "")
        case Reference():
            label = shelf.labels.get(piece.exhibit)
            return Shown(piece, label or LOST, "" if label else "gone")
        case Number():
            cell = now(piece, shelf)
            if cell is None:
                return Shown(piece, print_cell(_last(piece), shelf.style), "gone")
            letters = print_cell(cell, shelf.style)
            moved = value_in(cell) != piece.accepted and letters != print_cell(_last(piece, cell), shelf.style)
            return Shown(piece, letters, "moved" if moved else "")


def read(prose: Prose, shelf: Shelf) -> Reading:
    """Prose as it reads now."""
    text: list[Piece] = []
    moved: list[Quoted] = []
    untrue: list[str] = []
    gone: list[str] = []
    seen: dict[int, Seen] = {}
    for place, (piece, letters, state) in enumerate(shown(prose, shelf)):
        match piece:
            case Words():
                text += _letters(piece)
                untrue += [piece.claim] if state else []
            case Reference():
                text.append(Run(letters, verbatim=True, mark=reference_mark(piece.exhibit)))
                gone += [piece.exhibit] if state else []
            case Number():
                cell = now(piece, shelf)
                if state == "moved" and cell is not None:
                    change = Moved(piece.row, piece.column, piece.accepted, value_in(cell))
                    old = print_cell(_last(piece, cell), shelf.style)
                    moved.append(Quoted(piece.exhibit, change, old, letters))
                    new = change.new
                else:
                    old, new = letters, piece.accepted
                if isinstance(piece.accepted, float) and isinstance(new, float) and cell is not None:
                    seen[place] = Seen(len(text), piece, piece.accepted, new, old, letters)
                gone += [piece.exhibit] if state == "gone" else []
                said = cell or _last(piece)
                text.append(Bound(said, number_mark(piece.exhibit, said)))
    doubted = turned([seen[place] for place in unclaimed(prose) if place in seen]) if moved else ()
    return Reading(tuple(text), tuple(moved), tuple(dict.fromkeys(untrue)), tuple(dict.fromkeys(gone)), doubted)


def _last(number: Number, like: Cell | None = None) -> Cell:
    """A number as it was when it was last accepted, in the way of the one that it is now."""
    if like is not None:
        return replace(like, value=number.accepted)
    return Cell(number.accepted, _kind(number), row=number.row, column=number.column)


def notes_prose(sheet: Sheet, exhibit: str, style: HouseStyle) -> Prose:
    """The notes of an exhibit as prose, a line for each paragraph."""
    found: list[Words | Number | Reference] = []
    general = [note.text for note in sheet.notes if note.kind == "general"]
    if general:
        found.append(Words(style.table.note, italic=True))
        for text in general:
            said = prose_of(text, exhibit, style)
            found += [Words(" "), *said] if said else []
    for note in sheet.notes:
        if note.kind != "general":
            found += [*([Words("\n")] if found else []), *prose_of(note.text, exhibit, style)]
    return tuple(found)


def _letters(words: Words) -> Iterator[Run]:
    """The words as runs, each line break a run of its own."""
    for place, line in enumerate(words.text.split("\n")):
        if place:
            yield Run("\n", verbatim=True)
        if line:
            yield Run(line, words.italic, verbatim=True, claim=words.claim)


def now(number: Number, shelf: Shelf) -> Cell | None:
    """The number as it is now, in the kind in which it was cited."""
    cell = (shelf.cells(number.exhibit) or {}).get((number.row, number.column))
    return cell if cell is None or not number.prints else replace(cell, kind=_kind(number))


def _kind(number: Number) -> Kind:
    """How a number prints; as a measure where nothing that is known is said."""
    return Kind(number.prints) if number.prints in set(Kind) else Kind.MEASURE
