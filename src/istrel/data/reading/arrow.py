"""Arrow files (also called Feather) and Arrow streams."""

from __future__ import annotations

import os
from collections.abc import Callable, Iterable, Iterator
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Any

import pyarrow as pa

from istrel.data.column import Column
from istrel.data.reading.columns import Whole, column_of, columns_of
from istrel.data.reading.described import described, words_of
from istrel.data.reading.heads import clean_names
from istrel.data.reading.notes import Notes
from istrel.data.reading.numbers import Marks
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Source, Table, stamp_of
from istrel.english import english
from istrel.machine import memory
from istrel.problem import Problem

MOST_VALUES = 80_000_000  # that are read on any machine
MOST_PACKED = 20  # values in a byte of a file that means so many
BYTES_OF_A_VALUE = 26  # measured: what the first look at a file takes at most; an exhibit alone takes 15
Words = Callable[[int], pa.Array | None]


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in an Arrow file or stream; read rather than mapped, for a mapped file that shrinks ends the program."""
    watch.report(0.0)
    try:
        with pa.OSFile(str(path), "rb") as file:
            try:
                reader: Any = pa.ipc.open_file(file)
                batches = (reader.get_batch(place) for place in range(reader.num_record_batches))
            except pa.ArrowInvalid:
                file.seek(0)
                reader = batches = pa.ipc.open_stream(file)
            whole = pa.Table.from_batches(_bounded(path, batches), reader.schema)
        whole.validate(full=True)  # the file is believed as it stands: a false offset would end the program
    except (pa.ArrowException, OSError, UnicodeError) as error:
        raise Problem(english("{file}: this is no sound Arrow file, or it was cut off.", file=path.name)) from error
    return table_of(path, whole, "Arrow", dates=settings.dates)


def _bounded(path: Path, batches: Iterable[pa.RecordBatch]) -> Iterator[pa.RecordBatch]:
    rows = 0
    for batch in batches:
        rows += batch.num_rows
        refuse_many(path, rows, batch.num_columns)
        yield batch


def refuse_many(path: Path, rows: int, columns: int) -> None:
    """Raises a Problem for a table that would not fit the memory, before it is unpacked: a few kilobytes can say anything."""
    most = _most(path, rows * columns)
    if rows * columns > most:
        raise Problem(
            english(
                "{file}: it holds {rows:,} rows of {columns:,} columns, more than {most:,} values. "
                "Take fewer columns, or set ISTREL_MOST_VALUES to a larger number if the memory is there.",
                file=path.name,
                rows=rows,
                columns=columns,
                most=most,
            )
        )


def _most(path: Path, values: int) -> int:
    """How many values may be read: those said in the environment, else what the memory holds where the file is large enough to
    mean them.
    """
    said = os.environ.get("ISTREL_MOST_VALUES", "")
    if said.isdecimal() and len(said) < 16:
        return int(said)
    meant = path.exists() and path.stat().st_size * MOST_PACKED >= values
    return max(MOST_VALUES, memory() // BYTES_OF_A_VALUE) if meant else MOST_VALUES


def table_of(
    path: Path,
    whole: Whole,
    reading: str,
    *,
    remarks: tuple[str, ...] = (),
    marks: Marks | None = None,
    dates: str | None = None,
    words: Words | None = None,
) -> Table:
    """Istrel's table from Arrow's, of a file.

    Raises
    ------
    Problem
        Where there is no column, no row, or text that is not UTF-8.
    """
    made = table_in_memory(path.name, whole, reading, remarks=remarks, marks=marks, dates=dates, words=words)
    return replace(made, source=replace(made.source, path=str(path.resolve()), stamp=stamp_of(path)))


def table_in_memory(
    name: str,
    whole: Whole,
    reading: str = "",
    *,
    remarks: tuple[str, ...] = (),
    marks: Marks | None = None,
    dates: str | None = None,
    words: Words | None = None,
) -> Table:
    """As `table_of`, of data that are no file; `name` is what they are called."""
    if not whole.num_columns:
        raise Problem(english("{file}: there are no columns in it.", file=name))
    if not whole.num_rows:
        raise Problem(english("{file}: there are names but no rows of data below them.", file=name))
    try:
        names = clean_names(tuple(str(name) for name in whole.column_names))
    except UnicodeError as error:
        raise Problem(english("{file}: a name in it is not UTF-8 text.", file=name)) from error
    notes = Notes(list(remarks))
    columns = tuple(columns_of(names, whole, marks or Marks(), notes, dates, partial(_column, name)))
    pa.default_memory_pool().release_unused()  # what the conversion took
    told = described(whole.schema, names, words or (lambda place: words_of(whole.column(place))))
    return Table(
        columns, Source(name, "", (0, 0), reading, tuple(notes.remarks), unsure=tuple(notes.unsure), described=told)
    )


def _column(file: str, name: str, chunked: pa.ChunkedArray, marks: Marks, notes: Notes) -> Column:
    try:
        return column_of(name, chunked, marks, notes)
    except (pa.ArrowException, ValueError, OverflowError) as error:
        raise Problem(
            english(
                "{file}: the column “{name}” holds what cannot be shown as numbers, dates or text.",
                file=file,
                name=name,
            )
        ) from error
