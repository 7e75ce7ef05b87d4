"""Prose edited where it stands: words are typed, numbers and references stay what they are and move as one letter."""

from __future__ import annotations

from collections.abc import Callable
from itertools import count

from PySide6.QtCore import QMimeData, QPointF, QRect, QRectF, QSizeF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QContextMenuEvent,
    QFocusEvent,
    QFont,
    QFontMetricsF,
    QKeyEvent,
    QPainter,
    QPyTextObject,
    QTextBlockFormat,
    QTextCharFormat,
    QTextCursor,
    QTextDocument,
    QTextFormat,
)
from PySide6.QtWidgets import QFrame, QTextEdit, QWidget

from istrel.app import theme
from istrel.study.parts import Number, Prose, Reference, Words
from istrel.study.prose import Shown

KIND = QTextFormat.ObjectTypes.UserObject + 1
KEY, LETTERS, STATE, CLAIM, OF = (QTextFormat.Property.UserProperty + place for place in range(1, 6))
ONE = "\ufffc"
CITED = "application/x-istrel-cited"
PAUSE_MS = 1500
LINE_SHARE = 126


class Letters(QPyTextObject):
    """Paints a number or a reference among the words: tinted where it moved; `plain` for paper, without any mark."""

    plain = False

    def intrinsicSize(self, doc: QTextDocument, position: int, form: QTextFormat) -> QSizeF:
        del position
        metrics = QFontMetricsF(self._font(doc))
        return QSizeF(metrics.horizontalAdvance(str(form.property(LETTERS))), metrics.ascent())

    def drawObject(
        self, painter: QPainter, rect: QRectF | QRect, doc: QTextDocument, position: int, form: QTextFormat
    ) -> None:
        del position
        state = str(form.property(STATE) or "")
        metrics = QFontMetricsF(self._font(doc))
        if self.plain:
            state = ""
        if state:
            tint = QRectF(rect.left() - 1, rect.bottom() - metrics.ascent(), rect.width() + 2, metrics.height())
            painter.fillRect(tint, theme.colour(theme.VERMILION, 40))
        painter.save()
        painter.setFont(self._font(doc))
        painter.setPen(theme.colour(theme.INK))
        painter.drawText(QPointF(rect.left(), rect.bottom()), str(form.property(LETTERS)))
        if not self.plain:
            painter.setPen(theme.colour(theme.DRAWING_SOFT))
            under = rect.bottom() + 2.5
            painter.drawLine(QPointF(rect.left(), under), QPointF(rect.right(), under))
        painter.restore()

    def _font(self, doc: QTextDocument) -> QFont:
        return doc.defaultFont()


