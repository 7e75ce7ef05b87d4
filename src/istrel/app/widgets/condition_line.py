"""A line in which a condition on cases is typed."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QLineEdit

WIDTH = 320


class ConditionLine(QLineEdit):
    """Return takes what is typed; Escape gives up."""

    given_up = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setPlaceholderText("for example age >= 18")
        self.setAccessibleName("Condition on cases")
        self.setFixedWidth(WIDTH)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.given_up.emit()
        else:
            super().keyPressEvent(event)
