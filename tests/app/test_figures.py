"""Figures under the hand: what is dragged on a drawing, what its axes say, the other forms in miniature, and few actions."""

from __future__ import annotations

from collections.abc import Callable

import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QMenu, QPushButton
from pytestqt.qtbot import QtBot

from istrel.app.proof.paper import Paper
from istrel.app.window import Window
from istrel.exhibits.figure import FigureSheet
from istrel.render.scene import Rectangle, scales_of

Opened = Callable[..., Window]
Settle = Callable[[], None]
LEFT = Qt.MouseButton.LeftButton


class Hand:
    """A person at the window: every act counts."""

    def __init__(self, window: Window, settle: Settle, qtbot: QtBot) -> None:
        self.window, self.settle, self.qtbot, self.acts = window, settle, qtbot, 0

    @property
    def paper(self) -> Paper:
        return self.window.stations.bench.widget.desk.paper

    def at(self, value: float, up: float = 0.5, panel: int = 0) -> QPoint:
        """The point of the paper at a value of the axis across, and a share of the height of the field."""
        assert self.paper.proof is not None
        assert self.paper.proof.scene is not None
        here = self.paper.proof.scene.fields[panel]
        return self.paper.point_of(float(scales_of(here)[0](value)), here.top + (1 - up) * here.height)

    def drag(self, start: QPoint, stop: QPoint) -> None:
        self.acts += 1
        self.qtbot.mousePress(self.paper, LEFT, pos=start)
        for step in range(1, 5):
            self.qtbot.mouseMove(self.paper, start + (stop - start) * step / 4)
        self.qtbot.mouseRelease(self.paper, LEFT, pos=stop)
        self.settle()

    def say(self, sentence: str) -> None:
        """One sentence typed."""
        self.acts += 1
        self.window.stations.bench.widget.writing.line.setFocus()
        self.window.stations.bench.widget.writing.line.selectAll()
        self.window.stations.bench.widget.writing.line.insertPlainText(sentence)
        self.settle()

    def picture(self, form: str) -> None:
        self.acts += 1
        self.qtbot.mouseClick(self.window.stations.bench.widget.forms.pictures[form], LEFT)
        self.settle()

    def choose(self, setting: str, option: str) -> None:
        self.acts += 1
        self.qtbot.mouseClick(self.window.stations.bench.widget.settings.chips[setting], LEFT)
        menu = next(m for m in self.window.stations.bench.widget.settings.findChildren(QMenu) if m.isVisible())
        next(action for action in menu.actions() if action.text() == option).trigger()
        menu.close()
        self.settle()

    @property
    def sentence(self) -> str:
        return self.window.stations.bench.widget.writing.line.sentence()


@pytest.fixture
def hand(opened: Opened, settle: Settle, qtbot: QtBot) -> Hand:
    window = opened()
    window.stations.write()
    settle()
    return Hand(window, settle, qtbot)


def test_two_limits_are_dragged_and_read_and_become_a_condition(hand: Hand) -> None:
    hand.say("describe receptive_post as density")
    paper = hand.window.stations.bench.widget.desk.paper
    before = paper.geometry()
    hand.drag(hand.at(50), hand.at(65))
    assert paper.geometry() == before  # nothing shrinks under the hand
    data = hand.window.model.study.data
    numbers = data.numbers("receptive_post")
    values = numbers.values[numbers.valid]
    inside = int(((values >= 50) & (values <= 65)).sum())
    limits = hand.window.stations.bench.widget.desk.limits
    assert f"({inside} of {values.size})" in limits.says.text()
    assert "of the area" in limits.says.text()
    hand.drag(hand.at(65), hand.at(70))
    assert hand.paper.handles.marked is not None
    assert (hand.paper.handles.marked.low, hand.paper.handles.marked.high) == (50.0, 70.0)
    condition = next(b for b in limits.findChildren(QPushButton) if b.text() == "as a condition")
    hand.acts += 1
    hand.qtbot.mouseClick(condition, LEFT)
    hand.settle()
    assert hand.sentence == "describe receptive_post among receptive_post between 50 and 70 as density"
    assert hand.acts <= 5
    assert hand.paper.handles.marked is None


