"""Shapes for which a mean says little: many zeros, strong skew, two or more humps."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise

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
from istrel.stats import moments
from istrel.stats.density import Density, density, sure_humps
from istrel.stats.grouping import Arranged
from istrel.stats.moderate import moderate

MANY_ZEROS = 0.2
ENOUGH = 50
ROUGHLY, NEARLY, DEEP = 0.8, 0.9, 0.75
CLASSES = 18
WEIGHTS = np.array((1.0, 2.0, 3.0, 2.0, 1.0)) / 9  # even out what one class has by chance
EVENED = float(np.sqrt(np.sum(WEIGHTS**2)))
ERRORS, ERRORS_OF_BARS = 1.5, 3.0  # fewer than a sure hump has


def find(look: Look) -> Iterator[Finding]:
    """many_zeros, skewed and humps."""
    for name in look.measured:
        values = look.values(name)
        if values.size < ENOUGH or name in look.copies:
            continue
        zeros = list(_zeros(look, name, values))
        yield from zeros
        if not zeros:
            yield from _skewed(look, name, values)
        yield from _humps(look, name, values)


def _zeros(look: Look, name: str, values: NDArray[np.float64]) -> Iterator[Finding]:
    share = float((values == 0).mean())
    expected = float(np.exp(-values.mean())) if look.level(name) is Level.COUNT else 0.0  # of a Poisson count
    if values.min() < 0 or share < MANY_ZEROS or share < 1.5 * expected or values.max() <= 1:
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
        n=int(values.size),
    )
    yield Finding("many_zeros", (name,), name, says, rows, remedies)


def _skewed(look: Look, name: str, values: NDArray[np.float64]) -> Iterator[Finding]:
    if not _may_be_skewed(values):
        return
    positive = bool(values.min() > 0)
    nobody, bounds = np.zeros(values.size, np.int32), np.array([0, values.size])
    found = moments.skewness(moments.moments(Arranged(values, bounds, values, nobody, None, ordered=False)))
    skewness = float(np.nan_to_num(found.values[0]))
    logarithm = (
        look.offer(english("derive its logarithm"), f"{name}_log", Call("log", (Name(name),))) if positive else ()
    )
    if abs(skewness) >= STRONGLY_SKEWED and logarithm is not None:
        says = english(
            "is strongly skewed (G1 = {skewness}): the median describes it better than the mean.",
            skewness=shown(round(skewness, 2)),
        )
        yield Finding("skewed", (name,), name, says, (), logarithm if skewness > 0 else ())


def _may_be_skewed(values: NDArray[np.float64]) -> bool:
    """Whether the skewness, quickly and roughly, comes near to being strong: only then it is found exactly."""
    with np.errstate(all="ignore"):
        from_mean = values - values.mean()
        squares = from_mean * from_mean
        second, third = squares.mean(), (squares * from_mean).mean()
        rough = third / second**1.5
    return not np.isfinite(rough) or abs(rough) >= ROUGHLY * STRONGLY_SKEWED


def _may_have_humps(values: NDArray[np.float64], drawn: tuple[float, float]) -> bool:
    """Whether classes over all values, or over the bulk of them, have a valley that chance seldom makes: only then the density
    is looked at.
    """
    for low, high in ((float(values.min()), float(values.max())), drawn):
        inside = values[(values >= low) & (values <= high)]
        places = np.minimum(((inside - low) * (CLASSES / (high - low))).astype(np.int64), CLASSES - 1)
        bars = np.bincount(places + 2, minlength=CLASSES + 4).astype(float)  # with classes of none at each end
        smooth = np.convolve(bars, WEIGHTS, "same")
        if _has_valley(smooth, NEARLY, ERRORS * EVENED) or _has_valley(bars, DEEP, ERRORS_OF_BARS):
            return True
    return False


def _has_valley(heights: NDArray[np.float64], share: float, errors: float) -> bool:
    """Whether any height lies below this share of the highest to its left and right, and so many roots of itself below them."""
    left, right = np.maximum.accumulate(heights), np.maximum.accumulate(heights[::-1])[::-1]
    lower = np.minimum(left, right)
    deep = lower - heights > errors * np.sqrt(np.maximum(heights, 0.5))
    return bool((deep & (heights < share * lower)).any())


def _humps(look: Look, name: str, values: NDArray[np.float64]) -> Iterator[Finding]:
    if (
        look.level(name) is not Level.CONTINUOUS
        or values.size < FEWEST_FOR_HUMPS
        or np.unique(values[:5000]).size < FINEST_FOR_HUMPS
    ):
        return
    values, exponent = moderate(values)
    drawn = variable_facts(look.data, name).drawn
    if drawn is not None and not _may_have_humps(
        values, (np.ldexp(drawn[0], -exponent), np.ldexp(drawn[1], -exponent))
    ):
        return
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
