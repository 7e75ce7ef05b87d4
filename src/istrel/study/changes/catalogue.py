"""Every change under the id by which study files record it. Ids stay for ever; classes may be called otherwise.

A change that does not stand here cannot be recorded, and `record.py` refuses it when it is made.
"""

from __future__ import annotations

from istrel.study.changes import Change, cases, codebook, manuscript, sources

CHANGES: dict[str, type[Change]] = {
    "SetCondition": cases.SetCondition,
    "Correct": cases.Correct,
    "TakeBack": cases.TakeBack,
    "SetAside": cases.SetAside,
    "BringBack": cases.BringBack,
    "SetLevel": codebook.SetLevel,
    "SetRows": codebook.SetRows,
    "SetText": codebook.SetText,
    "KeepNames": codebook.KeepNames,
    "SetDecimals": codebook.SetDecimals,
    "SetValueLabels": codebook.SetValueLabels,
    "SetMissing": codebook.SetMissing,
    "TreatAsMissing": codebook.TreatAsMissing,
    "TreatAsAnswer": codebook.TreatAsAnswer,
    "LeaveOut": codebook.LeaveOut,
    "MarkPersonal": codebook.MarkPersonal,
    "Derive": codebook.Derive,
    "SetFormula": codebook.SetFormula,
    "RemoveDerived": codebook.RemoveDerived,
    "LayOver": codebook.LayOver,
    "Keep": manuscript.Keep,
    "Insert": manuscript.Insert,
    "Duplicate": manuscript.Duplicate,
    "Drop": manuscript.Drop,
    "Move": manuscript.Move,
    "Exchange": manuscript.Exchange,
    "Retitle": manuscript.Retitle,
    "Write": manuscript.Write,
    "Reword": manuscript.Reword,
    "Accept": manuscript.Accept,
    "AcceptEach": manuscript.AcceptEach,
    "AcceptNumbers": manuscript.AcceptNumbers,
    "AcceptQuoted": manuscript.AcceptQuoted,
    "LetStand": manuscript.LetStand,
    "SetStyle": manuscript.SetStyle,
    "AddSource": sources.AddSource,
    "UseSource": sources.UseSource,
    "ReadAgain": sources.ReadAgain,
    "RemoveSource": sources.RemoveSource,
}
