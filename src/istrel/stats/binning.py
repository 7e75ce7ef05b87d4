"""Class intervals: rules for their width, round edges, counts within them, and the normal curve over them."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal, NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.problem import Problem
from istrel.stats.grouping import Arranged, alone
from istrel.stats.moderate import moderate
from istrel.stats.quantiles import quantile

Array = NDArray[np.float64]
Times = NDArray[np.int64] | None
Rule = Literal["freedman-diaconis", "scott", "sturges", "doane", "square root", "whole numbers"]
Closed = Literal["left", "right"]
Height = Literal["count", "percent", "proportion", "density"]
NOTHING_BEYOND = 40.0  # standard deviations, where the normal density is 0 as a double
MOST_CLASSES = 1000
FEW = 1_000  # values that are looked at before all are
COARSE, MOST_COARSE_DECIMALS = 50, 3  # different values of a class, of which one more would be seen
FAR = 2.0**52  # beyond, whole numbers are no longer counted
FINEST = 1e-13  # edges closer together than this, relative to the values, are no longer distinct doubles
TINIEST = 1e-300  # a width that can still be divided
ROUND_STEPS = (1.0, 2.0, 2.5, 5.0, 10.0)


@dataclass(frozen=True)
class ClassSettings:
    """What the user said about classes; None leaves it to the rule, whose classes are widened until they are at most `most`.

    Attributes
    ----------
    anonymous
        No limit may be a case's value: where a number of classes is said, they are not of the range divided exactly.
    """

    rule: Rule = "freedman-diaconis"
    bins: int | None = None
    width: float | None = None
    start: float | None = None
    edges: tuple[float, ...] | None = None
    closed: Closed = "left"
    most: int | None = None
    anonymous: bool = False


class ClassEdges(NamedTuple):
    """Ascending edges, and what decided them: "edges", "width", "bins", "one" (all values equal), a rule's name, or
    "most" where its classes were too many.
    """

    edges: Array
    decided_by: str


def class_edges(values: Array, settings: ClassSettings, times: Times = None) -> ClassEdges:
    """Edges of class intervals that cover the values (given edges are kept as they are).

    Parameters
    ----------
    values
        Finite, in any order, at least one.
    times
        int64: how many cases have each value, where these ascend; None where each is that of one case.

    Notes
    -----
    Widths by Freedman & Diaconis 1981, Scott 1979, Sturges 1926, Doane 1976. A width from a rule is rounded to 1, 2, 2.5
    or 5 times a power of ten, and edges are multiples of it, so that an axis can be read; whole-number data never get
    classes narrower than 1. A number of classes given divides the range from the smallest to the largest value exactly,
    unless that would tell them (`anonymous`); of whole numbers it gives classes that hold equally many of them. No class but
    those of edges that were given, or of a range divided exactly, has both of its limits, where values are measured so
    coarsely that it would hold more of them: a value that lies on the outermost edge then has one class more.

    Raises
    ------
    Problem
        For edges that do not ascend, a width that is not positive, or one that makes more than 1,000 classes.
    """
    if settings.edges is not None:
        return ClassEdges(_given_edges(settings.edges), "edges")
    low, high = float(values.min()), float(values.max())
    if not np.isfinite(high - low) or 0 < high - low <= TINIEST:
        raise Problem(english("These values are too large or too close together for class intervals."))
    if settings.rule == "whole numbers" and settings.width is None and settings.bins is None:
        return ClassEdges(_stepped(np.floor(low + 0.5) - 0.5, high, 1.0), "whole numbers")
    if settings.bins is not None:
        whole = low == high or bool((values == np.floor(values)).all())
        if settings.anonymous and settings.start is None and settings.width is None:
            return ClassEdges(_round_and_equal(low, high, settings, whole=whole), "bins")
        return ClassEdges(_divided(low, high, settings, whole=whole), "bins")
    width, decided_by = _width(values, settings, times)
    if not TINIEST < width < np.inf:
        raise Problem(english("These values are too large or too close together for class intervals."))
    if settings.most is not None and settings.width is None and _many(low, high, width) > settings.most:
        width, decided_by = _widened(values, settings.most), "most"
    first = settings.closed == "right" and settings.start is None
    edges = _multiples(low, high, width) if settings.start is None else _stepped(settings.start, high, width)
    more = _with_one_more(edges, low if first else high, width, first=first, open_at=settings.closed)
    if more.size > edges.size and _held(values, width) <= COARSE:
        edges = more
    if not np.isfinite(edges).all() or (np.diff(edges) <= 0).any():
        raise Problem(english("These values are too large or too close together for class intervals."))
    return ClassEdges(edges, decided_by)


def _width(values: Array, settings: ClassSettings, times: Times) -> tuple[float, str]:
    """The class width, and what decided it."""
    if settings.width is not None:
        if settings.width <= 0:
            raise Problem(english("A class width is above 0; {width:g} is not.", width=settings.width))
        return settings.width, "width"
    if values.min() == values.max():
        return 1.0, "one"
    return _round_width(values, settings.rule, times), rule_used(values, settings.rule, times)


def _many(low: float, high: float, width: float) -> float:
    """How many classes of a width hold a range, where edges are multiples of it."""
    return np.floor(high / width) - np.floor(low / width) + 1


def _widened(values: Array, most: int) -> float:
    """The smallest round width that makes at most so many classes."""
    low, high = float(values.min()), float(values.max())
    power = 10.0 ** np.floor(np.log10((high - low) / most))
    widths = [float(f"{step * power * tens:.15g}") for tens in (1.0, 10.0) for step in ROUND_STEPS if step < 10]
    whole = bool((values == np.floor(values)).all())
    return min(w for w in widths if not (whole and w % 1) and _many(low, high, w) <= most)


def rule_used(values: Array, rule: Rule, times: Times = None) -> Rule:
    """The rule that gives the width: Scott's in the place of Freedman and Diaconis' where half of the values are equal."""
    if rule != "freedman-diaconis":
        return rule
    low, high = _quartiles(values, times)
    return rule if high > low else "scott"


def _quartiles(values: Array, times: Times) -> tuple[float, float]:
    """Quartiles of type 7; read off where the values ascend already."""
    if times is not None:
        cells = alone(values, times, ordered=True)
        return float(quantile(cells, 0.25).values[0]), float(quantile(cells, 0.75).values[0])
    if bool((values[1:] >= values[:-1]).all()):
        places = 0.25 * (values.size - 1), 0.75 * (values.size - 1)
        below = [int(place) for place in places]
        ends = [(float(values[k]), float(values[min(k + 1, values.size - 1)])) for k in below]
        low, high = (a + (place - k) * (b - a) for (a, b), place, k in zip(ends, places, below, strict=True))
        return low, high
    first, third = np.quantile(values, [0.25, 0.75])
    return float(first), float(third)


def _given_edges(edges: tuple[float, ...]) -> Array:
    given = np.array(edges, np.float64)
    if given.size < 2 or (np.diff(given) <= 0).any():
        raise Problem(english("Edges are two or more numbers in ascending order."))
    return given


def _held(values: Array, width: float) -> float:
    """How many different values a class of this width can hold, by how finely they were measured; infinitely many if finely."""
    for decimals in range(MOST_COARSE_DECIMALS + 1):
        if _is_whole(values[:FEW], decimals) and _is_whole(values, decimals):
            return width * 10.0**decimals
    return np.inf


def _is_whole(values: Array, decimals: int) -> bool:
    """Whether all values have at most so many decimals."""
    scaled = values * 10.0**decimals
    return bool((np.abs(scaled - np.rint(scaled)) <= 1e-9 * np.maximum(1.0, np.abs(scaled))).all())


def _with_one_more(edges: Array, outermost: float, width: float, *, first: bool, open_at: Closed) -> Array:
    """Edges with a class more at the end where the outermost value lies on the edge that does not belong to its class."""
    if edges.size > MOST_CLASSES or (open_at == "right") != first:
        return edges
    if first:
        return np.append(edges[0] - width, edges) if outermost == edges[0] else edges
    return np.append(edges, edges[-1] + width) if outermost == edges[-1] else edges


def _number_of(settings: ClassSettings) -> int:
    number = settings.bins or 1
    if not 1 <= number <= MOST_CLASSES:
        raise Problem(
            english(
                "The number of classes is from 1 to {most_classes:,}; {number} is not.",
                most_classes=MOST_CLASSES,
                number=number,
            )
        )
    return number


def _divided(low: float, high: float, settings: ClassSettings, *, whole: bool) -> Array:
    number = _number_of(settings)
    start = low if settings.start is None else settings.start
    if settings.width is not None:
        return np.asarray(start + settings.width * np.arange(number + 1))
    held = high - start + 1  # whole numbers
    if high <= start:
        high = start + 1.0
    if whole and start == np.floor(start) and number <= held < FAR:
        each = float(np.ceil(held / number))
        first = start - 1.0 if settings.closed == "right" and settings.start is None else start
        return np.asarray(first + each * np.arange(number + 1))
    return np.linspace(start, high, number + 1)


def _round_and_equal(low: float, high: float, settings: ClassSettings, *, whole: bool) -> Array:
    """So many classes of one width, the narrowest round one whose multiples hold the values; whole widths of whole numbers.
    One class alone may begin at half of its width, for values on both sides of 0.
    """
    number = _number_of(settings)
    least = (high - low) / number
    power = 10.0 ** np.floor(np.log10(least)) if least > 0 else 1.0
    steps = [step * power * tens for tens in (1.0, 10.0) for step in (*range(1, 10), 1.5, 2.5)]
    for width in sorted(float(f"{step:.15g}") for step in steps):
        unit, each = (width / 2, 2) if number == 1 else (width, 1)
        first = int(np.floor(low / unit)) if settings.closed == "left" else int(np.ceil(low / unit)) - 1
        edges = _steps(first, first + number * each, unit)[::each]
        beyond = edges[-1] > high if settings.closed == "left" else edges[0] < low and edges[-1] >= high
        if beyond and not (whole and width % 1):
            return edges
    raise Problem(english("These values are too large or too close together for class intervals."))


def _stepped(start: float, high: float, width: float) -> Array:
    wanted = np.ceil((high - start) / width - 1e-9)
    _check_count(wanted, width)
    count = max(1, int(wanted))
    return np.asarray(start + width * np.arange(count + 1))


def _multiples(low: float, high: float, width: float) -> Array:
    """Edges that are whole multiples of the width and cover the values."""
    _check_count(high / width - low / width, width)
    first = int(np.floor(low / width + 1e-9))
    last = max(first + 1, int(np.ceil(high / width - 1e-9)))
    edges = _steps(first, last, width)
    if edges[0] > low or edges[-1] < high:  # by less than the eye could see, but every value has a class
        edges = _steps(first - int(edges[0] > low), last + int(edges[-1] < high), width)
    return edges


def _steps(first: int, last: int, width: float) -> Array:
    """Multiples of the width, correctly rounded where it is a decimal (0.3, never 0.30000000000000004)."""
    steps = np.arange(first, last + 1, dtype=np.float64)
    decimals = next((d for d in range(16) if float(f"{width:.{d}f}") == width), None)
    if decimals is None:
        return steps * width
    return steps * round(width * 10**decimals) / 10.0**decimals


def _check_count(count: float, width: float) -> None:
    if not count <= MOST_CLASSES:
        raise Problem(
            english(
                "A class width of {width:g} makes {count:,.0f} classes; at most {most_classes:,} are drawn.",
                width=width,
                count=count,
                most_classes=MOST_CLASSES,
            )
        )


def _round_width(values: Array, rule: Rule, times: Times) -> float:
    """The rule's width, rounded to one that a reader can count in."""
    raw = rule_width(values, rule, times)
    spread = float(values.max() - values.min())
    if spread <= 0 or raw <= 0 or not np.isfinite(raw):
        return 1.0
    raw = max(raw, spread / 200, float(np.abs(values).max()) * FINEST)
    power = 10.0 ** np.floor(np.log10(raw))
    step = min(ROUND_STEPS, key=lambda s: abs(np.log(s * power / raw)))
    width = float(f"{step * power:.15g}")
    whole = bool((values == np.floor(values)).all())
    if whole and width < 1:
        return 1.0
    return 2.0 if whole and width == 2.5 else width


