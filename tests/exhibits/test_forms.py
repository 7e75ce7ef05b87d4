"""Figures: the numbers of every form against the table's and against oracles, and every form of awkward data."""

from __future__ import annotations

import json
import re
from collections import Counter
from collections.abc import Callable
from dataclasses import replace
from itertools import pairwise
from typing import Any

import numpy as np
import pytest
import scipy.stats
from numpy.typing import NDArray

from depth import some
from figures import assert_sound
from istrel.data.corrections import Aside
from istrel.data.dataset import Dataset
from istrel.data.rows import Rows
from istrel.exhibits.figure import Bars, Blocks, Dots, FigureSheet, Tiles
from istrel.exhibits.forms.cumulative import band_reach
from istrel.exhibits.forms.fit import fit_line
from istrel.exhibits.forms.swarm import Room, swarm
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.render.scene import make_scene
from istrel.render.scene.layout import foot_axis, side_axis
from istrel.render.scene.shapes import Letters
from istrel.stats import normality
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit

Maker = Callable[..., Dataset]
Array = NDArray[np.float64]


def sheet_of(sentence: str, data: Dataset) -> FigureSheet:
    sheet = make_exhibit(sentence, data).sheet
    assert isinstance(sheet, FigureSheet)
    return sheet


def drawing_of(sentence: str, data: Dataset, style: HouseStyle) -> list[dict[str, Any]]:
    """What JSON says of the drawing, always as a list."""
    drawing = json.loads(render(Document(numbered([make_exhibit(sentence, data)]), style), "json"))["drawing"]
    return drawing if isinstance(drawing, list) else [drawing]


def values_of(name: str, data: Dataset, **group: str) -> Array:
    """The usable values of a variable in a group, straight from the columns."""
    numbers = data.numbers(name)
    inside = numbers.valid
    for key, label in group.items():
        categories = data.categories(key)
        inside = inside & (categories.codes == categories.labels.index(label))
    return numbers.values[inside]


FORMATS = ("Weekly evening", "Weekend intensive", "Guided self-study")


# Curves.
@pytest.mark.parametrize(
    "settings", ["", "with bandwidth_rule = sheather-jones", "with bandwidth = 0.4", "with bounds = {-20, 100}"]
)
@pytest.mark.parametrize("form", ["density", "violins"])
def test_densities_have_the_area_one(form: str, settings: str, learners: Dataset, style: HouseStyle) -> None:
    for curve in drawing_of(
        f"describe receptive_post, practice_min across format as {form}"
        if "bounds" not in settings
        else f"describe receptive_post across format as {form} {settings}",
        learners,
        style,
    ):
        assert np.trapezoid(curve["y"], curve["x"]) == pytest.approx(1.0, abs=1e-3)


def test_ends_bounds_weights_and_logarithms_do_what_they_say(learners: Dataset, style: HouseStyle) -> None:
    values = values_of("reaction_ms", learners)
    (open_,), (cut,) = (
        drawing_of(f"describe reaction_ms as density{with_}", learners, style) for with_ in ("", " with ends = data")
    )
    assert (cut["x"][0], cut["x"][-1]) == (values.min(), values.max())
    lost = np.trapezoid(open_["y"], open_["x"]) - np.trapezoid(cut["y"], cut["x"])
    inside = (np.array(open_["x"]) >= values.min()) & (np.array(open_["x"]) <= values.max())
    assert lost == pytest.approx(1 - np.trapezoid(np.array(open_["y"])[inside], np.array(open_["x"])[inside]), abs=2e-3)
    (log,) = drawing_of("describe reaction_ms as density with log = x", learners, style)
    assert np.trapezoid(log["y"], np.log10(log["x"])) == pytest.approx(1.0, abs=1e-3)
    weighted = drawing_of("describe reaction_ms across completed as density with weight = size", learners, style)
    areas = [np.trapezoid(curve["y"], curve["x"]) for curve in weighted]
    assert sum(areas) == pytest.approx(1.0, abs=1e-3)
    assert areas == pytest.approx(
        [values_of("reaction_ms", learners, completed=k).size / values.size for k in ("No", "Yes")], abs=1e-3
    )
    (cumulative,) = drawing_of("describe reaction_ms as density with cumulative", learners, style)
    assert cumulative["y"][-1] == pytest.approx(1.0, abs=1e-3)
    assert np.interp(np.median(values), cumulative["x"], cumulative["y"]) == pytest.approx(0.5, abs=0.03)


