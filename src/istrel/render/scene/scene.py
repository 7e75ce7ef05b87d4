"""A scene put together: axes, marks, labels and legend of every panel."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.exhibits.figure import FigureSheet, Panel
from istrel.exhibits.printing import Runs, plain_text, print_text
from istrel.exhibits.text import Run, say
from istrel.render.fonts import lacking
from istrel.render.scene.axes import Scale, tick_words, ticks
from istrel.render.scene.layout import BEYOND, PAD, SIDE_LEADING, TICK, Layout, Placed, foot_axis, lay_out, side_axis
from istrel.render.scene.legend import Legend, legend_of, legend_shapes, names_at_lines
from istrel.render.scene.letters import figure_rise, fitted, letters_of, line_height, runs_width
from istrel.render.scene.marks import INK, THIN, Pen, shapes_of
from istrel.render.scene.shapes import Field, Letters, Part, Polyline, Scene, Shape, lying
from istrel.style.house import HouseStyle

LABEL_EVERY = 11.0  # mm between labels at the foot, at least


def make_scene(sheet: FigureSheet, style: HouseStyle) -> Scene:
    """The figure in a house style: every rule, bar, line and letter in its place."""
    legend = legend_of(sheet, style)
    if sheet.beside and legend.keys:
        ramps = Legend(tuple(key for key in legend.keys if key.kind == "ramp"))
        layout = lay_out(sheet, style, ramps)
        shapes = _shapes(sheet, layout, style)
        names = names_at_lines(sheet, layout.fields, shapes, style)
        if names is not None:
            return _scene(layout, [*shapes, *names], style)
    layout = lay_out(sheet, style, legend)
    return _scene(layout, _shapes(sheet, layout, style), style)


def _scene(layout: Layout, shapes: list[Shape], style: HouseStyle) -> Scene:
    shapes = [*legend_shapes(layout.legend, layout.width, style), *shapes]
    letters = "".join(shape.text for shape in shapes if isinstance(shape, Letters))
    return Scene(layout.width, layout.height, tuple(shapes), layout.fields, lacking(letters, style.fonts.proof))


def _shapes(sheet: FigureSheet, layout: Layout, style: HouseStyle) -> list[Shape]:
    return [shape for place, panel in enumerate(sheet.panels) for shape in _panel(place, panel, layout, style)]


def scales_of(here: Field) -> tuple[Scale, Scale]:
    """(across the page, up the left side) of a field."""
    foot = here.top + here.height
    ends = (here.top, foot) if here.downwards else (foot, here.top)
    return Scale(*here.x, here.left, here.left + here.width, here.x_log), Scale(*here.y, *ends, here.y_log)


def _panel(place: int, panel: Panel, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    placed = layout.placed[place]
    across, up = scales_of(placed.field)
    pen = Pen(up, across, style, lying=True) if panel.lying else Pen(across, up, style)
    for number, mark in enumerate(panel.marks):
        made = shapes_of(mark, pen, Part(place, number))
        yield from (lying(shape) for shape in made) if panel.lying else made
    yield from _foot(panel, placed, across, layout, style)
    yield from _side(panel, placed, up, style)
    yield from _titles(place, panel, placed, layout, style)
    yield from _head(panel, placed.field, style)


def _foot(panel: Panel, placed: Placed, scale: Scale, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    """The line at the foot, ticks below it, and their values; a value that would touch its neighbour is left out."""
    axis, here = foot_axis(panel), placed.field
    foot, size, rise = here.top + here.height, style.fonts.figure_pt, figure_rise(style.fonts.figure_pt, style)
    if axis.bare:
        return
    yield Polyline(np.array([[here.left, foot], [here.left + here.width, foot]]), INK, THIN)
    entries: list[tuple[float, tuple[Runs, ...]]]
    if axis.places:
        entries = [(float(scale(label.place)), label.lines) for label in placed.foot.entries]
    else:
        values = ticks(axis, most=min(8, max(2, int(here.width / LABEL_EVERY))))
        words = tick_words(values, axis, style)
        entries = [(float(scale(value)), ((Run(text),),)) for value, text in zip(values, words, strict=True)]
    shown = placed.foot.deep > 0
    last, under = -np.inf, foot + TICK + PAD
    for at, lines in entries:
        yield Polyline(np.array([[at, foot], [at, foot + TICK]]), INK, THIN)
        if not shown:
            continue
        if placed.foot.upright:
            long = runs_width(lines[0], size, style)
            yield from letters_of(lines[0], at + rise / 2, under + long, size, style, upright=True)
            continue
        half = max(runs_width(line, size, style) for line in lines) / 2
        if at - half < last + 1.0 and not axis.places:
            continue
        last = at + half
        for number, line in enumerate(lines):
            yield from letters_of(line, at, under + rise + number * layout.line, size, style, anchor="middle")


def _side(panel: Panel, placed: Placed, scale: Scale, style: HouseStyle) -> Iterator[Shape]:
    """The line at the left, ticks outside it, and their values or the names of places."""
    axis, here = side_axis(panel), placed.field
    size, rise = style.fonts.figure_pt, figure_rise(style.fonts.figure_pt, style)
    if axis.bare:
        return
    yield Polyline(np.array([[here.left, here.top], [here.left, here.top + here.height]]), INK, THIN)
    line = SIDE_LEADING * line_height(style)
    entries: list[tuple[float, tuple[Runs, ...]]]
    if axis.places:
        entries = [(float(scale(label.place)), label.lines) for label in placed.side.entries]
    else:
        values = ticks(axis, most=max(2, min(7, int(here.height / (2 * rise)))))
        words = tick_words(values, axis, style)
        entries = [(float(scale(value)), ((Run(text),),)) for value, text in zip(values, words, strict=True)]
    for at, lines in entries:
        yield Polyline(np.array([[here.left - TICK, at], [here.left, at]]), INK, THIN)
        if placed.side.deep == 0:
            continue
        top = at + rise / 2 - (len(lines) - 1) * line / 2
        for number, text in enumerate(lines):
            yield from letters_of(text, here.left - TICK - PAD, top + number * line, size, style, anchor="right")


def _titles(place: int, panel: Panel, placed: Placed, layout: Layout, style: HouseStyle) -> Iterator[Shape]:
    size, rise, here = style.fonts.figure_pt, figure_rise(style.fonts.figure_pt, style), placed.field
    foot = here.top + here.height
    if placed.foot_title:
        down = foot + layout.foot_deep[place] + PAD + rise
        lines = fitted(print_text(foot_axis(panel).title, style), here.width + BEYOND, layout.x_lines, size, style)
        for number, line in enumerate(lines):
            middle = here.left + here.width / 2
            yield from letters_of(line, middle, down + number * layout.line, size, style, anchor="middle")
    if placed.side_title:
        lines = fitted(print_text(side_axis(panel).title, style), here.height + 6, layout.y_lines, size, style)
        for number, line in enumerate(reversed(lines)):
            across = here.left - layout.side_deep[place] - PAD - number * layout.line
            middle = here.top + here.height / 2 + runs_width(line, size, style) / 2
            yield from letters_of(line, across, middle, size, style, upright=True)


def _head(panel: Panel, here: Field, style: HouseStyle) -> Iterator[Shape]:
    """The label of a panel above its left corner, its n above the right one."""
    size = style.fonts.figure_pt
    base = here.top - 1.2
    n: Runs = print_text(say("n_equals", n=panel.n), style) if panel.n is not None else ()
    if n:
        yield from letters_of(n, here.left + here.width, base, size - 0.5, style, anchor="right")
    if panel.label:
        room = here.width - runs_width(n, size - 0.5, style) - 2.0
        label = (Run(plain_text(panel.label, style), italic=True),)
        (line,) = fitted(label, room, 1, size, style)
        yield from letters_of(tuple(Run(run.text, italic=True) for run in line), here.left, base, size, style)
