"""Remarks on the groups of a variable: few cases, unequal spread, missing values that differ by group."""

from __future__ import annotations

import numpy as np

from istrel.data.limits import SMALL_GROUP
from istrel.exhibits.behind import Behind
from istrel.exhibits.ledger import number_of
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.exhibits.wording import group_label
from istrel.stats.association import chi_square
from istrel.style.numbers import Kind

UNEQUAL = 2.0  # times as large a standard deviation
ENOUGH = 10
APART, CERTAIN = 0.1, 0.01  # shares of missing values that differ by so much, and the least certainty


def small(cells: list[MeasuredCell]) -> list[MarginNote]:
    """The first group of few cases."""
    found = next(((cell, cell.n) for cell in cells if isinstance(cell.n, int) and 0 < cell.n < SMALL_GROUP), None)
    if found is None:
        return []
    cell, n = found
    words = " · ".join((cell.variable, *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=(cell.variable,))
    label = group_label(cell.group, several=True)
    says = say("n_in_this_group", n=n, group=label) if cell.group.labels else say("n_equals", n=n)
    return [MarginNote("small_group", cell.variable, cell.group.labels, says, cases=behind)]


def spread(cells: list[MeasuredCell]) -> list[MarginNote]:
    """Groups whose standard deviations differ much: what assumes equal ones does not fit."""
    known = [
        (cell.number("sd"), cell) for cell in _grouped(cells) if number_of(cell.n) >= ENOUGH and cell.number("sd") > 0
    ]
    if len(known) < 2:
        return []
    low, high = min(known, key=lambda pair: pair[0]), max(known, key=lambda pair: pair[0])
    times = high[0] / low[0]
    if not UNEQUAL <= times < np.inf:
        return []
    says = say("its_sd_is_times_that", times=Cell(float(f"{times:.2g}"), Kind.EDGE))
    return [MarginNote("unequal_spread", high[1].variable, high[1].group.labels, says)]


def missing(cells: list[MeasuredCell]) -> list[MarginNote]:
    """Missing values that are more frequent in some groups than chance makes them."""
    known = [cell for cell in _grouped(cells) if isinstance(cell.missing, int)]
    counts = np.array([[cell.n, cell.missing] for cell in known], np.int64).reshape(-1, 2)
    if len(known) < 2 or not counts[:, 1].any():
        return []
    shares = counts[:, 1] / np.maximum(counts.sum(axis=1), 1)
    p = chi_square(counts).p
    if shares.max() - shares.min() < APART or not isinstance(p, float) or p >= CERTAIN:
        return []
    ends = {
        "low": Cell(100 * float(shares.min()), Kind.WHOLE_PERCENT),
        "high": Cell(100 * float(shares.max()), Kind.WHOLE_PERCENT),
    }
    worst = known[int(shares.argmax())]
    behind = Behind(f"{worst.variable}, missing", worst.group.named, missing=(worst.variable,))
    says = say("missing_differs_by_group_from", **ends)
    return [MarginNote("missing_differs", worst.variable, worst.group.labels, says, cases=behind)]


def _grouped(cells: list[MeasuredCell]) -> list[MeasuredCell]:
    """The groups of the first grouping with known counts."""
    first = next((cell for cell in cells if cell.group.named), None)
    if first is None:
        return []
    names = tuple(name for name, _ in first.group.named)
    return [c for c in cells if tuple(n for n, _ in c.group.named) == names and isinstance(c.n, int)]
