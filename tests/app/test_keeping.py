"""The open study on disk: nothing is saved by hand, nothing is lost, and another window, day or name finds it as it was."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QFileDialog, QMenu, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app import preferences
from istrel.app.window import Window
from istrel.problem import Problem
from istrel.study.changes.codebook import SetText
from istrel.study.file import StudyFile
from istrel.study.places import recent, remember, unnamed_path

Opened = Callable[..., Window]
Settle = Callable[[], None]
LEFT = Qt.MouseButton.LeftButton


@pytest.fixture
def data(tmp_path: Path) -> Path:
    path = tmp_path / "first.csv"
    path.write_text("id,score,kind\n" + "".join(f"{k},{k % 17}.5,{'ab'[k % 2]}\n" for k in range(60)))
    return path


def work(window: Window, settle: Settle) -> None:
    """What a person does in a first session: a label, an exhibit kept."""
    window.model.do(SetText("score", "label", "Score"))
    window.stations.bench.widget.writing.say("describe score across kind")
    settle()
    window.does.do("keep")
    settle()


def another(qtbot: QtBot) -> Window:
    """Istrel started anew."""
    window = Window()
    qtbot.addWidget(window)
    window.show()
    return window


def test_a_study_is_on_disk_from_its_first_change_and_goes_on_from_the_start_page(
    opened: Opened, settle: Settle, data: Path, qtbot: QtBot
) -> None:
    window = opened(data)
    assert window.keeping.path is None  # nothing was said yet
    work(window, settle)
    path = window.keeping.path
    assert path is not None
    assert window.windowTitle() == "first.csv · Istrel"
    with pytest.raises(Problem, match="open in another window"):
        StudyFile(path)
    window.does.do("new")
    with StudyFile(path) as file:
        assert [kept.sentence for kept in file.history.study.kept] == ["describe score across kind"]
    offers = [b for b in window.start.findChildren(QPushButton) if b.text().startswith("first, not named yet")]
    qtbot.mouseClick(offers[-1], LEFT)
    qtbot.waitUntil(lambda: window.model.is_open, timeout=5000)
    settle()
    assert window.stack.currentWidget() is window.stations.manuscript.widget
    for _ in range(2):
        window.model.undo()
    settle()
    assert window.model.study.kept == ()
    # Of many studies none is lost: those that were open longer ago stand in a menu.
    older = [unnamed_path(f"old {n}.csv") for n in range(20)]
    for place in older:
        place.write_bytes(path.read_bytes())
        remember(place)
    window.does.do("new")
    qtbot.mouseClick(window.start.others_button, LEFT)
    (menu,) = [m for m in window.start.findChildren(QMenu) if m.isVisible()]
    offered = [action.text() for action in menu.actions()]
    shown = [b.text() for b in window.start.findChildren(QPushButton) if "not named yet" in b.text()]
    assert {text.split(",")[0] for text in offered + shown} >= {f"old {n}" for n in range(20)} | {"first"}
    menu.actions()[-1].trigger()
    qtbot.waitUntil(lambda: window.model.is_open, timeout=5000)
    settle()
    menu.close()
    window.does.do("new")
    window.arrivals.open_path(str(data), "describe score")
    qtbot.waitUntil(lambda: window.stations.bench.widget.writing.line.sentence() == "describe score", timeout=5000)
    settle()
    assert window.keeping.path is None
    with StudyFile(path) as file:
        assert (len(file.history.past), len(file.history.future)) == (0, 2)


def test_a_named_study_leaves_its_first_place_and_opens_by_its_name(
    opened: Opened, settle: Settle, data: Path, qtbot: QtBot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    window = opened(data)
    work(window, settle)
    before, path = window.keeping.path, tmp_path / "paper.istrel"
    assert before is not None
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_: (str(tmp_path / "paper"), ""))
    window.does.do("name")
    settle()
    assert window.keeping.path == path
    assert window.windowTitle() == "paper · Istrel"
    assert not before.exists()
    assert recent()[0] == path
    window.model.do(SetText("score", "unit", "points"))
    settle()
    window.close()
    other = another(qtbot)
    data.write_text(data.read_text().replace("16.5", "15.0"))
    said: list[str] = []
    other.model.trouble.connect(said.append)
    other.arrivals.open_path(str(path))
    qtbot.waitUntil(lambda: bool(said), timeout=5000)
    assert "first.csv changed since it was read" in said[0]
    assert other.model.study.codebook["score"].unit == "points"
    other.keeping.read_again()
    qtbot.waitUntil(lambda: "it was read again" in said[-1], timeout=5000)
    qtbot.waitUntil(lambda: other.background.idle, timeout=9000)
    assert other.model.study.data.numbers("score").values.max() == 15.5
    other.background.wait()
    other.keeping.finish()


def test_a_second_window_and_a_file_that_is_none_are_told(
    opened: Opened, settle: Settle, data: Path, qtbot: QtBot, tmp_path: Path
) -> None:
    window = opened(data)
    work(window, settle)
    other = another(qtbot)
    said: list[str] = []
    other.model.trouble.connect(said.append)
    other.arrivals.open_path(str(window.keeping.path))
    qtbot.waitUntil(lambda: bool(said), timeout=5000)
    assert "open in another window" in said[0]
    (tmp_path / "odd.istrel").write_text("nothing")
    other.arrivals.open_path(str(tmp_path / "odd.istrel"))
    qtbot.waitUntil(lambda: len(said) > 1, timeout=5000)
    assert "odd.istrel" in said[1]
    assert not other.model.is_open
    assert window.keeping.path is not None
    other.background.wait()


def test_a_disk_that_takes_nothing_is_told_and_tried_again(
    opened: Opened, settle: Settle, data: Path, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    window = opened(data)
    (tmp_path / "blocked").write_text("a file where a folder should be")
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path / "blocked"))
    said: list[str] = []
    window.model.trouble.connect(said.append)
    window.model.do(SetText("score", "label", "Score"))
    settle()
    assert "is not on disk" in said[0]
    begun: list[str] = []
    monkeypatch.setattr(preferences, "begin_again", begun.append)
    monkeypatch.setattr(preferences, "choose", lambda *_: None)
    window.does.do("look_dark")
    assert not begun  # what would be lost stays open
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path / "state"))
    window.model.do(SetText("score", "unit", "points"))
    settle()
    assert window.keeping.path is not None
    assert len(window.keeping._file.history.past if window.keeping._file else ()) == 2
