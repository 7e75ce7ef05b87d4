"""The offers: the words that may follow in the sentence, one click or Tab away."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QPushButton

from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button
from istrel.sentence.complete import Completion

MOST = 14


class Offers(FlowBox):
    """One line of words under the sentence."""

    taken = Signal(int, str)
    left = Signal()

    def __init__(self) -> None:
        super().__init__(spacing=6, most_lines=1)
        self.setFixedHeight(28)
        self._completion = Completion(0, ())
        self.setAccessibleName("What may follow")

    def offer(self, completion: Completion) -> None:
        """Show these suggestions, best first."""
        if completion == self._completion:
            return
        self._completion = completion
        self.clear()
        for place, suggestion in enumerate(completion.suggestions[:MOST]):
            made = button(
                suggestion.text,
                "word" if suggestion.kind == "word" else "offer",
                partial(self._take, suggestion.text),
            )
            made.setToolTip(" · ".join(filter(None, (suggestion.meaning, "Tab" if place == 0 else ""))))
            self.add(made)
        self.arrange()

    @property
    def texts(self) -> tuple[str, ...]:
        return tuple(suggestion.text for suggestion in self._completion.suggestions)

    def take_first(self) -> None:
        if self._completion.suggestions:
            self._take(self._completion.suggestions[0].text)

    def enter(self) -> None:
        """Keyboard focus to the first offer."""
        first = self.findChild(QPushButton)
        if first is not None:
            first.setFocus(Qt.FocusReason.TabFocusReason)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Up, Qt.Key.Key_Escape):
            self.left.emit()
        elif event.key() == Qt.Key.Key_Right:
            self.focusNextChild()
        elif event.key() == Qt.Key.Key_Left:
            self.focusPreviousChild()
        else:
            super().keyPressEvent(event)

    def _take(self, text: str) -> None:
        self.taken.emit(self._completion.start, text)