def rule_width(values: Array, rule: Rule, times: Times = None) -> float:
    """The class width that a rule gives before rounding; 0 where all values are equal."""
    plain, exponent = moderate(values)
    with np.errstate(over="ignore"):
        return float(np.ldexp(_rule_width(plain, rule, times), exponent))


class RuleParts(NamedTuple):
    """What the rules for widths are made of: cases, ends, interquartile range and standard deviation."""

    n: int
    low: float
    high: float
    iqr: float
    sd: float


def rule_parts(values: Array, times: Times = None) -> RuleParts:
    """The parts of values, at least one."""
    n = values.size if times is None else int(times.sum())
    first, third = _quartiles(values, times)
    sd = _deviation(values, times) if n > 1 else 0.0
    return RuleParts(n, float(values.min()), float(values.max()), third - first, sd)


def _rule_width(values: Array, rule: Rule, times: Times) -> float:
    n = values.size if times is None else int(times.sum())
    spread = float(values.max() - values.min())
    deviation = _deviation(values, times) if n > 1 else 0.0
    if rule == "scott":
        return float((24 * np.sqrt(np.pi)) ** (1 / 3) * deviation * n ** (-1 / 3))
    if rule == "sturges":
        return spread / (np.log2(n) + 1)
    if rule == "square root":
        return spread / float(np.ceil(np.sqrt(n)))
    if rule == "doane":
        return spread / _doane_classes(values, deviation, times)
    low, high = _quartiles(values, times)
    width = float(2 * (high - low) * n ** (-1 / 3))
    return width if width > 0 else _rule_width(values, "scott", times)


