"""Correlations and associations against other implementations, exact counts, published values and their edges."""

from __future__ import annotations

from fractions import Fraction
from itertools import combinations, permutations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats as oracle

from istrel.stats import association as a
from istrel.stats import correlation as c
from istrel.stats import exact
from istrel.stats.estimates import Undefined
from istrel.stats.kendall import EXACT_TAU, inversions, kendall

RNG = np.random.default_rng(13)


def sample(n: int = 250) -> tuple[np.ndarray, np.ndarray]:
    """Related columns of very different sizes, one with ties, a tenth missing."""
    x = RNG.normal(size=(n, 6))
    x[:, 1] += x[:, 0]
    x[:, 2] = 1e7 + 1e-1 * x[:, 2] + 0.05 * x[:, 0]
    x[:, 3] = np.round(x[:, 3])
    x[:, 4] = np.exp(2 * x[:, 4]) * 1e-9
    valid = RNG.random(x.shape) > 0.1
    x[~valid] = np.nan
    return x, valid


@pytest.mark.parametrize("n", [12, 250, 9000])
@pytest.mark.parametrize("method", ["pearson", "spearman"])
def test_every_pair_agrees_with_another_implementation(method: str, n: int) -> None:
    x, valid = sample(n)
    found = c.pearson(x, valid) if method == "pearson" else c.spearman(x, valid)
    p = c.t_p_values(found.coefficient, found.n)
    for i, j in combinations(range(6), 2):
        both = valid[:, i] & valid[:, j]
        wanted = getattr(oracle, f"{method}r")(x[both, i], x[both, j])
        assert found.n[i, j] == both.sum()
        assert found.coefficient[i, j] == pytest.approx(wanted.statistic, rel=1e-10, abs=1e-12)
        assert p[i, j] == pytest.approx(wanted.pvalue, rel=1e-6, abs=1e-12)
    assert np.array_equal(found.coefficient, found.coefficient.T)


def test_pearson_agrees_with_exact_arithmetic() -> None:
    x = [1e7 + 0.1, 1e7 + 0.3, 1e7 + 0.2, 1e7 + 0.7]
    y = [2.5, 2.0, 9.0, 1e5]
    fx, fy = [Fraction(v) for v in x], [Fraction(v) for v in y]
    mx, my = sum(fx) / 4, sum(fy) / 4
    sxy = sum((p - mx) * (q - my) for p, q in zip(fx, fy, strict=True))
    sxx, syy = sum((p - mx) ** 2 for p in fx), sum((q - my) ** 2 for q in fy)
    wanted = float(sxy) / (float(sxx) * float(syy)) ** 0.5
    found = c.pearson(np.column_stack([x, y]), np.ones((4, 2), bool)).coefficient[0, 1]
    assert found == pytest.approx(wanted, rel=1e-13)


def test_sharing_the_work_changes_nothing(monkeypatch: pytest.MonkeyPatch) -> None:
    x, valid = sample(400)
    alone = c.spearman(x, valid)
    monkeypatch.setattr(c, "WORTH_SHARING", 0)
    monkeypatch.setattr(c.os, "cpu_count", lambda: 3)
    shared = c.spearman(x, valid)
    assert np.array_equal(alone.coefficient, shared.coefficient)
    assert np.array_equal(alone.n, shared.n)


def test_ranking_once_would_be_wrong_under_pairwise_deletion() -> None:
    x, valid = sample(40)
    ranks = np.where(valid, oracle.rankdata(np.where(valid, x, np.inf), axis=0), np.nan)
    once = c.pearson(ranks, valid).coefficient[0, 1]
    assert abs(once - c.spearman(x, valid).coefficient[0, 1]) > 1e-6


@given(st.lists(st.tuples(st.integers(0, 6), st.integers(0, 6)), min_size=2, max_size=40))
def test_kendall_agrees_with_another_implementation(pairs: list[tuple[int, int]]) -> None:
    x, y = np.array(pairs, float).T
    found = kendall(x, y)
    if len(set(x)) < 2 or len(set(y)) < 2:
        assert np.isnan(found.tau)
        return
    tied = len(set(x)) < x.size or len(set(y)) < x.size
    exact = x.size <= EXACT_TAU and not tied
    wanted = oracle.kendalltau(x, y, method="exact" if exact else "asymptotic")
    assert found.tau == pytest.approx(wanted.statistic, abs=1e-12)
    assert found.p == pytest.approx(wanted.pvalue, abs=1e-9)


