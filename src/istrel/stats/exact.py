"""Exact tests of independence: Fisher's for 2 × 2, by enumeration for larger tables, by a seeded simulation beyond."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined, undefined

Counts = NDArray[np.int64]
SEED, DRAWS = 20_240_229, 20_000
MOST_TABLES = 200_000
AS_LIKELY = 1 + 1e-7
NOTHING = 800.0  # e to minus this is no number but 0
MOST_CASES, MOST_CELLS = 2_000, 400  # cells of all tables of an exhibit together


@dataclass(frozen=True)
class ExactTest:
    """An exact p, or why there is none.

    Attributes
    ----------
    way
        "fisher" for 2 × 2, "enumeration", or "simulation"; empty where there is none.
    error
        The standard error of a simulated p; 0 for the others.
    """

    p: float | Undefined
    way: str = ""
    error: float = 0.0


def exact_test(counts: Counts, *, wanted: bool = True, tables: int = 1) -> ExactTest:
    """Two-sided: the probability of all tables with these margins that are no more likely than this one.

    Parameters
    ----------
    wanted
        Whether a table beyond 2 × 2 is tested; a 2 × 2 table always is.
    tables
        How many tables the exhibit has: where they have many cells together, none larger than 2 × 2 is tested.

    Notes
    -----
    Rows and columns in which nothing stands do not count. Freeman & Halton 1951. A simulation draws 20,000 tables from a
    fixed seed; its p is (1 + extreme) / (1 + draws).
    """
    table = counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]
    if min(table.shape, default=0) < 2:
        return ExactTest(Undefined("fewer_than_2_rows_or"))
    if table.shape == (2, 2):
        return ExactTest(_fisher(table), "fisher")
    if not wanted:
        return ExactTest(Undefined("expected_counts_are_large_enough"))
    if table.sum() > MOST_CASES:
        return ExactTest(undefined("only_for_up_to_cases", n=MOST_CASES))
    if table.size * tables > MOST_CELLS:
        return ExactTest(undefined("only_for_up_to_cells", n=MOST_CELLS))
    return _of_cells(tuple(tuple(row) for row in table.tolist()))


@lru_cache(256)
def _of_cells(rows: tuple[tuple[int, ...], ...]) -> ExactTest:
    """The test of a table, found once while a table is set again with other settings."""
    table = np.array(rows, np.int64)
    enumerated = _enumerated(table)
    if enumerated is not None:
        return ExactTest(enumerated, "enumeration")
    p = _simulated(table)
    return ExactTest(p, "simulation", float(np.sqrt(p * (1 - p) / DRAWS)))


def _fisher(table: Counts) -> float:
    """Over the counts of the first cell; far from the likeliest their probability is 0 in double precision (Bernstein)."""
    (a, b), (c, d) = table.tolist()
    row, column, n = a + b, a + c, a + b + c + d
    likeliest = (row + 1) * (column + 1) // (n + 2)
    variance = row * column / n * (1 - row / n) * (n - column) / max(1, n - 1)
    reach = int(NOTHING / 3 + np.sqrt((NOTHING / 3) ** 2 + 2 * NOTHING * variance)) + 2
    first = max(0, row + column - n, likeliest - reach)
    k = np.arange(first, min(row, column, likeliest + reach) + 1, dtype=np.float64)
    if not k[0] <= a <= k[-1]:
        return 0.0
    steps = np.log((row - k[:-1]) / (k[:-1] + 1) * ((column - k[:-1]) / (n - row - column + k[:-1] + 1)))
    log_p = np.concatenate([[0.0], np.cumsum(steps)])
    weight = np.exp(log_p - log_p.max())
    here = weight[int(a - k[0])]
    return float(min(1.0, weight[weight <= here * AS_LIKELY].sum() / weight.sum()))


def _weights(tables: NDArray[np.integer]) -> NDArray[np.float64]:
    """The logarithm of the probability of tables (…, rows, columns) up to a constant that their margins decide."""
    from istrel.stats.special import gammaln

    return np.asarray(-gammaln(tables + 1.0).sum(axis=(-2, -1)))


def _enumerated(table: Counts) -> float | None:
    """The p over all tables with these margins; None where they are too many.

    Columns are filled one after the other; all partial fillings with one state of the row sums that are left go together
    only where that is needed, so every table is kept with its weight.
    """
    if table.shape[0] > table.shape[1]:
        table = table.T
    rows, columns = table.sum(axis=1), table.sum(axis=0)
    left, log_p = rows[None, :].astype(np.int64), np.zeros(1)
    from istrel.stats.special import gammaln

    for place, total in enumerate(columns[:-1].tolist()):
        ways = _compositions(total, rows)
        if ways is None or left.shape[0] * ways.shape[0] > 20 * MOST_TABLES:
            return None
        after = left[:, None, :] - ways[None, :, :]
        weight = log_p[:, None] - gammaln(ways + 1.0).sum(axis=1)[None, :]
        fits = (after >= 0).all(axis=2) & (after.sum(axis=2) == columns[place + 1 :].sum())
        left, log_p = after[fits], weight[fits]
        if left.shape[0] > MOST_TABLES:
            return None
    log_p = log_p - gammaln(left + 1.0).sum(axis=1)
    here = float(_weights(table))
    weight = np.exp(log_p - log_p.max())
    return float(min(1.0, weight[log_p <= here + np.log(AS_LIKELY)].sum() / weight.sum()))


def _compositions(total: int, rows: Counts) -> NDArray[np.int64] | None:
    """All ways to share a column's total out among the rows, shape (ways, rows); None where they are too many."""
    found = np.zeros((1, 0), np.int64)
    for place, most in enumerate(rows.tolist()):
        used = found.sum(axis=1)
        last = place == rows.size - 1
        if last:
            rest = total - used
            fits = (rest >= 0) & (rest <= most)
            return np.column_stack([found[fits], rest[fits]])
        counts = np.arange(min(most, total) + 1)
        grown = used[:, None] + counts[None, :] <= total
        if int(grown.sum()) > MOST_TABLES:
            return None
        which, count = np.nonzero(grown)
        found = np.column_stack([found[which], counts[count]])
    return found


def _simulated(table: Counts) -> float:
    """The p from tables drawn with these margins, cell by cell for all draws: each cell is hypergeometric given those before it.

    Patefield (1981) draws tables in this way; the time goes with the cells, not with the cases.
    """
    from istrel.stats.special import gammaln

    generator = np.random.default_rng(SEED)
    logarithms = gammaln(np.arange(int(table.sum()) + 1) + 1.0)
    left = np.broadcast_to(table.sum(axis=1), (DRAWS, table.shape[0])).copy()
    log_p = np.zeros(DRAWS)
    for total in table.sum(axis=0)[:-1].tolist():
        wanted = np.full(DRAWS, total)
        others = left.sum(axis=1)
        for row in range(table.shape[0] - 1):
            others -= left[:, row]
            drawn = generator.hypergeometric(left[:, row], others, wanted)
            left[:, row] -= drawn
            wanted -= drawn
            log_p -= logarithms[drawn]
        left[:, -1] -= wanted
        log_p -= logarithms[wanted]
    log_p -= logarithms[left].sum(axis=1)
    extreme = int((log_p <= float(_weights(table)) + np.log(AS_LIKELY)).sum())
    return (1 + extreme) / (1 + DRAWS)
