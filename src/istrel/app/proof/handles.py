"""What can be taken hold of on a drawing: two limits between which cases are counted, and the width of a class."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtGui import QPainter, QPen

from istrel.app import theme
from istrel.exhibits.between import Between, between, panel_cells, words_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.text import Text
from istrel.render.scene import Scene, scales_of
from istrel.render.scene.axes import Scale
from istrel.render.scene.shapes import Field

REACH_MM = 1.6  # how near a line or a grip is taken hold of
LEAST_MM = 1.5  # a shorter drag is a click
STEPS = 200  # places on an axis at which a dragged value comes to rest
GRIP_MM = 2.2


@dataclass(frozen=True)
class Marked:
    """Two values on the axis of a panel."""

    panel: int
    variable: str
    low: float
    high: float


class Handles:
    """The limits and the grip of one proof, in millimetres of its scene."""

    def __init__(self) -> None:
        self._exhibit: Exhibit | None = None
        self._scene: Scene | None = None
        self._cells: list[list[Any]] = []
        self.marked: Marked | None = None
        self._held: tuple[str, int, float] | None = None  # what is held, in which panel, and where the other end stands
        self._start = 0.0

    def take_up(self, exhibit: Exhibit, scene: Scene | None) -> None:
        """Another proof: limits stay where their variable is still drawn."""
        self._exhibit, self._scene = exhibit, scene
        self._cells = panel_cells(exhibit) if scene is not None else []
        if self.marked is not None:
            place = next((k for k, cells in enumerate(self._cells) if cells[0].variable == self.marked.variable), None)
            old = self.marked
            self.marked = None if place is None else Marked(place, old.variable, old.low, old.high)
        if self._held is not None and not self._cells:
            self._held = None

    @property
    def holding(self) -> str:
        """What is held: "low", "high", "new", "width" or nothing."""
        return self._held[0] if self._held else ""

    def found(self) -> tuple[Between, ...]:
        """What lies between the limits, group by group."""
        if self._exhibit is None or self.marked is None:
            return ()
        cells = self._cells[self.marked.panel]
        return between(self._exhibit, cells, self.marked.low, self.marked.high)

    def possible(self) -> bool:
        """Whether two values can be marked on this drawing."""
        return bool(self._cells)

    def words(self) -> tuple[Text, ...]:
        """The same in lines; none without limits."""
        if self._exhibit is None or self.marked is None:
            return ()
        marked = self.marked
        return words_of(self._exhibit, marked.variable, marked.low, marked.high, self.found())

    def _panel_at(self, x: float, y: float) -> int:
        """The panel whose field holds a place (or just above or below it); -1 for none."""
        fields = self._scene.fields if self._scene is not None and self._cells else ()
        for place, here in enumerate(fields):
            across = here.left - REACH_MM <= x <= here.left + here.width + REACH_MM
            if across and here.top - 5 <= y <= here.top + here.height + 2 * GRIP_MM:
                return place
        return -1

    def _scale(self, place: int) -> Scale:
        assert self._scene is not None
        return scales_of(self._scene.fields[place])[0]

    def grip(self, place: int) -> tuple[float, float] | None:
        """(x, y) of the grip that sets the width of the classes: under the end of the first class."""
        if self._exhibit is None or self._exhibit.form != "histogram" or self._scene is None or not self._cells:
            return None
        edges = self._cells[place][0].edges
        here = self._scene.fields[place]
        if edges.size < 3 or here.x_log:
            return None
        return float(self._scale(place)(edges[1])), here.top + here.height

    def over(self, x: float, y: float) -> str:
        """What would be taken hold of at a place."""
        place = self._panel_at(x, y)
        if place < 0:
            return ""
        grip = self.grip(place)
        if grip is not None and abs(x - grip[0]) <= REACH_MM and abs(y - grip[1]) <= GRIP_MM:
            return "width"
        if self.marked is not None and self.marked.panel == place:
            for name in ("low", "high"):
                if abs(x - float(self._scale(place)(getattr(self.marked, name)))) <= REACH_MM:
                    return name
        return "new" if self._holds(place, x, y) else ""

    def _holds(self, place: int, x: float, y: float) -> bool:
        assert self._scene is not None
        return self._scene.fields[place].holds(x, y)

    # Dragging.
    def press(self, x: float, y: float) -> bool:
        """Take hold of what is there; False where there is nothing."""
        what, place = self.over(x, y), self._panel_at(x, y)
        if not what:
            return False
        self._start = x
        other = 0.0
        if self.marked is not None and what in ("low", "high"):
            other = self.marked.high if what == "low" else self.marked.low
        elif what == "new":
            other = self._round(place, x)
        self._held = (what, place, other)
        return True

    def drag(self, x: float) -> float | None:
        """Move what is held. Limits move here; the new width of a class is given back."""
        if self._held is None:
            return None
        what, place, other = self._held
        if place >= len(self._cells):
            return None
        if what == "width":
            return self._width(place, x)
        if what != "new" or abs(x - self._start) >= LEAST_MM:
            here = self._round(place, x)
            name = self._cells[place][0].variable
            self.marked = Marked(place, name, min(here, other), max(here, other))
        return None

    def let_go(self, x: float) -> bool:
        """True where something was dragged; a click alone takes the limits away that it is not on."""
        held, self._held = self._held, None
        return held is not None and (held[0] != "new" or abs(x - self._start) >= LEAST_MM)

    def clear(self) -> None:
        self.marked = self._held = None

    def forget(self) -> None:
        """No proof to take hold of."""
        self.clear()
        self._exhibit, self._scene, self._cells = None, None, []

    def _round(self, place: int, x: float) -> float:
        """The value at a place: whole where all values are, else a round one."""
        assert self._scene is not None
        assert self._exhibit is not None
        scale = self._scale(place)
        value = min(max(scale.value(x), scale.low), scale.high)
        if self._exhibit.plan.data.is_whole(self._cells[place][0].variable):
            return float(round(value))
        return _rounded(value, (scale.high - scale.low) / STEPS)

    def _width(self, place: int, x: float) -> float:
        """The width that the first class has when its end is dragged there."""
        assert self._exhibit is not None
        scale, edges = self._scale(place), self._cells[place][0].edges
        least = (scale.high - scale.low) / STEPS
        width = _rounded(max(scale.value(x) - float(edges[0]), least), least)
        whole = self._exhibit.plan.data.is_whole(self._cells[place][0].variable)
        return max(1.0, float(round(width))) if whole else max(width, least)

    # Painting, on a painter scaled to millimetres.
    def paint(self, painter: QPainter, *, hovered: bool) -> None:
        if self._scene is None:
            return
        if self.marked is not None and self.marked.panel < len(self._scene.fields):
            self._paint_limits(painter, self.marked, self._scene.fields[self.marked.panel])
        for place in range(len(self._cells)) if hovered or self.holding == "width" else ():
            grip = self.grip(place)
            if grip is not None:
                painter.setPen(QPen(theme.colour(theme.SHEET), 0.3))
                painter.setBrush(theme.colour(theme.VERMILION))
                painter.drawRect(QRectF(grip[0] - 0.8, grip[1] - 0.1, 1.6, 1.6))

    def _paint_limits(self, painter: QPainter, marked: Marked, here: Field) -> None:
        """Two upright lines with squares to take hold of, their values, and a veil over what lies between."""
        scale, foot = self._scale(marked.panel), here.top + here.height
        low, high = float(scale(marked.low)), float(scale(marked.high))
        painter.fillRect(QRectF(low, here.top, high - low, here.height), theme.colour(theme.DRAWING_SOFT, 70))
        painter.setPen(QPen(theme.colour(theme.VERMILION), 0.3))
        for x in (low, high):
            painter.drawLine(QPointF(x, here.top - 1), QPointF(x, foot))
            square = QRectF(x - GRIP_MM / 2, here.top - 1 - GRIP_MM / 2, GRIP_MM, GRIP_MM)
            painter.fillRect(square, theme.colour(theme.VERMILION))


def _rounded(value: float, step: float) -> float:
    """The nearest multiple of a round step: 1, 2 or 5 times a power of ten, at least as large as `step`."""
    power = 10.0 ** int(f"{step:e}".partition("e")[2])
    size = next((k * power for k in (1, 2, 5) if k * power >= step * 0.999), 10 * power)
    return float(f"{round(value / size) * size:.12g}")
