"""The parts of the manuscript without their widgets: what is made of them, which is worked on. Views hear of it by signals."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QObject, Signal

from istrel.app.bridge import StudyModel
from istrel.app.stations.manuscript.leaf import Leaf, make_leaf
from istrel.app.words import retold
from istrel.problem import Problem
from istrel.study.changes import Change
from istrel.study.changes.sources import UseSource
from istrel.study.manuscript import Entry
from istrel.study.parts import Kept, Part


class Parts(QObject):
    """Makes the parts one by one in the background, and holds what was made.

    `arranged` tells that parts came, went, moved or are to be set anew; `made(id, before)` that one was made, and what it was;
    `chose(before, now)` that another is worked on; `sought(id)` that one is to be seen. `said(words)` and `failed(words)` are told
    in the bar, `unsound(how many)` at the rail. `wanted` asks for the station, `bench_wanted(sentence)` for the Bench,
    `exported(path)` tells what was written.
    """

    arranged = Signal()
    made = Signal(str, object)
    chose = Signal(str, str)
    sought = Signal(str)
    said = Signal(str)
    failed = Signal(str)
    unsound = Signal(int)
    wanted = Signal()
    bench_wanted = Signal(str)
    exported = Signal(str)

    def __init__(self, model: StudyModel, parent: QObject) -> None:
        super().__init__(parent)
        self._model = model
        self._leaves: dict[str, Leaf] = {}
        self._waiting: set[str] = set()
        self.chosen = ""  # the id of the part that is worked on
        self.distance: Callable[[str], float] = lambda _: 0.0  # how far a part stands from what is on screen

    @property
    def all(self) -> tuple[Part, ...]:
        """The parts in their order."""
        return self._model.study.parts if self._model.is_open else ()

    @property
    def entries(self) -> tuple[Entry, ...]:
        """The exhibits that are made, in their order."""
        leaves = (self._leaves.get(part.id) for part in self.all)
        return tuple(leaf.now for leaf in leaves if leaf is not None and isinstance(leaf.now, Entry))

    def leaves(self) -> list[Leaf]:
        """Every part that is made."""
        return list(self._leaves.values())

    def leaf(self, identity: str) -> Leaf | None:
        """A part as it was last made."""
        return self._leaves.get(identity)

    def forget(self) -> None:
        """No study is open any more."""
        self._leaves, self.chosen = {}, ""

    # Making.
    def stop(self) -> None:
        """What is being made belongs to a study as it was."""
        self._model.background.cancel("manuscript")

    def make(self) -> None:
        """Make all parts again, one by one."""
        parts = self.all
        known = {part.id for part in parts}
        self._leaves = {identity: leaf for identity, leaf in self._leaves.items() if identity in known}
        if self.chosen not in known:
            self.chosen = parts[0].id if parts else ""
        self._waiting = known
        self.arranged.emit()
        self._make_next()

    def _make_next(self) -> None:
        """The next part that waits, nearest to what is on screen; one by one, so that a change stops them."""
        waiting = [part for part in self.all if part.id in self._waiting]
        if not waiting:
            return
        part = min(waiting, key=lambda one: (one.id in self._leaves, self.distance(one.id)))
        self._waiting.discard(part.id)
        study, style = self._model.study, self._model.style
        self._model.background.submit(
            "manuscript", lambda: make_leaf(part, study, style), partial(self._take, part.id), self._untold
        )

    def _take(self, identity: str, leaf: Leaf) -> None:
        before, self._leaves[identity] = self._leaves.get(identity), leaf
        self.made.emit(identity, before)
        self._make_next()

    def _untold(self, problem: Problem) -> None:
        self.failed.emit(retold(problem.message))
        self._make_next()

    # What is worked on.
    def choose(self, identity: str) -> None:
        """This part is worked on."""
        if identity != self.chosen and any(part.id == identity for part in self.all):
            before, self.chosen = self.chosen, identity
            self.chose.emit(before, identity)

    def go_to(self, kept: Kept) -> None:
        """Choose a kept exhibit and show it."""
        self.choose(kept.id)
        self.sought.emit(kept.id)

    def take_to_bench(self, kept: Kept) -> None:
        """The sentence of an exhibit goes back to the Bench; what is kept there takes its place."""
        if kept.source != self._model.study.current:
            self._model.do(UseSource(kept.source))
        self._model.taken_up = kept.id
        self.bench_wanted.emit(kept.sentence)

    def do(self, change: Change) -> None:
        """Do a change of the study."""
        self._model.do(change)
