"""Differences between groups against independent oracles; exact p-values against all arrangements, one by one."""

from __future__ import annotations

from itertools import permutations, product

import numpy as np
import pytest
from scipy import stats
from scipy.optimize import brentq

from istrel.stats.association import cramers_v
from istrel.stats.differences import categories, means, norms, ranks
from istrel.stats.differences.common import Effect
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import alone, arrange
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
    found = means.welch(moments_in([a + shift, b + shift]))
    wanted = stats.ttest_ind((a + shift) - shift, (b + shift) - shift, equal_var=False)
    assert found.statistic == pytest.approx(wanted.statistic, rel=1e-10)
    assert found.df[0] == pytest.approx(wanted.df, rel=1e-10)
    assert found.p == pytest.approx(wanted.pvalue, rel=1e-6)
    effect = means.measured_effect(moments_in([a, b]), confidence=0.9)
    average = np.sqrt((a.var(ddof=1) + b.var(ddof=1)) / 2)
    error = np.sqrt(a.var(ddof=1) / a.size + b.var(ddof=1) / b.size)
    correction = 1 - 3 / (4 * (a.size + b.size) - 9)
    assert effect.value == pytest.approx((a.mean() - b.mean()) / average * correction, rel=1e-10)
    near = (a.mean() - b.mean()) / error
    for limit, chance in ((effect.low, 0.95), (effect.high, 0.05)):
        away = brentq(lambda x, c=chance: stats.nct.cdf(near, found.df[0], x) - c, near - 5, near + 5, xtol=1e-12)
        assert limit == pytest.approx(away * error / average * correction, rel=1e-6, abs=1e-9)


@pytest.mark.parametrize("seed", SEEDS)
def test_three_measured_groups(seed: int) -> None:
    rng = np.random.default_rng(seed)
    groups = [rng.normal(k * 0.6, 1 + k, rng.integers(5, 30)).round(3) for k in range(3)]
    found, effect = means.welch(moments_in(groups)), means.measured_effect(moments_in(groups))
    n, mean, var = (np.array([f(g) for g in groups]) for f in (np.size, np.mean, lambda g: g.var(ddof=1)))
    w = n / var
    centre = (w * mean).sum() / w.sum()
    uneven = ((1 - w / w.sum()) ** 2 / (n - 1)).sum()
    f = ((w * (mean - centre) ** 2).sum() / 2) / (1 + 2 / 8 * uneven)
    assert found.statistic == pytest.approx(f, rel=1e-10)
    assert found.df == pytest.approx((2, 8 / (3 * uneven)), rel=1e-10)
    assert found.p == pytest.approx(stats.f.sf(f, 2, 8 / (3 * uneven)), rel=1e-6)
    assert effect.value == pytest.approx(max(0.0, 2 * (f - 1) / (2 * (f - 1) + n.sum())), rel=1e-10)
    for limit, chance in ((effect.low, 0.95), (effect.high, 0.05)):
        if limit == 0:
            assert stats.f.cdf(f, *found.df) <= chance
            continue
        away = limit * n.sum() / (1 - limit)
        assert stats.ncf.cdf(f, *found.df, away) == pytest.approx(chance, abs=1e-6)


def interval_and_p(rng: np.random.Generator, kind: str) -> tuple[Effect, float]:
    """A measure with its interval, and the p of the test that stands beside it, of groups that differ a little."""
    sizes, apart = rng.integers(8, 45, 3), rng.uniform(0, 0.9)
    groups = [rng.normal(k * apart, 1 + k, size).round(2) for k, size in enumerate(sizes)]
    if kind == "two means":
        groups = groups[:2]
    if kind in ("two means", "three means"):
        m = moments_in(groups)
        return means.measured_effect(m), means.welch(m).p
    if kind == "medians":
        first, second = (alone(np.sort(group), ordered=True) for group in groups[:2])
        return ranks.shift(first, second), ranks.rank_test(table_of(groups[:2])).p
    table = np.array([rng.binomial(60, p, 2) for p in rng.uniform(0.3, 0.6, 3 if kind == "V" else 1)])
    if kind == "proportions":
        table = np.vstack([60 - table[0], table[0]])
    return categories.categories_effect(table), categories.categories_test(table).p


