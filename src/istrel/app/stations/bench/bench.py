"""The Bench put together: a change of the sentence, typed or clicked, leads to a new proof; the last good one stays."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from functools import partial

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import link_cases
from istrel.app.proof.jobs import Proof, make_proof
from istrel.app.proof.margin import ProofDesk
from istrel.app.proof.thumbnails import make_thumbnail, thumbnail_of
from istrel.app.stations.bench.empty_desk import EmptyDesk
from istrel.app.stations.bench.forms_row import FormsRow
from istrel.app.stations.bench.settings_column import SettingsColumn
from istrel.app.stations.bench.strip import Strip
from istrel.app.stations.bench.writing import Writing
from istrel.app.widgets.simple import column, row
from istrel.data.derive import free_name
from istrel.exhibits.setting import Remedy
from istrel.problem import Problem
from istrel.sentence import parse, parse_condition, parse_expression
from istrel.sentence.chips import put_in
from istrel.sentence.edit import groups_of, names_of, toggle_group, toggle_subject, with_form, with_setting
from istrel.sentence.names import understood_condition
from istrel.sentence.request import Request, show
from istrel.sentence.settings import fitting_settings
from istrel.sentence.show_formula import show_condition
from istrel.sentence.vocabulary import SETTINGS, VERBS, Setting
from istrel.study.changes.codebook import Derive, TreatAsMissing
from istrel.study.changes.manuscript import Exchange, Keep
from istrel.study.labels import numbers_and_labels
from istrel.study.manuscript import numbers_of
from istrel.study.parts import Kept

STALE_MS, IDLE_MS = 150, 180
MOST_PICTURED = 300_000  # cases; of more the other forms are not pictured


class Bench(QWidget):
    """The third station."""

    proof_made = Signal(object)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._request: Request | None = None
        self.proof: Proof | None = None
        self.strip = Strip(model)
        self.writing = Writing(model)
        self.line, self.offers, self.message = self.writing.line, self.writing.offers, self.writing.message
        self.desk = ProofDesk()
        self.empty = EmptyDesk()
        self.forms = FormsRow()
        self.settings = SettingsColumn()
        self._stale = QTimer(self)  # a proof that comes at once is not dimmed before
        self._stale.setSingleShot(True)
        self._stale.setInterval(STALE_MS)
        self._idle = QTimer(self)  # the other forms are pictured when nothing more is wanted
        self._idle.setSingleShot(True)
        self._idle.setInterval(IDLE_MS)
        self._unfit: dict[str, str] = {}
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
        self._idle.timeout.connect(self._picture_forms)
        self.strip.subjects_chosen.connect(self.toggle_subjects)
        self.strip.groups_chosen.connect(self.toggle_groups)
        self.empty.chosen.connect(self.say)
        self.forms.chosen.connect(self._set_form)
        self.settings.request_changed.connect(self.write)
        self.settings.keep.connect(self.keep)
        self.desk.remedy_chosen.connect(self._apply)
        self.desk.limits.condition_wanted.connect(self._limit_between)
        self.desk.limits.bands_wanted.connect(self._make_bands)
        self.desk.paper.setting_dragged.connect(self._drag_setting)
        self.settings.setting_dragged.connect(self._drag_setting)
        link_cases(self.desk.paper, self._model, lambda: self._model.study.current)
        self._model.changed.connect(self._study_changed)
        self._model.facts_ready.connect(self.refresh)
        self._model.opened.connect(self._reset)

    def refresh(self) -> None:
        """Show variables and drawings as they stand."""
        self.strip.refresh()
        self.writing.offer()
        self._show_forms()
        if self.proof is None and self._request is None and self._model.is_open:
            self.empty.offer(self._model.study.codebook)

    def _reset(self) -> None:
        self.writing.forget()
        self._clear_desk()
        self.refresh()

    def _clear_desk(self) -> None:
        """No sentence: nothing to be seen, nothing to keep."""
        self._model.background.cancel("proof")
        self._forget_forms()
        for picture in self.forms.pictures.values():
            picture.show_scene(None)
        self.desk.clear()
        self.settings.forget()
        self.strip.mark((), ())
        self.proof, self._request = None, None
        self.desk.hide()
        self.empty.show()
        self._show_forms()
        if self._model.is_open:
            self.empty.offer(self._model.study.codebook)

    def say(self, sentence: str) -> None:
        """Write a sentence and set it."""
        self.writing.say(sentence)

    def write(self, request: Request) -> None:
        """A request made by clicks becomes the sentence."""
        self.say(show(request))

    def toggle_subjects(self, names: Sequence[str]) -> None:
        """Variables go into the sentence together; those that all stand in it go out.

        A sentence that is not whole gets them where it ends.
        """
        text = self.writing.typed().text
        request = self._whole(text)
        if request is None:
            self.say(put_in(text, len(text), names))
            return
        known = set(names_of(request))
        changed: Request | None = request
        for name in names if known.issuperset(names) else [name for name in names if name not in known]:
            changed = toggle_subject(changed, name)
        self.say(show(changed) if changed else "")

    def _whole(self, text: str) -> Request | None:
        """What the sentence asks for; None while it is not whole."""
        try:
            return parse(text)
        except Problem:
            return None

    def toggle_groups(self, names: Sequence[str]) -> None:
        if self._request is None:
            self.writing.say_below("Choose first what to describe; then “by” makes the groups.")
            return
        request = self._request
        for name in names:
            request = toggle_group(request, name)
        self.write(request)

    def fitting_settings(self) -> tuple[Setting, ...]:
        """The settings that the sentence as it was last understood can have."""
        if self._request is None:
            return ()
        form = self.proof.exhibit.form if self.proof else self._request.shape
        against, groups = bool(self._request.against), bool(self._request.across)
        return fitting_settings(self._request.verb, form, against=against, groups=groups)

    def begin_setting(self, name: str) -> None:
        """Write a setting at the end of the sentence; what it takes is offered, or typed."""
        if self._request is not None:
            request = with_setting(self._request, name, None)
            glue = ", " if request.settings.said else " with "
            self.writing.begin(f"{show(request)}{glue}{name} = ")

    def _set_form(self, form: str) -> None:
        if self._request is not None:
            self.write(with_form(self._request, form))

    @property
    def has_sentence(self) -> bool:
        return self._request is not None

    def limit(self, condition: str) -> bool:
        """Limit the exhibit, and it alone, to the cases that meet a condition; False where the condition is wrong."""
        if self._request is None:
            return False
        try:
            among = parse_condition(understood_condition(condition, self._model.study.codebook).text)
        except Problem as problem:
            self._model.trouble.emit(problem.message)
            return False
        self.write(replace(self._request, among=among))
        return True

    def make(self) -> None:
        """Set the sentence as it stands; a mistake is shown under its word and the last good proof stays."""
        typed = self.writing.typed()
        if not self._model.is_open or not self.writing.sentence.strip():
            self.writing.no_mistake()
            self._clear_desk()
            return
        try:
            self._request = parse(typed.text)
        except Problem as problem:
            self.writing.show_mistake(typed.told(problem))
            return
        self.strip.mark(names_of(self._request), groups_of(self._request))
        if self.proof is None:
            self.empty.wait()
        study, style = self._model.study, self._model.style
        self._model.background.cancel_all("form ")
        self._model.background.submit(
            "proof",
            partial(make_proof, self._request, study.source, style),
            self._show,
            lambda problem: self._cannot_be_set(typed.told(problem)),
        )

    def _drag_setting(self, name: str, value: float, done: bool) -> None:
        """A setting follows the pointer; the sentence has it when it is let go."""
        if self.proof is None:
            return
        request = self._request or self.proof.exhibit.request
        request = with_setting(request, name, None if value == SETTINGS[name].usual else value)
        for other in SETTINGS[name].excludes:
            request = with_setting(request, other, None)
        if done:
            self.write(request)
            return
        study, style = self._model.study, self._model.style
        self._model.background.cancel_all("form ")
        self._model.background.submit("proof", partial(make_proof, request, study.source, style), self._preview)

    def _preview(self, proof: Proof) -> None:
        """The proof while a setting is dragged."""
        self.desk.show_proof(proof, self._model.style, self.number())

    def _limit_between(self, condition: str) -> None:
        """The exhibit is of the cases between the limits, besides what limits it already."""
        among = self._request.among if self._request is not None else None
        self.desk.paper.handles.clear()
        self.limit(f"{show_condition(among)} and {condition}" if among is not None else condition)

    def _make_bands(self, stem: str, formula: str) -> None:
        """A variable that parts the cases at the limits makes the groups."""
        name = free_name(stem, self._model.study.table)
        if self._model.do(Derive(name, parse_expression(formula))):
            self._model.trouble.emit(f"“{name}” parts the cases at the limits; it stands in the codebook.")

    def _cannot_be_set(self, problem: Problem) -> None:
        if self.proof is None and self._model.is_open:
            self.empty.offer(self._model.study.codebook)
        self.writing.show_mistake(problem)

    def _show(self, proof: Proof) -> None:
        self.proof = proof
        self.empty.hide()
        self.desk.show()
        self.desk.show_proof(proof, self._model.style, self.number())
        self.settings.show_exhibit(proof.exhibit, self._label(), self._model.style.name)
        if self.is_whose():
            self.writing.no_mistake()
            self.writing.settle()
        self._show_whose()
        self._forget_forms()
        self._show_forms()
        self._idle.start()
        self.proof_made.emit(proof)

    # Whose the proof is.
    def is_whose(self) -> bool:
        """Whether the proof is that of the sentence as it stands."""
        return self.proof is not None and self._whole(self.writing.typed().text) == self.proof.exhibit.request

    def _sentence_changed(self) -> None:
        if self.proof is not None:
            self._stale.start()

    def _show_whose(self) -> None:
        """A proof of another sentence is dimmed and cannot be kept."""
        self._stale.stop()
        if self.proof is not None:
            whose = self.is_whose()
            self.desk.dim(not whose)
            self.settings.keep_button.setEnabled(whose)

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

    def _label(self) -> str:
        assert self.proof is not None
        return self._model.style.label_of(self.next_number(), is_figure=self.proof.exhibit.is_figure)

    # The other forms.
    def _show_forms(self) -> None:
        """Which forms the verb has; what they look like follows when the desk has come to rest."""
        verb = self._request.verb if self._request else "describe"
        current = self.proof.exhibit.form if self.proof else ""
        self.forms.show_forms_of(verb)
        for form, picture in self.forms.pictures.items():
            reason = self._unfit.get(form, "") if self._request else "nothing to set yet"
            picture.offer(reason, current=form == current)
        self.forms.show_current()

    def _forget_forms(self) -> None:
        """The pictures are of another sentence."""
        self._model.background.cancel_all("form ")
        self._idle.stop()
        self._unfit = {}

    def _picture_forms(self) -> None:
        """Make the pictures of the other forms, one after the other, in the background."""
        if self.proof is None or not self._model.is_open:
            return
        exhibit, source, style = self.proof.exhibit, self._model.study.source, self._model.style
        if self.proof.scene is not None:
            self.forms.pictures[exhibit.form].show_scene(thumbnail_of(self.proof.scene))
        if source.raw.n_rows > MOST_PICTURED:
            return
        for form in VERBS[exhibit.request.verb].forms:
            if form not in ("table", exhibit.form):
                self._model.background.submit(
                    f"form {form}",
                    partial(make_thumbnail, exhibit.request, form, source, style),
                    self.forms.pictures[form].show_scene,
                    partial(self._does_not_fit, form),
                )

    def _does_not_fit(self, form: str, problem: Problem) -> None:
        self._unfit[form] = problem.message
        picture = self.forms.pictures[form]
        picture.show_scene(None)
        picture.offer(problem.message, current=picture.isChecked())

    def _apply(self, remedy: Remedy) -> None:
        """A margin note's remedy: another sentence, or a change of the codebook."""
        if remedy.request is not None:
            self.write(remedy.request)
        elif remedy.code is not None:
            self._model.do(TreatAsMissing((remedy.variable,), (remedy.code,)))

    def _study_changed(self) -> None:
        self.strip.refresh()
        self.make()

    def keep(self) -> None:
        """The exhibit as it is goes into the manuscript."""
        if self.proof is None or not self.is_whose():
            return
        exhibit = self.proof.exhibit
        kept = Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)
        old, self._model.taken_up = self._model.taken_up, ""
        known = any(part.id == old for part in self._model.study.parts)
        self._model.do(Exchange(old, kept) if known else Keep(kept))
