"""Other forms of an exhibit in miniature: made off the window's thread, from what the exhibit has already put in order."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.figure import FigureSheet
from istrel.render.scene import Cloud, Polyline, Rectangle, Scene, make_scene
from istrel.render.scene.shapes import Letters, Shape, Strokes
from istrel.sentence.edit import with_form
from istrel.sentence.request import Request
from istrel.study.remake import exhibit_of
from istrel.study.study import StudySource
from istrel.style.house import HouseStyle

HEAVIER, LARGER = 3.2, 1.8


def make_thumbnail(request: Request, form: str, source: StudySource, style: HouseStyle) -> Scene | None:
    """The figure that a request would make in another form; None for a table.

    Raises
    ------
    Problem
        Why it cannot be set so.
    """
    sheet = exhibit_of(with_form(request, form), source).sheet
    return thumbnail_of(make_scene(sheet, style)) if isinstance(sheet, FigureSheet) else None


def thumbnail_of(scene: Scene) -> Scene:
    """The scene with strokes and dots that can be seen when it is small, without hatches, dashes and letters."""
    shapes = tuple(_heavier(shape) for shape in scene.shapes if not isinstance(shape, Letters | Strokes))
    return replace(scene, shapes=shapes)


def _heavier(shape: Shape) -> Shape:
    if isinstance(shape, Polyline):
        return replace(shape, line=HEAVIER * shape.line, dash=tuple(HEAVIER / 2 * part for part in shape.dash))
    if isinstance(shape, Rectangle):
        return replace(shape, line=HEAVIER * shape.line)
    return replace(shape, radius=LARGER * shape.radius) if isinstance(shape, Cloud) else shape
