"""The real window on an offscreen screen, with the demo study or a file of the test's own open in it."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from pathlib import Path

import pytest
from PySide6.QtCore import QSettings, QTimer
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from istrel.app import theme
from istrel.app.stations.bench import pictures
from istrel.app.window import Window
from istrel.demo import LEARNERS

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
            if window.stations.bench.widget.draft.proof is not None:
                break
            qtbot.wait(50)
        settle()
        return window

    return make
