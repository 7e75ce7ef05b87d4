"""Agreement of two raters in print: a row for each group; and what of a relation stands in several columns."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import number
from istrel.exhibits.table import About, Head, Note, Row, TableSheet
from istrel.exhibits.text import Cell, Text, count_cell, say
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import RelateCell, RelateResult, Value
from istrel.exhibits.wording import group_label, has_groups, summary_cell, titled
from istrel.stats.agreement import Agreement, Kappa
from istrel.style.numbers import Kind


def agreement_table(plan: RelatePlan, result: RelateResult, title: Text, notes: tuple[Note, ...]) -> TableSheet:
    """n, the coefficients with their intervals, and for measures bias and limits."""
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    of_numbers = any(cell.agreement is not None for cell in result.cells)
    names = ("head_icc_a", "head_icc_c") if of_numbers else ("head_kappa",)
    heads = [Head(say("head_n")), *([] if of_numbers else [Head(say("head_observed"))])]
    heads += [Head(say(name, level=level)) for name in names]
    heads += [Head(say("head_bias")), Head(say("head_limits_of_agreement"))] if of_numbers else []
    rows = [_row(cell, plan) for cell in result.cells]
    stub = say("head_group") if has_groups(plan.groupings) else ()
    return TableSheet(title, ((Head(stub), *heads),), tuple(rows), notes)


def _row(cell: RelateCell, plan: RelatePlan) -> Row:
    stub = group_label(cell.group, several=has_groups(plan.groupings))
    made = {text.column: text for text in agreement_numbers(cell, plan)}
    values: list[Text] = [(made["n"],)]
    if cell.kappa is not None:
        values += [(made["observed"],), _with_interval(made, "kappa")]
    else:
        values += [_with_interval(made, "icc_a1"), _with_interval(made, "icc_c1"), (made["bias"],)]
        values.append(say("interval", low=made["limit_low"], high=made["limit_high"]))
    return Row(stub, tuple(values), about=About("", cell.group.labels))


def _with_interval(made: dict[str, Cell], key: str) -> Text:
    value, low, high = (made[name] for name in (key, f"{key}_low", f"{key}_high"))
    if not isinstance(low.value, float) or not isinstance(high.value, float):
        return (value,)
    return say("value_with_interval", value=value, low=low, high=high)


def agreement_row(cell: RelateCell, plan: RelatePlan) -> str:
    """The key of the row of a group."""
    a, b = plan.subjects
    return f"{a} ~ {b} @ {cell.group.key}" if cell.group.key else f"{a} ~ {b}"


def agreement_numbers(cell: RelateCell, plan: RelatePlan) -> Iterator[Cell]:
    """Every number of the agreement in a group."""
    row = agreement_row(cell, plan)
    yield count_cell(cell.pairs[0].n, row=row, column="n")
    found: dict[str, Value] = {}
    if cell.kappa is not None:
        found = {"kappa": cell.kappa.value, "kappa_low": cell.kappa.low, "kappa_high": cell.kappa.high}
        observed = cell.kappa.observed
        share = 100.0 * observed if isinstance(observed, float) else observed
        yield Cell(share, Kind.PERCENT, row=row, column="observed")
    elif cell.agreement is not None:
        for key, part in (("icc_a1", cell.agreement.absolute), ("icc_c1", cell.agreement.consistent)):
            found |= dict(zip((key, f"{key}_low", f"{key}_high"), part, strict=True))
        yield from _measures(cell.agreement, row, plan)
    for key, value in found.items():
        yield Cell(value, Kind.COEFFICIENT, row=row, column=key)


def _measures(found: Agreement, row: str, plan: RelatePlan) -> Iterator[Cell]:
    """Bias and limits, with the decimals of the variable."""
    for key, value in (("bias", found.bias), ("limit_low", found.limits[0]), ("limit_high", found.limits[1])):
        if isinstance(value, float):
            made = summary_cell(value, plan.subjects[0], plan.data)
            yield Cell(value, Kind.MEASURE, made.decimals, made.precision, row=row, column=key)
        else:
            yield Cell(value, Kind.MEASURE, row=row, column=key)


def agreement_reasons(cells: tuple[RelateCell, ...]) -> list[Value]:
    """Why there are dashes."""
    found: list[Value] = []
    for cell in cells:
        if cell.kappa is not None:
            found += [cell.kappa.value, cell.kappa.low]
        elif cell.agreement is not None:
            found += [cell.agreement.absolute[0], cell.agreement.absolute[1], cell.agreement.bias]
    return found


def agreement_text(plan: RelatePlan, result: RelateResult) -> Iterator[Text]:
    """How far both agree, in a sentence for each group."""
    a, b = (titled(plan.data.variable(name)) for name in plan.subjects)
    for cell in result.cells:
        made = {text.column: text for text in agreement_numbers(cell, plan)}
        group = say("in_group", group=group_label(cell.group, several=True)) if cell.group.labels else ()
        if cell.kappa is not None and isinstance(cell.kappa.value, float):
            yield say("agreed_by_kappa", a=a, b=b, where=group, kappa=_with_interval(made, "kappa"), n=made["n"])
        elif cell.agreement is not None and isinstance(cell.agreement.absolute[0], float):
            numbers: dict[str, Text | Cell] = {"icc": _with_interval(made, "icc_a1"), "bias": made["bias"]}
            ends = {"low": made["limit_low"], "high": made["limit_high"]}
            yield say("agreed_by_icc", a=a, b=b, where=group, n=made["n"], **numbers, **ends)


def agreement_values(cell: RelateCell) -> Json:
    """The agreement of a group in the form of docs/exchange.md."""
    if cell.kappa is not None:
        return {"agreement": _kappa(cell.kappa)}
    if (found := cell.agreement) is None:
        return {}
    (value, low, high), (consistent, c_low, c_high) = found.absolute, found.consistent
    return {
        "agreement": {
            "icc_a1": number(value),
            "low": number(low),
            "high": number(high),
            "icc_c1": number(consistent),
            "icc_c1_low": number(c_low),
            "icc_c1_high": number(c_high),
            "bias": number(found.bias),
            "limits": [number(limit) for limit in found.limits],
        }
    }


def _kappa(found: Kappa) -> Json:
    observed = found.observed
    share = 100.0 * observed if isinstance(observed, float) else observed
    return {
        "kappa": number(found.value),
        "low": number(found.low),
        "high": number(found.high),
        "observed": number(share),
    }
