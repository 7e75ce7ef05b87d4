"""A kept exhibit on a page of the manuscript: set as it prints, its title and its notes edited where they stand."""

from __future__ import annotations

from PySide6.QtCore import QEvent, QObject, QPoint, QRect, Signal
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QLineEdit, QWidget

from istrel.app import theme
from istrel.app.proof.ink import SHADOW
from istrel.app.proof.paper import Paper
from istrel.app.proof.setting import Space
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.words import tr
from istrel.exhibits.printing import print_title
from istrel.style.house import HouseStyle

ENDLESS = Space(1e7, 1e7, 0.0)


class ExhibitView(QWidget):
    """Shows an exhibit without paper of its own. A click on its title or its notes opens them for writing.

    `retitled(title)` and `noted(prose)` tell what was written.
    """

    retitled = Signal(str)
    noted = Signal(object)
    touched = Signal()

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.paper = Paper(self)
        self.paper.setAccessibleName(tr("Exhibit"))
        self.paper.installEventFilter(self)
        self.title = QLineEdit(self)
        self.title.setObjectName("prose")
        self.title.editingFinished.connect(self._title_done)
        self.notes = ProseEdit(self, lines=True)
        self.notes.written.connect(self.noted)
        self.notes.sized.connect(self._fit_notes)
        self.notes.setStyleSheet(f"background: {theme.SHEET}; color: {theme.SHEET_INK}; border: none; padding: 0;")
        self.title.hide()
        self.notes.hide()
        self.notes.installEventFilter(self)
        self.natural = 0.0, False  # its height at true size on an endless page, and whether it wants a page turned
        self._leaf: Leaf | None = None
        self._style: HouseStyle | None = None
        self._space = ENDLESS

    def show_leaf(self, leaf: Leaf, style: HouseStyle, number: str) -> None:
        """Set the exhibit; its size is that of true size until it is zoomed."""
        assert leaf.proof is not None
        self._leaf, self._style, self._number, self._space = leaf, style, number, ENDLESS
        self.paper.show_proof(leaf.proof, style, number, self.paper.zoom, ENDLESS)
        setting = self.paper.setting
        self.natural = (setting.height, setting.turned) if setting is not None else (0.0, False)

    def take(self, leaf: Leaf) -> None:
        """The leaf as it is now, where what is set of it may be as it was."""
        self._leaf = leaf

    def stand(self, space: Space) -> None:
        """Set it on pages, if it does not stand so already."""
        if space != self._space and self._leaf is not None and self._leaf.proof is not None and self._style is not None:
            self._space = space
            self.paper.show_proof(self._leaf.proof, self._style, self._number, self.paper.zoom, space)

    def place(self, left: float, top: float, zoom: float) -> None:
        """Put it on the canvas; the corner is that of its letters."""
        self.paper.set_zoom(zoom)
        hint = self.paper.sizeHint()
        self.paper.setGeometry(0, 0, hint.width(), hint.height())
        self.setGeometry(round(left) - SHADOW, round(top) - SHADOW, hint.width(), hint.height())

    # Writing in place.
    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if watched is self.paper and event.type() == QEvent.Type.MouseButtonRelease and isinstance(event, QMouseEvent):
            self.touched.emit()
            where = event.position().toPoint()
            if self._title_rect().contains(where):
                self.write_title()
                return True
            if self._notes_rect().contains(where):
                self.write_notes(where)
                return True
        if watched is self.notes and event.type() == QEvent.Type.FocusOut:
            self.notes.hide()
        return super().eventFilter(watched, event)

    def _title_rect(self) -> QRect:
        sheet = self.paper.setting
        if sheet is None:
            return QRect()
        zoom = self.paper.zoom
        top = sheet.label_top + 1.2 * sheet.line
        height = 1.4 * sheet.line * len(sheet.title)
        width = sheet.right - sheet.left
        return QRect(
            round(sheet.left * zoom) + SHADOW, round(top * zoom) + SHADOW, round(width * zoom), round(height * zoom)
        )

    def _notes_rect(self) -> QRect:
        sheet = self.paper.setting
        if sheet is None or not sheet.notes.toPlainText():
            return QRect()
        zoom = self.paper.zoom
        width, height = sheet.right - sheet.left, sheet.notes.size().height()
        corner = QPoint(round(sheet.left * zoom) + SHADOW, round(sheet.notes_top * zoom) + SHADOW)
        return QRect(corner.x(), corner.y(), round(width * zoom), round(height * zoom) + 2)

    def write_title(self) -> None:
        """Open the title for writing."""
        sheet = self.paper.setting
        if sheet is None or self._leaf is None or self._leaf.proof is None or self._style is None:
            return
        px = round(sheet.size * self.paper.zoom)
        self.title.setFont(theme.serif(px, italic=True))
        self.title.setStyleSheet(
            f"background: {theme.SHEET}; color: {theme.SHEET_INK}; border: none; border-bottom: 1px solid {theme.DRAWING};"
            f' padding: 0; font-family: "{theme.SERIF}"; font-size: {px}px; font-style: italic;'
        )
        self.title.setText(print_title(self._leaf.proof.exhibit.sheet, self._style))
        self.title.setGeometry(self._title_rect().adjusted(-2, -2, 2, 2))
        self.title.show()
        self.title.setFocus()
        self.title.selectAll()

    def _title_done(self) -> None:
        if self.title.isHidden():
            return
        self.title.hide()
        assert self._leaf is not None
        assert self._leaf.proof is not None
        assert self._style is not None
        written = " ".join(self.title.text().split())
        if written != print_title(self._leaf.proof.exhibit.sheet, self._style):
            self.retitled.emit(written)

    def write_notes(self, where: QPoint | None = None) -> None:
        """Open the notes for writing, the cursor where they were clicked."""
        sheet = self.paper.setting
        if sheet is None or self._leaf is None:
            return
        self.notes.show_prose(self._leaf.texts.get("notes", ()), round(0.9 * sheet.size * self.paper.zoom))
        self.notes.show()
        self._fit_notes()
        self.notes.setFocus()
        if where is not None:
            self.notes.setTextCursor(self.notes.cursorForPosition(where - self.notes.pos()))

    def _fit_notes(self) -> None:
        if self.notes.isHidden():
            return
        rect = self._notes_rect()
        height = max(rect.height(), self.notes.needed_height(rect.width()))
        self.notes.setGeometry(rect.left(), rect.top(), rect.width() + 4, height)
        if rect.top() + height > self.height():
            self.resize(self.width(), rect.top() + height)
