"""The lines of tests of normality, filled: from the moments of a group, and p from the statistic that is printed beside it."""

from __future__ import annotations

import math
from collections.abc import Callable
from functools import partial

from istrel.exhibits.text import say
from istrel.exhibits.verbs.sums_working import E, Lines, Sums, mean_steps
from istrel.exhibits.working import Line, shown
from istrel.stats.normality import MOST_FOR_SHAPIRO_P

FEWEST_FOR_LOGARITHMS = 12  # values from which Royston's p is one formula
MOST_ANDERSON = 13.0  # beyond, p is that of 13 at most
ANDERSON = (  # up to which statistic: the three factors of the power of e, and whether p is what it leaves of 1
    (0.2, "−13.436", "+ 101.14", "− 223.73", True),
    (0.34, "−8.318", "+ 42.796", "− 59.938", True),
    (0.6, "0.9177", "− 4.279", "− 1.38", False),
    (math.inf, "1.2937", "− 5.709", "+ 0.0186", False),
)
SURELY_NORMAL = 0.302
NEARLY_NORMAL = (  # up to which modified distance: the factors of its powers
    (0.5, (2.76773, -19.828315, 80.709644, -138.55152, 81.218052)),
    (0.9, (-4.901232, 40.662806, -97.490286, 94.029866, -32.355711)),
    (1.31, (6.198765, -19.558097, 23.186922, -12.234627, 2.423045)),
)
NORMAL_P = 0.1  # p of Lilliefors' distance above comes from another one
MOST_AS_THEY_ARE = 100  # values; of more the distance is brought to that of so many


def exact(value: float) -> str:
    """A part with all its digits: differences of such parts are small."""
    return shown(value, times=1e6)


def exact_signed(value: float) -> str:
    text = exact(value)
    return f"({text})" if text.startswith("−") else text


def _shape(sums: Sums) -> tuple[float, float, tuple[Line, ...]]:
    """(g₁, b₂, the steps to these): skewness and kurtosis with n under their lines."""
    n, second, third, fourth = sums.n, sums.power(2), sums.power(3), sums.power(4)
    skewness, kurtosis = math.sqrt(n) * third / second**1.5, n * fourth / second**2
    steps = (
        *mean_steps(sums),
        f"Σ(x − M)² = {exact(second)}",
        f"Σ(x − M)³ = {exact(third)}",
        f"Σ(x − M)⁴ = {exact(fourth)}",
        f"g₁ = √({n}) × {exact_signed(third)} ÷ {exact(second)}^1.5 = {exact(skewness)}",
        f"b₂ = {n} × {exact(fourth)} ÷ {exact(second)}^2 = {exact(kurtosis)}",
    )
    return skewness, kurtosis, steps


def jarque_bera_lines(sums: Sums) -> Lines:
    skewness, kurtosis, steps = _shape(sums)
    filled = f"{sums.n} ÷ 6 × ({exact_signed(skewness)}^2 + ({exact(kurtosis)} − 3)^2 ÷ 4)"
    return "n ÷ 6 × (g₁² + (b₂ − 3)² ÷ 4)", filled, steps


