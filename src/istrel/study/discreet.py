"""What tells who a person is stays out of what is written: which sentences show it, and a first look without it."""

from __future__ import annotations

from dataclasses import replace

from istrel.data.dataset import Dataset
from istrel.data.facts import VariableFacts
from istrel.data.formula.tree import Condition, names_in
from istrel.data.screening.finding import Finding, listed
from istrel.data.series import series_in
from istrel.data.sets import sets_in
from istrel.sentence.request import AllOf, Request
from istrel.study.intake import Intake

SILENT = "something is to be looked at, but its values are personal and not shown."


def personal_in(request: Request, standing: Condition | None, data: Dataset) -> tuple[str, ...]:
    """The personal variables that a sentence or the standing condition names, alone, in a range, or by what they belong to.

    Where all variables of a kind are asked for, all personal ones count as named.
    """
    book = data.codebook
    personal = {line.name for line in book.variables if line.personal}
    if any(isinstance(subject, AllOf) for subject in request.subjects):
        return tuple(sorted(personal))
    named = {*names_in(request, book.names)}
    named |= {*names_in(standing, book.names)} if standing is not None else set()
    for series in series_in(book, data.table):
        named |= {*series.columns} if series.name in named else set()
    for answers in sets_in(data):
        named |= {*answers.columns} if answers.name in named else set()
    return tuple(sorted(personal & named))


def without_personal(intake: Intake) -> Intake:
    """A first look that tells no value of a personal variable; that something is to be looked at, it does."""
    personal = {line.name for line in intake.data.codebook.variables if line.personal}
    if not personal:
        return intake
    return replace(
        intake,
        variables=tuple(_masked(facts) if facts.name in personal else facts for facts in intake.variables),
        findings=tuple(_silent(found) if personal & {*found.variables} else found for found in intake.findings),
        extremes={name: ((), ()) if name in personal else ends for name, ends in intake.extremes.items()},
        file=replace(intake.file, dated="") if intake.file.dated in personal else intake.file,
    )


def _masked(facts: VariableFacts) -> VariableFacts:
    """Counts alone: what is added to facts later is not in it unless it is said here."""
    told = facts.name, facts.level, facts.valid, facts.missing, facts.distinct
    return VariableFacts(*told, None, None, None, (), (), stepped=False, personal=True)


def _silent(found: Finding) -> Finding:
    """A finding without values; these stand in its remedies, too."""
    return replace(found, lead=f"{listed(found.variables)}:", says=SILENT, remedies=())
