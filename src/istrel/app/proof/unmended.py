"""What makes the numbers on paper wrong until it is mended, beside them: said as Intake says it, mended with the same click."""

from __future__ import annotations

from collections.abc import Iterable
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.widgets.simple import button, column, in_lines, label
from istrel.app.words import retold, tr

if TYPE_CHECKING:
    from istrel.data.screening import Finding
    from istrel.exhibits.setting import MarginNote

MOST, OFFERED = 3, 2  # notes, and clicks of each: who has more to mend goes to Intake
OF_ALL_ROWS = ("summary_rows", "counted_rows")
TOLD_BESIDE = {"suspected_missing_code": "code", "remote_value": "remote_value"}  # as the margin says it of numbers


def unmended(findings: Iterable[Finding], names: frozenset[str], margin: Iterable[MarginNote]) -> list[Finding]:
    """Those that make numbers of these variables wrong and are not told in the margin already."""
    told = {(note.kind, note.variable) for note in margin}
    return [
        finding
        for finding in findings
        if finding.changes_numbers
        and (finding.kind in OF_ALL_ROWS or not names.isdisjoint(finding.variables))
        and not (
            finding.kind in TOLD_BESIDE
            and all((TOLD_BESIDE[finding.kind], name) in told for name in names.intersection(finding.variables))
        )
    ]


class UnmendedNote(QWidget):
    """One finding, with what a click can do about it and the cases it means; after the last that is shown, how many more."""

    mended = Signal(object)
    rows_wanted = Signal(object)
    place: tuple[str, tuple[str, ...]] = ("", ())

    def __init__(self, finding: Finding, more: int, width: int, left: int, parent: QWidget) -> None:
        super().__init__(parent)
        self.finding = finding
        layout = column(self, margins=(left, 0, 0, 2), spacing=3)
        words = retold(finding.line)
        says = label(words, "error", wrap=True)
        says.setStyleSheet(f"font-size: 13px; color: {theme.VERMILION};")
        layout.addWidget(says)
        links = [(retold(remedy.words), partial(self.mended.emit, remedy)) for remedy in finding.remedies[:OFFERED]]
        if finding.rows:
            links.append((tr("show cases"), partial(self.rows_wanted.emit, finding)))
        for offered, do in links:
            link = button(in_lines(offered, width - left), "link", do)
            link.setAccessibleName(offered)
            link.setStyleSheet("font-size: 13px;")
            layout.addWidget(link, 0, Qt.AlignmentFlag.AlignLeft)
        if more:
            rest = label(tr("{n} more at Intake", n=more), "quiet", wrap=True)
            rest.setStyleSheet("font-size: 13px;")
            layout.addWidget(rest)
        self.setFixedWidth(width)
        self.setAccessibleName(tr("To be mended: {words}", words=words))

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.fillRect(QRectF(0, 0, 2, self.height()), theme.colour(theme.VERMILION))
        painter.end()
