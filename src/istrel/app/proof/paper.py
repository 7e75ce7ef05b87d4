"""A sheet of paper with a table or figure set on it. Every number can be pointed at for its full precision."""

from __future__ import annotations

from collections.abc import Callable
from urllib.parse import unquote

from PySide6.QtCore import QMimeData, QPoint, QPointF, QRect, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QDrag, QFontMetricsF, QMouseEvent, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import QApplication, QWidget

from istrel.app import theme
from istrel.app.proof.as_spoken import full_value
from istrel.app.proof.handles import Handles
from istrel.app.proof.ink import SHADOW, paint_runs, paint_sheet, text_width
from istrel.app.proof.jobs import Proof
from istrel.app.proof.scene_painter import paint_scene
from istrel.app.proof.setting import INDENT, LEADING, PX_PER_MM, SetPanel, SetSheet, Space, set_sheet
from istrel.app.proof.walk import Marks, TableWalk
from istrel.app.words import tr
from istrel.exhibits.figure import FigureSheet, Item, items_of
from istrel.exhibits.printing import plain_text, print_table
from istrel.exhibits.quoting import key_of
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Cell, cells_in
from istrel.render.columns import split_at_mark
from istrel.render.scene.shapes import Part
from istrel.sentence.vocabulary import statistic
from istrel.style.house import HouseStyle, load_style
from istrel.style.numbers import ABSENT


