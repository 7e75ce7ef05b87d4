"""The bar over the pages: house style, what moved, what can be done with the whole; in fewer words where room is scarce."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QWidget

from istrel.app.widgets.simple import button, label, row
from istrel.app.words import tr
from istrel.english import english

if TYPE_CHECKING:
    from istrel.app.stations.manuscript.review import Review

NARROW = 860
READING, EXPORT = (
    (english("Reviewer’s reading"), english("Reading")),
    (english("Export manuscript ▾"), english("Export ▾")),
)


class Bar(QWidget):
    """Shows its buttons whole at any width; what is told gives way to them."""

    def __init__(
        self,
        review: Review,
        *,
        style: Callable[[], object],
        reading: Callable[[], object],
        copy: Callable[[], object],
        export: Callable[[], object],
    ) -> None:
        super().__init__()
        self.setObjectName("surface")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setFixedHeight(56)
        inside = row(self, margins=(24, 8, 24, 8), spacing=12)
        self._caption = label(tr("House style"), "small")
        self.style_button = button("", "chip", style)
        self.said = label("", "small")
        self._reading_button = button(tr(READING[0]), "chip", reading, tip=tr("What a reviewer might raise"))
        self.copy_button = button(tr("Copy"), "chip", copy)
        self.export_button = button(tr(EXPORT[0]), "main", export)
        for told in (
            self._caption,
            self.style_button,
            review.status,
            review.next_button,
            review.accept_button,
            review.reword_button,
        ):
            inside.addWidget(told)
        inside.addStretch()
        for control in (self.said, self._reading_button, self.copy_button, self.export_button):
            inside.addWidget(control)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        narrow = self.width() < NARROW
        self._caption.setHidden(narrow)
        self._reading_button.setText(tr(READING[narrow]))
        self.export_button.setText(tr(EXPORT[narrow]))
