"""The manuscript on its pages, one under the other, as it will print; what stands beside a part stands beside it here."""

from __future__ import annotations

from PySide6.QtCore import QPoint, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QPageLayout, QPainter, QPaintEvent, QRegion, QResizeEvent, QWheelEvent
from PySide6.QtPrintSupport import QPrinter
from PySide6.QtWidgets import QLabel, QScrollArea, QWidget

from istrel.app import theme
from istrel.app.proof.ink import paint_sheet
from istrel.app.proof.paper import Paper
from istrel.app.proof.setting import PX_PER_MM, PX_PER_PT
from istrel.app.stations.manuscript.beside import WIDTH
from istrel.app.stations.manuscript.exhibit_view import ENDLESS, ExhibitView
from istrel.app.stations.manuscript.flow import GAP, LEAST_EDGE, Flow
from istrel.app.stations.manuscript.part_view import PartView, heading_px
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.style.house import HouseStyle

EDGE = 24
AFTER = 20.0  # px of true size between parts
LEAST_ZOOM, MOST_ZOOM, STEP = 0.5, 2.0, 1.15
SOON_MS = 40


class Pages(QScrollArea):
    """Scrolls over the pages. `arranged` tells that everything has its place."""

    arranged = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setFrameShape(QScrollArea.Shape.NoFrame)
        self.setWidgetResizable(False)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        self.canvas = _Canvas()
        self.setWidget(self.canvas)
        self._parts: list[PartView] = []
        self._style: HouseStyle | None = None
        self._factor = 1.0
        self._alone = False
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(SOON_MS)
        self._soon.timeout.connect(self.arrange)
        self._supplement = QLabel("", self.canvas)
        self._supplement.hide()

    @property
    def sheets(self) -> tuple[QRectF, ...]:
        """The sheets of paper on the canvas."""
        return tuple(self.canvas.sheets)

    @property
    def zoom_now(self) -> float:
        """The scale of the pages; 1 is their true size on a screen of 96 dots per inch."""
        if self._style is None:
            return 1.0
        room = self.viewport().width() - self._margin - 2 * EDGE
        fitting = room / (self._style.page.width_mm * PX_PER_MM)
        return max(LEAST_ZOOM, min(1.0, fitting)) * self._factor

    @property
    def _margin(self) -> int:
        """The room beside the pages."""
        return 0 if self._alone else WIDTH

    def stand_alone(self, alone: bool) -> None:
        """Without the margins beside the pages, while a panel has their room."""
        self._alone = alone
        self.arrange()

    def zoom(self, steps: int) -> None:
        """Larger or smaller by so many steps; 0 is as large as fits, at most true size."""
        self._factor = min(MOST_ZOOM, max(LEAST_ZOOM, self._factor * STEP**steps)) if steps else 1.0
        self.arrange()

    def wheelEvent(self, event: QWheelEvent) -> None:
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.zoom(1 if event.angleDelta().y() > 0 else -1)
            event.accept()
            return
        super().wheelEvent(event)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.arrange()

    def arrange_soon(self) -> None:
        """Put everything in its place when a few more things have come."""
        if not self._soon.isActive():
            self._soon.start()

    def show_parts(self, parts: list[PartView], style: HouseStyle, supplement: str) -> None:
        """These parts, in this order; `supplement` heads those that stand in it."""
        self._parts, self._style = parts, style
        self._supplement.setText(supplement)
        self.arrange()

    def forget(self) -> None:
        """No study is open any more."""
        self._parts = []

    def text_px(self, zoom: float) -> int:
        """The size of prose."""
        assert self._style is not None
        return max(6, round(self._style.fonts.text_pt * PX_PER_PT * zoom))

    def arrange(self) -> None:
        """Put everything in its place."""
        self._soon.stop()
        style = self._style
        if style is None:
            return
        zoom = self.zoom_now
        upright = wide = style.page.width_mm * PX_PER_MM * zoom
        if any(part.exhibit is not None and part.exhibit.natural[1] for part in self._parts):
            wide = style.page.height_mm * PX_PER_MM * zoom
        room = self.viewport().width()
        width = max(room, round(wide + 2 * LEAST_EDGE), round(upright) + self._margin + 2 * EDGE)
        flow = Flow(style, zoom, max(EDGE, (room - self._margin - upright) / 2), room)
        flow.turn_over()
        self._supplement.hide()
        begun = False
        for part in self._parts:
            if part.supplement and not begun:
                begun = True
                self._begin_supplement(flow, zoom)
            self._place(part, flow, zoom)
        self.canvas.sheets = [page.sheet for page in flow.pages]
        self.canvas.foot = style.page.margin_mm * PX_PER_MM * zoom
        self.canvas.px = round(0.85 * self.text_px(zoom))
        bottom = max(flow.pages[-1].sheet.bottom() + GAP, self._place_besides(flow))
        self.canvas.resize(QSize(width, round(bottom)))
        self.canvas.update()
        self.arranged.emit()

    def _begin_supplement(self, flow: Flow, zoom: float) -> None:
        if not flow.fresh:
            flow.turn_over()
        px = heading_px(self.text_px(zoom))
        self._supplement.setFont(theme.serif(px, bold=True))
        self._supplement.setStyleSheet(f'font-family: "{theme.SERIF}"; font-size: {px}px; font-weight: bold;')
        text = flow.page.text
        self._supplement.setGeometry(round(text.left()), round(flow.y), round(text.width()), 2 * px)
        self._supplement.show()
        flow.y += 2 * px + AFTER * zoom

    def _place(self, part: PartView, flow: Flow, zoom: float) -> None:
        """One part where the last one ended."""
        part.top = flow.y
        if part.exhibit is not None:
            self._place_exhibit(part, part.exhibit, flow, zoom)
        elif not part.texts:
            flow.want(40)
            part.top = flow.y
            text = flow.page.text
            part.waiting.setGeometry(round(text.left()), round(flow.y), round(text.width()), 40)
            flow.advance(40 + AFTER * zoom)
        part.waiting.setVisible(part.exhibit is None and not part.texts)
        for place, (name, edit) in enumerate(part.texts.items()):
            if edit.isHidden():
                continue
            if part.is_heading(name):
                self._place_heading(edit, part, flow, zoom)
                continue
            height = self._place_text(edit, flow, zoom)
            if place == 0 and part.exhibit is None:
                part.top = flow.y
            flow.advance(height)
            flow.y += 0.6 * AFTER * zoom

    def _place_heading(self, edit: ProseEdit, part: PartView, flow: Flow, zoom: float) -> None:
        flow.want(0.0)
        edit.set_px(heading_px(self.text_px(zoom)))
        width = round(flow.page.text.width())
        height, _ = edit.stand(width, flow.page.text.height(), flow.between)
        edit.resize(width, round(height))
        flow.want(height)
        flow.hold(edit, part, height + 0.4 * AFTER * zoom)

    def _place_text(self, edit: ProseEdit, flow: Flow, zoom: float) -> float:
        """Prose from here on; its height. It goes on over the next page where at least half of it stands on this one, and no
        line of it alone on either.
        """
        edit.set_px(self.text_px(zoom))
        flow.want(2 * edit.pitch)  # on upright pages
        width = round(flow.page.text.width())
        height, lines = edit.stand(width, flow.room, flow.between)
        if len(lines) == 2 and lines[1] == 1 and lines[0] > 2:
            less = edit.pitch  # one line fewer here
            height, lines = edit.stand(width, flow.room - less, flow.between + less)
        if len(lines) > 1 and (len(lines) > 2 or min(lines) < 2) and not flow.fresh:
            flow.turn_over()
            height, lines = edit.stand(width, flow.room, flow.between)
        edit.setGeometry(round(flow.page.text.left()), round(flow.y), width, round(height))
        return height

    def _place_exhibit(self, part: PartView, view: ExhibitView, flow: Flow, zoom: float) -> None:
        natural, turned = view.natural
        height = natural * zoom
        flow.want(height, turned=turned)
        view.stand(flow.space() if height > flow.room else ENDLESS)
        if height > flow.room:
            height = (view.paper.setting.height if view.paper.setting is not None else natural) * zoom
        part.top = flow.y
        view.place(flow.page.text.left(), flow.y, zoom)
        flow.advance(height)
        flow.y += AFTER * zoom
        if turned and not self._alone:  # a page that lies has no room at its side
            flow.below += part.beside.fitted_height() + GAP / 2

    def _place_besides(self, flow: Flow) -> float:
        """The margins of the parts, each at its height, none over another; where the last of them ends."""
        below = 0.0
        for part in self._parts:
            part.beside.setVisible(not self._alone)
            page = next((p for p in flow.pages if p.sheet.bottom() >= part.top), flow.page)
            height = part.beside.fitted_height()
            left, top = page.sheet.right() + 6, part.top
            if page.turned:
                left, top = page.sheet.left(), page.sheet.bottom() + GAP / 2
            top = max(below, top)
            part.beside.setGeometry(round(left), round(top), WIDTH, height)
            below = top + height + (12 if height > 8 else 0)
        return 0.0 if self._alone else below


