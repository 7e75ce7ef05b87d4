"""The numbers of a scale: its items, Cronbach's alpha with its interval, omega of one factor, how items hang together."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group, grouping_of
from istrel.exhibits.persons import Persons, persons_of
from istrel.exhibits.scales import Item, ScaleItems
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import ItemStatistics, ScaleCell, Value
from istrel.stats import moments
from istrel.stats.estimates import Undefined, undefined
from istrel.stats.grouping import alone
from istrel.stats.reliability import Alpha, alpha_limits, cronbach_alpha, inter_item, omega_total

NONE = Undefined("all_values_are_equal")
FEW_ITEMS = undefined("fewer_than_items", n=3)


def scale_cells(scale: ScaleItems, plan: CheckPlan) -> Iterator[ScaleCell]:
    """A cell for every group."""
    values, valid = _columns(scale, plan)
    persons = persons_of(plan.data, plan.cases)
    for grouping in plan.groupings:
        for place, group in enumerate(grouping.groups):
            inside = grouping.codes == place
            yield _cell(scale, group, (values[inside], valid[inside]), plan, persons, inside)


def items_in(scale: ScaleItems, group: Group, plan: CheckPlan) -> tuple[NDArray[np.float64], NDArray[np.bool_]]:
    """(values, which count) of the items in a group, both (cases, items)."""
    values, valid = _columns(scale, plan)
    grouping, place = grouping_of(group, plan.groupings)
    inside = grouping.codes == place
    return values[inside], valid[inside]


def _columns(scale: ScaleItems, plan: CheckPlan) -> tuple[NDArray[np.float64], NDArray[np.bool_]]:
    values = np.column_stack([item.column.values for item in scale.items]).astype(np.float64)
    valid = np.column_stack([_usable(item, plan) & plan.data.kept for item in scale.items])
    return values, valid


def _usable(item: Item, plan: CheckPlan) -> NDArray[np.bool_]:
    return plan.data.present(item.variable) if item.variable else item.column.valid


def _cell(
    scale: ScaleItems,
    group: Group,
    of_group: tuple[NDArray[np.float64], NDArray[np.bool_]],
    plan: CheckPlan,
    persons: Persons | None,
    inside: NDArray[np.bool_],
) -> ScaleCell:
    values, valid = of_group
    times = None if plan.data.times is None else plan.data.times[inside]
    alpha = cronbach_alpha(values, valid, times)
    low, high = alpha_limits(alpha, confidence=plan.request.settings["confidence"])
    omega = omega_total(alpha.covariance)
    interval: tuple[Value, Value] = (_known(low), _known(high))
    if persons is not None and persons.repeat_in(np.flatnonzero(inside)):
        interval = persons.reason, persons.reason
    few = len(scale.items) < 3
    return ScaleCell(
        scale.name,
        group,
        tuple(_item(item, _own(values[:, k], valid[:, k], times), alpha, k, few) for k, item in enumerate(scale.items)),
        alpha.n,
        int(inside.sum() if times is None else times.sum()) - alpha.n,
        _known(alpha.value),
        *interval,
        FEW_ITEMS if few else _known(omega.value),
        omega.residual,
        _known(inter_item(alpha.covariance)),
    )


def _own(values: NDArray[np.float64], valid: NDArray[np.bool_], times: NDArray[np.int64] | None) -> moments.Moments:
    return moments.moments(alone(values[valid], None if times is None else times[valid]))


def _item(item: Item, own: moments.Moments, alpha: Alpha, place: int, few: bool) -> ItemStatistics:
    without = FEW_ITEMS if few else _known(alpha.left_out[place])
    return ItemStatistics(
        item.name,
        int(own.n[0]),
        moments.mean(own).at(0),
        moments.sd(own).at(0),
        _known(alpha.with_rest[place]),
        without,
    )


def _known(value: float) -> Value:
    return value if np.isfinite(value) else NONE
