"""The numbers behind figures of `describe`: histograms, densities, cumulative shares, boxes. Reduced here, drawn elsewhere."""

from __future__ import annotations

from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.describe.resolve import DescribePlan
from istrel.exhibits.describe.result import BoxCell, CurveCell, Drawing, HistogramCell, MeasuredCell
from istrel.exhibits.sheet import DensityCurve, NormalCurve
from istrel.sentence.request import Settings
from istrel.stats import binning, density, moments, quantiles
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged

MOST_STEPS = 2000


def draw(
    cells: Arranged, found: list[MeasuredCell], plan: DescribePlan, edges: NDArray[np.float64] | None
) -> list[Drawing]:
    """A drawing for each group of one variable that has values (histograms: for each group)."""
    if plan.form == "histogram":
        return [] if edges is None else list(_histograms(cells, found, plan, edges))
    if plan.form == "boxes":
        return list(_boxes(cells, found, plan))
    makers = {"density": _density, "cumulative": _cumulative}
    made = (makers[plan.form](cells, i, cell, plan) for i, cell in enumerate(found) if cell.n)
    return [drawing for drawing in made if drawing is not None]


def shared_edges(name: str, plan: DescribePlan) -> NDArray[np.float64] | None:
    """One set of edges for all groups of a variable; None where no case has a value."""
    numbers = plan.data.numbers(name)
    values = numbers.values[numbers.valid & plan.cases.mask]
    if values.size == 0:
        return None
    level = plan.data.variable(name).level
    few = (level is Level.COUNT or level.categorical) and float(values.max() - values.min()) <= 60
    return binning.class_edges(
        values, class_settings(plan.request.settings, "whole numbers" if few else "freedman-diaconis")
    )


def class_settings(said: Settings, usual: str) -> binning.ClassSettings:
    """What the sentence says about classes; the usual rule where it names none."""
    rule = cast(binning.Rule, said.rule or usual)
    return binning.ClassSettings(rule=rule, bins=said.bins, width=said.width, start=said.start, edges=said.edges)


def _histograms(
    cells: Arranged, found: list[MeasuredCell], plan: DescribePlan, edges: NDArray[np.float64]
) -> list[HistogramCell]:
    said = plan.request.settings
    height = cast(binning.Height, said.height or "count")
    shape = moments.moments(cells)
    means, deviations = moments.mean(shape), moments.sd(shape)
    made = []
    for i, cell in enumerate(found):
        classes = binning.count_classes(cells.group(i), edges, closed=cast(binning.Closed, said.closed or "left"))
        made.append(
            HistogramCell(
                variable=cell.variable,
                group=cell.group,
                n=cell.n,
                missing=cell.missing,
                edges=edges,
                counts=classes.counts,
                heights=binning.heights(classes, height, cumulative=bool(said.cumulative)),
                stat=height,
                density=_over_bars(cells.group(i), edges, said, height),
                curve=_curve(means.at(i), deviations.at(i), cell.n, edges, said, height),
                outside=classes.below + classes.above,
            )
        )
    return made


def _curve(
    mean: float | Undefined,
    sd: float | Undefined,
    n: int,
    edges: NDArray[np.float64],
    said: Settings,
    height: binning.Height,
) -> NormalCurve | None:
    if (
        said.curve not in (None, "normal", "both")
        or isinstance(mean, Undefined)
        or isinstance(sd, Undefined)
        or sd == 0
    ):
        return None
    scale = binning.curve_scale(n, edges, height, cumulative=bool(said.cumulative))
    return None if scale is None else NormalCurve(mean, sd, scale)


def _density(cells: Arranged, group: int, cell: MeasuredCell, plan: DescribePlan) -> CurveCell | None:
    values = cells.group(group)
    if values[0] == values[-1]:
        return None
    curve = density.density(values, factor=plan.request.settings.bandwidth or 1.0)
    return CurveCell(cell.variable, cell.group, cell.n, curve.x, curve.y, curve.bandwidth)


def _cumulative(cells: Arranged, group: int, cell: MeasuredCell, plan: DescribePlan) -> CurveCell:
    """Share of cases up to each value, in %; thinned to points that an eye could tell apart."""
    del plan
    values, counts = np.unique(cells.group(group), return_counts=True)
    share = 100.0 * np.cumsum(counts) / counts.sum()
    kept = np.unique(np.linspace(0, values.size - 1, min(values.size, MOST_STEPS)).round().astype(int))
    return CurveCell(cell.variable, cell.group, cell.n, values[kept], share[kept], None)


def _boxes(cells: Arranged, found: list[MeasuredCell], plan: DescribePlan) -> list[BoxCell]:
    kind = cast(quantiles.QuantileType, plan.request.settings.quantiles or 7)
    quarters, medians, threes = (quantiles.quantile(cells, p, kind=kind).values.tolist() for p in (0.25, 0.5, 0.75))
    outside = quantiles.outside_fences(cells, kind=kind)
    made = []
    for i, cell in enumerate(found):
        if not cell.n:
            continue
        q1, q3, values = quarters[i], threes[i], cells.group(i)
        low = values[np.searchsorted(values, q1 - 1.5 * (q3 - q1), side="left")]
        high = values[np.searchsorted(values, q3 + 1.5 * (q3 - q1), side="right") - 1]
        ends = float(min(low, q1)), float(max(high, q3))
        made.append(BoxCell(cell.variable, cell.group, cell.n, q1, medians[i], q3, *ends, outside[i]))
    return made


def _over_bars(
    values: NDArray[np.float64], edges: NDArray[np.float64], said: Settings, height: binning.Height
) -> DensityCurve | None:
    """The density on the scale of the bars, where it is asked for and the classes have one width."""
    if said.curve not in ("density", "both") or values.size < 2 or values[0] == values[-1]:
        return None
    scale = binning.curve_scale(values.size, edges, height, cumulative=bool(said.cumulative))
    if scale is None:
        return None
    curve = density.density(values, factor=said.bandwidth or 1.0)
    return DensityCurve(curve.x, scale * (curve.cumulative if said.cumulative else curve.y), curve.bandwidth)
