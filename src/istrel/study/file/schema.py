"""What a study file is made of, and opening one as if a stranger had made it."""

from __future__ import annotations

import contextlib
import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path

from istrel.english import english
from istrel.files import beside, refuse_unreadable
from istrel.problem import Problem
from istrel.study.file.holding import copy_to_open, put_journal_aside

MARK = 0x49737472  # application_id: "Istr"
VERSION = 2  # 2: headings, paragraphs and edited texts in the manuscript, the house style
TABLES = {
    "study": "CREATE TABLE study (key TEXT PRIMARY KEY, value TEXT NOT NULL) STRICT",
    "changes": "CREATE TABLE changes (number INTEGER PRIMARY KEY, what TEXT NOT NULL, at TEXT NOT NULL) STRICT",
    "data": "CREATE TABLE data (id TEXT PRIMARY KEY, described TEXT NOT NULL) STRICT",
    "pieces": 'CREATE TABLE pieces ("column" TEXT, number INTEGER, bytes BLOB NOT NULL, PRIMARY KEY ("column", number)) STRICT',
}
MOST_TEXT = 2**29  # bytes of one value of the file
PATIENCE = 0.5  # seconds in which another program may let go of the file


def connect(path: Path, *, writing: bool) -> sqlite3.Connection:
    """A connection to a study file that holds what a study file should hold, and nothing else.

    Raises
    ------
    Problem
        Where it is no study, damaged, newer than this version, open elsewhere, or cannot be read or written.
    """
    refuse_unreadable(path)
    put_journal_aside(path.resolve())
    if writing:
        _bring_up(path)
    with told(path):
        mode = (
            "rw" if writing or os.access(path, os.W_OK) else "ro"
        )  # reading, too, undoes what a crash left half written
        connection = sqlite3.connect(
            f"{path.resolve().as_uri()}?mode={mode}",
            uri=True,
            isolation_level=None,
            timeout=PATIENCE,
            check_same_thread=False,
        )
        try:
            connection.setlimit(sqlite3.SQLITE_LIMIT_LENGTH, MOST_TEXT)
            connection.setlimit(sqlite3.SQLITE_LIMIT_ATTACHED, 0)
            connection.execute("PRAGMA trusted_schema = OFF")
            connection.execute("PRAGMA cell_size_check = ON")
            connection.execute("PRAGMA mmap_size = 0")
            _check(connection, path)
            if writing:
                connection.execute("PRAGMA synchronous = FULL")
                connection.execute("BEGIN IMMEDIATE")
                connection.execute("COMMIT")
        except BaseException:
            connection.close()
            raise
    return connection


# What an older file needs to become one of the next version: SQL, each run on a copy.
STEPS: dict[int, tuple[str, ...]] = {1: ()}  # records of version 1 are records of version 2


def _bring_up(path: Path) -> None:
    """A file of an older version becomes one of this version: on a copy, which takes its place when it is whole."""
    with (
        told(path),
        contextlib.closing(sqlite3.connect(f"{path.resolve().as_uri()}?mode=rw", uri=True, timeout=PATIENCE)) as old,
    ):
        old.execute("PRAGMA trusted_schema = OFF")
        old.isolation_level, old_version = None, old.execute("PRAGMA user_version").fetchone()[0]
        if not 1 <= old_version < VERSION:
            return
        _check(old, path)
        old.execute("BEGIN IMMEDIATE")  # nobody writes meanwhile
        try:
            with beside(path.resolve()) as part, contextlib.closing(sqlite3.connect(part, isolation_level=None)) as new:
                part.write_bytes(path.read_bytes())
                new.execute("BEGIN")
                for version in range(old_version, VERSION):
                    for sql in STEPS[version]:
                        new.execute(sql)
                new.execute(f"PRAGMA user_version = {VERSION}")
                new.execute("COMMIT")
                _check(new, path)
        finally:
            old.execute("ROLLBACK")


def _check(connection: sqlite3.Connection, path: Path) -> None:
    """Its mark, its version, its tables, and whether its pages hold together."""
    (mark,) = connection.execute("PRAGMA application_id").fetchone()
    (version,) = connection.execute("PRAGMA user_version").fetchone()
    if mark != MARK:
        raise Problem(english("{file}: this is no study.", file=path.name))
    if version > VERSION:
        raise Problem(english("{file}: this study was made by a newer Istrel; open it with that one.", file=path.name))
    found = connection.execute(
        "SELECT type, name, sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite_autoindex%'"
    ).fetchall()
    if version < 1 or sorted(found) != sorted(("table", name, sql) for name, sql in TABLES.items()):
        raise Problem(
            english("{file}: this study holds other tables than it should, so it is not opened.", file=path.name)
        )
    if connection.execute("PRAGMA quick_check(1)").fetchone() != ("ok",):
        raise Problem(
            english("{file}: this study is damaged; {what_to_do}.", file=path.name, what_to_do=copy_to_open(path))
        )


def lay_out(connection: sqlite3.Connection) -> None:
    """An empty study file."""
    connection.execute(f"PRAGMA application_id = {MARK}")
    connection.execute(f"PRAGMA user_version = {VERSION}")
    for sql in TABLES.values():
        connection.execute(sql)


@contextmanager
def told(path: Path) -> Iterator[None]:
    """What goes wrong with the file as one plain line."""
    try:
        yield
    except sqlite3.OperationalError as error:
        words = str(error)
        if "locked" in words:
            raise Problem(
                english("{file}: another program is using this study just now; try again.", file=path.name)
            ) from None
        full, closed = english("the disk is full"), english("it is read-only")
        reason = full if "full" in words else closed if "readonly" in words else words
        raise Problem(
            english("{file}: the study cannot be read or written ({reason}).", file=path.name, reason=reason)
        ) from None
    except (sqlite3.Error, OverflowError, UnicodeDecodeError):
        raise Problem(
            english(
                "{file}: this study is damaged or is none; {what_to_do}.", file=path.name, what_to_do=copy_to_open(path)
            )
        ) from None
    except OSError as error:
        raise Problem(
            english("{path}: cannot be written ({why}).", path=path, why=(error.strerror or "no access").lower())
        ) from None
