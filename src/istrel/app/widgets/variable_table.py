"""A table of variables with tags, tiny drawings and missing bars, painted cell by cell from ready strings."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPen
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTableView,
)

from istrel.app import theme
from istrel.app.widgets.drawings import draw_missing, draw_shape, draw_tag
from istrel.app.words import tr

Index = QModelIndex | QPersistentModelIndex
ROW = 36


@dataclass(frozen=True)
class TableColumn:
    """A column: its head, width (0 stretches), what it paints ("text", "tag", "shape" or "missing"), and if it is edited."""

    head: str
    width: int
    paints: str = "text"
    editable: bool = False
    bold: bool = False
    right: bool = False


class VariableModel(QAbstractTableModel):
    """Rows of ready values, one per variable; an edit goes to `edited(row, column, text)` and nowhere else."""

    def __init__(self, columns: tuple[TableColumn, ...]) -> None:
        super().__init__()
        self.columns = columns
        self.rows: list[tuple[Any, ...]] = []
        self.edited: Callable[[int, int, str], None] | None = None

    def fill(self, rows: list[tuple[Any, ...]]) -> None:
        """Exchange all rows; the selection stays when their number does.

        Only cells that differ are reported: a cell that is just being edited must not be overwritten by news about others.
        """
        if len(rows) != len(self.rows):
            self.beginResetModel()
            self.rows = rows
            self.endResetModel()
            return
        before, self.rows = self.rows, rows
        for place, (old, new) in enumerate(zip(before, rows, strict=True)):
            for column, (was, now) in enumerate(zip(old, new, strict=True)):
                if was != now:
                    self.dataChanged.emit(self.index(place, column), self.index(place, column))

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.rows)

    def columnCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.columns)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if orientation is Qt.Orientation.Horizontal and role == Qt.ItemDataRole.DisplayRole:
            return tr(self.columns[section].head)
        if orientation is Qt.Orientation.Horizontal and role == Qt.ItemDataRole.TextAlignmentRole:
            side = Qt.AlignmentFlag.AlignRight if self.columns[section].right else Qt.AlignmentFlag.AlignLeft
            return side | Qt.AlignmentFlag.AlignVCenter
        return None

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        value = self.rows[index.row()][index.column()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.EditRole):
            return value if isinstance(value, str) else None
        if role == Qt.ItemDataRole.UserRole:
            return value
        if role == Qt.ItemDataRole.ToolTipRole and isinstance(value, str) and len(value) > 18:
            return value
        return None

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        if role != Qt.ItemDataRole.EditRole or self.edited is None or value == self.rows[index.row()][index.column()]:
            return False
        self.edited(index.row(), index.column(), str(value))
        return True

    def flags(self, index: Index) -> Qt.ItemFlag:
        flags = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        return flags | Qt.ItemFlag.ItemIsEditable if self.columns[index.column()].editable else flags


class VariableDelegate(QStyledItemDelegate):
    """Paints one cell in the one style."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        model = index.model()
        assert isinstance(model, VariableModel)
        column = model.columns[index.column()]
        value = index.data(Qt.ItemDataRole.UserRole)
        rect = QRectF(option.rect)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
        painter.setPen(QPen(theme.colour(theme.LINE), 1))
        painter.drawLine(rect.bottomLeft(), rect.bottomRight())
        inner = rect.adjusted(8, 0, -8, 0)
        if column.paints == "tag" and value:
            draw_tag(painter, QRectF(rect.left() + 10, rect.center().y() - 8, 30, 17), value)
        elif column.paints == "shape" and value:
            draw_shape(painter, inner.adjusted(0, 8, 0, -8), value[0], stepped=value[1])
        elif column.paints == "missing" and value is not None:
            draw_missing(painter, QRectF(inner.left(), inner.center().y() - 3, min(56, inner.width()), 6), value)
        elif isinstance(value, str):
            self._text(painter, inner, value, column)

    def _text(self, painter: QPainter, rect: QRectF, text: str, column: TableColumn) -> None:
        painter.setFont(theme.sans(theme.TEXT_PX, bold=column.bold))
        painter.setPen(theme.colour(theme.INK))
        shown = painter.fontMetrics().elidedText(
            text or ("—" if column.editable else ""), Qt.TextElideMode.ElideRight, int(rect.width())
        )
        side = Qt.AlignmentFlag.AlignRight if column.right else Qt.AlignmentFlag.AlignLeft
        painter.drawText(rect, side | Qt.AlignmentFlag.AlignVCenter, shown)
        if column.editable:
            pen = QPen(theme.colour(theme.EDGE), 1, Qt.PenStyle.DashLine)
            painter.setPen(pen)
            base = rect.center().y() + 10
            end = rect.left() + painter.fontMetrics().horizontalAdvance(shown)
            painter.drawLine(QPointF(rect.left(), base), QPointF(end, base))

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option, index
        return QSize(40, ROW)


def variable_table(model: VariableModel, name: str) -> QTableView:
    """A table view for a model of variables."""
    view = QTableView()
    view.setAccessibleName(name)
    view.setModel(model)
    view.setItemDelegate(VariableDelegate(view))
    view.setShowGrid(False)
    view.verticalHeader().hide()
    view.verticalHeader().setDefaultSectionSize(ROW)
    view.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
    view.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
    view.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
    view.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    view.setEditTriggers(
        QAbstractItemView.EditTrigger.DoubleClicked
        | QAbstractItemView.EditTrigger.EditKeyPressed
        | QAbstractItemView.EditTrigger.SelectedClicked
    )
    view.setTabKeyNavigation(False)
    view.setMouseTracking(True)
    header = view.horizontalHeader()
    header.setHighlightSections(False)
    header.setFixedHeight(36)
    for place, column in enumerate(model.columns):
        if column.width:
            header.setSectionResizeMode(place, QHeaderView.ResizeMode.Fixed)
            view.setColumnWidth(place, column.width)
        else:
            header.setSectionResizeMode(place, QHeaderView.ResizeMode.Stretch)
    header.setMinimumSectionSize(40)
    return view
