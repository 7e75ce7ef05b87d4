"""The table on the paper as keyboard and screen reader have it: cells with their rows and heads, walked and opened by keys."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

from PySide6.QtCore import QAbstractTableModel, QItemSelectionModel, QModelIndex, QPersistentModelIndex, Qt, Signal
from PySide6.QtGui import QFocusEvent, QKeyEvent, QPaintEvent
from PySide6.QtWidgets import QAbstractItemView, QFrame, QTableView, QWidget

from istrel.app.words import tr
from istrel.exhibits.figure import FigureSheet, items_of
from istrel.exhibits.printing import PrintedTable, body_rows, head_rows, plain_text, print_cell
from istrel.render.scene.shapes import Part
from istrel.style.house import HouseStyle

Index = QModelIndex | QPersistentModelIndex
NOWHERE = QModelIndex()


class Marks(Sequence[list[str]]):
    """A row for each mark of a figure with a number that can be opened: what it says, and the number; printed when looked at."""

    def __init__(self, sheet: FigureSheet, style: HouseStyle) -> None:
        self._style = style
        found: dict[tuple[str, str], Part] = {}
        for panel, here in enumerate(sheet.panels):
            for mark, made in enumerate(here.marks):
                for item, one in enumerate(items_of(made)):
                    if one.numbers:
                        found.setdefault((one.numbers[0].row, one.numbers[0].column), Part(panel, mark, item))
        self.parts = tuple(found.values())
        self._items = [items_of(sheet.panels[p].marks[m])[i] for p, m, i in self.parts]

    def __len__(self) -> int:
        return len(self.parts)

    def __getitem__(self, place: Any) -> Any:
        item = self._items[place]
        return [plain_text(item.words, self._style), print_cell(item.numbers[0], self._style)]


class ProofModel(QAbstractTableModel):
    """What is printed: a row for each of a table's, a column for each beside the stub; of a figure a row for each mark."""

    def __init__(self) -> None:
        super().__init__()
        self._rows: Sequence[list[str]] = []
        self._heads: list[str] = []

    def show_table(self, table: PrintedTable | None) -> None:
        levels = [] if table is None else head_rows(table)
        heads = [", ".join(dict.fromkeys(filter(None, words))) for words in zip(*levels, strict=False)]
        self._show([] if table is None else body_rows(table), heads)

    def show_marks(self, marks: Marks) -> None:
        self._show(marks, ["", tr("Number")])

    def _show(self, rows: Sequence[list[str]], heads: list[str]) -> None:
        self.beginResetModel()
        self._rows, self._heads = rows, heads
        self.endResetModel()

    def rowCount(self, parent: Index = NOWHERE) -> int:
        return 0 if parent.isValid() else len(self._rows)

    def columnCount(self, parent: Index = NOWHERE) -> int:
        return 0 if parent.isValid() else max(0, len(self._heads) - 1)

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return self._rows[index.row()][index.column() + 1]
        if role == Qt.ItemDataRole.AccessibleDescriptionRole:
            return f"{self._named(index.row())}, {self._heads[index.column() + 1]}"
        return None

    def headerData(self, section: int, way: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role not in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return None
        return self._heads[section + 1] if way is Qt.Orientation.Horizontal else self._named(section)

    def _named(self, row: int) -> str:
        """A row with the heading that it stands under, as a group stands under its variable."""
        stub = self._rows[row][0]
        if isinstance(self._rows, Marks):
            return stub
        if any(self._rows[row][1:]):
            above = next((r for r in range(row - 1, -1, -1) if not any(self._rows[r][1:])), None)
            if above is not None:
                return f"{self._rows[above][0]}, {stub}"
        return stub


class TableWalk(QTableView):
    """Lies unseen over a paper: `moved()` says that another cell is current, `wanted(row, column)` that it is to be opened."""

    moved = Signal()
    wanted = Signal(int, int)

    def __init__(self, paper: QWidget) -> None:
        super().__init__(paper)
        self.lines = ProofModel()
        self.setModel(self.lines)
        self.setAccessibleName(tr("Table on the paper"))
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setTabKeyNavigation(False)
        self.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        self.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        for bar in (self.horizontalHeader(), self.verticalHeader()):
            bar.hide()
        for policy in (self.setHorizontalScrollBarPolicy, self.setVerticalScrollBarPolicy):
            policy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.viewport().setAutoFillBackground(False)
        self.setStyleSheet("QTableView { background: transparent; }")

    def show_table(self, table: PrintedTable | None) -> None:
        """Another table, or none."""
        self.setAccessibleName(tr("Table on the paper"))
        self.lines.show_table(table)
        self._begin()

    def show_marks(self, marks: Marks) -> None:
        """The marks of a figure, one under the other."""
        self.setAccessibleName(tr("Numbers of the figure on the paper"))
        self.lines.show_marks(marks)
        self._begin()

    def _begin(self) -> None:
        there = self.lines.rowCount() > 0
        self.setVisible(there)
        if there:
            self.selectionModel().setCurrentIndex(self.lines.index(0, 0), QItemSelectionModel.SelectionFlag.NoUpdate)

    @property
    def place(self) -> tuple[int, int] | None:
        """(row, column) of the current cell, where the keyboard is here."""
        index = self.currentIndex()
        return (index.row(), index.column()) if self.hasFocus() and index.isValid() else None

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self.currentIndex().isValid():
            self.wanted.emit(self.currentIndex().row(), self.currentIndex().column())
            return
        super().keyPressEvent(event)

    def currentChanged(self, current: Index, previous: Index) -> None:
        super().currentChanged(current, previous)
        self.moved.emit()

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.moved.emit()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self.moved.emit()

    def paintEvent(self, event: QPaintEvent) -> None:
        """Nothing: the paper is what is seen."""
        del event
