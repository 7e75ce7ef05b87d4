"""Results of `relate` as plain JSON values."""

from __future__ import annotations

from typing import Any

import istrel.render.exchange.drawings  # its kinds of result are registered
from istrel.exhibits.verbs.relate.result import Pair, RelateCell
from istrel.render.exchange.common import as_json, groups, number, reason

del istrel


@as_json.register
def _(cell: RelateCell) -> dict[str, Any]:
    return {
        "variables": list(cell.variables),
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "deletion": cell.deletion,
        "missing": number(cell.missing),
        "means": {name: number(value) for name, value in cell.means.items()},
        "sds": {name: number(value) for name, value in cell.deviations.items()},
        "positive_definite": cell.definite,
        "pairs": [_pair(pair) for pair in cell.pairs],
    }


def _pair(pair: Pair) -> dict[str, Any]:
    entry: dict[str, Any] = {
        "a": pair.a,
        "b": pair.b,
        "method": pair.method,
        "coefficient": number(pair.coefficient),
        "n": number(pair.n),
    }
    entry |= {key: number(getattr(pair, key)) for key in ("p", "p_adjusted", "low", "high")}
    why = reason(pair.coefficient)
    return {**entry, "undefined": why} if why is not None else entry
