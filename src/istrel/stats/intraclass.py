"""The intraclass correlation of persons who were seen several times: how much of the variance lies between them."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined

Array = NDArray[np.float64]


class Intraclass(NamedTuple):
    """The coefficient and the limits of its interval, each with its value or why there is none."""

    value: float | Undefined
    low: float | Undefined
    high: float | Undefined


def one_way(values: Array, persons: NDArray[np.integer], *, confidence: float = 0.95) -> Intraclass:
    """ICC(1) of one-way analysis of variance, with the interval by F (Shrout & Fleiss 1979).

    Parameters
    ----------
    values
        float64 (rows,).
    persons
        Integer (rows,): whose each is.

    Notes
    -----
    (MSB − MSW)/(MSB + (m − 1) MSW) with m = (N − Σnᵢ²/N)/(k − 1) rows of a person; the interval is exact where all have as many.
    """
    from scipy.special import fdtri

    _, place, sizes = np.unique(persons, return_inverse=True, return_counts=True)
    k, n = sizes.size, values.size
    if k < 2 or n <= k:
        none = Undefined("nobody_has_several_rows" if n <= k else "fewer_than_2_groups_with")
        return Intraclass(none, none, none)
    centred = values - values.mean()
    means = np.bincount(place.ravel(), centred, minlength=k) / sizes
    between = float((sizes * means**2).sum()) / (k - 1)
    within = float(((centred - means[place.ravel()]) ** 2).sum()) / (n - k)
    size = (n - float((sizes.astype(np.float64) ** 2).sum()) / n) / (k - 1)
    if not between + within > 0:
        none = Undefined("all_values_are_equal")
        return Intraclass(none, none, none)
    value = (between - within) / (between + (size - 1) * within)
    if not within > 0:
        none = Undefined("values_of_each_person_are_equal")
        return Intraclass(value, none, none)
    f, upper = between / within, 0.5 + confidence / 2
    ends = f / float(fdtri(k - 1, n - k, upper)), f * float(fdtri(n - k, k - 1, upper))
    low, high = ((end - 1) / (end + size - 1) for end in ends)
    return Intraclass(value, low, high)
