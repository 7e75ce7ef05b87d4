"""Class intervals: rules, round edges, counts at the edges, and where the normal curve lies."""

from __future__ import annotations

from dataclasses import replace
from typing import get_args

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats as oracle

from istrel.problem import Problem
from istrel.stats import binning as b

NORMAL = np.random.default_rng(1).normal(100, 15, 500)


@pytest.mark.parametrize(
    ("rule", "numpy_name"),
    [("freedman-diaconis", "fd"), ("scott", "scott"), ("sturges", "sturges"), ("doane", "doane")],
)
def test_rule_widths_agree_with_numpys(rule: b.Rule, numpy_name: str) -> None:
    edges = np.histogram_bin_edges(NORMAL, bins=numpy_name)
    width = b.rule_width(NORMAL, rule)
    spread = NORMAL.max() - NORMAL.min()
    # NumPy rounds the number of classes up; Scott's here has n - 1 in the SD, NumPy's n.
    assert int(np.ceil(spread / width)) == pytest.approx(edges.size - 1, abs=1 if rule == "scott" else 0)


@given(
    st.lists(st.floats(-1e7, 1e7, allow_nan=False), min_size=1, max_size=80).map(lambda xs: [round(v, 4) for v in xs])
)
def test_default_edges_cover_every_value_and_are_round(values: list[float]) -> None:
    x = np.array(values)
    edges = b.class_edges(x, b.ClassSettings()).edges
    assert edges[0] <= x.min()
    assert edges[-1] >= x.max()
    width = float(np.median(np.diff(edges)))
    digits = float(f"{width:.6g}") / 10.0 ** np.floor(np.log10(width))
    assert round(digits, 4) in (1.0, 2.0, 2.5, 5.0, 10.0)
    classes = b.count_classes(np.sort(x), edges)
    assert classes.counts.sum() == x.size
    assert (classes.below, classes.above) == (0, 0)


def test_decimal_edges_are_the_nearest_doubles() -> None:
    edges = b.class_edges(np.array([0.05, 0.95]), b.ClassSettings(width=0.1)).edges
    assert edges.tolist() == [0.0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0]


def test_whole_numbers_get_no_classes_narrower_than_one() -> None:
    x = np.random.default_rng(2).integers(0, 6, 5000).astype(float)
    assert np.diff(b.class_edges(x, b.ClassSettings()).edges).min() >= 1
    centred = b.class_edges(x, b.ClassSettings(rule="whole numbers")).edges
    assert centred.tolist() == [-0.5, 0.5, 1.5, 2.5, 3.5, 4.5, 5.5]


@pytest.mark.parametrize(
    ("settings", "edges"),
    [
        (b.ClassSettings(bins=4), [0.0, 3.0, 6.0, 9.0, 12.0]),
        (b.ClassSettings(width=5), [0.0, 5.0, 10.0, 15.0]),
        (b.ClassSettings(width=5, closed="right"), [-5.0, 0.0, 5.0, 10.0]),
        (b.ClassSettings(width=4, start=-2), [-2.0, 2.0, 6.0, 10.0, 14.0]),
        (b.ClassSettings(edges=(0.0, 1.0, 10.0)), [0.0, 1.0, 10.0]),
    ],
)
def test_what_is_said_about_classes_holds(settings: b.ClassSettings, edges: list[float]) -> None:
    assert b.class_edges(np.arange(11.0), settings).edges.tolist() == edges


@given(
    st.lists(st.floats(-1e6, 1e6).map(lambda x: float(f"{x:.5g}")), min_size=2, max_size=30, unique=True),
    st.integers(1, 40),
    st.sampled_from(["left", "right"]),
    st.booleans(),
)
def test_classes_that_tell_no_case(drawn: list[float], bins: int, closed: b.Closed, whole: bool) -> None:
    """So many as were asked for, equally wide, at round places, and they hold every value."""
    values = np.unique(np.rint(drawn) if whole else drawn)
    edges = b.class_edges(values, b.ClassSettings(bins=bins, closed=closed, anonymous=True)).edges
    widths = np.diff(edges)
    assert widths.size == bins
    assert np.ptp(widths) <= 1e-9 * np.abs(edges).max()
    places = edges / widths[0] * (1 + (bins == 1))
    assert np.abs(places - np.rint(places)).max() <= 1e-6
    assert b.count_classes(values, edges, closed=closed).counts.sum() == values.size
    assert not whole or (widths % 1 == 0).all()


@pytest.mark.parametrize(
    "settings",
    [
        b.ClassSettings(edges=(3.0, 1.0)),
        b.ClassSettings(edges=(3.0,)),
        b.ClassSettings(bins=5000),
        b.ClassSettings(width=1e-6),
    ],
)
def test_impossible_classes_are_refused(settings: b.ClassSettings) -> None:
    with pytest.raises(Problem):
        b.class_edges(np.arange(11.0), settings)


def test_values_on_an_edge_belong_to_the_closed_side() -> None:
    values, edges = np.array([0.0, 1.0, 1.0, 2.0, 3.0, 5.0]), np.array([0.0, 1.0, 2.0, 3.0])
    left = b.count_classes(values, edges, closed="left")
    right = b.count_classes(values, edges, closed="right")
    assert left.counts.tolist() == [1, 2, 2]  # the last class has both ends
    assert right.counts.tolist() == [3, 1, 1]  # the first class has both ends
    assert (left.below, left.above) == (0, 1)


