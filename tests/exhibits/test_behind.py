"""The cases behind a number: their count is the number that is printed, for every verb; and where marks are drawn."""

from __future__ import annotations

import numpy as np
import pytest

from istrel.data.dataset import Dataset, rows_of
from istrel.exhibits.behind import Behind, mask_of
from istrel.exhibits.figure import Bars, FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Cell, Hidden, cells_in
from istrel.render.scene import make_scene
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind
from made import make_exhibit
from prints import plain

SENTENCES = [
    "describe age, practice_min with n",
    "describe age across site with n, missing",
    "describe age across format × completed with n",
    "describe age, site, completed across format with total = yes",
    "describe age, practice_min among age >= 40 with n, missing, outliers",
    "count site",
    "count site, education across format",
    "count practice_min with bins = 8",
    "count practice_min across format with bins = 8, closed = right",
    "count site × format with top = 5",
    "count education against format",
    "count education, site against format, completed across format with total",
    "check age, receptive_post across format",
    "relate age, receptive_pre, receptive_post",
    "relate receptive_pre, spelling_speed against receptive_post",
]


def rows_behind(behind: Behind, exhibit: Exhibit, data: Dataset) -> tuple[int, ...]:
    return rows_of(exhibit.cases.mask & mask_of(behind, data))


@pytest.mark.parametrize("sentence", SENTENCES)
def test_as_many_cases_stand_behind_a_count_as_it_says(sentence: str, learners: Dataset) -> None:
    exhibit = make_exhibit(sentence, learners)
    assert isinstance(exhibit.sheet, TableSheet)
    checked, keys = 0, set()
    for cell in exhibit.sheet.cells:
        if cell.value is not None and cell.row:
            assert (cell.row, cell.column) not in keys  # a number is known again by its row and column
            keys.add((cell.row, cell.column))
        if cell.behind is not None and cell.kind is Kind.COUNT:
            assert len(rows_behind(cell.behind, exhibit, learners)) == cell.value, (cell.row, cell.column)
            checked += 1
    assert checked >= min(2, len(exhibit.sheet.rows))


def cell_of(exhibit: Exhibit, statistic: str) -> Cell:
    assert isinstance(exhibit.sheet, TableSheet)
    return next(cell for cell in exhibit.sheet.cells if cell.statistic == statistic)


def test_a_maximum_shows_who_it_is(learners: Dataset) -> None:
    exhibit = make_exhibit("describe age with min, max, missing, outliers", learners)

    def behind(statistic: str) -> tuple[int, ...]:
        found = cell_of(exhibit, statistic).behind
        assert found is not None
        return rows_behind(found, exhibit, learners)

    assert behind("max") == (318,)
    assert 318 in behind("outliers")
    assert behind("missing") == ()
    assert {learners.numbers("age").values[row - 1] for row in behind("min")} == {19}


def test_margin_notes_show_the_cases_they_mean(learners: Dataset) -> None:
    exhibit = make_exhibit("describe age, receptive_post across site", learners)
    found = {plain(note.says).split(":")[0]: note.cases for note in exhibit.margin}
    coded, far = found["−9 stands 14 times"], found["199 lies far above the rest"]
    small = next(v for k, v in found.items() if k.startswith("n = "))
    assert coded is not None
    assert far is not None
    assert small is not None
    rows = rows_behind(coded, exhibit, learners)
    assert {learners.numbers("receptive_post").values[row - 1] for row in rows} == {-9}
    assert (len(rows), rows_behind(far, exhibit, learners)) == (14, (318,))
    assert 0 < len(rows_behind(small, exhibit, learners)) < 10
    assert all(cases is None for says, cases in found.items() if "skew" in says)


def test_hidden_counts_hide_their_cases(learners: Dataset) -> None:
    exhibit = make_exhibit("count education with hide_below = 40", learners)
    assert isinstance(exhibit.sheet, TableSheet)
    hidden = [cell for cell in exhibit.sheet.cells if isinstance(cell.value, Hidden)]
    assert hidden
    assert all(cell.behind is None for cell in hidden)


@pytest.mark.parametrize("closed", ["left", "right"])
def test_every_bar_shows_as_many_cases_as_it_counts(closed: str, learners: Dataset) -> None:
    sentence = f"describe absences across format as histogram with closed = {closed}, width = 1"
    exhibit = make_exhibit(sentence, learners)
    assert isinstance(exhibit.sheet, FigureSheet)
    for cell, panel in zip(exhibit.result.drawings, exhibit.sheet.panels, strict=True):
        bars = panel.marks[0]
        assert isinstance(bars, Bars)
        for item, count in zip(bars.items, cell.counts, strict=True):
            assert item.behind is not None
            assert len(rows_behind(item.behind, exhibit, learners)) == count


def test_a_bar_is_found_where_it_is_drawn(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("describe age across format as histogram", learners)
    assert isinstance(exhibit.sheet, FigureSheet)
    scene = make_scene(exhibit.sheet, style)
    assert len(scene.fields) == 3
    for place, field in enumerate(scene.fields):
        edges = exhibit.result.drawings[place].edges
        share = ((edges[4] + edges[5]) / 2 - field.x[0]) / (field.x[1] - field.x[0])
        found = scene.at(field.left + share * field.width, field.top + field.height / 2)
        assert found is not None
        assert (found.panel, found.mark, found.item) == (place, 0, 4)
    assert scene.at(0.0, 0.0) is None


def test_every_number_of_a_text_is_a_cell(learners: Dataset) -> None:
    text = make_exhibit("describe practice_min across format", learners).text
    values = [cell.value for cell in cells_in(text) if isinstance(cell.value, float)]
    assert np.isfinite(values).all()
    assert len(values) >= 8
