"""The handbook: each of its sentences and commands runs; F1 opens it at what is under the hand; walks see what was done."""

from __future__ import annotations

import re
import shlex
from collections.abc import Callable
from pathlib import Path
from shutil import copy

import pytest
from PySide6.QtCore import QPoint, Qt, QTranslator, QUrl
from PySide6.QtTest import QTest
from pytestqt.qtbot import QtBot

from depth import some
from istrel import cli
from istrel.app.book.walks import WALKS
from istrel.app.stations.intake.finding_view import FindingView
from istrel.app.window import Window
from istrel.app.words import CONTEXT, FOLDER, LANGUAGES
from istrel.demo import CODEBOOK, LEARNERS, STUDY
from istrel.handbook import PAGES, chapters, said
from istrel.study.file import StudyFile
from made import make_exhibit

Opened = Callable[..., Window]
COMMANDS = [line for chapter in chapters() for e in chapter.examples if e.kind == "shell" for line in e.lines]


def test_every_sentence_of_the_handbook_can_be_set_in_the_demo_study() -> None:
    with StudyFile(STUDY, writing=False) as file:
        sources = {source.name: source for source in file.history.study.sources}
    for sentence, source in said():
        exhibit = make_exhibit(sentence, sources[source or LEARNERS.name].data)
        assert exhibit.sheet
    assert {"describe", "count", "check", "relate"} <= {sentence.split()[0] for sentence, _ in said()}
    assert [chapter.number for chapter in chapters()] == sorted(PAGES.values()) == list(range(1, 11))


@pytest.mark.parametrize("language", [language for language in LANGUAGES if language != "en"])
def test_the_handbook_says_and_shows_the_same_in_every_language(language: str) -> None:
    """The same examples, links, tables and lists; the stations under the names that the window has for them."""
    marks = re.compile(r"\]\(([^)]*)\)|`([^`\n]*)`|^([#>|-]+) ", re.M)
    translator = QTranslator()
    assert translator.load(f"istrel_{language}", str(FOLDER))
    for english, chapter in zip(chapters(), chapters(language), strict=True):
        assert chapter.examples == english.examples
        assert chapter.title != english.title or english.title == "Figures"
        keys = {
            "Strg+Z": "Ctrl+Z",
            "Strg+Eingabe": "Ctrl+Enter",
            "Ctrl+Entrée": "Ctrl+Enter",
            "Ctrl+Intro": "Ctrl+Enter",
        }
        said = [[keys.get(part, part) for part in found] for found in marks.findall(chapter.text)]
        assert sorted(map(list, marks.findall(english.text))) == sorted(said), english.title
        for station in ("Intake", "Codebook", "Manuscript"):
            there = f"**{station}**" in english.text
            assert there == any(
                f"**{translator.translate(CONTEXT, station)}{ending}**" in chapter.text for ending in ("", "s")
            ), (station, chapter.title)


def test_every_command_of_the_handbook_runs(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    for path in (LEARNERS, CODEBOOK):
        copy(path, tmp_path)
    copy(STUDY, tmp_path / "paper.istrel")
    monkeypatch.chdir(tmp_path)
    assert len(COMMANDS) >= 6
    for command in COMMANDS:
        program, *words = shlex.split(command)
        assert program == "istrel"
        assert cli.main(words) == 0, command


@pytest.mark.parametrize(
    ("sentence", "chapter"),
    some(
        [
            ("describe age across format", 5),
            ("count site", 6),
            ("check age", 7),
            ("relate age, absences", 8),
            ("describe age as histogram", 9),
            ("descr", 4),
        ],
        4,
    ),
)
def test_f1_opens_the_chapter_on_what_is_under_the_hand(sentence: str, chapter: int, opened: Opened) -> None:
    window = opened(sentence=sentence)
    window.does.do("handbook")
    book = window.learning.book
    assert book.isVisible()
    assert book.chooser.currentIndex() + 1 == chapter
    window.does.do("handbook")
    assert not book.isVisible()


def test_a_sentence_of_the_book_is_set_with_a_click_in_its_own_source(window: Window, qtbot: QtBot) -> None:
    book = window.learning.book
    place = next(k for k, (_, source) in enumerate(said()) if source == "sessions.csv")
    book.open_at(2)
    book.text.anchorClicked.emit(QUrl(f"istrel:say/{place}"))
    bench = window.stations.bench.widget
    qtbot.waitUntil(lambda: bench.draft.proof is not None and bench.is_whose(), timeout=20_000)
    assert window.model.study.source.name == "sessions.csv"
    book.text.anchorClicked.emit(QUrl("istrel:page/7"))
    assert "Is it normal?" in book.text.toPlainText()


@pytest.mark.parametrize("place", range(len(WALKS)))
def test_a_walk_goes_on_when_its_step_is_done(place: int, window: Window, qtbot: QtBot) -> None:
    window.learning.walk(place)
    line, steps = window.learning.line, WALKS[place].steps
    qtbot.waitUntil(lambda: window.model.is_open and bool(window.model.found.findings), timeout=20_000)
    acts = {
        "Intake": lambda: mend(window),
        "Go ": lambda: window.stations.go(2),
        "Click": lambda: open_a_number(window),
        "Keep": lambda: window.does.do("keep"),
        "See": lambda: window.stations.go(3),
    }
    for number, step in enumerate(steps):
        qtbot.waitUntil(lambda number=number: line.place >= number, timeout=20_000)
        if line.place > number:
            continue
        if step.sentence:
            assert line.sentence.text() == step.sentence
            line.sentence.click()
        else:
            next(act for begins, act in acts.items() if step.says.startswith(begins))()
    qtbot.waitUntil(lambda: line.place == len(steps), timeout=20_000)
    assert line.says.text().startswith("That was it")
    line.leave()
    assert not line.isVisible()


def mend(window: Window) -> None:
    """Click the first remedy that treats a value as missing."""
    views = window.stations.intake.widget.findChildren(FindingView)
    next(link for view in views for link in view.remedies if link.text().startswith("treat")).click()


def open_a_number(window: Window) -> None:
    paper = window.stations.bench.widget.desk.paper
    points = (QPoint(x, y) for y in range(0, paper.height(), 4) for x in range(0, paper.width(), 4))
    place = next(point for point in points if paper.cell_at(point) == (0, 0))
    QTest.mouseClick(paper, Qt.MouseButton.LeftButton, pos=place)
