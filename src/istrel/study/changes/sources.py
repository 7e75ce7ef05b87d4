"""Changes of sources: another table joins the study, another one is in use, one leaves."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.problem import Problem
from istrel.study.study import Study, StudySource


@dataclass(frozen=True, eq=False)
class AddSource:
    """One more source, which is in use from now on."""

    source: StudySource

    @property
    def words(self) -> str:
        return f"add {self.source.name}"

    def apply(self, study: Study) -> Study:
        return replace(study, sources=(*study.sources, self.source), current=len(study.sources))


@dataclass(frozen=True)
class UseSource:
    """Another source is in use."""

    place: int

    @property
    def words(self) -> str:
        return "use another source"

    def apply(self, study: Study) -> Study:
        return replace(study, current=self.place)


@dataclass(frozen=True, eq=False)
class ReadAgain:
    """The source in use read in another way, or its file read anew: what was said about it is laid over where it fits."""

    source: StudySource

    @property
    def words(self) -> str:
        return f"read {self.source.name} again"

    def apply(self, study: Study) -> Study:
        return study.with_source(self.source)


@dataclass(frozen=True)
class RemoveSource:
    """A source taken out; refused while a kept exhibit is made from it."""

    place: int

    @property
    def words(self) -> str:
        return "take out a source"

    def apply(self, study: Study) -> Study:
        if len(study.sources) == 1:
            raise Problem("The only source of a study cannot be taken out.")
        if any(kept.source == self.place for kept in study.kept):
            raise Problem(f"“{study.sources[self.place].name}” is needed by a kept exhibit.")
        sources = tuple(source for place, source in enumerate(study.sources) if place != self.place)
        moved = tuple(replace(kept, source=kept.source - (kept.source > self.place)) for kept in study.kept)
        current = min(study.current - (study.current > self.place), len(sources) - 1)
        return replace(study, sources=sources, current=current, kept=moved)
