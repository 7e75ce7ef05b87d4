"""Moments against exact arithmetic, their invariants, and the reasons where they have no value."""

from __future__ import annotations

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.stats import moments as m
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged, arrange, arrange_counted
from oracles import apart, exact

STATISTICS = {"mean": m.mean, "variance": m.variance, "sd": m.sd, "skewness": m.skewness, "kurtosis": m.kurtosis}


def one_group(values: list[float] | np.ndarray) -> Arranged:
    x = np.asarray(values, float)
    return arrange(x, np.zeros(x.size, int), np.ones(x.size, bool), 1)


def found(values: list[float] | np.ndarray) -> dict[str, float | Undefined]:
    made = m.moments(one_group(values))
    return {key: statistic(made).at(0) for key, statistic in STATISTICS.items()}


ILL_CONDITIONED = {
    # 1001 values alternating around 10000000.2, after the pattern of NIST's numerical-accuracy sets.
    "seven digits": [10000000.2, *[10000000.1, 10000000.3] * 500],
    "thirteen digits": [1000000000000.2, *[1000000000000.1, 1000000000000.3] * 500],
    "three digits": [1.2, *[1.1, 1.3] * 500],
    "one far": [1e9 + 1, 1e9 + 2, 1e9 + 3, 1e9 + 7, 1e9 + 1e-6],
    "cancelling": [1e16, 1.0, -1e16, 2.0, 3.0, 1e-8],
    "tiny": [1e-310, 3e-310, 2e-310, 7e-310, 5e-310],
    "huge": [1e300, -1e300, 3e299, 5.0, 2e300],
    "log-normal": np.random.default_rng(7).lognormal(3, 1.2, 613).tolist(),
    "near normal": np.random.default_rng(8).normal(50, 10, 400).tolist(),
}


@pytest.mark.parametrize("name", ILL_CONDITIONED)
def test_moments_agree_with_exact_arithmetic_to_14_digits(name: str) -> None:
    values = ILL_CONDITIONED[name]
    wanted = exact(values)
    for key, value in found(values).items():
        if isinstance(value, Undefined):
            assert value.reason == "too large for a double"
            assert wanted[key] > 1.7e308
        elif wanted[key] > 1e-307 or wanted[key] < 0 or key == "mean":
            limit = 1e-14 if abs(wanted[key]) > 1e-300 else 1e-10  # subnormal doubles hold fewer digits
            assert apart(value, wanted[key]) < limit, key


@given(st.lists(st.floats(-1e6, 1e6, allow_nan=False).map(lambda v: round(v, 3)), min_size=4, max_size=40))
def test_moments_agree_with_exact_arithmetic_on_any_values(values: list[float]) -> None:
    wanted = exact(values)
    for key, value in found(values).items():
        if isinstance(value, Undefined):
            assert len(set(values)) == 1
        else:
            assert apart(value, wanted[key]) < 1e-12 or abs(value - float(wanted[key])) < 1e-15


@given(
    st.lists(st.integers(-1000, 1000), min_size=5, max_size=60),
    st.integers(-500, 500),
    st.sampled_from([0.5, 2.0, 64.0]),
)
def test_shift_and_scale_move_only_what_they_must(values: list[int], shift: int, scale: float) -> None:
    before, after = found([float(v) for v in values]), found([scale * v + shift for v in values])
    assert after["mean"] == pytest.approx(scale * before["mean"] + shift, rel=1e-14, abs=1e-12)
    assert after["sd"] == pytest.approx(scale * before["sd"], rel=1e-14)
    for key in ("skewness", "kurtosis"):
        if isinstance(before[key], Undefined):
            assert after[key] == before[key]
        else:
            assert after[key] == pytest.approx(before[key], rel=1e-12, abs=1e-14)


@given(st.permutations([1.5, 2.25, 1e9, -7.125, 3.0, 3.0, 1e-9]))
def test_the_order_of_cases_does_not_matter(values: list[float]) -> None:
    assert found(values) == found(sorted(values))


def test_groups_computed_together_equal_groups_computed_alone() -> None:
    rng = np.random.default_rng(3)
    x = rng.lognormal(0, 2, 500) * 10.0 ** rng.integers(-6, 6, 500)
    codes = rng.integers(0, 7, 500)
    codes[codes == 4] = 5  # group 4 is empty
    together = m.moments(arrange(x, codes, np.ones(500, bool), 7))
    for group in range(7):
        if group == 4:
            assert m.mean(together).at(4).reason == "no values"
            continue
        alone = found(x[codes == group])
        assert {key: statistic(together).at(group) for key, statistic in STATISTICS.items()} == alone


def test_pooling_groups_gives_the_total() -> None:
    rng = np.random.default_rng(4)
    x, codes = rng.normal(5, 2, 300), rng.integers(0, 3, 300)
    groups = m.moments(arrange(x, codes, np.ones(300, bool), 3))
    n, means = groups.n, m.mean(groups).values
    pooled = float((n * means).sum() / n.sum())
    within = float(((n - 1) * m.variance(groups).values).sum())
    between = float((n * (means - pooled) ** 2).sum())
    assert pooled == pytest.approx(found(x)["mean"], rel=1e-14)
    assert (within + between) / 299 == pytest.approx(found(x)["variance"], rel=1e-13)


