"""The window's languages: on every screen each word is looked up, no button is cut in a small window, numbers fit the language."""

from __future__ import annotations

import io
import re
import sys
import zipfile
from collections.abc import Callable, Iterable, Iterator
from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest
from PySide6.QtCore import QSettings, Qt, QTranslator
from PySide6.QtWidgets import (
    QAbstractButton,
    QApplication,
    QComboBox,
    QLabel,
    QLineEdit,
    QMainWindow,
    QMenu,
    QPushButton,
    QScrollArea,
    QWidget,
)
from pytestqt.qtbot import QtBot

from depth import some
from istrel.app import preferences, start, words
from istrel.app.window import Window
from istrel.app.words import retold, speak
from istrel.data.codebook import MissingCode
from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.screening import finding
from istrel.data.series import OCCASION
from istrel.english import english, together, written
from istrel.problem import Problem
from istrel.render.codebook import render_codebook
from istrel.render.intake import render_intake
from istrel.sentence.vocabulary import CLAUSES, FORMS, SETTINGS, STATISTICS, VERBS
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.intake import take_in
from istrel.study.opening import open_data
from made import make_exhibit

Opened, Settle = Callable[..., Window], Callable[[], None]
SENTENCE = "describe practice_min across format with difference"
SENTENCES = (
    SENTENCE,
    "describe age as density",
    "count format against education",
    "relate age, practice_min as scatter",
)
PANELS = ("reading", "style", "palette", "keys", "handbook", "cases", "combine", "condition", "derive")
INSIDE, TAG, WORD = re.compile(r"⟦[^⟦⟧]*⟧"), re.compile(r"</?\w+>"), re.compile(r"[^\W\d_]{3,}")
KEYS = {"ctrl", "shift", "alt", "tab", "enter", "return", "esc", "istrel", "utf", "frequency"}
EXAMPLE = {"describe", "across", "format", "practice", "min", "receptive", "post"}  # on the start page


class Marked(QTranslator):
    """A language of its own: a text that stands in the German file, between brackets; any other as it is."""

    def __init__(self) -> None:
        super().__init__()
        self.german = QTranslator()
        assert self.german.load("istrel_de", str(words.FOLDER))

    def isEmpty(self) -> bool:  # noqa: N802 (Qt's name)
        return False

    def translate(self, context: str, text: str, *more: Any) -> str:
        number = more[1] if len(more) > 1 else -1
        known = context == words.CONTEXT and self.german.translate(context, text, None, number)
        return f"⟦{words.chosen(text, number)}⟧" if known else text


@pytest.fixture
def marked(dressed: QApplication, monkeypatch: pytest.MonkeyPatch) -> Iterator[None]:
    translator = Marked()
    dressed.installTranslator(translator)
    monkeypatch.setattr(words._Spoken, "language", "marked")
    yield
    dressed.removeTranslator(translator)


@pytest.fixture(params=some(["de", "fr", "en", "es"], 2))
def spoken(request: pytest.FixtureRequest, dressed: QApplication) -> Iterator[str]:
    speak(request.param)
    yield request.param
    speak("en")


def shown(widgets: Iterable[QWidget]) -> Iterator[tuple[QWidget, str]]:
    """Whatever a person can read or hear of these widgets."""
    for widget in widgets:
        yield widget, widget.toolTip()
        yield widget, widget.accessibleName()
        if isinstance(widget, QComboBox):
            yield from ((widget, widget.itemText(place)) for place in range(widget.count()))
        elif isinstance(widget, QMenu):
            yield from ((widget, action.text()) for action in widget.actions())
        elif isinstance(widget, QLineEdit):
            yield widget, widget.placeholderText()
        elif isinstance(widget, QLabel | QAbstractButton):
            yield widget, widget.text()


def in_the_language_of_the_paper(widget: QWidget) -> bool:
    """What stands on paper, or is said of it, is in the house style’s language; the handbook has a book for each language."""
    parents = [widget]
    while (parent := parents[-1].parentWidget()) is not None:
        parents.append(parent)
    return any(type(one).__name__ in ("Paper", "MarginNoteView", "_Canvas", "Book") for one in parents)


def words_of_the_study(window: Window) -> set[str]:
    """The words of the data, of the codebook, of the house style, and of sentences."""
    study, style = window.model.study, window.model.style
    texts = [study.source.name, style.name, style.table.label, style.figure.label, style.table.note]
    texts += [style.fonts.document, *CLAUSES, *VERBS, *FORMS, *SETTINGS, *STATISTICS, OCCASION]
    for variable in study.codebook.variables:
        texts += [variable.name, variable.label, variable.unit, *(entry.label for entry in variable.value_labels)]
    for column in study.table.columns:
        texts += column.words if column.kind is Kind.TEXT else ()
    return {word.casefold() for text in texts for word in WORD.findall(text)}


