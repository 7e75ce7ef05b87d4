"""Conditions on cases: which cases they mean, and how their mistakes are told."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from istrel.data.dataset import Dataset
from istrel.data.formula.evaluate import holds
from istrel.problem import Problem
from istrel.sentence import parse_condition
from istrel.study.opening import Opening

TEXT = """id,age,site,score,day,code
1,17,North,2.5,2025-01-01,1
2,18,South,,2025-02-01,2
3,40,North,-9,2025-03-01,1
4,,West,4.0,2025-04-01,2
5,65,South,5.5,,1
"""


@pytest.fixture
def data(data_of: Callable[..., Dataset], tmp_path: object) -> Dataset:
    from istrel.data.codebook import parse_missing

    return data_of(TEXT, Opening(missing=parse_missing("-9")))


CONDITIONS = {
    "age >= 18": [2, 3, 5],
    "age ≥ 18": [2, 3, 5],
    "not age >= 18": [1],  # a missing age is neither
    "age != 18": [1, 3, 5],
    "score > 0": [1, 4, 5],  # -9 is a missing code
    "score is missing": [2, 3],
    "score is not missing": [1, 4, 5],
    "site = North": [1, 3],
    'site = "North"': [1, 3],
    "site = north": [1, 3],
    "site in {North, West}": [1, 3, 4],
    "site not in {North, West}": [2, 5],
    "age between 18 and 40": [2, 3],
    "age >= 18 and site = South": [2, 5],
    "site = West or site = North and age > 20": [3, 4],
    "(site = West or site = North) and age > 10": [1, 3],
    "day >= 2025-03-01": [3, 4],
    "code = 1": [1, 3, 5],
    "id = age": [],
    "id < age": [1, 2, 3, 5],
    "`site` != West": [1, 2, 3, 5],
}


@pytest.mark.parametrize("text", CONDITIONS)
def test_a_condition_means_these_cases(text: str, data: Dataset) -> None:
    mask = holds(parse_condition(text), data)
    assert [row + 1 for row in mask.nonzero()[0].tolist()] == CONDITIONS[text]


@pytest.mark.parametrize(
    ("text", "word", "says"),
    [
        ("agee >= 18", "agee", "Did you mean “age”?"),
        ("site = Nort", "Nort", "never has the value “Nort”. Did you mean “North”?"),
        ("site > North", "North", "holds words, which have no size"),
        ("age = old", "old", "is compared with a number; “old” is none"),
        ("day > 7", "7", "is compared with a date, written as 2025-03-31"),
        ("age = site", "site", "are of different kinds"),
    ],
)
def test_a_mistake_names_its_word(text: str, word: str, says: str, data: Dataset) -> None:
    with pytest.raises(Problem) as caught:
        holds(parse_condition(text), data)
    assert says in caught.value.message
    assert text[caught.value.at : caught.value.at + caught.value.length] == word
