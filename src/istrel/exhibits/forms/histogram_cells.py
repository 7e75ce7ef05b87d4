"""What a histogram is made of: the classes of each variable in each group, their heights, curves over them."""

from __future__ import annotations

from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind as Stored
from istrel.english import english
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.class_labels import class_labels
from istrel.exhibits.contracts import Plan
from istrel.exhibits.forms.classes import height_of, shared_edges, usual_rule
from istrel.exhibits.forms.common import (
    arrangement,
    groups_of,
    is_log,
    known,
    values_of_group,
)
from istrel.exhibits.forms.curves import bounds_of, density_of
from istrel.exhibits.shared import moments_of
from istrel.exhibits.text import Count, Text
from istrel.exhibits.weights import distribution_of, spread_of, weighted_moments_of
from istrel.exhibits.wording import has_groups
from istrel.problem import Problem
from istrel.sentence.settings import Settings
from istrel.stats import binning, moments, quantiles
from istrel.stats.density import Density
from istrel.stats.estimates import Estimates
from istrel.stats.grouping import Arranged, alone

Array = NDArray[np.float64]
ARRANGED = ("panels", "overlaid", "stacked", "beside", "mirrored")


@dataclass(frozen=True)
class NormalCurve:
    """The normal density of this mean and SD, times `scale`, lies over the bars at true x; with `log` at its decimal logarithm."""

    mean: float
    sd: float
    scale: float
    log: bool = False


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
        Values outside the edges; on a logarithmic axis those that are not above 0 too.
    mean, median
        None where there is none.
    sum
        Σw of the cases, where rows are weighted: heights are sums of weights then.
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
    mean: float | None = None
    median: float | None = None
    sum: float | None = None

    @property
    def base(self) -> float:
        """Of what its shares are: its cases, or the sum of their weights."""
        return (self.n if isinstance(self.n, int) else 0.0) if self.sum is None else self.sum


def seen_edges(cell: HistogramCell, plan: Plan) -> list[float]:
    """The limits of the classes as words give them: on a logarithmic axis, where they are no round numbers, to four figures."""
    edges = cell.edges.tolist()
    return [float(f"{edge:.4g}") for edge in edges] if is_log(plan) else edges


def labels_of(cell: HistogramCell, plan: Plan) -> list[Text]:
    """The classes in words: whole numbers by the true limits, for a limit that is rounded may let one in."""
    edges = cell.edges.tolist() if plan.data.is_whole(cell.variable) else seen_edges(cell, plan)
    return class_labels(list(pairwise(edges)), cell.closed, cell.variable, plan.data)


def _refuse_open_ends(said: Settings) -> None:
    """Raises where a class has no limit on one side: a bar needs both."""
    if not np.isfinite(said["edges"] or ()).all():
        at, length = said.place_of("edges")
        message = english("A bar of a histogram needs both limits of its class; “below” and “above” are for count.")
        raise Problem(message, at=at, length=length)


def draw(plan: Plan) -> tuple[HistogramCell, ...]:
    """The histogram of every group that has values."""
    made: list[HistogramCell] = []
    said, arranged = plan.request.settings, arrangement(plan, "panels", ARRANGED)
    edges = {name: shared_edges(name, plan, usual_rule(name, plan)) for name in plan.names}
    _refuse_open_ends(said)
    for name, grouping, cells in groups_of(plan):
        found = edges[name]
        if found is None:
            continue
        means, deviations, medians = _middles(name, grouping, cells, plan)
        dense = said["curve"] in ("density", "both")  # whose bandwidth asks for single rows
        told = distribution_of if dense else spread_of
        spread = told(name, grouping, plan.data) if plan.cases.weighted else None
        inside, below, above = binning.count_groups(cells, found.edges, closed=said["closed"])
        for i, group in enumerate(grouping.groups):
            if not cells.sizes[i]:
                continue
            classes = binning.Classes(found.edges, inside[i], int(below[i]), int(above[i]))
            values, weights = values_of_group(cells, i, None) if spread is None else spread.members(i)
            n = float(cells.sizes[i]) if weights is None else float(weights.sum())
            if is_log(plan):
                curve = _normal_of_logarithms(values, weights, classes, plan, arranged)
            else:
                curve = _normal(known(means.at(i)), known(deviations.at(i)), n, classes, plan, arranged)
            middle = (known(means.at(i)), known(medians.at(i)))
            missing = int(grouping.sizes[i] - cells.sizes[i])
            held = values, weights
            made.append(_cell(name, group, held, int(cells.sizes[i]), classes, curve, missing, found, plan, middle))
    return tuple(made)


def _cell(
    name: str,
    group: Group,
    held: tuple[Array, Array | None],
    n: int,
    classes: binning.Classes,
    curve: NormalCurve | None,
    missing: int,
    edges: binning.ClassEdges,
    plan: Plan,
    middle: tuple[float | None, float | None],
) -> HistogramCell:
    said, (values, weights) = plan.request.settings, held
    weighted = weights is not None and plan.cases.weighted
    return HistogramCell(
        variable=name,
        group=group,
        n=n,
        missing=missing,
        edges=classes.edges,
        counts=tuple(classes.counts.tolist()),
        heights=_heights(_weighed(classes, values, weights if weighted else None, said), plan),
        stat=height_of(said),
        curve=curve,
        density=_over_bars(values, weights, classes.edges, name, plan),
        outside=int(classes.below + classes.above),
        closed=said["closed"],
        decided_by=edges.decided_by,
        cumulative=said["cumulative"],
        mean=middle[0],
        median=middle[1],
        sum=float(weights.sum()) if weights is not None and weighted else None,
    )