def print_pages(pages: Pages, printer: QPrinter) -> None:
    """The pages as they stand, each on a sheet of its own; marks and lines under live numbers are left out."""
    painter = QPainter()
    edits, papers = pages.canvas.findChildren(ProseEdit), pages.canvas.findChildren(Paper)
    marks = [paper.marked for paper in papers]
    pages.canvas.plain = True
    for edit in edits:
        edit.mark(plain=True)
    for paper in papers:
        paper.mark(frozenset())
    try:
        for place, sheet in enumerate(pages.sheets):
            lies = sheet.width() > sheet.height()
            way = QPageLayout.Orientation.Landscape if lies else QPageLayout.Orientation.Portrait
            printer.setPageOrientation(way)
            if place == 0:
                painter.begin(printer)
            else:
                printer.newPage()
            painter.save()
            whole = printer.paperRect(QPrinter.Unit.DevicePixel)
            painter.translate(-printer.pageRect(QPrinter.Unit.DevicePixel).topLeft())
            painter.scale(whole.width() / sheet.width(), whole.height() / sheet.height())
            painter.setClipRect(QRectF(0, 0, sheet.width(), sheet.height()))
            region = QRegion(sheet.toAlignedRect())
            pages.canvas.render(painter, QPoint(), region, QWidget.RenderFlag.DrawChildren)
            painter.restore()
    finally:
        painter.end()
        pages.canvas.plain = False
        for edit in edits:
            edit.mark()
        for paper, mark in zip(papers, marks, strict=True):
            paper.mark(mark)


class _Canvas(QWidget):
    """The desk with the sheets of paper on it, each with its number at its foot.

    Attributes
    ----------
    foot, px
        The room under the text of a sheet, and the size of its number.
    plain
        While it is printed: the printer has paper of its own.
    """

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("clear")
        self.sheets: list[QRectF] = []
        self.foot, self.px, self.plain = 0.0, 12, False

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        seen = QRectF(event.rect())
        painter.setFont(theme.serif(self.px))
        for number, sheet in enumerate(self.sheets, start=1):
            if not sheet.adjusted(-12, -12, 12, 12).intersects(seen):
                continue
            if not self.plain:
                paint_sheet(painter, sheet)
            painter.setPen(theme.colour(theme.SHEET_INK))
            foot = QRectF(sheet.left(), sheet.bottom() - self.foot, sheet.width(), self.foot)
            painter.drawText(foot, Qt.AlignmentFlag.AlignCenter, str(number))
        painter.end()
