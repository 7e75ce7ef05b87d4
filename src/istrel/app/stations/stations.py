"""The four stations as the rest of the window knows them: each is made when it is first wanted, one of them is shown."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Generic, TypeVar

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QStackedWidget, QWidget

from istrel.app.bridge import StudyModel

if TYPE_CHECKING:
    from istrel.app.stations.bench.bench import Bench
    from istrel.app.stations.codebook.codebook import Codebook
    from istrel.app.stations.intake.intake import Intake
    from istrel.app.stations.manuscript.manuscript import Manuscript

W = TypeVar("W", bound=QWidget)


class Station(Generic[W]):
    """A station before and after it is made."""

    def __init__(self, make: Callable[[], W], show: Callable[[W], None]) -> None:
        self._make, self._show = make, show
        self.made: W | None = None

    @property
    def widget(self) -> W:
        """The station itself."""
        if self.made is None:
            self.made = self._make()
        return self.made

    def there(self, act: Callable[[W], object]) -> Callable[[], object]:
        """What shows the station, then does something with it."""
        return lambda: act(self.go())

    def at(self, act: Callable[[W], object]) -> Callable[[], object]:
        """What does something with the station, wherever one is."""
        return lambda: act(self.widget)

    def go(self) -> W:
        """Show the station."""
        self._show(self.widget)
        return self.widget


class Stations(QObject):
    """The stations over each other. `shown(place)` tells which is seen: 0 Intake, 1 Codebook, 2 Bench, 3 Manuscript;
    `moved(how many)` what is to be looked at in the manuscript.
    """

    shown = Signal(int)
    moved = Signal(int)

    def __init__(self, model: StudyModel, stack: QStackedWidget) -> None:
        super().__init__(stack)
        self._model, self._stack = model, stack
        self.intake: Station[Intake] = Station(self._make_intake, lambda widget: self._show(0, widget))
        self.codebook: Station[Codebook] = Station(self._make_codebook, lambda widget: self._show(1, widget))
        self.bench: Station[Bench] = Station(self._make_bench, lambda widget: self._show(2, widget))
        self.manuscript: Station[Manuscript] = Station(self._make_manuscript, lambda widget: self._show(3, widget))

    def _show(self, place: int, widget: QWidget) -> None:
        self._stack.setCurrentWidget(widget)
        self.shown.emit(place)

    def go(self, place: int) -> None:
        """Show a station by its place in the rail; who comes to the Bench wants to write."""
        (self.intake.go, self.codebook.go, self.write, self.manuscript.go)[place]()

    def write(self) -> None:
        """Go to the Bench with the cursor in the sentence."""
        self.bench.go().writing.line.setFocus()

    def say(self, sentence: str) -> None:
        """Go to the Bench and set a sentence there."""
        self.bench.go().writing.say(sentence)

    def _make_intake(self) -> Intake:
        from istrel.app.stations.intake.intake import Intake

        return self._added(Intake(self._model))

    def _make_codebook(self) -> Codebook:
        from istrel.app.stations.codebook.codebook import Codebook

        made = self._added(Codebook(self._model))
        made.rows.bench_wanted.connect(self.say)
        return made

    def _make_bench(self) -> Bench:
        from istrel.app.stations.bench.bench import Bench

        return self._added(Bench(self._model))

    def _make_manuscript(self) -> Manuscript:
        from istrel.app.stations.manuscript.manuscript import Manuscript

        made = self._added(Manuscript(self._model))
        made.parts.bench_wanted.connect(self.say)
        made.parts.wanted.connect(self.manuscript.go)
        made.parts.unsound.connect(self.moved)
        return made

    def _added(self, made: W) -> W:
        self._stack.addWidget(made)
        return made
