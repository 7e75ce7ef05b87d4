"""How the numbers of the test under a cross-table come about: chi-square, its p, V, gamma, the exact p, Rao and Scott's F."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np

from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CrossCell
from istrel.exhibits.verbs.count.words import table_row
from istrel.exhibits.verbs.sums_working import Lines
from istrel.exhibits.verbs.table_working import (
    MOST_CELLS,
    Counts,
    chi_square_lines,
    chi_square_of,
    exact_lines,
    v_lines,
)
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown
from istrel.stats.association import pairs_in_order


def explain_table(found: CrossCell, cell: Cell, plan: CountPlan) -> Working | None:
    """The working; None for a table whose counts are hidden, for large ones, and for what no table of counts gives."""
    if cell.row != table_row(found) or found.hidden is not None:
        return None
    if found.rao_scott is not None:
        return _weighted(found, cell, plan)
    key, make = OF_TEST.get(cell.column, ("", None))
    counts = found.counts[found.counts.sum(axis=1) > 0][:, found.counts.sum(axis=0) > 0]
    lines = None if make is None else make(counts)
    return None if lines is None else Working(say(key, value=cell, **_named(found, plan)), *lines)


def _named(found: CrossCell, plan: CountPlan) -> dict[str, Text]:
    row, column = (titled(plan.data.variable(name)) for name in found.names)
    return {"row": row, "column": column}


def _whole(counts: Counts) -> Lines:
    return "N", " + ".join(map(str, counts.sum(axis=1).tolist())), ()


def _df(counts: Counts) -> Lines:
    rows, columns = counts.shape
    given = say("step_table_rows", n=str(rows)), say("step_table_columns", n=str(columns))
    return "(r − 1) × (k − 1)", f"({rows} − 1) × ({columns} − 1)", given


def _chi_square(counts: Counts) -> Lines | None:
    if counts.size > MOST_CELLS:
        return None
    *steps, last = chi_square_lines(counts)
    _, filled, _ = last.split(" = ")
    return "Σ(count − E)² ÷ E", filled, (*steps, f"N = {int(counts.sum())}")


def _gamma(counts: Counts) -> Lines:
    same, other = pairs_in_order(counts)
    steps: tuple[Line, ...] = (say("step_concordant", value=shown(same)), say("step_discordant", value=shown(other)))
    return "(C − D) ÷ (C + D)", f"({shown(same)} − {shown(other)}) ÷ ({shown(same)} + {shown(other)})", steps


def _weighted(found: CrossCell, cell: Cell, plan: CountPlan) -> Working | None:
    """The p of Rao and Scott's F, and V of the weighted shares; None for F itself, which no hand follows."""
    test = found.rao_scott
    if test is None or found.weighted is None:
        return None
    words = _named(found, plan)
    if cell.column == "p" and isinstance(test.statistic, float):
        df1, df2, f = *map(shown, test.df), shown(test.statistic)
        given = f"F = {f}", f"df₁ = {df1}", f"df₂ = {df2}", say("step_fisher")
        return Working(say("means_p_of_table", value=cell, **words), "P(F; df₁; df₂)", f"P({f}; {df1}; {df2})", given)
    if cell.column != "V" or found.weighted.size > MOST_CELLS:
        return None
    shares = found.weighted / found.weighted.sum()
    expected = np.outer(shares.sum(axis=1), shares.sum(axis=0))
    held = expected > 0
    terms = ((shares[held] - expected[held]) ** 2 / expected[held]).tolist()
    m = min((expected.sum(axis=1) > 0).sum(), (expected.sum(axis=0) > 0).sum()) - 1
    steps = (
        say("step_weighted_shares", values="; ".join(map(shown, shares.ravel().tolist()))),
        say("step_shares_by_chance", values="; ".join(map(shown, expected.ravel().tolist()))),
        f"X = {' + '.join(map(shown, terms))} = {shown(sum(terms))}",
        f"m = {m}",
    )
    return Working(say("means_v_of_table", value=cell, **words), "√(X ÷ m)", f"√({shown(sum(terms))} ÷ {m})", steps)


OF_TEST: dict[str, tuple[str, Callable[[Counts], Lines | None]]] = {
    "N": ("means_n_of_table", _whole),
    "df": ("means_df", _df),
    "chi_square": ("means_chi_square_of_table", _chi_square),
    "p": ("means_p_of_table", chi_square_of),
    "exact p": ("means_p_of_table", exact_lines),
    "V": ("means_v_of_table", lambda counts: v_lines(counts) if counts.size <= MOST_CELLS else None),
    "gamma": ("means_gamma", _gamma),
}