def _deviation(values: Array, times: Times) -> float:
    """The standard deviation, n − 1."""
    if times is None:
        return float(np.std(values, ddof=1))
    centred = values - np.average(values, weights=times)
    return float(np.sqrt((times * centred**2).sum() / (times.sum() - 1)))


def _doane_classes(values: Array, deviation: float, times: Times) -> float:
    n = values.size if times is None else int(times.sum())
    if n < 3 or deviation == 0:
        return 1.0
    centred = values - np.average(values, weights=times)
    skew = float(np.average(centred**3, weights=times) / np.average(centred**2, weights=times) ** 1.5)
    error = np.sqrt(6 * (n - 2) / ((n + 1) * (n + 3)))
    return float(1 + np.log2(n) + np.log2(1 + abs(skew) / error))


@dataclass(frozen=True, eq=False)
class Classes:
    """Counts within class intervals.

    Attributes
    ----------
    edges
        float64 (classes + 1,).
    counts
        int64 (classes,), or float64 where they are sums of weights.
    below, above
        Values outside the edges: counted, never dropped silently.
    """

    edges: Array
    counts: NDArray[np.int64] | Array
    below: float
    above: float


def count_classes(ordered: Array, edges: Array, *, closed: Closed = "left") -> Classes:
    """Counts per class of ascending values.

    Classes are closed on the left (the last one on both sides) or on the right (the first one on both sides).
    """
    side: Literal["left", "right"] = "left" if closed == "left" else "right"
    places = np.searchsorted(ordered, edges, side=side)
    if closed == "left":
        places[-1] = np.searchsorted(ordered, edges[-1], side="right")
    else:
        places[0] = np.searchsorted(ordered, edges[0], side="left")
    return Classes(edges, np.diff(places), int(places[0]), int(ordered.size - places[-1]))


