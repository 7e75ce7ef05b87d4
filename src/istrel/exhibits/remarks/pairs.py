"""Remarks on pairs of variables: one case that carries a correlation, and a line through what is bent."""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np
from numpy.typing import NDArray

from istrel.data.formula.tree import Name
from istrel.data.levels import Level
from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.contracts import Plan
from istrel.exhibits.forms.identity import case_names
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.relate.result import Pair
from istrel.exhibits.wording import titled
from istrel.sentence.request import Crossed, Request
from istrel.sentence.settings import Settings
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_PAIRS, MOST_CASES, FEWEST = 45, 100_000, 10
CARRIED = 0.1  # a coefficient that moves so much without one case
BENT, FEWEST_FOR_BENT = 0.05, 30  # of the variance, that a curve explains besides the line


def carried(
    pairs: Iterable[Pair], codes: NDArray[np.int64], group: int, labels: tuple[str, ...], plan: Plan
) -> list[MarginNote]:
    """The pair whose Pearson correlation changes most without a single case, where that is much."""
    best: tuple[float, Pair, int, float, float] | None = None
    for pair in list(pairs)[:MOST_PAIRS]:
        found = _pair_values(pair, codes, group, plan)
        if found is None:
            continue
        x, y, rows = found
        whole, without = _without_each(x, y)
        place = int(np.abs(without - whole).argmax())
        moved = abs(float(without[place]) - whole)
        if moved >= CARRIED and (best is None or moved > best[0]):
            best = (moved, pair, int(rows[place]) + 1, whole, float(without[place]))
    if best is None:
        return []
    _, pair, row, whole, rest = best
    a, b = (titled(plan.data.variable(name)) for name in (pair.a, pair.b))
    numbers = {"rest": Cell(rest, Kind.COEFFICIENT), "whole": Cell(whole, Kind.COEFFICIENT)}
    template = "and_without_r_is_instead"
    case = say("case_number", row=row) if not _has_names(plan) else case_names(plan.data)(row)
    says = say(template, a=a, b=b, case=case, **numbers)
    return [MarginNote("one_case", pair.b, labels, says, cases=Behind(f"{pair.a} × {pair.b}: case {row}", rows=(row,)))]


def _has_names(plan: Plan) -> bool:
    return any(variable.level is Level.IDENTIFIER and variable.in_use for variable in plan.data.codebook.variables)


def _pair_values(
    pair: Pair, codes: NDArray[np.int64], group: int, plan: Plan
) -> tuple[Array, Array, NDArray[np.int64]] | None:
    """(x, y, rows from 0) of a Pearson pair over the cases of a group; None where there are too few or too many."""
    if pair.method != "pearson" or not isinstance(pair.coefficient, float):
        return None
    first, second = plan.data.numbers(pair.a), plan.data.numbers(pair.b)
    rows = np.flatnonzero((codes == group) & first.valid & second.valid)
    if not FEWEST <= rows.size <= MOST_CASES:
        return None
    return moderate(first.values[rows])[0], moderate(second.values[rows])[0], rows


def _without_each(x: Array, y: Array) -> tuple[float, Array]:
    """(r of all, r without each case in turn), from sums that one case is taken out of."""
    n = x.size
    dx, dy = x - x.mean(), y - y.mean()
    factor = n / (n - 1)
    sxx, syy, sxy = dx @ dx - factor * dx * dx, dy @ dy - factor * dy * dy, dx @ dy - factor * dx * dy
    with np.errstate(divide="ignore", invalid="ignore"):
        without = sxy / np.sqrt(sxx * syy)
    whole = float((dx @ dy) / np.sqrt((dx @ dx) * (dy @ dy)))
    return whole, np.where(np.isfinite(without), without, whole)


def bent(
    pairs: Iterable[Pair], codes: NDArray[np.int64], group: int, labels: tuple[str, ...], plan: Plan
) -> list[MarginNote]:
    """A pair for which a curve says clearly more than a line."""
    for pair in list(pairs)[:MOST_PAIRS]:
        found = _pair_values(pair, codes, group, plan)
        if found is None or found[0].size < FEWEST_FOR_BENT:
            continue
        more = _curvature(found[0], found[1])
        if more < BENT:
            continue
        a, b = (titled(plan.data.variable(name)) for name in (pair.a, pair.b))
        says = say("and_the_relation_is_bent", a=a, b=b)
        both = tuple(Crossed((Name(name),)) for name in (pair.a, pair.b))
        drawn = Request("relate", both, form="scatter", settings=Settings((("fit", "smooth"),)))
        return [MarginNote("bent", pair.b, labels, says, (Remedy(english("draw it"), request=drawn),))]
    return []


def _curvature(x: Array, y: Array) -> float:
    """The share of variance that a parabola explains besides the line."""
    z = (x - x.mean()) / (x.std() or 1.0)
    away = y - y.mean()
    total = float(away @ away)
    if not total > 0:
        return 0.0
    square = z * z - (z * z).mean()
    square = square - (square @ z) / (z @ z or 1.0) * z
    length = float(square @ square)
    return float((square @ away) ** 2 / length / total) if length > 1e-12 else 0.0
