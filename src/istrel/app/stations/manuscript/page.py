"""A page of the manuscript: one kept exhibit on paper, its sentence and what can be done with it."""

from __future__ import annotations

from functools import partial

from PySide6.QtWidgets import QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import link_cases
from istrel.app.proof.jobs import Proof, show_exhibit
from istrel.app.proof.paper import Paper
from istrel.app.widgets.simple import box, button, clear, column, label, row
from istrel.sentence.quoting import read_aloud
from istrel.study.changes.manuscript import Accept, Drop
from istrel.study.manuscript import Entry, entry_of, numbers_of
from istrel.study.parts import Kept
from istrel.study.study import Study
from istrel.style.house import HouseStyle

LARGEST = 0.88
WAITING = 320  # the height of a page that is not made yet


def make_page(kept: Kept, study: Study, style: HouseStyle) -> tuple[Entry, Proof | None]:
    """A kept exhibit as it is now, laid out: work for a thread."""
    entry = entry_of(kept, study, style)
    return entry, show_exhibit(entry.exhibit, style) if entry.exhibit else None


class Page(QWidget):
    """Shows a kept exhibit as it was when it was last made; blank paper until then."""

    def __init__(self, kept: Kept, model: StudyModel) -> None:
        super().__init__()
        self.kept = kept
        self.entry: Entry | None = None
        self._model = model
        self._layout = column(self, spacing=4)
        blank = box("surface")
        blank.setFixedHeight(WAITING)
        self._layout.addWidget(blank)

    def show_entry(self, entry: Entry, proof: Proof | None, room: int) -> None:
        """Set the exhibit on this page, at most `room` pixels wide; what is there already stays as it is."""
        old = self.entry
        same = old is not None and old.exhibit is entry.exhibit is not None
        if same and old is not None and (old.label, old.moved) == (entry.label, entry.moved):
            self.entry = entry
            return
        self.entry = entry
        clear(self._layout)
        if proof is None:
            self._layout.addWidget(label(f"{entry.label} cannot be made: {entry.trouble}", "error", wrap=True))
        else:
            paper = Paper()
            paper.show_proof(proof, self._model.style, entry.number, with_text=True)
            paper.set_zoom(min(LARGEST, room / paper.natural_width()))
            paper.setFixedSize(paper.sizeHint())
            link_cases(paper, self._model, lambda: entry.kept.source)
            self._layout.addWidget(paper)
        self._add_links(entry, proof)

    def _add_links(self, entry: Entry, proof: Proof | None) -> None:
        links = row(spacing=16, margins=(12, 0, 0, 12))
        links.addWidget(label(read_aloud(entry.kept.sentence), "small", wrap=True), 1)
        if entry.moved and proof is not None:
            numbers = numbers_of(proof.exhibit)
            links.addWidget(button("accept", "link", partial(self._model.do, Accept(entry.kept.id, numbers))))
        links.addWidget(button("take out", "link", partial(self._model.do, Drop(entry.kept.id))))
        self._layout.addLayout(links)
