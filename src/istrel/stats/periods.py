"""Times brought together into days, weeks, months, quarters or years, and means of values in them."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from istrel.stats.frequency import counted

Array = NDArray[np.float64]
PERIODS = {"day": 1.0, "week": 7.0, "month": 30.44, "quarter": 91.31, "year": 365.25}  # days, about
MOST_UNASKED = 60  # points of a line whose period nobody chose


def period_starts(times: Array, per: str, *, dated: bool) -> Array:
    """The beginning of the period of each time, in days since 1970-01-01; of undated years the year; as they are where `per` is
    empty. NaN stays.
    """
    if not per:
        return times
    if not dated:
        return np.floor(times)
    known = np.isfinite(times)
    days = np.floor(np.where(known, times, 0.0)).astype("int64")
    if per == "day":
        starts = days
    elif per == "week":
        starts = days - (days + 3) % 7  # Mondays: 1970-01-01 was a Thursday
    else:
        months = days.astype("datetime64[D]").astype("datetime64[M]").astype("int64")
        whole = {"month": 1, "quarter": 3, "year": 12}[per]
        starts = (months - months % whole).astype("datetime64[M]").astype("datetime64[D]").astype("int64")
    return np.where(known, starts.astype(np.float64), np.nan)


def finest(times: Array) -> str:
    """The finest period in which a line has not too many points."""
    known = times[np.isfinite(times)]
    span = float(known.max() - known.min()) if known.size else 0.0
    return next((name for name, days in PERIODS.items() if span / days <= MOST_UNASKED), "year")


def means_by(
    starts: Array,
    values: Array,
    codes: NDArray[np.int64],
    n_groups: int,
    weights: Array | None = None,
    cases: NDArray[np.int64] | None = None,
) -> Iterator[tuple[Array, Array, NDArray[np.int64]]]:
    """(ascending times, the mean of the values at each, how many) of each group; rows of no group (-1) count nowhere. Rows weigh
    as said, else by how many cases they stand for.
    """
    used = np.flatnonzero((codes >= 0) & np.isfinite(starts))
    times, place = np.unique(starts[used], return_inverse=True)
    keys = codes[used] * max(1, times.size) + place.ravel()
    size = n_groups * max(1, times.size)
    times_of = None if cases is None else cases[used]
    w = weights[used] if weights is not None else np.ones(used.size) if times_of is None else times_of
    sums = np.bincount(keys, w * values[used], minlength=size).reshape(n_groups, -1)
    whole = np.bincount(keys, w, minlength=size).reshape(n_groups, -1)
    counts = counted(keys, size, times_of).reshape(n_groups, -1)
    for group in range(n_groups):  # over groups that are drawn
        there = np.flatnonzero(counts[group]) if times.size else np.zeros(0, np.int64)
        yield times[there], sums[group, there] / whole[group, there], counts[group, there]