@pytest.mark.parametrize("height", ["count", "percent", "proportion", "density"])
def test_the_normal_curve_and_the_bars_have_one_area(height: str, learners: Dataset, style: HouseStyle) -> None:
    (cell,) = drawing_of(f"describe spelling_speed as histogram with height = {height}", learners, style)
    area = float(np.dot(cell["heights"], np.diff(cell["edges"])))
    curve = cell["normal_curve"]
    x = np.linspace(curve["mean"] - 9 * curve["sd"], curve["mean"] + 9 * curve["sd"], 20_001)
    assert np.trapezoid(curve["scale"] * scipy.stats.norm.pdf(x, curve["mean"], curve["sd"]), x) == pytest.approx(
        area, rel=1e-9
    )
    counts, _ = np.histogram(values_of("spelling_speed", learners), cell["edges"])
    assert cell["counts"] == counts.tolist()


def test_classes_on_a_logarithm_count_what_is_above_zero(data_of: Maker, style: HouseStyle) -> None:
    values = [0.5, 1, 1, 2, 5, 9, 40, 300, 2500, 0, -3, -7]
    data = data_of("x\n" + "\n".join(map(str, values * 3)) + "\n")
    (cell,) = drawing_of("describe x as histogram with log = x, bins = 4", data, style)
    ratios = np.array(cell["edges"][1:]) / np.array(cell["edges"][:-1])
    assert ratios == pytest.approx([ratios[0]] * 4)
    assert sum(cell["counts"]) == 27
    exhibit = make_exhibit("describe x as histogram with log = x", data)
    assert "9 values are not above 0" in json.loads(render(Document(numbered([exhibit]), style), "json"))["notes"][0]
    with pytest.raises(Problem, match="No value of “y” is above 0"):
        make_exhibit("describe y as histogram with log = x", data_of("y\n-1\n-2\n-2.5\n0\n"))


def tops(mark: Bars) -> Array:
    return np.asarray(mark.heights)


@pytest.mark.parametrize("height", ["count", "percent", "density"])
def test_stacked_bars_add_up_to_the_bars_of_all(height: str, learners: Dataset) -> None:
    sentence = (
        f"describe receptive_post {{}} as histogram with {{}}height = {height}, edges = {{{{-10, 0, 40, 60, 70, 80}}}}"
    )
    stacked = sheet_of(sentence.format("across format", "arrange = stacked, "), learners)
    (whole,) = (m for m in sheet_of(sentence.format("", ""), learners).panels[0].marks if isinstance(m, Bars))
    bars = [mark for mark in stacked.panels[0].marks if isinstance(mark, Bars)]
    assert tops(bars[-1]) == pytest.approx(tops(whole))
    for lower, upper in pairwise(bars):
        assert np.asarray(upper.base) == pytest.approx(tops(lower))
    assert np.asarray(bars[0].base) == pytest.approx(np.zeros(5))


def test_cumulative_curves_and_their_bands_follow_their_definitions(learners: Dataset, style: HouseStyle) -> None:
    for cell, label in zip(
        drawing_of(
            "describe practice_min across format as cumulative with intervals, confidence = 0.9", learners, style
        ),
        FORMATS,
        strict=True,
    ):
        values = values_of("practice_min", learners, format=label)
        assert cell["y"] == pytest.approx([100 * np.mean(values <= x) for x in cell["x"]])
        reach = 100 * np.sqrt(np.log(2 / 0.1) / (2 * values.size))
        assert cell["low"] == pytest.approx(np.maximum(np.array(cell["y"]) - reach, 0))
        assert cell["high"] == pytest.approx(np.minimum(np.array(cell["y"]) + reach, 100))
    assert band_reach(50, 0.95) == pytest.approx(np.sqrt(np.log(40) / 100))


