"""The sentence line used by a person who never types code: awkward names typed, clicked and dragged; offers, chips, undo."""

from __future__ import annotations

import csv
from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt
from PySide6.QtGui import QDropEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QMenu, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.stations.bench.on_screen import as_typed, on_screen, units
from istrel.app.window import Window
from istrel.data.rows import Rows
from istrel.demo import LEARNERS
from istrel.exhibits.printing import plain_text
from istrel.sentence import parse
from istrel.sentence.edit import groups_of, names_of
from istrel.study.changes.codebook import SetRows
from istrel.style.house import load_style

Opened = Callable[..., Window]
Settle = Callable[[], None]
LONG = "How often in the last four weeks were you so tired that you went to bed early? x"
MEASURED = ["Body mass (g)", 'the "true" age', "line break", LONG, "weight", "Weight", "体重", "back`quote", "mean"]
GROUPING = ["Sex, as told", "across", "o'clock", "😀 mood", "with"]


@pytest.fixture
def field(tmp_path: Path, opened: Opened) -> Window:
    """A file with names as people give them."""
    rng = np.random.default_rng(5)
    path = tmp_path / "field.csv"
    with path.open("w", newline="", encoding="utf-8") as file:
        rows = csv.writer(file)
        rows.writerow([*MEASURED, *GROUPING])
        for k in range(60):
            rows.writerow(
                [*(f"{x:.2f}" for x in rng.normal(50, 9, len(MEASURED))), *("fm"[(k + j) % 2] for j in range(5))]
            )
    return opened(path)


def text_on_screen(window: Window) -> str:
    return window.stations.bench.widget.writing.line.toPlainText()


def request_names(window: Window) -> tuple[set[str], set[str], set[str]]:
    """(subjects, names after `against`, groups) of the proof on the desk, which must be that of the sentence."""
    assert window.stations.bench.widget.writing.message.text() == "", (
        window.stations.bench.widget.writing.line.sentence()
    )
    assert window.stations.bench.widget.draft.proof is not None
    request = window.stations.bench.widget.draft.proof.exhibit.request
    assert window.stations.bench.widget.is_whose()
    assert parse(window.stations.bench.widget.writing.typed().text) == request
    return set(names_of(request)), {name.text for name in request.against}, set(groups_of(request))


def drag(window: Window, data: QMimeData, place: int) -> None:
    """Drop at a place of the sentence."""
    line = window.stations.bench.widget.writing.line
    cursor = line.textCursor()
    cursor.setPosition(min(units(line.document().toRawText(), place), line.document().characterCount() - 1))
    at = QPointF(line.cursorRect(cursor).center())
    buttons, none = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    line.dropEvent(QDropEvent(at, Qt.DropAction.MoveAction, data, buttons, none))


def strip_data(window: Window, names: tuple[str, ...]) -> QMimeData:
    model = window.stations.bench.widget.strip.list_model
    return model.mimeData([model.index(model.names.index(name)) for name in names])


def click_in_strip(
    window: Window, name: str, *, by: bool = False, held: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier
) -> None:
    view = window.stations.bench.widget.strip.view
    model = view.model()
    index = next(model.index(r, 0) for r in range(model.rowCount()) if model.index(r, 0).data() == name)
    view.scrollTo(index)
    rect = view.visualRect(index)
    place = QPoint(view.viewport().width() - 8 if by else rect.left() + 70, rect.center().y())
    QTest.mouseClick(view.viewport(), Qt.MouseButton.LeftButton, held, place)


def click_offer(window: Window, text: str) -> None:
    buttons = window.stations.bench.widget.writing.offers.findChildren(QPushButton)
    QTest.mouseClick(next(b for b in buttons if b.text() == text), Qt.MouseButton.LeftButton)


def click_chip(window: Window, place: int) -> None:
    line = window.stations.bench.widget.writing.line
    span = next(s for s in line.words if s.start <= place < s.start + s.length)
    QTest.mouseClick(line.viewport(), Qt.MouseButton.LeftButton, pos=line._rects(span)[0].center().toPoint())


TYPED = [
    (
        "describe body mass, tired, weight, Weight across sex, as told",
        {MEASURED[0], LONG, "weight", "Weight"},
        {GROUPING[0]},
    ),
    ("count 😀 mood, sex across with", {"😀 mood", GROUPING[0]}, {"with"}),
    ("check line, 体重, mean, back across o'cl", {"line break", "体重", "mean", "back`quote"}, {"o'clock"}),
    ('relate BODY MASS (G), the "true" age, Weight', {MEASURED[0], 'the "true" age', "Weight"}, set()),
]