def test_limits_become_bands_and_are_taken_away(hand: Hand) -> None:
    hand.say("describe age across format as cumulative")
    hand.drag(hand.at(30), hand.at(60))
    limits = hand.window.stations.bench.widget.desk.limits
    assert limits.says.text().count("%") == 3
    hand.qtbot.mouseClick(next(b for b in limits.findChildren(QPushButton) if b.text() == "as bands"), LEFT)
    hand.settle()
    assert hand.window.model.study.data.categories("age_band").labels == ("under 30", "30–59", "60 and over")
    hand.qtbot.mouseClick(next(b for b in limits.findChildren(QPushButton) if b.text() == "take away"), LEFT)
    assert limits.isHidden()


def test_the_width_of_classes_and_the_bandwidth_follow_the_hand(hand: Hand) -> None:
    hand.say("describe practice_min as histogram")
    grip = hand.paper.handles.grip(0)
    assert grip is not None
    hand.drag(hand.paper.point_of(*grip), QPoint(hand.at(50).x(), hand.paper.point_of(*grip).y()))
    assert hand.sentence == "describe practice_min as histogram with width = 50"
    hand.say("describe practice_min as density")
    slider = hand.window.stations.bench.widget.settings.slider
    assert slider is not None
    slider.sliderMoved.emit(25)
    hand.settle()
    assert hand.sentence == "describe practice_min as density"  # the sentence has it when it is let go
    assert hand.paper.proof is not None
    assert hand.paper.proof.exhibit.request.settings["bandwidth"] == pytest.approx(5**0.5, rel=0.01)
    slider.setValue(25)
    slider.sliderReleased.emit()
    hand.settle()
    assert hand.sentence == "describe practice_min as density with bandwidth = 2.24"


def test_every_mark_and_axis_says_what_it_is_and_shows_its_cases(hand: Hand) -> None:
    hand.say("describe practice_min across format × completed as boxes")
    assert hand.paper.proof is not None
    assert hand.paper.proof.scene is not None
    here = hand.paper.proof.scene.fields[0]
    assert (
        hand.paper.axis_words(hand.paper.point_of(here.left - 4, here.top + 10)) == "the values of Weekly practice, min"
    )
    seen: list[tuple[int, ...]] = []
    hand.window.model.cases_wanted.connect(lambda rows, *_: seen.append(rows))
    shape = next(s for s in hand.paper.proof.scene.shapes if isinstance(s, Rectangle) and s.part.item == 0)
    hand.qtbot.mouseClick(
        hand.paper, LEFT, pos=hand.paper.point_of(shape.left + shape.width / 2, shape.top + shape.height * 0.8)
    )
    hand.settle()
    slip = hand.window.stations.bench.widget.opener.slip
    assert slip.found is not None
    assert (slip.found.printed, slip.found.count) == ("68.0", 79)  # the median of weekly evening, not completed
    link = next(one for one in slip.findChildren(QPushButton) if one.text() == "show its 79 cases")
    hand.qtbot.mouseClick(link, LEFT)
    assert len(seen[0]) == 79
    item = hand.paper.item_at(hand.paper.point_of(shape.left + shape.width / 2, shape.top + shape.height * 0.8))
    assert item is not None