def dagostino_lines(sums: Sums) -> Lines:
    """Both shapes as normal deviates: D'Agostino (1970), Anscombe and Glynn (1983)."""
    skewness, kurtosis, steps = _shape(sums)
    n = float(sums.n)
    y = skewness * math.sqrt((n + 1) * (n + 3) / (6 * (n - 2)))
    beta = 3 * (n**2 + 27 * n - 70) * (n + 1) * (n + 3) / ((n - 2) * (n + 5) * (n + 7) * (n + 9))
    w2 = -1 + math.sqrt(2 * (beta - 1))
    delta, reach = math.log(math.sqrt(w2)), y / math.sqrt(2 / (w2 - 1))
    first = math.asinh(reach) / math.sqrt(delta)
    expected, spread = 3 * (n - 1) / (n + 1), 24 * n * (n - 2) * (n - 3) / ((n + 1) ** 2 * (n + 3) * (n + 5))
    x = (kurtosis - expected) / math.sqrt(spread)
    of_x = 6 * (n**2 - 5 * n + 2) / ((n + 7) * (n + 9)) * math.sqrt(6 * (n + 3) * (n + 5) / (n * (n - 2) * (n - 3)))
    a = 6 + 8 / of_x * (2 / of_x + math.sqrt(1 + 4 / of_x**2))
    inner = (1 - 2 / a) / (1 + x * math.sqrt(2 / (a - 4)))
    second = (1 - 2 / (9 * a) - math.cbrt(inner)) / math.sqrt(2 / (9 * a))
    m = sums.n
    lines = (
        *steps,
        f"y = {exact_signed(skewness)} × √(({m} + 1) × ({m} + 3) ÷ (6 × ({m} − 2))) = {exact(y)}",
        f"β = 3 × ({m}^2 + 27 × {m} − 70) × ({m} + 1) × ({m} + 3) ÷ (({m} − 2) × ({m} + 5) × ({m} + 7) × ({m} + 9))"
        f" = {exact(beta)}",
        f"w = −1 + √(2 × ({exact(beta)} − 1)) = {exact(w2)}",
        f"u = {exact_signed(y)} ÷ √(2 ÷ ({exact(w2)} − 1)) = {exact(reach)}",
        f"z₁ = ln({exact_signed(reach)} + √({exact_signed(reach)}^2 + 1)) ÷ √(ln({exact(w2)}) ÷ 2) = {exact(first)}",
        f"E = 3 × ({m} − 1) ÷ ({m} + 1) = {exact(expected)}",
        f"V = 24 × {m} × ({m} − 2) × ({m} − 3) ÷ (({m} + 1)^2 × ({m} + 3) × ({m} + 5)) = {exact(spread)}",
        f"k = ({exact(kurtosis)} − {exact(expected)}) ÷ √({exact(spread)}) = {exact(x)}",
        f"s = 6 × ({m}^2 − 5 × {m} + 2) ÷ (({m} + 7) × ({m} + 9))"
        f" × √(6 × ({m} + 3) × ({m} + 5) ÷ ({m} × ({m} − 2) × ({m} − 3))) = {exact(of_x)}",
        f"A = 6 + 8 ÷ {exact(of_x)} × (2 ÷ {exact(of_x)} + √(1 + 4 ÷ {exact(of_x)}^2)) = {exact(a)}",
        f"c = (1 − 2 ÷ {exact(a)}) ÷ (1 + {exact_signed(x)} × √(2 ÷ ({exact(a)} − 4))) = {exact(inner)}",
    )
    root = f"{exact(inner)}^(1 ÷ 3)" if inner > 0 else f"(−({exact(-inner)}^(1 ÷ 3)))"
    last = f"z₂ = (1 − 2 ÷ (9 × {exact(a)}) − {root}) ÷ √(2 ÷ (9 × {exact(a)})) = {exact(second)}"
    return "z₁² + z₂²", f"{exact_signed(first)}^2 + {exact_signed(second)}^2", (*lines, last)


def _p_of_chi_square(statistic: float, _: int, *, letter: str) -> Lines:
    """Of chi-square with two degrees of freedom."""
    return f"e^(−{letter} ÷ 2)", f"{E}^(−{exact(statistic)} ÷ 2)", (f"{letter} = {exact(statistic)}",)


def _p_of_anderson(statistic: float, _: int) -> Lines | None:
    """By D'Agostino and Stephens' (1986) formulas, one for each range of the statistic; far out none is needed."""
    if statistic > MOST_ANDERSON:
        return None
    _most, first, second, third, above = next(piece for piece in ANDERSON if statistic < piece[0])
    a = exact(statistic)
    formula = f"e^({first} {second} × A²* {third} × A²*²)"
    filled = f"{E}^({first} {second} × {a} {third} × {a}^2)"
    steps = (f"A²* = {a}",)
    return (f"1 − {formula}", f"1 − {filled}", steps) if above else (formula, filled, steps)


def _p_of_few(statistic: float, n: int) -> Lines | None:
    """Of three values by the exact distribution of W, of four to eleven by Royston's (1995) deviate of −ln(γ − ln(1 − W))."""
    w = exact(statistic)
    if n == 3:
        if statistic <= 0.75:
            return "6 ÷ π × (arcsin √W − arcsin √0.75)", "0", (f"W = {w}",)
        filled = f"6 ÷ {math.pi:.12f} × (arcsin(√({w})) − arcsin(√(0.75)))"
        return "6 ÷ π × (arcsin √W − arcsin √0.75)", filled, (f"W = {w}",)
    gamma, y = -2.273 + 0.459 * n, math.log1p(-statistic)
    if y >= gamma:
        return None
    of_w = -math.log(gamma - y)
    middle = 0.5440 - 0.39978 * n + 0.025054 * n**2 - 6.714e-4 * n**3
    spread = math.exp(1.3822 - 0.77857 * n + 0.062767 * n**2 - 0.0020322 * n**3)
    z = (of_w - middle) / spread
    steps: tuple[Line, ...] = (
        f"n = {n}",
        f"γ = −2.273 + 0.459 × {n} = {exact(gamma)}",
        f"L = −ln({exact(gamma)} − ln(1 − {w})) = {exact(of_w)}",
        f"m = 0.544 − 0.39978 × {n} + 0.025054 × {n}^2 − 0.0006714 × {n}^3 = {exact(middle)}",
        f"s = {E}^(1.3822 − 0.77857 × {n} + 0.062767 × {n}^2 − 0.0020322 × {n}^3) = {exact(spread)}",
        f"z = ({exact_signed(of_w)} − {exact_signed(middle)}) ÷ {exact(spread)} = {exact(z)}",
        say("step_phi"),
    )
    return "Φ(−z), z = (L − m) ÷ s, L = −ln(γ − ln(1 − W))", f"Φ({exact(-z)})", steps


