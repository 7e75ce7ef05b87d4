"""What the JSON forms of all results share; each verb registers its own kinds of result with `as_json`."""

from __future__ import annotations

from collections.abc import Sequence
from functools import singledispatch
from typing import Any

from istrel.stats.estimates import Undefined


@singledispatch
def as_json(cell: object) -> dict[str, Any]:
    """A result cell or drawing in the form of docs/exchange.md."""
    raise TypeError(type(cell).__name__)


def groups(named: Sequence[tuple[str, float | str]]) -> dict[str, Any]:
    return {name: stored(value) for name, value in named}


def stored(value: float | str) -> Any:
    """Whole codes as whole numbers: 1, not 1.0."""
    return int(value) if isinstance(value, float) and value.is_integer() and abs(value) < 2**53 else value


def number(value: float | Undefined | None) -> float | None:
    return None if isinstance(value, Undefined) else value
