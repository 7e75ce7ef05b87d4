"""The shapes of a scene, in millimetres from the figure's upper left corner; y runs downwards, to the baseline of letters."""

from __future__ import annotations

from dataclasses import dataclass
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.render.fonts import Face

Array = NDArray[np.float64]
PT = 25.4 / 72


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


@dataclass(frozen=True, eq=False)
class Polyline:
    """A line through points, shape (n, 2); `dash` is (stroke, gap) in mm, empty for a solid one."""

    points: Array
    colour: str
    line: float
    dash: tuple[float, ...] = ()
    part: Part = NO_PART


@dataclass(frozen=True, eq=False)
class Polygon:
    """A filled polygon through points, shape (n, 2)."""

    points: Array
    fill: str
    part: Part = NO_PART


@dataclass(frozen=True)
class Circle:
    """A dot."""

    x: float
    y: float
    radius: float
    fill: str
    part: Part = NO_PART


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


Shape = Rectangle | Polyline | Polygon | Circle | Letters


@dataclass(frozen=True, eq=False)
class Field:
    """Where a panel's axes stand, and which values lie at their ends."""

    left: float
    top: float
    width: float
    height: float
    x: tuple[float, float]
    y: tuple[float, float]


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
            if isinstance(shape, Rectangle) and shape.part.item >= 0:
                if shape.left <= x <= shape.left + shape.width and shape.top <= y <= shape.top + shape.height:
                    return shape.part
            elif isinstance(shape, Circle) and shape.part.item >= 0:
                reach = max(shape.radius, 0.8)
                if (shape.x - x) ** 2 + (shape.y - y) ** 2 <= reach**2:
                    return shape.part
        return self._column(x, y)

    def _column(self, x: float, y: float) -> Part | None:
        """The bar above or below which a place lies within its panel."""
        for place, here in enumerate(self.fields):
            if not (here.left <= x <= here.left + here.width and here.top <= y <= here.top + here.height):
                continue
            bars = (s for s in self.shapes if isinstance(s, Rectangle) and s.part.panel == place and s.part.item >= 0)
            return next((bar.part for bar in bars if bar.left <= x < bar.left + bar.width), None)
        return None
