"""How a printed table is laid out on a page: words broken, the page turned, or columns shared out among panels, until it fits.

For any way of measuring text: points in a document, pixels on screen.
"""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import cache
from itertools import pairwise

from istrel.exhibits.printing import PrintedHead, PrintedTable, Runs, as_plain, lines_of
from istrel.exhibits.text import Run
from istrel.render.columns import Column, split_at_mark

Measure = Callable[[str], float]
LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM = 18.0, 32.0, 48.0
LARGEST_CELL = 0.4  # of the page: longer texts are broken
WORD = re.compile("( +)")


@dataclass(frozen=True)
class Page:
    """The room for a table, in the unit of the measure.

    Attributes
    ----------
    upright, turned
        Widths of the text on a page and on the same page turned.
    gap, indent
        Between columns, and of a row's stub.
    least_head, least_stub, most_stub
        A head is not broken below this width; nor is a stub; and a long word does not make it wider than this.
    """

    upright: float
    turned: float
    gap: float
    indent: float
    least_head: float
    least_stub: float
    most_stub: float


@dataclass(frozen=True)
class LaidHead:
    """A head, whole and in lines; a span of more than one column is a spanner."""

    text: Runs
    lines: tuple[Runs, ...]
    span: int


@dataclass(frozen=True)
class LaidRow:
    """A row with the lines of its stub and of its cells."""

    stub: tuple[Runs, ...]
    cells: tuple[tuple[str, ...], ...]

    @property
    def n_lines(self) -> int:
        return max([len(self.stub), *(len(cell) for cell in self.cells)])


@dataclass(frozen=True)
class Panel:
    """Columns that stand side by side, the stub first; `first` is the first value column, from 0."""

    first: int
    columns: tuple[Column, ...]
    heads: tuple[tuple[LaidHead, ...], ...]
    rows: tuple[LaidRow, ...]

    @property
    def width(self) -> float:
        return sum(column.width for column in self.columns)


@dataclass(frozen=True)
class TableLayout:
    """Panels one under the other, each with the stub."""

    panels: tuple[Panel, ...]
    turned: bool

    @property
    def width(self) -> float:
        return max((panel.width for panel in self.panels), default=0.0)


def lay_out(table: PrintedTable, measure: Measure, decimal_mark: str, page: Page) -> TableLayout:
    """The table within the page's width.

    Notes
    -----
    First everything stands on one line; then heads and stub are broken at words; then the page is turned; what still does
    not fit is shared out among panels, between spanners where that is possible.
    """
    press = _Press(table, cache(measure), decimal_mark, page)
    for room in (page.upright, page.turned):
        for broken in (False, True):
            values = press.value_columns(broken=broken)
            stub = press.stub_beside(sum(column.width for column in values), room)
            if stub is not None:
                panel = press.panel(0, [Column(stub, 0.0), *values])
                return TableLayout((panel,), turned=room != page.upright)
    return TableLayout(tuple(press.panels(page.turned)), turned=True)


