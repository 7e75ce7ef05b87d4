"""Tests of normality against published values, a second implementation, and worked edges."""

from __future__ import annotations

import warnings

import mpmath
import numpy as np
import pytest
from scipy import stats as oracle

from istrel.stats import multivariate, normality
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.moments import moments

RNG = np.random.default_rng(11)
SHAPES = {
    "normal": RNG.normal(50, 10, 4000),
    "log-normal": RNG.lognormal(0, 0.6, 4000),
    "uniform": RNG.uniform(-1, 1, 4000),
    "whole numbers": RNG.integers(0, 9, 4000).astype(float),
}
# Weights of eleven men in pounds, the worked example of Shapiro & Wilk (1965, Biometrika 52, p. 606): W = 0.79.
MEN = [148.0, 154.0, 158.0, 160.0, 161.0, 162.0, 166.0, 170.0, 182.0, 195.0, 236.0]


def one_group(values: object) -> Arranged:
    x = np.asarray(values, float)
    return arrange(x, np.zeros(x.size, int), np.ones(x.size, bool), 1)


def test_shapiro_wilk_gives_the_published_value() -> None:
    found = normality.shapiro_wilk(one_group(MEN))
    assert found.statistic.at(0) == pytest.approx(0.79, abs=0.005)
    assert 0.005 < float(found.p.values[0]) < 0.01  # between the 1 % point .792 and below, their table 6


def exact_w(values: list[float]) -> mpmath.mpf:
    """W by the formulas of Royston (1995) in 40-digit arithmetic, for n > 5."""
    n = len(values)
    u = 1 / mpmath.sqrt(n)
    m = [
        mpmath.sqrt(2) * mpmath.erfinv(2 * (i - mpmath.mpf(3) / 8) / (n + mpmath.mpf(1) / 4) - 1)
        for i in range(1, n + 1)
    ]
    total = sum(v * v for v in m)
    first = ("0", "0.221157", "-0.147981", "-2.07119", "4.434685", "-2.706056")
    second = ("0", "0.042981", "-0.293762", "-1.752461", "5.682633", "-3.582633")
    a1, a2 = (
        -m[k] / mpmath.sqrt(total) + sum(mpmath.mpf(c) * u**power for power, c in enumerate(polynomial))
        for k, polynomial in enumerate((first, second))
    )
    scale = mpmath.sqrt((total - 2 * m[0] ** 2 - 2 * m[1] ** 2) / (1 - 2 * a1**2 - 2 * a2**2))
    weights = [-a1, -a2, *(v / scale for v in m[2:-2]), a2, a1]
    x = [mpmath.mpf(v) for v in sorted(values)]
    mean = sum(x) / n
    return sum(w * v for w, v in zip(weights, x, strict=True)) ** 2 / sum((v - mean) ** 2 for v in x)


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("n", [6, 11, 12, 200])
def test_shapiro_wilk_agrees_with_exact_arithmetic(shape: str, n: int) -> None:
    values = SHAPES[shape][:n].tolist()
    with mpmath.workdps(40):
        wanted = float(exact_w(values))
    assert normality.shapiro_wilk(one_group(values)).statistic.values[0] == pytest.approx(wanted, rel=1e-13)


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("n", [3, 4, 5, 6, 7, 11, 12, 13, 30, 200, 3999])
def test_shapiro_wilk_agrees_with_another_implementation(shape: str, n: int) -> None:
    values = SHAPES[shape][:n]
    found, wanted = normality.shapiro_wilk(one_group(values)), oracle.shapiro(values)
    assert found.statistic.values[0] == pytest.approx(
        wanted.statistic, rel=1e-7
    )  # the other keeps single precision inside
    assert found.p.values[0] == pytest.approx(wanted.pvalue, rel=1e-4, abs=1e-12)


def test_many_groups_together_equal_each_alone() -> None:
    x, codes = RNG.lognormal(0, 0.4, 900), RNG.integers(0, 40, 900)
    together = arrange(x, codes, np.ones(900, bool), 41)  # the last group is empty
    even = arrange(x[:880], np.arange(880) % 44, np.ones(880, bool), 44)
    for test in (normality.shapiro_wilk, normality.anderson_darling, normality.lilliefors, normality.dagostino_pearson):
        for cells, member in ((together, codes), (even, np.arange(880) % 44)):
            found = test(cells)
            for group in (0, 7, 39):
                alone = test(one_group(x[: member.size][member == group]))
                for a, b in ((found.statistic.at(group), alone.statistic.at(0)), (found.p.at(group), alone.p.at(0))):
                    assert a == b if isinstance(a, Undefined) else a == pytest.approx(b, rel=1e-9)
    assert normality.shapiro_wilk(together).statistic.at(40).reason == "fewer than 3 values"


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("n", [8, 25, 400])
def test_anderson_darling_agrees_with_another_implementation(shape: str, n: int) -> None:
    values = SHAPES[shape][:n]
    with warnings.catch_warnings():
        warnings.simplefilter("ignore", FutureWarning)
        wanted = oracle.anderson(values, "norm").statistic
    star = normality.anderson_darling(one_group(values)).statistic.values[0]
    assert star == pytest.approx(wanted * (1 + 0.75 / n + 2.25 / n**2), rel=1e-10)


