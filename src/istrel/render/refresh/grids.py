"""Tables that were changed by their authors, or by new data, matched with what they were: by what stubs and heads say."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from difflib import SequenceMatcher
from typing import NamedTuple

LEAST_ALIKE = 0.6
Spans = list[list[int]]  # over how many columns each cell of each row stands; nothing between two tables


class At(NamedTuple):
    """A place in a grid: row, and cell in it."""

    row: int
    cell: int


class Panel:
    """One table of an exhibit: the texts of its rows, and over how many columns each cell stands.

    Attributes
    ----------
    first
        The row of the exhibit that its first row is.
    """

    def __init__(self, first: int, rows: list[tuple[str, ...]], spans: Spans) -> None:
        self.first, self.rows, self.spans = first, rows, spans
        self.wide = max((sum(row) for row in spans), default=0)
        self.head = next((k for k, row in enumerate(spans) if len(row) == self.wide), -1)  # the lowest row of heads
        self.columns, self.labels = self._columns(), self._labels()

    def _columns(self) -> list[str]:
        """The heads of every column, from the widest down; a row that does not reach over all of them says nothing certain."""
        over: list[list[str]] = [[] for _ in range(self.wide)]
        for texts, spans in zip(self.rows[: self.head + 1], self.spans, strict=False):
            start = 0
            for text, span in zip(texts, spans, strict=False) if sum(spans) == self.wide else ():
                for column in range(start, start + span):
                    over[column] += [text] if text else []
                start += span
        return [", ".join(heads) for heads in over]

    def _labels(self) -> list[tuple[str, str]]:
        """(heading above, stub) of every row."""
        made, over = [], ""
        for row in self.rows:
            stub = row[0] if row else ""
            if stub and not any(row[1:]):
                over = stub
                made.append(("", stub))
            else:
                made.append((over, stub))
        return made

    def column(self, row: int, cell: int) -> int:
        """The first column of a cell."""
        return sum(self.spans[row][:cell])

    def cell(self, row: int, column: int, span: int) -> int | None:
        """The cell of a row that stands over these columns and no others."""
        start = 0
        for place, one in enumerate(self.spans[row]):
            if start == column:
                return place if one == span else None
            start += one
        return None

    def named(self, row: int, cell: int) -> tuple[str, str]:
        over, stub = self.labels[row]
        words = f"{over}, {stub}" if over and over != stub else stub
        is_one = self.spans[row][cell] == 1 and row > self.head
        return words, self.columns[self.column(row, cell)] if is_one else ""


class Grid:
    """The texts of the tables of an exhibit, row by row; a row without any cell stands between two tables."""

    def __init__(self, texts: list[str], spans: Spans) -> None:
        self.rows: list[tuple[str, ...]] = []
        at = 0
        for row in spans:
            self.rows.append(tuple(" ".join(text.split()) for text in texts[at : at + len(row)]))
            at += len(row)
        starts = [0, *(k + 1 for k, row in enumerate(spans) if not row)]
        ends = [*(start - 1 for start in starts[1:]), len(spans)]
        cut = [row[: len(texts)] for row, texts in zip(spans, self.rows, strict=True)]
        self.panels = [Panel(a, self.rows[a:z], cut[a:z]) for a, z in zip(starts, ends, strict=True)]

    def text(self, at: At) -> str:
        return self.rows[at.row][at.cell]

    def named(self, at: At) -> tuple[str, str]:
        """(row, column) of a place in words."""
        panel = next(panel for panel in reversed(self.panels) if panel.first <= at.row)
        return panel.named(at.row - panel.first, at.cell)


def places_of(spans: Spans) -> Iterator[At]:
    """Every place of a table with these cells in its rows."""
    return (At(row, cell) for row, size in enumerate(spans) for cell in range(len(size)))


def matched(one: Grid, other: Grid) -> dict[At, At]:
    """{place of one: the same place of the other}: of rows and columns that say the same, cells over as many columns."""
    found: dict[At, At] = {}
    for mine, theirs in zip(one.panels, other.panels, strict=False):
        columns = _matched(mine.columns, theirs.columns)
        for row, like in _matched(mine.labels, theirs.labels).items():
            whole = sum(mine.spans[row]) == mine.wide and sum(theirs.spans[like]) == theirs.wide
            for cell, span in enumerate(mine.spans[row] if whole else mine.spans[row][:1]):
                first = mine.column(row, cell)
                together = [columns.get(column) for column in range(first, first + span)]
                start = together[0] if together else None
                if start is None or together != list(range(start, start + span)):
                    continue
                to = theirs.cell(like, start, span)
                if to is not None:
                    found[At(mine.first + row, cell)] = At(theirs.first + like, to)
    return found


def _matched(one: Sequence[Sequence[str]], other: Sequence[Sequence[str]]) -> dict[int, int]:
    """{place: place} of what is equal, or stands alike between what is equal."""
    found: dict[int, int] = {}
    for what, i, j, k, n in SequenceMatcher(None, one, other, autojunk=False).get_opcodes():
        if what == "equal" or (what == "replace" and j - i == n - k):
            pairs = zip(range(i, j), range(k, n), strict=True)
            found |= {a: b for a, b in pairs if what == "equal" or (any(one[a]) and any(other[b]))}
        elif what == "replace":
            found |= _likest(one, other, range(i, j), range(k, n))
    return found


def _likest(one: Sequence[Sequence[str]], other: Sequence[Sequence[str]], mine: range, theirs: range) -> dict[int, int]:
    """Of unequally many, those that read most alike, in their order."""
    found: dict[int, int] = {}
    free = theirs.start
    for place in mine:
        alike = [(SequenceMatcher(None, str(one[place]), str(other[k])).ratio(), -k) for k in range(free, theirs.stop)]
        best, at = max(alike, default=(0.0, 0))
        if best >= LEAST_ALIKE:
            found[place], free = -at, -at + 1
    return found
