"""A scene put together: axes, marks, labels and legend of every panel."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.exhibits.figure import FigureSheet, Panel
from istrel.exhibits.printing import Runs, plain_text, print_text
from istrel.exhibits.text import Run, say
from istrel.render.fonts import ascent, lacking, shipped, stretches
from istrel.render.scene.axes import Scale, tick_words, ticks
from istrel.render.scene.layout import (
    BESIDE,
    PAD,
    SAMPLE,
    TICK,
    Labels,
    Layout,
    fitted,
    lay_out,
    legend_rows,
    runs_width,
    size_mm,
)
from istrel.render.scene.marks import DASHES, INK, colour_of, shapes_of
from istrel.render.scene.shapes import PT, Field, Letters, Part, Polyline, Scene, Shape
from istrel.style.house import HouseStyle

AXIS_LINE = 0.6 * PT


def size_of(sheet: FigureSheet, style: HouseStyle) -> tuple[float, float]:
    """(width, height) of a figure on paper, in mm."""
    return size_mm(len(sheet.panels), style)


def make_scene(sheet: FigureSheet, style: HouseStyle) -> Scene:
    """The figure in a house style: every rule, bar, line and letter in its place."""
    layout = lay_out(sheet, style)
    shapes: list[Shape] = [*_legend(layout, style)]
    for place, panel in enumerate(sheet.panels):
        shapes += _panel(place, panel, layout, style)
    letters = "".join(shape.text for shape in shapes if isinstance(shape, Letters))
    return Scene(layout.width, layout.height, tuple(shapes), layout.fields, lacking(letters, style.fonts.proof))


def _panel(place: int, panel: Panel, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    here = layout.fields[place]
    x = Scale(*here.x, here.left, here.left + here.width)
    y = Scale(*here.y, here.top + here.height, here.top)
    for number, mark in enumerate(panel.marks):
        yield from shapes_of(mark, x, y, style, Part(place, number))
    yield from _axes(place, panel, here, x, y, layout, style)
    yield from _titles(place, panel, here, layout, style)
    yield from _head(panel, here, layout, style)


def _axes(
    place: int, panel: Panel, here: Field, x: Scale, y: Scale, layout: Layout, style: HouseStyle
) -> Iterator[Shape]:
    """Lines at the left and the foot, ticks outside, and their values; a value that would touch its neighbour is left out."""
    foot, size = here.top + here.height, style.fonts.figure_pt
    corner = np.array([[here.left, here.top], [here.left, foot], [here.left + here.width, foot]])
    yield Polyline(corner, INK, AXIS_LINE)
    rise = _rise(style)
    values = ticks(panel.y.low, panel.y.high, whole=panel.y.whole)
    for value, text in zip(values, tick_words(values, style, years=panel.y.years), strict=True):
        at = float(y(value))
        yield Polyline(np.array([[here.left - TICK, at], [here.left, at]]), INK, AXIS_LINE)
        value_words: Runs = (Run(text),)
        yield from _letters(value_words, here.left - TICK - PAD, at + rise / 2, size, style, anchor="right")
    last = -np.inf
    under = foot + TICK + PAD
    labels = layout.labels[place]
    for at, words in _x_labels(panel, x, here, labels, style):
        yield Polyline(np.array([[at, foot], [at, foot + TICK]]), INK, AXIS_LINE)
        if labels.upright:
            long = runs_width(words[0], size, style)
            yield from _letters(words[0], at + rise / 2, under + long, size, style, upright=True)
            continue
        half = max(runs_width(line, size, style) for line in words) / 2
        if at - half < last + 1.0 and not panel.places:
            continue
        last = at + half
        for number, line in enumerate(words):
            yield from _letters(line, at, under + rise + number * layout.line, size, style, anchor="middle")


def _x_labels(
    panel: Panel, x: Scale, here: Field, labels: Labels, style: HouseStyle
) -> Iterator[tuple[float, tuple[Runs, ...]]]:
    """(place in mm, lines) of the labels at the foot."""
    if panel.places:
        yield from ((float(x(label.place)), label.lines) for label in labels.entries)
        return
    most = max(2, int(here.width / 11))
    values = ticks(panel.x.low, panel.x.high, whole=panel.x.whole, most=min(8, most))
    for value, text in zip(values, tick_words(values, style, years=panel.x.years), strict=True):
        yield float(x(value)), ((Run(text),),)


def _titles(place: int, panel: Panel, here: Field, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    size, rise = style.fonts.figure_pt, _rise(style)
    foot = here.top + here.height
    if layout.x_titled[place] and panel.x.title:
        down = foot + TICK + PAD + max(labels.deep for labels in layout.labels) + PAD + rise * 0.8
        (line,) = fitted(print_text(panel.x.title, style), here.width + 8, 1, size, style)
        yield from _letters(line, here.left + here.width / 2, down, size, style, anchor="middle")
    if layout.y_titled[place] and panel.y.title:
        lines = fitted(print_text(panel.y.title, style), here.height + 6, layout.y_lines, size, style)
        for number, line in enumerate(reversed(lines)):
            across = here.left - _label_room(panel, style) - PAD - number * layout.line
            middle = here.top + here.height / 2 + runs_width(line, size, style) / 2
            yield from _letters(line, across, middle, size, style, upright=True)


def _label_room(panel: Panel, style: HouseStyle) -> float:
    words = tick_words(ticks(panel.y.low, panel.y.high, whole=panel.y.whole), style, years=panel.y.years)
    return max((runs_width((Run(w),), style.fonts.figure_pt, style) for w in words), default=0.0) + TICK + 2 * PAD


def _head(panel: Panel, here: Field, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    """The label of a panel above its left corner, its n above the right one."""
    size = style.fonts.figure_pt
    base = here.top - 1.2
    n: Runs = print_text(say("*n* = {n}", n=panel.n), style) if panel.n is not None else ()
    if n:
        yield from _letters(n, here.left + here.width, base, size - 0.5, style, anchor="right")
    if panel.label:
        room = here.width - runs_width(n, size - 0.5, style) - 2.0
        label = (Run(plain_text(panel.label, style), italic=True),)
        (line,) = fitted(label, room, 1, size, style)
        yield from _letters(tuple(Run(run.text, italic=True) for run in line), here.left, base, size, style)
    del layout


def _legend(layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    """A sample of every line with its name, in a row above the panels."""
    size = style.fonts.figure_pt
    for row, entries in enumerate(legend_rows(layout.legend, layout.width - 12.0, style)):
        x, base = 6.0, 1.2 + _rise(style) + row * layout.line
        for series, dashed, name in entries:
            dash = (1.4, 0.6) if dashed else DASHES[series % len(DASHES)]
            level = base - _rise(style) / 2
            yield Polyline(np.array([[x, level], [x + 7, level]]), colour_of(series, style), 1.1 * PT, dash)
            yield from _letters(name, x + SAMPLE, base, size, style)
            x += SAMPLE + runs_width(name, size, style) + BESIDE


def merged(runs: Runs) -> list[Run]:
    """Neighbours of one slant as one run."""
    made: list[Run] = []
    for run in runs:
        if made and made[-1].italic == run.italic:
            made[-1] = Run(made[-1].text + run.text, run.italic)
        else:
            made.append(run)
    return made


def _rise(style: HouseStyle) -> float:
    """The height of a figure (0 to 9) above the baseline, in mm."""
    return 0.66 * ascent(shipped(style.fonts.proof)) * style.fonts.figure_pt * PT


def _letters(
    runs: Runs, x: float, y: float, size_pt: float, style: HouseStyle, *, anchor: str = "left", upright: bool = False
) -> Iterator[Letters]:
    """Runs one after the other from a place on their baseline; `anchor` says which end of the text stands there."""
    width = runs_width(runs, size_pt, style)
    along = {"left": 0.0, "middle": -width / 2, "right": -width}[anchor]
    for run in merged(runs):
        for part in stretches(run.text, size_pt, style.fonts.proof, italic=run.italic):
            place = (x, y - along) if upright else (x + along, y)
            yield Letters(part.text, *place, size_pt, part.face, part.width, upright)
            along += part.width
