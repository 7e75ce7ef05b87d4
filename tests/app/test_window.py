"""The window itself: opening and dropping files, actions and keys, background work, and that nothing waits."""

from __future__ import annotations

import re
import sys
import threading
from collections.abc import Callable
from pathlib import Path

import deb
import pytest
from PySide6.QtCore import QMimeData, QPointF, Qt, QTimer, QUrl
from PySide6.QtGui import QDropEvent, QKeySequence
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from istrel.app import theme
from istrel.app.actions import Action, Actions
from istrel.app.background import Background
from istrel.app.start import tell_faults
from istrel.app.window import ICON, Window
from istrel.commands.catalogue import COMMANDS
from istrel.demo import SENTENCE, SESSIONS
from istrel.problem import Problem

Opened = Callable[..., Window]
Settle = Callable[[], None]


def test_a_start_page_invites_before_anything_is_open(window: Window) -> None:
    assert window.stack.currentWidget() is window.start
    assert not any(station.isEnabled() for station in window.rail.stations)
    assert window.cases_line.source.text() == "no data yet"


def test_the_demo_study_opens_as_a_finished_paper(window: Window, settle: Settle, qtbot: QtBot) -> None:
    qtbot.mouseClick(window.start.demo_button, Qt.MouseButton.LeftButton)
    settle()
    assert window.stack.currentWidget() is window.stations.manuscript.widget
    assert [entry.status for entry in window.stations.manuscript.widget.parts.entries] == ["as kept"] * 15
    assert window.keeping.path is None  # it is nobody's until something is changed


def test_a_dropped_file_opens_at_the_intake(window: Window, settle: Settle) -> None:
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(SESSIONS))])
    none = Qt.KeyboardModifier.NoModifier
    event = QDropEvent(QPointF(200, 200), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, none)
    window.dropEvent(event)
    settle()
    assert window.stack.currentWidget() is window.stations.intake.widget
    assert window.cases_line.source.text() == "sessions.csv ▾"


def test_a_file_that_cannot_be_read_is_told_where_one_looks(window: Window, settle: Settle, tmp_path: Path) -> None:
    path = tmp_path / "ragged.csv"
    path.write_text("a,b\n1,2\n3\n")
    window.arrivals.open_path(str(path))
    settle()
    assert window.start.message.text().startswith("ragged.csv, line 3: 1 field")
    assert window.stack.currentWidget() is window.start


