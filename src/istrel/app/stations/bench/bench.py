"""The Bench put together: a change of the sentence, typed or clicked, leads to a new proof; the last good one stays."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import Opener
from istrel.app.proof.jobs import Proof
from istrel.app.proof.margin import ProofDesk
from istrel.app.proof.unmended import unmended
from istrel.app.stations.bench.clicks import Clicks
from istrel.app.stations.bench.draft import Draft
from istrel.app.stations.bench.empty_desk import EmptyDesk
from istrel.app.stations.bench.forms_row import FormsRow
from istrel.app.stations.bench.pictures import Pictures
from istrel.app.stations.bench.settings_column import SettingsColumn
from istrel.app.stations.bench.strip import Strip
from istrel.app.stations.bench.writing import Writing
from istrel.app.widgets.simple import column, row
from istrel.data.screening import Finding
from istrel.exhibits.setting import MarginNote
from istrel.problem import Problem
from istrel.sentence import parse
from istrel.sentence.edit import groups_of, names_of
from istrel.sentence.spans import words_in
from istrel.study.remedies import change_of

STALE_MS = 150


class Bench(QWidget):
    """The third station: the strip, the sentence over the proof, the forms below it, the settings beside it."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self.draft = Draft(model, self)
        self.strip, self.writing = Strip(model), Writing(model)
        self.clicks = Clicks(model, self.draft, self.writing)
        self.desk, self.empty = ProofDesk(), EmptyDesk()
        self.forms, self.settings = FormsRow(), SettingsColumn()
        self.pictures = Pictures(model, self.draft, self.forms)
        self._stale = QTimer(self)  # a proof that comes at once is not dimmed before
        self._stale.setSingleShot(True)
        self._stale.setInterval(STALE_MS)
        self._refused = False  # whether the sentence as it stands cannot be set from the data as they stand
        self._lay_out()
        self._connect()
        self.refresh()

    def _lay_out(self) -> None:
        layout = row(self)
        layout.addWidget(self.strip)
        right = QWidget()
        layout.addWidget(right, 1)
        rows = column(right)
        rows.addWidget(self.writing)
        middle = row()
        rows.addLayout(middle, 1)
        proof = column()
        proof.addWidget(self.empty, 1)
        proof.addWidget(self.desk, 1)
        proof.addWidget(self.forms)
        self.desk.hide()
        middle.addLayout(proof, 1)
        middle.addWidget(self.settings)

    def _connect(self) -> None:
        self.writing.wanted.connect(self.make)
        self.writing.changed.connect(self._sentence_changed)
        self._stale.timeout.connect(self._show_whose)
        self.draft.set_on_paper.connect(self._show)
        self.draft.tried.connect(self._show_on_desk)
        self.strip.subjects_chosen.connect(self.clicks.toggle_subjects)
        self.strip.groups_chosen.connect(self.clicks.toggle_groups)
        self.empty.chosen.connect(self.writing.say)
        self.forms.chosen.connect(self.clicks.set_form)
        self.settings.request_changed.connect(self.clicks.write)
        self.settings.keep.connect(self.keep)
        self.desk.remedy_chosen.connect(self.clicks.remedy)
        self.desk.mended.connect(lambda remedy: self._model.do(change_of(remedy.action)))
        self.desk.rows_wanted.connect(self._show_rows)
        self.desk.limits.condition_wanted.connect(self._limit_between)
        self.desk.limits.bands_wanted.connect(self.clicks.make_bands)
        self.desk.paper.setting_dragged.connect(self.clicks.drag_setting)
        self.settings.setting_dragged.connect(self.clicks.drag_setting)
        self.opener = Opener(self.desk.paper, self._model, lambda: self._model.study.current)
        self._model.changed.connect(self._study_changed)
        self._model.found.facts_ready.connect(self.refresh)
        self._model.found.findings_ready.connect(self._show_unmended)
        self._model.opened.connect(self._reset)
        self._model.closed.connect(self._clear_desk)

    def refresh(self) -> None:
        """Show variables and drawings as they stand."""
        self.strip.refresh()
        self.writing.offer()
        self.pictures.show()
        if self.draft.proof is None and self.draft.request is None:
            self._offer_beginnings()

    def _offer_beginnings(self) -> None:
        if self._model.is_open:
            self.empty.offer(self._model.study.codebook)

    def _reset(self) -> None:
        self.writing.forget()
        self._clear_desk()
        self.refresh()

    def _clear_desk(self) -> None:
        """No sentence: nothing to be seen, nothing to keep."""
        self._refused = False
        self.draft.forget()
        self.pictures.clear()
        self.desk.clear()
        self.settings.forget()
        self.strip.mark((), ())
        self.desk.hide()
        self.empty.show()
        self._offer_beginnings()

    def _study_changed(self) -> None:
        self.strip.refresh()
        self.make()

    def make(self) -> None:
        """Set the sentence as it stands; a mistake is shown under its word and the last good proof stays."""
        typed = self.writing.typed()
        if not self._model.is_open or not self.writing.line.sentence().strip():
            self.writing.no_mistake()
            self._clear_desk()
            return
        try:
            request = parse(typed.text)
        except Problem as problem:
            self.writing.show_mistake(typed.told(problem))
            return
        self.strip.mark(names_of(request), groups_of(request))
        if self.draft.proof is None:
            self.empty.wait()
        self.draft.make(request, lambda problem: self._cannot_be_set(typed.told(problem)))

    def _cannot_be_set(self, problem: Problem) -> None:
        self._refused = True
        if self.draft.proof is None:
            self._offer_beginnings()
        self.writing.show_mistake(problem)
        self._show_whose()

    def _show(self, proof: Proof) -> None:
        self._refused = False
        self.empty.hide()
        self.desk.show()
        self._show_on_desk(proof)
        label = self._model.style.label_of(self.draft.next_number(), is_figure=proof.exhibit.is_figure)
        self.settings.show_exhibit(proof.exhibit, label, self._model.style.name)
        if self.is_whose():
            self.writing.no_mistake()
            self.writing.settle()
        self._show_whose()
        self.pictures.begin()

    def _show_on_desk(self, proof: Proof) -> None:
        self.desk.show_proof(proof, self._model.style, self.draft.number())
        self._model.background.submit("counsel", lambda: proof.exhibit.counsel, partial(self._counsel, proof))

        self._show_unmended()

    def _show_unmended(self) -> None:
        """What makes the numbers of these variables wrong until it is mended, once that is known."""
        proof = self.draft.proof
        if proof is not None and self._model.is_open:
            known = self._model.found.is_of(self._model.study.source)
            names = frozenset(words_in(proof.exhibit.sentence))
            found = self._model.found.findings if known else ()
            self.desk.show_unmended(unmended(found, names, proof.exhibit.margin))

    def _show_rows(self, finding: Finding) -> None:
        self._model.cases_wanted.emit(finding.rows, finding.line, finding.variables[0] if finding.variables else "")

    def _counsel(self, proof: Proof, notes: tuple[MarginNote, ...]) -> None:
        if self.draft.proof is proof:
            self.desk.show_counsel(notes)

    def _limit_between(self, condition: str) -> None:
        self.desk.paper.handles.clear()
        self.clicks.limit_between(condition)

    # Whose the proof is.
    def is_whose(self) -> bool:
        """Whether the proof is that of the sentence and the data as they stand."""
        try:
            return not self._refused and self.draft.is_of(parse(self.writing.typed().text))
        except Problem:
            return False

    def _sentence_changed(self) -> None:
        if self.draft.proof is not None:
            self._stale.start()

    def _show_whose(self) -> None:
        """A proof of another sentence is dimmed and cannot be kept."""
        self._stale.stop()
        if self.draft.proof is not None:
            whose = self.is_whose()
            self.desk.dim(not whose)
            self.settings.keep_button.setEnabled(whose)

    def keep(self) -> None:
        """What is on paper goes into the manuscript, if it is what the sentence says."""
        if self.is_whose():
            self.draft.keep()
