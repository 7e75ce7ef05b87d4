"""Levels of measurement guessed from names and values; codes for "no answer" suspected."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.data.formula.evaluate import evaluate
from istrel.data.guess import suspected_codes
from istrel.data.levels import TAGS, Level
from istrel.data.naming import said_by_name
from istrel.data.screening import screen
from istrel.sentence.parse import parse_expression

RNG = np.random.default_rng(5)
COLUMNS = {
    "continuous": [f"{v:.2f}" for v in RNG.normal(0, 1, 60)],
    "count": [str(v) for v in RNG.poisson(2, 60)],
    "ordinal": [str(v) for v in RNG.integers(1, 6, 60)],
    "ordinal with codes": [str(v) for v in [*RNG.integers(1, 6, 57), -9, 99, 99]],
    "nominal": [str(v) for v in RNG.choice(["red", "green", "blue"], 60)],
    "binary": [str(v) for v in RNG.integers(0, 2, 60)],
    "binary words": [str(v) for v in RNG.choice(["yes", "no"], 60)],
    "identifier": [f"P{v:04d}" for v in range(60)],
    "case_id": [str(v) for v in range(500, 560)],
    "date": [f"2025-01-{1 + v % 28:02d}" for v in range(60)],
    "text": [f"a remark of its own, number {v}, at some length" for v in range(60)],
    "age": [str(v) for v in RNG.integers(18, 80, 60)],
}
WANTED = {
    "ordinal with codes": "ordinal",
    "binary words": "binary",
    "case_id": "identifier",
    "age": "continuous",
}


def test_every_level_is_guessed_from_typical_values(data_of: Callable[..., Dataset]) -> None:
    lines = [",".join(f'"{cells[row]}"' for cells in COLUMNS.values()) for row in range(60)]
    data = data_of(",".join(COLUMNS) + "\n" + "\n".join(lines) + "\n")
    for name in COLUMNS:
        assert data.variable(name).level.value == WANTED.get(name, name), name


ORDERED = {
    "agreement": "Strongly disagree|Disagree|Neutral|Agree|Strongly agree",
    "in German": "trifft gar nicht zu|trifft eher nicht zu|teils/teils|trifft eher zu|trifft voll zu",
    "in French": "jamais|rarement|parfois|souvent|toujours",
    "in Spanish": "muy insatisfecho|insatisfecho|satisfecho|muy satisfecho",
    "in Italian": "per niente|poco|abbastanza|molto",
    "in Portuguese": "discordo totalmente|discordo|concordo|concordo totalmente",
    "sizes": "S|M|L|XL",
    "severity": "none|mild|moderate|severe",
    "quality": "Fair|Good|Very Good|Premium|Ideal",
    "numbered": "1 - never|2 - now and then|3 - always",
    "education": "high school|some college|bachelor's degree|master's degree",
}
UNORDERED = (
    "red|green|blue",
    "9:05|10:10|11:15",
    "other|mother|father",
    "north|south|east",
    "1a|2b|3c",
    "agree|often|good",
)


@pytest.mark.parametrize("steps", [*ORDERED.values(), *UNORDERED])
def test_answers_of_usual_scales_stand_in_their_order(steps: str, data_of: Callable[..., Dataset]) -> None:
    words = steps.split("|")
    rows = RNG.permutation(np.resize(words, 12 * len(words)))
    data = data_of("x\n" + "\n".join(f'"{word}"' for word in rows) + "\n")
    ordinal = data.variable("x").level is Level.ORDINAL
    assert ordinal == (steps in ORDERED.values())
    if ordinal:
        assert data.categories("x").labels == tuple(words)


@pytest.mark.parametrize(
    ("name", "level"),
    [
        ("How satisfied were you with the course overall and its teachers?", Level.ORDINAL),
        ("Please rate the room", Level.ORDINAL),
        ("Wie zufrieden sind Sie mit der Praxis insgesamt?", Level.ORDINAL),
        ("In which country were you born?", Level.NOMINAL),
        ("Welche Schule besuchen Sie?", Level.NOMINAL),
        ("pain location", Level.NOMINAL),
        ("type_of_school", Level.NOMINAL),
    ],
)
def test_numbers_are_kinds_by_a_word_of_a_name_or_a_question_for_which(
    name: str, level: Level, data_of: Callable[..., Dataset]
) -> None:
    data = data_of(f"{name},x\n" + "".join(f"{k % 5 + 1},{k * 37 % 101}\n" for k in range(40)))
    assert data.variable(name).level is level


def test_items_of_a_battery_are_alike_and_count_by_their_places(data_of: Callable[..., Dataset]) -> None:
    rows = [
        "Q1,Q2,Q3,n1,n2,n3,race",
        "never,rarely,often,1,2,4,1",
        "rarely,often,often,5,2,1,2",
        "often,often,often,3,3,2,3",
    ]
    data = data_of("\n".join([rows[0], *(6 * rows[1:])]) + "\n")
    lines = [data.variable(name) for name in ("Q1", "Q2", "Q3")]
    assert {line.level for line in lines} == {Level.ORDINAL}
    assert {line.value_labels for line in lines} == {lines[0].value_labels}
    assert {data.variable(name).level for name in ("n1", "n2", "n3")} == {Level.ORDINAL}
    assert data.variable("race").level is Level.NOMINAL
    assert evaluate(parse_expression("mean(Q1, Q2, Q3)"), data).values[:3].tolist() == pytest.approx([2.0, 8 / 3, 3.0])


def test_the_demo_study_is_guessed_as_its_codebook_says(learners: Dataset) -> None:
    from istrel.data.guess import guess_codebook

    guessed = guess_codebook(learners.table)
    wrong = [v.name for v in guessed.variables if v.level is not learners.variable(v.name).level]
    assert set(wrong) <= {"comment"}


@pytest.mark.parametrize(
    ("values", "codes"),
    [
        ([1, 2, 3, 4, 5, -9, 99], (-9.0, 99.0)),
        ([34.5, 50.1, 61.0, -9.0], (-9.0,)),
        ([0, 1, 0, 1, -9], (-9.0,)),
        ([0, 1, 9], (9.0,)),
        ([7, 8, 9, 10, 11], ()),
        ([90, 95, 99, 101], ()),
        ([-10, -9, -8, -7], ()),
        ([99], ()),
        ([], ()),
        ([1, 2, 3, 4, 5, 6, 7, 8, 9], ()),
    ],
)
def test_codes_stand_far_from_all_other_values(values: list[float], codes: tuple[float, ...]) -> None:
    assert suspected_codes(np.array(values, float)) == codes


def test_every_level_has_a_tag_of_its_own() -> None:
    assert set(TAGS) == set(Level)
    assert len(set(TAGS.values())) == len(Level)


def test_a_column_without_any_value_is_text(data_of: Callable[..., Dataset]) -> None:
    data = data_of("a,b\n1,\n2,\n")
    assert data.variable("b").level is Level.TEXT
    assert data.categories("b").values == ()


NAMES = {
    "Flipper length (mm)": ("Flipper length", "mm"),
    "body_mass_g": ("Body mass", "g"),
    "Temp [°C]": ("Temp", "°C"),
    "dailyDose": ("Daily dose", ""),
    "BMI (kg/m²)": ("BMI", "kg/m²"),
    "HDL cholesterol (mmol/L)": ("HDL cholesterol", "mmol/L"),
    "price_in_USD": ("Price", "USD"),
    "HbA1c (%)": ("HbA1c", "%"),
    "Weight(kg)": ("Weight", "kg"),
    "Score (0-100)": ("", ""),
    "Clutch Completion": ("", ""),
    "age": ("", ""),
    "mot_01": ("", ""),
    "group_a": ("", ""),
    "(mm)": ("", ""),
    "_": ("", ""),
}


@pytest.mark.parametrize("name", NAMES)
def test_a_name_says_its_label_and_unit(name: str) -> None:
    assert said_by_name(name, number=True) == NAMES[name]
    assert said_by_name(name, number=False).unit == ""


@pytest.mark.parametrize(
    ("words", "order"),
    [
        ("ja nein", "nein ja"),
        ("TRUE FALSE", "FALSE TRUE"),
        ("oui non", "non oui"),
        ("yes NO n/a", "NO yes"),
        ("sí no", "no sí"),
    ],
)
def test_no_comes_before_yes_in_every_language(words: str, order: str, data_of: Callable[..., Dataset]) -> None:
    data = data_of("a,x\n" + "".join(f"{k}.5,{words.split()[k % len(words.split())]}\n" for k in range(12)))
    assert data.variable("x").level is Level.BINARY
    assert data.categories("x").labels == tuple(order.split())
    assert 12 - int(data.present("x").sum()) == (4 if "n/a" in words else 0)
    said = [finding.line for finding in screen(data) if "counts as missing" in finding.line]
    assert said == (["“n/a” stands 4 times in x and counts as missing."] if "n/a" in words else [])
