"""Conditions without typing: choose a variable, click its values or drag limits on its drawing; the line below is written."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QLineEdit, QListWidget, QListWidgetItem, QStackedWidget, QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.stations.codebook.cuts import CutsDrawing
from istrel.app.widgets.simple import button, column, label, row
from istrel.app.words import tr
from istrel.data.facts import value_counts
from istrel.data.formula.tree import Between, Condition, IsMissing, Literal, Name, Not, OneOf
from istrel.sentence.show_formula import show_condition

WIDE, TALL = 520, 292
MOST_VALUES = 60


class ConditionBuilder(QFrame):
    """Stands above the cases line while a condition is written.

    `built(text)` whenever a click or a drag makes a condition; `for_exhibit()` when it shall hold for the exhibit on the
    Bench only.
    """

    built = Signal(str)
    for_exhibit = Signal()

    def __init__(self, desk: QWidget, model: StudyModel) -> None:
        super().__init__(desk)
        self._desk, self._model = desk, model
        self._before = self._written = ""
        self.setObjectName("surface")
        self.setStyleSheet(f"ConditionBuilder {{ border: 1px solid {theme.LINE}; }}")
        self.setFixedSize(WIDE, TALL)
        layout = column(self, margins=(16, 12, 16, 12), spacing=8)
        body = row(spacing=16)
        left = column(spacing=6)
        self.finder = QLineEdit()
        self.finder.setPlaceholderText(tr("Find a variable"))
        self.finder.setAccessibleName(tr("Find a variable for the condition"))
        self.finder.textChanged.connect(self._fill)
        self.names = QListWidget()
        self.names.setAccessibleName(tr("Variables for the condition"))
        self.names.setFixedWidth(168)
        self.names.currentTextChanged.connect(self._choose)
        left.addWidget(self.finder)
        left.addWidget(self.names, 1)
        body.addLayout(left)
        self.right = QStackedWidget()
        self.values = QListWidget()
        self.values.setAccessibleName(tr("Values that are wanted"))
        self.values.itemChanged.connect(self._ticked)
        self.limits = CutsDrawing()
        self.limits.setAccessibleName(tr("Limits between which values are wanted"))
        self.limits.moved.connect(self._dragged)
        self.limits.settled.connect(self._dragged)
        drawing = QWidget()
        inside = column(drawing, spacing=6)
        inside.addWidget(self.limits)
        self.words = label("", "small")
        inside.addWidget(self.words)
        inside.addStretch()
        self.right.addWidget(self.values)
        self.right.addWidget(drawing)
        body.addWidget(self.right, 1)
        layout.addLayout(body, 1)
        foot = row(spacing=16)
        self.missing = button(tr("is missing"), "link", lambda: self._emit(IsMissing(self._name())))
        self.given = button(tr("is not missing"), "link", lambda: self._emit(Not(IsMissing(self._name()))))
        self.more = button(tr("and …"), "link", self._go_on, tip=tr("keep this and add another condition"))
        self.only_exhibit = button(tr("for this exhibit only"), "link", self.for_exhibit.emit)
        for widget in (self.missing, self.given, self.more):
            foot.addWidget(widget)
        foot.addStretch()
        foot.addWidget(self.only_exhibit)
        layout.addLayout(foot)
        model.opened.connect(self.hide)
        model.closed.connect(self.hide)
        self.hide()

    def appear(self, *, for_exhibit: bool) -> None:
        """Open over the cases line."""
        self._before = ""
        self.only_exhibit.setVisible(for_exhibit)
        self.finder.clear()
        self._fill()
        self.move(theme.RAIL + 8, self._desk.height() - theme.FOOT - TALL - 8)
        self.show()
        self.raise_()

    def _fill(self) -> None:
        wanted = self.finder.text().casefold()
        self.names.clear()
        self.names.addItems(
            [v.name for v in self._model.study.codebook.variables if v.in_use and wanted in v.name.casefold()]
        )
        self.names.setCurrentRow(0)

    def choose(self, name: str) -> None:
        """Choose a variable."""
        for place in range(self.names.count()):
            if self.names.item(place).text() == name:
                self.names.setCurrentRow(place)

    def _name(self) -> Name:
        item = self.names.currentItem()
        return Name(item.text() if item is not None else "")

    def _choose(self, name: str) -> None:
        if not name:
            return
        facts = self._model.found.facts.get(name)
        by_limits = facts is not None and facts.drawn is not None
        self.right.setCurrentIndex(1 if by_limits else 0)
        if facts is not None and facts.drawn is not None:
            low, high = facts.drawn
            span = high - low
            self.limits.show_facts(facts, (low + 0.1 * span, high - 0.1 * span))
            self.limits.cuts = tuple(self.limits.value_at(self.limits.x_of(cut)) for cut in self.limits.cuts)
            self.words.setText(tr("Drag the two limits."))
        else:
            self._fill_values(name)

    def _fill_values(self, name: str) -> None:
        self.values.blockSignals(True)
        self.values.clear()
        for value, text, count in value_counts(self._model.study.data, name, MOST_VALUES):
            item = QListWidgetItem(f"{text}  ({count:,})")
            item.setData(Qt.ItemDataRole.UserRole, value)
            item.setCheckState(Qt.CheckState.Unchecked)
            self.values.addItem(item)
        self.values.blockSignals(False)

    # Building.
    def _ticked(self, item: QListWidgetItem) -> None:
        del item
        items = [self.values.item(place) for place in range(self.values.count())]
        chosen = tuple(
            Literal(entry.data(Qt.ItemDataRole.UserRole))
            for entry in items
            if entry.checkState() is Qt.CheckState.Checked
        )
        if chosen:
            self._emit(OneOf(self._name(), chosen))
        else:
            self.built.emit(self._before)

    def _dragged(self, cuts: tuple[float, ...]) -> None:
        if len(cuts) == 2:
            facts = self.limits.facts
            low, high = (self._limit(cut) for cut in cuts)
            self._emit(Between(self._name(), low, high))
            if facts is not None:
                self.words.setText(show_condition(Between(self._name(), low, high)))

    def _limit(self, value: float) -> Literal:
        """A limit as it is typed: dates in ISO form."""
        import numpy as np

        from istrel.data.column import Kind

        if self._model.study.table.column(self._name().text).kind is Kind.DATE:
            return Literal(str(np.datetime64(round(value), "D")))
        return Literal(value)

    def _emit(self, condition: Condition) -> None:
        said = show_condition(condition)
        self.built.emit(f"{self._before} and {said}" if self._before else said)

    def _go_on(self) -> None:
        """Keep what is written and begin another part."""
        self._before = self._written

    def note(self, text: str) -> None:
        """What stands in the line now."""
        self._written = text.strip()
