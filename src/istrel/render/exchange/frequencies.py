"""Frequencies as plain JSON values, for `count` and `describe`."""

from __future__ import annotations

from typing import Any

from istrel.exhibits.verbs.frequencies import FrequencyCell, Level
from istrel.render.exchange.common import as_json, groups, number, stored


@as_json.register
def _(cell: FrequencyCell) -> dict[str, Any]:
    return {
        "variables": list(cell.variables),
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "missing_reasons": {reason.name: number(count) for reason, count in cell.reasons},
        "levels": [_level(level, cell) for level in cell.levels],
        **({"outside": number(cell.outside)} if cell.closed else {}),
    }


def _level(level: Level, cell: FrequencyCell) -> dict[str, Any]:
    entry: dict[str, Any] = {
        "values": [level.name] if level.name else [stored(value) for value in level.values],
        "count": number(level.count),
    }
    for key in ("percent", "valid_percent", "cumulative_percent", "low", "high"):
        entry[key] = number(getattr(level, key))
    if level.limits is not None:
        low, high = level.limits
        entry |= {"from": low, "to": high, "midpoint": (low + high) / 2, "closed": cell.closed}
    return entry
