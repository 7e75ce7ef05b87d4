"""Manuscript: the kept exhibits as they will print, their status, and the export of all of them in one document."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PySide6.QtCore import QMimeData, QModelIndex, QPersistentModelIndex, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QGuiApplication, QPainter
from PySide6.QtWidgets import (
    QFileDialog,
    QFrame,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QScrollArea,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QWidget,
)

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import link_cases
from istrel.app.proof.jobs import Proof, show_exhibit
from istrel.app.proof.paper import Paper
from istrel.app.widgets.simple import box, button, clear, column, label, row
from istrel.exhibits.printing import print_title
from istrel.problem import Problem
from istrel.render import OUTPUTS
from istrel.render.document import Document, Item
from istrel.study.changes.manuscript import Accept, Drop, Move
from istrel.study.manuscript import Entry, compose, numbers_of
from istrel.study.study import Study
from istrel.style.house import HouseStyle

Index = QModelIndex | QPersistentModelIndex
OUTLINE = 280
LARGEST = 0.88
EXPORTS = {o.ending: f"{o.words} (.{o.ending})" for o in OUTPUTS.values() if o.holds != "figure"}


def make_pages(study: Study, style: HouseStyle) -> tuple[tuple[Entry, Proof | None], ...]:
    """Every kept exhibit made again, with pictures of figures: work for a thread."""
    return tuple((e, show_exhibit(e.exhibit, style) if e.exhibit else None) for e in compose(study, style))


def manuscript_document(entries: tuple[Entry, ...], style: HouseStyle) -> Document:
    """What is exported: every entry that can be made, with its results text."""
    items = tuple(Item(e.exhibit, e.number, with_text=True) for e in entries if e.exhibit is not None)
    return Document(items, style, title="Manuscript")


def write_document(document: Document, path: Path, sources: tuple[str, ...]) -> Path:
    """Write the document, whole or not at all, and never over a source of the study.

    Raises
    ------
    Problem
        When the place cannot be written to, or the format cannot hold these exhibits.
    """
    from istrel.files import refuse_sources, write_whole
    from istrel.render import render

    refuse_sources(path, sources)
    return write_whole(path, render(document, path.suffix), sources=sources)


class OutlineDelegate(QStyledItemDelegate):
    """An entry of the outline: label in the paper's serif, title, and its status below."""

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: Index) -> None:
        title, status, alarming = index.data(Qt.ItemDataRole.UserRole)
        rect = QRectF(option.rect)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
            painter.fillRect(QRectF(rect.left(), rect.top(), 4, rect.height()), theme.colour(theme.FRAME))
        inner = rect.adjusted(16, 8, -10, -8)
        painter.setPen(theme.colour(theme.INK))
        painter.setFont(theme.serif(15, bold=True))
        painter.drawText(inner, Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, str(index.data()))
        painter.setFont(theme.sans(13))
        lines = painter.fontMetrics().elidedText(title, Qt.TextElideMode.ElideRight, int(2 * inner.width() - 40))
        wrap = Qt.TextFlag.TextWordWrap | Qt.AlignmentFlag.AlignTop
        painter.drawText(inner.adjusted(0, 21, 0, 0), wrap, lines)
        painter.setPen(theme.colour(theme.VERMILION if alarming else theme.QUIET))
        painter.setFont(theme.sans(theme.SMALL_PX))
        status = painter.fontMetrics().elidedText(status, Qt.TextElideMode.ElideRight, int(inner.width()))
        painter.drawText(inner, Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignLeft, status)

    def sizeHint(self, option: QStyleOptionViewItem, index: Index) -> QSize:
        del option, index
        return QSize(OUTLINE - 24, 92)


class Outline(QListWidget):
    """The exhibits in order; dragging changes the order."""

    moved = Signal(int, int)

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName("Outline of the manuscript")
        self.setItemDelegate(OutlineDelegate(self))
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragDropMode(QListWidget.DragDropMode.InternalMove)
        self.model().rowsMoved.connect(self._rows_moved)

    def _rows_moved(self, parent: object, start: int, end: int, to_parent: object, to: int) -> None:
        del parent, end, to_parent
        place = to - 1 if to > start else to
        QTimer.singleShot(0, lambda: self.moved.emit(start, place))


