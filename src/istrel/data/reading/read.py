"""Checks that a file can be read at all, and gives it to the reader of its format."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

from istrel.data.reading.kinds import kind_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table, stamp_of
from istrel.english import english
from istrel.files import refuse_unreadable
from istrel.problem import Problem

Reader = Callable[[Path, ReadingSettings, Watch], Table]


def _arrow(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.arrow import read_source

    return read_source(path, settings, watch)


def _delimited(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.delimited import read_source

    return read_source(path, settings, watch)


def _json_lines(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.json_lines import read_source

    return read_source(path, settings, watch)


def _parquet(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.parquet import read_source

    return read_source(path, settings, watch)


def _spreadsheet(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.spreadsheet import read_source

    return read_source(path, settings, watch)


def _json(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.json_document import read_source

    return read_source(path, settings, watch)


def _sqlite(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.sqlite import read_source

    return read_source(path, settings, watch)


def _packed(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.packed import read_packed

    return read_packed(path, settings, watch, _unpacked)


def _archive(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    from istrel.data.reading.packed import read_archive

    return read_archive(path, settings, watch, _unpacked)


READERS: dict[str, Reader] = {
    "archive": _archive,
    "arrow": _arrow,
    "delimited": _delimited,
    "json": _json,
    "json_lines": _json_lines,
    "packed": _packed,
    "parquet": _parquet,
    "spreadsheet": _spreadsheet,
    "sqlite": _sqlite,
}


def _unpacked(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """What was unpacked; nothing packed once more."""
    kind = kind_of(path)
    if kind in ("packed", "archive"):
        raise Problem(english("{file}: it is packed twice; unpack it, and open the file in it.", file=path.name))
    return READERS[kind](path, settings, watch)


def read(path: str | Path, settings: ReadingSettings | None = None, watch: Watch | None = None) -> Table:
    """The table in a file, by the reader of its format; the content decides where the ending tells nothing.

    Parameters
    ----------
    watch
        Is told how far reading has got, and can end it.

    Raises
    ------
    Problem
        When there is no such file, it is a directory, empty, not a table, or cannot be read; the message names the file.
    """
    path = Path(path)
    check(path)
    reader = READERS[kind_of(path)]
    before = stamp_of(path)
    table = reader(path, settings or ReadingSettings(), watch or Watch())
    if stamp_of(path) != before:
        raise Problem(
            english("{file}: the file was changed or cut short while it was read; read it again.", file=path.name)
        )
    return replace(table, source=replace(table.source, stamp=before))


def check(path: Path) -> None:
    """Raises the plain message where a path holds nothing to read."""
    refuse_unreadable(path)
    if not path.stat().st_size:
        raise Problem(english("{file}: the file is empty.", file=path.name))
