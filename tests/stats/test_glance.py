"""What is seen of many columns at once is what each says by itself, and what is passed over at a glance holds nothing."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray

from istrel.data.markers import CODE_LIKE
from istrel.stats.density import density, sure_humps
from istrel.stats.glance import SHARES, Glance, glances
from istrel.stats.quick import quick_quantiles
from istrel.stats.remote import may_be_in_other_unit, other_unit, remote

Floats = NDArray[np.float64]


def drawn(rng: np.random.Generator, columns: int, n: int) -> Floats:
    """Columns of every usual shape, some with a few values out of reach."""
    shape = (columns, n)
    few = rng.uniform(size=shape) < 0.08
    kinds = (
        rng.normal(50, 10, shape),
        np.exp(rng.normal(0, 1, shape)),
        rng.uniform(size=shape),
        rng.poisson(1.5, shape).astype(float),
        np.round(rng.normal(50, 10, shape)),
        np.where(few, 0.0, np.exp(rng.normal(0, 0.7, shape))),
        np.where(rng.uniform(size=shape) < 0.5, rng.normal(0, 1, shape), rng.normal(4, 1, shape)),
        np.where(few, rng.normal(9, 0.5, shape), rng.normal(0, 1.3, shape)),
        rng.standard_t(3, shape),
        np.where(few, 100.0, 1.0) * rng.normal(1.7, 0.1, shape),
    )
    values = np.concatenate(kinds)
    for row in range(0, len(values), 3):
        values[row, rng.integers(n)] *= rng.choice([20.0, -8.0, 999.0])
    return values


@pytest.mark.parametrize("n", [7, 60, 300, 1000])
def test_a_glance_says_what_each_column_says(n: int) -> None:
    rng = np.random.default_rng(n)
    values = drawn(rng, 12, n)
    valid = rng.uniform(size=values.shape) < rng.choice([1.0, 0.9], size=(len(values), 1))
    seen = glances(np.where(valid, values, 0.0), valid, CODE_LIKE)
    for mine, row, there in zip(seen, values, valid, strict=True):
        assert mine is not None
        x = row[there]
        distinct, counts = np.unique(x, return_counts=True)
        np.testing.assert_array_equal(mine.distinct, distinct)
        np.testing.assert_array_equal(mine.counts, counts)
        assert (mine.n, mine.zeros, mine.whole) == (x.size, int((x == 0).sum()), bool((x == np.floor(x)).all()))
        assert mine.marked == bool(np.isin(x, CODE_LIKE).any())
        assert mine.quantiles == tuple(quick_quantiles(x, SHARES))
        assert mine.mean == pytest.approx(x.mean(), rel=1e-13, abs=1e-13)
        moments = [float(np.mean((x - x.mean()) ** k)) for k in (2, 3)]
        assert mine.skewness == pytest.approx(moments[1] / moments[0] ** 1.5, rel=1e-9, abs=1e-9)
        if mine.limits[1] > mine.limits[0]:
            np.testing.assert_array_equal(mine.heights, np.histogram(x, bins=18, range=mine.limits)[0])


def passed_over(seen: Glance, x: Floats) -> list[str]:
    """What a glance passes over although it is there."""
    gone = ["far"] if not seen.far and remote(x).any() else []
    if other_unit(x) is not None and not may_be_in_other_unit(seen.n, seen.low, seen.high):
        gone.append("other unit")
    if not seen.valley and seen.distinct.size > 1 and sure_humps(density(np.sort(x)), x.size).size > 1:
        gone.append("humps")
    return gone


@pytest.mark.parametrize("n", [40, 150, 300, 800])
def test_what_is_passed_over_at_a_glance_holds_nothing(n: int) -> None:
    values = drawn(np.random.default_rng(100 + n), 15, n)
    seen = glances(values, np.ones(values.shape, bool), CODE_LIKE)
    assert not [gone for mine, x in zip(seen, values, strict=True) if mine and (gone := passed_over(mine, x))]
    some = [mine for mine in seen if mine is not None]
    for part in ("far", "valley"):  # and most are passed over
        assert 0 < sum(getattr(mine, part) for mine in some) < 0.7 * len(some)


def test_nothing_is_seen_of_columns_without_values_with_infinite_or_extreme_ones() -> None:
    values = np.array([[1.0, 2.0, 3.0], [1.0, np.inf, 2.0], [1e300, 1.0, 2.0], [1.0, 2.0, 3.0]])
    valid = np.array([[True] * 3, [True] * 3, [True] * 3, [False] * 3])
    assert [seen is not None for seen in glances(values, valid, CODE_LIKE)] == [True, False, False, False]
