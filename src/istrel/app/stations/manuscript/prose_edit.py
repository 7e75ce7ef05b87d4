"""Prose edited where it stands: words are typed, numbers and references stay what they are and move as one letter."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable

from PySide6.QtCore import QEvent, QMimeData, QSizeF, Qt, QTimer, Signal
from PySide6.QtGui import (
    QContextMenuEvent,
    QFocusEvent,
    QFontMetricsF,
    QHelpEvent,
    QInputMethodEvent,
    QKeyEvent,
    QTextBlockFormat,
    QTextCharFormat,
    QTextCursor,
    QWheelEvent,
)
from PySide6.QtWidgets import QFrame, QTextEdit, QWidget

from istrel.app import theme
from istrel.app.stations.manuscript.prose_text import KEY, LINE, STATE, ProseText, letters_of, prose_in
from istrel.study.parts import Number, Prose, Reference
from istrel.study.prose import Shown

PAUSE_MS = 1500
LINE_SHARE = 126
NOWHERE = (0, 0.0, 0.0)
KEEP = QTextCursor.MoveMode.KeepAnchor


class ProseEdit(QTextEdit):
    """Shows prose as it reads now, as wide as it is told and as high as it needs; typing changes it.

    `written(prose)` tells that it was changed, after a pause or when the cursor leaves; `split(before, after)` that a
    paragraph was ended in its middle; `touched` that the cursor is here; `sized` that it needs another height. `carrying`,
    `cited` and `told` are how prose goes onto the clipboard, how it is read from there, and what is said of what is live.
    """

    written = Signal(object)
    split = Signal(object, object)
    touched = Signal()
    sized = Signal()
    reference_wanted = Signal()

    def __init__(self, parent: QWidget | None = None, *, lines: bool = False) -> None:
        super().__init__(parent)
        self._lines = lines  # whether Return begins a line of the same text, as in notes
        self._last: Prose = ()
        self._px = 16
        self._looks: tuple[tuple[Shown, ...], int, bool] = ((), 0, False)
        self._text = ProseText(self.document())
        self._place = 0  # where the cursor was
        self._busy = False
        self._stood = NOWHERE  # how it was last set on pages
        self.carrying: Callable[[tuple[Shown, ...]], QMimeData] | None = None
        self.cited: Callable[[QMimeData], tuple[Shown, ...]] = lambda _: ()
        self.told: Callable[[Number | Reference], str] = lambda _: ""
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setObjectName("prose")
        self.setStyleSheet(f"background: transparent; color: {theme.SHEET_INK}; padding: 0; border: none;")
        self.viewport().setAutoFillBackground(False)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setTabChangesFocus(True)
        self.setAcceptRichText(False)
        self.document().setDocumentMargin(0)
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(PAUSE_MS)
        self._pause.timeout.connect(self.commit)
        self.textChanged.connect(self._changed)
        self.cursorPositionChanged.connect(self._keep_out)

    # Showing.
    def show_prose(self, pieces: tuple[Shown, ...], px: int, *, bold: bool = False, indent: int = 0) -> None:
        """What is to be read; while it is being written here, what is typed stays."""
        looks = pieces, px, bold
        if (self.hasFocus() and self.prose() != self._last) or (looks == self._looks and self.prose() == self._last):
            return
        self._looks = looks
        caret = self.textCursor().position()
        self._px = px
        self.blockSignals(True)
        font = theme.serif(px, bold=bold)
        self.document().setDefaultFont(font)
        self.setFont(font)
        self.clear()
        self._text.forget()
        self._stood = NOWHERE  # what was cleared forgot its pages
        cursor = self.textCursor()
        block = QTextBlockFormat()
        block.setLineHeight(LINE_SHARE if not bold else 112, QTextBlockFormat.LineHeightTypes.ProportionalHeight.value)
        block.setTextIndent(indent)
        cursor.setBlockFormat(block)
        for shown in pieces:
            self._text.put(cursor, shown)
        self._last = self.prose()  # as the document holds it, which knows no control characters
        cursor.setPosition(min(caret, self.document().characterCount() - 1))
        self.setTextCursor(cursor)
        self.document().clearUndoRedoStacks()
        self.blockSignals(False)
        self.mark()

    def mark(self, *, plain: bool = False) -> None:
        """A fine line under what is live, a tint where something is to be looked at; `plain` for paper, without either."""
        made = []
        for stretch in self._text.stretches() if not plain else ():
            state = str(stretch.form.property(STATE) or "")
            if not (state or stretch.key):
                continue
            selection = QTextEdit.ExtraSelection()
            selection.cursor = QTextCursor(self.document())
            selection.cursor.setPosition(stretch.first)
            selection.cursor.setPosition(stretch.last, KEEP)
            form = QTextCharFormat()
            if stretch.key:
                form.setUnderlineStyle(QTextCharFormat.UnderlineStyle.SingleUnderline)
                form.setUnderlineColor(theme.colour(theme.DRAWING_SOFT))
            if state:
                form.setBackground(theme.colour(theme.VERMILION, 40 if stretch.key else 30))
            selection.format = form
            made.append(selection)
        self.setExtraSelections(made)

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

    def needed_height(self, width: int) -> int:
        """How high the text is at this width."""
        self.document().setTextWidth(width)
        return round(self.document().size().height() + 0.3 * self._px)

    @property
    def pitch(self) -> float:
        """About how far it is from line to line, in pixels."""
        return QFontMetricsF(self.document().defaultFont()).lineSpacing() * LINE_SHARE / 100

    def _line_tops(self) -> list[float]:
        """Where the lines begin, in pixels below the top of the text."""
        block = self.document().firstBlock()
        top = self.document().documentLayout().blockBoundingRect(block).top()  # asking for it lays the text out
        return [top + block.layout().lineAt(n).y() for n in range(block.layout().lineCount())]

    def stand(self, width: int, page: float, between: float) -> tuple[float, tuple[int, ...]]:
        """(the height that the text takes on pages, with what lies between them; how many lines stand on each).

        Parameters
        ----------
        page, between
            The room for text on each page, and from its bottom to the top of the next, in pixels.
        """
        if (width, page, between) != self._stood:
            self._stood = width, page, between
            self.blockSignals(True)
            self.setLineWrapMode(QTextEdit.LineWrapMode.FixedPixelWidth)
            self.setLineWrapColumnOrWidth(width)
            frame = self.document().rootFrame().frameFormat()
            frame.setBottomMargin(between)
            self.document().rootFrame().setFrameFormat(frame)
            self.document().setPageSize(QSizeF(width, page + between))
            if not self.hasFocus():
                self.document().clearUndoRedoStacks()
            self.blockSignals(False)
        on_pages = Counter(int((top + 0.5) // (page + between)) for top in self._line_tops())  # the engine rounds
        end = self.document().documentLayout().blockBoundingRect(self.document().firstBlock()).bottom()
        return end + 0.3 * self._px, tuple(on_pages[place] for place in range(max(on_pages, default=0) + 1))

    def scrollContentsBy(self, dx: int, dy: int) -> None:
        """All of the text is seen: there is nothing to scroll to."""
        super().scrollContentsBy(dx, dy)
        self.verticalScrollBar().setValue(0)

    def wheelEvent(self, event: QWheelEvent) -> None:
        event.ignore()

    def event(self, event: QEvent) -> bool:
        """A number that is pointed at says what it is."""
        if event.type() == QEvent.Type.ToolTip and isinstance(event, QHelpEvent):
            piece = self._text.piece(self.cursorForPosition(event.pos()).position())
            self.setToolTip(self.told(piece) if piece is not None else "")
        return super().event(event)

    # Reading what was written.
    def prose(self, first: int = 0, last: int | None = None) -> Prose:
        """The prose between two places of the text, or all of it."""
        return prose_in(self._text.read(first, last))

    def commit(self) -> None:
        """Tell what was written, if it is something else than what was shown."""
        self._pause.stop()
        prose = self.prose()
        if prose != self._last and not self.isReadOnly():
            self._last = prose
            self.written.emit(prose)

    # Writing.
    def _changed(self) -> None:
        if self._busy:
            return
        self._busy = True
        self._text.mend()
        self._busy = False
        self.mark()
        self._pause.start()
        self.sized.emit()

    def _keep_out(self) -> None:
        """The cursor, and both ends of what is selected, stand before or after live letters, never within."""
        cursor = self.textCursor()
        place, anchor = cursor.position(), cursor.anchor()
        stepped = abs(place - self._place) == 1
        here = self._outside(place, place - self._place if stepped else place - anchor)
        there = self._outside(anchor, anchor - place) if cursor.hasSelection() else here
        self._place = here
        if (here, there) != (place, anchor):
            cursor.setPosition(there)
            cursor.setPosition(here, KEEP)
            self.setTextCursor(cursor)

    def _outside(self, place: int, way: int) -> int:
        """The place itself, or the end of live letters around it: the later one if `way` is above 0, the earlier one if it is
        below, else the nearer one.
        """
        live = self._text.around(place)
        if live is None:
            return place
        return live.last if (way or 2 * place - live.first - live.last) > 0 else live.first

    def cite(self, *pieces: Shown) -> None:
        """Put pieces in at the cursor, in the place of what is selected."""
        cursor = self.textCursor()
        cursor.beginEditBlock()
        cursor.removeSelectedText()
        for piece in pieces:
            self._text.put(cursor, piece)
        cursor.endEditBlock()
        self.setTextCursor(cursor)
        self.setCurrentCharFormat(QTextCharFormat())
        self.mark()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Return ends a paragraph; what is typed beside a number is a word of its own."""
        if self.isReadOnly():
            super().keyPressEvent(event)
            return
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            if self._lines or event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
                self.textCursor().insertText(LINE)
            elif not event.modifiers():
                place = self.textCursor().position()
                self._last = prose_in((*self._text.read(0, place), *self._text.read(place)))
                self.split.emit(self.prose(0, place), self.prose(place))
            else:
                event.ignore()
            return
        if event.key() == Qt.Key.Key_Escape:
            self.clearFocus()
            return
        if event.text().isprintable() and event.text():
            self._write_apart()
        super().keyPressEvent(event)

    def inputMethodEvent(self, event: QInputMethodEvent) -> None:
        """What is composed of several keys, likewise."""
        if event.commitString():
            self._write_apart()
        super().inputMethodEvent(event)

    def _write_apart(self) -> None:
        """What is typed next is nothing live, whatever it stands beside or takes the place of."""
        if self.currentCharFormat().property(KEY):
            self.textCursor().removeSelectedText()
            self.setCurrentCharFormat(QTextCharFormat())

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.touched.emit()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        if event.reason() is not Qt.FocusReason.PopupFocusReason:
            self.commit()

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        if not self.textCursor().hasSelection():
            self.setTextCursor(self.cursorForPosition(event.pos()))
        self.reference_wanted.emit()

    # Carried by the clipboard or by dragging.
    def createMimeDataFromSelection(self) -> QMimeData:
        """What is selected: numbers stay alive within Istrel, and are letters elsewhere."""
        cursor = self.textCursor()
        taken = self._text.read(cursor.selectionStart(), cursor.selectionEnd())
        if self.carrying is not None:
            return self.carrying(taken)
        data = QMimeData()
        data.setText(letters_of(taken))
        return data

    def canInsertFromMimeData(self, source: QMimeData) -> bool:
        return bool(source.hasText() or self.cited(source))

    def insertFromMimeData(self, source: QMimeData) -> None:
        """What is pasted or dropped: what is live stays so, all else is letters; paragraphs are lines of this text."""
        taken = self.cited(source)
        if taken:
            self.cite(*taken)
        elif source.hasText():
            self._write_apart()
            self.textCursor().insertText(LINE.join(paragraphs_in(source.text())), QTextCharFormat())


def paragraphs_in(text: str) -> list[str]:
    """The paragraphs of a plain text: parted by blank lines where there are any, otherwise each line is one. What is but a
    part of a line keeps the blanks at its ends.
    """
    if "\n" not in text:
        return [re.sub(r"\s+", " ", text)]
    lines = [" ".join(line.split()) for line in text.strip().splitlines()]
    if "" not in lines:
        return lines
    parted = "\n".join(lines).split("\n\n")
    return [" ".join(part.split()) for part in parted if part.strip()]
