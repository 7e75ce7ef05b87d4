"""Paints a scene: the same shapes, places and fonts that are printed."""

from __future__ import annotations

from functools import cache, lru_cache, singledispatch

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QPainter, QPainterPath, QPen, QPolygonF

from istrel.render.fonts import Face
from istrel.render.scene import Circle, Letters, Polygon, Polyline, Rectangle, Scene
from istrel.render.scene.shapes import PT

REMEMBERED = 2_000  # outlines of texts that are kept
DRAWN_AT = 128  # pixels of the font that is scaled to its size: whole, large, and without hints


def paint_scene(painter: QPainter, scene: Scene, px_per_mm: float) -> None:
    """The scene with its upper left corner at the painter's origin."""
    painter.save()
    painter.scale(px_per_mm, px_per_mm)
    painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.TextAntialiasing)
    for shape in scene.shapes:
        _paint(shape, painter)
    painter.restore()


@singledispatch
def _paint(shape: object, painter: QPainter) -> None:
    raise TypeError(type(shape).__name__)


@_paint.register
def _(shape: Rectangle, painter: QPainter) -> None:
    painter.setPen(QPen(QColor(shape.edge), shape.line) if shape.edge else Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill))
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
def _(shape: Circle, painter: QPainter) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(shape.fill))
    painter.drawEllipse(QPointF(shape.x, shape.y), shape.radius, shape.radius)


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
