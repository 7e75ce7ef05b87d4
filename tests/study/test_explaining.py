"""Opening a number: what is filled in gives the printed number again, by arithmetic alone; who pulls is who pulls."""

from __future__ import annotations

import json
import math
import re
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import msgspec
import numpy as np
import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st
from scipy.special import chdtrc, chndtr, fdtrc, ncfdtr, nctdtr, ndtr, stdtr

from depth import DEEP, some
from istrel import cli
from istrel.data.codebook import Codebook, Variable
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.data.table import Source, Table
from istrel.demo import LEARNERS
from istrel.exhibits.forms.catalogue import FORMS as FORMS_THERE_ARE
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import cells_in
from istrel.exhibits.verbs.describe.compute import ESTIMATES
from istrel.exhibits.verbs.describe.working import COUNTED, WORKINGS
from istrel.problem import Problem
from istrel.sentence.vocabulary import TESTS
from istrel.stats.studentized import range_tail
from istrel.study.explaining import numbers_of_marks, opened, opened_cell
from istrel.study.opening import Opening
from istrel.style.house import HouseStyle, load_style
from istrel.style.numbers import Kind as Kind_
from istrel.style.phrases import phrases_in
from made import make_exhibit
from rows import survey, visits

STYLE = load_style()
NOT_BY_HAND = {"icc", "icc_low", "icc_high"}  # by hand elsewhere, or limits of what is
NAMED = re.compile(r"(?<![\w.])(\d+(?:\.\d+)?)")


QUANTILE = re.compile(r"t\(([\d.]+); ([\d.]+)\) = (.*)")  # Student's t with so many degrees of freedom
SHARES = {  # of distributions, as the steps name them
    "T": lambda t, df: stdtr(df, t),
    "Q": lambda x, df: chdtrc(df, x),
    "P": lambda f, df1, df2: fdtrc(df1, df2, f),
    "Φ": ndtr,
    "NT": lambda t, df, away: nctdtr(df, away, t),
    "NF": lambda f, df1, df2, away: ncfdtr(df1, df2, away, f),
    "NX": chndtr,
    "SR": lambda q, k, df: float(range_tail(np.array([q]), int(k), np.array([df]))[0]),
    "root": math.sqrt,
    "ln": math.log,
    "arcsin": math.asin,
}


def worth(text: str) -> float:
    """The value of an expression of numbers, + − × ÷ / ^ √ ( ) and shares of distributions alone."""
    plain = text.replace("−", "-").replace("×", "*").replace("÷", "/").replace("^", "**").replace("√", "root")
    plain = re.sub(r"root(\d[\d.]*)", r"root(\1)", plain).replace(";", ",")
    assert re.fullmatch(r"(?:root|(?:ln|arcsin|N[TFX]|SR|[TQPΦ])(?=\()|[\d.,+*/() -])+", plain), text
    return float(eval(plain, {"__builtins__": {}, **SHARES}))


def agrees(expression: str, value: str) -> bool:
    """Whether an expression gives a number as it is printed."""
    printed = value.replace("−", "-").replace(",", "").strip()
    number = worth(re.sub(r"(?<!\d)\.", "0.", printed))
    places = len(printed.partition(".")[2])
    return abs(worth(expression) - number) <= 0.5001 * 10.0**-places + 1e-8 * abs(number)


def steps_agree(steps: tuple[str, ...]) -> bool:
    """Whether every step that computes something, “t = … ÷ … = 0.6”, comes to what it says; quantiles are those of their shares."""
    quantiles = (QUANTILE.fullmatch(step) for step in steps)
    if not all(found is None or agrees(f"T({found[3].replace(',', '')}; {found[1]})", found[2]) for found in quantiles):
        return False
    computed = (step.split(" = ")[1:] for step in steps if step.count(" = ") == 2)
    return all(agrees(expression, value) for expression, value in computed)


def of_values(values: list[float], groups: list[int]) -> Dataset:
    x, g = np.array(values), np.array(groups, float)
    ok = np.ones(x.size, bool)
    columns = Column("x", Kind.NUMBER, x, ok), Column("g", Kind.NUMBER, g, ok)
    lines = Variable("x", Level.CONTINUOUS), Variable("g", Level.NOMINAL)
    return Dataset(Table(columns, Source("data")), Codebook(lines))


