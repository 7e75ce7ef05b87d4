"""Results of `count` as plain JSON values."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import finite, groups, number, reasons, stored
from istrel.exhibits.verbs.count.result import CountResult, CrossCell
from istrel.exhibits.verbs.count.set_words import set_values
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.frequency_values import frequency_values

COEFFICIENTS = ("cramers_v", "cramers_v_corrected", "phi", "gamma", "tau_b")


def values(result: CountResult) -> dict[str, list[Json]]:
    """The result in the form of docs/exchange.md."""
    return {"results": [_cell(cell) for cell in result.cells]}


def _cell(cell: FrequencyCell | CrossCell | SetCell) -> Json:
    match cell:
        case CrossCell():
            return _crossed(cell)
        case SetCell():
            return set_values(cell)
        case _:
            return frequency_values(cell)


def _crossed(cell: CrossCell) -> Json:
    hidden = np.zeros(cell.counts.shape, bool) if cell.hidden is None else cell.hidden[:-1, :-1]
    hides = cell.hidden is not None and bool(cell.hidden.any())
    counts = cell.counts.astype(object)
    counts[hidden] = None
    chi, found = cell.chi_square, cell.association
    association = {key: getattr(found, key) for key in COEFFICIENTS}

    def unless_hidden(values: NDArray[np.float64]) -> object:
        return finite(np.full(np.shape(values), np.nan) if hides else values)

    return {
        "row": cell.row,
        "column": cell.column,
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "row_values": [stored(value) for value in cell.row_values],
        "column_values": [stored(value) for value in cell.column_values],
        **(
            {"row_classes": [[number(limit) for limit in limits[:2]] for limits in cell.row_limits]}
            if cell.row_limits
            else {}
        ),
        **(
            {"column_classes": [[number(limit) for limit in limits[:2]] for limits in cell.column_limits]}
            if cell.column_limits
            else {}
        ),
        "counts": counts.tolist(),
        "row_percent": unless_hidden(cell.percents("row")[:-1, :-1]),
        "column_percent": unless_hidden(cell.percents("column")[:-1, :-1]),
        "total_percent": unless_hidden(cell.percents("total")[:-1, :-1]),
        "expected": unless_hidden(cell.expected),
        "adjusted_residual": unless_hidden(cell.residuals),
        "tests": {
            "chi_square": {"statistic": number(chi.statistic), "df": None if hides else chi.df, "p": number(chi.p)},
            "fisher_exact": {"p": number(cell.exact.p) if cell.exact.way == "fisher" else None},
            **_beyond(cell),
            **_of_sample(cell),
        },
        "association": {key: number(value) for key, value in association.items()},
        **({} if cell.weighted is None or hides else {"weighted_n": number(float(cell.weighted.sum()))}),
        "undefined": reasons({**association, "chi_square": chi.statistic, "fisher_exact": cell.exact.p}),
    }


def _of_sample(cell: CrossCell) -> Json:
    """The test of a weighted sample."""
    if (found := cell.rao_scott) is None:
        return {}
    return {"rao_scott_f": {"statistic": number(found.statistic), "df": list(found.df), "p": number(found.p)}}


def _beyond(cell: CrossCell) -> Json:
    """An exact test of a table beyond 2 × 2."""
    if cell.exact.way not in ("enumeration", "simulation"):
        return {}
    return {"exact": {"p": number(cell.exact.p), "way": cell.exact.way, "error": cell.exact.error}}
