"""Counts by category and group, and Wilson's interval."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats as oracle

from istrel.stats.frequency import frequencies, wilson_intervals


@given(st.lists(st.tuples(st.integers(-1, 3), st.integers(0, 2)), max_size=60))
def test_counts_agree_with_counting_one_by_one(cases: list[tuple[int, int]]) -> None:
    codes = np.array([c for c, _ in cases], int)
    groups = np.array([g for _, g in cases], int)
    found = frequencies(codes, groups, np.ones(len(cases), bool), n_categories=4, n_groups=3)
    for group in range(3):
        assert found.counts[group].tolist() == [cases.count((k, group)) for k in range(4)]
        assert found.missing[group] == cases.count((-1, group))
    assert found.valid.sum() + found.missing.sum() == len(cases)


@given(st.integers(1, 500).flatmap(lambda n: st.tuples(st.integers(0, n), st.just(n))))
def test_wilson_interval_agrees_with_a_second_implementation(pair: tuple[int, int]) -> None:
    count, n = pair
    wanted = oracle.binomtest(count, n).proportion_ci(0.95, method="wilson")
    low, high = wilson_intervals(np.array(count), np.array(n))
    assert (float(low), float(high)) == pytest.approx((wanted.low, wanted.high), abs=1e-12)


def test_wilson_interval_of_nothing_is_not_a_number() -> None:
    assert np.isnan(wilson_intervals(np.array([0]), np.array([0]))).all()


def test_no_case_in_use_counts_nothing() -> None:
    for n_groups in (1, 2):
        codes, groups = np.array([0, 1, -1]), np.array([0, n_groups - 1, 0])
        found = frequencies(codes, groups, np.zeros(3, bool), n_categories=2, n_groups=n_groups)
        assert found.counts.tolist() == [[0, 0]] * n_groups
        assert found.missing.tolist() == [0] * n_groups