def class_codes(values: Array, edges: Array, *, closed: Closed = "left") -> NDArray[np.int64]:
    """The class of each value, from 0; -1 for values outside the edges. Classes are closed as in `count_classes`."""
    codes = np.searchsorted(edges, values, side="right" if closed == "left" else "left") - 1
    codes[values == (edges[-1] if closed == "left" else edges[0])] = edges.size - 2 if closed == "left" else 0
    codes[(values < edges[0]) | (values > edges[-1])] = -1
    return codes.astype(np.int64)


def count_groups(
    cells: Arranged, edges: Array, *, closed: Closed = "left"
) -> tuple[NDArray[np.int64], NDArray[np.int64], NDArray[np.int64]]:
    """As `count_classes` for every group: (counts of shape (groups, classes), values below, values above)."""
    places = cells.places(edges, after=closed == "right")
    if closed == "left":
        places[:, -1:] = cells.places(edges[-1:], after=True)
    else:
        places[:, :1] = cells.places(edges[:1], after=False)
    return np.diff(places, axis=1), places[:, 0], cells.sizes - places[:, -1]


def heights(classes: Classes, height: Height, *, cumulative: bool = False) -> Array:
    """Heights of the classes; shares are of all values, those outside the edges included."""
    counts = classes.counts.astype(np.float64)
    n = max(1.0, counts.sum() + classes.below + classes.above)
    if cumulative:
        counts = np.cumsum(counts) + classes.below
    if height == "count":
        return counts
    if height == "percent":
        return 100.0 * counts / n
    if height == "density" and not cumulative:
        return counts / (n * np.diff(classes.edges))
    return counts / n


def curve_scale(n: float, edges: Array, height: Height, *, cumulative: bool = False) -> float | None:
    """What the normal density (or, cumulative, its distribution) is multiplied by to lie over the bars.

    For counts this is n times the class width. None where classes differ in width and heights are no densities: there
    is no such curve.
    """
    widths = np.diff(edges)
    if cumulative:
        return {"count": float(n), "percent": 100.0}.get(height, 1.0)
    if height == "density":
        return 1.0
    if not np.allclose(widths, widths[0], rtol=1e-9):
        return None
    return float(widths[0]) * {"count": float(n), "percent": 100.0}.get(height, 1.0)


def normal_curve(x: Array, mean: float, sd: float, *, scale: float = 1.0, cumulative: bool = False) -> Array:
    """The normal density (or distribution function) at true x, times `scale`."""
    z = (x - mean) / sd
    if cumulative:
        from istrel.stats.special import ndtr

        return np.asarray(scale * ndtr(z))
    near = np.clip(z, -NOTHING_BEYOND, NOTHING_BEYOND)
    return np.asarray(scale * np.exp(-0.5 * near * near) / (sd * np.sqrt(2 * np.pi)))
