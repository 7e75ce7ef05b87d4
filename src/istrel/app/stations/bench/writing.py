"""The sentence on the Bench: the line, what may stand in it, and what is wrong with it, told when it can no longer become right."""

from __future__ import annotations

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QFrame

from istrel.app.bridge import StudyModel
from istrel.app.stations.bench.formula_chips import formula_at, named
from istrel.app.stations.bench.offers import NAME_IT, TAKE_OUT, Offers
from istrel.app.stations.bench.sentence_line import SentenceLine
from istrel.app.widgets.simple import column, label, say_in
from istrel.app.words import retold
from istrel.problem import Problem
from istrel.sentence.chips import moved, put_in, taken_out
from istrel.sentence.complete import Completion, Suggestion, complete, instead_of
from istrel.sentence.names import Typed, understood

PAUSE_MS, PATIENCE_MS = 30, 1_500
MOST_RECENT = 50


class Writing(QFrame):
    """Above the proof. `wanted` asks for the sentence as it stands to be set; `changed` says that it is another."""

    wanted = Signal()
    changed = Signal()

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("surface")
        self._model = model
        self.line, self.offers = SentenceLine(), Offers()
        self.line.understand = self.understood
        self.message = label("", "error", wrap=True)
        self.message.hide()
        inside = column(self, margins=(24, 12, 24, 8), spacing=2)
        for part in (self.line, self.message, self.offers):
            inside.addWidget(part)
        self._recent: list[str] = []
        self._waiting: Problem | None = None
        self._asked: tuple[object, ...] = ()
        self._last: tuple[str, object, Typed] | None = None
        self._pause, self._patience = _timer(self, PAUSE_MS), _timer(self, PATIENCE_MS)
        self._pause.timeout.connect(self.wanted)
        self._patience.timeout.connect(self._out_of_patience)
        self.line.edited.connect(self._edited)
        self.line.confirmed.connect(self._confirmed)
        self.line.cursorPositionChanged.connect(self.offer)
        self.line.selectionChanged.connect(self.offer)
        self.line.take_suggestion.connect(self.offers.take_first)
        self.line.to_suggestions.connect(self.offers.enter)
        self.line.no_suggestions.connect(self.offers.close_up)
        self.line.earlier_wanted.connect(self._recall)
        self.line.names_dropped.connect(self._dropped)
        self.offers.taken.connect(self._take)
        self.offers.left.connect(self.line.setFocus)

    # What stands there.
    def typed(self) -> Typed:
        """The sentence as the grammar wants it."""
        return self.understood(self.line.sentence())

    def understood(self, text: str) -> Typed:
        """What was typed, with names of several words, labels and parts of names taken as such."""
        if not self._model.is_open:
            return Typed(text)
        codebook = self._model.study.codebook
        if self._last is None or self._last[0] != text or self._last[1] is not codebook:
            self._last = text, codebook, understood(text, codebook)
        return self._last[2]

    def say(self, sentence: str) -> None:
        """Write a sentence made by a click; it is set at once."""
        self.line.set_sentence(sentence)
        self._stop()
        self.changed.emit()
        self.wanted.emit()

    def begin(self, text: str) -> None:
        """Write the beginning of a sentence, to be gone on with."""
        self.line.set_sentence(text)
        self.line.setFocus()
        self._edited()

    def forget(self) -> None:
        """Another study: nothing is written, nothing can be taken back."""
        self.line.forget()
        self._stop()
        self.no_mistake()

    def _stop(self) -> None:
        self._pause.stop()
        self._patience.stop()
        self._waiting = None

    def _edited(self) -> None:
        self._patience.stop()
        self.offer()
        self.changed.emit()
        self._pause.start()

    def _confirmed(self) -> None:
        """Return: set it now, and say what is wrong without waiting."""
        self.offers.close_up()
        self._pause.stop()
        self.changed.emit()
        self.wanted.emit()

    # What is wrong with it.
    def show_mistake(self, problem: Problem) -> None:
        """Tell it at once, or once the word at the cursor can no longer be meant to become something else."""
        if self._may_become(problem):
            self._waiting = problem
            self.say_below("")
            self.line.show_mistake(-1, 0)
            self._patience.start()
        else:
            self._tell(problem)

    def _may_become(self, problem: Problem) -> bool:
        found, text = self.offers.completion, self.line.sentence()
        last = len(text.rstrip())
        at_end = problem.at < 0 or problem.at + problem.length >= min(found.start, last)
        return bool(found.suggestions) and at_end and self.line.place >= last

    def _out_of_patience(self) -> None:
        if self._waiting is not None:
            self._tell(self._waiting)

    def _tell(self, problem: Problem) -> None:
        self._waiting = None
        self.say_below(retold(problem.message))
        self.line.show_mistake(problem.at, problem.length)
        if problem.instead and problem.at >= 0:
            names = self._model.study.codebook.names if self._model.is_open else ()
            kinds = ("variable" if word in names else "correction" for word in problem.instead)
            right = tuple(
                Suggestion(word, kind, "write this") for word, kind in zip(problem.instead, kinds, strict=True)
            )
            self.offers.offer(Completion(problem.at, problem.at + problem.length, right))

    def no_mistake(self) -> None:
        self._waiting = None
        self.say_below("")
        self.line.show_mistake(-1, 0)

    def say_below(self, message: str) -> None:
        """A line under the sentence; nothing hides it."""
        say_in(self.message, message)

    def settle(self) -> None:
        """The sentence was understood: names are shown as they are, and it can be had again."""
        text = self.typed().text.strip()
        if text != self.line.recalled:
            self._recent = [text, *(old for old in self._recent if old != text)][:MOST_RECENT]
        self.line.settle()
        self.offer()

    # What may stand there.
    def offer(self) -> None:
        """What may follow at the cursor; for a chosen chip what could stand in its place."""
        if not self._model.is_open:
            return
        text, codebook = self.line.sentence(), self._model.study.codebook
        chip = self.line.chip()
        asked = text, self.line.place, chip, codebook, len(self._model.found.facts), self._model.found.beside
        if asked == self._asked:  # one key moves the cursor, the selection and the text
            return
        self._asked = asked
        if chip is None:
            known = self._model.found
            self.offers.offer(complete(text, self.line.place, codebook, known.few_values(), known.beside))
            return
        found = instead_of(text, chip, codebook)
        out = () if chip.role == "verb" else (TAKE_OUT,)
        naming = (NAME_IT,) if formula_at(self.typed(), chip.start) is not None else ()
        self.offers.offer(Completion(found.start, found.end, (*out, *naming, *found.suggestions)))

    def _take(self, suggestion: Suggestion) -> None:
        found = self.offers.completion
        if suggestion == TAKE_OUT:
            typed = self.typed()
            self.say(taken_out(typed.text, typed.inner(found.start)))
            self.line.setFocus()
        elif suggestion == NAME_IT:
            self.say(named(self.typed(), found.start, found.end, self._model))
            self.line.setFocus()
        else:
            self.line.complete(found.start, found.end, suggestion.written)

    def _dropped(self, place: int, names: tuple[str, ...], start: int) -> None:
        """Names from the strip are put in where they are dropped; a chip of the sentence is moved."""
        typed = self.typed()
        at = typed.inner(place)
        self.say(put_in(typed.text, at, names) if start < 0 else moved(typed.text, typed.inner(start), at))

    def _recall(self) -> None:
        """The sentence before; again, the one before that."""
        now = self.typed().text.strip()
        place = self._recent.index(now) + 1 if now in self._recent else 0
        if (not now or now == self.line.recalled) and place < len(self._recent):
            self.line.recalled = self._recent[place]
            self.say(self._recent[place])


def _timer(owner: QFrame, milliseconds: int) -> QTimer:
    made = QTimer(owner)
    made.setSingleShot(True)
    made.setInterval(milliseconds)
    return made
