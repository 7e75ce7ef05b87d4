"""From what a finding offers to the change of the study that does it."""

from __future__ import annotations

from istrel.data.corrections import Aside
from istrel.data.screening.finding import (
    Action,
    ChangeLevel,
    CountAsValue,
    MarkMissing,
    NewVariable,
    Omit,
    PutAside,
    Replace,
    StandFor,
    TellsWho,
)
from istrel.study.changes import Change
from istrel.study.changes.cases import Correct, SetAside
from istrel.study.changes.codebook import (
    Derive,
    LeaveOut,
    MarkPersonal,
    SetLevel,
    SetRows,
    TreatAsAnswer,
    TreatAsMissing,
)


def change_of(action: Action) -> Change:
    """The change that carries out a remedy."""
    match action:
        case MarkMissing(variables, codes):
            return TreatAsMissing(variables, codes)
        case CountAsValue(variables, codes):
            return TreatAsAnswer(variables, codes)
        case Replace(corrections):
            return Correct(corrections)
        case PutAside(rows, reason):
            return SetAside(Aside(rows, reason))
        case ChangeLevel(variable, level):
            return SetLevel(variable, level)
        case NewVariable(name, formula):
            return Derive(name, formula)
        case Omit(variables):
            return LeaveOut(variables)
        case TellsWho(variables):
            return MarkPersonal(variables)
        case StandFor(rows):
            return SetRows(rows)
