"""The reviewer's reading as a list: each point leads to its place."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QPushButton

from istrel.app.stations.manuscript.side_panel import SidePanel
from istrel.app.widgets.simple import button, clear, label
from istrel.app.words import retold, tr

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.parts import Parts
    from istrel.study.review import Point


class ReadingPanel(SidePanel):
    """Made anew whenever the study changes while it is open."""

    def __init__(self, model: StudyModel, parts: Parts) -> None:
        super().__init__(tr("Reviewer’s reading"))
        self._model, self._parts = model, parts
        self.points: tuple[Point, ...] = ()
        model.changed.connect(self.read)

    def open(self) -> None:
        """Show it, and read."""
        self.show()
        self.says.setText(tr("Reading …"))
        self.read()

    def read(self) -> None:
        """Read the manuscript in the background, if the panel is open."""
        if self.isHidden() or not self._model.is_open:
            return
        from istrel.study.review import review

        study, style = self._model.study, self._model.style
        self._model.background.submit("reading", lambda: review(study, style), self._show)

    def _show(self, points: tuple[Point, ...]) -> None:
        self.points = points
        clear(self.body)
        many = sum(not point.says.startswith("…") for point in points)
        if points:
            self.says.setText(tr("{n} [point|points] that a reviewer might raise.", n=many))
        else:
            self.says.setText(tr("Nothing that a reviewer would raise."))
        kind = ""
        for point in points:
            if point.kind != kind:
                kind = point.kind
                head = label(capitalized(retold(kind)), "small")
                head.setContentsMargins(0, 8, 0, 0)
                self.body.addWidget(head)
            self.body.addWidget(self._point(point))
        self.body.addStretch()

    def _point(self, point: Point) -> QPushButton:
        """A point as a button that wraps its words."""
        made = button("", "row", partial(self._go, point), tip=retold(point.says))
        inside = label(retold(point.says), wrap=True)
        inside.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        inside.setParent(made)
        width = self.width() - 52
        height = inside.heightForWidth(width - 8)
        inside.setGeometry(4, 4, width - 8, height)
        made.setFixedSize(width, height + 8)
        made.setStyleSheet("text-align: left; border: none; background: transparent;")
        return made

    def _go(self, point: Point) -> None:
        if point.part:
            self._parts.choose(point.part)
            self._parts.sought.emit(point.part)


def capitalized(words: str) -> str:
    return words[:1].upper() + words[1:]
