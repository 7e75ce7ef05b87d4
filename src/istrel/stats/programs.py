"""Programs over one table: what a count can be, as any number or in whole numbers, while equations come and go.

The program is kept between questions, so that each begins where the last one ended.
"""

from __future__ import annotations

from typing import Any

import numpy as np
from numpy.typing import NDArray

FAR = 1e9  # more cases than any exhibit has
MOST_CASES = 1e7  # of a whole number
MOST_NODES = 20_000  # that are looked at for whole numbers: where that is not enough, none are found
ENOUGH = 1e-6  # of a dual value, that an equation binds

Array = NDArray[np.float64]


class Programs:
    """Non-negative numbers under equations, of which some hold for good and others only while they are shown.

    Parameters
    ----------
    members, links
        Sparse (equations, numbers): those that come and go, and those that are 0 for good.
    values
        int64 (equations,): what the former come to.
    """

    def __init__(self, members: Any, values: NDArray[np.int64], links: Any) -> None:
        import highspy
        from scipy.sparse import vstack

        class Quiet(highspy.Highs):
            """Without the callbacks, which greet on standard output, where tables go."""

            def __init__(self) -> None:
                super(highspy.Highs, self).__init__()

        self._values = values.astype(np.float64)
        self._model = Quiet()
        self._model.setOptionValue("output_flag", False)
        self._model.setOptionValue("mip_max_nodes", MOST_NODES)
        self._solved = highspy.HighsModelStatus.kOptimal
        self._kinds = highspy.HighsVarType.kContinuous, highspy.HighsVarType.kInteger
        rows = vstack([members, links]).tocsr()
        rows.sort_indices()
        self._size = rows.shape[1]
        self._columns = np.arange(self._size, dtype=np.int32)
        self._model.addVars(self._size, np.zeros(self._size), np.full(self._size, FAR))
        self._held = np.zeros(values.size, bool)
        low = np.concatenate([np.full(values.size, -np.inf), np.zeros(links.shape[0])])
        starts = rows.indptr[:-1].astype(np.int32)
        self._model.addRows(rows.shape[0], low, -low, rows.nnz, starts, rows.indices.astype(np.int32), rows.data)

    def hold(self, shown: NDArray[np.bool_]) -> None:
        """Which equations hold from now on."""
        for row in np.flatnonzero(shown != self._held).tolist():
            value = self._values[row]
            self._model.changeRowBounds(row, *((value, value) if shown[row] else (-np.inf, np.inf)))
        self._held = shown.copy()

    def least(self, goal: Array) -> tuple[NDArray[np.bool_], Array] | None:
        """(which equations bind, numbers for which this sum of them is least); None where there are none."""
        self._model.changeColsCost(self._size, self._columns, goal)
        self._model.run()
        if self._model.getModelStatus() != self._solved:
            return None
        found = self._model.getSolution()
        binds = np.abs(np.asarray(found.row_dual[: self._values.size])) > ENOUGH
        return binds & self._held, np.asarray(found.col_value)

    def whole(self, place: int, low: float, high: float) -> NDArray[np.int64] | None:
        """Whole numbers for which a sum that need not hold otherwise lies from low to high; None where none are found."""
        self._model.changeColsCost(self._size, self._columns, np.zeros(self._size))
        self._model.changeRowBounds(place, low, high)
        self._allow(MOST_CASES, whole=True)
        self._model.run()
        solved, found = self._model.getModelStatus() == self._solved, self._model.getSolution()
        self._allow(FAR, whole=False)
        self._model.changeRowBounds(place, -np.inf, np.inf)
        return np.rint(found.col_value).astype(np.int64) if solved else None

    def _allow(self, most: float, *, whole: bool) -> None:
        self._model.changeColsBounds(self._size, self._columns, np.zeros(self._size), np.full(self._size, most))
        self._model.changeColsIntegrality(self._size, self._columns, np.array([self._kinds[whole]] * self._size))
