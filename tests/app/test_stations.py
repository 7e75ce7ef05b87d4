"""Intake, Codebook, Manuscript and the cases line, driven through the window."""

from __future__ import annotations

import json
from collections.abc import Callable
from pathlib import Path

import docx
import pytest
from PySide6.QtCore import QPoint, QRectF, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.stations.codebook.entries_view import placed
from istrel.app.stations.codebook.level_tags import LevelTag
from istrel.app.stations.intake.finding_view import FindingView
from istrel.app.window import Window
from istrel.data.levels import Level
from istrel.demo import LEARNERS, SENTENCE, SESSIONS

Opened = Callable[..., Window]
Settle = Callable[[], None]


def findings(window: Window) -> list[FindingView]:
    return [view for view in window.stations.intake.widget.findChildren(FindingView) if view.isVisible()]


def edit_phrase(window: Window, name: str, part: str, text: str, qtbot: QtBot) -> None:
    """Click a phrase of a variable's entry, write, press Return: as a user does."""
    book = window.stations.codebook.widget
    book.show_variable(name)
    place = book.entries.currentIndex()
    rect = QRectF(book.entries.visualRect(place))
    where = next(p.rect for p in placed(book.entries_model.entries[place.row()], rect) if p.said.part == part)
    qtbot.mouseClick(book.entries.viewport(), Qt.MouseButton.LeftButton, pos=where.center().toPoint())
    assert book.entries.editor.isVisible()
    book.entries.editor.selectAll()
    qtbot.keyClicks(book.entries.editor, text)
    qtbot.keyClick(book.entries.editor, Qt.Key.Key_Return)
    assert not book.entries.editor.isVisible()


def test_intake_shows_the_file_and_what_is_wrong_with_it(opened: Opened) -> None:
    window = opened()
    window.stations.intake.go()
    assert window.stations.intake.widget.table_model.rowCount() == 39
    assert [view.finding.kind for view in findings(window)][:3] == [
        "weighted_rows",
        "suspected_missing_code",
        "suspected_missing_code",
    ]
    assert window.rail.stations[0].count == len(findings(window)) == 14


