"""The semantic models of a table and a figure. Values stay values here; the house style turns them to text at output."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind


@dataclass(frozen=True)
class Run:
    """A piece of text of one slant."""

    text: str
    italic: bool = False


Text = tuple[Run, ...]


def plain(text: str) -> Text:
    return (Run(text),) if text else ()


def italic(text: str) -> Text:
    return (Run(text, italic=True),)


def as_plain(text: Text) -> str:
    """The characters alone, on one line."""
    return "".join(run.text for run in text).replace("\n", " ")


def lines_of(text: Text) -> tuple[Text, ...]:
    """The lines of a head; a run holds a line break as its only character."""
    lines: list[Text] = [()]
    for run in text:
        if run.text == "\n":
            lines.append(())
        else:
            lines[-1] = (*lines[-1], run)
    return tuple(lines)


@dataclass(frozen=True)
class Cell:
    """One value at full precision, and what kind of number it is.

    Attributes
    ----------
    value
        A number, several numbers (all modes), a text, why there is none, or None for a cell that stays empty.
    decimals
        Of a measure; None leaves them to the style.
    """

    value: float | tuple[float, ...] | str | Undefined | None
    kind: Kind = Kind.MEASURE
    decimals: int | None = None


@dataclass(frozen=True)
class Compound:
    """Several values in one cell, such as a mean with its SD in brackets; `pattern` has a {} for each."""

    pattern: str
    cells: tuple[Cell, ...]


@dataclass(frozen=True)
class Head:
    """A column head; with a span above 1 it is a spanner over the heads below it. An empty head takes no rule."""

    text: Text
    span: int = 1


@dataclass(frozen=True)
class About:
    """What a row speaks of: a variable, and the labels of its group (none for all cases)."""

    variable: str
    group: tuple[str, ...] = ()


@dataclass(frozen=True)
class Behind:
    """The cases that a row, a column or a bar stands for, among those in use; all parts hold together.

    Attributes
    ----------
    equal
        (variable, stored value) pairs; the value "" stands for the group of cases without one.
    valid, missing
        Variables that have a value, or have none.
    within
        (variable, from, to, "left", "right" or "both": which limits belong to it); None for no limits.
    """

    equal: tuple[tuple[str, float | str], ...] = ()
    valid: tuple[str, ...] = ()
    missing: tuple[str, ...] = ()
    within: tuple[str, float, float, str] | None = None


@dataclass(frozen=True)
class Row:
    """A line of the body. A row without cells is a heading over the indented rows that follow."""

    stub: Text
    cells: tuple[Cell | Compound, ...] = ()
    indent: int = 0
    about: About | None = None
    behind: Behind | None = None


@dataclass(frozen=True)
class Note:
    """A note under the exhibit: general, specific (to a mark) or probability, printed in that order."""

    kind: Literal["general", "specific", "probability"]
    text: Text


@dataclass(frozen=True)
class TableSheet:
    """A table ready to be set. `heads` are rows of heads, spanners first; the first head is the stub's.

    `behind` says for each column but the stub which cases it stands for; empty where columns do not part the cases.
    """

    title: str
    heads: tuple[tuple[Head, ...], ...]
    rows: tuple[Row, ...]
    notes: tuple[Note, ...] = ()
    behind: tuple[Behind, ...] = ()

    @property
    def n_columns(self) -> int:
        """Columns, the stub included."""
        return sum(head.span for head in self.heads[-1])


@dataclass(frozen=True)
class NormalCurve:
    """The normal density of this mean and SD, times `scale`, lies over the bars at true x."""

    mean: float
    sd: float
    scale: float


@dataclass(frozen=True, eq=False)
class DensityCurve:
    """A kernel density over the bars: x ascending, y already on the scale of the bars; `bandwidth` is the kernel's SD."""

    x: NDArray[np.float64]
    y: NDArray[np.float64]
    bandwidth: float


@dataclass(frozen=True, eq=False)
class HistogramPanel:
    """One histogram: label of the group, n, and what is drawn. `edges` is (classes + 1,), the others (classes,)."""

    variable: str
    groups: tuple[tuple[str, float | str], ...]
    label: str
    x_title: str
    n: int
    edges: NDArray[np.float64]
    counts: NDArray[np.int64]
    heights: NDArray[np.float64]
    curve: NormalCurve | None
    density: DensityCurve | None = None
    closed: str = "left"


@dataclass(frozen=True, eq=False)
class FigureSheet:
    """A figure ready to be drawn, from numbers that are already reduced.

    Attributes
    ----------
    height_word
        What the heights are: count, percent, proportion or density.
    shared_y
        True when the panels' heights are comparable and share one scale.
    alt
        What a person who cannot see the figure is told.
    """

    title: str
    panels: tuple[HistogramPanel, ...]
    y_title: str
    height_word: str
    cumulative: bool
    shared_y: bool
    notes: tuple[Note, ...]
    alt: str


Sheet = TableSheet | FigureSheet
