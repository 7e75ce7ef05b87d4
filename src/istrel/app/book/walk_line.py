"""A line of paper over the foot of the window: what to do next on a walk; it sees when that is done."""

from __future__ import annotations

from PySide6.QtCore import QTimer, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame

from istrel.app import theme
from istrel.app.book.walks import Seen, Walk
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.widgets.simple import button, label, row
from istrel.app.words import tr
from istrel.english import english

LOOKS = 500  # milliseconds between looks at what was done
END = english("That was it. Everything that you did is a step that Ctrl+Z takes back; F1 opens the handbook.")


class WalkLine(QFrame):
    """Shows the steps of a walk one after the other. `sentence_wanted(sentence)` tells that its words were clicked, `moved` that it
    has another height.
    """

    sentence_wanted = Signal(str)
    moved = Signal()

    def __init__(self, model: StudyModel, stations: Stations) -> None:
        super().__init__()
        self._model, self._stations = model, stations
        self._walk: Walk | None = None
        self._place, self._station = 0, -1
        self.setObjectName("walk")
        self.setStyleSheet(f"#walk {{ background: {theme.SAND}; border-top: 1px solid {theme.SAND_EDGE}; }}")
        line = row(self, margins=(24, 8, 16, 8), spacing=12)
        self.count = label("", "heading")
        self.says = label("", wrap=True)
        self.sentence = button("", "sentence", lambda: self.sentence_wanted.emit(self.sentence.text()))
        line.addWidget(self.count)
        line.addWidget(self.says, 1)
        line.addWidget(self.sentence)
        line.addWidget(button(tr("leave"), "link", self.leave, tip=tr("Leave the walk")))
        stations.shown.connect(self._at)
        self._clock = QTimer(self)
        self._clock.setInterval(LOOKS)
        self._clock.timeout.connect(self._look)
        self.hide()

    @property
    def place(self) -> int:
        """At which step the walk is, from 0; as many as it has when it is done."""
        return self._place

    def begin(self, walk: Walk) -> None:
        """Begin a walk; the data are open, or will be in a moment."""
        self._walk, self._place, self._station = walk, 0, -1
        self.setAccessibleName(tr("Walk: {title}", title=tr(walk.title)))
        self._show_step()
        self.show()
        self._clock.start()

    def leave(self) -> None:
        self._walk = None
        self._clock.stop()
        self.hide()
        self.moved.emit()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.moved.emit()

    def _at(self, station: int) -> None:
        self._station = station

    def _look(self) -> None:
        """Go on where the step was done."""
        walk = self._walk
        if walk is None or not self._model.is_open:
            return
        if walk.steps[self._place].done(Seen(self._model, self._stations, self._station)):
            self._place += 1
            self._show_step()

    def _show_step(self) -> None:
        assert self._walk is not None
        steps = self._walk.steps
        ended = self._place >= len(steps)
        if ended:
            self._clock.stop()
        self.count.setText(
            tr(self._walk.title)
            if ended
            else tr("{title} · {place} of {all}", title=tr(self._walk.title), place=self._place + 1, all=len(steps))
        )
        self.says.setText(tr(END if ended else steps[self._place].says))
        sentence = "" if ended else steps[self._place].sentence
        self.sentence.setText(sentence)
        self.sentence.setVisible(bool(sentence))
