"""Results of `check` as plain JSON values."""

from __future__ import annotations

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import cut, groups, listed, number, reason, reasons
from istrel.exhibits.verbs.check.reading import READINGS, remark
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, ScaleCell, SetCell
from istrel.exhibits.verbs.check.scale_words import scale_values
from istrel.stats.quantiles import n_cases
from istrel.style.phrases import phrases_in


def values(result: CheckResult) -> dict[str, list[Json]]:
    """The result in the form of docs/exchange.md."""
    return {"results": [_cell(cell) for cell in result.cells]}


def _cell(cell: CheckCell | SetCell | ScaleCell) -> Json:
    match cell:
        case CheckCell():
            return _checked(cell)
        case ScaleCell():
            return scale_values(cell)
        case _:
            return _set(cell)


def _checked(cell: CheckCell) -> Json:
    tests = {
        name: {"statistic": number(t.statistic), "p": number(t.p), "p_adjusted": number(t.p_adjusted)}
        for name, t in cell.tests.items()
    }
    why = {name: reason(t.statistic) or reason(t.p) for name, t in cell.tests.items()}
    said = remark(cell.n) if isinstance(cell.n, int) else ""
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "tests": tests,
        "skewness": number(cell.skewness),
        "kurtosis": number(cell.kurtosis),
        "humps": None if cell.humps is None else list(cell.humps),
        "reading": READINGS.get(cell.reading, ""),
        "remarks": [phrases_in("en")[said]] if said else [],
        "undefined": {
            **{name: words for name, words in why.items() if words},
            **reasons({"skewness": cell.skewness, "kurtosis": cell.kurtosis}),
        },
    }


def _set(cell: SetCell) -> Json:
    remote = listed(cell.remote)
    return {
        "variables": list(cell.variables),
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "tests": {name: {"statistic": number(t.statistic), "p": number(t.p)} for name, t in cell.tests.items()},
        "remote_cases": [row for _, row in remote],
        "distances": [distance for distance, _ in remote],
        "undefined": reasons({name: test.statistic for name, test in cell.tests.items()}),
        **cut(n_cases(cell.remote)),
    }
