"""How what is said of a table of counts comes about: chi-square and its p, Cramér's V, differences and ratios of two shares."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.text import say
from istrel.exhibits.verbs.sums_working import SMALL, Lines
from istrel.exhibits.working import Line, shown
from istrel.stats.association import chi_square
from istrel.stats.exact import AS_LIKELY

Counts = NDArray[np.int64]
MOST_CELLS = 24  # beyond, nobody adds them up by hand
MOST_SHARED_OUT = 1_000  # cases, of which the ways to share them out are a number of floating point


def chi_square_of(counts: Counts) -> Lines | None:
    """The p of chi-square of a table without empty rows and columns; None of a large one."""
    if counts.size > MOST_CELLS:
        return None
    rows, columns = counts.shape
    df, statistic = (rows - 1) * (columns - 1), _statistic(counts)
    steps: tuple[Line, ...] = (*chi_square_lines(counts), f"df = ({rows} − 1) × ({columns} − 1) = {df}")
    steps = (*steps, say("step_chi_square"))
    return "Q(χ²; df)", f"Q({shown(statistic)}; {df})", steps


def _statistic(counts: Counts) -> float:
    statistic = chi_square(counts).statistic
    assert isinstance(statistic, float)
    return statistic


def chi_square_lines(counts: Counts) -> tuple[str, ...]:
    """What would be expected in each cell, and the sum of how far the counts are from it."""
    rows, columns, n = counts.sum(axis=1), counts.sum(axis=0), int(counts.sum())
    expected = np.outer(rows, columns) / n
    steps = [
        f"E({i + 1}; {j + 1}) = {rows[i]} × {columns[j]} ÷ {n} = {shown(float(expected[i, j]))}"
        for i, j in np.ndindex(*counts.shape)
    ]
    parts = (f"({count} − {shown(e)})^2 ÷ {shown(e)}" for count, e in zip(counts.flat, expected.flat, strict=True))
    return (*steps, f"χ² = {' + '.join(parts)} = {shown(_statistic(counts))}")


def exact_lines(counts: Counts) -> Lines | None:
    """How many ways to share the cases out give tables that are no likelier, of all there are (Fisher); of 2 × 2 alone."""
    n = int(counts.sum())
    if counts.shape != (2, 2) or n > MOST_SHARED_OUT:
        return None
    (a, b), (c, _) = counts.tolist()
    row, column = a + b, a + c
    ways = {
        k: math.comb(row, k) * math.comb(n - row, column - k)
        for k in range(max(0, row + column - n), min(row, column) + 1)
    }
    extreme = sum(way for way in ways.values() if way <= ways[a] * AS_LIKELY)
    whole = math.comb(n, column)
    steps: tuple[Line, ...] = (
        say("step_arrangements", value=shown(whole)),
        say("step_arrangements_of_this", value=shown(ways[a])),
        say("step_arrangements_no_likelier", value=shown(extreme)),
    )
    return say("formula_exact_table"), f"{shown(extreme)} ÷ {shown(whole)}", steps


def v_lines(counts: Counts) -> Lines:
    """Corrected for bias, as printed (Bergsma 2013)."""
    n, (r, k), statistic = int(counts.sum()), counts.shape, _statistic(counts)
    steps: tuple[Line, ...] = (
        *chi_square_lines(counts),
        f"n = {n}",
        say("step_table_rows", n=str(r)),
        say("step_table_columns", n=str(k)),
    )
    root = "√((χ² ÷ n − (r − 1)(k − 1) ÷ (n − 1)) ÷ (m − (m − 1)² ÷ (n − 1) − 1))"
    formula = say("formula_v", formula=root)
    if statistic / n <= (r - 1) * (k - 1) / (n - 1):
        return say("formula_v_is_0", formula=formula), "0", steps
    m = min((r, k), key=lambda one: one - (one - 1) ** 2 / (n - 1))
    less = f"{shown(statistic)} ÷ {n} − {(r - 1) * (k - 1)} ÷ ({n} − 1)"
    return formula, f"√(({less}) ÷ ({m} − {(m - 1) ** 2} ÷ ({n} − 1) − 1))", steps


def shares_lines(counts: Counts) -> Lines:
    (_, _), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    return say("formula_difference_of_shares"), f"100 × ({a} ÷ {n} − {b} ÷ {m})", two_shares(a, n, b, m)


def two_shares(a: int, n: int, b: int, m: int) -> tuple[Line, ...]:
    counts = (say("step_counts_of_two", letter=SMALL[k], count=str(count)) for k, count in enumerate((a, b)))
    return next(counts), f"n₁ = {n}", next(counts), f"n₂ = {m}"


def ratio_lines(counts: Counts, *, odds: bool) -> Lines:
    (c, d), (a, b) = counts.tolist()
    n, m = counts.sum(axis=0).tolist()
    if odds:
        return say("formula_odds_ratio"), f"({a} ÷ {c}) ÷ ({b} ÷ {d})", two_shares(a, n, b, m)
    return say("formula_risk_ratio"), f"({a} ÷ {n}) ÷ ({b} ÷ {m})", two_shares(a, n, b, m)
