"""The rows of a study as a table for a view. Only what is looked at is turned into text, block by block."""

from __future__ import annotations

from typing import Any

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QAbstractTableModel, QModelIndex, QPersistentModelIndex, Qt, Signal

from istrel.app.words import tr
from istrel.data.column import Kind, show_value
from istrel.study.study import Study

Index = QModelIndex | QPersistentModelIndex
BLOCK = 64
MOST_BLOCKS = 4096
PLAIN, MISSING, CORRECTED, ASIDE = range(4)
STATE = Qt.ItemDataRole.UserRole


class CasesModel(QAbstractTableModel):
    """Rows of the source in use, all or some, in the order of the file or sorted; an edit is sent out as a wish.

    `edited(row, variable, text)`: the data row from 1.
    """

    edited = Signal(int, str, str)

    def __init__(self) -> None:
        super().__init__()
        self._study: Study | None = None
        self._rows: NDArray[np.int64] | None = None
        self._blocks: dict[tuple[int, int], list[tuple[str, int]]] = {}
        self._old: dict[tuple[int, str], str] = {}

    def show_study(self, study: Study) -> None:
        """Show a study as it stands; rows that were chosen stay chosen."""
        same_shape = (
            self._study is not None
            and self._study.table.names == study.table.names
            and self._study.source.raw is study.source.raw
        )
        if self._study is not None and self._study.source.raw is not study.source.raw:
            self._rows = None
        if same_shape:
            self._study = study
            self._blocks.clear()
            self._note_corrections()
            last = self.index(self.rowCount() - 1, self.columnCount() - 1)
            self.dataChanged.emit(self.index(0, 0), last)
            return
        self.beginResetModel()
        self._study = study
        self._blocks.clear()
        self._note_corrections()
        self.endResetModel()

    def forget(self) -> None:
        """No study is open any more."""
        self.beginResetModel()
        self._study = self._rows = None
        self._blocks.clear()
        self._old.clear()
        self.endResetModel()

    def show_rows(self, rows: NDArray[np.int64] | None) -> None:
        """Show these rows (positions from 0) in this order; None shows all as in the file."""
        self.beginResetModel()
        self._rows = rows
        self._blocks.clear()
        self.endResetModel()

    @property
    def rows(self) -> NDArray[np.int64] | None:
        return self._rows

    def row_at(self, place: int) -> int:
        """The data row, from 0, that stands at a place of the view."""
        return place if self._rows is None else int(self._rows[place])

    def variable_at(self, column: int) -> str:
        assert self._study is not None
        return self._study.table.columns[column].name

    def _note_corrections(self) -> None:
        assert self._study is not None
        self._old = {
            (c.row - 1, c.variable): tr("{value} in the file", value=show_value(c.old) or tr("blank"))
            + (f": {c.reason}" if c.reason else "")
            for c in self._study.source.corrections
            if c.row is not None
        }

    def rowCount(self, parent: Index | None = None) -> int:
        if self._study is None or (parent is not None and parent.isValid()):
            return 0
        return self._study.table.n_rows if self._rows is None else int(self._rows.size)

    def columnCount(self, parent: Index | None = None) -> int:
        return 0 if self._study is None or (parent is not None and parent.isValid()) else len(self._study.table.columns)

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if self._study is None:
            return None
        if orientation is Qt.Orientation.Horizontal:
            name = self._study.table.columns[section].name
            if role == Qt.ItemDataRole.DisplayRole:
                return name
            if role == Qt.ItemDataRole.TextAlignmentRole:
                return self._side(section)
            return self._study.codebook[name].title_with_unit if role == Qt.ItemDataRole.ToolTipRole else None
        return f"{self.row_at(section) + 1}" if role == Qt.ItemDataRole.DisplayRole else None

    def data(self, index: Index, role: int = Qt.ItemDataRole.DisplayRole) -> Any:
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.EditRole):
            return self._cell(index.row(), index.column())[0]
        if role == STATE:
            return self._cell(index.row(), index.column())[1]
        if role == Qt.ItemDataRole.TextAlignmentRole:
            return self._side(index.column())
        if role == Qt.ItemDataRole.ToolTipRole:
            return self._old.get((self.row_at(index.row()), self.variable_at(index.column())))
        return None

    def _side(self, column: int) -> Qt.AlignmentFlag:
        """Numbers stand on the right, under their name."""
        assert self._study is not None
        number = self._study.table.columns[column].kind is Kind.NUMBER
        side = Qt.AlignmentFlag.AlignRight if number else Qt.AlignmentFlag.AlignLeft
        return side | Qt.AlignmentFlag.AlignVCenter

    def _cell(self, place: int, column: int) -> tuple[str, int]:
        block = place // BLOCK
        made = self._blocks.get((block, column))
        if made is None:
            if len(self._blocks) >= MOST_BLOCKS:
                self._blocks.clear()
            made = self._make(block, column)
            self._blocks[block, column] = made
        return made[place - block * BLOCK]

    def _make(self, block: int, place: int) -> list[tuple[str, int]]:
        assert self._study is not None
        column, data = self._study.table.columns[place], self._study.data
        stop = min((block + 1) * BLOCK, self.rowCount())
        here = [self.row_at(i) for i in range(block * BLOCK, stop)]
        present = data.present(column.name)
        cells = []
        for row in here:
            state = PLAIN if present[row] else MISSING
            if (row, column.name) in self._old:
                state = CORRECTED
            elif data.aside is not None and data.aside[row]:
                state = ASIDE
            cells.append((column.text_at(row), state))
        return cells

    def setData(self, index: Index, value: Any, role: int = Qt.ItemDataRole.EditRole) -> bool:
        if role != Qt.ItemDataRole.EditRole or str(value) == self._cell(index.row(), index.column())[0]:
            return False
        self.edited.emit(self.row_at(index.row()) + 1, self.variable_at(index.column()), str(value))
        return True

    def flags(self, index: Index) -> Qt.ItemFlag:
        flags = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        derived = self._study is None or self.variable_at(index.column()) in self._study.codebook.derived
        return flags if derived else flags | Qt.ItemFlag.ItemIsEditable
