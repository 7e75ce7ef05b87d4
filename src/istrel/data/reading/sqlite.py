"""Databases in one file (SQLite): the largest table, or the one that is named. They are only read, and nothing in them is run."""

from __future__ import annotations

import sqlite3
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path
from typing import Any
from urllib.parse import quote

import pyarrow as pa

from istrel.data.reading.arrow import refuse_many, table_of
from istrel.data.reading.notes import first_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem, nearest

PIECE, MOST_NAMED, STEPS = 50_000, 12, 100_000


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table of a database.

    Raises
    ------
    Problem
        Where it is broken, has no table, or not the one that is named.
    """
    try:
        with closing(_opened(path)) as database:
            sizes = _tables(path, database)
            name = _chosen(path, sizes, settings.sheet)
            columns = [row[1] for row in database.execute(f"PRAGMA table_info({_quoted(name)})")]
            refuse_many(path, sizes[name], len(columns))
            database.set_progress_handler(lambda: watch.report(0.5), STEPS)
            pieces = list(_pieces(database, name, columns))
    except sqlite3.Error as error:
        raise Problem(
            english("{file}: this is no sound database, or it was cut off ({error}).", file=path.name, error=error)
        ) from None
    except UnicodeError:
        raise Problem(english("{file}: a text in it is not UTF-8.", file=path.name)) from None
    whole = pa.table({column: _column([v for piece in pieces for v in piece[k]]) for k, column in enumerate(columns)})
    others = [other for other in sizes if other != name]
    remark = (
        (english("Only the table “{name}” was read; there are also {others}.", name=name, others=first_of(others)),)
        if others
        else ()
    )
    return table_of(path, whole, f"table {name}", remarks=remark, dates=settings.dates)


def _opened(path: Path) -> sqlite3.Connection:
    """Read only: views, triggers and functions of the file are not run."""
    database = sqlite3.connect(f"file:{quote(str(path.resolve()))}?mode=ro&immutable=1", uri=True)
    database.execute("PRAGMA query_only = 1")
    database.execute("PRAGMA trusted_schema = 0")
    return database


def _tables(path: Path, database: sqlite3.Connection) -> dict[str, int]:
    """{table: its rows}."""
    query = "SELECT name FROM sqlite_master WHERE type = 'table' AND sql NOT LIKE 'CREATE VIRTUAL%' AND name NOT LIKE 'sqlite_%'"
    names = [str(name) for (name,) in database.execute(query)]
    if not names:
        raise Problem(english("{file}: there is no table in this database.", file=path.name))
    return {name: int(database.execute(f"SELECT COUNT(*) FROM {_quoted(name)}").fetchone()[0]) for name in names}


def _chosen(path: Path, sizes: dict[str, int], wanted: str | None) -> str:
    if wanted is None:
        return max(sizes, key=lambda name: sizes[name])
    found = next((name for name in sizes if name.casefold() == wanted.casefold()), None)
    if found is None:
        raise Problem(
            english(
                "{file}: there is no table “{wanted}”.{hint} Its tables are {names}.",
                file=path.name,
                wanted=wanted,
                hint=nearest(wanted, sizes),
                names=first_of(list(sizes)),
            )
        )
    return found


def _quoted(name: str) -> str:
    return '"' + name.replace('"', '""') + '"'


def _pieces(database: sqlite3.Connection, name: str, columns: list[str]) -> Iterator[list[tuple[Any, ...]]]:
    said = ", ".join(_quoted(column) for column in columns)
    cursor = database.execute(f"SELECT {said} FROM {_quoted(name)}")
    while rows := cursor.fetchmany(PIECE):
        yield list(zip(*rows, strict=True))


def _column(values: list[Any]) -> pa.Array:
    given = [value for value in values if value is not None]
    if given and all(isinstance(value, int) for value in given):
        return pa.array(values, pa.int64())
    if given and all(isinstance(value, int | float) for value in given):
        return pa.array([None if value is None else float(value) for value in values], pa.float64())
    return pa.array([_text(value) for value in values], pa.string())


def _text(value: Any) -> str | None:
    if value is None or isinstance(value, str):
        return value
    return f"{len(value):,} bytes" if isinstance(value, bytes) else str(value)
