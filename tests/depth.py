"""How much of a long table of cases a run takes: the usual one a part, spread over it, `make deep` (ISTREL_DEEP=1) all."""

from __future__ import annotations

import os
from collections.abc import Sequence
from typing import TypeVar

DEEP = os.environ.get("ISTREL_DEEP") == "1"
T = TypeVar("T")


def some(cases: Sequence[T], most: int) -> list[T]:
    """The first, the last and those between at equal steps; all of them in a deep run."""
    if DEEP or len(cases) <= most:
        return list(cases)
    return [cases[round(k * (len(cases) - 1) / max(most - 1, 1))] for k in range(most)]