@pytest.mark.parametrize("kind", ["two means", "three means", "medians", "proportions", "V"])
def test_an_interval_leaves_0_out_just_when_the_test_beside_it_rejects(kind: str) -> None:
    rng, seen = np.random.default_rng(7), set()
    for _ in range(40 if kind == "proportions" else 150):
        effect, p = interval_and_p(rng, kind)
        assert not isinstance(effect.low, Undefined)
        assert not isinstance(effect.high, Undefined)
        assert effect.low <= effect.high
        if abs(p - 0.05) < (2e-3 if kind == "medians" else 1e-9):
            continue  # of medians the test is rounded by half a rank
        outside = effect.low > 0 or effect.high < 0
        assert outside == (p < 0.05), (kind, effect, p)
        seen.add(outside)
    assert seen == {True, False}


@pytest.mark.parametrize("sizes", [(4, 5), (9, 14), (30, 50), (2_100, 2_200)])
def test_the_median_of_differences_is_that_of_all_pairs(sizes: tuple[int, int]) -> None:
    rng = np.random.default_rng(3)
    first, second = (np.sort(rng.normal(k, 2, size).round(2)) for k, size in enumerate(sizes))
    every = np.sort(np.subtract.outer(first, second).ravel())
    found = ranks.shift(alone(first, ordered=True), alone(second, ordered=True))
    assert found.value == pytest.approx(np.median(every), abs=1e-12)
    assert found.low in every
    assert found.high in every
    if sizes == (9, 14):  # by the exact distribution: 2 P(U <= k) is at most .05 for the last difference left out
        u = [
            stats.mannwhitneyu(first - shift, second, method="exact").pvalue
            for shift in (found.low - 1e-6, found.low + 1e-6)
        ]
        assert u[0] <= 0.05 < u[1]


@pytest.mark.parametrize("seed", SEEDS)
@pytest.mark.parametrize("sizes", [(4, 5), (3, 3, 3), (2, 3, 4), (30, 45), (20, 30, 25)])
def test_ranks(seed: int, sizes: tuple[int, ...]) -> None:
    rng = np.random.default_rng(seed)
    groups = [rng.integers(1, 5, size) + (k == 1) for k, size in enumerate(sizes)]
    table, values = table_of(groups), np.concatenate(groups)
    found = ranks.rank_test(table)
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
    found = ranks.ordered_effect(table_of([a, b]))
    assert found.value == pytest.approx(delta, abs=1e-12)
    assert found.low == pytest.approx(max(-1, (delta - delta**3 - reach) / base), rel=1e-10)
    assert found.high == pytest.approx(min(1, (delta - delta**3 + reach) / base), rel=1e-10)
    third = table_of([a, b, rng.integers(1, 9, 12)])
    assert ranks.ordered_effect(third).value == pytest.approx(
        ranks.rank_test(third).statistic / (third.sum() - 1), rel=1e-12
    )


def test_proportions_and_tables() -> None:
    """56 of 70 and 48 of 80: Mee's limits in Newcombe's (1998) table, his method 5 without correction."""
    found = categories.categories_effect(np.array([[14, 32], [56, 48]]))
    assert (found.measure, found.between) == ("risk_difference", (0, 1))
    assert [round(x, 4) for x in (found.value, found.low, found.high)] == [0.2, 0.0533, 0.3377]
    large, few = np.array([[30, 20], [25, 40], [9, 12]]), np.array([[3, 1], [0, 4]])
    wanted = stats.chi2_contingency(large, correction=False)
    test = categories.categories_test(large)
    assert (test.name, test.df) == ("chi_square", (2.0,))
    assert (test.statistic, test.p) == pytest.approx((wanted.statistic, wanted.pvalue), rel=1e-10)
    assert categories.categories_effect(large).value == pytest.approx(cramers_v(large)[1], rel=1e-12)
    exact = categories.categories_test(few)
    assert (exact.name, exact.exact) == ("exact", True)
    assert exact.p == pytest.approx(stats.fisher_exact(few).pvalue, abs=1e-12)


