"""Independence in a cross-table of a weighted sample: the second-order correction of Rao and Scott (1984), as F."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined
from istrel.stats.survey.sample import Sample

Array = NDArray[np.float64]
FEW = Undefined("fewer_than_2_rows_or")
NO_DF = Undefined("too_few_clusters")
TOO_LARGE = Undefined("the_table_is_too_large")
MOST_EFFECTS = 600  # design effects of a table, whose covariances are a square of as many


@dataclass(frozen=True)
class RaoScott:
    """F with its degrees of freedom, and V of the weighted shares."""

    statistic: float | Undefined
    df: tuple[float, ...] = ()
    p: float | Undefined = FEW
    v: float | Undefined = FEW


def rao_scott(
    rows: NDArray[np.integer],
    columns: NDArray[np.integer],
    shape: tuple[int, int],
    use: NDArray[np.bool_],
    sample: Sample,
) -> RaoScott:
    """The test of a table; rows and columns without cases do not count.

    Parameters
    ----------
    rows, columns
        Integer (rows,): the level of each case on both sides, from 0; -1 for none.
    use
        bool (rows,): the cases of the domain.

    Notes
    -----
    X² = n Σ (p − p₀)²/p₀ from weighted shares; the eigenvalues of the generalized design effects δ come from the linearized
    covariance of the interactions p − p(row) p(column) over that of multinomial sampling under independence. F = X²/Σδ with
    (Σδ)²/Σδ² and that times (clusters − strata) degrees of freedom. With equal weights and no design Σδ is n/(n − 1) times
    close to the degrees of freedom.
    """
    from istrel.stats.special import fdtrc

    used = use & (rows >= 0) & (columns >= 0) & (sample.clusters >= 0)
    (row, r), (column, c) = (_with_cases(levels, used, n) for levels, n in zip((rows, columns), shape, strict=True))
    if r < 2 or c < 2:
        return RaoScott(FEW)
    cells = np.where(used, row * c + column, -1)
    full = sample.sums(cells, r * c).reshape(r, c)
    if sample.df <= 0:
        return RaoScott(NO_DF, p=NO_DF, v=_v(full))
    if (r - 1) * (c - 1) > MOST_EFFECTS:
        return RaoScott(TOO_LARGE, p=TOO_LARGE, v=_v(full))
    p = full / full.sum()
    n = float(used.sum())
    covariance = sample.covariance(sample.weights, cells, r * c) / full.sum() ** 2
    change = _jacobian(p)
    by_row, by_column = p.sum(axis=1), p.sum(axis=0)
    plain = np.kron(_multinomial(by_row)[:-1, :-1], _multinomial(by_column)[:-1, :-1])
    effects = np.linalg.solve(plain, n * change @ covariance @ change.T)
    trace, squared = float(np.trace(effects)), float(np.trace(effects @ effects))
    if not (trace > 0 and squared > 0):
        none = Undefined("its_standard_error_is_0")
        return RaoScott(none, p=none, v=_v(full))
    expected = np.outer(by_row, by_column)
    statistic = n * float(((p - expected) ** 2 / expected).sum()) / trace
    first = trace**2 / squared
    second = first * sample.df
    return RaoScott(statistic, (first, second), float(fdtrc(first, second, statistic)), _v(full))


def _with_cases(levels: NDArray[np.integer], used: NDArray[np.bool_], n: int) -> tuple[NDArray[np.int64], int]:
    """(the place of each case among the levels that any has, how many these are)."""
    there = np.bincount(levels[used], minlength=n) > 0
    places = np.cumsum(there) - 1
    return places[np.where(used, levels, 0)], int(there.sum())


def _jacobian(p: Array) -> Array:
    """How p(rc) − p(r) p(c) of all but the last row and column change with each cell's total (over their sum)."""
    r, c = p.shape
    by_row, by_column = p.sum(axis=1)[:-1, None, None, None], p.sum(axis=0)[None, :-1, None, None]
    in_row, in_column = np.eye(r)[:-1, None, :, None], np.eye(c)[None, :-1, None, :]
    own = in_row * in_column - p[:-1, :-1, None, None]
    made = own - by_column * (in_row - by_row) - by_row * (in_column - by_column)
    return np.asarray(made.reshape((r - 1) * (c - 1), r * c))


def _multinomial(p: Array) -> Array:
    return np.diag(p) - np.outer(p, p)


def _v(full: Array) -> float | Undefined:
    """Cramér's V of weighted shares."""
    p = full[full.sum(axis=1) > 0][:, full.sum(axis=0) > 0]
    least = min(p.shape) - 1
    if least < 1:
        return FEW
    p = p / p.sum()
    expected = np.outer(p.sum(axis=1), p.sum(axis=0))
    return float(np.sqrt(((p - expected) ** 2 / expected).sum() / least))
