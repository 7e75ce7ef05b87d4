"""Puts the handbook and the walks into the window: where F1 leads, what a click in the book does, how a walk begins."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer
from PySide6.QtWidgets import QStackedWidget, QWidget

from istrel.app import theme
from istrel.app.actions import Action
from istrel.app.arrivals import Arrivals
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr

if TYPE_CHECKING:
    from istrel.app.book.book import Book
    from istrel.app.book.walk_line import WalkLine


class Learning(QObject):
    """The handbook over `desk`, and walks through the stations."""

    def __init__(
        self, desk: QWidget, model: StudyModel, stations: Stations, stack: QStackedWidget, arrivals: Arrivals
    ) -> None:
        super().__init__(desk)
        self._desk, self._model, self._stations, self._stack = desk, model, stations, stack
        self._arrivals = arrivals
        self._book: Book | None = None
        self._line: WalkLine | None = None
        self._wanted: tuple[str, str] | None = None
        model.opened.connect(self._opened)

    def actions(self) -> tuple[Action, ...]:
        """What can be done to learn it."""
        from istrel.app.book.walks import WALKS

        walks = (
            Action(f"walk_{place + 1}", tr("Walk: {title}", title=tr(walk.title)), (), partial(self.walk, place))
            for place, walk in enumerate(WALKS)
        )
        return (Action("handbook", tr("Handbook, at what is under the hand"), ("F1",), self.open_book), *walks)

    @property
    def book(self) -> Book:
        """The handbook; made when it is first wanted."""
        from istrel.app.book.book import Book

        if self._book is None:
            self._book = Book(self._desk)
            self._book.sentence_wanted.connect(self._say)
            self._book.demo_wanted.connect(self._arrivals.open_demo)
        return self._book

    @property
    def line(self) -> WalkLine:
        """The line of a walk; it stands over the foot of the desk."""
        from istrel.app.book.walk_line import WalkLine

        if self._line is None:
            self._line = WalkLine(self._model, self._stations)
            self._line.sentence_wanted.connect(self._stations.say)
            layout = self._desk.layout()
            assert layout is not None
            layout.insertWidget(layout.count() - 1, self._line)  # type: ignore[attr-defined]
            self._line.moved.connect(self.place)
        return self._line

    def open_book(self) -> None:
        """The chapter on what is under the hand; a second time puts it away."""
        from istrel.app.book.topics import chapter_of

        if self._book is not None and self._book.isVisible():
            self._book.put_away()
            return
        self.book.open_at(chapter_of(self._stations, self._stack.currentWidget()))
        self.place()

    def place(self) -> None:
        """The desk has another size, or a walk its line over the foot."""
        if self._book is not None and self._book.isVisible():
            line = self._line.height() if self._line is not None and self._line.isVisible() else 0
            self._book.place(theme.FOOT + line)

    def walk(self, place: int) -> None:
        """Begin a walk with the data of the demo as they come, in a study of their own."""
        from istrel import demo
        from istrel.app.book.walks import WALKS

        self.line.begin(WALKS[place])
        self._arrivals.open_path(str(demo.LEARNERS))

    def _say(self, sentence: str, source: str) -> None:
        """Set a sentence of the book; where another study is open, in the demo study."""
        from istrel import demo
        from istrel.study.changes.sources import UseSource

        name = source or demo.LEARNERS.name
        found = (
            next((one for one in self._model.study.sources if one.name == name), None) if self._model.is_open else None
        )
        if found is None:
            self._wanted = sentence, source
            self._arrivals.open_demo()
            return
        if found.id != self._model.study.source.id:
            self._model.do(UseSource(found.id))
        self._stations.say(sentence)

    def _opened(self) -> None:
        if self._wanted is not None:
            wanted, self._wanted = self._wanted, None
            QTimer.singleShot(0, self, lambda: self._say(*wanted))  # when every view has the new source
