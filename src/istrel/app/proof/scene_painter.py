"""Paints a scene: the same shapes, places and fonts that are printed."""

from __future__ import annotations

from functools import cache, lru_cache, singledispatch

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QImage, QPainter, QPainterPath, QPen, QPolygonF

from istrel.render.fonts import Face
from istrel.render.scene import CORNERS, Cloud, Letters, Polygon, Polyline, Raster, Rectangle, Scene
from istrel.render.scene.shapes import PT, RING

REMEMBERED = 2_000  # outlines of texts that are kept
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
def _(shape: Polygon, painter: QPainter) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill))
    painter.drawPolygon(QPolygonF([QPointF(x, y) for x, y in shape.points.tolist()]))


@_paint.register
def _(shape: Cloud, painter: QPainter) -> None:
    points = [QPointF(x, y) for x, y in shape.points.tolist()]
    if shape.kind == "circle":
        pen = QPen(QColor(shape.fill), 2 * shape.radius, Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap)
        painter.setPen(pen)
        painter.drawPoints(points)
    elif shape.kind == "ring":
        painter.setPen(QPen(QColor(shape.fill), RING * shape.radius))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for point in points:
            painter.drawEllipse(point, shape.radius, shape.radius)
    else:
        corners = QPolygonF([QPointF(x, y) for x, y in (shape.radius * CORNERS[shape.kind]).tolist()])
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(shape.fill))
        for point in points:
            painter.drawPolygon(corners.translated(point))


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
    painter.save()
    painter.translate(shape.x, shape.y)
    if shape.upright:
        painter.rotate(-90)
    size = shape.size_pt * PT / DRAWN_AT
    painter.scale(size, size)
    painter.fillPath(_outline(shape.text, shape.face), QColor(shape.colour))
    painter.restore()


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
