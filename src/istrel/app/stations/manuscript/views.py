"""The widgets of the parts on their pages: put up when a part is there, filled when it is made."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QObject, Signal

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import Opener
from istrel.app.stations.manuscript.beside import Beside, remarks_of
from istrel.app.stations.manuscript.exhibit_view import ExhibitView
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.stations.manuscript.pages import Pages
from istrel.app.stations.manuscript.part_view import PartView, heading_px
from istrel.app.stations.manuscript.parts import Parts
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.stations.manuscript.review import Review
from istrel.app.stations.manuscript.tools import tools_of
from istrel.app.widgets.simple import label
from istrel.app.words import tr
from istrel.english import english
from istrel.sentence.quoting import read_aloud
from istrel.study.changes.manuscript import Retitle, Write
from istrel.study.manuscript import Entry
from istrel.study.parts import Kept, Part, Passage

REPRODUCIBILITY = english("Reproducibility")
WRITTEN = {
    "prose": english("Paragraph"),
    "text": english("Results text"),
    "methods": english("Methods text"),
}  # what an author may write in


class PartViews(QObject):
    """The widgets of every part. `text_made(id, name, edit)` and `exhibit_made(kept, view)` tell of new ones."""

    text_made = Signal(str, str, object)
    exhibit_made = Signal(object, object)

    def __init__(self, model: StudyModel, parts: Parts, pages: Pages, review: Review) -> None:
        super().__init__(pages)
        self._model, self._parts, self._pages, self._review = model, parts, pages, review
        self._views: dict[str, PartView] = {}

    def view(self, identity: str) -> PartView | None:
        """The widgets of a part."""
        return self._views.get(identity)

    def text(self, identity: str, name: str) -> ProseEdit | None:
        """The widget of one text of a part."""
        view = self._views.get(identity)
        return view.texts.get(name) if view is not None else None

    def forget(self) -> None:
        """Take everything off the pages."""
        for view in self._views.values():
            view.leave()
        self._views = {}

    def arrange(self) -> list[PartView]:
        """Widgets for every part, in their order."""
        parts = self._parts.all
        for gone in self._views.keys() - {part.id for part in parts}:
            self._views.pop(gone).leave()
        for part in parts:
            if part.id not in self._views:
                self._views[part.id] = self._new_view(part)
            self._views[part.id].supplement = part.supplement
        return [self._views[part.id] for part in parts]

    def _new_view(self, part: Part) -> PartView:
        canvas = self._pages.canvas
        waiting = label(read_aloud(part.sentence) if isinstance(part, Kept) else "", "small")
        waiting.setParent(canvas)
        waiting.show()
        beside = Beside(canvas)
        beside.show()
        heading = isinstance(part, Passage) and part.role == "heading"
        return PartView(part.id, beside, waiting, heading=heading, supplement=part.supplement)

    # Filled when a part is made.
    def fill(self, identity: str, before: Leaf | None) -> None:
        """A part on its page, as it is made now."""
        view, leaf = self._views.get(identity), self._parts.leaf(identity)
        if view is None or leaf is None:
            return
        if isinstance(leaf.now, Entry):
            self._fill_exhibit(view, leaf, leaf.now, before)
        else:
            for name in (*leaf.texts, *view.texts):
                self._fill_text(view, name, leaf, wanted=name in leaf.texts)
        self.fill_beside(identity)

    def _fill_exhibit(self, view: PartView, leaf: Leaf, now: Entry, before: Leaf | None) -> None:
        if leaf.proof is None:
            view.waiting.setText(tr("{label} cannot be made: {trouble}", label=now.label, trouble=now.trouble))
            view.drop_exhibit()
            for edit in view.texts.values():
                edit.hide()
            return
        if view.exhibit is None:
            view.exhibit = self._new_exhibit(now.kept)
        view.exhibit.take(leaf)
        if before is None or not _same(leaf, before):
            view.exhibit.show_leaf(leaf, self._model.style, now.number)
        view.exhibit.paper.mark(frozenset((number.row, number.column) for number in now.moved))
        shown = {"text": now.kept.text != (), "methods": now.kept.methods != ()}
        for name, wanted in shown.items():
            self._fill_text(view, name, leaf, wanted=wanted and bool(leaf.texts[name]))

    def _fill_text(self, view: PartView, name: str, leaf: Leaf, *, wanted: bool) -> None:
        if name not in view.texts:
            if not wanted:
                return
            view.texts[name] = self._new_text(view.id, name)
        edit = view.texts[name]
        edit.setVisible(wanted)
        if wanted:
            px, heading = self._pages.text_px(self._pages.zoom_now), view.is_heading(name)
            edit.show_prose(leaf.texts[name], heading_px(px) if heading else px, bold=heading)

    def _new_exhibit(self, kept: Kept) -> ExhibitView:
        made = ExhibitView(self._pages.canvas)
        made.show()
        made.retitled.connect(lambda title: self._model.do(Retitle(kept.id, title)))
        made.noted.connect(lambda prose: self._model.do(Write(kept.id, "notes", prose)))
        made.touched.connect(lambda: self._parts.choose(kept.id))
        Opener(made.paper, self._model, lambda: kept.source)
        self.exhibit_made.emit(kept, made)
        return made

    def _new_text(self, identity: str, name: str) -> ProseEdit:
        edit = ProseEdit(self._pages.canvas)
        edit.setAccessibleName(tr(WRITTEN.get(name, REPRODUCIBILITY)))
        edit.setReadOnly(name not in WRITTEN)
        edit.sized.connect(self._pages.arrange)
        self.text_made.emit(identity, name, edit)
        edit.touched.connect(lambda: self._parts.choose(identity))
        return edit

    def fill_beside(self, identity: str) -> None:
        """What stands in the margin of a part: what moved; and the tools, where it is the chosen one."""
        view, leaf = self._views.get(identity), self._parts.leaf(identity)
        if view is None or leaf is None:
            return
        now, accept = leaf.now, None
        remarks = remarks_of(now, self._model.style, self._parts.do)
        if isinstance(now, Entry) and (now.moved or remarks):
            accept = partial(self._review.accept, now)
        view.beside.show_remarks(remarks, accept, self._review.next)
        if identity == self._parts.chosen:
            part = self._model.study.part(identity)
            view.beside.show_tools(part.sentence if isinstance(part, Kept) else "", tools_of(part, self._parts))


def _same(one: Leaf, other: Leaf) -> bool:
    """Whether two leaves show the same exhibit in the same way."""
    a, b = one.now, other.now
    if not isinstance(a, Entry) or not isinstance(b, Entry) or a.exhibit is None or b.exhibit is None:
        return False
    return a.exhibit.sheet is b.exhibit.sheet and a.label == b.label and one.style is other.style
