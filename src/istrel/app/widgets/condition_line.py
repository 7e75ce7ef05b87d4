"""A line in which a condition is typed, with completion of names, words and values."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QStringListModel, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QCompleter, QLineEdit

from istrel.app.words import tr
from istrel.data.codebook import Codebook
from istrel.sentence.complete import Completion, complete

WIDTH = 320
BEFORE = "describe `·` among "


class ConditionLine(QLineEdit):
    """Return takes what is typed; Escape gives up.

    Parameters
    ----------
    known
        Gives the codebook, and for variables of few values these in print.
    """

    given_up = Signal()

    def __init__(self, known: Callable[[], tuple[Codebook, dict[str, tuple[str, ...]]]]) -> None:
        super().__init__()
        self.setPlaceholderText(tr("for example age >= 18"))
        self.setAccessibleName(tr("Condition on cases"))
        self.setFixedWidth(WIDTH)
        self._known = known
        self._completion = Completion(0, 0, ())
        self._words = QStringListModel()
        self._offers = QCompleter(self._words, self)
        self._offers.setWidget(self)
        self._offers.activated.connect(self._take)
        self.textEdited.connect(self._offer)

    def offers(self) -> tuple[str, ...]:
        """What may stand at the cursor, best first."""
        return tuple(suggestion.text for suggestion in self._completion.suggestions)

    def _offer(self, text: str) -> None:
        codebook, values = self._known()
        self._completion = complete(BEFORE + text, len(BEFORE) + self.cursorPosition(), codebook, values)
        self._words.setStringList(list(self.offers()))
        popup = self._offers.popup()
        if self.offers() and text.strip():
            self._offers.setCompletionPrefix("")
            self._offers.complete()
        elif popup is not None:
            popup.hide()

    def _take(self, shown: str) -> None:
        word = next((s.written for s in self._completion.suggestions if s.text == shown), shown)
        start, text, cursor = self._completion.start - len(BEFORE), self.text(), self.cursorPosition()
        gap = " " if start and not text[:start].endswith((" ", "{", "(")) else ""
        after = "" if word.endswith("(") else " "
        self.setText(f"{text[:start]}{gap}{word}{after}{text[cursor:]}")
        self.setCursorPosition(start + len(gap) + len(word) + len(after))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.given_up.emit()
        else:
            super().keyPressEvent(event)
