"""Small counts stay hidden: attacks on what is printed, by programs in whole numbers and by trying every table."""

from __future__ import annotations

import json
import os
import re
from collections import Counter
from collections.abc import Callable
from itertools import product
from typing import Any

import numpy as np
import pytest

from depth import DEEP
from enumeration import BELOW, assert_safe
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.text import phrases_in
from istrel.exhibits.verbs.frequency_words import has_hidden
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.render.sheets import sheets_of
from istrel.stats.disclosure import COMPANION, SHOWN, SMALL
from istrel.style.house import HouseStyle
from istrel.style.phrases import phrases_in as phrases_of
from made import make_exhibit

SEED = int(os.environ.get("ISTREL_SEED", "11"))
TABLES = int(os.environ.get("ISTREL_TABLES", "3"))
Maker = Callable[..., Dataset]


@pytest.mark.parametrize(("fewest", "hidden"), [(6, False), (3, True)])
def test_a_table_too_large_to_prove_hides_all_or_nothing(
    fewest: int, hidden: bool, data_of: Maker, style: HouseStyle
) -> None:
    pairs = [f"a{i},b{j}\n" for i in range(60) for j in range(60) for _ in range(6)]
    data = data_of("a,b\n" + "".join(pairs[6 - fewest :]))
    made = content("count a against b with hide_below = 5", data, style)
    counts = [count for cell in made["results"] for row in cell["counts"] for count in row]
    assert len(counts) == 3600
    assert {count is None for count in counts} == {hidden}


