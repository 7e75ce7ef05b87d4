"""Undo and redo: the one place through which a study changes. Versions share what did not change, so keeping all is cheap."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.study.changes import Change
from istrel.study.study import Study


@dataclass(frozen=True, eq=False)
class History:
    """A study and how it came to be.

    Attributes
    ----------
    study
        As it stands now.
    past, future
        (words of a change, the study before or after it), nearest last.
    """

    study: Study
    past: tuple[tuple[str, Study], ...] = ()
    future: tuple[tuple[str, Study], ...] = ()

    def do(self, change: Change) -> History:
        """The history with one more change; what was undone before is forgotten."""
        after = change.apply(self.study)
        for source in self.study.sources:
            if source not in after.sources:
                source.forget()
        return History(after, (*self.past, (change.words, self.study)))

    def undo(self) -> History:
        """The last change taken back; the same history when there is none."""
        if not self.past:
            return self
        words, before = self.past[-1]
        return History(before, self.past[:-1], (*self.future, (words, self.study)))

    def redo(self) -> History:
        """The change last taken back done again; the same history when there is none."""
        if not self.future:
            return self
        words, after = self.future[-1]
        return History(after, (*self.past, (words, self.study)), self.future[:-1])

    @property
    def undo_words(self) -> str:
        return self.past[-1][0] if self.past else ""

    @property
    def redo_words(self) -> str:
        return self.future[-1][0] if self.future else ""
