"""Pairs of groups, ratios of shares, and spread, against independent computations and the tests beside them."""

from __future__ import annotations

from itertools import combinations
from math import log, sqrt

import numpy as np
import pytest
from scipy import stats
from scipy.optimize import minimize_scalar

from istrel.stats.association import chi_square
from istrel.stats.differences import pairs
from istrel.stats.differences.means import brown_forsythe
from istrel.stats.differences.ratios import ratio_effect
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import arrange
from istrel.stats.moments import moments
from istrel.stats.studentized import range_limit, range_tail

SEEDS = range(5)


def groups_of(seed: int) -> list[np.ndarray]:
    random = np.random.default_rng(seed)
    return [random.normal(k / 2, 1 + k / 3, 8 + 3 * k).round(1) for k in range(3 + seed % 3)]


@pytest.mark.parametrize(
    ("q", "k", "df"), [(3.5, 3, 10), (2.1, 4, 33.3), (5, 6, 3), (8, 3, 2.5), (1, 10, 1000), (0.3, 3, 40)]
)
def test_the_studentized_range(q: float, k: int, df: float) -> None:
    free = np.array([df])
    assert range_tail(np.array([q]), k, free)[0] == pytest.approx(stats.studentized_range.sf(q, k, df), rel=1e-7)
    assert range_tail(range_limit(0.05, k, free), k, free)[0] == pytest.approx(0.05, rel=1e-7)


def test_limits_of_many_degrees_of_freedom_are_those_of_each() -> None:
    """More than are found one by one: what lies between is interpolated."""
    free = np.geomspace(1.3, 4000, 60)
    assert range_tail(range_limit(0.05, 12, free), 12, free) == pytest.approx(0.05, rel=1e-6)


@pytest.mark.parametrize("seed", SEEDS)
def test_games_howell_and_spread(seed: int) -> None:
    groups = groups_of(seed)
    values, codes = np.concatenate(groups), np.repeat(np.arange(len(groups)), [g.size for g in groups])
    cells = arrange(values, codes, np.ones(values.size, bool), len(groups))
    found = list(pairs.games_howell(moments(cells)))
    for (a, b), (effect, test) in zip(combinations(range(len(groups)), 2), found, strict=True):
        welch = stats.ttest_ind(groups[a], groups[b], equal_var=False)
        assert (test.statistic, test.df[0]) == pytest.approx((welch.statistic, welch.df), rel=1e-10)
        q = abs(welch.statistic) * sqrt(2)
        assert test.p == pytest.approx(stats.studentized_range.sf(q, len(groups), welch.df), rel=1e-6)
        assert (effect.low > 0 or effect.high < 0) == (test.p < 0.05)
    oracle = stats.levene(*groups, center="median")
    spread = brown_forsythe(cells, len(groups))
    assert (spread.statistic, spread.p) == pytest.approx((oracle.statistic, oracle.pvalue), rel=1e-10)


@pytest.mark.parametrize("seed", SEEDS)
def test_dunn_and_cliffs_delta(seed: int) -> None:
    groups = groups_of(seed)
    values = np.unique(np.concatenate(groups))
    counts = np.array([[int((g == v).sum()) for g in groups] for v in values])
    together = np.concatenate(groups)
    ranks, n = stats.rankdata(together), together.size
    parts = np.split(ranks, np.cumsum([g.size for g in groups])[:-1])
    ties = sum(t**3 - t for t in np.unique(together, return_counts=True)[1])
    spread = n * (n + 1) / 12 - ties / (12 * (n - 1))
    for (a, b), (effect, test) in zip(combinations(range(len(groups)), 2), pairs.dunn(counts), strict=True):
        z = (parts[a].mean() - parts[b].mean()) / sqrt(spread * (1 / parts[a].size + 1 / parts[b].size))
        assert (test.statistic, test.p) == pytest.approx((z, 2 * stats.norm.sf(abs(z))), rel=1e-10)
        assert effect.value == pytest.approx(np.sign(groups[a][:, None] - groups[b][None, :]).mean(), abs=1e-12)


