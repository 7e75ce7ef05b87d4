"""The lines of differences of means, filled: Hedges’ g, and the p of Welch’s t and F."""

from __future__ import annotations

from istrel.exhibits.text import say
from istrel.exhibits.verbs.sums_working import SMALL, Lines, Sums, mean_lines, sd_lines, variance_lines
from istrel.exhibits.working import Line, shown, signed
from istrel.stats.differences.common import GroupTest

NEAR = 20.0  # times their difference, from which means need more digits
OMEGA = "df₁(F − 1) ÷ (df₁(F − 1) + N)"


def group_steps(*groups: Sums) -> tuple[str, ...]:
    """n, mean and variance of each group."""
    steps: list[str] = []
    for letter, sums in zip(SMALL[: len(groups)], groups, strict=True):
        steps += [f"n{letter} = {sums.n}", f"M{letter} = {mean_lines(sums)[1]} = {_mean(sums, groups)}"]
        steps += [f"s²{letter} = {variance_lines(sums)[1]} = {shown(sums.variance)}"]
    return tuple(steps)


def _mean(sums: Sums, groups: tuple[Sums, ...]) -> str:
    """A mean with as many digits as its difference from that of the other of two groups needs."""
    apart = abs(groups[0].mean - groups[1].mean) if len(groups) == 2 else 0.0
    near = apart > 0 and abs(sums.mean) > NEAR * apart
    return shown(sums.mean, times=min(1e8, 1e3 * abs(sums.mean) / apart) if near else 1.0)


def _apart(first: Sums, second: Sums) -> str:
    subtracted = _mean(second, (first, second))
    return f"({_mean(first, (first, second))} − {f'({subtracted})' if subtracted.startswith('−') else subtracted})"


def g_lines(first: Sums, second: Sums) -> Lines:
    total = first.n + second.n
    formula = "(1 − 3 ÷ (4 × (n₁ + n₂) − 9)) × (M₁ − M₂) ÷ √((s²₁ + s²₂) ÷ 2)"
    spread = f"√(({shown(first.variance)} + {shown(second.variance)}) ÷ 2)"
    factor = f"(1 − 3 ÷ (4 × {total} − 9))" if total > 4 else "0"
    return formula, f"{factor} × {_apart(first, second)} ÷ {spread}", group_steps(first, second)


def p_lines(test: GroupTest, first: Sums, second: Sums) -> Lines:
    """T(t; df) is the share of Student's t distribution below t."""
    assert isinstance(test.statistic, float)
    t, (df,) = test.statistic, test.df
    steps = (*spread_steps(test, first, second), say("step_student"))
    return "2 × T(−|t|; df)", f"2 × T({shown(-abs(t))}; {shown(df)})", steps


def spread_steps(test: GroupTest, first: Sums, second: Sums) -> tuple[Line, ...]:
    """The steps to Welch's t and its degrees of freedom."""
    assert isinstance(test.statistic, float)
    t, (df,) = test.statistic, test.df
    parts = [f"{shown(sums.variance)} ÷ {sums.n}" for sums in (first, second)]
    below = " + ".join(f"({part})^2 ÷ ({sums.n} − 1)" for part, sums in zip(parts, (first, second), strict=True))
    return (
        *group_steps(first, second),
        f"t = {_apart(first, second)} ÷ √({parts[0]} + {parts[1]}) = {shown(t)}",
        f"df = ({parts[0]} + {parts[1]})^2 ÷ ({below}) = {shown(df)}",
    )


