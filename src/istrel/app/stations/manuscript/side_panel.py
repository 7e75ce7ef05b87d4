"""A panel at the right of the pages: a title, a way to close it, and what it is about."""

from __future__ import annotations

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QScrollArea, QWidget

from istrel.app.widgets.simple import box, button, column, label, row
from istrel.app.words import tr

WIDTH = 316


class SidePanel(QWidget):
    """Hidden until it is wanted."""

    closed = Signal()

    def __init__(self, title: str) -> None:
        super().__init__()
        self.setFixedWidth(WIDTH)
        outer = column(self)
        frame = box("panel")
        outer.addWidget(frame)
        inside = column(frame, margins=(16, 14, 8, 12), spacing=8)
        head = row(spacing=8)
        self.title = label(title, "heading")
        head.addWidget(self.title)
        head.addStretch()
        head.addWidget(button(tr("close"), "link", self.leave))
        inside.addLayout(head)
        self.says = label("", "small", wrap=True)
        inside.addWidget(self.says)
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setFrameShape(QFrame.Shape.NoFrame)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        holder = QWidget()
        holder.setObjectName("clear")
        self.body = column(holder, margins=(0, 0, 8, 0), spacing=6)
        area.setWidget(holder)
        inside.addWidget(area, 1)
        self.foot = row(spacing=8)
        inside.addLayout(self.foot)
        self.hide()

    def open(self) -> None:
        """Show it, filled."""
        self.show()

    def leave(self) -> None:
        self.hide()
        self.closed.emit()
