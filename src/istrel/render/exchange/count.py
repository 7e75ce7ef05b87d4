"""Results of `count` as plain JSON values."""

from __future__ import annotations

from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.count.result import CrossCell, FrequencyCell
from istrel.render.exchange.common import as_json, groups, number, stored
from istrel.stats.estimates import Undefined


@as_json.register
def _(cell: FrequencyCell) -> dict[str, Any]:
    levels = []
    for level in cell.levels:
        entry: dict[str, Any] = {
            "values": [stored(value) for value in level.values] or [level.label],
            "count": level.count,
            "percent": number(level.percent),
            "valid_percent": number(level.valid_percent),
            "cumulative_percent": number(level.cumulative_percent),
            "low": number(level.low),
            "high": number(level.high),
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
        "groups": groups(cell.group.named),
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
        "groups": groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "row_values": [stored(value) for value in cell.row_values],
        "column_values": [stored(value) for value in cell.column_values],
        "counts": shown.tolist(),
        "row_percent": _unless_hidden(cell.percents("row"), cell),
        "column_percent": _unless_hidden(cell.percents("column"), cell),
        "total_percent": _unless_hidden(cell.percents("total"), cell),
        "expected": _finite(cell.expected),
        "adjusted_residual": _unless_hidden(cell.residuals, cell),
        "tests": {
            "chi_square": {"statistic": number(chi.statistic), "df": chi.df, "p": number(chi.p)},
            "fisher_exact": {"p": number(cell.fisher)},
        },
        "association": {key: number(getattr(found, key)) for key in coefficients},
        "undefined": undefined,
    }


def _unless_hidden(values: NDArray[np.float64], cell: CrossCell) -> Any:
    return _finite(np.where(cell.hidden, np.nan, values))


def _finite(values: NDArray[np.float64]) -> Any:
    """Nested lists with None where there is no number."""
    objects = values.astype(object)
    objects[~np.isfinite(values)] = None
    return objects.tolist()
