"""What the JSON forms of all results share (docs/exchange.md): numbers or null, why there is none, stored values, cut lists."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from itertools import islice

import numpy as np
from numpy.typing import ArrayLike

from istrel.exhibits.text import Hidden
from istrel.exhibits.weights import Weighed
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

MOST_LISTED = 1_000
FIGURES = 3  # of numbers beside hidden counts


def groups(named: Sequence[tuple[str, float | str]]) -> dict[str, object]:
    """{variable: value} of a group."""
    return {name: stored(value) for name, value in named}


def stored(value: float | str) -> float | int | str | None:
    """Whole codes as whole numbers: 1, not 1.0; null for a class that is open downwards."""
    if isinstance(value, float) and not np.isfinite(value):
        return None
    return int(value) if isinstance(value, float) and value.is_integer() and abs(value) < 2**53 else value


def number(value: object) -> object:
    """A number, or null where there is none or it is hidden."""
    if value is None or isinstance(value, Undefined | Hidden):
        return None
    return None if isinstance(value, float) and not np.isfinite(value) else value


def reason(value: object) -> str | None:
    """Why there is no number; None where there is one."""
    return value.reason if isinstance(value, Undefined | Hidden) else None


def reasons(values: Mapping[str, object]) -> dict[str, str]:
    """{name: why it has no number}."""
    return {name: why for name, value in values.items() if (why := reason(value)) is not None}


def coarse(value: object) -> object:
    """Numbers of three figures at most, in whatever holds them; whole numbers stay.

    Full precision tells the counts behind a number: a mean of whole numbers is a fraction with n under its line.
    """
    if isinstance(value, float) and np.isfinite(value) and not value.is_integer():
        return float(f"{value:.{FIGURES}g}")
    if isinstance(value, dict):
        return {key: coarse(inner) for key, inner in value.items()}
    if isinstance(value, list | tuple):
        return [coarse(inner) for inner in value]
    return value


def finite(values: ArrayLike) -> object:
    """Nested lists with null where there is no number."""
    array = np.asarray(values, float)
    objects = array.astype(object)
    objects[~np.isfinite(array)] = None
    return objects.tolist()


def listed(values: Sequence[CaseValue]) -> list[list[float | int]]:
    """[value, row] pairs, so many as an exchange carries; a row of several cases so often as it stands for cases."""
    each = ([value.value, value.row] for value in values for _ in range(value.times))
    return list(islice(each, MOST_LISTED))


def weighed_values(weighed: Weighed | None) -> dict[str, object]:
    """What weights add to a number: nothing where each row counts as one."""
    if weighed is None:
        return {}
    return {
        "weighted_n": number(weighed.sum),
        "se": number(weighed.error),
        "df": number(weighed.df),
        "design_effect": number(weighed.design_effect),
    }


def cut(count: int) -> dict[str, object]:
    """{"cut": true} for a list that was cut, else nothing."""
    return {"cut": True} if count > MOST_LISTED else {}
