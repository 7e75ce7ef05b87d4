"""What a formula would give, in a line; and for composites of items how well the items hang together."""

from __future__ import annotations

import math

import numpy as np

from istrel.counting import counted
from istrel.data.column import Column, Kind
from istrel.data.formula.evaluate import evaluate
from istrel.data.formula.tree import Formula
from istrel.exhibits.scales import items_of
from istrel.stats.reliability import Alpha, cronbach_alpha
from istrel.study.study import Study


def preview(formula: Formula, study: Study) -> str:
    """A line on what a formula gives: valid cases and their range, and for composites Cronbach's alpha.

    Raises
    ------
    Problem
        Where it cannot be evaluated.
    """
    said = _summary(evaluate(formula, study.data))
    scale = scale_of(formula, study)
    return said if scale is None else f"{said}\n{alpha_words(*scale)}"


def _summary(column: Column) -> str:
    n = int(column.valid.sum())
    if not n:
        return "It would have no valid value."
    if column.kind is not Kind.NUMBER:
        return f"{n:,} of {counted(column.n_rows, 'case')} would have a value."
    used = column.values[column.valid]
    figures = f"from {used.min():g} to {used.max():g}, M = {used.mean():.4g}".replace("-", "−")
    return f"{n:,} of {counted(column.n_rows, 'case')} would have a value, {figures}."


def scale_of(formula: Formula | None, study: Study) -> tuple[tuple[str, ...], Alpha] | None:
    """The items of a composite as they stand in it (turned round, where they are), with Cronbach's alpha.

    None where the formula is no mean or sum of two or more items.
    """
    parts = items_of(formula, study.data)
    if parts is None:
        return None
    items = np.column_stack([part.values for _, part in parts])
    valid = np.column_stack([part.valid for _, part in parts])
    return tuple(name for name, _ in parts), cronbach_alpha(items, valid)


def show_alpha(value: float) -> str:
    """Two decimals without the zero that cannot be anything else; a dash where it is not defined."""
    if math.isnan(value):
        return "–"
    return f"{value:.2f}".replace("0.", ".", 1).replace("-", "−")


def alpha_words(names: tuple[str, ...], alpha: Alpha) -> str:
    """Alpha in words, with items that run against the others, or the one whose leaving out raises it most."""
    said = f"Cronbach’s α = {show_alpha(alpha.value)} (n = {alpha.n:,})"
    against = [name for name, r in zip(names, alpha.with_rest, strict=True) if r < 0]
    if against:
        return f"{said}; {', '.join(against)} run{'s' if len(against) == 1 else ''} against the others: reverse?"
    raises = [(left, name) for left, name in zip(alpha.left_out, names, strict=True) if left > alpha.value]
    if raises:
        left, name = max(raises)
        return f"{said}; {show_alpha(left)} without {name}"
    return said
