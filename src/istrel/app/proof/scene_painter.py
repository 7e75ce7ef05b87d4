"""Paints a scene: the same shapes, places and fonts that are printed."""

from __future__ import annotations

from functools import cache, lru_cache, singledispatch
from math import ceil, floor

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QImage, QPainter, QPainterPath, QPen, QPolygonF

from istrel.render.fonts import Face
from istrel.render.scene import CORNERS, Cloud, Letters, Polygon, Polyline, Raster, Rectangle, Scene, Strokes
from istrel.render.scene.shapes import PT, RING

REMEMBERED = 2_000  # outlines of texts that are kept
QUARTERS = (0.125, 0.375, 0.625, 0.875)  # of a pixel, at which stamps of dots are drawn
LARGEST_STAMP = 40.0  # pixels of a radius
DRAWN_AT = 128  # pixels of the font that is scaled to its size: whole, large, and without hints


def paint_scene(painter: QPainter, scene: Scene, px_per_mm: float, *, letters: bool = True) -> None:
    """The scene with its upper left corner at the painter's origin; without letters where they could not be read."""
    painter.save()
    painter.scale(px_per_mm, px_per_mm)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.TextAntialiasing)
    for shape in scene.shapes:
        if letters or not isinstance(shape, Letters):
            _paint(shape, painter)
    painter.restore()


@singledispatch
def _paint(shape: object, painter: QPainter) -> None:
    raise TypeError(type(shape).__name__)


@_paint.register
def _(shape: Rectangle, painter: QPainter) -> None:
    painter.setPen(QPen(QColor(shape.edge), shape.line) if shape.edge else Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill) if shape.fill else Qt.BrushStyle.NoBrush)
    painter.drawRect(QRectF(shape.left, shape.top, shape.width, shape.height))


@_paint.register
def _(shape: Polyline, painter: QPainter) -> None:
    painter.setPen(_pen(shape.colour, shape.line, shape.dash))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    if len(shape.points) == 2:
        painter.drawLine(QLineF(*shape.points.ravel().tolist()))
    else:
        painter.drawPolyline(QPolygonF([QPointF(x, y) for x, y in shape.points.tolist()]))


@lru_cache(REMEMBERED)
def _pen(colour: str, line: float, dash: tuple[float, ...]) -> QPen:
    pen = QPen(QColor(colour), line, Qt.PenStyle.SolidLine, Qt.PenCapStyle.FlatCap, Qt.PenJoinStyle.MiterJoin)
    if dash:
        pen.setDashPattern([length / line for length in dash])
    return pen


@_paint.register
def _(shape: Strokes, painter: QPainter) -> None:
    painter.setPen(_pen(shape.colour, shape.line, ()))
    painter.drawLines([QLineF(*ends) for ends in shape.ends.reshape(-1, 4).tolist()])


@_paint.register
def _(shape: Polygon, painter: QPainter) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill))
    painter.drawPolygon(QPolygonF([QPointF(x, y) for x, y in shape.points.tolist()]))


@_paint.register
def _(shape: Cloud, painter: QPainter) -> None:
    """Dots as stamps: drawn once for each quarter of a pixel, then set many times."""
    to = painter.worldTransform()
    ratio = painter.device().devicePixelRatioF()
    scale = to.m11() * ratio
    if scale * shape.radius > LARGEST_STAMP:
        for x, y in shape.points.tolist():
            _dot(painter, shape, QPointF(x, y), 1.0)
        return
    stamps = [[_stamp(shape.kind, shape.radius, shape.fill, scale, ratio, h, v) for v in QUARTERS] for h in QUARTERS]
    reach = _reach(shape.radius, scale)
    places = (shape.points * (to.m11(), to.m22()) + (to.dx(), to.dy())) * ratio
    whole = np.floor(places)
    part = ((places - whole) * len(QUARTERS)).astype(int)
    painter.save()
    painter.resetTransform()
    for (x, y), (h, v) in zip(((whole - reach) / ratio).tolist(), part.tolist(), strict=True):
        painter.drawImage(QPointF(x, y), stamps[h][v])
    painter.restore()


def _reach(radius: float, scale: float) -> int:
    """Pixels from the middle of a stamp to its edge."""
    return ceil(1.4 * radius * scale) + 1


