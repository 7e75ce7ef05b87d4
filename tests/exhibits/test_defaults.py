"""What is shown where the sentence says nothing: classes, layouts, where curves end, titles; and what is then refused by name."""

from __future__ import annotations

import json
import re
from collections.abc import Callable

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet, Line
from istrel.exhibits.forms.histogram_cells import HistogramCell
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle
from made import make_exhibit
from prints import notes, plain, printed

Maker = Callable[..., Dataset]
RNG = np.random.default_rng(11)
SHAPES = {
    "normal": RNG.normal(0, 1, 4_000),
    "whole": np.rint(RNG.normal(300, 90, 4_000)),
    "codes": RNG.integers(0, 60, 900),
    "skewed": np.exp(RNG.normal(0, 2, 2_000)),
    "far": np.append(RNG.normal(0, 1, 900), 1e6),
    "tenths": RNG.uniform(0, 30, 3_000).round(1),
}


@pytest.fixture
def battery(data_of: Maker) -> Dataset:
    """Four items of the same answers, one of others; a score, a share and a percentage."""
    rng = np.random.default_rng(3)
    answers = np.array(["never", "often", "always"])
    lines = ["a,b,c,d,site,score,share,part"]
    for k in range(120):
        words = ",".join(answers[rng.integers(0, 3, 4)])
        lines.append(f"{words},{'NS'[k % 2]},{rng.gamma(2, 4):.2f},{rng.beta(0.5, 2):.3f},{rng.normal(0, 1):.2f}")
    return data_of("\n".join(lines) + "\n")


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize(
    "sentence", ["count x", "describe x as histogram", "describe x as histogram with closed = right"]
)
def test_no_default_has_more_than_25_classes_and_none_loses_a_case(shape: str, sentence: str, data_of: Maker) -> None:
    values = SHAPES[shape]
    exhibit = make_exhibit(sentence, data_of("x\n" + "\n".join(map(str, values.tolist())) + "\n"))
    if isinstance(exhibit.sheet, FigureSheet):
        (cell,) = exhibit.result.drawings
        assert isinstance(cell, HistogramCell)
        counts: list[object] = list(cell.counts)
    else:
        counts = [level.count for level in exhibit.result.cells[0].levels]
    assert len(counts) <= 25
    assert sum(counts) == values.size  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("name", "setting", "low", "high"),
    [
        ("score", "", 0.0, None),
        ("share", "", 0.0, 1.0),
        ("part", "", None, None),
        ("share", " with ends = open", None, None),
        ("share", " with bounds = {−0.1, 3}", -0.1, None),
    ],
)
def test_a_curve_ends_where_no_value_lies_beyond(
    name: str, setting: str, low: float | None, high: float | None, battery: Dataset
) -> None:
    exhibit = make_exhibit(f"describe {name} as density{setting.replace('−', '-')}", battery)
    assert isinstance(exhibit.sheet, FigureSheet)
    (line,) = [mark for mark in exhibit.sheet.panels[0].marks if isinstance(mark, Line)]
    values = battery.numbers(name).values
    for bound, end, outermost in ((low, line.x[0], values.min()), (high, line.x[-1], values.max())):
        assert end == bound if bound is not None else abs(end - outermost) > 0
    step = np.diff(line.x)
    assert (step * (line.y[1:] + line.y[:-1]) / 2).sum() == pytest.approx(1.0, abs=0.01)
    assert ("Curves end at" in notes(exhibit)) == (low is not None)


@pytest.mark.parametrize(
    ("sentence", "beside"),
    [
        ("count a, b, c, d", True),
        ("count a, b", False),
        ("count a, b with layout = answers", True),
        ("count a, b, c with layout = rows", False),
        ("count a, b, c, site", False),
        ("count a, b, c with intervals", False),
        ("count a, b, c across site", False),
    ],
)
def test_items_that_share_their_answers_have_a_row_each(sentence: str, beside: bool, battery: Dataset) -> None:
    lines = printed(make_exhibit(sentence, battery))
    assert ("n (%)" in lines[0]) == beside
    if beside:
        assert "always" in lines[1]
        for line in lines[2:]:
            name, n, *answers = line.split(" | ")
            assert sum(int(answer.split(" ")[0]) for answer in answers) == int(n) == 120, name


@pytest.mark.parametrize(
    ("sentence", "words"),
    [
        ("count a, site with layout = answers", "do not have the same answers"),
        ("count a, b with layout = answers, intervals", "“intervals” needs a list"),
        ("count a, b across site with layout = answers", "are of groups"),
        ("count a with layout = columns", "Frequencies stand in rows"),
        ("describe score across site with layout = answers", "begin with count"),
        ("describe score as histogram with edges = {below, 4, 8}", "needs both limits"),
        ("count score with edges = {4, below}", "“below” is none"),
        ("describe score across part as means", "a figure as means holds 60"),
        ("describe score across part as density", "a figure as density holds 40"),
    ],
)
def test_what_cannot_be_shown_so_is_refused_by_name(sentence: str, words: str, battery: Dataset) -> None:
    with pytest.raises(Problem, match=re.escape(words)):
        make_exhibit(sentence, battery)


@pytest.mark.parametrize(
    ("closed", "labels"),
    [("left", ["Below 4", "4 ≤ x < 8", "8 or more"]), ("right", ["Up to 4", "4 < x ≤ 8", "Above 8"])],
)
def test_classes_may_be_open_at_either_end(closed: str, labels: list[str], battery: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit(f"count score with edges = {{below, 4, 8, above}}, closed = {closed}", battery)
    rows = [line.split(" | ") for line in printed(exhibit)[1:]]
    assert [row[0] for row in rows] == labels
    values = battery.numbers("score").values
    inside = [values < 4, (values >= 4) & (values < 8), values >= 8]
    if closed == "right":
        inside = [values <= 4, (values > 4) & (values <= 8), values > 8]
    assert [int(row[1]) for row in rows] == [int(mask.sum()) for mask in inside]
    made = json.loads(render(Document(numbered([exhibit]), style), "json"), parse_constant=pytest.fail)
    levels = made["results"][0]["levels"]
    assert [(level["from"], level["to"]) for level in levels] == [(None, 4), (4, 8), (8, None)]


@pytest.mark.parametrize(
    ("sentence", "title"),
    [
        ("describe score, share", "Descriptive statistics of score and share"),
        ("describe score as boxes", "Distribution of score"),
        ("describe score across site as means", "Means of score by site"),
        ("relate score, share as scatter", "Relation between score and share"),
        ("count a × site", "Frequencies of a × site"),
    ],
)
def test_a_title_says_what_is_shown(sentence: str, title: str, battery: Dataset) -> None:
    assert plain(make_exhibit(sentence, battery).sheet.title) == title


def test_combinations_stand_under_headings(battery: Dataset) -> None:
    lines = printed(make_exhibit("count site × a", battery))
    assert [line.split(" | ")[0].strip() for line in lines[1:5]] == ["N", "never", "often", "always"]
