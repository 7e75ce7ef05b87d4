"""Changes of sources: another table joins the study, another one is in use, one leaves. Sources are named by their ids."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.english import english
from istrel.problem import Problem
from istrel.study.recipes import parents_of
from istrel.study.study import Study, StudySource


@dataclass(frozen=True, eq=False)
class AddSource:
    """One more source, which is in use from now on; the study gives it its id."""

    source: StudySource

    @property
    def words(self) -> str:
        return english("add {name}", name=self.source.name)

    def apply(self, study: Study) -> Study:
        identity, study = study.next_id("s")
        return replace(study, sources=(*study.sources, replace(self.source, id=identity)), current=identity)


@dataclass(frozen=True)
class UseSource:
    """Another source is in use."""

    id: str

    @property
    def words(self) -> str:
        return english("use another source")

    def apply(self, study: Study) -> Study:
        return replace(study, current=study.source_of(self.id).id)


@dataclass(frozen=True, eq=False)
class ReadAgain:
    """The source in use read in another way, or its file read anew: what was said about it is laid over where it fits."""

    source: StudySource

    @property
    def words(self) -> str:
        return english("read {name} again", name=self.source.name)

    def apply(self, study: Study) -> Study:
        return study.with_source(replace(self.source, id=study.current))


@dataclass(frozen=True)
class RemoveSource:
    """A source taken out; refused while a kept exhibit or another source is made from it."""

    id: str

    @property
    def words(self) -> str:
        return english("take out a source")

    def apply(self, study: Study) -> Study:
        leaving = study.source_of(self.id)
        if len(study.sources) == 1:
            raise Problem(english("The only source of a study cannot be taken out."))
        if any(kept.source == self.id for kept in study.kept):
            raise Problem(english("“{leaving}” is needed by a kept exhibit.", leaving=leaving.name))
        child = next((source for source in study.sources if self.id in parents_of(source.recipe)), None)
        if child is not None:
            raise Problem(
                english(
                    "“{child}” is made from “{leaving}”; take that out first.", child=child.name, leaving=leaving.name
                )
            )
        sources = tuple(source for source in study.sources if source.id != self.id)
        current = study.current if study.current != self.id else sources[-1].id
        return replace(study, sources=sources, current=current)
