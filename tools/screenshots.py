"""Takes one picture of each main view from the demo study into docs/screenshots, at 1280 x 800."""

from __future__ import annotations

import os
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QApplication

from istrel import demo
from istrel.app import theme
from istrel.app.proof.handles import Marked
from istrel.app.window import Window
from istrel.data.corrections import Correction
from istrel.study.changes.cases import Correct
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.sources import UseSource

FOLDER = Path(__file__).parents[1] / "docs" / "screenshots"
PATIENCE = 60.0
QUIET = 12  # looks in a row


def spin(milliseconds: int) -> None:
    """Let the window work for a while."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


def settle(window: Window) -> None:
    """Wait until nothing is being made any more."""
    until = time.monotonic() + PATIENCE
    spin(60)
    quiet = 0  # what was made may ask for more, after a pause
    while quiet < QUIET and time.monotonic() < until:
        quiet = quiet + 1 if window.background.idle else 0
        spin(40)


Picture = Callable[[str], None]


def data_stations(window: Window, picture: Picture) -> None:
    """Intake, cases, Codebook, conditions, sources."""
    window.arrivals.open_path(str(demo.LEARNERS), demo.SENTENCE)
    settle(window)
    spin(500)
    window.stations.intake.go()
    picture("intake")
    finding = next(f for f in window.model.found.findings if f.kind == "text_in_numbers")
    window.model.cases_wanted.emit(finding.rows, finding.line, finding.variables[0])
    picture("cases")
    window.cases.drawer.hide()
    window.stations.codebook.go()
    window.stations.codebook.widget.show_variable("education")
    settle(window)
    entries = window.stations.codebook.widget.entries
    row = entries.currentIndex().row()
    entries.begin(row, window.stations.codebook.widget.entries_model.entries[row].phrases[3])
    picture("codebook")
    entries.setFocus()
    window.stations.codebook.widget.show_variable("age")
    settle(window)
    scale = "motivation = mean(mot_01, mot_02, mot_03, reverse(mot_04, 1, 5), minimum = 3)"
    window.stations.codebook.widget.derive_line.begin(scale)
    window.stations.codebook.widget.derive_line.derive()
    settle(window)
    window.stations.codebook.widget.show_variable("motivation")
    picture("codebook-scale")
    window.model.undo()
    window.stations.write()
    window.does.do("condition")
    window.cases.builder.choose("age")
    window.cases.builder.limits.cuts = (25.0, 60.0)
    window.cases.builder.limits.settled.emit((25.0, 60.0))
    picture("condition")
    window.cases_line.refresh()
    window.arrivals.open_path(str(demo.SESSIONS))
    settle(window)
    window.model.do(UseSource(window.model.study.sources[0].id))
    settle(window)
    window.does.do("combine")
    picture("combine")
    combiner = window.arrivals._combiner
    assert combiner is not None
    combiner.hide()
    window.stations.bench.widget.writing.say(demo.SENTENCE)
    settle(window)


def exhibit_stations(window: Window, picture: Picture) -> None:
    """The Bench."""
    window.stations.write()
    window.stations.bench.widget.writing.line.setFocus()
    picture("bench-table")
    window.model.do(TreatAsMissing(("receptive_post", "confidence", "mot_03"), (-9.0,)))
    window.model.do(TreatAsMissing(("education", "satisfaction"), (99.0,)))
    settle(window)
    window.does.do("keep")
    settle(window)
    window.stations.bench.widget.writing.say("describe age, site, completed across format with total = yes")
    settle(window)
    window.does.do("keep")
    settle(window)
    window.stations.bench.widget.writing.say(
        "describe age, practice_min, receptive_post across completed with difference, test"
    )
    picture("bench-differences")
    window.stations.bench.widget.writing.say("describe age, practice_min")
    settle(window)
    window.stations.write()
    window.stations.bench.widget.writing.line.insertPlainText(" across form")
    picture("bench-offers")
    window.stations.bench.widget.writing.say("describe receptive_post across format as histogram")
    settle(window)
    window.does.do("keep")
    settle(window)
    window.stations.bench.widget.writing.say("describe receptive_post across format as density")
    settle(window)
    window.stations.bench.widget.desk.paper.handles.marked = Marked(0, "receptive_post", 50.0, 65.0)
    window.stations.bench.widget.desk.paper.limits_moved.emit()
    picture("bench-figure")
    window.stations.bench.widget.writing.say("count education against format with percent = column")
    picture("bench-cross-table")
    window.stations.bench.widget.writing.say(
        "relate practice_min, absences, receptive_pre, receptive_post, spelling_speed"
    )
    picture("bench-relate")
    window.stations.bench.widget.writing.say("check practice_min, receptive_post, reaction_ms")
    settle(window)
    window.learning.open_book()
    picture("handbook")
    window.learning.open_book()


def finished_study(window: Window, picture: Picture) -> None:
    """The demo as a finished paper: as it is, after new data, read by a reviewer, in another style."""
    window.does.do("new")
    window.arrivals.open_demo()
    settle(window)
    station = window.stations.manuscript.widget
    station.parts.choose(station.outline.id_at(3))
    picture("manuscript")
    window.model.do(Correct((Correction("practice_min", 255.0, 200.0, 1, "a slip of the pen"),)))
    settle(window)
    station.review.next()
    picture("manuscript-moved")
    window.does.do("reading")
    station.review.next()
    picture("manuscript-reading")
    window.model.undo()
    settle(window)
    window.does.do("style")
    station.parts.go_to(window.model.study.kept[0])
    picture("manuscript-style")


def main() -> int:
    os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp()  # nobody's studies are pictured
    app = QApplication([])
    theme.apply(app)
    window = Window()
    window.show()

    def picture(name: str) -> None:
        settle(window)
        window.grab().save(str(FOLDER / f"{name}.png"))

    picture("start")
    data_stations(window, picture)
    exhibit_stations(window, picture)
    finished_study(window, picture)
    window.close()
    window.keeping.finish()
    return 0


if __name__ == "__main__":
    sys.exit(main())
