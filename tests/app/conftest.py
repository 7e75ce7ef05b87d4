"""The real window on an offscreen screen, with the demo study or a file of the test's own open in it."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtCore import QSettings, QTimer
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from istrel.app import found, reading, theme
from istrel.app.stations.bench import pictures
from istrel.app.window import Window
from istrel.data.reading import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.demo import LEARNERS
from istrel.study.study import Made, Study, StudySource

Read = Callable[[str, ReadingSettings | None, Watch], StudySource]
LONG = 500  # milliseconds: longer than any pause before something is set


@pytest.fixture(scope="session")
def dressed(qapp: QApplication) -> QApplication:
    QSettings.setDefaultFormat(QSettings.Format.IniFormat)
    theme.apply(qapp)
    return qapp


@pytest.fixture(autouse=True)
def nowhere_else(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Studies that nobody names stand in a folder of the test."""
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path / "state"))


@pytest.fixture(autouse=True)
def never_at_rest(request: pytest.FixtureRequest, monkeypatch: pytest.MonkeyPatch) -> None:
    """A test does not rest long enough for the forms to be pictured, but where it is marked so."""
    if request.node.get_closest_marker("rests") is None:
        monkeypatch.setattr(pictures, "IDLE_MS", 60_000)


@pytest.fixture(scope="session", autouse=True)
def read_once() -> Iterator[None]:
    """The demo files are read, looked through and screened once: the first test that opens one does, as the window does."""
    files: dict[tuple[str, object], StudySource] = {}
    with pytest.MonkeyPatch.context() as patch:

        def read(
            path: str, settings: ReadingSettings | None, watch: Watch, really: Read = reading._read
        ) -> StudySource:
            if not Path(path).is_relative_to(LEARNERS.parent):
                return really(path, settings, watch)
            if (path, settings) not in files:
                files[path, settings] = really(path, settings, watch)
            return replace(files[path, settings], made=Made())  # of its own: tests change what they opened

        patch.setattr(reading, "_read", read)
        for name in ("_look", "_screen"):
            patch.setattr(found, name, once_for_a_source(getattr(found, name), files))
        yield


def once_for_a_source(work: Callable[..., object], files: Mapping[object, StudySource]) -> Callable[..., object]:
    """The work, done once for all studies whose source in use is the same of these files, said the same of."""
    done: list[tuple[StudySource, object]] = []

    def remembered(study: Study, *watch: Watch) -> object:
        source = study.source
        if not any(source.raw is file.raw for file in files.values()):
            return work(study, *watch)
        for known, answer in done:
            if known.raw is source.raw and replace(known, made=source.made) == source:
                return answer
        done.append((source, work(study, *watch)))
        return done[-1][1]

    return remembered


@pytest.fixture
def window(dressed: QApplication, qtbot: QtBot, nowhere_else: None) -> Iterator[Window]:
    made = Window()
    qtbot.addWidget(made)
    made.show()
    yield made
    made.background.wait()
    made.keeping.finish()


@pytest.fixture
def settle(window: Window, qtbot: QtBot) -> Callable[[], None]:
    """Wait until the window has nothing left to do."""

    def paused() -> bool:
        """Whether something waits for the pause after the last key."""
        return any(timer.isActive() and timer.interval() < LONG for timer in window.findChildren(QTimer))

    def wait() -> None:
        for _ in range(2):
            qtbot.wait(1)
            qtbot.waitUntil(lambda: window.background.idle and not paused(), timeout=20_000)

    return wait


@pytest.fixture
def opened(window: Window, settle: Callable[[], None], qtbot: QtBot) -> Callable[..., Window]:
    """The window with a file open."""

    def make(path: Path = LEARNERS, sentence: str = "") -> Window:
        with qtbot.waitSignal(window.model.found.findings_ready, timeout=20_000):
            window.arrivals.open_path(str(path), sentence)
        settle()
        for _ in range(60 if sentence else 0):  # the first sentence is said when every view has the new source
            bench = window.stations.bench.widget
            if bench.draft.proof is not None or bench.writing.message.text():
                break
            qtbot.wait(50)
        settle()
        return window

    return make