def f_steps(groups: list[Sums], f: float, df2: float) -> tuple[str, ...]:
    """The steps to Welch's F: each group weighs as surely as its mean is known."""
    k = len(groups)
    weights = [g.n / g.variance for g in groups]
    whole = sum(weights)
    centre = sum(w * g.mean for w, g in zip(weights, groups, strict=True)) / whole
    uneven = sum((1 - w / whole) ** 2 / (g.n - 1) for w, g in zip(weights, groups, strict=True))
    between = sum(w * (g.mean - centre) ** 2 for w, g in zip(weights, groups, strict=True)) / (k - 1)
    steps = list(group_steps(*groups))
    for letter, w, g in zip(SMALL[: len(groups)], weights, groups, strict=True):
        steps.append(f"w{letter} = {g.n} ÷ {shown(g.variance)} = {shown(w)}")
    steps.append(f"W = {' + '.join(map(shown, weights))} = {shown(whole)}")
    means = " + ".join(f"{shown(w)} × {signed(g.mean)}" for w, g in zip(weights, groups, strict=True))
    steps.append(f"C = ({means}) ÷ {shown(whole)} = {shown(centre)}")
    parts = " + ".join(
        f"{shown(w)} × ({shown(g.mean)} − {signed(centre)})^2" for w, g in zip(weights, groups, strict=True)
    )
    steps.append(f"A = ({parts}) ÷ ({k} − 1) = {shown(between)}")
    parts = " + ".join(
        f"(1 − {shown(w)} ÷ {shown(whole)})^2 ÷ ({g.n} − 1)" for w, g in zip(weights, groups, strict=True)
    )
    steps.append(f"B = {parts} = {shown(uneven)}")
    steps.append(f"F = {shown(between)} ÷ (1 + 2 × ({k} − 2) ÷ ({k}^2 − 1) × {shown(uneven)}) = {shown(f)}")
    steps.append(f"df₂ = ({k}^2 − 1) ÷ (3 × {shown(uneven)}) = {shown(df2)}")
    return tuple(steps)


def f_lines(test: GroupTest, groups: list[Sums]) -> Lines:
    """P(F; df₁; df₂) is the share of the F distribution above F."""
    assert isinstance(test.statistic, float)
    f, (df1, df2) = test.statistic, test.df
    steps = (*f_steps(groups, f, df2), f"df₁ = {len(groups)} − 1 = {shown(df1)}")
    return "P(F; df₁; df₂)", f"P({shown(f)}; {shown(df1)}; {shown(df2)})", (*steps, say("step_fisher"))


def omega_lines(test: GroupTest, groups: list[Sums]) -> Lines:
    """Omega squared from Welch's F."""
    assert isinstance(test.statistic, float)
    f, (df1, df2) = test.statistic, test.df
    total = sum(group.n for group in groups)
    steps = (*f_steps(groups, f, df2), f"df₁ = {len(groups)} − 1 = {shown(df1)}", f"N = {total}")
    if f <= 1:
        return say("formula_omega_is_0", formula=OMEGA), "0", steps
    above = f"{shown(df1)} × ({shown(f)} − 1)"
    return OMEGA, f"{above} ÷ ({above} + {total})", steps


def norm_lines(t: float, sums: Sums, norm: float) -> Lines:
    """Student's t of a mean less a norm."""
    sd = sums.variance**0.5
    steps: tuple[Line, ...] = (
        *sd_lines(sums)[2],
        f"s = {sd_lines(sums)[1]} = {shown(sd)}",
        f"t = ({shown(sums.mean)} − {signed(norm)}) ÷ ({shown(sd)} ÷ √({sums.n})) = {shown(t)}",
        f"df = {sums.n} − 1 = {sums.n - 1}",
        say("step_student"),
    )
    return "2 × T(−|t|; df)", f"2 × T({shown(-abs(t))}; {sums.n - 1})", steps


def distribution_lines(test: GroupTest, letter: str) -> Lines | None:
    """The p of a statistic of t, F or chi-square, from the statistic and its degrees of freedom."""
    if not isinstance(test.statistic, float) or not test.df:
        return None
    value = test.statistic
    if letter == "F":
        df1, df2 = map(shown, test.df)
        given = f"F = {shown(value)}", f"df₁ = {df1}", f"df₂ = {df2}", say("step_fisher")
        return "P(F; df₁; df₂)", f"P({shown(value)}; {df1}; {df2})", given
    (df,) = map(shown, test.df)
    said, known = f"{letter} = {shown(value)}", f"df = {df}"
    if letter == "t":
        return "2 × T(−|t|; df)", f"2 × T({shown(-abs(value))}; {df})", (said, known, say("step_student"))
    return "Q(χ²; df)", f"Q({shown(value)}; {df})", (said, known, say("step_chi_square"))
