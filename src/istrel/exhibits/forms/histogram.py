"""Histograms: bars over class intervals that all groups of a variable share, with the normal curve and the density over them."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any, cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.figure import Axis, Bars, FigureSheet, Item, Line, Mark, Panel
from istrel.exhibits.forms.common import (
    axis_of,
    bandwidth_words,
    check_drawn,
    density_of,
    groups_of,
    known,
    n_cell,
    panel_label,
    values_in_use,
)
from istrel.exhibits.shared import moments_of
from istrel.exhibits.store import store_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, joined, say, sentences
from istrel.exhibits.verbs.frequencies import Count
from istrel.exhibits.wording import in_group, titled_with_unit, value_cell
from istrel.sentence.settings import Settings
from istrel.stats import binning, moments
from istrel.stats.density import Density
from istrel.stats.grouping import Arranged
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
CURVE_POINTS = 241
WIDEST_OF_WHOLE = 60
AXES = {
    "count": ("Cases", "the number of cases in each class"),
    "percent": ("Share of cases, %", "the share of cases in each class, in %"),
    "proportion": ("Proportion of cases", "the proportion of cases in each class"),
    "density": ("Density", "the area of a bar is the proportion of cases in its class"),
}
CUMULATIVE = {
    "count": ("Cumulative cases", "the number of cases up to the end of each class"),
    "percent": ("Cumulative share of cases, %", "the share of cases up to the end of each class, in %"),
    "proportion": ("Cumulative proportion of cases", "the proportion of cases up to the end of each class"),
    "density": ("Cumulative proportion of cases", "the proportion of cases up to the end of each class"),
}


@dataclass(frozen=True)
class NormalCurve:
    """The normal density of this mean and SD, times `scale`, lies over the bars at true x."""

    mean: float
    sd: float
    scale: float


@dataclass(frozen=True, eq=False)
class DensityCurve:
    """A kernel density over the bars: x ascending, y already on the scale of the bars; `bandwidth` is the kernel's SD."""

    x: Array
    y: Array
    bandwidth: float


@dataclass(frozen=True, eq=False)
class HistogramCell:
    """A histogram of one variable in one group.

    Attributes
    ----------
    edges, counts, heights
        float64 (classes + 1,); counts and heights of the classes, NaN for a height that is hidden.
    decided_by
        What decided the edges (see `binning.ClassEdges`).
    outside
        Values outside the edges.
    """

    variable: str
    group: Group
    n: Count
    missing: Count
    edges: Array
    counts: tuple[Count, ...]
    heights: Array
    stat: str
    curve: NormalCurve | None
    density: DensityCurve | None
    outside: Count
    closed: str
    decided_by: str
    cumulative: bool = False


def class_settings(said: Settings, usual: str) -> binning.ClassSettings:
    """What the sentence says about classes; the usual rule where it names none."""
    rule = cast(binning.Rule, said["rule"] or usual)
    return binning.ClassSettings(rule, said["bins"], said["width"], said["start"], said["edges"])


def shared_edges(name: str, plan: Any, usual: str = "freedman-diaconis") -> binning.ClassEdges | None:
    """One set of edges for all groups of a variable; None where no case has a value."""
    values = values_in_use(name, plan)
    if values.size == 0:
        return None
    settings = class_settings(plan.request.settings, usual)
    key = ("edges", name, plan.cases.everyone.key, settings)
    return store_of(plan.data).once(key, lambda: binning.class_edges(values, settings), lambda _: 1024)


def usual_rule(name: str, plan: Any) -> str:
    """A class for each whole number where a count or a coded variable has few of them."""
    values = values_in_use(name, plan)
    level = plan.data.variable(name).level
    if values.size and (level is Level.COUNT or level.categorical) and values[-1] - values[0] <= WIDEST_OF_WHOLE:
        return "whole numbers"
    return "freedman-diaconis"


def draw(plan: Any) -> tuple[HistogramCell, ...]:
    """The histogram of every group that has values."""
    made: list[HistogramCell] = []
    edges = {s.name: shared_edges(s.name, plan, usual_rule(s.name, plan)) for s in plan.subjects}
    for name, grouping, cells in groups_of(plan):
        found = edges[name]
        if found is None:
            continue
        shape = moments_of(name, grouping, plan.data)
        normal = moments.mean(shape), moments.sd(shape)
        said = plan.request.settings
        inside, below, above = binning.count_groups(cells, found.edges, closed=said["closed"])
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            classes = binning.Classes(found.edges, inside[i], int(below[i]), int(above[i]))
            curve = _normal(known(normal[0].at(i)), known(normal[1].at(i)), classes, int(cells.sizes[i]), said)
            missing = int(grouping.sizes[i] - cells.sizes[i])
            made.append(_cell(name, group, cells, i, classes, curve, missing, found.decided_by, said))
    return tuple(made)


