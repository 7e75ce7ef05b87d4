"""Values of extreme size brought to a size at which sums and squares neither overflow nor vanish."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
EXTREME = 400


def moderate(values: Array) -> tuple[Array, int]:
    """(values times 2 to the minus e, e): e is 0, and the values are as they were, unless their size is extreme.

    Parameters
    ----------
    values
        Finite numbers of any shape.

    Notes
    -----
    A power of two is exact both ways: `np.ldexp(result, e)` gives back a result that is in the unit of the values.
    """
    largest = float(np.abs(values).max(initial=0.0))
    exponent = int(np.frexp(largest)[1]) if largest else 0
    if abs(exponent) <= EXTREME:
        return values, 0
    return np.ldexp(values, -exponent), exponent