def test_missing_cases_change_nothing() -> None:
    x = np.array([1.0, 99.0, 2.0, 4.0, np.nan, 8.0])
    use = np.array([True, False, True, True, False, True])
    made = m.moments(arrange(x, np.zeros(6, int), use, 1))
    assert m.mean(made).at(0) == 3.75
    assert m.kurtosis(made).at(0) == found([1, 2, 4, 8])["kurtosis"]


@pytest.mark.parametrize(
    ("values", "key", "reason"),
    [
        ([], "mean", "no values"),
        ([3.0], "sd", "fewer than 2 values"),
        ([3.0, 4.0], "skewness", "fewer than 3 values"),
        ([3.0, 4.0, 6.0], "kurtosis", "fewer than 4 values"),
        ([2.5] * 9, "skewness", "all values are equal"),
        ([0.1] * 9, "kurtosis", "all values are equal"),
        ([1e200, 2e200], "variance", "too large for a double"),
    ],
)
def test_a_statistic_without_value_says_why(values: list[float], key: str, reason: str) -> None:
    assert found(values)[key].reason == reason


def test_equal_values_have_no_spread_at_all() -> None:
    assert found([0.1] * 7)["sd"] == 0.0
    assert found([0.1] * 7)["mean"] == 0.1


def test_standard_errors_follow_their_formulas() -> None:
    made = m.moments(one_group(np.arange(1.0, 21.0)))
    # For n = 20: SE(G1)² = 6·20·19 / (18·21·23), SE(G2)² = 4 · SE(G1)² · (20² - 1) / (17·25).
    assert m.skewness_error(made).at(0) == pytest.approx(math.sqrt(2280 / 8694), rel=1e-14)
    assert m.kurtosis_error(made).at(0) == pytest.approx(2 * math.sqrt(2280 / 8694 * 399 / 425), rel=1e-14)
    assert m.standard_error(made).at(0) == pytest.approx(math.sqrt(35 / 20), rel=1e-15)


def test_interval_of_the_mean_uses_students_t() -> None:
    made = m.moments(one_group([1.0, 2.0, 3.0, 4.0, 5.0]))
    low, high = m.mean_interval(made, confidence=0.95)
    # t(0.975, 4) = 2.7764451051977987 in every table of Student's t.
    reach = 2.7764451051977987 * math.sqrt(2.5 / 5)
    assert (low.at(0), high.at(0)) == (pytest.approx(3 - reach, rel=1e-12), pytest.approx(3 + reach, rel=1e-12))


def test_variation_coefficient_needs_positive_values() -> None:
    def cv(values: list[float]) -> float | Undefined:
        return m.coefficient_of_variation(m.moments(one_group(values)), np.array([min(values)])).at(0)

    assert cv([2.0, 4.0]) == pytest.approx(100 * math.sqrt(2) / 3)
    assert cv([-1.0, 4.0]).reason == "some values are negative"
    assert cv([0.0, 0.0]).reason == "the mean is 0"


LARGE = {
    "plain": lambda rng, n: rng.normal(50, 10, n),
    "offset": lambda rng, n: 1e9 + rng.normal(0, 1, n),
    "skewed": lambda rng, n: rng.lognormal(0, 2, n),
    "one far, in the middle": lambda rng, n: np.where(np.arange(n) == n // 2, 1e7, rng.normal(0, 1, n)),
    "tiny": lambda rng, n: rng.normal(3, 1, n) * 1e-200,
    "huge": lambda rng, n: rng.normal(3, 1, n) * 1e200,
    "of all sizes": lambda rng, n: rng.normal(3, 1, n) * 10.0 ** rng.integers(-90, 90, n),
    "equal": lambda _, n: np.full(n, 0.1),
}


@pytest.mark.parametrize("counted", [False, True])
@pytest.mark.parametrize("n_groups", [1, 3, 700])
@pytest.mark.parametrize("shape", LARGE)
def test_one_pass_over_many_values_says_what_exact_sums_say(
    shape: str, n_groups: int, counted: bool, monkeypatch: pytest.MonkeyPatch
) -> None:
    rng = np.random.default_rng(5)
    n = m.EXACT_UP_TO + 4111
    x, codes = LARGE[shape](rng, n), np.sort(rng.integers(0, n_groups, n) ** 2 // n_groups)  # uneven, some empty
    used = np.ones(n, bool)
    given = arrange(x, codes, used, n_groups)
    if counted:
        given = arrange_counted(x, codes, used, n_groups, rng.integers(1, 2000, n))
    plainly = m.moments(given)
    monkeypatch.setattr(m, "EXACT_UP_TO", n)
    exactly = m.moments(given)
    assert np.array_equal(plainly.n, exactly.n)
    for key, statistic in STATISTICS.items():
        found, wanted = statistic(plainly), statistic(exactly)
        for group in range(n_groups):
            one, other = found.at(group), wanted.at(group)
            if isinstance(other, Undefined):
                assert isinstance(one, Undefined), (key, group)
                assert one.reason == other.reason
            else:
                assert one == pytest.approx(other, rel=1e-9 if key in ("skewness", "kurtosis") else 1e-12, abs=1e-9), (
                    key
                )