def _cell(
    name: str,
    group: Group,
    cells: Arranged,
    place: int,
    classes: binning.Classes,
    curve: NormalCurve | None,
    missing: int,
    decided_by: str,
    said: Settings,
) -> HistogramCell:
    return HistogramCell(
        variable=name,
        group=group,
        n=int(cells.sizes[place]),
        missing=missing,
        edges=classes.edges,
        counts=tuple(classes.counts.tolist()),
        heights=binning.heights(classes, said["height"], cumulative=said["cumulative"]),
        stat=said["height"],
        curve=curve,
        density=_over_bars(cells.group(place), classes.edges, said),
        outside=classes.below + classes.above,
        closed=said["closed"],
        decided_by=decided_by,
        cumulative=said["cumulative"],
    )


def _normal(
    mean: float | None, sd: float | None, classes: binning.Classes, n: int, said: Settings
) -> NormalCurve | None:
    if said["curve"] not in ("normal", "both") or mean is None or not sd:
        return None
    scale = binning.curve_scale(n, classes.edges, said["height"], cumulative=said["cumulative"])
    return None if scale is None else NormalCurve(mean, sd, scale)


def _over_bars(values: Array, edges: Array, said: Settings) -> DensityCurve | None:
    """The density on the scale of the bars, where it is asked for and the classes have one width."""
    if said["curve"] not in ("density", "both"):
        return None
    scale = binning.curve_scale(values.size, edges, said["height"], cumulative=said["cumulative"])
    curve: Density | None = density_of(values, said)
    if scale is None or curve is None:
        return None
    return DensityCurve(curve.x, scale * (curve.cumulative if said["cumulative"] else curve.y), curve.bandwidth)


