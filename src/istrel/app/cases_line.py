"""The cases line at the foot of every station: the source, the cases in use, the condition, undo, and what is going on."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QPoint, Signal
from PySide6.QtWidgets import QFrame

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.reading import READING, cancel
from istrel.app.widgets.simple import button, label, passing, row
from istrel.app.words import retold, tr
from istrel.english import english

if TYPE_CHECKING:
    from istrel.app.widgets.condition_line import ConditionLine
    from istrel.data.codebook import Codebook
    from istrel.problem import Problem


class CasesLine(QFrame):
    """Always there; says whose cases are being worked on."""

    cases_wanted = Signal()
    file_wanted = Signal()
    combine_wanted = Signal()
    writing = Signal(bool)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("foot")
        self.setFixedHeight(theme.FOOT)
        self._model = model
        self._layout = layout = row(self, margins=(16, 0, 16, 0), spacing=12)
        self.source = button(tr("no data yet"), "strong", self.choose_source, tip=tr("the source in use"))
        self.cases = label("")
        self.chip = button("", "condition", self.lift, tip=tr("all cases in use again"))
        self.add = button(tr("+ condition"), "plain", self.write, tip=tr("limit the cases in use"))
        self.edit: ConditionLine | None = None
        self.trouble = label("")
        self.busy = label("")
        self._words = ""
        self.cancel = button(tr("cancel"), "plain", partial(cancel, model), tip=tr("stop reading"))
        self.undo = button("", "plain", model.undo)
        self.drawer = button(tr("cases ▴"), "plain", self.cases_wanted.emit, tip=tr("show the cases  Ctrl+D"))
        for widget in (self.source, self.cases, self.chip, self.add, self.trouble):
            layout.addWidget(widget)
        layout.addStretch()
        for widget in (self.busy, self.cancel, self.undo, self.drawer):
            layout.addWidget(widget)
        model.changed.connect(self.refresh)
        model.closed.connect(self.refresh)
        model.trouble.connect(self._say)
        model.background.busy_changed.connect(self._busy)
        model.background.progress.connect(self._progress)
        self.cancel.hide()
        self.refresh()

    def _busy(self, words: str) -> None:
        """What is going on; reading can be cancelled."""
        self._words = words
        self.busy.setText(f"{words} …" if words else "")
        self.cancel.setVisible(self._model.background.runs(READING))

    def _progress(self, share: float) -> None:
        if self._words and self._model.background.runs(READING):
            self.busy.setText(f"{self._words} … {100 * share:.0f} %")

    def choose_source(self) -> None:
        """The sources of the study; the one in use is checked."""
        from PySide6.QtWidgets import QMenu

        from istrel.study.changes.sources import UseSource

        if not self._model.is_open:
            return
        menu = passing(QMenu(self))
        for source in self._model.study.sources:
            entry = menu.addAction(source.name)
            entry.setCheckable(True)
            entry.setChecked(source.id == self._model.study.current)
            entry.triggered.connect(lambda _=False, s=source.id: self._model.do(UseSource(s)))
        menu.addSeparator()
        menu.addAction(tr("Add data…")).triggered.connect(self.file_wanted)
        menu.addAction(tr("Join, stack, reshape…")).triggered.connect(self.combine_wanted)
        menu.popup(self.source.mapToGlobal(self.source.rect().topLeft() - QPoint(0, menu.sizeHint().height())))

    def refresh(self) -> None:
        """Show source, cases and condition as they stand."""
        if self.edit is not None:
            self.edit.clear()
            self.edit.hide()
        self.writing.emit(False)
        self.trouble.setText("")
        open_ = self._model.is_open
        self.add.setVisible(open_ and self._model.study.standing is None)
        self.chip.setVisible(open_ and self._model.study.standing is not None)
        self.undo.setVisible(open_ and bool(self._model.history.past))
        self.drawer.setVisible(open_)
        if not open_:
            self.source.setText(tr("no data yet"))
            self.cases.setText("")
            return
        study = self._model.study
        self.source.setText(f"{study.source.name} ▾")
        self.cases.setText(tr("{used:,} of {n:,} [case|cases]", used=study.n_used, n=study.table.n_rows))
        self._tell_rows()
        if study.standing is not None:
            from istrel.sentence.show_formula import print_condition

            self.chip.setText(f"{print_condition(study.standing)}   ✕")
        self.undo.setText(tr("↶ undo: {words}", words=self._model.history.undo_words))

    def _tell_rows(self) -> None:
        """How many persons or counted cases there are, where a row is no case of its own: found out in the background."""
        source = self._model.study.source
        self._model.background.cancel("rows in use")
        rows = source.codebook.rows
        if rows.weight:
            self.cases.setText(self.cases.text() + tr(" · weighted"))
        if not (rows.person or rows.counted):
            return
        weighted = tr(" · weighted") if rows.weight else ""

        def work() -> str:
            if rows.counted:
                cases, used = source.in_use
                return tr("{cases} in {n:,} [row|rows]", cases=english("{n:,} [case|cases]", n=cases), n=used)
            return (
                tr(
                    "{persons:,} by {person} in {n:,} [row|rows]",
                    persons=source.n_persons,
                    person=rows.person,
                    n=source.n_used,
                )
                + weighted
            )

        def failed(problem: Problem) -> None:
            self._say(retold(problem.message))

        self._model.background.submit("rows in use", work, self.cases.setText, failed)

    def write(self) -> None:
        """Open the line in which a condition is typed."""
        if not self._model.is_open:
            return
        self.add.hide()
        edit = self._editor()
        edit.clear()
        edit.show()
        self.writing.emit(True)
        edit.setFocus()

    def _editor(self) -> ConditionLine:
        """The line to type in, made when it is first wanted."""
        if self.edit is None:
            from istrel.app.widgets.condition_line import ConditionLine

            self.edit = ConditionLine(self._known)
            self.edit.returnPressed.connect(self._take)
            self.edit.given_up.connect(self.refresh)
            self._layout.insertWidget(self._layout.indexOf(self.trouble), self.edit)
        return self.edit

    def _known(self) -> tuple[Codebook, dict[str, tuple[str, ...]]]:
        """The codebook, and values in print, for completion."""
        from istrel.data.codebook import Codebook

        return (self._model.study.codebook, self._model.found.few_values()) if self._model.is_open else (Codebook(), {})

    def lift(self) -> None:
        from istrel.study.changes.cases import SetCondition

        if self._model.is_open and self._model.study.standing is not None:
            self._model.do(SetCondition(None))

    def _take(self) -> None:
        """Try the condition; a mistake stays in the line with its reason beside it."""
        from istrel.data.formula.evaluate import holds
        from istrel.problem import Problem
        from istrel.sentence import parse_condition
        from istrel.sentence.names import understood_condition
        from istrel.study.changes.cases import SetCondition

        if not self._model.is_open:
            return
        try:
            typed = understood_condition(self._editor().text(), self._model.study.codebook)
            condition = parse_condition(typed.text)
            if not holds(condition, self._model.study.data).any():
                raise Problem(tr("no case meets this"))
        except Problem as problem:
            self._say(retold(problem.message))
            return
        self._model.do(SetCondition(condition))

    def _say(self, text: str) -> None:
        self.trouble.setText(text)
        self.trouble.setStyleSheet(f"color: {theme.FRAME_TROUBLE};")
