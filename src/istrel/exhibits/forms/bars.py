"""Bars of categories: counts or shares, beside or on each other, with Wilson intervals where they are asked for."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from istrel.english import english
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan, Result
from istrel.exhibits.exchange import finite, groups, number, stored
from istrel.exhibits.figure import Array, Axis, Blocks, FigureSheet, Intervals, Item, Mark, Panel, Words
from istrel.exhibits.forms.common import arrangement, as_they_are, by_panel, key_of, n_cell, panel_label
from istrel.exhibits.forms.places import HALF, INNER_HALF, names_are_long
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Text, as_letters, count_cell, say, sentences, within
from istrel.exhibits.verbs.count.result import CrossCell
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, Share, behind_level
from istrel.exhibits.verbs.frequency_result import level_key as row_of_level
from istrel.exhibits.verbs.frequency_working import explain_level
from istrel.exhibits.wording import group_label, in_group, titled, titled_with_unit
from istrel.exhibits.working import Working
from istrel.problem import Problem
from istrel.stats.frequency import wilson_intervals
from istrel.style.numbers import Kind

ARRANGED = ("beside", "stacked", "panels")
MOST_BARS, MOST_NUMBERED = 200, 24
LINES = 1.5  # of text, that a bar takes


@dataclass(frozen=True, eq=False)
class BarsCell:
    """The bars of one variable in one group, in the order of its table.

    Attributes
    ----------
    counts, percents
        Of the valid cases, or sums of their weights; NaN where hidden.
    low, high
        Wilson limits of the percentages; None where they are not asked for.
    """

    variable: str
    group: Group
    n: Count
    levels: tuple[Level, ...]
    counts: Array
    percents: Array
    low: Array | None
    high: Array | None
    table: FrequencyCell

    @property
    def base(self) -> float:
        """What its percentages are of: its cases, or the sum of their weights."""
        if self.table.weighted_n is not None:
            return self.table.weighted_n
        return float(self.n) if isinstance(self.n, int) else 0.0


def of_numbers(plan: Plan, result: Result) -> tuple[BarsCell, ...]:
    """The bars of every frequency table, or of every column of a cross-table."""
    tables = [
        table
        for cell in result.cells
        if isinstance(cell, FrequencyCell | CrossCell | SetCell)
        for table in cell.frequencies
    ]
    return tuple(_cell(table, plan) for table in tables if table.n)


def _cell(table: FrequencyCell, plan: Plan) -> BarsCell:
    said = plan.request.settings
    counts = np.array([np.nan if isinstance(v.count, Hidden) else v.count for v in table.levels], float)
    n = table.n if isinstance(table.n, int) else 0
    percents = 100.0 * counts / n if n else np.full(counts.size, np.nan)
    low: Array | None = None
    high: Array | None = None
    if table.weighted_n is not None:
        counts = np.array([np.nan if v.weighed is None else v.weighed.sum for v in table.levels])
        percents = _numbers_of([v.valid_percent for v in table.levels])
        if said["intervals"]:
            low, high = (_numbers_of([getattr(v, side) for v in table.levels]) for side in ("low", "high"))
    elif said["intervals"] and n:
        shown = np.isfinite(counts)
        filled = np.where(shown, counts, 0).astype(np.int64)
        limits = wilson_intervals(filled, np.array([n]), confidence=said["confidence"])
        low, high = (np.where(shown, 100.0 * limit, np.nan) for limit in limits)
    name = " × ".join(table.variables)
    return BarsCell(name, table.group, table.n, table.levels, counts, percents, low, high, table)


def _numbers_of(shares: Sequence[Share]) -> Array:
    return np.array([share if isinstance(share, float) else np.nan for share in shares])


def heights_of(plan: Plan, *, several: bool) -> str:
    """count, percent or proportion: as said, else counts of one group, and percentages of several or of a weighted sample.

    Raises
    ------
    Problem
        For densities, which categories do not have.
    """
    said = plan.request.settings["height"]
    if said == "density":
        at, length = plan.request.settings.place_of("height")
        raise Problem(
            english("Bars of categories have no density; choose count, percent or proportion."), at=at, length=length
        )
    return said or ("percent" if several or plan.cases.weighted else "count")


def figure(plan: Plan, drawings: tuple[BarsCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A panel per variable (or per group) with a bar for every value."""
    check_counted(drawings)
    grouped = len({cell.group for cell in drawings}) > 1
    arranged = arrangement(plan, "beside", ARRANGED) if grouped else "beside"
    panels: list[Panel] = []
    for _, mine in by_panel(drawings):
        if arranged == "panels":
            panels += [_panel([cell], plan, arranged, title=len(mine) > 1) for cell in mine]
        else:
            panels.append(_panel(mine, plan, arranged, title=False))
    own = general(_own_notes(plan, drawings, arranged))
    numbers = tuple(number for cell in drawings for number in _numbers(cell))
    size, tall = plan.request.settings["size"] or "", 0.0
    if panels[0].lying:
        together = len(drawings) / len(panels) if arranged == "beside" else 1.0
        tall = LINES * max(len(cell.levels) for cell in drawings) * together**0.6 + 1.0
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers, size=size, tall=tall)


