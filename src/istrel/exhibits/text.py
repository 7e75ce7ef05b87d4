"""Text whose numbers stay numbers: runs of letters, cells with values, and phrases of our own, which have ids.

Nothing here knows a house style; `printing` turns text into letters at output.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from typing import Any

from istrel.exhibits.behind import Behind
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.numbers import Kind, Precision

NUMBER = re.compile(r"-\d+(\.\d+)?")
MOST_LETTERS, LAST_LETTERS = 300, 80  # of a name


@dataclass(frozen=True)
class Run:
    """A piece of text of one slant, printed as it is; `verbatim` keeps it from title case (names and values).

    Attributes
    ----------
    mark
        What the letters stand for where that is followed beyond this page, a number or a reference; else empty.
    claim
        The claim that the letters belong to (see `claim_of`), or none.
    """

    text: str
    italic: bool = False
    verbatim: bool = False
    mark: str = ""
    claim: str = ""

    def is_like(self, other: Run) -> bool:
        """Whether both differ in their letters alone."""
        mine = (self.italic, self.verbatim, self.mark, self.claim)
        return mine == (other.italic, other.verbatim, other.mark, other.claim)


@dataclass(frozen=True)
class Hidden:
    """What is not shown: a small count, or a number from which one could be worked out. Nothing tells the two apart."""

    @property
    def reason(self) -> str:
        return "hidden"


Count = int | Hidden


Value = float | str | tuple[float, ...] | tuple[CaseValue, ...] | Undefined | Hidden | None


@dataclass(frozen=True)
class Cell:
    """One value at full precision, what kind of number it is, and what stands behind it.

    Attributes
    ----------
    value
        A number, several numbers (all modes), values with their cases, a text, why there is none, or None for a cell
        that stays empty.
    decimals
        Of a measure, where they are asked for or the codebook says them.
    precision
        What decides the decimals of a measure else; None leaves them to the style.
    row, column
        Keys by which the number is known again when the exhibit is made anew, and after others have changed.
    statistic
        Its word in the vocabulary, which explains it; empty where there is none.
    """

    value: Value
    kind: Kind = Kind.MEASURE
    decimals: int | None = None
    precision: Precision | None = None
    row: str = ""
    column: str = ""
    statistic: str = ""
    behind: Behind | None = None


@dataclass(frozen=True)
class Phrase:
    """Words of our own, by their id: `style/phrases` has them in every language, with slots for the parts.

    Attributes
    ----------
    parts
        (slot, what stands in it) pairs.
    claim
        The word of the claim that the phrase makes; empty where it makes none (see `claims`).
    differ, otherwise
        Pairs of slots that must differ in print; where they do not, `otherwise` is printed.
    shares
        Lists of percentages: the phrase is printed only if one of them does not add to 100 as rounded.
    opens
        It begins a sentence: a first word of small letters alone gets a capital.
    """

    id: str
    parts: tuple[tuple[str, Text], ...] = ()
    claim: str = ""
    differ: tuple[tuple[str, str], ...] = ()
    otherwise: Text = ()
    shares: tuple[tuple[float, ...], ...] = ()
    opens: bool = False

    def part(self, slot: str) -> Text:
        """What stands in a slot."""
        return dict(self.parts)[slot]


@dataclass(frozen=True)
class Bound:
    """A number with a mark that its letters carry through printing, so that it is found again among them."""

    cell: Cell
    mark: str


Piece = Run | Cell | Phrase | Bound
Text = tuple[Piece, ...]


def plain(text: str) -> Text:
    """Letters as they are."""
    return (Run(text),) if text else ()


def verbatim(text: str) -> Text:
    """A name or a value: letters that no style changes. One longer than a paragraph gives its beginning and its end."""
    if len(text) > MOST_LETTERS:
        text = f"{text[: MOST_LETTERS - LAST_LETTERS]} … {text[-LAST_LETTERS:]}"
    return (Run(text, verbatim=True),) if text else ()


def value_label(label: str) -> Text:
    """The label of a value; a number that has none prints with a minus."""
    return verbatim(label.replace("-", "\N{MINUS SIGN}", 1) if NUMBER.fullmatch(label) else label)


def as_letters(text: Text) -> str:
    """The letters of a text that holds no values, such as a label."""
    return "".join(run.text for run in text if isinstance(run, Run)) or "".join(
        str(cell.value) for cell in cells_in(text)
    )


def say(phrase: str, /, **parts: Text | Cell | str | int) -> Text:
    """Words of our own as text, by their id; a part is text, a cell, letters, or a count."""
    return (Phrase(phrase, tuple((slot, _as_text(part)) for slot, part in parts.items())),)


def _as_text(part: Text | Cell | str | int) -> Text:
    if isinstance(part, Cell):
        return (part,)
    if isinstance(part, str):
        return verbatim(part)
    return (Cell(float(part), Kind.COUNT),) if isinstance(part, int) else part


def joined(texts: list[Text] | tuple[Text, ...], separator: str = ", ") -> Text:
    """Texts one after the other with a separator between them."""
    made: list[Piece] = []
    for place, text in enumerate(texts):
        made += [*((Run(separator),) if place else ()), *text]
    return tuple(made)


def in_a_row(texts: list[Text] | tuple[Text, ...]) -> Text:
    """ "a; b; c", as the language sets it."""
    return (*texts[0], *(piece for text in texts[1:] for piece in say("further_part", part=text))) if texts else ()


def listed(texts: list[Text] | tuple[Text, ...]) -> Text:
    """ "a", "a and b", "a, b, and c"."""
    if len(texts) < 2:
        return joined(texts)
    if len(texts) == 2:
        return say("one_and_other", some=texts[0], last=texts[1])
    return say("some_and_last", some=joined(texts[:-1]), last=texts[-1])


def sentences(texts: list[Text]) -> Text:
    """Sentences one after the other, with a space between them; each opens with a capital letter where it may."""
    return joined([opened(text) for text in texts if text], " ")


def opened(text: Text) -> Text:
    """A text that begins a sentence: its first phrase opens with a capital letter where it may."""
    first = text[0]
    return (replace(first, opens=True), *text[1:]) if isinstance(first, Phrase) else text


def within(text: Text) -> Text:
    """A label inside a sentence, where it opens nothing."""
    first = text[0] if text else None
    return (replace(first, opens=False), *text[1:]) if isinstance(first, Phrase) else text


def cells_in(text: Text) -> Iterator[Cell]:
    """Every cell, in reading order of the slots."""
    for piece in text:
        if isinstance(piece, Cell):
            yield piece
        elif isinstance(piece, Bound):
            yield piece.cell
        elif isinstance(piece, Phrase):
            for _, part in piece.parts:
                yield from cells_in(part)


def phrases_in(text: Text) -> Iterator[Phrase]:
    """Every phrase, outer ones first."""
    for piece in text:
        if isinstance(piece, Phrase):
            yield piece
            for _, part in piece.parts:
                yield from phrases_in(part)


def bound(text: Text, mark_of: Callable[[Cell], str]) -> Text:
    """The same text with its numbers bound to their marks; a number whose mark is empty stays as it is."""
    return tuple(_bound(piece, mark_of) for piece in text)


def _bound(piece: Piece, mark_of: Callable[[Cell], str]) -> Piece:
    if isinstance(piece, Cell):
        mark = mark_of(piece)
        return Bound(piece, mark) if mark else piece
    if isinstance(piece, Phrase):
        parts = tuple((slot, bound(part, mark_of)) for slot, part in piece.parts)
        return replace(piece, parts=parts, otherwise=bound(piece.otherwise, mark_of))
    return piece


def claim_of(phrase: Phrase) -> str:
    """A claim without its numbers: its word and of whom it is said; the same as long as the same is claimed."""
    return f"{phrase.claim}: {' | '.join(_names(phrase))}" if phrase.claim else ""


def _names(phrase: Phrase) -> Iterator[str]:
    for _, part in phrase.parts:
        for piece in part:
            if isinstance(piece, Run) and any(letter.isalnum() for letter in piece.text):
                yield piece.text
            elif isinstance(piece, Phrase):
                yield from _names(piece)


def count_cell(
    value: Any, *, row: str = "", column: str = "", behind: Behind | None = None, statistic: str = ""
) -> Cell:
    """A count, shown or hidden; what is hidden has no cases to show."""
    if isinstance(value, Hidden):
        return Cell(value, Kind.COUNT, row=row, column=column, statistic=statistic)
    return Cell(float(value), Kind.COUNT, row=row, column=column, behind=behind, statistic=statistic)
