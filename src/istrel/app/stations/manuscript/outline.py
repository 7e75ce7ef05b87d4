"""The outline of the manuscript: headings, paragraphs and exhibits with their status, in an order that dragging changes."""

from __future__ import annotations

from dataclasses import dataclass

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QFontMetricsF, QKeyEvent, QPainter
from PySide6.QtWidgets import QListWidget, QListWidgetItem, QStyle, QStyledItemDelegate, QStyleOptionViewItem

from istrel.app import theme
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.stations.manuscript.prose_text import letters_of
from istrel.app.words import retold, tr
from istrel.exhibits.printing import print_title
from istrel.sentence.quoting import read_aloud
from istrel.study.manuscript import AS_KEPT, Entry
from istrel.study.parts import Part, Passage
from istrel.style.house import HouseStyle

Index = QModelIndex | QPersistentModelIndex
WIDTH = 264
ROW, LINE = Qt.ItemDataRole.UserRole, Qt.ItemDataRole.UserRole + 1
INNER = WIDTH - 36  # what a line has for its words
LABEL, TITLE = theme.serif(14, bold=True), theme.sans(13)
TALL = {"exhibit": 70, "heading": 34, "paragraph": 34, "division": 34}


@dataclass(frozen=True)
class Row:
    """A line of the outline.

    Attributes
    ----------
    kind
        "exhibit", "heading", "paragraph", or "division" for the line over the supplement.
    """

    id: str
    kind: str
    label: str
    title: str = ""
    status: str = ""
    alarming: bool = False
    tip: str = ""


