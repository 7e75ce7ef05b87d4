"""The file of a study: the study as it once was, every change since, and the data; one transaction per change."""

from __future__ import annotations

import contextlib
import os
import re
import sqlite3
from dataclasses import replace
from datetime import UTC, datetime
from functools import partial
from hashlib import sha256
from pathlib import Path
from typing import Any

import msgspec

from istrel.data.column import Column
from istrel.data.table import Table
from istrel.english import english, plain
from istrel.files import beside
from istrel.problem import Problem
from istrel.study.changes import Change
from istrel.study.file.holding import Stamp, clear_place, free_name, hold, keep_good, private
from istrel.study.file.packing import describe, pack, table_of, unpack
from istrel.study.file.schema import connect, lay_out, told
from istrel.study.file.state import absolute, relative, state_of, study_of_state, with_paths
from istrel.study.history import History
from istrel.study.places import is_unnamed
from istrel.study.record import change_of, record_of
from istrel.study.study import Study, StudySource

DATA = re.compile(r'"data":"(d\d+)"')
PIECE = 2**23  # bytes of a column in one row
MOST_CHANGES, KEPT_CHANGES = 600, 300  # of more, all but the latest are folded into the study that the file begins with


class StudyFile:
    """An open study file. Not for two threads at once.

    `history` is the study with its undo as it was found; `save` writes what is new.
    """

    def __init__(self, path: Path, *, writing: bool = True) -> None:
        """Open a file.

        Raises
        ------
        Problem
            As `connect`, or where what it holds cannot be understood.
        """
        self._stand_at(path)
        self._tables: dict[str, Table] = {}
        self._columns: dict[str, Column] = {}
        self._held = hold(path) if writing and path.is_file() else None
        try:
            self._connection = connect(path, writing=writing)
        except BaseException:
            self._let_go()
            raise
        self._first = 0  # the number of the first change in the file
        self._folded = 0  # changes of the history before it
        self._changes: list[Change] = []
        try:
            with told(path):
                self.history = self._load()
                if writing:
                    keep_good(path)
                if writing and len(self._changes) > MOST_CHANGES:
                    with _transaction(self._connection):
                        self._fold(self.history)
                        self._set("position", str(len(self.history.past) - self._folded))
            self._stamp = Stamp.of(path)
        except Problem as problem:
            self.close()
            if path.name in problem.message:
                raise
            raise Problem(english("{file}: {message}", file=path.name, message=problem.message)) from None

    @classmethod
    def create(cls, path: Path, history: History) -> StudyFile:
        """A new file: it appears under its name when it holds the whole study. What stood there is replaced.

        Nobody may read it who may not read the files that its data came from, or the folder of studies without a name.

        Raises
        ------
        Problem
            Where it cannot be written.
        """
        made = cls.__new__(cls)
        made._stand_at(path)
        clear_place(path.resolve())
        made._tables, made._columns, made._first, made._folded, made._changes = {}, {}, 0, 0, []
        begun = history.past[0].study if history.past else history.study
        guarded = [Path(source.raw.source.path) for source in history.study.sources if source.raw.source.path]
        guards = (*guarded, *((path.parent,) if is_unnamed(path) else ()))
        with told(path), beside(path.resolve(), guards, private(path.resolve())) as part:
            made._connection = sqlite3.connect(part, isolation_level=None)
            with contextlib.closing(made._connection), _transaction(made._connection):
                lay_out(made._connection)
                made._set("base", _json(made._record_of_study(begun)))
                made._set("position", "0")
                made._write(history)
        made._held = hold(path)
        made._connection, made.history, made._stamp = connect(path, writing=True), history, Stamp.of(path)
        return made

    def _stand_at(self, path: Path) -> None:
        """Paths in the file are seen from its folder."""
        folder = path.resolve().parent
        self.path = path
        self._relative, self._absolute = partial(relative, folder=folder), partial(absolute, folder=folder)

    def close(self) -> None:
        """Let go of the file."""
        self._connection.close()
        self._let_go()

    def _let_go(self) -> None:
        if self._held is not None:
            os.close(self._held)
            self._held = None

    def __enter__(self) -> StudyFile:
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    @property
    def number(self) -> int:
        """How many changes led to the study as it is, from its beginning."""
        return self._first - self._folded + len(self.history.past)

    def save(self, history: History) -> str:
        """What is new in a history of this study: its changes, what was undone, the data they bring. Nothing, or a line to tell:
        where another program wrote over the file or took it away, the study goes on in a file of its own beside it.

        Raises
        ------
        Problem
            Where it cannot be written; the file stays as it was.
        """
        if Stamp.of(self.path) != self._stamp:
            return self._go_on_beside(history)
        was = self._changes, dict(self._tables), self._first, self._folded
        try:
            with told(self.path), _transaction(self._connection):
                self._write(history)
        except BaseException:
            self._changes, self._tables, self._first, self._folded = was  # what was rolled back is not in the file
            raise
        self.history, self._stamp = history, Stamp.of(self.path)
        return ""

    def _go_on_beside(self, history: History) -> str:
        was, other = self.path.name, free_name(self.path)
        made = StudyFile.create(other, history)
        self.close()
        self._stand_at(other)
        self._connection, self._held, self._stamp = made._connection, made._held, made._stamp
        self._tables, self._columns = made._tables, made._columns
        self._first, self._folded = made._first, made._folded
        self._changes, self.history = made._changes, history
        if other.name == was:
            return english("{file} was taken away while it was open; the study was saved there anew.", file=was)
        return english(
            "{file} was changed by another program while it was open; the study goes on as “{other}”, and {file} stays.",
            file=was,
            other=other.name,
        )

    def _set(self, key: str, value: str) -> None:
        self._connection.execute("INSERT OR REPLACE INTO study VALUES (?, ?)", (key, value))

    def _write(self, history: History) -> None:
        if len(history.past) < self._folded:  # undone further than the file reaches
            self._begin_at(history, 0)
        self._fold(history)
        steps = [step.change for step in (*history.past, *reversed(history.future))][self._folded :]
        same = 0
        while same < min(len(steps), len(self._changes)) and steps[same] is self._changes[same]:
            same += 1
        now = datetime.now(UTC).isoformat(timespec="milliseconds")
        rows = [
            (self._first + place, _json(self._record(change)), now)
            for place, change in enumerate(steps)
            if place >= same
        ]
        self._connection.execute("DELETE FROM changes WHERE number >= ?", (self._first + same,))
        self._connection.executemany("INSERT INTO changes VALUES (?, ?, ?)", rows)
        self._set("position", str(len(history.past) - self._folded))
        self._changes = steps

    def _record(self, change: Change) -> Any:
        record = record_of(change)
        source = getattr(change, "source", None)
        if isinstance(source, StudySource):
            record["source"]["data"] = self._store(source.raw)
        return with_paths(record, self._relative)

    def _record_of_study(self, study: Study) -> Any:
        state = state_of(study)
        for record, source in zip(state["sources"], study.sources, strict=True):
            record["data"] = self._store(source.raw)
        return with_paths(state, self._relative)

    def _store(self, table: Table) -> str:
        """The id under which the data of a table stand in the file."""
        known = next((mark for mark, other in self._tables.items() if other is table), None)
        if known is not None:
            return known
        marks = []
        for column in table.columns:
            mark, content = pack(column)
            marks.append(mark)
            if self._connection.execute('SELECT 1 FROM pieces WHERE "column" = ?', (mark,)).fetchone() is None:
                pieces = ((mark, k, content[k * PIECE : (k + 1) * PIECE]) for k in range(-(-len(content) // PIECE)))
                self._connection.executemany("INSERT INTO pieces VALUES (?, ?, ?)", pieces)
        known_marks = (mark for (mark,) in self._connection.execute("SELECT id FROM data") if mark[1:].isdigit())
        mark = f"d{max((int(found[1:]) for found in known_marks), default=0) + 1}"
        described = describe(table, tuple(marks), self._relative(table.source.path))
        self._connection.execute("INSERT INTO data VALUES (?, ?)", (mark, described.decode()))
        self._tables[mark] = table
        return mark

    # Reading.
    def _load(self) -> History:
        settings = dict(self._connection.execute("SELECT key, value FROM study"))
        rows = self._connection.execute("SELECT number, what FROM changes ORDER BY number").fetchall()
        position = settings.get("position", "")
        if "base" not in settings or not position.isascii() or not position.isdigit() or int(position) > len(rows):
            raise Problem(english("this study cannot be understood."))
        self._first = int(rows[0][0]) if rows else 0
        if [number for number, _ in rows] != list(range(self._first, self._first + len(rows))):
            raise Problem(english("changes of this study are missing."))
        begun = study_of_state(with_paths(_read(settings["base"]), self._absolute), self._table)
        begun = _known(begun, settings["base"] + "".join(what for _, what in rows[:1]))

        reached = 0

        def change_at(place: int, study: Study) -> Change:
            nonlocal reached
            reached = place
            record = with_paths(_read(rows[place][1]), self._absolute)
            return change_of(record if isinstance(record, dict) else {}, study, self._table)

        try:
            history = History.replayed(begun, len(rows), change_at)
        except Problem as problem:
            number = rows[reached][0] + 1
            raise Problem(
                english(
                    "change {number} of this study cannot be made again: {message}",
                    number=number,
                    message=problem.message,
                )
            ) from None
        self._changes = [step.change for step in history.past]
        for _ in range(len(rows) - int(position)):
            history = history.undo()
        return history

    def _table(self, mark: str) -> Table:
        if mark not in self._tables:
            found = self._connection.execute("SELECT described FROM data WHERE id = ?", (mark,)).fetchone()
            if found is None:
                raise Problem(english("data of this study are missing."))
            self._tables[mark] = table_of(found[0], self._column, self._absolute)
        return self._tables[mark]

    def _column(self, mark: str) -> Column:
        if mark not in self._columns:
            pieces = self._connection.execute('SELECT bytes FROM pieces WHERE "column" = ? ORDER BY number', (mark,))
            self._columns[mark] = unpack(mark, b"".join(piece for (piece,) in pieces))
        return self._columns[mark]

    def _fold(self, history: History) -> None:
        """The first changes are put into the study that the file begins with, where it has many."""
        number = len(history.past) + len(history.future)
        if number - self._folded > MOST_CHANGES:
            self._begin_at(history, min(number - KEPT_CHANGES, len(history.past)))

    def _begin_at(self, history: History, place: int) -> None:
        """The file begins with the study before a change of the history; within a transaction."""
        begun = history.past[place].study if place < len(history.past) else history.study
        self._set("base", _json(self._record_of_study(begun)))
        gone = place - self._folded
        self._first, self._folded = self._first + gone, place
        self._changes = self._changes[gone:] if gone >= 0 else []
        which = "<" if gone >= 0 else ">="
        self._connection.execute(f"DELETE FROM changes WHERE number {which} ?", (self._first,))
        gone_data = _sweep(self._connection)
        self._tables = {mark: table for mark, table in self._tables.items() if mark not in gone_data}


@contextlib.contextmanager
def _transaction(connection: sqlite3.Connection) -> Any:
    connection.execute("BEGIN IMMEDIATE")
    try:
        yield
        connection.execute("COMMIT")
    except BaseException:
        if connection.in_transaction:  # a full disk ends it by itself
            connection.execute("ROLLBACK")
        raise


def _sweep(connection: sqlite3.Connection) -> set[str]:
    """Data that no record speaks of any more leave the file; which they were."""
    (base,) = connection.execute("SELECT value FROM study WHERE key = 'base'").fetchone()
    said = base + "".join(what for (what,) in connection.execute("SELECT what FROM changes"))
    needed = set(DATA.findall(said))
    unneeded = {mark for (mark,) in connection.execute("SELECT id FROM data") if mark not in needed}
    connection.executemany("DELETE FROM data WHERE id = ?", [(mark,) for mark in unneeded])
    kept = "".join(described for (described,) in connection.execute("SELECT described FROM data"))
    columns = [c for (c,) in connection.execute('SELECT DISTINCT "column" FROM pieces') if c not in kept]
    connection.executemany('DELETE FROM pieces WHERE "column" = ?', [(column,) for column in columns])
    return unneeded


def _known(study: Study, beginning: str) -> Study:
    """The study with an identity: one made before studies had any is known by what its file begins with."""
    return study if study.identity else replace(study, identity=sha256(beginning.encode()).hexdigest()[:8])


def _json(record: Any) -> str:
    return msgspec.json.encode(record, enc_hook=plain).decode()


def _read(text: str) -> Any:
    try:
        return msgspec.json.decode(text)
    except (msgspec.MsgspecError, RecursionError):
        raise Problem(english("a record of this study cannot be understood.")) from None
