"""A figure with the ends of its axes as they were asked for: wider than what is drawn, never so narrow that something is cut."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

import numpy as np

from istrel.english import english
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.figure import (
    Area,
    Array,
    Arrows,
    Axis,
    Band,
    Bars,
    Blocks,
    Boxes,
    Dots,
    FigureSheet,
    Frames,
    Intervals,
    Line,
    Mark,
    Panel,
    Tiles,
    Words,
)
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.table import Note
from istrel.exhibits.text import Text
from istrel.problem import Problem

SIDES = {"x_limits": "across", "y_limits": "upwards"}


def figure_of(plan: Plan, drawings: tuple[Drawing, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """The figure of a form, with the ends of its axes as asked for.

    Raises
    ------
    Problem
        For what no page holds, and for limits that would cut what is drawn.
    """
    sheet: FigureSheet = form_of(plan.form).figure(plan, drawings, title, notes)
    for name in SIDES:
        if plan.request.settings[name] is not None:
            sheet = replace(sheet, panels=tuple(_limited(panel, name, plan) for panel in sheet.panels))
    return sheet


def _limited(panel: Panel, name: str, plan: Plan) -> Panel:
    at, length = plan.request.settings.place_of(name)
    low, high = plan.request.settings[name]
    of_x = (name == "x_limits") != panel.lying
    axis = panel.x if of_x else panel.y
    if axis.places or axis.bare:
        other = next(key for key in SIDES if key != name)
        message = english(
            "The axis {sides} has no numbers; the one that has takes {other}.", sides=SIDES[name], other=other
        )
        raise Problem(message, at=at, length=length, instead=(other,))
    if axis.log and low <= 0:
        raise Problem(english("A logarithmic axis begins above 0; {low:g} is not.", low=low), at=at, length=length)
    parts = [np.ravel(part) for mark in panel.marks for part in _extent(mark, of_x=of_x)]
    drawn = np.concatenate([np.empty(0), *parts])
    drawn = drawn[np.isfinite(drawn)]
    if drawn.size and (drawn.min() < low or drawn.max() > high):
        message = english(
            "What is drawn reaches from {min:.4g} to {max:.4g}, beyond {name} {low:g} and {high:g}; ",
            min=drawn.min(),
            max=drawn.max(),
            name=name,
            low=low,
            high=high,
        )
        raise Problem(
            english("{message}widen them, or limit the cases after “among”.", message=message), at=at, length=length
        )
    ends: Axis = replace(axis, low=low, high=high)
    return replace(panel, x=ends) if of_x else replace(panel, y=ends)


def _extent(mark: Mark, *, of_x: bool) -> Iterator[Array | float]:
    """The places that a mark reaches along one axis."""
    match mark:
        case Bars(edges=edges, heights=heights, base=base):
            yield from (edges,) if of_x else (base, np.add(base, heights))
        case Blocks(left=left, right=right, low=low, high=high):
            yield from (left, right) if of_x else (low, high)
        case Band(x=x, low=low, high=high):
            yield from (x,) if of_x else (low, high)
        case Boxes(places=places, levels=levels, halves=halves):
            yield from (places - halves, places + halves) if of_x else (levels,)
        case Intervals(places=places, low=low, high=high):
            yield from (places,) if of_x else (low, high)
        case Tiles(x_edges=x, y_edges=y) | Line(x=x, y=y) | Area(x=x, y=y) | Dots(x=x, y=y):
            yield x if of_x else y
        case Words() | Frames() | Arrows():
            return
