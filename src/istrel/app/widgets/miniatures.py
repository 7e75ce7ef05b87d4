"""Forms in miniature: a distribution, given as heights of classes, as each form would show it."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import accumulate
from statistics import NormalDist

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPen, QPolygonF

from istrel.app import theme
from istrel.app.widgets.drawings import draw_shape

Heights = Sequence[float]
DOTS = 9
DOT = 1.6


def _bars(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    draw_shape(painter, rect, heights, stepped=False, soft=True)


def _curve(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    """The tops of neighbouring classes averaged, filled down to the axis."""
    padded = (0.0, *heights, 0.0)
    smooth = [sum(padded[max(0, k - 1) : k + 2]) / 3 for k in range(len(padded))]
    points = [_at(rect, k / (len(smooth) - 1), height) for k, height in enumerate(smooth)]
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.DRAWING_SOFT))
    painter.drawPolygon(QPolygonF([rect.bottomLeft(), *points, rect.bottomRight()]))
    _line(painter, points)


def _steps(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    shares = _shares(heights)
    points = [rect.bottomLeft()]
    for k, share in enumerate(shares):
        points += [_at(rect, k / len(shares), share), _at(rect, (k + 1) / len(shares), share)]
    _line(painter, points)


def _box(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    """A box from the lower to the upper quarter, its middle, and whiskers to nine tenths on each side."""
    low, q1, middle, q3, high = (_height_of(heights, share) for share in (0.05, 0.25, 0.5, 0.75, 0.95))
    x, half = rect.center().x(), rect.width() * 0.18
    painter.setPen(QPen(theme.colour(theme.DRAWING), 1.0))
    for start, end in ((low, q1), (q3, high)):
        painter.drawLine(QPointF(x, _at(rect, 0, start).y()), QPointF(x, _at(rect, 0, end).y()))
    painter.setBrush(theme.colour(theme.DRAWING_SOFT))
    painter.drawRect(QRectF(QPointF(x - half, _at(rect, 0, q3).y()), QPointF(x + half, _at(rect, 0, q1).y())))
    painter.setPen(QPen(theme.colour(theme.INK), 1.6))
    painter.drawLine(QPointF(x - half, _at(rect, 0, middle).y()), QPointF(x + half, _at(rect, 0, middle).y()))


def _quantiles(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    """Places of the distribution against those of a normal one, about a straight line."""
    _line(painter, [rect.bottomLeft(), rect.topRight()], soft=True)
    normal = NormalDist(0.5, 0.2)
    for k in range(DOTS):
        share = (k + 0.5) / DOTS
        _dot(painter, _at(rect, normal.inv_cdf(share), _height_of(heights, share)))


def _cloud(painter: QPainter, rect: QRectF, heights: Heights) -> None:
    """Axes and dots: two variables case by case, which one distribution cannot show, so it is a sign and no picture."""
    del heights
    painter.setPen(QPen(theme.colour(theme.INK), 1.0))
    painter.drawLine(rect.topLeft(), rect.bottomLeft())
    painter.drawLine(rect.bottomLeft(), rect.bottomRight())
    for k in range(2 * DOTS):
        _dot(painter, _at(rect, 0.08 + 0.05 * k, 0.15 + 0.037 * k + 0.12 * ((7 * k) % 5 - 2) / 2))


DRAWN: dict[str, Callable[[QPainter, QRectF, Heights], None]] = {
    "histogram": _bars,
    "density": _curve,
    "cumulative": _steps,
    "boxes": _box,
    "quantile plot": _quantiles,
    "scatter": _cloud,
}


def _shares(heights: Heights) -> list[float]:
    whole = sum(heights) or 1.0
    return [part / whole for part in accumulate(heights)]


def _height_of(heights: Heights, share: float) -> float:
    """Where along the classes, from 0 to 1, a share of the cases lies below."""
    shares = _shares(heights)
    place = next((k for k, reached in enumerate(shares) if reached >= share), len(shares) - 1)
    before = shares[place - 1] if place else 0.0
    inside = (share - before) / (shares[place] - before) if shares[place] > before else 0.5
    return min(1.0, (place + inside) / len(shares))


def _at(rect: QRectF, along: float, up: float) -> QPointF:
    return QPointF(rect.left() + along * rect.width(), rect.bottom() - up * rect.height())


def _line(painter: QPainter, points: Sequence[QPointF], *, soft: bool = False) -> None:
    painter.setPen(QPen(theme.colour(theme.DRAWING_SOFT if soft else theme.DRAWING), 1.3))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawPolyline(QPolygonF(list(points)))


def _dot(painter: QPainter, point: QPointF) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.DRAWING))
    painter.drawEllipse(point, DOT, DOT)
