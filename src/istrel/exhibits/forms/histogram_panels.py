"""The panels of histograms: a panel for each group, or the bars of all groups over, on, beside or back to back with each other."""

from __future__ import annotations

from typing import Literal, Protocol

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.behind import Behind
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.figure import Axis, Bars, Blocks, Item, Line, Mark, Panel, Words
from istrel.exhibits.forms.class_working import class_cell
from istrel.exhibits.forms.classes import height_of
from istrel.exhibits.forms.common import (
    axis_of,
    by_panel,
    group_item,
    is_log,
    n_cell,
    named_with_n,
    panel_label,
    room_beside,
    statistic_cell,
)
from istrel.exhibits.forms.histogram_cells import HistogramCell, seen_edges
from istrel.exhibits.text import Text, say
from istrel.exhibits.wording import summary_cell, value_cell
from istrel.stats import binning, density

Array = NDArray[np.float64]
CURVE_POINTS = 241
BAR_OF_CLASS = 0.9  # the share of a class that bars beside each other take
AXES = {
    "count": ("axis_cases", "the_number_of_cases_in"),
    "percent": ("share_of_cases", "the_share_of_cases_in"),
    "proportion": ("proportion_of_cases", "the_proportion_of_cases_in"),
    "density": ("axis_density", "the_area_of_a_bar"),
}
CUMULATIVE = {
    "count": ("cumulative_cases", "the_number_of_cases_up"),
    "percent": ("cumulative_share_of_cases", "the_share_up_to_each_class"),
    "proportion": ("cumulative_proportion_of_cases", "the_proportion_of_cases_up"),
    "density": ("cumulative_proportion_of_cases", "the_proportion_of_cases_up"),
}


WEIGHTED = {
    "axis_cases": ("axis_weighted_cases", "the_sum_of_weights_in"),
    "cumulative_cases": ("axis_cumulative_weighted", "the_sum_of_weights_up"),
}


class Middles(Drawing, Protocol):
    """What has a mean and a median to mark."""

    @property
    def mean(self) -> float | None: ...

    @property
    def median(self) -> float | None: ...


class Marked(Middles, Protocol):
    """What has middles and humps to mark."""

    @property
    def density(self) -> Smooth | None: ...


class Smooth(Protocol):
    """A kernel density; `bandwidth` is the kernel's SD."""

    @property
    def x(self) -> Array: ...

    @property
    def y(self) -> Array: ...

    @property
    def bandwidth(self) -> float: ...


def panels_of(plan: Plan, drawings: tuple[HistogramCell, ...], arranged: str) -> tuple[Panel, ...]:
    """All panels in their order."""
    if arranged == "panels":
        return _one_each(plan, drawings)
    return tuple(_together(cells, plan, arranged) for _, cells in by_panel(drawings))


def _height_axis(plan: Plan, low: float, high: float, *, shared: str = "", sizes: bool = False) -> Axis:
    said = plan.request.settings
    words, meaning = (CUMULATIVE if said["cumulative"] else AXES)[height_of(said)]
    if plan.cases.weighted and words in WEIGHTED:
        words, meaning = WEIGHTED[words]
    if is_log(plan) and height_of(said) == "density" and not said["cumulative"]:
        words = "density_per_factor_of_ten"
    return Axis(
        say(words), low, high, height_of(said) == "count" and not plan.cases.weighted, shared, say(meaning), sizes=sizes
    )


def _value_axis(cell: HistogramCell, plan: Plan) -> Axis:
    log = is_log(plan)
    low, high = room_beside(float(cell.edges[0]), float(cell.edges[-1]), 0.02, log=log)
    return axis_of(cell.variable, plan, low, high, shared=f"x {cell.variable}", log=log)


# A panel for each group.
def _one_each(plan: Plan, drawings: tuple[HistogramCell, ...]) -> tuple[Panel, ...]:
    comparable = len(plan.names) == 1
    top = max(_top(cell) for cell in drawings)
    room = 1.14 if plan.request.settings["mark"] not in (None, "nothing") else 1.06
    panels = []
    for cell in drawings:
        high = room * ((top if comparable else _top(cell)) or 1.0)
        y = _height_axis(plan, 0.0, high, shared="y" if comparable else "")
        label = panel_label(cell.group, plan, several=len(drawings) > 1)
        marks = (*_bars(cell, plan), *_curves(cell, plan), *_marked(cell, plan, high))
        panels.append(Panel(_value_axis(cell, plan), y, marks, label, n_cell(cell.n, cell.variable, cell.group)))
    return tuple(panels)


