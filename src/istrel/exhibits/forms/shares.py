"""Shares of a whole: a bar of 100 % for each group, or for each of several items that share a scale, centred on its middle."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from istrel.data.levels import Level as Measurement
from istrel.data.natural import in_natural_order
from istrel.english import english, in_quotes
from istrel.exhibits.contracts import Counts, Form, Plan, Result
from istrel.exhibits.figure import Array, Axis, Blocks, FigureSheet, Mark, Panel, Words
from istrel.exhibits.forms.bars import BarsCell, check_counted, explain_bar, item_of, level_key
from istrel.exhibits.forms.bars import of_numbers as bars_of
from istrel.exhibits.forms.bars import values as bars_values
from istrel.exhibits.forms.common import as_they_are, by_panel, key_of, n_cell
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, joined, say, sentences
from istrel.exhibits.wording import group_label, in_group, titled, titled_with_unit
from istrel.problem import Problem
from istrel.style.numbers import Kind

HALF = 0.36
LINES = 2.6  # of text, that a bar takes
LEAST_SHARED = 0.6  # of all values of items, that each of them must have
DARK = 0.62  # from this tone on letters are white


def of_numbers(plan: Plan, result: Result) -> tuple[BarsCell, ...]:
    """The shares of every frequency table, or of every column of a cross-table; nothing is drawn where one is hidden."""
    found = tuple(replace(cell, low=None, high=None) for cell in bars_of(plan, result))
    if any(not np.isfinite(cell.counts).all() for cell in found):
        raise Problem(english("With small counts hidden the shares cannot be drawn; set it as table."))
    return found


def figure(plan: Plan, drawings: tuple[BarsCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable with a bar for each group; items of one scale share a panel."""
    check_counted(drawings)
    items = _are_items(drawings)
    if items:
        drawings = _on_one_scale(drawings)
        panels = [_panel(list(_sorted(drawings, plan)), plan, items=True)]
    else:
        _check_one_scale(drawings)
        panels = [_panel(list(_sorted(tuple(mine), plan)), plan, items=False) for _, mine in by_panel(drawings)]
    numbers = tuple(
        Cell(share, Kind.PERCENT, row=key_of(cell.variable, cell.group), column=level_key(level))
        for cell in drawings
        for level, share in zip(cell.levels, cell.percents.tolist(), strict=True)
    )
    own = general(_own_notes(drawings, plan, items=items))
    size, tall = plan.request.settings["size"] or "page", LINES * len(drawings) / len(panels) + 1.0
    all_notes, alt = (*notes, *own), _alt(drawings, plan)
    return FigureSheet(title, tuple(panels), all_notes, alt, numbers, columns=1, size=size, tall=tall)


def _check_one_scale(drawings: tuple[BarsCell, ...]) -> None:
    """Raises where one legend cannot name the values of all variables."""
    scales: dict[str, tuple[str, ...]] = {}
    for cell in drawings:
        scales.setdefault(cell.variable, tuple(map(level_key, cell.levels)))
    if len(set(scales.values())) > 1:
        names = in_quotes(list(scales)[:2])
        raise Problem(
            english(
                "{names} have different values, so their shares do not fit one figure; name one of them.", names=names
            )
        )


def _are_items(drawings: tuple[BarsCell, ...]) -> bool:
    """Whether several variables without groups share a scale: most values of each are values of all others."""
    scales = [{level_key(level) for level in cell.levels} for cell in drawings]
    if len({cell.variable for cell in drawings}) < 2 or any(cell.group.named for cell in drawings):
        return False
    shared, all_values = set.intersection(*scales), set.union(*scales)
    return len(shared) >= 2 and len(shared) >= LEAST_SHARED * len(all_values)


def _on_one_scale(drawings: tuple[BarsCell, ...]) -> tuple[BarsCell, ...]:
    """Every value in every item: those that nobody gave have no share."""
    known = {level_key(level): level for cell in drawings for level in cell.levels}
    values = {level.values[0]: key for key, level in known.items() if level.values}
    longest = max(drawings, key=lambda cell: len(cell.levels))
    order = [level_key(level) for level in longest.levels]
    if len(order) < len(known):
        order = [values[value] for value in in_natural_order(values)]
    made = []
    for cell in drawings:
        mine = {level_key(level): k for k, level in enumerate(cell.levels)}
        levels = tuple(
            cell.levels[mine[k]] if k in mine else replace(known[k], count=0, valid_percent=0.0) for k in order
        )
        counts, percents = (
            np.array([part[mine[key]] if key in mine else 0.0 for key in order])
            for part in (cell.counts, cell.percents)
        )
        made.append(replace(cell, levels=levels, counts=counts, percents=percents))
    return tuple(made)


