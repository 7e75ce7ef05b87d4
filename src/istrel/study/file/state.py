"""A study as a record without its data, and back; paths are written as seen from the study's folder."""

from __future__ import annotations

import os
import re
from collections.abc import Callable
from pathlib import Path
from typing import Any

import msgspec

from istrel.data.table import Table
from istrel.english import english, plain
from istrel.problem import Problem
from istrel.study.parts import Kept, Passage
from istrel.study.record import Record, record_of, value_of
from istrel.study.study import Study, StudySource
from istrel.style.house import style_from

Tables = Callable[[str], Table]
KEYS = {"sources", "current", "given", "kept", "style", "identity"}
IDENTITY = re.compile(r"[0-9a-f]{0,16}")


def state_of(study: Study) -> Record:
    """Everything said of a study: its sources by recipe, codebook and corrections, and what was kept."""
    return {
        "sources": [record_of(source) | {"id": source.id} for source in study.sources],
        "current": study.current,
        "given": study.given,
        "kept": [record_of(part) for part in study.parts],
        "style": study.style,
        "identity": study.identity,
    }


def study_of_state(state: object, tables: Tables | None = None) -> Study:
    """The study of such a record; data are those of `tables`, or are made again by their recipes.

    Raises
    ------
    Problem
        Where it is no record of a study, or a source cannot be made again.
    """
    if (
        not isinstance(state, dict)
        or set(state) | {"style", "identity"} != KEYS
        or not all(isinstance(state[k], list) for k in ("sources", "kept"))
    ):
        raise Problem(english("The record of the study cannot be understood."))
    study = Study((), current="", given=0)
    for record in state["sources"]:
        source = value_of(record, study, tables)
        if not isinstance(source, StudySource):
            raise Problem(english("A source of the study cannot be understood."))
        study = Study((*study.sources, source), source.id, given=0)
    parts = tuple(value_of(record, study) for record in state["kept"])
    style, identity = state.get("style", "apa7"), state.get("identity", "")
    marks = [source.id for source in study.sources]
    sound = (
        all(isinstance(one, Passage) or (isinstance(one, Kept) and one.source in marks) for one in parts)
        and isinstance(style, str)
        and isinstance(identity, str)
        and IDENTITY.fullmatch(identity) is not None
        and state["current"] in marks
        and len(set(marks)) == len(marks)
        and isinstance(state["given"], int)
        and state["given"] >= len(marks)
    )
    if not sound:
        raise Problem(english("The record of the study cannot be understood."))
    style_from(style)
    return Study(study.sources, state["current"], parts, state["given"], style, identity)


def with_paths(record: Any, change: Callable[[str], str]) -> Any:
    """The record with the path of every file that was read changed."""
    if isinstance(record, list):
        return [with_paths(part, change) for part in record]
    if isinstance(record, dict):
        made = {name: with_paths(part, change) for name, part in record.items()}
        return made | {"path": change(str(made["path"]))} if made.get("kind") == "Read" and "path" in made else made
    return record


def relative(path: str, folder: Path) -> str:
    """A path as seen from a folder."""
    return os.path.relpath(path, folder) if path else ""


def absolute(path: str, folder: Path) -> str:
    """The path that `relative` came from."""
    return os.path.normpath(folder / path) if path else ""


def readable(study: Study, folder: Path) -> str:
    """The study as stable text for people and version control: everything but the data."""
    state = with_paths(state_of(study), lambda path: relative(path, folder))
    return (
        msgspec.json.format(msgspec.json.encode({"istrel": 1, "study": state}, enc_hook=plain), indent=1).decode()
        + "\n"
    )


def read_back(text: str, name: str, folder: Path) -> Study:
    """The study of such a text; its files are read again.

    Raises
    ------
    Problem
        Where it is no such text, or a file cannot be read.
    """
    try:
        found = msgspec.json.decode(text)
    except (msgspec.MsgspecError, RecursionError):
        raise Problem(english("{name}: this is no study as text.", name=name)) from None
    if not isinstance(found, dict) or found.get("istrel") != 1 or "study" not in found:
        raise Problem(english("{name}: this is no study as text.", name=name))
    return study_of_state(with_paths(found["study"], lambda path: absolute(path, folder)))
