"""Results of `relate` as plain JSON values."""

from __future__ import annotations

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import groups, number, reason
from istrel.exhibits.verbs.relate.agreement_words import agreement_values
from istrel.exhibits.verbs.relate.result import Compared, Pair, RelateCell, RelateResult


def values(result: RelateResult) -> dict[str, list[Json]]:
    """The result in the form of docs/exchange.md."""
    found = {"results": [_related(cell) for cell in result.cells]}
    differences = [_compared(one) for one in result.differences]
    return {**found, **({"differences": differences} if differences else {})}


def _compared(found: Compared) -> Json:
    return {
        "a": found.a,
        "b": found.b,
        "between": None if found.between is None else [groups(group.named) for group in found.between],
        "measure": "correlation_difference",
        "value": number(found.value),
        "test": "fisher_z",
        "statistic": number(found.statistic),
        "df": [] if found.df is None else [found.df],
        "p": number(found.p),
    }


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
        **agreement_values(cell),
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
