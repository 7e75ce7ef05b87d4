"""Checks that a file can be read at all, and gives it to the reader of its format."""

from __future__ import annotations

from pathlib import Path

from istrel.data.reading.settings import ReadingSettings
from istrel.data.table import Table
from istrel.problem import Problem

NOT_YET = {".xlsx", ".ods", ".parquet", ".arrow", ".feather", ".jsonl", ".ndjson"}


def read(path: str | Path, settings: ReadingSettings | None = None) -> Table:
    """The table in a file.

    Raises
    ------
    Problem
        When there is no such file, it is a directory, empty, not text, or not a table; the message names file and line.
    """
    path = Path(path)
    check(path)
    if path.suffix.lower() in NOT_YET:
        raise Problem(f"{path.name}: {path.suffix} files cannot be read yet; save it as delimited text (.csv).")
    from istrel.data.reading.delimited import read_delimited

    return read_delimited(path, settings or ReadingSettings())


def check(path: Path) -> None:
    """Raises the plain message where a path holds nothing to read."""
    if not path.exists():
        raise Problem(f"{path}: there is no such file.")
    if path.is_dir():
        raise Problem(f"{path}: this is a folder; name a file in it.")
    try:
        with path.open("rb") as file:
            if not file.read(1):
                raise Problem(f"{path.name}: the file is empty.")
    except OSError as error:
        raise Problem(f"{path}: cannot be read ({(error.strerror or 'no access').lower()}).") from error
