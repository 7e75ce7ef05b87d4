"""Margin notes: what a careful supervisor would write beside the exhibit, with a remedy where there is one."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.guess import suspected_codes
from istrel.data.levels import Level
from istrel.data.limits import SKEWED, SMALL_GROUP
from istrel.exhibits.behind import Behind
from istrel.exhibits.claims import claim
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.wording import titled
from istrel.sentence.request import show
from istrel.stats.remote import remote
from istrel.style.numbers import Kind

MOST_CASES = 200_000  # beyond, codes and far values are Intake's to find: here the paper would wait for them


def margin_notes(plan: DescribePlan, result: DescribeResult) -> tuple[MarginNote, ...]:
    """Remarks in the order of the subjects, at most one of each kind per variable."""
    if plan.request.settings["hide_below"]:
        return ()  # a remark would speak of what is hidden
    notes: list[MarginNote] = []
    for subject in plan.subjects:
        if subject.treated != "numbers":
            continue
        cells = [c for c in result.cells if isinstance(c, MeasuredCell) and c.variable == subject.name]
        codes = _codes(subject.name, plan)
        notes += codes
        notes += _far(subject.name, plan)
        notes += _ordinal_mean(subject.name, plan)
        if not codes:  # a code among the values bends the shape: first things first
            notes += _skew(cells, plan)
        notes += _small(cells)
    if any(difference.test is not None for difference in result.differences):
        says = say("where chance made the groups, these *p*-values test chance alone; the differences say more")
        notes.append(MarginNote("", (), says))
    return tuple(_named(note, plan) for note in notes)


def _named(note: MarginNote, plan: DescribePlan) -> MarginNote:
    """The note with its variable's name, where it cannot stand beside that."""
    if not note.variable or plan.layout not in ("statistics", "variables") or len(plan.subjects) == 1:
        return note
    name = titled(plan.data.variable(note.variable))
    return replace(note, says=say("{name}: {remark}", name=name, remark=note.says))


def _used_values(name: str, plan: DescribePlan) -> NDArray[np.float64]:
    numbers = plan.data.numbers(name)
    return numbers.values[numbers.valid & plan.cases.mask]


def _code(value: float) -> Cell:
    return Cell(value, Kind.CODE)


def _codes(name: str, plan: DescribePlan) -> list[MarginNote]:
    if plan.data.n_rows > MOST_CASES:
        return []
    values = _used_values(name, plan)
    notes = []
    for code in suspected_codes(values):
        times = int((values == code).sum())
        template = (
            "{code} stands {n} time: a code for “no answer”?"
            if times == 1
            else "{code} stands {n} times: a code for “no answer”?"
        )
        shown = f"{code:g}".replace("-", "−")
        remedy = Remedy(f"treat {shown} as missing", variable=name, code=code)
        behind = Behind(f"{name}: {shown}", values=(name, (code,)))
        notes.append(MarginNote(name, (), say(template, code=_code(code), n=times), (remedy,), behind))
    return notes


def _far(name: str, plan: DescribePlan) -> list[MarginNote]:
    """Values so far out, by Intake's own rule, that they are more likely slips than people."""
    if plan.data.n_rows > MOST_CASES:
        return []
    values = _used_values(name, plan)
    values = values[~np.isin(values, suspected_codes(values))]
    far = np.unique(values[remote(values)])
    if not far.size:
        return []
    low, high = float(values.min()), float(values.max())
    value = high if high in far else low
    template = "{value} lies far above the rest" if value == high else "{value} lies far below the rest"
    behind = Behind(f"{name}: far from the rest", values=(name, tuple(far.tolist())))
    return [MarginNote(name, (), say(template, value=_code(value)), cases=behind)]


def _ordinal_mean(name: str, plan: DescribePlan) -> list[MarginNote]:
    if plan.data.variable(name).level is Level.ORDINAL and "mean" in plan.shown and plan.form == "table":
        return [MarginNote(name, (), say("mean of an ordinal variable"), _medians(plan))]
    return []


def _skew(cells: list[MeasuredCell], plan: DescribePlan) -> list[MarginNote]:
    if plan.form != "table" or "mean" not in plan.shown:
        return []
    skewed = [cell for cell in cells if abs(cell.number("skewness")) > SKEWED]
    if not skewed:
        return []
    worst = max(skewed, key=lambda cell: abs(cell.number("skewness")))
    right = worst.number("skewness") > 0
    plainly = say("right skew") if right else say("left skew")
    strong = "strong right skew" if right else "strong left skew"
    says = claim("strong skew", [worst.number("skewness")], strong, otherwise=plainly)
    return [MarginNote(worst.variable, worst.group.labels, (*says, *_apart(worst)), _medians(plan))]


def _apart(cell: MeasuredCell) -> Text:
    """How far the mean lies from the median."""
    middle = cell.number("median")
    if not middle > 0:
        return ()
    apart = 100 * (cell.number("mean") - middle) / middle
    if not abs(apart) >= 1:
        return ()
    share = Cell(abs(apart), Kind.COUNT)
    return say(", mean {share}% above the median" if apart > 0 else ", mean {share}% below the median", share=share)


def _small(cells: list[MeasuredCell]) -> list[MarginNote]:
    small = next((cell for cell in cells if isinstance(cell.n, int) and 0 < cell.n < SMALL_GROUP), None)
    if small is None:
        return []
    assert isinstance(small.n, int)
    behind = Behind(f"{small.variable} · {' · '.join(small.group.labels)}", small.group.named, valid=(small.variable,))
    return [MarginNote(small.variable, small.group.labels, say("*n* = {n} in this group", n=small.n), cases=behind)]


def _medians(plan: DescribePlan) -> tuple[Remedy, ...]:
    """The same sentence with medians and quartile ranges in the place of means and SDs."""
    swap = {"mean": "median", "sd": "iqr"}
    wanted = tuple(dict.fromkeys(swap.get(key, key) for key in plan.shown))
    request = replace(plan.request, settings=plan.request.settings.with_value("statistics", wanted))
    return (Remedy("use medians", sentence=show(request)),)
