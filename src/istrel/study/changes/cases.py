"""Changes of cases: conditions, corrections of single values, cases set aside."""

from __future__ import annotations

from dataclasses import dataclass, replace

from istrel.data.corrections import Aside, Correction
from istrel.data.formula.tree import Condition
from istrel.english import english
from istrel.sentence.show_formula import show_condition
from istrel.study.changes.codebook import reguessed
from istrel.study.study import Study


@dataclass(frozen=True)
class SetCondition:
    """The standing condition on cases; None lifts it."""

    condition: Condition | None

    @property
    def words(self) -> str:
        return (
            english("all cases in use")
            if self.condition is None
            else english("only {condition}", condition=show_condition(self.condition))
        )

    def apply(self, study: Study) -> Study:
        return study.with_source(replace(study.source, standing=self.condition))


@dataclass(frozen=True)
class Correct:
    """Values corrected: recorded beside the source, which stays as it was."""

    corrections: tuple[Correction, ...]

    @property
    def words(self) -> str:
        first = self.corrections[0]
        one = english("{variable} {words}", variable=first.variable, words=first.words)
        if len(self.corrections) == 1:
            return one
        return english("{one} and {n} more", one=one, n=len(self.corrections) - 1)

    def apply(self, study: Study) -> Study:
        source = study.source
        names = tuple(dict.fromkeys(c.variable for c in self.corrections if c.variable in study.table))
        corrected = study.with_source(replace(source, corrections=(*source.corrections, *self.corrections)))
        return reguessed(study, corrected, names)


@dataclass(frozen=True)
class TakeBack:
    """A correction taken back, by its place in the list."""

    place: int

    @property
    def words(self) -> str:
        return english("take back a correction")

    def apply(self, study: Study) -> Study:
        kept = study.source.corrections
        return study.with_source(
            replace(study.source, corrections=(*kept[: self.place], *kept[self.place + 1 :])),
        )


@dataclass(frozen=True)
class SetAside:
    """Cases set aside, in data rows from 1."""

    aside: Aside

    @property
    def words(self) -> str:
        return english("set {n} [case|cases] aside", n=len(self.aside.rows))

    def apply(self, study: Study) -> Study:
        return study.with_source(replace(study.source, asides=(*study.source.asides, self.aside)))


@dataclass(frozen=True)
class BringBack:
    """All cases that were set aside are in use again."""

    @property
    def words(self) -> str:
        return english("bring back the cases set aside")

    def apply(self, study: Study) -> Study:
        return study.with_source(replace(study.source, asides=()))