def figure(plan: Any, drawings: tuple[HistogramCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """The figure: a panel for every variable and group.

    Raises
    ------
    Problem
        When there is nothing to draw, or there are more panels than a page holds.
    """
    check_drawn(drawings, plan, "histogram")
    said = plan.request.settings
    words, meaning = (CUMULATIVE if said["cumulative"] else AXES)[said["height"]]
    comparable = len(plan.subjects) == 1
    top = max(_top(cell) for cell in drawings)
    panels = []
    for cell in drawings:
        high = top if comparable else _top(cell)
        y = Axis(
            say(words), 0.0, 1.06 * (high or 1.0), said["height"] == "count", "y" if comparable else "", say(meaning)
        )
        label = panel_label(cell.group, plan, several=len(drawings) > 1)
        x = _axis(cell, plan)
        panels.append(Panel(x, y, _marks(cell, plan), label, n_cell(cell.n, cell.variable, cell.group)))
    own = general(_own_notes(drawings, said))
    numbers = tuple(number for cell in drawings for number in _numbers(cell))
    return FigureSheet(title, tuple(panels), (*notes, *own), _alt(drawings, plan), numbers)


def _top(cell: HistogramCell) -> float:
    """The highest point of bars and curves."""
    peak = float(np.nanmax(cell.heights, initial=0.0))
    if cell.curve is not None:
        peak = max(
            peak, cell.curve.scale / (cell.curve.sd * float(np.sqrt(2 * np.pi))) if not cell.cumulative else peak
        )
    if cell.density is not None:
        peak = max(peak, float(cell.density.y.max()))
    return peak


def _axis(cell: HistogramCell, plan: Any) -> Axis:
    low, high = float(cell.edges[0]), float(cell.edges[-1])
    beside = 0.02 * (high - low)
    return axis_of(cell.variable, plan, low - beside, high + beside, shared=f"x {cell.variable}")


def _marks(cell: HistogramCell, plan: Any) -> tuple[Mark, ...]:
    marks: list[Mark] = [Bars(cell.edges, cell.heights, _items(cell, plan))]
    if cell.curve is not None:
        x = np.linspace(cell.edges[0], cell.edges[-1], CURVE_POINTS)
        cumulative = plan.request.settings["cumulative"]
        y = binning.normal_curve(x, cell.curve.mean, cell.curve.sd, scale=cell.curve.scale, cumulative=cumulative)
        marks.append(Line(x, y, say("normal curve"), dashed=True, ink="curve"))
    if cell.density is not None:
        inside = (cell.density.x >= cell.edges[0]) & (cell.density.x <= cell.edges[-1])
        marks.append(Line(cell.density.x[inside], cell.density.y[inside], say("density"), series=1))
    return tuple(marks)


def _items(cell: HistogramCell, plan: Any) -> tuple[Item, ...]:
    """What each bar says, and its cases."""
    made = []
    for place, count in enumerate(cell.counts):
        low, high = float(cell.edges[place]), float(cell.edges[place + 1])
        if not isinstance(count, int):
            made.append(Item(say("hidden")))
            continue
        outermost = place == (0 if cell.closed == "right" else len(cell.counts) - 1)
        words = f"{cell.variable} from {low:g} to {high:g}".replace(" -", " −")
        where = " · ".join((*cell.group.labels, words))
        behind = Behind(
            where, cell.group.named, within=((cell.variable, low, high, "both" if outermost else cell.closed),)
        )
        limits = {key: value_cell(v, cell.variable, plan.data) for key, v in (("low", low), ("high", high))}
        n = cell.n if isinstance(cell.n, int) else len(cell.counts)
        made.append(Item(say("{low} to {high}: {count} of {n} cases", **limits, count=count, n=n), behind))
    return tuple(made)


def _numbers(cell: HistogramCell) -> list[Cell]:
    """The bars as keyed numbers, to be compared when the figure is made again."""
    row = f"{cell.variable} @ {cell.group.key}" if cell.group.key else cell.variable
    edges = cell.edges.tolist()
    return [
        Cell(float(height), Kind.MEASURE, row=row, column=f"{low!r} to {high!r}")
        for low, high, height in zip(edges, edges[1:], cell.heights.tolist(), strict=False)
        if np.isfinite(height)
    ]


def _own_notes(drawings: tuple[HistogramCell, ...], said: Settings) -> list[Text]:
    texts: list[Text] = []
    if any(cell.curve for cell in drawings):
        template = "The dashed line is the normal curve with the mean and standard deviation of the cases shown."
        texts.append(say(template))
    curve = next((cell.density for cell in drawings if cell.density is not None), None)
    if curve is not None:
        how = bandwidth_words(said)
        texts.append(say("The solid line is a Gaussian kernel density with {how}.", how=how))
    outside = outside_total(drawings)
    if outside:
        template = (
            "{n} value lies outside the class limits." if outside == 1 else "{n} values lie outside the class limits."
        )
        texts.append(say(template, n=outside))
    return texts


def outside_total(cells: tuple[Any, ...]) -> int:
    """Values outside the class limits, each once: of the total where there is one, else over the groups of the first grouping."""
    total = [cell for cell in cells if not cell.group.named]
    first = tuple(name for name, _ in cells[0].group.named) if cells else ()
    counted = total or [cell for cell in cells if tuple(name for name, _ in cell.group.named) == first]
    return sum(cell.outside for cell in counted if isinstance(cell.outside, int))


RULES = {
    "freedman-diaconis": "the rule of Freedman and Diaconis (1981)",
    "scott": "Scott’s (1979) rule",
    "sturges": "Sturges’ (1926) rule",
    "doane": "Doane’s (1976) rule",
    "square root": "the square-root rule",
}
DECIDED = {"edges": "the class limits given", "whole numbers": "a class for each whole number", "one": "a single class"}


def methods(plan: Any, drawings: tuple[HistogramCell, ...]) -> Text:
    """How the classes were found, as it was really done."""
    said = plan.request.settings
    ways = list(dict.fromkeys(cell.decided_by for cell in drawings))
    texts = [say("Histograms use {how}.", how=joined([classes_words(way, said) for way in ways]))] if ways else []
    curve = next((cell.density for cell in drawings if cell.density is not None), None)
    if curve is not None:
        texts.append(say("Densities use a Gaussian kernel with {how}.", how=bandwidth_words(said)))
    return sentences(texts)


def classes_words(decided_by: str, said: Settings) -> Text:
    """How class intervals were found."""
    if decided_by == "width":
        return say("classes of width {width}", width=Cell(float(said["width"]), Kind.EDGE))
    if decided_by == "bins":
        return say("{n} classes of equal width", n=said["bins"])
    if decided_by in RULES:
        return say("class widths by {rule}, rounded", rule=say(RULES[decided_by]))
    return say(DECIDED[decided_by])


def _alt(drawings: tuple[HistogramCell, ...], plan: Any) -> Text:
    """Where the fullest class lies in each panel: what an eye takes from a histogram first."""
    parts = []
    for cell in drawings:
        title = titled_with_unit(plan.data.variable(cell.variable))
        shown = [count if isinstance(count, int) else -1 for count in cell.counts]
        top = int(np.argmax(shown))
        limits = {"from_": float(cell.edges[0]), "to": float(cell.edges[-1])}
        limits |= {"low": float(cell.edges[top]), "high": float(cell.edges[top + 1])}
        edges = {key: value_cell(value, cell.variable, plan.data) for key, value in limits.items()}
        parts.append(
            say(
                "Histogram of {name}{where}, n = {n}: values from {from_} to {to}, most often from {low} to {high} ({most} cases).",
                name=title,
                where=in_group(cell.group),
                n=n_cell(cell.n, cell.variable, cell.group),
                most=shown[top],
                **edges,
            )
        )
    return sentences(parts)