# Boxes, points, means.
@pytest.mark.parametrize("whiskers", ["tukey", "range", "percentiles"])
def test_boxes_are_quartiles_and_whiskers_end_where_they_say(
    whiskers: str, learners: Dataset, style: HouseStyle
) -> None:
    sentence = f"describe practice_min across format as boxes with whiskers = {whiskers}"
    for box, label in zip(drawing_of(sentence, learners, style), FORMATS, strict=True):
        values = values_of("practice_min", learners, format=label)
        q1, median, q3 = np.quantile(values, [0.25, 0.5, 0.75])
        assert [box["q1"], box["median"], box["q3"]] == pytest.approx([q1, median, q3], rel=1e-12)
        inside = values[(values >= q1 - 1.5 * (q3 - q1)) & (values <= q3 + 1.5 * (q3 - q1))]
        ends = {
            "tukey": (inside.min(), inside.max()),
            "range": (values.min(), values.max()),
            "percentiles": np.quantile(values, [0.05, 0.95]),
        }
        assert (box["whisker_low"], box["whisker_high"]) == pytest.approx(tuple(ends[whiskers]))
        beyond = values[(values < box["whisker_low"]) | (values > box["whisker_high"])]
        assert sorted(value for value, _ in box["outside"]) == pytest.approx(sorted(beyond))


@pytest.mark.parametrize("interval", ["ci", "sd", "se"])
def test_means_are_those_of_the_table(interval: str, learners: Dataset, style: HouseStyle) -> None:
    cells = drawing_of(
        f"describe practice_min across format × completed as means with interval = {interval}", learners, style
    )
    assert len(cells) == 6
    for cell in cells:
        labels = {
            name: learners.categories(name).labels[
                learners.categories(name).values.index(float(value) if name == "completed" else value)
            ]
            for name, value in cell["groups"].items()
        }
        values = values_of("practice_min", learners, **labels)
        error = values.std(ddof=1) / np.sqrt(values.size)
        reach = {"ci": scipy.stats.t.ppf(0.975, values.size - 1) * error, "sd": values.std(ddof=1), "se": error}[
            interval
        ]
        assert (cell["n"], cell["mean"]) == (values.size, pytest.approx(values.mean(), rel=1e-12))
        assert (cell["low"], cell["high"]) == pytest.approx((values.mean() - reach, values.mean() + reach), rel=1e-10)


def test_every_case_is_a_dot_that_knows_its_row(learners: Dataset, style: HouseStyle) -> None:
    cells = drawing_of("describe receptive_post across format as points", learners, style)
    numbers = learners.numbers("receptive_post")
    for cell, label in zip(cells, FORMATS, strict=True):
        assert cell["values"] == sorted(values_of("receptive_post", learners, format=label))
        assert numbers.values[np.array(cell["rows"]) - 1].tolist() == cell["values"]
    dots = [
        mark
        for mark in sheet_of("describe receptive_post across format as points", learners).panels[0].marks
        if isinstance(mark, Dots) and mark.pale
    ]
    assert sum(mark.x.size for mark in dots) == sum(len(cell["values"]) for cell in cells)
    behind = dots[0].items[0].behind
    assert behind is not None
    assert behind.rows == (cells[0]["rows"][0],)


def test_no_dot_of_a_swarm_hides_another_where_there_is_room() -> None:
    rng = np.random.default_rng(5)
    room = Room(across=3.6, up=100.0, dot=0.8)
    for values in (np.sort(rng.normal(50, 15, 300)), np.repeat(np.arange(5.0) * 20, 12), np.zeros(1)):
        x, y = swarm(values, 1.0, 0.5, room)
        assert y.tolist() == values.tolist()
        assert np.abs(x - 1.0).max() <= 0.5
        across, up = (x - x[:, None]) * 95 / 3.6, (y - y[:, None]) * 62 / 100
        apart = np.hypot(across, up) + 10 * np.eye(x.size)
        assert apart.min() > 0.35
        assert (swarm(values, 1.0, 0.5, room)[0] == x).all()


# Categories.
def test_bars_count_and_their_intervals_are_wilsons(learners: Dataset, style: HouseStyle) -> None:
    categories = learners.categories("satisfaction")
    for cell, label in zip(
        drawing_of("count satisfaction across format as bars with intervals, confidence = 0.9", learners, style),
        FORMATS,
        strict=True,
    ):
        formats = learners.categories("format")
        codes = categories.codes[(formats.codes == formats.labels.index(label)) & (categories.codes >= 0)]
        wanted = Counter(codes.tolist())
        assert cell["counts"] == [wanted[k] for k in range(len(categories.values))]
        for count, percent, low, high in zip(cell["counts"], cell["percents"], cell["low"], cell["high"], strict=True):
            limits = scipy.stats.binomtest(count, codes.size).proportion_ci(0.9, "wilson")
            assert (percent, low, high) == pytest.approx(
                (100 * count / codes.size, 100 * limits.low, 100 * limits.high), abs=1e-9
            )


