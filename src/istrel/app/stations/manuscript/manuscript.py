"""The station: outline and pages of what was kept. An exhibit is made when it is looked at, those on screen first."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtGui import QGuiApplication, QShowEvent
from PySide6.QtWidgets import QFileDialog, QFrame, QMenu, QScrollArea, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.jobs import Proof
from istrel.app.stations.manuscript.export import EXPORTS, clipboard_data
from istrel.app.stations.manuscript.outline import WIDTH, Outline
from istrel.app.stations.manuscript.page import Page, make_page
from istrel.app.widgets.simple import box, button, column, label, row
from istrel.exhibits.printing import print_title
from istrel.problem import Problem
from istrel.render.document import Item
from istrel.render.manuscript import write_manuscript
from istrel.sentence.quoting import read_aloud
from istrel.study.changes.manuscript import Move
from istrel.study.manuscript import Entry


class Manuscript(QWidget):
    """The fourth station."""

    exported = Signal(str)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        self._pages: dict[str, Page] = {}
        self._waiting: set[str] = set()
        self._stale = True
        layout = row(self)
        layout.addWidget(self._side())
        right = column()
        layout.addLayout(right, 1)
        right.addWidget(self._bar())
        self._area = QScrollArea()
        self._area.setWidgetResizable(True)
        self._area.setFrameShape(QFrame.Shape.NoFrame)
        inner = QWidget()
        inner.setObjectName("clear")
        self._column = column(inner, margins=(32, 16, 32, 32), spacing=8)
        self._nothing = label(
            "Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper.", "small", wrap=True
        )
        self._column.addWidget(self._nothing)
        self._column.addStretch()
        self._area.setWidget(inner)
        right.addWidget(self._area, 1)
        self.outline.currentRowChanged.connect(self.go_to)
        self.outline.moved.connect(self._move)
        model.changed.connect(self.refresh)

    def _side(self) -> QWidget:
        side = box("panel")
        side.setFixedWidth(WIDTH)
        inside = column(side, margins=(0, 20, 0, 12), spacing=8)
        heading = label("Main text", "heading")
        heading.setContentsMargins(16, 0, 0, 0)
        inside.addWidget(heading)
        self.outline = Outline()
        inside.addWidget(self.outline, 1)
        return side

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

    @property
    def entries(self) -> tuple[Entry, ...]:
        """The exhibits that are made, in their order."""
        return tuple(page.entry for page in self._in_order() if page.entry is not None)

    def _in_order(self) -> list[Page]:
        return [self._pages[kept.id] for kept in self._model.study.kept if kept.id in self._pages]

    # Made when looked at.
    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if self._stale:
            self.refresh()

    def refresh(self) -> None:
        """The study has changed: what is kept is made again, now if it is looked at, otherwise when it is."""
        self._stale = True
        self._model.background.cancel("manuscript")
        if not self._model.is_open or not self.isVisible():
            return
        self._stale = False
        self._arrange()
        self._waiting = set(self._pages)
        self._make_next()

    def _arrange(self) -> None:
        """A page and a row of the outline for every kept exhibit, in their order."""
        kept = self._model.study.kept
        for gone in self._pages.keys() - {k.id for k in kept}:
            page = self._pages.pop(gone)
            page.hide()
            page.setParent(None)
            page.deleteLater()
        for k in kept:
            if k.id not in self._pages:
                self._pages[k.id] = Page(k, self._model)
            self._pages[k.id].kept = k
        for place, page in enumerate(self._in_order()):
            self._column.insertWidget(place, page, 0, Qt.AlignmentFlag.AlignHCenter)
        self._nothing.setVisible(not kept)
        for control in (self.copy_button, self.export_button):
            control.setEnabled(bool(kept))
        self.outline.blockSignals(True)
        self.outline.make_rows(len(kept))
        self.outline.blockSignals(False)
        for place, page in enumerate(self._in_order()):
            self._write_row(place, page)
        self._tell_moved()

    def _make_next(self) -> None:
        """The next page that waits, nearest to what is on screen; one by one, so that a change stops them."""
        waiting = [page for page in self._in_order() if page.kept.id in self._waiting]
        if not waiting:
            return
        seen = self._area.verticalScrollBar().value()
        page = min(waiting, key=lambda p: (p.entry is not None and p.y() + p.height() < seen, max(0, p.y() - seen)))
        self._waiting.discard(page.kept.id)
        kept, study, style = page.kept, self._model.study, self._model.style
        self._model.background.submit(
            "manuscript", lambda: make_page(kept, study, style), partial(self._place, page), self._untold
        )

    def _place(self, page: Page, made: tuple[Entry, Proof | None]) -> None:
        page.show_entry(*made, self._area.viewport().width() - 96)
        self._write_row(self._in_order().index(page), page)
        self._tell_moved()
        self._make_next()

    def _untold(self, problem: Problem) -> None:
        self.status.setText(problem.message)
        self._make_next()

    def _write_row(self, place: int, page: Page) -> None:
        entry = page.entry
        if entry is None:
            said = read_aloud(page.kept.sentence)
            self.outline.write(place, "…", said, "being made", said, alarming=False)
            return
        title = (
            print_title(entry.exhibit.sheet, self._model.style) if entry.exhibit else read_aloud(entry.kept.sentence)
        )
        alarming = bool(entry.moved or entry.trouble)
        self.outline.write(place, entry.label, title, entry.status, read_aloud(entry.kept.sentence), alarming=alarming)

    def _tell_moved(self) -> None:
        moved = sum(len(entry.moved) for entry in self.entries)
        self.status.setText(f"{moved} number{'s' if moved != 1 else ''} moved since kept" if moved else "")

    def _move(self, place: int, to: int) -> None:
        if place != to:
            self._model.do(Move(self._model.study.kept[place].id, to))

    def go_to(self, place: int) -> None:
        pages = self._in_order()
        if 0 <= place < len(pages):
            page = pages[place]
            QTimer.singleShot(0, page, lambda: self._area.verticalScrollBar().setValue(max(0, page.y() - 16)))

    # What leaves it.
    def copy(self) -> None:
        """The chosen exhibit to the clipboard: HTML and tab-separated text of a table, a picture of a figure."""
        pages, place = self._in_order(), max(0, self.outline.currentRow())
        entry = pages[place].entry if place < len(pages) else None
        if entry is not None and entry.exhibit is not None:
            item = Item(entry.exhibit, entry.number)
            QGuiApplication.clipboard().setMimeData(clipboard_data(item, self._model.style))
            self.said.setText(f"{entry.label} copied")

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
        study, style = self._model.study, self._model.style
        self._model.background.submit(
            "export",
            lambda: write_manuscript(study, style, path),
            self._exported,
            self._export_failed,
            words=f"writing {path.name}",
        )

    def _exported(self, path: Path) -> None:
        self._tell_moved()
        self.said.setText(f"{path.name} written")
        self.exported.emit(str(path))

    def _export_failed(self, problem: Problem) -> None:
        self.status.setText(problem.message)