class Paper(QWidget):
    """Shows one proof. The widget is as large as the sheet and its shadow at the chosen zoom.

    `number_wanted(cells, at)` asks to open the first of the numbers clicked at a point of the screen: the others stand in the
    same cell; `behind_wanted(behind)` asks for the cases behind a mark; `limits_moved` tells that the two limits on a drawing
    did, `setting_dragged(name, value, done)` that a setting is dragged, and when it is let go, `walked(where)` at which cell the
    keyboard is.
    """

    number_wanted = Signal(object, QPoint)
    behind_wanted = Signal(object)
    limits_moved = Signal()
    walked = Signal(QRect)
    setting_dragged = Signal(str, float, bool)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._proof: Proof | None = None
        self._set: SetSheet | None = None
        self._zoom = 1.0
        self._dimmed = self._bare = False
        self.marked: frozenset[tuple[str, str]] = frozenset()
        self._pressed: QPoint | None = None
        self.citing: Callable[[Cell], QMimeData] | None = None
        self.pointed: Cell | None = None
        self._style = load_style()
        self.handles = Handles()
        self._live = False
        self._marks: Marks | None = None
        self.setAccessibleName(tr("Proof"))
        self.setMouseTracking(True)
        self.walk = TableWalk(self)
        self.walk.hide()
        self.walk.moved.connect(self._show_walked)
        self.walk.wanted.connect(self._open_walked)

    def clear(self) -> None:
        """Nothing is on it."""
        self._proof = self._set = self._marks = self.pointed = None
        self.handles.forget()
        self.hide()

    def show_proof(
        self, proof: Proof, style: HouseStyle, number: str, zoom: float = 1.0, space: Space | None = None
    ) -> None:
        """Set the exhibit on this sheet; with `space` on the pages that lie below it."""
        self._proof, self._zoom, self._style, self._bare = proof, zoom, style, space is not None
        sheet = proof.exhibit.sheet
        self._set = set_sheet(sheet, style, number, proof.scene, space=space)
        self.handles.take_up(proof.exhibit, proof.scene)
        alt = plain_text(sheet.alt, style) if isinstance(sheet, FigureSheet) else ""
        self.setAccessibleDescription(alt or f"{self._set.label}. {' '.join(self._set.title)}")
        if isinstance(sheet, TableSheet):
            self.walk.show_table(print_table(sheet, style, number))
        else:
            self._marks = Marks(sheet, style)
            self.walk.show_marks(self._marks)
        self.resize(self.sizeHint())
        self.updateGeometry()
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self.walk.setGeometry(self.rect())

    @property
    def proof(self) -> Proof | None:
        return self._proof

    @property
    def setting(self) -> SetSheet | None:
        return self._set

    def mark(self, keys: frozenset[tuple[str, str]]) -> None:
        """Tint the cells with these rows and columns: their numbers moved."""
        self.marked = keys
        self.update()

    def set_dimmed(self, dimmed: bool) -> None:
        """Let the paper pale while what stands on it is not what is asked for."""
        if dimmed != self._dimmed:
            self._dimmed = dimmed
            self.update()

    @property
    def zoom(self) -> float:
        return self._zoom

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
        first = self._set.panels[0].panel
        places = (place for placed in self._set.panels if placed.panel is first for place in placed.rows)
        for row, place in zip(sheet.rows, places, strict=True):
            if row.about is not None and row.about.variable in ("", variable):
                if row.about.group == group:
                    return place.top * self._zoom + SHADOW
                fallback = place.top if fallback == self._set.label_top else fallback
        return fallback * self._zoom + SHADOW

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._set is None:
            return
        painter = QPainter(self)
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        for top, bottom in () if self._bare else self._set.pages:
            height = (bottom - top) * self._zoom
            paint_sheet(painter, QRectF(SHADOW, SHADOW + top * self._zoom, self.width() - 2 * SHADOW, height))
        painter.translate(SHADOW, SHADOW)
        painter.scale(self._zoom, self._zoom)
        painter.setPen(theme.colour(theme.SHEET_INK))
        self._paint_caption(painter, self._set)
        if self._set.table is not None:
            seen = event.rect().translated(-SHADOW, -SHADOW)
            band = seen.top() / self._zoom, seen.bottom() / self._zoom
            for placed in self._set.panels:
                self._paint_heads(painter, self._set, placed)
                self._paint_body(painter, self._set, placed, band)
        elif self._proof is not None and self._proof.scene is not None:
            painter.save()
            painter.translate(self._set.picture.topLeft())
            paint_scene(painter, self._proof.scene, PX_PER_MM)
            if self._live:
                painter.scale(PX_PER_MM, PX_PER_MM)
                self.handles.paint(painter, hovered=self.underMouse())
            painter.restore()
        if (walked := self._walked()) is not None:
            painter.setPen(QPen(theme.colour(theme.SAND_EDGE), 2))
            painter.drawRect(walked)
            painter.setPen(theme.colour(theme.SHEET_INK))
        painter.translate(self._set.left, self._set.notes_top)
        self._set.notes.drawContents(painter)
        if self._dimmed:
            painter.resetTransform()
            painter.fillRect(self.rect(), theme.colour(theme.DESK, 170))
        painter.end()

    def _paint_caption(self, painter: QPainter, sheet: SetSheet) -> None:
        painter.setFont(theme.serif(sheet.size, bold=True))
        painter.drawText(QPointF(sheet.left, sheet.label_top + sheet.line * 0.8), sheet.label)
        painter.setFont(theme.serif(sheet.size, italic=True))
        for place, line in enumerate(sheet.title):
            painter.drawText(QPointF(sheet.left, sheet.label_top + sheet.line * (2.1 + LEADING * place)), line)

    def _paint_heads(self, painter: QPainter, sheet: SetSheet, placed: SetPanel) -> None:
        rule = QPen(theme.colour(theme.SHEET_INK), 1.0)
        panel, line = placed.panel, sheet.line
        for level, (heads, top) in enumerate(zip(panel.heads, placed.head_tops, strict=True)):
            left, place = sheet.left, 0
            tall = max(len(head.lines) for head in heads)
            for head in heads:
                width = sum(column.width for column in panel.columns[place : place + head.span])
                below = tall - len(head.lines)  # heads stand on the rule: a shorter one begins lower
                for number, part in enumerate(head.lines):
                    x = left if place == 0 else left + (width - text_width(part, sheet.size)) / 2
                    paint_runs(painter, part, QPointF(x, top + line * (1 + below + number)), sheet.size)
                if place and any(head.lines) and level < len(placed.head_tops) - 1:
                    painter.setPen(rule)
                    base = placed.head_tops[level + 1] + 2
                    painter.drawLine(QPointF(left + 8, base), QPointF(left + width - 8, base))
                left += width
                place += head.span
        painter.setPen(rule)
        for y in (placed.head_tops[0] - 2, placed.body_top + 1, placed.bottom):
            painter.drawLine(QPointF(sheet.left, y), QPointF(sheet.left + panel.width, y))

    def _paint_body(self, painter: QPainter, sheet: SetSheet, placed: SetPanel, seen: tuple[float, float]) -> None:
        """The rows of a panel, as far as they are seen."""
        metrics, mark = QFontMetricsF(theme.serif(sheet.size)), self._style.numbers.decimal_mark
        assert sheet.table is not None
        here = slice(placed.first_row, placed.first_row + len(placed.rows))
        shown = zip(sheet.table.rows[here], placed.panel.rows[here], placed.rows, strict=True)
        for line_number, (row, laid, place) in enumerate(shown):
            if place.top + place.height < seen[0] or place.top > seen[1]:
                continue
            for number, line in enumerate(laid.stub):
                at = QPointF(sheet.left + INDENT * row.indent, place.top + sheet.line * (1 + number))
                paint_runs(painter, line, at, sheet.size)
            base = place.top + sheet.line * len(laid.stub)  # numbers stand beside the last line of the stub
            left = sheet.left + placed.panel.columns[0].width
            painter.setFont(theme.serif(sheet.size))
            for across, (lines, column) in enumerate(zip(laid.cells, placed.panel.columns[1:], strict=False)):
                for number, text in enumerate(lines):
                    before = "" if column.words else split_at_mark(text, mark)[0]
                    x = left + column.mark - metrics.horizontalAdvance(before)
                    if text == ABSENT:
                        x = left + (column.width - metrics.horizontalAdvance(text)) / 2
                    first = base if len(lines) == 1 else place.top + sheet.line
                    if number == 0 and self._is_marked(placed.first_row + line_number, placed.panel.first + across):
                        tint = QRectF(left + 3, place.top, column.width - 6, place.height)
                        painter.fillRect(tint, theme.colour(theme.VERMILION, 36))
                    painter.drawText(QPointF(x, first + sheet.line * number), text)
                left += column.width

    def _is_marked(self, row: int, column: int) -> bool:
        """Whether a number of this cell is among those that moved."""
        return bool(self.marked) and any((c.row, c.column) in self.marked for c in self._numbers_at(row, column))

    def cell_at(self, point: QPoint) -> tuple[int, int] | None:
        """(row, column) of the value at a point of this widget; columns count without the stub."""
        sheet = self._set
        if sheet is None or sheet.table is None:
            return None
        x, y = (point.x() - SHADOW) / self._zoom, (point.y() - SHADOW) / self._zoom
        for placed in sheet.panels:
            for place, row in enumerate(placed.rows):
                if row.top <= y < row.top + row.height:
                    found = placed.first_row + place
                    left = sheet.left + placed.panel.columns[0].width
                    for number, column in enumerate(placed.panel.columns[1:]):
                        if left <= x < left + column.width and sheet.table.rows[found].cells:
                            return found, placed.panel.first + number
                        left += column.width
        return None

    def rect_of(self, row: int, column: int) -> QRectF:
        """Where a value stands, before the zoom and without the shadow; empty where it is not on the sheet."""
        sheet = self._set
        for placed in sheet.panels if sheet is not None else ():
            across = column - placed.panel.first
            columns = placed.panel.columns[1:]
            if 0 <= row - placed.first_row < len(placed.rows) and 0 <= across < len(columns):
                assert sheet is not None
                left = sheet.left + placed.panel.columns[0].width + sum(c.width for c in columns[:across])
                line = placed.rows[row - placed.first_row]
                return QRectF(left + 2, line.top, columns[across].width - 4, line.height)
        return QRectF()

    def _walked(self) -> QRectF | None:
        """The cell at which the keyboard is."""
        place = self.walk.place
        return None if place is None else self._rect_of_mark(place[0]) if self._is_drawn else self.rect_of(*place)

    @property
    def _is_drawn(self) -> bool:
        return self._proof is not None and self._proof.scene is not None

    def _rect_of_mark(self, row: int) -> QRectF | None:
        """Where a mark of the figure stands, likewise."""
        assert self._set is not None
        assert self._proof is not None
        assert self._proof.scene is not None
        box = None if self._marks is None else self._proof.scene.box_of(self._marks.parts[row])
        if box is None:
            return None
        rect = QRectF(*(edge * PX_PER_MM for edge in box)).adjusted(-3, -3, 3, 3)
        return rect.translated(self._set.picture.topLeft())

    def _show_walked(self) -> None:
        """Bring the cell at which the keyboard is into sight."""
        self.update()
        walked = self._walked()
        if walked is not None and not walked.isEmpty():
            self.walked.emit(self._on_widget(walked))

    def _on_widget(self, rect: QRectF) -> QRect:
        zoom = self._zoom
        return QRectF(
            rect.left() * zoom + SHADOW, rect.top() * zoom + SHADOW, rect.width() * zoom, rect.height() * zoom
        ).toRect()

    def _open_walked(self, row: int, column: int) -> None:
        """Open the number at which the keyboard is."""
        numbers, where = self._to_open(row, column), self._walked()
        if self._is_drawn and self._marks is not None:
            numbers = self._item(self._marks.parts[row]).numbers
        if numbers and where is not None:
            self.number_wanted.emit(numbers, self.mapToGlobal(self._on_widget(where).center()))

    def _to_open(self, row: int, column: int) -> tuple[Cell, ...]:
        """The values in a cell of the table, first the one whose cases are known."""
        return tuple(sorted(self._numbers_at(row, column), key=lambda number: number.behind is None))

    def _numbers_at(self, row: int, column: int) -> tuple[Cell, ...]:
        """The values in a cell of the table."""
        sheet = self._proof.exhibit.sheet if self._proof else None
        if not isinstance(sheet, TableSheet) or column >= len(sheet.rows[row].cells):
            return ()
        return tuple(cell for cell in cells_in(sheet.rows[row].cells[column]) if cell.value is not None)

    def noted_at(self, point: QPoint) -> Cell | None:
        """The number of a note at a point of this widget."""
        sheet, proof = self._set, self._proof
        if sheet is None or proof is None:
            return None
        x, y = (point.x() - SHADOW) / self._zoom - sheet.left, (point.y() - SHADOW) / self._zoom - sheet.notes_top
        mark = unquote(sheet.notes.documentLayout().anchorAt(QPointF(x, y)))
        if not mark:
            return None
        cells = (cell for note in proof.exhibit.sheet.notes for cell in cells_in(note.text))
        return next((cell for cell in cells if (cell.row, cell.column) == key_of(mark)), None)

    def explain(self, row: int, column: int) -> str:
        """What a number is: its full precision, its definition, and n."""
        cells = self._numbers_at(row, column)
        if not cells or self._proof is None:
            return ""
        sheet = self._proof.exhibit.sheet
        assert isinstance(sheet, TableSheet)
        shown = " · ".join(full_value(cell) for cell in cells)
        what = "; ".join(statistic(cell.statistic).meaning for cell in cells if cell.statistic)
        counts = plain_text(sheet.rows[row].counts, self._style)
        return "\n".join(part for part in (shown, what, counts) if part)

    def make_live(self) -> None:
        """Limits and grips can be taken hold of on this sheet."""
        self._live = True

    def millimetres(self, point: QPointF) -> tuple[float, float]:
        """A point of this widget in millimetres of the figure."""
        assert self._set is not None
        x = (point.x() - SHADOW) / self._zoom - self._set.picture.left()
        y = (point.y() - SHADOW) / self._zoom - self._set.picture.top()
        return x / PX_PER_MM, y / PX_PER_MM

    def point_of(self, x: float, y: float) -> QPoint:
        """The point of this widget at a place of the figure in millimetres."""
        assert self._set is not None
        left, top = self._set.picture.left(), self._set.picture.top()
        at = QPointF((x * PX_PER_MM + left) * self._zoom + SHADOW, (y * PX_PER_MM + top) * self._zoom + SHADOW)
        return at.toPoint()

    def item_at(self, point: QPoint) -> Item | None:
        """The item of a figure's mark at a point of this widget."""
        proof, sheet = self._proof, self._proof.exhibit.sheet if self._proof else None
        if self._set is None or proof is None or proof.scene is None or not isinstance(sheet, FigureSheet):
            return None
        part = proof.scene.at(*self.millimetres(QPointF(point)))
        return None if part is None else self._item(part)

    def _item(self, part: Part) -> Item:
        sheet = self._proof.exhibit.sheet if self._proof is not None else None
        items = items_of(sheet.panels[part.panel].marks[part.mark]) if isinstance(sheet, FigureSheet) else ()
        return items[part.item] if 0 <= part.item < len(items) else Item()

    def axis_words(self, point: QPoint) -> str:
        """What the axis at a point shows, in plain words."""
        proof, sheet = self._proof, self._proof.exhibit.sheet if self._proof else None
        if self._set is None or proof is None or proof.scene is None or not isinstance(sheet, FigureSheet):
            return ""
        found = proof.scene.axis_at(*self.millimetres(QPointF(point)))
        if found is None:
            return ""
        panel = sheet.panels[found[0]]
        across, up = (panel.y, panel.x) if panel.lying else (panel.x, panel.y)
        return plain_text((across if found[1] == "x" else up).meaning, self._style)

    @property
    def _is_figure(self) -> bool:
        return self._live and self._set is not None and self._proof is not None and self._proof.scene is not None

    def mousePressEvent(self, event: QMouseEvent) -> None:
        """Take hold of a limit or a grip."""
        if self._is_figure and event.button() is Qt.MouseButton.LeftButton:
            self.handles.press(*self.millimetres(event.position()))
        if event.button() is Qt.MouseButton.LeftButton:
            self._pressed = event.position().toPoint()
        super().mousePressEvent(event)

    def _drag(self, event: QMouseEvent, *, done: bool) -> None:
        x, _ = self.millimetres(event.position())
        held = self.handles.holding
        width = self.handles.drag(x)
        if width is not None:
            self.setting_dragged.emit("width", width, done)
        elif held:
            self.limits_moved.emit()
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        """What was dragged is let go; a click on a number opens it, one on a mark asks for its cases."""
        where = event.position().toPoint()
        if self._is_figure and self.handles.holding:
            self._drag(event, done=True)
            if self.handles.let_go(self.millimetres(event.position())[0]):
                super().mouseReleaseEvent(event)
                return
        cell, item = self.cell_at(where), self.item_at(where)
        numbers = self._to_open(*cell) if cell is not None else ()
        if item is not None:
            numbers = item.numbers
        elif (noted := self.noted_at(where)) is not None:
            numbers = (noted,)
        if numbers:
            self.number_wanted.emit(numbers, event.globalPosition().toPoint())
        elif item is not None and item.behind is not None:
            self.behind_wanted.emit(item.behind)
        super().mouseReleaseEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        """What the number, the mark or the axis under the pointer is; what is held follows it."""
        if self._is_figure and self.handles.holding:
            self._drag(event, done=False)
            return
        point = event.position().toPoint()
        where, item = self.cell_at(point), self.item_at(point)
        self.pointed = next(iter(self._numbers_at(*where)), None) if where else None
        if event.buttons() & Qt.MouseButton.LeftButton and self._carry(point):
            return
        says = self.explain(*where) if where else plain_text(item.words, self._style) if item else ""
        if not says and (noted := self.noted_at(point)) is not None:
            says = full_value(noted)
        self.setToolTip(says or self.axis_words(point))
        over = self.handles.over(*self.millimetres(event.position())) if self._is_figure else ""
        cursor = Qt.CursorShape.PointingHandCursor if says else Qt.CursorShape.ArrowCursor
        self.setCursor(Qt.CursorShape.SplitHCursor if over in ("low", "high", "width") else cursor)
        if self._is_figure:
            self.update()
        super().mouseMoveEvent(event)

    def _carry(self, point: QPoint) -> bool:
        """A number that is dragged goes along, to be dropped into a text."""
        if self.citing is None or self._pressed is None or self.pointed is None:
            return False
        if (point - self._pressed).manhattanLength() < QApplication.startDragDistance():
            return False
        self._pressed = None
        drag = QDrag(self)
        drag.setMimeData(self.citing(self.pointed))
        drag.exec(Qt.DropAction.CopyAction)
        return True