@pytest.mark.parametrize("seed", range(12))
def test_ratios_of_shares(seed: int) -> None:
    random = np.random.default_rng(seed)
    counts = random.integers(1, 25, (2, 2))
    risk, odds = (ratio_effect(counts, measure) for measure in ("risk_ratio", "odds_ratio"))
    n = counts.sum(axis=0)
    assert risk.value == pytest.approx(counts[1, 0] / n[0] / (counts[1, 1] / n[1]))
    assert (risk.low > 1 or risk.high < 1) == (
        chi_square(counts).p < 0.05
    )  # all ratios that a score test does not reject
    assert odds.value == pytest.approx(counts[1, 0] * counts[0, 1] / (counts[0, 0] * counts[1, 1]))
    oracle = stats.contingency.odds_ratio(np.array([[counts[1, 0], counts[0, 0]], [counts[1, 1], counts[0, 1]]]))
    low, high = oracle.confidence_interval(0.95)
    assert (odds.low, odds.high) == pytest.approx((low, high), rel=1e-7)


def test_ratios_cover_at_their_level_and_say_where_there_are_none() -> None:
    random, hits = np.random.default_rng(4), 0
    for _ in range(2_000):
        x = random.binomial([60, 80], [0.3, 0.2])
        found = ratio_effect(np.array([[60 - x[0], 80 - x[1]], [x[0], x[1]]]), "risk_ratio")
        hits += isinstance(found.low, float) and isinstance(found.high, float) and found.low <= 1.5 <= found.high
    assert 0.93 < hits / 2_000 < 0.97
    empty = ratio_effect(np.array([[5, 5], [0, 0]]), "risk_ratio")
    assert isinstance(empty.value, Undefined)
    beside_zero = ratio_effect(np.array([[5, 5], [4, 0]]), "risk_ratio")
    assert isinstance(beside_zero.value, Undefined)
    assert beside_zero.low > 0
    assert isinstance(ratio_effect(np.array([[5, 5, 2], [4, 2, 1]]), "odds_ratio").value, Undefined)


def score_by_search(hits: tuple[int, int], n: tuple[int, int], ratio: float) -> float:
    """Pearson's chi-square of both groups against the likeliest shares that have a ratio, which are searched for."""
    top = min(1.0, 1 / ratio)

    def unlikely(second: float) -> float:
        shares = (ratio * second, second)
        parts = ((hits[k], n[k] - hits[k], shares[k]) for k in (0, 1))
        return -sum((h * log(p) if h else 0.0) + (m * log(1 - p) if m else 0.0) for h, m, p in parts)

    found = minimize_scalar(
        unlikely, bounds=(1e-12 * top, top * (1 - 1e-12)), method="bounded", options={"xatol": 1e-13}
    )
    shares = (ratio * found.x, found.x)
    return sum((hits[k] - n[k] * shares[k]) ** 2 / (n[k] * shares[k] * (1 - shares[k])) for k in (0, 1))


@pytest.mark.parametrize("hits", [(0, 5), (0, 15), (5, 0), (1, 1), (7, 20), (20, 20), (20, 3), (19, 20), (3, 4)])
def test_the_limits_of_a_ratio_part_what_the_score_test_rejects_also_at_none_and_all(hits: tuple[int, int]) -> None:
    n = (20, 20)
    found = ratio_effect(np.array([[n[0] - hits[0], n[1] - hits[1]], [*hits]]), "risk_ratio")
    for limit, outward in ((found.low, 1 / 1.02), (found.high, 1.02)):
        if isinstance(limit, float) and limit > 0:
            assert score_by_search(hits, n, limit / outward) < 3.8415 < score_by_search(hits, n, limit * outward)
    assert found.low == 0 if hits[0] == 0 else isinstance(found.low, float)
    assert isinstance(found.high, float) == (hits[1] > 0)
