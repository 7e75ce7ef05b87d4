"""Intake, the cases drawer and sources, driven through the window."""

from __future__ import annotations

import json
from collections.abc import Callable
from pathlib import Path

import pytest
import xlsxwriter
from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
from PySide6.QtGui import QDropEvent, QGuiApplication
from PySide6.QtWidgets import QComboBox, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.stations.intake.finding_view import FindingView
from istrel.app.window import Window
from istrel.data.codebook import MissingCode
from istrel.data.levels import Level
from istrel.demo import LEARNERS, SESSIONS
from istrel.sentence import parse_condition
from istrel.study.changes.cases import SetCondition
from istrel.study.changes.codebook import SetLevel, SetMissing
from istrel.study.changes.sources import UseSource

Opened = Callable[..., Window]
Settle = Callable[[], None]
LEFT = Qt.MouseButton.LeftButton


def finding(window: Window, kind: str, nth: int = 0) -> FindingView:
    views = [
        view
        for view in window.stations.intake.widget.findChildren(FindingView)
        if view.isVisible() and view.finding.kind == kind
    ]
    return views[nth]


def cell(window: Window, row: int, variable: str) -> str:
    drawer = window.cases.drawer
    names = window.model.study.table.names
    return str(drawer.cases.index(row, names.index(variable)).data())


def edit_case(window: Window, row: int, variable: str, text: str, qtbot: QtBot) -> None:
    """Write into a cell of the drawer as a user does."""
    view = window.cases.drawer.view
    index = window.cases.drawer.cases.index(row, window.model.study.table.names.index(variable))
    view.setCurrentIndex(index)
    view.edit(index)
    (editor,) = view.viewport().findChildren(QLineEdit)
    editor.selectAll()
    qtbot.keyClicks(editor, text)
    qtbot.keyClick(editor, Qt.Key.Key_Return)
    qtbot.waitUntil(lambda: not view.viewport().findChildren(QLineEdit))


class Counter:
    """Counts what a user does: each click, each word typed."""

    def __init__(self, qtbot: QtBot, settle: Settle) -> None:
        self._qtbot, self._settle, self.actions = qtbot, settle, 0

    def click(self, widget: object) -> None:
        self._qtbot.mouseClick(widget, LEFT)
        self.actions += 1
        self._settle()


