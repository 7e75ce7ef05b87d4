"""Results as plain JSON values, one function per kind of result; `json` puts them together."""

from __future__ import annotations

from collections.abc import Sequence
from functools import singledispatch
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.check.result import CheckCell, QuantileCell, SetCell
from istrel.exhibits.count.result import CrossCell, FrequencyCell
from istrel.exhibits.describe.result import (
    BoxCell,
    CategoryCell,
    CurveCell,
    HistogramCell,
    LevelCount,
    MeasuredCell,
    Value,
)
from istrel.exhibits.relate.result import PlaneCell, RelateCell
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
    curve, over = cell.curve, cell.density
    entry = {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
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


@as_json.register
def _(cell: FrequencyCell) -> dict[str, Any]:
    levels = []
    for level in cell.levels:
        entry: dict[str, Any] = {
            "values": [_stored(value) for value in level.values] or [level.label],
            "count": level.count,
            "percent": _number(level.percent),
            "valid_percent": _number(level.valid_percent),
            "cumulative_percent": _number(level.cumulative_percent),
            "low": _number(level.low),
            "high": _number(level.high),
        }
        if level.limits is not None:
            low, high = level.limits
            entry |= {
                "values": [level.label],
                "from": low,
                "to": high,
                "midpoint": (low + high) / 2,
                "closed": cell.closed,
            }
        levels.append(entry)
    return {
        "variables": list(cell.variables),
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "missing_reasons": dict(cell.reasons),
        "levels": levels,
    }


@as_json.register
def _(cell: CrossCell) -> dict[str, Any]:
    shown = cell.counts.astype(object)
    shown[cell.hidden] = None
    chi, found = cell.chi_square, cell.association
    coefficients = ("cramers_v", "cramers_v_corrected", "phi", "gamma", "tau_b")
    undefined = {key: getattr(found, key).reason for key in coefficients if isinstance(getattr(found, key), Undefined)}
    if isinstance(chi.statistic, Undefined):
        undefined["chi_square"] = chi.statistic.reason
    if isinstance(cell.fisher, Undefined):
        undefined["fisher_exact"] = cell.fisher.reason
    return {
        "row": cell.row,
        "column": cell.column,
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "row_values": [_stored(value) for value in cell.row_values],
        "column_values": [_stored(value) for value in cell.column_values],
        "counts": shown.tolist(),
        "row_percent": _unless_hidden(cell.percents("row"), cell),
        "column_percent": _unless_hidden(cell.percents("column"), cell),
        "total_percent": _unless_hidden(cell.percents("total"), cell),
        "expected": _finite(cell.expected),
        "adjusted_residual": _unless_hidden(cell.residuals, cell),
        "tests": {
            "chi_square": {"statistic": _number(chi.statistic), "df": chi.df, "p": _number(chi.p)},
            "fisher_exact": {"p": _number(cell.fisher)},
        },
        "association": {key: _number(getattr(found, key)) for key in coefficients},
        "undefined": undefined,
    }


def _unless_hidden(values: NDArray[np.float64], cell: CrossCell) -> Any:
    return _finite(np.where(cell.hidden, np.nan, values))


def _finite(values: NDArray[np.float64]) -> Any:
    """Nested lists with None where there is no number."""
    objects = values.astype(object)
    objects[~np.isfinite(values)] = None
    return objects.tolist()


@as_json.register
def _(cell: CheckCell) -> dict[str, Any]:
    tests, undefined = {}, {}
    for name, (statistic, p, adjusted) in cell.tests.items():
        tests[name] = {"statistic": _number(statistic), "p": _number(p), "p_adjusted": _number(adjusted)}
        reason = next((v.reason for v in (statistic, p) if isinstance(v, Undefined)), None)
        if reason is not None:
            undefined[name] = reason
    for name in ("skewness", "kurtosis"):
        if isinstance(getattr(cell, name), Undefined):
            undefined[name] = getattr(cell, name).reason
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "tests": tests,
        "skewness": _number(cell.skewness),
        "kurtosis": _number(cell.kurtosis),
        "humps": None if cell.humps is None else list(cell.humps),
        "reading": cell.reading,
        "remarks": list(cell.remarks),
        "undefined": undefined,
    }


@as_json.register
def _(cell: SetCell) -> dict[str, Any]:
    undefined = {name: t.statistic.reason for name, t in cell.tests.items() if isinstance(t.statistic, Undefined)}
    return {
        "variables": list(cell.variables),
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "tests": {name: {"statistic": _number(t.statistic), "p": _number(t.p)} for name, t in cell.tests.items()},
        "remote_cases": [case.row for case in cell.remote],
        "distances": [case.value for case in cell.remote],
        "undefined": undefined,
    }


@as_json.register
def _(cell: QuantileCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "x": cell.x.tolist(),
        "y": cell.y.tolist(),
        "mean": cell.mean,
        "sd": cell.sd,
        "low": cell.low.tolist(),
        "high": cell.high.tolist(),
    }


@as_json.register
def _(cell: RelateCell) -> dict[str, Any]:
    pairs = []
    for pair in cell.pairs:
        entry: dict[str, Any] = {
            "a": pair.a,
            "b": pair.b,
            "method": pair.method,
            "coefficient": _number(pair.coefficient),
            "n": pair.n,
        }
        entry |= {key: _number(getattr(pair, key)) for key in ("p", "p_adjusted", "low", "high")}
        if isinstance(pair.coefficient, Undefined):
            entry["undefined"] = pair.coefficient.reason
        pairs.append(entry)
    return {
        "variables": list(cell.variables),
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "deletion": cell.deletion,
        "missing": cell.missing,
        "means": {name: _number(value) for name, value in cell.means.items()},
        "sds": {name: _number(value) for name, value in cell.deviations.items()},
        "positive_definite": not cell.indefinite,
        "pairs": pairs,
    }


@as_json.register
def _(cell: PlaneCell) -> dict[str, Any]:
    return {
        "variables": [cell.a, cell.b],
        "groups": _groups(cell.group.named),
        "x_edges": cell.x_edges.tolist(),
        "y_edges": cell.y_edges.tolist(),
        "counts": cell.counts.tolist(),
    }
