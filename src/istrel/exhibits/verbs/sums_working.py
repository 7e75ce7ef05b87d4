"""How n, means and standard deviations come about: from the sums of which they were computed."""

from __future__ import annotations

import math
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.text import say
from istrel.exhibits.working import Line, shown, signed
from istrel.stats import moments
from istrel.stats.student import t_quantile

E = "2.718281828459"  # the base of natural logarithms
PI = "3.141592653590"
SMALL = "₁₂₃₄₅₆₇₈₉"  # the groups in their order
MOST_GROUPS = len(SMALL)  # of more no working is shown
Lines = tuple[Line, str, tuple[Line, ...]]  # formula, filled, steps


def student(df: float, level: float, *, times: float = 1.0) -> tuple[str, str]:
    """(Student's t of an interval as a part of a working, the step that says so); `times` is what it is multiplied by."""
    t = shown(t_quantile(df, level), times=times)
    return t, f"t({shown(df)}; {shown(0.5 + level / 2)}) = {t}"


@dataclass(frozen=True, eq=False)
class Sums:
    """The sums of the values of one group."""

    moments: moments.Moments

    @property
    def n(self) -> int:
        return int(self.moments.n[0])

    @property
    def total(self) -> float:
        return float(moments.total(self.moments).values[0])

    @property
    def mean(self) -> float:
        return float(moments.mean(self.moments).values[0])

    @property
    def variance(self) -> float:
        return float(moments.variance(self.moments).values[0])

    def power(self, k: int) -> float:
        """The sum of the k-th powers of the distances from the mean."""
        part = {2: self.moments.second, 3: self.moments.third, 4: self.moments.fourth}[k].rounded
        return float(np.ldexp(part[0], k * int(self.moments.exponent[0])))


def mean_lines(sums: Sums) -> Lines:
    return "Σx ÷ n", f"{signed(sums.total)} ÷ {sums.n}", (f"Σx = {shown(sums.total)}", f"n = {sums.n}")


def mean_steps(sums: Sums) -> tuple[Line, ...]:
    """The steps to the mean, and the mean."""
    _, filled, steps = mean_lines(sums)
    return (*steps, f"M = {filled} = {shown(sums.mean)}")


def variance_lines(sums: Sums) -> Lines:
    filled = f"{shown(sums.power(2))} ÷ ({sums.n} − 1)"
    return "Σ(x − M)² ÷ (n − 1)", filled, (*mean_steps(sums), f"Σ(x − M)² = {shown(sums.power(2))}")


def sd_lines(sums: Sums) -> Lines:
    formula, filled, steps = variance_lines(sums)
    return f"√({formula})", f"√({filled})", (*steps, f"s² = {filled} = {shown(sums.variance)}")


def skewness_lines(sums: Sums) -> Lines:
    n, third, sd = sums.n, sums.power(3), sums.variance**0.5
    filled = f"{n} ÷ (({n} − 1) × ({n} − 2)) × {signed(third)} ÷ {shown(sd)}^3"
    steps = (*sd_lines(sums)[2], f"SD = {shown(sd)}", f"Σ(x − M)³ = {shown(third)}")
    return "n ÷ ((n − 1) × (n − 2)) × Σ(x − M)³ ÷ SD³", filled, steps


def kurtosis_lines(sums: Sums) -> Lines:
    n, fourth, sd = sums.n, sums.power(4), sums.variance**0.5
    first = f"{n} × ({n} + 1) ÷ (({n} − 1) × ({n} − 2) × ({n} − 3)) × {shown(fourth)} ÷ {shown(sd)}^4"
    filled = f"{first} − 3 × ({n} − 1)^2 ÷ (({n} − 2) × ({n} − 3))"
    formula = "n(n + 1) ÷ ((n − 1)(n − 2)(n − 3)) × Σ(x − M)⁴ ÷ SD⁴ − 3(n − 1)² ÷ ((n − 2)(n − 3))"
    return formula, filled, (*sd_lines(sums)[2], f"SD = {shown(sd)}", f"Σ(x − M)⁴ = {shown(fourth)}")


def alpha_lines(rest: NDArray[np.float64]) -> Lines:
    """Cronbach's alpha of complete answers, shape (cases, items)."""
    k, variances, total = rest.shape[1], rest.var(axis=0, ddof=1), float(rest.sum(axis=1).var(ddof=1))
    own = math.fsum(variances.tolist())
    steps = (
        f"k = {k}",
        f"n = {rest.shape[0]}",
        say("step_sum_of_variances", value=shown(own)),
        say("step_variance_of_sum", value=shown(total)),
    )
    return "k ÷ (k − 1) × (1 − Σs² ÷ s²t)", f"{k} ÷ ({k} − 1) × (1 − {shown(own)} ÷ {shown(total)})", steps
