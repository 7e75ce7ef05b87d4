"""What the JSON forms of all results share; each verb and form registers its own kinds of result with `as_json`."""

from __future__ import annotations

from collections.abc import Sequence
from functools import singledispatch
from typing import Any

import numpy as np

from istrel.exhibits.text import Hidden
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

MOST_LISTED = 1_000


@singledispatch
def as_json(cell: object) -> dict[str, Any]:
    """A result cell or drawing in the form of docs/exchange.md."""
    raise TypeError(type(cell).__name__)


def groups(named: Sequence[tuple[str, float | str]]) -> dict[str, Any]:
    return {name: stored(value) for name, value in named}


def stored(value: float | str) -> Any:
    """Whole codes as whole numbers: 1, not 1.0."""
    return int(value) if isinstance(value, float) and value.is_integer() and abs(value) < 2**53 else value


def number(value: Any) -> Any:
    """A number, or null where there is none or it is hidden."""
    if value is None or isinstance(value, Undefined | Hidden):
        return None
    return None if isinstance(value, float) and not np.isfinite(value) else value


def reason(value: Any) -> str | None:
    """Why there is no number; None where there is one."""
    return value.reason if isinstance(value, Undefined | Hidden) else None


def reasons(values: dict[str, Any]) -> dict[str, str]:
    """{name: why it has no number}."""
    return {name: why for name, value in values.items() if (why := reason(value)) is not None}


def finite(values: Any) -> Any:
    """Nested lists with null where there is no number."""
    array = np.asarray(values, float)
    objects = array.astype(object)
    objects[~np.isfinite(array)] = None
    return objects.tolist()


def listed(values: tuple[CaseValue, ...]) -> list[list[float | int]]:
    """[value, row] pairs, so many as an exchange carries."""
    return [[value.value, value.row] for value in values[:MOST_LISTED]]