class ProseEdit(QTextEdit):
    """Shows prose as it reads now, as wide as it is told and as high as it needs; typing changes it.

    `written(prose)` tells that it was changed, after a pause or when the cursor leaves; `split(before, after)` that a
    paragraph was ended in its middle; `touched` that the cursor is here; `sized` that it needs another height.
    """

    written = Signal(object)
    split = Signal(object, object)
    touched = Signal()
    sized = Signal()
    reference_wanted = Signal()

    def __init__(self, parent: QWidget | None = None, *, lines: bool = False) -> None:
        super().__init__(parent)
        self._pieces: dict[int, Number | Reference] = {}
        self._keys = count(1)
        self._lines = lines  # whether Return begins a line of the same text, as in notes
        self._last: Prose = ()
        self._px = 16
        self._looks: tuple[tuple[Shown, ...], int, bool] = ((), 0, False)
        self._letters = Letters(self)
        self.cited: Callable[[QMimeData], Number | Reference | None] = lambda _: None
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setObjectName("prose")
        self.setStyleSheet(f"background: transparent; color: {theme.INK}; padding: 0; border: none;")
        self.viewport().setAutoFillBackground(False)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setTabChangesFocus(True)
        self.setAcceptRichText(False)
        self.document().setDocumentMargin(0)
        self.document().documentLayout().registerHandler(KIND, self._letters)
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(PAUSE_MS)
        self._pause.timeout.connect(self.commit)
        self.textChanged.connect(self._changed)

    # Showing.
    def show_prose(self, pieces: tuple[Shown, ...], px: int, *, bold: bool = False, indent: int = 0) -> None:
        """What is to be read; while it is being written here, what is typed stays."""
        prose = tuple(piece for piece, _, _ in pieces)
        looks = pieces, px, bold
        if (self.hasFocus() and self.prose() != self._last) or (looks == self._looks and self.prose() == self._last):
            return
        self._looks = looks
        caret = self.textCursor().position()
        self._last, self._px = merged(prose), px
        self.blockSignals(True)
        font = theme.serif(px, bold=bold)
        self.document().setDefaultFont(font)
        self.setFont(font)
        self.clear()
        self._pieces.clear()
        cursor = self.textCursor()
        block = QTextBlockFormat()
        block.setLineHeight(LINE_SHARE if not bold else 112, QTextBlockFormat.LineHeightTypes.ProportionalHeight.value)
        block.setTextIndent(indent)
        cursor.setBlockFormat(block)
        for shown in pieces:
            self._put(cursor, shown)
        cursor.setPosition(min(caret, self.document().characterCount() - 1))
        self.setTextCursor(cursor)
        self.document().clearUndoRedoStacks()
        self.blockSignals(False)

    def set_plain(self, plain: bool) -> None:
        """Without marks, for paper."""
        self._letters.plain = plain

    def set_px(self, px: int) -> None:
        """Another size of the letters."""
        if px != self._px:
            self._px = px
            font = self.document().defaultFont()
            font.setPixelSize(px)
            self.blockSignals(True)
            self.document().setDefaultFont(font)
            self.setFont(font)
            self.blockSignals(False)

    def _put(self, cursor: QTextCursor, shown: Shown) -> None:
        piece, letters, state = shown
        if isinstance(piece, Words):
            form = QTextCharFormat()
            form.setFontItalic(piece.italic)
            form.setProperty(CLAIM, piece.claim)
            form.setProperty(OF, piece.of)
            if state:
                form.setBackground(theme.colour(theme.VERMILION, 30))
            cursor.insertText(piece.text.replace("\n", "\u2028"), form)
            return
        cursor.insertText(ONE, self._object(piece, letters, state))

    def _object(self, piece: Number | Reference, letters: str, state: str) -> QTextCharFormat:
        key = next(self._keys)
        self._pieces[key] = piece
        form = QTextCharFormat()
        form.setObjectType(KIND)
        form.setProperty(KEY, key)
        form.setProperty(LETTERS, letters)
        form.setProperty(STATE, state)
        return form

    def needed_height(self, width: int) -> int:
        """How high the text is at this width."""
        self.document().setTextWidth(width)
        return round(self.document().size().height() + 0.3 * self._px)

    # Reading what was written.
    def prose(self, first: int = 0, last: int | None = None) -> Prose:
        """The prose between two places of the text, or all of it."""
        found: list[Words | Number | Reference] = []
        block = self.document().begin()
        while block.isValid():
            if block.blockNumber():
                found.append(Words("\n"))
            parts = block.begin()
            while not parts.atEnd():
                fragment = parts.fragment()
                text, start, form = fragment.text(), fragment.position(), fragment.charFormat()
                low, high = max(first - start, 0), len(text) if last is None else min(last - start, len(text))
                found += self._read(text[low:high], form) if high > low else []
                parts += 1
            block = block.next()
        return merged(tuple(found))

    def _read(self, text: str, form: QTextCharFormat) -> list[Words | Number | Reference]:
        made: list[Words | Number | Reference] = []
        for letter in text:
            if letter == ONE:
                piece = self._pieces.get(int(form.property(KEY) or 0))
                made += [piece] if piece is not None else []
            else:
                plain = "\n" if letter == "\u2028" else letter
                made.append(
                    Words(plain, form.fontItalic(), str(form.property(CLAIM) or ""), str(form.property(OF) or ""))
                )
        return made

    def _changed(self) -> None:
        self._pause.start()
        self.sized.emit()

    def commit(self) -> None:
        """Tell what was written, if it is something else than what was shown."""
        self._pause.stop()
        prose = self.prose()
        if prose != self._last:
            self._last = prose
            self.written.emit(prose)

    # Writing.
    def cite(self, piece: Number | Reference, letters: str) -> None:
        """Put a number or a reference in at the cursor."""
        cursor = self.textCursor()
        cursor.insertText(ONE, self._object(piece, letters, ""))
        cursor.setCharFormat(QTextCharFormat())
        self.setTextCursor(cursor)
        self.setCurrentCharFormat(QTextCharFormat())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Return ends a paragraph; what is typed after a number is a word of its own."""
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            if self._lines or event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
                self.textCursor().insertText("\u2028")
            elif not event.modifiers():
                place = self.textCursor().position()
                self._last = merged((*self.prose(0, place), *self.prose(place)))
                self.split.emit(self.prose(0, place), self.prose(place))
            else:
                event.ignore()
            return
        if event.key() == Qt.Key.Key_Escape:
            self.clearFocus()
            return
        if event.text() and self.currentCharFormat().objectType() == KIND:
            self.setCurrentCharFormat(QTextCharFormat())
        super().keyPressEvent(event)

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.touched.emit()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        if event.reason() is not Qt.FocusReason.PopupFocusReason:
            self.commit()

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self.setTextCursor(self.cursorForPosition(event.pos()))
        self.reference_wanted.emit()

    def canInsertFromMimeData(self, source: QMimeData) -> bool:
        return source.hasFormat(CITED) or source.hasText()

    def insertFromMimeData(self, source: QMimeData) -> None:
        """What is pasted or dropped: a cited number stays alive, all else is letters."""
        piece = self.cited(source)
        if piece is not None:
            self.cite(piece, source.text())
        elif source.hasText():
            self.textCursor().insertText(" ".join(source.text().split()), QTextCharFormat())


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


def _alike(one: Words, other: Words) -> bool:
    return (one.italic, one.claim, one.of) == (other.italic, other.claim, other.of)
