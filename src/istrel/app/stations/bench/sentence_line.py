"""The sentence line: text that is typed, shown as chips while it is typed, with a mark under a word that is wrong."""

from __future__ import annotations

import json
from collections.abc import Callable, Sequence
from dataclasses import replace

from PySide6.QtCore import QEvent, QMimeData, QPoint, QRectF, Qt, Signal
from PySide6.QtGui import (
    QDrag,
    QDragEnterEvent,
    QDropEvent,
    QFont,
    QGuiApplication,
    QKeyEvent,
    QKeySequence,
    QMouseEvent,
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
from istrel.app.stations.bench.on_screen import MARK, as_typed, letters, on_screen, units
from istrel.app.words import tr
from istrel.sentence.names import Typed
from istrel.sentence.quoting import show_name, unquoted
from istrel.sentence.spans import LIST_ROLES, WordSpan, spans

CHIPS = {
    "verb": (theme.BUTTON, theme.FRAME_STRONG, ""),
    "subject": (theme.MINT, theme.INK, ""),
    "against": (theme.MINT, theme.INK, ""),
    "group": (theme.SAND, theme.INK, ""),
    "condition": ("", theme.INK, "dash"),
    "form": ("", theme.INK, "solid"),
    "setting": (theme.MINT, theme.INK, ""),
}

CHIP_EDGE = 5
MOST_LINES = 4
CHOOSABLE = ("verb", "subject", "against", "group", "form", "setting", "keyword")
NAMES = "application/x-istrel-names"


def names_data(names: Sequence[str], start: int = -1) -> QMimeData:
    """Names that are dragged; `start` is where the chip stood in the sentence, -1 for what comes from elsewhere."""
    data = QMimeData()
    data.setText(", ".join(show_name(name) for name in names))
    data.setData(NAMES, json.dumps([list(names), start]).encode())
    return data


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
            if span.role in CHIPS:
                form.setFontWordSpacing(0)  # words of one chip stand closer than chips do
            begin, end = units(text, span.start), units(text, span.start + span.length)
            self.setFormat(begin, end - begin, form)
            if span.role in CHIPS:  # room for the chip's edge before a comma
                form.setFontLetterSpacingType(QFont.SpacingType.AbsoluteSpacing)
                form.setFontLetterSpacing(CHIP_EDGE)
                self.setFormat(end - 1, 1, form)
        start, length = self.wrong
        if start >= 0 and text:
            begin = min(start, len(text) - 1)
            for place in range(begin, min(len(text), begin + max(1, length))):
                form = QTextCharFormat(self.format(units(text, place)))
                form.setUnderlineStyle(QTextCharFormat.UnderlineStyle.WaveUnderline)
                form.setUnderlineColor(theme.colour(theme.VERMILION))
                self.setFormat(units(text, place), 1, form)


class SentenceLine(QTextEdit):
    """One to four lines of text in the book serif; a longer sentence scrolls. Return and Tab do not write: they take and confirm.

    Names that need quotes stand between marks that take no room (`on_screen`); such a name, and every chip that is
    clicked, is one step of the cursor.
    """

    edited = Signal()
    confirmed = Signal()
    take_suggestion = Signal()
    to_suggestions = Signal()
    no_suggestions = Signal()
    earlier_wanted = Signal()
    names_dropped = Signal(int, object, int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName(tr("Sentence"))
        self.setAcceptRichText(False)
        self.setFrameShape(QTextEdit.Shape.NoFrame)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        font = theme.serif(theme.SENTENCE_PX)
        font.setWordSpacing(9)
        self.setFont(font)
        self.setStyleSheet(
            f'QTextEdit {{ background: transparent; border: 0; font-family: "{theme.SERIF}"; font-size: {theme.SENTENCE_PX}px;'
            f" selection-background-color: {theme.FRAME_CHIP}; selection-color: {theme.FRAME_STRONG}; }}"
        )
        self.document().setDefaultFont(font)
        self.document().setDocumentMargin(6)
        self.setPlaceholderText(tr("describe … across …    click a variable, or type"))
        self.understand: Callable[[str], Typed] = Typed
        self._known: tuple[str, Typed, tuple[WordSpan, ...]] = ("", Typed(""), ())
        self._dresser = Dresser(self.document(), self.spans_of)
        self._silent = False
        self._loosening = False
        self.recalled = ""
        self._pressed: tuple[QPoint, WordSpan] | None = None
        self.textChanged.connect(self._changed)
        self.document().documentLayout().documentSizeChanged.connect(self._fit)
        self._fit()

    # What stands in it.
    def spans_of(self, shown: str) -> tuple[WordSpan, ...]:
        """The words of a text where they stand; a name of several words is one."""
        text = as_typed(shown)
        typed = self.understand(text)
        if (text, typed) == self._known[:2]:
            return self._known[2]
        found = []
        for span in spans(typed.text):
            start, end = typed.place(span.start), typed.place(span.start + span.length)
            found.append(replace(span, start=start, length=min(end, len(text)) - start))
        self._known = text, typed, tuple(found)
        return self._known[2]

    @property
    def words(self) -> tuple[WordSpan, ...]:
        """The words of the sentence as it stands."""
        return self.spans_of(self._shown())

    def sentence(self) -> str:
        """As it is typed: names that are no plain words stand in back quotes unless they were typed without."""
        return as_typed(self._shown())

    def _shown(self) -> str:
        return self.document().toRawText().replace("\u2029", " ").replace("\u2028", " ")

    @property
    def place(self) -> int:
        """Where the cursor stands, in letters."""
        return letters(self._shown(), self.textCursor().position())

    def spanning(self, start: int, end: int) -> QTextCursor:
        """A cursor that selects from one place to another."""
        cursor, shown = self.textCursor(), self._shown()
        cursor.setPosition(units(shown, start))
        cursor.setPosition(units(shown, end), QTextCursor.MoveMode.KeepAnchor)
        return cursor

    def chip(self) -> WordSpan | None:
        """The chip that is chosen: the one that is selected as a whole."""
        cursor = self.textCursor()
        if not cursor.hasSelection():
            return None
        start, end = (letters(self._shown(), unit) for unit in (cursor.selectionStart(), cursor.selectionEnd()))
        return next((s for s in self.words if (s.start, s.start + s.length) == (start, end)), None)

    # Written by others.
    def set_sentence(self, text: str) -> None:
        """Write a sentence made by a click; it is not reported as typed."""
        if text == self.sentence():
            return
        self._silent = True
        cursor = QTextCursor(self.document())
        cursor.select(QTextCursor.SelectionType.Document)
        cursor.insertText(on_screen(text))
        self._silent = False
        self._loosen()
        self.moveCursor(QTextCursor.MoveOperation.End)

    def settle(self, *, all_of_it: bool = False) -> None:
        """Write out the names that were understood from less; the one at the cursor is left until it is whole."""
        place = self.place
        self._silent = True
        for start, end, name in reversed(self.understand(self.sentence()).names):
            shown = on_screen(show_name(name))
            if (all_of_it or not start <= place <= end) and self._shown()[start:end] != shown:
                cursor = self.spanning(start, end)
                cursor.joinPreviousEditBlock()
                cursor.insertText(shown)
                cursor.endEditBlock()
        self._silent = False

    def show_mistake(self, at: int, length: int) -> None:
        """Mark the wrong word; -1 marks none."""
        if self._dresser.wrong != (at, length):
            self._dresser.wrong = (at, length)
            self._silent = True
            self._dresser.rehighlight()
            self._silent = False

    def complete(self, start: int, end: int, text: str) -> None:
        """Put a suggestion in the place of the word that is being typed."""
        shown = self._shown()
        if text == ",":
            start = len(shown[:start].rstrip())
        before, after = shown[:start], shown[end:]
        cursor = self.spanning(start, end)
        glue = "" if not before or before.endswith((" ", "{", "(")) or text == "," else " "
        follows = "" if text.endswith(("{", "(")) or after[:1] in (" ", ",", ")", "}") else " "
        cursor.insertText(glue + on_screen(text) + follows)
        if follows == "" and after[:1] == " ":
            cursor.movePosition(QTextCursor.MoveOperation.Right)
        self.setTextCursor(cursor)
        self.setFocus()

    def forget(self) -> None:
        """Empty, with nothing to undo."""
        self.set_sentence("")
        self.document().clearUndoRedoStacks()

    def _changed(self) -> None:
        if not self._silent and not self._loosening:
            self._loosen()
            self.edited.emit()

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
        wanted = max(line, self.document().size().height() - 12)
        most = MOST_LINES * line
        self.setFixedHeight(round(min(wanted, most)) + (14 if wanted <= most else 1))  # no strip of a line more

    # Keys.
    def event(self, event: QEvent) -> bool:
        """Undo belongs to the line while there is something to undo in it, then to the study."""
        if event.type() is QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent):
            document = self.document()
            undo, redo = (event.matches(key) for key in (QKeySequence.StandardKey.Undo, QKeySequence.StandardKey.Redo))
            if (undo and not document.isUndoAvailable()) or (redo and not document.isRedoAvailable()):
                event.ignore()
                return False
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = event.key()
        if key in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
                event.ignore()
            else:
                self.settle(all_of_it=True)
                self.confirmed.emit()
        elif key == Qt.Key.Key_Tab:
            self.take_suggestion.emit()
        elif key == Qt.Key.Key_Down:
            self.to_suggestions.emit()
        elif key == Qt.Key.Key_Up and self.sentence().strip() in ("", self.recalled):
            self.earlier_wanted.emit()
        elif key == Qt.Key.Key_Escape:
            self.no_suggestions.emit()
        elif not (event.modifiers() & Qt.KeyboardModifier.ControlModifier and key != Qt.Key.Key_Backspace):
            self._step(event)
        else:
            super().keyPressEvent(event)

    def _step(self, event: QKeyEvent) -> None:
        """A name between marks is one sign: it is passed, and deleted, as a whole."""
        cursor, shown = self.textCursor(), self._shown()
        place, key = self.place, event.key()
        back = key in (Qt.Key.Key_Left, Qt.Key.Key_Backspace)
        moves = {
            Qt.Key.Key_Left: 0,
            Qt.Key.Key_Right: 0,
            Qt.Key.Key_Backspace: 1,
            Qt.Key.Key_Delete: 1,
        }
        beside = shown[place - 1 : place] if back else shown[place : place + 1]
        if key not in moves or beside != MARK or (cursor.hasSelection() and moves[Qt.Key(key)]):
            super().keyPressEvent(event)
            return
        other = shown.rfind(MARK, 0, place - 1) if back else shown.find(MARK, place + 1) + 1
        keeps = moves[Qt.Key(key)] or event.modifiers() & Qt.KeyboardModifier.ShiftModifier
        mode = QTextCursor.MoveMode.KeepAnchor if keeps else QTextCursor.MoveMode.MoveAnchor
        cursor.setPosition(units(shown, other), mode)
        if moves[Qt.Key(key)]:
            cursor.removeSelectedText()
        self.setTextCursor(cursor)

    # Pointer and clipboard.
    def chip_at(self, place: QPoint) -> WordSpan | None:
        """The chip under the pointer."""
        for span in self.words:
            if span.role in CHOOSABLE and any(rect.contains(place) for rect in self._rects(span)):
                return span
        return None

    def mousePressEvent(self, event: QMouseEvent) -> None:
        span = self.chip_at(event.position().toPoint())
        if span is None or event.button() is not Qt.MouseButton.LeftButton:
            super().mousePressEvent(event)
            return
        self.setFocus()
        self._pressed = event.position().toPoint(), span
        event.accept()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            super().mouseMoveEvent(event)
            return
        begun, span = self._pressed
        far = (event.position().toPoint() - begun).manhattanLength() >= QGuiApplication.styleHints().startDragDistance()
        if far and span.role in LIST_ROLES:
            self._pressed = None
            drag = QDrag(self)
            drag.setMimeData(self.chip_data(span))
            drag.exec(Qt.DropAction.MoveAction)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            super().mouseReleaseEvent(event)
            return
        _, span = self._pressed
        self._pressed = None
        self.setTextCursor(self.spanning(span.start, span.start + span.length))

    def chip_data(self, span: WordSpan) -> QMimeData:
        """What is dragged when a chip is."""
        typed = self.understand(self.sentence())
        name = unquoted(typed.text[typed.inner(span.start) : typed.inner(span.start + span.length)])
        return names_data((name,), span.start)

    def createMimeDataFromSelection(self) -> QMimeData:
        data = QMimeData()
        data.setText(as_typed(self.textCursor().selectedText()).replace("\u00a0", " "))
        return data

    def insertFromMimeData(self, source: QMimeData) -> None:
        self.textCursor().insertText(on_screen(" ".join(source.text().split())))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasText() and not event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        data = event.mimeData()
        if data.hasUrls():
            event.ignore()
            return
        if not data.hasFormat(NAMES):
            super().dropEvent(event)
            return
        names, start = json.loads(data.data(NAMES).toStdString())
        place = letters(self._shown(), self.cursorForPosition(event.position().toPoint()).position())
        event.acceptProposedAction()
        self.names_dropped.emit(place, tuple(names), start)

    # Painting.
    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self.viewport())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for span in self.words:
            if span.role in CHIPS:
                for rect in self._rects(span):
                    _paint_chip(painter, rect, span.role)
        painter.end()
        super().paintEvent(event)

    def _rects(self, span: WordSpan) -> list[QRectF]:
        """Where a span stands, one rectangle per line that it runs over."""
        rects: list[QRectF] = []
        shown = self._shown()
        cursor = QTextCursor(self.document())
        for place in range(span.start, span.start + span.length + 1):
            cursor.setPosition(units(shown, place))
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
        painter.setPen(QPen(theme.colour(theme.EDGE if edge == "dash" else theme.INK), 1, style))
    else:
        painter.setPen(Qt.PenStyle.NoPen)
    painter.drawRoundedRect(rect, theme.RADIUS, theme.RADIUS)
