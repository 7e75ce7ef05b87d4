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
Ink = Literal["series", "curve", "quiet"]
Place = tuple[float, Text]


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
    meaning
        What it shows, in plain words for whoever points at it.
    years
        True where its values are calendar years.
    log
        True where equal factors are equally far apart; its ends are above 0.
    dates
        True where its values are days since 1970-01-01.
    places
        Names along it where it has places instead of numbers: (place, name).
    bare
        Neither line nor ticks nor labels.
    sizes
        True where its values are sizes on both sides of 0: they are written without a sign.
    """

    title: Text
    low: float
    high: float
    whole: bool = False
    shared: str = ""
    meaning: Text = ()
    years: bool = False
    log: bool = False
    places: tuple[Place, ...] = ()
    bare: bool = False
    sizes: bool = False
    dates: bool = False


@dataclass(frozen=True)
class Item:
    """One bar, dot, box or line of a mark: what it says when it is pointed at, and the cases behind it.

    Attributes
    ----------
    numbers
        What can be opened in it, the weightiest first, with keys: statistics by those that a table gives them, others by those
        that the form explains.
    """

    words: Text = ()
    behind: Behind | None = None
    numbers: tuple[Cell, ...] = ()


@dataclass(frozen=True, eq=False)
class Bars:
    """Bars over class limits: edges (bars + 1,), tops (bars,) over `base`; NaN for a bar that is not drawn.

    Attributes
    ----------
    base
        One value, or one per bar (stacked).
    outline
        "bars" one by one, "steps" their outline, "line" through the middles of their tops.
    """

    edges: Array
    heights: Array
    items: tuple[Item, ...] = ()
    series: int = 0
    base: float | Array = 0.0
    name: Text = ()
    outline: Literal["bars", "steps", "line"] = "bars"
    filled: bool = True


@dataclass(frozen=True, eq=False)
class Blocks:
    """Rectangles that stand by themselves: left, right, low, high, each of shape (blocks,).

    Attributes
    ----------
    tone
        For the values of a scale: from −1 (its lower end) to 1 (its upper end), 0 in the middle; None for a series.
    """

    left: Array
    right: Array
    low: Array
    high: Array
    items: tuple[Item, ...] = ()
    series: int = 0
    name: Text = ()
    tone: float | None = None


@dataclass(frozen=True, eq=False)
class Line:
    """A line through points (x, y); `dashed` is the second cue beside the colour of the series.

    A line with a name in `ink` "series" is told in the legend or beside the line itself. `thin` for the ends of a band.
    """

    x: Array
    y: Array
    name: Text = ()
    series: int = 0
    dashed: bool = False
    steps: bool = False
    ink: Ink = "series"
    items: tuple[Item, ...] = ()
    thin: bool = False


@dataclass(frozen=True, eq=False)
class Band:
    """An area between two lines over the same x. `strong` hides what lies behind it."""

    x: Array
    low: Array
    high: Array
    series: int = 0
    strong: bool = False


@dataclass(frozen=True, eq=False)
class Area:
    """A closed outline through points (x, y), filled: a violin, or half of one."""

    x: Array
    y: Array
    series: int = 0
    name: Text = ()
    items: tuple[Item, ...] = ()


@dataclass(frozen=True, eq=False)
class Dots:
    """Dots at (x, y); each series has a form of its own. `small` for raw cases under something else, `pale` under a mean."""

    x: Array
    y: Array
    items: tuple[Item, ...] = ()
    series: int = 0
    name: Text = ()
    small: bool = False
    pale: bool = False
    ink: Ink = "series"


@dataclass(frozen=True, eq=False)
class Boxes:
    """Boxes at places: rows of (whisker low, q1, median, q3, whisker high), shape (boxes, 5); half widths (boxes,)."""

    places: Array
    levels: Array
    halves: Array
    items: tuple[Item, ...] = ()
    series: int = 0
    name: Text = ()
    filled: bool = True


@dataclass(frozen=True, eq=False)
class Intervals:
    """Upright intervals from low to high at places, with caps; NaN for none."""

    places: Array
    low: Array
    high: Array
    series: int = 0
    ink: Ink = "series"


@dataclass(frozen=True, eq=False)
class Tiles:
    """Tiles of a plane: x edges, y edges and values (columns, rows); NaN for a tile that is not drawn.

    Attributes
    ----------
    ends
        The values of the lightest and the darkest tile; values on both sides of 0 where `two_sided`.
    measure
        What the values are, for the scale beside the figure; empty for none.
    """

    x_edges: Array
    y_edges: Array
    values: Array
    items: tuple[Item, ...] = ()
    ends: tuple[float, float] = (0.0, 1.0)
    two_sided: bool = False
    measure: Text = ()


@dataclass(frozen=True, eq=False)
class Words:
    """Texts at (x, y), which stand in the middle of their place; those that do not fit `room` (data units of x) are left out.

    Attributes
    ----------
    side
        "over" for texts in their place; "right", "left", "above", "below" for texts beside it; "beyond" for those at the
        end of a bar: above it, or right of one that lies.
    light
        Which of them stand on a dark ground.
    optional
        True for names that may be left out where others stand already.
    """

    x: Array
    y: Array
    texts: tuple[Text, ...]
    room: float | Array = np.inf
    items: tuple[Item, ...] = ()
    side: Literal["over", "right", "left", "above", "below", "beyond"] = "over"
    ink: Ink = "curve"
    light: tuple[bool, ...] = ()
    series: int = 0
    optional: bool = False


@dataclass(frozen=True, eq=False)
class Frames:
    """Boxes with words in them: left, right, low, high, each of shape (boxes,); the words of each, paragraph by paragraph.

    Attributes
    ----------
    aside
        Which of them stand beside the way: their words begin at the left.
    """

    left: Array
    right: Array
    low: Array
    high: Array
    texts: tuple[tuple[Text, ...], ...]
    aside: tuple[bool, ...]
    items: tuple[Item, ...] = ()


@dataclass(frozen=True, eq=False)
class Arrows:
    """Ways from box to box, each through points of shape (points, 2), with a head at its end."""

    ways: tuple[Array, ...]


Mark = Bars | Blocks | Line | Band | Area | Dots | Boxes | Intervals | Tiles | Words | Frames | Arrows


@dataclass(frozen=True, eq=False)
class Panel:
    """One field of a figure: axes, marks in drawing order, the label of its group and its n.

    Attributes
    ----------
    lying
        True where x runs down the page and y to the right: bars that lie.
    """

    x: Axis
    y: Axis
    marks: tuple[Mark, ...]
    label: Text = ()
    n: Cell | None = None
    lying: bool = False


def items_of(mark: Mark) -> tuple[Item, ...]:
    """What a mark consists of, one by one; nothing where it has nothing to say."""
    return getattr(mark, "items", ())


@dataclass(frozen=True, eq=False)
class FigureSheet:
    """A figure ready to be laid out; `alt` is what a person who cannot see it is told.

    Attributes
    ----------
    numbers
        What is compared when the figure is made again, as keyed values.
    columns
        Panels side by side; 0 where their number decides.
    size
        "column", "half" (one and a half columns) or "page": how wide it is on paper; empty where its form decides.
    ratio
        Height of a panel's field over its width; 0 where the style decides.
    tall
        The height of each field in lines of text, where its places one under the other decide it; else 0.
    beside
        True where names may stand at the lines themselves.
    """

    title: Text
    panels: tuple[Panel, ...]
    notes: tuple[Note, ...] = ()
    alt: Text = ()
    numbers: tuple[Cell, ...] = field(default=(), repr=False)
    columns: int = 0
    size: str = ""
    ratio: float = 0.0
    tall: float = 0.0
    beside: bool = False