def _middles(name: str, grouping: Grouping, cells: Arranged, plan: Plan) -> tuple[Estimates, Estimates, Estimates]:
    """(means, standard deviations, medians) of the groups."""
    if plan.cases.weighted:
        m = weighted_moments_of(name, grouping, plan.data)
        halves = spread_of(name, grouping, plan.data).quantiles(np.full(grouping.n_groups, 0.5))
        return Estimates(m.mean), Estimates(np.sqrt(m.variance)), Estimates(halves)
    shape = moments_of(name, grouping, plan.data)
    return moments.mean(shape), moments.sd(shape), quantiles.quantile(cells, 0.5, kind=7)


def _weighed(classes: binning.Classes, values: Array, weights: Array | None, said: Settings) -> binning.Classes:
    """Classes with sums of weights instead of counts, where rows are weighted."""
    if weights is None:
        return classes
    codes = binning.class_codes(values, classes.edges, closed=said["closed"])
    sums = np.bincount(codes + 1, weights, minlength=classes.counts.size + 1)[1:]
    below, above = (float(weights[outside].sum()) for outside in _outside(values, codes, classes.edges))
    return binning.Classes(classes.edges, sums, below, above)


def _outside(values: Array, codes: NDArray[np.int64], edges: Array) -> tuple[NDArray[np.bool_], NDArray[np.bool_]]:
    """Which values lie below all classes, which above."""
    low = (codes < 0) & (values <= edges[0])
    return low, (codes < 0) & ~low


def _on_axis(edges: Array, plan: Plan) -> Array:
    """Edges as the axis has them: their decimal logarithms on one where equal factors are equally far apart."""
    return np.log10(edges) if is_log(plan) else edges


def _heights(classes: binning.Classes, plan: Plan) -> Array:
    """Heights of the bars; densities are per unit of the axis, so per factor of ten where that is logarithmic."""
    said = plan.request.settings
    on_axis = replace(classes, edges=_on_axis(classes.edges, plan))
    return binning.heights(on_axis, height_of(said), cumulative=said["cumulative"])


def _normal_of_logarithms(
    values: Array, weights: Array | None, classes: binning.Classes, plan: Plan, arranged: str
) -> NormalCurve | None:
    """The curve of the logarithms, on an axis of logarithms."""
    logs, w = np.log10(values[values > 0]), None if weights is None else weights[values > 0]
    if w is not None and plan.cases.weighted:
        mean = float(w @ logs / w.sum()) if logs.size else None
        spread = float(np.sqrt(w @ (logs - mean) ** 2 / w.sum())) if mean is not None else None
        return _normal(mean, spread, float(w.sum()), classes, plan, arranged)
    shape = moments.moments(alone(logs, None if w is None else w.astype(np.int64)))
    mean, sd = known(moments.mean(shape).at(0)), known(moments.sd(shape).at(0))
    return _normal(mean, sd, float(shape.n[0]), classes, plan, arranged)


def _normal(
    mean: float | None, sd: float | None, n: float, classes: binning.Classes, plan: Plan, arranged: str
) -> NormalCurve | None:
    """The curve, where it is asked for or usual: not where groups share one panel, nor on a logarithmic axis."""
    said, log, grouped = plan.request.settings, is_log(plan), has_groups(plan.groupings)
    usual = "curve" in said or (not log and (arranged == "panels" or not grouped))
    dated = any(plan.data.table.column(name).kind is Stored.DATE for name in plan.names)
    if (
        said["curve"] not in ("normal", "both")
        or not usual
        or (dated and "curve" not in said)
        or (arranged in ("stacked", "mirrored") and grouped)
    ):
        return None
    scale = binning.curve_scale(n, _on_axis(classes.edges, plan), height_of(said), cumulative=said["cumulative"])
    return None if scale is None or mean is None or not sd else NormalCurve(mean, sd, scale, log)


def _over_bars(values: Array, weights: Array | None, edges: Array, name: str, plan: Plan) -> DensityCurve | None:
    """The density on the scale of the bars, where it is asked for and the classes have one width."""
    said, log = plan.request.settings, is_log(plan)
    if said["curve"] not in ("density", "both"):
        return None
    shown = np.log10(values[values > 0]) if log else values
    w = weights[values > 0] if weights is not None and log else weights
    n = float(shown.size if w is None else w.sum())
    scale = binning.curve_scale(n, _on_axis(edges, plan), height_of(said), cumulative=said["cumulative"])
    curve: Density | None = density_of(shown, said, bounds_of(name, plan), w, cases=not plan.cases.weighted)
    if scale is None or curve is None:
        return None
    x = 10.0**curve.x if log else curve.x
    return DensityCurve(x, scale * (curve.cumulative if said["cumulative"] else curve.y), curve.bandwidth)
