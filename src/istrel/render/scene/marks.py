"""Marks as shapes: one function per kind of mark, from data units to millimetres."""

from __future__ import annotations

from collections.abc import Iterator
from functools import singledispatch

import numpy as np

from istrel.exhibits.figure import Band, Bars, Boxes, Dots, Line, Tiles
from istrel.render.scene.axes import Scale
from istrel.render.scene.shapes import PT, Circle, Part, Polygon, Polyline, Rectangle, Shape
from istrel.style.house import HouseStyle

INK, PAPER = "#1B1B1B", "#FFFFFF"
DASHES = ((), (2.2, 1.0), (0.7, 0.7), (3.4, 1.0, 0.7, 1.0), (5.0, 1.4), (1.4, 0.6))
TINT = 0.55


def colour_of(series: int, style: HouseStyle) -> str:
    return style.figure.palette[series % len(style.figure.palette)]


def tint(colour: str, share: float = TINT) -> str:
    """The colour at a share over white paper: prints lighter than a line in greyscale."""
    parts = (int(colour[i : i + 2], 16) for i in (1, 3, 5))
    return "#" + "".join(f"{round(255 * (1 - share) + share * part):02X}" for part in parts)


@singledispatch
def shapes_of(mark: object, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    """The shapes of a mark within the scales of its panel."""
    raise TypeError(type(mark).__name__)


@shapes_of.register
def _(mark: Bars, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    edges, tops, base = x(mark.edges), y(mark.heights), float(y(mark.base))
    colour = colour_of(mark.series, style)
    fill = tint(colour)
    for item, top in enumerate(tops.tolist()):
        if np.isfinite(top):
            left, right = float(edges[item]), float(edges[item + 1])
            yield Rectangle(left, top, right - left, base - top, fill, part=part._replace(item=item))
    for item in range(1, tops.size):
        low = np.fmax(tops[item - 1], tops[item])
        if np.isfinite(low) and low < base:
            yield Polyline(np.array([[edges[item], base], [edges[item], low]]), PAPER, 0.5 * PT, part=part)
    yield Polyline(_stairs(edges, np.where(np.isfinite(tops), tops, base), base), colour, 0.7 * PT, part=part)


def _stairs(edges: np.ndarray, tops: np.ndarray, base: float) -> np.ndarray:
    """The outline of bars."""
    xs = np.repeat(edges, 2)
    ys = np.concatenate([[base], np.repeat(tops, 2), [base]])
    return np.column_stack([xs, ys])


@shapes_of.register
def _(mark: Line, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    xs, ys = x(mark.x), y(mark.y)
    if mark.steps:
        xs, ys = np.repeat(xs, 2)[1:], np.repeat(ys, 2)[:-1]
    colour = INK if mark.ink == "curve" else colour_of(mark.series, style)
    dash = (1.4, 0.6) if mark.dashed else DASHES[mark.series % len(DASHES)] if mark.ink == "line" else ()
    yield Polyline(np.column_stack([xs, ys]), colour, 1.1 * PT, dash, part)


@shapes_of.register
def _(mark: Band, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    xs = x(mark.x)
    outline = np.concatenate([np.column_stack([xs, y(mark.low)]), np.column_stack([xs, y(mark.high)])[::-1]])
    yield Polygon(outline, tint(colour_of(mark.series, style), 0.18), part)


@shapes_of.register
def _(mark: Dots, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    colour = colour_of(mark.series, style)
    for item, (across, up) in enumerate(zip(x(mark.x).tolist(), y(mark.y).tolist(), strict=True)):
        yield Circle(across, up, 0.55, colour, part._replace(item=item))


@shapes_of.register
def _(mark: Boxes, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    colour = colour_of(mark.series, style)
    half = min(8.0, 0.3 * abs(float(x(1.0) - x(0.0))))
    for item, place in enumerate(x(mark.places).tolist()):
        low, q1, median, q3, high = y(mark.levels[item]).tolist()
        for end, quarter in ((low, q1), (high, q3)):
            yield Polyline(np.array([[place, quarter], [place, end]]), colour, 0.7 * PT, part=part)
            cap = np.array([[place - half / 2, end], [place + half / 2, end]])
            yield Polyline(cap, colour, 0.7 * PT, part=part)
        box = Rectangle(
            place - half, q3, 2 * half, q1 - q3, tint(colour, 0.3), colour, 0.7 * PT, part._replace(item=item)
        )
        yield box
        yield Polyline(np.array([[place - half, median], [place + half, median]]), INK, 1.2 * PT, part=part)


@shapes_of.register
def _(mark: Tiles, x: Scale, y: Scale, style: HouseStyle, part: Part) -> Iterator[Shape]:
    xs, ys = x(mark.x_edges), y(mark.y_edges)
    most = float(np.nanmax(mark.values, initial=0.0)) or 1.0
    colour = colour_of(0, style)
    for i, j in zip(*np.nonzero(np.isfinite(mark.values)), strict=True):
        share = 0.15 + 0.85 * float(np.sqrt(mark.values[i, j] / most))
        left, top = float(xs[i]), float(ys[j + 1])
        item = int(i * mark.values.shape[1] + j)
        size = float(xs[i + 1] - xs[i]), float(ys[j] - ys[j + 1])
        yield Rectangle(left, top, *size, tint(colour, share), part=part._replace(item=item))
