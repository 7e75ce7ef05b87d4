"""Groups side by side and the differences between them: layout, columns, notes, words, JSON; and what hidden counts leave."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import head_rows, plain_text, print_table
from istrel.exhibits.table import TableSheet
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.stats.differences import means
from istrel.stats.grouping import arrange
from istrel.stats.moments import moments
from istrel.style.house import HouseStyle
from made import make_exhibit
from prints import notes, printed

Maker = Callable[..., Dataset]


def heads(exhibit: Exhibit, style: HouseStyle) -> list[list[str]]:
    assert isinstance(exhibit.sheet, TableSheet)
    return head_rows(print_table(exhibit.sheet, style, "1"))


@pytest.mark.parametrize(
    ("sentence", "beside"),
    [
        ("describe age, absences across format", False),
        ("describe age, absences across format with mean, sd", True),
        ("describe age, absences across site with mean, sd", False),
        ("describe age, absences across format with mean, sd, median, iqr", False),
        ("describe age across format with mean, sd", False),
        ("describe age across format with mean, sd, layout = columns", True),
        ("describe age, absences across format with mean, sd, layout = rows", False),
        ("describe age across format with difference", True),
        ("describe age across site with difference", False),
        ("describe age across site with test, layout = rows", False),
        ("describe age, site across format", True),
    ],
)
def test_groups_stand_side_by_side_where_they_fit(
    sentence: str, beside: bool, learners: Dataset, style: HouseStyle
) -> None:
    rows = heads(make_exhibit(sentence, learners), style)
    assert (len(rows) > 1 or rows[-1][0] == "Characteristic") == beside


def test_statistics_stand_under_their_groups_and_differences_at_the_end(learners: Dataset, style: HouseStyle) -> None:
    sentence = "describe age, practice_min across completed with mean, ci, total, difference, test"
    exhibit = make_exhibit(sentence, learners)
    rows = heads(exhibit, style)
    assert rows[0] == ["", *["No"] * 3, *["Yes"] * 3, *["Total"] * 3, "", ""]
    assert rows[-1] == ["Variable", *["M", "LL", "UL"] * 3, "g [95% CI]", "p"]
    assert [line.split(" | ")[0] for line in printed(exhibit, style)[-2:]] == ["Age, years", "Weekly practice, min"]
    plainly = make_exhibit("describe age, practice_min across completed with mean, ci, total, layout = rows", learners)
    wide = [cell for line in printed(exhibit, style)[-2:] for cell in line.split(" | ")[1:10]]
    tall = [
        cell for line in printed(plainly, style)[2:] for cell in line.split(" | ")[1:4] if any(map(str.isdigit, cell))
    ]
    assert wide == tall


@pytest.mark.parametrize(
    "clause", ["", "across format with", "across format, completed with total,", "across format × site with"]
)
@pytest.mark.parametrize("shown", ["mean", "n, mean, sd, ci", "median, q1, q3"])
def test_every_layout_holds_the_same_numbers(clause: str, shown: str, learners: Dataset, style: HouseStyle) -> None:
    found = []
    for layout in ("rows", "columns", "statistics", "variables"):
        sentence = f"describe age, practice_min {clause or 'with'} {shown}, layout = {layout}"
        sheet = make_exhibit(sentence, learners).sheet
        assert isinstance(sheet, TableSheet)
        assert len({(cell.row, cell.column) for cell in sheet.cells}) == len(list(sheet.cells))
        assert all(len(row.cells) in (0, sheet.n_columns - 1) for row in sheet.rows)
        assert all(sum(head.span for head in heads) == sheet.n_columns for heads in sheet.heads)
        found.append(
            sorted((cell.statistic, str(cell.value), cell.behind.words) for cell in sheet.cells if cell.behind)
        )
    assert found[0]
    assert all(numbers == found[0] for numbers in found)


def test_a_note_says_whose_it_is_where_it_cannot_stand_beside_it(learners: Dataset, style: HouseStyle) -> None:
    def remarks(layout: str) -> list[str]:
        made = make_exhibit(f"describe age, practice_min with mean, layout = {layout}", learners)
        return [plain_text(note.says, style) for note in made.margin]

    assert remarks("variables") == remarks("statistics")
    assert all(
        said.endswith(remark) and ": " in said
        for said, remark in zip(remarks("variables"), remarks("rows"), strict=True)
    )
    assert {said.split(":")[0] for said in remarks("variables")} == {"Age", "Weekly practice"}


@pytest.mark.parametrize("layout", ["statistics", "variables"])
def test_what_a_layout_has_no_place_for_is_said(layout: str, learners: Dataset) -> None:
    for sentence, words in (
        ("describe age across format with difference", "stands beside groups"),
        ("describe age, site across format with mean", "categories"),
    ):
        with pytest.raises(Problem, match=words):
            make_exhibit(f"{sentence}, layout = {layout}", learners)


def test_each_level_of_measurement_gets_its_measure_and_test(learners: Dataset, style: HouseStyle) -> None:
    two = make_exhibit(
        "describe age, satisfaction, completed, site across signers_home with difference, test", learners
    )
    three = make_exhibit("describe age, satisfaction, completed, site across format with difference, test", learners)
    found = [[(d.effect.measure, d.test.name) for d in e.result.differences] for e in (two, three)]
    assert found == [
        [
            ("g_average", "welch_t"),
            ("cliffs_delta", "mann_whitney"),
            ("risk_difference", "chi_square"),
            ("cramers_v", "simulated"),
        ],
        [
            ("omega_squared", "welch_f"),
            ("epsilon_squared", "kruskal_wallis"),
            ("cramers_v", "chi_square"),
            ("cramers_v", "simulated"),
        ],
    ]
    text = notes(three, style)
    assert "ᵃ Omega squared [90% CI]. ᵇ Welch’s F test." in text.replace("*", "")
    assert "Kruskal–Wallis test" in text
    assert "H(2) = " in plain_text(three.text, style)
    assert "if chance formed the groups" in plain_text(three.margin[-1].says, style)


def test_the_numbers_are_those_of_the_core_in_every_output(learners: Dataset, style: HouseStyle) -> None:
    exhibit = make_exhibit("describe age, practice_min across completed with difference, test, adjust = holm", learners)
    made: dict[str, Any] = json.loads(render(Document(numbered([exhibit]), style), "json"))
    numbers = learners.numbers("age")
    codes = learners.categories("completed").codes
    m = moments(arrange(numbers.values, codes.astype(np.int64), numbers.valid & (codes >= 0), 2))
    effect, test = means.measured_effect(m), means.welch(m)
    first = made["differences"][0]
    assert (first["value"], first["low"], first["high"]) == (effect.value, effect.low, effect.high)
    assert (first["statistic"], first["df"], first["p"]) == (test.statistic, list(test.df), test.p)
    assert first["between"] == [{"completed": 0}, {"completed": 1}]
    ps = [entry["p"] for entry in made["differences"]]
    assert sorted(entry["p_adjusted"] for entry in made["differences"]) == sorted(
        [min(1.0, 2 * min(ps)), min(1.0, max(*ps, 2 * min(ps)))]
    )
    assert "is adjusted over 2 tests (Holm, 1979)" in " ".join(made["notes"])


def test_hidden_counts_take_measures_and_tests_with_them(data_of: Maker, style: HouseStyle) -> None:
    lines = [f"{'ab'[k % 2]},{'xy'[k % 3 > 0]},{'uvw'[min(2, k % 20)]},{k % 17}" for k in range(80)]
    data = data_of("g,b,c,m\n" + "\n".join(lines) + "\n")
    exhibit = make_exhibit("describe m, b, c across g with difference, test, hide_below = 5", data)
    assert [isinstance(d.effect.value, float) for d in exhibit.result.differences] == [True, True, False]
    assert exhibit.result.differences[2].test.statistic.reason == "it would give hidden counts away"


def test_what_cannot_be_set_is_refused_at_its_word(learners: Dataset) -> None:
    sentence = "describe age, site across format with layout = rows"
    with pytest.raises(Problem) as told:
        make_exhibit(sentence, learners)
    assert sentence[told.value.at :].startswith("layout")
    with pytest.raises(Problem, match="belongs to a sentence with groups"):
        make_exhibit("describe age with difference", learners)


@pytest.mark.parametrize(
    ("groups", "asked"),
    [
        *((2, asked) for asked in ("difference", "difference, test", "difference, test = ranks")),
        *((3, asked) for asked in ("difference", "difference, test", "pairs", "pairs, test = ranks")),
    ],
)
@pytest.mark.parametrize("subjects", ["m", "b", "c", "m, n", "m, b, c"])
def test_a_head_names_what_stands_under_it(
    groups: int, subjects: str, asked: str, data_of: Maker, style: HouseStyle
) -> None:
    """A measure at the head is that of all numbers below it, those of pairs included; "[CI]" stands where one has an interval."""
    lines = [f"{'uvw'[k % groups]},{'xy'[k * k % 5 > 1]},{'pqr'[k % 7 % 3]},{k % 17},{k * k % 23}" for k in range(90)]
    data = data_of("g,b,c,m,n\n" + "\n".join(lines) + "\n")
    exhibit = make_exhibit(f"describe {subjects} across g with {asked}", data)
    found = [
        d for d in (*exhibit.result.differences, *exhibit.result.pairs) if d.effect is not None and d.effect.measure
    ]
    kinds = {(d.effect.measure, d.effect.level, isinstance(d.effect.low, float)) for d in found}
    said = [
        head for head in heads(exhibit, style)[-1][1:] if head.startswith(("Difference", "ω²", "ε²", "V", "g", "Δ"))
    ]
    (head,) = said
    assert (head in ("Difference", "Difference [CI]")) == (len(kinds) > 1)
    assert ("CI" in head) == any(has_interval for *_, has_interval in kinds)
    if pairs := [d for d in exhibit.result.pairs if isinstance(d.effect.low, float)]:
        assert f"[{100 * pairs[0].effect.level:g}% CI]" in notes(exhibit, style)
