"""The window: rail, stations, cases line, and what is laid over them. Its parts do the work and declare their actions."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QIcon, QKeySequence, QShortcut
from PySide6.QtWidgets import QStackedWidget, QWidget

from istrel.app.actions import Action, Actions
from istrel.app.arrivals import Arrivals
from istrel.app.background import Background
from istrel.app.book.learning import Learning
from istrel.app.bridge import StudyModel
from istrel.app.cases import Cases
from istrel.app.cases_line import CasesLine
from istrel.app.comfort import Comfort
from istrel.app.fields import field_of, type_into
from istrel.app.keeping import Keeping
from istrel.app.rail import Rail
from istrel.app.stations.bench.actions import actions as of_bench
from istrel.app.stations.codebook.actions import actions as of_codebook
from istrel.app.stations.intake.actions import actions as of_intake
from istrel.app.stations.manuscript.actions import actions as of_manuscript
from istrel.app.stations.start_page import StartPage
from istrel.app.stations.stations import Stations
from istrel.app.widgets.simple import column, row
from istrel.app.words import tr

if TYPE_CHECKING:
    from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QResizeEvent
    from PySide6.QtWidgets import QVBoxLayout

    from istrel.app.panels import Panel

ICON = Path(__file__).parent / "istrel.svg"


class Window(QWidget):
    """All that stands in Istrel's one window; `start` puts it into the frame that appears first."""

    def __init__(self) -> None:
        super().__init__()
        self.setWindowTitle("Istrel")
        self.setWindowIcon(QIcon(str(ICON)))
        self.resize(1280, 800)
        self.setMinimumSize(1024, 640)
        self.setAcceptDrops(True)
        self.background = Background(self)
        self.model = StudyModel(self.background, self)
        self.keeping = Keeping(self.model)
        self.model.opened.connect(self._opened)  # before any part leads to a station and its field
        self.rail, self.stack, self.start = Rail(), QStackedWidget(), StartPage()
        self.cases_line = CasesLine(self.model)
        self.stations = Stations(self.model, self.stack)
        self.arrivals = Arrivals(self, self.model, self.keeping, self.start, self.stations)
        self.cases = Cases(self, self._lay_out(), self.model, self.cases_line, self.stations)
        self.comfort = Comfort(self.model, self.keeping, self.background)
        self.learning = Learning(self, self.model, self.stations, self.stack, self.arrivals)
        self.panels: dict[str, Panel] = {}
        self._connect()
        self.does = Actions()
        self._declare()
        self.start.open_button.setFocus()

    def _lay_out(self) -> QVBoxLayout:
        """The room beside the rail, where the stations stand over the drawer."""
        self.setObjectName("desk")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        rows, middle, beside = column(self), row(), column()
        rows.addLayout(middle, 1)
        middle.addWidget(self.rail)
        middle.addLayout(beside, 1)
        beside.addWidget(self.stack, 1)
        rows.addWidget(self.cases_line)
        self.stack.addWidget(self.start)
        return beside

    def _connect(self) -> None:
        self.rail.chosen.connect(self.stations.go)
        self.stations.shown.connect(self.rail.show_station)
        self.stations.moved.connect(self.rail.tell_moved)
        self.cases_line.file_wanted.connect(self.arrivals.choose)
        self.cases_line.combine_wanted.connect(self.arrivals.combine)
        self.keeping.named.connect(self._show_name)
        self.model.closed.connect(self._closed)
        self.start.walk_wanted.connect(self.learning.walk)
        self.start.handbook_wanted.connect(self.learning.open_book)
        self.start.comfort_wanted.connect(lambda: self.comfort.offer(self.start.comfort_button))
        self.model.changed.connect(self._count)
        self.model.found.findings_ready.connect(self._count)

    def _declare(self) -> None:
        """Every part's actions; keys for those that have some."""
        for actions in (
            self.arrivals.actions(),
            *(of(self.stations, self.model) for of in (of_intake, of_codebook, of_bench, of_manuscript)),
            self.cases.actions(),
            self.learning.actions(),
            self.comfort.actions(),
            self._own_actions(),
        ):
            self.does.add(actions)
        for action in self.does:
            for key in action.keys:
                shortcut = QShortcut(QKeySequence(key), self)
                shortcut.activated.connect(lambda a=action, k=key: self._pressed(a, k))

    def _own_actions(self) -> tuple[Action, ...]:
        return (
            Action("undo", tr("Undo"), ("Ctrl+Z",), self.model.undo, self.model.can_undo),
            Action("redo", tr("Redo"), ("Ctrl+Shift+Z",), self.model.redo, self.model.can_redo),
            Action("palette", tr("Everything Istrel can do"), ("Ctrl+K",), self._show_palette),
            Action("keys", tr("All keys"), ("Ctrl+F1",), self._show_keys),
            Action("quit", tr("Close Istrel"), ("Ctrl+Q",), lambda: self.window().close()),
        )

    def _pressed(self, action: Action, key: str) -> None:
        """A key was pressed; where text is being written, the key for finding writes its sign."""
        if not (key == "/" and type_into(field_of(self), key)):
            self.does.do(action.id)

    def _show_palette(self) -> None:
        from istrel.app.panels import Palette
        from istrel.app.reach import Reach

        if "palette" not in self.panels:
            self.panels["palette"] = Palette(self, Reach(self.model, self.does, self.stations).find)
        self.panels["palette"].appear()

    def _show_keys(self) -> None:
        from istrel.app.panels import Keys

        if "keys" not in self.panels:
            self.panels["keys"] = Keys(self, self.does)
        self.panels["keys"].appear()

    # Which study it is.
    def _opened(self) -> None:
        self.setFocus()
        self.rail.open_up()
        self._show_name()

    def _closed(self) -> None:
        self.rail.close_up()
        self.setWindowTitle("Istrel")
        self.stack.setCurrentWidget(self.start)
        self.start.open_button.setFocus()

    def _show_name(self) -> None:
        self.setWindowTitle(tr("{name} · Istrel", name=self.keeping.name))

    def _count(self) -> None:
        """What needs attention at each station."""
        if self.model.is_open:
            self.rail.tell(len(self.model.found.findings), len(self.model.study.kept))

    # What falls upon it, and its end.
    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls() or event.mimeData().hasText():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        self.arrivals.drop(event.mimeData())
        event.acceptProposedAction()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.learning.place()

    def closeEvent(self, event: QCloseEvent) -> None:
        self.background.wait()
        self.keeping.finish()
        super().closeEvent(event)
