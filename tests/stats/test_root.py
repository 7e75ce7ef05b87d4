"""Where a function is 0: to the last digits, from either side, and at an end."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.stats import special
from istrel.stats.root import root


@given(st.floats(-1e6, 1e6), st.floats(0, 1e3), st.floats(0, 1e3), st.booleans())
def test_a_root_is_found_to_the_last_digits(at: float, before: float, after: float, rising: bool) -> None:
    sign = 1 if rising else -1
    found = root(lambda x: sign * ((x - at) + (x - at) ** 3), at - before, at + after)
    assert found == pytest.approx(at, abs=1e-12 * max(1.0, abs(at)))


@pytest.mark.parametrize("off", [lambda x: x * x + 1, lambda x: x - 9, lambda x: x * float("nan")])
def test_where_nothing_changes_sign_no_end_is_given_for_a_root(off: Callable[[float], float]) -> None:
    with pytest.raises(ValueError, match="change of sign"):
        root(off, -1.0, 2.0)


def test_special_functions_are_those_of_scipy() -> None:
    from scipy import special as whole

    x = np.linspace(-3, 3, 13)
    for name in ("ndtr", "ndtri", "log_ndtr", "gammaln"):
        values = np.abs(x) / 4 + 0.1 if name == "ndtri" else x + 4 if name == "gammaln" else x
        assert np.array_equal(getattr(special, name)(values), getattr(whole, name)(values))
    assert special.stdtrit(7, 0.975) == whole.stdtrit(7, 0.975)
    assert special.nctdtr(9, 1.5, 2.0) == whole.nctdtr(9, 1.5, 2.0)
    assert special.binom(30, 4) == 27405
