"""A scale in print: its items in rows, under them alpha, omega and the mean correlation of items; its JSON."""

from __future__ import annotations

import re
from collections.abc import Iterator

from istrel.exhibits.behind import Behind
from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import groups, number, reasons
from istrel.exhibits.setting import MarginNote, Setting
from istrel.exhibits.table import About, Head, Row, TableSheet, general
from istrel.exhibits.text import Cell, Run, Text, count_cell, in_a_row, listed, say, sentences, verbatim
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckResult, ItemStatistics, ScaleCell
from istrel.exhibits.wording import (
    answers_note,
    cases_note,
    dashes_note,
    group_label,
    groups_words,
    has_groups,
    in_group,
    titled,
    ungrouped_notes,
)
from istrel.style.numbers import Kind, Precision

FITS = 0.08  # root mean square of residual correlations up to which one factor describes a scale
TURNED = re.compile(r"^reverse\(`?(?P<name>[^`,]+)`?,")  # an item of a composite, as it stands in its formula
HEADS = ("head_n", "symbol_mean", "symbol_sd", "head_item_rest", "head_alpha_without")


def scale_setting(plan: CheckPlan, result: CheckResult) -> Setting:
    """The table of items with its words."""
    cells = [cell for cell in result.cells if isinstance(cell, ScaleCell)]
    grouped = has_groups(plan.groupings)
    rows: list[Row] = []
    spreads = [item.sd for cell in cells for item in cell.items if isinstance(item.sd, float) and item.sd > 0]
    finest = min(spreads, default=float("nan"))  # all items print alike, in all groups
    for cell in cells:
        if grouped:
            rows.append(Row(group_label(cell.group, several=True)))
        rows += [_item_row(item, cell, plan, finest, indent=int(grouped)) for item in cell.items]
    heads = (Head(say("head_item")), *(Head(say(head)) for head in HEADS))
    sheet = TableSheet(_title(plan), (heads,), tuple(rows), general(_notes(plan, result, cells)))
    return Setting(
        sheet, say("alpha_and_omega"), sentences([_words(c, plan) for c in cells]), tuple(_margin(cells, plan))
    )


def _title(plan: CheckPlan) -> Text:
    what = say("items_of", name=_scale_title(plan))
    by = groups_words(plan.groupings, plan.data)
    return say("what_by_groups", what=what, groups=by) if by else what


def _scale_title(plan: CheckPlan) -> Text:
    assert plan.scale is not None
    name = plan.scale.name
    return titled(plan.data.variable(name)) if name in plan.data.codebook else verbatim(name)


def _item_title(name: str, plan: CheckPlan) -> Text:
    if name in plan.data.codebook:
        return titled(plan.data.variable(name))
    turned = TURNED.match(name)
    if turned is not None and turned["name"] in plan.data.codebook:
        return say("item_turned_round", name=titled(plan.data.variable(turned["name"])))
    return verbatim(name)


def item_key(name: str, cell: ScaleCell) -> str:
    return f"{cell.scale}: {name} @ {cell.group.key}" if cell.group.key else f"{cell.scale}: {name}"