def test_a_finding_is_mended_with_a_click_and_undone_with_another(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.intake.go()
    qtbot.mouseClick(findings(window)[1].remedies[0], Qt.MouseButton.LeftButton)
    settle()
    assert len(findings(window)) == window.rail.stations[0].count == 13
    assert window.model.study.codebook["confidence"].missing_codes[0].value == -9
    qtbot.mouseClick(window.cases_line.undo, Qt.MouseButton.LeftButton)
    settle()
    assert len(findings(window)) == 14
    assert LEARNERS.read_text().count(",-9,") > 20  # the source stays as it was


def test_an_entry_is_changed_where_it_stands(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.codebook.go()
    edit_phrase(window, "confidence", "label", "Confidence in signing", qtbot)
    edit_phrase(window, "confidence", "missing", "-9 refused", qtbot)
    edit_phrase(window, "confidence", "value", "Never", qtbot)
    edit_phrase(window, "practice_min", "prints", "86.60 minutes", qtbot)
    settle()
    line = window.model.study.codebook["confidence"]
    assert (line.label, line.missing_codes[0].reason) == ("Confidence in signing", "refused")
    assert line.value_labels[0].label == "Never"
    practice = window.model.study.codebook["practice_min"]
    assert (practice.decimals, practice.unit) == (2, "minutes")
    for _ in range(5):
        window.model.undo()
    settle()
    assert window.model.study.codebook["confidence"].label == "Confidence"
    assert window.model.study.codebook["practice_min"].unit == "min"


def test_items_of_a_battery_are_said_once_and_opened(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.codebook.go()
    book = window.stations.codebook.widget
    place = next(k for k, e in enumerate(book.entries_model.entries) if len(e.names) == 12)
    entry = book.entries_model.entries[place]
    assert (entry.beside, entry.says[0].text) == ("mot_01 to mot_12", "12 items")
    book.entries.setCurrentIndex(book.entries_model.index(place))
    settle()
    missing = next(said for said in book.entries_model.entries[place].says if said.part == "missing")
    book.entries.begin(place, missing)
    qtbot.keyClicks(book.entries.editor, "-9 refused")
    qtbot.keyClick(book.entries.editor, Qt.Key.Key_Return)
    settle()
    codebook = window.model.study.codebook
    assert {codebook[name].missing_codes[0].reason for name in entry.names} == {"refused"}
    assert window.model.history.undo_words == "missing codes of mot_01 to mot_12"
    many = book.entries_model.rowCount()
    qtbot.keyClick(book.entries, Qt.Key.Key_Return)
    assert book.entries_model.rowCount() == many + 12
    qtbot.keyClick(book.entries, Qt.Key.Key_Return)
    assert book.entries_model.rowCount() == many


def test_the_codebook_is_gone_through_by_keys_alone(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.codebook.go()
    book, line = window.stations.codebook.widget, window.stations.codebook.widget.entries.editor
    book.show_variable("distance_km")
    book.entries.setFocus()
    qtbot.keyClick(book.entries, Qt.Key.Key_F2)
    line.selectAll()
    qtbot.keyClicks(line, "Way to the site")
    qtbot.keyClick(line, Qt.Key.Key_Tab)
    assert line.text() == "6.6 km"
    line.setText("6 kilometres")
    qtbot.keyClick(line, Qt.Key.Key_Tab)  # what means no answer
    qtbot.keyClick(line, Qt.Key.Key_Tab)  # the next entry
    assert line.text() == "Weekly practice"
    line.setText("Practice in a week")
    book.finder.setFocus()  # going elsewhere takes it
    assert not line.isVisible()
    assert window.model.study.codebook["practice_min"].label == "Practice in a week"
    settle()
    distance = window.model.study.codebook["distance_km"]
    assert (distance.label, distance.decimals, distance.unit) == ("Way to the site", 0, "kilometres")


def test_a_level_is_chosen_by_its_tag(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.codebook.go()
    window.stations.codebook.widget.show_variable("absences")
    assert window.stations.codebook.widget.page.title.text() == window.model.study.codebook["absences"].title
    tags = {
        tag.level: tag for tag in window.stations.codebook.widget.page.levels.buttons() if isinstance(tag, LevelTag)
    }
    assert tags[Level.COUNT].isChecked()
    qtbot.mouseClick(tags[Level.ORDINAL], Qt.MouseButton.LeftButton)
    settle()
    assert window.model.study.codebook["absences"].level is Level.ORDINAL
    assert window.model.history.undo_words == "absences is ordinal"
    window.model.undo()
    settle()
    assert tags[Level.COUNT].isChecked()


def test_labels_and_units_from_names_are_shown_and_undone_with_a_click(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "field.csv"
    rows = "".join(f"{190 + k % 23}.5,{3800 + 7 * k},{'ab'[k % 2]},{k % 7}.25\n" for k in range(60))
    path.write_text("Flipper length (mm),body_mass_g,nestSite,depth\n" + rows)
    window = opened(path, sentence="describe body_mass_g, depth across nestSite")
    window.stations.codebook.go()
    book = window.model.study.codebook
    said = {v.name: (v.label, v.unit) for v in book.variables}
    assert said == {
        "Flipper length (mm)": ("Flipper length", "mm"),
        "body_mass_g": ("Body mass", "g"),
        "nestSite": ("Nest site", ""),
        "depth": ("", ""),
    }
    page = window.stations.codebook.widget.page
    window.stations.codebook.widget.show_variable("body_mass_g")
    (keep,) = [b for b in page.guessed.findChildren(QPushButton) if b.text() == "keep the name"]
    qtbot.mouseClick(keep, Qt.MouseButton.LeftButton)
    settle()
    assert window.model.study.codebook["body_mass_g"].title_with_unit == "body_mass_g"
    assert window.model.study.codebook["nestSite"].label == "Nest site"
    assert not page.guessed.isVisible()
    window.model.undo()
    settle()
    assert window.model.study.codebook["body_mass_g"].unit == "g"


def test_the_manuscript_lists_and_exports_what_was_kept(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    window = opened(sentence=SENTENCE)
    window.does.do("keep")
    window.stations.bench.widget.writing.say("describe receptive_post as histogram")
    settle()
    window.does.do("keep")
    settle()
    window.stations.manuscript.go()
    settle()
    outline = window.stations.manuscript.widget.outline
    assert [row.label for row in outline.rows()] == ["Table 1", "Figure 1", "Supplement"]
    path = tmp_path / "thesis.docx"
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.export(path)
    word = docx.Document(str(path))
    assert len(word.element.xpath("//w:sdtContent/w:tbl")) == 1
    assert len(word.element.xpath("//w:sdtContent//w:drawing")) == 1
    assert "averaged" in word.element.xpath("string(.)")
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.export(tmp_path / "thesis.json")
    assert [entry["form"] for entry in json.loads((tmp_path / "thesis.json").read_text())] == ["table", "histogram"]


def test_what_is_kept_is_made_when_it_is_looked_at(
    opened: Opened, settle: Settle, monkeypatch: pytest.MonkeyPatch
) -> None:
    from istrel.sentence import parse
    from istrel.sentence.request import show
    from istrel.study import remake
    from istrel.study.changes.codebook import SetText
    from istrel.study.changes.manuscript import Keep, Move
    from istrel.study.parts import Kept

    window = opened(sentence=SENTENCE)
    for place in range(16):
        window.model.do(
            Keep(
                Kept(
                    parse(
                        f"describe age, absences across format with trimmed_mean, decimals = {place % 4}, trim = 0.{place + 1:02}"
                    ),
                    (),
                )
            )
        )
    settle()
    made: list[str] = []
    whole = remake.make_exhibit
    monkeypatch.setattr(
        remake, "make_exhibit", lambda request, *rest: made.append(show(request)) or whole(request, *rest)
    )
    window.model.do(SetText("receptive_post", "label", "Listening"))
    settle()
    assert [sentence for sentence in made if " as " not in sentence] == [SENTENCE]  # others are pictures of other forms
    made.clear()
    window.stations.manuscript.go()
    settle()
    kept = [sentence for sentence in made if "trim" in sentence and " as " not in sentence]
    assert len(kept) == 16
    assert (
        len(window.stations.manuscript.widget.parts.entries)
        == window.stations.manuscript.widget.outline.count() - 1
        == 16
    )
    first, last = (window.model.study.kept[place].id for place in (0, 15))
    window.model.do(Move(last, 0))
    made.clear()
    settle()
    assert [sentence for sentence in made if " as " not in sentence] == []
    assert [entry.kept.id for entry in window.stations.manuscript.widget.parts.entries[:2]] == [last, first]
    assert [window.stations.manuscript.widget.outline.item(place).text() for place in (0, 15)] == [
        "Table 1",
        "Table 16",
    ]
    window.model.undo()
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].kept.id == first


def test_a_place_that_cannot_be_written_is_told(opened: Opened, settle: Settle) -> None:
    window = opened(sentence=SENTENCE)
    window.does.do("keep")
    settle()
    window.stations.manuscript.go()
    settle()
    window.stations.manuscript.widget.leaving.export(Path("/nowhere/at/all.docx"))
    settle()
    assert "cannot be written" in window.stations.manuscript.widget.review.status.text()


def test_numbers_that_moved_are_told_and_accepted(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe receptive_post")
    window.does.do("keep")
    settle()
    window.stations.manuscript.go()
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].status == "as kept"
    from istrel.study.changes.codebook import TreatAsMissing

    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].status == "6 numbers moved"
    assert "6 numbers moved" in window.stations.manuscript.widget.review.status.text()
    (accept,) = [b for b in window.stations.manuscript.widget.findChildren(QPushButton) if b.text() == "accept"]
    qtbot.mouseClick(accept, Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].status == "as kept"
    (take_out,) = [b for b in window.stations.manuscript.widget.findChildren(QPushButton) if b.text() == "take out"]
    qtbot.mouseClick(take_out, Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.manuscript.widget.parts.entries == ()


def test_numbers_of_the_manuscript_show_their_cases_in_their_own_source(
    opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    from istrel.app.proof.paper import Paper
    from istrel.app.proof.slip import NumberSlip

    window = opened(sentence="describe age with n, max")
    window.does.do("keep")
    window.arrivals.open_path(str(SESSIONS))
    settle()
    window.stations.manuscript.go()
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].status == "as kept"
    (paper,) = [made for made in window.stations.manuscript.widget.findChildren(Paper) if made.proof is not None]
    points = (QPoint(x, y) for y in range(0, paper.height(), 4) for x in range(0, paper.width(), 4))
    maximum = next(point for point in points if paper.cell_at(point) == (0, 1))
    qtbot.mouseClick(paper, Qt.MouseButton.LeftButton, pos=maximum)
    settle()
    (slip,) = paper.findChildren(NumberSlip)
    (link,) = [b for b in slip.findChildren(QPushButton) if b.text() == "show its case"]
    qtbot.mouseClick(link, Qt.MouseButton.LeftButton)
    settle()
    assert window.cases_line.source.text() == "learners.csv ▾"
    assert window.cases.drawer.cases.rowCount() == 1
    assert window.cases.drawer.view.currentIndex().data() == "199"


def test_a_copied_table_pastes_as_a_table(opened: Opened, settle: Settle) -> None:
    window = opened(sentence=SENTENCE)
    window.does.do("copy")
    data = QGuiApplication.clipboard().mimeData()
    assert "<table>" in data.html()
    lines = data.text().splitlines()
    assert lines[0] == "Table 1"
    assert lines[4].split("\t")[:3] == ["Weekly evening", "210", "86.6"]
    window.stations.bench.widget.writing.say("describe age as histogram")
    settle()
    window.does.do("copy")
    data = QGuiApplication.clipboard().mimeData()
    assert bytes(data.data("image/png").data())[:4] == b"\x89PNG"
    assert b"<svg" in bytes(data.data("image/svg+xml").data())


def test_the_cases_line_limits_and_frees_the_cases(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe age")
    line = window.cases_line
    assert line.cases.text() == "612 of 612 cases"
    window.does.do("condition")
    assert line.edit is not None
    qtbot.keyClicks(line.edit, "age >= 3x")
    qtbot.keyClick(line.edit, Qt.Key.Key_Return)
    assert line.trouble.text()
    assert line.edit.isVisible()
    line.edit.clear()
    qtbot.keyClicks(line.edit, "age >= 900")
    qtbot.keyClick(line.edit, Qt.Key.Key_Return)
    assert line.trouble.text() == "no case meets this"
    line.edit.clear()
    qtbot.keyClicks(line.edit, "age >= 30")
    qtbot.keyClick(line.edit, Qt.Key.Key_Return)
    settle()
    used = int((window.model.study.data.numbers("age").values >= 30).sum())
    assert line.cases.text() == f"{used} of 612 cases"
    assert line.chip.text() == "age ≥ 30   ✕"
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.draft.proof.exhibit.cases.used == used
    qtbot.mouseClick(line.chip, Qt.MouseButton.LeftButton)
    settle()
    assert line.cases.text() == "612 of 612 cases"
    assert window.stations.bench.widget.draft.proof.exhibit.cases.used == 612
