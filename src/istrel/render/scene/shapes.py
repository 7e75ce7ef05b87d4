"""The shapes of a scene, in millimetres from the figure's upper left corner; y runs downwards, to the baseline of letters."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import singledispatch
from typing import Literal, NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.render.fonts import Face

Array = NDArray[np.float64]
PT = 25.4 / 72
RING = 0.5  # the stroke of a ring, as a share of its radius
NEAR = 0.9  # mm from a dot or a line that are still on it
Kind = Literal["circle", "square", "triangle", "diamond", "turned", "ring"]
CORNERS: dict[str, Array] = {
    "square": np.array([[-0.89, -0.89], [0.89, -0.89], [0.89, 0.89], [-0.89, 0.89]]),
    "triangle": np.array([[0.0, -1.25], [1.12, 0.75], [-1.12, 0.75]]),
    "diamond": np.array([[0.0, -1.3], [1.1, 0.0], [0.0, 1.3], [-1.1, 0.0]]),
    "turned": np.array([[0.0, 1.25], [1.12, -0.75], [-1.12, -0.75]]),
}


class Part(NamedTuple):
    """Which item of the figure a shape stands for: panel, mark, item; -1 where it stands for none."""

    panel: int = -1
    mark: int = -1
    item: int = -1


NO_PART = Part()


@dataclass(frozen=True)
class Rectangle:
    """A filled rectangle; `edge` is the colour of its outline, empty for none."""

    left: float
    top: float
    width: float
    height: float
    fill: str
    edge: str = ""
    line: float = 0.0
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        return self.left <= x <= self.left + self.width and self.top <= y <= self.top + self.height


@dataclass(frozen=True, eq=False)
class Polyline:
    """A line through points, shape (n, 2); `dash` is (stroke, gap) in mm, empty for a solid one."""

    points: Array
    colour: str
    line: float
    dash: tuple[float, ...] = ()
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        """Whether a place is on the line, or as good as."""
        starts, steps = self.points[:-1], np.diff(self.points, axis=0)
        squared = np.einsum("ij,ij->i", steps, steps)
        away = np.array([x, y]) - starts
        along = np.clip(np.einsum("ij,ij->i", away, steps) / np.where(squared > 0, squared, 1.0), 0.0, 1.0)
        rest = away - along[:, None] * steps
        return bool((np.einsum("ij,ij->i", rest, rest) <= NEAR**2).any())


@dataclass(frozen=True, eq=False)
class Strokes:
    """Straight strokes of one pen, shape (n, 2, 2): a hatch."""

    ends: Array
    colour: str
    line: float
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        del x, y
        return False


@dataclass(frozen=True, eq=False)
class Polygon:
    """A filled polygon through points, shape (n, 2)."""

    points: Array
    fill: str
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        """Whether a place is inside: a ray from it crosses the outline an odd number of times."""
        (x0, y0), (x1, y1) = self.points.T, np.roll(self.points, -1, axis=0).T
        spans = (y0 > y) != (y1 > y)
        rise = np.where(y1 == y0, 1.0, y1 - y0)
        return bool((spans & (x < x0 + (y - y0) / rise * (x1 - x0))).sum() % 2)


@dataclass(frozen=True, eq=False)
class Cloud:
    """Dots of one form and colour at points, shape (n, 2); the part's item is that of the first dot."""

    points: Array
    radius: float
    fill: str
    kind: Kind = "circle"
    part: Part = NO_PART

    def nearest(self, x: float, y: float) -> int:
        """The dot at a place; -1 where there is none."""
        away = np.hypot(self.points[:, 0] - x, self.points[:, 1] - y)
        place = int(away.argmin()) if away.size else -1
        return place if place >= 0 and away[place] <= max(self.radius, NEAR) else -1


@dataclass(frozen=True, eq=False)
class Raster:
    """Rows of colours, uint8 (rows, columns, 3), stretched over a rectangle without smoothing."""

    left: float
    top: float
    width: float
    height: float
    pixels: NDArray[np.uint8]
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        return self.left <= x <= self.left + self.width and self.top <= y <= self.top + self.height


@dataclass(frozen=True)
class Letters:
    """One run of letters in one font, from (x, y) to the right along the baseline; turned a quarter left where `upright`."""

    text: str
    x: float
    y: float
    size_pt: float
    face: Face
    width: float
    upright: bool = False
    colour: str = "#1B1B1B"
    part: Part = NO_PART

    def holds(self, x: float, y: float) -> bool:
        return self.x <= x <= self.x + self.width and self.y - self.size_pt * PT <= y <= self.y


Box = tuple[float, float, float, float]
Shape = Rectangle | Polyline | Strokes | Polygon | Cloud | Raster | Letters


@singledispatch
def lying(shape: object) -> Shape:
    """A shape drawn with x running down the page and y to the right: its places exchanged."""
    raise TypeError(type(shape).__name__)


@lying.register
def _(shape: Rectangle) -> Shape:
    return replace(shape, left=shape.top, top=shape.left, width=shape.height, height=shape.width)


