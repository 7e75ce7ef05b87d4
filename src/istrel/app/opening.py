"""The panel in which a file is looked at, and how it is read is chosen, before it is opened."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.panels import Panel
from istrel.app.widgets.reading_form import ReadingForm
from istrel.app.widgets.simple import column, serif_label

WIDE = 1120


class Opening(Panel):
    """`wanted(path, settings)` when the file shall be opened so."""

    wanted = Signal(str, object)

    def __init__(self, parent: QWidget, model: StudyModel) -> None:
        super().__init__(parent, min(WIDE, parent.width() - 2 * theme.RAIL - 48))
        layout = column(self, margins=(0, 24, 0, 16), spacing=12)
        self.title = serif_label("", 22, bold=True)
        self.title.setContentsMargins(32, 0, 0, 0)
        layout.addWidget(self.title)
        self.form = ReadingForm(model, "open")
        self.form.wanted.connect(self._take)
        layout.addWidget(self.form)

    def look_at(self, path: str) -> None:
        """Show the first rows of a file."""
        self.title.setText(Path(path).name)
        self.form.appear(path)
        self.appear()
        self.form.apply.setFocus()

    def _take(self, path: str, settings: object) -> None:
        self.hide()
        self.wanted.emit(path, settings)