def content(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    document = Document(numbered([make_exhibit(sentence, data)]), style)
    for ending in ("docx", "html", "csv", "md"):
        assert render(document, ending)
    made: dict[str, Any] = json.loads(render(document, "json"))
    return made


def random_file(rng: np.random.Generator) -> str:
    size = int(rng.integers(12, 70))
    v = rng.choice(["A", "B", "C", "", "-9"], size, p=[0.5, 0.25, 0.12, 0.08, 0.05])
    g = rng.choice(["p", "q", "r", ""], size, p=[0.55, 0.3, 0.1, 0.05])
    b = rng.choice(["x", "y", ""], size, p=[0.7, 0.25, 0.05])
    m = rng.choice(["1.5", "2.5", "7", "9", ""], size)
    return "v,g,b,m\n" + "".join(",".join(row) + "\n" for row in zip(v, g, b, m, strict=True))


GROUPS = ("p", "q", "r", None)


def counts_of(results: list[dict[str, Any]]) -> list[tuple[str, set[Any], set[Any], Any]]:
    """(what, its parts, its groups, the count or None) of a frequency table in JSON."""
    found = []
    for result in results:
        groups = {result["groups"]["g"]} if result["groups"] else set(GROUPS)
        levels = {level["values"][0] for level in result["levels"]}
        reasons = set(result["missing_reasons"])
        found += [("level", {level["values"][0]}, groups, level["count"]) for level in result["levels"]]
        found += [("reason", {name}, groups, count) for name, count in result["missing_reasons"].items()]
        found += [("n", levels, groups, result["n"]), ("missing", reasons, groups, result["missing"])]
        for level in result["levels"]:
            if level["valid_percent"]:  # a percentage and its count give the base away
                assert (level["count"], result["n"]) != (None, None)
                assert level["count"] is not None
    return found


@pytest.mark.parametrize("place", range(TABLES))
def test_nothing_printed_narrows_a_hidden_count(place: int, data_of: Maker, style: HouseStyle) -> None:
    """The attack reads the JSON alone: levels, missing reasons, n and totals over groups as equations."""
    rng = np.random.default_rng([SEED, 99, place])
    data = data_of(random_file(rng))
    made = content("count v across g with hide_below = 5, total = yes", data, style)
    parts: list[Any] = sorted({p for _, ps, _, _ in counts_of(made["results"]) for p in ps})
    atoms = {atom: k for k, atom in enumerate(product(parts, GROUPS))}
    printed = counts_of(made["results"])
    members = np.array([[float(p in ps and g in gs) for p, g in atoms] for _, ps, gs, _ in printed])
    values = np.array([-1 if count is None else count for *_, count in printed])
    table = data.table
    real = dict.fromkeys(atoms, 0)
    for row in range(data.n_rows):
        value, group = table.column("v").text_at(row) or "blank", table.column("g").text_at(row) or None
        real[value, group] += 1
    true = members @ np.array([real[atom] for atom in atoms])
    assert all(count in (-1, wanted) for count, wanted in zip(values, true, strict=True))
    found = np.where(values >= 0, SHOWN, np.where((true > 0) & (true < BELOW), SMALL, COMPANION))
    assert ((true > 0) & (true < BELOW) <= (values < 0)).all()
    assert_safe(members, true, found)


@pytest.mark.parametrize("place", range(TABLES))
def test_no_cross_table_of_groups_narrows_a_hidden_count(place: int, data_of: Maker, style: HouseStyle) -> None:
    data = data_of(random_file(np.random.default_rng([SEED, 5, place])))
    made = content("count v against b across g with hide_below = 5, total = yes", data, style)
    rows, columns = made["results"][0]["row_values"], made["results"][0]["column_values"]
    crossed = list(product(rows, columns))
    parts = [*crossed, "gone"]
    atoms = {atom: k for k, atom in enumerate(product(parts, GROUPS))}
    true = np.zeros(len(atoms))
    for row in range(data.n_rows):
        v, b, g = (data.table.column(name).text_at(row) for name in "vbg")
        true[atoms[(v, b) if (v, b) in crossed else "gone", g or None]] += 1
    printed: list[tuple[set[Any], set[Any], Any]] = []
    for result in made["results"]:
        groups = {result["groups"]["g"]} if result["groups"] else set(GROUPS)
        cells = zip(crossed, (count for row in result["counts"] for count in row), strict=True)
        printed += [({pair}, groups, count) for pair, count in cells]
        printed += [(set(crossed), groups, result["n"]), ({"gone"}, groups, result["missing"])]
    members = np.array([[float(p in ps and g in gs) for p, g in atoms] for ps, gs, _ in printed])
    counts = members @ true
    values = np.array([-1 if count is None else count for *_, count in printed])
    assert all(count in (-1, wanted) for count, wanted in zip(values, counts, strict=True))
    found = np.where(values >= 0, SHOWN, np.where((counts > 0) & (counts < BELOW), SMALL, COMPANION))
    assert_safe(members, counts, found)


SENTENCES = [
    "count v with hide_below = 5",
    "count v, b across g with hide_below = 5, total",
    "count v against b with hide_below = 5",
    "count v against b across g with hide_below = 5, total, missing = show",
    "count m with hide_below = 5, bins = 3",
    "count m across g with hide_below = 5, bins = 3, intervals, cumulative",
    "count v × b with hide_below = 5",
    "describe m across g with hide_below = 5, total, n, missing, mean, mode_count, lowest, outliers",
    "describe m, v, b across g with hide_below = 5, total",
    "describe m across g as histogram with hide_below = 5, bins = 3",
    "describe m across g as histogram with hide_below = 5, bins = 3, cumulative",
    "describe m across g as cumulative with hide_below = 5",
    "describe m across g as boxes with hide_below = 5",
    "check m across g with hide_below = 5",
    "relate m, v across g with hide_below = 5",
]


def numbers_in(part: Any, key: str = "") -> list[tuple[str, float]]:
    """Every number of a JSON value with the key it stands under."""
    if isinstance(part, dict):
        return [found for name, value in part.items() for found in numbers_in(value, name)]
    if isinstance(part, list):
        return [found for value in part for found in numbers_in(value, key)]
    return [(key, float(part))] if isinstance(part, int | float) and not isinstance(part, bool) else []


FIRSTS = re.compile(r"most often|strongest|highest|lowest|largest|closest")
RANKED = [
    "count v with hide_below = 5",
    "count v as bars with hide_below = 5",
    "count v, b with hide_below = 5",
    "describe m with hide_below = 5, bins = 3 as histogram",
    "count v against b as heat map with hide_below = 5",
    "describe m across g with hide_below = 5, n, mean",
    "relate m, w, u as heat map with hide_below = 5",
]


def test_nothing_is_called_the_first_where_some_are_hidden(data_of: Maker) -> None:
    seen, english = Counter[bool](), phrases_of("en")
    for place, sentence in product(range(4), RANKED):
        rng = np.random.default_rng([SEED, 9, place])
        head, *rows = random_file(rng).splitlines()
        drawn = zip(rows, rng.normal(size=len(rows)), strict=True)
        data = data_of("\n".join([f"{head},w,u", *(f"{row},{w:.2f},{w + 1:.0f}" for row, w in drawn)]) + "\n")
        try:
            exhibit = make_exhibit(sentence, data)
        except Problem:
            continue
        said = [
            *phrases_in(exhibit.text),
            *phrases_in(exhibit.sheet.alt if isinstance(exhibit.sheet, FigureSheet) else ()),
        ]
        counted = exhibit.result.drawings if exhibit.form == "histogram" else exhibit.result.cells
        hides, ranks = has_hidden(counted), sum(bool(FIRSTS.search(english[p.id])) for p in said)
        assert ranks <= sum(not has_hidden(part) for part in counted) or not hides, (
            sentence
        )  # of others the first is told
        seen[hides] += hides or ranks
    assert seen[True] > 2
    assert seen[False] > 2


@pytest.mark.parametrize("sentence", SENTENCES)
def test_no_output_of_any_verb_shows_a_small_count(sentence: str, data_of: Maker, style: HouseStyle) -> None:
    counted = {"n", "missing", "count", "counts", "total", "used", "mode_count", "outside"}
    for place in range(1 + DEEP):
        data = data_of(random_file(np.random.default_rng([SEED, 7, place])))
        try:
            made = content(sentence, data, style) if " as " not in sentence else figure_content(sentence, data, style)
        except Problem:
            continue
        shown = [
            value
            for key, value in numbers_in([made["results"], made.get("drawing", []), made["cases"]])
            if key in counted
        ]
        assert not [value for value in shown if 0 < value < BELOW]
        cells = [cell for row in made["sheet"]["cells"] for cell in row if cell["kind"] == "count"]
        assert not [cell for cell in cells if cell["value"] and 0 < cell["value"] < BELOW]


def figure_content(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    document = Document(numbered([make_exhibit(sentence, data)]), style)
    assert render(document, "svg")
    made: dict[str, Any] = json.loads(render(document, "json"))
    return made


@pytest.mark.parametrize(
    "sentence",
    [
        "describe m across g with hide_below = 5, total",
        "describe m, v across g with hide_below = 5, total, n, mean, sd, median, difference, test",
        "relate m, v across g with hide_below = 5",
        "check m across g with hide_below = 5",
        "count v against b with hide_below = 5",
        "describe m across b as boxes with hide_below = 5",
    ],
)
def test_programs_are_told_no_more_than_paper(sentence: str, data_of: Maker, style: HouseStyle) -> None:
    rng = np.random.default_rng(SEED)
    rows = [f"{rng.integers(1, 90)},{'abcd'[min(3, k // 13)]},{k % 3},{'xy'[k % 2]}" for k in range(42)]
    data = data_of("m,g,v,b\n" + "\n".join(rows) + "\n")
    document = Document(numbered([make_exhibit(sentence, data)], with_text=True), style)

    def numbers(content: Any) -> list[float]:
        if isinstance(content, dict | list):
            return [x for inner in (content.values() if isinstance(content, dict) else content) for x in numbers(inner)]
        return [content] if isinstance(content, float) and not content.is_integer() else []

    found = numbers(json.loads(render(document, "json")))
    assert found
    assert all(x == float(f"{x:.3g}") for x in found)
    for sheet in sheets_of(document):
        for cell in (cell for row in sheet.rows for cell in row if cell.number is not None):
            assert cell.number in (round(cell.number, 3), float(f"{cell.number:.3g}"))


WHOLE = re.compile(r"(?<![\w.,−-])\d{1,3}(?:,\d{3})*(?![\w.,]*\d)")
ATTACKED = (
    "count v across g with hide_below = 5, total",
    "count v against b across g with hide_below = 5",
    "describe v, b across g with hide_below = 5, total",
    "describe m across g with hide_below = 5",
)


def whole_numbers(text: str) -> Counter[str]:
    """Whole numbers that stand by themselves in a text, each as often as it does: what a count looks like."""
    return Counter(found.replace(",", "") for found in WHOLE.findall(text))


@pytest.mark.parametrize("place", range(TABLES))
def test_no_output_holds_a_count_that_paper_has_not(place: int, data_of: Maker, style: HouseStyle) -> None:
    """JSON tells what paper does, and is attacked above; pages, files and workbooks have no number that paper has not."""
    data = data_of(random_file(np.random.default_rng([SEED, 7, place])))
    for sentence in ATTACKED:
        try:
            exhibit = make_exhibit(sentence, data)
        except Problem:
            continue
        document = Document(numbered([exhibit], with_text=True), style)
        printed = re.sub(r"[*\\\\|]", " ", render(document, "md").decode())
        paper = whole_numbers(printed)
        page = re.sub(
            r"<style.*?</style>|<head>.*?</head>|<[^>]*>", " ", render(document, "html").decode(), flags=re.DOTALL
        )
        assert whole_numbers(page) - paper == Counter(), sentence
        file = render(document, "csv").decode().replace(";", " ").replace(",", " ")
        assert whole_numbers(file) - paper == Counter(), sentence
        cells = [cell for sheet in sheets_of(document) for row in sheet.rows for cell in row]
        counts = whole_numbers(" ".join(f"{cell.number:g}" for cell in cells if cell.number is not None))
        shares = Counter(re.findall(r"(\d+)\.0+\b", printed))  # workbooks hold 65.0 as 65
        assert counts + whole_numbers(" ".join(cell.letters for cell in cells)) - paper - shares == Counter(), sentence


@pytest.mark.parametrize("form", ["density", "violins"])
def test_a_curve_ends_where_enough_cases_lie_beyond(form: str, data_of: Maker, style: HouseStyle) -> None:
    """Its ends would tell the smallest and the largest value; a group too small for that has no curve."""
    rng = np.random.default_rng(SEED)
    values = {"large": np.sort(rng.normal(50, 10, 60)).round(2), "small": np.sort(rng.normal(50, 10, 19)).round(2)}
    data = data_of("x,g\n" + "".join(f"{x},{g}\n" for g, xs in values.items() for x in xs))
    made = content(f"describe x across g as {form} with hide_below = {BELOW}", data, style)
    drawn = [result["drawing"] for result in made["results"] if "drawing" in result]
    assert [drawing["groups"] for drawing in drawn] == [{"g": "large"}]
    large = values["large"]
    assert large[2] < drawn[0]["x"][0] < drawn[0]["x"][-1] < large[-3]
