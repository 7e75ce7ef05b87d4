"""Cronbach's alpha against values worked by hand and against its definition."""

from __future__ import annotations

import numpy as np
import pytest
from scipy.optimize import minimize

from istrel.stats.reliability import alpha_limits, cronbach_alpha, inter_item, omega_total


def test_alpha_of_a_small_table_worked_by_hand() -> None:
    """Items (1,2,3), (2,2,5), (3,5,4): variances 1, 3, 1; totals 6, 9, 12 with variance 9; 3/2 · (1 − 5/9) = 2/3."""
    items = np.array([[1.0, 2, 3], [2, 2, 5], [3, 5, 4]])
    found = cronbach_alpha(items, np.ones((3, 3), bool))
    assert found.value == pytest.approx(2 / 3, abs=1e-15)
    assert found.n == 3


def test_left_out_and_rest_follow_their_definitions() -> None:
    rng = np.random.default_rng(3)
    trait = rng.normal(size=(200, 1))
    items = trait + rng.normal(size=(200, 5))
    items[:, 4] *= -1
    valid = rng.random((200, 5)) > 0.02
    found = cronbach_alpha(items, valid)
    complete = items[valid.all(axis=1)]
    for place in range(5):
        others = np.delete(complete, place, axis=1)
        again = cronbach_alpha(others, np.ones(others.shape, bool))
        assert found.left_out[place] == pytest.approx(again.value, abs=1e-12)
        r = np.corrcoef(complete[:, place], others.sum(axis=1))[0, 1]
        assert found.with_rest[place] == pytest.approx(r, abs=1e-12)
    assert found.with_rest[4] < 0


def test_degenerate_items_have_no_alpha() -> None:
    for items in (np.zeros((5, 3)), np.ones((1, 3)), np.arange(4.0)[:, None]):
        found = cronbach_alpha(items, np.ones(items.shape, bool))
        assert np.isnan(found.value)


@pytest.mark.parametrize("seed", range(4))
def test_omega_of_items_of_one_factor_is_that_of_their_loadings(seed: int) -> None:
    random = np.random.default_rng(seed)
    loadings, unique = random.uniform(0.3, 1.2, 6), random.uniform(0.2, 1.0, 6)
    found = omega_total(np.outer(loadings, loadings) + np.diag(unique))
    common = loadings.sum() ** 2
    assert found.value == pytest.approx(common / (common + unique.sum()), rel=1e-8)
    assert found.residual == pytest.approx(0, abs=1e-8)
    level = np.full((5, 5), 0.5) + np.diag(np.full(5, 0.5))  # items that are alike: omega is alpha, k r/(1 + (k − 1) r)
    assert omega_total(level).value == pytest.approx(5 * 0.5 / (1 + 4 * 0.5), rel=1e-10)
    assert inter_item(level) == pytest.approx(0.5)


def test_loadings_leave_the_smallest_residuals() -> None:
    random = np.random.default_rng(5)
    items = random.normal(size=(80, 5)) + random.normal(size=(80, 1))
    covariance = np.cov(items.T)
    away = covariance - np.diag(np.diag(covariance))

    def left(x: np.ndarray) -> float:
        fitted = np.outer(x, x)
        return float(((away - fitted + np.diag(np.diag(fitted))) ** 2).sum())

    best = minimize(
        left, np.full(5, 0.8), method="Nelder-Mead", options={"maxiter": 40_000, "xatol": 1e-10, "fatol": 1e-16}
    )
    common = best.x.sum() ** 2
    unique = (np.diag(covariance) - best.x**2).sum()
    assert omega_total(covariance).value == pytest.approx(common / (common + unique), rel=1e-6)


def test_limits_of_alpha_cover_it() -> None:
    """Feldt's interval over 1,000 samples of six parallel items whose alpha is known: 6 · .4/(1 + 5 · .4)."""
    random, hits, truth = np.random.default_rng(9), 0, 6 * 0.4 / 3
    for _ in range(1_000):
        items = random.normal(size=(40, 6)) * np.sqrt(0.6) + random.normal(size=(40, 1)) * np.sqrt(0.4)
        low, high = alpha_limits(cronbach_alpha(items, np.ones(items.shape, bool)))
        hits += low <= truth <= high
    assert 0.93 < hits / 1_000 < 0.97
