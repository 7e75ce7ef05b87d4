"""A box that puts widgets side by side and goes on in the next line when one is full.

A widget that places its children, not a layout of its own: a layout written in Python that answers "no such item" with
None loses references in the bindings.
"""

from __future__ import annotations

from PySide6.QtCore import QSize
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QWidget


class FlowBox(QWidget):
    """Chips in lines. With `most_lines`, what does not fit into so many lines is hidden; 0 shows all."""

    def __init__(self, *, spacing: int = 6, most_lines: int = 0) -> None:
        super().__init__()
        self._chips: list[QWidget] = []
        self._spacing, self._most_lines = spacing, most_lines
        policy = QSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
        self.setSizePolicy(policy)

    def add(self, chip: QWidget) -> None:
        chip.setParent(self)
        self._chips.append(chip)

    def clear(self) -> None:
        """Take all chips out."""
        for chip in self._chips:
            chip.hide()
            chip.setParent(None)
            chip.deleteLater()
        self._chips = []

    def arrange(self) -> None:
        """Put every chip in its place for the width there is."""
        x, y, tall, line = 0, 0, 0, 1
        for chip in self._chips:
            hint = chip.sizeHint()
            if x + hint.width() > self.width() and x > 0:
                x, y, tall, line = 0, y + tall + self._spacing, 0, line + 1
            fits = not self._most_lines or line <= self._most_lines
            chip.setGeometry(x, y, hint.width(), hint.height())
            chip.setVisible(fits)
            x += hint.width() + self._spacing
            tall = max(tall, hint.height()) if fits else tall
        if not self._most_lines and self.height() != y + tall:
            self.setFixedHeight(max(1, y + tall))

    def sizeHint(self) -> QSize:
        return QSize(120, self.height())

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.arrange()
