"""What a reader who knows the rule can tell of hidden counts: attacks by programs in whole numbers."""

from __future__ import annotations

import os

import numpy as np
import pytest
from scipy.sparse import csr_array

from enumeration import BELOW, assert_safe, hidden_and_least, with_margins
from istrel.stats.disclosure import SHOWN, Counts, one_sum, states

SEED = int(os.environ.get("ISTREL_SEED", "11"))
TABLES = int(os.environ.get("ISTREL_TABLES", "30"))


@pytest.mark.parametrize("part", range(3))
def test_no_hidden_count_of_a_random_table_can_be_narrowed(part: int) -> None:
    """ISTREL_SEED and ISTREL_TABLES try others and more."""
    rng = np.random.default_rng([SEED, part])
    for _ in range(TABLES // 5):
        shape = tuple(rng.integers(2, 5, 2).tolist())
        cells = rng.choice([0, 0, 1, 2, 3, 4, 6, 9, 15, 30], shape)
        members = with_margins(shape)
        values = (members @ cells.ravel()).astype(np.int64)
        found = states(Counts(csr_array(members), values, csr_array((0, members.shape[1]))), BELOW)
        assert_safe(members, values, found)


def test_little_more_is_hidden_than_must_be() -> None:
    """All tables of 2 × 2 whose cells are few: the least that keeps the secret is found by trying every choice."""
    rng = np.random.default_rng(SEED)
    tables = (rng.choice([0, 1, 2, 3, 5, 6], (2, 2)) for _ in range(8))
    hidden = np.array([hidden_and_least(cells) for cells in tables if 5 <= cells.sum() <= 13])
    assert hidden[:, 0].sum() <= 1.5 * hidden[:, 1].sum()


def test_programs_say_nothing_on_standard_output(capfd: pytest.CaptureFixture[str]) -> None:
    """It is where tables go."""
    members = with_margins((3, 3))
    values = (members @ np.array([1, 8, 9, 20, 30, 9, 7, 6, 5])).astype(np.int64)
    assert states(Counts(csr_array(members), values, csr_array((0, 9))), BELOW).any()
    assert capfd.readouterr() == ("", "")


def test_counts_of_which_only_the_sum_is_known() -> None:
    rng = np.random.default_rng(SEED)
    for _ in range(60):
        values = rng.choice([0, 1, 2, 4, 5, 9, 20], rng.integers(2, 8))
        members = np.vstack([np.eye(values.size), np.ones(values.size)])
        made, small = one_sum(values, BELOW), values[(values > 0) & (values < BELOW)]
        if made is None:  # nothing else is there to hide a single small count behind
            assert values.size == small.size == 1 or values.sum() < BELOW - 1
            continue
        if values.sum() >= BELOW:  # a smaller sum is hidden itself
            assert_safe(members, np.append(values, values.sum()), np.append(made, SHOWN))
