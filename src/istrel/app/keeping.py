"""The study on disk while it is open: every change is written in the background, from the first one on."""

from __future__ import annotations

import contextlib
from functools import partial
from pathlib import Path
from threading import Lock
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from istrel.app.words import retold, tr
from istrel.problem import Problem

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.study.file import StudyFile
    from istrel.study.fresh import Told
    from istrel.study.history import History


class Keeping(QObject):
    """Writes the study of a model. A study is on disk from its first change, under a name of its own until it is named.

    `named` tells that the study has another file.
    """

    named = Signal()

    def __init__(self, model: StudyModel) -> None:
        super().__init__(model)
        self._model = model
        self._lock = Lock()  # the file is one thread's at a time
        self._file: StudyFile | None = None
        self._writing = False
        self._wanted: History | None = None
        self._turn = 0  # which study it is: what was meant for an earlier one is not written
        model.changed.connect(self._follow)

    @property
    def path(self) -> Path | None:
        """The study's file; None while nothing was said of the data."""
        return self._file.path if self._file is not None else None

    @property
    def name(self) -> str:
        """What the study is called: its file's name, or the name of its data."""
        from istrel.study.places import is_unnamed

        if self.path is None or is_unnamed(self.path):
            return self._model.study.source.name
        return self.path.stem

    # Following.
    def _follow(self) -> None:
        history = self._model.history
        if self._file is None and not history.past and not history.future:
            return
        self._wanted = history
        self._write_on()

    def _write_on(self) -> None:
        if self._writing or self._wanted is None:
            return
        history, self._wanted, self._writing = self._wanted, None, True
        work = partial(self._write, history, self._turn)
        self._model.background.submit("keep the study", work, self._written, self._refused)

    def _write(self, history: History, turn: int) -> tuple[bool, str]:
        """(whether the study has a file of this name for the first time, a line to tell). Runs on a thread."""
        with self._lock:
            return self._put(history) if turn == self._turn else (False, "")

    def _put(self, history: History) -> tuple[bool, str]:
        from istrel.study.file import StudyFile
        from istrel.study.places import remember, unnamed_path

        if self._file is not None:
            told = self._file.save(history)
            return bool(told), told
        self._file = StudyFile.create(unnamed_path(history.study.sources[0].name), history)
        remember(self._file.path)
        return True, ""

    def _written(self, found: tuple[bool, str]) -> None:
        self._writing = False
        first, told = found
        if told:
            self._model.trouble.emit(told)
        if first:
            self.named.emit()
        self._write_on()

    def _refused(self, problem: Problem) -> None:
        self._writing = False
        self._model.trouble.emit(
            tr(
                "{message} What you do is not on disk; it is tried again with the next change.",
                message=retold(problem.message),
            )
        )

    def finish(self) -> Path | None:
        """Write what is not written yet and let go of the file: before another study, and on closing; gives its path."""
        with self._lock:
            self._turn += 1
            self._writing, self._wanted = False, None
            if self._model.is_open:
                self._put_last(self._model.history)
            path = self.path
            if self._file is not None:
                self._file.close()
            self._file = None
            return path

    def settled(self) -> bool:
        """Whether all that was done is on disk now; where it cannot be, that is told, and the study stays as it is."""
        with self._lock:
            return not self._model.is_open or self._put_last(self._model.history)

    def _put_last(self, history: History) -> bool:
        """Write what is not written; whether that could be done."""
        try:
            if self._file is not None or history.past or history.future:
                _, told = self._put(history)
                if told:
                    self._model.trouble.emit(told)
        except Problem as problem:
            self._model.trouble.emit(retold(problem.message))
            return False
        return True

    # Opening and naming.
    def open(self, path: Path) -> None:
        """Open a study in place of the one that is open."""
        from istrel.study.file import StudyFile

        if self.path is not None and path.resolve() == self.path.resolve():
            self._model.trouble.emit(tr("{name} is open here.", name=path.name))
            return
        words = tr("opening {name}", name=path.name)
        self._model.background.submit("open study", lambda: StudyFile(path), self._take, words=words)

    def begin_from(self, path: Path) -> None:
        """Begin a study as another is: a copy, which has a file of its own from its first change on."""
        from istrel.study.file import StudyFile
        from istrel.study.history import History

        def work() -> History:
            with StudyFile(path, writing=False) as file:
                return History(file.history.study)

        def take(history: History) -> None:
            self.finish()
            self._model.begin(history)
            self.named.emit()

        self._model.background.submit("open study", work, take, words=tr("opening {name}", name=path.name))

    def _take(self, file: StudyFile) -> None:
        from istrel.study.places import remember

        self.finish()
        self._file = file
        remember(file.path.resolve())
        self._model.begin(file.history)
        self.named.emit()
        self._look_at_files()

    def _look_at_files(self) -> None:
        """A line where a file is not as it was when it was read."""
        from istrel.study.fresh import changed, gone

        sources = self._model.study.sources

        def look() -> tuple[str, str]:
            return tuple(", ".join(s.name for s in sources if found(s)) for found in (changed, gone))  # type: ignore[return-value]

        def told(found: tuple[str, str]) -> None:
            others, lost = found
            lines = []
            if others:
                lines.append(
                    tr(
                        "{others} changed since it was read. “Read changed files again” (Ctrl+K) takes the new data.",
                        others=others,
                    )
                )
            if lost:
                lines.append(tr("{lost} is not where it was read; the study holds its data.", lost=lost))
            if lines:
                self._model.trouble.emit(" ".join(lines))

        self._model.background.submit("look at files", look, told)

    def read_again(self) -> None:
        """Every file that changed is read again; what was said about it stays where it fits."""
        from istrel.study.fresh import refreshed

        begun = self._model.history

        def take(found: tuple[History, tuple[Told, ...]]) -> None:
            history, lines = found
            if self._model.history is not begun:
                self.read_again()  # upon what was done meanwhile
                return
            self._model.go_on(history)
            self._model.trouble.emit(
                " ".join(line.says for line in lines) or tr("All files are as they were when they were read.")
            )

        self._model.background.submit("read again", lambda: refreshed(begun), take, words=tr("reading changed files"))

    def give_name(self, path: Path) -> None:
        """The study goes on under another name; an unnamed one leaves its place."""
        work = partial(self._move, path, self._turn)
        self._model.background.submit(
            "name the study", work, lambda _: self.named.emit(), words=tr("writing the study")
        )

    def _move(self, path: Path, turn: int) -> None:
        from istrel.study.file import StudyFile
        from istrel.study.places import is_unnamed, remember

        with self._lock:
            if turn != self._turn or (self._file is not None and path.resolve() == self._file.path.resolve()):
                return
            if path.exists():
                StudyFile(path).close()  # what is no study, or is open elsewhere, is not written over
            history = self._model.history  # as it is by now: what was written to the old place since goes along
            old, self._file = self._file, StudyFile.create(path, history)
            if old is not None:
                old.close()
                if is_unnamed(old.path):
                    with contextlib.suppress(OSError):
                        old.path.unlink()
            remember(path.resolve())
