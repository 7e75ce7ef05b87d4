"""Every change that can be made to a study: what it does, and how it is called in the undo line."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Protocol

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, merge_codes
from istrel.data.conditions import Condition
from istrel.data.levels import Level
from istrel.sentence.request import show_condition
from istrel.study.study import Kept, Study


class Change(Protocol):
    """A change: `words` for the undo line, `apply` gives the changed study."""

    @property
    def words(self) -> str: ...

    def apply(self, study: Study) -> Study: ...


def _with_codebook(study: Study, codebook: Codebook) -> Study:
    return Study(study.table, codebook, study.standing, study.kept)


@dataclass(frozen=True)
class SetLevel:
    variable: str
    level: Level

    @property
    def words(self) -> str:
        return f"{self.variable} is {self.level.value}"

    def apply(self, study: Study) -> Study:
        line = replace(study.codebook[self.variable], level=self.level)
        return _with_codebook(study, study.codebook.with_variable(line))


@dataclass(frozen=True)
class SetText:
    """The label or the unit of a variable."""

    variable: str
    part: str
    text: str

    @property
    def words(self) -> str:
        return f"{self.part} of {self.variable}"

    def apply(self, study: Study) -> Study:
        if self.part not in ("label", "unit"):
            raise ValueError(self.part)
        old = study.codebook[self.variable]
        line = replace(old, label=self.text) if self.part == "label" else replace(old, unit=self.text)
        return _with_codebook(study, study.codebook.with_variable(line))


@dataclass(frozen=True)
class SetValueLabels:
    variable: str
    labels: tuple[ValueLabel, ...]

    @property
    def words(self) -> str:
        return f"value labels of {self.variable}"

    def apply(self, study: Study) -> Study:
        line = replace(study.codebook[self.variable], value_labels=self.labels)
        return _with_codebook(study, study.codebook.with_variable(line))


@dataclass(frozen=True)
class SetMissing:
    """The missing codes of one variable, all of them."""

    variable: str
    codes: tuple[MissingCode, ...]

    @property
    def words(self) -> str:
        return f"missing codes of {self.variable}"

    def apply(self, study: Study) -> Study:
        line = replace(study.codebook[self.variable], missing_codes=self.codes)
        return _with_codebook(study, study.codebook.with_variable(line))


@dataclass(frozen=True)
class TreatAsMissing:
    """One more missing code, in several variables at once."""

    variables: tuple[str, ...]
    code: float | str

    @property
    def words(self) -> str:
        shown = str(self.code).removesuffix(".0").replace("-", "−")
        return f"treat {shown} as missing"

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        for name in self.variables:
            old = codebook[name]
            codes = merge_codes(old.missing_codes, (MissingCode(self.code),))
            codebook = codebook.with_variable(replace(old, missing_codes=codes))
        return _with_codebook(study, codebook)


@dataclass(frozen=True)
class SetCondition:
    """The standing condition on cases; None lifts it."""

    condition: Condition | None

    @property
    def words(self) -> str:
        return "all cases in use" if self.condition is None else f"only {show_condition(self.condition)}"

    def apply(self, study: Study) -> Study:
        return Study(study.table, study.codebook, self.condition, study.kept)


@dataclass(frozen=True)
class Keep:
    """An exhibit added at the end of the manuscript."""

    exhibit: Kept

    @property
    def words(self) -> str:
        return "keep the exhibit"

    def apply(self, study: Study) -> Study:
        return Study(study.table, study.codebook, study.standing, (*study.kept, self.exhibit))


@dataclass(frozen=True)
class Drop:
    """A kept exhibit taken out of the manuscript."""

    place: int

    @property
    def words(self) -> str:
        return "take out the exhibit"

    def apply(self, study: Study) -> Study:
        kept = (*study.kept[: self.place], *study.kept[self.place + 1 :])
        return Study(study.table, study.codebook, study.standing, kept)


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
        return Study(study.table, study.codebook, study.standing, tuple(kept))


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
        return Study(study.table, study.codebook, study.standing, tuple(kept))
