"""Differences between groups against independent oracles; exact p-values against all arrangements, one by one."""

from __future__ import annotations

from itertools import combinations, permutations
from math import lgamma

import numpy as np
import pytest
from scipy import stats
from scipy.optimize import brentq

from istrel.stats import differences as d
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import arrange
from istrel.stats.moments import Moments, moments

SEEDS = range(6)


def moments_in(groups: list[np.ndarray]) -> Moments:
    values = np.concatenate(groups)
    codes = np.repeat(np.arange(len(groups)), [len(g) for g in groups])
    return moments(arrange(values, codes, np.ones(values.size, bool), len(groups)))


def table_of(groups: list[np.ndarray]) -> np.ndarray:
    values = np.unique(np.concatenate(groups))
    return np.array([[int((g == v).sum()) for g in groups] for v in values])


@pytest.mark.parametrize("seed", SEEDS)
@pytest.mark.parametrize("shift", [0.0, 1e7])
def test_two_measured_groups(seed: int, shift: float) -> None:
    rng = np.random.default_rng(seed)
    a, b = (rng.normal(k + 2, 1 + k, rng.integers(4, 40)).round(3) for k in range(2))
    found = d.welch(moments_in([a + shift, b + shift]))
    wanted = stats.ttest_ind((a + shift) - shift, (b + shift) - shift, equal_var=False)
    assert found.statistic == pytest.approx(wanted.statistic, rel=1e-10)
    assert found.df[0] == pytest.approx(wanted.df, rel=1e-10)
    assert found.p == pytest.approx(wanted.pvalue, rel=1e-6)
    effect = d.measured_effect(moments_in([a, b]), confidence=0.9)
    freedom = a.size + b.size - 2
    pooled = np.sqrt(((a.size - 1) * a.var(ddof=1) + (b.size - 1) * b.var(ddof=1)) / freedom)
    raw = (a.mean() - b.mean()) / pooled
    correction = np.exp(lgamma(freedom / 2) - lgamma((freedom - 1) / 2)) / np.sqrt(freedom / 2)
    assert effect.value == pytest.approx(raw * correction, rel=1e-10)
    weight = np.sqrt(1 / a.size + 1 / b.size)
    for limit, chance in ((effect.low, 0.95), (effect.high, 0.05)):
        near = raw / weight
        away = brentq(lambda x, c=chance: stats.nct.cdf(raw / weight, freedom, x) - c, near - 5, near + 5, xtol=1e-12)
        assert limit == pytest.approx(away * weight * correction, rel=1e-6, abs=1e-9)


@pytest.mark.parametrize("seed", SEEDS)
def test_three_measured_groups(seed: int) -> None:
    rng = np.random.default_rng(seed)
    groups = [rng.normal(k * 0.6, 1 + k, rng.integers(5, 30)).round(3) for k in range(3)]
    found, effect = d.welch(moments_in(groups)), d.measured_effect(moments_in(groups))
    n, mean, var = (np.array([f(g) for g in groups]) for f in (np.size, np.mean, lambda g: g.var(ddof=1)))
    w = n / var
    centre = (w * mean).sum() / w.sum()
    uneven = ((1 - w / w.sum()) ** 2 / (n - 1)).sum()
    f = ((w * (mean - centre) ** 2).sum() / 2) / (1 + 2 / 8 * uneven)
    assert found.statistic == pytest.approx(f, rel=1e-10)
    assert found.df == pytest.approx((2, 8 / (3 * uneven)), rel=1e-10)
    assert found.p == pytest.approx(stats.f.sf(f, 2, 8 / (3 * uneven)), rel=1e-6)
    values = np.concatenate(groups)
    inside = sum(((g - g.mean()) ** 2).sum() for g in groups)
    assert effect.value == pytest.approx(1 - inside / ((values - values.mean()) ** 2).sum(), rel=1e-10)
    plain = stats.f_oneway(*groups).statistic
    for limit, chance in ((effect.low, 0.975), (effect.high, 0.025)):
        if limit == 0:
            assert stats.f.cdf(plain, 2, n.sum() - 3) <= chance
            continue
        away = limit * n.sum() / (1 - limit)
        assert stats.ncf.cdf(plain, 2, n.sum() - 3, away) == pytest.approx(chance, abs=1e-6)


@pytest.mark.parametrize("seed", SEEDS)
@pytest.mark.parametrize("sizes", [(4, 5), (3, 3, 3), (2, 3, 4), (30, 45), (20, 30, 25)])
def test_ranks(seed: int, sizes: tuple[int, ...]) -> None:
    rng = np.random.default_rng(seed)
    groups = [rng.integers(1, 5, size) + (k == 1) for k, size in enumerate(sizes)]
    table, values = table_of(groups), np.concatenate(groups)
    found = d.rank_test(table)
    wanted = stats.mannwhitneyu(*groups, method="asymptotic") if len(sizes) == 2 else stats.kruskal(*groups)
    assert found.statistic == pytest.approx(wanted.statistic, rel=1e-10)
    assert found.exact == (sum(sizes) <= 9)
    if not found.exact:
        assert found.p == pytest.approx(wanted.pvalue, rel=1e-6)
    elif sum(sizes) <= 9:
        assert found.p == pytest.approx(_by_enumeration(values, sizes), abs=1e-12)