@given(st.permutations(range(37)))
def test_inversions_are_counted_as_one_by_one(order: list[int]) -> None:
    wanted = sum(a > b for a, b in combinations(order, 2))
    assert inversions(np.array(order)) == wanted


def test_inversions_of_many_and_few() -> None:
    assert inversions(np.arange(70_000)[::-1].copy()) == 70_000 * 69_999 / 2
    assert inversions(np.array([0])) == 0
    assert inversions(np.array([1, 0])) == 1


def test_exact_tau_p_counts_permutations() -> None:
    for observed in permutations(range(4)):
        found = kendall(np.arange(4.0), np.array(observed, float))
        taus = [kendall(np.arange(4.0), np.array(o, float)).tau for o in permutations(range(4))]
        wanted = sum(abs(t) >= abs(found.tau) - 1e-12 for t in taus) / 24
        assert found.p == pytest.approx(wanted)


def test_edges_of_a_matrix_have_reasons() -> None:
    x = np.array([[1.0, 5.0, 2.0, 1.0], [2.0, 5.0, 4.0, 3.0], [3.0, 5.0, 6.0, 2.0], [4.0, 7.0, 8.0, 9.0]])
    valid = np.ones(x.shape, bool)
    valid[3, 1] = False  # without the last row the second column is constant
    valid[:, 3] = [True, False, False, False]
    names = ("a", "b", "c", "d")
    for found in (c.pearson(x, valid), c.spearman(x, valid)):
        assert found.coefficient[0, 2] == 1.0
        assert found.reason(0, 2, names) is None
        assert found.reason(0, 1, names).reason == "b constant"
        assert found.reason(0, 3, names).reason == "fewer than 2 complete cases"
    assert c.t_p_values(np.array(1.0), np.array(4)) == 0.0
    low, high = c.intervals(np.array([0.5]), np.array([3]))
    assert np.isnan([low[0], high[0]]).all()


@pytest.mark.parametrize("scale", [1e-200, 1e150])
def test_extreme_sizes_do_not_disturb_r(scale: float) -> None:
    x, valid = sample(60)
    valid[:] = True
    x = RNG.normal(size=x.shape)
    base = c.pearson(x, valid).coefficient
    assert c.pearson(x * scale, valid).coefficient == pytest.approx(base, rel=1e-12)


def test_intervals_follow_their_sources() -> None:
    low, high = c.intervals(np.array([0.5]), np.array([28]))
    # Fisher's z by hand: atanh(.5) = .5493061, standard error 1/sqrt(25) = .2, z(.975) = 1.959964.
    assert (low[0], high[0]) == (
        pytest.approx(np.tanh(0.5493061 - 0.3919928), abs=1e-6),
        pytest.approx(np.tanh(0.9412989), abs=1e-6),
    )
    rho = c.intervals(np.array([0.5]), np.array([28]), method="spearman")
    tau = c.intervals(np.array([0.5]), np.array([28]), method="kendall")
    assert rho[0][0] < low[0] < tau[0][0]  # Bonett & Wright: wider for rho, narrower for tau


def test_adjustments_follow_their_definitions() -> None:
    p = np.array([0.01, 0.04, 0.03, np.nan, 0.005])
    assert c.adjust(p, "holm") == pytest.approx([0.03, 0.06, 0.06, np.nan, 0.02], nan_ok=True)
    wanted = oracle.false_discovery_control(p[[0, 1, 2, 4]], method="bh")
    assert c.adjust(p, "bh")[[0, 1, 2, 4]] == pytest.approx(wanted)
    assert c.adjust(p, "none") == pytest.approx(p, nan_ok=True)


def test_partial_correlation_by_its_formula() -> None:
    x = RNG.normal(size=(300, 3))
    x[:, :2] += x[:, 2:]
    r = np.corrcoef(x, rowvar=False)
    wanted = (r[0, 1] - r[0, 2] * r[1, 2]) / np.sqrt((1 - r[0, 2] ** 2) * (1 - r[1, 2] ** 2))
    assert c.partial(x[:, :2], x[:, 2:]).coefficient[0, 1] == pytest.approx(wanted, rel=1e-10)


