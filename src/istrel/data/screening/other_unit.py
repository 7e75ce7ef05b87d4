"""Values in another unit than the rest: heights of 183 among heights of 1.83."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.data.corrections import Correction
from istrel.data.dataset import rows_of
from istrel.data.screening.finding import Finding, Remedy, Replace, shown
from istrel.data.screening.look import Look
from istrel.english import english
from istrel.stats.remote import OtherUnit


def find(look: Look) -> Iterator[Finding]:
    """other_unit."""
    for name in look.measured:
        found = look.other_unit(name)
        if found is not None:
            yield _told(look, name, found)


def _told(look: Look, name: str, found: OtherUnit) -> Finding:
    values = look.data.numbers(name).values
    rows, rest = rows_of(found.mask), values[look.candidates(name) & ~found.mask]
    factor = shown(found.factor if found.larger else 1 / found.factor)
    in_unit = [(row, float(values[row - 1])) for row in rows]
    says = english(
        "is about {factor} times the rest, which runs from {low} to {high}: another unit?",
        factor=factor,
        low=shown(float(rest.min())),
        high=shown(float(rest.max())),
    )
    reason = english("in another unit")
    by = shown(found.factor)
    words = english("divide by {factor}", factor=by) if found.larger else english("multiply by {factor}", factor=by)
    mended = tuple(Correction(name, value, _brought(value, found), row, reason) for row, value in in_unit)
    missing = tuple(Correction(name, value, None, row, reason) for row, value in in_unit)
    return Finding(
        "other_unit",
        (name,),
        english("{name} in {n:,} [case|cases]", name=name, n=len(rows)),
        says,
        rows,
        (Remedy(words, Replace(mended)), Remedy(english("set missing"), Replace(missing))),
        changes_numbers=True,
    )


def _brought(value: float, found: OtherUnit) -> float:
    """The value in the unit of the rest, without the letters that division adds."""
    brought = np.float64(value / found.factor if found.larger else value * found.factor)
    return float(np.round(brought, 12))