@pytest.mark.parametrize(("sentence", "subjects", "groups"), TYPED)
def test_every_verb_by_typing_alone(
    sentence: str, subjects: set[str], groups: set[str], field: Window, settle: Settle, qtbot: QtBot
) -> None:
    field.stations.write()
    line = field.stations.bench.widget.writing.line
    for part in sentence.replace('the "true" age', "true").replace("with", "wit").split(" "):
        if not part.isascii():
            line.insertPlainText(part + " ")  # the test driver has no keys for it
        else:
            qtbot.keyClicks(line, part + " ")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    settle()
    assert request_names(field)[::2] == (subjects, groups)
    assert text_on_screen(field).count("`") == ("back`quote" in subjects)


@pytest.mark.parametrize(
    ("verb", "against"), [("describe", ()), ("count", ("with",)), ("check", ()), ("relate", ("weight",))]
)
def test_every_verb_by_clicks_alone_and_by_dragging_alone(
    verb: str, against: tuple[str, ...], field: Window, settle: Settle
) -> None:
    subjects = {"count": ["Sex, as told", "😀 mood"]}.get(verb, [MEASURED[0], "line break", "back`quote"])
    groups = "o'clock"
    field.stations.write()
    settle()
    click_offer(field, verb)
    for name in subjects:
        click_in_strip(field, name)
    settle()
    if against:
        click_offer(field, "against")
        click_in_strip(field, against[0])
        settle()
    click_in_strip(field, groups, by=True)
    settle()
    assert request_names(field) == (set(subjects), set(against), {groups})
    clicked = field.stations.bench.widget.writing.line.sentence()

    line = field.stations.bench.widget.writing.line
    field.stations.bench.widget.writing.say("")
    click_offer(field, verb)
    drag(field, strip_data(field, tuple(subjects)), len(verb))
    for word, names in (("against", against), ("across", (groups,))):
        if names:
            field.stations.bench.widget.writing.line.moveCursor(line.textCursor().MoveOperation.End)
            line.insertPlainText(f" {word} ")
            drag(field, strip_data(field, names), len(line.sentence()))
    settle()
    assert line.sentence().split() == clicked.split()
    assert request_names(field) == (set(subjects), set(against), {groups})


