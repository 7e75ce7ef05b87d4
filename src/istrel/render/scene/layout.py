"""Where panels stand on the sheet: columns and rows, margins as wide as labels need, titles and the legend."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from itertools import pairwise

from istrel.exhibits.figure import Axis, FigureSheet, Panel
from istrel.exhibits.printing import Runs, as_plain, lines_of, print_text
from istrel.exhibits.text import Run
from istrel.render.fonts import width_mm
from istrel.render.scene.axes import tick_words, ticks
from istrel.render.scene.legend import Legend
from istrel.render.scene.letters import fitted, line_height, runs_width, shortened
from istrel.render.scene.shapes import Field
from istrel.style.house import HouseStyle

RIGHT, GAP, TOP = 4.0, 3.0, 1.5
TICK, PAD = 0.9, 0.9
BEYOND = 2.0  # mm that a title at the foot may be wider than its panel
SHORTEST = 22.0
LEAST_OF_USUAL = 0.6  # of the height of a figure, that its fields keep whatever stands under them
SIDE_LEADING = 0.9  # between lines of one name at the left
MOST_LINES = 5  # of a label under a panel
MOST_BESIDE = 3  # of a label at the left of one
LONGEST_UPRIGHT = 64.0
WIDEST_BESIDE, BESIDE_SHARE = 46.0, 0.36  # of labels at the left: mm, and of the figure


@dataclass(frozen=True)
class Label:
    """What stands at a place of an axis, in lines."""

    place: float
    lines: tuple[Runs, ...]


@dataclass(frozen=True)
class Labels:
    """The labels along one axis; upright where words would not fit beside each other. `deep` is the room they take."""

    entries: tuple[Label, ...] = ()
    upright: bool = False
    deep: float = 0.0


@dataclass(frozen=True)
class Placed:
    """A panel in its place: its field, labels at the foot and at the left (none where a neighbour carries them), titles."""

    field: Field
    foot: Labels
    side: Labels
    foot_title: bool
    side_title: bool


@dataclass(frozen=True)
class Layout:
    """All panels in their places. `foot_deep` is where titles stand under each panel, below the labels of its row."""

    width: float
    height: float
    placed: tuple[Placed, ...]
    foot_deep: tuple[float, ...]
    side_deep: tuple[float, ...]
    x_lines: int
    y_lines: int
    legend: Legend
    line: float

    @cached_property
    def fields(self) -> tuple[Field, ...]:
        return tuple(placed.field for placed in self.placed)


def foot_axis(panel: Panel) -> Axis:
    """The axis across the page."""
    return panel.y if panel.lying else panel.x


def side_axis(panel: Panel) -> Axis:
    """The axis up the left side."""
    return panel.x if panel.lying else panel.y


def grid(sheet: FigureSheet) -> tuple[int, int]:
    """(columns, rows) of the panels."""
    panels = len(sheet.panels)
    columns = sheet.columns or (1 if panels <= 3 else 2 if panels <= 8 else 3)
    columns = min(columns, panels)
    return columns, -(-panels // columns)


def width_of(sheet: FigureSheet, style: HouseStyle) -> float:
    """The width of a figure on paper: as said, else as wide as its panels need."""
    columns, _ = grid(sheet)
    half, page = style.figure.width_mm, max(style.figure.width_mm, style.table.width_mm)
    said = {"column": style.figure.column_mm, "half": half, "page": style.figure.page_mm}
    return said.get(sheet.size, half if columns == 1 else page)


def lay_out(sheet: FigureSheet, style: HouseStyle, legend: Legend) -> Layout:
    """The places of all panels of a figure."""
    press = _Press(sheet, style)
    columns, rows = grid(sheet)
    width = width_of(sheet, style)
    top = TOP + legend.height(width, style)
    left = [press.left_of(column) for column in range(columns)]
    right = max(RIGHT, press.overhang())
    gaps = (columns - 1) * GAP
    wide = max(12.0, (width - right - gaps - sum(left)) / columns)
    foot = [press.foot_of(row, wide) for row in range(rows)]
    heads = press.head * rows
    tall = press.height(wide, width, rows, top + heads + sum(foot) + (rows - 1) * GAP)
    placed, y = [], top
    for row in range(rows):
        x = 0.0
        for column in range(columns):
            place = row * columns + column
            x += left[column]
            if place < len(sheet.panels):
                placed.append(press.placed(place, x, y + press.head, wide, tall))
            x += wide + GAP
        y += press.head + tall + foot[row] + GAP
    return Layout(
        width=width,
        height=y - GAP,
        placed=tuple(placed),
        foot_deep=tuple(press.foot_labels(place // columns, wide) for place in range(len(placed))),
        side_deep=tuple(press.side_labels(place % columns) for place in range(len(placed))),
        x_lines=press.x_lines(wide),
        y_lines=press.y_lines,
        legend=legend,
        line=press.line,
    )


class _Press:
    """One figure and all that it is measured with."""

    def __init__(self, sheet: FigureSheet, style: HouseStyle) -> None:
        self.sheet, self.panels, self.style = sheet, sheet.panels, style
        self.line, self.size = line_height(style), style.fonts.figure_pt
        self.columns, self.rows = grid(sheet)
        labelled = any(panel.label or panel.n is not None for panel in self.panels)
        self.head = self.line + 1.0 if labelled else TOP
        self._sides: dict[int, Labels] = {}
        self._feet: dict[tuple[int, float], Labels] = {}

    # Which panels carry the labels and titles of their axes.
    def foot_shown(self, place: int) -> bool:
        """Not where the panel below has the same axis."""
        below = place + self.columns
        axis = foot_axis(self.panels[place])
        if axis.bare:
            return False
        return below >= len(self.panels) or not axis.shared or foot_axis(self.panels[below]).shared != axis.shared

    def side_shown(self, place: int) -> bool:
        """Not where the panel at the left has the same axis."""
        axis = side_axis(self.panels[place])
        if axis.bare:
            return False
        return place % self.columns == 0 or not axis.shared or side_axis(self.panels[place - 1]).shared != axis.shared

    def _in_column(self, column: int) -> range:
        return range(column, len(self.panels), self.columns)

    def _in_row(self, row: int) -> range:
        return range(row * self.columns, min(len(self.panels), (row + 1) * self.columns))

    # Room.
    @cached_property
    def y_lines(self) -> int:
        """Lines that titles at the left take: one, or two where one is long."""
        room = max(SHORTEST, self._usual_height() / self.rows - 20.0)
        titles = [print_text(side_axis(panel).title, self.style) for panel in self.panels]
        return min(2, max(len(shortened(title, room, self.size, self.style)) for title in titles))

    def _usual_height(self) -> float:
        if self.rows == 1:
            return self.style.figure.height_mm
        return 14.0 + self.rows * (46.0 if self.rows <= 3 else 38.0)

    def height(self, wide: float, width: float, rows: int, around: float) -> float:
        """The height of each field: in proportion to its width, or what is left of the usual height of the figure."""
        needed = max(self.sheet.tall * self.line, *(self._side_need(place) for place in range(len(self.panels))))
        if self.sheet.ratio or self.sheet.tall:
            return max(self.sheet.ratio * wide, needed, 8.0)
        usual = self._usual_height() * min(1.0, width / self.style.figure.width_mm + 0.15)
        least = max(SHORTEST, LEAST_OF_USUAL * usual / rows)
        return max(least, needed, (usual - around) / rows)

    def _side_need(self, place: int) -> float:
        """The height that names one under the other need."""
        entries = self.side(place).entries
        if not entries:
            return 0.0
        lines = max(len(entry.lines) for entry in entries)
        return (lines * SIDE_LEADING * self.line + 1.2) / _least_gap(side_axis(self.panels[place]))

    def left_of(self, column: int) -> float:
        """The room left of a column of panels: its labels, and its titles if it has any."""
        deep = self.side_labels(column)
        titled = any(self._side_titled(place) for place in self._in_column(column))
        room = deep + (self.line * self.y_lines + PAD if titled else 0.0)
        return max(room, 2.0 if column == 0 else 2 * self.overhang() - GAP)  # no label touches one of the next panel

    def _side_titled(self, place: int) -> bool:
        return self.side_shown(place) and bool(side_axis(self.panels[place]).title)

    def side_labels(self, column: int) -> float:
        return max(self.side(place).deep for place in self._in_column(column))

    def foot_of(self, row: int, wide: float) -> float:
        """The room under a row of panels."""
        titled = any(self._foot_titled(place) for place in self._in_row(row))
        return self.foot_labels(row, wide) + (self.line * self.x_lines(wide) + PAD if titled else 0.0) + 0.6

    def x_lines(self, wide: float) -> int:
        """Lines that titles at the foot take: one, or two where one is longer than its panel is wide."""
        titles = [print_text(foot_axis(panel).title, self.style) for panel in self.panels]
        return min(2, max(len(shortened(title, wide + BEYOND, self.size, self.style)) for title in titles))

    def _foot_titled(self, place: int) -> bool:
        return self.foot_shown(place) and bool(foot_axis(self.panels[place]).title)

    def foot_labels(self, row: int, wide: float) -> float:
        return max(self.foot(place, wide).deep for place in self._in_row(row))

    def overhang(self) -> float:
        """The room that half of the last label at the foot takes beyond its panel."""
        most = 0.0
        for panel in self.panels:
            axis = foot_axis(panel)
            if not axis.places and not axis.bare:
                words = tick_words(ticks(axis), axis, self.style)
                most = max(most, max(map(self._width, words), default=0.0) / 2)
        return most + 0.5

    def _width(self, text: str) -> float:
        return width_mm(text, self.size, self.style.fonts.proof)

    # Labels.
    def side(self, place: int) -> Labels:
        """The labels at the left of a panel."""
        if place not in self._sides:
            self._sides[place] = self._side(side_axis(self.panels[place])) if self.side_shown(place) else Labels()
        return self._sides[place]

    def _side(self, axis: Axis) -> Labels:
        if not axis.places:
            widest = max(map(self._width, tick_words(ticks(axis), axis, self.style)), default=0.0)
            return Labels(deep=widest + TICK + 2 * PAD)
        room = min(WIDEST_BESIDE, BESIDE_SHARE * width_of(self.sheet, self.style))
        entries = [
            Label(at, _wrapped(lines_of(print_text(name, self.style)), room, MOST_BESIDE, self.style))
            for at, name in axis.places
        ]
        widest = max((runs_width(line, self.size, self.style) for e in entries for line in e.lines), default=0.0)
        return Labels(tuple(entries), deep=widest + TICK + 2 * PAD)

    def foot(self, place: int, wide: float) -> Labels:
        """The labels under a panel."""
        if (place, wide) not in self._feet:
            axis = foot_axis(self.panels[place])
            made = self._foot(axis, wide) if self.foot_shown(place) else Labels(deep=0.0)
            self._feet[place, wide] = made
        return self._feet[place, wide]

    def _foot(self, axis: Axis, wide: float) -> Labels:
        """Names of places side by side in lines; upright on one line each where a word is wider than its place."""
        above = TICK + PAD
        if not axis.places:
            return Labels(deep=above + self.line)
        room = wide * _least_gap(axis) - 1.0
        names = [(place, lines_of(print_text(name, self.style))) for place, name in axis.places]
        words = (word for _, lines in names for word in as_plain(lines[0]).split())
        below = (line for _, lines in names for line in lines[1:])  # how many cases: one line each
        fits = all(self._width(word) <= room for word in words)
        if fits and all(runs_width(line, self.size, self.style) <= room for line in below):
            entries = [Label(at, _wrapped(lines, room, MOST_LINES, self.style)) for at, lines in names]
            return Labels(tuple(entries), deep=above + self.line * max(len(entry.lines) for entry in entries))
        joined = [(at, _joined(lines)) for at, lines in names]
        entries = [Label(at, fitted(text, LONGEST_UPRIGHT, 1, self.size, self.style)) for at, text in joined]
        longest = max(runs_width(entry.lines[0], self.size, self.style) for entry in entries)
        return Labels(tuple(entries), upright=True, deep=above + longest + PAD)

    def placed(self, place: int, x: float, y: float, wide: float, tall: float) -> Placed:
        panel = self.panels[place]
        across, up = foot_axis(panel), side_axis(panel)
        field = Field(
            x, y, wide, tall, (across.low, across.high), (up.low, up.high), across.log, up.log, downwards=panel.lying
        )
        return Placed(
            field, self.foot(place, wide), self.side(place), self._foot_titled(place), self._side_titled(place)
        )


def _least_gap(axis: Axis) -> float:
    """The least distance between two places, as a share of the axis."""
    places = sorted(at for at, _ in axis.places)
    gaps = [b - a for a, b in pairwise(places)]
    return min(gaps, default=axis.high - axis.low) / ((axis.high - axis.low) or 1.0)


def _wrapped(lines: tuple[Runs, ...], room: float, most: int, style: HouseStyle) -> tuple[Runs, ...]:
    """All lines of a name within the room, each of crossed names on lines of its own; the names give way where they are many."""
    first, *others = lines
    names = [(Run(name),) for name in as_plain(first).split(" · ")] if " · " in as_plain(first) else [first]
    left, made = most - len(others), list[Runs]()
    for place, name in enumerate(names):
        made += fitted(name, room, max(1, left - len(made) - (len(names) - 1 - place)), style.fonts.figure_pt, style)
    return (*made, *others)


def _joined(lines: tuple[Runs, ...]) -> Runs:
    return tuple(run for number, text in enumerate(lines) for run in ((Run(" "), *text) if number else text))