def test_heights_add_up() -> None:
    edges = np.array([0.0, 1.0, 3.0, 4.0])
    classes = b.count_classes(np.array([0.5, 1.5, 2.0, 3.5]), edges)
    assert b.heights(classes, "count").tolist() == [1, 2, 1]
    assert b.heights(classes, "percent").sum() == 100
    assert b.heights(classes, "proportion").sum() == 1
    assert (b.heights(classes, "density") * np.diff(edges)).sum() == 1
    assert b.heights(classes, "percent", cumulative=True).tolist() == [25, 75, 100]


@pytest.mark.parametrize(
    ("height", "area"), [("count", 500 * 5.0), ("percent", 100 * 5.0), ("proportion", 5.0), ("density", 1.0)]
)
def test_the_normal_curve_encloses_the_area_of_the_bars(height: b.Height, area: float) -> None:
    edges = b.class_edges(NORMAL, b.ClassSettings(width=5)).edges
    scale = b.curve_scale(500, edges, height)
    assert scale is not None
    x = np.linspace(0, 200, 20001)
    curve = b.normal_curve(x, 100.0, 15.0, scale=scale)
    assert float(curve.sum() * (x[1] - x[0])) == pytest.approx(area, rel=1e-6)
    bars = b.heights(b.count_classes(np.sort(NORMAL), edges), height)
    assert float((bars * np.diff(edges)).sum()) == pytest.approx(area, rel=1e-12)


def test_the_normal_curve_peaks_at_the_mean_not_half_a_class_off() -> None:
    x = np.linspace(90, 110, 2001)
    assert x[b.normal_curve(x, 101.3, 15.0).argmax()] == pytest.approx(101.3, abs=0.01)
    assert b.normal_curve(x, 101.3, 15.0) == pytest.approx(oracle.norm.pdf(x, 101.3, 15.0), rel=1e-13)
    cumulative = b.normal_curve(x, 101.3, 15.0, scale=20.0, cumulative=True)
    assert cumulative == pytest.approx(20 * oracle.norm.cdf(x, 101.3, 15.0), rel=1e-13)


def test_unequal_classes_have_a_curve_only_over_densities() -> None:
    edges = np.array([0.0, 1.0, 5.0])
    assert b.curve_scale(10, edges, "count") is None
    assert b.curve_scale(10, edges, "density") == 1.0


@pytest.mark.parametrize("closed", ["left", "right"])
@pytest.mark.parametrize("rule", [*get_args(b.Rule), 2, 3, 7])
def test_classes_of_uniform_whole_numbers_hold_equally_many(rule: str | int, closed: b.Closed) -> None:
    """Every rule and some numbers of classes over whole numbers that occur equally often, with and without a first decimal."""
    for low, high in ((-2, 1), (12, 29), (0, 100), (1, 7), (18, 65), (-5, 40)):
        for scale in (1.0, 0.1):
            values = np.repeat(np.arange(low, high + 1) * scale, 20).round(1)
            said = b.ClassSettings(bins=rule) if isinstance(rule, int) else b.ClassSettings(rule)  # type: ignore[arg-type]
            if scale < 1 and (isinstance(rule, int) or rule == "whole numbers"):
                continue  # a range that is not of whole numbers is divided exactly
            made = b.count_classes(values, b.class_edges(values, replace(said, closed=closed)).edges, closed=closed)
            assert made.below == made.above == 0
            whole = made.counts[1:-1].max() if made.counts.size > 2 else made.counts.max()
            assert made.counts.max() <= whole, (low, high, scale, made)


def test_one_value_makes_one_class() -> None:
    assert b.class_edges(np.array([4.2]), b.ClassSettings()).edges.tolist() == [4.0, 5.0]
    assert b.class_edges(np.array([4.0]), b.ClassSettings(bins=1)).edges.tolist() == [4.0, 5.0]


@pytest.mark.parametrize(
    ("low", "high", "whole", "width"),
    [
        (0.0, 24.0, True, 1.0),  # 25 whole numbers
        (0.0, 25.0, True, 2.0),
        (0.0, 49.0, True, 2.0),  # 25 classes of two
        (0.0, 50.0, True, 5.0),
        (0.05, 2.45, False, 0.1),
        (0.05, 2.55, False, 0.2),
        (-12.0, 12.4, False, 1.0),  # from -12 to 13
        (-12.0, 13.4, False, 2.0),
        (0.0, 62.0, False, 2.5),
        (0.0, 62.0, True, 5.0),  # of whole numbers no class begins between two
    ],
)
def test_classes_that_are_too_many_get_the_smallest_round_width_that_makes_no_more(
    low: float, high: float, whole: bool, width: float
) -> None:
    values = np.linspace(low, high, 20_001)
    values = np.rint(values) if whole else values
    edges, decided_by = b.class_edges(values, b.ClassSettings(most=25))
    assert np.diff(edges) == pytest.approx(width)
    assert edges.size - 1 <= 25
    assert decided_by in ("most", "freedman-diaconis")


@pytest.mark.parametrize("settings", [b.ClassSettings(), b.ClassSettings(most=25), b.ClassSettings(start=0.0)])
def test_values_below_all_widths_are_refused_in_plain_words(settings: b.ClassSettings) -> None:
    with pytest.raises(Problem, match="too close together"):
        b.class_edges(np.array([-4e-324, 5e-324]), settings)
