"""A sheet of paper with a table or figure set on it. Every number can be pointed at for its full precision."""

from __future__ import annotations

from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QFontMetricsF, QImage, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.proof.jobs import Proof
from istrel.app.proof.setting import INDENT, PX_PER_MM, SetSheet, set_sheet
from istrel.exhibits.sheet import Cell, Compound, FigureSheet, TableSheet, Text, lines_of
from istrel.render.columns import split_at_mark
from istrel.render.figure_layout import bar_at
from istrel.sentence.words import STATISTICS
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

SHADOW = 10


class Paper(QWidget):
    """Shows one proof. The widget is as large as the sheet and its shadow at the chosen zoom.

    `cell_clicked(row, column)`, `bar_clicked(panel, bar)` and `note_clicked(note)` ask for the cases behind them.
    """

    cell_clicked = Signal(int, int)
    bar_clicked = Signal(int, int)
    note_clicked = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._proof: Proof | None = None
        self._set: SetSheet | None = None
        self._image = QImage()
        self._zoom = 1.0
        self._mark = "."
        self.setAccessibleName("Proof")
        self.setMouseTracking(True)

    def show_proof(
        self, proof: Proof, style: HouseStyle, number: str, zoom: float = 1.0, *, with_text: bool = False
    ) -> None:
        """Set the exhibit on this sheet, with its results text below if that is wanted."""
        self._proof, self._zoom, self._mark = proof, zoom, style.numbers.decimal_mark
        self._set = set_sheet(
            proof.exhibit.sheet, style, number, proof.millimetres, proof.exhibit.text if with_text else ()
        )
        self._image = QImage.fromData(proof.picture) if proof.picture else QImage()
        alt = getattr(proof.exhibit.sheet, "alt", "")
        self.setAccessibleDescription(alt or f"{self._set.label}. {self._set.title}")
        self.resize(self.sizeHint())
        self.updateGeometry()
        self.update()

    @property
    def proof(self) -> Proof | None:
        return self._proof

    @property
    def setting(self) -> SetSheet | None:
        return self._set

    def natural_width(self) -> float:
        """The sheet's width at true size."""
        return self._set.width if self._set else 0.0

    def set_zoom(self, zoom: float) -> None:
        self._zoom = zoom
        self.resize(self.sizeHint())
        self.updateGeometry()
        self.update()

    def sizeHint(self) -> QSize:
        if self._set is None:
            return QSize(0, 0)
        return QSize(
            round(self._set.width * self._zoom) + 2 * SHADOW, round(self._set.height * self._zoom) + 2 * SHADOW
        )

    def anchor(self, variable: str, group: tuple[str, ...]) -> float:
        """The height, in this widget, at which a note about a variable and group belongs."""
        sheet = self._proof.exhibit.sheet if self._proof else None
        if self._set is None or not isinstance(sheet, TableSheet):
            return 24.0 + SHADOW
        fallback = self._set.label_top
        for row, place in zip(sheet.rows, self._set.rows, strict=True):
            if row.about is not None and row.about.variable == variable:
                if row.about.group == group:
                    return place.top * self._zoom + SHADOW
                fallback = place.top if fallback == self._set.label_top else fallback
        return fallback * self._zoom + SHADOW

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        if self._set is None:
            return
        painter = QPainter(self)
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        self._paint_sheet(painter)
        painter.translate(SHADOW, SHADOW)
        painter.scale(self._zoom, self._zoom)
        painter.setPen(theme.colour(theme.INK))
        self._paint_caption(painter, self._set)
        if self._set.table is not None:
            self._paint_heads(painter, self._set)
            self._paint_body(painter, self._set)
        elif not self._image.isNull():
            painter.drawImage(self._set.picture, self._image)
        painter.translate(self._set.left, self._set.notes_top)
        self._set.notes.drawContents(painter)
        painter.end()

    def _paint_sheet(self, painter: QPainter) -> None:
        sheet = QRectF(SHADOW, SHADOW, self.width() - 2 * SHADOW, self.height() - 2 * SHADOW)
        painter.setPen(Qt.PenStyle.NoPen)
        for step in range(SHADOW, 0, -1):
            painter.setBrush(theme.colour(theme.INK, 3))
            painter.drawRoundedRect(sheet.adjusted(2 - step, 4 - step, step - 2, step), step, step)
        painter.setBrush(theme.colour(theme.PAPER))
        painter.drawRect(sheet)

    def _paint_caption(self, painter: QPainter, sheet: SetSheet) -> None:
        line = QFontMetricsF(theme.serif(sheet.size)).height()
        painter.setFont(theme.serif(sheet.size, bold=True))
        painter.drawText(QPointF(sheet.left, sheet.label_top + line * 0.8), sheet.label)
        painter.setFont(theme.serif(sheet.size, italic=True))
        painter.drawText(QPointF(sheet.left, sheet.label_top + line * 2.1), sheet.title)

    def _paint_heads(self, painter: QPainter, sheet: SetSheet) -> None:
        assert sheet.table is not None
        rule = QPen(theme.colour(theme.INK), 1.0)
        line = QFontMetricsF(theme.serif(sheet.size)).height()
        for level, (heads, top) in enumerate(zip(sheet.table.heads, sheet.head_tops, strict=True)):
            left, place = sheet.left, 0
            tall = max(len(lines_of(head.text)) for head in heads)
            for head in heads:
                width = sum(column.width for column in sheet.layout[place : place + head.span])
                parts = lines_of(head.text)
                below = tall - len(parts)  # heads stand on the rule: a shorter one begins lower
                for number, part in enumerate(parts):
                    x = left if place == 0 else left + (width - text_width(part, sheet.size)) / 2
                    paint_runs(painter, part, QPointF(x, top + line * (1 + below + number)), sheet.size)
                if head.text and level < len(sheet.head_tops) - 1:
                    painter.setPen(rule)
                    base = sheet.head_tops[level + 1] + 2
                    painter.drawLine(QPointF(left + 8, base), QPointF(left + width - 8, base))
                left += width
                place += head.span
        painter.setPen(rule)
        for y in (sheet.head_tops[0] - 2, sheet.body_top + 1, sheet.notes_top - 5):
            painter.drawLine(QPointF(sheet.left, y), QPointF(sheet.table_right, y))

    def _paint_body(self, painter: QPainter, sheet: SetSheet) -> None:
        assert sheet.table is not None
        line = QFontMetricsF(theme.serif(sheet.size)).height()
        metrics = QFontMetricsF(theme.serif(sheet.size))
        for row, place in zip(sheet.table.rows, sheet.rows, strict=True):
            base = place.top + line
            paint_runs(painter, row.stub, QPointF(sheet.left + INDENT * row.indent, base), sheet.size)
            left = sheet.left + sheet.layout[0].width
            painter.setFont(theme.serif(sheet.size))
            for text, column in zip(row.cells, sheet.layout[1:], strict=False):
                before, _ = split_at_mark(text, self._mark)
                x = left + column.mark - metrics.horizontalAdvance(before)
                if text == ABSENT:
                    x = left + (column.width - metrics.horizontalAdvance(text)) / 2
                painter.drawText(QPointF(x, base), text)
                left += column.width

    def cell_at(self, point: QPoint) -> tuple[int, int] | None:
        """(row, column) of the value at a point of this widget; columns count without the stub."""
        sheet = self._set
        if sheet is None or sheet.table is None:
            return None
        x, y = (point.x() - SHADOW) / self._zoom, (point.y() - SHADOW) / self._zoom
        for place, row in enumerate(sheet.rows):
            if row.top <= y < row.top + row.height:
                left = sheet.left + sheet.layout[0].width
                for number, column in enumerate(sheet.layout[1:]):
                    if left <= x < left + column.width and sheet.table.rows[place].cells:
                        return place, number
                    left += column.width
        return None

    def explain(self, row: int, column: int) -> str:
        """What a number is: its full precision, its definition, and n."""
        sheet = self._proof.exhibit.sheet if self._proof else None
        if self._proof is None or not isinstance(sheet, TableSheet):
            return ""
        if column >= len(sheet.rows[row].cells):
            return ""
        cell = sheet.rows[row].cells[column]
        parts = cell.cells if isinstance(cell, Compound) else (cell,)
        shown = " · ".join(_full(part) for part in parts)
        what = self._definition(column)
        return "\n".join(part for part in (shown, what, self._counts(sheet, row)) if part)

    def _explain_bar(self, panel: int, bar: int) -> str:
        sheet = self._proof.exhibit.sheet if self._proof else None
        if not isinstance(sheet, FigureSheet):
            return ""
        here = sheet.panels[panel]
        low, high = float(here.edges[bar]), float(here.edges[bar + 1])
        return f"{low:g} to {high:g}: {int(here.counts[bar]):,} of {here.n:,} cases".replace("-", "−")

    def _definition(self, column: int) -> str:
        statistics = self._proof.exhibit.shown if self._proof else ()
        return STATISTICS.get(statistics[column], "") if column < len(statistics) else ""

    def _counts(self, sheet: TableSheet, row: int) -> str:
        about = sheet.rows[row].about
        for cell in self._proof.exhibit.result.cells if self._proof and about else ():
            if (
                about is not None
                and getattr(cell, "variable", None) == about.variable
                and cell.group.labels == about.group
            ):
                return f"n = {cell.n:,}, missing {cell.missing:,}"
        return ""

    def bar_at(self, point: QPoint) -> tuple[int, int] | None:
        """(panel, bar) of a figure at a point of this widget."""
        sheet = self._proof.exhibit.sheet if self._proof else None
        if self._set is None or self._proof is None or not isinstance(sheet, FigureSheet):
            return None
        x = (point.x() - SHADOW) / self._zoom - self._set.picture.left()
        y = (point.y() - SHADOW) / self._zoom - self._set.picture.top()
        return bar_at(sheet, self._proof.panels, x / PX_PER_MM, y / PX_PER_MM)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        """A click on a number or a bar asks for its cases."""
        where = event.position().toPoint()
        cell, bar = self.cell_at(where), self.bar_at(where)
        if cell is not None:
            self.cell_clicked.emit(*cell)
        elif bar is not None:
            self.bar_clicked.emit(*bar)
        super().mouseReleaseEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        """What the number under the pointer is."""
        where = self.cell_at(event.position().toPoint())
        bar = self.bar_at(event.position().toPoint())
        self.setToolTip(self.explain(*where) if where else self._explain_bar(*bar) if bar else "")
        pointing = bool(where and self.explain(*where)) or bar is not None
        self.setCursor(Qt.CursorShape.PointingHandCursor if pointing else Qt.CursorShape.ArrowCursor)
        super().mouseMoveEvent(event)


def _full(cell: Cell) -> str:
    if isinstance(cell.value, Undefined):
        return f"not defined: {cell.value.reason}"
    if isinstance(cell.value, tuple):
        return "; ".join(repr(value) for value in cell.value)
    return "" if cell.value is None else str(cell.value) if isinstance(cell.value, str) else repr(cell.value)


def text_width(text: Text, size: int) -> float:
    return sum(QFontMetricsF(theme.serif(size, italic=run.italic)).horizontalAdvance(run.text) for run in text)


def paint_runs(painter: QPainter, text: Text, at: QPointF, size: int) -> None:
    """Runs of text on one line, each in its slant."""
    x = at.x()
    for run in text:
        font = theme.serif(size, italic=run.italic)
        painter.setFont(font)
        painter.drawText(QPointF(x, at.y()), run.text)
        x += QFontMetricsF(font).horizontalAdvance(run.text)
