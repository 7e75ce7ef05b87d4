"""Every change that can be made to a study: what it does, and how it is called in the undo line."""

from __future__ import annotations

from typing import Protocol

from istrel.study.study import Study


class Change(Protocol):
    """A change: `words` for the undo line, `apply` gives the changed study."""

    @property
    def words(self) -> str: ...

    def apply(self, study: Study) -> Study: ...
