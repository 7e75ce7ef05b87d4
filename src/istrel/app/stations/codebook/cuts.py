"""The large drawing of a variable, with cuts that can be dragged, added by a double click and taken out by dragging them off."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.widgets.drawings import draw_shape
from istrel.app.words import tr
from istrel.data.facts import VariableFacts

TALL = 168
TOP = 22
HANDLE = 10
NEAR = 8


class CutsDrawing(QWidget):
    """A distribution; the axis below it runs over the drawn classes. Cuts are values of the variable.

    `moved(cuts)` while a cut is dragged, `settled(cuts)` when it is let go.
    """

    moved = Signal(object)
    settled = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        self.facts: VariableFacts | None = None
        self.cuts: tuple[float, ...] = ()
        self._held: int | None = None
        self.setFixedHeight(TALL)
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Distribution with cuts"))

    def show_facts(self, facts: VariableFacts | None, cuts: tuple[float, ...]) -> None:
        self.facts = facts
        if self._held is None:
            self.cuts = cuts
        self.setAccessibleDescription(", ".join(f"{cut:g}" for cut in self.cuts))
        self.setVisible(facts is None or bool(facts.shape))
        self.update()

    # Between values and places.
    @property
    def _span(self) -> tuple[float, float]:
        return self.facts.drawn if self.facts is not None and self.facts.drawn else (0.0, 1.0)

    def x_of(self, value: float) -> float:
        low, high = self._span
        return (value - low) / (high - low) * self.width() if high > low else 0.0

    def value_at(self, x: float) -> float:
        """The value at a place: a round one, as fine as a pixel."""
        low, high = self._span
        raw = low + x / max(1, self.width()) * (high - low)
        step = _round_step((high - low) / max(1, self.width()), whole=self.facts is not None and self.facts.whole)
        return float(f"{round(raw / step) * step:.12g}")

    # Painting.
    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        if self.facts is None or not self.facts.shape:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        inner = QRectF(self.rect()).adjusted(0, TOP, 0, -2)
        draw_shape(painter, inner, self.facts.shape, stepped=self.facts.stepped, soft=True)
        painter.setPen(theme.colour(theme.INK))
        painter.drawLine(inner.bottomLeft(), inner.bottomRight())
        painter.setFont(theme.sans(theme.SMALL_PX))
        places = [self.x_of(cut) for cut in self.cuts]
        for place, (cut, x) in enumerate(zip(self.cuts, places, strict=True)):
            painter.setPen(QPen(theme.colour(theme.VERMILION), 1.5))
            painter.drawLine(QPointF(x, TOP - HANDLE), inner.bottomLeft() + QPointF(x, 0))
            painter.fillRect(QRectF(x - HANDLE / 2, 4, HANDLE, HANDLE), theme.colour(theme.VERMILION))
            painter.setPen(theme.colour(theme.QUIET))
            words = f"{cut:g}".replace("-", "−")
            wide = painter.fontMetrics().horizontalAdvance(words)
            crowded = place + 1 < len(places) and places[place + 1] - x < wide + 2 * HANDLE
            painter.drawText(QPointF(x - HANDLE - wide if crowded else x + HANDLE, 14), words)
        if self.hasFocus():
            painter.setPen(QPen(theme.colour(theme.SAND_EDGE), 1))
            painter.drawRect(self.rect().adjusted(0, 0, -1, -1))
        painter.end()

    # Dragging.
    def mousePressEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        near = [(abs(self.x_of(cut) - x), place) for place, cut in enumerate(self.cuts)]
        self._held = min(near)[1] if near and min(near)[0] <= NEAR else None

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        over = any(abs(self.x_of(cut) - x) <= NEAR for cut in self.cuts)
        self.setCursor(Qt.CursorShape.SizeHorCursor if over else Qt.CursorShape.ArrowCursor)
        if self._held is None:
            return
        others = [cut for place, cut in enumerate(self.cuts) if place != self._held]
        value = self.value_at(min(max(x, 0.0), float(self.width())))
        if value not in others:
            self.cuts = tuple(sorted([*others, value]))
            self._held = self.cuts.index(value)
            self.moved.emit(self.cuts)
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._held is None:
            return
        held, self._held = self._held, None
        if not self.rect().adjusted(-24, -24, 24, 24).contains(event.position().toPoint()) and len(self.cuts) > 1:
            self.cuts = tuple(cut for place, cut in enumerate(self.cuts) if place != held)
        self.update()
        self.settled.emit(self.cuts)

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        value = self.value_at(event.position().x())
        if self.cuts and value not in self.cuts:
            self.cuts = tuple(sorted([*self.cuts, value]))
            self.update()
            self.settled.emit(self.cuts)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Arrow keys move the last cut by a step."""
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        if not self.cuts or event.key() not in steps:
            super().keyPressEvent(event)
            return
        moved = self.value_at(self.x_of(self.cuts[-1]) + steps[Qt.Key(event.key())] * max(1.0, self.width() / 200))
        self.cuts = tuple(sorted({*self.cuts[:-1], moved}))
        self.update()
        self.settled.emit(self.cuts)


def _round_step(pixel: float, *, whole: bool) -> float:
    """A step of 1, 2 or 5 times a power of ten that is no finer than a pixel."""
    import math

    if pixel <= 0:
        return 1.0
    power = 10.0 ** math.floor(math.log10(pixel))
    step = next(power * factor for factor in (1, 2, 5, 10) if power * factor >= pixel)
    return max(1.0, step) if whole else step
