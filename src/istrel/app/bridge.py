"""Where the core meets the window: the model of the open study. Views read it and send changes to it; it tells them."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from istrel.app.background import Background
from istrel.problem import Problem

if TYPE_CHECKING:
    from istrel.data.facts import FileFacts, VariableFacts
    from istrel.data.screening import Finding
    from istrel.study.changes import Change
    from istrel.study.history import History
    from istrel.study.study import Study
    from istrel.style.house import HouseStyle


class StudyModel(QObject):
    """The open study, its history, and what has been found out about it in the background."""

    opened = Signal()
    changed = Signal()
    facts_ready = Signal()
    trouble = Signal(str)

    def __init__(self, background: Background, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.background = background
        self._history: History | None = None
        self._style: HouseStyle | None = None
        self.facts: dict[str, VariableFacts] = {}
        self.file_facts: FileFacts | None = None
        self.findings: tuple[Finding, ...] = ()

    @property
    def is_open(self) -> bool:
        return self._history is not None

    @property
    def history(self) -> History:
        assert self._history is not None, "no study is open"
        return self._history

    @property
    def study(self) -> Study:
        return self.history.study

    @property
    def style(self) -> HouseStyle:
        if self._style is None:
            from istrel.style.house import load_style

            self._style = load_style()
        return self._style

    def open(self, path: str) -> None:
        """Read a file in the background; `opened` follows, or `trouble` with a plain line."""
        self.background.submit("open", lambda: _read(path), self._take, self._tell, words=f"reading {Path(path).name}")

    def _take(self, history: History) -> None:
        self._history = history
        self.facts, self.file_facts, self.findings = {}, None, ()
        self.opened.emit()
        self.changed.emit()
        self._look()

    def _tell(self, problem: Problem) -> None:
        self.trouble.emit(problem.message)

    def do(self, change: Change) -> None:
        """The one way to change the study."""
        self._step(lambda history: history.do(change))

    def undo(self) -> None:
        self._step(lambda history: history.undo())

    def redo(self) -> None:
        self._step(lambda history: history.redo())

    def _step(self, step: Callable[[History], History]) -> None:
        if self._history is None:
            return
        before = self._history.study
        try:
            self._history = step(self._history)
        except Problem as problem:
            self.trouble.emit(problem.message)
            return
        if self._history.study is before:
            return
        self.changed.emit()
        if self._history.study.codebook is not before.codebook:
            self._look()

    def _look(self) -> None:
        """Facts, tiny drawings and findings, made off the window's thread."""
        study = self.study
        self.background.submit("facts", lambda: _look(study), self._take_facts)

    def _take_facts(self, found: tuple[FileFacts, dict[str, VariableFacts], tuple[Finding, ...]]) -> None:
        self.file_facts, self.facts, self.findings = found
        self.facts_ready.emit()


def _read(path: str) -> History:
    from istrel.study.history import History
    from istrel.study.opening import open_data
    from istrel.study.study import study_of

    return History(study_of(open_data(path)))


def _look(study: Study) -> tuple[FileFacts, dict[str, VariableFacts], tuple[Finding, ...]]:
    from istrel.data.facts import file_facts, variable_facts
    from istrel.data.screening import screen

    facts = {name: variable_facts(study.data, name) for name in study.table.names}
    return file_facts(study.data), facts, screen(study.data)
