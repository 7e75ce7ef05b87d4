"""Results as plain JSON values, one function per kind of result; `json` puts them together."""

from __future__ import annotations

from collections.abc import Sequence
from functools import singledispatch
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.describe.result import (
    BoxCell,
    CategoryCell,
    CurveCell,
    HistogramCell,
    LevelCount,
    MeasuredCell,
    Value,
)
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

WHOLE = {"n", "missing", "mode_count"}
LISTS = {"lowest", "highest", "outliers"}


@singledispatch
def as_json(cell: object) -> dict[str, Any]:
    """A result cell or drawing in the form of docs/exchange.md."""
    raise TypeError(type(cell).__name__)


@as_json.register
def _(cell: MeasuredCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "statistics": {key: _value(key, value) for key, value in cell.statistics.items()},
        "undefined": {key: v.reason for key, v in cell.statistics.items() if isinstance(v, Undefined)},
    }


@as_json.register
def _(cell: CategoryCell) -> dict[str, Any]:
    return {
        "variables": [cell.variable],
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "levels": [_level(level) for level in cell.levels],
    }


def _groups(named: Sequence[tuple[str, float | str]]) -> dict[str, Any]:
    return {name: _stored(value) for name, value in named}


def _stored(value: float | str) -> Any:
    """Whole codes as whole numbers: 1, not 1.0."""
    return int(value) if isinstance(value, float) and value.is_integer() and abs(value) < 2**53 else value


def _value(key: str, value: Value) -> Any:
    if isinstance(value, Undefined):
        return [] if key in LISTS else None
    if isinstance(value, tuple):
        return [[v.value, v.row] if isinstance(v, CaseValue) else v for v in value]
    return int(value) if key in WHOLE else value


def _number(value: float | Undefined | None) -> float | None:
    return None if isinstance(value, Undefined) else value


def _level(level: LevelCount) -> dict[str, Any]:
    return {
        "values": [_stored(level.value)],
        "count": level.count,
        "percent": _number(level.percent),
        "valid_percent": _number(level.valid_percent),
        "cumulative_percent": _number(level.cumulative_percent),
        "low": _number(level.low),
        "high": _number(level.high),
    }


@as_json.register
def _(cell: HistogramCell) -> dict[str, Any]:
    curve = cell.curve
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "edges": cell.edges.tolist(),
        "counts": cell.counts.tolist(),
        "heights": cell.heights.tolist(),
        "stat": cell.stat,
        "normal_curve": None if curve is None else {"mean": curve.mean, "sd": curve.sd, "scale": curve.scale},
    }


@as_json.register
def _(cell: CurveCell) -> dict[str, Any]:
    entry = {"variable": cell.variable, "groups": _groups(cell.group.named), "x": cell.x.tolist(), "y": cell.y.tolist()}
    return entry if cell.bandwidth is None else {**entry, "bandwidth": cell.bandwidth}


@as_json.register
def _(cell: BoxCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "q1": cell.q1,
        "median": cell.median,
        "q3": cell.q3,
        "whisker_low": cell.whisker_low,
        "whisker_high": cell.whisker_high,
        "outside": [[v.value, v.row] for v in cell.outside],
    }


def _finite(values: NDArray[Any]) -> Any:
    """Nested lists with None where there is no number."""
    return np.where(np.isfinite(values), values.astype(object), None).tolist()
