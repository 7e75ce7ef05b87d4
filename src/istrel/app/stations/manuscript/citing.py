"""Numbers and references put into prose: carried by dragging, by the clipboard, or by a key at any proof."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING, Any

import msgspec
from PySide6.QtCore import QMimeData
from PySide6.QtGui import QCursor, QGuiApplication
from PySide6.QtWidgets import QApplication, QMenu

from istrel.app.proof.as_spoken import full_value
from istrel.app.proof.paper import Paper
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.stations.manuscript.prose_text import html_of, letters_of
from istrel.app.widgets.simple import passing
from istrel.app.words import tr
from istrel.exhibits.printing import print_cell, print_title
from istrel.exhibits.quoting import quotable
from istrel.exhibits.text import Cell
from istrel.problem import Problem
from istrel.study.changes.manuscript import Insert, Keep
from istrel.study.labels import numbers_and_labels
from istrel.study.manuscript import Entry, numbers_of, places_of
from istrel.study.parts import Kept, Number, Passage, Reference, Words
from istrel.study.prose import Shown, value_in
from istrel.study.record import record_of, value_of

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.exhibit_view import ExhibitView
    from istrel.app.stations.manuscript.parts import Parts
    from istrel.app.stations.manuscript.views import PartViews


CITED = "application/x-istrel-cited"


class Citing:
    """Puts numbers into the paragraph that was written last; `last` is its part and which text of it."""

    def __init__(self, model: StudyModel, parts: Parts, views: PartViews) -> None:
        self._model, self._parts, self._views = model, parts, views
        self.last: tuple[str, str] = ("", "")
        views.text_made.connect(self._serve_text)
        views.exhibit_made.connect(self._serve_exhibit)

    def _serve_text(self, identity: str, name: str, edit: ProseEdit) -> None:
        self._serve(edit)
        edit.touched.connect(lambda: self._touched(identity, name))

    def _serve_exhibit(self, kept: Kept, view: ExhibitView) -> None:
        self._serve(view.notes)
        view.paper.citing = lambda cell: self.carried((self.shown(kept.id, cell),))

    def _touched(self, identity: str, name: str) -> None:
        self.last = identity, name

    def _serve(self, edit: ProseEdit) -> None:
        """A text takes and gives what is live by this."""
        edit.carrying, edit.cited, edit.told = self.carried, self.read, self.told
        edit.reference_wanted.connect(lambda: self.offer(edit))

    def number(self, exhibit: str, cell: Cell) -> Number:
        """A number bound to a kept exhibit."""
        return Number(exhibit, cell.row, cell.column, "", value_in(cell))

    def shown(self, exhibit: str, cell: Cell) -> Shown:
        """A number bound to a kept exhibit, as it reads."""
        return Shown(self.number(exhibit, cell), print_cell(cell, self._model.style))

    def carried(self, taken: tuple[Shown, ...]) -> QMimeData:
        """Prose as it is dragged or copied: alive for Istrel, letters for others."""
        data = QMimeData()
        data.setText(letters_of(taken))
        data.setHtml(html_of(taken))
        carried = [(record_of(piece), letters, self._sentence_behind(piece)) for piece, letters, _ in taken]
        data.setData(CITED, msgspec.json.encode(carried))
        return data

    def _sentence_behind(self, piece: Words | Number | Reference) -> str:
        """The sentence of the exhibit that a piece quotes: another study may have another exhibit of that id."""
        if isinstance(piece, Words):
            return ""
        return next((kept.sentence for kept in self._model.study.kept if kept.id == piece.exhibit), "")

    def read(self, data: QMimeData) -> tuple[Shown, ...]:
        """The prose that is carried; nothing for anything else, or where it quotes an exhibit that this study does not have."""
        if not data.hasFormat(CITED):
            return ()
        try:
            carried = msgspec.json.decode(data.data(CITED).data(), type=list[tuple[dict[str, Any], str, str]])
            pieces = [value_of(record, self._model.study) for record, _, _ in carried]
        except (msgspec.MsgspecError, Problem):
            return ()
        for piece, (_, _, sentence) in zip(pieces, carried, strict=True):
            if not isinstance(piece, Words | Number | Reference) or self._sentence_behind(piece) != sentence:
                return ()
        return tuple(Shown(piece, letters) for piece, (_, letters, _) in zip(pieces, carried, strict=True))

    def told(self, piece: Number | Reference) -> str:
        """What is said of a number or a reference that is pointed at: its exhibit, its place there, its full value."""
        leaf = self._parts.leaf(piece.exhibit)
        if leaf is None or not isinstance(leaf.now, Entry):
            return tr("This exhibit is not in the manuscript any more.")
        entry = leaf.now
        label = entry.label.rstrip(" .:")
        if entry.exhibit is None:
            return tr("{label} cannot be made: {trouble}", label=label, trouble=entry.trouble)
        title = f"{label}: {print_title(entry.exhibit.sheet, self._model.style)}"
        if isinstance(piece, Reference):
            return title
        where = places_of(entry.exhibit.sheet, self._model.style).get((piece.row, piece.column), ())
        cell = quotable(entry.exhibit).get((piece.row, piece.column))
        value = tr("not there any more") if cell is None else full_value(cell)
        return "\n".join(part for part in (title, ", ".join(part for part in where if part), value) if part)

    def cite_pointed(self) -> None:
        """The number under the pointer goes into the paragraph that was written last, and onto the clipboard."""
        paper = self._paper()
        if paper is None or paper.pointed is None or not paper.pointed.row:
            self._model.trouble.emit(tr("Point at a number of a proof first; Ctrl+Shift+N then cites it."))
            return
        cell = paper.pointed
        exhibit = self._kept_of(paper)
        QGuiApplication.clipboard().setMimeData(self.carried((self.shown(exhibit, cell),)))
        self.put(self.shown(exhibit, cell))

    def _paper(self) -> Paper | None:
        """The proof under the pointer, else one that was pointed at."""
        shown = (widget for widget in QApplication.allWidgets() if isinstance(widget, Paper) and widget.isVisible())
        papers = [paper for paper in shown if paper.pointed is not None]
        under = [p for p in papers if p.rect().contains(p.mapFromGlobal(QCursor.pos()))]
        return next(iter(under or papers), None)

    def _kept_of(self, paper: Paper) -> str:
        """The id of the exhibit on a proof; one at the Bench is kept first, if it is not."""
        for part in self._model.study.kept:
            view = self._views.view(part.id)
            if view is not None and view.exhibit is not None and view.exhibit.paper is paper:
                return part.id
        assert paper.proof is not None
        exhibit = paper.proof.exhibit
        known = self._model.study.kept_already(exhibit.request)
        if known is not None:
            return known.id
        self._model.do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
        return next(k.id for k in reversed(self._model.study.kept) if k.request == exhibit.request)

    def put(self, shown: Shown) -> None:
        """Into the paragraph that was written last; a new one at the end of the main text where there is none."""
        edit = self._views.text(*self.last)
        if edit is not None and any(part.id == self.last[0] for part in self._model.study.parts):
            edit.cite(shown)
            edit.commit()
            where = tr("the paragraph written last")
        else:
            main = sum(not part.supplement for part in self._model.study.parts)
            self._model.do(Insert(Passage("paragraph", (shown.piece,)), main))
            self.last = f"p{self._model.study.given}", "prose"
            where = tr("a new paragraph of the manuscript")
        self._model.trouble.emit(tr("{letters} is cited in {where}.", letters=shown.letters, where=where))

    def offer(self, edit: ProseEdit) -> None:
        """The menu of a text: what can be referred to, and what every text can."""
        menu = passing(edit.createStandardContextMenu())
        labels = numbers_and_labels(self._model.study.parts, self._model.style)
        refer = QMenu(tr("Refer to"), menu)
        for identity, (_, label) in labels.items():
            plain = label.rstrip(" .:")
            refer.addAction(plain, partial(edit.cite, Shown(Reference(identity), plain)))
        first = menu.actions()[0]
        if labels:
            menu.insertMenu(first, refer)
            menu.insertSeparator(first)
        menu.popup(QCursor.pos())
