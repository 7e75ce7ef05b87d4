"""The station: outline and pages of the manuscript. A part is made when it is looked at, those on screen first."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QTimer, Signal
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import QMenu, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import link_cases
from istrel.app.stations.manuscript.bar import Bar
from istrel.app.stations.manuscript.beside import Beside, remarks_of
from istrel.app.stations.manuscript.citing import Citing
from istrel.app.stations.manuscript.exhibit_view import ExhibitView
from istrel.app.stations.manuscript.leaf import Leaf, make_leaf
from istrel.app.stations.manuscript.leaving import Leaving
from istrel.app.stations.manuscript.outline import WIDTH, Outline, Row, row_of
from istrel.app.stations.manuscript.pages import Pages
from istrel.app.stations.manuscript.part_view import PartView, heading_px
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.stations.manuscript.reading_panel import ReadingPanel
from istrel.app.stations.manuscript.review import Review
from istrel.app.stations.manuscript.style_panel import StylePanel
from istrel.app.stations.manuscript.tools import tools_of
from istrel.app.stations.manuscript.writing import Writing
from istrel.app.widgets.simple import box, button, column, label, row
from istrel.exhibits.printing import label_in
from istrel.problem import Problem
from istrel.sentence.quoting import read_aloud
from istrel.study.changes.manuscript import Drop, Move, Retitle, SetStyle, Write
from istrel.study.changes.sources import UseSource
from istrel.study.manuscript import Entry
from istrel.study.parts import Kept, Part, Passage
from istrel.style.house import SHIPPED, load_style

WRITTEN = {"prose": "Paragraph", "text": "Results text", "methods": "Methods text"}  # what an author may write in


class Manuscript(QWidget):
    """The fourth station. `bench_wanted(sentence)` asks for the Bench, `wanted` for this station where something is done to it
    from elsewhere; `exported(path)` tells what was written.
    """

    exported = Signal(str)
    bench_wanted = Signal(str)
    wanted = Signal()
    moved_told = Signal(int)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        self._views: dict[str, PartView] = {}
        self._leaves: dict[str, Leaf] = {}
        self._waiting: set[str] = set()
        self._chosen = ""
        self._stale = True
        self.citing = Citing(model, self)
        self.leaving, self.writing, self.review = Leaving(model, self), Writing(model, self), Review(model, self)
        layout = row(self)
        layout.addWidget(self._side())
        right = column()
        layout.addLayout(right, 1)
        self.bar = Bar(
            self.review,
            style=self._choose_style,
            reading=self.open_reading,
            copy=self.copy,
            export=self.leaving.offer,
        )
        right.addWidget(self.bar)
        self.pages = Pages()
        middle = row()
        middle.addWidget(self.pages, 1)
        self.reading, self.styling = ReadingPanel(model, self), StylePanel(model)
        for panel in (self.reading, self.styling):
            panel.closed.connect(lambda: self.pages.stand_alone(False))
        middle.addWidget(self.reading)
        middle.addWidget(self.styling)
        right.addLayout(middle, 1)
        self._nothing = label(
            "Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper; "
            "headings and paragraphs are added below the outline.",
            "small",
            wrap=True,
        )
        self._nothing.setContentsMargins(32, 24, 32, 0)
        right.addWidget(self._nothing, 1)
        self.outline.currentRowChanged.connect(self._row_chosen)
        self.outline.moved.connect(lambda part, to, supplement: model.do(Move(part, to, supplement)))
        self.outline.dropped.connect(lambda part: model.do(Drop(part)))
        model.changed.connect(self.refresh)
        model.closed.connect(self._forget)

    def _side(self) -> QWidget:
        side = box("panel")
        side.setFixedWidth(WIDTH)
        inside = column(side, margins=(0, 20, 0, 12), spacing=8)
        heading = label("Main text", "heading")
        heading.setContentsMargins(16, 0, 0, 0)
        inside.addWidget(heading)
        self.outline = Outline()
        inside.addWidget(self.outline, 1)
        add = row(margins=(16, 0, 16, 0), spacing=8)
        add.addWidget(button("+ heading", "chip", self.writing.add_heading))
        add.addWidget(button("+ paragraph", "chip", self.writing.add_paragraph))
        add.addStretch()
        inside.addLayout(add)
        return side

    # What is there.
    @property
    def entries(self) -> tuple[Entry, ...]:
        """The exhibits that are made, in their order."""
        leaves = (self._leaves.get(part.id) for part in self._parts())
        return tuple(leaf.now for leaf in leaves if leaf is not None and isinstance(leaf.now, Entry))

    def _parts(self) -> tuple[Part, ...]:
        return self._model.study.parts if self._model.is_open else ()

    def view(self, identity: str) -> PartView | None:
        """The widgets of a part."""
        return self._views.get(identity)

    def leaves(self) -> list[Leaf]:
        """Every part that is made."""
        return list(self._leaves.values())

    def leaf(self, identity: str) -> Leaf | None:
        """A part as it was last made."""
        return self._leaves.get(identity)

    @property
    def chosen(self) -> str:
        """The id of the part that is worked on."""
        return self._chosen

    # Made when looked at.
    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        if self._stale:
            self.refresh()

    def _forget(self) -> None:
        for view in self._views.values():
            view.leave()
        self._views, self._leaves, self._chosen = {}, {}, ""

    def refresh(self) -> None:
        """The study has changed: its parts are made again, now if they are looked at, otherwise when they are."""
        self._stale = True
        self._model.background.cancel("manuscript")
        if not self._model.is_open or not self.isVisible():
            return
        self._stale = False
        self._arrange()
        self._waiting = set(self._views)
        self._make_next()

    def _arrange(self) -> None:
        """Widgets and a line of the outline for every part, in their order."""
        parts, style = self._parts(), self._model.style
        for gone in self._views.keys() - {part.id for part in parts}:
            self._views.pop(gone).leave()
            self._leaves.pop(gone, None)
        for part in parts:
            if part.id not in self._views:
                self._views[part.id] = self._new_view(part)
            self._views[part.id].supplement = part.supplement
        if self._chosen not in self._views:
            self._chosen = parts[0].id if parts else ""
        self._nothing.setVisible(not parts)
        self.pages.setVisible(bool(parts))
        for control in (self.bar.copy_button, self.bar.export_button):
            control.setEnabled(bool(parts))
        self.bar.style_button.setText(f"{style.name} ▾")
        self._write_outline()
        self.pages.show_parts([self._views[part.id] for part in parts], style, label_in("supplement", style))
        self.review.tell()

    def _new_view(self, part: Part) -> PartView:
        canvas = self.pages.canvas
        waiting = label(read_aloud(part.sentence) if isinstance(part, Kept) else "", "small")
        waiting.setParent(canvas)
        waiting.show()
        beside = Beside(canvas)
        beside.show()
        heading = isinstance(part, Passage) and part.role == "heading"
        return PartView(part.id, beside, waiting, heading=heading, supplement=part.supplement)

    def _make_next(self) -> None:
        """The next part that waits, nearest to what is on screen; one by one, so that a change stops them."""
        waiting = [part for part in self._parts() if part.id in self._waiting]
        if not waiting:
            return
        seen = self.pages.verticalScrollBar().value()
        part = min(waiting, key=lambda p: (p.id in self._leaves, abs(self._views[p.id].top - seen)))
        self._waiting.discard(part.id)
        study, style = self._model.study, self._model.style
        self._model.background.submit(
            "manuscript", lambda: make_leaf(part, study, style), partial(self._take, part.id), self._untold
        )

    def _untold(self, problem: Problem) -> None:
        self.review.status.setText(problem.message)
        self._make_next()

    def _take(self, identity: str, leaf: Leaf) -> None:
        view = self._views.get(identity)
        if view is not None:
            old, self._leaves[identity] = self._leaves.get(identity), leaf
            self._show(view, leaf, old)
            self._show_beside(identity)
            self.outline.write(self._outline_row(identity))
            self.pages.arrange_soon()
            self.review.tell()
        self._make_next()

    def _show(self, view: PartView, leaf: Leaf, old: Leaf | None) -> None:
        """A part on its page."""
        style, now = self._model.style, leaf.now
        px = self.pages.text_px(self.pages.zoom_now)
        if isinstance(now, Entry):
            if leaf.proof is None:
                view.waiting.setText(f"{now.label} cannot be made: {now.trouble}")
                view.drop_exhibit()
                for edit in view.texts.values():
                    edit.hide()
                return
            if view.exhibit is None:
                view.exhibit = self._new_exhibit(now.kept)
            view.exhibit.take(leaf)
            if old is None or not _same(leaf, old):
                view.exhibit.show_leaf(leaf, style, now.number)
            view.exhibit.paper.mark(frozenset((number.row, number.column) for number in now.moved))
            shown = {"text": now.kept.text != (), "methods": now.kept.methods != ()}
            for name, wanted in shown.items():
                self._show_text(view, name, leaf, px, wanted=wanted and bool(leaf.texts[name]))
            return
        for name in (*leaf.texts, *view.texts):
            self._show_text(view, name, leaf, px, wanted=name in leaf.texts)

    def _show_text(self, view: PartView, name: str, leaf: Leaf, px: int, *, wanted: bool) -> None:
        if name not in view.texts:
            if not wanted:
                return
            view.texts[name] = self._new_text(view.id, name)
        edit = view.texts[name]
        edit.setVisible(wanted)
        if not wanted:
            return
        heading = view.is_heading(name)
        edit.show_prose(leaf.texts[name], heading_px(px) if heading else px, bold=heading)

    def _new_exhibit(self, kept: Kept) -> ExhibitView:
        made = ExhibitView(self.pages.canvas)
        made.show()
        made.retitled.connect(lambda title: self._model.do(Retitle(kept.id, title)))
        made.noted.connect(lambda prose: self._model.do(Write(kept.id, "notes", prose)))
        made.touched.connect(lambda: self.choose(kept.id))
        self.citing.serve(made.notes)
        made.paper.citing = lambda cell: self.citing.carried((self.citing.shown(kept.id, cell),))
        link_cases(made.paper, self._model, lambda: kept.source)
        return made

    def _new_text(self, identity: str, name: str) -> ProseEdit:
        edit = ProseEdit(self.pages.canvas)
        edit.setAccessibleName(WRITTEN.get(name, "Reproducibility"))
        self.citing.serve(edit)
        edit.setReadOnly(name not in WRITTEN)
        edit.written.connect(lambda prose: self.writing.write(identity, name, prose))
        edit.split.connect(lambda before, after: self.writing.split(identity, name, before, after))
        edit.touched.connect(lambda: self._touched(identity, name))
        edit.sized.connect(self._text_sized)
        return edit

    def _text_sized(self) -> None:
        self.pages.arrange()

    def _touched(self, identity: str, name: str) -> None:
        self.citing.last = identity, name
        self.choose(identity)

    # Outline and margin.
    def _write_outline(self) -> None:
        parts = self._parts()
        rows = [self._outline_row(part.id) for part in parts]
        place = next((k for k, part in enumerate(parts) if part.supplement), len(parts))
        if parts:
            rows.insert(place, Row("", "division", "Supplement"))
        self.outline.show_rows(rows, self._chosen)

    def _outline_row(self, identity: str) -> Row:
        return row_of(self._model.study.part(identity), self._leaves.get(identity), self._model.style)

    def _show_beside(self, identity: str) -> None:
        """What stands in the margin of a part: what moved; and the tools, where it is the chosen one."""
        view, leaf = self._views.get(identity), self._leaves.get(identity)
        if view is None or leaf is None:
            return
        now, accept = leaf.now, None
        remarks = remarks_of(now, self._model.style, self._model.do)  # type: ignore[arg-type]
        if isinstance(now, Entry) and (now.moved or remarks):
            accept = partial(self.review.accept, now)
        view.beside.show_remarks(remarks, accept, self.review.next)
        if identity == self._chosen:
            part = self._model.study.part(identity)
            view.beside.show_tools(part.sentence if isinstance(part, Kept) else "", tools_of(part, self))

    def choose(self, identity: str) -> None:
        """This part is worked on: it is chosen in the outline, and its tools stand beside it."""
        if identity == self._chosen or identity not in self._views:
            return
        before, self._chosen = self._chosen, identity
        self._write_outline()
        for one in (before, identity):
            self._show_beside(one)
        self.pages.arrange()

    def choose_when_made(self, identity: str) -> None:
        """A part that is about to be put in will be the chosen one."""
        self._chosen = identity

    def _row_chosen(self, place: int) -> None:
        if identity := self.outline.id_at(place):
            self.choose(identity)
            self.show_part(identity)

    def show_part(self, identity: str) -> None:
        """Scroll to a part."""
        view = self._views.get(identity)
        if view is not None:
            bar = self.pages.verticalScrollBar()
            QTimer.singleShot(0, self, lambda: bar.setValue(max(0, round(view.top) - 24)))

    def go_to(self, place: int) -> None:
        """Scroll to a kept exhibit by its place."""
        kept = self._model.study.kept
        if 0 <= place < len(kept):
            self.choose(kept[place].id)
            self.show_part(kept[place].id)

    def take_to_bench(self, kept: Kept) -> None:
        """The sentence of an exhibit goes back to the Bench; what is kept there takes its place."""
        if kept.source != self._model.study.current:
            self._model.do(UseSource(kept.source))
        self._model.taken_up = kept.id
        self.bench_wanted.emit(kept.sentence)

    def do(self, change: object) -> None:
        """Do a change of the study."""
        self._model.do(change)  # type: ignore[arg-type]

    # House style.
    def _choose_style(self) -> None:
        menu = QMenu(self)
        for name in SHIPPED:
            menu.addAction(load_style(name).name, partial(self.do, SetStyle(name)))
        menu.addSeparator()
        menu.addAction("Copy and edit this style", self.open_style)
        menu.popup(self.bar.style_button.mapToGlobal(self.bar.style_button.rect().bottomLeft()))

    def open_style(self) -> None:
        """The style as a form beside the pages."""
        self.wanted.emit()
        self.reading.leave()
        self.styling.open()
        self.pages.stand_alone(True)

    def open_reading(self) -> None:
        """What a reviewer might raise, beside the pages."""
        self.wanted.emit()
        self.styling.leave()
        self.reading.open()
        self.pages.stand_alone(True)

    # What leaves it.
    def copy(self) -> None:
        self.leaving.copy()

    def choose_file(self, ending: str = "docx") -> None:
        self.leaving.choose_file(ending)

    def export(self, path: object) -> None:
        self.leaving.export(path)  # type: ignore[arg-type]


def _same(one: Leaf, other: Leaf) -> bool:
    """Whether two leaves show the same exhibit in the same way."""
    a, b = one.now, other.now
    if not isinstance(a, Entry) or not isinstance(b, Entry) or a.exhibit is None or b.exhibit is None:
        return False
    return a.exhibit.sheet is b.exhibit.sheet and a.label == b.label and one.style is other.style
