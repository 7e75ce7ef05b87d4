"""The line in which a variable is derived: `name = expression`, with completion, its result and its mistakes under it."""

from __future__ import annotations

import re

from PySide6.QtCore import QStringListModel, Qt, QTimer
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QCompleter, QLineEdit, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.widgets.simple import box, button, column, label, row
from istrel.app.words import retold, tr
from istrel.data.codebook import Codebook
from istrel.data.derive import free_name
from istrel.data.formula.functions import FUNCTIONS
from istrel.data.formula.tree import Formula
from istrel.problem import Problem
from istrel.sentence import parse_expression
from istrel.sentence.names import understood_condition
from istrel.sentence.quoting import show_name
from istrel.study.changes.codebook import Derive, SetFormula
from istrel.study.composites import preview

NAMED = re.compile(r"\s*(`[^`]+`|[^\W\d][\w.]*)\s*=\s*(.*)$", re.DOTALL)
LAST_WORD = re.compile(r"(`[^`]*|[^\W\d][\w.]*)$")
PAUSE_MS = 120


def split_line(text: str) -> tuple[str, str, int]:
    """(name, expression, where the expression begins) of a line `name = expression`.

    Raises
    ------
    Problem
        Where the line is not of this form.
    """
    match = NAMED.match(text)
    if match is None or not match.group(2).strip():
        raise Problem(tr("Write a name and what it is made from, for example age_z = z(age)."))
    return match.group(1).strip("`"), match.group(2), match.start(2)


class DeriveLine(QWidget):
    """Return derives the variable; Escape gives up."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        surface = box("surface")
        column(self).addWidget(surface)
        layout = column(surface, margins=(16, 10, 16, 10), spacing=4)
        line = row(spacing=8)
        self.edit = QLineEdit()
        self.edit.setPlaceholderText(tr("new name = expression, for example vocab_gain = post - pre"))
        self.edit.setAccessibleName(tr("Derive a variable: name = expression"))
        self._words = QStringListModel()
        self._completer = QCompleter(self._words, self)
        self._completer.setCaseSensitivity(Qt.CaseSensitivity.CaseInsensitive)
        self._completer.setWidget(self.edit)
        self._completer.activated.connect(self._complete)
        line.addWidget(self.edit, 1)
        self.take = button(tr("derive"), "main", self.derive)
        line.addWidget(self.take)
        layout.addLayout(line)
        self.result = label("", "small", wrap=True)
        self.trouble = label("", "error", wrap=True)
        layout.addWidget(self.result)
        layout.addWidget(self.trouble)
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(PAUSE_MS)
        self._pause.timeout.connect(self._look)
        self.edit.textChanged.connect(lambda _: self._pause.start())
        self.edit.textEdited.connect(self._offer)
        self.edit.returnPressed.connect(self.derive)
        self.hide()

    def begin(self, text: str = "") -> None:
        """Open the line with a proposal."""
        self.show()
        self.edit.setText(text)
        self.edit.setFocus()
        self.edit.setCursorPosition(len(text))
        self.trouble.setText("")
        self.result.setText("" if text else tr("Functions: {names}.", names=", ".join(FUNCTIONS)))

    def propose(self, stem: str, expression: str) -> None:
        """Open the line with a free name and an expression."""
        name = free_name(stem, self._model.study.table)
        self.begin(f"{show_name(name)} = {expression}")

    def derive(self) -> None:
        """Make the variable, or give a derived one another formula; a mistake is told under the line."""
        try:
            name, expression, at = split_line(self.edit.text())
            codebook = self._model.study.codebook
            formula = _parsed(expression, at, codebook)
        except Problem as problem:
            self._tell(problem)
            return
        known = name in codebook and codebook[name].formula is not None
        change = SetFormula(name, formula) if known else Derive(name, formula)
        if self._model.do(change, self._tell):
            self.hide()

    def _tell(self, problem: Problem) -> None:
        self.result.setText("")
        self.trouble.setText(retold(problem.message))
        if problem.at >= 0:
            self.edit.setSelection(problem.at, max(1, problem.length))

    def _look(self) -> None:
        """What the expression would give, while it is written."""
        self.trouble.setText("")
        if not self._model.is_open:
            return
        try:
            _, expression, at = split_line(self.edit.text())
            formula = _parsed(expression, at, self._model.study.codebook)
        except Problem:
            return
        study = self._model.study
        self._model.background.submit(
            "derive",
            lambda: preview(formula, study),
            self.result.setText,
            lambda problem: self.trouble.setText(retold(problem.message)),
        )

    def _offer(self, text: str) -> None:
        """Names and functions that begin with the word at the cursor."""
        match = LAST_WORD.search(text[: self.edit.cursorPosition()])
        typed = match.group().strip("`") if match else ""
        if len(typed) < 1 or "=" not in text:
            self._hide_offers()
            return
        codebook, wanted = self._model.study.codebook, typed.casefold()
        names = [_free(name, codebook) for name in codebook.names if wanted in name.casefold() and name != typed]
        functions = (f"{function}(" for function in FUNCTIONS)
        self._words.setStringList([*names, *(word for word in functions if wanted in word and word != typed)])
        self._completer.setCompletionPrefix("")
        if self._words.rowCount():
            self._completer.complete()
        else:
            self._hide_offers()

    def _hide_offers(self) -> None:
        popup = self._completer.popup()
        if popup is not None:
            popup.hide()

    def _complete(self, word: str) -> None:
        cursor = self.edit.cursorPosition()
        before, after = self.edit.text()[:cursor], self.edit.text()[cursor:]
        match = LAST_WORD.search(before)
        kept = before[: match.start()] if match else before
        self.edit.setText(f"{kept}{word}{after}")
        self.edit.setCursorPosition(len(kept) + len(word))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
        else:
            super().keyPressEvent(event)


def _free(name: str, codebook: Codebook) -> str:
    """The name without quotes where it is understood so."""
    return name if understood_condition(name, codebook).names else show_name(name)


def _parsed(expression: str, at: int, codebook: Codebook) -> Formula:
    typed = understood_condition(expression, codebook)
    try:
        return parse_expression(typed.text)
    except Problem as error:
        problem = typed.told(error)
        place = problem.at + at if problem.at >= 0 else -1
        raise Problem(retold(problem.message), at=place, length=problem.length) from None