def test_the_raw_demo_file_is_mended_and_labelled_in_at_most_twelve_actions(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    """A copy of the file, which Istrel knows nothing about, and the codebook the researcher has at hand."""
    path = tmp_path / "wave.csv"
    path.write_bytes(LEARNERS.read_bytes())
    window = opened(path)
    window.stations.intake.go()
    user = Counter(qtbot, settle)
    said_of_rows = {"weighted_rows"}  # what a row stands for is decided, not mended: the paper counts learners alike
    numbers_wrong = [f for f in window.model.found.findings if f.changes_numbers and f.kind not in said_of_rows]
    while True:
        wrong = [
            v
            for v in window.stations.intake.widget.findChildren(FindingView)
            if v.isVisible() and v.finding.changes_numbers and v.finding.kind not in said_of_rows
        ]
        if not wrong:
            break
        user.click(wrong[0].remedies[0])
    assert user.actions == len(numbers_wrong) + 1  # text among numbers takes two: decimals, and the rest is missing
    from istrel.demo import CODEBOOK

    window.stations.codebook.go()
    user.actions += 1  # the station
    window.stations.codebook.widget.import_codebook(str(CODEBOOK))
    user.actions += 1  # import, with the file it offers
    settle()
    study = window.model.study
    assert user.actions <= 12
    assert study.codebook["education"].label_of(1.0) == "Primary"
    assert study.n_used == 606
    assert study.data.numbers("age").values[study.data.numbers("age").valid].max() < 80
    sites = {"Harbour", "Mill Lane", "Old Town", "Riverside", "Station Road", "Westfield"}
    assert set(study.data.categories("site").labels) == sites
    assert int(study.data.numbers("practice_min").valid.sum()) == 606 - 4 - 7  # “approx 40” is read


def test_findings_show_their_cases_in_the_drawer(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.stations.intake.go()
    qtbot.mouseClick(finding(window, "remote_value").show_cases, LEFT)
    drawer = window.cases.drawer
    assert drawer.isVisible()
    assert drawer.cases.rowCount() == 1
    assert drawer.cases.headerData(0, Qt.Orientation.Vertical) == "318"
    assert drawer.view.currentIndex().data() == "199"
    assert drawer.title.text().startswith("1 case  age 199")
    qtbot.mouseClick(drawer.all, LEFT)
    assert drawer.cases.rowCount() == 612
    qtbot.keyClick(drawer, Qt.Key.Key_Escape)
    assert not drawer.isVisible()


def test_a_cell_is_corrected_with_a_reason_and_taken_back(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    before = LEARNERS.read_bytes()
    window.does.do("cases")
    drawer = window.cases.drawer
    drawer.reason.setText("from the paper form")
    edit_case(window, 317, "age", "19x", qtbot)
    assert drawer.trouble.text() == "“age” holds numbers; “19x” is none."
    edit_case(window, 317, "age", "19", qtbot)
    settle()
    (made,) = window.model.study.source.corrections
    assert (made.row, made.variable, made.old, made.new, made.reason) == (318, "age", 199, 19, "from the paper form")
    assert cell(window, 317, "age") == "19"
    assert "199 in the file" in drawer.cases.index(317, 4).data(Qt.ItemDataRole.ToolTipRole)
    assert max(window.model.study.data.numbers("age").values) == 79
    window.stations.codebook.go()
    window.stations.codebook.widget.show_variable("age")
    (back,) = [b for b in window.stations.codebook.widget.page.findChildren(QPushButton) if b.text() == "take back"]
    qtbot.mouseClick(back, LEFT)
    settle()
    assert cell(window, 317, "age") == "199"
    window.model.undo()
    window.model.undo()
    assert window.model.study.source.corrections == ()
    window.model.redo()
    assert len(window.model.study.source.corrections) == 1
    assert LEARNERS.read_bytes() == before


def test_cases_are_sorted_found_and_set_aside(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.does.do("cases")
    drawer = window.cases.drawer
    place = window.model.study.table.names.index("age")
    heads = drawer.view.horizontalHeader()
    for wanted in ("19", "199"):
        heads.sectionClicked.emit(place)
        settle()
        assert cell(window, 0, "age") == wanted
    qtbot.keyClicks(drawer.finder, "approx")
    qtbot.keyClick(drawer.finder, Qt.Key.Key_Return)
    settle()
    assert drawer.cases.rowCount() == 1
    assert cell(window, 0, "practice_min") == "approx 40"
    drawer.finder.setText("nowhere to be found")
    drawer.find_cases()
    settle()
    assert drawer.trouble.text() == "“nowhere to be found” stands nowhere"
    qtbot.mouseClick(drawer.set_aside, LEFT)
    settle()
    assert window.cases_line.cases.text() == "611 of 612 cases"
    qtbot.mouseClick(drawer.bring_back, LEFT)
    settle()
    assert window.cases_line.cases.text() == "612 of 612 cases"


def test_variables_are_searched_sorted_and_looked_into(opened: Opened, qtbot: QtBot) -> None:
    window = opened()
    window.stations.intake.go()
    intake = window.stations.intake.widget
    intake.table.horizontalHeader().sectionClicked.emit(4)
    intake.table.horizontalHeader().sectionClicked.emit(4)
    assert intake.table_model.rows[0][1] == "comment"  # most missing first
    qtbot.keyClicks(intake.finder, "mot_0")
    assert intake.table_model.rowCount() == 9
    intake.finder.setText("age")
    intake.table.selectRow(0)
    chips = {b.text(): b for b in intake.detail.findChildren(QPushButton)}
    qtbot.mouseClick(chips["199"], LEFT)
    assert window.cases.drawer.cases.rowCount() == 1


def test_the_missing_map_and_its_patterns(opened: Opened, qtbot: QtBot) -> None:
    window = opened()
    window.stations.intake.go()
    qtbot.mouseClick(window.stations.intake.widget.views[1], LEFT)
    assert window.stations.intake.widget.missing.map.found is not None
    assert "mot_05" in window.stations.intake.widget.missing.map.found.names
    (link,) = [
        b
        for b in window.stations.intake.widget.missing.findChildren(QPushButton)
        if b.text() == "mot_05, mot_06, mot_07"
    ]
    qtbot.mouseClick(link, LEFT)
    rows = window.cases.drawer.cases.rowCount()
    assert 0 < rows < 22
    assert all(cell(window, row, "mot_06") == "" for row in range(rows))


def test_another_sheet_of_a_workbook_is_read(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    path = tmp_path / "book.xlsx"
    with xlsxwriter.Workbook(path) as book:
        for name in ("spring", "autumn"):
            sheet = book.add_worksheet(name)
            sheet.write_column(0, 0, [name, *range(20)])
            sheet.write_column(0, 1, ["x", *range(20)])
    window = opened(path)
    window.stations.intake.go()
    assert any(
        "Only the sheet “spring” was read" in v.finding.says
        for v in window.stations.intake.widget.findChildren(FindingView)
    )
    panel = window.stations.intake.widget.reading
    window.does.do("read")
    settle()
    assert [panel.sheet.itemText(i) for i in range(panel.sheet.count())] == ["spring", "autumn"]
    panel.sheet.setCurrentIndex(1)
    settle()
    assert panel.first_rows.horizontalHeaderItem(0).text() == "autumn"
    panel.apply.click()
    settle()
    assert window.model.study.table.names == ("autumn", "x")


def test_the_file_is_read_differently(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    path = tmp_path / "odd.csv"
    path.write_text("1;2,5\n2;3,5\n4;5,5\n")
    window = opened(path)
    window.stations.intake.go()
    assert window.model.study.table.names == ("column_1", "column_2")
    panel = window.stations.intake.widget.reading
    window.does.do("read")
    panel.names_row.setText("first")
    assert "whole number" in panel.trouble.text()
    panel.names_row.setText("1")
    settle()
    assert panel.first_rows.horizontalHeaderItem(1).text() == "2,5"
    panel.names_row.setText("0")
    choice: QComboBox = panel.choices["decimal mark"]
    choice.setCurrentIndex(1)
    panel.apply.click()
    settle()
    assert window.model.study.table.column("column_2").text_at(0) == "2,5"
    assert window.model.history.undo_words == "read odd.csv again"
    window.model.undo()
    settle()
    assert window.model.study.data.numbers("column_2").values[0] == 2.5


def test_a_word_of_how_a_file_was_read_leads_to_what_decides_it(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "odd.csv"
    path.write_text("id;when;x\n1;01/02/2024;1\n2;03/04/2024;2\n3;05/06/2024;5\n")
    window = opened(path)
    window.stations.intake.go()
    intake = window.stations.intake.widget
    words = {
        made.text(): made for made in intake.findChildren(QPushButton) if made.objectName() in ("decided", "undecided")
    }
    assert words["semicolon"].objectName() == "decided"
    assert words["dates"].objectName() == "undecided"
    qtbot.mouseClick(words["dates"], LEFT)
    assert intake.reading.choices["dates"].hasFocus()
    qtbot.keyClick(intake.reading.choices["dates"], Qt.Key.Key_Down)
    qtbot.mouseClick(intake.reading.apply, LEFT)
    settle()
    assert window.model.study.table.column("when").text_at(0) == "2024-02-01"
    assert not [
        made for made in intake.findChildren(QPushButton) if made.objectName() == "undecided" and made.isVisible()
    ]


def test_a_file_is_looked_at_before_it_is_opened(window: Window, settle: Settle, tmp_path: Path) -> None:
    path = tmp_path / "odd.txt"
    path.write_text("made by hand\nname;score\nAnn;1,5\nBo;2,5\n")
    window.arrivals.look_at(str(path))
    settle()
    assert window.arrivals._opening is not None
    form = window.arrivals._opening.form
    assert form.first_rows.rowCount() > 0
    assert not window.model.is_open
    form.names_row.setText("2")
    form.choices["delimiter"].setCurrentIndex(2)
    settle()
    assert [form.first_rows.horizontalHeaderItem(i).text() for i in range(2)] == ["name", "score"]
    form.apply.click()
    settle()
    assert window.model.study.data.numbers("score").values.tolist() == [1.5, 2.5]
    assert window.stack.currentWidget() is window.stations.intake.widget
    assert not window.arrivals._opening.isVisible()


def test_what_was_said_stays_when_a_file_is_read_again(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    path = tmp_path / "a.csv"
    path.write_text("a,b\n" + "".join(f"{i},{i % 3}\n" for i in range(1, 40)))
    window = opened(path)
    window.model.do(SetLevel("b", Level.NOMINAL))
    from istrel.app.reading import read_differently
    from istrel.data.reading import ReadingSettings

    read_differently(window.model, ReadingSettings(delimiter=","))
    settle()
    assert window.model.study.codebook["b"].level is Level.NOMINAL


def test_the_report_is_written_from_the_window(opened: Opened, settle: Settle, tmp_path: Path) -> None:
    window = opened()
    window.stations.intake.go()
    for ending in ("html", "json", "odt"):
        window.stations.intake.widget.write_report(str(tmp_path / f"intake.{ending}"))
        settle()
    assert json.loads((tmp_path / "intake.json").read_text())["rows"] == 612
    page = (tmp_path / "intake.html").read_text()
    assert "stands 27 times" in page
    assert "http" not in page.replace("http-equiv", "").replace(
        "http://www.w3.org/2000/svg", ""
    )  # nothing is fetched from anywhere
    window.stations.intake.widget.write_report(str(tmp_path / "no" / "intake.html"))
    settle()
    assert "cannot be written" in window.cases_line.trouble.text()


def test_pasted_cells_become_a_source(opened: Opened, settle: Settle) -> None:
    window = opened()
    QGuiApplication.clipboard().setText("name\tscore\nAnn\t1,5\nBo\t2,5\nCy\t3,5\n")
    window.setFocus()
    window.does.do("paste")
    settle()
    assert window.cases_line.source.text() == "pasted cells ▾"
    assert window.model.study.data.numbers("score").values.tolist() == [1.5, 2.5, 3.5]
    QGuiApplication.clipboard().setText("nothing")
    window.does.do("paste")
    settle()
    assert "the pasted cells" in window.cases_line.trouble.text()


def test_a_second_file_joins_the_study_and_the_bench_follows_the_source_in_use(opened: Opened, settle: Settle) -> None:
    window = opened(sentence="describe age")
    window.arrivals.open_path(str(SESSIONS))
    settle()
    assert [source.name for source in window.model.study.sources] == ["learners.csv", "sessions.csv"]
    assert window.cases_line.source.text() == "sessions.csv ▾"
    assert window.stations.intake.widget.table_model.rowCount() == 6
    window.model.undo()
    settle()
    assert window.cases_line.source.text() == "learners.csv ▾"
    assert len(window.model.found.facts) == 39


def test_sources_are_joined_after_a_report(opened: Opened, settle: Settle, qtbot: QtBot) -> None:
    window = opened()
    window.arrivals.open_path(str(SESSIONS))
    settle()
    window.does.do("combine")
    settle()
    panel = window.arrivals._combiner
    assert panel is not None
    assert "find a partner" in panel.report.text()
    qtbot.mouseClick(panel.make, LEFT)
    settle()
    assert window.model.study.source.name == "sessions + learners"
    window.does.do("combine")
    panel.choose(3)
    settle()
    assert "Long to wide needs a key" in panel.report.text()
    assert not panel.make.isEnabled()
    panel.choose(1)
    panel.stacked.selectAll()
    settle()
    assert "rows would result" in panel.report.text()
    panel.choose(4)
    settle()
    assert "Gathering needs a key" in panel.report.text()
    for chosen, name in ((panel.gather_keys, "learner"), (panel.measured, "minutes")):
        next(item for k in range(chosen.count()) if (item := chosen.item(k)).text() == name).setSelected(True)
    settle()
    assert "rows and" in panel.report.text()
    qtbot.mouseClick(panel.make, LEFT)
    settle()
    assert "minutes_mean" in window.model.study.table
    assert window.model.study.table.n_rows == len(set(window.model.study.data.categories("learner").codes.tolist()))


def test_large_sources_follow_their_parents_while_the_window_goes_on(
    opened: Opened, settle: Settle, qtbot: QtBot, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr("istrel.study.following.MOST_AT_ONCE", 10)
    window = opened()
    window.arrivals.open_path(str(SESSIONS))
    settle()
    window.does.do("combine")
    settle()
    panel = window.arrivals._combiner
    assert panel is not None
    qtbot.mouseClick(panel.make, LEFT)
    settle()
    child, parent = window.model.study.current, window.model.study.sources[0].id
    before = window.model.study.source_of(child).raw
    window.model.do(UseSource(parent))
    assert window.model.do(SetMissing("age", (MissingCode(199.0),)))
    assert window.model.do(SetMissing("practice_min", (MissingCode(0.0),)))
    assert window.model.study.source_of(child).raw is before  # nothing has waited for it
    settle()
    after = window.model.study
    assert after.source_of(child).raw is not before
    assert [bool(after.codebook[name].missing_codes) for name in ("age", "practice_min")] == [True, True]
    window.model.undo()
    assert [bool(window.model.study.codebook[name].missing_codes) for name in ("age", "practice_min")] == [True, False]


def test_reading_shows_progress_and_is_cancelled(opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path) -> None:
    window = opened()
    path = tmp_path / "long.csv"
    path.write_text("a,b\n" + "1.5,2.5\n" * 1_500_000)
    window.arrivals.open_path(str(path))
    assert window.cases_line.busy.text().startswith("reading long.csv")
    assert window.cases_line.cancel.isVisible()
    assert window.start.first_rows.rowCount() == 7  # seen at once, while the rest is read
    qtbot.mouseClick(window.cases_line.cancel, LEFT)
    settle()
    assert [source.name for source in window.model.study.sources] == ["learners.csv"]
    assert not window.cases_line.cancel.isVisible()
    assert "cancelled" in window.cases_line.trouble.text()


def test_several_files_dropped_at_once_are_all_opened(window: Window, settle: Settle) -> None:
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(path)) for path in (LEARNERS, SESSIONS)])
    window.dropEvent(QDropEvent(QPointF(9, 9), Qt.DropAction.CopyAction, data, LEFT, Qt.KeyboardModifier.NoModifier))
    settle()
    assert {source.name for source in window.model.study.sources} == {"learners.csv", "sessions.csv"}


def test_a_study_is_closed_and_another_begun(opened: Opened, settle: Settle) -> None:
    window = opened(sentence="describe age")
    window.does.do("cases")
    window.does.do("new")
    assert window.stack.currentWidget() is window.start
    assert window.cases_line.source.text() == "no data yet"
    assert not window.cases.drawer.isVisible()
    assert not window.rail.stations[0].isEnabled()
    window.arrivals.open_path(str(SESSIONS))
    settle()
    assert window.stations.intake.widget.table_model.rowCount() == 6
    assert window.model.history.past == ()
    window.stations.write()
    assert window.stations.bench.widget.writing.line.sentence() == ""


def test_an_answer_for_another_source_does_not_come_in(opened: Opened, settle: Settle) -> None:
    window = opened(SESSIONS)
    window.does.do("cases")
    window.cases.drawer._sort_by(5)  # 7,018 rows, on their way
    window.arrivals.open_path(str(LEARNERS))
    settle()
    assert window.cases.drawer.cases.rowCount() == 612
    assert window.cases.drawer.cases.rows is None
    assert cell(window, 611, "age") != ""


def test_findings_of_one_kind_are_folded_sorted_and_found(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    path = tmp_path / "gaps.csv"
    lines = [",".join(f"{k * j % 17}.5" if (k + j) % 3 else "" for j in range(1, 10)) + f",{k % 4}" for k in range(60)]
    path.write_text(",".join(f"q{j}_x" for j in range(1, 10)) + ",site\n" + "\n".join(lines) + "\n")
    window = opened(path)
    window.stations.intake.go()
    intake = window.stations.intake.widget

    def lines_shown() -> list[str]:
        return [view.finding.line for view in intake.findChildren(FindingView) if view.isVisible()]

    missing = [finding for finding in window.model.found.findings if "is missing" in finding.line]
    assert len(missing) == 9
    assert sum("is missing" in line for line in lines_shown()) == 3
    more = next(b for b in intake.findChildren(QPushButton) if b.text() == "6 more like these")
    qtbot.mouseClick(more, Qt.MouseButton.LeftButton)
    settle()
    assert sum("is missing" in line for line in lines_shown()) == 9
    qtbot.keyClicks(intake.finding_finder, "q7_x")
    settle()
    assert lines_shown()
    assert all("q7_x" in line for line in lines_shown())
    intake.finding_finder.clear()
    qtbot.mouseClick(intake.order, Qt.MouseButton.LeftButton)
    settle()
    places = [int(line.split("q")[1][0]) for line in lines_shown() if line.startswith("q")]
    assert places == sorted(places)


def test_intake_says_that_it_looks_at_all_cases_while_a_condition_holds(opened: Opened, settle: Settle) -> None:
    window = opened(LEARNERS)
    window.stations.intake.go()
    settle()
    assert window.stations.intake.widget.whole.isHidden()
    window.model.do(SetCondition(parse_condition("age > 40")))
    settle()
    assert not window.stations.intake.widget.whole.isHidden()
    window.model.undo()
    settle()
    assert window.stations.intake.widget.whole.isHidden()