def check_counted(drawings: tuple[BarsCell, ...]) -> None:
    """Raises where there is nothing to draw, or more than a page holds."""
    if not drawings:
        raise Problem(english("No case in use has a value, so there is nothing to draw."))
    bars = sum(len(cell.levels) for cell in drawings)
    if bars > MOST_BARS:
        message = english(
            "This makes {bars:,} bars; a figure holds {most_bars}. Name the most frequent (top = 10), or count classes.",
            bars=bars,
            most_bars=MOST_BARS,
        )
        raise Problem(message)


def _own_notes(plan: Plan, drawings: tuple[BarsCell, ...], arranged: str) -> list[Text]:
    said, texts = plan.request.settings, []
    several = len({cell.group for cell in drawings}) > 1
    if heights_of(plan, several=several) != "count" and several:
        stacked = arranged == "stacked"
        texts.append(say("shares_are_of_all_cases" if stacked else "shares_are_of_the_valid"))
    if said["intervals"]:
        level = Cell(100 * said["confidence"], Kind.EDGE)
        weighted = plan.cases.weighted
        texts.append(say("intervals_on_logits" if weighted else "intervals_are_wilson_intervals", level=level))
    return texts


def _panel(mine: list[BarsCell], plan: Plan, arranged: str, *, title: bool) -> Panel:
    several = len(mine) > 1
    grouped = several or arranged == "panels"
    height = heights_of(plan, several=grouped)
    values = [_heights(cell, mine, height, arranged) for cell in mine]
    top = _top(values, mine, height, arranged)
    marks = _stacked(mine, values) if arranged == "stacked" else _beside(mine, values, height)
    names = tuple((float(k), level.label) for k, level in enumerate(mine[0].levels))
    variables = mine[0].table.variables
    label = titled_with_unit(plan.data.variable(variables[0])) if len(variables) == 1 else ()
    x = Axis(label, -0.6, len(names) - 0.4, places=names, shared=f"x {mine[0].variable}" if title else "")
    words = {
        "count": "axis_weighted_cases" if plan.cases.weighted else "axis_cases",
        "percent": "share_of_cases",
        "proportion": "proportion_of_cases",
    }[height]
    meaning = say("how_many_cases_have_each") if height == "count" else say("the_share_of_cases_with")
    whole = height == "count" and not plan.cases.weighted
    y = Axis(say(words), 0.0, top, whole=whole, meaning=meaning, shared="y" if title else "")
    head = panel_label(mine[0].group, plan, several=True) if title else ()
    n = None if several else n_cell(mine[0].n, mine[0].variable, mine[0].group)
    return Panel(x, y, tuple(marks), head, n, lying=_lying(plan, mine[0]))


def _lying(plan: Plan, cell: BarsCell) -> bool:
    """As said; else where names would have to stand upright."""
    said = plan.request.settings["lying"]
    names = [as_letters(level.label) for level in cell.levels]
    return bool(said) if said is not None else names_are_long(names, len(names))


def _heights(cell: BarsCell, mine: list[BarsCell], height: str, arranged: str) -> Array:
    if height == "count":
        return cell.counts
    if arranged == "stacked":
        total = sum(other.base for other in mine) or 1.0
        shares = 100.0 * cell.counts / total
    else:
        shares = cell.percents
    return shares if height == "percent" else shares / 100.0


def _top(values: list[Array], mine: list[BarsCell], height: str, arranged: str) -> float:
    if arranged == "stacked":
        return 1.06 * (float(np.nansum(values, axis=0).max()) or 1.0)
    ends = [float(np.nanmax(v, initial=0.0)) for v in values]
    ends += [float(np.nanmax(_scaled(c.high, c, height), initial=0.0)) for c in mine if c.high is not None]
    return 1.1 * (max(ends) or 1.0)


def _scaled(percents: Array, cell: BarsCell, height: str) -> Array:
    """Limits of a percentage on the scale of the bars."""
    return percents * {"count": cell.base / 100.0, "percent": 1.0, "proportion": 0.01}[height]


def _beside(mine: list[BarsCell], values: list[Array], height: str) -> list[Mark]:
    """The bars of all groups side by side at each value."""
    several = len(mine) > 1
    room = 2 * (INNER_HALF if several else HALF) / len(mine)
    marks: list[Mark] = []
    for series, (cell, tops) in enumerate(zip(mine, values, strict=True)):
        middles: Array = np.arange(tops.size, dtype=float) + room * (series + 0.5 - len(mine) / 2)
        left, right = middles - 0.46 * room, middles + 0.46 * room
        name = group_name(cell) if several else ()
        items = tuple(item_of(cell, level) for level in cell.levels)
        marks.append(Blocks(left, right, np.zeros(tops.size), tops, items, series, name))
        if cell.low is not None and cell.high is not None:
            low, high = (_scaled(limit, cell, height) for limit in (cell.low, cell.high))
            marks.append(Intervals(middles, low, high, series, ink="curve"))
        elif len(mine) * tops.size <= MOST_NUMBERED:
            marks.append(_numbered(middles, tops, room, height, whole=several))
    return marks


