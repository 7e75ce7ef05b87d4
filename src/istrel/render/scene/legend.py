"""What tells series apart: samples with their names in rows above the panels, or names that stand at the lines themselves."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Literal

import numpy as np

from istrel.exhibits.figure import Area, Array, Bars, Blocks, Boxes, Dots, FigureSheet, Line, Tiles
from istrel.exhibits.printing import Runs, plain_text, print_text
from istrel.exhibits.text import Run
from istrel.render.scene.letters import figure_rise, fitted, letters_of, line_height, runs_width
from istrel.render.scene.marks import (
    QUIET,
    RADIUS,
    STRONG,
    THIN,
    colour_of,
    dash_of,
    filling,
    kind_of,
    shade,
)
from istrel.render.scene.shapes import Cloud, Field, Letters, Polyline, Rectangle, Shape
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

SAMPLE, BESIDE, EDGE = 8.5, 5.0, 6.0
RAMP_STEPS, RAMP_STEP = 12, 2.0
CLEAR, OWN = 1.0, 4.0  # mm that a name keeps from other lines, and stays within of its own
SPOTS = 25


@dataclass(frozen=True)
class Key:
    """A sample and its name."""

    kind: Literal["line", "block", "dot", "ramp"]
    series: int
    name: Runs
    dashed: bool = False
    ends: tuple[str, str] = ("", "")
    two_sided: bool = False
    tone: float | None = None


@dataclass(frozen=True)
class Legend:
    """The samples, in the order of the figure."""

    keys: tuple[Key, ...] = ()

    def rows(self, width: float, style: HouseStyle) -> list[list[tuple[Key, Runs, float]]]:
        """(key, its name in one line, its width) in rows that fit a figure of this width."""
        rows: list[list[tuple[Key, Runs, float]]] = []
        room = width - 2 * EDGE
        used = room + 1.0
        for key in self.keys:
            sample = SAMPLE if key.kind != "ramp" else _ramp_width(key, style)
            (name,) = fitted(key.name, room - sample, 1, style.fonts.figure_pt, style)
            taken = sample + runs_width(name, style.fonts.figure_pt, style) + BESIDE
            if used + taken - BESIDE > room:
                rows.append([])
                used = 0.0
            rows[-1].append((key, name, taken))
            used += taken
        return rows

    def height(self, width: float, style: HouseStyle) -> float:
        rows = len(self.rows(width, style))
        return line_height(style) * rows + (1.0 if rows else 0.0)


def legend_of(sheet: FigureSheet, style: HouseStyle) -> Legend:
    """The named series of a figure, each once, where there are several; and the scale of its tiles."""
    found: dict[str, Key] = {}
    ramp: Key | None = None
    for panel in sheet.panels:
        for mark in panel.marks:
            if isinstance(mark, Tiles) and mark.measure and ramp is None:
                low, high = (format_number(float(f"{end:.3g}"), Kind.EDGE, style) for end in mark.ends)
                ramp = Key("ramp", 0, print_text(mark.measure, style), False, (low, high), mark.two_sided)
            kind = _kind_of(mark)
            if kind is not None:
                dashed = isinstance(mark, Line) and mark.dashed
                name = plain_text(mark.name, style)  # type: ignore[union-attr]
                tone = mark.tone if isinstance(mark, Blocks) else None
                key = Key(kind, mark.series, print_text(mark.name, style), dashed, tone=tone)  # type: ignore[union-attr]
                found.setdefault(name, key)
    keys = tuple(found.values()) if len(found) > 1 else ()
    return Legend((*keys, *((ramp,) if ramp else ())))


def _kind_of(mark: object) -> Literal["line", "block", "dot"] | None:
    """How a mark is sampled; None for one that has no name, or that the note explains."""
    if not getattr(mark, "name", ()):
        return None
    if isinstance(mark, Line):
        return "line" if mark.ink == "series" else None
    if isinstance(mark, Bars):
        return "block" if mark.filled and mark.outline != "line" else "line"
    if isinstance(mark, Blocks | Area | Boxes):
        return "block"
    return "dot" if isinstance(mark, Dots) else None


def _ramp_width(key: Key, style: HouseStyle) -> float:
    ends = sum(runs_width((Run(end),), style.fonts.figure_pt, style) for end in key.ends)
    return RAMP_STEPS * RAMP_STEP + ends + 4.0


def legend_shapes(legend: Legend, width: float, style: HouseStyle) -> Iterator[Shape]:
    """The samples with their names."""
    size, line = style.fonts.figure_pt, line_height(style)
    rise = figure_rise(size, style)
    for row, entries in enumerate(legend.rows(width, style)):
        x, base = EDGE, 1.2 + rise + row * line
        for key, name, taken in entries:
            if key.kind == "ramp":
                yield from _ramp(key, x, base, style)
                start = x + _ramp_width(key, style)
            else:
                yield from _sample(key, x, base - rise / 2, style)
                start = x + SAMPLE
            yield from letters_of(name, start, base, size, style)
            x += taken


def _sample(key: Key, x: float, level: float, style: HouseStyle) -> Iterator[Shape]:
    colour = colour_of(key.series, style)
    if key.kind == "line":
        dash = (1.4, 0.6) if key.dashed else dash_of(key.series)
        yield Polyline(np.array([[x, level], [x + 7, level]]), colour, STRONG, dash)
    elif key.kind == "dot":
        yield Cloud(np.array([[x + 5.5, level]]), RADIUS * 1.2, colour, kind_of(key.series))
    else:
        place = (x + 1.5, level - 1.3, 5.5, 2.6)
        yield from filling(*place, key.series, key.tone, style)
        yield Rectangle(*place, "", colour if key.tone is None else QUIET, THIN)


def _ramp(key: Key, x: float, base: float, style: HouseStyle) -> Iterator[Shape]:
    """Tiles from the lightest to the darkest between their values."""
    size, rise = style.fonts.figure_pt, figure_rise(style.fonts.figure_pt, style)
    low, high = ((Run(end),) for end in key.ends)
    yield from letters_of(low, x, base, size, style)
    x += runs_width(low, size, style) + 1.0
    for step in range(RAMP_STEPS):
        share = step / (RAMP_STEPS - 1)
        fill = shade(2 * share - 1 if key.two_sided else share, style, two_sided=key.two_sided)
        yield Rectangle(x + step * RAMP_STEP, base - rise, RAMP_STEP, rise, fill)
    yield from letters_of(high, x + RAMP_STEPS * RAMP_STEP + 1.0, base, size, style)


# Names at the lines.
def names_at_lines(
    sheet: FigureSheet, fields: Sequence[Field], shapes: Sequence[Shape], style: HouseStyle
) -> list[Letters] | None:
    """The name of each line beside it, clear of all other lines; None where one finds no place."""
    made: list[Letters] = []
    for place, panel in enumerate(sheet.panels):
        lines = [
            shape
            for shape in shapes
            if isinstance(shape, Polyline) and shape.part.panel == place and shape.part.mark >= 0
        ]
        paths = {line.part.mark: _dense(line.points) for line in lines}
        taken: list[tuple[float, float, float, float]] = []
        for number, mark in enumerate(panel.marks):
            if not isinstance(mark, Line | Bars) or not mark.name or number not in paths:
                continue
            others = [path for other, path in paths.items() if other != number]
            name = print_text(mark.name, style)
            spot = _spot(name, paths[number], others, taken, fields[place], style)
            if spot is None:
                return None
            box, x, base = spot
            taken.append(box)
            runs = tuple(Run(run.text, italic=True) for run in name)
            made += letters_of(runs, x, base, style.fonts.figure_pt, style, colour=_ink(colour_of(mark.series, style)))
    return made


def _ink(colour: str) -> str:
    """The colour somewhat darker, so that thin letters can be read."""
    return "#" + "".join(f"{round(0.82 * int(colour[i : i + 2], 16)):02X}" for i in (1, 3, 5))


def _dense(points: Array) -> Array:
    """Points along a line, no further apart than half a millimetre."""
    steps = np.hypot(*np.diff(points, axis=0).T)
    way = np.concatenate([[0.0], np.cumsum(steps)])
    if way[-1] == 0:
        return points
    at = np.linspace(0.0, way[-1], max(2, int(way[-1] / 0.5)))
    return np.column_stack([np.interp(at, way, points[:, 0]), np.interp(at, way, points[:, 1])])


Box = tuple[float, float, float, float]


def _spot(
    name: Runs, own: Array, others: list[Array], taken: list[Box], field: Field, style: HouseStyle
) -> tuple[Box, float, float] | None:
    """(box, x, baseline) of the first place where a name is near its own line and clear of all else, the peak first."""
    size = style.fonts.figure_pt
    width, rise = runs_width(tuple(Run(run.text, italic=True) for run in name), size, style), figure_rise(size, style)
    inside = own[(own[:, 0] >= field.left) & (own[:, 0] <= field.left + field.width)]
    if inside.size == 0:
        return None
    order = np.argsort(inside[:, 1], kind="stable")
    spots = np.vstack([inside[order[:1]], inside[np.linspace(0, len(inside) - 1, SPOTS).astype(int)]])
    everything = np.vstack([own, *others])
    for x, y in spots.tolist():
        for left, base in (
            (x - width / 2, y - 1.4),
            (x + 1.6, y - 0.6),
            (x - width - 1.6, y - 0.6),
            (x + 2.2, y + rise / 2),
            (x - width - 2.2, y + rise / 2),
            (x - width / 2, y + rise + 1.6),
        ):
            box = (left - 0.4, base - rise - 0.5, left + width + 0.4, base + 0.9)
            if _free(box, everything, others, own, taken, field):
                return box, left, base
    return None


def _free(box: Box, everything: Array, others: list[Array], own: Array, taken: list[Box], field: Field) -> bool:
    left, top, right, foot = box
    if left < field.left + 0.8 or right > field.left + field.width + 2.5:
        return False
    if top < field.top - 1.0 or foot > field.top + field.height - 0.8:
        return False
    if any(left < b[2] and b[0] < right and top < b[3] and b[1] < foot for b in taken):
        return False
    x, y = everything.T
    if ((x > left) & (x < right) & (y > top) & (y < foot)).any():
        return False
    near = _distance(box, own)
    return near <= OWN and all(_distance(box, other) >= near + CLEAR for other in others)


def _distance(box: Box, points: Array) -> float:
    """From a box to the nearest of the points."""
    left, top, right, foot = box
    dx = np.maximum(np.maximum(left - points[:, 0], points[:, 0] - right), 0.0)
    dy = np.maximum(np.maximum(top - points[:, 1], points[:, 1] - foot), 0.0)
    return float(np.hypot(dx, dy).min())