def test_a_name_is_one_step_and_one_backspace_and_undo_brings_it_back(
    field: Window, settle: Settle, qtbot: QtBot
) -> None:
    field.stations.bench.widget.writing.say("describe `Body mass (g)`, `back``quote` across `with`")
    field.stations.write()
    settle()
    line, before = field.stations.bench.widget.writing.line, field.stations.bench.widget.writing.line.sentence()
    qtbot.keyClick(line, Qt.Key.Key_Left)
    assert line.textCursor().position() == before.index("`with`")
    qtbot.keyClick(line, Qt.Key.Key_Right)
    qtbot.keyClick(line, Qt.Key.Key_Backspace)
    assert line.sentence() == before.replace("`with`", "")
    qtbot.keyClick(line, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert line.sentence() == before
    settle()
    assert request_names(field)[2] == {"with"}


def test_a_chip_that_is_clicked_offers_others_and_taking_it_out(field: Window, settle: Settle) -> None:
    field.stations.bench.widget.writing.say("describe `Body mass (g)`, weight across `across` as table with mean, sd")
    field.stations.write()
    settle()
    line = field.stations.bench.widget.writing.line
    click_chip(field, line.sentence().index("Body"))
    assert field.stations.bench.widget.writing.offers.texts[0] == "take out"
    assert "体重" in field.stations.bench.widget.writing.offers.texts
    assert "weight" not in field.stations.bench.widget.writing.offers.texts
    click_offer(field, "体重")
    click_chip(field, line.sentence().index("weight"))
    click_offer(field, "take out")
    click_chip(field, line.sentence().rindex("sd"))
    click_offer(field, "take out")
    click_chip(field, line.sentence().index("describe"))
    assert set(field.stations.bench.widget.writing.offers.texts) == {"count", "check", "relate"}
    settle()
    assert line.sentence() == "describe 体重 across `across` as table with mean"
    click_chip(field, line.sentence().index("across"))
    click_offer(field, "take out")
    settle()
    assert line.sentence() == "describe 体重 as table with mean"
    assert request_names(field)[0] == {"体重"}


def test_chips_are_dragged_within_and_between_clauses(field: Window, settle: Settle) -> None:
    field.stations.bench.widget.writing.say("describe weight, 体重, `Body mass (g)` across `across`")
    settle()
    line = field.stations.bench.widget.writing.line
    spans = {line.sentence()[s.start : s.start + s.length]: s for s in line.words}
    drag(field, line.chip_data(spans["`Body mass (g)`"]), spans["weight"].start)
    assert line.sentence() == "describe `Body mass (g)`, weight, 体重 across `across`"
    last = line.words[-1]
    drag(field, line.chip_data(last), len("describe"))
    assert line.sentence() == "describe `across`, `Body mass (g)`, weight, 体重"


def test_nothing_is_wrong_while_it_may_become_right_and_what_would_be_right_is_clicked(
    field: Window, settle: Settle, qtbot: QtBot
) -> None:
    field.stations.write()
    line = field.stations.bench.widget.writing.line
    for letter in "describe Weight across se":
        qtbot.keyClicks(line, letter)
        settle()
        assert field.stations.bench.widget.writing.message.text() == ""
        assert field.stations.bench.widget.writing.offers.texts
    assert request_names(field)[2] == {"Sex, as told"}
    qtbot.keyClicks(line, " amonk ")
    settle()
    assert "Did you mean “among”?" in field.stations.bench.widget.writing.message.text()
    assert field.stations.bench.widget.writing.offers.texts == ("among",)
    qtbot.waitUntil(lambda: not field.stations.bench.widget.settings.keep_button.isEnabled())
    click_offer(field, "among")
    qtbot.keyClicks(line, "body mass > 3")
    settle()
    assert request_names(field)[0] == {"Weight"}
    assert line.sentence() == "describe Weight across `Sex, as told` among `Body mass (g)` > 3"
    field.stations.bench.widget.writing.say("describe we")
    qtbot.keyClick(line, Qt.Key.Key_Return)
    settle()
    assert field.stations.bench.widget.writing.message.text() == "“we” can mean “weight” or “Weight”; write more of it."
    click_offer(field, "Weight")
    settle()
    assert request_names(field)[0] == {"Weight"}


def test_the_proof_says_whose_it_is(field: Window, settle: Settle, qtbot: QtBot) -> None:
    field.stations.bench.widget.writing.say("describe weight")
    field.stations.write()
    settle()
    keep, paper = field.stations.bench.widget.settings.keep_button, field.stations.bench.widget.desk.paper
    assert keep.isEnabled()
    qtbot.keyClicks(field.stations.bench.widget.writing.line, ", ")
    qtbot.waitUntil(lambda: not keep.isEnabled())
    assert paper._dimmed
    field.stations.bench.widget.keep()
    assert field.model.study.kept == ()
    qtbot.keyClicks(field.stations.bench.widget.writing.line, "Weight")
    settle()
    assert keep.isEnabled()
    assert not paper._dimmed
    field.stations.bench.widget.writing.say("")
    settle()
    assert not field.stations.bench.widget.desk.isVisible()
    assert not keep.isEnabled()
    beginnings = field.stations.bench.widget.empty.findChildren(QPushButton)
    assert len(beginnings) == 3
    qtbot.mouseClick(beginnings[0], Qt.MouseButton.LeftButton)
    settle()
    assert request_names(field)[2] == {"Sex, as told"}


def test_a_proof_that_the_data_no_longer_allow_is_not_kept(field: Window, settle: Settle, qtbot: QtBot) -> None:
    bench = field.stations.bench.widget
    bench.writing.say("describe Weight across `Sex, as told` as violins")
    field.stations.write()
    settle()
    weighted = SetRows(Rows(weight="weight"))
    for does, allowed in ((lambda: field.model.do(weighted), False), (field.model.undo, True)):
        does()
        settle()
        assert bench.settings.keep_button.isEnabled() == allowed
        assert bench.desk.paper._dimmed != allowed
        qtbot.waitUntil(lambda allowed=allowed: (bench.writing.message.text() == "") == allowed)
    field.model.do(weighted)
    settle()
    bench.keep()
    assert field.model.study.kept == ()


def test_earlier_sentences_come_back_with_up(field: Window, settle: Settle, qtbot: QtBot) -> None:
    field.stations.write()
    for sentence in ("describe weight", "describe Weight", "count `across`"):
        field.stations.bench.widget.writing.say(sentence)
        settle()
    field.stations.bench.widget.writing.say("")
    settle()
    seen = []
    for _ in range(3):
        qtbot.keyClick(field.stations.bench.widget.writing.line, Qt.Key.Key_Up)
        settle()
        seen.append(field.stations.bench.widget.writing.line.sentence())
    assert seen == ["count `across`", "describe Weight", "describe weight"]


def test_several_variables_chosen_in_the_strip_go_in_together(field: Window, settle: Settle) -> None:
    field.stations.write()
    settle()
    click_in_strip(field, "weight")
    settle()
    shift, control = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier
    click_in_strip(field, MEASURED[0], held=control)
    click_in_strip(field, "line break", held=shift)
    click_in_strip(field, "体重", held=control)
    assert request_names(field)[0] == {"weight"}
    click_in_strip(field, "体重")
    settle()
    assert request_names(field)[0] == {"weight", MEASURED[0], 'the "true" age', "line break", "体重"}


def test_from_a_raw_file_to_a_table_of_differences_in_eight_actions(
    tmp_path: Path, opened: Opened, settle: Settle, qtbot: QtBot
) -> None:
    """Names with units, "NA" in nine columns; three variables by group, side by side, with their differences."""
    rng = np.random.default_rng(2)
    path = tmp_path / "raw.csv"
    names = ["Bill length (mm)", "Flipper length (mm)", "body_mass_g", *(f"score_{k} (pts)" for k in range(5)), "Sex"]
    rows = [[f"{x:.1f}" for x in rng.normal(50, 8, 8)] + [("female", "male")[k % 2]] for k in range(90)]
    for column in range(9):
        rows[7 * column][column] = "NA"
    path.write_text(",".join(names) + "\n" + "\n".join(",".join(row) for row in rows) + "\n")
    window = opened(path)  # 1
    window.stations.write()  # 2
    settle()
    for name in names[:3]:  # 3, 4, 5
        click_in_strip(window, name)
    click_in_strip(window, "Sex", by=True)  # 6
    settle()
    qtbot.mouseClick(window.stations.bench.widget.settings.chips["difference"], Qt.MouseButton.LeftButton)  # 7
    menu = next(m for m in window.stations.bench.widget.settings.findChildren(QMenu) if m.isVisible())
    next(action for action in menu.actions() if action.text() == "yes").trigger()  # 8
    menu.close()
    settle()
    exhibit = window.stations.bench.widget.draft.proof.exhibit  # type: ignore[union-attr]
    assert [d.effect.measure for d in exhibit.result.differences] == ["g_average"] * 3
    setting = window.stations.bench.widget.desk.paper.setting
    assert setting is not None
    assert setting.table is not None
    assert [head.span for head in setting.table.heads[0]] == [1, 3, 3, 1]
    stubs = ["".join(run.text for run in row.stub) for row in setting.table.rows]
    assert stubs == ["Bill length, mm", "Flipper length, mm", "Body mass, g"]
    assert {row.cells[0] for row in setting.table.rows} <= {"43", "44", "45"}
    assert len([f for f in window.model.found.findings if "“NA”" in f.line]) == 1


@pytest.mark.parametrize(
    "name", ["Body Mass (g)", "no\u00a0break here", "\u202fthin \u2007 figure\u00a0", "back``quote it", "two\nlines"]
)
def test_a_name_of_several_words_does_not_break_and_comes_back_as_it_is(name: str) -> None:
    shown = on_screen(f"describe `{name}` across g")
    assert as_typed(shown) == f"describe `{name}` across g"
    assert " " not in shown.removeprefix("describe ").removesuffix(" across g")


def test_a_formula_gets_a_name_with_a_click(field: Window, settle: Settle) -> None:
    bench = field.stations.bench.widget
    field.stations.write()
    bench.writing.say("describe log(weight) + Weight across `Sex, as told`")
    settle()
    before = bench.draft.proof.exhibit if bench.draft.proof else None
    assert before is not None
    click_chip(field, len("describe lo"))
    click_offer(field, "give it a name")
    settle()
    assert bench.writing.line.sentence() == "describe log_weight_Weight across `Sex, as told`"
    line = field.model.study.codebook["log_weight_Weight"]
    assert line.formula is not None
    assert bench.draft.proof is not None
    assert bench.draft.proof.exhibit.result.cells[0].statistics == before.result.cells[0].statistics
    assert plain_text(bench.draft.proof.exhibit.sheet.title, load_style()) == plain_text(
        before.sheet.title, load_style()
    )
    field.model.undo()
    settle()
    assert "log_weight_Weight" not in field.model.study.codebook


def test_a_function_is_taken_and_its_variable_typed_behind_it(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened(LEARNERS)
    writing = window.stations.bench.widget.writing
    writing.say("")
    qtbot.keyClicks(writing.line, "describe log1")
    settle()
    qtbot.keyClick(writing.line, Qt.Key.Key_Tab)
    assert writing.line.sentence().endswith("log10(")
    qtbot.keyClicks(writing.line, "practice_min + 1)")
    settle()
    assert window.stations.bench.widget.draft.proof.exhibit.request.subjects
    assert writing.message.text() == ""