@pytest.mark.parametrize(
    "sentence", ["count education across format as bars", "count education against format as bars"]
)
def test_bars_of_groups_and_of_a_cross_table_are_the_same(sentence: str, learners: Dataset, style: HouseStyle) -> None:
    table = json.loads(
        render(Document(numbered([make_exhibit("count education against format", learners)]), style), "json")
    )
    counts = np.array(table["results"][0]["counts"])
    assert [cell["counts"] for cell in drawing_of(sentence, learners, style)] == counts.T.tolist()
    blocks = [
        mark
        for mark in sheet_of(f"{sentence} with arrange = stacked, height = count", learners).panels[0].marks
        if isinstance(mark, Blocks)
    ]
    assert blocks[-1].high.tolist() == counts.sum(axis=1).tolist()


def test_shares_fill_a_hundred_and_items_are_centred(learners: Dataset) -> None:
    sheet = sheet_of("describe mot_01 .. mot_12 as shares", learners)
    blocks = [mark for mark in sheet.panels[0].marks if isinstance(mark, Blocks)]
    assert sum(block.high - block.low for block in blocks) == pytest.approx(np.full(12, 100.0))
    for lower, upper in pairwise(blocks):
        assert upper.low == pytest.approx(lower.high)
    assert blocks[3].low == pytest.approx(
        np.zeros(12)
    )  # six values with −9: the middle lies between the third and fourth


# Matrices and pairs.
def test_a_heat_map_shows_the_coefficients_and_counts_of_its_table(learners: Dataset, style: HouseStyle) -> None:
    names = "age, absences, practice_min, receptive_pre, receptive_post"
    (cell,) = drawing_of(f"relate {names} as heat map with method = spearman", learners, style)
    pairs = json.loads(
        render(Document(numbered([make_exhibit(f"relate {names} with method = spearman", learners)]), style), "json")
    )["results"][0]["pairs"]
    shown = {
        (row, column): cell["values"][i][j]
        for i, row in enumerate(cell["rows"])
        for j, column in enumerate(cell["columns"])
    }
    assert {frozenset(pair): value for pair, value in shown.items() if value is not None} == {
        frozenset((p["a"], p["b"])): p["coefficient"] for p in pairs
    }
    (alike,) = drawing_of(f"relate {names} as heat map with method = spearman, order = similar", learners, style)
    assert sorted(v for row in alike["values"] for v in row if v is not None) == sorted(p["coefficient"] for p in pairs)
    (crossed,) = drawing_of("count education against format as heat map with residuals", learners, style)
    table = json.loads(
        render(Document(numbered([make_exhibit("count education against format", learners)]), style), "json")
    )["results"][0]
    assert crossed["values"] == table["adjusted_residual"]


def test_alike_variables_stand_together() -> None:
    rng = np.random.default_rng(2)
    a, b = rng.normal(size=(2, 400))
    columns = {f"v{k}": (a if k % 2 else b) + 0.4 * rng.normal(size=400) for k in range(6)}
    from istrel.exhibits.forms.heat_map import _alike

    order = _alike(np.tril(np.corrcoef(np.array(list(columns.values()))), -1) + np.where(np.tri(6, k=-1), 0, np.nan))
    assert len({int(k) % 2 for k in order[:3]}) == 1


def test_lines_through_dots_are_least_squares_and_local(learners: Dataset, style: HouseStyle) -> None:
    first, second = learners.numbers("receptive_pre"), learners.numbers("receptive_post")
    both = first.valid & second.valid
    x, y = first.values[both], second.values[both]
    (cell,) = drawing_of("relate receptive_pre, receptive_post as scatter with fit = straight", learners, style)
    assert (sorted(cell["x"]), cell["n"]) == (sorted(x.tolist()), x.size)
    slope, intercept = np.polyfit(x, y, 1)
    assert [cell["fit"][key] for key in ("slope", "intercept", "r")] == pytest.approx(
        [slope, intercept, np.corrcoef(x, y)[0, 1]], rel=1e-9
    )
    line = np.linspace(0, 10, 200)
    smooth = fit_line(line, 3 - 2 * line, "smooth")
    assert smooth is not None
    assert smooth.y == pytest.approx(3 - 2 * smooth.x)
    bent = fit_line(line, np.abs(line - 5), "smooth")
    assert bent is not None
    assert 4 < bent.x[int(bent.y.argmin())] < 6
    assert fit_line(line, np.ones(200), "straight") is None


