"""Results of `describe` as plain JSON values."""

from __future__ import annotations

from typing import Any

from istrel.exhibits.describe.result import (
    BoxCell,
    CategoryCell,
    CurveCell,
    HistogramCell,
    LevelCount,
    MeasuredCell,
    Value,
)
from istrel.render.exchange.common import as_json, groups, number, stored
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

WHOLE = {"n", "missing", "mode_count"}
LISTS = {"lowest", "highest", "outliers"}


@as_json.register
def _(cell: MeasuredCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "statistics": {key: _value(key, value) for key, value in cell.statistics.items()},
        "undefined": {key: v.reason for key, v in cell.statistics.items() if isinstance(v, Undefined)},
    }


@as_json.register
def _(cell: CategoryCell) -> dict[str, Any]:
    return {
        "variables": [cell.variable],
        "groups": groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "levels": [_level(level) for level in cell.levels],
    }


def _value(key: str, value: Value) -> Any:
    if isinstance(value, Undefined):
        return [] if key in LISTS else None
    if isinstance(value, tuple):
        return [[v.value, v.row] if isinstance(v, CaseValue) else v for v in value]
    return int(value) if key in WHOLE else value


def _level(level: LevelCount) -> dict[str, Any]:
    return {
        "values": [stored(level.value)],
        "count": level.count,
        "percent": number(level.percent),
        "valid_percent": number(level.valid_percent),
        "cumulative_percent": number(level.cumulative_percent),
        "low": number(level.low),
        "high": number(level.high),
    }


@as_json.register
def _(cell: HistogramCell) -> dict[str, Any]:
    curve, over = cell.curve, cell.density
    entry = {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "edges": cell.edges.tolist(),
        "counts": cell.counts.tolist(),
        "heights": cell.heights.tolist(),
        "stat": cell.stat,
        "normal_curve": None if curve is None else {"mean": curve.mean, "sd": curve.sd, "scale": curve.scale},
    }
    if over is not None:
        entry["density_curve"] = {"x": over.x.tolist(), "y": over.y.tolist(), "bandwidth": over.bandwidth}
    return entry


@as_json.register
def _(cell: CurveCell) -> dict[str, Any]:
    entry = {"variable": cell.variable, "groups": groups(cell.group.named), "x": cell.x.tolist(), "y": cell.y.tolist()}
    return entry if cell.bandwidth is None else {**entry, "bandwidth": cell.bandwidth}


@as_json.register
def _(cell: BoxCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "q1": cell.q1,
        "median": cell.median,
        "q3": cell.q3,
        "whisker_low": cell.whisker_low,
        "whisker_high": cell.whisker_high,
        "outside": [[v.value, v.row] for v in cell.outside],
    }
