"""Cases put in order by group and value, once per variable; everything that needs order reads it from there."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray


@dataclass(frozen=True, eq=False)
class Arranged:
    """Valid values of one variable, group after group, ascending within each group.

    Attributes
    ----------
    values
        float64 (n,).
    rows
        int64 (n,), the row of each value in the source (from 0); equal values keep the order of their rows.
    bounds
        int64 (groups + 1,): group g is values[bounds[g]:bounds[g + 1]].
    """

    values: NDArray[np.float64]
    rows: NDArray[np.int64]
    bounds: NDArray[np.int64]

    @property
    def sizes(self) -> NDArray[np.int64]:
        return np.diff(self.bounds)

    @property
    def n_groups(self) -> int:
        return self.bounds.size - 1

    def group(self, which: int) -> NDArray[np.float64]:
        """The ascending values of one group."""
        return self.values[self.bounds[which] : self.bounds[which + 1]]


def arrange(values: NDArray[np.float64], codes: NDArray[np.integer], use: NDArray[np.bool_], n_groups: int) -> Arranged:
    """Arrange the used cases of a variable.

    Parameters
    ----------
    values
        float64 (rows,), finite where used.
    codes
        Integer (rows,): the group of each case, from 0; used cases have a code in range.
    use
        bool (rows,): the cases that count.

    Returns
    -------
    Arranged, with empty groups as empty ranges.
    """
    rows = np.flatnonzero(use)
    used = values[rows]
    if n_groups == 1:
        order = np.argsort(used, kind="stable")
        return Arranged(used[order], rows[order], np.array([0, rows.size]))
    group = codes[rows]
    order = np.lexsort((used, group))
    sizes = np.bincount(group, minlength=n_groups)
    return Arranged(used[order], rows[order], np.concatenate([[0], np.cumsum(sizes)]))