VALUES = st.one_of(
    st.lists(st.integers(0, 40).map(float), min_size=1, max_size=30),
    st.lists(st.floats(-1e3, 1e3).map(lambda v: round(v, 3)), min_size=1, max_size=30),
    st.lists(st.floats(0.01, 1e5).map(lambda v: round(v, 2)), min_size=4, max_size=30),
)


@settings(max_examples=100 if DEEP else 16)
@given(VALUES, st.sampled_from([6, 7, 8]))
@example([19901.0, 1.0, 20100.0, 1.0], 6)  # a sum of reciprocals with a power of ten
@example([10084.5, 1.0, 79497.0, 1.0, 79499.0, 1.0, 96982.91, 1.0, 0.01, 1.0, 9463.5], 6)  # a limit of far larger parts
def test_what_is_filled_in_gives_the_printed_number(values: list[float], kind: int) -> None:
    data = of_values(values, [k % 2 for k in range(len(values))])
    names = ", ".join((*sorted(WORKINGS), "p10", "p97.5"))
    exhibit = make_exhibit(f"describe x across g with {names}, quantiles = {kind}, decimals = 4", data)
    for row in exhibit.sheet.rows:
        for cell in (cell for text in row.cells for cell in cells_in(text)):
            if not isinstance(cell.value, float) or not cell.statistic:
                continue
            found = opened(exhibit, cell.row, cell.column, STYLE)
            expression, _, printed = found.filled.rpartition(" = ")
            assert printed == print_cell(cell, STYLE)
            assert agrees(expression, printed), (cell.statistic, found.filled)
            assert steps_agree(found.steps), found.steps


WORDED = (
    f"describe x across g with {', '.join(sorted(WORKINGS))}",
    "describe x across g with mean, difference, test",
    "describe x across g with median, difference, test",
    "describe x across bands(x, 5, 15) with mean, difference, test",
    "describe x across bands(x, 5, 15) with median, difference, test",
    "describe (x > 9) across g with measure = odds ratio",
    "check x across g",
    "count x with bins = 4, cumulative",
    "count (x > 9) against g with percent = row",
    "relate x, abs(x - 9) with method = kendall",
    "relate x, abs(x - 9) with method = spearman",
)


@pytest.mark.parametrize("language", some(["de", "fr", "es"], 1))
def test_formulas_and_steps_speak_the_language_of_the_paper(language: str) -> None:
    other, seen = msgspec.structs.replace(STYLE, words=phrases_in(language), language=language), 0
    data = of_values([float(k * 7 % 23 + k % 3) for k in range(24)], [k % 2 for k in range(24)])
    for sentence in WORDED:
        exhibit = make_exhibit(sentence, data)
        for cell in (cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)):
            if not isinstance(cell.value, float | int) or not cell.row:
                continue
            try:
                ours, theirs = (opened(exhibit, cell.row, cell.column, style).lines() for style in (STYLE, other))
            except Problem:
                continue
            for line, said in zip(ours[:-1], theirs[:-1], strict=True):  # the last says how the file was read
                assert said != line or not re.search("[a-z]{4}", line), line
            seen += 1
    assert seen > 80


@settings(max_examples=30 if DEEP else 8)
@given(st.sampled_from([8, 13, 20, 60, 130, 2100]), st.integers(0, 99), st.sampled_from(["normal", "exponential"]))
def test_every_test_of_normality_and_its_p_can_be_opened(n: int, seed: int, shape: str) -> None:
    values = getattr(np.random.default_rng(seed), shape)(size=n).round(3).tolist()
    exhibit = make_exhibit(f"check x with tests = {{{', '.join(TESTS)}}}", of_values(values, [0] * n))
    found = exhibit.result.cells[0]
    for test, tested in found.tests.items():
        for cell in (cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)):
            if not cell.column.startswith(test) or not isinstance(cell.value, float):
                continue
            try:
                opened_ = opened(exhibit, cell.row, cell.column, STYLE)
            except Problem:
                assert cell.column.endswith(" p"), (
                    test,
                    tested,
                )  # the ps of small samples, and of what is no departure
                continue
            expression = re.split(" [=<>] ?|(?<=[)\\d])(?= [<>])", opened_.filled)[0]
            assert steps_agree(opened_.steps), opened_.steps
            assert worth(expression) == pytest.approx(cell.value, abs=1e-6, rel=1e-6), (opened_.filled, cell.value)


