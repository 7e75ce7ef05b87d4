"""The levels of measurement as a row of tags; the one that holds is framed."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractButton, QButtonGroup, QWidget

from istrel.app import theme
from istrel.app.widgets.drawings import draw_tag
from istrel.app.widgets.simple import row
from istrel.app.words import tr
from istrel.data.levels import Level


class LevelTag(QAbstractButton):
    """A level as a tag that can be chosen."""

    def __init__(self, level: Level) -> None:
        super().__init__()
        self.level = level
        self.setCheckable(True)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setToolTip(tr(level.value))
        self.setAccessibleName(tr("Level of measurement: {level}", level=tr(level.value)))

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


class LevelTags(QWidget):
    """All levels side by side."""

    chosen = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        layout = row(self, spacing=2)
        self._group = QButtonGroup(self)
        for level in Level:
            tag = LevelTag(level)
            self._group.addButton(tag)
            tag.clicked.connect(partial(self.chosen.emit, level))
            layout.addWidget(tag)
        layout.addStretch()

    def buttons(self) -> list[QAbstractButton]:
        return self._group.buttons()

    def show_level(self, level: Level) -> None:
        for tag in self._group.buttons():
            assert isinstance(tag, LevelTag)
            tag.setChecked(tag.level is level)
            tag.update()
