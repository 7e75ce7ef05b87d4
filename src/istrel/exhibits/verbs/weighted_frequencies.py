"""Frequency tables of a weighted sample: n as counted, percentages and their intervals of the population."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.reason import Reason
from istrel.exhibits.cases import Grouping
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level
from istrel.exhibits.weights import Weighed, sample_in, shares_of
from istrel.sentence.settings import Settings
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import EMPTY

NO_INTERVAL = Undefined("no_interval_is_given")


def weighted_cells(
    cells: Sequence[FrequencyCell],
    places: NDArray[np.integer],
    valid: NDArray[np.bool_],
    reasons: dict[Reason, NDArray[np.bool_]],
    grouping: Grouping,
    data: Dataset,
    said: Settings,
) -> list[FrequencyCell]:
    """The tables of the groups of one grouping, with weighted percentages.

    Parameters
    ----------
    places
        Integer (rows,): the place of each case among the levels; -1 for none.
    valid
        bool (rows,): the cases that have a value, in a level or outside.
    reasons
        Why cases have none.
    """
    sample, n_levels = sample_in(data), len(cells[0].levels)
    levels = np.where(valid, np.where(places >= 0, places, n_levels), -1)
    found = shares_of(levels, n_levels + 1, grouping, data)
    low, high = found.limits(sample.df, said["confidence"])
    totals = sample.sums(grouping.codes, grouping.n_groups)
    gone = {
        reason: sample.sums(np.where(mask, grouping.codes, -1), grouping.n_groups) for reason, mask in reasons.items()
    }
    made = []
    for i, cell in enumerate(cells):
        running = np.cumsum(found.share[i])
        shown = []
        for k, level in enumerate(cell.levels):
            weighed = Weighed(
                float(found.sums[i, k]),
                100.0 * float(found.error[i, k]),
                sample.df,
                float(found.design_effect[i, k]),
            )
            ends = (_percent(limit[i, k]) for limit in (low, high))
            shown.append(_level(level, weighed, float(found.share[i, k]), float(running[k]), float(totals[i]), *ends))
        valid_sum, total = float(found.sums[i].sum()), float(totals[i])
        parts: dict[str, float | Undefined] = {
            "missing": _of(total - valid_sum, total),
            "total": _of(total, total),
            **{reason.name: _of(float(sums[i]), total) for reason, sums in gone.items()},
        }
        made.append(replace(cell, levels=tuple(shown), weighted_n=valid_sum, parts=tuple(parts.items())))
    return made


def _level(
    level: Level,
    weighed: Weighed,
    share: float,
    running: float,
    total: float,
    low: float | Undefined,
    high: float | Undefined,
) -> Level:
    none = np.isnan(share)
    return replace(
        level,
        percent=_of(weighed.sum, total),
        valid_percent=Undefined(EMPTY) if none else 100.0 * share,
        cumulative_percent=None
        if level.cumulative_percent is None
        else Undefined(EMPTY)
        if none
        else min(100.0, 100.0 * running),
        low=Undefined(EMPTY) if none else low,
        high=Undefined(EMPTY) if none else high,
        weighed=weighed,
    )


def _percent(limit: float) -> float | Undefined:
    return 100.0 * float(limit) if np.isfinite(limit) else NO_INTERVAL


def _of(part: float, whole: float) -> float | Undefined:
    return max(0.0, 100.0 * part / whole) if whole else Undefined(EMPTY)
