"""Shapes for which a mean says little: many zeros, strong skew, two or more humps."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import rows_of
from istrel.data.facts import variable_facts
from istrel.data.formula.tree import Call, Comparison, Literal, Name
from istrel.data.levels import Level
from istrel.data.limits import FEWEST_FOR_HUMPS, FINEST_FOR_HUMPS, STRONGLY_SKEWED
from istrel.data.screening.finding import Finding, listed, shown
from istrel.data.screening.look import Look
from istrel.english import english
from istrel.stats.bars import bars_of, have_valley
from istrel.stats.density import Density, density, sure_humps
from istrel.stats.glance import Glance
from istrel.stats.moderate import moderate

MANY_ZEROS = 0.2
ENOUGH = 50


class _Shape(NamedTuple):
    """A variable in the numbers that say whether there is anything to tell of its shape; `skewness` is the adjusted one, G1."""

    n: int
    low: float
    high: float
    mean: float
    zeros: int
    skewness: float


def find(look: Look) -> Iterator[Finding]:
    """many_zeros, skewed and humps."""
    for name in look.measured:
        if name in look.copies:
            continue
        seen = look.plain(name)
        shape = _shape_of(look.values(name)) if seen is None else _shape_seen(seen)
        if shape is None:
            continue
        zeros = list(_zeros(look, name, shape))
        yield from zeros
        if not zeros:
            yield from _skewed(look, name, shape)
        if seen.valley if seen is not None else _may_have_humps(look, name, look.values(name)):
            yield from _humps(look, name, look.values(name))


def _shape_seen(seen: Glance) -> _Shape | None:
    if seen.n < ENOUGH:
        return None
    skewness = _adjusted(seen.skewness, seen.n) if seen.high > seen.low else 0.0
    return _Shape(seen.n, seen.low, seen.high, seen.mean, seen.zeros, skewness)


def _shape_of(values: NDArray[np.float64]) -> _Shape | None:
    if values.size < ENOUGH:
        return None
    low, high = float(values.min()), float(values.max())
    plain, exponent = moderate(values)
    mean = float(np.ldexp(plain.mean(), exponent))
    return _Shape(values.size, low, high, mean, int((values == 0).sum()), _skewness(plain))


def _zeros(look: Look, name: str, shape: _Shape) -> Iterator[Finding]:
    share = shape.zeros / shape.n
    expected = float(np.exp(-shape.mean)) if look.level(name) is Level.COUNT else 0.0  # of a Poisson count
    if shape.low < 0 or share < MANY_ZEROS or share < 1.5 * expected or shape.high <= 1:
        return
    remedies = look.offer(
        english("derive whether {name} is above 0", name=name), f"{name}_any", Comparison(Name(name), ">", Literal(0.0))
    )
    if remedies is None:
        return
    numbers = look.data.numbers(name)
    rows = rows_of(numbers.valid & (numbers.values == 0))
    says = english(
        "is 0 in {zeros:,} of {n:,} cases: a mean mixes who has none with how much the others have.",
        zeros=len(rows),
        n=shape.n,
    )
    yield Finding("many_zeros", (name,), name, says, rows, remedies)


def _skewed(look: Look, name: str, shape: _Shape) -> Iterator[Finding]:
    skewness, positive = shape.skewness, shape.low > 0
    if abs(skewness) < STRONGLY_SKEWED:
        return
    logarithm = (
        look.offer(english("derive its logarithm"), f"{name}_log", Call("log", (Name(name),))) if positive else ()
    )
    if logarithm is not None:
        says = english(
            "is strongly skewed (G1 = {skewness}): the median describes it better than the mean.",
            skewness=shown(round(skewness, 2)),
        )
        yield Finding("skewed", (name,), name, says, (), logarithm if skewness > 0 else ())


def _skewness(values: NDArray[np.float64]) -> float:
    """The adjusted coefficient (G1) of values of moderate size, to many more digits than are told; 0 where nothing varies."""
    n, from_mean = values.size, values - values.mean()
    from_mean -= from_mean.mean()
    squares = from_mean * from_mean
    second, third = float(squares.mean()), float(np.dot(squares, from_mean)) / n
    return _adjusted(third / second**1.5, n) if second > 0 else 0.0


def _adjusted(skewness: float, n: int) -> float:
    """G1 from the skewness of the moments."""
    return skewness * float(np.sqrt(n * (n - 1.0))) / (n - 2.0)


def _may_have_humps(look: Look, name: str, values: NDArray[np.float64]) -> bool:
    """Whether classes over all values, or over the bulk of them, have a valley that chance seldom makes: only then the density
    is looked at.
    """
    drawn = variable_facts(look.data, name).drawn
    if drawn is None:
        return True
    values, exponent = moderate(values)
    drawn = float(np.ldexp(drawn[0], -exponent)), float(np.ldexp(drawn[1], -exponent))
    limits = ((float(values.min()), float(values.max())), drawn)
    return bool(have_valley(np.array([bars_of(values, low, high) for low, high in limits])).any())


def _humps(look: Look, name: str, values: NDArray[np.float64]) -> Iterator[Finding]:
    if (
        look.level(name) is not Level.CONTINUOUS
        or values.size < FEWEST_FOR_HUMPS
        or np.unique(values[:5000]).size < FINEST_FOR_HUMPS
    ):
        return
    values, exponent = moderate(values)
    curve = density(np.sort(values))
    modes = sure_humps(curve, values.size)
    if modes.size < 2:
        return
    cuts = [float(f"{np.ldexp(valley, exponent):.3g}") for valley in _valleys(curve, modes)]
    parted = Call("bands", (Name(name), *(Literal(cut) for cut in cuts)))
    remedies = look.offer(english("derive bands that part them"), f"{name}_part", parted)
    if remedies is not None:
        where = listed(tuple(f"{mode:,.3g}" for mode in np.ldexp(modes, exponent).tolist()))
        count = english("two") if modes.size == 2 else str(modes.size)
        yield Finding(
            "humps",
            (name,),
            english("{name} has {count} humps", name=name, count=count),
            english("(near {where}): one mean hides them.", where=where),
            (),
            remedies,
        )


def _valleys(curve: Density, modes: NDArray[np.float64]) -> list[float]:
    """Where the density is lowest between one mode and the next."""
    ends = np.searchsorted(curve.x, modes)
    return [float(curve.x[a + int(np.argmin(curve.y[a:b]))]) for a, b in pairwise(ends.tolist())]
