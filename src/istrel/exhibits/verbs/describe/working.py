"""How the statistics of a variable come about: from the same arranged values and moments from which they were computed."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.cells import cell_of, row_key
from istrel.exhibits.verbs.describe.compute import ESTIMATES, Workbench
from istrel.exhibits.verbs.describe.difference_working import explain_difference
from istrel.exhibits.verbs.describe.other_working import explain_icc
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.verbs.describe.weighted_working import explain_weighted
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.frequency_working import explain_level
from istrel.exhibits.verbs.sums_working import (
    E,
    Lines,
    Sums,
    kurtosis_lines,
    mean_lines,
    mean_steps,
    sd_lines,
    skewness_lines,
    student,
    variance_lines,
)
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Working, shown, signed
from istrel.sentence.vocabulary import percentile_of
from istrel.stats import moments, quantiles
from istrel.stats.grouping import Arranged, alone
from istrel.stats.intraclass import none_of
from istrel.style.numbers import Kind

Floats = NDArray[np.float64]
COUNTED = ("n", "missing")  # every case weighs the same in these


@dataclass(frozen=True, eq=False)
class Parts:
    """One variable in one group: its values in their order, and what the statistics are made of."""

    cells: Arranged
    sums: Sums
    bench: Workbench
    plan: DescribePlan

    @property
    def n(self) -> int:
        return int(self.cells.sizes[0])

    def nth(self, place: int) -> float:
        """The value at a place among all in their order, from 1."""
        return float(self.cells.nth(np.array([place - 1]))[0])

    def total(self, values: Floats) -> float:
        """The sum over all cases of something made of each value."""
        return math.fsum(values if self.cells.times is None else values * self.cells.times)

    def of(self, key: str) -> float:
        """Another statistic of the same values; NaN where there is none."""
        value = self.bench.statistic(key)(0)
        return value if isinstance(value, float) else math.nan


def explain(plan: DescribePlan, result: DescribeResult, cell: Cell) -> Working | None:
    """The working of a statistic; None for several modes, lists of cases, undefined and hidden numbers."""
    found = next((c for c in result.cells if isinstance(c, MeasuredCell) and _stands_at(c, cell)), None)
    key = cell.statistic
    share = percentile_of(key)
    if not key:
        levels = [c for c in result.cells if isinstance(c, FrequencyCell)]
        return explain_level(levels, cell, data=plan.data) or explain_difference(plan, result, cell)
    if found is not None and key in COUNTED and isinstance(found.n, int) and isinstance(found.missing, int):
        filled = shown(found.n) if key == "n" else f"{found.n + found.missing} − {found.n}"
        name = titled(plan.data.variable(found.variable))
        return Working(say(f"means_{key}", name=name, value=cell, n=cell), "n" if key == "n" else "N − n", filled)
    lines = WORKINGS.get(key) or (_quantile if share is not None else None)
    if found is None or not isinstance(cell.value, float) or found.date:
        return None
    if plan.cases.weighted:
        return explain_weighted(plan, found, cell)
    if key in ("icc", "icc_low", "icc_high"):
        return explain_icc(plan, found, cell)
    if lines is None:
        return None
    parts = _parts(plan, found)
    if key == "mode" and math.isnan(parts.of(key)):  # several values occur as often
        return None
    formula, filled, steps = lines(parts, key)

    def without(values: Floats) -> float:
        fewer = _of_values(values, plan)
        value = fewer.statistic(key)(0)
        return value if isinstance(value, float) else math.nan

    pulled = key in ESTIMATES and key not in COUNTED and plan.data.times is None
    return Working(_means(key, share, found, parts, plan, cell), formula, filled, steps, without if pulled else None)


def _stands_at(found: MeasuredCell, cell: Cell) -> bool:
    """Whether a number is of these values, however the table is laid out."""
    if (cell.row, cell.column) == (cell.statistic, f"{found.variable}/{found.group.key}"):
        return True
    if (cell.row, cell.column) == (found.variable, f"{found.group.key}/{cell.statistic}"):
        return True
    turned = (found.group.key or "all", f"{found.variable}/{cell.statistic}")
    return row_key(found) == cell.row or turned == (cell.row, cell.column)


def _parts(plan: DescribePlan, cell: MeasuredCell) -> Parts:
    grouping, place = grouping_of(cell.group, plan.groupings)
    cells = arranged(cell.variable, grouping, plan.data).only(place)
    m = moments_of(cell.variable, grouping, plan.data).of(slice(place, place + 1))
    sizes = np.array([int(grouping.sizes[place])])
    bench = Workbench(cells, sizes, plan, lambda: m, lambda: none_of(1))
    return Parts(cells, Sums(m), bench, plan)


def _of_values(values: Floats, plan: DescribePlan) -> Workbench:
    """The same bench for other values."""
    cells: Arranged = alone(np.sort(values), ordered=True)
    return Workbench(cells, np.array([values.size]), plan, lambda: moments.moments(cells), lambda: none_of(1))


def _means(key: str, share: float | None, found: MeasuredCell, parts: Parts, plan: DescribePlan, cell: Cell) -> Text:
    """What the number says about these data."""
    name = titled(plan.data.variable(found.variable))
    value: Text | Cell = cell_of(key, found, plan) if key in found.statistics else cell  # a figure has not all of them
    n = Cell(float(parts.n), Kind.COUNT)
    if share is not None and key not in WORKINGS:
        return say("means_percentile", name=name, value=value, share=Cell(share, Kind.EDGE))
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    return say(f"means_{key}", name=name, value=value, n=n, level=level)


# Sums.
def _sum(parts: Parts, _: str) -> Lines:
    return "Σx", shown(parts.sums.total), ()


def _mean(parts: Parts, _: str) -> Lines:
    return mean_lines(parts.sums)


def _variance(parts: Parts, _: str) -> Lines:
    return variance_lines(parts.sums)


def _sd(parts: Parts, _: str) -> Lines:
    return sd_lines(parts.sums)


def _se(parts: Parts, _: str) -> Lines:
    steps = (*_sd(parts, "")[2], f"SD = {shown(parts.of('sd'))}")
    return "SD ÷ √n", f"{shown(parts.of('sd'))} ÷ √({parts.n})", steps


def _interval(parts: Parts, key: str) -> Lines:
    confidence = parts.plan.request.settings["confidence"]
    se = parts.of("se")
    factor, of_t = student(parts.n - 1, confidence, times=se)
    sign = "−" if key == "ci_low" else "+"
    _, filled, steps = _se(parts, "")
    made = (f"SE = {filled} = {shown(se)}", of_t)
    return f"M {sign} t × SE", f"{shown(parts.of('mean'))} {sign} {factor} × {shown(se)}", (*steps, *made)


def _cv(parts: Parts, _: str) -> Lines:
    steps = (*_sd(parts, "")[2], f"SD = {shown(parts.of('sd'))}")
    return "100 × SD ÷ M", f"100 × {shown(parts.of('sd'))} ÷ {signed(parts.of('mean'))}", steps


# Shape.
def _skewness(parts: Parts, _: str) -> Lines:
    return skewness_lines(parts.sums)


def _skewness_se(parts: Parts, _: str) -> Lines:
    n = parts.n
    filled = f"√(6 × {n} × ({n} − 1) ÷ (({n} − 2) × ({n} + 1) × ({n} + 3)))"
    return "√(6n(n − 1) ÷ ((n − 2)(n + 1)(n + 3)))", filled, (f"n = {n}",)


def _kurtosis(parts: Parts, _: str) -> Lines:
    return kurtosis_lines(parts.sums)


def _kurtosis_se(parts: Parts, _: str) -> Lines:
    n = parts.n
    filled = f"2 × {shown(parts.of('skewness_se'))} × √(({n}^2 − 1) ÷ (({n} − 3) × ({n} + 5)))"
    step = f"SE of G1 = {_skewness_se(parts, '')[1]} = {shown(parts.of('skewness_se'))}"
    return "2 × SE of G1 × √((n² − 1) ÷ ((n − 3)(n + 5)))", filled, (step,)


def _over_error(parts: Parts, key: str) -> Lines:
    shape = key.removesuffix("_z")
    letter = {"skewness": "G1", "kurtosis": "G2"}[shape]
    value, error = parts.of(shape), parts.of(f"{shape}_se")
    steps = (f"{letter} = {shown(value)}", f"SE of {letter} = {shown(error)}")
    return f"{letter} ÷ SE of {letter}", f"{signed(value)} ÷ {shown(error)}", steps


# Order.
SHARES = {"median": 0.5, "q1": 0.25, "q3": 0.75}
PLACES = {
    6: ("(n + 1) × p", "({n} + 1) × {p}"),
    7: ("(n − 1) × p + 1", "({n} − 1) × {p} + 1"),
    8: ("(n + 1/3) × p + 1/3", "({n} + 1/3) × {p} + 1/3"),
}


def _quantile(parts: Parts, key: str) -> Lines:
    """The value at a place among the values in their order, between two of them by its distance."""
    share = SHARES.get(key, (percentile_of(key) or 0.0) / 100)
    return _at_share(parts, share, parts.bench.kind, "x")


def _at_share(parts: Parts, share: float, kind: int, letter: str) -> Lines:
    n = parts.n
    said, filled_place = PLACES[kind]
    place = {6: (n + 1) * share, 7: (n - 1) * share + 1, 8: (n + 1 / 3) * share + 1 / 3}[kind]
    inside = float(min(max(place, 1.0), n))
    below = int(inside)
    part, low = inside - below, parts.nth(below)
    steps = [f"h = {filled_place.format(n=n, p=shown(share))} = {shown(place)}"]
    if part == 0:
        return f"{letter}(h), h = {said}", shown(low), (*steps, f"{letter}({below}) = {shown(low)}")
    high = parts.nth(below + 1)
    steps += [f"{letter}({below}) = {shown(low)}", f"{letter}({below + 1}) = {shown(high)}"]
    filled = f"{shown(low)} + {shown(part)} × ({shown(high)} − {signed(low)})"
    return f"{letter}(k) + (h − k) × ({letter}(k + 1) − {letter}(k)), h = {said}", filled, tuple(steps)


def _median_limit(parts: Parts, key: str) -> Lines:
    n, confidence = parts.n, parts.plan.request.settings["confidence"]
    rank = int(quantiles.median_ranks(np.array([n]), confidence=confidence)[0])
    at = rank if key == "median_ci_low" else n - rank + 1
    formula = "x(k)" if key == "median_ci_low" else "x(n − k + 1)"
    return (
        formula,
        shown(parts.nth(at)),
        (f"k = {rank}", f"n = {n}", f"x({at}) = {shown(parts.nth(at))}"),
    )


def _iqr(parts: Parts, _: str) -> Lines:
    low, high = parts.of("q1"), parts.of("q3")
    steps = (*_quantile(parts, "q1")[2], f"Q1 = {_quantile(parts, 'q1')[1]} = {shown(low)}")
    steps = (*steps, *_quantile(parts, "q3")[2], f"Q3 = {_quantile(parts, 'q3')[1]} = {shown(high)}")
    return "Q3 − Q1", f"{shown(high)} − {signed(low)}", steps


def _smallest(parts: Parts, _: str) -> Lines:
    return "x(1)", shown(parts.nth(1)), ()


def _largest(parts: Parts, _: str) -> Lines:
    return "x(n)", shown(parts.nth(parts.n)), (f"n = {parts.n}",)


def _range(parts: Parts, _: str) -> Lines:
    return "x(n) − x(1)", f"{shown(parts.nth(parts.n))} − {signed(parts.nth(1))}", ()


def _mad(parts: Parts, key: str) -> Lines:
    centre = float(quantiles.quantile(parts.bench.cells, 0.5).values[0])
    distances = replace(parts, cells=parts.cells.in_order(np.abs(parts.cells.values - centre)))
    formula, filled, steps = _at_share(distances, 0.5, 7, "d")
    steps = (f"Mdn = {shown(centre)}", say("step_distances"), *steps)
    if key == "mad":
        return say("formula_median_of", formula=formula), filled, steps
    return "1.4826 × MAD", f"1.4826 × {shown(parts.of('mad'))}", (*steps, f"MAD = {filled} = {shown(parts.of('mad'))}")


def _mean_distance(parts: Parts, _: str) -> Lines:
    total = parts.total(np.abs(parts.cells.values - parts.of("mean")))
    return "Σ|x − M| ÷ n", f"{shown(total)} ÷ {parts.n}", (*mean_steps(parts.sums), f"Σ|x − M| = {shown(total)}")


def _trimmed(parts: Parts, _: str) -> Lines:
    cut = math.floor(parts.n * parts.plan.request.settings["trim"] + 1e-9)
    inner = parts.n - 2 * cut
    running = parts.cells.running
    times = np.minimum(running[1:], parts.n - cut) - np.maximum(running[:-1], cut)
    total = math.fsum(parts.cells.values * np.maximum(times, 0))
    steps = (say("step_left_out", n=str(cut)), f"n = {inner}", f"Σx = {shown(total)}")
    return say("formula_inner"), f"{signed(total)} ÷ {inner}", steps


def _geometric(parts: Parts, _: str) -> Lines:
    total = parts.total(np.log(parts.cells.values))
    return "e^(Σ ln x ÷ n)", f"{E}^({signed(total)} ÷ {parts.n})", (f"Σ ln x = {shown(total)}", f"n = {parts.n}")


def _harmonic(parts: Parts, _: str) -> Lines:
    total = parts.total(1 / parts.cells.values)
    return "n ÷ Σ(1 ÷ x)", f"{parts.n} ÷ {signed(total)}", (f"Σ(1 ÷ x) = {shown(total)}", f"n = {parts.n}")


def _mode(parts: Parts, _: str) -> Lines:
    return say("formula_mode"), shown(parts.of("mode")), (say("step_occurs", n=shown(parts.of("mode_count"))),)


def _mode_count(parts: Parts, _: str) -> Lines:
    return say("formula_mode_count"), shown(parts.of("mode_count")), ()


WORKINGS: dict[str, Callable[[Parts, str], Lines]] = {
    "sum": _sum,
    "mean": _mean,
    "sd": _sd,
    "variance": _variance,
    "se": _se,
    "ci_low": _interval,
    "ci_high": _interval,
    "trimmed_mean": _trimmed,
    "median": _quantile,
    "median_ci_low": _median_limit,
    "median_ci_high": _median_limit,
    "q1": _quantile,
    "q3": _quantile,
    "iqr": _iqr,
    "min": _smallest,
    "max": _largest,
    "range": _range,
    "mad": _mad,
    "mad_normal": _mad,
    "mean_abs_dev": _mean_distance,
    "mode": _mode,
    "mode_count": _mode_count,
    "cv": _cv,
    "skewness": _skewness,
    "skewness_se": _skewness_se,
    "skewness_z": _over_error,
    "kurtosis": _kurtosis,
    "kurtosis_se": _kurtosis_se,
    "kurtosis_z": _over_error,
    "geometric_mean": _geometric,
    "harmonic_mean": _harmonic,
}
