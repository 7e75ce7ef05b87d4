"""Where panels stand on the sheet: columns and rows, margins as wide as labels need, titles and legends."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.exhibits.figure import FigureSheet, Line, Panel
from istrel.exhibits.printing import Runs, as_plain, lines_of, plain_text, print_text
from istrel.exhibits.text import Run
from istrel.render.fonts import MM_PER_PT, width_mm
from istrel.render.scene.axes import tick_words, ticks
from istrel.render.scene.shapes import Field
from istrel.style.house import HouseStyle

RIGHT, GAP = 4.0, 3.0
TICK, PAD = 0.9, 0.9
LEADING = 1.25
SHORTEST = 22.0
MOST_LINES = 5  # of a label under a panel
LONGEST_UPRIGHT = 64.0


@dataclass(frozen=True)
class Legend:
    """Names of lines in a row above the panels: (series, dashed, name) each."""

    entries: tuple[tuple[int, bool, Runs], ...]


@dataclass(frozen=True)
class Label:
    """What stands under a place on x, in lines."""

    place: float
    lines: tuple[Runs, ...]


@dataclass(frozen=True)
class Labels:
    """The labels under one panel; upright where words would not fit beside each other. `deep` is the room they take."""

    entries: tuple[Label, ...]
    upright: bool
    deep: float


@dataclass(frozen=True)
class Layout:
    """Fields of all panels, the labels under them, which of them carry the titles of their axes, and the legend."""

    width: float
    height: float
    fields: tuple[Field, ...]
    labels: tuple[Labels, ...]
    y_lines: int
    x_titled: tuple[bool, ...]
    y_titled: tuple[bool, ...]
    legend: Legend
    line: float


def grid(panels: int) -> tuple[int, int]:
    """(columns, rows) for so many panels."""
    columns = 1 if panels <= 3 else 2 if panels <= 8 else 3
    return columns, -(-panels // columns)


def size_mm(panels: int, style: HouseStyle) -> tuple[float, float]:
    """(width, height) of a figure of so many panels on paper."""
    columns, rows = grid(panels)
    width = style.figure.width_mm if columns == 1 else max(style.figure.width_mm, style.table.width_mm)
    height = style.figure.height_mm if rows == 1 else 14.0 + rows * (46.0 if rows <= 3 else 38.0)
    return width, height


def lay_out(sheet: FigureSheet, style: HouseStyle) -> Layout:
    """The places of all panels of a figure."""
    panels = sheet.panels
    columns, rows = grid(len(panels))
    width, height = size_mm(len(panels), style)
    line = LEADING * style.fonts.figure_pt * MM_PER_PT
    legend = _legend(panels, style)
    top = 1.5 + line * len(legend_rows(legend, width - 12.0, style)) + (1.0 if legend.entries else 0.0)
    same_x = len({panel.x.shared for panel in panels}) == 1 and bool(panels[0].x.shared)
    same_y = len({panel.y.shared for panel in panels}) == 1 and bool(panels[0].y.shared)
    labelled = any(panel.label or panel.n is not None for panel in panels)
    head = line + 1.0 if labelled else 1.5
    y_lines = max(_y_lines(panel, height / rows - 20.0, style) for panel in panels)
    y_title = line * y_lines + PAD
    left = max(_left(panel, style) for panel in panels) + y_title
    title = line + PAD
    inner_x, inner_y = (0.0 if same_x else title), (0.0 if same_y else y_title)
    column_gap = (left - y_title if columns > 1 else 0.0) + inner_y + GAP
    wide = (width - left - RIGHT - (columns - 1) * column_gap) / columns
    labels = tuple(_labels(panel, wide, line, style) for panel in panels)
    foot = TICK + PAD + max(under.deep for under in labels)
    row_gap = head + foot + inner_x + GAP
    tall = (height - top - head - foot - title - (rows - 1) * row_gap) / rows
    if tall < SHORTEST:
        height += rows * (SHORTEST - tall)
        tall = SHORTEST
    fields, x_titled, y_titled = [], [], []
    for place, panel in enumerate(panels):
        column, row = place % columns, place // columns
        x, y = left + column * (wide + column_gap), top + head + row * (tall + row_gap)
        fields.append(Field(x, y, wide, tall, (panel.x.low, panel.x.high), (panel.y.low, panel.y.high)))
        x_titled.append(not same_x or place + columns >= len(panels))
        y_titled.append(not same_y or column == 0)
    return Layout(width, height, tuple(fields), labels, y_lines, tuple(x_titled), tuple(y_titled), legend, line)


def _left(panel: Panel, style: HouseStyle) -> float:
    """The room that the labels at the left of a panel take."""
    words = tick_words(ticks(panel.y.low, panel.y.high, whole=panel.y.whole), style, years=panel.y.years)
    widest = max((width_mm(text, style.fonts.figure_pt, style.fonts.proof) for text in words), default=0.0)
    return widest + TICK + 2 * PAD


def _labels(panel: Panel, wide: float, line: float, style: HouseStyle) -> Labels:
    """Names of places side by side in lines; upright on one line each where a word is wider than its place."""
    size = style.fonts.figure_pt
    if not panel.places:
        return Labels((), upright=False, deep=line)
    room = wide / len(panel.places) - 1.0
    names = [(place, lines_of(print_text(name, style))) for place, name in panel.places]
    words = (word for _, lines in names for text in lines for word in as_plain(text).split())
    if all(width_mm(word, size, style.fonts.proof) <= room for word in words):
        entries = [Label(at, _wrapped(lines, room, MOST_LINES, style)) for at, lines in names]
        return Labels(tuple(entries), upright=False, deep=line * max(len(entry.lines) for entry in entries))
    joined = [(at, _joined(lines)) for at, lines in names]
    entries = [Label(at, fitted(text, LONGEST_UPRIGHT, 1, size, style)) for at, text in joined]
    return Labels(tuple(entries), upright=True, deep=max(runs_width(e.lines[0], size, style) for e in entries) + PAD)


def _wrapped(lines: tuple[Runs, ...], room: float, most: int, style: HouseStyle) -> tuple[Runs, ...]:
    """All lines of a name within the room, each of crossed names on lines of its own; the names give way where they are many."""
    first, *others = lines
    names = [(Run(name),) for name in as_plain(first).split(" · ")]
    left, made = most - len(others), list[Runs]()
    for place, name in enumerate(names):
        made += fitted(name, room, max(1, left - len(made) - (len(names) - 1 - place)), style.fonts.figure_pt, style)
    return (*made, *others)


def _joined(lines: tuple[Runs, ...]) -> Runs:
    return tuple(run for number, text in enumerate(lines) for run in ((Run(" "), *text) if number else text))


def _y_lines(panel: Panel, room: float, style: HouseStyle) -> int:
    """Lines that the title at the left of a panel takes: one, or two where it is long."""
    return min(2, len(shortened(print_text(panel.y.title, style), room, style.fonts.figure_pt, style)))


def _legend(panels: tuple[Panel, ...], style: HouseStyle) -> Legend:
    """The named lines of several series, each once; lines that the note explains need none."""
    found: dict[str, tuple[int, bool, Runs]] = {}
    for panel in panels:
        named = [mark for mark in panel.marks if isinstance(mark, Line) and mark.name and mark.ink == "line"]
        if len(named) > 1:
            for mark in named:
                found.setdefault(plain_text(mark.name, style), (mark.series, mark.dashed, print_text(mark.name, style)))
    return Legend(tuple(found.values()))


SAMPLE, BESIDE = 8.5, 5.0


def legend_rows(legend: Legend, room: float, style: HouseStyle) -> list[list[tuple[int, bool, Runs]]]:
    """The entries of a legend in rows that fit the room."""
    rows: list[list[tuple[int, bool, Runs]]] = []
    used = room + 1.0
    for entry in legend.entries:
        width = SAMPLE + runs_width(entry[2], style.fonts.figure_pt, style) + BESIDE
        if used + width > room:
            rows.append([])
            used = 0.0
        rows[-1].append(entry)
        used += width
    return rows


def runs_width(runs: Runs, size_pt: float, style: HouseStyle) -> float:
    """The width of a text of several slants in mm."""
    return sum(width_mm(run.text, size_pt, style.fonts.proof, italic=run.italic) for run in runs)


def shortened(runs: Runs, room: float, size_pt: float, style: HouseStyle) -> list[Runs]:
    """A text broken at words into lines that fit the room; a word that does not fit by itself is cut with an ellipsis."""
    if runs_width(runs, size_pt, style) <= room:
        return [runs]
    lines: list[str] = [""]
    for word in as_plain(runs).split(" "):
        longer = f"{lines[-1]} {word}".strip()
        if width_mm(longer, size_pt, style.fonts.proof) <= room or not lines[-1]:
            lines[-1] = longer
        else:
            lines.append(word)
    return [(Run(_cut(line, room, size_pt, style)),) for line in lines]


def fitted(runs: Runs, room: float, most: int, size_pt: float, style: HouseStyle) -> tuple[Runs, ...]:
    """A text in at most so many lines that fit the room; what does not fit ends in an ellipsis."""
    lines = shortened(runs, room, size_pt, style)
    if len(lines) <= most:
        return tuple(lines)
    rest = " ".join(as_plain(line) for line in lines[most - 1 :])
    return (*lines[: most - 1], (Run(_cut(rest, room, size_pt, style)),))


def _cut(text: str, room: float, size_pt: float, style: HouseStyle) -> str:
    if width_mm(text, size_pt, style.fonts.proof) <= room:
        return text
    while len(text) > 1 and width_mm(f"{text}…", size_pt, style.fonts.proof) > room:
        text = text[:-1]
    return f"{text}…"
