"""The desk without a proof: three things to begin with, or what it is waiting for."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QWidget

from istrel.app.widgets.simple import button, clear, column, label, serif_label
from istrel.app.words import tr
from istrel.data.codebook import Codebook
from istrel.sentence.quoting import read_aloud, show_name

MOST_SUBJECTS = 3


class EmptyDesk(QWidget):
    """Sentences that fit the data, each a click away."""

    chosen = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("clear")
        rows = column(self, margins=(40, 36, 40, 0), spacing=10)
        self.says = serif_label("", 19)
        self.how = label("", "small", wrap=True)
        rows.addWidget(self.says)
        rows.addWidget(self.how)
        rows.addSpacing(8)
        self._links = column(spacing=12)
        rows.addLayout(self._links)
        rows.addStretch()
        self.beginnings: tuple[str, ...] = ()

    def offer(self, codebook: Codebook) -> None:
        """Three things to begin with."""
        self.says.setText(tr("What would you like to know?"))
        self.how.setText(tr("Click variables on the left, type a sentence above, or begin with one of these."))
        self._show(beginnings(codebook))

    def wait(self) -> None:
        """The first proof is being made."""
        self.says.setText(tr("Setting the proof …"))
        self.how.setText("")
        self._show(())

    def _show(self, sentences: tuple[str, ...]) -> None:
        if sentences == self.beginnings:
            return
        self.beginnings = sentences
        clear(self._links)
        for sentence in sentences:
            link = button(read_aloud(sentence), "sentence", partial(self.chosen.emit, sentence))
            self._links.addWidget(link, 0, Qt.AlignmentFlag.AlignLeft)


def beginnings(codebook: Codebook) -> tuple[str, ...]:
    """Up to three sentences that these variables can be asked."""
    used = [v for v in codebook.variables if v.in_use]
    measured = [show_name(v.name) for v in used if v.level.measured][:MOST_SUBJECTS]
    categories = [show_name(v.name) for v in used if v.level.categorical]
    found = []
    if measured:
        across = f" across {categories[0]}" if categories else ""
        found.append(f"describe {', '.join(measured)}{across}")
    if categories:
        found.append(f"count {', '.join(categories[:MOST_SUBJECTS])}")
    if len(measured) > 1:
        found.append(f"relate {', '.join(measured)}")
    elif measured:
        found.append(f"check {measured[0]}")
    return tuple(found)
