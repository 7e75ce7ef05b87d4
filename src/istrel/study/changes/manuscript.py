"""Changes of the manuscript: keeping, ordering, accepting."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.study.study import Kept, Study


@dataclass(frozen=True)
class Keep:
    """An exhibit added at the end of the manuscript."""

    exhibit: Kept

    @property
    def words(self) -> str:
        return "keep the exhibit"

    def apply(self, study: Study) -> Study:
        return replace(study, kept=(*study.kept, replace(self.exhibit, source=study.current)))


@dataclass(frozen=True)
class Drop:
    """A kept exhibit taken out of the manuscript."""

    place: int

    @property
    def words(self) -> str:
        return "take out the exhibit"

    def apply(self, study: Study) -> Study:
        return replace(study, kept=(*study.kept[: self.place], *study.kept[self.place + 1 :]))


@dataclass(frozen=True)
class Move:
    """A kept exhibit moved to another place."""

    place: int
    to: int

    @property
    def words(self) -> str:
        return "move the exhibit"

    def apply(self, study: Study) -> Study:
        kept = list(study.kept)
        kept.insert(self.to, kept.pop(self.place))
        return replace(study, kept=tuple(kept))


@dataclass(frozen=True)
class Accept:
    """The numbers that a kept exhibit prints now become the accepted ones."""

    place: int
    printed: tuple[str, ...]

    @property
    def words(self) -> str:
        return "accept the numbers"

    def apply(self, study: Study) -> Study:
        kept = list(study.kept)
        kept[self.place] = replace(kept[self.place], printed=self.printed)
        return replace(study, kept=tuple(kept))
