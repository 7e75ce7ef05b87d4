"""What stands behind a number or a mark: a description of cases, carried by it, and how they are found in the data."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

if TYPE_CHECKING:
    from istrel.data.dataset import Dataset

Mask = NDArray[np.bool_]
Within = tuple[str, float, float, str]


@dataclass(frozen=True)
class Behind:
    """The cases that a number, a row or a mark stands for, among those in use; all parts hold together.

    Attributes
    ----------
    words
        What they are, in words.
    equal
        (variable, stored value) pairs; the value "" stands for the group of cases without one.
    valid, missing
        Variables that have a value, or have none.
    within
        (variable, from, to, "left", "right" or "both": which limits belong to it) each.
    values
        (variable, the values it has): for an extreme or a mode.
    rows
        Data rows from 1, where the cases are named one by one; None where they are not.
    """

    words: str = ""
    equal: tuple[tuple[str, float | str], ...] = ()
    valid: tuple[str, ...] = ()
    missing: tuple[str, ...] = ()
    within: tuple[Within, ...] = ()
    values: tuple[str, tuple[float, ...]] | None = None
    rows: tuple[int, ...] | None = None

    def and_(self, other: Behind) -> Behind:
        """The cases of both."""
        return replace(
            self,
            words=" · ".join(filter(None, (self.words, other.words))),
            equal=(*self.equal, *other.equal),
            valid=(*self.valid, *other.valid),
            missing=(*self.missing, *other.missing),
            within=(*self.within, *other.within),
            values=other.values or self.values,
            rows=other.rows if other.rows is not None else self.rows,
        )

    @property
    def variable(self) -> str:
        """The variable to look at first; empty where all are alike."""
        limited = [part[0] for part in (*self.within, self.values) if part is not None]
        named = (*limited, *self.valid, *self.missing, *(name for name, _ in self.equal))
        return named[0] if named else ""


def mask_of(behind: Behind, data: Dataset) -> Mask:
    """The cases for which all parts hold, shape (rows,); conditions on cases come on top of it."""
    mask = data.kept
    for name, value in behind.equal:
        categories = data.categories(name)
        place = categories.values.index(value) if value in categories.values else -1
        mask &= categories.codes == place
    for name in behind.valid:
        mask &= data.present(name)
    for name in behind.missing:
        mask &= ~data.present(name)
    for limits in behind.within:
        mask &= _within(data, *limits)
    if behind.values is not None:
        name, values = behind.values
        numbers = data.numbers(name)
        mask &= numbers.valid & np.isin(numbers.values, np.array(values))
    if behind.rows is not None:
        named = np.zeros(data.n_rows, bool)
        named[
            np.isin(np.arange(named.size) if data.origin is None else data.origin, np.array(behind.rows, int) - 1)
        ] = True
        mask &= named
    return mask


def _within(data: Dataset, name: str, low: float, high: float, closed: str) -> Mask:
    """Values of a class, whose limits on the left, the right or both sides belong to it."""
    numbers = data.numbers(name)
    values = numbers.values
    above = values > low if closed == "right" else values >= low
    below = values < high if closed == "left" else values <= high
    inside: Mask = numbers.valid & above & below
    return inside
