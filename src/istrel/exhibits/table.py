"""The semantic model of a table: heads, rows, notes. Cells are text whose numbers are values."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Literal

from istrel.exhibits.text import Cell, Text, cells_in


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
class Row:
    """A line of the body. A row without cells is a heading over the indented rows that follow.

    Attributes
    ----------
    counts
        n and how many are missing, for whoever points at the row; None where a row has no such counts.
    """

    stub: Text
    cells: tuple[Text, ...] = ()
    indent: int = 0
    about: About | None = None
    counts: Text = ()


@dataclass(frozen=True)
class Note:
    """A note under the exhibit: general, specific (to a mark) or probability, printed in that order; or one that was edited."""

    kind: Literal["general", "specific", "probability", "edited"]
    text: Text


@dataclass(frozen=True)
class TableSheet:
    """A table ready to be set. `heads` are rows of heads, spanners first; the first head is the stub's.

    Every row has a cell for each column, or none at all: what a maker leaves out at the end of a row is empty.
    """

    title: Text
    heads: tuple[tuple[Head, ...], ...]
    rows: tuple[Row, ...]
    notes: tuple[Note, ...] = ()

    def __post_init__(self) -> None:
        width = self.n_columns - 1 if self.heads else 0
        if any(len(row.cells) > width for row in self.rows):
            raise ValueError("a row has more cells than the table has columns")
        if any(0 < len(row.cells) < width for row in self.rows):
            rows = (
                replace(row, cells=(*row.cells, *[()] * (width - len(row.cells)))) if row.cells else row
                for row in self.rows
            )
            object.__setattr__(self, "rows", tuple(rows))

    @property
    def n_columns(self) -> int:
        """Columns, the stub included."""
        return sum(head.span for head in self.heads[-1])

    @property
    def cells(self) -> Iterator[Cell]:
        """Every value of the body."""
        for row in self.rows:
            for text in row.cells:
                yield from cells_in(text)


def general(texts: list[Text]) -> tuple[Note, ...]:
    """Texts as general notes."""
    return tuple(Note("general", text) for text in texts if text)
