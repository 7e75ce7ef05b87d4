"""The semantic model of a figure: panels of marks in data units, each mark with what stands behind its items.

Where things stand on paper is `render/scene`'s matter; nothing here knows a house style, a font or a millimetre.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.behind import Behind
from istrel.exhibits.table import Note
from istrel.exhibits.text import Cell, Text

Array = NDArray[np.float64]
Ink = Literal["fill", "edge", "line", "curve", "quiet"]


@dataclass(frozen=True)
class Axis:
    """One axis: its title, the values it must show, and how it is divided.

    Attributes
    ----------
    low, high
        The values at its ends, in data units.
    whole
        True where only whole numbers are marked (counts).
    shared
        Axes of one figure with the same word have the same ends, and inner ones leave their labels away.
    years
        True where its values are calendar years.
    meaning
        What it shows, in plain words for whoever points at it.
    """

    title: Text
    low: float
    high: float
    whole: bool = False
    shared: str = ""
    meaning: Text = ()
    years: bool = False


@dataclass(frozen=True)
class Item:
    """One bar, dot or box of a mark: what it says when it is pointed at, and the cases behind it."""

    words: Text = ()
    behind: Behind | None = None


@dataclass(frozen=True, eq=False)
class Bars:
    """Bars over class limits: edges (bars + 1,), heights (bars,) from `base`; NaN for a bar that is not drawn."""

    edges: Array
    heights: Array
    items: tuple[Item, ...] = ()
    series: int = 0
    base: float = 0.0


@dataclass(frozen=True, eq=False)
class Line:
    """A line through points (x, y); `dashed` is the second cue beside the colour of the series."""

    x: Array
    y: Array
    name: Text = ()
    series: int = 0
    dashed: bool = False
    steps: bool = False
    ink: Ink = "line"


@dataclass(frozen=True, eq=False)
class Band:
    """An area between two lines over the same x."""

    x: Array
    low: Array
    high: Array
    series: int = 0


@dataclass(frozen=True, eq=False)
class Dots:
    """Dots at (x, y)."""

    x: Array
    y: Array
    items: tuple[Item, ...] = ()
    series: int = 0


@dataclass(frozen=True, eq=False)
class Boxes:
    """Upright boxes at places on x: rows of (whisker low, q1, median, q3, whisker high), shape (boxes, 5)."""

    places: Array
    levels: Array
    items: tuple[Item, ...] = ()
    series: int = 0


@dataclass(frozen=True, eq=False)
class Tiles:
    """Tiles of a plane: x edges, y edges and values (columns, rows); NaN for a tile that is not drawn."""

    x_edges: Array
    y_edges: Array
    values: Array


Mark = Bars | Line | Band | Dots | Boxes | Tiles


@dataclass(frozen=True, eq=False)
class Panel:
    """One field of a figure: axes, marks in drawing order, the label of its group and its n.

    Attributes
    ----------
    places
        Names along x where it has places instead of numbers: (place, name).
    """

    x: Axis
    y: Axis
    marks: tuple[Mark, ...]
    label: Text = ()
    n: Cell | None = None
    places: tuple[tuple[float, Text], ...] = ()


@dataclass(frozen=True, eq=False)
class FigureSheet:
    """A figure ready to be laid out; `alt` is what a person who cannot see it is told."""

    title: Text
    panels: tuple[Panel, ...]
    notes: tuple[Note, ...] = ()
    alt: Text = ()
    numbers: tuple[Cell, ...] = field(default=(), repr=False)
