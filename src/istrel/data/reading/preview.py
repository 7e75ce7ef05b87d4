"""The first rows of a file as they would be read: shown before anything is decided."""

from __future__ import annotations

from pathlib import Path

from istrel.data.reading.kinds import kind_of
from istrel.data.reading.read import check
from istrel.data.reading.settings import ReadingSettings
from istrel.problem import Problem

Preview = tuple[tuple[str, ...], list[tuple[str, ...]]]
MOST_ROWS = 20


LONG = 8 * 2**20


def first_look(path: Path) -> Preview:
    """The first rows of a text file that takes a while to read; nothing for others.

    Raises
    ------
    Problem
        As `read`.
    """
    if path.is_file() and path.stat().st_size >= LONG and kind_of(path) == "delimited":
        return preview(path, ReadingSettings())
    return (), []


def is_workbook(path: Path) -> bool:
    """Whether a file has sheets to choose from."""
    try:
        return path.is_file() and kind_of(path) == "spreadsheet"
    except Problem:
        return False


def sheets_of(path: Path) -> tuple[str, ...]:
    """The sheets of a workbook.

    Raises
    ------
    Problem
        Where it is none.
    """
    from istrel.data.reading.spreadsheet import sheet_names

    return sheet_names(path)


def preview(path: Path, settings: ReadingSettings) -> Preview:
    """(names, first rows as texts). Of delimited text only the first part is read, so that it takes no time.

    Raises
    ------
    Problem
        As `read`.
    """
    check(path)
    if kind_of(path) == "delimited":
        from istrel.data.reading.sniff import SAMPLE_BYTES, sniff

        with path.open("rb") as file:
            dialect = sniff(path.name, file.read(SAMPLE_BYTES), settings)
        return dialect.names, list(dialect.rows[:MOST_ROWS])
    from istrel.data.reading.read import read

    table = read(path, settings)
    rows = [tuple(c.text_at(row) for c in table.columns) for row in range(min(MOST_ROWS, table.n_rows))]
    return table.names, rows
