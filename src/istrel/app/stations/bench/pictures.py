"""The other forms of what is on paper, pictured when the desk has come to rest; those that do not fit say why."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QObject, QTimer

from istrel.app.bridge import StudyModel
from istrel.app.proof.thumbnails import make_thumbnail, thumbnail_of
from istrel.app.stations.bench.draft import PICTURE, Draft
from istrel.app.stations.bench.forms_row import FormsRow
from istrel.app.words import retold, tr
from istrel.problem import Problem
from istrel.sentence.vocabulary import FORMS, VERBS

IDLE_MS = 180
MOST_PICTURED = 300_000  # cases; of more the other forms are not pictured


class Pictures(QObject):
    """Fills the row of forms."""

    def __init__(self, model: StudyModel, draft: Draft, row: FormsRow) -> None:
        super().__init__(row)
        self._model, self._draft, self._row = model, draft, row
        self.unfit: dict[str, str] = {}  # {form: why it does not fit}
        self._idle = QTimer(self)
        self._idle.setSingleShot(True)
        self._idle.setInterval(IDLE_MS)
        self._idle.timeout.connect(self._picture)

    def show(self) -> None:
        """Which forms the verb has; what they look like follows."""
        request, proof = self._draft.request, self._draft.proof
        current = proof.exhibit.form if proof else ""
        self._row.show_forms_of(request.verb if request else "describe")
        for form, picture in self._row.pictures.items():
            reason = self.unfit.get(form, "") if request else tr("nothing to set yet")
            picture.offer(reason, current=form == current)
        self._row.show_current()

    def begin(self) -> None:
        """Something else is on paper."""
        self.forget()
        self.show()
        self._idle.start()

    def forget(self) -> None:
        """The pictures are of another sentence."""
        self._model.background.cancel_all(PICTURE)
        self._idle.stop()
        self.unfit = {}

    def clear(self) -> None:
        """Nothing is on paper."""
        self.forget()
        for picture in self._row.pictures.values():
            picture.show_scene(None)
        self.show()

    def _picture(self) -> None:
        proof = self._draft.proof
        if proof is None or not self._model.is_open:
            return
        exhibit, source, style = proof.exhibit, self._model.study.source, self._model.style
        if proof.scene is not None:
            self._row.pictures[exhibit.form].show_scene(thumbnail_of(proof.scene))
        if source.raw.n_rows > MOST_PICTURED:
            return
        for form in VERBS[exhibit.request.verb].forms:
            if FORMS[form].drawn and form != exhibit.form:
                self._model.background.submit(
                    f"{PICTURE}{form}",
                    partial(make_thumbnail, exhibit.request, form, source, style),
                    self._row.pictures[form].show_scene,
                    partial(self._does_not_fit, form),
                )

    def _does_not_fit(self, form: str, problem: Problem) -> None:
        self.unfit[form] = retold(problem.message)
        picture = self._row.pictures[form]
        picture.show_scene(None)
        picture.offer(retold(problem.message), current=picture.isChecked())
