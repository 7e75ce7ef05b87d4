"""Tiny drawings and tags, painted by Istrel itself in one style for all stations."""

from __future__ import annotations

from collections.abc import Sequence

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QFont, QPainter

from istrel.app import theme


def draw_tag(painter: QPainter, rect: QRectF, tag: str, *, faint: bool = False) -> None:
    """A level of measurement as a small word on its tint."""
    back, ink = theme.TAGS[tag]
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setOpacity(0.45 if faint else 1.0)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(back))
    painter.drawRoundedRect(rect, theme.RADIUS - 1, theme.RADIUS - 1)
    font = theme.sans(theme.SMALL_PX, bold=True)
    font.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, 0.4)
    painter.setFont(font)
    painter.setPen(theme.colour(ink))
    painter.drawText(rect, Qt.AlignmentFlag.AlignCenter, tag)
    painter.restore()


def draw_shape(painter: QPainter, rect: QRectF, heights: Sequence[float], *, stepped: bool, soft: bool = False) -> None:
    """A distribution in a few bars: categories apart, classes side by side."""
    if not heights:
        return
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.DRAWING_SOFT if soft else theme.DRAWING))
    gap = 2.0 if stepped else 0.8
    width = min((rect.width() + gap) / len(heights), rect.width() / 2 if stepped else rect.width())
    for place, height in enumerate(heights):
        tall = max(1.0, height * rect.height()) if height > 0 else 0.0
        painter.drawRect(QRectF(rect.left() + place * width, rect.bottom() - tall, width - gap, tall))
    painter.restore()


def draw_missing(painter: QPainter, rect: QRectF, share: float) -> None:
    """The share of missing values as a mark at the end of a bar."""
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.DESK_DEEP))
    painter.drawRoundedRect(rect, rect.height() / 2, rect.height() / 2)
    if share > 0:
        wide = max(3.0, share * rect.width())
        painter.setBrush(theme.colour(theme.VERMILION))
        painter.drawRoundedRect(QRectF(rect.right() - wide, rect.top(), wide, rect.height()), 1.5, 1.5)
    painter.restore()
