"""Quantiles, modes and extremes against exact arithmetic and worked examples."""

from __future__ import annotations

import math
from fractions import Fraction

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.stats import grouping
from istrel.stats import quantiles as q
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.quantiles import median_level, median_ranks
from oracles import apart, quantile


def one_group(values: list[float]) -> Arranged:
    x = np.asarray(values, float)
    return arrange(x, np.zeros(x.size, int), np.ones(x.size, bool), 1)


@pytest.mark.parametrize("kind", [6, 7, 8])
@given(values=st.lists(st.floats(-1e9, 1e9, allow_nan=False), min_size=1, max_size=30))
def test_quantiles_agree_with_exact_arithmetic(kind: q.QuantileType, values: list[float]) -> None:
    cells = one_group(values)
    for p in (Fraction(1, 20), Fraction(1, 4), Fraction(1, 2), Fraction(3, 4), Fraction(19, 20)):
        value = q.quantile(cells, float(p), kind=kind).at(0)
        assert isinstance(value, float)
        wanted = quantile(values, p, kind)
        size = max(abs(v) for v in values)
        assert apart(value, wanted) < 1e-12 or abs(value - float(wanted)) <= 1e-14 * size


def test_quantile_types_differ_as_published() -> None:
    # Hyndman & Fan 1996: for 1..10 and p = .25 the types 6, 7, 8 give 2.75, 3.25 and 2.9166...
    cells = one_group([float(v) for v in range(1, 11)])
    assert [q.quantile(cells, 0.25, kind=k).at(0) for k in (6, 7, 8)] == [2.75, 3.25, pytest.approx(2 + 11 / 12)]


def test_median_of_groups_with_an_empty_one() -> None:
    x = np.array([5.0, 1.0, 3.0, 10.0, 20.0])
    cells = arrange(x, np.array([0, 0, 0, 2, 2]), np.ones(5, bool), 4)
    median = q.quantile(cells, 0.5)
    assert [median.at(g) for g in range(4)] == [3.0, Undefined("no_values"), 15.0, Undefined("no_values")]


def test_nothing_at_all_gives_reasons_everywhere() -> None:
    cells = one_group([])
    nothing = (q.minimum, q.maximum, q.value_range, q.interquartile_range, q.trimmed_mean, q.median_absolute_deviation)
    for statistic in (*nothing, q.mean_absolute_deviation, q.geometric_mean, q.harmonic_mean):
        assert statistic(cells).at(0).reason == "no values"
    assert q.extremes(cells) == ([()], [()])
    assert q.outside_fences(cells) == [()]
    assert q.modes(cells).at(0) == ()


def test_spreads_by_hand() -> None:
    cells = one_group([1.0, 2.0, 3.0, 4.0, 100.0])
    assert q.value_range(cells).at(0) == 99.0
    assert q.interquartile_range(cells).at(0) == 2.0
    assert q.median_absolute_deviation(cells).at(0) == 1.0  # distances 2, 1, 0, 1, 97
    assert q.mean_absolute_deviation(cells).at(0) == pytest.approx((21 + 20 + 19 + 18 + 78) / 5)
    assert q.trimmed_mean(cells, proportion=0.2).at(0) == 3.0
    assert q.trimmed_mean(cells).at(0) == 22.0  # floor(5 · 0.05) = 0 values are cut


def test_trimming_cuts_the_floor_of_n_times_the_proportion() -> None:
    values = [float(v) for v in range(40)]
    values[-1], values[-2] = 1e6, 1e5
    assert q.trimmed_mean(one_group(values)).at(0) == pytest.approx(sum(range(2, 38)) / 36)


def test_geometric_and_harmonic_means_want_positive_values() -> None:
    cells = one_group([1.0, 2.0, 4.0])
    assert q.geometric_mean(cells).at(0) == pytest.approx(2.0, rel=1e-15)
    assert q.harmonic_mean(cells).at(0) == pytest.approx(12 / 7, rel=1e-15)
    for statistic in (q.geometric_mean, q.harmonic_mean):
        assert statistic(one_group([0.0, 2.0])).at(0).reason == "some values are not positive"
    assert q.harmonic_mean(one_group([1e-320, 2.0])).at(0).reason == "some values are too near zero"


@pytest.mark.parametrize(
    ("values", "modes", "count"),
    [
        ([1, 2, 2, 3], (2.0,), 2),
        ([1, 1, 2, 2, 3], (1.0, 2.0), 2),
        ([1, 2, 3], (), 1),
        ([7], (7.0,), 1),
        ([], (), 0),
        ([0.1 + 0.2, 0.3], (), 1),
    ],
)
def test_modes_are_all_values_with_the_highest_count(values: list[float], modes: tuple[float, ...], count: int) -> None:
    found = q.modes(one_group(values))
    assert found.at(0) == modes
    assert found.count[0] == count


def test_modes_do_not_run_over_the_edge_of_a_group() -> None:
    cells = arrange(np.array([1.0, 2.0, 2.0, 3.0]), np.array([0, 0, 1, 1]), np.ones(4, bool), 2)
    found = q.modes(cells)
    assert (found.at(0), found.at(1)) == ((), ())