@lying.register(Polyline)
@lying.register(Polygon)
@lying.register(Cloud)
def _(shape: Polyline | Polygon | Cloud) -> Shape:
    return replace(shape, points=shape.points[:, ::-1])


@lying.register
def _(shape: Strokes) -> Shape:
    return replace(shape, ends=shape.ends[:, :, ::-1])


@lying.register
def _(shape: Raster) -> Shape:
    pixels = np.ascontiguousarray(shape.pixels.transpose(1, 0, 2))
    return replace(shape, left=shape.top, top=shape.left, width=shape.height, height=shape.width, pixels=pixels)


@lying.register
def _(shape: Letters) -> Shape:
    return shape


@dataclass(frozen=True, eq=False)
class Field:
    """Where a panel's axes stand, and which values lie at their ends: `x` across the page, `y` up."""

    left: float
    top: float
    width: float
    height: float
    x: tuple[float, float]
    y: tuple[float, float]
    x_log: bool = False
    y_log: bool = False
    downwards: bool = False

    def holds(self, x: float, y: float) -> bool:
        return self.left <= x <= self.left + self.width and self.top <= y <= self.top + self.height


@dataclass(frozen=True, eq=False)
class Scene:
    """Everything of a figure in its place, in painting order.

    Attributes
    ----------
    lacking
        Characters for which no font on this machine has a shape.
    """

    width: float
    height: float
    shapes: tuple[Shape, ...]
    fields: tuple[Field, ...]
    lacking: str = ""

    def at(self, x: float, y: float) -> Part | None:
        """The item whose shape lies at a place, the topmost first; None where there is none."""
        for shape in reversed(self.shapes):
            if shape.part.item < 0:
                continue
            if isinstance(shape, Cloud):
                place = shape.nearest(x, y)
                if place >= 0:
                    return shape.part._replace(item=shape.part.item + place)
            elif shape.holds(x, y):
                return self._tile(shape, x, y) if isinstance(shape, Raster) else shape.part
        return self._column(x, y)

    def box_of(self, part: Part) -> Box | None:
        """(left, top, width, height) of an item; None where it is not drawn."""
        boxes = [box for shape in self.shapes if (box := _box(shape, part)) is not None]
        if not boxes:
            return None
        left, top = min(box[0] for box in boxes), min(box[1] for box in boxes)
        right, bottom = max(box[0] + box[2] for box in boxes), max(box[1] + box[3] for box in boxes)
        return left, top, right - left, bottom - top

    def _tile(self, shape: Raster, x: float, y: float) -> Part:
        """The tile of a raster: its items run up each column of tiles, column after column."""
        rows, columns = shape.pixels.shape[:2]
        column = min(columns - 1, int((x - shape.left) / shape.width * columns))
        row = min(rows - 1, int((y - shape.top) / shape.height * rows))
        return shape.part._replace(item=shape.part.item + column * rows + (rows - 1 - row))

    def _column(self, x: float, y: float) -> Part | None:
        """The bar above or below which a place lies within its panel."""
        for place, here in enumerate(self.fields):
            if not here.holds(x, y):
                continue
            bars = (s for s in self.shapes if isinstance(s, Rectangle) and s.part.panel == place and s.part.item >= 0)
            return next((bar.part for bar in bars if bar.left <= x < bar.left + bar.width), None)
        return None

    def axis_at(self, x: float, y: float) -> tuple[int, str] | None:
        """(panel, "x" or "y") of the axis whose ticks or labels lie at a place, across the foot or up the left side."""
        for place, here in enumerate(self.fields):
            foot = here.top + here.height
            if here.left <= x <= here.left + here.width and foot < y <= foot + 9:
                return place, "x"
            if here.top <= y <= foot and here.left - 14 <= x < here.left:
                return place, "y"
        return None


def _box(shape: Shape, part: Part) -> Box | None:
    """Where an item stands in a shape: (left, top, width, height); None where it is none of it."""
    place = part.item - shape.part.item
    if shape.part[:2] != part[:2] or shape.part.item < 0 or place < 0:
        return None
    match shape:
        case Raster():
            rows, columns = shape.pixels.shape[:2]
            wide, high = shape.width / columns, shape.height / rows
            column, row = divmod(place, rows)
            return shape.left + column * wide, shape.top + (rows - 1 - row) * high, wide, high
        case Cloud():
            if place >= len(shape.points):
                return None
            x, y = shape.points[place].tolist()
            return x - shape.radius, y - shape.radius, 2 * shape.radius, 2 * shape.radius
        case _ if place:
            return None
        case Rectangle():
            return shape.left, shape.top, shape.width, shape.height
        case Letters():
            return shape.x, shape.y - shape.size_pt * PT, shape.width, shape.size_pt * PT
        case Polyline() | Polygon():
            (left, top), (right, bottom) = shape.points.min(axis=0).tolist(), shape.points.max(axis=0).tolist()
            return left, top, right - left, bottom - top
        case _:
            return None
