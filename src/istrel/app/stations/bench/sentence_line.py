"""The sentence line: text that is typed, shown as chips while it is typed, with a mark under a word that is wrong."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import (
    QDragEnterEvent,
    QDropEvent,
    QFont,
    QKeyEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QSyntaxHighlighter,
    QTextCharFormat,
    QTextCursor,
    QTextDocument,
)
from PySide6.QtWidgets import QTextEdit, QWidget

from istrel.app import theme
from istrel.sentence.names import Typed
from istrel.sentence.spans import WordSpan, spans

CHIPS = {
    "verb": (theme.FRAME, theme.FRAME_STRONG, ""),
    "subject": (theme.MINT, theme.INK, ""),
    "against": (theme.MINT, theme.INK, ""),
    "group": (theme.SAND, theme.INK, ""),
    "condition": ("", theme.INK, "dash"),
    "form": ("", theme.INK, "solid"),
    "setting": (theme.MINT, theme.INK, ""),
}

CHIP_EDGE = 5


class Dresser(QSyntaxHighlighter):
    """Gives every word the ink of its role; the chips themselves are painted by the line."""

    def __init__(self, document: QTextDocument, spans_of: Callable[[str], tuple[WordSpan, ...]]) -> None:
        super().__init__(document)
        self.wrong = (-1, 0)
        self._spans_of = spans_of

    def highlightBlock(self, text: str) -> None:
        for span in self._spans_of(text):
            form = QTextCharFormat()
            if span.role == "keyword":
                form.setForeground(theme.colour(theme.QUIET))
                form.setFontItalic(True)
            elif span.role in CHIPS:
                form.setForeground(theme.colour(CHIPS[span.role][1]))
            self.setFormat(span.start, span.length, form)
            if span.role in CHIPS:  # room for the chip's edge before a comma
                form.setFontLetterSpacingType(QFont.SpacingType.AbsoluteSpacing)
                form.setFontLetterSpacing(CHIP_EDGE)
                self.setFormat(span.start + span.length - 1, 1, form)
        start, length = self.wrong
        if start >= 0 and text:
            begin = min(start, len(text) - 1)
            for place in range(begin, min(len(text), begin + max(1, length))):
                form = QTextCharFormat(self.format(place))
                form.setUnderlineStyle(QTextCharFormat.UnderlineStyle.WaveUnderline)
                form.setUnderlineColor(theme.colour(theme.VERMILION))
                self.setFormat(place, 1, form)


class SentenceLine(QTextEdit):
    """One to three lines of text in the book serif. Return and Tab do not write: they take and confirm."""

    edited = Signal(str)
    take_suggestion = Signal()
    to_suggestions = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName("Sentence")
        self.setAcceptRichText(False)
        self.setFrameShape(QTextEdit.Shape.NoFrame)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        font = theme.serif(theme.SENTENCE_PX)
        font.setWordSpacing(9)
        self.setFont(font)
        self.setStyleSheet(
            f'QTextEdit {{ background: transparent; border: 0; font-family: "{theme.SERIF}"; font-size: {theme.SENTENCE_PX}px; }}'
        )
        self.document().setDefaultFont(font)
        self.document().setDocumentMargin(6)
        self.setPlaceholderText("describe … across …    click a variable, or type")
        self.understand: Callable[[str], Typed] = Typed
        self._dresser = Dresser(self.document(), self.spans_of)
        self._silent = False
        self._loosening = False
        self.textChanged.connect(self._changed)
        self.document().documentLayout().documentSizeChanged.connect(self._fit)
        self._fit()

    def spans_of(self, text: str) -> tuple[WordSpan, ...]:
        """The words of a text where they stand; a name of several words is one."""
        typed = self.understand(text)
        found = []
        for span in spans(typed.text):
            start, end = typed.place(span.start), typed.place(span.start + span.length)
            found.append(replace(span, start=start, length=min(end, len(text)) - start))
        return tuple(found)

    def sentence(self) -> str:
        return self.toPlainText().replace("\n", " ")

    def set_sentence(self, text: str) -> None:
        """Write a sentence made by a click; it is not reported as typed."""
        if text == self.sentence():
            return
        self._silent = True
        cursor = QTextCursor(self.document())
        cursor.select(QTextCursor.SelectionType.Document)
        cursor.insertText(text)
        self._silent = False
        self._loosen()
        self.moveCursor(QTextCursor.MoveOperation.End)

    def show_mistake(self, at: int, length: int) -> None:
        """Mark the wrong word; -1 marks none."""
        if self._dresser.wrong != (at, length):
            self._dresser.wrong = (at, length)
            self._silent = True
            self._dresser.rehighlight()
            self._silent = False

    def complete(self, start: int, text: str) -> None:
        """Put a suggestion in the place of the word that is being typed."""
        cursor = self.textCursor()
        end = cursor.position()
        cursor.setPosition(start)
        cursor.setPosition(end, QTextCursor.MoveMode.KeepAnchor)
        before = self.sentence()[:start]
        glue = "" if not before or before.endswith((" ", "{", "(")) or text == "," else " "
        if text == "," and before.endswith(" "):
            cursor.setPosition(len(before.rstrip()))
            cursor.setPosition(end, QTextCursor.MoveMode.KeepAnchor)
        cursor.insertText(glue + text + ("" if text.endswith("{") else " "))
        self.setTextCursor(cursor)
        self.setFocus()

    def _changed(self) -> None:
        if not self._silent and not self._loosening:
            self._loosen()
            self.edited.emit(self.sentence())

    def _loosen(self) -> None:
        """Lines far enough apart for the chips."""
        self._loosening = True
        cursor = QTextCursor(self.document())
        cursor.select(QTextCursor.SelectionType.Document)
        form = cursor.blockFormat()
        if form.lineHeight() != 148:
            form.setLineHeight(148, 1)
            cursor.mergeBlockFormat(form)
        self._loosening = False

    def _fit(self) -> None:
        line = self.fontMetrics().height() * 1.48
        wanted = max(line, min(self.document().size().height() - 12, 3 * line))
        self.setFixedHeight(round(wanted) + 14)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
                event.ignore()
            else:
                self.edited.emit(self.sentence())
            return
        if event.key() == Qt.Key.Key_Tab:
            self.take_suggestion.emit()
            return
        if event.key() == Qt.Key.Key_Down:
            self.to_suggestions.emit()
            return
        super().keyPressEvent(event)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasText() and not event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        if event.mimeData().hasUrls():
            event.ignore()
            return
        super().dropEvent(event)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self.viewport())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for span in self.spans_of(self.sentence()):
            if span.role in CHIPS:
                for rect in self._rects(span):
                    _paint_chip(painter, rect, span.role)
        painter.end()
        super().paintEvent(event)

    def _rects(self, span: WordSpan) -> list[QRectF]:
        """Where a span stands, one rectangle per line that it runs over."""
        rects: list[QRectF] = []
        cursor = QTextCursor(self.document())
        for place in range(span.start, span.start + span.length + 1):
            cursor.setPosition(place)
            here = QRectF(self.cursorRect(cursor))
            if rects and abs(rects[-1].top() - here.top()) < 2:
                rects[-1].setRight(here.left() + 1)
            elif place < span.start + span.length:
                rects.append(here)
        tall = self.fontMetrics().height()
        return [
            QRectF(r.left() - CHIP_EDGE, r.bottom() - tall - 2, r.width() + CHIP_EDGE - 1, tall + 5)
            for r in rects
            if r.width() > 1
        ]


def _paint_chip(painter: QPainter, rect: QRectF, role: str) -> None:
    fill, _, edge = CHIPS[role]
    painter.setBrush(theme.colour(fill) if fill else Qt.BrushStyle.NoBrush)
    if edge:
        style = Qt.PenStyle.DashLine if edge == "dash" else Qt.PenStyle.SolidLine
        painter.setPen(QPen(theme.colour("#8FA49B" if edge == "dash" else theme.INK), 1, style))
    else:
        painter.setPen(Qt.PenStyle.NoPen)
    painter.drawRoundedRect(rect, theme.RADIUS, theme.RADIUS)