def test_eta_is_the_root_of_the_share_of_variance() -> None:
    values, codes = np.array([1.0, 2.0, 3.0, 7.0, 8.0, 9.0]), np.array([0, 0, 0, 1, 1, 1])
    assert c.eta(values, codes, 2) == pytest.approx(np.sqrt(54 / 58))
    assert np.isnan(c.eta(np.ones(4), np.array([0, 1, 0, 1]), 2))


TABLES = st.lists(st.lists(st.integers(0, 30), min_size=3, max_size=3), min_size=2, max_size=4).map(np.array)


@given(TABLES)
def test_chi_square_and_v_agree_with_another_implementation(counts: np.ndarray) -> None:
    table = counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]
    found = a.chi_square(counts)
    if min(table.shape, default=0) < 2:
        assert isinstance(found.statistic, Undefined)
        return
    wanted = oracle.chi2_contingency(table, correction=False)
    assert found.statistic == pytest.approx(wanted.statistic, rel=1e-10, abs=1e-12)
    assert (found.df, found.p) == (wanted.dof, pytest.approx(wanted.pvalue, rel=1e-8))
    assert a.expected_counts(table) == pytest.approx(wanted.expected_freq)
    assert a.cramers_v(counts)[0] == pytest.approx(oracle.contingency.association(table), rel=1e-9, abs=1e-9)


def test_fisher_gives_the_published_value_of_the_tea_tasting() -> None:
    """Fisher (1935, The Design of Experiments, ch. 2): three of four cups right; two-sided p = 34/70."""
    assert exact.exact_test(np.array([[3, 1], [1, 3]])).p == pytest.approx(34 / 70, rel=1e-12)


@given(st.lists(st.integers(0, 40), min_size=4, max_size=4))
def test_fisher_agrees_with_another_implementation(cells: list[int]) -> None:
    counts = np.array(cells).reshape(2, 2)
    if not (counts.sum(axis=0).all() and counts.sum(axis=1).all()):
        assert exact.exact_test(counts).p.reason == "fewer than 2 rows or columns with cases"
        return
    assert exact.exact_test(counts).p == pytest.approx(oracle.fisher_exact(counts).pvalue, rel=1e-9)


def test_simulated_tables_give_the_p_of_all_tables_within_their_error() -> None:
    for _ in range(12):
        counts = np.bincount(RNG.integers(0, 9, RNG.integers(6, 24)), minlength=9).reshape(3, 3)
        table = counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]
        found = exact.exact_test(table)
        if found.way != "enumeration":
            continue
        error = np.sqrt(found.p * (1 - found.p) / exact.DRAWS)
        assert exact._simulated(table) == pytest.approx(found.p, abs=5 * error + 1e-4)


@given(TABLES)
def test_gamma_and_tau_of_a_table_agree_with_its_cases(counts: np.ndarray) -> None:
    rows, columns = np.indices(counts.shape)
    x, y = np.repeat(rows.ravel(), counts.ravel()), np.repeat(columns.ravel(), counts.ravel())
    found = a.association(counts, ordered=True)
    if isinstance(found.tau_b, Undefined):
        assert isinstance(found.gamma, Undefined)
        return
    assert found.tau_b == pytest.approx(oracle.kendalltau(x, y).statistic, rel=1e-9, abs=1e-12)
    goodman = oracle.somersd(x, y)
    assert np.sign(found.gamma) == np.sign(round(goodman.statistic, 12))  # type: ignore[arg-type]


def test_adjusted_residuals_are_standard_under_their_formula() -> None:
    counts = np.array([[10, 20], [30, 5]])
    residuals = a.adjusted_residuals(counts)
    chi = a.chi_square(counts)
    assert residuals**2 == pytest.approx(
        np.full((2, 2), chi.statistic)
    )  # for 2 x 2 each squared residual is chi-square
    assert np.isnan(a.adjusted_residuals(np.array([[4, 0], [5, 0]]))).all()


def test_bergsmas_correction_takes_the_bias_out() -> None:
    """For independent variables the plain V is far above 0 on average, the corrected one near it (Bergsma 2013)."""
    plain, corrected = [], []
    for _ in range(150):
        counts = np.histogram2d(RNG.integers(0, 5, 80), RNG.integers(0, 5, 80), bins=5)[0].astype(int)
        v, better = a.cramers_v(counts)
        plain.append(v)
        corrected.append(better)
    assert np.mean(plain) > 0.18
    assert np.mean(corrected) < 0.08
