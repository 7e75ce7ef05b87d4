"""How the statistics of a set of variables come about: Mardia's skewness and kurtosis, and the test of Henze and Zirkler."""

from __future__ import annotations

import math

import numpy as np

from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.check.compute import complete_of
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import SetCell
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats import multivariate

MOST_PAIRED = 3_000  # cases whose pairs are compared once more


def set_statistic(found: SetCell, test: str, statistic: float, cell: Cell, plan: CheckPlan) -> Working | None:
    """The statistic of a test of the set; None of Henze and Zirkler's where the cases are many."""
    p, n = len(found.variables), found.n
    assert isinstance(n, int)
    means = say("means_statistic_of_set", value=cell)
    given: tuple[Line, ...] = (f"n = {n}", f"p = {p}", say("step_standardized_set"))
    if test == "mardia_skewness":
        factor = (p + 1) * (n + 1) * (n + 3) / (n * ((n + 1) * (p + 1) - 6))
        b1 = 6 * statistic / (n * factor)
        filled = f"{n} × {shown(b1)} ÷ 6 × ({p} + 1) × ({n} + 1) × ({n} + 3) ÷ ({n} × (({n} + 1) × ({p} + 1) − 6))"
        formula = "n × b₁ ÷ 6 × (p + 1)(n + 1)(n + 3) ÷ (n((n + 1)(p + 1) − 6))"
        return Working(means, formula, filled, (*given, say("step_mardia_skewness", value=shown(b1))))
    if test == "mardia_kurtosis":
        usual = p * (p + 2)
        b2 = statistic * math.sqrt(8 * usual / n) + usual
        filled = f"({shown(b2)} − {p} × ({p} + 2)) ÷ √(8 × {p} × ({p} + 2) ÷ {n})"
        steps = (*given, say("step_mardia_kurtosis", value=shown(b2)))
        return Working(means, "(b₂ − p(p + 2)) ÷ √(8p(p + 2) ÷ n)", filled, steps)
    if n > MOST_PAIRED:
        return None
    pairs, single, b2 = multivariate.kernel_sums(*complete_of(found.group, plan))
    away, base = f"2 × (1 + {shown(b2)})^(−{p} ÷ 2) × {shown(single)}", f"{n} × (1 + 2 × {shown(b2)})^(−{p} ÷ 2)"
    steps = (
        *given,
        say("step_bandwidth_of_set", value=f"((2 × {p} + 1) × {n} ÷ 4)^(2 ÷ ({p} + 4)) ÷ 2 = {shown(b2)}"),
        say("step_near_pairs", value=shown(pairs)),
        say("step_near_middle", value=shown(single)),
    )
    formula = "A ÷ n − 2(1 + β²)^(−p ÷ 2) × B + n(1 + 2β²)^(−p ÷ 2)"
    return Working(means, formula, f"{shown(pairs)} ÷ {n} − {away} + {base}", steps)


def henze_zirkler_p(found: SetCell, statistic: float, cell: Cell) -> Working:
    """The p by the log-normal distribution with the mean and variance that the statistic has in normal sets."""
    assert isinstance(found.n, int)
    mean, variance = multivariate.henze_zirkler_moments(found.n, len(found.variables))
    location = float(np.log(np.sqrt(mean**4 / (variance + mean**2))))
    scale = float(np.sqrt(np.log((variance + mean**2) / mean**2)))
    m, v = shown(mean), shown(variance)
    steps = (
        say("step_expected_statistic", value=m),
        say("step_variance_of_statistic", value=v),
        f"L = ln(√({m}^4 ÷ ({v} + {m}^2))) = {shown(location)}",
        f"S = √(ln(({v} + {m}^2) ÷ {m}^2)) = {shown(scale)}",
        say("step_phi"),
    )
    filled = f"Φ(({signed(location)} − ln({shown(statistic)})) ÷ {shown(scale)})"
    return Working(say("means_p_of_set", value=cell), "Φ((L − ln(HZ)) ÷ S)", filled, steps)
