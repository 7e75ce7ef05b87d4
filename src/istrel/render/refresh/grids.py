"""Tables that were changed by their authors, or by new data, matched with what they were: by what stubs and heads say."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from difflib import SequenceMatcher
from functools import cached_property
from typing import NamedTuple

LEAST_ALIKE = 0.6


class At(NamedTuple):
    """A place in a grid: row, and cell in it."""

    row: int
    cell: int


@dataclass(frozen=True)
class Grid:
    """The texts of a table, row by row; rows may have fewer cells than others."""

    rows: tuple[tuple[str, ...], ...]

    @classmethod
    def of(cls, texts: list[str], sizes: list[int]) -> Grid:
        """A flat list of texts cut into rows."""
        made, at = [], 0
        for size in sizes:
            made.append(tuple(texts[at : at + size]))
            at += size
        return cls(tuple(made))

    @cached_property
    def wide(self) -> int:
        return max((len(row) for row in self.rows), default=0)

    @cached_property
    def head(self) -> int:
        """The lowest row of heads: the first that has all cells."""
        return next((place for place, row in enumerate(self.rows) if len(row) == self.wide), 0)

    @cached_property
    def columns(self) -> tuple[str, ...]:
        """The head of every column, with the one over it where heads stand over several columns each."""
        if not self.rows:
            return ()
        lowest = tuple(" ".join(text.split()) for text in self.rows[self.head])
        above = self.rows[self.head - 1][1:] if self.head else ()
        if not above or (self.wide - 1) % len(above):
            return lowest
        many = (self.wide - 1) // len(above)
        return (lowest[0], *(f"{above[k // many]}, {text}".strip(", ") for k, text in enumerate(lowest[1:])))

    @cached_property
    def labels(self) -> tuple[tuple[str, str], ...]:
        """(heading above, stub) of every row."""
        made, over = [], ""
        for row in self.rows:
            stub = " ".join(row[0].split()) if row else ""
            if stub and not any(text.strip() for text in row[1:]):
                over = stub
                made.append(("", stub))
            else:
                made.append((over, stub))
        return tuple(made)

    def named(self, at: At) -> tuple[str, str]:
        """(row, column) of a place in words."""
        over, stub = self.labels[at.row]
        row = f"{over}, {stub}" if over and over != stub else stub
        column = self.columns[at.cell] if at.cell < self.wide == len(self.rows[at.row]) else ""
        return row, column


def places_of(sizes: list[int]) -> Iterator[At]:
    """Every place of a grid with so many cells in its rows."""
    return (At(row, cell) for row, size in enumerate(sizes) for cell in range(size))


def text_at(grid: Grid, at: At) -> str:
    return grid.rows[at.row][at.cell]


def matched_rows(one: Grid, other: Grid) -> dict[int, int]:
    """{row of one: the same row of the other}."""
    return _matched(one.labels, other.labels)


def matched_columns(one: Grid, other: Grid) -> dict[int, int]:
    """{column of one: the same column of the other}, by their heads."""
    return _matched(one.columns, other.columns)


def matched(one: Grid, other: Grid) -> dict[At, At]:
    """{place of one: the same place of the other}; rows whose cells were merged or split have none but their stub."""
    columns = matched_columns(one, other)
    found: dict[At, At] = {}
    for row, like in matched_rows(one, other).items():
        mine, theirs = len(one.rows[row]), len(other.rows[like])
        if mine == one.wide and theirs == other.wide:
            found |= {At(row, cell): At(like, to) for cell, to in columns.items()}
        elif one.wide == other.wide and mine == theirs:
            found |= {At(row, cell): At(like, cell) for cell in range(mine)}
        elif mine and theirs:
            found[At(row, 0)] = At(like, 0)
    return found


def _matched(one: tuple[object, ...], other: tuple[object, ...]) -> dict[int, int]:
    """{place: place} of what is equal, or stands alike between what is equal."""
    found: dict[int, int] = {}
    for what, i, j, k, n in SequenceMatcher(None, one, other, autojunk=False).get_opcodes():
        if what == "equal" or (what == "replace" and j - i == n - k):
            found |= dict(zip(range(i, j), range(k, n), strict=True))
        elif what == "replace":
            found |= _likest(one, other, range(i, j), range(k, n))
    return found


def _likest(one: tuple[object, ...], other: tuple[object, ...], mine: range, theirs: range) -> dict[int, int]:
    """Of unequally many, those that read most alike, in their order."""
    found: dict[int, int] = {}
    free = theirs.start
    for place in mine:
        alike = [(SequenceMatcher(None, str(one[place]), str(other[k])).ratio(), -k) for k in range(free, theirs.stop)]
        best, at = max(alike, default=(0.0, 0))
        if best >= LEAST_ALIKE:
            found[place], free = -at, -at + 1
    return found
