"""The variables strip: tag, name, tiny drawing; type to find; Enter adds to the sentence, Shift+Enter makes groups."""

from __future__ import annotations

from PySide6.QtCore import (
    QAbstractListModel,
    QEvent,
    QMimeData,
    QModelIndex,
    QObject,
    QPersistentModelIndex,
    QRectF,
    QSize,
    QSortFilterProxyModel,
    Qt,
    Signal,
)
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPen
from PySide6.QtWidgets import QLineEdit, QListView, QStyle, QStyledItemDelegate, QStyleOptionViewItem, QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.stations.bench.sentence_line import names_data
from istrel.app.widgets.drawings import draw_shape, draw_tag
from istrel.app.widgets.simple import box, column
from istrel.app.words import tr

Index = QModelIndex | QPersistentModelIndex
ROW = 34
BY = 30


class StripModel(QAbstractListModel):
    """The variables and which of them stand in the sentence."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self.names: tuple[str, ...] = ()
        self.subjects: frozenset[str] = frozenset()
        self.groups: frozenset[str] = frozenset()

    def refresh(self) -> None:
        variables = self._model.study.codebook.variables if self._model.is_open else ()
        names = tuple(variable.name for variable in variables if variable.in_use)
        if names != self.names:
            self.beginResetModel()
            self.names = names
            self.endResetModel()
        elif names:
            self.dataChanged.emit(self.index(0), self.index(len(names) - 1))

    def rowCount(self, parent: Index | None = None) -> int:
        return 0 if parent is not None and parent.isValid() else len(self.names)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> object:
        name = self.names[index.row()]
        if role == Qt.ItemDataRole.DisplayRole:
            return name
        variable = self._model.study.codebook[name]
        if role == Qt.ItemDataRole.ToolTipRole:
            return tr(
                "{title} · {level}\nclick: describe it · “by”: make groups with it",
                title=variable.title_with_unit,
                level=tr(variable.level.value),
            )
        if role == Qt.ItemDataRole.UserRole:
            return variable, self._model.found.facts.get(name), name in self.subjects, name in self.groups
        if role == Qt.ItemDataRole.UserRole + 1:
            return f"{name} {variable.label}"
        if role == Qt.ItemDataRole.AccessibleTextRole:
            return f"{name}, {variable.title}, {tr(variable.level.value)}"
        return None

    def flags(self, index: Index) -> Qt.ItemFlag:
        return super().flags(index) | Qt.ItemFlag.ItemIsDragEnabled

    def mimeData(self, indexes: list[QModelIndex]) -> QMimeData:  # type: ignore[override]
        return names_data([str(index.data()) for index in sorted(indexes, key=lambda i: i.row())])


class StripDelegate(QStyledItemDelegate):
    """Paints a variable; those in the sentence stand on their tint."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        variable, facts, subject, group = index.data(Qt.ItemDataRole.UserRole)
        rect = QRectF(option.rect)
        state = option.state
        if subject or group:
            painter.fillRect(rect, theme.colour(theme.SAND if group else theme.MINT))
            painter.fillRect(
                QRectF(rect.left(), rect.top(), 4, rect.height()),
                theme.colour(theme.SAND_EDGE if group else theme.ACCENT),
            )
        elif state & QStyle.StateFlag.State_MouseOver:
            painter.fillRect(rect, theme.colour(theme.DESK))
        if state & (QStyle.StateFlag.State_Selected | QStyle.StateFlag.State_HasFocus):
            painter.setPen(QPen(theme.colour(theme.ACCENT), 1))
            painter.drawRect(rect.adjusted(0.5, 0.5, -1.5, -1.5))
        draw_tag(painter, QRectF(rect.left() + 13, rect.center().y() - 8, 30, 17), variable.level.tag)
        painter.setFont(theme.sans())
        painter.setPen(theme.colour(theme.INK))
        names = rect.adjusted(52, 0, -68, 0)
        hovered = bool(state & QStyle.StateFlag.State_MouseOver)
        text = painter.fontMetrics().elidedText(variable.name, Qt.TextElideMode.ElideMiddle, int(names.width()))
        painter.drawText(names, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, text)
        if hovered:
            painter.setFont(theme.serif(15, italic=True))
            painter.setPen(theme.colour(theme.QUIET))
            painter.drawText(
                rect.adjusted(0, 0, -12, 0), Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, "by"
            )
            rect = rect.adjusted(0, 0, -22, 0)
        if facts is not None:
            draw_shape(
                painter,
                QRectF(rect.right() - 62, rect.top() + 8, 50, rect.height() - 17),
                facts.shape,
                stepped=facts.stepped,
            )

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option, index
        return QSize(100, ROW)