def _numbered(middles: Array, tops: Array, room: float, height: str, *, whole: bool) -> Mark:
    """The number at the end of each bar."""
    percent = Kind.WHOLE_PERCENT if whole else Kind.PERCENT
    kind = {"count": Kind.COUNT, "percent": percent, "proportion": Kind.MEASURE}[height]
    texts = tuple(() if not np.isfinite(top) else (Cell(float(top), kind),) for top in tops.tolist())
    return Words(middles, np.nan_to_num(tops), texts, 1.1 * room, side="beyond")


def _stacked(mine: list[BarsCell], values: list[Array]) -> list[Mark]:
    """The bars of all groups on each other."""
    base = np.zeros(values[0].size)
    places = np.arange(base.size, dtype=float)
    marks: list[Mark] = []
    for series, (cell, tops) in enumerate(zip(mine, values, strict=True)):
        high = base + np.nan_to_num(tops)
        items = tuple(item_of(cell, level) for level in cell.levels)
        shown = np.where(np.isfinite(tops), high, np.nan)
        marks.append(Blocks(places - HALF, places + HALF, base, shown, items, series, group_name(cell)))
        base = high
    return marks


def group_name(cell: BarsCell) -> Text:
    """A group with how many cases it has, for the legend."""
    n = n_cell(cell.n, cell.variable, cell.group)
    return say("group_with_n", group=group_label(cell.group, several=True), n=n)


def item_of(cell: BarsCell, level: Level) -> Item:
    """What a bar says, and its cases."""
    if isinstance(level.count, Hidden):
        return Item(say("hidden"))
    share = Cell(level.valid_percent, Kind.PERCENT)
    n = n_cell(cell.n, "", cell.group)
    template = "value_count_share"
    says = say(template, value=level.label, count=level.count, n=n, share=share)
    behind = behind_level(cell.table, level, f"{cell.variable}={level_key(level)}")
    row, before = row_of_level(cell.table, level), cell.table.group.key
    numbers = (
        replace(share, row=row, column=f"{before}/valid_percent", behind=behind),
        count_cell(level.count, row=row, column=f"{before}/n", behind=behind),
    )
    return Item(says, behind, tuple(one for one in numbers if isinstance(one.value, float)))


def explain_bar(plan: Plan, drawings: tuple[BarsCell, ...], cell: Cell) -> Working | None:
    """The count or the share of a bar."""
    return explain_level([one.table for one in drawings], cell, plan.request.settings["confidence"])


def _numbers(cell: BarsCell) -> list[Cell]:
    row = key_of(cell.variable, cell.group)
    pairs = zip(cell.levels, cell.counts.tolist(), strict=True)
    return [Cell(v, Kind.COUNT, row=row, column=level_key(level)) for level, v in pairs if np.isfinite(v)]


def level_key(level: Level) -> str:
    """The key of a value, a class or a combination."""
    return level.name or " × ".join(map(str, level.values))


def methods(plan: Plan, drawings: tuple[BarsCell, ...]) -> Text:
    """What the intervals are."""
    if not (drawings and plan.request.settings["intervals"]):
        return ()
    if not plan.cases.weighted:
        return say("percentages_have_wilson_1927_intervals")
    # frequencies say it of their own table
    return () if plan.request.verb == "count" and not plan.request.against else say("shares_have_logit_intervals")


def _alt(drawings: tuple[BarsCell, ...], plan: Plan) -> Text:
    """The longest bar of each group; which it is cannot be said where bars are hidden."""
    parts = []
    for cell in drawings:
        name = titled(plan.data.variable(cell.table.variables[0]))
        n, where = n_cell(cell.n, cell.variable, cell.group), in_group(cell.group, plan.data)
        shown = cell.counts if cell.counts.size else np.array([np.nan])
        top = cell.levels[int(shown.argmax())] if np.isfinite(shown).all() else None
        if top is None or isinstance(top.valid_percent, Hidden):
            parts.append(say("bars_of_n", name=name, where=where, n=n))
            continue
        value, share = within(top.label), Cell(top.valid_percent, Kind.PERCENT)
        parts.append(say("bars_of_n_most_often", name=name, where=where, n=n, value=value, share=share))
    return sentences(parts)


def values(cell: BarsCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    values = [level_key(v) if v.name or len(v.values) != 1 else stored(v.values[0]) for v in cell.levels]
    limits = {"low": cell.low, "high": cell.high}
    return {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "values": values,
        "counts": [number(level.count) for level in cell.levels],
        "percents": finite(cell.percents),
        **{key: finite(limit) for key, limit in limits.items() if limit is not None},
    }


FORM: Form[Plan, BarsCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(as_they_are),
    explain=explain_bar,
    of_numbers=of_numbers,
    weighted=True,
)
