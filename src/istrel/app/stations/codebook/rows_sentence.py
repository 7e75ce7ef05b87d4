"""The sentence at the head of the Codebook: what each row is. Its words are changed where they stand."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QLabel, QMenu, QPushButton, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button, column, label, passing
from istrel.app.words import tr
from istrel.data.dataset import Dataset
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.series import OCCASION, Series, series_in
from istrel.data.sets import AnswerSet, sets_in
from istrel.english import english
from istrel.sentence.quoting import show_name
from istrel.study.changes.codebook import SetRows
from istrel.study.rows import called, offers

MOST_SERIES, MOST_MEMBERS = 6, 5
NOTHING = {
    "person": english("a case of its own"),
    "occasion": english("in no order"),
    "counted": english("1 case"),
    "weight": english("no weights"),
    "strata": english("no strata"),
    "clusters": english("no clusters"),
}

ROLES = {"strata": english("strata"), "clusters": english("clusters")}


class RowsSentence(QWidget):
    """Reads “Each row is one session of one learner”; a word offers what the data could mean by it. Below it, which measures stand
    in several columns: `bench_wanted(sentence)` asks for one across its occasions.
    """

    bench_wanted = Signal(str)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        layout = column(self, margins=(30, 0, 16, 10))
        self._said: list[str] = []
        self.words = FlowBox(spacing=5)
        layout.addWidget(self.words)
        self.series = FlowBox(spacing=5)
        layout.addWidget(self.series)
        self.series.hide()

    @property
    def text(self) -> str:
        """The sentence as it reads."""
        return " ".join(self._said)

    def refresh(self) -> None:
        """Say it as it stands."""
        self.words.clear()
        self._said = []
        rows = self._model.study.codebook.rows
        for say in (self._of_persons, self._of_counts, self._of_weights):
            say(rows)
        if rows.guessed:
            self._word(tr("A guess:"))
            self._link(tr("keep it"), partial(self._set, replace(rows, guessed=False)))
            self._word(tr("or"))
            self._link(tr("undo it"), partial(self._set, EACH_ITS_OWN))
        self.words.arrange()
        data = self._model.study.data
        self._model.background.submit("series", lambda: _together(data), self._show_together)

    def _show_together(self, found: tuple[tuple[Series, ...], tuple[AnswerSet, ...]]) -> None:
        """The measures in several columns, each with its occasions; the questions with several answers."""
        series, sets = found
        self.series.clear()
        self.series.setVisible(bool(series or sets))
        measures = [
            (one.name, f"describe {show_name(one.name)} across {OCCASION} with difference, test", one.occasions)
            for one in series
        ]
        questions = [(one.name, f"count {show_name(one.name)} with order = frequency", one.answers) for one in sets]
        for words, parts in ((tr("In several columns:"), measures), (tr("With several answers:"), questions)):
            self._offered_together(words, parts)
        self.series.arrange()

    def _offered_together(self, words: str, parts: list[tuple[str, str, tuple[str, ...]]]) -> None:
        """What is found together, each with a click that asks for it."""
        if not parts:
            return
        self.series.add(label(words, "small"))
        for name, sentence, members in parts[:MOST_SERIES]:
            self.series.add(button(name, "link", partial(self.bench_wanted.emit, sentence), tip=sentence))
            more = ", …" if len(members) > MOST_MEMBERS else ""
            self.series.add(label(f"({', '.join(members[:MOST_MEMBERS])}{more})", "small"))
        if len(parts) > MOST_SERIES:
            self.series.add(label(tr("and {n:,} more", n=len(parts) - MOST_SERIES), "small"))

    def _of_persons(self, rows: Rows) -> None:
        if rows.counted:
            return
        if not rows.person:
            self._word(tr("Each row is"))
            self._choice(tr("a case of its own"), "person")
            return
        self._word(tr("Each row is one"))
        self._choice(self._title(rows.occasion) if rows.occasion else tr("occasion"), "occasion")
        self._word(tr("of one"))
        self._choice(self._title(rows.person), "person")

    def _of_counts(self, rows: Rows) -> None:
        if rows.counted:
            self._word(tr("Each row stands for as many cases as"))
            self._choice(self._title(rows.counted), "counted")
            self._word(tr("says"))
        elif not rows.person:
            self._word(tr("and stands for"))
            self._choice(tr("1 case"), "counted")

    def _of_weights(self, rows: Rows) -> None:
        if rows.counted:
            return
        if not rows.weight:
            self._word("·")
            self._choice(tr("no weights"), "weight")
            return
        self._word(tr("· weighted by"))
        self._choice(self._title(rows.weight), "weight")
        for role in ("strata", "clusters"):
            name = getattr(rows, role)
            if name:
                self._word(tr("in {role} by", role=tr(ROLES[role])))
            self._choice(self._title(name) if name else tr(NOTHING[role]), role)

    def _title(self, name: str) -> str:
        return called(name, self._model.study.codebook)

    def _word(self, text: str) -> None:
        self._add(label(text))

    def _add(self, word: QLabel | QPushButton) -> None:
        self._said.append(word.text())
        self.words.add(word)

    def _link(self, text: str, call: Callable[[], object]) -> None:
        self._add(button(text, "link", call))

    def _choice(self, text: str, role: str) -> None:
        made = button(text, "link", lambda: None, tip=tr("say what a row is"))
        made.clicked.connect(partial(self._offer, role, made))
        self._add(made)

    def _offer(self, role: str, under: QPushButton) -> None:
        """What the data could mean by a role, and nothing: looked for in the background, for it reads whole columns."""
        data, distinct = self._model.study.data, self._distinct()

        def told(found: tuple[str, ...]) -> None:
            self.menu(role, found).popup(under.mapToGlobal(under.rect().bottomLeft()))

        self._model.background.submit("row offers", lambda: offers(role, data, distinct), told)

    def menu(self, role: str, found: tuple[str, ...]) -> QMenu:
        """The offers of a role."""
        menu, rows = passing(QMenu(self)), self._model.study.codebook.rows
        said = getattr(rows, role)
        for name in found:
            entry = menu.addAction(self._offered(role, name), partial(self._choose, role, name))
            entry.setCheckable(True)
            entry.setChecked(name == said)
        if menu.actions():
            menu.addSeparator()
        entry = menu.addAction(tr(NOTHING[role]), partial(self._choose, role, ""))
        entry.setCheckable(True)
        entry.setChecked(not said)
        return menu

    def _distinct(self) -> dict[str, int]:
        return {name: facts.distinct for name, facts in self._model.found.facts.items()}

    def _offered(self, role: str, name: str) -> str:
        title = self._title(name)
        return {
            "person": tr("an occasion of one {title}", title=title),
            "occasion": tr("one {title}", title=title),
            "counted": tr("as many as {title} says", title=title),
            "weight": tr("weighted by {title}", title=title),
            "strata": tr("strata by {title}", title=title),
            "clusters": tr("clusters by {title}", title=title),
        }[role]

    def _choose(self, role: str, name: str) -> None:
        rows = self._model.study.codebook.rows
        if role == "counted":
            self._set(Rows(counted=name))
        elif role == "person":
            kept = rows.occasion if name and rows.occasion != name else ""
            self._set(replace(rows, person=name, occasion=kept, counted=""))
        elif role == "weight":
            self._set(replace(rows, weight=name) if name else rows.without({rows.weight}))
        else:
            self._set(replace(rows, **{role: name}))  # type: ignore[arg-type]  # roles are names

    def _set(self, rows: Rows) -> None:
        self._model.do(SetRows(rows))


def _together(data: Dataset) -> tuple[tuple[Series, ...], tuple[AnswerSet, ...]]:
    return series_in(data.codebook, data.table), sets_in(data)
