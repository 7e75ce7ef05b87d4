"""The intraclass correlation of persons who were seen several times: how much of the variance lies between them."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Estimates, estimates

Array = NDArray[np.float64]
NOBODY = "nobody_has_several_rows"


class Intraclass(NamedTuple):
    """The coefficient and the limits of its interval, of every group."""

    value: Estimates
    low: Estimates
    high: Estimates


def none_of(n_groups: int) -> Intraclass:
    """Nothing, where nobody is said to have several rows."""
    nothing = estimates(np.full(n_groups, np.nan), (np.ones(n_groups, bool), NOBODY))
    return Intraclass(nothing, nothing, nothing)


def one_way(
    values: Array,
    persons: NDArray[np.integer],
    groups: NDArray[np.integer],
    n_groups: int,
    *,
    confidence: float = 0.95,
) -> Intraclass:
    """ICC(1) of one-way analysis of variance, with the interval by F (Shrout & Fleiss 1979), of all groups at once.

    Parameters
    ----------
    values
        float64 (rows,).
    persons, groups
        Integer (rows,): whose each is, and in which group, from 0.

    Notes
    -----
    (MSB − MSW)/(MSB + (m − 1) MSW) with m = (N − Σnᵢ²/N)/(k − 1) rows of a person; the interval is exact where all have as many.
    """
    from istrel.stats.special import fdtri

    both, place = np.unique(persons.astype(np.int64) * n_groups + groups, return_inverse=True)
    place, home = place.ravel(), both % n_groups  # the group of each person in it
    sizes = np.bincount(place, minlength=both.size).astype(np.float64)
    n, k = (np.bincount(g, minlength=n_groups).astype(np.float64) for g in (groups, home))
    centre = np.bincount(groups, values, minlength=n_groups) / np.maximum(n, 1)
    centred = values - centre[groups]
    means = np.bincount(place, centred, minlength=both.size) / np.maximum(sizes, 1)
    with np.errstate(divide="ignore", invalid="ignore"):
        between = np.bincount(home, sizes * means**2, minlength=n_groups) / (k - 1)
        within = np.bincount(groups, (centred - means[place]) ** 2, minlength=n_groups) / (n - k)
        size = (n - np.bincount(home, sizes**2, minlength=n_groups) / n) / (k - 1)
        value = (between - within) / (between + (size - 1) * within)
        f, upper = between / within, 0.5 + confidence / 2
        df = np.maximum(k - 1, 1), np.maximum(n - k, 1)
        ends = f / fdtri(*df, upper), f * fdtri(*df[::-1], upper)
        low, high = ((end - 1) / (end + size - 1) for end in ends)
    few = ((n <= k, NOBODY), (k < 2, "fewer_than_2_groups_with"), (between + within <= 0, "all_values_are_equal"))
    alike = (within <= 0, "values_of_each_person_are_equal")
    return Intraclass(estimates(value, *few), estimates(low, *few, alike), estimates(high, *few, alike))