def test_a_second_file_that_fails_leaves_the_first_open(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    window = opened(sentence=SENTENCE)
    before = window.model.study
    window.arrivals.open_path(str(tmp_path / "nothing.csv"))
    settle()
    assert window.model.study is before
    assert "there is no such file" in window.cases_line.trouble.text()


def test_a_second_file_replaces_the_first_everywhere(opened: Opened, settle: Settle) -> None:
    window = opened(sentence=SENTENCE)
    window.stations.codebook.go()
    window.does.do("keep")
    settle()
    window.arrivals.open_path(str(SESSIONS))
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == ""
    assert window.stations.bench.widget.draft.proof is None
    assert window.stations.codebook.widget.entries_model.rowCount() == 6
    assert window.stations.bench.widget.strip.list_model.names[0] == "learner"


@pytest.mark.parametrize(("identity", "key"), [("undo", "Ctrl+Y"), ("again", "Ctrl+Z")])
def test_an_id_or_a_key_is_declared_once(identity: str, key: str) -> None:
    actions = Actions()
    actions.add([Action("undo", "Undo", ("Ctrl+Z",), lambda: None)])
    with pytest.raises(ValueError, match=identity):
        actions.add([Action(identity, "Again", (key,), lambda: None)])


def test_every_key_can_be_pressed_at_once(window: Window) -> None:
    assert all(QKeySequence(key).count() == 1 for action in window.does for key in action.keys)
    assert len(list(window.does)) > 40


def test_what_is_not_possible_is_not_done(window: Window) -> None:
    waiting = [action for action in window.does if not action.possible()]
    assert len(waiting) > 30
    for action in waiting:
        window.does.do(action.id)
    assert window.stack.currentWidget() is window.start


@pytest.mark.parametrize(("key", "station"), [("1", "intake"), ("2", "codebook"), ("3", "bench"), ("4", "manuscript")])
def test_stations_are_reached_by_their_keys(key: str, station: str, opened: Opened, qtbot: QtBot) -> None:
    window = opened()
    window.activateWindow()
    qtbot.keyClick(window, Qt.Key(ord(key)), Qt.KeyboardModifier.ControlModifier)
    assert window.stack.currentWidget() is getattr(window.stations, station).widget
    assert window.rail.stations[int(key) - 1].isChecked()


def test_the_palette_finds_and_does(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.does.do("palette")
    palette = window.panels["palette"]
    assert palette is not None
    qtbot.keyClicks(palette.finder, "manus go")
    assert [choice.words for choice in palette.choices] == ["Go to the Manuscript"]
    qtbot.keyClick(palette.finder, Qt.Key.Key_Return)
    assert not palette.isVisible()
    assert window.stack.currentWidget() is window.stations.manuscript.widget
    window.does.do("palette")
    qtbot.keyClick(palette.finder, Qt.Key.Key_Escape)
    assert not palette.isVisible()


@pytest.mark.parametrize(
    ("text", "beside", "sentence", "station"),
    [
        ("count site across FORMAT", "set it on paper", "count site across format", "bench"),
        ("reaction", "continuous", "describe age, reaction_ms", "bench"),
        ("harbour", "value of site", 'describe age among site = "Harbour"', "bench"),
        ("decim", "setting · decimals", "describe age with decimals = ", "bench"),
        ("describe age", "kept", "describe age", "manuscript"),
        ("−9", "finding", "describe age", "intake"),
    ],
)
def test_the_palette_reaches_everything(
    text: str, beside: str, sentence: str, station: str, opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    window = opened(sentence="describe age")
    window.does.do("keep")
    settle()
    window.does.do("palette")
    palette = window.panels["palette"]
    assert palette is not None
    palette.finder.setText(text)
    place = next(place for place, choice in enumerate(palette.choices) if choice.beside == beside)
    for _ in range(place - palette.list.currentRow()):
        qtbot.keyClick(palette.finder, Qt.Key.Key_Down)
    qtbot.keyClick(palette.finder, Qt.Key.Key_Return)
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == sentence
    assert window.stack.currentWidget() is getattr(window.stations, station).widget


def test_the_keys_panel_lists_every_key(window: Window) -> None:
    from PySide6.QtWidgets import QLabel

    window.does.do("keys")
    assert window.panels["keys"] is not None
    shown = {label.text() for label in window.panels["keys"].findChildren(QLabel)}
    assert {action.words for action in window.does if action.keys} <= shown


def test_a_slash_can_still_be_written_where_text_is_written(opened: Opened, qtbot: QtBot) -> None:
    window = opened()
    window.stations.write()
    QTest.keyClick(window.stations.bench.widget.writing.line, Qt.Key.Key_Slash)
    assert window.stations.bench.widget.writing.line.sentence() == "/"
    window.stations.bench.widget.strip.view.setFocus()
    QTest.keyClick(window.stations.bench.widget.strip.view, Qt.Key.Key_Slash)
    assert window.stations.bench.widget.strip.finder.hasFocus()


def test_every_control_has_a_name_for_screen_readers(opened: Opened) -> None:
    from PySide6.QtWidgets import QAbstractButton, QAbstractItemView, QLineEdit

    window = opened(sentence=SENTENCE)
    for station in (
        window.stations.intake.widget,
        window.stations.codebook.widget,
        window.stations.bench.widget,
        window.stations.manuscript.widget,
    ):
        for kind in (QAbstractButton, QAbstractItemView, QLineEdit):
            for control in station.findChildren(kind):
                inner = control.objectName().startswith("qt_") or type(control).__name__ in (
                    "QTableCornerButton",
                    "QHeaderView",
                )
                if (not inner and type(control).__module__ != "PySide6.QtWidgets") or isinstance(control, QLineEdit):
                    assert control.accessibleName() or control.text(), control  # type: ignore[attr-defined]


def luminance(colour: str) -> float:
    parts = [int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)]
    linear = [p / 12.92 if p <= 0.03928 else ((p + 0.055) / 1.055) ** 2.4 for p in parts]
    return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2]


@pytest.mark.parametrize(
    ("ink", "ground"),
    [
        (theme.INK, theme.DESK),
        (theme.QUIET, theme.DESK),
        (theme.QUIET, theme.PANEL),
        (theme.VERMILION, theme.SURFACE),
        (theme.FRAME_TEXT, theme.FRAME),
        (theme.FRAME_TEXT, theme.FRAME_FOOT),
        (theme.FRAME_STRONG, theme.FRAME_CHIP),
        *((ink, back) for back, ink in theme.TAGS.values()),
    ],
)
def test_words_stand_out_from_their_ground(ink: str, ground: str) -> None:
    """Contrast of at least 4.5 : 1 after the Web Content Accessibility Guidelines."""
    a, b = sorted((luminance(ink), luminance(ground)), reverse=True)
    assert (a + 0.05) / (b + 0.05) >= 4.5


def test_background_work_answers_on_the_windows_thread(qtbot: QtBot) -> None:
    background = Background()
    threads: dict[str, int] = {}
    with qtbot.waitSignal(background.busy_changed):
        background.submit(
            "a",
            lambda: threads.setdefault("work", threading.get_ident()),
            lambda _: threads.setdefault("answer", threading.get_ident()),
        )
    qtbot.waitUntil(lambda: "answer" in threads)
    assert threads["answer"] == threading.get_ident() != threads["work"]


def test_of_several_requests_only_the_latest_answers(qtbot: QtBot) -> None:
    background, gate, answers = Background(), threading.Event(), []
    background.submit("k", lambda: gate.wait(5), lambda _: answers.append("old"))
    background.submit("k", lambda: "new", answers.append)
    background.submit("other", lambda: "other", answers.append)
    gate.set()
    qtbot.waitUntil(lambda: background.idle)
    assert sorted(answers) == ["new", "other"]


def log_named_in(message: str) -> str:
    """What the log holds that a message names; it is taken away."""
    path = Path(message.partition("what happened is in ")[2].partition(". Your")[0])
    text = path.read_text()
    path.unlink()
    return text


def test_a_problem_and_a_fault_come_back_as_plain_words(qtbot: QtBot) -> None:
    background, said = Background(), []

    def problem() -> None:
        raise Problem("plain words")

    def fault() -> None:
        raise ZeroDivisionError

    background.submit("a", problem, said.append, lambda p: said.append(p.message))
    background.submit("b", fault, said.append, lambda p: said.append(p.message))
    qtbot.waitUntil(lambda: background.idle)
    assert "plain words" in said
    (told,) = (text for text in said if "went wrong inside Istrel" in text)
    assert "ZeroDivisionError" in log_named_in(told)


def test_work_that_is_cancelled_is_silent(qtbot: QtBot) -> None:
    background, answers = Background(), []
    background.submit("k", lambda: 1, answers.append, words="counting")
    background.cancel("k")
    qtbot.waitUntil(lambda: background.idle)
    assert answers == []


def test_the_desktop_knows_istrel_its_icon_and_its_studies() -> None:
    assert ICON.read_text().startswith("<svg")
    packaging = Path(__file__).parents[2] / "packaging"
    entry = (packaging / "istrel.desktop").read_text()
    (glob,) = re.findall(r'<mime-type type="(.+?)">', (packaging / "istrel.xml").read_text())
    assert "Exec=istrel %f" in entry
    assert glob in entry
    assert glob in (packaging / "org.istrel.Istrel.metainfo.xml").read_text()
    page, offers = deb.manual(), deb.completion()
    for name, command in COMMANDS.items():
        assert f".SH ISTREL {name.upper()}" in page
        assert f"{name}) offers=" in offers
        for action in deb.options_of(command.parser()):
            assert action.help, action.option_strings
            assert deb.roff(action.option_strings[-1]) in page


def test_closing_istrel_closes_the_frame_it_stands_in(dressed: QApplication, qtbot: QtBot) -> None:
    from PySide6.QtWidgets import QMainWindow

    from istrel.app.start import furnish

    frame = QMainWindow()
    qtbot.addWidget(frame)
    window = furnish(dressed, frame, "", demo=False)
    frame.show()
    window.does.do("quit")
    assert not frame.isVisible()
    window.background.wait()


def test_what_a_slot_raises_becomes_a_message_and_a_log(
    opened: Opened, settle: Settle, monkeypatch: pytest.MonkeyPatch
) -> None:
    window = opened()
    monkeypatch.setattr(sys, "excepthook", sys.excepthook)
    tell_faults(window)

    def broken() -> None:
        raise RuntimeError("a slot that breaks")

    QTimer.singleShot(0, broken)
    settle()
    told = window.cases_line.trouble.text()
    assert "went wrong inside Istrel" in told
    assert "a slot that breaks" in log_named_in(told)
    window.background.submit("breaks", lambda: 1 / 0, lambda _: None)
    settle()
    assert "ZeroDivisionError" in log_named_in(window.cases_line.trouble.text())
    window.stations.write()
    assert window.stack.currentWidget() is window.stations.bench.widget