def test_extremes_carry_their_rows_and_ties_go_by_row() -> None:
    cells = one_group([5.0, 9.0, 1.0, 9.0, 1.0])
    (lowest,), (highest,) = q.extremes(cells, k=3)
    assert [(c.value, c.row) for c in lowest] == [(1.0, 3), (1.0, 5), (5.0, 1)]
    assert [(c.value, c.row) for c in highest] == [(9.0, 2), (9.0, 4), (5.0, 1)]


def test_extremes_of_many_groups_equal_those_of_each_alone() -> None:
    rng = np.random.default_rng(9)
    x, codes, use = rng.integers(0, 30, 400).astype(float), rng.integers(-1, 12, 400), rng.random(400) > 0.1
    use &= codes >= 0
    cells = arrange(x, codes, use, 13)  # the last group is empty
    lowest, highest = q.extremes(cells, k=4)
    for group in range(13):
        rows = np.flatnonzero(use & (codes == group))
        wanted = sorted((x[r], r + 1) for r in rows)[:4]
        assert [(c.value, c.row) for c in lowest[group]] == wanted
        assert [(-c.value, c.row) for c in highest[group]] == sorted((-x[r], r + 1) for r in rows)[:4]


def test_outliers_lie_beyond_tukeys_fences() -> None:
    values = [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 30.0, -20.0]
    # Type-7 quartiles 2 and 6: fences at -4 and 12.
    assert [(c.value, c.row) for c in q.outside_fences(one_group(values))[0]] == [(-20.0, 9), (30.0, 8)]
    assert math.isclose(q.interquartile_range(one_group(values)).values[0], 4.0)


def test_robust_outliers_by_hand() -> None:
    values = [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 30.0, -20.0]
    # Mdn 4, MAD 2: the limit lies 3.5 · 2 / 0.6745 = 10.38 from the median.
    cells = one_group(values)
    assert [(c.value, c.row) for c in q.robust_outliers(cells)[0]] == [(-20.0, 9), (30.0, 8)]
    assert q.robust_outliers(one_group([5.0, 5.0, 5.0, 9.0])) == [()]
    assert q.normal_consistent_deviation(cells).at(0) == pytest.approx(2 * 1.4826)


@given(st.lists(st.floats(-1e6, 1e6), min_size=1, max_size=40), st.integers(0, 2**32 - 1))
def test_arranging_sorts_every_group_by_itself(values: list[float], seed: int) -> None:
    x = np.array(values)
    codes = np.random.default_rng(seed).integers(0, 4, x.size)
    cells = arrange(x, codes, np.ones(x.size, bool), 4)
    for group in range(4):
        assert np.array_equal(np.sort(x[codes == group]), cells.group(group))


@pytest.mark.parametrize("confidence", [0.9, 0.95, 0.99])
def test_the_interval_of_a_median_has_at_least_its_level_and_no_step_to_spare(confidence: float) -> None:
    from scipy.stats import binom

    n = np.arange(1, 400)
    rank = median_ranks(n, confidence=confidence)
    tail = (1 - confidence) / 2
    assert (binom.cdf(rank - 1, n, 0.5)[rank > 0] <= tail).all()
    assert (binom.cdf(rank, n, 0.5) > tail).all()
    for size in (6, 11, 40):  # the median of any distribution lies within, as often as is said
        rng = np.random.default_rng(size)
        x = np.sort(rng.exponential(size=(20_000, size)), axis=1)
        k = int(median_ranks(np.array([size]), confidence=confidence)[0])
        if k:
            inside = (x[:, k - 1] <= np.log(2)) & (np.log(2) <= x[:, size - k])
            assert inside.mean() == pytest.approx(median_level(size, confidence=confidence), abs=0.01)


@pytest.mark.parametrize("factor", [1, 10, 100])
@pytest.mark.parametrize("n_groups", [1, 3])
def test_values_that_are_counted_stand_as_those_that_are_sorted(
    factor: int, n_groups: int, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(grouping, "COUNTED_FROM", 50)
    rng = np.random.default_rng(factor + n_groups)
    for low in (-40, 0, 17):
        values = rng.integers(low, low + 30, 2000) / factor
        codes = rng.integers(0, n_groups, 2000)
        for use in (np.ones(2000, bool), rng.random(2000) < 0.7, codes < 1):
            few = grouping.arrange_few(values, codes, use, n_groups)
            plain = grouping.arrange(values, codes, use, n_groups)
            assert few is not None
            assert (np.diff(few.bounds) <= 30).all()
            assert np.array_equal(few.sizes, plain.sizes)
            for group in range(n_groups):
                assert np.array_equal(few.group(group), plain.group(group))
    for other in (rng.normal(size=2000), rng.integers(0, 10**9, 2000).astype(float), values[:40]):
        use = np.ones(other.size, bool)
        assert grouping.arrange_few(other, codes[: other.size], use, n_groups) is None
    unused = np.zeros(2000, bool)
    assert grouping.arrange_few(values, codes, unused, n_groups) is None