def _top(cell: HistogramCell) -> float:
    """The highest point of bars and curves."""
    peak = float(np.nanmax(cell.heights, initial=0.0))
    if cell.curve is not None and not cell.cumulative:
        peak = max(peak, cell.curve.scale / (cell.curve.sd * float(np.sqrt(2 * np.pi))))
    if cell.density is not None:
        peak = max(peak, float(cell.density.y.max()))
    return peak


def _bars(cell: HistogramCell, plan: Plan) -> tuple[Mark, ...]:
    said = plan.request.settings
    filled = said["filled"] is not False
    return (Bars(cell.edges, cell.heights, _items(cell, plan), outline=said["outline"] or "bars", filled=filled),)


def _curves(cell: HistogramCell, plan: Plan, series: int = 0) -> list[Mark]:
    marks: list[Mark] = []
    if cell.curve is not None:
        space = np.geomspace if cell.curve.log else np.linspace
        x = space(cell.edges[0], cell.edges[-1], CURVE_POINTS)
        cumulative = plan.request.settings["cumulative"]
        at = np.log10(x) if cell.curve.log else x
        y = binning.normal_curve(at, cell.curve.mean, cell.curve.sd, scale=cell.curve.scale, cumulative=cumulative)
        marks.append(Line(x, y, say("line_normal_curve"), dashed=True, ink="curve"))
    if cell.density is not None:
        inside = (cell.density.x >= cell.edges[0]) & (cell.density.x <= cell.edges[-1])
        marks.append(Line(cell.density.x[inside], cell.density.y[inside], series=1 if series == 0 else series))
    return marks


def marked_values(cell: Marked, said: str | None) -> list[tuple[float, Text]]:
    """(value, its name) of what is marked: mean, median, or the humps of the density."""
    found: list[tuple[float, Text]] = []
    if said in ("mean", "both") and cell.mean is not None:
        found.append((cell.mean, say("symbol_mean")))
    if said in ("median", "both") and cell.median is not None:
        found.append((cell.median, say("symbol_median")))
    if said == "humps" and cell.density is not None:
        curve = density.Density(cell.density.x, cell.density.y, cell.density.bandwidth)
        found += [(float(at), ()) for at in density.humps(curve)]
    return found


def _marked(cell: HistogramCell, plan: Plan, top: float) -> list[Mark]:
    """Upright lines at what is marked, each named beside its end."""
    values = [*marked_values(cell, plan.request.settings["mark"]), *norm_of(plan)]
    return upright_marks(values, cell, plan, top)


def norm_of(plan: Plan) -> list[tuple[float, Text]]:
    """The norm that a sentence compares with, as a value to mark."""
    norm = plan.request.norm
    return [] if norm is None else [(norm, say("symbol_norm"))]


def upright_marks(values: list[tuple[float, Text]], cell: Middles, plan: Plan, top: float) -> list[Mark]:
    """Lines from the foot to near the top of a panel at these values, with their names and values; means and medians open."""
    marks: list[Mark] = []
    least = min((value for value, _ in values), default=0.0)
    for value, symbol in values:
        end = 0.94 * top
        side: Literal["left", "right"] = "left" if len(values) > 1 and value == least else "right"
        number = summary_cell(value, cell.variable, plan.data)
        words = say("symbol_value", symbol=symbol, value=number) if symbol else (number,)
        key = next((key for key in ("mean", "median") if value == getattr(cell, key)), "")
        numbers = (statistic_cell(key, value, cell, plan),) if key else ()
        items = (group_item(cell, words, numbers),)
        marks.append(Line(np.array([value, value]), np.array([0.0, end]), ink="quiet", items=items))
        marks.append(Words(np.array([value]), np.array([end]), (words,), side=side, items=items))
    return marks


