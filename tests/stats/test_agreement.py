"""Agreement of two raters: against definitions worked out otherwise, and intervals by simulation."""

from __future__ import annotations

import numpy as np
import pytest

from istrel.stats.agreement import agreement, kappa
from istrel.stats.estimates import Undefined


def _kappa_of(p: np.ndarray, weights: np.ndarray) -> float:
    chance = (weights * np.outer(p.sum(1), p.sum(0))).sum()
    return float(((weights * p).sum() - chance) / (1 - chance))


@pytest.mark.parametrize("ordered", [False, True])
@pytest.mark.parametrize("seed", range(4))
def test_kappa_and_its_error_by_small_changes_of_each_share(seed: int, ordered: bool) -> None:
    table = np.random.default_rng(seed).integers(1, 20, (4, 4)) + 10 * np.eye(4, dtype=int)
    n, apart = table.sum(), np.abs(np.subtract.outer(np.arange(4), np.arange(4)))
    weights = 1 - (apart / 3) ** 2 if ordered else (apart == 0).astype(float)
    p, step = table / n, 1e-6
    slopes = np.zeros((4, 4))
    for i, j in np.ndindex(4, 4):
        up, down = p.copy(), p.copy()
        up[i, j] += step
        down[i, j] -= step
        slopes[i, j] = (_kappa_of(up / up.sum(), weights) - _kappa_of(down / down.sum(), weights)) / (2 * step)
    variance = ((p * slopes**2).sum() - (p * slopes).sum() ** 2) / n
    found = kappa(table, ordered=ordered)
    assert found.value == pytest.approx(_kappa_of(p, weights), rel=1e-12)
    assert (found.high - found.low) / 2 == pytest.approx(1.959963984540054 * variance**0.5, rel=1e-6)


@pytest.mark.parametrize("seed", range(4))
def test_intraclass_correlations_are_those_of_the_two_way_table(seed: int) -> None:
    random = np.random.default_rng(seed)
    x = random.normal(size=15)
    both = np.column_stack([x + random.normal(size=15), x + 0.5 + random.normal(size=15)])
    n, whole = 15, both.mean()
    rows = 2 * ((both.mean(1) - whole) ** 2).sum() / (n - 1)
    columns = n * ((both.mean(0) - whole) ** 2).sum()
    left = both - both.mean(1, keepdims=True) - both.mean(0) + whole
    error = (left**2).sum() / (n - 1)
    found = agreement(both[:, 0], both[:, 1])
    assert found.consistent[0] == pytest.approx((rows - error) / (rows + error), rel=1e-10)
    assert found.absolute[0] == pytest.approx((rows - error) / (rows + error + 2 / n * (columns - error)), rel=1e-10)
    away = both[:, 0] - both[:, 1]
    assert found.bias == pytest.approx(away.mean())
    assert found.limits == pytest.approx(
        (away.mean() - 1.959964 * away.std(ddof=1), away.mean() + 1.959964 * away.std(ddof=1))
    )


def test_intervals_of_intraclass_correlations_cover_at_their_level() -> None:
    """1,000 samples of 30 persons and two raters: C is 1/(1 + 1), A is 1/(1 + 1/4 + 1), for raters of variance 1/4."""
    random, hits = np.random.default_rng(2), np.zeros(2)
    for _ in range(1_000):
        person, rater = random.normal(size=30), random.normal(0, 0.5, 2)
        x, y = (person + rater[k] + random.normal(size=30) for k in range(2))
        found = agreement(x, y)
        for place, (truth, (_, low, high)) in enumerate(((0.5, found.consistent), (1 / 2.25, found.absolute))):
            hits[place] += low <= truth <= high
    assert 0.93 < hits[0] / 1_000 < 0.97
    assert 0.92 < hits[1] / 1_000 < 0.99  # the degrees of freedom are approximate


def test_perfect_none_and_too_few() -> None:
    same = np.array([1.0, 2.0, 3.0])
    assert agreement(same, same).absolute == (1.0, 1.0, 1.0)
    assert isinstance(agreement(same[:1], same[:1]).bias, Undefined)
    assert isinstance(agreement(np.ones(4), np.ones(4)).absolute[0], Undefined)
    assert kappa(np.diag([3, 4]), ordered=False).value == 1.0
    assert isinstance(kappa(np.array([[5, 0], [0, 0]]), ordered=False).value, Undefined)