@pytest.mark.parametrize(
    ("text", "sentence", "roles"),
    [
        (visits(("one", "two", "three")), "describe score, rating, ok across time with test", "id time"),
        (visits(("one", "two", "three")), "describe score across group × time with test", "id time"),
        (visits(), "describe score against 48 with mean", ""),
        (visits(), "describe score across group against 48", ""),
    ],
)
def test_the_p_of_every_statistic_with_a_known_distribution_can_be_opened(
    text: str, sentence: str, roles: str, data_of: Callable[..., Dataset]
) -> None:
    data = data_of(text)
    if roles:
        person, occasion = roles.split()
        data = Dataset(data.table, replace(data.codebook, rows=Rows(person=person, occasion=occasion)))
    exhibit, seen = make_exhibit(sentence, data), 0
    for cell in (cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)):
        if not isinstance(cell.value, float) or not cell.column.endswith((" p", "/p", "against")):
            continue
        found = opened(exhibit, cell.row, cell.column, STYLE)
        assert steps_agree(found.steps), found.steps
        assert worth(re.split(" (?=[=<>])", found.filled)[0]) == pytest.approx(cell.value, abs=1e-6), found.filled
        seen += 1
    assert seen


@pytest.mark.parametrize(
    "design", [{}, {"strata": "stratum"}, {"strata": "stratum", "clusters": "psu"}, {"clusters": "psu"}]
)
def test_the_error_of_a_weighted_mean_can_be_opened(design: dict[str, str], data_of: Callable[..., Dataset]) -> None:
    data = data_of(survey())
    data = Dataset(data.table, replace(data.codebook, rows=Rows(weight="w", **design)))
    exhibit = make_exhibit("describe x across g with mean, se, ci, decimals = 6", data)
    for cell in (cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)):
        if isinstance(cell.value, float) and cell.statistic in ("mean", "se", "ci_low", "ci_high"):
            found = opened(exhibit, cell.row, cell.column, STYLE)
            assert steps_agree(found.steps), found.steps
            assert worth(found.filled.partition(" = ")[0]) == pytest.approx(cell.value, abs=1e-6), found.filled


def test_every_statistic_of_a_measure_can_be_opened() -> None:
    assert set(ESTIMATES) - NOT_BY_HAND <= {*WORKINGS, *COUNTED}


@pytest.mark.parametrize(
    "sentence",
    [
        "count site",
        "count education across format",
        "count age with width = 10",
        "count site against format with percent = row",
        "describe site across format",
        "relate age, absences, practice_min",
        "relate age, absences across format",
        "relate age, practice_min with deletion = listwise",
    ],
)
def test_counts_shares_and_correlations_can_be_opened(sentence: str, learners: Dataset) -> None:
    exhibit = make_exhibit(sentence, learners)
    seen = 0
    for row in exhibit.sheet.rows:
        for cell in (cell for text in row.cells for cell in cells_in(text)):
            if not isinstance(cell.value, float | int) or ("=" not in cell.row + cell.column and sentence[0] != "r"):
                continue
            try:
                found = opened(exhibit, cell.row, cell.column, STYLE)
            except Problem:
                continue
            expression, _, printed = found.filled.rpartition(" = ")
            assert agrees(expression, printed), found.filled
            seen += 1
    assert seen >= (1 if sentence.startswith("relate age, practice_min") else 3)


@given(st.lists(st.integers(-999, 999), min_size=6, max_size=30), st.sampled_from([1, 1000]))
def test_a_difference_of_two_means_and_its_p_can_be_opened(whole: list[int], finer: int) -> None:
    data = of_values([value / finer for value in whole], [k % 2 for k in range(len(whole))])
    exhibit = make_exhibit("describe x across g with mean, difference, test, decimals = 3", data)
    (difference,) = exhibit.result.differences
    if not isinstance(difference.p, float) or not isinstance(difference.effect.value, float):
        return
    found = opened(exhibit, "x", "g/difference", STYLE)
    assert agrees(*found.filled.rsplit(" = ", 1))
    p = opened(exhibit, "x", "g/p", STYLE)
    assert steps_agree(found.steps)
    assert steps_agree(p.steps)
    said = re.fullmatch(r"2 × T\((.*); (.*)\) (?:= |[<>])(.*)", p.filled)
    assert said is not None
    assert 2 * float(stdtr(worth(said[2]), worth(said[1]))) == pytest.approx(difference.p, abs=1e-7)


