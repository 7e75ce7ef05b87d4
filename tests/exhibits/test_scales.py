"""Items of a scale as an exhibit: those of a composite, those that are named, and what is refused."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest

from every_sentence import with_scale
from istrel.data.dataset import Dataset
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle
from made import make_exhibit


@pytest.fixture(scope="module")
def of_scale(learners: Dataset) -> Dataset:
    return with_scale(learners)


def told(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    made: dict[str, Any] = json.loads(render(Document(numbered([make_exhibit(sentence, data)]), style), "json"))
    return made


def test_items_of_a_composite_and_items_that_are_named_tell_the_same(of_scale: Dataset, style: HouseStyle) -> None:
    (composite,) = told("check motivation as scale", of_scale, style)["results"]
    assert composite["scale"] == "motivation"
    assert [item["variable"] for item in composite["items"]][-1] == "reverse(mot_04, 1, 5)"
    (named,) = told("check mot_01 .. mot_03 as scale", of_scale, style)["results"]
    assert named["scale"] == "mot"
    names = [f"mot_0{k}" for k in (1, 2, 3)]
    valid = np.logical_and.reduce([of_scale.present(name) for name in names])
    items = np.column_stack([of_scale.numbers(name).values[valid] for name in names])
    covariance = np.cov(items.T)
    assert named["n"] == int(valid.sum())
    assert named["alpha"] == pytest.approx(1.5 * (1 - np.trace(covariance) / covariance.sum()), rel=1e-12)
    assert named["inter_item"] == pytest.approx(np.corrcoef(items.T)[np.triu_indices(3, 1)].mean(), rel=1e-12)
    rest = items.sum(axis=1) - items[:, 0]
    assert named["items"][0]["item_rest"] == pytest.approx(np.corrcoef(items[:, 0], rest)[0, 1], rel=1e-12)
    assert told("check mot as scale", of_scale, style)["results"][0]["scale"] == "mot"


def test_items_against_the_others_are_named_and_one_factor_that_does_not_fit_is_said(of_scale: Dataset) -> None:
    exhibit = make_exhibit("check mot as scale", of_scale)
    (note,) = exhibit.margin
    assert [phrase.id for phrase in note.says] == ["items_go_the_other_way"]
    (cell,) = exhibit.result.cells
    assert [item.name for item in cell.items if item.item_rest < 0] == ["mot_04", "mot_08", "mot_12"]
    assert cell.residual > 0.08


def test_alpha_stands_on_the_diagonal_of_composites(of_scale: Dataset, style: HouseStyle) -> None:
    (alpha,) = (r["alpha"] for r in told("check motivation as scale", of_scale, style)["results"])
    (cell,) = make_exhibit("relate motivation, age with alpha", of_scale).result.cells
    assert cell.alphas == {"motivation": alpha}


def test_ordered_answers_in_words_are_items_by_their_places(data_of: Callable[..., Dataset], style: HouseStyle) -> None:
    words = ("Strongly disagree", "Disagree", "Neither", "Agree", "Strongly agree")
    rng = np.random.default_rng(4)
    answers = np.clip(rng.integers(0, 5, (40, 1)) + rng.integers(-1, 2, (40, 4)), 0, 4)
    of_words = data_of("Q1,Q2,Q3,Q4\n" + "".join(",".join(words[k] for k in row) + "\n" for row in answers))
    of_numbers = data_of("Q1,Q2,Q3,Q4\n" + "".join(",".join(str(k + 1) for k in row) + "\n" for row in answers))
    for sentence in ("check Q as scale", "check Q1 .. Q3 as scale", "describe mean(Q1 .. Q4)"):
        one, other = (told(sentence, data, style) for data in (of_words, of_numbers))
        assert one["results"] == other["results"]
        assert any("1 (Strongly disagree) to 5 (Strongly agree)" in note for note in one["sheet"]["notes"])


@pytest.mark.parametrize(
    ("sentence", "part"),
    [
        ("check age as scale", "no composite of items"),
        ("check site, mot_01 as scale", "holds words in no order"),
        ("check mot_01 as scale", "no composite"),
        ("check mot as scale with hide_below = 5", "hide_below"),
        ("relate age, confidence with alpha", "none here"),
        ("relate motivation against age with alpha", "against"),
    ],
)
def test_what_is_no_scale_is_refused_by_name(sentence: str, part: str, of_scale: Dataset) -> None:
    with pytest.raises(Problem, match=part):
        make_exhibit(sentence, of_scale)
