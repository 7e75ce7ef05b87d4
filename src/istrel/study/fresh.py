"""Whether the files of a study are as they were when they were read, and reading again those that are not."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import NamedTuple

from istrel.data.table import Source, stamp_of
from istrel.problem import Problem
from istrel.study.changes.sources import ReadAgain, UseSource
from istrel.study.history import History
from istrel.study.opening import Opening, open_source, reread
from istrel.study.recipes import Read
from istrel.study.study import StudySource


def changed(source: StudySource) -> bool:
    """Whether the file of a source holds other bytes than when it was read; False where it is gone."""
    if not isinstance(source.recipe, Read):
        return False
    now = stamp_of(Path(source.recipe.path))
    if now in ((0, 0), source.raw.source.stamp):
        return False
    return Source("", source.recipe.path, now).sha256 != source.raw.source.digest


def gone(source: StudySource) -> bool:
    """Whether the file of a source is not where it was read."""
    return isinstance(source.recipe, Read) and stamp_of(Path(source.recipe.path)) == (0, 0)


class Told(NamedTuple):
    """What became of a file: a line, and whether the data that the study holds could not be compared with it."""

    says: str
    unread: bool = False


def refreshed(history: History) -> tuple[History, tuple[Told, ...]]:
    """(the history with every changed file read again, a line for each that changed, is gone or cannot be read)."""
    lines, used = [], history.study.current
    for source in history.study.sources:
        if gone(source):
            lines.append(
                Told(f"{source.name} is not where it was; the data that the study holds are used.", unread=True)
            )
        elif changed(source):
            assert isinstance(source.recipe, Read)
            try:
                new = open_source(source.recipe.path, Opening(source.recipe.settings))
            except Problem as problem:
                lines.append(Told(f"{problem.message} The data that the study holds are used.", unread=True))
                continue
            history = history.do(UseSource(source.id))
            history = history.do(ReadAgain(replace(reread(history.study.source, new), recipe=source.recipe)))
            lines.append(Told(f"{source.name} has changed; it was read again."))
    return (history.do(UseSource(used)) if history.study.current != used else history), tuple(lines)
