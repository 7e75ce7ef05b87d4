"""What is being worked on at the Bench, without widgets: the request, its proof, the number it would get, and keeping it."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QObject, Signal

from istrel.app.bridge import StudyModel
from istrel.app.proof.jobs import Proof, make_proof
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.sentence.settings import fitting_settings
from istrel.sentence.vocabulary import Setting
from istrel.study.changes.manuscript import Exchange, Keep
from istrel.study.labels import numbers_and_labels
from istrel.study.manuscript import numbers_of
from istrel.study.parts import Kept

PICTURE = "form "  # what the pictures of the other forms are called among the work in the background


class Draft(QObject):
    """Sets the request in the background. `set_on_paper(proof)` when it is done, `tried(proof)` while a setting is dragged."""

    set_on_paper = Signal(object)
    tried = Signal(object)

    def __init__(self, model: StudyModel, parent: QObject) -> None:
        super().__init__(parent)
        self._model = model
        self.request: Request | None = None
        self.proof: Proof | None = None

    def forget(self) -> None:
        """Nothing is worked on."""
        self._model.background.cancel("proof")
        self.request, self.proof = None, None

    def make(self, request: Request, refused: Callable[[Problem], None]) -> None:
        """Set this; the last good proof stays where it is refused."""
        self.request = request
        self._submit(request, self._take, refused)

    def try_(self, request: Request) -> None:
        """Show how this would look; what is worked on stays."""
        self._submit(request, self.tried.emit, None)

    def _submit(
        self, request: Request, take: Callable[[Proof], None], refused: Callable[[Problem], None] | None
    ) -> None:
        study, style = self._model.study, self._model.style
        self._model.background.cancel_all(PICTURE)
        self._model.background.submit("proof", partial(make_proof, request, study.source, style), take, refused)

    def _take(self, proof: Proof) -> None:
        self.proof = proof
        self.set_on_paper.emit(proof)

    def is_of(self, request: Request | None) -> bool:
        """Whether the proof is that of a request."""
        return self.proof is not None and self.proof.exhibit.request == request

    def fitting_settings(self) -> tuple[Setting, ...]:
        """The settings that the request can have."""
        if self.request is None:
            return ()
        place = self.request.place
        return fitting_settings(
            place._replace(form=self.proof.exhibit.form if self.proof else place.form), self.request.settings
        )

    # In the manuscript.
    def number(self) -> str:
        """The number by which the exhibit is called: that under which it is kept already, or that which it would get."""
        study = self._model.study
        known = study.kept_already(self.proof.exhibit.request) if self.proof else None
        if known is None or self._model.taken_up:
            return self.next_number()
        return numbers_and_labels(study.parts, self._model.style)[known.id][0]

    def next_number(self) -> str:
        """The number that the exhibit would get if it were kept now: that of the one it takes the place of, or the next."""
        taken = numbers_and_labels(self._model.study.parts, self._model.style).get(self._model.taken_up)
        if taken is not None:
            return taken[0]
        figure = self.proof.exhibit.is_figure if self.proof else False
        return str(1 + sum(kept.is_figure == figure for kept in self._model.study.kept))

    def keep(self) -> None:
        """The exhibit as it is goes into the manuscript."""
        if self.proof is None:
            return
        exhibit = self.proof.exhibit
        kept = Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)
        old, self._model.taken_up = self._model.taken_up, ""
        known = any(part.id == old for part in self._model.study.parts)
        self._model.do(Exchange(old, kept) if known else Keep(kept))
