"""Results of `relate` as plain JSON values."""

from __future__ import annotations

from typing import Any

from istrel.exhibits.relate.result import PlaneCell, RelateCell
from istrel.render.exchange.common import as_json, groups, number
from istrel.stats.estimates import Undefined


@as_json.register
def _(cell: RelateCell) -> dict[str, Any]:
    pairs = []
    for pair in cell.pairs:
        entry: dict[str, Any] = {
            "a": pair.a,
            "b": pair.b,
            "method": pair.method,
            "coefficient": number(pair.coefficient),
            "n": pair.n,
        }
        entry |= {key: number(getattr(pair, key)) for key in ("p", "p_adjusted", "low", "high")}
        if isinstance(pair.coefficient, Undefined):
            entry["undefined"] = pair.coefficient.reason
        pairs.append(entry)
    return {
        "variables": list(cell.variables),
        "groups": groups(cell.group.named),
        "n": cell.n,
        "deletion": cell.deletion,
        "missing": cell.missing,
        "means": {name: number(value) for name, value in cell.means.items()},
        "sds": {name: number(value) for name, value in cell.deviations.items()},
        "positive_definite": not cell.indefinite,
        "pairs": pairs,
    }


@as_json.register
def _(cell: PlaneCell) -> dict[str, Any]:
    return {
        "variables": [cell.a, cell.b],
        "groups": groups(cell.group.named),
        "x_edges": cell.x_edges.tolist(),
        "y_edges": cell.y_edges.tolist(),
        "counts": cell.counts.tolist(),
    }