def _p_of_shapiro(statistic: float, n: int) -> Lines | None:
    """By Royston's (1995) normal deviate of ln(1 − W), from 12 values on."""
    if not 0 < statistic < 1 or n > MOST_FOR_SHAPIRO_P:
        return None
    if n < FEWEST_FOR_LOGARITHMS:
        return _p_of_few(statistic, n)
    size = math.log(n)
    middle = -1.5861 - 0.31082 * size - 0.083751 * size**2 + 0.0038915 * size**3
    spread = math.exp(-0.4803 - 0.082676 * size + 0.0030302 * size**2)
    z, of_n = (math.log1p(-statistic) - middle) / spread, exact(size)
    steps: tuple[Line, ...] = (
        f"L = ln({n}) = {of_n}",
        f"m = −1.5861 − 0.31082 × {of_n} − 0.083751 × {of_n}^2 + 0.0038915 × {of_n}^3 = {exact(middle)}",
        f"s = {E}^(−0.4803 − 0.082676 × {of_n} + 0.0030302 × {of_n}^2) = {exact(spread)}",
        f"z = (ln(1 − {exact(statistic)}) − {exact_signed(middle)}) ÷ {exact(spread)} = {exact(z)}",
        say("step_phi"),
    )
    return "Φ(−z), z = (ln(1 − W) − m) ÷ s", f"Φ({exact(-z)})", steps


def _p_of_lilliefors(statistic: float, n: int) -> Lines | None:
    """By Dallal and Wilkinson's (1986) formula, where it holds."""
    many = n > MOST_AS_THEY_ARE
    d, k = (statistic * (n / 100) ** 0.49, 100) if many else (statistic, n)
    root = math.sqrt(k + 2.78019)
    power = -7.01256 * d**2 * (k + 2.78019) + 2.99587 * d * root - 0.122119 + 0.974598 / math.sqrt(k) + 1.67997 / k
    if math.exp(power) > NORMAL_P:
        return _p_of_near_normal(statistic, n)
    formula = "e^(−7.01256 × d²(k + 2.78019) + 2.99587 × d√(k + 2.78019) − 0.122119 + 0.974598 ÷ √k + 1.67997 ÷ k)"
    filled = (
        f"{E}^(−7.01256 × {exact(d)}^2 × ({k} + 2.78019) + 2.99587 × {exact(d)} × √({k} + 2.78019)"
        f" − 0.122119 + 0.974598 ÷ √({k}) + 1.67997 ÷ {k})"
    )
    step = f"d = {exact(statistic)} × ({n} ÷ 100)^0.49 = {exact(d)}" if many else f"d = {exact(d)}"
    return formula, filled, (step, f"k = {k}")


def _p_of_near_normal(statistic: float, n: int) -> Lines:
    """Above .10 by Stephens' (1974) modified distance, one curve for each range of it."""
    s = (math.sqrt(n) - 0.01 + 0.85 / math.sqrt(n)) * statistic
    given = f"D = {exact(statistic)}"
    step = f"s = (√({n}) − 0.01 + 0.85 ÷ √({n})) × {exact(statistic)} = {exact(s)}"
    if s <= SURELY_NORMAL:
        return say("formula_at_most_1", formula=f"s ≤ {SURELY_NORMAL}"), "1", (given, step)
    curve = next((factors for most, factors in NEARLY_NORMAL if s <= most), None)
    if curve is None:
        return say("formula_no_less_than_0", formula=f"s > {NEARLY_NORMAL[-1][0]}"), "0", (given, step)
    value = sum(factor * s**power for power, factor in enumerate(curve))
    letters = " ".join(_term(factor, power, "s") for power, factor in enumerate(curve))
    filled = " ".join(_term(factor, power, exact(s)) for power, factor in enumerate(curve))
    if value >= 1:
        return say("formula_at_most_1", formula=letters), "1", (given, step)
    return letters, filled, (given, step)


def _term(factor: float, power: int, letter: str) -> str:
    sign = ("−" if factor < 0 else "") if power == 0 else ("− " if factor < 0 else "+ ")
    times = "" if power == 0 else f" × {letter}" if power == 1 else f" × {letter}^{power}"
    return f"{sign}{abs(factor)}{times}"


P_LINES: dict[str, Callable[[float, int], Lines | None]] = {
    "shapiro_wilk": _p_of_shapiro,
    "anderson_darling": _p_of_anderson,
    "lilliefors": _p_of_lilliefors,
    "dagostino_pearson": partial(_p_of_chi_square, letter="K²"),
    "jarque_bera": partial(_p_of_chi_square, letter="JB"),
}
