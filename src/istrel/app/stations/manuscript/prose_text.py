"""Prose as a text document: numbers and references are letters among the words, but stand whole or not at all."""

from __future__ import annotations

from collections.abc import Iterator
from html import escape
from itertools import count
from typing import NamedTuple

from PySide6.QtGui import QTextCharFormat, QTextCursor, QTextDocument, QTextFormat

from istrel.study.parts import Number, Prose, Reference, Words
from istrel.study.prose import LOST, Shown

KEY, LETTERS, STATE, CLAIM, OF = (QTextFormat.Property.UserProperty + place for place in range(1, 6))
LINE, BLANK, TIED = "\u2028", " ", "\xa0"


class Stretch(NamedTuple):
    """Letters of one kind, from `first` up to `last`; `key` is not 0 where they are a number or a reference."""

    first: int
    last: int
    text: str
    form: QTextCharFormat

    @property
    def key(self) -> int:
        return int(self.form.property(KEY) or 0)

    @property
    def letters(self) -> str:
        return str(self.form.property(LETTERS) or "")


class ProseText:
    """Puts prose into a document and reads it back from there. Numbers and references are called live."""

    def __init__(self, document: QTextDocument) -> None:
        self._document = document
        self._live: dict[int, Number | Reference] = {}
        self._keys = count(1)

    def forget(self) -> None:
        """Nothing is live any more: the document was emptied."""
        self._live.clear()

    def put(self, cursor: QTextCursor, shown: Shown) -> None:
        """A piece at the cursor."""
        piece, letters, state = shown
        form = QTextCharFormat()
        form.setProperty(STATE, state)
        if isinstance(piece, Words):
            form.setFontItalic(piece.italic)
            form.setProperty(CLAIM, piece.claim)
            form.setProperty(OF, piece.of)
            cursor.insertText(piece.text.replace("\n", LINE), form)
            return
        key = next(self._keys)
        self._live[key] = piece
        tied = (letters or LOST).replace(BLANK, TIED)
        form.setProperty(KEY, key)
        form.setProperty(LETTERS, tied)
        cursor.insertText(tied, form)

    def stretches(self) -> Iterator[Stretch]:
        """The document from its beginning to its end."""
        block = self._document.begin()
        while block.isValid():
            parts = block.begin()
            while not parts.atEnd():
                fragment = parts.fragment()
                first, text = fragment.position(), fragment.text()
                yield Stretch(first, first + len(text.encode("utf-16-le")) // 2, text, fragment.charFormat())
                parts += 1
            block = block.next()

    def piece(self, place: int) -> Number | Reference | None:
        """What is live at a place of the document."""
        return next((self._live.get(s.key) for s in self.stretches() if s.key and s.first <= place < s.last), None)

    def around(self, place: int) -> Stretch | None:
        """The live letters that a place stands within."""
        return next((s for s in self.stretches() if s.key and s.first < place < s.last), None)

    def read(self, first: int = 0, last: int | None = None) -> tuple[Shown, ...]:
        """What stands between two places, neither of which is within live letters; or everything."""
        found: list[Shown] = []
        for stretch in self.stretches():
            if stretch.last <= first or (last is not None and stretch.first >= last):
                continue
            live = self._live.get(stretch.key)
            if live is not None:
                found.append(Shown(live, stretch.letters.replace(TIED, BLANK)))
                continue
            text = _between(stretch, first, last).replace(LINE, "\n").replace("\u2029", "\n")
            form = stretch.form
            words = Words(text, form.fontItalic(), str(form.property(CLAIM) or ""), str(form.property(OF) or ""))
            found.append(Shown(words, text))
        return tuple(found)

    def mend(self) -> None:
        """What lost a letter goes whole; what was written beside live letters is a word of its own."""
        damaged = [s for s in self.stretches() if s.key and s.text != s.letters]
        for stretch in reversed(damaged):  # the last first, so that the others keep their places
            cursor = QTextCursor(self._document)
            cursor.joinPreviousEditBlock()
            before, _, after = stretch.text.partition(stretch.letters)
            if stretch.letters in stretch.text:
                for first, text in ((stretch.first, before), (stretch.last - _long(after), after)):
                    cursor.setPosition(first)
                    cursor.setPosition(first + _long(text), QTextCursor.MoveMode.KeepAnchor)
                    cursor.setCharFormat(QTextCharFormat())
            else:
                cursor.setPosition(stretch.first)
                cursor.setPosition(stretch.last, QTextCursor.MoveMode.KeepAnchor)
                cursor.removeSelectedText()
            cursor.endEditBlock()


def merged(prose: Prose) -> Prose:
    """The prose with neighbouring words of one kind as one, and without empty ones."""
    made: list[Words | Number | Reference] = []
    for piece in prose:
        last = made[-1] if made else None
        if isinstance(piece, Words) and isinstance(last, Words) and _alike(piece, last):
            made[-1] = Words(last.text + piece.text, last.italic, last.claim, last.of)
        elif not (isinstance(piece, Words) and not piece.text):
            made.append(piece)
    return tuple(made)


def prose_in(shown: tuple[Shown, ...]) -> Prose:
    """The pieces alone."""
    return merged(tuple(piece for piece, _, _ in shown))


def letters_of(shown: tuple[Shown, ...]) -> str:
    """As it reads."""
    return "".join(letters for _, letters, _ in shown)


def html_of(shown: tuple[Shown, ...]) -> str:
    """As it reads, in its slant: for programs that take that."""
    slanted = ((escape(letters).replace("\n", "<br>"), piece) for piece, letters, _ in shown)
    said = (f"<i>{text}</i>" if isinstance(piece, Words) and piece.italic else text for text, piece in slanted)
    return f"<p>{''.join(said)}</p>"


def _alike(one: Words, other: Words) -> bool:
    return (one.italic, one.claim, one.of) == (other.italic, other.claim, other.of)


def _long(text: str) -> int:
    """How many places of a document the text takes."""
    return len(text.encode("utf-16-le")) // 2


def _between(stretch: Stretch, first: int, last: int | None) -> str:
    whole = stretch.text.encode("utf-16-le")
    low = 2 * max(first - stretch.first, 0)
    high = len(whole) if last is None else 2 * (min(last, stretch.last) - stretch.first)
    return whole[low:high].decode("utf-16-le", "replace")
