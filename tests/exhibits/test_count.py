"""`count` from sentence to sheet: frequencies, classes, combinations, hidden cells, cross-tables."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.behind import mask_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.text import cells_in
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.sentence.request import show
from istrel.style.house import HouseStyle
from made import make_exhibit
from prints import notes, plain, printed

Exhibits = Callable[[str, Dataset], Exhibit]
Maker = Callable[..., Dataset]
TEXT = """g,k,x
a,1,30
a,2,45
a,2,45.5
b,2,60
b,3,31
,3,44
b,,90
c,1,
"""


def results(exhibit: Exhibit, data: Dataset, style: HouseStyle) -> list[dict[str, Any]]:
    content = json.loads(render(Document(numbered([exhibit]), style), "json"))
    found: list[dict[str, Any]] = content["results"]
    return found


def test_a_frequency_table_counts_values_and_missing_cases(
    data_of: Maker, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    assert printed(exhibit_of("count g", data_of(TEXT)), style) == [
        "g | n | % | Valid %",
        "a | 3 | 37.5 | 42.9",
        "b | 3 | 37.5 | 42.9",
        "c | 1 | 12.5 | 14.3",
        "Missing: blank | 1 | 12.5 | ",
        "Total | 8 | 100.0 | ",
    ]


def test_percentages_get_a_rounding_note_only_when_they_need_one(data_of: Maker, exhibit_of: Exhibits) -> None:
    words = "Percentages may not add to 100 because of rounding."
    assert words in notes(exhibit_of("count g", data_of(TEXT)))
    assert words not in notes(exhibit_of("count g", data_of("g\na\nb\na\nb\n")))


def test_missing_cases_can_be_left_to_the_note(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("count g with missing = hide", data_of(TEXT))
    assert printed(exhibit, style)[0] == "g | n | %"
    assert "Missing: 1." in notes(exhibit)


def test_every_count_of_the_demo_study_is_right(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    data = learners
    for result in results(exhibit_of("count education, site, employment across format", data), data, style):
        (name,) = result["variables"]
        column, groups = data.table.column(name), data.table.column("format")
        rows = [r for r in range(data.n_rows) if groups.value_at(r) == result["groups"]["format"]]
        wanted = Counter(column.value_at(r) for r in rows)
        assert {level["values"][0]: level["count"] for level in result["levels"] if level["count"]} == wanted
        assert sum(level["valid_percent"] for level in result["levels"]) == pytest.approx(100)
        assert all(level["low"] <= level["valid_percent"] <= level["high"] for level in result["levels"])


def test_levels_stand_in_the_order_wanted(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    def order(setting: str) -> list[str]:
        return [
            level["values"][0]
            for level in results(exhibit_of(f"count employment{setting}", learners), learners, style)[0]["levels"]
        ]

    assert order("") == sorted(order(""), key=str.casefold)
    frequency = results(exhibit_of("count employment with order = frequency", learners), learners, style)[0]["levels"]
    assert [level["count"] for level in frequency] == sorted((level["count"] for level in frequency), reverse=True)
    (top,) = results(exhibit_of("count site with top = 3", learners), learners, style)
    assert [level["values"][0] for level in top["levels"]][-1] == "Other (5 values)"
    assert sum(level["count"] for level in top["levels"]) == 612


def test_ordered_levels_cumulate_and_nominal_ones_do_not(
    learners: Dataset, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    (education,) = results(exhibit_of("count education", learners), learners, style)
    assert education["levels"][-1]["cumulative_percent"] == pytest.approx(100)
    (site,) = results(exhibit_of("count site", learners), learners, style)
    assert site["levels"][0]["cumulative_percent"] is None


@pytest.mark.parametrize(
    ("setting", "first", "last", "counts"),
    [
        ("start = 30, width = 15", "30 ≤ x < 45", "75 ≤ x ≤ 90", [3, 2, 1, 1]),
        ("edges = {30, 45, 60}", "30 ≤ x < 45", "45 ≤ x ≤ 60", [3, 3]),
        ("edges = {30, 45, 60}, closed = right", "30 ≤ x ≤ 45", "45 < x ≤ 60", [4, 2]),
    ],
)
def test_class_intervals_say_which_limit_belongs_to_them(
    setting: str, first: str, last: str, counts: list[int], data_of: Maker, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    data = data_of(TEXT)
    exhibit = exhibit_of(f"count x with {setting}", data)
    (result,) = results(exhibit, data, style)
    assert [level["count"] for level in result["levels"]] == counts
    assert (result["levels"][0]["values"][0], result["levels"][-1]["values"][0]) == (first, last)
    assert {level["closed"] for level in result["levels"]} == {"right" if "right" in setting else "left"}
    outside = 7 - sum(counts)
    assert (f"{outside} value" in notes(exhibit)) == bool(outside)


@pytest.mark.parametrize(
    ("values", "settings", "stubs"),
    [
        ("1950 1987 2021", "width = 10, start = 1950", ["1950–1959", "1960–1969"]),
        ("1 5 9", "edges = {0, 5, 10}", ["0–4", "5–9"]),
        ("1 5 10", "edges = {0, 5, 10}", ["0–4", "5–10"]),
        ("1 5 10", "edges = {0, 5, 10}, closed = right", ["1–5", "6–10"]),
        ("-5 0 3", "edges = {-5, 0, 1, 5}", ["−5 to −1", "0", "1 to 4"]),
        ("1000 5000", "edges = {1000, 4000, 6000}", ["1,000–3,999", "4,000–5,999"]),
        ("1.5 2 4", "edges = {0, 2, 4}", ["0 ≤ x < 2", "2 ≤ x ≤ 4"]),
        ("1 2 4", "edges = {0.5, 2, 4}", ["1", "2–4"]),
    ],
)
def test_classes_print_as_papers_write_them(
    values: str, settings: str, stubs: list[str], data_of: Maker, style: HouseStyle
) -> None:
    exhibit = make_exhibit(f"count x with {settings}", data_of("x\n" + "\n".join(values.split()) + "\n"))
    assert [line.split(" | ")[0] for line in printed(exhibit, style)[1:]][: len(stubs)] == stubs


def test_combinations_are_counted_as_they_occur(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    data = data_of(TEXT)
    (result,) = results(exhibit_of("count g × k", data), data, style)
    assert [(level["values"], level["count"]) for level in result["levels"]] == [
        (["a", 1], 1),
        (["a", 2], 2),
        (["b", 2], 1),
        (["b", 3], 1),
        (["c", 1], 1),
    ]
    assert (result["n"], result["missing"]) == (6, 2)


def test_a_cross_table_has_margins_percentages_and_tests(
    data_of: Maker, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    data = data_of("a,b\n" + "x,u\n" * 10 + "x,v\n" * 20 + "y,u\n" * 30 + "y,v\n" * 5 + ",u\n")
    exhibit = exhibit_of("count a against b with percent = row", data)
    assert printed(exhibit, style) == [
        " | b | b | ",
        "a | u | v | Total",
        "x | 10 (33.3) | 20 (66.7) | 30 (100.0)",
        "y | 30 (85.7) | 5 (14.3) | 35 (100.0)",
        "Total | 40 (61.5) | 25 (38.5) | 65 (100.0)",
    ]
    (result,) = results(exhibit, data, style)
    assert result["counts"] == [[10, 20], [30, 5]]
    assert result["expected"][0][0] == pytest.approx(30 * 40 / 65)
    assert result["tests"]["chi_square"]["statistic"] == pytest.approx(
        65 * (10 * 5 - 20 * 30) ** 2 / (30 * 35 * 40 * 25)
    )
    assert result["association"]["phi"] == pytest.approx(-((result["tests"]["chi_square"]["statistic"] / 65) ** 0.5))
    assert result["missing"] == 1
    text = notes(exhibit)
    for words in (
        "χ²(1, N = 65) = 18.73, p < .001",
        "Percentages are of the row.",
        "1 case without both values",
    ):
        assert words in text
    assert "Fisher" not in text, "one test decides, and only it is printed"


def test_thin_cross_tables_are_warned_about(data_of: Maker, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("count a against b", data_of("a,b\nx,u\nx,v\ny,u\ny,v\nx,u\n"))
    assert "100% of expected counts are below 5." in notes(exhibit)
    assert "chi-square is rough" in plain(exhibit.margin[0].says)


def test_small_counts_are_hidden_on_paper_and_in_the_file(
    learners: Dataset, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    exhibit = exhibit_of("count site against format with hide_below = 5", learners)
    (result,) = results(exhibit, learners, style)
    shown = [count for row in result["counts"] for count in row if count is not None]
    assert all(count == 0 or count >= 5 for count in shown)
    assert result["counts"][0].count(None) >= 2
    assert "–" in " ".join(printed(exhibit, style))
    assert "A dash (–) hides counts from 1 to 4" in notes(exhibit)


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("count site as histogram", "“count” cannot be set as “histogram”"),
        ("count site × format against completed", "A combination (×) is counted by itself"),
        ("count nowhere", "There is no variable “nowhere”."),
    ],
)
def test_what_counting_cannot_do_is_told(sentence: str, says: str, learners: Dataset, exhibit_of: Exhibits) -> None:
    with pytest.raises(Problem) as caught:
        exhibit_of(sentence, learners)
    assert says in caught.value.message


def test_ten_thousand_values_are_counted(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    data = data_of("word\n" + "".join(f"w{i:05d}\n" * (1 + i % 2) for i in range(10_000)))
    (result,) = results(exhibit_of("count word with top = 5", data), data, style)
    assert [level["count"] for level in result["levels"]] == [2, 2, 2, 2, 2, 14_990]


def test_measured_variables_are_crossed_in_classes(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("count age against practice_min with width = 25", learners)
    (cell,) = exhibit.result.cells
    ages, minutes = learners.numbers("age"), learners.numbers("practice_min")
    both = ages.valid & minutes.valid
    for i, (low, high, closed) in enumerate(cell.row_limits):
        inside = both & (ages.values >= low) & ((ages.values <= high) if closed == "both" else (ages.values < high))
        for j, (left, right, ends) in enumerate(cell.column_limits):
            these = inside & (minutes.values >= left)
            these &= (minutes.values <= right) if ends == "both" else (minutes.values < right)
            assert cell.counts[i, j] == these.sum()
            found = cells_in(exhibit.sheet.rows[i].cells[j])
            behind = next(found).behind
            assert behind is not None
            assert (mask_of(behind, learners) == these).all()
    assert cell.counts.sum() == both.sum()
    usual = exhibit_of("count age against format", learners)
    (note,) = [note for note in usual.margin if note.remedies]
    single = exhibit_of(show(note.remedies[0].request), learners)
    assert len(single.result.cells[0].row_values) == np.unique(ages.values[ages.valid]).size > 30
    assert usual.result.cells[0].row_limits


def test_classes_too_fine_for_a_page_are_refused_before_the_work(learners: Dataset, exhibit_of: Exhibits) -> None:
    with pytest.raises(Problem, match=r"This makes a table of [0-9,]+ cells"):
        exhibit_of("count receptive_post against receptive_pre across mot_06 × mot_09 with width = 0.3", learners)
