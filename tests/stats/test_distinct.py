"""Which values there are, and where among them each stands: of few decimals, of many, huge and tiny."""

from __future__ import annotations

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from hypothesis.extra.numpy import arrays

from istrel.stats.distinct import distinct_values, places_among

VALUES = st.one_of(
    st.integers(-50, 50).map(float),
    st.integers(-9_999, 9_999).map(lambda k: k / 100),
    st.floats(-1e6, 1e6),
    st.sampled_from([1e308, -1e308, 5e-324, 0.1 + 0.2, 0.3, -0.0, 0.0]),
)


@given(arrays(np.float64, st.integers(1, 60), elements=VALUES))
def test_every_value_is_found_at_its_place(values: np.ndarray) -> None:
    distinct = distinct_values(values)
    assert (distinct[1:] > distinct[:-1]).all()
    assert np.array_equal(distinct[places_among(values, distinct)], values)
