"""Where panels stand on the sheet: columns and rows, margins as wide as labels need, titles and legends."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.exhibits.figure import FigureSheet, Line, Panel
from istrel.exhibits.printing import Runs, as_plain, lines_of, plain_text, print_text
from istrel.render.fonts import MM_PER_PT, width_mm
from istrel.render.scene.axes import tick_words, ticks
from istrel.render.scene.shapes import Field
from istrel.style.house import HouseStyle

RIGHT, GAP = 4.0, 3.0
TICK, PAD = 0.9, 0.9
LEADING = 1.25
SHORTEST = 22.0


@dataclass(frozen=True)
class Legend:
    """Names of lines in a row above the panels: (series, dashed, name) each."""

    entries: tuple[tuple[int, bool, Runs], ...]


@dataclass(frozen=True)
class Layout:
    """Fields of all panels, which of them carry the titles of their axes, and the legend."""

    width: float
    height: float
    fields: tuple[Field, ...]
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
    left = max(_left(panel, style) for panel in panels) + line + PAD
    foot = TICK + PAD + line * max(_x_lines(panel, style) for panel in panels)
    title = line + PAD
    inner_x, inner_y = (0.0 if same_x else title), (0.0 if same_y else line + PAD)
    column_gap = (left - (line + PAD) if columns > 1 else 0.0) + inner_y + GAP
    wide = (width - left - RIGHT - (columns - 1) * column_gap) / columns
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
    return Layout(width, height, tuple(fields), tuple(x_titled), tuple(y_titled), legend, line)


def _left(panel: Panel, style: HouseStyle) -> float:
    """The room that the labels at the left of a panel take."""
    words = tick_words(ticks(panel.y.low, panel.y.high, whole=panel.y.whole), style)
    widest = max((width_mm(text, style.fonts.figure_pt, style.fonts.proof) for text in words), default=0.0)
    return widest + TICK + 2 * PAD


def _x_lines(panel: Panel, style: HouseStyle) -> int:
    """How many lines the labels under a panel take."""
    return max((len(lines_of(print_text(name, style))) for _, name in panel.places), default=1)


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
    from istrel.exhibits.text import Run

    lines: list[str] = [""]
    for word in as_plain(runs).split(" "):
        longer = f"{lines[-1]} {word}".strip()
        if width_mm(longer, size_pt, style.fonts.proof) <= room or not lines[-1]:
            lines[-1] = longer
        else:
            lines.append(word)
    return [(Run(_cut(line, room, size_pt, style)),) for line in lines]


def _cut(text: str, room: float, size_pt: float, style: HouseStyle) -> str:
    if width_mm(text, size_pt, style.fonts.proof) <= room:
        return text
    while len(text) > 1 and width_mm(f"{text}…", size_pt, style.fonts.proof) > room:
        text = text[:-1]
    return f"{text}…"