class _Press:
    """One table and all that it is measured with."""

    def __init__(self, table: PrintedTable, measure: Measure, mark: str, page: Page) -> None:
        self.table, self.measure, self.mark, self.page = table, measure, mark, page
        self.stub = max(
            [measure(as_plain(row.stub)) + page.indent * row.indent for row in table.rows if row.cells]
            + [0.6 * measure(as_plain(row.stub)) for row in table.rows if not row.cells]
            + [self._widest(table.heads[-1][0].text)],
            default=0.0,
        )
        self.content = [self._content(place) for place in range(table.n_columns - 1)]

    # Widths.
    def _widest(self, text: Runs) -> float:
        """The widest line of a text."""
        return max(self.measure(as_plain(line)) for line in lines_of(text))

    def _longest_word(self, text: Runs) -> float:
        return max((self.measure(word) for word in as_plain(text).split()), default=0.0)

    def _content(self, place: int) -> tuple[float, float, bool]:
        """(before the decimal mark, from there on, whether it holds words) of a value column."""
        texts = [row.cells[place] for row in self.table.rows if row.cells and place < len(row.cells)]
        most = LARGEST_CELL * self.page.upright
        longest = max((self.measure(text) for text in texts), default=0.0)
        if longest > most:
            return 0.0, most, True
        words = _of_words(texts)
        parts = [("", text) if words else split_at_mark(text, self.mark) for text in texts]
        before = max((self.measure(left) for left, _ in parts), default=0.0)
        after = max((self.measure(right) for _, right in parts), default=0.0)
        if before + after > most:  # marks so far apart that one under the other takes the page
            return 0.0, longest, True
        return before, after, words

    def _need(self, head: PrintedHead, *, broken: bool) -> float:
        """The width that a head takes."""
        natural = self._widest(head.text)
        if not broken:
            return natural
        return max(min(self._longest_word(head.text), self.page.most_stub), min(natural, self.page.least_head))

    def value_columns(self, *, broken: bool) -> list[Column]:
        """Columns as wide as their numbers and heads; heads that span share their need."""
        heads, gap = self.table.heads, self.page.gap
        flat = all(head.span == 1 for head in heads[-1])
        found = []
        for place, (before, after, words) in enumerate(self.content):
            head = self._need(heads[-1][place + 1], broken=broken) if flat else 0.0
            width = max(before + after, head) + gap
            found.append(Column(width, (width - before - after) / 2 + before, words))
        for row in heads[:-1]:
            place = -1
            for spanner in row:
                inside = range(place, place + spanner.span)
                place += spanner.span
                if inside.start < 0 or not spanner.text:
                    continue
                lack = self._need(spanner, broken=broken) + gap - sum(found[i].width for i in inside)
                for i in inside if lack > 0 else ():
                    more = lack / spanner.span
                    found[i] = replace(found[i], width=found[i].width + more, mark=found[i].mark + more / 2)
        return found

    def stub_beside(self, values: float, room: float) -> float | None:
        """The width of the stub beside value columns; None where there is no room for it."""
        whole = self.stub + self.page.gap / 2
        if whole + values <= room:
            return whole
        return room - values if room - values >= self.least_stub else None

    @property
    def least_stub(self) -> float:
        """The width below which the stub is not broken."""
        stubs = [(row.stub, row.indent) for row in self.table.rows if row.cells]
        words = max((self._longest_word(stub) + self.page.indent * indent for stub, indent in stubs), default=0.0)
        wanted = max(min(words, self.page.most_stub), self.page.least_stub)
        return min(wanted, self.stub) + self.page.gap / 2

    # Panels.
    def panels(self, room: float) -> list[Panel]:
        """As many columns in each as fit beside the stub, which takes the room that is left."""
        values = self.value_columns(broken=True)
        whole = self.stub + self.page.gap / 2
        stub = min(max(self.least_stub, room / 5), whole)
        starts, taken = [0], 0.0
        for block in self._blocks(values, room - stub):
            width = sum(values[place].width for place in block)
            if taken and taken + width > room - stub:
                starts.append(block.start)
                taken = 0.0
            taken += width
        parts = [values[first:last] for first, last in pairwise([*starts, len(values)])]
        stub = max(stub, min(whole, room - max(sum(column.width for column in part) for part in parts)))
        return [self.panel(first, [Column(stub, 0.0), *part]) for first, part in zip(starts, parts, strict=True)]

    def _blocks(self, values: list[Column], room: float) -> list[range]:
        """Value columns that belong together: those under a spanner, where they fit."""
        blocks: list[range] = []
        place = -1
        for head in self.table.heads[0]:
            inside = range(max(0, place), place + head.span)
            place += head.span
            if sum(values[i].width for i in inside) <= room:
                blocks += [inside] if inside else []
            else:
                blocks += [range(i, i + 1) for i in inside]
        return blocks

    def panel(self, first: int, columns: list[Column]) -> Panel:
        """The heads over these columns and the rows, broken into lines."""
        last, width = first + len(columns) - 1, sum(column.width for column in columns)
        heads = tuple(self._heads(row, first, last, columns) for row in self.table.heads)
        rows = []
        for row in self.table.rows:
            room = columns[0].width if row.cells else width
            stub = wrapped(row.stub, room - self.page.indent * row.indent, self.measure)
            cells = row.cells[first:last]
            lines = tuple(self._cell(text, column) for text, column in zip(cells, columns[1:], strict=False))
            rows.append(LaidRow(stub, lines))
        return Panel(first, tuple(columns), heads, tuple(rows))

    def _heads(
        self, row: tuple[PrintedHead, ...], first: int, last: int, columns: list[Column]
    ) -> tuple[LaidHead, ...]:
        stub, *others = row
        made = [LaidHead(stub.text, wrapped(stub.text, columns[0].width, self.measure), 1)]
        place = 0
        for head in others:
            inside = range(max(first, place), min(last, place + head.span))
            place += head.span
            if inside:
                width = sum(columns[i - first + 1].width for i in inside)
                made.append(
                    LaidHead(head.text, wrapped(head.text, width - self.page.gap / 2, self.measure), len(inside))
                )
        return tuple(made)

    def _cell(self, text: str, column: Column) -> tuple[str, ...]:
        if self.measure(text) <= column.width - self.page.gap + 0.5:
            return (text,)
        return tuple(as_plain(line) for line in wrapped((Run(text),), column.width - self.page.gap, self.measure))


