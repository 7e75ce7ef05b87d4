"""Marks as shapes: one function per kind of mark, from data units to millimetres."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from functools import singledispatch

import numpy as np

from istrel.exhibits.figure import (
    Area,
    Array,
    Arrows,
    Band,
    Bars,
    Blocks,
    Boxes,
    Dots,
    Frames,
    Ink,
    Intervals,
    Line,
    Tiles,
    Words,
)
from istrel.exhibits.printing import Runs, print_text
from istrel.exhibits.text import Text
from istrel.render.scene.axes import Scale
from istrel.render.scene.letters import figure_rise, fitted, letters_of, line_height, runs_width
from istrel.render.scene.shapes import (
    NO_PART,
    PT,
    Cloud,
    Kind,
    Part,
    Polygon,
    Polyline,
    Raster,
    Rectangle,
    Shape,
    Strokes,
)
from istrel.style.house import HouseStyle

INK, QUIET, PAPER = "#1B1B1B", "#8A9690", "#FFFFFF"
DASHES = ((), (2.2, 1.0), (0.7, 0.7), (3.4, 1.0, 0.7, 1.0), (5.0, 1.4), (1.4, 0.6))
KINDS: tuple[Kind, ...] = ("circle", "square", "triangle", "diamond", "turned", "ring")
TINTS = (0.55, 0.32, 0.72, 0.2, 0.45, 0.62)  # of the fills of a series: told apart in grey
HATCHES = ((), (1,), (-1,), (1, -1), (0,), (2,))  # 1 rising, -1 falling, 0 level, 2 upright
HATCH_GAP, MOST_HATCHES = 1.5, 60
THIN, MIDDLE, STRONG = 0.6 * PT, 0.8 * PT, 1.1 * PT
RADIUS, SMALL_RADIUS = 0.62, 0.36
MANY_DOTS, MANY_RADIUS = 150, 0.48  # beyond so many of a series dots are smaller
MOST_RECTANGLES, THINNEST = 2_500, 0.6  # tiles, or mm of one, beyond which a plane is one picture
LIGHTEST = 0.12
MOST_POINTS = 256  # of a smooth line: one every half a millimetre
FRAME_PAD, ARROW, MOST_LINES = 1.6, 2.0, 6  # mm beside words in a box, mm of a head, lines of a paragraph
SMALLER = (1.0, 0.9, 0.8, 0.7, 0.6)  # of the size of letters, until they fit a box
RIGHT_ROOM = 3.5  # mm right of a panel that words may take


@dataclass(frozen=True)
class Pen:
    """What marks are drawn with: scales of the panel, the style, and whether x runs down the page.

    `taken` are the places of names that may be left out: (left, top, right, bottom) of those that stand.
    """

    x: Scale
    y: Scale
    style: HouseStyle
    lying: bool = False
    taken: list[tuple[float, float, float, float]] = field(default_factory=list)


def colour_of(series: int, style: HouseStyle) -> str:
    return style.figure.palette[series % len(style.figure.palette)]


def ink_of(ink: Ink, series: int, style: HouseStyle) -> str:
    return {"curve": INK, "quiet": QUIET}.get(ink) or colour_of(series, style)


def dash_of(series: int) -> tuple[float, ...]:
    """The second cue of a line; series of one colour differ in it."""
    return DASHES[(series + series // len(DASHES)) % len(DASHES)]


def kind_of(series: int) -> Kind:
    return KINDS[(series + series // len(KINDS)) % len(KINDS)]


def tint(colour: str, share: float = TINTS[0]) -> str:
    """The colour at a share over white paper: prints lighter than a line in greyscale."""
    parts = (int(colour[i : i + 2], 16) for i in (1, 3, 5))
    return "#" + "".join(f"{round(255 * (1 - share) + share * part):02X}" for part in parts)


def fill_of(series: int, style: HouseStyle) -> str:
    return tint(colour_of(series, style), TINTS[series % len(TINTS)])


def toned(tone: float, style: HouseStyle) -> str:
    """The colour of a value of a scale: one colour below its middle, another above, the stronger the farther out."""
    if tone == 0:
        return "#E4E4E4"
    return tint(colour_of(1 if tone < 0 else 0, style), 0.2 + 0.6 * abs(tone))


def filling(
    left: float,
    top: float,
    width: float,
    height: float,
    series: int,
    tone: float | None,
    style: HouseStyle,
    part: Part = NO_PART,
) -> Iterator[Shape]:
    """A filled rectangle with its second cue: of a series its hatch, of a scale strokes below its middle."""
    place = (left, top, width, height)
    yield Rectangle(*place, fill_of(series, style) if tone is None else toned(tone, style), part=part)
    if tone is None:
        yield from hatching(*place, series, style)
    elif tone < 0:
        yield from hatching(*place, 1, style)


def hatching(left: float, top: float, width: float, height: float, series: int, style: HouseStyle) -> Iterator[Shape]:
    """Thin lines over a rectangle: the second cue of a filled series."""
    ways = HATCHES[(series + series // len(HATCHES)) % len(HATCHES)]
    ends = [stroke for way in ways for stroke in _strokes(left, top, width, height, way)]
    if ends:
        yield Strokes(np.array(ends), colour_of(series, style), 0.35 * PT)


def _strokes(
    left: float, top: float, width: float, height: float, way: int
) -> Iterator[tuple[tuple[float, float], tuple[float, float]]]:
    """The strokes of a hatch within a rectangle; they hang together from one rectangle to the next."""
    right, foot = left + width, top + height
    if way in (0, 2):
        low, high = (top, foot) if way == 0 else (left, right)
        for k in range(
            int(low // HATCH_GAP) + 1, min(int(high // HATCH_GAP), int(low // HATCH_GAP) + MOST_HATCHES) + 1
        ):
            at = k * HATCH_GAP
            yield ((left, at), (right, at)) if way == 0 else ((at, top), (at, foot))
        return
    step = HATCH_GAP * 1.3
    sums = (left + top, right + foot) if way == 1 else (left - foot, right - top)
    first = int(sums[0] // step) + 1
    for k in range(first, min(int(sums[1] // step), first + MOST_HATCHES) + 1):
        at = k * step  # x + y (rising) or x - y (falling) along the stroke
        x0, x1 = (
            (max(left, at - foot), min(right, at - top)) if way == 1 else (max(left, at + top), min(right, at + foot))
        )
        if x1 > x0:
            yield ((x0, at - x0), (x1, at - x1)) if way == 1 else ((x0, x0 - at), (x1, x1 - at))


def _fewer(values: Array) -> Array:
    """So many points of a smooth line that an eye cannot tell them from all, its ends among them."""
    if values.size <= MOST_POINTS:
        return values
    return np.asarray(values[np.unique(np.linspace(0, values.size - 1, MOST_POINTS).round().astype(int))])


@singledispatch
def shapes_of(mark: object, pen: Pen, part: Part) -> Iterator[Shape]:
    """The shapes of a mark within the scales of its panel."""
    raise TypeError(type(mark).__name__)


def _rectangle(left: float, top: float, right: float, foot: float) -> tuple[float, float, float, float]:
    """(left, top, width, height) whatever way the axes run."""
    return min(left, right), min(top, foot), abs(right - left), abs(foot - top)


@shapes_of.register
def _(mark: Bars, pen: Pen, part: Part) -> Iterator[Shape]:
    edges, tops = pen.x(mark.edges), pen.y(mark.heights)
    base = np.broadcast_to(pen.y(mark.base), tops.shape)
    colour, shown = colour_of(mark.series, pen.style), np.isfinite(tops)
    if mark.outline == "line":
        middles = (edges[1:] + edges[:-1]) / 2
        yield Polyline(np.column_stack([middles[shown], tops[shown]]), colour, STRONG, dash_of(mark.series), part)
        return
    for item in np.flatnonzero(shown).tolist() if mark.filled else ():
        place = _rectangle(edges[item], tops[item], edges[item + 1], base[item])
        yield Rectangle(*place, fill_of(mark.series, pen.style), part=part._replace(item=item))
        if mark.series and mark.outline == "bars":
            yield from hatching(*place, mark.series, pen.style)
    if mark.outline == "bars":
        for item in range(1, tops.size):
            ends = base[item], np.fmax(tops[item - 1], tops[item])
            if np.isfinite(ends).all() and ends[0] != ends[1]:
                yield Polyline(np.array([[edges[item], end] for end in ends]), PAPER, 0.5 * PT)
    outline = _stairs(edges, np.where(shown, tops, base), base)
    dash = () if mark.outline == "bars" else dash_of(mark.series)
    yield Polyline(outline, colour, MIDDLE if mark.filled else STRONG, dash, part)


def _stairs(edges: Array, tops: Array, base: Array) -> Array:
    """The outline of bars."""
    xs = np.repeat(edges, 2)
    ys = np.concatenate([base[:1], np.repeat(tops, 2), base[-1:]])
    return np.column_stack([xs, ys])


@shapes_of.register
def _(mark: Blocks, pen: Pen, part: Part) -> Iterator[Shape]:
    colour = colour_of(mark.series, pen.style) if mark.tone is None else QUIET
    sides = np.column_stack([pen.x(mark.left), pen.y(mark.high), pen.x(mark.right), pen.y(mark.low)])
    for item, side in enumerate(sides.tolist()):
        if not np.isfinite(side).all():
            continue
        place = _rectangle(*side)
        if place[2] > 0 and place[3] > 0:
            yield from filling(*place, mark.series, mark.tone, pen.style, part._replace(item=item))
            yield Rectangle(*place, "", colour, THIN)


@shapes_of.register
def _(mark: Line, pen: Pen, part: Part) -> Iterator[Shape]:
    xs, ys = pen.x(mark.x), pen.y(mark.y)
    if not mark.steps:
        xs, ys = _fewer(xs), _fewer(ys)
    if mark.steps:
        xs, ys = np.repeat(xs, 2)[1:], np.repeat(ys, 2)[:-1]
    dash = (1.4, 0.6) if mark.dashed else dash_of(mark.series) if mark.ink == "series" else ()
    strength = THIN if mark.thin or mark.ink == "quiet" else STRONG
    here = part._replace(item=0) if mark.items else part
    yield Polyline(np.column_stack([xs, ys]), ink_of(mark.ink, mark.series, pen.style), strength, dash, here)


@shapes_of.register
def _(mark: Band, pen: Pen, part: Part) -> Iterator[Shape]:
    xs, low, high = (_fewer(part) for part in (pen.x(mark.x), pen.y(mark.low), pen.y(mark.high)))
    outline = np.concatenate([np.column_stack([xs, low]), np.column_stack([xs, high])[::-1]])
    yield Polygon(outline, tint(colour_of(mark.series, pen.style), 0.34 if mark.strong else 0.18), part)


@shapes_of.register
def _(mark: Area, pen: Pen, part: Part) -> Iterator[Shape]:
    outline = np.column_stack([_fewer(pen.x(mark.x)), _fewer(pen.y(mark.y))])
    here = part._replace(item=0) if mark.items else part
    yield Polygon(outline, fill_of(mark.series, pen.style), here)
    yield Polyline(np.vstack([outline, outline[:1]]), colour_of(mark.series, pen.style), MIDDLE, (), part)


@shapes_of.register
def _(mark: Dots, pen: Pen, part: Part) -> Iterator[Shape]:
    points = np.column_stack([pen.x(mark.x), pen.y(mark.y)])
    if points.size:
        radius = SMALL_RADIUS if mark.small else RADIUS if len(points) <= MANY_DOTS else MANY_RADIUS
        colour = ink_of(mark.ink, mark.series, pen.style)
        fill = tint(colour, 0.6) if mark.small or mark.pale else colour
        yield Cloud(points, radius, fill, kind_of(mark.series), part._replace(item=0) if mark.items else part)


@shapes_of.register
def _(mark: Boxes, pen: Pen, part: Part) -> Iterator[Shape]:
    colour, fill = colour_of(mark.series, pen.style), fill_of(mark.series, pen.style)
    for item, (place, half) in enumerate(zip(mark.places.tolist(), mark.halves.tolist(), strict=True)):
        left, middle, right = pen.x(np.array([place - half, place, place + half])).tolist()
        low, q1, median, q3, high = pen.y(mark.levels[item]).tolist()
        cap = (right - left) / 4
        for end, quarter in ((low, q1), (high, q3)):
            if end != quarter:
                yield Polyline(np.array([[middle, quarter], [middle, end]]), colour, MIDDLE)
                yield Polyline(np.array([[middle - cap, end], [middle + cap, end]]), colour, MIDDLE)
        place_of = _rectangle(left, q3, right, q1)
        yield Rectangle(*place_of, fill if mark.filled else "", colour, MIDDLE, part._replace(item=item))
        if mark.series and mark.filled:
            yield from hatching(*place_of, mark.series, pen.style)
        yield Polyline(np.array([[left, median], [right, median]]), INK, 1.3 * PT)


@shapes_of.register
def _(mark: Intervals, pen: Pen, part: Part) -> Iterator[Shape]:
    colour = ink_of(mark.ink, mark.series, pen.style)
    for place, low, high in np.column_stack([pen.x(mark.places), pen.y(mark.low), pen.y(mark.high)]).tolist():
        if np.isfinite(low) and np.isfinite(high):
            yield Polyline(np.array([[place, low], [place, high]]), colour, MIDDLE, (), part)
            for end in (low, high):
                yield Polyline(np.array([[place - 0.9, end], [place + 0.9, end]]), colour, MIDDLE)


def shade(share: float, style: HouseStyle, *, two_sided: bool = False) -> str:
    """The colour of a tile: from light to dark, or with a second colour below 0. `share` is from 0 to 1, or from -1."""
    if two_sided:
        return tint(colour_of(1 if share < 0 else 0, style), min(1.0, abs(share)))
    return tint(colour_of(0, style), LIGHTEST + (1 - LIGHTEST) * min(1.0, max(0.0, share)))


def shares_of(mark: Tiles) -> Array:
    """Where each value lies between the lightest and the darkest tile: from 0 to 1, on two sides of 0 from -1."""
    low, high = mark.ends
    if mark.two_sided:
        return np.asarray(mark.values / (max(abs(low), abs(high)) or 1.0))
    return np.asarray((mark.values - low) / ((high - low) or 1.0))


@shapes_of.register
def _(mark: Tiles, pen: Pen, part: Part) -> Iterator[Shape]:
    xs, ys, shares = pen.x(mark.x_edges), pen.y(mark.y_edges), shares_of(mark)
    if shares.size > MOST_RECTANGLES or min(abs(ys[1] - ys[0]), abs(xs[1] - xs[0])) < THINNEST:
        yield _raster(xs, ys, shares, mark, pen, part)
        return
    for i, j in zip(*np.nonzero(np.isfinite(shares)), strict=True):
        place = _rectangle(xs[i], ys[j + 1], xs[i + 1], ys[j])
        item = part._replace(item=int(i * shares.shape[1] + j))
        yield Rectangle(*place, shade(float(shares[i, j]), pen.style, two_sided=mark.two_sided), part=item)


def _raster(xs: Array, ys: Array, shares: Array, mark: Tiles, pen: Pen, part: Part) -> Shape:
    """Many tiles as one picture."""
    levels = np.linspace(-1.0 if mark.two_sided else 0.0, 1.0, 256)
    colours = [shade(float(level), pen.style, two_sided=mark.two_sided) for level in levels]
    table = np.array([[int(c[i : i + 2], 16) for i in (1, 3, 5)] for c in colours] + [[255, 255, 255]], np.uint8)
    places = np.clip(np.searchsorted(levels, shares), 0, 255)
    places[~np.isfinite(shares)] = 256
    pixels = np.ascontiguousarray(table[places].transpose(1, 0, 2)[::-1])
    left, top, width, height = _rectangle(xs[0], ys[-1], xs[-1], ys[0])
    return Raster(left, top, width, height, pixels, part._replace(item=0) if mark.items else part)


def _find_room(pen: Pen, x: float, base: float, width: float, rise: float, anchor: str) -> bool:
    """Whether a name has a place of its own; if so, it is taken."""
    left = x - {"left": 0.0, "middle": 0.5, "right": 1.0}[anchor] * width
    box = (left - 0.5, base - rise - 0.4, left + width + 0.5, base + 0.4)
    free = all(box[2] <= b[0] or b[2] <= box[0] or box[3] <= b[1] or b[3] <= box[1] for b in pen.taken)
    if free:
        pen.taken.append(box)
    return free


@shapes_of.register
def _(mark: Words, pen: Pen, part: Part) -> Iterator[Shape]:
    """Letters stand upright on the page whichever way the axes run."""
    size = pen.style.fonts.figure_pt - 1.0
    rise = figure_rise(size, pen.style)
    rooms = np.broadcast_to(np.asarray(mark.room, float), mark.x.shape)
    across = pen.y if pen.lying else pen.x
    scale = np.inf if across.log else abs(float(across(1.0) - across(0.0)))
    colour = ink_of(mark.ink, mark.series, pen.style)
    for place, text in enumerate(mark.texts):
        runs = print_text(text, pen.style)
        width = runs_width(runs, size, pen.style)
        side = mark.side if mark.side != "beyond" else "right" if pen.lying else "above"
        crowded = width > rooms[place] * scale and not (mark.side == "beyond" and pen.lying)
        if not runs or crowded:
            continue
        x, y = float(pen.x(mark.x[place])), float(pen.y(mark.y[place]))
        if pen.lying:
            x, y = y, x
        if side == "right" and x + 1.3 + width > across.stop + RIGHT_ROOM:
            side = "left"
        dx, dy, anchor = {
            "over": (0.0, rise / 2, "middle"),
            "right": (1.3, rise / 2, "left"),
            "left": (-1.3, rise / 2, "right"),
            "above": (0.0, -1.0, "middle"),
            "below": (0.0, rise + 1.0, "middle"),
        }[side]
        paper = PAPER if mark.light and mark.light[place] else colour
        if mark.optional and not _find_room(pen, x + dx, y + dy, width, rise, anchor):
            continue
        here = part._replace(item=place) if mark.items else part
        for letters in letters_of(runs, x + dx, y + dy, size, pen.style, anchor=anchor, colour=paper):
            yield replace(letters, part=here)


@shapes_of.register
def _(mark: Frames, pen: Pen, part: Part) -> Iterator[Shape]:
    """Words are broken into lines; where these do not fit their box, they are set smaller, so that no number is lost."""
    sides = np.column_stack([pen.x(mark.left), pen.y(mark.high), pen.x(mark.right), pen.y(mark.low)])
    for item, side in enumerate(sides.tolist()):
        left, top, width, height = _rectangle(*side)
        yield Rectangle(left, top, width, height, PAPER, INK, THIN, part._replace(item=item))
        for share in SMALLER:
            size, leading = share * pen.style.fonts.figure_pt, share * line_height(pen.style)
            lines = [
                line for text in mark.texts[item] for line in _broken(text, width - 2 * FRAME_PAD, size, pen.style)
            ]
            if leading * len(lines) <= height:
                break
        y = top + (height - leading * len(lines)) / 2 + (leading + figure_rise(size, pen.style)) / 2
        for line in lines:
            x, anchor = (left + FRAME_PAD, "left") if mark.aside[item] else (left + width / 2, "middle")
            yield from letters_of(line, x, y, size, pen.style, anchor=anchor)
            y += leading


def _broken(text: Text, room: float, size: float, style: HouseStyle) -> tuple[Runs, ...]:
    return fitted(print_text(text, style), room, MOST_LINES, size, style)


@shapes_of.register
def _(mark: Arrows, pen: Pen, part: Part) -> Iterator[Shape]:
    del part
    for way in mark.ways:
        points = np.column_stack([pen.x(way[:, 0]), pen.y(way[:, 1])])
        end, before = points[-1], points[-2]
        along = (end - before) / (float(np.hypot(*(end - before))) or 1.0)
        across = np.array([-along[1], along[0]])
        neck = end - ARROW * along
        yield Polyline(np.vstack([points[:-1], neck]), INK, THIN)
        yield Polygon(np.array([end, neck + 0.45 * ARROW * across, neck - 0.45 * ARROW * across]), INK)
