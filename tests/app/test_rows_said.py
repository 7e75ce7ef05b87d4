"""What a row is, as a person says it: at the head of the Codebook, by a finding's click, at the foot; few actions to a table."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QMenu, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.window import Window
from istrel.data.rows import EACH_ITS_OWN, Rows
from rows import survey, visits, wide

Opened = Callable[..., Window]
Settle = Callable[..., None]
COUNTED = "format,outcome,Freq\nevening,passed,40\nevening,failed,22\nweekend,passed,31\nweekend,failed,12\n"


@pytest.fixture
def show(opened: Opened, settle: Settle, tmp_path: Path) -> Callable[[str], Window]:
    """A window with a file of these rows."""

    def made(text: str) -> Window:
        path = tmp_path / "rows.csv"
        path.write_text(text, encoding="utf-8")
        window = opened(str(path), sentence="")
        settle()
        return window

    return made


def press(window: Window, words: str, qtbot: QtBot) -> None:
    (found,) = [b for b in window.findChildren(QPushButton) if b.text() == words and b.isVisible()]
    qtbot.mouseClick(found, Qt.MouseButton.LeftButton)


def choose(window: Window, word: str, words: str, qtbot: QtBot, settle: Settle) -> None:
    """One of the offers under a word of the sentence."""
    press(window, word, qtbot)
    settle()
    (menu,) = (one for one in window.stations.codebook.widget.rows.findChildren(QMenu) if one.isVisible())
    next(action for action in menu.actions() if action.text() == words).trigger()
    menu.close()
    menu.deleteLater()
    settle()


def test_a_guess_is_shown_kept_undone_and_said_otherwise(
    show: Callable[[str], Window], settle: Settle, qtbot: QtBot
) -> None:
    window = show(visits())
    window.stations.codebook.go()
    settle()
    sentence = window.stations.codebook.widget.rows
    assert sentence.text == "Each row is one time of one id · no weights A guess: keep it or undo it"
    assert window.cases_line.cases.text() == "24 by id in 46 rows"
    press(window, "undo it", qtbot)
    settle()
    assert sentence.text == "Each row is a case of its own and stands for 1 case · no weights"
    assert window.cases_line.cases.text() == "46 of 46 cases"
    choose(window, "a case of its own", "an occasion of one id", qtbot, settle)
    choose(window, "occasion", "one time", qtbot, settle)
    settle()
    assert window.model.study.codebook.rows == Rows("id", "time")
    assert sentence.text == "Each row is one time of one id · no weights"
    choose(window, "id", "a case of its own", qtbot, settle)
    assert window.model.study.codebook.rows == EACH_ITS_OWN
    window.model.undo()
    assert window.model.study.codebook.rows == Rows("id", "time")


def test_a_counted_table_with_its_chi_square_takes_at_most_four_actions(
    show: Callable[[str], Window], settle: Settle, qtbot: QtBot
) -> None:
    window = show(COUNTED)  # 1: opened
    window.stations.intake.go()  # 2
    settle()
    press(window, "each row stands for Freq cases", qtbot)  # 3
    settle()
    assert window.cases_line.cases.text() == "105 cases in 4 rows"
    window.stations.bench.go()
    window.stations.bench.widget.writing.say("count format against outcome")  # 4: typed
    settle()
    exhibit = window.stations.bench.widget.desk.paper.proof.exhibit
    assert exhibit.result.cells[0].n == 105
    assert exhibit.result.cells[0].chi_square.statistic == pytest.approx(40_804 * 105 / (62 * 43 * 71 * 34))


def test_a_weighted_frequency_table_takes_at_most_five_actions(
    show: Callable[[str], Window], settle: Settle, qtbot: QtBot
) -> None:
    window = show(survey().replace("w,", "weight_final,", 1))  # 1: opened
    window.stations.intake.go()  # 2
    settle()
    press(window, "weight the rows by weight_final", qtbot)  # 3
    settle()
    assert window.model.study.codebook.rows == Rows(weight="weight_final", strata="stratum", clusters="psu")
    assert window.cases_line.cases.text() == "120 of 120 cases · weighted"
    window.stations.bench.go()
    window.stations.bench.widget.writing.say("count g with intervals")  # 4: typed
    settle()
    exhibit = window.stations.bench.widget.desk.paper.proof.exhibit
    assert all(level.weighed.error > 0 for level in exhibit.result.cells[0].levels)
    window.stations.codebook.go()
    settle()
    assert window.stations.codebook.widget.rows.text.endswith(
        "· weighted by Weight final (weight_final) in strata by stratum in clusters by psu"
    )
    choose(window, "psu", "no clusters", qtbot, settle)
    choose(window, "Weight final (weight_final)", "no weights", qtbot, settle)
    assert window.model.study.codebook.rows == EACH_ITS_OWN


def test_a_table_before_and_after_with_differences_takes_at_most_six_actions(
    show: Callable[[str], Window], settle: Settle
) -> None:
    window = show(visits())  # 1: opened; what a row is was guessed
    window.stations.bench.go()  # 2
    window.stations.bench.widget.writing.say("describe score, rating across time with difference, test")  # 3: typed
    settle()
    found = window.stations.bench.widget.desk.paper.proof.exhibit.result.differences
    assert [(d.test.name, d.paired, d.persons) for d in found] == [("paired_t", True, 22), ("signed_ranks", True, 21)]


@pytest.mark.parametrize(
    "sentence",
    ["relate date, score as line with per = month", "count score across group as flow", "check q_1 .. q_3 as scale"],
)
def test_lines_flows_and_scales_take_three_actions(
    sentence: str, show: Callable[[str], Window], settle: Settle
) -> None:
    rows = "".join(
        f"2024-{1 + k % 9:02}-11,{'xy'[k % 2]},{k * 7 % 13 or ''},{k % 5},{k % 4},{k % 3}\n" for k in range(60)
    )
    window = show("date,group,score,q_1,q_2,q_3\n" + rows)  # 1: opened
    window.stations.bench.go()  # 2
    window.stations.bench.widget.writing.say(sentence)  # 3: typed
    settle()
    proof = window.stations.bench.widget.desk.paper.proof
    assert proof is not None
    assert proof.exhibit.sentence.startswith(sentence.split(" with ", maxsplit=1)[0])


def test_a_question_with_several_answers_is_counted_in_three_actions(
    show: Callable[[str], Window], settle: Settle, qtbot: QtBot
) -> None:
    rows = "".join(f"{k},{k % 2},{int(k % 3 == 0)},{int(k % 5 == 1)}\n" for k in range(1, 21))
    window = show("id,lang_en,lang_de,lang_fr\n" + rows)  # 1: opened
    window.stations.codebook.go()  # 2
    settle()
    press(window, "lang", qtbot)  # 3
    settle()
    (cell,) = window.stations.bench.widget.desk.paper.proof.exhibit.result.cells
    assert [(answer.name, answer.count) for answer in cell.answers] == [("en", 10), ("de", 6), ("fr", 4)]


def test_a_measure_in_several_columns_is_compared_across_its_occasions_in_three_actions(
    show: Callable[[str], Window], settle: Settle, qtbot: QtBot
) -> None:
    window = show(wide(visits()))  # 1: opened
    window.stations.codebook.go()  # 2
    settle()
    press(window, "score", qtbot)  # 3
    settle()
    exhibit = window.stations.bench.widget.desk.paper.proof.exhibit
    assert exhibit.sentence == "describe score across occasion with difference = yes, test = yes"
    assert [(d.test.name, d.persons) for d in exhibit.result.differences] == [("paired_t", 22)]
