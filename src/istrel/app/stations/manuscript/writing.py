"""Headings, paragraphs and the appendix put into the manuscript, and what is written in them."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QTimer

from istrel.study.changes.manuscript import Insert, Write
from istrel.study.parts import Passage, Prose

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.parts import Parts
    from istrel.app.stations.manuscript.prose_edit import ProseEdit
    from istrel.app.stations.manuscript.views import PartViews


class Writing:
    """Adds passages beside the chosen part; the cursor goes into what was added."""

    def __init__(self, model: StudyModel, parts: Parts, views: PartViews) -> None:
        self._model, self._parts, self._views = model, parts, views
        views.text_made.connect(self._serve)

    def _serve(self, identity: str, name: str, edit: ProseEdit) -> None:
        """What is written in a text goes into the study."""
        edit.written.connect(partial(self.write, identity, name))
        edit.split.connect(partial(self.split, identity, name))

    def write(self, identity: str, name: str, prose: Prose) -> None:
        """The text of a part is this from now on."""
        self._model.do(Write(identity, name, prose))  # type: ignore[arg-type]

    def split(self, identity: str, name: str, before: Prose, after: Prose) -> None:
        """A paragraph was ended: what stood after the cursor begins the next."""
        part = self._model.study.part(identity)
        self.write(identity, name, before)
        place = self._model.study.parts.index(self._model.study.part(identity)) + 1
        self._insert(Passage("paragraph", after, supplement=part.supplement), place)

    def add_paragraph(self) -> None:
        """An empty paragraph after the chosen part."""
        place, supplement = self._place_after_chosen()
        self._insert(Passage("paragraph", (), supplement=supplement), place)

    def add_heading(self) -> None:
        """A heading before the chosen part."""
        place, supplement = self._place_after_chosen()
        self._insert(Passage("heading", (), supplement=supplement), max(0, place - 1))

    def add_appendix(self) -> None:
        """The reproducibility appendix at the end of the supplement, if it is not there."""
        self._parts.wanted.emit()
        parts = self._model.study.parts
        if not any(isinstance(part, Passage) and part.role == "appendix" for part in parts):
            self._model.do(Insert(Passage("appendix", (), supplement=True), len(parts)))

    def _place_after_chosen(self) -> tuple[int, bool]:
        parts = self._model.study.parts
        place = next((k for k, part in enumerate(parts) if part.id == self._parts.chosen), len(parts) - 1)
        return place + 1, parts[place].supplement if parts else False

    def _insert(self, passage: Passage, place: int) -> None:
        self._parts.wanted.emit()
        identity = f"p{self._model.study.given + 1}"  # which it will be
        self._parts.chosen = identity
        self._model.do(Insert(passage, place))
        QTimer.singleShot(0, self._views, lambda: self._begin(identity))

    def _begin(self, identity: str) -> None:
        """The cursor goes into the passage as soon as it stands on its page."""
        edit = self._views.text(identity, "prose")
        if edit is not None:
            edit.setFocus()
            self._parts.sought.emit(identity)
        elif self._views.view(identity) is not None:
            QTimer.singleShot(20, self._views, lambda: self._begin(identity))
