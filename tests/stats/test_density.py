"""Densities against the direct sum, their area, humps, bounds, and bandwidth rules."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.stats import density as d

RNG = np.random.default_rng(12)
SHAPES = {
    "normal": np.sort(RNG.normal(50, 10, 1500)),
    "log-normal": np.sort(RNG.lognormal(0, 1.0, 1500)),
    "two humps": np.sort(np.concatenate([RNG.normal(0, 1, 700), RNG.normal(7, 1, 500)])),
    "whole numbers": np.sort(RNG.integers(0, 12, 900).astype(float)),
    "three values": np.array([1.0, 2.0, 4.0]),
    "huge": np.sort(RNG.normal(1e12, 1e9, 300)),
}


def direct(values: np.ndarray, x: np.ndarray, h: float) -> np.ndarray:
    return np.exp(-0.5 * ((x[:, None] - values) / h) ** 2).sum(axis=1) / (values.size * h * np.sqrt(2 * np.pi))


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("rule", ["silverman", "scott", "sheather-jones"])
def test_density_is_the_direct_sum_within_a_ten_thousandth_of_its_peak(shape: str, rule: d.Rule) -> None:
    curve = d.density(SHAPES[shape], rule=rule)
    wanted = direct(SHAPES[shape], curve.x, curve.bandwidth)
    assert np.abs(curve.y - wanted).max() <= 1e-4 * wanted.max()
    assert curve.cumulative[-1] == pytest.approx(1.0, abs=2e-3)


@pytest.mark.parametrize("factor", [0.2, 1.0, 3.0])
def test_a_factor_widens_the_kernel(factor: float) -> None:
    values = SHAPES["two humps"]
    curve = d.density(values, factor=factor)
    assert curve.bandwidth == pytest.approx(factor * d.bandwidth(values))
    assert np.abs(curve.y - direct(values, curve.x, curve.bandwidth)).max() <= 1e-4 * curve.y.max()


def test_bandwidth_rules_follow_their_formulas() -> None:
    values = SHAPES["normal"]
    n, sd = values.size, values.std(ddof=1)
    iqr = np.subtract(*np.quantile(values, [0.75, 0.25]))
    assert d.bandwidth(values, "silverman") == pytest.approx(0.9 * min(sd, iqr / 1.34) * n**-0.2, rel=1e-12)
    assert d.bandwidth(values, "scott") == pytest.approx(1.06 * sd * n**-0.2, rel=1e-12)
    assert d.bandwidth(np.array([3.0, 3.0])) == 0.0
    # For two separate humps a plug-in sees narrow shapes where a rule from the SD sees one wide one.
    assert d.bandwidth(SHAPES["two humps"], "sheather-jones") < 0.6 * d.bandwidth(SHAPES["two humps"])


def test_a_cut_curve_ends_with_the_data_and_a_reflected_one_keeps_its_mass() -> None:
    values = np.sort(RNG.exponential(2.0, 3000))
    cut = d.density(values, cut=True)
    assert (cut.x[0], cut.x[-1]) == (values[0], values[-1])
    reflected = d.density(values, bounds=(0.0, None))
    assert reflected.x[0] == 0.0
    assert reflected.cumulative[-1] == pytest.approx(1.0, abs=2e-3)
    assert reflected.y[0] == pytest.approx(
        0.5, abs=0.1
    )  # the exponential's density at 0 is 1/2; unreflected: half that
    assert d.density(values).area(-1e9, 1e9) == pytest.approx(1.0, abs=2e-3)


def test_area_between_two_values_is_the_share_under_the_curve() -> None:
    curve = d.density(SHAPES["normal"])
    inside = ((SHAPES["normal"] >= 40) & (SHAPES["normal"] <= 60)).mean()
    assert curve.area(40, 60) == pytest.approx(inside, abs=0.03)


@pytest.mark.parametrize(("shape", "humps"), [("normal", [50]), ("two humps", [0, 7]), ("log-normal", [0.4])])
def test_humps_are_counted_where_they_are(shape: str, humps: list[float]) -> None:
    found = d.humps(d.density(SHAPES[shape]))
    assert found.size == len(humps)
    assert found == pytest.approx(humps, abs=3 if shape == "normal" else 0.4)


def test_ripples_are_no_humps() -> None:
    curve = d.density(SHAPES["normal"], factor=0.4)
    assert d.humps(curve, prominence=0.25).size == 1
    assert d.humps(curve, prominence=0.001).size > 1


@given(
    st.lists(st.integers(-50, 50), min_size=3, max_size=60).filter(lambda v: len(set(v)) > 1), st.integers(-1000, 1000)
)
def test_shifting_the_data_shifts_the_curve(values: list[int], shift: int) -> None:
    ordered = np.sort(np.array(values, float))
    before, after = d.density(ordered), d.density(ordered + shift)
    assert after.x - shift == pytest.approx(before.x, abs=1e-9)
    assert after.y == pytest.approx(before.y, abs=1e-6 * before.y.max())


def test_pairs_are_counted_in_a_plane() -> None:
    x, y = RNG.normal(size=500), RNG.normal(size=500)
    x_edges, y_edges, counts = d.count_plane(x, y, bins=7)
    assert counts.shape == (7, 7)
    assert counts.sum() == 500
    inside = (x >= x_edges[2]) & (x < x_edges[3]) & (y >= y_edges[4]) & (y < y_edges[5])
    assert counts[2, 4] == inside.sum()


@pytest.mark.parametrize("bounds", [(3.0, None), (None, 9.0), (3.0, 9.0)])
def test_a_reflected_curve_is_the_free_one_with_what_lies_beyond_turned_back(
    bounds: tuple[float | None, float | None],
) -> None:
    values = np.sort(np.random.default_rng(4).uniform(3, 9, 300))
    free, found = d.density(values), d.density(values, bounds=bounds)
    turned = [np.interp(2 * bound - found.x, free.x, free.y, left=0, right=0) for bound in bounds if bound is not None]
    assert found.y == pytest.approx(np.interp(found.x, free.x, free.y) + sum(turned), abs=2e-3 * free.y.max())
