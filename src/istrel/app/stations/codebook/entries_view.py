"""The codebook's entries as a reader sees them: title, a line in words, tag and tiny drawing; phrases change where they stand."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import NamedTuple

from PySide6.QtCore import (
    QAbstractListModel,
    QEvent,
    QModelIndex,
    QPersistentModelIndex,
    QPointF,
    QRect,
    QRectF,
    QSize,
    Qt,
    Signal,
)
from PySide6.QtGui import QFocusEvent, QFontMetricsF, QKeyEvent, QMouseEvent, QPainter, QPen
from PySide6.QtWidgets import (
    QAbstractItemView,
    QLineEdit,
    QListView,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QWidget,
)

from istrel.app import theme
from istrel.app.widgets.drawings import draw_shape, draw_tag
from istrel.app.words import retold, tr
from istrel.data.facts import VariableFacts
from istrel.study.entries import Entry, Said

Index = QModelIndex | QPersistentModelIndex
ROW, LEFT, RIGHT, TITLE_PX = 69, 56, 96, 18
TITLE_BASE, LINE_BASE = 27, 51
SEPARATOR = " · "


class Placed(NamedTuple):
    """A phrase and where it stands in its row."""

    said: Said
    rect: QRectF


def in_words(entry: Entry) -> Entry:
    """An entry in the language of the window."""
    says = tuple(replace(one, text=retold(one.text), before=retold(one.before)) for one in entry.says)
    return replace(
        entry, title=replace(entry.title, text=retold(entry.title.text)), beside=retold(entry.beside), says=says
    )


class EntriesModel(QAbstractListModel):
    """The entries, and what is known of their first variables."""

    def __init__(self) -> None:
        super().__init__()
        self.entries: tuple[Entry, ...] = ()
        self.facts: Mapping[str, VariableFacts] = {}

    def fill(self, entries: tuple[Entry, ...], facts: Mapping[str, VariableFacts]) -> None:
        """Exchange them; the selection stays where the variables are the same."""
        same = [entry.names for entry in entries] == [entry.names for entry in self.entries]
        if not same:
            self.beginResetModel()
        self.entries, self.facts = entries, facts
        if not same:
            self.endResetModel()
        elif entries:
            self.dataChanged.emit(self.index(0), self.index(len(entries) - 1))

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.entries)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        entry = self.entries[index.row()]
        if role == Qt.ItemDataRole.UserRole:
            return entry
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return f"{entry.title.text}, {entry.beside}. {entry.line}"
        if role == Qt.ItemDataRole.ToolTipRole:
            return f"{entry.title.text}\n{entry.line}"
        return None


def placed(entry: Entry, rect: QRectF) -> list[Placed]:
    """Where the title and the phrases of an entry stand; phrases that find no room are left out."""
    title, small = QFontMetricsF(theme.serif(TITLE_PX)), QFontMetricsF(theme.sans())
    x, end = rect.left() + LEFT, rect.right() - RIGHT
    wide = min(title.horizontalAdvance(entry.title.text), end - x)
    found = [Placed(entry.title, QRectF(x, rect.top() + TITLE_BASE - title.ascent(), wide, title.height()))]
    for number, said in enumerate(entry.says):
        x += small.horizontalAdvance(SEPARATOR if number else "") + small.horizontalAdvance(said.before)
        if x >= end - 12:
            break
        wide = min(small.horizontalAdvance(said.text), end - x)
        found.append(Placed(said, QRectF(x, rect.top() + LINE_BASE - small.ascent(), wide, small.height())))
        x += wide
    return found


class EntryDelegate(QStyledItemDelegate):
    """Paints an entry."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        model = index.model()
        assert isinstance(model, EntriesModel)
        entry, rect = model.entries[index.row()], QRectF(option.rect)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
        painter.setPen(QPen(theme.colour(theme.LINE), 1))
        painter.drawLine(rect.bottomLeft(), rect.bottomRight())
        if entry.tag:
            draw_tag(painter, QRectF(rect.left() + 8, rect.top() + 14, 34, 20), entry.tag, faint=not entry.in_use)
        facts = model.facts.get(entry.names[0])
        if facts is not None and entry.tag:
            box = QRectF(rect.right() - 72, rect.top() + 17, 56, 28)
            draw_shape(painter, box, facts.shape, stepped=facts.stepped)
        painter.setOpacity(1.0 if entry.in_use else 0.55)
        self._write(painter, entry, rect)
        painter.setOpacity(1.0)

    def _write(self, painter: QPainter, entry: Entry, rect: QRectF) -> None:
        title, *phrases = placed(entry, rect)
        _text(painter, title, rect.top() + TITLE_BASE, theme.INK, title=True, italic=entry.guessed)
        painter.setFont(theme.sans(theme.SMALL_PX))
        painter.setPen(theme.colour(theme.QUIET))
        painter.drawText(QPointF(title.rect.right() + 10, rect.top() + TITLE_BASE), entry.beside.replace("\n", " "))
        small = QFontMetricsF(theme.sans())
        for number, phrase in enumerate(phrases):
            lead = (SEPARATOR if number else "") + phrase.said.before
            painter.setFont(theme.sans())
            painter.setPen(theme.colour(theme.INK))
            at = QPointF(phrase.rect.left() - small.horizontalAdvance(lead), rect.top() + LINE_BASE)
            painter.drawText(at, lead)
            _text(painter, phrase, rect.top() + LINE_BASE, theme.VERMILION if phrase.said.remark else theme.INK)
            if phrase.said.part and not phrase.said.remark:
                dashed = phrase.said.part != "items"
                style = Qt.PenStyle.DashLine if dashed else Qt.PenStyle.SolidLine
                painter.setPen(QPen(theme.colour(theme.EDGE), 1, style))
                base = rect.top() + LINE_BASE + 4
                painter.drawLine(QPointF(phrase.rect.left(), base), QPointF(phrase.rect.right(), base))

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option, index
        return QSize(200, ROW)


