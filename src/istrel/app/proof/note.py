"""A note beside the paper: words at a bar of ink, and links under them."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QWidget

from istrel.app import theme
from istrel.app.widgets.simple import button, column, in_lines, label

NOTE_WIDTH, LEFT = 136, 12
SMALL = "font-size: 13px;"


class Note(QWidget):
    """Of one width; its bar is vermilion unless an ink is given."""

    def __init__(self, parent: QWidget, ink: str = "") -> None:
        super().__init__(parent)
        self._ink = ink or theme.VERMILION
        self._lines = column(self, margins=(LEFT, 0, 0, 2), spacing=3)
        self.setFixedWidth(NOTE_WIDTH)

    def say(self, words: str, name: str = "", ink: str = "") -> QLabel:
        """Words in small print, in an ink where one is given."""
        said = label(words, name, wrap=True)
        said.setStyleSheet(f"{SMALL} color: {ink};" if ink else SMALL)
        self._lines.addWidget(said)
        return said

    def offer(self, words: str, do: Callable[[], object]) -> None:
        """A link under what was said."""
        link = button(in_lines(words, NOTE_WIDTH - LEFT), "link", do)
        link.setAccessibleName(words)
        link.setStyleSheet(SMALL)
        self._lines.addWidget(link, 0, Qt.AlignmentFlag.AlignLeft)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.fillRect(QRectF(0, 0, 2, self.height()), theme.colour(self._ink))
        painter.end()
