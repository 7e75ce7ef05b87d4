"""The cases behind a number: their count is the number that is printed, for every verb."""

from __future__ import annotations

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.behind import cases_of_bar, cases_of_cell, cases_of_note
from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.exhibits.sheet import Cell, Compound, FigureSheet, TableSheet
from istrel.render.figure_layout import bar_at, panels_of
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind


def first_count(cell: Cell | Compound) -> float | None:
    """The count that a cell prints, if it prints one."""
    plain = cell.cells[0] if isinstance(cell, Compound) else cell
    return plain.value if plain.kind is Kind.COUNT and isinstance(plain.value, float) else None


SENTENCES = [
    "describe age, practice_min with n",
    "describe age across site with n, missing",
    "describe age across format × completed with n",
    "describe age, site, completed across format with total = yes",
    "describe age, practice_min among age >= 40 with n, missing",
    "count site",
    "count site, education across format",
    "count practice_min with bins = 8",
    "count site × format with top = 5",
    "count education against format",
    "check age, receptive_post across format",
    "relate age, receptive_pre, receptive_post",
    "relate receptive_pre, spelling_speed against receptive_post",
]


@pytest.mark.parametrize("sentence", SENTENCES)
def test_as_many_cases_stand_behind_a_count_as_it_says(sentence: str, learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit(sentence, learners, style)
    assert isinstance(exhibit.sheet, TableSheet)
    checked = 0
    for row, line in enumerate(exhibit.sheet.rows):
        for column, cell in enumerate(line.cells):
            found, count = cases_of_cell(exhibit, row, column, learners), first_count(cell)
            if found is not None and count is not None:
                assert len(found[0]) == count, (row, column)
                assert all(exhibit.cases.mask[np.array(found[0], int) - 1])
                checked += 1
    assert checked >= min(2, len(exhibit.sheet.rows))


def cell_of(exhibit: Exhibit, statistic: str, learners: Dataset) -> tuple[int, ...]:
    found = cases_of_cell(exhibit, 0, exhibit.shown.index(statistic), learners)
    assert found is not None
    return found[0]


def test_a_maximum_shows_who_it_is(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("describe age with min, max, missing, outliers", learners, style)
    assert cell_of(exhibit, "max", learners) == (318,)
    assert 318 in cell_of(exhibit, "outliers", learners)
    assert cell_of(exhibit, "missing", learners) == ()
    youngest = cell_of(exhibit, "min", learners)
    assert {learners.numbers("age").values[row - 1] for row in youngest} == {19}


def test_margin_notes_show_the_cases_they_mean(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("describe age, receptive_post across site", learners, style)
    found = {note.says.split(":")[0]: cases_of_note(exhibit, note, learners) for note in exhibit.margin}
    coded, far = found["−9 stands 14 times"], next(v for k, v in found.items() if k.startswith("199 lies"))
    small = next(v for k, v in found.items() if k.startswith("n = "))
    assert coded is not None
    assert far is not None
    assert small is not None
    assert {learners.numbers("receptive_post").values[row - 1] for row in coded[0]} == {-9}
    assert (len(coded[0]), far[0]) == (14, (318,))
    assert 0 < len(small[0]) < 10
    skewed = [note for note in exhibit.margin if "skew" in note.says]
    assert all(cases_of_note(exhibit, note, learners) is None for note in skewed)


def test_hidden_counts_hide_their_cases(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("count education with hide_below = 40", learners, style)
    assert isinstance(exhibit.sheet, TableSheet)
    hidden = [row for row, line in enumerate(exhibit.sheet.rows) if line.cells and line.cells[0].value == "< 40"]
    assert hidden
    assert cases_of_cell(exhibit, hidden[0], 0, learners) is None


@pytest.mark.parametrize("closed", ["left", "right"])
def test_every_bar_shows_as_many_cases_as_it_counts(closed: str, learners: Dataset, style: HouseStyle) -> None:
    sentence = f"describe absences across format as histogram with closed = {closed}, width = 1"
    exhibit = make_exhibit(sentence, learners, style)
    assert isinstance(exhibit.sheet, FigureSheet)
    for place, panel in enumerate(exhibit.sheet.panels):
        for bar, count in enumerate(panel.counts.tolist()):
            found = cases_of_bar(exhibit, place, bar, learners)
            assert found is not None
            assert len(found[0]) == count
    assert cases_of_bar(exhibit, 0, 999, learners) is None


def test_a_bar_is_found_where_it_is_drawn(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("describe age across format as histogram", learners, style)
    assert isinstance(exhibit.sheet, FigureSheet)
    panels = panels_of(exhibit.sheet, style)
    assert len(panels) == 3
    for place, panel in enumerate(panels):
        edges = exhibit.sheet.panels[place].edges
        middle = (edges[4] + edges[5]) / 2
        x = panel.left + (middle - panel.low) / (panel.high - panel.low) * panel.width
        assert bar_at(exhibit.sheet, panels, x, panel.top + panel.height / 2) == (place, 4)
    assert bar_at(exhibit.sheet, panels, 0.0, 0.0) is None
