"""A figure drawn in LaTeX: the shapes of its scene in millimetres, its letters in the document's own font."""

from __future__ import annotations

from functools import singledispatch
from typing import Any

import numpy as np

from istrel.render.latex.letters import escaped
from istrel.render.scene import CORNERS, Cloud, Letters, Polygon, Polyline, Raster, Rectangle, Scene, Strokes
from istrel.render.scene.shapes import RING

LEADING = 1.2


def drawing(scene: Scene) -> str:
    """The figure at its true size, y downwards."""
    colours: dict[str, str] = {}
    body = [line for shape in scene.shapes for line in _drawn(shape, colours)]
    defined = [f"\\definecolor{{{name}}}{{HTML}}{{{value.lstrip('#').upper()}}}" for value, name in colours.items()]
    edge = f"\\path (0,0) rectangle ({scene.width:.2f},{scene.height:.2f});"
    lines = [
        "\\begin{tikzpicture}[x=1mm,y=-1mm,line cap=butt,line join=miter]",
        *defined,
        edge,
        *body,
        "\\end{tikzpicture}",
    ]
    return "\n".join(lines) + "\n"


def _named(colour: str, colours: dict[str, str]) -> str:
    return colours.setdefault(colour, f"c{len(colours)}")


def _at(point: Any) -> str:
    return f"({point[0]:.3f},{point[1]:.3f})"


@singledispatch
def _drawn(shape: object, _: dict[str, str]) -> list[str]:
    raise TypeError(type(shape).__name__)


@_drawn.register
def _(shape: Rectangle, colours: dict[str, str]) -> list[str]:
    options = []
    if shape.fill:
        options.append(f"fill={_named(shape.fill, colours)}")
    if shape.edge:
        options.append(f"draw={_named(shape.edge, colours)},line width={shape.line:.3f}mm")
    corner = (shape.left + shape.width, shape.top + shape.height)
    return [f"\\path[{','.join(options)}] {_at((shape.left, shape.top))} rectangle {_at(corner)};"]


@_drawn.register
def _(shape: Polyline, colours: dict[str, str]) -> list[str]:
    dash = "".join(f"{'off' if k % 2 else 'on'} {part:.3f}mm " for k, part in enumerate(shape.dash))
    pattern = f",dash pattern={dash}" if dash else ""
    points = " -- ".join(map(_at, shape.points))
    return [f"\\draw[draw={_named(shape.colour, colours)},line width={shape.line:.3f}mm{pattern}] {points};"]


@_drawn.register
def _(shape: Strokes, colours: dict[str, str]) -> list[str]:
    path = " ".join(f"{_at(start)} -- {_at(end)}" for start, end in shape.ends)
    return [f"\\draw[draw={_named(shape.colour, colours)},line width={shape.line:.3f}mm] {path};"] if path else []


@_drawn.register
def _(shape: Polygon, colours: dict[str, str]) -> list[str]:
    return [f"\\fill[{_named(shape.fill, colours)}] {' -- '.join(map(_at, shape.points))} -- cycle;"]


@_drawn.register
def _(shape: Cloud, colours: dict[str, str]) -> list[str]:
    colour, radius = _named(shape.fill, colours), shape.radius
    if shape.kind in ("circle", "ring"):
        pen = f"draw={colour},line width={RING * radius:.3f}mm" if shape.kind == "ring" else f"fill={colour}"
        return [f"\\path[{pen}] {_at(point)} circle[radius={radius:.3f}];" for point in shape.points]
    corners = CORNERS[shape.kind] * radius
    paths = (" -- ".join(_at(point + corner) for corner in corners) for point in shape.points)
    return [f"\\fill[{colour}] {path} -- cycle;" for path in paths]


@_drawn.register
def _(shape: Raster, colours: dict[str, str]) -> list[str]:
    """Tiles of one colour in a row as one rectangle; white ones are the paper."""
    rows, columns = shape.pixels.shape[:2]
    wide, tall = shape.width / columns, shape.height / rows
    made = []
    for row in range(rows):
        line = shape.pixels[row]
        ends = np.flatnonzero(np.any(line[1:] != line[:-1], axis=1)) + 1
        for first, last in zip([0, *ends], [*ends, columns], strict=True):
            red, green, blue = (int(part) for part in line[first])
            if (red, green, blue) == (255, 255, 255):
                continue
            colour = _named(f"#{red:02X}{green:02X}{blue:02X}", colours)
            left, top = shape.left + first * wide, shape.top + row * tall
            made.append(f"\\fill[{colour}] {_at((left, top))} rectangle {_at((shape.left + last * wide, top + tall))};")
    return made


@_drawn.register
def _(shape: Letters, colours: dict[str, str]) -> list[str]:
    slant = "\\itshape " if "Italic" in shape.face.path else ""
    slant += "\\bfseries " if "Bold" in shape.face.path else ""
    size = f"\\fontsize{{{shape.size_pt}}}{{{LEADING * shape.size_pt:.1f}}}\\selectfont "
    turned = ",rotate=90" if shape.upright else ""
    colour = _named(shape.colour, colours)
    place = f"anchor=base,inner sep=0pt,outer sep=0pt{turned}"
    half = shape.width / 2
    middle = (shape.x, shape.y - half) if shape.upright else (shape.x + half, shape.y)
    return [f"\\node[{place},text={colour}] at {_at(middle)} {{{size}{slant}{escaped(shape.text)}}};"]
