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
    from scipy.special import fdtrc

    used = use & (rows >= 0) & (columns >= 0)
    cells = np.where(used, rows * shape[1] + columns, -1)
    full = sample.sums(cells, shape[0] * shape[1]).reshape(shape)
    kept_rows, kept_columns = np.flatnonzero(full.sum(axis=1) > 0), np.flatnonzero(full.sum(axis=0) > 0)
    r, c = kept_rows.size, kept_columns.size
    if r < 2 or c < 2:
        return RaoScott(FEW)
    if sample.df <= 0:
        return RaoScott(NO_DF, p=NO_DF, v=_v(full))
    p = full / full.sum()
    n = float(used.sum())
    covariance = sample.covariance(sample.weights, cells, shape[0] * shape[1]) / full.sum() ** 2
    change = _jacobian(p, kept_rows, kept_columns)
    by_row, by_column = p.sum(axis=1)[kept_rows], p.sum(axis=0)[kept_columns]
    plain = np.kron(_multinomial(by_row)[:-1, :-1], _multinomial(by_column)[:-1, :-1])
    effects = np.linalg.solve(plain, n * change @ covariance @ change.T)
    trace, squared = float(np.trace(effects)), float(np.trace(effects @ effects))
    if not (trace > 0 and squared > 0):
        none = Undefined("its_standard_error_is_0")
        return RaoScott(none, p=none, v=_v(full))
    inside = p[np.ix_(kept_rows, kept_columns)]
    expected = np.outer(by_row, by_column)
    statistic = n * float(((inside - expected) ** 2 / expected).sum()) / trace
    first = trace**2 / squared
    second = first * sample.df
    return RaoScott(statistic, (first, second), float(fdtrc(first, second, statistic)), _v(full))


def _jacobian(p: Array, rows: NDArray[np.intp], columns: NDArray[np.intp]) -> Array:
    """How p(rc) − p(r) p(c) of all but the last row and column change with each cell's total (over their sum)."""
    by_row, by_column = p.sum(axis=1), p.sum(axis=0)
    row, column = (part.ravel() for part in np.indices(p.shape))
    made = np.empty(((rows.size - 1) * (columns.size - 1), p.size))
    place = 0
    for r in rows[:-1]:
        for c in columns[:-1]:
            own = ((row == r) & (column == c)) - p[r, c]
            made[place] = own - by_column[c] * ((row == r) - by_row[r]) - by_row[r] * ((column == c) - by_column[c])
            place += 1
    return made


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