# Lines.
def wrapped(text: Runs, width: float, measure: Measure) -> tuple[Runs, ...]:
    """Lines that are no wider; broken at spaces, and within a word only where that alone is too wide."""
    lines: list[Runs] = []
    for line in lines_of(text):
        if measure(as_plain(line)) <= width:
            lines.append(line)
            continue
        current: list[Run] = []
        for word in _words(line, width, measure):
            if current and measure(as_plain((*current, *word)).rstrip()) > width:
                lines.append(_trimmed(current))
                current = []
            current += word
        lines.append(_trimmed(current))
    return tuple(lines)


def _words(line: Runs, width: float, measure: Measure) -> list[list[Run]]:
    """Words with the spaces after them; one that is too wide is cut."""
    words: list[list[Run]] = [[]]
    for run in line:
        for part in filter(None, WORD.split(run.text)):
            if part.isspace():
                words[-1].append(Run(part, run.italic, run.verbatim))
                words.append([])
                continue
            for piece in _cut(part, width, measure):
                if words[-1] and measure(as_plain((*words[-1], Run(piece)))) > width:
                    words.append([])
                words[-1].append(Run(piece, run.italic, run.verbatim))
    return [word for word in words if word]


def _cut(word: str, width: float, measure: Measure) -> list[str]:
    pieces = []
    while len(word) > 1 and measure(word) > width:
        size = next((k for k in range(len(word) - 1, 0, -1) if measure(word[:k]) <= width), 1)
        pieces.append(word[:size])
        word = word[size:]
    return [*pieces, word]


def _trimmed(runs: list[Run]) -> Runs:
    """The runs of a line as one for each slant, without spaces at its end."""
    made: list[Run] = []
    for run in runs:
        if made and (made[-1].italic, made[-1].verbatim) == (run.italic, run.verbatim):
            made[-1] = replace(made[-1], text=made[-1].text + run.text)
        else:
            made.append(run)
    return (*made[:-1], replace(made[-1], text=made[-1].text.rstrip())) if made else ()


def _of_words(texts: list[str]) -> bool:
    """True for a column of words, such as a reading, which stand one below the other."""
    said = [text for text in texts if any(character.isalpha() for character in text)]
    return bool(said) and not any(character.isdigit() for text in texts for character in text)
