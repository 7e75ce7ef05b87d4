"""The drawer put together: which cases are shown and why, finding, sorting, correcting, setting aside."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QKeyEvent, QPainter, QPen
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHBoxLayout,
    QHeaderView,
    QLineEdit,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTableView,
    QWidget,
)

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.drawer.cases_model import ASIDE, CORRECTED, MISSING, STATE, CasesModel, Index
from istrel.app.widgets.simple import button, column, label, row
from istrel.app.words import retold, tr
from istrel.data.corrections import Aside, Correction, check_value
from istrel.data.order import find_rows, sorted_rows
from istrel.problem import Problem
from istrel.study.changes.cases import BringBack, Correct, SetAside

TALL = 300
CELL = 25


class CellDelegate(QStyledItemDelegate):
    """Missing cells are shaded, corrected ones underlined in vermilion, cases set aside struck out."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        state = index.data(STATE)
        rect = QRectF(option.rect)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
        elif state == MISSING:
            painter.fillRect(rect, theme.colour(theme.DESK))
        painter.setPen(theme.colour(theme.LINE))
        painter.drawLine(rect.bottomLeft(), rect.bottomRight())
        font = theme.sans(13)
        font.setStrikeOut(state == ASIDE)
        painter.setFont(font)
        painter.setPen(theme.colour(theme.QUIET if state in (MISSING, ASIDE) else theme.INK))
        inner = rect.adjusted(8, 0, -8, 0)
        text = painter.fontMetrics().elidedText(index.data() or "", Qt.TextElideMode.ElideRight, int(inner.width()))
        painter.drawText(inner, index.data(Qt.ItemDataRole.TextAlignmentRole), text)
        if state == CORRECTED:
            painter.setPen(QPen(theme.colour(theme.VERMILION), 2))
            painter.drawLine(rect.bottomLeft(), rect.bottomRight())


