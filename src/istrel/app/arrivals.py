"""What comes into the window: files, studies, pasted cells; where each leads once it is open."""

from __future__ import annotations

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QMimeData, QObject, QTimer
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QWidget

from istrel.app import choosing
from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.fields import field_of
from istrel.app.keeping import Keeping
from istrel.app.reading import open_file, paste
from istrel.app.stations.start_page import StartPage
from istrel.app.stations.stations import Stations
from istrel.app.words import tr
from istrel.english import english
from istrel.study.places import is_study

if TYPE_CHECKING:
    from istrel.app.combiner import Combiner
    from istrel.app.opening import Opening
    from istrel.data.reading import ReadingSettings

WELCOME = english("Drop a data file or a study here, or open one.")


class Arrivals(QObject):
    """Opens what is chosen, dropped or pasted over the window `desk`, and tells at the start page how that goes."""

    def __init__(
        self, desk: QWidget, model: StudyModel, keeping: Keeping, start: StartPage, stations: Stations
    ) -> None:
        super().__init__(desk)
        self._desk, self._model, self._keeping = desk, model, keeping
        self._start, self._stations = start, stations
        self._first_sentence, self._arriving = "", False
        self._opening: Opening | None = None
        self._combiner: Combiner | None = None
        start.file_wanted.connect(self.choose)
        start.demo_wanted.connect(self.open_demo)
        start.path_wanted.connect(self.open_path)
        model.opened.connect(self._opened)
        model.trouble.connect(self._tell_trouble)
        model.closed.connect(self._welcome)

    def actions(self) -> tuple[Action, ...]:
        """What can be done with files."""
        able = self._model.has_study
        return (
            Action("open", tr("Open data or a study…"), ("Ctrl+O",), self.choose),
            Action("look", tr("Look at data before opening…"), ("Ctrl+Shift+O",), self._choose_and_look),
            Action("name", tr("Name the study…"), ("Ctrl+S",), self._name_study, able),
            Action("again", tr("Read changed files again"), (), self._keeping.read_again, able),
            Action("demo", tr("Explore the demo study"), (), self.open_demo),
            Action("paste", tr("Paste cells as data"), ("Ctrl+V",), self._paste),
            Action("combine", tr("Join, stack or reshape data…"), (), self.combine, able),
            Action("new", tr("Begin a new study"), (), self._begin_anew, able),
        )

    def wait(self) -> None:
        """Nothing is open yet: what the first file will need is made ready."""
        from istrel.app.stations.warming import warm_up_reading

        ready = partial(self._model.background.submit, "warm up", warm_up_reading, lambda _: None)
        QTimer.singleShot(300, self, ready)

    def open_path(self, path: str, sentence: str = "") -> None:
        """Open a data file or a study; the sentence is written on the Bench once it is open."""
        self._first_sentence, self._arriving = sentence, True
        if is_study(Path(path)):
            self._keeping.open(Path(path))
            return
        self._start.say(tr("Reading {name} …", name=Path(path).name))
        self._first_look(path)
        open_file(self._model, path)

    def open_demo(self) -> None:
        """Open the demo study, as a copy."""
        from istrel import demo

        self._first_sentence, self._arriving = "", True
        self._keeping.begin_from(demo.STUDY)

    def choose(self) -> None:
        """Ask for data or a study, and open it."""
        if name := choosing.data_or_study(self._desk):
            self.open_path(name)

    def drop(self, carried: QMimeData) -> None:
        """Open what was let fall: files, or cells."""
        paths = [url.toLocalFile() for url in carried.urls() if url.isLocalFile()]
        for path in paths:
            self.open_path(path)
        if not paths and carried.hasText():
            self._take_cells(carried.text())

    def look_at(self, path: str) -> None:
        """Show a file's first rows with settings for reading it."""
        from istrel.app.opening import Opening

        if self._opening is None:
            self._opening = Opening(self._desk, self._model)
            self._opening.wanted.connect(self._open_so)
        self._opening.look_at(path)

    def combine(self) -> None:
        """Join, stack or reshape sources."""
        from istrel.app.combiner import Combiner

        if self._combiner is None:
            self._combiner = Combiner(self._desk, self._model)
        self._combiner.appear()

    def _choose_and_look(self) -> None:
        if name := choosing.data(self._desk):
            self.look_at(name)

    def _open_so(self, path: str, settings: ReadingSettings) -> None:
        self._arriving = True
        self._start.say(tr("Reading {name} …", name=Path(path).name))
        open_file(self._model, path, settings)

    def _name_study(self) -> None:
        """The study gets a file of its own; from then on it is kept there."""
        if path := choosing.name_for_study(self._desk, self._model.study.source.name):
            self._keeping.give_name(path)

    def _paste(self) -> None:
        """Cells that were copied elsewhere become a source of their own, except where text is being written."""
        field = field_of(self._desk)
        if field is not None:
            field.paste()
        else:
            self._take_cells(QGuiApplication.clipboard().text())

    def _take_cells(self, text: str) -> None:
        if text.strip():
            self._arriving = True
            paste(self._model, text)

    def _begin_anew(self) -> None:
        """Close the study; the start page asks what comes next."""
        self._keeping.finish()
        self._model.close()

    # What is seen of it.
    def _first_look(self, path: str) -> None:
        """Of a long text file the first rows are seen at once, while the rest is read."""
        from istrel.data.reading.preview import first_look
        from istrel.problem import Problem

        try:
            self._start.show_first_rows(*first_look(Path(path)))
        except Problem:
            self._start.show_first_rows((), [])  # what is wrong is told by the reading itself

    def _tell_trouble(self, text: str) -> None:
        """What went wrong is told at the start page, too, where nothing else is to be seen."""
        self._start.say(text, trouble=True)
        self._start.show_first_rows((), [])
        self._arriving = False

    def _opened(self) -> None:
        if not self._arriving:
            return
        self._arriving = False
        if self._first_sentence:
            first, self._first_sentence = self._first_sentence, ""
            bench = self._stations.bench.go()
            QTimer.singleShot(0, bench, lambda: bench.writing.say(first))  # when every view has the new source
        elif self._model.has_kept():
            self._stations.manuscript.go()
        else:
            self._stations.intake.go()
        QTimer.singleShot(100, self, self._warm_up)

    def _welcome(self) -> None:
        self._start.say(WELCOME)
        self._start.show_recent()

    def _warm_up(self) -> None:
        """What is slow for the first time, while nobody waits for it."""
        from istrel.app.stations.warming import warm_up

        self._model.background.submit("warm up", warm_up, lambda _: None)