def not_looked_up(window: Window) -> set[str]:
    """Texts in which a word is left that is neither looked up, nor of the study, nor a key."""
    known = KEYS | (words_of_the_study(window) if window.model.is_open else EXAMPLE)
    found = set()
    for widget, text in shown([window, *window.findChildren(QWidget)]):
        left = TAG.sub(" ", text)
        while (inner := INSIDE.sub(" ", left)) != left:
            left = inner
        if {word.casefold() for word in WORD.findall(left)} - known and not in_the_language_of_the_paper(widget):
            found.add(f"{type(widget).__name__}: {text}")
    return found


def test_every_word_on_every_screen_is_looked_up(
    marked: None, dressed: QApplication, window: Window, opened: Opened, settle: Settle
) -> None:
    found = not_looked_up(window)
    opened(sentence=SENTENCE)
    window.does.do("keep")
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))  # numbers moved: the bar has much to tell
    for place in range(4):
        window.stations.go(place)
        settle()
        found |= not_looked_up(window)
    for sentence in SENTENCES:
        window.stations.say(sentence)
        settle()
        found |= not_looked_up(window)
    for panel in PANELS:
        window.does.do(panel)
        settle()
        found |= not_looked_up(window)
    assert not found, "\n".join(sorted(found))


def cut(window: Window) -> list[str]:
    """Buttons of the station shown that have no room for their words, and columns that are wider than what is seen of them."""
    station = window.stack.currentWidget()
    tight = [one for one in station.findChildren(QPushButton) if one.width() < one.sizeHint().width() - 1]
    wide = [
        area.widget()
        for area in station.findChildren(QScrollArea)
        if area.horizontalScrollBarPolicy() is Qt.ScrollBarPolicy.ScrollBarAlwaysOff
        and area.widget().width() > area.viewport().width()
    ]
    return [getattr(one, "text", one.objectName)() for one in (*tight, *wide) if one.isVisible()]


def test_no_button_is_cut_in_a_small_window(spoken: str, window: Window, opened: Opened, settle: Settle) -> None:
    window.resize(1024, 640)
    settle()
    found = cut(window)
    opened(sentence=SENTENCE)
    window.does.do("keep")
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    for station in range(4):
        window.stations.go(station)
        settle()
        found += cut(window)
    for sentence in SENTENCES:
        window.stations.say(sentence)
        settle()
        found += cut(window)
    assert found == []


@pytest.mark.parametrize(
    ("text", "in_german"),
    [
        (english("{n:,} [case|cases]", n=1), "1 Fall"),
        (english("{n:,} [case|cases]", n=2400), "2.400 Fälle"),
        (english("{cases} in {n:,} [row|rows]", cases=english("{n:,} [case|cases]", n=1), n=3), "1 Fall in 3 Zeilen"),
        (english("{names} and {last}", names="a, b", last="[c|d] {e}"), "a, b und [c|d] {e}"),
        (together((english("Nothing moved."), english("{n} more", n=2))), "Nichts hat sich geändert. 2 weitere"),
        (written(-1234.5, ",.1f"), "−1.234,5"),
        (english("divide by {factor}", factor=finding.shown(-0.5)), "durch −0,5 teilen"),
        (english("{name} in {n:,} [case|cases]", name="a.b", n=5), "a.b in 5 Fällen"),
        (english("{n} of {it} that [is|are] nowhere", n=1.5, it="x"), "1,5 of x that are nowhere"),
        ("count", "count"),
        ("{n} [case|cases]", "{n} [case|cases]"),
    ],
)
def test_what_the_core_says_is_said_again_and_data_stay_as_they_are(
    text: str, in_german: str, dressed: QApplication
) -> None:
    before = retold(text)
    try:
        speak("de")
        assert retold(text) == in_german
    finally:
        speak("en")
    assert retold(text) == before == str(text)


@pytest.mark.parametrize(
    ("sentence", "in_german"),
    [
        ("describe agee", "Es gibt keine Variable „agee“. Meinten Sie „age“?"),
        ("describe age acros format", "„acros“ kann hier nicht stehen. Meinten Sie „across“?"),
        ("describe age with meen", "„meen“ ist keine Statistik und keine Einstellung. Meinten Sie „mean“?"),
        ("describe age among age", "Eine Bedingung braucht einen Vergleich, zum Beispiel age >= 18."),
        ("describe age among age > 300", "Kein Fall erfüllt „age > 300“ (612 Fälle gelesen)"),
        ("relate age", "Relate braucht zwei oder mehr Variablen"),
        ("relate age, practice_min as bars", "„relate“ kann nicht als „bars“ gesetzt werden, aber als "),
    ],
)
def test_a_refusal_is_in_the_language_of_the_window(
    sentence: str, in_german: str, dressed: QApplication, learners: Dataset
) -> None:
    with pytest.raises(Problem) as refused:
        make_exhibit(sentence, learners)
    try:
        speak("de")
        assert retold(refused.value.message).startswith(in_german)
    finally:
        speak("en")