class CasesDrawer(QWidget):
    """Slides up from the cases line; Escape closes it."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self.setFixedHeight(TALL)
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setObjectName("panel")
        self._sort: tuple[str, bool] | None = None
        self._chosen: tuple[int, ...] | None = None
        self._why = ""
        self.cases = CasesModel()
        self.view = self._make_view()
        layout = column(self)
        layout.addLayout(self._make_bar())
        layout.addWidget(self.view, 1)
        model.changed.connect(self._study_changed)
        model.opened.connect(self.show_all)
        model.closed.connect(self.cases.forget)
        model.cases_wanted.connect(self.show_cases)
        self.cases.edited.connect(self._correct)
        self.hide()

    def _make_bar(self) -> QHBoxLayout:
        bar = row(margins=(16, 6, 16, 6), spacing=10)
        self.title = label("", "heading")
        self.all = button(tr("all cases"), "link", self.show_all)
        self.set_aside = button(tr("set aside"), "link", self._set_aside, tip=tr("set the cases shown aside"))
        self.bring_back = button(
            tr("bring back"), "link", lambda: self._model.do(BringBack()), tip=tr("bring back the cases set aside")
        )
        self.finder = QLineEdit()
        self.finder.setPlaceholderText(tr("Find a value or a case number"))
        self.finder.setAccessibleName(tr("Find cases"))
        self.finder.setFixedWidth(224)
        self.finder.returnPressed.connect(self.find_cases)
        self.reason = QLineEdit()
        self.reason.setPlaceholderText(tr("Reason for corrections"))
        self.reason.setAccessibleName(tr("Reason for corrections"))
        self.reason.setFixedWidth(176)
        self.trouble = label("", "error")
        for widget in (self.title, self.all, self.set_aside, self.bring_back, self.trouble):
            bar.addWidget(widget)
        bar.addStretch()
        bar.addWidget(self.finder)
        bar.addWidget(self.reason)
        bar.addWidget(button(tr("close"), "link", self.hide, tip=tr("close the cases drawer")))
        return bar

    def _make_view(self) -> QTableView:
        view = QTableView()
        view.setModel(self.cases)
        view.setItemDelegate(CellDelegate(view))
        view.setAccessibleName(tr("Cases"))
        view.setShowGrid(False)
        view.setWordWrap(False)
        view.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        rows = view.verticalHeader()
        rows.setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        rows.setDefaultSectionSize(CELL)
        rows.setMinimumWidth(64)
        heads = view.horizontalHeader()
        heads.setDefaultSectionSize(112)
        heads.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        heads.setSectionsClickable(True)
        heads.sectionClicked.connect(self._sort_by)
        view.setTabKeyNavigation(False)
        return view

    # What is shown.
    def toggle(self) -> None:
        """Open the drawer, or close it."""
        if self.isVisible():
            self.hide()
        elif self._model.is_open:
            self._open()
            self.view.setFocus()

    def _open(self) -> None:
        self.cases.show_study(self._model.study)
        self.show()
        self._tell()

    def show_all(self) -> None:
        """All cases, in the order of the file."""
        self._chosen, self._sort = None, None
        self._why = ""
        for key in ("sort cases", "find cases"):  # an answer for other cases must not come in now
            self._model.background.cancel(key)
        if self.isVisible():
            self.cases.show_study(self._model.study)
            self.cases.show_rows(None)
            self._tell()

    def show_cases(self, rows: tuple[int, ...], why: str, variable: str = "") -> None:
        """Only these cases, in data rows from 1, and why; the variable they are about is brought into view."""
        self._chosen, self._why, self._sort = tuple(rows), why, None
        self._open()
        self.cases.show_rows(np.array(rows, np.int64) - 1)
        names = self._model.study.table.names
        if variable in names and rows:
            place = self.cases.index(0, names.index(variable))
            self.view.setCurrentIndex(place)
            self.view.scrollTo(place, QAbstractItemView.ScrollHint.PositionAtCenter)
        self._tell()

    def _tell(self) -> None:
        shown = self.cases.rowCount()
        words = tr("{n:,} [case|cases]", n=shown)
        self.title.setText(
            self.title.fontMetrics().elidedText(f"{words}  {self._why}".strip(), Qt.TextElideMode.ElideRight, 420)
        )
        self.all.setVisible(self._chosen is not None)
        self.set_aside.setVisible(self._chosen is not None and shown > 0)
        self.bring_back.setVisible(bool(self._model.study.source.asides))
        self.trouble.setText("")

    def _study_changed(self) -> None:
        if self.isVisible():
            self.cases.show_study(self._model.study)
            self._tell()

    # Sorting and finding.
    def _sort_by(self, place: int) -> None:
        """Ascending, then descending, then as it was; missing values last."""
        name = self.cases.variable_at(place)
        if self._sort == (name, True):
            self._sort = None
        else:
            self._sort = (name, self._sort == (name, False))
        data, chosen, sort = self._model.study.data, self._chosen, self._sort
        self._model.background.submit(
            "sort cases", lambda: sorted_rows(data, chosen, sort), self.cases.show_rows, words=tr("sorting the cases")
        )

    def find_cases(self) -> None:
        """Cases in which the text stands; a number also finds the case of that number."""
        text, data = self.finder.text().strip(), self._model.study.data
        if not text:
            self.show_all()
            return
        self._model.background.submit(
            "find cases", lambda: find_rows(data, text), lambda rows: self._found(rows, text), words=tr("finding cases")
        )

    def _found(self, rows: tuple[int, ...], text: str) -> None:
        if rows:
            self.show_cases(rows, tr("with “{text}”", text=text))
        else:
            self.trouble.setText(tr("“{text}” stands nowhere", text=text))

    # Changing.
    def _correct(self, data_row: int, variable: str, text: str) -> None:
        """What was typed into a cell becomes a recorded correction."""
        column_ = self._model.study.table.column(variable)
        try:
            new = check_value(column_, text)
        except Problem as problem:
            self.trouble.setText(retold(problem.message))
            return
        valid = bool(column_.valid[data_row - 1])
        old = column_.value_at(data_row - 1) if valid else column_.text_at(data_row - 1)
        if (new, valid) != (None, False) or old != "":
            self._model.do(Correct((Correction(variable, old, new, data_row, self.reason.text().strip()),)))

    def _set_aside(self) -> None:
        if self._chosen:
            self._model.do(SetAside(Aside(self._chosen, self._why)))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
        else:
            super().keyPressEvent(event)