def test_planes_count_every_case_and_leave_few_white(learners: Dataset, style: HouseStyle) -> None:
    sentence = "relate practice_min, receptive_post as scatter with bins = 12, minimum = 3"
    (cell,) = drawing_of(sentence, learners, style)
    first, second = learners.numbers("practice_min"), learners.numbers("receptive_post")
    both = first.valid & second.valid
    edges = np.array(cell["x_edges"]), np.array(cell["y_edges"])
    assert np.diff(edges[0])[0] % 1 == 0  # of whole numbers equally many in each
    assert all(np.allclose(np.diff(one), np.diff(one)[0]) for one in edges)
    wanted, *_ = np.histogram2d(first.values[both], second.values[both], bins=edges)
    assert cell["counts"] == wanted.astype(int).tolist()
    (tiles,) = (mark for mark in sheet_of(sentence, learners).panels[0].marks if isinstance(mark, Tiles))
    assert np.nansum(tiles.values) == wanted[wanted >= 3].sum()


def test_a_grid_holds_the_coefficients_of_its_pairs(learners: Dataset, style: HouseStyle) -> None:
    (cell,) = drawing_of("relate receptive_pre, receptive_post, spelling_speed as grid", learners, style)
    for panel in cell["panels"]:
        if "r" in panel:
            a, b = (learners.numbers(name) for name in panel["variables"])
            both = a.valid & b.valid
            assert panel["r"] == pytest.approx(np.corrcoef(a.values[both], b.values[both])[0, 1], rel=1e-10)
    assert len(cell["panels"]) == 6


def test_a_missing_map_holds_every_missing_value(learners: Dataset, style: HouseStyle) -> None:
    for more in ("", " with sort"):
        (cell,) = drawing_of(f"describe practice_min, mot_05, comment as missing map{more}", learners, style)
        sizes = np.diff([*cell["starts"], learners.n_rows + 1])
        assert (np.array(cell["shares"]) * sizes[:, None]).sum(axis=0) == pytest.approx(cell["missing"])
        assert cell["missing"] == [int((~learners.present(name)).sum()) for name in cell["variables"]]


@pytest.mark.parametrize("n", [5, 30, 500])
def test_points_leave_the_simultaneous_band_where_the_lilliefors_test_rejects(n: int) -> None:
    from istrel.stats.grouping import arrange

    rng = np.random.default_rng(n)
    low, high = normality.simultaneous_band(n, confidence=0.9)
    seen = set()
    for k in range(60):
        values = rng.normal(size=n) if k % 2 else rng.exponential(size=n) ** 0.5
        ordered = np.sort((values - values.mean()) / values.std(ddof=1))
        inside = bool(((ordered >= low) & (ordered <= high)).all())
        cells = arrange(values, np.zeros(n, np.int64), np.ones(n, bool), 1)
        p = normality.lilliefors(cells).p.at(0)
        assert isinstance(p, float)
        if abs(p - 0.1) > 1e-6:
            assert inside == (p > 0.1)
            seen.add(inside)
    assert seen == {True, False}


# Awkward data.
LONG = "Perceived usefulness of the weekly tasks for work and study, as said after the course"
FORMS = [
    *(f"describe x {{by}} as histogram with arrange = {a}" for a in ("panels", "overlaid", "stacked", "beside")),
    *(f"describe x {{by}} as density with arrange = {a}" for a in ("overlaid", "stacked", "panels", "ridges")),
    "describe x {by} as cumulative with intervals",
    "describe x, y {by} as boxes with points, mark = mean",
    "describe x {by} as violins",
    "describe x {by} as points",
    "describe x {by} as means",
    "count c {by} as bars with intervals",
    "count c {by} as shares",
    "count c against g as heat map",
    "relate x, y {by} as scatter with fit = smooth",
    "relate x, y {by} as scatter with bins = 8",
    "relate x, y, z {by} as grid with fit = straight",
    "relate x, y, z {by} as heat map",
    "check x {by} as quantile plot with band = simultaneous",
    "describe x, y, c as missing map",
]


