"""Codebook: what each variable is. One line per variable, edited in place; the page of the chosen one beside it."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QModelIndex, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractButton, QButtonGroup, QGridLayout, QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.widgets.drawings import draw_shape, draw_tag
from istrel.app.widgets.simple import box, clear, column, label, row, serif_label
from istrel.app.widgets.variable_table import TableColumn, VariableModel, variable_table
from istrel.data.codebook import Variable, parse_missing
from istrel.data.facts import VariableFacts, value_counts
from istrel.data.levels import Level
from istrel.study.changes import Change
from istrel.study.changes.codebook import SetLevel, SetMissing, SetText
from istrel.study.codebook_csv import show_missing

COLUMNS = (
    TableColumn("", 52, "tag"),
    TableColumn("Variable", 150, bold=True),
    TableColumn("Label", 0, editable=True),
    TableColumn("Unit", 92, editable=True),
    TableColumn("Values", 104),
    TableColumn("Missing", 128, editable=True),
)
LABEL, UNIT, MISSING = 2, 3, 5
PAGE = 368


class LevelTag(QAbstractButton):
    """A level as a tag that can be chosen; the one that holds is framed."""

    def __init__(self, level: Level) -> None:
        super().__init__()
        self.level = level
        self.setCheckable(True)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setToolTip(level.value)
        self.setAccessibleName(f"Level of measurement: {level.value}")

    def sizeHint(self) -> QSize:
        return QSize(38, 24)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        inner = QRectF(self.rect()).adjusted(2, 2, -2, -2)
        draw_tag(painter, inner, self.level.tag, faint=not (self.isChecked() or self.underMouse() or self.hasFocus()))
        if self.isChecked():
            painter.setPen(theme.colour(theme.INK))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRoundedRect(inner.adjusted(-1, -1, 1, 1), theme.RADIUS, theme.RADIUS)
        painter.end()


class LargeDrawing(QWidget):
    """The distribution of the chosen variable with its smallest and largest value."""

    def __init__(self) -> None:
        super().__init__()
        self.facts: VariableFacts | None = None
        self.setFixedHeight(150)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        if self.facts is None or not self.facts.shape:
            return
        painter = QPainter(self)
        inner = QRectF(self.rect()).adjusted(0, 4, 0, -2)
        draw_shape(painter, inner, self.facts.shape, stepped=self.facts.stepped, soft=True)
        painter.setPen(theme.colour(theme.INK))
        painter.drawLine(inner.bottomLeft(), inner.bottomRight())
        painter.end()


class Codebook(QWidget):
    """The second station."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._chosen = ""
        layout = row(self)
        surface = box("surface")
        self.table_model = VariableModel(COLUMNS)
        self.table_model.edited = self._edited
        self.table = variable_table(self.table_model, "Codebook")
        column(surface).addWidget(self.table)
        layout.addWidget(surface, 1)
        layout.addWidget(self._make_page())
        self.table.selectionModel().currentRowChanged.connect(self._choose)
        model.changed.connect(self.refresh)
        model.facts_ready.connect(self.refresh)
        self.refresh()

    def _make_page(self) -> QWidget:
        page = box("panel")
        page.setFixedWidth(PAGE)
        layout = column(page, margins=(24, 20, 24, 20), spacing=6)
        self.title = serif_label("", 22, bold=True)
        self.about = label("", "small", wrap=True)
        layout.addWidget(self.title)
        layout.addWidget(self.about)
        tags = row(spacing=2)
        self.levels = QButtonGroup(self)
        for level in Level:
            tag = LevelTag(level)
            self.levels.addButton(tag)
            tag.clicked.connect(partial(self._set_level, level))
            tags.addWidget(tag)
        tags.addStretch()
        layout.addSpacing(6)
        layout.addLayout(tags)
        layout.addSpacing(6)
        self.drawing = LargeDrawing()
        layout.addWidget(self.drawing)
        self.trouble = label("", "error", wrap=True)
        layout.addWidget(self.trouble)
        self._values_head = label("Values", "heading")
        layout.addWidget(self._values_head)
        self._values = QGridLayout()
        self._values.setHorizontalSpacing(16)
        layout.addLayout(self._values)
        layout.addStretch()
        return page

    def refresh(self) -> None:
        """Show the codebook as it stands."""
        if not self._model.is_open:
            return
        study = self._model.study
        self.table_model.fill([_line(variable) for variable in study.codebook.variables])
        if self._chosen not in study.codebook.names:
            self._chosen = study.codebook.names[0]
            self.table.selectRow(0)
        self._show_page()

    def _choose(self, current: QModelIndex, previous: QModelIndex) -> None:
        del previous
        if current.isValid():
            self._chosen = self._model.study.codebook.names[current.row()]
            self.trouble.clear()
            self._show_page()

    def _show_page(self) -> None:
        study = self._model.study
        variable = study.codebook[self._chosen]
        place = study.table.names.index(self._chosen) + 1
        self.title.setText(variable.name)
        self.about.setText(f"{variable.title_with_unit} · column {place} of {study.table.source.name}")
        for tag in self.levels.buttons():
            assert isinstance(tag, LevelTag)
            tag.setChecked(tag.level is variable.level)
            tag.update()
        self.drawing.facts = self._model.facts.get(self._chosen)
        self.drawing.setVisible(self.drawing.facts is None or bool(self.drawing.facts.shape))
        self.drawing.update()
        self._show_values(variable)

    def _show_values(self, variable: Variable) -> None:
        clear(self._values)
        counted = value_counts(self._model.study.data, variable.name) if variable.level.categorical else ()
        facts = self._model.facts.get(variable.name)
        lines = [(text, f"{count:,}") for _, text, count in counted]
        if not counted and facts is not None:
            lines = [("at a glance", facts.glance), ("valid", f"{facts.valid:,}"), ("distinct", f"{facts.distinct:,}")]
        if facts is not None:
            lines.append(("missing", f"{facts.missing:,}"))
        for place, (left, right) in enumerate(lines):
            self._values.addWidget(label(left), place, 0)
            count = label(right, "small")
            self._values.addWidget(count, place, 1, Qt.AlignmentFlag.AlignRight)

    def _set_level(self, level: Level) -> None:
        if self._model.study.codebook[self._chosen].level is not level:
            self._model.do(SetLevel(self._chosen, level))

    def _edited(self, place: int, which: int, text: str) -> None:
        name = self._model.study.codebook.names[place]
        change: Change
        if which == MISSING:
            change = SetMissing(name, parse_missing(text))
        else:
            change = SetText(name, "label" if which == LABEL else "unit", text.strip())
        self._model.do(change)


def _line(variable: Variable) -> tuple[str, ...]:
    labelled = len(variable.value_labels)
    values = f"{labelled} labelled" if labelled else ""
    return (
        variable.level.tag,
        variable.name,
        variable.label,
        variable.unit,
        values,
        show_missing(variable.missing_codes),
    )
