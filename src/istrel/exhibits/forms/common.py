"""What forms share: the groups of a variable, its axis, the panels that fit a page, densities, and plain refusals."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.figure import Axis
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Text, count_cell, say
from istrel.exhibits.wording import group_label, has_groups, titled_with_unit
from istrel.problem import Problem
from istrel.sentence.settings import Settings
from istrel.stats import density as densities
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_PANELS = 24
BANDWIDTHS = {
    "silverman": "Silverman’s (1986) rule",
    "scott": "Scott’s (1992) rule",
    "sheather-jones": "the improved Sheather–Jones plug-in (Botev et al., 2010)",
}


def groups_of(plan: Any) -> Iterator[tuple[str, Grouping, Arranged]]:
    """(variable, grouping, its values in order) for every subject and grouping of a plan, in drawing order."""
    for subject in plan.subjects:
        name = subject if isinstance(subject, str) else subject.name
        for grouping in plan.groupings:
            yield name, grouping, arranged(name, grouping, plan.data)


def axis_of(name: str, plan: Any, low: float, high: float, *, shared: str = "") -> Axis:
    """The axis of a variable between two values."""
    return Axis(titled_with_unit(plan.data.variable(name)), low, high, shared=shared, years=plan.data.is_years(name))


def values_in_use(name: str, plan: Any) -> Array:
    """All values of a variable among the cases in use, ascending."""
    return arranged(name, plan.cases.everyone, plan.data).values


def density_of(values: Array, said: Settings) -> densities.Density | None:
    """The density of ascending values; None where they have no spread or are beyond what can be drawn."""
    if values.size < 2 or values[0] == values[-1]:
        return None
    plain, exponent = moderate(values)
    curve = densities.density(plain, rule=said["bandwidth_rule"], factor=said["bandwidth"])
    with np.errstate(over="ignore", under="ignore"):
        scaled = densities.Density(
            np.ldexp(curve.x, exponent), np.ldexp(curve.y, -exponent), float(np.ldexp(curve.bandwidth, exponent))
        )
    return scaled if np.isfinite(scaled.x).all() and np.isfinite(scaled.y).all() and scaled.y.any() else None


def bandwidth_words(said: Settings) -> Text:
    """How the bandwidth was found, and times what."""
    rule = say(BANDWIDTHS[said["bandwidth_rule"]])
    if said["bandwidth"] == 1.0:
        return say("a bandwidth by {rule}", rule=rule)
    factor = Cell(float(said["bandwidth"]), Kind.EDGE)
    return say("{factor} times the bandwidth by {rule}", factor=factor, rule=rule)


def panel_label(group: Group, plan: Any, *, several: bool) -> Text:
    """The label of a panel; none for a figure of one panel without groups."""
    if group.labels or (several and has_groups(plan.groupings)):
        return group_label(group, several=True)
    return ()


def n_cell(n: object, variable: str, group: Group) -> Cell:
    return count_cell(n, row=f"{variable} @ {group.key}" if group.key else variable, column="n")


def check_drawn(drawings: Sequence[Any], plan: Any, form: str) -> None:
    """Raises where there is nothing to draw, or more than a page holds."""
    subject = plan.subjects[0]
    name = subject if isinstance(subject, str) else subject.name
    if not drawings:
        values = values_in_use(name, plan)
        if not values.size:
            raise Problem(f"“{name}” has no number in any case in use, so there is nothing to draw.")
        if values[0] == values[-1]:
            raise Problem(f"All values of “{name}” are equal ({values[0]:g}), so there is no {form} to draw.")
        raise Problem(f"The values of “{name}” cannot be drawn as {form}: they are too large, too small or too few.")
    if len(drawings) > MOST_PANELS:
        raise Problem(
            f"This makes {len(drawings)} panels; a figure holds {MOST_PANELS}. Name fewer variables or groups."
        )


def known(value: float | Undefined) -> float | None:
    return None if isinstance(value, Undefined) else value