def awkward(kind: str, data_of: Maker) -> Dataset:
    rng = np.random.default_rng(9)
    n = {"one case": 1, "two cases": 2}.get(kind, 240)
    x = {
        "all equal": np.full(n, 7.0),
        "ties": rng.integers(1, 4, n).astype(float),
        "huge": rng.normal(0, 1e300, n),
        "tiny": rng.normal(0, 1e-300, n),
    }.get(kind, rng.lognormal(2, 1, n))
    groups = 12 if kind != "one group" else 1
    label = f"{LONG}, no." if kind == "long labels" else "g"
    rows = [
        f'{empty or repr(float(x[k]))},{rng.normal():.4g},{rng.normal():.4g},"{label} {k % groups}","{label} c{k % 5}"'
        for empty in ((" ",) if kind == "no value" else ("",))
        for k in range(n)
    ]
    return data_of("x,y,z,g,c\n" + "\n".join(rows) + "\n")


@pytest.mark.parametrize(
    "kind",
    some(
        [
            "12 groups",
            "one group",
            "long labels",
            "one case",
            "two cases",
            "all equal",
            "ties",
            "huge",
            "tiny",
            "no value",
        ],
        4,
    ),
)
def test_every_form_of_awkward_data_is_sound_or_says_why_not(kind: str, data_of: Maker, style: HouseStyle) -> None:
    data = awkward(kind, data_of)
    drawn: list[str] = []
    said: list[str] = []
    crossed = ("across g × c",) if kind in ("12 groups", "long labels", "one case") else ()
    for place, form in enumerate(FORMS):
        ways = (
            ("across g",)
            if "arrange" in form or kind in ("huge", "tiny")
            else ("", "across g", *(crossed if place % 3 == 0 else ()))
        )
        for by in ways:
            sentence = " ".join(form.format(by=by).split())
            try:
                scene = make_scene(sheet_of(sentence, data), style)
            except Problem as problem:
                said.append(problem.message)
                continue
            try:
                assert_sound(scene)
            except AssertionError as error:
                raise AssertionError(sentence) from error
            drawn.append(sentence)
    assert len(drawn) > {"one case": 3, "two cases": 5, "huge": 9, "tiny": 9, "no value": 4}.get(kind, 20)
    assert all(len(message) > 20 for message in said)


def test_many_cases_are_thinned_or_counted_and_said(data_of: Maker, style: HouseStyle) -> None:
    rng = np.random.default_rng(1)
    rows = "\n".join(f"{a:.3f},{b:.3f},{k % 3}" for k, (a, b) in enumerate(rng.normal(size=(9_000, 2))))
    data = data_of(f"a,b,g\n{rows}\n")
    points: Exhibit = make_exhibit("describe a across g as points", data)
    assert sum(cell.values.size for cell in points.result.drawings) <= 4_500
    assert (
        "Each dot stands for up to 3 cases"
        in json.loads(render(Document(numbered([points]), style), "json"))["notes"][0]
    )
    (plane,) = drawing_of("relate a, b as scatter", data, style)
    assert sum(map(sum, plane["counts"])) == 9_000
    assert_sound(make_scene(sheet_of("relate a, b as scatter with points", data), style))