def _by_enumeration(values: np.ndarray, sizes: tuple[int, ...]) -> float:
    """Every assignment of the ranks to groups."""
    ranks = stats.rankdata(values)
    codes = np.repeat(np.arange(len(sizes)), sizes)
    far = {}
    for order in set(permutations(codes)):
        sums = np.bincount(np.array(order), weights=ranks)
        far[order] = ((sums - np.array(sizes) * (len(values) + 1) / 2) ** 2 / np.array(sizes)).sum()
    here = far[tuple(codes)]
    return float(np.mean([value >= here - 1e-9 for value in far.values()]))


@pytest.mark.parametrize("seed", SEEDS)
def test_cliffs_delta(seed: int) -> None:
    rng = np.random.default_rng(seed)
    a, b = rng.integers(1, 6, rng.integers(5, 30)), rng.integers(2, 6, rng.integers(5, 30))
    signs = np.sign(a[:, None] - b[None, :])
    delta = signs.mean()
    n, m = signs.shape
    rows, columns = signs.mean(axis=1), signs.mean(axis=0)
    cells = ((signs - delta) ** 2).sum()
    spread = (m**2 * ((rows - delta) ** 2).sum() + n**2 * ((columns - delta) ** 2).sum() - cells) / (
        n * m * (n - 1) * (m - 1)
    )
    spread = max(spread, (1 - delta**2) / (n * m - 1))
    z = stats.norm.ppf(0.975)
    reach = z * np.sqrt(spread) * np.sqrt((1 - delta**2) ** 2 + z**2 * spread)
    base = 1 - delta**2 + z**2 * spread
    found = d.ordered_effect(table_of([a, b]))
    assert found.value == pytest.approx(delta, abs=1e-12)
    assert found.low == pytest.approx(max(-1, (delta - delta**3 - reach) / base), rel=1e-10)
    assert found.high == pytest.approx(min(1, (delta - delta**3 + reach) / base), rel=1e-10)
    third = rng.integers(1, 9, 12)
    widest = d.ordered_effect(table_of([a, b, third]))
    assert widest.between in list(combinations(range(3), 2))
    pairs = [np.sign(x[:, None] - y[None, :]).mean() for x, y in combinations((a, b, third), 2)]
    assert abs(widest.value) == pytest.approx(max(map(abs, pairs)), abs=1e-12)


def test_proportions_and_tables() -> None:
    """Newcombe's (1998) own example: 56 of 70 and 48 of 80."""
    found = d.categories_effect(np.array([[14, 32], [56, 48]]))
    assert (found.measure, found.between) == ("risk_difference", (0, 1))
    assert [round(x, 4) for x in (found.value, found.low, found.high)] == [0.2, 0.0524, 0.3339]
    large, few = np.array([[30, 20], [25, 40], [9, 12]]), np.array([[3, 1], [0, 4]])
    wanted = stats.chi2_contingency(large, correction=False)
    test = d.categories_test(large)
    assert (test.name, test.df) == ("chi_square", (2.0,))
    assert (test.statistic, test.p) == pytest.approx((wanted.statistic, wanted.pvalue), rel=1e-10)
    assert d.categories_effect(large).value == pytest.approx(np.sqrt(wanted.statistic / large.sum()), rel=1e-12)
    exact = d.categories_test(few)
    assert (exact.name, exact.exact) == ("exact", True)
    assert exact.p == pytest.approx(stats.fisher_exact(few).pvalue, abs=1e-12)


@pytest.mark.parametrize(
    "groups",
    [[[1.0, 2.0]], [[1.0], [2.0]], [[3.0, 3.0], [3.0, 3.0]], [[], [1.0, 2.0]], [[1.0, 1.0], [2.0, 2.0], [3.0, 3.0]]],
)
def test_what_cannot_be_known_says_why(groups: list[list[float]]) -> None:
    parts = [np.array(g) for g in groups]
    m, table = moments_in(parts), table_of(parts)
    assert isinstance(d.welch(m).p, Undefined)
    value = d.measured_effect(m).value
    assert value == 1.0 if len(parts) > 2 else isinstance(value, Undefined)
    if (table.sum(axis=0) > 0).sum() < 2:
        assert isinstance(d.rank_test(table).p, Undefined)
        assert isinstance(d.ordered_effect(table).value, Undefined)