def test_marks_of_a_figure_are_walked_and_opened_by_keys(hand: Hand) -> None:
    hand.say("describe practice_min across format as boxes")
    walk = hand.paper.walk
    assert walk.accessibleName() == "Numbers of the figure on the paper"
    assert [walk.lines.data(walk.lines.index(row, 0)) for row in range(walk.lines.rowCount())] == [
        "72.0",
        "59.0",
        "97.5",
    ]
    walk.setFocus()
    hand.qtbot.keyClick(walk, Qt.Key.Key_Down)
    place = hand.paper._walked()
    assert place is not None
    centre = hand.paper.rect().center()
    assert place.height() > 20
    assert place.left() < centre.x() < place.right() + 120
    hand.qtbot.keyClick(walk, Qt.Key.Key_Return)
    hand.settle()
    assert hand.window.stations.bench.widget.opener.slip.found is not None
    assert hand.window.stations.bench.widget.opener.slip.found.printed == "59.0"


def test_the_proof_is_enlarged_by_keys_and_wheel_and_the_hand_still_finds_its_values(hand: Hand) -> None:
    hand.say("describe receptive_post as density")
    fits = hand.paper.width()
    for _ in range(2):
        hand.qtbot.keyClick(hand.window, Qt.Key.Key_Plus, Qt.KeyboardModifier.ControlModifier)
    larger = hand.paper.width()
    assert larger > 1.2 * fits
    hand.drag(hand.at(50), hand.at(65))
    assert hand.paper.handles.marked is not None
    assert (hand.paper.handles.marked.low, hand.paper.handles.marked.high) == (50.0, 65.0)
    hand.qtbot.keyClick(hand.window, Qt.Key.Key_0, Qt.KeyboardModifier.ControlModifier)
    assert hand.paper.width() == pytest.approx(fits, abs=20)  # the note of the limits may want a scroll bar


@pytest.mark.rests
def test_other_forms_are_pictured_from_the_exhibit_and_say_why_they_do_not_fit(hand: Hand) -> None:
    hand.say("describe receptive_post across format")
    pictures = hand.window.stations.bench.widget.forms.pictures
    hand.qtbot.waitUntil(lambda: "missing map" in hand.window.stations.bench.widget.pictures.unfit, timeout=5000)
    hand.settle()
    drawn = {form for form, picture in pictures.items() if picture.scene is not None}
    assert drawn == {"histogram", "density", "cumulative", "boxes", "violins", "points", "means", "line"}
    assert "many values" in pictures["bars"].toolTip()
    assert "leave the groups out" in pictures["missing map"].toolTip()
    assert not pictures["bars"].isEnabled()
    hand.picture("violins")
    assert hand.sentence == "describe receptive_post across format as violins"


FEW = [
    ("describe age as histogram", [], "histogram"),
    ("describe receptive_post across format as density", [], "density"),
    ("describe practice_min across format × completed as boxes", [("points", "yes")], "boxes"),
    ("relate practice_min, receptive_post as scatter with bins = 20", [("points", "yes")], "scatter"),
    ("count education across completed as bars", [("intervals", "yes")], "bars"),
    ("describe mot_01 .. mot_12 as shares", [], "shares"),
    ("relate all measured as heat map", [], "heat map"),
    ("relate receptive_pre, receptive_post, spelling_speed, reaction_ms, practice_min as grid", [], "grid"),
]


@pytest.mark.parametrize(("sentence", "settings", "form"), FEW)
def test_figures_of_the_trade_take_at_most_five_actions(
    sentence: str, settings: list[tuple[str, str]], form: str, hand: Hand
) -> None:
    hand.say(sentence.split(" as ", maxsplit=1)[0])
    hand.picture(form)
    if "with" in sentence:
        hand.say(sentence)
    for setting, option in settings:
        hand.choose(setting, option)
    assert hand.acts <= 5
    assert hand.paper.proof is not None
    assert hand.paper.proof.exhibit.form == form
    sheet = hand.paper.proof.exhibit.sheet
    assert isinstance(sheet, FigureSheet)
    marks = {type(mark).__name__ for panel in sheet.panels for mark in panel.marks}
    wanted = {
        "histogram": {"Bars", "Line"},
        "boxes": {"Boxes", "Dots"},
        "scatter": {"Tiles", "Dots"},
        "bars": {"Blocks", "Intervals"},
    }
    assert wanted.get(form, set()) <= marks
