"""One finding of the worklist: what it is, what a click can do about it, and the cases it means."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button, column, label
from istrel.app.words import retold, tr
from istrel.data.screening import Finding
from istrel.study.remedies import change_of


class FindingView(QFrame):
    """A sheet with a mark at its edge: vermilion where numbers are wrong until it is mended, gold otherwise."""

    def __init__(self, finding: Finding, model: StudyModel) -> None:
        super().__init__()
        self.finding = finding
        layout = column(self, margins=(18, 10, 16, 10), spacing=4)
        text = label("", "", wrap=True)
        text.setTextFormat(Qt.TextFormat.RichText)
        text.setText(f"<b>{_escaped(retold(finding.lead))}</b> {_escaped(retold(finding.says))}")
        layout.addWidget(text)
        links = self._links = FlowBox(spacing=16)
        self.remedies = [
            button(retold(remedy.words), "link", partial(model.do, change_of(remedy.action)))
            for remedy in finding.remedies
        ]
        for remedy in self.remedies:
            links.add(remedy)
        count = len(finding.rows)
        self.show_cases = button(
            tr("show {n:,} [case|cases]", n=count),
            "link",
            partial(
                model.cases_wanted.emit, finding.rows, finding.line, finding.variables[0] if finding.variables else ""
            ),
        )
        if count:
            links.add(self.show_cases)
        else:
            self.show_cases.setParent(self)
            self.show_cases.hide()
        layout.addWidget(links)
        links.setVisible(bool(finding.remedies or count))

    def offer(self, words: str, do: Callable[[], None]) -> None:
        """One more thing to do about it."""
        self._links.add(button(words, "link", do))
        self._links.show()

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.fillRect(self.rect(), theme.colour(theme.SURFACE))
        painter.setPen(theme.colour(theme.LINE))
        painter.drawRect(self.rect().adjusted(0, 0, -1, -1))
        edge = theme.VERMILION if self.finding.changes_numbers else theme.GOLD
        painter.fillRect(0, 0, 4, self.height(), theme.colour(edge))
        painter.end()


def _escaped(text: str) -> str:
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")
