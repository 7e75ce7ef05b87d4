"""Statistics of many groups at once, each with the reason where it has no value."""

from __future__ import annotations

import re
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.reasons import REASONS

TOO_LARGE = "too_large_for_a_double"
SLOT = re.compile(r"{(\w+)}")


@dataclass(frozen=True)
class Undefined:
    """Why a statistic has no value: one of REASONS, with what it is about. It prints as a dash, its words go to the note."""

    why: str
    parts: tuple[tuple[str, int | str], ...] = ()

    @property
    def reason(self) -> str:
        """The reason in English, with what stands in its slots."""
        said = {slot: f"{part:,}" if isinstance(part, int) else part for slot, part in self.parts}
        return SLOT.sub(lambda found: said[found[1]], REASONS[self.why])


def undefined(why: str, /, **parts: int | str) -> Undefined:
    """Why there is no value, with numbers and names for the slots of the reason."""
    return Undefined(why, tuple(parts.items()))


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
    reasons: tuple[tuple[NDArray[np.bool_], str | Undefined], ...] = ()

    def at(self, group: int) -> float | Undefined:
        """The value of one group, or why there is none."""
        for mask, reason in self.reasons:
            if mask[group]:
                return reason if isinstance(reason, Undefined) else Undefined(reason)
        value = float(self.values[group])
        return value if np.isfinite(value) else Undefined(TOO_LARGE)


def estimates(values: NDArray[np.float64], *reasons: tuple[NDArray[np.bool_], str | Undefined]) -> Estimates:
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
    return estimates(values, *part.reasons, *whole.reasons, (zero, "its_standard_error_is_0"))
