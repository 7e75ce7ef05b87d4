"""A slip of paper beside a number: what it says, its working to the printed digits, who pulls it most, and where it comes from."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QEvent, QPoint, Qt
from PySide6.QtGui import QGuiApplication, QKeyEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QWidget

from istrel.app import theme
from istrel.app.widgets.simple import button, clear, column, label, row, serif_label
from istrel.app.words import tr
from istrel.study.explaining import Explained

WIDTH, BESIDE = 400, 12
MOST_STEPS = 12
Others = tuple[tuple[str, Callable[[], None]], ...]


class NumberSlip(QFrame):
    """Shows one opened number; Escape and a click elsewhere put it away.

    `show(rows)` shows cases in the drawer; without rows, all that the number stands for.
    """

    def __init__(self, parent: QWidget, show: Callable[[tuple[int, ...] | None], None]) -> None:
        super().__init__(parent, Qt.WindowType.Dialog | Qt.WindowType.FramelessWindowHint)
        self._show_cases = show
        self.found: Explained | None = None
        self.setAccessibleName(tr("How this number was computed"))
        self.setStyleSheet(f"NumberSlip {{ background: {theme.PAPER}; border: 1px solid {theme.LINE}; }}")
        self.setFixedWidth(WIDTH)
        self._lines = column(self, margins=(20, 16, 20, 16), spacing=4)

    def unfold(self, found: Explained, paper: QWidget, at: QPoint, others: Others = ()) -> None:
        """Show an opened number, clicked at a point of the screen, beside the paper it stands on.

        Parameters
        ----------
        others
            (as it prints, what opens it) of the other numbers in the same cell.
        """
        self.found = found
        self.hide()  # what is laid out again in sight knows no height yet
        clear(self._lines)
        self._lines.addLayout(self._head(found))
        self._lines.addWidget(label(found.means, wrap=True))
        self._lines.addSpacing(8)
        for line in (found.formula, f"= {found.equation}"):
            formula = serif_label(raised(line), theme.TEXT_PX + 1)
            formula.setWordWrap(True)
            self._lines.addWidget(formula)
        left_out = len(found.steps) - MOST_STEPS if len(found.steps) > MOST_STEPS + 1 else 0
        if left_out:
            self._lines.addWidget(label(tr("{n} steps before these: “copy” takes all.", n=left_out), "small"))
        for line in found.steps[left_out:]:  # the last say most
            self._lines.addWidget(label(raised(line), "small", wrap=True))
        self._add_pulling(found)
        self._lines.addSpacing(8)
        self._lines.addLayout(self._foot(found))
        if others:
            self._lines.addLayout(self._beside(others))
        if found.source:
            said = " · ".join(tr(part) for part in found.source.split(" · "))  # how the file was read, too
            self._lines.addWidget(label(said, "small", wrap=True))
        self.setFixedHeight(self._lines.heightForWidth(WIDTH))
        self.move(self._place(paper, at))
        self.setWindowTitle(found.means)
        self.show()
        self.activateWindow()

    def changeEvent(self, event: QEvent) -> None:
        """Something else was clicked: it goes. No popup, for screen readers do not see those."""
        super().changeEvent(event)
        if event.type() is QEvent.Type.ActivationChange and not self.isActiveWindow():
            self.hide()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
        else:
            super().keyPressEvent(event)

    def _place(self, paper: QWidget, at: QPoint) -> QPoint:
        """At the height of the number, right of the sheet as far as the window goes: the number stays in sight if it can."""
        window = paper.window().frameGeometry()
        beside = paper.mapToGlobal(paper.rect().topRight()).x()
        x = min(max(beside, at.x() + BESIDE), window.right() - WIDTH - BESIDE)
        if x < at.x() + BESIDE:
            x = max(window.left(), at.x() - 3 * BESIDE - WIDTH)
        return QPoint(x, max(window.top(), min(at.y() - 3 * BESIDE, window.bottom() - self.height() - BESIDE)))

    def _head(self, found: Explained) -> QHBoxLayout:
        head = row(spacing=8)
        head.addWidget(serif_label(found.printed, 22, bold=True))
        whole = (repr(int(found.value)) if found.value.is_integer() else repr(found.value)).replace("-", "−")
        if whole != found.printed:
            head.addWidget(label(whole, "small"), 0, Qt.AlignmentFlag.AlignBottom)
        head.addStretch(1)
        return head

    def _add_pulling(self, found: Explained) -> None:
        """The cases without which the number changes most, each with what it would be."""
        if not found.influence:
            return
        self._lines.addSpacing(8)
        self._lines.addWidget(label(tr("Pulled most by"), "heading"))
        for case, without in found.influence:
            line = row(spacing=8)
            line.addWidget(
                button(
                    tr("row {case}", case=case),
                    "link",
                    partial(self._choose, (case,)),
                    tip=tr("show row {case}", case=case),
                )
            )
            line.addWidget(label(tr("without it {without:.6g}", without=without), "small"))
            line.addStretch(1)
            self._lines.addLayout(line)

    def _foot(self, found: Explained) -> QHBoxLayout:
        foot = row(spacing=16)
        if found.cases:
            words = tr("show its case") if found.count == 1 else tr("show its {n:,} cases", n=found.count)
            foot.addWidget(button(words, "link", partial(self._choose, None)))
        foot.addWidget(button(tr("copy"), "link", self._copy, tip=tr("copy this working as text")))
        foot.addStretch(1)
        return foot

    def _beside(self, others: Others) -> QHBoxLayout:
        """The numbers that stand in the same cell, to be opened as well."""
        line = row(spacing=12)
        line.addWidget(label(tr("beside it"), "small"))
        for printed, opens in others:
            line.addWidget(button(printed, "link", opens, tip=tr("open {number}", number=printed)))
        line.addStretch(1)
        return line

    def _choose(self, rows: tuple[int, ...] | None) -> None:
        self.hide()
        self._show_cases(rows)

    def _copy(self) -> None:
        if self.found is not None:
            QGuiApplication.clipboard().setText("\n".join(self.found.lines()))
        self.hide()


def raised(line: str) -> str:
    """Powers as they are written by hand."""
    return line.replace("^2", "²").replace("^3", "³").replace("^4", "⁴")