@lru_cache(REMEMBERED)
def _stamp(kind: str, radius: float, fill: str, scale: float, ratio: float, right: float, down: float) -> QImage:
    """One dot, a share of a pixel to the right of and below the middle of its image."""
    reach = _reach(radius, scale)
    image = QImage(2 * reach + 1, 2 * reach + 1, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    middle = QPointF(reach + right, reach + down)
    _dot(painter, Cloud(np.zeros((1, 2)), radius, fill, kind), middle, scale)  # type: ignore[arg-type]
    painter.end()
    image.setDevicePixelRatio(ratio)
    return image


def _dot(painter: QPainter, shape: Cloud, at: QPointF, scale: float) -> None:
    """One dot of a cloud."""
    radius = shape.radius * scale
    if shape.kind == "ring":
        painter.setPen(QPen(QColor(shape.fill), RING * radius))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(at, radius, radius)
        return
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill))
    if shape.kind == "circle":
        painter.drawEllipse(at, radius, radius)
    else:
        corners = QPolygonF([QPointF(x, y) for x, y in (radius * CORNERS[shape.kind]).tolist()])
        painter.drawPolygon(corners.translated(at))


@_paint.register
def _(shape: Raster, painter: QPainter) -> None:
    rows, columns = shape.pixels.shape[:2]
    picture = QImage(shape.pixels.tobytes(), columns, rows, 3 * columns, QImage.Format.Format_RGB888)
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform, on=False)
    painter.drawImage(QRectF(shape.left, shape.top, shape.width, shape.height), picture)
    painter.restore()


@_paint.register
def _(shape: Letters, painter: QPainter) -> None:
    """A text as a stamp, which is kept: the same words stand on the paper again and again."""
    to = painter.worldTransform()
    ratio = painter.device().devicePixelRatioF()
    scale = to.m11() * ratio
    if scale * shape.size_pt * PT > LARGEST_STAMP:
        painter.save()
        painter.translate(shape.x, shape.y)
        _write(painter, shape.text, shape.face, shape.size_pt * PT, shape.colour, upright=shape.upright)
        painter.restore()
        return
    x, y = (shape.x * to.m11() + to.dx()) * ratio, (shape.y * to.m22() + to.dy()) * ratio
    part = (int((x - floor(x)) * len(QUARTERS)), int((y - floor(y)) * len(QUARTERS)))
    size, wide = shape.size_pt * PT * scale, ceil(shape.width * scale) + 4
    image = _text_stamp(shape.text, shape.face, size, wide, shape.colour, shape.upright, part, ratio)
    beside, above = _margins(size, wide, upright=shape.upright)
    painter.save()
    painter.resetTransform()
    painter.drawImage(QPointF((floor(x) - beside) / ratio, (floor(y) - above) / ratio), image)
    painter.restore()


def _margins(size: float, wide: int, *, upright: bool) -> tuple[int, int]:
    """(left of, above) the place of a text: the room that its letters may take there, in pixels."""
    tall = ceil(1.3 * size)
    return (tall, wide) if upright else (4, tall)


@lru_cache(REMEMBERED)
def _text_stamp(
    text: str, face: Face, size: float, wide: int, colour: str, upright: bool, part: tuple[int, int], ratio: float
) -> QImage:
    """The letters from a place a share of a pixel to the right of and below a whole one."""
    beside, above = _margins(size, wide, upright=upright)
    below = ceil(0.5 * size) + 2
    width, height = (beside + below, above + 4) if upright else (beside + wide + 4, above + below)
    image = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.translate(beside + QUARTERS[part[0]], above + QUARTERS[part[1]])
    _write(painter, text, face, size, colour, upright=upright)
    painter.end()
    image.setDevicePixelRatio(ratio)
    return image


def _write(painter: QPainter, text: str, face: Face, size: float, colour: str, *, upright: bool) -> None:
    """The letters from the painter's origin along their baseline."""
    if upright:
        painter.rotate(-90)
    painter.scale(size / DRAWN_AT, size / DRAWN_AT)
    painter.fillPath(_outline(text, face), QColor(colour))


@lru_cache(REMEMBERED)
def _outline(text: str, face: Face) -> QPainterPath:
    path = QPainterPath()
    path.addText(QPointF(0, 0), font_of(face), text)
    return path


@cache
def font_of(face: Face) -> QFont:
    """The font of a file, at the size at which letters are drawn before they are scaled."""
    families = QFontDatabase.applicationFontFamilies(QFontDatabase.addApplicationFont(face.path))
    font = QFont(families[0] if families else "")
    font.setPixelSize(DRAWN_AT)
    font.setItalic("Italic" in face.path)
    font.setBold("Bold" in face.path)
    font.setHintingPreference(QFont.HintingPreference.PreferNoHinting)
    return font
