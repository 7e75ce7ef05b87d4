"""Changes of what the variables are: levels, labels, missing codes, and derived variables."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable, merge_codes
from istrel.data.column import Column, Kind, show_value
from istrel.data.corrections import aside_mask
from istrel.data.dataset import Mask
from istrel.data.derive import band_labels, children_of, describe_derived
from istrel.data.formula.tree import Formula
from istrel.data.guess import guess_level
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.english import english
from istrel.problem import Problem
from istrel.study.rows import with_rows
from istrel.study.study import Study

LARGE = 200_000  # beyond so many cases a second guess at numbers would keep the window waiting


def _aside(study: Study) -> Mask | None:
    return aside_mask(study.source.asides, study.source.raw.n_rows)


def _with_line(study: Study, line: Variable) -> Study:
    return study.with_codebook(study.codebook.with_variable(line))


@dataclass(frozen=True)
class SetLevel:
    variable: str
    level: Level

    @property
    def words(self) -> str:
        return english("{variable} is {level}", variable=self.variable, level=english(self.level.value))

    def apply(self, study: Study) -> Study:
        return _with_line(study, replace(study.codebook[self.variable], level=self.level))


@dataclass(frozen=True)
class SetRows:
    """What each row of the source in use is."""

    rows: Rows

    @property
    def words(self) -> str:
        said = ", ".join(f"{role} {name}" for role, name in self.rows.said.items())
        return english("rows: {roles}", roles=said) if said else english("each row is a case of its own")

    def apply(self, study: Study) -> Study:
        return study.with_codebook(with_rows(study.codebook, self.rows, study.table, _aside(study)))


@dataclass(frozen=True)
class SetText:
    """The label or the unit of a variable."""

    variable: str
    part: Literal["label", "unit"]
    text: str

    @property
    def words(self) -> str:
        part = english("label") if self.part == "label" else english("unit")
        return english("{part} of {variable}", part=part, variable=self.variable)

    def apply(self, study: Study) -> Study:
        old = study.codebook[self.variable]
        return _with_line(
            study, replace(old, label=self.text) if self.part == "label" else replace(old, unit=self.text)
        )


@dataclass(frozen=True)
class KeepNames:
    """Labels and units that were taken from names go again: these variables are called by their names."""

    variables: tuple[str, ...]

    @property
    def words(self) -> str:
        return english("names as they stand in the file")

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        for name in self.variables:
            codebook = codebook.with_variable(replace(codebook[name], label="", unit=""))
        return study.with_codebook(codebook)


@dataclass(frozen=True)
class SetDecimals:
    """Decimals of a measure in print; None leaves it to the house style."""

    variable: str
    decimals: int | None

    @property
    def words(self) -> str:
        return english("decimals of {variable}", variable=self.variable)

    def apply(self, study: Study) -> Study:
        return _with_line(study, replace(study.codebook[self.variable], decimals=self.decimals))


@dataclass(frozen=True)
class SetValueLabels:
    """The value labels of a variable, all of them, in the order in which values print; `also` names others with the same."""

    variable: str
    labels: tuple[ValueLabel, ...]
    also: tuple[str, ...] = ()

    @property
    def words(self) -> str:
        return english("value labels of {names}", names=_those(self.variable, self.also))

    def apply(self, study: Study) -> Study:
        for name in (self.variable, *self.also):
            study = _with_line(study, replace(study.codebook[name], value_labels=self.labels))
        return study


@dataclass(frozen=True)
class SetMissing:
    """The missing codes of a variable, all of them; `also` names others with the same."""

    variable: str
    codes: tuple[MissingCode, ...]
    also: tuple[str, ...] = ()

    @property
    def words(self) -> str:
        return english("missing codes of {names}", names=_those(self.variable, self.also))

    def apply(self, study: Study) -> Study:
        for name in (self.variable, *self.also):
            study = _with_line(study, replace(study.codebook[name], missing_codes=self.codes))
        return study


def _those(variable: str, also: tuple[str, ...]) -> str:
    return english("{first} to {last}", first=variable, last=also[-1]) if also else variable


@dataclass(frozen=True)
class TreatAsMissing:
    """One or several more missing codes, in several variables at once."""

    variables: tuple[str, ...]
    codes: tuple[float | str, ...]

    @property
    def words(self) -> str:
        return english(
            "treat {codes} as missing", codes=", ".join(show_value(code) for code in self.codes).replace("-", "−")
        )

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        added = tuple(MissingCode(code) for code in self.codes)
        for name in self.variables:
            old = codebook[name]
            codebook = codebook.with_variable(replace(old, missing_codes=merge_codes(old.missing_codes, added)))
        return reguessed(study, study.with_codebook(codebook), self.variables)


@dataclass(frozen=True)
class TreatAsAnswer:
    """Values that were declared missing are answers again, in several variables at once."""

    variables: tuple[str, ...]
    codes: tuple[float | str, ...]

    @property
    def words(self) -> str:
        return english("count {codes} as an answer", codes=", ".join(show_value(code) for code in self.codes))

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        for name in self.variables:
            kept = tuple(code for code in codebook[name].missing_codes if code.value not in self.codes)
            codebook = codebook.with_variable(replace(codebook[name], missing_codes=kept))
        return reguessed(study, study.with_codebook(codebook), self.variables)


@dataclass(frozen=True)
class LeaveOut:
    """Variables left out of everything that is offered, or taken in again; their data stay."""

    variables: tuple[str, ...]
    in_use: bool = False

    @property
    def words(self) -> str:
        names = ", ".join(self.variables[:2]) + (" …" if len(self.variables) > 2 else "")
        return english("take in {names}", names=names) if self.in_use else english("leave out {names}", names=names)

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        for name in self.variables:
            codebook = codebook.with_variable(replace(codebook[name], in_use=self.in_use))
        return study.with_codebook(codebook)


@dataclass(frozen=True)
class MarkPersonal:
    """Variables that tell who a person is: they are in no data that are given away; or, taken back, are again."""

    variables: tuple[str, ...]
    personal: bool = True

    @property
    def words(self) -> str:
        names = ", ".join(self.variables[:2]) + (" …" if len(self.variables) > 2 else "")
        return (
            english("{names} [is|are] personal", names=names, n=len(self.variables))
            if self.personal
            else english("{names} [is|are] not personal", names=names, n=len(self.variables))
        )

    def apply(self, study: Study) -> Study:
        codebook = study.codebook
        for name in self.variables:
            codebook = codebook.with_variable(replace(codebook[name], personal=self.personal))
        return study.with_codebook(codebook)


@dataclass(frozen=True)
class Derive:
    """A new variable made from others; it never takes the place of one that is there."""

    name: str
    formula: Formula
    label: str = ""

    @property
    def words(self) -> str:
        return english("derive {name}", name=self.name)

    def apply(self, study: Study) -> Study:
        if not self.name.strip():
            raise Problem(english("A derived variable needs a name."))
        if self.name in study.codebook:
            raise Problem(
                english("There is already a variable “{name}”; a derived one needs a name of its own.", name=self.name)
            )
        line = describe_derived(self.name, self.formula, study.data, label=self.label)
        return _proven(study.with_codebook(study.codebook.adding(line)))


@dataclass(frozen=True)
class SetFormula:
    """Another formula for a derived variable; labels that came from its bands follow, labels a person wrote stay."""

    name: str
    formula: Formula

    @property
    def words(self) -> str:
        return english("formula of {name}", name=self.name)

    def apply(self, study: Study) -> Study:
        old = study.codebook[self.name]
        if old.formula is None:
            raise Problem(english("“{name}” is a variable of the source; it is not made by a formula.", name=self.name))
        changed = _proven(_with_line(study, replace(old, formula=self.formula)))
        before, after = band_labels(old.formula, study.data), band_labels(self.formula, study.data)
        if not after:
            return changed
        own = {entry.value: entry.label for entry in old.value_labels if entry not in before}
        kept = own if len(before) == len(after) else {}
        labels = tuple(ValueLabel(e.value, kept.get(e.value, e.label)) for e in after)
        return _with_line(changed, replace(changed.codebook[self.name], value_labels=labels))


@dataclass(frozen=True)
class RemoveDerived:
    """A derived variable taken out; refused while others are made from it."""

    name: str

    @property
    def words(self) -> str:
        return english("remove {name}", name=self.name)

    def apply(self, study: Study) -> Study:
        if study.codebook[self.name].formula is None:
            raise Problem(
                english("“{name}” is a variable of the source; it can be left out, not removed.", name=self.name)
            )
        children = children_of(study.codebook, self.name)
        if children:
            raise Problem(
                english("“{name}” is needed by {names}; remove that first.", name=self.name, names=", ".join(children))
            )
        return study.with_codebook(study.codebook.without(self.name))


@dataclass(frozen=True)
class LayOver:
    """Another codebook in place of the one there is: read from a file, already matched with the variables."""

    codebook: Codebook
    name: str

    @property
    def words(self) -> str:
        return english("codebook from {name}", name=self.name)

    def apply(self, study: Study) -> Study:
        codebook = self.codebook
        if codebook.rows != study.codebook.rows:
            codebook = with_rows(codebook, codebook.rows, study.source.raw, _aside(study))
        return _proven(study.with_codebook(codebook))


def _proven(study: Study) -> Study:
    """The study, whose derived variables can all be made; otherwise the Problem that says which cannot."""
    study.source.data  # noqa: B018 — made here, so that a circle or a wrong name is refused before it is kept
    return study


def reguessed(before: Study, after: Study, names: tuple[str, ...]) -> Study:
    """The study after its values were mended, with new levels for variables whose level was still the guessed one.

    "M", "F" and a single "Male" look like three categories; once they are two, the variable is binary.
    """
    codebook = after.codebook
    for name in names:
        line = codebook[name]
        large = before.table.n_rows > LARGE and before.table.column(name).kind is not Kind.TEXT
        if line.formula is None and not large and guess_level(_usable(before, name)) is line.level:
            codebook = codebook.with_variable(replace(line, level=guess_level(_usable(after, name))))
    return after.with_codebook(codebook) if codebook is not after.codebook else after


def _usable(study: Study, name: str) -> Column:
    """A variable's column as it counts: what is declared missing is missing."""
    return replace(study.table.column(name), valid=study.data.present(name))
