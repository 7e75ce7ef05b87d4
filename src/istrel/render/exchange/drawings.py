"""The numbers of every form of figure as plain JSON values."""

from __future__ import annotations

from typing import Any

import numpy as np

from istrel.exhibits.forms.bars import BarsCell, level_key
from istrel.exhibits.forms.boxes import BoxCell
from istrel.exhibits.forms.cumulative import CumulativeCell
from istrel.exhibits.forms.density import DensityCell
from istrel.exhibits.forms.fit import Fit
from istrel.exhibits.forms.grid import GridCell
from istrel.exhibits.forms.heat_map import HeatCell
from istrel.exhibits.forms.histogram import HistogramCell
from istrel.exhibits.forms.means import MeansCell
from istrel.exhibits.forms.missing_map import MapCell
from istrel.exhibits.forms.points import PointsCell
from istrel.exhibits.forms.quantile_plot import QuantileCell
from istrel.exhibits.forms.scatter import PlaneCell, ScatterCell
from istrel.exhibits.forms.violins import ViolinCell
from istrel.render.exchange.common import MOST_LISTED, as_json, finite, groups, listed, number, stored


def _about(cell: Any) -> dict[str, Any]:
    return {"variable": cell.variable, "groups": groups(cell.group.named)}


def _pair(cell: Any) -> dict[str, Any]:
    return {"variables": [cell.a, cell.b], "groups": groups(cell.group.named)}


def _cut(count: int) -> dict[str, Any]:
    return {"cut": True} if count > MOST_LISTED else {}


@as_json.register
def _(cell: HistogramCell) -> dict[str, Any]:
    curve, over = cell.curve, cell.density
    entry = {
        **_about(cell),
        "edges": cell.edges.tolist(),
        "counts": [number(count) for count in cell.counts],
        "heights": finite(cell.heights),
        "stat": cell.stat,
        "normal_curve": None if curve is None else {"mean": curve.mean, "sd": curve.sd, "scale": curve.scale},
    }
    if over is not None:
        entry["density_curve"] = {"x": over.x.tolist(), "y": over.y.tolist(), "bandwidth": over.bandwidth}
    return entry


@as_json.register
def _(cell: DensityCell) -> dict[str, Any]:
    entry = {**_about(cell), "x": cell.x.tolist(), "y": cell.y.tolist(), "bandwidth": cell.bandwidth}
    return {**entry, "weight": cell.weight} if cell.weight != 1.0 else entry


@as_json.register
def _(cell: ViolinCell) -> dict[str, Any]:
    return {
        **_about(cell),
        "x": cell.x.tolist(),
        "y": cell.y.tolist(),
        "bandwidth": cell.bandwidth,
        "q1": cell.q1,
        "median": cell.median,
        "q3": cell.q3,
    }


@as_json.register
def _(cell: CumulativeCell) -> dict[str, Any]:
    entry = {**_about(cell), "x": cell.x.tolist(), "y": cell.y.tolist()}
    if cell.low is not None and cell.high is not None:
        entry |= {"low": cell.low.tolist(), "high": cell.high.tolist()}
    return entry


@as_json.register
def _(cell: BoxCell) -> dict[str, Any]:
    keys = ("q1", "median", "q3", "whisker_low", "whisker_high")
    values = {key: getattr(cell, key) for key in keys}
    return {**_about(cell), **values, "outside": listed(cell.outside), **_cut(len(cell.outside))}


@as_json.register
def _(cell: PointsCell) -> dict[str, Any]:
    values, rows = cell.values[:MOST_LISTED].tolist(), cell.rows[:MOST_LISTED].tolist()
    return {**_about(cell), "values": values, "rows": rows, "each_stands_for": cell.every, **_cut(cell.values.size)}


@as_json.register
def _(cell: MeansCell) -> dict[str, Any]:
    ends = {"low": cell.low, "high": cell.high}
    return {**_about(cell), "n": number(cell.n), "mean": cell.mean, **ends, "interval": cell.interval}


@as_json.register
def _(cell: BarsCell) -> dict[str, Any]:
    values = [level_key(v) if v.name or len(v.values) != 1 else stored(v.values[0]) for v in cell.levels]
    limits = {"low": cell.low, "high": cell.high}
    return {
        **_about(cell),
        "values": values,
        "counts": [number(level.count) for level in cell.levels],
        "percents": finite(cell.percents),
        **{key: finite(limit) for key, limit in limits.items() if limit is not None},
    }


@as_json.register
def _(cell: HeatCell) -> dict[str, Any]:
    rows, columns = cell.keys
    named = {"row": cell.about[0], "column": cell.about[1]} if cell.about[0] else {}
    matrix = {"rows": list(rows), "columns": list(columns), "values": finite(cell.values)}
    return {**named, "groups": groups(cell.group.named), **matrix, "measure": cell.measure}


@as_json.register
def _(cell: QuantileCell) -> dict[str, Any]:
    line = {"mean": cell.mean, "sd": cell.sd}
    points = {"x": cell.x.tolist(), "y": cell.y.tolist()}
    return {**_about(cell), **points, **line, "low": finite(cell.low), "high": finite(cell.high)}


@as_json.register
def _(cell: ScatterCell) -> dict[str, Any]:
    kept = slice(None, MOST_LISTED)
    points = {"x": cell.x[kept].tolist(), "y": cell.y[kept].tolist(), "rows": cell.rows[kept].tolist()}
    return {**_pair(cell), "n": number(cell.n), **points, **_fit(cell.fit), **_cut(cell.x.size)}


@as_json.register
def _(cell: PlaneCell) -> dict[str, Any]:
    counts = np.where(cell.counts < 0, 0, cell.counts).astype(object)
    counts[cell.counts < 0] = None
    edges = {"x_edges": cell.x_edges.tolist(), "y_edges": cell.y_edges.tolist()}
    return {**_pair(cell), **edges, "counts": counts.tolist(), "minimum": cell.minimum, **_fit(cell.fit)}


def _fit(fit: Fit | None) -> dict[str, Any]:
    if fit is None:
        return {}
    return {"fit": {"kind": fit.kind, "slope": fit.slope, "intercept": fit.intercept, "r": fit.r}}


@as_json.register
def _(cell: GridCell) -> dict[str, Any]:
    panels: list[dict[str, Any]] = [as_json(pair) for pair in cell.pairs.values()]
    for (i, j), r in cell.coefficients.items():
        for panel in panels:
            if panel["variables"] == [cell.variables[j], cell.variables[i]]:
                panel["r"] = number(r)
    for name, (edges, counts) in zip(cell.variables, cell.bars, strict=True):
        panels.append({"variable": name, "edges": edges.tolist(), "counts": counts.astype(int).tolist()})
    return {"variables": list(cell.variables), "groups": groups(cell.group.named), "panels": panels}


@as_json.register
def _(cell: MapCell) -> dict[str, Any]:
    return {
        "variables": list(cell.variables),
        "n": cell.n,
        "starts": cell.starts.tolist(),
        "shares": cell.shares.tolist(),
        "missing": cell.missing.tolist(),
        "sorted": cell.sorted,
    }