class OutlineDelegate(QStyledItemDelegate):
    """A line as its kind wants it: an exhibit with its status, a heading in the paper's serif, a paragraph's first words."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        row: Row = index.data(ROW)
        rect = QRectF(option.rect)
        if row.kind != "division" and option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
            painter.fillRect(QRectF(rect.left(), rect.top(), 4, rect.height()), theme.colour(theme.ACCENT))
        inner = rect.adjusted(16, 6, -10, -6)
        middle = Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft
        if row.kind == "exhibit":
            self._exhibit(painter, inner, row)
        elif row.kind == "division":
            painter.setPen(theme.colour(theme.QUIET))
            painter.setFont(theme.sans(theme.SMALL_PX, bold=True))
            painter.drawText(inner, middle, row.label)
        else:
            heading = row.kind == "heading"
            painter.setPen(theme.colour(theme.VERMILION if row.alarming else theme.INK if heading else theme.QUIET))
            painter.setFont(theme.serif(15 if heading else 13, bold=heading))
            words = row.label or ("Heading" if heading else "Paragraph")
            room = int(inner.width()) - (0 if heading else 12)
            line = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, room)
            painter.drawText(inner.adjusted(0 if heading else 12, 0, 0, 0), middle, line)

    def _exhibit(self, painter: QPainter, inner: QRectF, row: Row) -> None:
        wide, first, rest = _title_lines(row)
        painter.setPen(theme.colour(theme.INK))
        painter.setFont(LABEL)
        painter.drawText(inner, Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, row.label)
        painter.setFont(TITLE)
        painter.drawText(inner.adjusted(wide, 1, 0, 0), Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, first)
        rest = painter.fontMetrics().elidedText(rest, Qt.TextElideMode.ElideRight, INNER)
        painter.drawText(inner.adjusted(0, 20, 0, 0), Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, rest)
        painter.setPen(theme.colour(theme.VERMILION if row.alarming else theme.QUIET))
        painter.setFont(theme.sans(theme.SMALL_PX))
        status = painter.fontMetrics().elidedText(row.status, Qt.TextElideMode.ElideRight, int(inner.width()))
        painter.drawText(inner, Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignLeft, status)

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option
        row: Row = index.data(ROW)
        short = row.kind == "exhibit" and not _title_lines(row)[2]
        return QSize(WIDTH - 24, TALL[row.kind] - 18 * short)


def _title_lines(row: Row) -> tuple[float, str, str]:
    """(the width of the label, as many words of the title as fit beside it, the rest)."""
    wide = QFontMetricsF(LABEL).horizontalAdvance(f"{row.label}  ")
    metrics, words = QFontMetricsF(TITLE), row.title.split(" ")
    for many in range(len(words), 0, -1):
        first = " ".join(words[:many])
        if metrics.horizontalAdvance(first) <= INNER - wide:
            return wide, first, " ".join(words[many:])
    return wide, "", row.title


class Outline(QListWidget):
    """The parts in order. `moved(id, place, supplement)` tells that one was dragged; the place counts the other parts."""

    moved = Signal(str, int, bool)
    dropped = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName(tr("Outline of the manuscript"))
        self.setItemDelegate(OutlineDelegate(self))
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragDropMode(QListWidget.DragDropMode.InternalMove)
        self.model().rowsMoved.connect(self._rows_moved)

    def show_rows(self, rows: list[Row], chosen: str) -> None:
        """These lines, the one with this id chosen."""
        self.blockSignals(True)
        while self.count() > len(rows):
            self.takeItem(self.count() - 1)
        for row in rows[self.count() :]:
            item = QListWidgetItem()
            item.setData(ROW, row)
            self.addItem(item)
        for place, row in enumerate(rows):
            item = self.item(place)
            item.setData(ROW, row)
            item.setText(row.label)
            item.setToolTip(row.tip)
            flags = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable | Qt.ItemFlag.ItemIsDragEnabled
            item.setFlags(Qt.ItemFlag.ItemIsEnabled if row.kind == "division" else flags)
            if row.id and row.id == chosen:
                self.setCurrentRow(place)
        self.blockSignals(False)

    def write(self, row: Row) -> None:
        """What the line of a part says now."""
        for place in range(self.count()):
            if self.id_at(place) == row.id:
                item = self.item(place)
                item.setData(ROW, row)
                item.setText(row.label)
                item.setToolTip(row.tip)

    def rows(self) -> list[Row]:
        """The lines as they stand."""
        return [self.item(place).data(ROW) for place in range(self.count())]

    def id_at(self, place: int) -> str:
        return self.item(place).data(ROW).id if 0 <= place < self.count() else ""

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """Delete takes the chosen part out; Alt with an arrow moves it."""
        chosen = self.id_at(self.currentRow())
        if event.key() == Qt.Key.Key_Delete and chosen:
            self.dropped.emit(chosen)
            return
        steps = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}
        if event.modifiers() & Qt.KeyboardModifier.AltModifier and Qt.Key(event.key()) in steps and chosen:
            self._tell(chosen, self.currentRow() + steps[Qt.Key(event.key())])
            return
        super().keyPressEvent(event)

    def _tell(self, chosen: str, to: int) -> None:
        """The part stands at this line now, or is to."""
        others = [row for row in self.rows() if row.id != chosen]
        before = others[: max(0, to)]
        division = any(row.kind == "division" for row in before)
        self.moved.emit(chosen, sum(row.kind != "division" for row in before), division)

    def _rows_moved(self, parent: object, start: int, end: int, to_parent: object, to: int) -> None:
        del parent, end, to_parent
        place = to - 1 if to > start else to
        chosen = self.id_at(place)
        QTimer.singleShot(0, self, lambda: self._tell(chosen, place))


def row_of(part: Part, leaf: Leaf | None, style: HouseStyle) -> Row:
    """The line of a part, as far as it is made."""
    if isinstance(part, Passage) and part.role == "appendix":
        return Row(part.id, "heading", tr("Reproducibility"), tip=tr("Writes itself from what was done"))
    if isinstance(part, Passage):
        words = letters_of(leaf.texts["prose"]) if leaf is not None else ""
        words = words.replace("\n", " ").strip()
        status = retold(leaf.now.status) if leaf is not None else ""
        return Row(part.id, part.role, words, status=status, alarming=bool(status), tip=status)
    said = read_aloud(part.sentence)
    if leaf is None or not isinstance(leaf.now, Entry):
        return Row(part.id, "exhibit", "…", said, tr("being made"), tip=said)
    entry = leaf.now
    title = print_title(entry.exhibit.sheet, style) if entry.exhibit else said
    return Row(part.id, "exhibit", entry.label, title, retold(entry.status), entry.status != AS_KEPT, said)
