"""The Codebook and conditions, driven through the window: labels, order, cuts, derived variables, import and export."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import QItemSelectionModel, QPoint, Qt
from PySide6.QtWidgets import QLabel, QPushButton, QWidget
from pytestqt.qtbot import QtBot

from istrel.app.stations.codebook.values_editor import LABEL
from istrel.app.window import Window
from istrel.data.levels import Level
from istrel.demo import SESSIONS
from istrel.study.changes.codebook import SetText

Opened = Callable[..., Window]
Settle = Callable[[], None]
LEFT = Qt.MouseButton.LeftButton


def page_texts(window: Window) -> list[str]:
    return [label.text() for label in window.stations.codebook.widget.page.findChildren(QLabel)]


def link(parent: QWidget, text: str) -> QPushButton:
    return next(b for b in parent.findChildren(QPushButton) if b.text() == text and b.isVisible())


def begin(opened: Opened, variable: str) -> Window:
    window = opened()
    window.stations.codebook.go()
    window.stations.codebook.widget.show_variable(variable)
    return window


def test_the_page_of_every_variable_fits_its_width(opened: Opened, settle: Settle) -> None:
    window = begin(opened, "age")
    page = window.stations.codebook.widget.page
    window.model.do(SetText("age", "label", "How old were you, in completed years, at the first lesson of the course?"))
    settle()
    for name in window.model.study.table.names:
        window.stations.codebook.widget.show_variable(name)
        inside = page.widget()
        assert inside is not None
        assert inside.minimumSizeHint().width() <= page.width(), name


def test_bands_are_made_by_dragging_cuts_on_the_drawing(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = begin(opened, "age")
    page = window.stations.codebook.widget.page
    qtbot.mouseClick(link(page.derive_links, "bands"), LEFT)
    assert page.bands.drawing.cuts == (30, 38, 49)
    y = 60

    def x(value: float) -> QPoint:
        return QPoint(round(page.bands.drawing.x_of(value)), y)

    qtbot.mousePress(page.bands.drawing, LEFT, pos=x(49))
    qtbot.mouseMove(page.bands.drawing, x(60))
    qtbot.mouseRelease(page.bands.drawing, LEFT, pos=x(60))
    assert page.bands.drawing.cuts == (30, 38, 60)
    qtbot.mouseDClick(page.bands.drawing, LEFT, pos=x(50))
    assert page.bands.drawing.cuts == (30, 38, 50, 60)
    assert "38 ≤ age < 50" in page_texts(window)
    qtbot.mouseClick(page.bands.make, LEFT)
    settle()
    line = window.model.study.codebook["age_band"]
    assert line.level is Level.ORDINAL
    assert [entry.label for entry in line.value_labels] == ["under 30", "30–37", "38–49", "50–59", "60 and over"]
    # Once made, the bands follow the cuts.
    qtbot.mousePress(page.bands.drawing, LEFT, pos=x(30))
    qtbot.mouseMove(page.bands.drawing, x(25))
    qtbot.mouseRelease(page.bands.drawing, LEFT, pos=x(25))
    settle()
    assert [e.label for e in window.model.study.codebook["age_band"].value_labels][:2] == ["under 25", "25–37"]
    ages = window.model.study.data.numbers("age").values
    codes = window.model.study.data.numbers("age_band").values
    assert (codes[ages < 25] == 1).all()
    assert (codes[ages >= 60] == 5).all()
    # A cut dragged off the drawing is taken out.
    qtbot.mousePress(page.bands.drawing, LEFT, pos=x(60))
    qtbot.mouseMove(page.bands.drawing, QPoint(100, 400))
    qtbot.mouseRelease(page.bands.drawing, LEFT, pos=QPoint(100, 400))
    settle()
    assert len(window.model.study.codebook["age_band"].value_labels) == 4


def test_labels_and_order_of_values_are_edited_in_place(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = begin(opened, "satisfaction")
    editor = window.stations.codebook.widget.page.values
    item = editor.item(0, LABEL)
    assert item is not None
    item.setText("Lowest of all")
    settle()
    assert window.model.study.codebook["satisfaction"].label_of(1.0) == "Lowest of all"
    editor.move_value(0, 5)
    settle()
    values = [entry.value for entry in window.model.study.codebook["satisfaction"].value_labels]
    assert values[:5] == [2, 3, 4, 5, 1]
    assert (
        window.model.study.data.categories("satisfaction").labels[4] == "Lowest of all"
    )  # the order in which it prints
    editor.setCurrentCell(4, 0)
    qtbot.keyClick(editor, Qt.Key.Key_Up, Qt.KeyboardModifier.AltModifier)
    settle()
    values = [entry.value for entry in window.model.study.codebook["satisfaction"].value_labels]
    assert values[:5] == [2, 3, 4, 1, 5]
    window.model.undo()
    window.model.undo()
    window.model.undo()
    assert window.model.study.codebook["satisfaction"].label_of(1.0) != "Lowest of all"


def test_a_variable_is_derived_by_typing_with_offers_and_a_look_ahead(
    opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    window = begin(opened, "receptive_post")
    line = window.stations.codebook.widget.derive_line
    qtbot.mouseClick(window.stations.codebook.widget.derive, LEFT)
    qtbot.keyClicks(line.edit, "gain = receptive_po")
    assert line._words.stringList() == ["receptive_post"]
    qtbot.keyClicks(line.edit, "st - receptive_pr")
    line.derive()
    assert line.trouble.text() == "There is no variable “receptive_pr”. Did you mean “receptive_pre”?"
    line.edit.setText("gain = receptive_post - receptive_pre")
    qtbot.waitUntil(lambda: "cases would have a value" in line.result.text(), timeout=5000)
    qtbot.keyClick(line.edit, Qt.Key.Key_Return)
    settle()
    assert "gain" in window.model.study.table
    window.stations.bench.widget.writing.say("describe gain with n, mean")
    settle()
    assert window.stations.bench.widget.draft.proof is not None
    assert not line.isVisible()
    line.begin("gain = gain + 1")
    line.derive()
    assert "cannot be made from itself" in line.trouble.text()


def test_a_composite_of_items_says_how_they_hang_together(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = begin(opened, "mot_01")
    book = window.stations.codebook.widget
    first = book.entries.currentIndex().row()
    for place in range(first + 1, first + 4):
        index = book.entries_model.index(place)
        book.entries.selectionModel().select(index, QItemSelectionModel.SelectionFlag.Select)
    qtbot.mouseClick(book.composite, LEFT)
    assert book.derive_line.edit.text() == "mot_mean = mean(mot_01, mot_02, mot_03, mot_04, minimum = 3)"
    qtbot.waitUntil(lambda: "mot_04 runs against the others" in book.derive_line.result.text(), timeout=5000)
    book.derive_line.edit.setText("motivation = mean(mot_01, mot_02, mot_03, reverse(mot_04, 1, 5), minimum = 3)")
    qtbot.keyClick(book.derive_line.edit, Qt.Key.Key_Return)
    settle()
    book.show_variable("motivation")
    settle()
    texts = page_texts(window)
    assert any(text.startswith("Cronbach’s α = .7") for text in texts)
    assert "α if left out" in texts
    assert "reverse(mot_04, 1, 5)" in texts
    book.show_variable("mot_01")
    assert "motivation" in page_texts(window)  # what it is used in
    qtbot.mouseClick(link(book.page, "z-score"), LEFT)
    assert book.derive_line.edit.text() == "mot_01_z = z(mot_01)"


def test_a_derived_variable_is_removed_and_a_source_variable_left_out(
    opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    window = begin(opened, "age")
    book = window.stations.codebook.widget
    for text in ("older = age + 1", "oldest = older * 2"):
        book.derive_line.begin(text)
        book.derive_line.derive()
        settle()
    book.show_variable("older")
    qtbot.mouseClick(book.page.remove, LEFT)
    assert "needed by oldest" in window.cases_line.trouble.text()
    for name in ("oldest", "older"):
        book.show_variable(name)
        qtbot.mouseClick(book.page.remove, LEFT)
        settle()
    assert "older" not in window.model.study.codebook
    book.show_variable("term")
    qtbot.mouseClick(book.page.omit, LEFT)
    settle()
    assert not window.model.study.codebook["term"].in_use
    qtbot.mouseClick(book.page.personal, LEFT)
    settle()
    assert window.model.study.codebook["term"].personal
    window.stations.write()
    assert "term" not in window.stations.bench.widget.strip.list_model.names
    assert not [f for f in window.model.found.findings if f.variables == ("term",)]


def test_mistakes_in_phrases_are_told_and_the_text_stays(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = begin(opened, "age")
    book, line = window.stations.codebook.widget, window.stations.codebook.widget.entries.editor
    row = book.entries.currentIndex().row()
    prints = next(said for said in book.entries_model.entries[row].says if said.part == "prints")
    book.entries.begin(row, prints)
    line.setText("many years")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    assert "Write a number as it shall print" in book.message.text()
    assert line.isVisible()
    line.setText("41.234 years")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    assert not line.isVisible()
    assert window.model.study.codebook["age"].decimals == 3


def test_a_codebook_goes_out_and_comes_in_on_another_wave(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    window = begin(opened, "age")
    book = window.stations.codebook.widget
    book.derive_line.begin("age_band = bands(age, 30, 60)")
    book.derive_line.derive()
    settle()
    book.export_codebook(str(tmp_path / "book.docx"))
    settle()
    assert (tmp_path / "book.docx").read_bytes()[:2] == b"PK"
    book.export_codebook(str(tmp_path / "book.csv"))
    settle()
    assert book.message.text().endswith("book.csv.")
    written = (tmp_path / "book.csv").read_text()
    assert 'age_band,ordinal,,,,1 = under 30 | 2 = 30–59 | 3 = 60 and over,,"bands(age, 30, 60)",' in written
    wave = tmp_path / "wave2.csv"
    wave.write_text("learner,age,mood\n" + "".join(f"{i},{20 + i},{i % 4}\n" for i in range(1, 50)))
    window.arrivals.open_path(str(wave))
    settle()
    window.stations.codebook.go()
    book.import_codebook(str(tmp_path / "book.csv"))
    settle()
    assert "3 variables matched." in book.message.text()
    assert "Not in these data: site, format" in book.message.text()
    assert "Not in the codebook: mood." in book.message.text()
    assert window.model.study.codebook["age"].label == "Age"
    assert window.model.study.data.categories("age_band").labels == ("under 30", "30–59", "60 and over")
    (tmp_path / "bad.csv").write_text("name,level\nage,continous\n")
    book.import_codebook(str(tmp_path / "bad.csv"))
    settle()
    assert "bad.csv, line 2: “continous” is no level of measurement. Did you mean “continuous”?" in book.message.text()


def test_a_condition_is_built_by_clicks_and_drags(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe age")
    window.does.do("condition")
    builder, edit = window.cases.builder, window.cases_line.edit
    assert edit is not None
    assert builder.isVisible()
    builder.choose("format")
    item = builder.values.item(0)
    item.setCheckState(Qt.CheckState.Checked)
    assert edit.text() == 'format in {"Weekly evening"}'
    qtbot.mouseClick(builder.more, LEFT)
    builder.choose("age")
    low, high = builder.limits.cuts
    place = QPoint(round(builder.limits.x_of(high)), 80)
    qtbot.mousePress(builder.limits, LEFT, pos=place)
    qtbot.mouseMove(builder.limits, QPoint(round(builder.limits.x_of(60)), 80))
    qtbot.mouseRelease(builder.limits, LEFT, pos=QPoint(round(builder.limits.x_of(60)), 80))
    assert edit.text() == f'format in {{"Weekly evening"}} and age between {low:g} and 60'
    qtbot.keyClick(edit, Qt.Key.Key_Return)
    settle()
    ages = window.model.study.data.numbers("age").values
    evening = window.model.study.data.categories("format").codes == 0
    used = int(((ages >= low) & (ages <= 60) & evening).sum())
    assert window.cases_line.cases.text() == f"{used} of 612 cases"
    assert not builder.isVisible()
    qtbot.mouseClick(window.cases_line.chip, LEFT)
    settle()
    assert window.cases_line.cases.text() == "612 of 612 cases"


def test_a_condition_can_limit_one_exhibit_only(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe age")
    window.does.do("condition")
    edit = window.cases_line.edit
    assert edit is not None
    qtbot.keyClicks(edit, "ag")
    assert edit.offers()[0] == "age"
    edit.setText("age >= 40")
    qtbot.mouseClick(window.cases.builder.only_exhibit, LEFT)
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == "describe age among age >= 40"
    assert window.model.study.standing is None
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.draft.proof.exhibit.cases.used < 612


def test_panels_leave_when_another_source_is_in_use(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = begin(opened, "mot_12")
    window.stations.codebook.widget.finder.setText("mot_1")
    window.does.do("combine")
    window.does.do("condition")
    window.stations.codebook.widget.begin_derive()
    window.arrivals.open_path(str(SESSIONS))
    settle()
    assert window.arrivals._combiner is not None
    assert not window.arrivals._combiner.isVisible()
    assert not window.cases.builder.isVisible()
    assert not window.stations.codebook.widget.derive_line.isVisible()
    window.stations.codebook.go()
    assert window.stations.codebook.widget.finder.text() == ""
    assert window.stations.codebook.widget.page.title.text() == "learner"
    assert window.stations.codebook.widget.entries_model.rowCount() == 6


def test_bands_closed_on_the_right_are_counted_and_written_so(opened: Opened, settle: Settle) -> None:
    window = begin(opened, "satisfaction")
    window.stations.codebook.widget.derive_line.begin("low = bands(absences, 0, 3, closed = right)")
    window.stations.codebook.widget.derive_line.derive()
    settle()
    window.stations.codebook.widget.show_variable("absences")
    texts = page_texts(window)
    absences = window.model.study.data.numbers("absences").values
    assert "0 < absences ≤ 3" in texts
    assert "absences > 3" in texts
    assert f"{int(((absences > 0) & (absences <= 3)).sum()):,}" in texts


def test_formulas_know_names_without_quotes(opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path) -> None:
    path = tmp_path / "field.csv"
    path.write_text("Body mass (g),Height (m)\n" + "".join(f"{3900 + 7 * k},{1 + k / 40}\n" for k in range(40)))
    window = opened(path)
    window.stations.codebook.go()
    line = window.stations.codebook.widget.derive_line
    line.begin("index = body mass (g) / 1000 / Height (m) ^ 2")
    line.derive()
    settle()
    data = window.model.study.data
    mass, height = (data.numbers(name).values for name in ("Body mass (g)", "Height (m)"))
    assert data.numbers("index").values.tolist() == pytest.approx((mass / 1000 / height**2).tolist(), rel=1e-14)
    window.stations.codebook.widget.show_variable("index")
    assert "`" not in window.stations.codebook.widget.page.about.text()
    assert "`" not in window.stations.codebook.widget.entries_model.entries[2].line
    line.begin("worse = Body mass (g) + nothing")
    line.derive()
    assert "There is no variable “nothing”" in line.trouble.text()
