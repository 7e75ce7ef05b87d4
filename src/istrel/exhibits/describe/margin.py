"""Margin notes: what a careful supervisor would write beside the exhibit, with a remedy where there is one."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from istrel.data.column import show_value
from istrel.data.guess import suspected_codes
from istrel.data.levels import Level
from istrel.exhibits.describe.resolve import DescribePlan
from istrel.exhibits.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.sheet import Behind
from istrel.sentence.request import show

SMALL_GROUP = 10
STRONG_SKEW = 1.0
FAR_IN_SPREADS = 6.0


def margin_notes(plan: DescribePlan, result: DescribeResult) -> tuple[MarginNote, ...]:
    """Remarks in the order of the subjects, at most one of each kind per variable."""
    notes: list[MarginNote] = []
    for subject in plan.subjects:
        if subject.treated != "numbers":
            continue
        cells = [c for c in result.cells if c.variable == subject.name and isinstance(c, MeasuredCell)]
        codes = _codes(subject.name, plan)
        notes += codes
        notes += _far(subject.name, plan)
        notes += _ordinal_mean(subject.name, plan)
        if not codes:  # a code among the values bends the shape: first things first
            notes += _skew(cells, plan)
        notes += [
            MarginNote(
                c.variable,
                c.group.labels,
                f"n = {c.n} in this group",
                cases=Behind(c.group.named, valid=(c.variable,)),
            )
            for c in cells
            if 0 < c.n < SMALL_GROUP
        ][:1]
    return tuple(notes)


def _used_values(name: str, plan: DescribePlan) -> np.ndarray[tuple[int], np.dtype[np.float64]]:
    numbers = plan.data.numbers(name)
    return numbers.values[numbers.valid & plan.cases.mask]


def _codes(name: str, plan: DescribePlan) -> list[MarginNote]:
    values = _used_values(name, plan)
    notes = []
    for code in suspected_codes(values):
        shown = show_value(code).replace("-", "−")
        times = int((values == code).sum())
        says = f"{shown} stands {times} time{'s' if times > 1 else ''}: a code for “no answer”?"
        remedy = Remedy(f"treat {shown} as missing", variable=name, code=code)
        notes.append(MarginNote(name, (), says, (remedy,), Behind(within=(name, code, code, "both"))))
    return notes


def _far(name: str, plan: DescribePlan) -> list[MarginNote]:
    """A highest or lowest value so far out that it is more likely a slip than a person."""
    values = _used_values(name, plan)
    codes = suspected_codes(values)
    values = values[~np.isin(values, codes)]
    if values.size < 20:
        return []
    low, high = np.quantile(values, [0.25, 0.75])
    spread = high - low
    top, bottom = float(values.max()), float(values.min())
    if spread <= 0:
        return []
    for value, distance in ((top, (top - high) / spread), (bottom, (low - bottom) / spread)):
        if distance > FAR_IN_SPREADS:
            word = "above" if value == top else "below"
            shown = show_value(value).replace("-", "−")
            says = f"{shown} lies {distance:.0f} spreads {word} the middle half"
            return [MarginNote(name, (), says, cases=Behind(within=(name, value, value, "both")))]
    return []


def _ordinal_mean(name: str, plan: DescribePlan) -> list[MarginNote]:
    if plan.data.variable(name).level is Level.ORDINAL and "mean" in plan.shown and plan.form == "table":
        return [MarginNote(name, (), "mean of an ordinal variable", _medians(plan))]
    return []


def _skew(cells: list[MeasuredCell], plan: DescribePlan) -> list[MarginNote]:
    if plan.form != "table" or "mean" not in plan.shown:
        return []
    strong = [
        c
        for c in cells
        if isinstance(c.statistics.get("skewness"), float) and abs(_number(c, "skewness")) > STRONG_SKEW
    ]
    if not strong:
        return []
    worst = max(strong, key=lambda c: abs(_number(c, "skewness")))
    side = "right" if _number(worst, "skewness") > 0 else "left"
    says = f"strong {side} skew"
    middle = _number(worst, "median")
    if middle > 0:
        apart = 100 * (_number(worst, "mean") - middle) / middle
        if abs(apart) >= 1:
            says += f", mean {abs(apart):.0f} % {'above' if apart > 0 else 'below'} the median"
    return [MarginNote(worst.variable, worst.group.labels, says, _medians(plan))]


def _number(cell: MeasuredCell, key: str) -> float:
    value = cell.statistics.get(key)
    return value if isinstance(value, float) else float("nan")


def _medians(plan: DescribePlan) -> tuple[Remedy, ...]:
    """The same sentence with medians and quartile ranges in the place of means and SDs."""
    swap = {"mean": "median", "sd": "iqr"}
    wanted = tuple(dict.fromkeys(swap.get(key, key) for key in plan.shown))
    request = replace(plan.request, settings=replace(plan.request.settings, statistics=wanted))
    return (Remedy("use medians", sentence=show(request)),)
