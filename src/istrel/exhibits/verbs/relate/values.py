"""Results of `relate` as plain JSON values."""

from __future__ import annotations

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import groups, number, reason
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult


def values(result: RelateResult) -> dict[str, list[Json]]:
    """The result in the form of docs/exchange.md."""
    return {"results": [_related(cell) for cell in result.cells]}


def _related(cell: RelateCell) -> Json:
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


def _pair(pair: Pair) -> Json:
    entry: Json = {
        "a": pair.a,
        "b": pair.b,
        "method": pair.method,
        "coefficient": number(pair.coefficient),
        "n": number(pair.n),
    }
    entry |= {key: number(getattr(pair, key)) for key in ("p", "p_adjusted", "low", "high")}
    if pair.df is not None:
        entry["df"] = pair.df
    why = reason(pair.coefficient)
    return {**entry, "undefined": why} if why is not None else entry
