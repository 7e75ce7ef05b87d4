"""What makes the numbers on paper wrong until it is mended, beside them: said as Intake says it, mended with the same click."""

from __future__ import annotations

from collections.abc import Iterable
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.proof.note import Note
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


class UnmendedNote(Note):
    """One finding, with what a click can do about it and the cases it means; after the last that is shown, how many more."""

    mended = Signal(object)
    rows_wanted = Signal(object)
    place: tuple[str, tuple[str, ...]] = ("", ())

    def __init__(self, finding: Finding, more: int, parent: QWidget) -> None:
        super().__init__(parent)
        self.finding = finding
        words = retold(finding.line)
        self.say(words, "error", theme.VERMILION)
        for remedy in finding.remedies[:OFFERED]:
            self.offer(retold(remedy.words), partial(self.mended.emit, remedy))
        if finding.rows:
            self.offer(tr("show cases"), partial(self.rows_wanted.emit, finding))
        if more:
            self.say(tr("{n} more at Intake", n=more), "quiet")
        self.setAccessibleName(tr("To be mended: {words}", words=words))
