"""Where the core meets the window: the model of the open study. Views read it and send changes to it; it tells them."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from istrel.app.background import Background
from istrel.app.found import Found
from istrel.app.words import retold
from istrel.problem import Problem

if TYPE_CHECKING:
    from istrel.study.changes import Change
    from istrel.study.history import History
    from istrel.study.study import Study
    from istrel.style.house import HouseStyle


class StudyModel(QObject):
    """The open study, its history, and what has been found out about it in the background.

    `opened` follows when another source is in use, `changed` after every change; `cases_wanted` asks for rows (from 1) to be
    shown, and why.
    """

    opened = Signal()
    changed = Signal()
    closed = Signal()
    trouble = Signal(str)
    cases_wanted = Signal(object, str, str)

    def __init__(self, background: Background, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.background = background
        background.failed.connect(self.tell)
        self._history: History | None = None
        self.taken_up = ""  # the kept exhibit that was taken back to the Bench
        self._aside: list[tuple[Change, Callable[[Problem], None]]] = []  # changes that take long, in their order
        self.found = Found(background, self)

    @property
    def is_open(self) -> bool:
        return self._history is not None

    def has_study(self) -> bool:
        """Whether there is anything to do something with: actions ask it."""
        return self.is_open

    def has_kept(self) -> bool:
        """Whether the manuscript has an exhibit."""
        return self.is_open and bool(self.study.kept)

    def can_undo(self) -> bool:
        return self.is_open and bool(self.history.past)

    def can_redo(self) -> bool:
        return self.is_open and bool(self.history.future)

    @property
    def history(self) -> History:
        assert self._history is not None, "no study is open"
        return self._history

    @property
    def study(self) -> Study:
        return self.history.study

    @property
    def style(self) -> HouseStyle:
        from istrel.style.house import style_from

        return style_from(self._history.study.style if self._history is not None else "apa7")

    # The study.
    def close(self) -> None:
        """No study is open any more."""
        self.background.cancel_all("")
        self._aside.clear()
        self._history = None
        self.found.forget()
        self.closed.emit()

    def begin(self, history: History) -> None:
        """This is the study from now on."""
        self.background.cancel("change")
        self._aside.clear()
        self._history, self.taken_up = history, ""
        self.found.forget()
        self.opened.emit()
        self.changed.emit()
        self.found.look(self.study)

    def go_on(self, history: History) -> None:
        """The study with changes that were made in the background."""
        self._step(lambda _: history)

    def tell(self, problem: Problem) -> None:
        """What went wrong, in the cases line."""
        self.trouble.emit(retold(problem.message))

    # Changes.
    def do(self, change: Change, refused: Callable[[Problem], None] | None = None) -> bool:
        """The one way to change the study; False where it is refused, with the reason told (to `refused`, if given).

        Where large sources follow, it is done in the background, one such change after the other, upon the study as it is by
        then.
        """
        if self._history is None or not self._takes_long(change):
            return self._step(lambda history: history.do(change), refused)
        self._aside.append((change, refused or self.tell))
        if len(self._aside) == 1:
            self._do_aside()
        return True

    def _do_aside(self) -> None:
        begun, (change, refused) = self.history, self._aside[0]

        def take(done: History) -> None:
            if self._history is begun:
                self._step(lambda _: done)
                go_on()
            else:
                self._do_aside()

        def tell(problem: Problem) -> None:
            refused(problem)
            go_on()

        def go_on() -> None:
            self._aside.pop(0)
            if self._aside:
                self._do_aside()

        self.background.submit("change", lambda: begun.do(change), take, tell, words=change.words)

    def _takes_long(self, change: Change) -> bool:
        from istrel.study.following import takes_long

        if len(self.study.sources) < 2:
            return False
        try:
            return takes_long(self.study, change.apply(self.study))
        except Problem:
            return False

    def undo(self) -> None:
        self._step(lambda history: history.undo())

    def redo(self) -> None:
        self._step(lambda history: history.redo())

    def _step(self, step: Callable[[History], History], refused: Callable[[Problem], None] | None = None) -> bool:
        if self._history is None:
            return False
        before = self._history.study
        try:
            self._history = step(self._history)
        except Problem as problem:
            (refused or self.tell)(problem)
            return False
        now = self._history.study
        if now is before:
            return True
        if now.source.raw is not before.source.raw:
            self.found.forget()
            self.opened.emit()
        self.changed.emit()
        if now.source is not before.source:
            self.found.look(self.study)
        return True