@pytest.mark.parametrize(
    "groups",
    [[[1.0, 2.0]], [[1.0], [2.0]], [[3.0, 3.0], [3.0, 3.0]], [[], [1.0, 2.0]], [[1.0, 1.0], [2.0, 2.0], [3.0, 3.0]]],
)
def test_what_cannot_be_known_says_why(groups: list[list[float]]) -> None:
    parts = [np.array(g) for g in groups]
    m, table = moments_in(parts), table_of(parts)
    assert isinstance(means.welch(m).p, Undefined)
    value = means.measured_effect(m).value
    assert isinstance(value, Undefined)
    if (table.sum(axis=0) > 0).sum() < 2:
        assert isinstance(ranks.rank_test(table).p, Undefined)
        assert isinstance(ranks.ordered_effect(table).value, Undefined)


@pytest.mark.parametrize("seed", SEEDS)
def test_a_mean_and_a_median_against_a_norm(seed: int) -> None:
    values = np.random.default_rng(seed).normal(3, 2, 12 + seed)
    effect, test = norms.mean_against(
        values.mean(), values.std(ddof=1) / np.sqrt(values.size), values.size - 1, 2.5, confidence=0.9, name="t"
    )
    oracle = stats.ttest_1samp(values, 2.5)
    assert (test.statistic, test.p) == pytest.approx((oracle.statistic, oracle.pvalue), rel=1e-10)
    low, high = oracle.confidence_interval(0.9)
    assert (effect.low, effect.high) == pytest.approx((low - 2.5, high - 2.5), rel=1e-10)
    middle, ranked = norms.median_against(alone(np.sort(values)), 2.5, confidence=0.95)
    assert ranked.p == pytest.approx(stats.wilcoxon(values - 2.5, method="exact").pvalue, rel=1e-9)
    pairs = [(a + b) / 2 for k, a in enumerate(values) for b in values[k:]]
    assert middle.value == pytest.approx(np.median(pairs) - 2.5, rel=1e-10)


@pytest.mark.parametrize(
    ("counts", "shares"),
    [
        ((7, 2), (1, 1)),
        ((3, 1, 5), (50, 30, 20)),
        ((0, 4, 1, 2), (1, 2, 3, 4)),
        ((90, 30, 80), (40, 20, 40)),
        ((5, 0), (1, 3)),
    ],
)
def test_frequencies_against_expected_shares(counts: tuple[int, ...], shares: tuple[float, ...]) -> None:
    found = norms.goodness_of_fit(np.array(counts), np.array(shares, float))
    n, p = sum(counts), np.array(shares) / sum(shares)
    if min(n * p) >= 5:
        oracle = stats.chisquare(counts, n * p)
        assert (found.statistic, found.p, found.exact) == pytest.approx(
            (oracle.statistic, oracle.pvalue, False), rel=1e-10
        )
        return
    outcomes = [o for o in product(range(n + 1), repeat=len(counts)) if sum(o) == n]
    chances = np.array([stats.multinomial.pmf(o, n, p) for o in outcomes])
    mine = stats.multinomial.pmf(counts, n, p)
    assert (found.p, found.exact) == pytest.approx((chances[chances <= mine * (1 + 1e-7)].sum(), True), rel=1e-9)


def test_what_is_not_expected_at_all_and_nothing_at_all() -> None:
    impossible = norms.goodness_of_fit(np.array([3, 1, 0]), np.array([1.0, 0.0, 1.0]))
    assert (impossible.p, impossible.df, impossible.exact) == (0.0, 2, True)
    assert norms.goodness_of_fit(np.array([0, 0, 0]), np.ones(3)).df == 2
    assert isinstance(norms.goodness_of_fit(np.array([0, 0]), np.array([1.0, 1.0])).p, Undefined)