def _item_row(item: ItemStatistics, cell: ScaleCell, plan: CheckPlan, finest: float, *, indent: int) -> Row:
    row, known = item_key(item.name, cell), item.name in plan.data.codebook
    words = " · ".join((item.name, *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=(item.name,)) if known else None
    asked = plan.request.settings["decimals"]
    decimals = plan.data.variable(item.name).decimals if asked is None and known else asked
    measures: list[Text] = [
        (Cell(value, Kind.MEASURE, decimals, Precision(0, finest), row, key, statistic=key, behind=behind),)
        for key, value in (("mean", item.mean), ("sd", item.sd))
    ]
    coefficients: list[Text] = [
        (Cell(value, Kind.COEFFICIENT, row=row, column=key),)
        for key, value in (("item_rest", item.item_rest), ("alpha_without", item.alpha_without))
    ]
    n = count_cell(item.n, row=row, column="n", behind=behind, statistic="n")
    about = About(item.name, cell.group.labels) if known else None
    return Row(_item_title(item.name, plan), ((n,), *measures, *coefficients), indent=indent, about=about)


def _notes(plan: CheckPlan, result: CheckResult, cells: list[ScaleCell]) -> list[Text]:
    texts = [
        *cases_note(result.cases),
        *answers_note((item.name for cell in cells for item in cell.items), plan.data),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    for cell in cells:
        said = _numbers_of(cell, plan)
        texts.append((*group_label(cell.group, several=True), Run(": "), *said) if cell.group.labels else said)
        if isinstance(cell.omega, float) and cell.residual > FITS:
            residual = Cell(cell.residual, Kind.COEFFICIENT, row=item_key("", cell), column="residual")
            texts.append(say("one_factor_does_not_fit", residual=residual))
    shown = (v for c in cells for i in c.items for v in (i.mean, i.sd, i.item_rest, i.alpha_without))
    return [*texts, *dashes_note([*shown, *(v for c in cells for v in (c.alpha, c.alpha_low, c.omega))])]


def _numbers_of(cell: ScaleCell, plan: CheckPlan) -> Text:
    """ "α = .83 [.80, .86]; ω = .84; mean r between items = .29; n = 600 cases with all items."."""
    made = {cell_.column: cell_ for cell_ in scale_numbers(cell)}
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    parts: list[Text] = []
    if isinstance(cell.alpha_low, float):
        ends = {side: made[f"alpha_{side}"] for side in ("low", "high")}
        parts.append(say("alpha_with_interval", alpha=made["alpha"], level=level, **ends))
    else:
        parts.append(say("alpha_alone", alpha=made["alpha"]))
    if isinstance(cell.omega, float):
        parts.append(say("omega_is", omega=made["omega"]))
    if isinstance(cell.inter_item, float):
        parts.append(say("mean_inter_item", r=made["inter_item"]))
    parts.append(say("n_of_complete_items", n=made["n"]))
    return (*in_a_row(parts), Run("."))


def scale_row(cell: ScaleCell) -> str:
    """The row of the numbers of the scale as a whole."""
    return item_key("", cell).replace(": ", "")


def scale_numbers(cell: ScaleCell) -> Iterator[Cell]:
    """Every number of the scale as a whole."""
    row = scale_row(cell)
    for key in ("alpha", "alpha_low", "alpha_high", "omega", "inter_item"):
        yield Cell(getattr(cell, key), Kind.COEFFICIENT, row=row, column=key)
    yield count_cell(cell.n, row=row, column="n")


def item_numbers(cell: ScaleCell) -> Iterator[Cell]:
    """Every number of the items that is no measure of its own variable."""
    for item in cell.items:
        for key in ("item_rest", "alpha_without"):
            yield Cell(getattr(item, key), Kind.COEFFICIENT, row=item_key(item.name, cell), column=key)


def _words(cell: ScaleCell, plan: CheckPlan) -> Text:
    if not isinstance(cell.alpha, float):
        return ()
    return say(
        "scale_consistency",
        name=_scale_title(plan),
        where=in_group(cell.group, plan.data),
        k=len(cell.items),
        numbers=_numbers_of(cell, plan)[:-1],
    )


def _margin(cells: list[ScaleCell], plan: CheckPlan) -> Iterator[MarginNote]:
    """Items that go the other way."""
    for cell in cells:
        turned = [item for item in cell.items if isinstance(item.item_rest, float) and item.item_rest < 0]
        if turned:
            names = listed([_item_title(item.name, plan) for item in turned])
            known = turned[0].name if turned[0].name in plan.data.codebook else ""
            yield MarginNote(
                "turned_items", known, cell.group.labels if known else (), say("items_go_the_other_way", names=names)
            )


def scale_values(cell: ScaleCell) -> Json:
    """A scale in the form of docs/exchange.md."""
    whole = {key: getattr(cell, key) for key in ("alpha", "alpha_low", "alpha_high", "omega", "inter_item")}
    return {
        "scale": cell.scale,
        "groups": groups(cell.group.named),
        "items": [
            {
                "variable": item.name,
                "n": number(item.n),
                "mean": number(item.mean),
                "sd": number(item.sd),
                "item_rest": number(item.item_rest),
                "alpha_without": number(item.alpha_without),
            }
            for item in cell.items
        ],
        "n": number(cell.n),
        "missing": number(cell.missing),
        **{key: number(value) for key, value in whole.items()},
        "residual": number(cell.residual),
        "undefined": reasons(whole),
    }
