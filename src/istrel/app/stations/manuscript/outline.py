"""The outline of the manuscript: every kept exhibit with its label, title and status, in an order that dragging changes."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QPainter
from PySide6.QtWidgets import QListWidget, QListWidgetItem, QStyle, QStyledItemDelegate, QStyleOptionViewItem

from istrel.app import theme

Index = QModelIndex | QPersistentModelIndex
WIDTH = 280


class OutlineDelegate(QStyledItemDelegate):
    """An entry of the outline: label in the paper's serif, title, and its status below."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        title, status, alarming = index.data(Qt.ItemDataRole.UserRole)
        rect = QRectF(option.rect)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
            painter.fillRect(QRectF(rect.left(), rect.top(), 4, rect.height()), theme.colour(theme.FRAME))
        inner = rect.adjusted(16, 8, -10, -8)
        painter.setPen(theme.colour(theme.INK))
        painter.setFont(theme.serif(15, bold=True))
        painter.drawText(inner, Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, str(index.data()))
        painter.setFont(theme.sans(13))
        lines = painter.fontMetrics().elidedText(title, Qt.TextElideMode.ElideRight, int(2 * inner.width() - 40))
        wrap = Qt.TextFlag.TextWordWrap | Qt.AlignmentFlag.AlignTop
        painter.drawText(inner.adjusted(0, 21, 0, 0), wrap, lines)
        painter.setPen(theme.colour(theme.VERMILION if alarming else theme.QUIET))
        painter.setFont(theme.sans(theme.SMALL_PX))
        status = painter.fontMetrics().elidedText(status, Qt.TextElideMode.ElideRight, int(inner.width()))
        painter.drawText(inner, Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignLeft, status)

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option, index
        return QSize(WIDTH - 24, 92)


class Outline(QListWidget):
    """The exhibits in order; dragging changes the order."""

    moved = Signal(int, int)

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName("Outline of the manuscript")
        self.setItemDelegate(OutlineDelegate(self))
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragDropMode(QListWidget.DragDropMode.InternalMove)
        self.model().rowsMoved.connect(self._rows_moved)

    def make_rows(self, count: int) -> None:
        """So many rows, the chosen one kept where there is one."""
        chosen = self.currentRow()
        self.clear()
        for _ in range(count):
            self.addItem(QListWidgetItem())
        self.setCurrentRow(min(max(0, chosen), count - 1))

    def write(self, place: int, label: str, title: str, status: str, tip: str, *, alarming: bool) -> None:
        """What a row says."""
        item = self.item(place)
        item.setText(label)
        item.setData(Qt.ItemDataRole.UserRole, (title, status, alarming))
        item.setToolTip(tip)

    def _rows_moved(self, parent: object, start: int, end: int, to_parent: object, to: int) -> None:
        del parent, end, to_parent
        place = to - 1 if to > start else to
        QTimer.singleShot(0, lambda: self.moved.emit(start, place))
