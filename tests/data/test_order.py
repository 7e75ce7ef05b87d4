"""Sorting and finding rows for the cases drawer; the order of values that nobody has ordered."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import pytest

from istrel.data.codebook import ValueLabel
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.natural import in_natural_order
from istrel.data.order import find_rows, sorted_rows

TEXT = """name,score,day
bo,2.5,2025-03-01
Ann,,2025-01-15
cy,-1,
ann,2.5,2024-12-31
Édith,n/a,2025-01-16
"""


@pytest.fixture
def data(data_of: Callable[..., Dataset]) -> Dataset:
    return data_of(TEXT + "zed,7,2025-02-01\n" * 6)


def order(data: Dataset, by: tuple[str, bool], chosen: tuple[int, ...] | None = None) -> list[int]:
    rows = sorted_rows(data, chosen, by)
    assert rows is not None
    return (rows + 1).tolist()


def test_rows_sort_by_numbers_dates_and_words_missing_last(data: Dataset) -> None:
    first = (1, 2, 3, 4, 5)
    assert order(data, ("score", False), first) == [3, 1, 4, 2, 5]
    assert order(data, ("score", True), first) == [1, 4, 3, 2, 5]
    assert order(data, ("day", False), first) == [4, 2, 5, 1, 3]
    assert order(data, ("day", True), first) == [1, 5, 2, 4, 3]
    assert order(data, ("name", False), first)[:4] == [2, 4, 1, 3]
    assert len(order(data, ("score", False))) == 11


def test_without_a_variable_rows_stand_as_in_the_file(data: Dataset) -> None:
    assert sorted_rows(data, None, None) is None
    rows = sorted_rows(data, (4, 2), None)
    assert rows is not None
    assert rows.tolist() == [3, 1]


@pytest.mark.parametrize(
    ("text", "rows"),
    [
        ("ann", (2, 4)),
        ("2.5", (1, 4)),
        ("2,5", (1, 4)),
        ("−1", (3,)),
        ("n/a", (5,)),
        ("2025-01", (2, 5)),
        ("édith", (5,)),
        ("nobody", ()),
        ("9", (9,)),  # no cell holds a 9: the case of that number
        ("99", ()),
    ],
)
def test_rows_are_found_by_what_stands_in_them(text: str, rows: tuple[int, ...], data: Dataset) -> None:
    assert find_rows(data, text) == rows


@pytest.mark.parametrize(
    "values",
    [
        (-9.0, 0.0, 2.0, 10.0),
        (2.0, "a"),
        ("Mon", "Tue", "wed.", "Sun"),
        ("january", "March", "DECEMBER"),
        ("März", "Mai", "Oktober"),
        ("May", "Jun", "Sept"),
        ("Sa", "So"),
        ("Mon", "Fri"),
        ("lundi", "mardi", "dimanche"),
        ("Apricot", "mar", "May"),
        ("2-9 years", "10-19 years", "100 years"),
        ("School 2", "School 10", "School 10a"),
        ("", "a", "Ä", "b", "²"),
    ],
)
def test_values_that_nobody_has_ordered_stand_in_their_natural_order(values: tuple[float | str, ...]) -> None:
    assert in_natural_order(reversed(values)) == list(values)


@pytest.mark.parametrize(
    ("labelled", "wanted", "called"),
    [
        ((), (-9, 1, 2, 3), ["−9", "1", "2", "3"]),
        ((1, 3), (-9, 1, 2, 3), ["−9", "1 (no. 1)", "2", "3 (no. 3)"]),  # labels at some points only: numbers stay
        ((3, 1), (3, 2, 1, -9), ["3 (no. 3)", "2", "1 (no. 1)", "−9"]),
        ((2, 1, 3), (2, 1, 3, -9), ["no. 2", "no. 1", "no. 3", "−9"]),
        ((2,), (-9, 1, 2, 3), ["−9", "1", "no. 2", "3"]),
    ],
)
def test_on_a_scale_values_without_labels_stand_in_their_places(
    labelled: tuple[int, ...], wanted: tuple[int, ...], called: list[str], data_of: Callable[..., Dataset]
) -> None:
    data = data_of("x\n" + "3\n1\n2\n-9\n" * 3)
    labels = tuple(ValueLabel(float(value), f"no. {value}") for value in labelled)
    asked = replace(data.variable("x"), level=Level.ORDINAL, value_labels=labels)
    found = Dataset(data.table, data.codebook.with_variable(asked)).categories("x")
    assert found.values == wanted
    assert [label.replace("-", "−") for label in found.labels] == called
