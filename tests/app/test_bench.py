"""The Bench driven as a user drives it: typing, clicking, keeping; and what it must never do."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QMenu, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.proof.margin import MarginNoteView
from istrel.app.proof.slip import NumberSlip
from istrel.app.proof.unmended import UnmendedNote
from istrel.app.window import Window
from istrel.demo import LEARNERS, SENTENCE
from istrel.exhibits.printing import print_table
from istrel.exhibits.table import TableSheet
from istrel.sentence.vocabulary import VERBS
from istrel.study.opening import open_data
from made import make_exhibit

Opened = Callable[..., Window]
Settle = Callable[[], None]


def shown_cells(window: Window) -> list[tuple[str, ...]]:
    """What stands in the body of the table on paper."""
    setting = window.stations.bench.widget.desk.paper.setting
    assert setting is not None
    assert setting.table is not None
    return [row.cells for row in setting.table.rows]


def click_variable(window: Window, name: str, qtbot: QtBot, *, by: bool = False) -> None:
    view = window.stations.bench.widget.strip.view
    model = view.model()
    index = next(model.index(r, 0) for r in range(model.rowCount()) if model.index(r, 0).data() == name)
    view.scrollTo(index)
    rect = view.visualRect(index)
    x = view.viewport().width() - 8 if by else rect.left() + 70
    qtbot.mouseClick(view.viewport(), Qt.MouseButton.LeftButton, pos=QPoint(x, rect.center().y()))


def test_the_window_prints_the_same_numbers_as_the_core(opened: Opened) -> None:
    window = opened(sentence=SENTENCE)
    data = open_data(LEARNERS)
    sheet = make_exhibit(SENTENCE, data).sheet
    assert isinstance(sheet, TableSheet)
    wanted = [row.cells for row in print_table(sheet, window.model.style, "1").rows]
    assert shown_cells(window) == wanted


def test_a_sentence_is_typed_key_by_key_with_offers_taken_by_tab(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.rail.chosen.emit(2)  # who arrives at the Bench can type at once
    line = window.stations.bench.widget.writing.line
    assert window.focusWidget() is line
    qtbot.keyClicks(line, "des")
    qtbot.keyClick(line, Qt.Key.Key_Tab)
    qtbot.keyClicks(line, "prac")
    assert window.stations.bench.widget.writing.offers.texts[0] == "practice_min"
    qtbot.keyClick(line, Qt.Key.Key_Tab)
    qtbot.keyClicks(line, "acr")
    qtbot.keyClick(line, Qt.Key.Key_Tab)
    qtbot.keyClicks(line, "form")
    qtbot.keyClick(line, Qt.Key.Key_Tab)
    assert line.sentence().strip() == "describe practice_min across format"
    settle()
    assert len(shown_cells(window)) == 3


def test_a_sentence_is_clicked_together(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.write()
    click_variable(window, "age", qtbot)
    click_variable(window, "practice_min", qtbot)
    click_variable(window, "format", qtbot, by=True)
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == "describe age, practice_min across format"
    qtbot.mouseClick(window.stations.bench.widget.settings.chips["kurtosis"], Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.bench.widget.writing.line.sentence().endswith(
        "with n, mean, sd, median, min, max, skewness, kurtosis"
    )
    qtbot.mouseClick(window.stations.bench.widget.settings.chips["n"], Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.bench.widget.writing.line.sentence().endswith(
        "with mean, sd, median, min, max, skewness, kurtosis"
    )
    click_variable(window, "age", qtbot)
    settle()
    assert window.stations.bench.widget.writing.line.sentence().startswith("describe practice_min across")
    qtbot.mouseClick(window.stations.bench.widget.forms.pictures["histogram"], Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.draft.proof.exhibit.form == "histogram"
    assert not window.stations.bench.widget.desk.paper.setting.picture.isEmpty()  # type: ignore[union-attr]


def test_variables_are_found_and_taken_from_the_keyboard(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.does.do("find")
    find = window.stations.bench.widget.strip.finder
    qtbot.keyClicks(find, "reaction")
    qtbot.keyClick(find, Qt.Key.Key_Return)
    qtbot.keyClicks(find, "course f")  # by its label
    qtbot.keyClick(find, Qt.Key.Key_Return, Qt.KeyboardModifier.ShiftModifier)
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == "describe reaction_ms across format"
    qtbot.keyClick(find, Qt.Key.Key_Down)
    qtbot.keyClick(window.stations.bench.widget.strip.view, Qt.Key.Key_Down)
    qtbot.keyClick(window.stations.bench.widget.strip.view, Qt.Key.Key_Return)
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == "describe reaction_ms, site across format"


def test_a_mistake_is_marked_and_the_last_good_proof_stays(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence=SENTENCE)
    before = shown_cells(window)
    qtbot.keyClicks(window.stations.bench.widget.writing.line, " amnog")
    settle()
    assert "Did you mean “among”?" in window.stations.bench.widget.writing.message.text()
    assert not window.stations.bench.widget.writing.message.isHidden()
    assert shown_cells(window) == before
    for _ in " amnog":
        qtbot.keyClick(window.stations.bench.widget.writing.line, Qt.Key.Key_Backspace)
    settle()
    assert window.stations.bench.widget.writing.message.isHidden()


def test_a_name_that_is_unknown_is_told_from_the_background_too(opened: Opened, settle: Settle) -> None:
    window = opened(sentence="describe agee")
    settle()
    assert window.stations.bench.widget.writing.message.text() == "There is no variable “agee”. Did you mean “age”?"
    assert window.stations.bench.widget.draft.proof is None
    assert not window.stations.bench.widget.settings.keep_button.isEnabled()


def test_margin_notes_stand_beside_their_rows_and_their_remedies_work(
    opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    window = opened(sentence=SENTENCE)
    desk = window.stations.bench.widget.desk
    tops = [view.y() for view in desk.notes]
    assert tops == sorted(tops)
    assert all(a.geometry().bottom() < b.y() for a, b in zip(desk.notes, desk.notes[1:], strict=False))
    (code,) = [view for view in desk.notes if "−9 stands 14 times" in view.accessibleName()]
    button = code.findChild(QPushButton)
    assert button is not None
    qtbot.mouseClick(button, Qt.MouseButton.LeftButton)
    settle()
    assert window.model.history.undo_words == "treat −9 as missing"
    assert all(row[4] != "−9.00" for row in shown_cells(window) if row)
    assert not any("−9" in view.accessibleName() for view in desk.notes)
    window.model.undo()
    settle()
    assert any(row[4] == "−9.00" for row in shown_cells(window) if row)


def test_every_number_says_its_full_precision_when_pointed_at(opened: Opened, qtbot: QtBot) -> None:
    window = opened(sentence=SENTENCE)
    paper = window.stations.bench.widget.desk.paper
    found = {paper.cell_at(QPoint(x, y)) for x in range(0, paper.width(), 6) for y in range(0, paper.height(), 6)}
    assert found - {None} == {(row, column) for row in (1, 2, 3, 5, 6, 7) for column in range(7)}
    text = paper.explain(1, 1)
    mean = window.stations.bench.widget.draft.proof.exhibit.result.cells[0].statistics["mean"]  # type: ignore[union-attr]
    assert text == f"{mean!r}\narithmetic mean\nn = 210, missing 6"


def test_what_is_kept_goes_into_the_manuscript_and_can_be_undone(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence=SENTENCE)
    assert window.stations.bench.widget.settings.keep_button.text().startswith("Keep as Table 1")
    qtbot.keyClick(window.stations.bench.widget.writing.line, Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier)
    settle()
    assert [kept.sentence for kept in window.model.study.kept] == [SENTENCE]
    assert window.stations.bench.widget.settings.keep_button.text().startswith("Keep as Table 2")
    assert window.stations.bench.widget.draft.number() == "1", "what is copied now is called as it was kept"
    window.model.undo()
    settle()
    assert window.model.study.kept == ()


def test_the_sentence_keeps_its_place_while_proofs_come_and_go(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    """Typing in the middle of a sentence: no proof that arrives may move the cursor or change the text."""
    window = opened(sentence=SENTENCE)
    line = window.stations.bench.widget.writing.line
    for _ in range(len(" across format")):
        qtbot.keyClick(line, Qt.Key.Key_Left)
    for letter in ", age":
        qtbot.keyClicks(line, letter)
        settle()
    assert line.sentence() == "describe practice_min, receptive_post, age across format"
    assert line.textCursor().position() == len("describe practice_min, receptive_post, age")


def test_settings_of_a_histogram_change_the_sentence(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe age as histogram")
    assert set(window.stations.bench.widget.settings.chips) >= {"rule", "height", "curve", "closed", "cumulative"}
    qtbot.mouseClick(window.stations.bench.widget.settings.chips["height"], Qt.MouseButton.LeftButton)
    menu = next(m for m in window.stations.bench.widget.settings.findChildren(QMenu) if m.isVisible())
    next(action for action in menu.actions() if action.text() == "percent").trigger()
    menu.close()
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == "describe age as histogram with height = percent"
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.draft.proof.exhibit.result.drawings[0].stat == "percent"


@pytest.mark.rests
def test_forms_that_do_not_fit_are_greyed_with_the_reason(opened: Opened, qtbot: QtBot) -> None:
    window = opened(sentence="describe site")
    picture = window.stations.bench.widget.forms.pictures["histogram"]
    qtbot.waitUntil(lambda: not picture.isEnabled(), timeout=5000)
    assert picture.toolTip().startswith("“site” holds no numbers")
    assert window.stations.bench.widget.forms.pictures["table"].isChecked()


@pytest.mark.parametrize("size", [(1024, 640), (1280, 800), (1920, 1080)])
def test_the_paper_fits_the_desk_at_every_size(size: tuple[int, int], opened: Opened, settle: Settle) -> None:
    window = opened(sentence=SENTENCE)
    window.resize(*size)
    settle()
    assert (window.width(), window.height()) == size
    desk = window.stations.bench.widget.desk
    assert desk.paper.x() >= 0
    right = max(view.geometry().right() for view in desk.notes)
    assert right <= desk.viewport().width()
    assert desk.paper.geometry().right() <= min(view.x() for view in desk.notes) + 4


@pytest.mark.parametrize(
    ("sentence", "setting", "option", "after"),
    [
        ("count site", "order", "frequency", "count site with order = frequency"),
        ("count site against format", "percent", "of the row", "count site against format with percent = row"),
        ("check age, practice_min", "adjust", "Holm", "check age, practice_min with adjust = holm"),
        ("relate age, practice_min", "method", "Spearman", "relate age, practice_min with method = spearman"),
    ],
)
def test_every_verb_is_set_on_paper_with_settings_of_its_own(
    sentence: str, setting: str, option: str, after: str, opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    window = opened(sentence=sentence)
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.draft.proof.exhibit.request.verb == sentence.split(maxsplit=1)[0]
    visible = [picture for picture in window.stations.bench.widget.forms.pictures.values() if picture.isVisible()]
    offered = [picture.form for picture in sorted(visible, key=lambda picture: picture.x())]
    assert offered == list(VERBS[sentence.split(maxsplit=1)[0]].forms)
    qtbot.mouseClick(window.stations.bench.widget.settings.chips[setting], Qt.MouseButton.LeftButton)
    menu = next(m for m in window.stations.bench.widget.settings.findChildren(QMenu) if m.isVisible())
    next(action for action in menu.actions() if action.text() == option).trigger()
    menu.close()
    settle()
    assert window.stations.bench.widget.writing.line.sentence() == after
    assert window.stations.bench.widget.writing.message.isHidden()
    window.does.do("keep")
    settle()
    window.stations.manuscript.go()
    settle()
    assert window.stations.manuscript.widget.parts.entries[0].status == "as kept"


def test_a_click_on_a_number_opens_it(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(sentence="describe age across format with n, max")
    paper = window.stations.bench.widget.desk.paper
    assert paper.setting is not None

    def place(row: int, column: int) -> QPoint:
        points = (QPoint(x, y) for y in range(0, paper.height(), 4) for x in range(0, paper.width(), 4))
        return next(point for point in points if paper.cell_at(point) == (row, column))

    def open_number(row: int, column: int) -> NumberSlip:
        qtbot.mouseClick(paper, Qt.MouseButton.LeftButton, pos=place(row, column))
        settle()
        return window.stations.bench.widget.opener.slip

    def press(slip: NumberSlip, words: str) -> None:
        link = next(one for one in slip.findChildren(QPushButton) if one.text().startswith(words))
        qtbot.mouseClick(link, Qt.MouseButton.LeftButton)

    slip = open_number(0, 0)
    assert window.stations.bench.widget.draft.proof is not None
    behind = window.stations.bench.widget.draft.proof.exhibit.result.cells[0].n
    assert slip.isVisible()
    press(slip, f"show its {behind} cases")
    assert not slip.isVisible()
    assert window.cases.drawer.cases.rowCount() == behind
    window.stations.bench.widget.writing.say("describe age with n, mean, max")
    settle()
    slip = open_number(0, 1)
    press(slip, "copy")
    assert "  Σx ÷ n" in QGuiApplication.clipboard().text()
    press(open_number(0, 1), "row 318")  # 199 years: nobody pulls the mean more
    assert window.cases.drawer.cases.headerData(0, Qt.Orientation.Vertical) == "318"
    qtbot.keyClick(open_number(0, 1), Qt.Key.Key_Escape)
    assert not slip.isVisible()
    press(open_number(0, 2), "show its case")
    window.stations.bench.widget.writing.say("describe age across completed with mean, difference")
    settle()
    slip = open_number(0, 2)
    assert slip.found is not None
    said = [slip.found.printed]
    for place in (0, 1):  # an end of its interval, then the other one
        beside = [one for one in slip.findChildren(QPushButton) if one.accessibleName().startswith("open ")]
        qtbot.mouseClick(beside[place], Qt.MouseButton.LeftButton)
        settle()
        said.append(slip.found.printed)
    assert said == ["0.07", "−0.10", "0.23"]
    assert window.cases.drawer.cases.rowCount() == 1
    assert window.cases.drawer.cases.headerData(0, Qt.Orientation.Vertical) == "318"


def test_a_click_on_a_bar_opens_its_count_which_shows_its_cases(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(LEARNERS)
    window.stations.bench.widget.writing.say("describe age as histogram with width = 10, start = 0")
    settle()
    paper = window.stations.bench.widget.desk.paper
    points = (QPoint(x, y) for y in range(0, paper.height(), 8) for x in range(0, paper.width(), 3))
    items = window.stations.bench.widget.draft.proof.exhibit.sheet.panels[0].marks[0].items  # type: ignore[union-attr]
    bar = next(point for point in points if paper.item_at(point) is items[3])
    qtbot.mouseMove(paper, bar)
    qtbot.mouseClick(paper, Qt.MouseButton.LeftButton, pos=bar)
    settle()
    slip = window.stations.bench.widget.opener.slip
    ages = window.model.study.data.numbers("age").values
    inside = int(((ages >= 30) & (ages < 40)).sum())
    assert slip.found is not None
    assert slip.found.printed == str(inside)
    assert slip.isVisible()
    link = next(one for one in slip.findChildren(QPushButton) if one.text() == f"show its {inside} cases")
    qtbot.mouseClick(link, Qt.MouseButton.LeftButton)
    assert window.cases.drawer.cases.rowCount() == inside


def test_a_name_of_several_words_is_typed_without_quotes_and_is_one_chip(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "field.csv"
    path.write_text("Body mass (g),Nest site\n" + "".join(f"{3900 + 7 * k},{'ab'[k % 2]}\n" for k in range(40)))
    window = opened(path)
    window.stations.write()
    line = window.stations.bench.widget.writing.line
    qtbot.keyClicks(line, "describe Body mass (g) across nest site")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    settle()
    assert window.stations.bench.widget.draft.proof is not None
    assert window.stations.bench.widget.writing.message.text() == ""
    assert "`" not in line.toPlainText()
    assert [line.sentence()[s.start : s.start + s.length] for s in line.words] == [
        "describe",
        "`Body mass (g)`",
        "across",
        "`Nest site`",
    ]
    window.stations.bench.widget.clicks.toggle_groups(("Nest site",))
    assert line.sentence() == "describe `Body mass (g)`"
    qtbot.keyClicks(line, " acros")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    settle()
    assert "“acros” cannot stand here" in window.stations.bench.widget.writing.message.text()


@pytest.mark.parametrize(("sentence", "offered"), [("count mot_01, mot_02", False), ("count age", True)])
def test_classes_are_offered_where_something_is_measured(
    sentence: str, offered: bool, opened: Opened, settle: Settle
) -> None:
    window = opened(sentence=sentence)
    settle()
    assert ("rule" in window.stations.bench.widget.settings.chips) == offered


def test_who_stands_in_several_rows_is_said_with_a_click(
    tmp_path: Path, opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    path = tmp_path / "times.csv"
    lines = (
        f"{person},{'ab'[trial % 2]},{300 + 17 * person + (trial * 37 + person * trial) % 90}"
        for person in range(1, 7)
        for trial in range(10)
    )
    path.write_text("subject,task,ms\n" + "\n".join(lines) + "\n")
    window = opened(path, sentence="describe ms across task with difference, test")
    desk = window.stations.bench.widget.desk

    def repeated() -> list[MarginNoteView]:
        return [v for v in desk.notes if isinstance(v, MarginNoteView) and v.note.kind == "repeated_persons"]

    (note,) = repeated()
    button = note.findChild(QPushButton)
    assert button is not None
    assert button.accessibleName() == "each subject has several rows"
    qtbot.mouseClick(button, Qt.MouseButton.LeftButton)
    settle()
    assert window.model.study.codebook.rows.person == "subject"
    assert not repeated()
    assert "—" not in shown_cells(window)[-1]


def test_what_makes_the_numbers_wrong_stands_beside_them_and_is_mended_there(
    tmp_path: Path, opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    path = tmp_path / "trial.csv"
    words = [("drug", "Drug", "none", "none ")[k % 4] for k in range(40)]
    rows = [f"{k},{group},{50 + k * 7 % 23 + 0.5},{('ok', 'Ok')[k % 2]}" for k, group in enumerate(words)]
    path.write_text("id,group,score,other\n" + "\n".join([*rows, "Mean,,60.1,"]) + "\n")
    window = opened(path, sentence="describe score across group")
    desk, found = window.stations.bench.widget.desk, window.model.found

    def mend(words: str) -> None:
        (link,) = [
            link for link in desk.findChildren(QPushButton) if link.accessibleName() == words and link.isVisible()
        ]
        with qtbot.waitSignal(found.findings_ready, timeout=20_000):
            qtbot.mouseClick(link, Qt.MouseButton.LeftButton)
        settle()

    def unmended() -> list[str]:
        return [view.finding.kind for view in desk.notes if isinstance(view, UnmendedNote)]

    assert unmended() == ["summary_rows", "spelling_variants", "stray_spaces"]  # and nothing of “other”
    assert len(shown_cells(window)) == 4
    show = next(link for link in desk.notes[0].findChildren(QPushButton) if link.text() == "show cases")
    qtbot.mouseClick(show, Qt.MouseButton.LeftButton)
    settle()
    assert window.cases.drawer.isVisible()
    mend("set it aside")
    mend("make all “Drug”")
    mend("take the spaces out")
    assert unmended() == []
    assert len(shown_cells(window)) == 2
