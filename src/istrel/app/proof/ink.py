"""What is painted on the desk and on paper: the sheet with its shadow, and runs of letters each in its slant."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFontMetricsF, QPainter, QPen

from istrel.app import theme
from istrel.exhibits.printing import Runs

SHADOW, BESIDE = 10, 4


def paint_sheet(painter: QPainter, sheet: QRectF) -> None:
    """White paper on a shadow that falls below it: strips that grow lighter and shorter."""
    for step in range(SHADOW - 2):
        strength = theme.colour(theme.SHEET_INK, 26 - 3 * step)
        painter.fillRect(
            QRectF(sheet.left() + step - 1, sheet.bottom() + step, sheet.width() - 2 * step + 2, 1), strength
        )
        if step < BESIDE:
            top, tall = sheet.top() + 3 + 2 * step, sheet.height() - 3 - 2 * step
            side = theme.colour(theme.SHEET_INK, 16 - 4 * step)
            painter.fillRect(QRectF(sheet.left() - 1 - step, top, 1, tall), side)
            painter.fillRect(QRectF(sheet.right() + step, top, 1, tall), side)
    painter.fillRect(sheet, theme.colour(theme.SHEET))
    if theme.SHEET == theme.DESK:  # paper on a desk of its own colour
        painter.setPen(QPen(theme.colour(theme.LINE), 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(sheet)


def text_width(text: Runs, size: int) -> float:
    return sum(QFontMetricsF(theme.serif(size, italic=run.italic)).horizontalAdvance(run.text) for run in text)


def paint_runs(painter: QPainter, text: Runs, at: QPointF, size: int) -> None:
    """Runs of text on one line, each in its slant."""
    x = at.x()
    for run in text:
        font = theme.serif(size, italic=run.italic)
        painter.setFont(font)
        painter.drawText(QPointF(x, at.y()), run.text)
        x += QFontMetricsF(font).horizontalAdvance(run.text)