def _text(
    painter: QPainter, phrase: Placed, base: float, ink: str, *, title: bool = False, italic: bool = False
) -> None:
    painter.setFont(theme.serif(TITLE_PX, italic=italic) if title else theme.sans())
    painter.setPen(theme.colour(ink))
    text = phrase.said.text.replace("\n", " ")
    if painter.fontMetrics().horizontalAdvance(text) > phrase.rect.width() + 2:
        text = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(phrase.rect.width()))
    painter.drawText(QPointF(phrase.rect.left(), base), text)


class EntriesView(QListView):
    """A click on a phrase changes it; Enter or F2 begins with the title, Tab goes on to the next phrase."""

    opened = Signal(object)

    def __init__(self, model: EntriesModel, change: Callable[[Entry, Said, str], bool]) -> None:
        super().__init__()
        self._entries, self._change = model, change
        self._editing: tuple[int, int] | None = None
        self._edit = PhraseLine(self.viewport(), self._done)
        self.setModel(model)
        self.setItemDelegate(EntryDelegate(self))
        self.setAccessibleName(tr("Codebook"))
        self.setUniformItemSizes(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setMouseTracking(True)
        self.setFrameShape(QListView.Shape.NoFrame)
        self.verticalScrollBar().valueChanged.connect(self._edit.hide)

    @property
    def editor(self) -> QLineEdit:
        """The line in which a phrase is changed."""
        return self._edit

    def chosen_rows(self) -> list[int]:
        return sorted(index.row() for index in self.selectedIndexes())

    def phrase_at(self, place: QPointF) -> tuple[int, Said] | None:
        """(row, phrase) under the pointer, if it can be changed."""
        index = self.indexAt(place.toPoint())
        if not index.isValid():
            return None
        rect = QRectF(self.visualRect(index))
        for said, where in placed(self._entries.entries[index.row()], rect):
            if said.part and where.adjusted(-3, -4, 3, 5).contains(place):
                return index.row(), said
        return None

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        over = self.phrase_at(event.position()) is not None
        self.viewport().setCursor(Qt.CursorShape.PointingHandCursor if over else Qt.CursorShape.ArrowCursor)
        super().mouseMoveEvent(event)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        super().mouseReleaseEvent(event)
        found = self.phrase_at(event.position())
        if found is not None and event.button() is Qt.MouseButton.LeftButton and not event.modifiers():
            self.begin(*found)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        row = self.currentIndex().row()
        keys = (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_F2)
        if event.key() in keys and 0 <= row < len(self._entries.entries):
            self.begin(row, self._entries.entries[row].phrases[0])
        else:
            super().keyPressEvent(event)

    def begin(self, row: int, said: Said) -> None:
        """Change a phrase where it stands; a battery is opened or folded instead, a formula goes to its own line."""
        entry = self._entries.entries[row]
        self.setCurrentIndex(self._entries.index(row))
        if said.part in ("items", "formula"):
            self.opened.emit((entry, said))
            return
        self.scrollTo(self._entries.index(row))
        rect = QRectF(self.visualRect(self._entries.index(row)))
        where = next((p.rect for p in placed(entry, rect) if p.said == said), rect)
        self._editing = row, _changeable(entry).index(said)
        wide = max(where.width() + 40, 160.0)
        box = QRectF(where.left() - 7, where.center().y() - 15, min(wide, rect.right() - where.left()), 30)
        self._edit.setGeometry(QRect(box.toAlignedRect()))
        self._edit.setText(said.text if said.edited is None else said.edited)
        self._edit.selectAll()
        self._edit.show()
        self._edit.setFocus()

    def _done(self, step: int, *, taken: bool, stays: bool = True) -> None:
        """The line was left: the text is taken, and the next phrase (or the one before) follows.

        Where the text cannot be taken the line stays open with it; `stays` is whether the keyboard stays here.
        """
        if self._editing is None:
            return
        (row, place), self._editing = self._editing, None
        entry, text = self._entries.entries[row], self._edit.text()
        said = _changeable(entry)[place]
        self._edit.hide()
        if stays:
            self.setFocus()
        before = said.text if said.edited is None else said.edited
        if taken and text != before and not self._change(entry, said, text):
            self._editing = row, place
            self._edit.show()
            if stays:
                self._edit.setFocus()
        elif step:
            self._go_on(row, place + step)

    def _go_on(self, row: int, place: int) -> None:
        """To a phrase of an entry; past its ends to the entry after, or before."""
        entries = self._entries.entries
        while 0 <= row < len(entries):
            phrases = _changeable(entries[row])
            if 0 <= place < len(phrases):
                self.begin(row, phrases[place])
                return
            row, place = (row - 1, -1) if place < 0 else (row + 1, 0)
            if place < 0 <= row:
                place = len(_changeable(entries[row])) - 1


def _changeable(entry: Entry) -> tuple[Said, ...]:
    """The phrases that are changed in a line over them."""
    return tuple(said for said in entry.phrases if said.part not in ("items", "formula"))


class PhraseLine(QLineEdit):
    """A line over a phrase: Return, Tab and going elsewhere take it, Escape gives up."""

    def __init__(self, parent: QWidget, done: Callable[..., None]) -> None:
        super().__init__(parent)
        self.setAccessibleName(tr("Change this"))
        self._finish = done
        self.hide()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        if event.reason() not in (Qt.FocusReason.ActiveWindowFocusReason, Qt.FocusReason.PopupFocusReason):
            self._finish(0, taken=True, stays=False)

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QKeyEvent) and event.type() is QKeyEvent.Type.KeyPress:
            if event.key() in (Qt.Key.Key_Tab, Qt.Key.Key_Backtab):
                self._finish(1 if event.key() == Qt.Key.Key_Tab else -1, taken=True)
                return True
            if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Escape):
                self._finish(0, taken=event.key() != Qt.Key.Key_Escape)
                return True
        return super().event(event)