class Manuscript(QWidget):
    """The fourth station."""

    exported = Signal(str)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        self.entries: tuple[Entry, ...] = ()
        self._sheets: list[QWidget] = []
        layout = row(self)
        side = box("panel")
        side.setFixedWidth(OUTLINE)
        inside = column(side, margins=(0, 20, 0, 12), spacing=8)
        heading = label("Main text", "heading")
        heading.setContentsMargins(16, 0, 0, 0)
        inside.addWidget(heading)
        self.outline = Outline()
        inside.addWidget(self.outline, 1)
        layout.addWidget(side)
        right = column()
        layout.addLayout(right, 1)
        right.addWidget(self._bar())
        self._area = QScrollArea()
        self._area.setWidgetResizable(True)
        self._area.setFrameShape(QFrame.Shape.NoFrame)
        inner = QWidget()
        inner.setObjectName("clear")
        self._pages = column(inner, margins=(32, 16, 32, 32), spacing=8)
        self._area.setWidget(inner)
        right.addWidget(self._area, 1)
        self.outline.currentRowChanged.connect(self._go_to)
        self.outline.moved.connect(self._move)
        model.changed.connect(self.refresh)
        self.refresh()

    def _bar(self) -> QWidget:
        bar = box("surface")
        bar.setFixedHeight(56)
        inside = row(bar, margins=(24, 8, 24, 8), spacing=12)
        inside.addWidget(label("House style", "small"))
        style = label(self._model.style.name)
        style.setStyleSheet("font-weight: bold;")
        inside.addWidget(style)
        self.status = label("", "error")
        inside.addWidget(self.status)
        inside.addStretch()
        self.said = label("", "small")
        inside.addWidget(self.said)
        self.copy_button = button("Copy", "chip", self.copy)
        inside.addWidget(self.copy_button)
        self.export_button = button("Export manuscript ▾", "main", self._choose_export)
        inside.addWidget(self.export_button)
        return bar

    def refresh(self) -> None:
        """Make every kept exhibit again from the study as it stands."""
        if not self._model.is_open:
            return
        study, style = self._model.study, self._model.style
        self._model.background.submit("manuscript", lambda: make_pages(study, style), self._show)

    def _show(self, pages: tuple[tuple[Entry, Proof | None], ...]) -> None:
        self.entries = tuple(entry for entry, _ in pages)
        chosen = self.outline.currentRow()
        self.outline.clear()
        for entry in self.entries:
            title = print_title(entry.exhibit.sheet, self._model.style) if entry.exhibit else entry.kept.sentence
            item = QListWidgetItem(entry.label)
            item.setData(Qt.ItemDataRole.UserRole, (title, entry.status, bool(entry.moved or entry.trouble)))
            item.setToolTip(entry.kept.sentence)
            self.outline.addItem(item)
        self._show_pages(pages)
        moved = sum(len(entry.moved) for entry in self.entries)
        self.status.setText(f"{moved} number{'s' if moved != 1 else ''} moved since kept" if moved else "")
        for control in (self.copy_button, self.export_button):
            control.setEnabled(bool(self.entries))
        if self.entries:
            self.outline.setCurrentRow(min(max(0, chosen), len(self.entries) - 1))

    def _show_pages(self, pages: tuple[tuple[Entry, Proof | None], ...]) -> None:
        clear(self._pages)
        self._sheets = []
        if not pages:
            self._pages.addWidget(
                label(
                    "Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper.",
                    "small",
                    wrap=True,
                )
            )
        for entry, proof in pages:
            sheet = self._sheet(entry, proof)
            self._sheets.append(sheet)
            self._pages.addWidget(sheet, 0, Qt.AlignmentFlag.AlignHCenter)
        self._pages.addStretch()

    def _sheet(self, entry: Entry, proof: Proof | None) -> QWidget:
        holder = QWidget()
        layout = column(holder, spacing=4)
        if proof is None:
            layout.addWidget(label(f"{entry.label} cannot be made: {entry.trouble}", "error", wrap=True))
        else:
            paper = Paper()
            paper.show_proof(proof, self._model.style, entry.number, with_text=True)
            paper.set_zoom(min(LARGEST, (self._area.viewport().width() - 96) / paper.natural_width()))
            paper.setFixedSize(paper.sizeHint())
            link_cases(paper, self._model, lambda: entry.kept.source)
            layout.addWidget(paper)
        links = row(spacing=16, margins=(12, 0, 0, 12))
        links.addWidget(label(entry.kept.sentence, "small", wrap=True), 1)
        if entry.moved and proof is not None:
            numbers = numbers_of(proof.exhibit)
            links.addWidget(button("accept", "link", partial(self._model.do, Accept(entry.kept.id, numbers))))
        links.addWidget(button("take out", "link", partial(self._model.do, Drop(entry.kept.id))))
        layout.addLayout(links)
        return holder

    def _move(self, place: int, to: int) -> None:
        if place != to:
            self._model.do(Move(self.entries[place].kept.id, to))

    def _go_to(self, place: int) -> None:
        if 0 <= place < len(self._sheets):
            sheet = self._sheets[place]
            QTimer.singleShot(0, sheet, lambda: self._area.verticalScrollBar().setValue(max(0, sheet.y() - 16)))

    def copy(self) -> None:
        """The chosen exhibit to the clipboard: HTML and tab-separated text of a table, a picture of a figure."""
        place = max(0, self.outline.currentRow())
        if place < len(self.entries) and (exhibit := self.entries[place].exhibit) is not None:
            item = Item(exhibit, self.entries[place].number)
            QGuiApplication.clipboard().setMimeData(clipboard_data(item, self._model.style))
            self.said.setText(f"{self.entries[place].label} copied")

    def _choose_export(self) -> None:
        menu = QMenu(self)
        for ending, words in EXPORTS.items():
            menu.addAction(words, partial(self.choose_file, ending))
        menu.popup(self.export_button.mapToGlobal(self.export_button.rect().bottomLeft()))

    def choose_file(self, ending: str = "docx") -> None:
        """Ask where to, then export."""
        name, _ = QFileDialog.getSaveFileName(
            self, "Export manuscript", f"manuscript.{ending}", f"{EXPORTS[ending]} (*.{ending})"
        )
        if name:
            self.export(Path(name) if Path(name).suffix else Path(f"{name}.{ending}"))

    def export(self, path: Path) -> None:
        """Write all exhibits into one document, off the window's thread."""
        document = manuscript_document(self.entries, self._model.style)
        sources = self._model.study.files
        self._model.background.submit(
            "export",
            lambda: write_document(document, path, sources),
            self._exported,
            self._export_failed,
            words=f"writing {path.name}",
        )

    def _exported(self, path: Path) -> None:
        self.status.clear()
        self.said.setText(f"{path.name} written")
        self.exported.emit(str(path))

    def _export_failed(self, problem: Problem) -> None:
        self.status.setText(problem.message)


def clipboard_data(item: Item, style: HouseStyle) -> QMimeData:
    """What pastes as a real table, or as a picture."""
    from istrel.exhibits.printing import as_plain, body_rows, head_rows, print_table
    from istrel.exhibits.table import TableSheet
    from istrel.render import html

    data = QMimeData()
    data.setHtml(html.render(Document((item,), style)).decode())
    sheet = item.exhibit.sheet
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        lines = [
            [table.label],
            [table.title],
            *head_rows(table),
            *body_rows(table),
            *([as_plain(n)] for n in table.notes),
        ]
        data.setText("\n".join("\t".join(line) for line in lines))
    else:
        from istrel.render.print import draw

        data.setData("image/png", draw(sheet, style, "png"))
        data.setData("image/svg+xml", draw(sheet, style, "svg"))
    return data