@pytest.mark.parametrize(("star", "p"), [(0.631, 0.10), (0.752, 0.05), (0.873, 0.025), (1.035, 0.01)])
def test_anderson_darling_p_meets_the_published_points(star: float, p: float) -> None:
    """D'Agostino & Stephens (1986), table 4.7, case 3."""
    assert normality._anderson_p(np.array([star]))[0] == pytest.approx(p, rel=0.04)


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("n", [5, 30, 500])
def test_lilliefors_distance_agrees_with_another_implementation(shape: str, n: int) -> None:
    values = SHAPES[shape][:n]
    z = (values - values.mean()) / values.std(ddof=1)
    found = normality.lilliefors(one_group(values)).statistic.values[0]
    assert found == pytest.approx(oracle.kstest(z, "norm").statistic, rel=1e-10)


@pytest.mark.parametrize(
    ("n", "distance", "p"), [(10, 0.262, 0.05), (20, 0.192, 0.05), (30, 0.159, 0.05), (20, 0.223, 0.01)]
)
def test_lilliefors_p_meets_the_published_points(n: int, distance: float, p: float) -> None:
    """Critical values of Dallal & Wilkinson (1986, The American Statistician 40, table 1)."""
    assert normality._lilliefors_p(np.array([distance]), np.array([n]))[0] == pytest.approx(p, rel=0.05)


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("n", [20, 100, 3000])
def test_dagostino_pearson_agrees_with_another_implementation(shape: str, n: int) -> None:
    found, wanted = normality.dagostino_pearson(one_group(SHAPES[shape][:n])), oracle.normaltest(SHAPES[shape][:n])
    assert found.statistic.values[0] == pytest.approx(wanted.statistic, rel=1e-9)
    assert found.p.values[0] == pytest.approx(wanted.pvalue, rel=1e-8)


def test_jarque_bera_agrees_with_another_implementation() -> None:
    for values in SHAPES.values():
        found, wanted = normality.jarque_bera(one_group(values)), oracle.jarque_bera(values)
        assert found.statistic.values[0] == pytest.approx(wanted.statistic, rel=1e-9)
        assert found.p.values[0] == pytest.approx(wanted.pvalue, rel=1e-8)


@pytest.mark.parametrize(
    ("values", "test", "reason"),
    [
        ([1.0, 2.0], normality.shapiro_wilk, "fewer than 3 values"),
        ([1.0] * 9, normality.shapiro_wilk, "all values are equal"),
        ([1.0, 2.0, 4.0], normality.anderson_darling, "fewer than 8 values"),
        ([1.0, 2.0, 4.0], normality.lilliefors, "fewer than 5 values"),
        ([1.0, 2.0] * 9, normality.dagostino_pearson, "fewer than 20 values"),
        ([1.0, 2.0] * 9, normality.jarque_bera, "fewer than 2,000 values"),
        ([], normality.lilliefors, "fewer than 5 values"),
    ],
)
def test_a_test_without_ground_says_why(values: list[float], test: object, reason: str) -> None:
    found = test(one_group(values))  # type: ignore[operator]
    assert found.statistic.at(0).reason == reason
    assert found.p.at(0).reason == reason


def test_beyond_five_thousand_values_there_is_w_but_no_p() -> None:
    found = normality.shapiro_wilk(one_group(RNG.normal(size=5001)))
    assert 0.99 < float(found.statistic.values[0]) <= 1
    assert found.p.at(0).reason == "no p beyond 5,000 values (Royston, 1995)"


def test_extreme_sizes_do_not_disturb_the_tests() -> None:
    base = normality.shapiro_wilk(one_group(SHAPES["log-normal"][:60])).statistic.values[0]
    for scale in (1e-300, 1e290):
        assert normality.shapiro_wilk(one_group(SHAPES["log-normal"][:60] * scale)).statistic.values[
            0
        ] == pytest.approx(base, rel=1e-9)
        cells = one_group(SHAPES["log-normal"][:60] * scale)
        assert np.isfinite(normality.anderson_darling(cells, moments(cells)).statistic.values[0])


def test_blom_positions_and_the_band() -> None:
    x = normality.normal_positions(5)
    assert x == pytest.approx(oracle.norm.ppf((np.arange(1, 6) - 0.375) / 5.25), rel=1e-12)


