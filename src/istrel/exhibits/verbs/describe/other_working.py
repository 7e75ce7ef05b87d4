"""How the intraclass correlation of persons comes about, and what is said of a statistic that another module explains."""

from __future__ import annotations

import math

import numpy as np

from istrel.exhibits.cases import grouping_of
from istrel.exhibits.persons import person_codes
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.cells import INTERVALS, cell_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.exhibits.verbs.sums_working import Lines
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Working, shown
from istrel.sentence.vocabulary import percentile_of
from istrel.style.numbers import Kind


def explain_icc(plan: DescribePlan, found: MeasuredCell, cell: Cell) -> Working | None:
    """The working of the intraclass correlation, and of an end of its interval (Shrout & Fleiss 1979)."""
    grouping, group = grouping_of(found.group, plan.groupings)
    inside = grouping.codes == group
    numbers, persons = plan.data.numbers(found.variable), person_codes(plan.data)
    used = numbers.valid & inside & (persons >= 0)
    _, place = np.unique(persons[used], return_inverse=True)
    x, place = numbers.values[used], place.ravel()
    sizes = np.bincount(place)
    n, k = x.size, sizes.size
    means, centre = np.bincount(place, x) / sizes, math.fsum(x.tolist()) / x.size
    between, within = float((sizes * (means - centre) ** 2).sum()), float(((x - means[place]) ** 2).sum())
    msb, msw = between / (k - 1), within / (n - k)
    squares = int((sizes**2).sum())
    size = (n - squares / n) / (k - 1)
    steps = (
        say("step_rows", n=str(n)),
        say("step_persons", k=str(k)),
        say("step_between", value=shown(between)),
        f"MSB = {shown(between)} ÷ ({k} − 1) = {shown(msb)}",
        say("step_within", value=shown(within)),
        f"MSW = {shown(within)} ÷ ({n} − {k}) = {shown(msw)}",
        say("step_rows_of_a_person", value=f"({n} − {squares} ÷ {n}) ÷ ({k} − 1) = {shown(size)}"),
    )
    if cell.statistic != "icc":
        lines = _end_of_icc(msb / msw, n, k, size, plan, low=cell.statistic == "icc_low") if msw > 0 else None
        return None if lines is None else working_of(plan, found, cell, (*lines[:2], (*steps, *lines[2])))
    filled = f"({shown(msb)} − {shown(msw)}) ÷ ({shown(msb)} + ({shown(size)} − 1) × {shown(msw)})"
    return working_of(plan, found, cell, ("(MSB − MSW) ÷ (MSB + (m − 1) × MSW)", filled, steps))


def _end_of_icc(f: float, n: int, k: int, size: float, plan: DescribePlan, *, low: bool) -> Lines:
    """The coefficient at the F that would leave so much out."""
    from istrel.stats.special import fdtri

    upper = 0.5 + plan.request.settings["confidence"] / 2
    df = (k - 1, n - k) if low else (n - k, k - 1)
    q = float(fdtri(*df, upper))
    u, sign = (f / q, "÷") if low else (f * q, "×")
    steps = (
        f"F = MSB ÷ MSW: {shown(f)}",
        f"F({df[0]}; {df[1]}; {shown(upper)}) = {shown(q)}",
        f"u = {shown(f)} {sign} {shown(q)} = {shown(u)}",
    )
    return "(u − 1) ÷ (u + m − 1)", f"({shown(u)} − 1) ÷ ({shown(u)} + {shown(size)} − 1)", steps


def working_of(plan: DescribePlan, found: MeasuredCell, cell: Cell, lines: Lines) -> Working:
    """A working with the words of its statistic."""
    key = cell.statistic
    name, n = titled(plan.data.variable(found.variable)), found.n
    value: Text | Cell = cell_of(key, found, plan) if key in found.statistics else cell  # a figure has not all of them
    number = Cell(float(n) if isinstance(n, int) else n, Kind.COUNT)
    parts: dict[str, Text | Cell] = {"name": name, "value": value, "n": number}
    share = percentile_of(key)
    if share is not None and key not in ("median", "q1", "q3"):
        return Working(say("means_percentile", name=name, value=value, share=Cell(share, Kind.EDGE)), *lines)
    if key in ("icc_low", "icc_high"):
        level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
        return Working(say("means_limit", value=value, level=level), *lines)
    if any(key in ends for ends in INTERVALS):
        parts["level"] = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    return Working(say(f"means_{key}", **parts), *lines)
