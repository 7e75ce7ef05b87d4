"""The codebook: missing codes, value labels, its CSV form, and the data seen through it."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable, parse_missing
from istrel.data.dataset import Dataset
from istrel.data.facts import file_facts, variable_facts
from istrel.data.levels import Level
from istrel.problem import Problem
from istrel.study.codebooks.own import show_missing, write_codebook
from istrel.study.codebooks.reading import read_codebook
from istrel.study.codebooks.value_words import parse_values
from istrel.study.opening import Opening

Maker = Callable[..., Dataset]


@pytest.mark.parametrize(
    ("text", "codes"),
    [
        ("-9", (MissingCode(-9.0),)),
        ("−9 refused, 99", (MissingCode(-9.0, "refused"), MissingCode(99.0))),
        ('"no answer" nobody home, n/a', (MissingCode("no answer", "nobody home"), MissingCode("n/a"))),
        ("", ()),
        ("9, 9 again", (MissingCode(9.0, "again"),)),
    ],
)
def test_missing_codes_are_typed_as_they_are_shown(text: str, codes: tuple[MissingCode, ...]) -> None:
    assert parse_missing(text) == codes
    assert parse_missing(show_missing(codes)) == codes


def test_a_codebook_survives_its_csv_form() -> None:
    book = Codebook(
        (
            Variable(
                "a", Level.ORDINAL, "Label, with comma", "km/h", 1, (ValueLabel(1.0, "low"), ValueLabel(2.0, "high"))
            ),
            Variable("b", Level.TEXT, missing_codes=(MissingCode("no answer", "refused"), MissingCode(-9.0))),
        )
    )
    blank = Codebook((Variable("a", Level.TEXT), Variable("b", Level.TEXT)))
    assert read_codebook(write_codebook(book), "book.csv", blank) == book


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("label\nx\n", "book.csv, line 1: a codebook needs a column “name”"),
        ("name,level\na,ordnal\n", "book.csv, line 2: “ordnal” is no level of measurement. Did you mean “ordinal”?"),
        ("name,level\na,ordinal\nz,text\n", "book.csv, line 3: There is no variable “z”."),
        ("name,decimals\na,two\n", "book.csv, line 2: decimals are a whole number"),
        ("name,values\na,low\n", "book.csv, line 2: value labels are written"),
    ],
)
def test_a_malformed_codebook_is_refused_with_its_line(text: str, says: str) -> None:
    with pytest.raises(Problem) as caught:
        read_codebook(text, "book.csv", Codebook((Variable("a", Level.TEXT),)))
    assert caught.value.message.startswith(says)


def test_any_value_label_survives_its_csv_form() -> None:
    awkward = ("a | b", "x = y", 'say "so"', " ends ", "", "=1+1", "-x", "2024-01-01", "3", "nan", "|", '"')
    labels = tuple(ValueLabel(value, label) for value, label in zip(awkward, reversed(awkward), strict=True))
    book = Codebook(
        (
            Variable(
                "=a",
                Level.NOMINAL,
                label="+b",
                unit="@c",
                value_labels=(*labels, ValueLabel(3.0, "=")),
            ),
        )
    )
    text = write_codebook(book)
    assert read_codebook(text, "b.csv", Codebook((Variable("=a", Level.TEXT),))) == book
    assert "\n=" not in text


def test_a_formula_does_not_take_the_place_of_a_variable() -> None:
    with pytest.raises(Problem, match=r"b.csv, line 2: “a” is a variable of the data"):
        read_codebook(
            "name,formula\na,b + 1\n", "b.csv", Codebook((Variable("a", Level.COUNT), Variable("b", Level.COUNT)))
        )


def test_missing_codes_are_set_aside_with_their_reasons(data_of: Maker) -> None:
    rows = ["1", "2", "-9", "", "n/a", "3", "inf", *["4"] * 13]
    data = data_of(
        "x,y\n" + "".join(f"{v},1\n" for v in rows), Opening(missing=parse_missing("-9 refused, n/a unknown"))
    )
    numbers = data.numbers("x")
    assert numbers.valid.sum() == 16
    counts = {reason.name: int(mask.sum()) for reason, mask in numbers.missing.reasons.items()}
    assert counts == {"refused": 1, "unknown": 1, "blank": 1, "infinite": 1}


def test_categories_follow_the_codebook_then_their_natural_order(data_of: Maker) -> None:
    data = data_of("x,n\nmild,3\nnone,1\nsevere,2\nmild,10\n")
    assert data.categories("x").values == ("none", "mild", "severe")
    assert data.categories("n").values == (1.0, 2.0, 3.0, 10.0)
    line = Variable("x", Level.ORDINAL, value_labels=parse_values("none = None | mild = Mild | moderate = Moderate"))
    ordered = Dataset(data.table, data.codebook.with_variable(line)).categories("x")
    assert ordered.values == ("none", "mild", "moderate", "severe")
    assert ordered.labels == ("None", "Mild", "Moderate", "severe")
    assert ordered.codes.tolist() == [1, 0, 3, 1]


def test_facts_of_the_demo_study(learners: Dataset) -> None:
    whole = file_facts(learners)
    assert (whole.rows, whole.columns) == (612, 39)
    age = variable_facts(learners, "age")
    assert (age.valid, age.missing, age.maximum) == (612, 0, 199.0)
    assert max(age.shape) == 1.0
    assert variable_facts(learners, "comment").glance == "6 distinct"
    assert variable_facts(learners, "enrolled").glance == "2025-01-12 to 2052-03-14"
    site = variable_facts(learners, "site")
    assert site.most_frequent[0][0] == "Harbour"
    assert site.distinct == 8
