"""Frequencies against shares that are expected: which share belongs to which value, and the test that the counts come from them."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from istrel.data.column import show_value
from istrel.exhibits.persons import persons_of
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.problem import Problem
from istrel.stats.differences.norms import goodness_of_fit


def with_fit(cell: FrequencyCell, plan: CountPlan) -> FrequencyCell:
    """The table with its test.

    Raises
    ------
    Problem
        For a value without an expected share, and a share of a value that there is not.
    """
    names = _names(cell)
    wanted = {_key(value): share for value, share in plan.request.expected}
    shares = []
    for value, label in names:
        share = wanted.get(_key(value), wanted.get(label))
        if share is None:
            raise Problem(f"“{label}” has no expected share; name one for every value, 0 where none is expected.")
        shares.append(share)
    known = {_key(value) for value, _ in names} | {label for _, label in names}
    strange = next((key for key in wanted if key not in known), None)
    if strange is not None:
        raise Problem(
            f"“{strange}” is no value of “{cell.variables[0]}”; its values are {', '.join(n for _, n in names)}."
        )
    counts = np.array([level.count for level in cell.levels], np.int64)
    fit = goodness_of_fit(counts, np.array(shares))
    persons = persons_of(plan.data, plan.cases)
    if persons is not None and _repeats(cell, plan):
        fit = replace(fit, statistic=persons.reason, p=persons.reason)
    return replace(cell, fit=fit)


def _repeats(cell: FrequencyCell, plan: CountPlan) -> bool:
    """Whether anybody stands twice in the group of a table."""
    persons = persons_of(plan.data, plan.cases)
    for grouping in plan.groupings:
        for place, group in enumerate(grouping.groups):
            if group == cell.group and persons is not None:
                return persons.repeat_in(grouping.codes == place)
    return False


def _names(cell: FrequencyCell) -> list[tuple[float | str, str]]:
    """(value, label) of each level."""
    from istrel.exhibits.text import as_letters

    return [(level.values[0], as_letters(level.label)) for level in cell.levels]


def _key(value: float | str) -> str:
    return show_value(value) if isinstance(value, float) else value
