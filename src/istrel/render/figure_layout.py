"""Where the panels of a figure stand on paper, in millimetres: drawing and pointing at a bar both go by it."""

from __future__ import annotations

from typing import NamedTuple

from istrel.exhibits.sheet import FigureSheet
from istrel.style.house import HouseStyle

LEFT, RIGHT, BOTTOM, TOP, TOP_PLAIN = 15.0, 4.0, 12.5, 7.0, 4.0
GAP_X, GAP_Y = 16.0, 15.0
BESIDE = 0.02


class Panel(NamedTuple):
    """A panel's axes in mm from the figure's upper left corner, and the values at its left and right end."""

    left: float
    top: float
    width: float
    height: float
    low: float
    high: float


def size_mm(sheet: FigureSheet, style: HouseStyle) -> tuple[float, float]:
    """(width, height) of the figure on paper."""
    columns, rows = grid(len(sheet.panels))
    width = style.figure.width_mm if columns == 1 else max(style.figure.width_mm, style.table.width_mm)
    height = style.figure.height_mm if rows == 1 else 14.0 + rows * (46.0 if rows <= 3 else 38.0)
    return width, height


def grid(panels: int) -> tuple[int, int]:
    """(columns, rows) for so many panels."""
    columns = 1 if panels <= 3 else 2 if panels <= 8 else 3
    return columns, -(-panels // columns)


def panels_of(sheet: FigureSheet, style: HouseStyle) -> tuple[Panel, ...]:
    """Every panel in its place, row by row."""
    width, height = size_mm(sheet, style)
    columns, rows = grid(len(sheet.panels))
    labelled = any(panel.label for panel in sheet.panels) or len(sheet.panels) > 1
    top = TOP if labelled else TOP_PLAIN
    wide = (width - LEFT - RIGHT - (columns - 1) * GAP_X) / columns
    tall = (height - BOTTOM - top - (rows - 1) * GAP_Y) / rows
    found = []
    for place, panel in enumerate(sheet.panels):
        column, row = place % columns, place // columns
        beside = BESIDE * float(panel.edges[-1] - panel.edges[0])
        found.append(
            Panel(
                LEFT + column * (wide + GAP_X),
                top + row * (tall + GAP_Y),
                wide,
                tall,
                float(panel.edges[0]) - beside,
                float(panel.edges[-1]) + beside,
            )
        )
    return tuple(found)


def bar_at(sheet: FigureSheet, panels: tuple[Panel, ...], x: float, y: float) -> tuple[int, int] | None:
    """(panel, bar) at a place of the figure in mm from its upper left corner; None beside the bars."""
    import numpy as np

    for place, panel in enumerate(panels):
        if panel.left <= x <= panel.left + panel.width and panel.top <= y <= panel.top + panel.height:
            value = panel.low + (x - panel.left) / panel.width * (panel.high - panel.low)
            edges = sheet.panels[place].edges
            bar = int(np.searchsorted(edges, value, side="right")) - 1
            return (place, bar) if 0 <= bar < edges.size - 1 else None
    return None
