"""Changes of the manuscript: keeping, ordering, accepting. Exhibits are named by their ids."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.study.study import Accepted, Kept, Study


@dataclass(frozen=True)
class Keep:
    """An exhibit of the source in use added at the end of the manuscript."""

    exhibit: Kept

    @property
    def words(self) -> str:
        return "keep the exhibit"

    def apply(self, study: Study) -> Study:
        identity, study = study.next_id("k")
        return replace(study, kept=(*study.kept, replace(self.exhibit, source=study.current, id=identity)))


@dataclass(frozen=True)
class Drop:
    """A kept exhibit taken out of the manuscript."""

    id: str

    @property
    def words(self) -> str:
        return "take out the exhibit"

    def apply(self, study: Study) -> Study:
        return replace(study, kept=tuple(kept for kept in study.kept if kept.id != self.id))


@dataclass(frozen=True)
class Move:
    """A kept exhibit moved to another place, counted from 0."""

    id: str
    to: int

    @property
    def words(self) -> str:
        return "move the exhibit"

    def apply(self, study: Study) -> Study:
        moved = [kept for kept in study.kept if kept.id == self.id]
        others = [kept for kept in study.kept if kept.id != self.id]
        return replace(study, kept=(*others[: self.to], *moved, *others[self.to :]))


@dataclass(frozen=True)
class Accept:
    """The numbers that a kept exhibit has now become the accepted ones."""

    id: str
    accepted: tuple[Accepted, ...]

    @property
    def words(self) -> str:
        return "accept the numbers"

    def apply(self, study: Study) -> Study:
        kept = (replace(k, accepted=self.accepted) if k.id == self.id else k for k in study.kept)
        return replace(study, kept=tuple(kept))
