"""The values of a variable with labels and counts: labels are edited in place, the order by dragging or Alt with an arrow."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QDropEvent, QKeyEvent
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableWidget, QTableWidgetItem

from istrel.app.words import local, tr
from istrel.data.codebook import ValueLabel, Variable
from istrel.data.column import show_value

VALUE, LABEL, COUNT = range(3)
MOST = 40
ROW = 26


class ValuesEditor(QTableWidget):
    """One line per value; `changed_labels` carries all labels in their new order."""

    changed_labels = Signal(object)

    def __init__(self) -> None:
        super().__init__(0, 3)
        self.setAccessibleName(tr("Values with labels"))
        self.setHorizontalHeaderLabels([tr("Value"), tr("Label"), tr("Cases")])
        self.verticalHeader().hide()
        self.verticalHeader().setDefaultSectionSize(ROW)
        self.setShowGrid(False)
        heads = self.horizontalHeader()
        heads.hide()
        heads.setSectionResizeMode(LABEL, QHeaderView.ResizeMode.Stretch)
        self.setColumnWidth(VALUE, 104)
        self.setColumnWidth(COUNT, 64)
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setDragDropOverwriteMode(False)
        self._values: list[float | str] = []
        self._filling = False
        self.itemChanged.connect(self._edited)

    def show_values(self, variable: Variable, counted: tuple[tuple[float | str, str, int], ...]) -> None:
        """Show values in the order in which they print."""
        self._filling = True
        self._values = [value for value, _, _ in counted[:MOST]]
        labels = {entry.value: entry.label for entry in variable.value_labels}
        self.setRowCount(len(self._values))
        for place, (value, _, count) in enumerate(counted[:MOST]):
            shown = QTableWidgetItem(show_value(value).replace("-", "−") if not isinstance(value, str) else value)
            shown.setFlags(Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable | Qt.ItemFlag.ItemIsDragEnabled)
            text = QTableWidgetItem(labels.get(value, ""))
            number = QTableWidgetItem(local(f"{count:,}"))
            number.setFlags(Qt.ItemFlag.ItemIsEnabled)
            number.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
            for which, item in enumerate((shown, text, number)):
                self.setItem(place, which, item)
        self.setFixedHeight(min(9, max(1, len(self._values))) * ROW + 30)
        self._filling = False

    def _labels(self, order: list[int]) -> tuple[ValueLabel, ...]:
        texts = [self.item(place, LABEL) for place in range(self.rowCount())]
        words = [item.text().strip() if item is not None else "" for item in texts]
        return tuple(ValueLabel(self._values[i], words[i] or show_value(self._values[i])) for i in order)

    def _edited(self, item: QTableWidgetItem) -> None:
        if not self._filling and item.column() == LABEL:
            self.changed_labels.emit(self._labels(list(range(self.rowCount()))))

    def move_value(self, place: int, to: int) -> None:
        """Put a value in another place of the order."""
        order = list(range(self.rowCount()))
        order.insert(to if to < place else to - 1, order.pop(place))
        self.changed_labels.emit(self._labels(order))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Alt with an arrow moves the value up or down."""
        steps = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 2}
        place = self.currentRow()
        if event.modifiers() == Qt.KeyboardModifier.AltModifier and event.key() in steps and place >= 0:
            to = place + steps[Qt.Key(event.key())]
            if 0 <= to <= self.rowCount():
                self.move_value(place, to)
                self.setCurrentCell(place - 1 if to < place else place + 1, VALUE)
        else:
            super().keyPressEvent(event)

    def dropEvent(self, event: QDropEvent) -> None:
        target = self.indexAt(event.position().toPoint()).row()
        event.setDropAction(Qt.DropAction.IgnoreAction)
        event.accept()
        if self.currentRow() >= 0:
            self.move_value(self.currentRow(), target if target >= 0 else self.rowCount())
