"""Undo and redo: the one place through which a study changes. Versions share what did not change, so keeping all is cheap."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import NamedTuple

from istrel.study.changes import Change
from istrel.study.following import follow
from istrel.study.study import Study


class Step(NamedTuple):
    """A change, and the study before it (what was done) or after it (what was undone)."""

    change: Change
    study: Study


@dataclass(frozen=True, eq=False)
class History:
    """A study and how it came to be.

    Attributes
    ----------
    study
        As it stands now.
    past, future
        The changes with the study before or after each, nearest last.
    """

    study: Study
    past: tuple[Step, ...] = ()
    future: tuple[Step, ...] = ()

    def do(self, change: Change) -> History:
        """The history with one more change, which sources made from others follow; what was undone before is forgotten."""
        return History(_after(self.study, change), (*self.past, Step(change, self.study)))

    @classmethod
    def replayed(cls, begun: Study, number: int, change_at: Callable[[int, Study], Change]) -> History:
        """The history of so many changes from a study on; `change_at` gives each by its place and the study before it."""
        study, past = begun, list[Step]()
        for place in range(number):
            change = change_at(place, study)
            past.append(Step(change, study))
            study = _after(study, change)
        return cls(study, tuple(past))

    def undo(self) -> History:
        """The last change taken back; the same history when there is none."""
        if not self.past:
            return self
        change, before = self.past[-1]
        return History(before, self.past[:-1], (*self.future, Step(change, self.study)))

    def redo(self) -> History:
        """The change last taken back done again; the same history when there is none."""
        if not self.future:
            return self
        change, after = self.future[-1]
        return History(after, (*self.past, Step(change, self.study)), self.future[:-1])

    @property
    def undo_words(self) -> str:
        return self.past[-1].change.words if self.past else ""

    @property
    def redo_words(self) -> str:
        return self.future[-1].change.words if self.future else ""


def _after(study: Study, change: Change) -> Study:
    """The study with a change, which sources made from others follow."""
    after = follow(study, change.apply(study))
    for source in study.sources:
        if source not in after.sources:
            source.forget()
    return after