class StripView(QListView):
    """The list; a click at the right edge ("by") makes groups. Several chosen with Shift or Ctrl go in together."""

    subjects_chosen = Signal(tuple)
    groups_chosen = Signal(tuple)

    def __init__(self) -> None:
        super().__init__()
        self.setSelectionMode(QListView.SelectionMode.ExtendedSelection)
        self._together: tuple[str, ...] = ()

    def chosen(self) -> tuple[str, ...]:
        """The selected variables in the order of the list."""
        return tuple(str(index.data()) for index in sorted(self.selectedIndexes(), key=lambda i: i.row()))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        chosen, index = self.chosen(), self.indexAt(event.position().toPoint())
        self._together = chosen if len(chosen) > 1 and str(index.data()) in chosen else ()
        super().mousePressEvent(event)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        super().mouseReleaseEvent(event)
        index = self.indexAt(event.position().toPoint())
        more = Qt.KeyboardModifier.ShiftModifier | Qt.KeyboardModifier.ControlModifier
        if not index.isValid() or event.button() is not Qt.MouseButton.LeftButton or event.modifiers() & more:
            return
        names = self._together or (str(index.data()),)
        by = event.position().x() > self.viewport().width() - BY
        self._emit(names, by=by)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self.currentIndex().isValid():
            if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
                event.ignore()
                return
            chosen = self.chosen()
            names = chosen if len(chosen) > 1 else (str(self.currentIndex().data()),)
            self._emit(names, by=bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier))
            return
        super().keyPressEvent(event)

    def _emit(self, names: tuple[str, ...], *, by: bool) -> None:
        self.clearSelection()
        (self.groups_chosen if by else self.subjects_chosen).emit(names)


class Strip(QWidget):
    """The find line and the list under it."""

    subjects_chosen = Signal(tuple)
    groups_chosen = Signal(tuple)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setFixedWidth(theme.STRIP)
        panel = box("panel")
        column(self).addWidget(panel)
        layout = column(panel)
        self.finder = QLineEdit()
        self.finder.setObjectName("find")
        self.finder.setPlaceholderText(tr("Find a variable  /"))
        self.finder.setAccessibleName(tr("Find a variable"))
        self.list_model = StripModel(model)
        self._filter = QSortFilterProxyModel(self)
        self._filter.setSourceModel(self.list_model)
        self._filter.setFilterRole(Qt.ItemDataRole.UserRole + 1)
        self._filter.setFilterCaseSensitivity(Qt.CaseSensitivity.CaseInsensitive)
        self.view = StripView()
        self.view.setAccessibleName(tr("Variables"))
        self.view.setModel(self._filter)
        self.view.setItemDelegate(StripDelegate(self.view))
        self.view.setMouseTracking(True)
        self.view.setDragEnabled(True)
        self.view.setUniformItemSizes(True)
        self.view.setVerticalScrollMode(QListView.ScrollMode.ScrollPerPixel)
        layout.addWidget(self.finder)
        layout.addWidget(self.view, 1)
        self.finder.textChanged.connect(self._filter.setFilterFixedString)
        self.finder.installEventFilter(self)
        self.view.subjects_chosen.connect(self.subjects_chosen)
        self.view.groups_chosen.connect(self.groups_chosen)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Enter in the find line takes the first variable found; down goes to the list."""
        if watched is self.finder and isinstance(event, QKeyEvent) and event.type() is QEvent.Type.KeyPress:
            plain = not event.modifiers() & Qt.KeyboardModifier.ControlModifier
            if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and plain and self._filter.rowCount():
                name = str(self._filter.index(0, 0).data())
                shift = event.modifiers() & Qt.KeyboardModifier.ShiftModifier
                (self.groups_chosen if shift else self.subjects_chosen).emit((name,))
                self.finder.clear()
                return True
            if event.key() == Qt.Key.Key_Down and self._filter.rowCount():
                self.view.setFocus()
                self.view.setCurrentIndex(self._filter.index(0, 0))
                return True
        return super().eventFilter(watched, event)

    def refresh(self) -> None:
        self.list_model.refresh()

    def mark(self, subjects: tuple[str, ...], groups: tuple[str, ...]) -> None:
        """Show which variables stand in the sentence."""
        self.list_model.subjects, self.list_model.groups = frozenset(subjects), frozenset(groups)
        self.list_model.refresh()
