"""Results of `check` as plain JSON values."""

from __future__ import annotations

from typing import Any

from istrel.exhibits.check.result import CheckCell, QuantileCell, SetCell
from istrel.render.exchange.common import as_json, groups, number
from istrel.stats.estimates import Undefined


@as_json.register
def _(cell: CheckCell) -> dict[str, Any]:
    tests, undefined = {}, {}
    for name, (statistic, p, adjusted) in cell.tests.items():
        tests[name] = {"statistic": number(statistic), "p": number(p), "p_adjusted": number(adjusted)}
        reason = next((v.reason for v in (statistic, p) if isinstance(v, Undefined)), None)
        if reason is not None:
            undefined[name] = reason
    for name in ("skewness", "kurtosis"):
        if isinstance(getattr(cell, name), Undefined):
            undefined[name] = getattr(cell, name).reason
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "tests": tests,
        "skewness": number(cell.skewness),
        "kurtosis": number(cell.kurtosis),
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
        "groups": groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "tests": {name: {"statistic": number(t.statistic), "p": number(t.p)} for name, t in cell.tests.items()},
        "remote_cases": [case.row for case in cell.remote],
        "distances": [case.value for case in cell.remote],
        "undefined": undefined,
    }


@as_json.register
def _(cell: QuantileCell) -> dict[str, Any]:
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "x": cell.x.tolist(),
        "y": cell.y.tolist(),
        "mean": cell.mean,
        "sd": cell.sd,
        "low": cell.low.tolist(),
        "high": cell.high.tolist(),
    }