def test_a_window_speaks_what_was_chosen_or_else_the_language_of_the_system(
    dressed: QApplication, qtbot: QtBot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    QSettings.setPath(QSettings.Format.IniFormat, QSettings.Scope.UserScope, str(tmp_path / "config"))
    for chosen, system, spoken in (("", "es", "Entrada"), ("fr", "es", "Entrée"), ("xx", "en", "Intake")):
        preferences.choose("language", chosen)
        monkeypatch.setattr(words, "language_of_the_system", lambda system=system: system)
        frame = QMainWindow()
        qtbot.addWidget(frame)
        try:
            window = start.furnish(dressed, frame, "", demo=False)
            assert window.rail.stations[0].words == spoken
            window.background.wait()
        finally:
            speak("en")
            sys.excepthook = sys.__excepthook__


@pytest.mark.parametrize(
    ("text", "in_german"),
    [
        ("a,b\n1,2\n1,2,3\n4\n5,5,5,5\n", "t.csv, Zeile 3: 3 Felder, wo die Namenszeile 2 hat."),
        ("a,b\n", "t.csv: Es gibt Namen, aber keine Datenzeilen darunter."),
        ("", "t.csv: Die Datei ist leer."),
        ("Titel\n\na;b\n1;2,5\n2;3,5\n", "Die Namen stehen in Zeile 3; was darüber steht, ist ausgelassen."),
        ("a,lauf\n1,2:19:04\n2,3:01:09\n", "lauf: Dauern, als Minuten gelesen (139,067 für „2:19:04“)."),
    ],
)
def test_what_is_said_of_a_file_is_in_the_language_of_the_window(
    text: str, in_german: str, dressed: QApplication, tmp_path: Path
) -> None:
    path = tmp_path / "t.csv"
    path.write_text(text)
    speak("de")
    try:
        said = " ".join(map(retold, open_data(path).table.source.remarks))
    except Problem as problem:
        said = retold(problem.message)
    finally:
        speak("en")
    assert in_german in said


@pytest.mark.parametrize(
    ("language", "said"),
    [
        (
            "de",
            (
                "Codebuch von learners.csv",
                "612 Fälle",
                "fehlend: not asked",
                "personenbezogen",
                "Mittelwert 41",
                "12 Items",
            ),
        ),
        ("fr", ("Dictionnaire de learners.csv", "612 cas", "39 variables", "manquant", "Identifiant")),
        ("es", ("Diccionario de learners.csv", "612 casos", "perdido", "Porcentajes de las respuestas válidas.")),
    ],
)
def test_a_codebook_is_printed_in_the_language_of_the_window(
    language: str, said: tuple[str, ...], learners: Dataset, dressed: QApplication
) -> None:
    personal = learners.codebook.with_variable(replace(learners.codebook["site"], personal=True))
    coded = personal.with_variable(replace(personal["education"], missing_codes=(MissingCode(99.0, "not asked"),)))
    data = Dataset(learners.table, coded)
    speak(language)
    try:
        page = render_codebook(data, "book.html", retold, words.spoken()).decode()
    finally:
        speak("en")
    assert [part for part in said if part not in page] == []
    assert f'lang="{language}"' in page
    for english_word in ("missing: ", "others<", "Percentages of", "valid ", ">Label<", "mean "):
        assert english_word not in page


@pytest.mark.parametrize(
    ("language", "said"),
    some(
        [
            (
                "de",
                (
                    "Was anzusehen ist",
                    "Standardabweichung",
                    "Zeilen 120",
                    "39</b><span>Variablen",
                    "Pearsons r",
                    "Erstellt mit",
                ),
            ),
            ("fr", ("Ce qu’il faut regarder", "Écart-type", "lignes 120", "Fait avec Istrel")),
            ("es", ("Qué mirar", "Desviación estándar", "filas 120", "Hecho con Istrel")),
        ],
        1,
    ),
)
def test_a_first_look_is_written_in_the_language_of_the_window(
    language: str, said: tuple[str, ...], learners: Dataset, dressed: QApplication
) -> None:
    speak(language)
    try:
        page = render_intake(take_in(learners), "html", retold, words.spoken()).decode()
        document = render_intake(take_in(learners), "odt", retold, words.spoken())
    finally:
        speak("en")
    assert [part for part in said if part not in page] == []
    with zipfile.ZipFile(io.BytesIO(document)) as archive:
        content = archive.read("content.xml").decode()
    for part in (
        "Missing",
        " valid<",
        " distinct<",
        "Lowest",
        "Goes with",
        "rows ",
        "At a glance",
        "What to look",
        "Mean<",
    ):
        assert part not in page.partition("</style>")[2]
        assert part not in re.sub(r"<[^>]+>", " ", content)