@given(st.lists(st.sampled_from("uuvvwxy"), min_size=8, max_size=120), st.integers(2, 4), st.integers(2, 3))
def test_a_difference_in_categories_and_its_p_can_be_opened(words: list[str], values: int, groups: int) -> None:
    x = ["uvwxy".index(word) % values for word in words]
    data = of_values([float(one) for one in x], [(k * k + k // 3) % groups for k in range(len(x))])
    data = replace(data, codebook=data.codebook.with_variable(Variable("x", Level.NOMINAL)))
    exhibit = make_exhibit("describe x across g with difference, test, decimals = 3", data)
    (difference,) = exhibit.result.differences
    if isinstance(difference.effect.value, float):
        found = opened(exhibit, "x", "g/difference", STYLE)
        assert agrees(*found.filled.rsplit(" = ", 1)), found.filled
        assert steps_agree(found.steps)
    if difference.test.name == "chi_square" and isinstance(difference.p, float):
        p = opened(exhibit, "x", "g/p", STYLE)
        said = re.fullmatch(r"Q\((.*); (.*)\) (?:= |[<>])(.*)", p.filled)
        assert said is not None
        assert float(chdtrc(worth(said[2]), worth(said[1]))) == pytest.approx(difference.p, abs=1e-7)


def made_data(seed: int, data_of: Callable[..., Dataset]) -> Dataset:
    """Persons on three weeks in groups of uneven size, with ties and gaps."""
    rng = np.random.default_rng(seed)
    lines = ["p,week,g,h,x,y,z,o,v,a,b,c,d,w"]
    for k in range(96):
        g, trait = "uvw"[rng.integers(0, 3)], rng.normal()
        x = round(20 + 4 * trait + 3 * "uvw".index(g) + 2 * rng.normal(), rng.integers(0, 3))
        y = "" if rng.random() < 0.05 else round(5 + trait + rng.normal(), 1)
        items = [round(3 + trait + rng.normal(), 0) for _ in range(4)]
        row = [
            k // 3,
            k % 3,
            g,
            "st"[k // 3 % 2],
            x,
            y,
            round(rng.normal() * 2, 1),
            rng.integers(1, 5),
            ["no", "yes"][rng.integers(0, 2)],
        ]
        lines.append(",".join(map(str, [*row, *items, round(rng.uniform(0.4, 2.5), 2)])))
    return data_of("\n".join(lines) + "\n", Opening(missing=()))


OPENED = {  # sentence: (rows' meaning, the least share of its numbers that can be opened)
    "describe x, y across g with mean, difference, test": (Rows(), 1.0),
    "describe x, y across h with median, difference, test": (Rows(), 1.0),
    "describe x, y across g with median, difference, test": (Rows(), 1.0),
    "describe o, v across h with difference, test": (Rows(), 1.0),
    "describe v across h with measure = risk ratio": (Rows(), 1.0),
    "describe v across h with measure = odds ratio": (Rows(), 1.0),
    "describe x across week with mean, difference, test among week < 2": (Rows(person="p", occasion="week"), 1.0),
    "describe x across week with mean, test, measure = d_z among week < 2": (Rows(person="p", occasion="week"), 1.0),
    "describe x across h with mean, difference, test": (Rows(person="p", occasion="week"), 1.0),
    "describe x, y with icc, icc_low, icc_high": (Rows(person="p", occasion="week"), 1.0),
    "describe x, y across g with n, mean, sd, variance, sum": (Rows(weight="w"), 1.0),
    "relate x, y, z": (Rows(), 1.0),
    "relate x, o, y": (Rows(), 1.0),
    "relate x, y, z with method = spearman": (Rows(), 1.0),
    "relate x, y, o with method = kendall": (Rows(), 1.0),
    "relate x, y given z": (Rows(), 1.0),
    "relate x, y with within": (Rows(person="p", occasion="week"), 1.0),
    "check x, z across h": (Rows(), 1.0),
    "check x, y, z across g with tests = {shapiro_wilk, anderson_darling, lilliefors}, adjust = holm": (Rows(), 1.0),
    "check x, y across p with tests = {shapiro_wilk, anderson_darling, lilliefors}, adjust = bh": (Rows(), 1.0),
    "describe x, y across g with mean, pairs": (Rows(), 1.0),
    "describe x, o across g with median, pairs": (Rows(), 1.0),
    "describe v across g with pairs": (Rows(), 1.0),
    "describe x, y, v across h, g with difference, test, adjust = bh": (Rows(), 1.0),
    "describe x, y across h with difference, test, adjust = holm": (Rows(), 1.0),
    "describe x, y across g against 50": (Rows(), 1.0),
    "describe x, y across g with mean, sd, ci, layout = variables": (Rows(), 1.0),
    "describe x, y across g with mean, sd, median, layout = statistics": (Rows(), 1.0),
    "count v against g with percent = row, expected, residuals": (Rows(), 1.0),
    "count o against v across h with percent = total": (Rows(), 0.97),
    "count o with missing = show": (Rows(), 1.0),
    "count v across g with missing = show": (Rows(weight="w"), 1.0),
    "count v against g": (Rows(weight="w"), 0.8),
    "count v against {no 1, yes 3}": (Rows(), 1.0),
    "relate x, y, o against z": (Rows(), 1.0),
    "relate x, y, z against o with adjust = holm": (Rows(), 1.0),
    "relate x, y, z with intervals": (Rows(), 1.0),
    "relate x, y given z with intervals": (Rows(), 1.0),
    "relate x, v, g with method = fitting": (Rows(), 1.0),
    "relate x, y with agreement": (Rows(), 1.0),
    "relate a, b with agreement": (Rows(), 1.0),
    "check a, b, c, d as scale": (Rows(), 1.0),
    "count v across g with intervals": (Rows(), 1.0),
    "count o with intervals, cumulative": (Rows(), 1.0),
    **{
        f"describe {what}": (Rows(person="p", occasion="week"), 1.0)
        for what in (
            "x across week with mean, difference, test",
            "x, o across week with median, difference, test",
            "v across week with difference, test",
            "v across week with difference, test among week < 2",
            "x, o across week with median, difference, test among week < 2",
            "x across week with median, difference, test among week < 2 and p < 12",
            "x across week × h with mean, difference, test",
            "x across week × h with mean, difference, test among week < 2",
            "x across week with pairs",
        )
    },
    **{
        sentence: (Rows(weight="w"), 1.0)
        for sentence in (
            "describe x, y across h with mean, difference, test",
            "describe v across h with difference, test",
            "describe x, y across g with median, q1, q3, iqr, min, max, range, median_ci_low, median_ci_high",
            "describe x, y with percentiles = {10, 85}",
            "describe x, y across g with mean, se, ci_low, ci_high, skewness, kurtosis",
            "count v across g with intervals",
            "relate x, y, z with intervals",
        )
    },
    "describe x across h with median, test among p < 6": (Rows(), 1.0),
    "describe x across g with median, test among p < 4": (Rows(), 1.0),
    "describe v across h with difference, test among p < 5": (Rows(), 1.0),
}


@pytest.mark.parametrize("sentence", OPENED)
def test_what_opens_comes_to_the_printed_number(sentence: str, data_of: Callable[..., Dataset]) -> None:
    rows, least = OPENED[sentence]
    for seed in range(3) if DEEP else (len(sentence) % 3,):
        plain = made_data(seed, data_of)
        data = replace(plain, codebook=replace(plain.codebook, rows=rows))
        data = replace(data, codebook=data.codebook.with_variable(replace(data.codebook["o"], level=Level.ORDINAL)))
        exhibit = make_exhibit(sentence, data)
        seen, opened_ = 0, 0
        shown = [
            *(text for row in exhibit.sheet.rows for text in row.cells),
            *(note.text for note in exhibit.sheet.notes),
        ]
        for text in shown:
            for cell in cells_in(text):
                if not isinstance(cell.value, float | int) or not cell.column:
                    continue
                seen += 1
                try:
                    found = opened_cell(exhibit, cell, STYLE)
                except Problem:
                    continue
                opened_ += 1
                expression, sign, printed = re.fullmatch(r"(.*) ([=<>]) (.*?)", found.filled).groups()
                value = worth(re.sub(r"(?<!\d)\.", "0.", printed.replace("−", "-").replace(",", "").replace("%", "")))
                if sign == "=":
                    assert agrees(expression, printed.replace("%", "")), (cell.column, found.filled)
                else:
                    assert worth(expression) < value if sign == "<" else worth(expression) > value, found.filled
                assert steps_agree(found.steps), found.steps
                assert "{" not in found.means
        assert seen
        assert opened_ >= least * seen, (opened_, seen)


MARKS = (  # sentences, and the rows' meaning
    ("describe x as histogram with mark = both", Rows()),
    ("describe x, o across g as histogram with height = percent, arrange = overlaid", Rows()),
    ("describe x across g as histogram with height = density, rule = sturges", Rows()),
    ("describe z across g as density with bandwidth = 0.5, mark = both", Rows()),
    ("describe x across g as density with arrange = ridges, bandwidth_rule = scott", Rows()),
    ("describe x across g as cumulative", Rows()),
    ("describe x across g, h as boxes with mark = mean", Rows()),
    ("describe x as boxes with whiskers = range", Rows()),
    ("describe x across g as violins", Rows()),
    ("describe x across g as points with mark = both", Rows()),
    ("describe x across g × h as means", Rows()),
    ("describe x across g as means with interval = sd", Rows()),
    ("describe x across g as means with interval = se", Rows()),
    ("describe x across week × h as means", Rows(person="p", occasion="week")),
    ("describe x across week as paths", Rows(person="p", occasion="week")),
    ("describe a, b, c, d as shares", Rows()),
    ("count o across g as bars", Rows()),
    ("count o against v as bars", Rows()),
    ("count o against g as heat map with percent = total", Rows()),
    ("count o against g as heat map with residuals", Rows()),
    ("check x across h as quantile plot", Rows()),
    ("relate x, y, z, a as heat map", Rows()),
    ("relate x, z across h as scatter with fit = straight", Rows()),
    ("relate x, z as scatter with bins = 6, fit = smooth", Rows()),
    ("relate x, y, z as grid with fit = straight", Rows()),
    ("relate week, x across g as line", Rows()),
    ("describe x across o as line", Rows(weight="w")),
    ("describe x, y as missing map with sort", Rows()),
    ("count y across g as flow", Rows()),
)


@pytest.mark.parametrize(("sentence", "rows"), MARKS, ids=[sentence for sentence, _ in MARKS])
def test_every_mark_of_every_form_opens_with_its_cases(
    sentence: str, rows: Rows, data_of: Callable[..., Dataset]
) -> None:
    plain = made_data(len(sentence) % 3, data_of)
    data = replace(plain, codebook=replace(plain.codebook, rows=rows))
    data = replace(data, codebook=data.codebook.with_variable(replace(data.codebook["o"], level=Level.ORDINAL)))
    exhibit = make_exhibit(sentence, data)
    cells = numbers_of_marks(exhibit.sheet)
    assert cells
    for cell in cells.values():
        found = opened_cell(exhibit, cell, STYLE)
        assert agrees(*found.filled.replace("%", "").rsplit(" = ", 1)), (cell.column, found.filled)
        assert steps_agree(found.steps), found.steps
        assert "{" not in found.means
        assert found.count or cell.value == 0 or cell.row == "read", cell
        if cell.column == "n" or cell.column.startswith("n "):
            assert found.count == cell.value or cell.row == "read", cell


def test_nearly_every_number_that_any_sentence_prints_opens_and_comes_to_itself(
    everything: tuple[tuple[str, Exhibit], ...],
) -> None:
    closed, seen = [], 0
    for sentence, exhibit in some(everything, 60):
        if exhibit.request.settings["hide_below"] is not None:
            continue
        sheet = exhibit.sheet
        texts = [] if exhibit.is_figure else [text for row in sheet.rows for text in row.cells]
        cells = [cell for text in (*texts, *(note.text for note in sheet.notes)) for cell in cells_in(text)]
        cells += list(numbers_of_marks(sheet).values())[:12] if exhibit.is_figure else []
        for cell in cells:
            if not isinstance(cell.value, float | int) or not cell.column or math.isnan(cell.value):
                continue
            seen += 1
            try:
                found = opened_cell(exhibit, cell, STYLE)
            except Problem:
                closed.append((sentence, cell.row, cell.column))
                continue
            expression, sign, printed = re.fullmatch(r"(.*) ([=<>]) (.*?)", found.filled).groups()
            dated = cell.kind in (Kind_.DATE, Kind_.YEAR, Kind_.YEAR_EDGE)
            assert sign != "=" or dated or agrees(expression, printed.replace("%", "")), (sentence, cell, found.filled)
            assert steps_agree(found.steps), (sentence, cell, found.steps)
    assert seen > 1_000
    assert len(closed) <= 0.02 * seen, closed


def test_all_forms_are_among_those_whose_marks_are_opened() -> None:
    forms = {sentence.partition(" as ")[2].partition(" with ")[0] for sentence, _ in MARKS}
    assert forms == set(FORMS_THERE_ARE)


def test_who_pulls_is_who_pulls(data_of: Callable[..., Dataset], style: HouseStyle) -> None:
    data = data_of("x\n" + "\n".join(str(v) for v in [5, 6, 5.5, 7, 6.5, 5.2, 60, 6.1, 5.9, 6.4]) + "\n")
    found = opened(make_exhibit("describe x", data), "x", "mean", style)
    values = data.numbers("x").values
    assert found.influence[0] == (7, pytest.approx(np.delete(values, 6).mean(), abs=1e-12))
    assert found.cases == tuple(range(1, 11))


def test_seven_modes_are_refused_and_means_of_persons_opened(data_of: Callable[..., Dataset]) -> None:
    data = data_of(
        "p,x,y\n" + "\n".join(f"{k // 4},{k % 7},{(k * 5) % 9}" for k in range(28)) + "\n",
        Opening(rows=Rows(person="p")),
    )
    with pytest.raises(Problem, match="no working"):
        opened(make_exhibit("describe x with mode", data), "x", "mode", STYLE)
    between = opened(make_exhibit("relate x, y with between", data), "y", "x", STYLE)
    assert agrees(*between.filled.rsplit(" = ", 1))
    assert "n = 7" in between.steps


def test_the_command_line_opens_by_print_and_by_key(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    said = []
    for row, column in (("Weekly evening", "SD"), ("age @ format=Weekly evening", "sd")):
        assert (
            cli.main(["explain", str(LEARNERS), "describe age across format", "--cell", row, column, "--to", "json"])
            == 0
        )
        said.append(json.loads(capsys.readouterr().out))
    assert said[0] == said[1]
    assert set(said[0]) == {"value", "printed", "means", "formula", "filled", "steps", "cases", "influence", "source"}
    assert said[0]["influence"][0].keys() == {"case", "without"}
    hiding = [
        "explain",
        str(LEARNERS),
        "describe age across format with hide_below = 5",
        "--cell",
        "Weekly evening",
        "M",
    ]
    assert cli.main(hiding) == 2
    assert "would tell them" in capsys.readouterr().err
    assert cli.main(["explain", str(LEARNERS), "describe age across format", "--cell", "Weekly", "SD"]) == 2
    assert "There is no number in row" in capsys.readouterr().err
    bars = "describe age as histogram with width = 10, start = 0"
    assert cli.main(["explain", str(LEARNERS), bars, "--cell", "age", "n 20.0 to 30.0", "--to", "json"]) == 0
    class_ = json.loads(capsys.readouterr().out)
    assert class_["value"] == len(class_["cases"]) > 100
    assert cli.main(["explain", str(LEARNERS), bars, "--cell", "age", "n 20.0 to 31.0"]) == 2
    assert "n 20.0 to 30.0" in capsys.readouterr().err
    assert cli.main(["explain", str(LEARNERS), "describe age across format", "--cell", "Weekly evening", "M"]) == 0
    assert "8730 ÷ 216 = 40.4" in capsys.readouterr().out
