"""The desk around the paper: the sheet at its zoom, and the margin notes at the height of what they speak of."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QRect, QSize, Qt, Signal
from PySide6.QtGui import QResizeEvent, QWheelEvent
from PySide6.QtWidgets import QScrollArea, QWidget

from istrel.app import theme
from istrel.app.proof.as_spoken import as_spoken
from istrel.app.proof.handles import Handles
from istrel.app.proof.jobs import Proof
from istrel.app.proof.note import NOTE_WIDTH, Note
from istrel.app.proof.paper import Paper
from istrel.app.proof.unmended import MOST, UnmendedNote
from istrel.app.words import retold, tr
from istrel.exhibits.between import as_bands, as_condition
from istrel.exhibits.printing import plain_text
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.style.house import HouseStyle

if TYPE_CHECKING:
    from istrel.data.screening import Finding

EDGE = 22
LARGEST, SMALLEST = 1.15, 0.45
ZOOM_STEP, LEAST_ZOOM, MOST_ZOOM = 1.2, 0.4, 5.0


class MarginNoteView(Note):
    """One remark in proof-reader's red, or counsel in the desk's own ink, with its remedies under it."""

    chosen = Signal(object)
    cases_wanted = Signal(object)

    def __init__(self, note: MarginNote, style: HouseStyle, parent: QWidget, *, counsel: bool = False) -> None:
        ink = theme.ACCENT if counsel else theme.VERMILION
        super().__init__(parent, ink)
        self.note, self.place = note, (note.variable, note.group)
        words = plain_text(note.says, as_spoken(style))
        self.say(words, "error", ink)
        for remedy in note.remedies:
            self.offer(retold(remedy.words), partial(self.chosen.emit, remedy))
        if note.cases is not None:
            self.offer(tr("show cases"), partial(self.cases_wanted.emit, note.cases))
        self.setAccessibleName(
            tr("Counsel: {words}", words=words) if counsel else tr("Margin note: {words}", words=words)
        )


class LimitsNote(Note):
    """What lies between the two limits on a drawing, and what can be made of them."""

    condition_wanted = Signal(str)
    bands_wanted = Signal(str, str)
    gone = Signal()

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.says = self.say("")
        self._variable, self._ends = "", (0.0, 0.0)
        self.offer(tr("as a condition"), lambda: self.condition_wanted.emit(as_condition(self._variable, *self._ends)))
        self.offer(tr("as bands"), lambda: self.bands_wanted.emit(*as_bands(self._variable, *self._ends)))
        self.offer(tr("take away"), self.gone.emit)
        self.hide()

    def show_limits(self, handles: Handles, style: HouseStyle) -> None:
        """What the limits say now; hidden without limits."""
        marked = handles.marked
        self.setVisible(marked is not None)
        if marked is not None:
            self._variable, self._ends = marked.variable, (marked.low, marked.high)
            self.says.setText("\n".join(plain_text(line, as_spoken(style)) for line in handles.words()))
            self.setAccessibleName(tr("Between the limits: {text}", text=self.says.text()))


class ProofDesk(QScrollArea):
    """Scrolls over the sheet and its notes; the sheet is drawn at true size or smaller so that it fits the width."""

    remedy_chosen = Signal(object)
    mended = Signal(object)
    rows_wanted = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWidgetResizable(False)
        self.setFrameShape(QScrollArea.Shape.NoFrame)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        self._canvas = QWidget()
        self._canvas.setObjectName("clear")
        self.setWidget(self._canvas)
        self.paper = Paper(self._canvas)
        self.paper.make_live()
        self.notes: list[MarginNoteView | UnmendedNote] = []
        self.limits = LimitsNote(self._canvas)
        self.limits.gone.connect(self._take_limits_away)
        self.paper.limits_moved.connect(self._show_limits)
        self.paper.walked.connect(self._bring_into_sight)
        self._style: HouseStyle | None = None
        self._factor = 1.0
        self.paper.hide()

    def show_proof(self, proof: Proof, style: HouseStyle, number: str) -> None:
        """Put the proof on the desk with its margin notes."""
        self._style = style
        self.paper.show_proof(proof, style, number)
        self.paper.show()
        for view in self.notes:
            view.hide()
            view.deleteLater()
        self.notes = []
        self._add(MarginNoteView(note, style, self._canvas) for note in proof.exhibit.margin)
        self.limits.show_limits(self.paper.handles, style)
        self._arrange()

    def show_counsel(self, notes: tuple[MarginNote, ...]) -> None:
        """What could be done next, found after the proof was there."""
        if self._style is not None and notes:
            style = self._style
            self._add(MarginNoteView(note, style, self._canvas, counsel=True) for note in notes)
            self._arrange()

    def show_unmended(self, findings: Sequence[Finding]) -> None:
        """What makes these numbers wrong until it is mended, instead of what was said of it before."""
        for view in [view for view in self.notes if isinstance(view, UnmendedNote)]:
            self.notes.remove(view)
            view.hide()
            view.deleteLater()
        for place, finding in enumerate(findings[:MOST], start=1):
            more = len(findings) - MOST if place == MOST else 0
            note = UnmendedNote(finding, more, self._canvas)
            note.mended.connect(self.mended)
            note.rows_wanted.connect(self.rows_wanted)
            note.show()
            self.notes.insert(place - 1, note)  # above what is said of single variables
        self._arrange()

    def _add(self, views: Iterable[MarginNoteView]) -> None:
        for view in views:
            view.chosen.connect(self._choose)
            view.cases_wanted.connect(self.paper.behind_wanted)
            view.show()
            self.notes.append(view)

    def _show_limits(self) -> None:
        if self._style is not None:
            was = self.limits.isVisible()
            self.limits.show_limits(self.paper.handles, self._style)
            if self.limits.isVisible() != was or was:
                self._arrange()

    def _bring_into_sight(self, where: QRect) -> None:
        at = self.paper.mapTo(self._canvas, where.center())
        self.ensureVisible(at.x(), at.y())

    def _take_limits_away(self) -> None:
        self.paper.handles.clear()
        self._show_limits()
        self.paper.update()

    def dim(self, dimmed: bool) -> None:
        """Show that the proof is that of another sentence than the one that is being written."""
        self.paper.set_dimmed(dimmed)
        for view in self.notes:
            view.setVisible(not dimmed)

    def clear(self) -> None:
        self.paper.clear()
        self.limits.hide()
        for view in self.notes:
            view.hide()
            view.deleteLater()
        self.notes = []

    def _choose(self, remedy: Remedy) -> None:
        self.remedy_chosen.emit(remedy)

    def zoom(self, steps: int) -> None:
        """Larger or smaller by so many steps; 0 is the size that fits the desk."""
        self._factor = min(MOST_ZOOM, max(LEAST_ZOOM, self._factor * ZOOM_STEP**steps)) if steps else 1.0
        self._arrange()

    def wheelEvent(self, event: QWheelEvent) -> None:
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.zoom(1 if event.angleDelta().y() > 0 else -1)
            event.accept()
            return
        super().wheelEvent(event)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._arrange()

    def _arrange(self) -> None:
        natural = self.paper.natural_width()
        if not natural:
            return
        notes: list[QWidget] = list(self.notes)
        beside = NOTE_WIDTH + 8 if notes or self.paper.handles.possible() else 0  # room for limits is there before them
        room = self.viewport().width() - 2 * EDGE - beside
        zoom = max(SMALLEST, min(LARGEST, room / natural)) * self._factor
        self.paper.set_zoom(zoom)
        hint = self.paper.sizeHint()
        spare = max(0, self.viewport().width() - hint.width() - beside)
        left = min(spare // 2, EDGE + 40) if beside else spare // 2
        self.paper.move(left, 14)
        bottom = hint.height() + 28
        below = 0
        for view in sorted(self.notes, key=lambda v: self.paper.anchor(*v.place)):
            view.adjustSize()
            view.resize(
                NOTE_WIDTH, view.heightForWidth(NOTE_WIDTH) if view.hasHeightForWidth() else view.sizeHint().height()
            )
            top = max(below, 14 + round(self.paper.anchor(*view.place)))
            view.move(left + hint.width() - 2, top)
            below = top + view.height() + 12
            bottom = max(bottom, below)
        if not self.limits.isHidden():
            self.limits.adjustSize()
            self.limits.resize(NOTE_WIDTH, self.limits.heightForWidth(NOTE_WIDTH))
            self.limits.move(left + hint.width() - 2, max(below, 14 + hint.height() // 3))
            bottom = max(bottom, self.limits.geometry().bottom() + 12)
        self._canvas.resize(QSize(max(self.viewport().width(), left + hint.width() + beside), bottom))