def _items(cell: HistogramCell, plan: Plan) -> tuple[Item, ...]:
    """What each bar says, and its cases."""
    made = []
    seen = seen_edges(cell, plan)
    for place, count in enumerate(cell.counts):
        low, high = float(cell.edges[place]), float(cell.edges[place + 1])
        if not isinstance(count, int):
            made.append(Item(say("hidden")))
            continue
        outermost = place == (0 if cell.closed == "right" else len(cell.counts) - 1)
        words = f"{cell.variable} from {low:g} to {high:g}".replace(" -", " −")
        where = " · ".join((*cell.group.labels, words))
        limits = (cell.variable, low, high, "both" if outermost else cell.closed)
        behind = Behind(where, cell.group.named, within=(limits,))
        edges = {"low": seen[place], "high": seen[place + 1]}
        ends = {key: value_cell(edge, cell.variable, plan.data) for key, edge in edges.items()}
        n = cell.n if isinstance(cell.n, int) else len(cell.counts)
        made.append(Item(say("class_count", **ends, count=count, n=n), behind, (class_cell(cell, place, behind),)))
    return tuple(made)


# All groups in one panel.
def _together(cells: list[HistogramCell], plan: Plan, arranged: str) -> Panel:
    make = {"overlaid": _overlaid, "stacked": _stacked, "beside": _beside, "mirrored": _mirrored}[arranged]
    marks, low, high = make(cells, plan)
    y = _height_axis(plan, low, high, sizes=low < 0)
    return Panel(_value_axis(cells[0], plan), y, tuple(marks))


def _overlaid(cells: list[HistogramCell], plan: Plan) -> tuple[list[Mark], float, float]:
    """Outlines over each other, told apart by their dashes."""
    said = plan.request.settings
    outline: Literal["steps", "line"] = "line" if said["outline"] == "line" else "steps"
    marks: list[Mark] = []
    for series, cell in enumerate(cells):
        bars = Bars(
            cell.edges,
            cell.heights,
            _items(cell, plan),
            series=series,
            name=named_with_n(cell),
            outline=outline,
            filled=bool(said["filled"]),
        )
        marks += [bars, *_curves(cell, plan, series + 1)]
    return marks, 0.0, 1.06 * (max(_top(cell) for cell in cells) or 1.0)


def _stacked(cells: list[HistogramCell], plan: Plan) -> tuple[list[Mark], float, float]:
    """Bars on each other: shares are of all groups together, so that heights add up."""
    total = sum(cell.base for cell in cells) or 1.0
    base = np.zeros(cells[0].edges.size - 1)
    marks: list[Mark] = []
    for series, cell in enumerate(cells):
        part = 1.0 if cell.stat == "count" else cell.base / total
        tops = base + np.nan_to_num(cell.heights) * part
        shown = np.where(np.isfinite(cell.heights), tops, np.nan)
        marks.append(Bars(cell.edges, shown, _items(cell, plan), series, base, named_with_n(cell)))
        base = tops
    return marks, 0.0, 1.06 * (float(base.max()) or 1.0)


def _beside(cells: list[HistogramCell], plan: Plan) -> tuple[list[Mark], float, float]:
    """Narrow bars side by side within each class."""
    edges = cells[0].edges
    wide = np.diff(edges) * BAR_OF_CLASS
    start = edges[:-1] + (np.diff(edges) - wide) / 2
    marks: list[Mark] = []
    for series, cell in enumerate(cells):
        left = start + wide * series / len(cells)
        right = left + wide / len(cells)
        zero = np.zeros(left.size)
        marks.append(Blocks(left, right, zero, cell.heights, _items(cell, plan), series, named_with_n(cell)))
    return marks, 0.0, 1.06 * (max(_top(cell) for cell in cells) or 1.0)


def _mirrored(cells: list[HistogramCell], plan: Plan) -> tuple[list[Mark], float, float]:
    """One group upwards, the other downwards."""
    top = 1.06 * (max(_top(cell) for cell in cells) or 1.0)
    marks: list[Mark] = []
    for series, (cell, way) in enumerate(zip(cells, (1.0, -1.0), strict=False)):
        marks.append(Bars(cell.edges, way * cell.heights, _items(cell, plan), series, 0.0, named_with_n(cell)))
    return marks, -top, top
