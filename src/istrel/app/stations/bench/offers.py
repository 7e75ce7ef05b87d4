"""The offers: the words that may stand at the cursor or in the place of a chip, one click or Tab away."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QPushButton

from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button
from istrel.app.words import retold, tr
from istrel.english import english
from istrel.sentence.complete import Completion, Suggestion

MOST = 14
TAKE_OUT = Suggestion(english("take out"), "removal", english("this part leaves the sentence"))
NAME_IT = Suggestion(english("give it a name"), "naming", english("a variable of the codebook from now on"))


class Offers(FlowBox):
    """One line of words under the sentence."""

    taken = Signal(object)
    left = Signal()

    def __init__(self) -> None:
        super().__init__(spacing=6, most_lines=1)
        self.setFixedHeight(28)
        self.completion = Completion(0, 0, ())
        self.setAccessibleName(tr("What may stand here"))

    def offer(self, completion: Completion) -> None:
        """Show these suggestions, best first."""
        if completion == self.completion:
            return
        same = completion.suggestions == self.completion.suggestions
        self.completion = completion
        if same:
            return
        self.clear()
        for place, suggestion in enumerate(completion.suggestions[:MOST]):
            name = {"word": "word", "removal": "link", "naming": "link", "correction": "correction"}.get(
                suggestion.kind, "offer"
            )
            made = button(retold(suggestion.text), name, partial(self.taken.emit, suggestion))
            made.setToolTip(" · ".join(filter(None, (retold(suggestion.meaning), "Tab" if place == 0 else ""))))
            self.add(made)
        self.arrange()

    @property
    def texts(self) -> tuple[str, ...]:
        return tuple(suggestion.text for suggestion in self.completion.suggestions)

    def take_first(self) -> None:
        if self.completion.suggestions:
            self.taken.emit(self.completion.suggestions[0])

    def close_up(self) -> None:
        """Offer nothing until the sentence changes."""
        self.offer(Completion(self.completion.start, self.completion.end, ()))

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
