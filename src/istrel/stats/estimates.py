"""Statistics of many groups at once, each with the reason where it has no value."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

TOO_LARGE = "too large for a double"


@dataclass(frozen=True)
class Undefined:
    """Why a statistic has no value. It prints as a dash and its reason goes to the note."""

    reason: str


@dataclass(frozen=True, eq=False)
class Estimates:
    """One statistic for every group.

    Attributes
    ----------
    values
        float64 (groups,); NaN where undefined.
    reasons
        In order of precedence: (mask of shape (groups,), why those groups have no value).
    """

    values: NDArray[np.float64]
    reasons: tuple[tuple[NDArray[np.bool_], str], ...] = ()

    def at(self, group: int) -> float | Undefined:
        """The value of one group, or why there is none."""
        for mask, reason in self.reasons:
            if mask[group]:
                return Undefined(reason)
        value = float(self.values[group])
        return value if np.isfinite(value) else Undefined(TOO_LARGE)


def estimates(values: NDArray[np.float64], *reasons: tuple[NDArray[np.bool_], str]) -> Estimates:
    """Estimates from raw values; wherever a reason holds the value becomes NaN."""
    values = np.array(values, dtype=np.float64)
    for mask, _ in reasons:
        values[mask] = np.nan
    return Estimates(values, reasons)


def ratio(part: Estimates, whole: Estimates) -> Estimates:
    """One statistic over another; undefined where either is, or where the second is 0."""
    with np.errstate(divide="ignore", invalid="ignore"):
        values = part.values / whole.values
    zero = whole.values == 0
    return estimates(values, *part.reasons, *whole.reasons, (zero, "its standard error is 0"))
