"""The window: rail, stations, cases line. It routes actions and files to those who handle them, and computes nothing."""

from __future__ import annotations

from operator import attrgetter
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QStackedWidget, QWidget

from istrel.app import choosing
from istrel.app.actions import ACTIONS, Action
from istrel.app.background import Background
from istrel.app.bridge import StudyModel
from istrel.app.cases_line import CasesLine
from istrel.app.fields import field_of, type_into
from istrel.app.keeping import Keeping
from istrel.app.rail import Rail
from istrel.app.stations.start_page import StartPage
from istrel.app.widgets.simple import column, row
from istrel.study.places import is_study

if TYPE_CHECKING:
    from PySide6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent

    from istrel.app.combiner import Combiner
    from istrel.app.condition_builder import ConditionBuilder
    from istrel.app.drawer import CasesDrawer
    from istrel.app.opening import Opening
    from istrel.app.panels import Keys, Palette
    from istrel.app.stations.bench import Bench
    from istrel.app.stations.codebook import Codebook
    from istrel.app.stations.intake import Intake
    from istrel.app.stations.manuscript import Manuscript
    from istrel.data.reading import ReadingSettings
    from istrel.data.screening import Finding
    from istrel.sentence.vocabulary import Setting

INTAKE, CODEBOOK, BENCH, MANUSCRIPT = range(4)
ICON = Path(__file__).parent / "istrel.svg"


