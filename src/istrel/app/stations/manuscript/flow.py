"""How pages are filled from top to bottom: sheets of paper, the room on them, headings that go along with what they head."""

from __future__ import annotations

from typing import NamedTuple

from PySide6.QtCore import QRectF

from istrel.app.proof.setting import PX_PER_MM, Space
from istrel.app.stations.manuscript.part_view import PartView
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.style.house import HouseStyle

GAP, TOP = 24, 16
LEAST_EDGE = 8.0


class Page(NamedTuple):
    """A sheet of paper on the canvas and the room for text on it."""

    sheet: QRectF
    text: QRectF
    turned: bool


class Held(NamedTuple):
    """A heading that nothing follows yet, with the room that it takes."""

    edit: ProseEdit
    part: PartView
    height: float


class Flow:
    """Fills pages from top to bottom."""

    def __init__(self, style: HouseStyle, zoom: float, left: float, room: float) -> None:
        self._style, self._mm, self._left, self._room = style, PX_PER_MM * zoom, left, room
        self.zoom = zoom
        self.pages: list[Page] = []
        self.y = float(TOP)
        self.below = 0.0  # room on the desk under the page for what belongs to it
        self._held: list[Held] = []

    @property
    def page(self) -> Page:
        return self.pages[-1]

    @property
    def room(self) -> float:
        return self.page.text.bottom() - self.y if self.pages else 0.0

    @property
    def fresh(self) -> bool:
        """Whether nothing stands on the page yet but headings of what comes."""
        held = sum(heading.height for heading in self._held)
        return bool(self.pages) and self.y - held <= self.page.text.top() + 1

    def turn_over(self, *, turned: bool = False) -> None:
        """The next page."""
        page = self._style.page
        wide, tall = (page.height_mm, page.width_mm) if turned else (page.width_mm, page.height_mm)
        side = page.margin_mm if turned else self._style.side_mm
        top = self.page.sheet.bottom() + GAP + self.below if self.pages else float(TOP)
        self.below = 0.0
        left = self._left
        if turned:  # as far to the left as lets its text be seen
            left = max(LEAST_EDGE, min(left, self._room - LEAST_EDGE - wide * self._mm))
        sheet = QRectF(left, top, wide * self._mm, tall * self._mm)
        over = page.margin_mm * self._mm
        self.pages.append(Page(sheet, sheet.adjusted(side * self._mm, over, -side * self._mm, -over), turned))
        self.y = self.page.text.top()
        for heading in self._held:
            self._put(heading)

    def hold(self, edit: ProseEdit, part: PartView, height: float) -> None:
        """A heading here; it goes along where what it heads goes to another page."""
        heading = Held(edit, part, height)
        self._put(heading)
        self._held.append(heading)

    def _put(self, heading: Held) -> None:
        heading.edit.move(round(self.page.text.left()), round(self.y))
        heading.part.top = self.y
        self.y += heading.height

    def want(self, height: float, *, turned: bool = False) -> None:
        """Room for something of this height, on a page that lies or stands as it wants."""
        if not self.pages or self.page.turned != turned:
            if self.fresh:
                self.pages.pop()
            self.turn_over(turned=turned)
        elif height > self.room and not self.fresh:
            self.turn_over(turned=turned)

    @property
    def between(self) -> float:
        """From the bottom of a page's text to the top of the next."""
        return 2 * self._style.page.margin_mm * self._mm + GAP

    def space(self) -> Space:
        """The pages from here on, in pixels of true size."""
        return Space(self.room / self.zoom, self.page.text.height() / self.zoom, self.between / self.zoom)

    def advance(self, height: float) -> None:
        """What was put here is so high; it may have gone on over several pages."""
        self._held.clear()
        end = self.y + height
        while end > self.page.text.bottom() + 1 and end > self.page.sheet.bottom():
            turned = self.page.turned
            self.turn_over(turned=turned)
        self.y = end