def _middle(cell: BarsCell, plan: Plan) -> float | None:
    """The place of the middle of an ordered scale among its values; None where it has none."""
    ordered = plan.data.variable(cell.table.variables[0]).level is Measurement.ORDINAL
    return (len(cell.levels) - 1) / 2 if ordered and len(cell.levels) > 2 else None


def _below(cell: BarsCell, middle: float) -> float:
    """The share below the middle of the scale, half of a middle value counted in."""
    places = np.arange(len(cell.levels))
    half = cell.percents[places == middle].sum() / 2
    return float(cell.percents[places < middle].sum() + half)


def _sorted(drawings: tuple[BarsCell, ...], plan: Plan) -> list[BarsCell]:
    """As named, or the bars with the largest upper part (or first value) first."""
    if not plan.request.settings["sort"]:
        return list(drawings)
    middle = _middle(drawings[0], plan)

    def largest(cell: BarsCell) -> float:
        return _below(cell, middle) if middle is not None else -float(cell.percents[0])

    return sorted(drawings, key=largest)


def _panel(mine: list[BarsCell], plan: Plan, *, items: bool) -> Panel:
    middle = _middle(mine[0], plan)
    centred = items and middle is not None
    starts = [-_below(cell, middle) if centred and middle is not None else 0.0 for cell in mine]
    ends = np.array([[start, start + 100.0] for start in starts])
    marks: list[Mark] = []
    places = np.arange(len(mine), dtype=float)
    tones = _tones(mine[0], plan)
    base = np.array(starts)
    for k, level in enumerate(mine[0].levels):
        width = np.array([cell.percents[k] for cell in mine])
        found = tuple(item_of(cell, cell.levels[k]) for cell in mine)
        tone = tones[k]
        blocks = Blocks(places - HALF, places + HALF, base, base + width, found, k, level.label, tone)
        marks += [blocks, _percents(places, base, width, dark=tone is not None and abs(tone) > DARK)]
        base = base + width
    low, high = (float(ends[:, 0].min()), float(ends[:, 1].max())) if centred else (0.0, 100.0)
    names = tuple((float(k), _name(cell, plan, items=items)) for k, cell in enumerate(mine))
    x = Axis((), -0.6, len(mine) - 0.4, places=names)
    variable = plan.data.variable(mine[0].table.variables[0])
    label = say("share_of_answers") if items else say("share_of_cases")
    y = Axis(label, low - 1.0, high + 1.0, meaning=say("the_share_of_cases_with"), sizes=True)
    head = () if items or len(plan.names) == 1 else titled_with_unit(variable)
    return Panel(x, y, tuple(marks), head, lying=True)


def _tones(cell: BarsCell, plan: Plan) -> list[float | None]:
    """From −1 to 1 along an ordered scale; none for values without an order."""
    count = len(cell.levels)
    if plan.data.variable(cell.table.variables[0]).level is not Measurement.ORDINAL or count < 3:
        return [None] * count
    return [round(2 * k / (count - 1) - 1, 6) for k in range(count)]


def _percents(places: Array, base: Array, width: Array, *, dark: bool) -> Words:
    """The percentages, in the middle of their part where they fit."""
    texts = tuple((Cell(float(share), Kind.WHOLE_PERCENT),) for share in width.tolist())
    light = (dark,) * places.size
    return Words(places, base + width / 2, texts, 0.9 * width, light=light)


def _name(cell: BarsCell, plan: Plan, *, items: bool) -> Text:
    if items:
        name = titled(plan.data.variable(cell.variable))
    else:
        several = bool(cell.group.labels)
        name = (
            group_label(cell.group, several=several) if several else titled(plan.data.variable(cell.table.variables[0]))
        )
    return say("group_over_n", group=name, n=n_cell(cell.n, cell.variable, cell.group))


def _own_notes(drawings: tuple[BarsCell, ...], plan: Plan, *, items: bool) -> list[Text]:
    texts = []
    middle = _middle(drawings[0], plan)
    if items and middle is not None:
        texts.append(say("bars_are_centred_on_the"))
    return texts


def methods(plan: Plan, drawings: tuple[BarsCell, ...]) -> Text:
    """Of which cases the shares are."""
    del plan
    return say("shares_are_of_the_valid_cases") if drawings else ()


def _alt(drawings: tuple[BarsCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        name = titled(plan.data.variable(cell.table.variables[0]))
        shares = joined(
            [say("value_share", value=v.label, share=Cell(v.valid_percent, Kind.PERCENT)) for v in cell.levels[:8]]
        )
        n = n_cell(cell.n, cell.variable, cell.group)
        parts.append(say("shares_of_n", name=name, where=in_group(cell.group, plan.data), n=n, shares=shares))
    return sentences(parts)


FORM: Form[Plan, BarsCell] = Form(
    figure=figure,
    methods=methods,
    values=bars_values,
    counts=Counts(as_they_are),
    explain=explain_bar,
    of_numbers=of_numbers,
    weighted=True,
)