@pytest.mark.parametrize(
    ("sentence", "refusal"),
    [
        ("describe age as histogram with x_limits = {0, 250}", ""),
        ("describe age as histogram with x_limits = {0, 150}", "reaches from 10 to 200, beyond x_limits 0 and 150"),
        ("describe age as histogram with y_limits = {10, 300}", "reaches from 0 to 193, beyond y_limits 10 and 300"),
        ("describe age across format as boxes with y_limits = {0, 220}", ""),
        ("describe age across format as boxes with y_limits = {0, 100}", "reaches from 19 to 199"),
        ("describe age across format as boxes with x_limits = {0, 100}", "The axis across has no numbers"),
        ("describe age across format as boxes with lying, x_limits = {0, 220}", ""),
        ("describe age across format as means with y_limits = {30, 50}", ""),
        ("describe age across format as means with y_limits = {40, 42}", "reaches from 38.5"),
        ("relate age, absences as scatter with y_limits = {-5, 20}, fit = straight", ""),
        ("describe age across format as violins with y_limits = {0, 50}", "reaches from"),
        ("describe age as density with log = x, x_limits = {0, 900}", "A logarithmic axis begins above 0"),
        ("count site as bars with y_limits = {5, 1}", "takes two values, the lower one first"),
    ],
)
def test_an_axis_ends_where_it_is_asked_to_and_cuts_nothing(sentence: str, refusal: str, learners: Dataset) -> None:
    if refusal:
        with pytest.raises(Problem, match=re.escape(refusal)):
            make_exhibit(sentence, learners)
        return
    sheet = make_exhibit(sentence, learners).sheet
    assert isinstance(sheet, FigureSheet)
    wanted = tuple(map(float, re.findall(r"_limits = \{(.+?), (.+?)\}", sentence)[0]))
    side = foot_axis if "x_limits" in sentence else side_axis
    assert all((side(panel).low, side(panel).high) == wanted for panel in sheet.panels)


def test_the_flow_of_cases_accounts_for_every_row(data_of: Maker, style: HouseStyle) -> None:
    """From all rows to those analysed: who leaves and who stays are who came, at every step and in every group."""
    lines = [f"{k},{k % 7 if k % 9 else ''},{'xyz'[k % 3] if k % 11 else ''},{20 + k}" for k in range(60)]
    data = data_of("id,score,g,age\n" + "\n".join(lines) + "\n")
    aside = np.zeros(60, bool)
    aside[[3, 4, 30]] = True
    asides = (Aside((4, 5), "twice"), Aside((31,), ""))
    data = Dataset(data.table, data.codebook, aside, asides=asides)
    exhibit = make_exhibit("count score across g among age < 70 as flow", data)
    (flow,) = exhibit.result.drawings
    n = {box.key: box.n for box in flow.boxes}
    assert (n["read"], n["aside"], n["kept"]) == (60, 3, 57)
    assert n["kept"] == n["left 1"] + n["condition 1"]
    assert n["condition 1"] == n["no group"] + sum(n[f"group g={g}"] for g in "xyz")
    for g in "xyz":
        assert n[f"group g={g}"] == n.get(f"missing g={g}", 0) + n[f"analysed g={g}"]
    assert set(flow.arrows) >= {("read", "aside"), ("read", "kept"), ("kept", "condition 1")}
    assert isinstance(exhibit.sheet, FigureSheet)
    scene = make_scene(exhibit.sheet, style)
    letters = " ".join(shape.text for shape in scene.shapes if isinstance(shape, Letters))
    assert all(f"= {count}" in letters.replace("  ", " ") for count in n.values())
    for sentence, part in {
        "count score as flow with hide_below = 3": "flow",
        "count score against g as flow": "across",
        "count score across g, id as flow": "part only once",
    }.items():
        with pytest.raises(Problem, match=part):
            make_exhibit(sentence, data)


def test_the_flow_of_counted_cases_counts_cases_and_leaves_no_reason_out(data_of: Maker) -> None:
    """Rows that were set aside stand for their cases too; of many reasons the rarest share a line."""
    counts = [5, 7, 30, 2, 9, 4, 6, 8, 3, 1]
    data = data_of("x,Freq\n" + "".join(f"{k},{n}\n" for k, n in enumerate(counts)))
    aside = np.arange(10) < 8
    data = Dataset(
        data.table,
        replace(data.codebook, rows=Rows(counted="Freq")),
        aside,
        asides=tuple(Aside((k + 1,), f"reason {k}") for k in range(8)),
    )
    (flow,) = make_exhibit("count cases as flow", data).result.drawings
    boxes = {box.key: box for box in flow.boxes}
    assert (boxes["read"].n, boxes["aside"].n, boxes["kept"].n) == (75, 71, 4)
    lines = [plain_text(text, load_style()) for text in boxes["aside"].says]
    assert plain_text(boxes["read"].says[0], load_style()) == "Cases read"
    assert lines[2:] == [
        "reason 2: 30",
        "reason 4: 9",
        "reason 7: 8",
        "reason 1: 7",
        "reason 6: 6",
        "3 other reasons: 11",
    ]
