"""Frequencies as plain JSON values, for `count` and `describe`."""

from __future__ import annotations

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import groups, number, stored, weighed_values
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level


def frequency_values(cell: FrequencyCell) -> Json:
    """A frequency table in the form of docs/exchange.md."""
    return {
        "variables": list(cell.variables),
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "missing_reasons": {reason.name: number(count) for reason, count in cell.reasons},
        "levels": [_level(level, cell) for level in cell.levels],
        **_fit(cell),
        **({"outside": number(cell.outside)} if cell.closed else {}),
        **({"weighted_n": number(cell.weighted_n)} if cell.weighted_n is not None else {}),
    }


def _fit(cell: FrequencyCell) -> Json:
    """The test against expected shares."""
    if (fit := cell.fit) is None:
        return {}
    test = {"statistic": number(fit.statistic), "df": fit.df, "p": number(fit.p), "exact": fit.exact}
    return {"expected_percent": [100.0 * share for share in fit.expected], "tests": {"goodness_of_fit": test}}


def _level(level: Level, cell: FrequencyCell) -> Json:
    entry: Json = {
        "values": [level.name] if level.name else [stored(value) for value in level.values],
        "count": number(level.count),
    }
    for key in ("percent", "valid_percent", "cumulative_percent", "low", "high"):
        entry[key] = number(getattr(level, key))
    entry |= weighed_values(level.weighed)
    if level.limits is not None:
        low, high = level.limits
        entry |= {"from": number(low), "to": number(high), "midpoint": number((low + high) / 2), "closed": cell.closed}
    return entry
