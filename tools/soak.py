"""Long use of one window: sentences, edits, studies opened and closed; what stays of memory, files and threads is told.

`python tools/soak.py --sentences 2000 --edits 200 --studies 50`; memory is read
when every part of the window and every output has been used once, and at the end.
"""

from __future__ import annotations

import argparse
import ctypes
import gc
import os
import sys
import tempfile
import threading
import time
from collections.abc import Iterator
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp()  # its studies are nobody's

from PySide6.QtCore import QEventLoop, QSettings, QTimer
from PySide6.QtWidgets import QApplication

from istrel.app import theme
from istrel.app.window import Window
from istrel.demo import LEARNERS
from istrel.study.changes.codebook import SetText

MOST = 1.2  # times what was used at the first reading
MEASURED = ("age", "distance_km", "practice_min", "receptive_pre", "receptive_post", "spelling_speed", "reaction_ms")
GROUPS = ("site", "format", "education", "employment")
ENDINGS = ("docx", "html", "odt", "pdf")
VISITS = 20  # sentences from one visit of everything to the next
FORMS = ("", " as histogram", " as boxes", " as density", " as means", " as violins", " as cumulative")


class Soak:
    """One window in long use."""

    def __init__(self) -> None:
        self.window = Window()
        self.window.show()
        self.said = self.opened = self.edited = self.visited = 0
        self.out = Path(tempfile.mkdtemp())

    def rest(self) -> None:
        """Until nothing is left to do; some rounds in which nothing was."""
        quiet, until = 0, time.monotonic() + 60
        while quiet < 3 and time.monotonic() < until:
            loop = QEventLoop()
            QTimer.singleShot(5, loop.quit)
            loop.exec()
            quiet = quiet + 1 if self.window.background.idle else 0

    def open(self) -> None:
        """A study of the demo file, from the file."""
        if self.window.model.is_open:
            self.window.does.do("new")
            self.rest()
        self.window.arrivals.open_path(str(LEARNERS))
        self.rest()
        self.opened += 1

    def warm(self) -> None:
        """Everything once: what is loaded when it is first used is loaded now."""
        for _ in ENDINGS:
            self.open()
            for _ in range(len(FORMS)):
                self.say()
            self.edit()
            self.visit()

    def say(self) -> None:
        """One sentence; every other has a condition of its own, and one in twenty is kept."""
        k = self.said
        form = FORMS[k % len(FORMS)]
        if k % 5 == 4:
            sentence = f"count {GROUPS[k % 4]} against {GROUPS[(k // 4 + k + 1) % 4]}"
        elif k % 5 == 3:
            sentence = f"relate {MEASURED[k % 7]}, {MEASURED[(k + 3) % 7]}"
        else:
            sentence = f"describe {MEASURED[k % 7]} across {GROUPS[k // 7 % 4]}{form}"
        if k % 2:
            sentence += f" among age > {18 + k / 997:.4f}"
        self.window.stations.bench.widget.writing.say(sentence)
        self.rest()
        if k % 20 == 0:
            self.window.does.do("keep")
            self.rest()
        self.said += 1

    def visit(self) -> None:
        """Every station, the cases, a panel, and the manuscript written to a file of another kind each time."""
        stations = self.window.stations
        for place in (0, 1, 3):
            stations.go(place)
            self.rest()
        stations.manuscript.widget.leaving.export(self.out / f"manuscript.{ENDINGS[self.visited % len(ENDINGS)]}")
        self.rest()
        for action in ("cases", "cases", "palette"):
            self.window.does.do(action)
            self.rest()
        self.window.panels["palette"].hide()
        stations.go(2)
        self.rest()
        self.visited += 1

    def edit(self) -> None:
        """A word of the codebook, which goes through every kept exhibit; every third is taken back."""
        self.window.model.do(SetText(MEASURED[self.edited % 7], "label", f"Label {self.edited}"))
        self.rest()
        if self.edited % 3 == 0:
            self.window.model.undo()
            self.rest()
        self.edited += 1


def memory() -> float:
    """Megabytes that stand in memory, after what can go has gone."""
    gc.collect()
    ctypes.CDLL(None).malloc_trim(0)
    pages = int(Path("/proc/self/statm").read_text().split()[1])
    return pages * os.sysconf("SC_PAGE_SIZE") / 2**20


def open_files() -> list[str]:
    """What every file handle leads to, but for those of the machine itself."""
    found = []
    for handle in Path("/proc/self/fd").iterdir():
        try:
            found.append(os.readlink(handle))
        except OSError:
            continue
    return sorted(found)


def acts(soak: Soak, sentences: int, edits: int, studies: int) -> Iterator[None]:
    """Every act in its turn: studies evenly among the sentences, edits behind them."""
    for k in range(sentences):
        if k * studies // sentences != (k - 1) * studies // sentences or not k:
            soak.open()
            yield
        soak.say()
        yield
        if k % VISITS == VISITS - 1:
            soak.visit()
            yield
        if (k + 1) * edits // sentences != k * edits // sentences:
            soak.edit()
            yield


def main() -> int:
    wanted = argparse.ArgumentParser(description=__doc__)
    for name, number in (("sentences", 2000), ("edits", 200), ("studies", 50)):
        wanted.add_argument(f"--{name}", type=int, default=number)
    options = wanted.parse_args()
    application = QApplication([])
    QSettings.setDefaultFormat(QSettings.Format.IniFormat)
    QSettings.setPath(QSettings.Format.IniFormat, QSettings.Scope.UserScope, tempfile.mkdtemp())
    theme.apply(application)
    soak = Soak()
    whole = options.sentences + options.sentences // VISITS + options.edits + options.studies
    step = max(1, whole // 20)
    soak.warm()
    started, at_first, files, threads = time.monotonic(), memory(), open_files(), threading.active_count()
    print(f"at first     {at_first:7.0f} MB  {len(files)} files  {threads} threads", flush=True)
    for k, _ in enumerate(acts(soak, options.sentences, options.edits, options.studies), 1):
        if k % step == 0:
            print(
                f"{k:6} acts  {memory():7.0f} MB  {len(open_files())} files  {threading.active_count()} threads  "
                f"{time.monotonic() - started:6.0f} s",
                flush=True,
            )
    soak.window.does.do("new")
    soak.rest()
    at_last = memory()
    more = set(open_files()) - set(files)
    print(
        f"memory: {at_first:.0f} -> {at_last:.0f} MB ({at_last / at_first:.2f}); files left: {sorted(more) or 'none'}"
    )
    grown = at_last > MOST * at_first or len(open_files()) > len(files) or threading.active_count() > threads
    return 1 if grown else 0


if __name__ == "__main__":
    sys.exit(main())
