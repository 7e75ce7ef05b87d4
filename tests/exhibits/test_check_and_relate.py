"""`check` and `relate` from sentence to sheet: tests with their reading, matrices in journal form, mixed levels."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest
from scipy import stats as oracle

from istrel.data import limits
from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit
from istrel.exhibits.text import say
from istrel.exhibits.verbs.check import reading
from istrel.exhibits.verbs.check.reading import read_shape
from istrel.exhibits.verbs.check.result import Tested
from istrel.exhibits.verbs.relate.notes import stars
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.sentence.vocabulary import TESTS
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from made import make_exhibit
from prints import notes, plain, printed

Exhibits = Callable[[str, Dataset], Exhibit]
Maker = Callable[..., Dataset]
Content = Callable[[str, Dataset], dict[str, Any]]


@pytest.fixture
def content_of(exhibit_of: Exhibits, style: HouseStyle) -> Content:
    def make(sentence: str, data: Dataset) -> dict[str, Any]:
        document = Document(numbered([exhibit_of(sentence, data)]), style)
        content: dict[str, Any] = json.loads(render(document, "json"))
        return content

    return make


def test_check_gives_every_test_for_every_group(learners: Dataset, content_of: Content) -> None:
    found = content_of("check reaction_ms, spelling_speed across format", learners)["results"]
    assert len(found) == 2 * 3 + 3
    column = learners.table.column("format")
    for result in found[:6]:
        numbers = learners.numbers(result["variable"])
        code = column.words.index(result["groups"]["format"])
        values = numbers.values[numbers.valid & (column.values == code)]
        w = oracle.shapiro(values)
        assert result["n"] == values.size
        assert result["tests"]["shapiro_wilk"]["statistic"] == pytest.approx(w.statistic, rel=1e-7)
        assert result["tests"]["shapiro_wilk"]["p"] == pytest.approx(w.pvalue, rel=1e-4)
        assert result["tests"]["dagostino_pearson"]["p"] == pytest.approx(oracle.normaltest(values).pvalue, rel=1e-6)
        assert result["undefined"] == {"jarque_bera": "fewer than 2,000 values"}
        assert result["reading"].endswith("normality")


def test_check_of_a_set_names_remote_cases(learners: Dataset, content_of: Content) -> None:
    found = content_of("check age, reaction_ms", learners)["results"][-1]
    assert found["variables"] == ["age", "reaction_ms"]
    assert 318 in found["remote_cases"]  # the planted age of 199
    assert set(found["tests"]) == {"mardia_skewness", "mardia_kurtosis", "henze_zirkler"}


def test_a_variable_and_its_copy_make_a_singular_set(
    learners: Dataset, exhibit_of: Exhibits, content_of: Content
) -> None:
    sentence = "check fee_paid, fee_tenths"
    assert "fee_tenths follows from the others" in notes(exhibit_of(sentence, learners))
    found = content_of(sentence, learners)["results"][-1]
    assert found["tests"]["henze_zirkler"] == {"statistic": None, "p": None}


def test_check_on_paper(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("check spelling_speed", learners)
    lines = printed(exhibit, style)
    assert (
        lines[0]
        == " |  | Shapiro–Wilk | Shapiro–Wilk | Anderson–Darling | Anderson–Darling | Lilliefors | Lilliefors |  |  | "
    )
    assert lines[2].startswith("Fingerspelling speed | 606 | 0.997 | .433 |")
    assert lines[2].endswith("consistent")
    assert plain(exhibit.text).startswith(
        "Fingerspelling speed showed a shape consistent with normality (roughly symmetric, mesokurtic), W = 0.997, p = .433."
    )
    assert any("so many cases" in plain(note.says) for note in exhibit.margin)


def test_humps_are_seen_and_said(data_of: Maker, exhibit_of: Exhibits, content_of: Content) -> None:
    rng = np.random.default_rng(2)
    values = np.concatenate([rng.normal(10, 1, 150), rng.normal(20, 1, 100)]).round(2)
    data = data_of("x\n" + "\n".join(map(str, values)) + "\n")
    (result,) = content_of("check x", data)["results"]
    assert result["humps"] == pytest.approx([10, 20], abs=0.6)
    assert any(plain(note.says).startswith("2 humps, at") for note in exhibit_of("check x", data).margin)


@pytest.mark.parametrize(
    ("p", "skewness", "kurtosis", "reading"),
    [
        (0.4, 0.2, -0.3, "consistent"),
        (0.4, 1.4, 0.0, "consistent"),
        (0.01, 0.5, 0.9, "mild"),
        (0.01, 0.5, 1.8, "clear"),
        (0.0, -2.0, 9.0, "clear"),
    ],
)
def test_the_reading_weighs_test_and_shape(p: float, skewness: float, kurtosis: float, reading: str) -> None:
    tests = {"shapiro_wilk": Tested(0.9, p, p), "anderson_darling": Tested(1.0, 0.5, 0.5)}
    assert read_shape(50, tests, skewness, kurtosis) == reading
    assert read_shape(5, tests, skewness, kurtosis) == reading.replace("clear", "mild").replace("consistent", "open")
    none = Undefined("no_values")
    without = {"shapiro_wilk": Tested(0.9, none, none), "anderson_darling": Tested(1.0, p, p)}
    assert read_shape(50, without, skewness, kurtosis) == reading


def test_p_values_are_adjusted_on_request(learners: Dataset, content_of: Content) -> None:
    found = content_of("check receptive_pre, spelling_speed, distance_km with adjust = holm", learners)["results"][:3]
    p = sorted(r["tests"]["shapiro_wilk"]["p"] for r in found)
    adjusted = sorted(r["tests"]["shapiro_wilk"]["p_adjusted"] for r in found)
    assert adjusted[0] == pytest.approx(min(1, 3 * p[0]))
    assert adjusted[-1] >= p[-1]


def test_a_quantile_plot_has_its_line_and_band(learners: Dataset, content_of: Content) -> None:
    drawing = content_of("check spelling_speed as quantile plot", learners)["drawing"]
    numbers = learners.numbers("spelling_speed")
    assert drawing["y"] == sorted(numbers.values[numbers.valid].tolist())
    assert drawing["x"][0] == pytest.approx(oracle.norm.ppf((1 - 0.375) / 606.25))
    middle = np.array(drawing["mean"]) + drawing["sd"] * np.array(drawing["x"])
    assert (np.array(drawing["low"]) < middle).all()
    assert (np.array(drawing["high"]) > middle).all()


def test_a_correlation_matrix_in_journal_form(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    rng = np.random.default_rng(3)
    x = rng.normal(50, 10, 80)
    y = 0.9 * x + rng.normal(0, 5, 80)
    z = rng.normal(0, 1, 80)
    rows = "".join(f"{a:.3f},{b:.3f},{c:.3f}\n" for a, b, c in zip(x, y, z, strict=True))
    exhibit = exhibit_of("relate x, y, z", data_of("x,y,z\n" + rows + "1.5,,2.5\n"))
    lines = printed(exhibit, style)
    assert lines[0] == "Variable | n | M | SD | 1 | 2 | 3"
    assert lines[1].startswith("1. x | 81 |")
    assert lines[1].endswith(" | — |  | ")
    assert lines[2].split(" | ")[4:] == [f".{round(100 * np.corrcoef(x.round(3), y.round(3))[0, 1]):.0f}***", "—", ""]
    text = notes(exhibit)
    assert "Pairwise deletion, n from 80 to 81." in text
    assert text.endswith("***p < .001.")


def test_every_pair_of_the_demo_study_is_right(learners: Dataset, content_of: Content) -> None:
    for method, other in (("pearson", oracle.pearsonr), ("spearman", oracle.spearmanr), ("kendall", oracle.kendalltau)):
        (result,) = content_of(f"relate age, practice_min, absences, receptive_post with method = {method}", learners)[
            "results"
        ]
        assert result["deletion"] == "pairwise"
        assert len(result["pairs"]) == 6
        for pair in result["pairs"]:
            first, second = learners.numbers(pair["a"]), learners.numbers(pair["b"])
            both = first.valid & second.valid
            wanted = other(first.values[both], second.values[both])
            assert (pair["method"], pair["n"]) == (method, both.sum())
            assert pair["coefficient"] == pytest.approx(wanted.statistic, rel=1e-9)
            assert pair["p"] == pytest.approx(wanted.pvalue, rel=1e-6, abs=1e-12)
            assert pair["low"] < pair["coefficient"] < pair["high"]


def test_listwise_deletion_uses_the_same_cases_for_all(learners: Dataset, content_of: Content) -> None:
    names = ("practice_min", "receptive_pre", "receptive_post")
    (result,) = content_of(f"relate {', '.join(names)} with deletion = listwise", learners)["results"]
    complete = np.logical_and.reduce([learners.numbers(name).valid for name in names])
    assert {pair["n"] for pair in result["pairs"]} == {complete.sum()} == {result["n"]}
    assert result["missing"] == 612 - complete.sum()


def test_each_pair_gets_the_coefficient_that_fits(learners: Dataset, content_of: Content) -> None:
    (result,) = content_of("relate age, confidence, site, completed, employment", learners)["results"]
    methods = {frozenset((pair["a"], pair["b"])): pair["method"] for pair in result["pairs"]}
    assert methods[frozenset(("age", "confidence"))] == "spearman"
    assert methods[frozenset(("age", "site"))] == "eta"
    assert methods[frozenset(("age", "completed"))] == "pearson"
    assert methods[frozenset(("site", "completed"))] == "cramers_v"
    assert methods[frozenset(("site", "employment"))] == "cramers_v"


def test_eta_carries_the_p_of_the_analysis_of_variance(learners: Dataset, content_of: Content) -> None:
    pair = content_of("relate receptive_post, format", learners)["results"][0]["pairs"][0]
    numbers, column = learners.numbers("receptive_post"), learners.table.column("format")
    groups = [numbers.values[numbers.valid & (column.values == code)] for code in range(3)]
    assert pair["method"] == "eta"
    assert pair["p"] == pytest.approx(oracle.f_oneway(*groups).pvalue, rel=1e-9)


def test_a_ranked_list_begins_with_the_strongest(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("relate all measured against receptive_pre with adjust = bh", learners)
    lines = printed(exhibit, style)
    assert lines[0] == "Variable | n | r | 95% CI | p"
    assert lines[1].startswith("Final receptive score | 595 |")
    sizes = [abs(float(line.split(" | ")[2].replace("−", "-"))) for line in lines[1:]]
    assert sizes == sorted(sizes, reverse=True)
    assert "p adjusted for 10 pairs (Benjamini & Hochberg, 1995)." in notes(exhibit)


def test_a_constant_and_a_copy_are_told(data_of: Maker, exhibit_of: Exhibits, content_of: Content) -> None:
    data = data_of("x,y,c\n" + "".join(f"{v}.5,{10 * v + 5},7.25\n" for v in range(30)))
    (result,) = content_of("relate x, y, c with method = pearson", data)["results"]
    by_pair = {(pair["a"], pair["b"]): pair for pair in result["pairs"]}
    assert by_pair["x", "y"]["coefficient"] == 1.0
    assert by_pair["x", "c"]["coefficient"] is None
    assert by_pair["x", "c"]["undefined"] == "c constant"
    exhibit = exhibit_of("relate x, y, c with method = pearson", data)
    assert "A dash stands where a value is not defined: c constant." in notes(exhibit)
    assert any(plain(note.says) == "x and y say the same thing" for note in exhibit.margin)


@pytest.mark.parametrize(
    ("p", "mark"), [(0.0009, "***"), (0.009, "**"), (0.049, "*"), (0.05, ""), (Undefined("no_values"), "")]
)
def test_stars_follow_their_limits(p: float | Undefined, mark: str) -> None:
    assert stars(p) == mark


def test_groups_get_matrices_of_their_own(learners: Dataset, content_of: Content) -> None:
    found = content_of("relate age, absences across format with total = yes", learners)["results"]
    assert [result["groups"].get("format") for result in found] == [
        "Weekly evening",
        "Weekend intensive",
        "Guided self-study",
        None,
    ]
    assert sum(result["n"] for result in found[:3]) == found[3]["n"] == 612


def test_a_scatter_is_counted_in_a_plane(learners: Dataset, content_of: Content) -> None:
    drawing = content_of("relate receptive_pre, receptive_post as scatter with bins = 12", learners)["drawing"]
    assert (len(drawing["x_edges"]), len(drawing["counts"])) == (13, 12)
    assert sum(map(sum, drawing["counts"])) == 595


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("check site", "“site” holds no numbers"),
        ("check age as boxes", "it can as table or quantile plot"),
        ("relate age", "Relate needs two variables or more"),
        ("relate age, site with method = pearson", "use method = fitting"),
        ("relate age, comment", "“comment” is text"),
        ("relate age, site as scatter", "holds no numbers, so it has no place in a scatter"),
    ],
)
def test_what_cannot_be_done_is_told(sentence: str, says: str, learners: Dataset, exhibit_of: Exhibits) -> None:
    with pytest.raises(Problem) as caught:
        exhibit_of(sentence, learners)
    assert says in caught.value.message


@pytest.mark.parametrize("form", ["density", "cumulative", "boxes"])
def test_figures_of_describe_have_their_numbers(form: str, learners: Dataset, content_of: Content) -> None:
    content = content_of(f"describe reaction_ms across format as {form}", learners)
    assert len(content["drawing"]) == 3
    for result, drawing in zip(content["results"], content["drawing"], strict=True):
        assert result["drawing"] == drawing
        statistics = result["statistics"]
        if form == "density":
            area = np.trapezoid(drawing["y"], drawing["x"])
            assert area == pytest.approx(1, abs=2e-3)
            assert drawing["bandwidth"] > 0
        elif form == "cumulative":
            assert drawing["y"][-1] == 100
            assert drawing["x"][0] == statistics["min"]
        else:
            assert (drawing["q1"], drawing["median"], drawing["q3"]) == (
                statistics["q1"],
                statistics["median"],
                statistics["q3"],
            )
            assert drawing["outside"] == statistics["outliers"]
            assert drawing["whisker_high"] <= drawing["q3"] + 1.5 * statistics["iqr"]


def test_a_thousand_groups_are_described_checked_and_counted(data_of: Maker, content_of: Content) -> None:
    rng = np.random.default_rng(4)
    codes, values = rng.integers(0, 1000, 6000), rng.lognormal(0, 1, 6000)
    data = data_of("g,x\n" + "".join(f"g{c:04d},{v:.4f}\n" for c, v in zip(codes, values, strict=True)))
    x = data.numbers("x").values
    described = {r["groups"]["g"]: r for r in content_of("describe x across g", data)["results"]}
    assert len(described) == np.unique(codes).size
    for name in ("g0003", "g0500", "g0999"):
        mine = x[codes == int(name[1:])]
        assert described[name]["statistics"]["mean"] == pytest.approx(mine.mean(), rel=1e-13)
        assert described[name]["statistics"]["median"] == np.median(mine)
    assert len(content_of("check x across g", data)["results"]) == len(described)


@pytest.mark.parametrize(
    ("sentence", "methods", "told"),
    [
        ("relate age, practice_min, absences as grid", "that each pair has in common", True),
        ("relate age, practice_min, absences as grid with deletion = listwise", "complete in all variables", True),
        ("relate age, practice_min, satisfaction as grid", "Pearson", False),  # its text would be of other coefficients
    ],
)
def test_a_grid_says_what_its_coefficients_are(sentence: str, methods: str, told: bool, learners: Dataset) -> None:
    exhibit = make_exhibit(sentence, learners)
    assert methods in plain(exhibit.methods)
    assert plain(exhibit.methods).count("Pearson") == 1
    assert told or not exhibit.text


@pytest.mark.parametrize("adjust", ["", ", adjust = holm"])
@pytest.mark.parametrize("test", ["shapiro_wilk", "anderson_darling", "lilliefors", "dagostino_pearson"])
def test_reading_and_words_go_by_the_test_that_is_shown(
    test: str, adjust: str, data_of: Callable[..., Dataset]
) -> None:
    """Values on which the tests disagree: flat at the sides, a few far out."""
    rng = np.random.default_rng(3)
    values = np.concatenate([rng.normal(0, 1, 40), [3.1, -3.0]]), rng.uniform(-1, 1, 42)
    data = data_of("x,y\n" + "".join(f"{a:.4f},{b:.4f}\n" for a, b in zip(*values, strict=True)))
    exhibit = make_exhibit(f"check x, y with tests = {{{test}}}{adjust}", data)
    told = plain(exhibit.text)
    for cell in exhibit.result.cells[:2]:
        p = cell.tests[test].p_adjusted
        assert (cell.reading == "consistent") == (round(p, 3) >= 0.05), cell.variable
    assert told.count(f"{plain(say(TESTS[test].symbol))} = ") == 2


def test_few_and_many_cases_are_said_from_their_limits_on() -> None:
    few, many = limits.FEW_FOR_TESTS, limits.MANY_FOR_TESTS
    said = [reading.remark(n) != "" for n in (few - 1, few, many, many + 1)]
    assert said == [True, False, False, True]
