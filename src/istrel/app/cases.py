"""The cases themselves and which of them are in use: the drawer and the condition by click, made when they are first wanted."""

from __future__ import annotations

from typing import TYPE_CHECKING

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QVBoxLayout, QWidget

from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.cases_line import CasesLine
from istrel.app.stations.stations import Stations
from istrel.app.words import tr

if TYPE_CHECKING:
    from istrel.app.condition_builder import ConditionBuilder
    from istrel.app.drawer import CasesDrawer


class Cases(QObject):
    """Puts the drawer below the stations in `room`, and the builder over the window `desk`."""

    def __init__(
        self, desk: QWidget, room: QVBoxLayout, model: StudyModel, line: CasesLine, stations: Stations
    ) -> None:
        super().__init__(desk)
        self._desk, self._room, self._model, self._line, self._stations = desk, room, model, line, stations
        self._drawer: CasesDrawer | None = None
        self._builder: ConditionBuilder | None = None
        line.cases_wanted.connect(self._toggle_drawer)
        line.writing.connect(self._build)
        model.cases_wanted.connect(self._show)
        model.closed.connect(self._put_away)

    def actions(self) -> tuple[Action, ...]:
        """What can be done about the cases in use."""
        able = self._model.has_study
        return (
            Action("cases", tr("Show the cases"), ("Ctrl+D",), self._toggle_drawer, able),
            Action("condition", tr("Limit the cases in use"), ("Ctrl+J",), self._line.write, able),
            Action("all_cases", tr("All cases in use again"), (), self._line.lift, able),
        )

    @property
    def drawer(self) -> CasesDrawer:
        """The cases drawer."""
        if self._drawer is None:
            from istrel.app.drawer import CasesDrawer

            self._drawer = CasesDrawer(self._model)
            self._room.addWidget(self._drawer)
        return self._drawer

    @property
    def builder(self) -> ConditionBuilder:
        """Conditions by click."""
        if self._builder is None:
            from istrel.app.condition_builder import ConditionBuilder

            edit = self._line.edit
            assert edit is not None
            self._builder = ConditionBuilder(self._desk, self._model)
            self._builder.built.connect(edit.setText)
            self._builder.for_exhibit.connect(self._limit_exhibit)
            edit.textChanged.connect(self._builder.note)
        return self._builder

    def _toggle_drawer(self) -> None:
        self.drawer.toggle()

    def _show(self, rows: tuple[int, ...], why: str, variable: str) -> None:
        """The first time makes the drawer; it hears of the later ones itself."""
        if self._drawer is None:
            self.drawer.show_cases(rows, why, variable)

    def _put_away(self) -> None:
        if self._drawer is not None:
            self._drawer.hide()

    def _build(self, writing: bool) -> None:
        bench = self._stations.bench.made
        if writing:
            self.builder.appear(for_exhibit=bench is not None and bench.draft.request is not None)
        elif self._builder is not None:
            self._builder.hide()

    def _limit_exhibit(self) -> None:
        """The condition that is being written limits the exhibit on the Bench, not the whole study."""
        edit, bench = self._line.edit, self._stations.bench.widget
        if edit is not None and bench.clicks.limit(edit.text()):
            self._line.refresh()
            self._stations.bench.go()
