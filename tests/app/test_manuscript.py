"""The manuscript as a person writes it: pages, prose with live numbers, order, titles and notes in place, styles, what moved."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable
from itertools import pairwise
from pathlib import Path

import pytest
from docx import Document as Docx
from docx.oxml.ns import qn
from PySide6.QtCore import QMimeData, QPoint, Qt
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QGuiApplication, QTextCursor
from PySide6.QtPrintSupport import QPrinter
from PySide6.QtWidgets import QApplication, QFileDialog, QLabel, QLineEdit, QPushButton
from pytestqt.qtbot import QtBot

from edited_files import edit_letters
from istrel.app.proof.paper import Paper
from istrel.app.proof.setting import PX_PER_MM
from istrel.app.stations.manuscript.exhibit_view import ExhibitView
from istrel.app.stations.manuscript.outline import Outline
from istrel.app.stations.manuscript.pages import print_pages
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.window import Window
from istrel.demo import LEARNERS
from istrel.exhibits.text import Cell
from istrel.sentence import parse
from istrel.study import remake
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.manuscript import Exchange, Insert, Keep, Move
from istrel.study.opening import open_data
from istrel.study.parts import Kept, Number, Passage, Prose, Reference, Words
from istrel.study.prose import Shown, prose_of

Opened = Callable[..., Window]
Settle = Callable[..., None]
TABLE = "describe receptive_post across format"


@pytest.fixture
def window(opened: Opened, settle: Settle) -> Window:
    """A window at its manuscript, with a table and a figure."""
    window = opened(sentence=TABLE)
    window.does.do("keep")
    settle()
    window.stations.bench.widget.writing.say(f"{TABLE} as boxes")
    settle()
    window.does.do("keep")
    settle()
    window.stations.manuscript.go()
    settle()
    return window


def texts(window: Window) -> dict[str, ProseEdit]:
    """{accessible name: the text}, the last of each name."""
    found = window.stations.manuscript.widget.pages.canvas.findChildren(ProseEdit)
    return {edit.accessibleName(): edit for edit in found if not edit.isHidden()}


def press(window: Window, words: str, qtbot: QtBot) -> None:
    (found,) = [
        b for b in window.stations.manuscript.widget.findChildren(QPushButton) if b.text() == words and not b.isHidden()
    ]
    qtbot.mouseClick(found, Qt.MouseButton.LeftButton)


def end_of(edit: ProseEdit) -> None:
    edit.setFocus()
    edit.moveCursor(QTextCursor.MoveOperation.End)


def test_pages_have_their_true_size_and_nothing_lies_over_anything(window: Window, settle: Settle) -> None:
    pages = window.stations.manuscript.widget.pages
    pages.zoom(0)
    style = window.model.style
    for sheet in pages.sheets:
        sides = sorted((sheet.width(), sheet.height()))
        assert sides == pytest.approx([210 * PX_PER_MM * pages.zoom_now, 297 * PX_PER_MM * pages.zoom_now], rel=1e-6)
    window.stations.manuscript.widget.writing.add_paragraph()
    settle()
    blocks = [
        w.geometry() for w in pages.canvas.children() if isinstance(w, ExhibitView | ProseEdit) and not w.isHidden()
    ]
    blocks.sort(key=lambda rect: rect.top())
    assert len(blocks) == 5  # two exhibits with their results texts, and the paragraph
    for above, below in pairwise(blocks):
        assert below.top() >= above.bottom() - 24  # an exhibit has an edge around its letters
    over = style.page.margin_mm * PX_PER_MM * pages.zoom_now
    for block in blocks:
        (sheet,) = [s for s in pages.sheets if s.top() <= block.center().y() <= s.bottom()]
        assert sheet.top() + over - 12 <= block.top()
        assert block.bottom() <= sheet.bottom() - over + 12


def lines_on_pages(window: Window) -> dict[str, list[tuple[int, float]]]:
    """{part: (the page, where it begins) of every line of its texts}; all of them within the room for text of a page."""
    pages = window.stations.manuscript.widget.pages
    over = window.model.style.page.margin_mm * PX_PER_MM * pages.zoom_now
    rooms = [(sheet.top() + over - 1, sheet.bottom() - over + 1) for sheet in pages.sheets]
    found: dict[str, list[tuple[int, float]]] = {}
    for part in window.model.study.parts:
        view = window.stations.manuscript.widget.views.view(part.id)
        assert view is not None
        for edit in view.texts.values():
            layout, top = edit.document().firstBlock().layout(), edit.geometry().top()
            for n in range(layout.lineCount()):
                line = layout.lineAt(n)
                low = top + layout.position().y() + line.y()
                (page,) = [k for k, (a, b) in enumerate(rooms) if a <= low and low + line.height() <= b]
                found.setdefault(part.id, []).append((page, low))
    return found


def test_prose_goes_on_over_pages_and_headings_stay_with_what_they_head(window: Window, settle: Settle) -> None:
    for n in range(9):
        lines = Words(" ".join(f"word{n}" for _ in range(40 + 35 * n)))
        window.model.do(Insert(Passage("paragraph", (lines,)), 0))
        window.model.do(Insert(Passage("heading", (Words(f"Heading {n}"),)), 0))
    window.model.do(Insert(Passage("paragraph", (Words("long " * 2500),)), 0))
    settle()
    parts = window.model.study.parts
    for size in ((1280, 800), (1024, 640), (1100, 700), (1240, 700), (1500, 900)):
        window.resize(*size)
        settle()
        found = lines_on_pages(window)
        on_pages = {part: Counter(page for page, _ in lines) for part, lines in found.items()}
        assert len(on_pages[parts[0].id]) > 2
        assert sum(len(count) == 2 for count in on_pages.values()) >= 1
        assert not any(1 in count.values() and len(count) > 1 for count in on_pages.values())  # no line alone
        for lines in found.values():
            steps = [below - above for (page, above), (other, below) in pairwise(lines) if page == other]
            assert max(steps, default=0.0) <= 1.01 * min(steps, default=0.0)
        for heading, headed in zip(parts[1:18:2], parts[2:19:2], strict=True):
            assert found[heading.id][0][0] == found[headed.id][0][0]


def test_words_after_a_turned_page_are_as_wide_as_their_own(window: Window, settle: Settle) -> None:
    wide = "describe age, absences across site with statistics = {n, mean, sd}, layout = columns"
    window.model.do(Keep(Kept(parse(wide), ())))
    settle()
    kept = window.model.study.kept[-1].id
    view = window.stations.manuscript.widget.views.view(kept)
    assert view is not None
    assert view.exhibit is not None
    assert view.exhibit.natural[1]
    text, sheet = view.texts["text"], window.stations.manuscript.widget.pages.sheets[-1]
    assert sheet.height() > sheet.width()
    assert text.document().idealWidth() <= text.width() < sheet.width()
    assert text.document().lastBlock().layout().boundingRect().height() <= text.height()


def test_words_are_edited_and_their_numbers_stay_alive(window: Window, settle: Settle, qtbot: QtBot) -> None:
    text = texts(window)["Results text"]
    before = text.prose()
    numbers = [piece for piece in before if isinstance(piece, Number)]
    assert len(numbers) >= 8
    text.setFocus()
    text.moveCursor(QTextCursor.MoveOperation.Start)
    qtbot.keyClicks(text, "In short: ")
    end_of(text)
    for _ in range(3):
        qtbot.keyClick(text, Qt.Key.Key_Backspace)  # the full stop, a number as one letter, and the blank before it
    qtbot.keyClicks(text, "so much.")
    text.clearFocus()
    settle()
    kept = window.model.study.kept[-1]
    assert kept.text is not None
    assert kept.text[0].text.startswith("In short: Final receptive score was highest")  # type: ignore[union-attr]
    assert [p for p in kept.text if isinstance(p, Number)] == numbers[:-1]
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    settle()
    leaf = window.stations.manuscript.widget.parts.leaf(kept.id)
    assert leaf is not None
    assert any(state == "moved" for _, _, state in leaf.texts["text"])
    assert any(state == "untrue" for _, _, state in leaf.texts["text"])  # another group is the highest now
    window.model.undo()
    window.model.undo()
    settle()
    assert window.model.study.kept[-1].text is None


WRITTEN = (Words("😀 Mean "), Reference("k1"), Words(" of "), Reference("k2"), Words("."))
CLOSE = Qt.KeyboardModifier.ShiftModifier
WORD = Qt.KeyboardModifier.ControlModifier
ACTS = {
    "a reference is passed as one letter": (4, [(Qt.Key.Key_Right, CLOSE)] * 5, "x", "😀 Mx of Table 2."),
    "a word before it is written anew": (3, [(Qt.Key.Key_Right, CLOSE)] * 4, "M", "😀 M Table 1 of Table 2."),
    "what is selected from within holds it whole": (
        8,
        [(Qt.Key.Key_Right, CLOSE)] * 2,
        "",
        "😀 Mean Table 1 of Table 2.",
    ),
    "what was selected is let go again": (
        15,
        [(Qt.Key.Key_Left, CLOSE), (Qt.Key.Key_Right, CLOSE)],
        "s",
        "😀 Mean Table 1s of Table 2.",
    ),
    "deleted backwards it goes whole": (15, [(Qt.Key.Key_Backspace, None)], "", "😀 Mean  of Table 2."),
    "deleted forwards it goes whole": (8, [(Qt.Key.Key_Delete, None)], "", "😀 Mean  of Table 2."),
    "deleted by words it goes whole": (15, [(Qt.Key.Key_Backspace, WORD)], "", "😀 Mean  of Table 2."),
    "what is typed before it is a word": (8, [], "the ", "😀 Mean the Table 1 of Table 2."),
    "what is typed behind it is a word": (15, [], "s", "😀 Mean Table 1s of Table 2."),
    "within it nothing is typed": (10, [], "x", "😀 Mean xTable 1 of Table 2."),
    "what takes its place is a word": (8, [(Qt.Key.Key_Right, CLOSE)], "it", "😀 Mean it of Table 2."),
    "all of it goes": (0, [(Qt.Key.Key_End, CLOSE)], "T", "T"),
}


@pytest.mark.parametrize("act", ACTS)
def test_what_is_live_stands_whole_or_not_at_all(act: str, qtbot: QtBot) -> None:
    edit = ProseEdit()
    qtbot.addWidget(edit)
    edit.resize(900, 100)
    labels = {"k1": "Table 1", "k2": "Table 2"}

    def as_shown(prose: Prose) -> tuple[Shown, ...]:
        return tuple(Shown(p, p.text if isinstance(p, Words) else labels[p.exhibit]) for p in prose)  # type: ignore[union-attr]

    edit.show_prose(as_shown(WRITTEN), 16)
    assert edit.prose() == WRITTEN
    place, keys, typed, wanted = ACTS[act]
    cursor = edit.textCursor()
    cursor.setPosition(place)
    edit.setTextCursor(cursor)
    for key, modifier in keys:
        qtbot.keyClick(edit, key, modifier or Qt.KeyboardModifier.NoModifier)
    qtbot.keyClicks(edit, typed)
    now = edit.prose()
    assert "".join(letters for _, letters, _ in as_shown(now)) == wanted
    assert all("Table" not in piece.text for piece in now if isinstance(piece, Words))  # nothing live became letters
    edit.selectAll()
    assert edit.createMimeDataFromSelection().text() == wanted


def test_a_paragraph_is_begun_ended_and_refers_to_exhibits(window: Window, settle: Settle, qtbot: QtBot) -> None:
    window.stations.manuscript.widget.parts.go_to(window.model.study.kept[0])
    press(window, "+ paragraph", qtbot)
    settle()
    edit = texts(window)["Paragraph"]
    assert edit.hasFocus()
    qtbot.keyClicks(edit, "Boxes are in ")
    figure = window.model.study.kept[1].id
    edit.cite(Shown(Reference(figure), "Figure 1"))
    qtbot.keyClicks(edit, ". And more.")
    for _ in range(9):
        qtbot.keyClick(edit, Qt.Key.Key_Left)
    qtbot.keyClick(edit, Qt.Key.Key_Return)
    settle()
    passages = [part for part in window.model.study.parts if isinstance(part, Passage)]
    assert [p.prose for p in passages] == [
        (Words("Boxes are in "), Reference(figure), Words(". ")),
        (Words("And more."),),
    ]
    assert [type(part) for part in window.model.study.parts] == [Kept, Passage, Passage, Kept]


def point_at_a_number(paper: Paper, qtbot: QtBot) -> Cell:
    """Move the pointer over the first number of a table; the number."""
    points = (QPoint(x, y) for y in range(0, paper.height(), 4) for x in range(0, paper.width(), 4))
    qtbot.mouseMove(paper, next(point for point in points if paper.cell_at(point) == (0, 1)))
    assert paper.pointed is not None
    return paper.pointed


def paper_of(window: Window, identity: str) -> Paper:
    view = window.stations.manuscript.widget.views.view(identity)
    assert view is not None
    assert view.exhibit is not None
    return view.exhibit.paper


def test_a_number_is_cited_by_key_from_a_table_and_from_the_bench(window: Window, settle: Settle, qtbot: QtBot) -> None:
    table = window.model.study.kept[0]
    pointed = point_at_a_number(paper_of(window, table.id), qtbot)
    window.stations.manuscript.widget.citing.cite_pointed()
    settle()
    last = window.model.study.parts[-1]
    assert isinstance(last, Passage)
    ((number),) = last.prose
    assert isinstance(number, Number)
    assert (number.exhibit, number.row, number.column, number.accepted) == (
        table.id,
        pointed.row,
        pointed.column,
        pointed.value,
    )
    paper_of(window, table.id).pointed = None
    window.stations.bench.go().writing.say("describe age")
    settle()
    point_at_a_number(window.stations.bench.widget.desk.paper, qtbot)
    window.stations.manuscript.widget.citing.cite_pointed()
    settle()
    assert window.model.study.kept[-1].sentence == "describe age"  # what is cited is kept
    prose = window.model.study.part(last.id).prose  # type: ignore[union-attr]
    assert {p.exhibit for p in prose if isinstance(p, Number)} == {table.id, window.model.study.kept[-1].id}


def test_what_is_live_is_dragged_copied_and_pasted_alive(window: Window, settle: Settle, qtbot: QtBot) -> None:
    table = window.model.study.kept[0]
    pointed = point_at_a_number(paper_of(window, table.id), qtbot)
    window.model.do(Insert(Passage("paragraph", (Words("Here: "),)), 0))
    settle()
    edit, data = (
        texts(window)["Paragraph"],
        window.stations.manuscript.widget.citing.carried(
            (window.stations.manuscript.widget.citing.shown(table.id, pointed),)
        ),
    )
    at, copied, none = QPoint(2000, 8), Qt.DropAction.CopyAction, Qt.KeyboardModifier.NoModifier
    for event in (
        QDragEnterEvent(at, copied, data, Qt.MouseButton.LeftButton, none),
        QDropEvent(at.toPointF(), copied, data, Qt.MouseButton.LeftButton, none),
    ):
        QApplication.sendEvent(edit.viewport(), event)  # dragged from the table and let go
        assert event.isAccepted()
    edit.selectAll()
    edit.copy()
    assert QGuiApplication.clipboard().mimeData().html() == f"<p>Here: {data.text()}</p>"
    end_of(edit)
    edit.paste()
    edit.insertFromMimeData(plain := QMimeData())
    plain.setText("One\ntwo.\n\nThree.")
    edit.insertFromMimeData(plain)
    edit.commit()
    settle()
    prose = window.model.study.parts[0].prose  # type: ignore[union-attr]
    number = prose[1]
    assert isinstance(number, Number)
    assert prose == (Words("Here: "), number, Words("Here: "), number, Words("One two.\nThree."))
    assert edit.told(number).startswith("Table 1: Descriptive Statistics of Final Receptive Score by Course Format\n")
    assert edit.told(number).endswith(repr(number.accepted))
    # In a study whose exhibit of that name is another one it is letters.
    window.model.do(Exchange(table.id, Kept(parse("describe age across format"), ())))
    assert window.stations.manuscript.widget.citing.read(data) == ()


def test_dragging_in_the_outline_changes_the_order_and_the_supplement(window: Window, settle: Settle) -> None:
    outline: Outline = window.stations.manuscript.widget.outline
    table, figure = (kept.id for kept in window.model.study.kept)
    rows = [row.id for row in outline.rows()]
    assert rows == [table, figure, ""]
    outline.model().moveRow(outline.rootIndex(), 0, outline.rootIndex(), 3)  # as a drop below the last line does
    settle()
    assert [(p.id, p.supplement) for p in window.model.study.parts] == [(figure, False), (table, True)]
    assert [row.label for row in outline.rows()] == ["Figure 1", "Supplement", "Table A1"]
    window.model.do(Move(table, 0, supplement=False))
    settle()
    assert [row.label for row in outline.rows()] == ["Table 1", "Figure 1", "Supplement"]


def test_titles_and_notes_are_edited_where_they_stand(window: Window, settle: Settle, qtbot: QtBot) -> None:
    table = window.model.study.kept[0]
    view = window.stations.manuscript.widget.views.view(table.id)
    assert view is not None
    exhibit = view.exhibit
    assert exhibit is not None
    sheet = exhibit.paper.setting
    assert sheet is not None
    zoom = exhibit.paper.zoom
    title = QPoint(round(sheet.left * zoom) + 40, round((sheet.label_top + 1.9 * sheet.line) * zoom) + 10)
    qtbot.mouseClick(exhibit.paper, Qt.MouseButton.LeftButton, pos=title)
    assert not exhibit.title.isHidden()
    exhibit.title.setText("How Learners Scored")
    qtbot.keyClick(exhibit.title, Qt.Key.Key_Return)
    settle()
    assert window.model.study.kept[0].title == "How Learners Scored"
    assert "How Learners Scored" in window.stations.manuscript.widget.outline.rows()[0].title
    notes = QPoint(round(sheet.left * zoom) + 60, round((sheet.notes_top + 6) * zoom) + 10)
    qtbot.mouseClick(exhibit.paper, Qt.MouseButton.LeftButton, pos=notes)
    assert not exhibit.notes.isHidden()
    end_of(exhibit.notes)
    qtbot.keyClicks(exhibit.notes, " Scores are points.")
    exhibit.notes.clearFocus()
    settle()
    written = window.model.study.kept[0].notes
    assert written is not None
    assert written[-1].text.endswith(" Scores are points.")  # type: ignore[union-attr]
    assert "Scores are points." in exhibit.paper.setting.notes.toPlainText()  # type: ignore[union-attr]
    assert window.stations.manuscript.widget.parts.entries[0].status == "as kept"
    window.stations.manuscript.widget.parts.choose(table.id)
    press(window, "own notes again", qtbot)
    settle()
    assert window.model.study.kept[0].notes is None


def test_an_exhibit_goes_back_to_the_bench_and_is_exchanged(window: Window, settle: Settle, qtbot: QtBot) -> None:
    table = window.model.study.kept[0]
    window.stations.manuscript.widget.parts.choose(table.id)
    press(window, "at the Bench", qtbot)
    settle()
    assert window.stack.currentWidget() is window.stations.bench.widget
    window.stations.bench.widget.writing.say(f"{TABLE} with n, mean")
    settle()
    window.does.do("keep")
    settle()
    assert [k.id for k in window.model.study.kept].index(table.id) == 0
    assert "n, mean" in window.model.study.kept[0].sentence
    assert len(window.model.study.kept) == 2


def test_another_house_style_sets_everything_again_and_can_be_undone(window: Window, settle: Settle) -> None:
    from istrel.study.changes.manuscript import SetStyle

    window.model.do(SetStyle("thesis"))
    settle()
    assert [row.label for row in window.stations.manuscript.widget.outline.rows()] == [
        "Tabelle 1",
        "Abbildung 1",
        "Supplement",
    ]
    assert window.stations.manuscript.widget.bar.style_button.text().startswith("Thesis")
    window.model.undo()
    settle()
    assert window.stations.manuscript.widget.outline.rows()[0].label == "Table 1"


def test_a_document_is_refreshed_from_the_window(window: Window, settle: Settle, qtbot: QtBot, tmp_path: Path) -> None:
    path = tmp_path / "paper.docx"
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.export(path)
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    settle()
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.refresh(path)
    assert (tmp_path / "paper before refresh.docx").exists()
    panel = window.stations.manuscript.widget.refreshed
    assert (panel.isVisible(), panel.again_button.isHidden()) == (True, True)
    lines = [one.text() for one in panel.findChildren(QLabel) if " → " in one.text()]
    edit_letters(path, "word/document.xml", f">{lines[0].split(' → ')[1]}</w:t>", ">77.77</w:t>")
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.refresh(path)
    assert any("edited by hand to “77.77”" in one.text() for one in panel.findChildren(QLabel))
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        press(window, "Take these numbers again", qtbot)
    assert panel.again_button.isHidden()
    assert any("77.77 → " in one.text() for one in panel.findChildren(QLabel))
    poured = tmp_path / "poured.docx"
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.stations.manuscript.widget.leaving.export(poured, path)
    tables = [sum(1 for _ in Docx(str(one)).element.iter(qn("w:tbl"))) for one in (path, poured)]
    assert tables == [1, 2]
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=30_000):
        window.stations.manuscript.widget.leaving.export_folder(tmp_path / "folder")
    assert (tmp_path / "folder" / "manifest.json").exists()
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=30_000):
        window.stations.manuscript.widget.leaving.deposit(tmp_path / "package.zip")
    assert open_data(tmp_path / "package.zip").n_rows > 0


def test_words_that_no_longer_hold_are_said_anew_with_a_click(window: Window, settle: Settle, qtbot: QtBot) -> None:
    table = next(part for part in window.model.study.parts if isinstance(part, Kept))
    exhibit = remake.made(table, window.model.study)
    said = prose_of(exhibit.text, table.id, window.model.style)
    window.model.do(Insert(Passage("paragraph", said), 0))
    settle()
    review = window.stations.manuscript.widget.review
    assert review.reword_button.isHidden()
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    settle()
    assert "no longer hold" in review.status.text()
    before = window.model.study
    press(window, "say anew", qtbot)
    settle()
    assert (review.reword_button.isHidden(), "no longer hold" in review.status.text()) == (True, False)
    window.does.do("undo")
    assert window.model.study == before


def test_the_reading_lists_points_that_lead_to_their_place(window: Window, settle: Settle, qtbot: QtBot) -> None:
    press(window, "Reviewer’s reading", qtbot)
    settle()
    panel = window.stations.manuscript.widget.reading
    # Nothing is written yet, so nothing is missed in the text.
    assert [p.kind for p in panel.points] == ["missing code", "missing code", "sample"]
    table, figure = (kept.id for kept in window.model.study.kept)
    window.model.do(Insert(Passage("paragraph", (Words("See "), Reference(table), Words("."))), 0))
    settle()
    (point,) = [p for p in panel.points if p.kind == "never mentioned"]
    assert point.part == figure
    (row,) = [b for b in panel.findChildren(QPushButton) if b.accessibleName() == point.says]
    qtbot.mouseClick(row, Qt.MouseButton.LeftButton)
    settle()
    assert window.stations.manuscript.widget.parts.chosen == figure
    window.model.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    settle()
    assert panel.points[0].kind == "moved"


def test_a_style_is_copied_edited_saved_and_a_bad_one_refused(window: Window, settle: Settle, tmp_path: Path) -> None:
    panel = window.stations.manuscript.widget.styling
    window.does.do("style")
    panel.change("language", "fr")
    settle()
    assert window.stations.manuscript.widget.outline.rows()[0].label == "Tabl. 1"
    assert window.model.style.numbers.decimal_mark == ","
    line = panel.fields["numbers.measure_decimals"]
    assert isinstance(line, QLineEdit)
    line.setText("99")
    line.editingFinished.emit()
    assert "numbers.measure_decimals" in panel.says.text()
    assert window.model.style.numbers.measure_decimals == 2  # the last good one stays
    path = tmp_path / "own.toml"
    panel.save(path)
    window.model.undo()
    settle()
    assert window.stations.manuscript.widget.outline.rows()[0].label == "Table 1"
    panel.load(path)
    settle()
    assert window.stations.manuscript.widget.outline.rows()[0].label == "Tabl. 1"
    path.write_text(path.read_text().replace("[table]", "[table"))
    panel.load(path)
    assert "own.toml, line" in panel.says.text()
    window.stations.manuscript.widget.writing.add_appendix()
    settle()
    assert window.stations.manuscript.widget.outline.rows()[-1].label == "Reproducibility"
    appendix = window.stations.manuscript.widget.views.view(window.model.study.parts[-1].id)
    assert appendix is not None
    assert any(edit.toPlainText().startswith("SHA-256") and edit.isReadOnly() for edit in appendix.texts.values())


def test_the_pages_are_printed_as_they_stand(window: Window, settle: Settle, tmp_path: Path) -> None:
    printer = QPrinter(QPrinter.PrinterMode.ScreenResolution)
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(tmp_path / "pages.pdf"))
    print_pages(window.stations.manuscript.widget.pages, printer)
    content = (tmp_path / "pages.pdf").read_bytes()
    assert content.startswith(b"%PDF")
    assert content.count(b"/Type /Page\n") == len(window.stations.manuscript.widget.pages.sheets)


def test_from_a_raw_file_to_a_document_it_takes_three_actions_beside_the_sentence(
    window: Window, settle: Settle, qtbot: QtBot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    window.does.do("new")
    target = tmp_path / "paper.docx"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_: (str(target), ""))
    with qtbot.waitSignal(window.model.found.findings_ready, timeout=20_000):
        window.arrivals.open_path(str(LEARNERS))  # 1: the file is dropped
    settle()
    window.stations.bench.go().writing.say("describe age across format")
    settle()
    qtbot.keyClick(window, Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier)  # 2: keep
    settle()
    with qtbot.waitSignal(window.stations.manuscript.widget.parts.exported, timeout=20_000):
        window.does.do("export")  # 3: Ctrl+E, and the name of the file
    assert target.exists()
