"""Kernel densities as forms draw them: bandwidths in words, and the bounds beyond which no value can lie."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Protocol

import numpy as np
from numpy.typing import NDArray

from istrel.data.formula.tree import Call, names_in
from istrel.data.levels import Level
from istrel.english import english
from istrel.exhibits.contracts import Plan
from istrel.exhibits.forms.common import is_log, values_in_use
from istrel.exhibits.text import Cell, Text, listed, say
from istrel.problem import Problem
from istrel.sentence.settings import Settings
from istrel.stats import density as densities
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
Bounds = tuple[float | None, float | None]
NONE: Bounds = (None, None)
SEEN = 1e-3  # of the peak: where a curve is lower at its end, nothing was reflected there
BANDWIDTHS = {
    "silverman": "silvermans_1986_rule",
    "scott": "scotts_1992_rule",
    "sheather-jones": "the_improved_sheather_jones_plug",
}


class Curve(Protocol):
    """A curve of a variable."""

    @property
    def variable(self) -> str: ...

    @property
    def x(self) -> Array: ...

    @property
    def y(self) -> Array: ...


def density_of(
    values: Array, said: Settings, bounds: Bounds = NONE, weights: Array | None = None, *, cases: bool = False
) -> densities.Density | None:
    """The density of ascending values within bounds; None where they have no spread or are beyond what can be drawn.

    With `cases`, weights say how many cases have each value.
    """
    if values.size < 2 or values[0] == values[-1]:
        return None
    plain, exponent = moderate(values)
    low, high = (None if bound is None else float(np.ldexp(bound, -exponent)) for bound in bounds)
    ends = said["ends"] == "data"
    curve = densities.density(
        plain,
        rule=said["bandwidth_rule"],
        factor=said["bandwidth"],
        cut=ends,
        bounds=(low, high),
        weights=weights,
        cases=cases,
    )
    with np.errstate(over="ignore", under="ignore"):
        scaled = densities.Density(
            np.ldexp(curve.x, exponent), np.ldexp(curve.y, -exponent), float(np.ldexp(curve.bandwidth, exponent))
        )
    return scaled if np.isfinite(scaled.x).all() and np.isfinite(scaled.y).all() and scaled.y.any() else None


def bounds_of(name: str, plan: Plan) -> Bounds:
    """The bounds of a variable's curves: as said; none where they are said to be open; else where values cannot lie beyond.

    Raises
    ------
    Problem
        Where there are not two, or values lie beyond them.
    """
    said, values = plan.request.settings, values_in_use(name, plan)
    if said["bounds"]:
        low, high = _stated(values, said)
        return _logarithms(low, high) if is_log(plan) else (low, high)
    if said["ends"] is not None or is_log(plan) or not values.size:
        return NONE
    return _natural(name, float(values[0]), float(values[-1]), plan)


def _stated(values: Array, said: Settings) -> tuple[float, float]:
    low, high = said["bounds"]
    at, length = said.place_of("bounds")
    if values.size and (values[0] < low or values[-1] > high):
        message = english(
            "Values run from {values:g} to {values_2:g}, beyond the bounds {low:g} and {high:g}.",
            values=values[0],
            values_2=values[-1],
            low=low,
            high=high,
        )
        raise Problem(message, at=at, length=length)
    return low, high


def _natural(name: str, least: float, most: float, plan: Plan) -> Bounds:
    """The ends of a scale, 0 and 100 %, 0 and 1 of shares; 0 of what is never negative."""
    variable = plan.data.variable(name)
    percent = [(0.0, 100.0)] if variable.unit.strip() == "%" else []
    for low, high in (_scale(name, plan), *percent, (0.0, 1.0)):
        if low <= least and most <= high:
            return low, high
    return (0.0 if least >= 0 else None), None


def _scale(name: str, plan: Plan) -> tuple[float, float]:
    """The ends of an answer scale: of its labels, or of the items that a mean is of; (inf, -inf) of anything else."""
    variable = plan.data.variable(name)
    labelled = [float(entry.value) for entry in variable.value_labels if not isinstance(entry.value, str)]
    if variable.level is Level.ORDINAL and len(labelled) > 1:
        return min(labelled), max(labelled)
    formula = variable.formula
    if isinstance(formula, Call) and formula.function == "mean":
        items = [plan.data.numbers(item) for item in names_in(formula, plan.data.table.names)]
        values = np.concatenate([item.values[item.valid] for item in items]) if items else np.empty(0)
        if values.size and not (values % 1).any():
            return float(values.min()), float(values.max())
    return np.inf, -np.inf


def _logarithms(low: float, high: float) -> Bounds:
    return (float(np.log10(low)) if low > 0 else None), (float(np.log10(high)) if high > 0 else None)


def reflected_note(drawings: Sequence[Curve], plan: Plan) -> list[Text]:
    """What a reader must know of curves that end where values cannot lie beyond."""
    ends: dict[float, None] = {}
    for cell in drawings:
        bounds = bounds_of(cell.variable, plan)
        near, seen = 1e-9 * float(cell.x[-1] - cell.x[0]), SEEN * float(cell.y.max())
        for place, bound in zip((0, -1), bounds, strict=True):
            at = bound if bound is None or not is_log(plan) else 10.0**bound
            if at is not None and abs(at - cell.x[place]) <= near and cell.y[place] >= seen:
                ends[float(at)] = None
    return [say("curves_end_at", bounds=listed([(Cell(end, Kind.EDGE),) for end in ends]))] if ends else []


def bandwidth_words(said: Settings) -> Text:
    """How the bandwidth was found, and times what."""
    rule = say(BANDWIDTHS[said["bandwidth_rule"]])
    if said["bandwidth"] == 1.0:
        return say("a_bandwidth_by", rule=rule)
    factor = Cell(float(said["bandwidth"]), Kind.EDGE)
    return say("times_the_bandwidth_by", factor=factor, rule=rule)
