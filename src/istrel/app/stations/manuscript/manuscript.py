"""The station put together: the outline, the pages, the bar over them, two panels beside them."""

from __future__ import annotations

from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import QMenu, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.stations.manuscript.bar import Bar
from istrel.app.stations.manuscript.citing import Citing
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.stations.manuscript.leaving import Leaving
from istrel.app.stations.manuscript.outline import WIDTH, Outline, Row, row_of
from istrel.app.stations.manuscript.pages import Pages
from istrel.app.stations.manuscript.parts import Parts
from istrel.app.stations.manuscript.reading_panel import ReadingPanel
from istrel.app.stations.manuscript.refreshed_panel import RefreshedPanel
from istrel.app.stations.manuscript.review import Review
from istrel.app.stations.manuscript.side_panel import SidePanel
from istrel.app.stations.manuscript.style_panel import StylePanel
from istrel.app.stations.manuscript.views import PartViews
from istrel.app.stations.manuscript.writing import Writing
from istrel.app.widgets.simple import box, button, column, label, passing, row
from istrel.app.words import tr
from istrel.english import english
from istrel.exhibits.printing import label_in
from istrel.study.changes.manuscript import Drop, Move, SetStyle
from istrel.style.house import SHIPPED, load_style

if TYPE_CHECKING:
    from istrel.render.refresh.report import Refreshed

NOTHING = english(
    "Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper; "
    "headings and paragraphs are added below the outline."
)


