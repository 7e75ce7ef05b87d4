"""Cronbach's alpha against values worked by hand and against its definition."""

from __future__ import annotations

import numpy as np
import pytest

from istrel.stats.reliability import cronbach_alpha


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
