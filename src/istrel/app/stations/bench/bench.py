"""The Bench put together: a change of the sentence, typed or clicked, leads to a new proof; the last good one stays."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QWidget

from istrel.app.bridge import StudyModel
from istrel.app.proof.cases import link_cases
from istrel.app.proof.jobs import Proof, make_proof
from istrel.app.proof.margin import ProofDesk
from istrel.app.stations.bench.forms_row import FormsRow
from istrel.app.stations.bench.offers import Offers
from istrel.app.stations.bench.sentence_line import SentenceLine
from istrel.app.stations.bench.settings_column import SettingsColumn
from istrel.app.stations.bench.strip import Strip
from istrel.app.widgets.simple import box, column, label, row
from istrel.exhibits.setting import Remedy
from istrel.problem import Problem
from istrel.sentence import parse, parse_condition
from istrel.sentence.complete import complete
from istrel.sentence.edit import groups_of, names_of, toggle_group, toggle_subject, with_form
from istrel.sentence.names import Typed, with_names_quoted, without_quotes
from istrel.sentence.request import Request, show
from istrel.sentence.vocabulary import FORMS
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.manuscript import Keep
from istrel.study.manuscript import numbers_of
from istrel.study.study import Kept

PAUSE_MS = 30
MOST_VALUES = 40


class Bench(QWidget):
    """The third station."""

    proof_made = Signal(object)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._request: Request | None = None
        self.proof: Proof | None = None
        self.strip = Strip(model)
        self.line = SentenceLine()
        self.line.understand = self._understood
        self.offers = Offers()
        self.message = label("", "error", wrap=True)
        self.desk = ProofDesk()
        self.forms = FormsRow()
        self.settings = SettingsColumn()
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(PAUSE_MS)
        self._lay_out()
        self._connect()
        self.refresh()

    def _lay_out(self) -> None:
        layout = row(self)
        layout.addWidget(self.strip)
        right = QWidget()
        layout.addWidget(right, 1)
        rows = column(right)
        top = box("surface")
        inside = column(top, margins=(24, 12, 24, 8), spacing=2)
        inside.addWidget(self.line)
        inside.addWidget(self.message)
        inside.addWidget(self.offers)
        rows.addWidget(top)
        middle = row()
        rows.addLayout(middle, 1)
        proof = column()
        self.message.hide()
        self.empty = label(
            "Click a variable on the left, or type a sentence: describe age across site", "small", wrap=True
        )
        self.empty.setContentsMargins(40, 32, 40, 0)
        proof.addWidget(self.empty)
        proof.addWidget(self.desk, 1)
        proof.addWidget(self.forms)
        middle.addLayout(proof, 1)
        middle.addWidget(self.settings)

    def _connect(self) -> None:
        self._pause.timeout.connect(self.make)
        self.line.edited.connect(self._typed)
        self.line.cursorPositionChanged.connect(self._offer)
        self.line.take_suggestion.connect(self.offers.take_first)
        self.line.to_suggestions.connect(self.offers.enter)
        self.offers.taken.connect(self.line.complete)
        self.offers.left.connect(self.line.setFocus)
        self.strip.subject_chosen.connect(self.toggle_subject)
        self.strip.group_chosen.connect(self.toggle_group)
        self.forms.chosen.connect(self._set_form)
        self.settings.request_changed.connect(self.write)
        self.settings.keep.connect(self.keep)
        self.desk.remedy_chosen.connect(self._apply)
        link_cases(self.desk.paper, self._model, lambda: self._model.study.current)
        self._model.changed.connect(self._study_changed)
        self._model.facts_ready.connect(self.refresh)
        self._model.opened.connect(self._reset)

    def refresh(self) -> None:
        """Show variables and drawings as they stand."""
        self.strip.refresh()
        self._offer()
        self._show_forms()

    def _reset(self) -> None:
        self.line.set_sentence("")
        self._say("")
        self.desk.clear()
        self.settings.forget()
        self.strip.mark((), ())
        self.proof, self._request = None, None
        self.empty.show()
        self.refresh()

    def say(self, sentence: str) -> None:
        """Write a sentence and set it."""
        self.line.set_sentence(
            without_quotes(sentence, self._model.study.codebook) if self._model.is_open else sentence
        )
        self.make()

    def write(self, request: Request) -> None:
        """A request made by clicks becomes the sentence."""
        self.say(show(request))

    def toggle_subject(self, name: str) -> None:
        request = toggle_subject(self._request, name)
        if request is None:
            self._reset()
        else:
            self.write(request)

    def toggle_group(self, name: str) -> None:
        if self._request is None:
            self._say("Choose first what to describe; then “by” makes the groups.")
        else:
            self.write(toggle_group(self._request, name))

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
            among = parse_condition(condition)
        except Problem as problem:
            self._model.trouble.emit(problem.message)
            return False
        self.write(replace(self._request, among=among))
        return True

    def _typed(self, text: str) -> None:
        del text
        self._offer()
        self._pause.start()

    def _offer(self) -> None:
        """What may follow at the cursor."""
        if not self._model.is_open:
            return
        typed, cursor = self._understood(self.line.sentence()), self.line.textCursor().position()
        names = self._model.study.table.names
        offers = complete(typed.text, typed.inner(cursor), names, self._values())
        self.offers.offer(replace(offers, start=typed.place(offers.start)))

    def _understood(self, text: str) -> Typed:
        """What was typed, with names of several words taken as such."""
        return with_names_quoted(text, self._model.study.codebook) if self._model.is_open else Typed(text)

    def _values(self) -> dict[str, tuple[str, ...]]:
        facts = self._model.facts
        return {
            name: tuple(label for label, _ in fact.most_frequent)
            for name, fact in facts.items()
            if fact.distinct <= MOST_VALUES
        }

    def make(self) -> None:
        """Set the sentence as it stands; a mistake is shown under its word and the last good proof stays."""
        self._pause.stop()
        text = self.line.sentence()
        typed = self._understood(text)
        if not self._model.is_open or not text.strip():
            self._say("")
            self.line.show_mistake(-1, 0)
            return
        try:
            self._request = parse(typed.text)
        except Problem as problem:
            self._show_mistake(typed.told(problem))
            return
        self.strip.mark(names_of(self._request), groups_of(self._request))
        study, style = self._model.study, self._model.style
        self._model.background.submit(
            "proof", lambda: make_proof(text, study.source, style), self._show, self._show_mistake
        )

    def _show_mistake(self, problem: Problem) -> None:
        self._say(problem.message)
        self.line.show_mistake(problem.at, problem.length)

    def _say(self, message: str) -> None:
        """A line under the sentence; nothing hides it."""
        self.message.setText(message)
        self.message.setVisible(bool(message))

    def _show(self, proof: Proof) -> None:
        self.proof = proof
        self._say("")
        self.line.show_mistake(-1, 0)
        self.empty.hide()
        self.desk.show_proof(proof, self._model.style, self.next_number())
        self.settings.show_exhibit(proof.exhibit, self._label(), self._model.style.name)
        self._show_forms()
        self.proof_made.emit(proof)

    def next_number(self) -> str:
        """The number that the exhibit would get if it were kept now."""
        figure = self.proof.exhibit.is_figure if self.proof else False
        return str(1 + sum(kept.is_figure == figure for kept in self._model.study.kept))

    def _label(self) -> str:
        assert self.proof is not None
        style = self._model.style.figure if self.proof.exhibit.is_figure else self._model.style.table
        return style.label.format(number=self.next_number())

    def _show_forms(self) -> None:
        names = names_of(self._request) if self._request else ()
        facts = tuple(self._model.facts[name] for name in names if name in self._model.facts)
        current = self.proof.exhibit.form if self.proof else ""
        self.forms.show_forms_of(self._request.verb if self._request else "describe")
        for form, picture in self.forms.pictures.items():
            reason = "" if self._request else "nothing to set yet"
            if FORMS[form].drawn:
                words = [f.name for f in facts if f.mean is None]
                reason = reason or (f"“{words[0]}” holds no numbers" if words else "")
            picture.offer(facts, reason, current=form == current)

    def _apply(self, remedy: Remedy) -> None:
        """A margin note's remedy: another sentence, or a change of the codebook."""
        if remedy.sentence:
            self.say(remedy.sentence)
        elif remedy.code is not None:
            self._model.do(TreatAsMissing((remedy.variable,), (remedy.code,)))

    def _study_changed(self) -> None:
        self.strip.refresh()
        self.make()

    def keep(self) -> None:
        """The exhibit as it is goes into the manuscript."""
        if self.proof is None:
            return
        exhibit = self.proof.exhibit
        self._model.do(Keep(Kept(exhibit.sentence, numbers_of(exhibit), exhibit.is_figure)))