class Manuscript(QWidget):
    """The fourth station. What is in it is made when it is looked at."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        self._stale = True
        self.parts, self.pages, self.outline = Parts(model, self), Pages(), Outline()
        self.parts.distance = self._distance
        self.review = Review(model, self.parts)
        self.views = PartViews(model, self.parts, self.pages, self.review)
        self.citing = Citing(model, self.parts, self.views)
        self.writing = Writing(model, self.parts, self.views)
        self.leaving = Leaving(model, self.parts, self.pages, self._tell_refreshed)
        self.reading, self.styling = ReadingPanel(model, self.parts), StylePanel(model)
        self.refreshed = RefreshedPanel(lambda path, tracked: self.leaving.refresh(path, tracked=tracked, again=True))
        self._panels: tuple[SidePanel, ...] = (self.reading, self.styling, self.refreshed)
        self.bar = Bar(
            self.review,
            style=self._offer_styles,
            reading=partial(self.open_beside, self.reading),
            copy=self.leaving.copy,
            export=lambda: self.leaving.offer(self.bar.export_button),
        )
        self._lay_out()
        self._connect()

    def _lay_out(self) -> None:
        layout = row(self)
        layout.addWidget(self._side())
        right, middle = column(), row()
        layout.addLayout(right, 1)
        right.addWidget(self.bar)
        middle.addWidget(self.pages, 1)
        for panel in self._panels:
            middle.addWidget(panel)
        right.addLayout(middle, 1)
        self._nothing = label(tr(NOTHING), "small", wrap=True)
        self._nothing.setContentsMargins(32, 24, 32, 0)
        right.addWidget(self._nothing, 1)

    def _side(self) -> QWidget:
        side = box("panel")
        side.setFixedWidth(WIDTH)
        inside = column(side, margins=(0, 20, 0, 12), spacing=8)
        heading = label(tr("Main text"), "heading")
        heading.setContentsMargins(16, 0, 0, 0)
        inside.addWidget(heading)
        inside.addWidget(self.outline, 1)
        add = row(margins=(16, 0, 16, 0), spacing=8)
        add.addWidget(button(tr("+ heading"), "chip", self.writing.add_heading))
        add.addWidget(button(tr("+ paragraph"), "chip", self.writing.add_paragraph))
        add.addStretch()
        inside.addLayout(add)
        return side

    def _connect(self) -> None:
        for panel in self._panels:
            panel.closed.connect(lambda: self.pages.stand_alone(False))
        self.outline.currentRowChanged.connect(self._row_chosen)
        self.outline.moved.connect(lambda part, to, supplement: self._model.do(Move(part, to, supplement)))
        self.outline.dropped.connect(lambda part: self._model.do(Drop(part)))
        self.parts.arranged.connect(self._arrange)
        self.parts.made.connect(self._show_made)
        self.parts.chose.connect(self._show_chosen)
        self.parts.sought.connect(self._scroll_to)
        self.parts.said.connect(self.bar.said.setText)
        self.parts.failed.connect(self.review.status.setText)
        self._model.changed.connect(self.refresh)
        self._model.closed.connect(self._forget)

    # Made when looked at.
    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if self._stale:
            self.refresh()

    def refresh(self) -> None:
        """The study has changed: its parts are made again, now if they are looked at, otherwise when they are."""
        self._stale = True
        self.parts.stop()
        if self._model.is_open and self.isVisible():
            self._stale = False
            self.parts.make()

    def _forget(self) -> None:
        self.views.forget()
        self.parts.forget()
        self.pages.forget()

    def _distance(self, identity: str) -> float:
        view = self.views.view(identity)
        return abs(view.top - self.pages.verticalScrollBar().value()) if view is not None else 0.0

    def _arrange(self) -> None:
        """Pages and outline show the parts in their order."""
        views, style = self.views.arrange(), self._model.style
        self._nothing.setVisible(not views)
        self.pages.setVisible(bool(views))
        for control in (self.bar.copy_button, self.bar.export_button):
            control.setEnabled(bool(views))
        self.bar.style_button.setText(f"{style.name} ▾")
        self._write_outline()
        self.pages.show_parts(views, style, label_in("supplement", style))
        self.review.tell()

    def _show_made(self, identity: str, before: Leaf | None) -> None:
        self.views.fill(identity, before)
        self.outline.write(self._outline_row(identity))
        self.pages.arrange_soon()
        self.review.tell()

    # The outline.
    def _write_outline(self) -> None:
        parts = self.parts.all
        rows = [self._outline_row(part.id) for part in parts]
        place = next((k for k, part in enumerate(parts) if part.supplement), len(parts))
        if parts:
            rows.insert(place, Row("", "division", tr("Supplement")))
        self.outline.show_rows(rows, self.parts.chosen)

    def _outline_row(self, identity: str) -> Row:
        return row_of(self._model.study.part(identity), self.parts.leaf(identity), self._model.style)

    def _row_chosen(self, place: int) -> None:
        if identity := self.outline.id_at(place):
            self.parts.choose(identity)
            self.parts.sought.emit(identity)

    def _show_chosen(self, before: str, now: str) -> None:
        """The chosen part stands out in the outline, and its tools stand beside it."""
        self._write_outline()
        for one in (before, now):
            self.views.fill_beside(one)
        self.pages.arrange()

    def _scroll_to(self, identity: str) -> None:
        view = self.views.view(identity)
        if view is not None:
            bar = self.pages.verticalScrollBar()
            QTimer.singleShot(0, self, lambda: bar.setValue(max(0, round(view.top) - 24)))

    # Beside the pages.
    def _offer_styles(self) -> None:
        menu = passing(QMenu(self))
        for name in SHIPPED:
            menu.addAction(load_style(name).name, partial(self._model.do, SetStyle(name)))
        menu.addSeparator()
        menu.addAction(tr("Copy and edit this style"), partial(self.open_beside, self.styling))
        menu.popup(self.bar.style_button.mapToGlobal(self.bar.style_button.rect().bottomLeft()))

    def _tell_refreshed(self, path: Path, made: Refreshed, copy: Path | None, tracked: bool) -> None:
        self.open_beside(self.refreshed)
        self.refreshed.tell(path, made, copy, tracked=tracked)

    def open_beside(self, panel: SidePanel) -> None:
        """A panel beside the pages: what a reviewer might raise, or the style as a form."""
        self.parts.wanted.emit()
        for other in self._panels:
            if other is not panel:
                other.leave()
        panel.open()
        self.pages.stand_alone(True)
