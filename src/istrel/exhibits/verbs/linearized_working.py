"""How the linearized error of a weighted sample comes about, whatever it is the error of."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.text import say
from istrel.exhibits.verbs.sums_working import MOST_GROUPS, SMALL
from istrel.exhibits.working import Line, shown
from istrel.stats.survey.sample import Sample


@dataclass(frozen=True)
class Linearized:
    """An error, its formula with the numbers filled in, and the steps before."""

    error: float
    formula: Line
    filled: str
    steps: tuple[Line, ...]

    @property
    def step(self) -> str:
        """The error itself as a step."""
        return f"SE = {self.filled} = {shown(self.error)}"


def linearized(
    sample: Sample, scores: NDArray[np.float64], used: NDArray[np.bool_], before: tuple[Line, ...]
) -> Linearized | None:
    """What the scores of clusters add up to, stratum by stratum; None of many strata, and lonely ones."""
    inside = used & (sample.clusters >= 0)
    strata = sample.sizes.size
    if strata > MOST_GROUPS or sample.lonely:
        return None
    z = np.bincount(sample.clusters[inside], scores[inside], minlength=sample.strata.size)
    steps: list[Line] = [*before, say("step_scores_of_rows" if sample.each else "step_scores_of_clusters")]
    parts, variance = [], 0.0
    for stratum in range(strata):  # over strata, not cases
        mine = z[sample.strata == stratum]
        c, squares = mine.size, math.fsum(((mine - mine.mean()) ** 2).tolist())
        letter = SMALL[stratum] if strata > 1 else ""
        steps += [f"c{letter} = {c}", f"Σ(z − z̄)²{letter} = {shown(squares)}"]
        parts.append(f"{c} ÷ ({c} − 1) × {shown(squares)}")
        variance += c / (c - 1) * squares
    formula = "√(c ÷ (c − 1) × Σ(z − z̄)²)" if strata == 1 else say("formula_error_of_strata")
    return Linearized(math.sqrt(variance), formula, f"√({' + '.join(parts)})", tuple(steps))
