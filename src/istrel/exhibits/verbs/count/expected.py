"""Frequencies against shares that are expected: which share belongs to which value, and the test that the counts come from them."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import show_value
from istrel.english import english
from istrel.exhibits.cases import Group
from istrel.exhibits.persons import Persons, persons_of
from istrel.exhibits.text import as_letters
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.problem import Problem
from istrel.stats.differences.norms import goodness_of_fit


def with_fits(cells: Sequence[FrequencyCell], plan: CountPlan) -> list[FrequencyCell]:
    """The tables with their tests; none where anybody stands twice in a table's group.

    Raises
    ------
    Problem
        For a value without an expected share, and a share of a value that there is not.
    """
    persons = persons_of(plan.data, plan.cases)
    repeated = set() if persons is None else _repeated(persons, plan)
    made = []
    for cell in cells:
        fit = goodness_of_fit(np.array([level.count for level in cell.levels], np.int64), _shares(cell, plan))
        if persons is not None and cell.group in repeated:
            fit = replace(fit, statistic=persons.reason, p=persons.reason)
        made.append(replace(cell, fit=fit))
    return made


def _repeated(persons: Persons, plan: CountPlan) -> set[Group]:
    """The groups in which anybody stands twice."""
    return {
        grouping.groups[place]
        for grouping in plan.groupings
        for place in np.flatnonzero(persons.repeating(grouping.codes, grouping.n_groups)).tolist()
    }


def _shares(cell: FrequencyCell, plan: CountPlan) -> NDArray[np.float64]:
    """The expected share of each value, named by what is stored or by its label."""
    names = [(_key(level.values[0]), as_letters(level.label)) for level in cell.levels]
    wanted = {_key(value): share for value, share in plan.request.expected}
    shares = []
    for key, label in names:
        share = wanted.get(key, wanted.get(label))
        if share is None:
            raise Problem(
                english(
                    "“{label}” has no expected share; name one for every value, 0 where none is expected.", label=label
                )
            )
        shares.append(share)
    known = {name for both in names for name in both}
    strange = next((key for key in wanted if key not in known), None)
    if strange is not None:
        values = ", ".join(label for _, label in names)
        raise Problem(
            english(
                "“{strange}” is no value of “{value}”; its values are {values}.",
                strange=strange,
                value=cell.variables[0],
                values=values,
            )
        )
    return np.array(shares, np.float64)


def _key(value: float | str) -> str:
    return show_value(value) if isinstance(value, float) else value
