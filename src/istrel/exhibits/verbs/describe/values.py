"""Results of `describe` as plain JSON values."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import MOST_LISTED, groups, listed, number, reasons, weighed_values
from istrel.exhibits.text import Hidden
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference, MeasuredCell, Value
from istrel.exhibits.verbs.frequency_values import frequency_values
from istrel.sentence.vocabulary import CASE_LISTS, statistic
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.numbers import EPOCH, Kind

WEIGHTED = "_weighted"  # of measures that have words of their own where rows are weighted


def values(result: DescribeResult) -> dict[str, list[Json]]:
    """The result in the form of docs/exchange.md."""
    cells = [_measured(c) if isinstance(c, MeasuredCell) else frequency_values(c) for c in result.cells]
    differences = [made for d in (*result.differences, *result.pairs) for made in _difference(d)]
    return {"results": cells, **({"differences": differences} if differences else {})}


def _measured(cell: MeasuredCell) -> Json:
    cut = any(isinstance(v, tuple) and len(v) > MOST_LISTED for v in cell.statistics.values())
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "statistics": {key: _value(key, value, cell) for key, value in cell.statistics.items()},
        "undefined": reasons(cell.statistics),
        **weighed_values(cell.weighed),
        **({"cut": True} if cut else {}),
    }


def _value(key: str, value: Value, cell: MeasuredCell) -> object:
    if isinstance(value, Undefined | Hidden):
        return [] if key in CASE_LISTS and isinstance(value, Undefined) else None
    if isinstance(value, tuple):
        cases = tuple(part for part in value if isinstance(part, CaseValue))
        return listed(cases) if cases or key in CASE_LISTS else list(value)
    if cell.date and statistic(key).kind is Kind.MEASURE:
        return _date(value)
    return int(value) if statistic(key).kind is Kind.COUNT else value


def _difference(difference: Difference) -> Iterator[Json]:
    """The difference, and by another measure, where there is one."""
    yield _compared(difference)
    if difference.besides is not None:
        yield _compared(replace(difference, effect=difference.besides, test=None, p_adjusted=None))


def _compared(difference: Difference) -> Json:
    effect, test = difference.effect, difference.test
    of_persons: Json = {"paired": difference.paired, "persons": difference.persons} if difference.persons else {}
    if test is not None and test.epsilon != 1.0:
        of_persons["epsilon"] = test.epsilon
    return {
        "variable": difference.variable,
        "across": list(difference.grouping),
        **_norm(difference),
        "measure": (effect.measure.removesuffix(WEIGHTED) or None) if effect is not None else None,
        "value": None if effect is None else number(effect.value),
        "low": None if effect is None else number(effect.low),
        "high": None if effect is None else number(effect.high),
        "between": None if difference.between is None else [groups(group.named) for group in difference.between],
        **({"of": difference.meant} if difference.meant else {}),
        "test": (test.name or None) if test is not None else None,
        "statistic": None if test is None else number(test.statistic),
        "df": None if test is None else list(test.df),
        "p": None if test is None else number(test.p),
        "p_adjusted": None if difference.p_adjusted is None else number(difference.p_adjusted),
        "exact": test is not None and test.exact,
        **of_persons,
        **_spread(difference),
        "undefined": _reasons(difference),
    }


def _spread(difference: Difference) -> Json:
    """Whether the groups spread alike."""
    if (test := difference.spread) is None:
        return {}
    found = {"test": test.name, "statistic": number(test.statistic), "df": list(test.df), "p": number(test.p)}
    return {"spread": found}


def _norm(difference: Difference) -> Json:
    if difference.group is None or difference.norm is None:
        return {}
    return {"groups": groups(difference.group.named), "against": difference.norm}


def _reasons(difference: Difference) -> dict[str, str]:
    """Why there is no value: of the measure, of the test."""
    values = {"value": difference.effect and difference.effect.value, "p": difference.test and difference.test.p}
    return {key: value.reason for key, value in values.items() if isinstance(value, Undefined)}


def _date(days: float) -> str:
    from datetime import timedelta

    moment = (EPOCH + timedelta(days=days)).isoformat()
    return moment.removesuffix("T00:00:00")