class Window(QWidget):
    """All that stands in Istrel's one window; `start` puts it into the frame that appears first."""

    def __init__(self) -> None:
        super().__init__()
        self.setWindowTitle("Istrel")
        self.resize(1280, 800)
        self.setMinimumSize(1024, 640)
        self.setAcceptDrops(True)
        self.background = Background(self)
        self.model = StudyModel(self.background, self)
        self.keeping = Keeping(self.model)
        self._stations: dict[int, QWidget] = {}
        self._palette: Palette | None = None
        self._keys: Keys | None = None
        self._first_sentence, self._arriving = "", False
        self._drawer: CasesDrawer | None = None
        self._combiner: Combiner | None = None
        self._builder: ConditionBuilder | None = None
        self._opening: Opening | None = None
        self._lay_out()
        self._equip()
        self.rail.chosen.connect(self._arrive)
        self.model.opened.connect(self._opened)
        self.keeping.named.connect(self._show_name)
        self.model.trouble.connect(self._tell_trouble)
        self.model.changed.connect(self._count)
        self.model.findings_ready.connect(self._count)
        self.model.cases_wanted.connect(self._jump)
        self.cases_line.cases_wanted.connect(self.show_cases)
        self.cases_line.writing.connect(self._build_condition)
        self.cases_line.file_wanted.connect(self.choose_file)
        self.cases_line.combine_wanted.connect(self.combine)

    def _equip(self) -> None:
        """Keys and icon."""
        from PySide6.QtGui import QIcon, QKeySequence, QShortcut

        self.setWindowIcon(QIcon(str(ICON)))
        for action in ACTIONS:
            if action.key:
                shortcut = QShortcut(QKeySequence(action.key), self)
                shortcut.activated.connect(lambda a=action: self.do(a))

    def _lay_out(self) -> None:
        self.setObjectName("desk")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        rows = column(self)
        middle = row()
        rows.addLayout(middle, 1)
        self.rail = Rail()
        self.stack = QStackedWidget()
        middle.addWidget(self.rail)
        self._beside = column()
        self._beside.addWidget(self.stack, 1)
        middle.addLayout(self._beside, 1)
        self.cases_line = CasesLine(self.model)
        rows.addWidget(self.cases_line)
        self.start = StartPage(self.choose_file, self.open_demo, self.open_path)
        self.stack.addWidget(self.start)

    # Files.
    def open_path(self, path: str, sentence: str = "") -> None:
        """Open a data file or a study; the sentence is written on the Bench once it is open."""
        self._first_sentence, self._arriving = sentence, True
        if is_study(Path(path)):
            self.keeping.open(Path(path))
            return
        self.start.say(f"Reading {Path(path).name} …")
        self._first_look(path)
        self.model.open(path)

    def _first_look(self, path: str) -> None:
        """Of a long text file the first rows are seen at once, while the rest is read."""
        from istrel.data.reading.preview import first_look
        from istrel.problem import Problem

        try:
            self.start.show_first_rows(*first_look(Path(path)))
        except Problem:
            self.start.show_first_rows((), [])  # what is wrong is told by the reading itself

    def _tell_trouble(self, text: str) -> None:
        """What went wrong is told at the start page, too, where nothing else is to be seen."""
        self.start.say(text, trouble=True)
        self.start.show_first_rows((), [])
        self._arriving = False

    def choose_file(self) -> None:
        if name := choosing.data_or_study(self):
            self.open_path(name)

    def choose_and_look(self) -> None:
        """Choose a file, and look at its first rows before it is opened."""
        if name := choosing.data(self):
            self.look_at(name)

    def look_at(self, path: str) -> None:
        """Show a file's first rows with settings for reading it."""
        from istrel.app.opening import Opening

        if self._opening is None:
            self._opening = Opening(self, self.model)
            self._opening.wanted.connect(self._open_so)
        self._opening.look_at(path)

    def _open_so(self, path: str, settings: ReadingSettings) -> None:
        self._arriving = True
        self.start.say(f"Reading {Path(path).name} …")
        self.model.open(path, settings)

    def open_demo(self) -> None:
        from istrel import demo

        self._first_sentence, self._arriving = "", True
        self.keeping.begin_from(demo.STUDY)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls() or event.mimeData().hasText():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        paths = [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]
        for path in paths:
            self.open_path(path)
        if not paths and event.mimeData().hasText():
            self._arriving = True
            self.model.paste(event.mimeData().text())
        event.acceptProposedAction()

    def _opened(self) -> None:
        self.setFocus()
        self.rail.open_up()
        self._show_name()
        if not self._arriving:
            return
        self._arriving = False
        if self._first_sentence:
            first, self._first_sentence = self._first_sentence, ""
            QTimer.singleShot(0, lambda: self.bench.say(first))  # when every view has the new source
            self.go(BENCH)
        else:
            self.go(MANUSCRIPT if self.model.study.kept else INTAKE)
        QTimer.singleShot(400, self._warm_up)

    def _show_name(self) -> None:
        self.setWindowTitle(f"{self.keeping.name} · Istrel")

    def name_study(self) -> None:
        """The study gets a file of its own; from then on it is kept there."""
        if path := choosing.name_for_study(self, self.model.study.source.name):
            self.keeping.give_name(path)

    def read_again(self) -> None:
        self.keeping.read_again()

    def _warm_up(self) -> None:
        """Slow imports while nobody waits for them."""
        from istrel.app.proof.jobs import warm_up

        self.background.submit("warm up", warm_up, lambda _: None)

    def paste_cells(self) -> None:
        """Cells that were copied elsewhere become a source of their own."""
        from PySide6.QtGui import QGuiApplication

        field = field_of(self)
        if field is not None:
            field.paste()
            return
        text = QGuiApplication.clipboard().text()
        if text.strip():
            self._arriving = True
            self.model.paste(text)

    def begin_anew(self) -> None:
        """Close the study; the start page asks what comes next."""
        self.keeping.finish()
        self.model.close()
        self.rail.close_up()
        if self._drawer is not None:
            self._drawer.hide()
        self.setWindowTitle("Istrel")
        self.start.say("Drop a data file or a study here, or open one.")
        self.start.show_recent()
        self.stack.setCurrentWidget(self.start)

    # Stations.
    def go(self, place: int) -> None:
        """Show a station; it is made when it is first shown."""
        self.stack.setCurrentWidget(self._station(place))
        self.rail.show_station(place)

    def _arrive(self, place: int) -> None:
        if place == BENCH:  # who comes here wants to write
            self.write_sentence()
        else:
            self.go(place)

    def _station(self, place: int) -> QWidget:
        if place not in self._stations:
            self._stations[place] = self._make_station(place)
            self.stack.addWidget(self._stations[place])
        return self._stations[place]

    def _make_station(self, place: int) -> QWidget:
        if place == INTAKE:
            from istrel.app.stations.intake import Intake

            return Intake(self.model)
        if place == CODEBOOK:
            from istrel.app.stations.codebook import Codebook

            return Codebook(self.model)
        if place == BENCH:
            from istrel.app.stations.bench import Bench

            return Bench(self.model)
        from istrel.app.stations.manuscript import Manuscript

        made = Manuscript(self.model)
        made.bench_wanted.connect(self.write)
        made.wanted.connect(self.go_manuscript)
        made.moved_told.connect(self.rail.stations[MANUSCRIPT].set_count)
        return made

    @property
    def drawer(self) -> CasesDrawer:
        """The cases drawer, made when it is first wanted."""
        if self._drawer is None:
            from istrel.app.drawer import CasesDrawer

            self._drawer = CasesDrawer(self.model)
            self._beside.addWidget(self._drawer)
        return self._drawer

    @property
    def builder(self) -> ConditionBuilder:
        """Conditions by click, made when they are first wanted."""
        if self._builder is None:
            from istrel.app.condition_builder import ConditionBuilder

            edit = self.cases_line.edit
            assert edit is not None
            self._builder = ConditionBuilder(self, self.model)
            self._builder.built.connect(edit.setText)
            self._builder.for_exhibit.connect(self._limit_exhibit)
            edit.textChanged.connect(self._builder.note)
        return self._builder

    def _build_condition(self, writing: bool) -> None:
        if writing:
            self.builder.appear(for_exhibit=BENCH in self._stations and self.bench.has_sentence)
        elif self._builder is not None:
            self._builder.hide()

    def _limit_exhibit(self) -> None:
        """The condition that is being written limits the exhibit on the Bench, not the whole study."""
        edit = self.cases_line.edit
        if edit is not None and self.bench.limit(edit.text()):
            self.cases_line.refresh()
            self.go(BENCH)

    def _jump(self, rows: tuple[int, ...], why: str, variable: str) -> None:
        """The first jump makes the drawer; it hears of the later ones itself."""
        if self._drawer is None:
            self.drawer.show_cases(rows, why, variable)

    @property
    def intake(self) -> Intake:
        return self._station(INTAKE)  # type: ignore[return-value]

    @property
    def codebook(self) -> Codebook:
        return self._station(CODEBOOK)  # type: ignore[return-value]

    @property
    def bench(self) -> Bench:
        return self._station(BENCH)  # type: ignore[return-value]

    @property
    def manuscript(self) -> Manuscript:
        return self._station(MANUSCRIPT)  # type: ignore[return-value]

    def _count(self) -> None:
        """What needs attention at each station."""
        findings = self.model.findings
        self.rail.stations[INTAKE].set_count(len(findings))
        if self.model.is_open:
            self.rail.stations[MANUSCRIPT].setToolTip(f"Manuscript: {len(self.model.study.kept)} kept  Ctrl+4")

    # Actions.
    def possible(self, action: Action) -> bool:
        """Whether an action can be done now."""
        open_ = self.model.is_open
        return {
            "": True,
            "study": open_,
            "undo": open_ and bool(self.model.history.past),
            "redo": open_ and bool(self.model.history.future),
            "proof": open_ and BENCH in self._stations and self.bench.proof is not None,
            "kept": open_ and bool(self.model.study.kept),
        }[action.needs]

    def do(self, action: Action) -> None:
        """Do an action by its declaration."""
        if action.key == "/" and self._type_slash():
            return
        if self.possible(action):
            attrgetter(action.call)(self)()

    def _type_slash(self) -> bool:
        """Where text is being written, the key for finding writes its sign."""
        return type_into(field_of(self), "/")

    def go_intake(self) -> None:
        self.go(INTAKE)

    def go_codebook(self) -> None:
        self.go(CODEBOOK)

    def go_manuscript(self) -> None:
        self.go(MANUSCRIPT)

    def write_sentence(self) -> None:
        self.go(BENCH)
        self.bench.line.setFocus()

    def write(self, sentence: str) -> None:
        """Write a sentence on the Bench and set it."""
        self.go(BENCH)
        self.bench.say(sentence)

    def add_to_sentence(self, name: str) -> None:
        self.go(BENCH)
        self.bench.toggle_subjects((name,))

    def limit_to(self, condition: str, name: str) -> None:
        """Limit the sentence to some cases; without a sentence count the variable among them."""
        from istrel.sentence.quoting import show_name

        self.go(BENCH)
        if not self.bench.limit(condition):
            self.bench.say(f"count {show_name(name)} among {condition}")

    def fitting_settings(self) -> tuple[Setting, ...]:
        """The settings that the sentence on the Bench can have."""
        return self.bench.fitting_settings() if BENCH in self._stations else ()

    def begin_setting(self, name: str) -> None:
        """Write a setting into the sentence; its values are offered."""
        self.go(BENCH)
        self.bench.begin_setting(name)

    def show_finding(self, finding: Finding) -> None:
        self.go(INTAKE)
        self.intake.show_finding(finding)

    def show_kept(self, place: int) -> None:
        self.go(MANUSCRIPT)
        self.manuscript.go_to(place)

    def find_variable(self) -> None:
        self.go(BENCH)
        self.bench.strip.finder.setFocus()

    def keep_exhibit(self) -> None:
        self.bench.keep()

    def copy_exhibit(self) -> None:
        from PySide6.QtGui import QGuiApplication

        from istrel.app.stations.manuscript.export import clipboard_data
        from istrel.render.document import Item

        if self.bench.proof is not None:
            item = Item(self.bench.proof.exhibit, self.bench.number())
            QGuiApplication.clipboard().setMimeData(clipboard_data(item, self.model.style))

    def zoom_in(self) -> None:
        self.bench.desk.zoom(1)

    def zoom_out(self) -> None:
        self.bench.desk.zoom(-1)

    def zoom_fit(self) -> None:
        self.bench.desk.zoom(0)

    def export_manuscript(self) -> None:
        self.go(MANUSCRIPT)
        self.manuscript.choose_file()

    def show_cases(self) -> None:
        self.drawer.toggle()

    def combine(self) -> None:
        from istrel.app.combiner import Combiner

        if self._combiner is None:
            self._combiner = Combiner(self, self.model)
        self._combiner.appear()

    def write_report(self) -> None:
        self.go(INTAKE)
        self.intake.choose_report()

    def read_differently(self) -> None:
        self.go(INTAKE)
        self.intake.read_differently()

    def derive(self) -> None:
        self.go(CODEBOOK)
        self.codebook.begin_derive()

    def export_codebook(self) -> None:
        self.go(CODEBOOK)
        self.codebook.choose_export()

    def import_codebook(self) -> None:
        self.go(CODEBOOK)
        self.codebook.choose_import()

    def set_condition(self) -> None:
        self.cases_line.write()

    def lift_condition(self) -> None:
        self.cases_line.lift()

    def undo(self) -> None:
        self.model.undo()

    def redo(self) -> None:
        self.model.redo()

    def show_palette(self) -> None:
        from istrel.app.panels import Palette
        from istrel.app.reach import reach

        if self._palette is None:
            self._palette = Palette(self, lambda text: reach(text, self))
        self._palette.appear()

    def show_keys(self) -> None:
        from istrel.app.panels import Keys

        if self._keys is None:
            self._keys = Keys(self)
        self._keys.appear()

    def leave(self) -> None:
        """Close the frame that all this stands in."""
        self.window().close()

    def closeEvent(self, event: QCloseEvent) -> None:
        self.background.wait()
        self.keeping.finish()
        super().closeEvent(event)
