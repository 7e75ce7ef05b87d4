"""Cross-tables of two categories: percentages, expected counts, residuals, tests and coefficients of association."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined

Array = NDArray[np.float64]
Counts = NDArray[np.int64]
SMALL_EXPECTED, SMALL_SHARE = 5.0, 0.2


@dataclass(frozen=True)
class ChiSquare:
    """Pearson's chi-square; `small` is the share of expected counts below 5."""

    statistic: float | Undefined
    df: int
    p: float | Undefined
    small: float


@dataclass(frozen=True)
class Association:
    """Coefficients of association, each with its value or why there is none."""

    cramers_v: float | Undefined
    cramers_v_corrected: float | Undefined
    phi: float | Undefined
    gamma: float | Undefined
    tau_b: float | Undefined


def expected_counts(counts: Counts) -> Array:
    """Counts that independence would give, shape as `counts`."""
    whole = counts.astype(np.float64)  # the product of two margins may be no int64
    n = whole.sum()
    return np.outer(whole.sum(axis=1), whole.sum(axis=0)) / n if n else np.zeros(counts.shape)


def adjusted_residuals(counts: Counts) -> Array:
    """(observed - expected) / sqrt(expected (1 - row share)(1 - column share)); NaN where that is 0 (Haberman 1973)."""
    n = max(1, int(counts.sum()))
    expected = expected_counts(counts)
    rows, columns = counts.sum(axis=1) / n, counts.sum(axis=0) / n
    with np.errstate(divide="ignore", invalid="ignore"):
        residuals = (counts - expected) / np.sqrt(expected * np.outer(1 - rows, 1 - columns))
    return np.where(np.isfinite(residuals), residuals, np.nan)


def _occupied(counts: Counts) -> Counts:
    """Without rows and columns in which nothing stands."""
    return counts[counts.sum(axis=1) > 0][:, counts.sum(axis=0) > 0]


def chi_square(counts: Counts) -> ChiSquare:
    """Pearson's chi-square of independence over the rows and columns that occur."""
    from istrel.stats.special import chdtrc

    table = _occupied(counts)
    if min(table.shape, default=0) < 2:
        none = Undefined("fewer_than_2_rows_or")
        return ChiSquare(none, 0, none, 0.0)
    expected = expected_counts(table)
    statistic = float(((table - expected) ** 2 / expected).sum())
    df = (table.shape[0] - 1) * (table.shape[1] - 1)
    return ChiSquare(statistic, df, float(chdtrc(df, statistic)), float((expected < SMALL_EXPECTED).mean()))


def cramers_v(counts: Counts) -> tuple[float | Undefined, float | Undefined]:
    """(Cramér's V, V with the correction for bias of Bergsma 2013)."""
    table = _occupied(counts)
    found = chi_square(table)
    if isinstance(found.statistic, Undefined):
        return found.statistic, found.statistic
    n = float(table.sum())
    r, k = table.shape
    phi2 = found.statistic / n
    plain = np.sqrt(phi2 / (min(r, k) - 1))
    if n < 2:
        return float(plain), Undefined("fewer_than_2_cases")
    less = max(0.0, phi2 - (r - 1) * (k - 1) / (n - 1))
    rows, columns = r - (r - 1) ** 2 / (n - 1), k - (k - 1) ** 2 / (n - 1)
    room = min(rows, columns) - 1
    corrected = float(np.sqrt(less / room)) if room > 0 else Undefined("too_few_cases_for_the")
    return float(min(1.0, plain)), corrected


def association(counts: Counts, *, ordered: bool) -> Association:
    """All coefficients that fit the table; gamma and tau-b only where both variables are ordered."""
    v, corrected = cramers_v(counts)
    phi: float | Undefined = Undefined("only_for_a_2_2")
    occupied = _occupied(counts)
    if occupied.shape == (2, 2):
        (a, b), (c, d) = occupied.astype(np.float64)
        room = np.sqrt((a + b) * (c + d)) * np.sqrt((a + c) * (b + d))
        phi = float((a * d - b * c) / room) if room > 0 else Undefined("a_row_or_column_is")
    gamma: float | Undefined = Undefined("only_where_both_variables_are")
    tau_b: float | Undefined = gamma
    if ordered:
        gamma, tau_b = _concordance(counts)
    return Association(v, corrected, phi, gamma, tau_b)


def pairs_in_order(counts: Counts) -> tuple[float, float]:
    """(pairs of cases that both variables put in the same order, in opposite orders)."""
    table = counts.astype(np.float64)
    below = np.cumsum(np.cumsum(table[::-1, ::-1], axis=0), axis=1)[::-1, ::-1]
    left = np.cumsum(np.cumsum(table[::-1], axis=0), axis=1)[::-1]
    return float((table[:-1, :-1] * below[1:, 1:]).sum()), float((table[:-1, 1:] * left[1:, :-1]).sum())


def _concordance(counts: Counts) -> tuple[float | Undefined, float | Undefined]:
    """(Goodman & Kruskal's gamma, Kendall's tau-b) of a table of ordered rows and columns."""
    table = counts.astype(np.float64)
    concordant, discordant = pairs_in_order(counts)
    if concordant + discordant == 0:
        none = Undefined("no_pairs_that_differ_in")
        return none, none
    n = table.sum()
    total = n * (n - 1) / 2
    rows, columns = table.sum(axis=1), table.sum(axis=0)
    room = np.sqrt(total - (rows * (rows - 1) / 2).sum()) * np.sqrt(total - (columns * (columns - 1) / 2).sum())
    difference = concordant - discordant
    return difference / (concordant + discordant), float(difference / room)
