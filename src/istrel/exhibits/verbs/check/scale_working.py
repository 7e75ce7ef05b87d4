"""How the numbers of a scale as a whole come about: alpha with its interval, omega of one factor, the mean correlation of items."""

from __future__ import annotations

import numpy as np

from istrel.exhibits.text import Cell, say, verbatim
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import ScaleCell
from istrel.exhibits.verbs.check.scale import items_in
from istrel.exhibits.verbs.check.scale_words import scale_row
from istrel.exhibits.verbs.sums_working import Lines, alpha_lines
from istrel.exhibits.working import Line, Working, shown
from istrel.stats.reliability import cronbach_alpha, one_factor
from istrel.style.numbers import Kind


def explain_scale(found: ScaleCell, cell: Cell, plan: CheckPlan) -> Working | None:
    """The working; None of rows that are counted."""
    if cell.row != scale_row(found) or plan.scale is None or plan.data.times is not None:
        return None
    values, valid = items_in(plan.scale, found.group, plan)
    whole = values[valid.all(axis=1)]
    name = verbatim(found.scale)
    if cell.column == "n":
        return Working(say("means_n_of_set", value=cell), "n", shown(whole.shape[0]))
    if cell.column == "alpha":
        return Working(say("means_alpha", value=cell, name=name), *alpha_lines(whole))
    alpha = cronbach_alpha(values, valid)
    if cell.column in ("alpha_low", "alpha_high"):
        level = plan.request.settings["confidence"]
        lines = _limit(alpha.value, whole.shape, level, low=cell.column == "alpha_low")
        return Working(say("means_limit", value=cell, level=Cell(100 * level, Kind.EDGE)), *lines)
    if cell.column == "omega":
        return Working(say("means_omega", value=cell, name=name), *_omega(alpha.covariance))
    if cell.column != "inter_item":
        return None
    scale = np.sqrt(np.diag(alpha.covariance))
    r = (alpha.covariance / np.outer(scale, scale))[np.triu_indices(scale.size, 1)]
    steps: tuple[Line, ...] = (
        say("step_pairs_of_items", value=f"{scale.size} × ({scale.size} − 1) ÷ 2 = {r.size}"),
        f"Σr = {shown(float(r.sum()))}",
    )
    return Working(
        say("means_inter_item", value=cell, name=name), "Σr ÷ n", f"{shown(float(r.sum()))} ÷ {r.size}", steps
    )


def _limit(alpha: float, shape: tuple[int, ...], level: float, *, low: bool) -> Lines:
    """(1 − α̂)/(1 − α) follows F (Feldt 1965)."""
    from istrel.stats.special import fdtri

    (n, k), tail = shape, (1 - level) / 2
    df1, df2, share = n - 1, (n - 1) * (k - 1), 1 - tail if low else tail
    f = float(fdtri(df1, df2, share))
    steps = (
        f"α = {shown(alpha)}",
        f"df₁ = {n} − 1 = {df1}",
        f"df₂ = ({n} − 1) × ({k} − 1) = {df2}",
        f"F({df1}; {df2}; {shown(share)}) = {shown(f)}",
    )
    return "1 − (1 − α) × F", f"1 − (1 − {shown(alpha)}) × {shown(f)}", steps


def _omega(covariance: np.ndarray[tuple[int, ...], np.dtype[np.float64]]) -> Lines:
    """What one factor explains of the sum of the items."""
    loading = one_factor(covariance)
    assert loading is not None
    total, unique = float(loading.sum()), float((np.diag(covariance) - loading**2).sum())
    steps: tuple[Line, ...] = (
        say("step_loadings", values="; ".join(map(shown, loading.tolist()))),
        f"Σλ = {shown(total)}",
        f"Σψ = {shown(unique)}",
    )
    square = f"{shown(total)}^2" if total >= 0 else f"({shown(total)})^2"
    return "(Σλ)² ÷ ((Σλ)² + Σψ)", f"{square} ÷ ({square} + {shown(unique)})", steps
