"""Columns as Arrow streams, and back: every bit of what was read, checked as if a stranger had written it."""

from __future__ import annotations

import hashlib
from collections.abc import Callable
from typing import TYPE_CHECKING, Any

import msgspec
import numpy as np

from istrel.data.column import Column, Kind, Unread
from istrel.data.table import Source, Table
from istrel.english import english, plain, put_together, taken_apart
from istrel.problem import Problem

if TYPE_CHECKING:
    import pyarrow as pa

ABOUT = b"istrel"


class AboutColumn(msgspec.Struct, forbid_unknown_fields=True):
    """What a column holds besides its values."""

    name: str
    kind: Kind
    unit: str = ""
    unread_rows: tuple[int, ...] = ()
    unread_texts: tuple[str, ...] = ()


class AboutTable(msgspec.Struct, forbid_unknown_fields=True, omit_defaults=True):
    """Where a table came from, and its columns by the hashes of their streams."""

    name: str
    path: str
    stamp: tuple[int, int]
    reading: str
    remarks: tuple[str | tuple[str, dict[str, Any]], ...]
    digest: str
    rows: int
    columns: tuple[str, ...]
    unsure: tuple[str, ...] = ()


def pack(column: Column) -> tuple[str, bytes]:
    """(SHA-256, Arrow stream) of a column."""
    import pyarrow as pa

    absent = ~column.valid
    match column.kind:
        case Kind.TEXT:
            values = pa.DictionaryArray.from_arrays(
                pa.array(column.values, pa.int32(), mask=absent), pa.array(column.words, pa.string())
            )
        case Kind.DATE:
            values = pa.array(column.values.astype("datetime64[s]"), pa.timestamp("s"), mask=absent)
        case _:
            values = pa.array(column.values, pa.float64(), mask=absent)
    unread = column.unread
    about = AboutColumn(column.name, column.kind, column.unit, tuple(unread.rows.tolist()), unread.texts)
    field = pa.field(column.name, values.type, metadata={ABOUT: msgspec.json.encode(about)})
    sink = pa.BufferOutputStream()
    with pa.ipc.new_stream(sink, pa.schema([field])) as writer:
        writer.write_batch(pa.record_batch([values], schema=pa.schema([field])))
    content = sink.getvalue().to_pybytes()
    return hashlib.sha256(content).hexdigest(), content


def unpack(mark: str, content: bytes) -> Column:
    """The column of a stream.

    Raises
    ------
    Problem
        Where it is not the stream of this hash, or holds no sound column.
    """
    import pyarrow as pa

    if hashlib.sha256(content).hexdigest() != mark:
        raise Problem(english("the data of this study are damaged."))
    try:
        with pa.ipc.open_stream(content) as reader:
            batches = list(reader)
        (batch,) = batches
        (values,) = batch.columns
        values.validate(full=True)
        field = batch.schema.field(0)
        about = msgspec.json.decode(field.metadata[ABOUT], type=AboutColumn)
        return _column(about, values)
    except (pa.ArrowException, msgspec.MsgspecError, ValueError, TypeError, KeyError, OverflowError):
        raise Problem(english("the data of this study cannot be understood.")) from None


def _column(about: AboutColumn, values: Any) -> Column:
    import pyarrow as pa

    valid = values.is_valid().to_numpy(zero_copy_only=False)
    words: tuple[str, ...] = ()
    match about.kind:
        case Kind.TEXT:
            if values.type != pa.dictionary(pa.int32(), pa.string()):
                raise ValueError(values.type)
            words = tuple(values.dictionary.to_pylist())
            numbers = values.indices.fill_null(0).to_numpy(zero_copy_only=False)
        case Kind.DATE:
            _expect(values, pa.timestamp("s"))
            numbers = values.to_numpy(zero_copy_only=False).astype("datetime64[s]")
        case _:
            _expect(values, pa.float64())
            numbers = values.fill_null(0.0).to_numpy(zero_copy_only=False)
    rows = np.array(about.unread_rows, np.int64)
    sound = rows.size == len(about.unread_texts) and bool((np.diff(rows) > 0).all())
    if (
        not sound
        or (rows.size and not 0 <= rows[0] <= rows[-1] < valid.size)
        or len(set(words)) != len(words)
        or None in words
    ):
        raise ValueError(about.name)
    unread = Unread(rows, about.unread_texts)
    return Column(about.name, about.kind, np.array(numbers), np.array(valid), words, unread, about.unit)


def _expect(values: pa.Array, wanted: pa.DataType) -> None:
    if values.type != wanted:
        raise ValueError(values.type)


def describe(table: Table, columns: tuple[str, ...], path: str) -> bytes:
    """What is written of a table besides its columns; `path` is where its file lies, seen from the study."""
    source = table.source
    about = AboutTable(
        source.name,
        path,
        source.stamp,
        source.reading,
        tuple(map(taken_apart, source.remarks)),
        source.sha256,
        table.n_rows,
        columns,
        source.unsure,
    )
    return msgspec.json.encode(about, enc_hook=plain)


def table_of(described: str, column: Callable[[str], Column], absolute: Callable[[str], str]) -> Table:
    """The table of a description.

    Raises
    ------
    Problem
        Where it is no sound description, or its columns do not make a table.
    """
    try:
        about = msgspec.json.decode(described, type=AboutTable)
        remarks = tuple(map(put_together, about.remarks))
    except (msgspec.MsgspecError, ValueError):
        raise Problem(english("the data of this study cannot be understood.")) from None
    columns = tuple(column(mark) for mark in about.columns)
    if any(one.n_rows != about.rows for one in columns) or len({one.name for one in columns}) != len(columns):
        raise Problem(english("the data of this study cannot be understood."))
    path = absolute(about.path) if about.path else ""
    return Table(columns, Source(about.name, path, about.stamp, about.reading, remarks, about.digest, about.unsure))
