"""Counts and shares of categories, for all groups at once."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray


@dataclass(frozen=True, eq=False)
class Frequencies:
    """How often each category occurs in each group.

    Attributes
    ----------
    counts
        int64 (groups, categories).
    missing
        int64 (groups,): cases of the group without a category.
    """

    counts: NDArray[np.int64]
    missing: NDArray[np.int64]

    @property
    def valid(self) -> NDArray[np.int64]:
        """Cases of each group that have a category."""
        return self.counts.sum(axis=1)


def counted(codes: NDArray[np.integer], size: int, times: NDArray[np.int64] | None = None) -> NDArray[np.int64]:
    """How many cases are of each code, int64 (size,); codes of -1 are of none.

    Parameters
    ----------
    times
        int64 (rows,): how many cases each row stands for; None where each is one. Their sums are exact below 2⁵³.
    """
    found = np.bincount(codes + 1, times, minlength=size + 1)[1:]
    return found if times is None else found.astype(np.int64)


def frequencies(
    codes: NDArray[np.integer],
    groups: NDArray[np.integer],
    use: NDArray[np.bool_],
    *,
    n_categories: int,
    n_groups: int,
    times: NDArray[np.int64] | None = None,
) -> Frequencies:
    """Cross-count categories and groups.

    Parameters
    ----------
    codes
        Integer (rows,): the category, -1 where missing.
    groups
        Integer (rows,): the group, in range where used.
    use
        bool (rows,): the cases that count.
    times
        As `counted`.
    """
    if n_groups == 1 and times is None:
        return _of_everyone(codes, use, n_categories)
    width = n_categories + 1
    key = groups[use].astype(np.int64) * width + (codes[use].astype(np.int64) + 1)
    table = counted(key, n_groups * width, None if times is None else times[use]).reshape(n_groups, width)
    return Frequencies(counts=table[:, 1:], missing=table[:, 0])


def _of_everyone(codes: NDArray[np.integer], use: NDArray[np.bool_], n_categories: int) -> Frequencies:
    """One group: no keys need to be made."""
    used = codes if bool(use.all()) else codes[use]
    some_missing = used.size > 0 and int(used.min()) < 0
    counts = np.bincount(used[used >= 0] if some_missing else used, minlength=n_categories)
    return Frequencies(counts=counts[None, :], missing=np.array([used.size - counts.sum()]))


def wilson_intervals(
    counts: NDArray[np.int64], n: NDArray[np.int64], *, confidence: float = 0.95
) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Limits of proportions counts / n (Wilson 1927), shapes that go together; NaN where n is 0."""
    from istrel.stats.special import ndtri

    z = float(ndtri(0.5 + confidence / 2))
    square = z * z
    with np.errstate(divide="ignore", invalid="ignore"):
        share = counts / n
        centre = share + square / (2 * n)
        reach = z * np.sqrt(share * (1 - share) / n + square / (4 * n * n))
        low, high = (centre - reach) / (1 + square / n), (centre + reach) / (1 + square / n)
    low = np.where(counts == 0, 0.0, np.maximum(low, 0.0))
    high = np.where(counts == n, 1.0, np.minimum(high, 1.0))
    none = np.broadcast_to(n == 0, low.shape)
    return np.where(none, np.nan, low), np.where(none, np.nan, high)