@pytest.mark.parametrize("n", [5, 20, 60, 150, 400])
def test_the_band_of_a_quantile_plot_holds_each_value_with_the_confidence_it_says(n: int) -> None:
    """By another simulation than its own: of ordered values standardized by their own M and SD."""
    low, high = normality.quantile_band(n)
    ordered = np.sort(np.random.default_rng(99).standard_normal((20_000, n)), axis=1)
    ordered = (ordered - ordered.mean(axis=1, keepdims=True)) / ordered.std(axis=1, ddof=1, keepdims=True)
    inside = ((ordered >= low) & (ordered <= high)).mean(axis=0)
    assert np.abs(inside - 0.95).max() < 0.005 + 4 * np.sqrt(0.95 * 0.05 / 20_000) / 2
    assert low == pytest.approx(-high[::-1], abs=1e-9)


def direct_mardia(x: np.ndarray) -> tuple[float, float, float]:
    """(b1, b2, HZ) from their definitions, pair by pair."""
    n, p = x.shape
    centred = x - x.mean(axis=0)
    inverse = np.linalg.inv(centred.T @ centred / n)
    g = centred @ inverse @ centred.T
    d = np.diag(g)
    beta2 = 0.5 * ((2 * p + 1) / 4 * n) ** (2 / (p + 4))
    apart = d[:, None] + d[None, :] - 2 * g
    hz = np.exp(-beta2 / 2 * apart).sum() / n
    hz -= 2 * (1 + beta2) ** (-p / 2) * np.exp(-beta2 / (2 * (1 + beta2)) * d).sum()
    hz += n * (1 + 2 * beta2) ** (-p / 2)
    return float((g**3).mean()), float((d**2).mean()), float(hz)


@pytest.mark.parametrize("p", [2, 3, 5])
def test_multivariate_statistics_follow_their_definitions(p: int) -> None:
    x = RNG.lognormal(0, 0.3, (150, p)) @ RNG.normal(size=(p, p)) * np.logspace(-3, 6, p)
    found = multivariate.set_shape(x, tuple("abcde"[:p]))
    b1, b2, hz = direct_mardia(x)
    k = (p + 1) * 151 * 153 / (150 * (151 * (p + 1) - 6))
    skewness, kurtosis = found.mardia_skewness, found.mardia_kurtosis
    assert skewness.statistic == pytest.approx(150 * b1 / 6 * k, rel=1e-8)
    assert skewness.p == pytest.approx(oracle.chi2.sf(150 * b1 / 6 * k, p * (p + 1) * (p + 2) / 6), rel=1e-6)
    assert kurtosis.statistic == pytest.approx((b2 - p * (p + 2)) / np.sqrt(8 * p * (p + 2) / 150), rel=1e-8)
    assert found.henze_zirkler.statistic == pytest.approx(hz, rel=1e-8)
    covariance = np.atleast_2d(np.cov(x, rowvar=False))
    centred = x - x.mean(axis=0)
    assert found.distances == pytest.approx(
        np.einsum("ij,jk,ik->i", centred, np.linalg.inv(covariance), centred), rel=1e-7
    )


def test_henze_zirkler_accepts_normal_data_at_its_level() -> None:
    """Of 200 normal samples about 5 % are rejected at .05: the p-value is a p-value."""
    rejected = sum(
        float(multivariate.set_shape(RNG.normal(size=(60, 2)), ("a", "b")).henze_zirkler.p) < 0.05  # type: ignore[arg-type]
        for _ in range(200)
    )
    assert 2 <= rejected <= 22


def test_a_singular_set_names_its_variables() -> None:
    x = RNG.normal(size=(50, 2))
    twice = multivariate.set_shape(np.column_stack([x, x[:, 0] * 2 - 1]), ("height", "weight", "height_cm"))
    assert twice.mardia_skewness.statistic.reason == "the covariance is singular: height_cm follows from the others"
    flat = multivariate.set_shape(np.column_stack([x, np.full(50, 3.0)]), ("a", "b", "term"))
    assert flat.henze_zirkler.p.reason == "the covariance is singular: term is constant"
    few = multivariate.set_shape(x[:3], ("a", "b"))
    assert few.mardia_kurtosis.statistic.reason == "fewer than 4 complete cases"


def test_large_sets_are_tested_without_comparing_every_pair() -> None:
    found = multivariate.set_shape(RNG.normal(size=(200_000, 3)), ("a", "b", "c"))
    assert isinstance(found.mardia_skewness.p, float)
    assert found.henze_zirkler.statistic.reason == "not beyond 10,000 cases: it compares every pair"


def test_remote_cases_are_found() -> None:
    x = RNG.normal(size=(200, 3))
    x[17] += 9
    found = multivariate.set_shape(x, ("a", "b", "c"))
    assert 17 in found.remote
    assert found.remote.size <= 4
