"""Delimited text, read by Arrow once the dialect is known; columns of numbers keep the texts among them aside."""

from __future__ import annotations

import contextlib
import re
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
from pyarrow import csv as arrow_csv

from istrel.data.reading.columns import column_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.sniff import SAMPLE_BYTES, Dialect, guess_encoding, sniff
from istrel.data.reading.watch import Watch, WatchedFile
from istrel.data.table import Source, Table, stamp_of
from istrel.problem import Problem

BLOCK = 2**20
DELIMITER_WORDS = {",": "comma", ";": "semicolon", "\t": "tab", "|": "bar"}
# Keys with leading zeros would lose them as numbers, long ones their last digits; hexadecimal would become decimal.
LOOKS_LIKE_A_KEY = re.compile(r"0\d+$|0[xX][0-9a-fA-F]+$|[+-]?\d{17,}$")


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a file of delimited text. The file is only read, never written."""
    with path.open("rb") as file:
        head = file.read(SAMPLE_BYTES)
    dialect = sniff(path.name, head, settings)
    try:
        return _table(path, dialect, watch)
    except (pa.ArrowInvalid, UnicodeError) as error:
        if settings.encoding is None and dialect.encoding == "utf-8" and _about_encoding(error):
            encoding = guess_encoding(path.name, _around_first_odd_byte(path))
            return read_source(path, replace(settings, encoding=encoding), watch)
        raise _plain(path, dialect, error) from error


def _table(path: Path, dialect: Dialect, watch: Watch) -> Table:
    arrow = _parse(path, dialect, watch)
    if arrow.num_rows == 0:
        raise Problem(f"{path.name}: there are names but no rows of data below them.")
    words = (
        f"{DELIMITER_WORDS.get(dialect.delimiter, dialect.delimiter)} · {dialect.encoding.upper().removesuffix('-SIG')}"
    )
    columns = tuple(column_of(name, arrow.column(i), dialect.decimal) for i, name in enumerate(dialect.names))
    source = Source(
        name=path.name,
        path=str(path.resolve()),
        stamp=stamp_of(path),
        reading=words + (" · decimal comma" if dialect.decimal == "," else ""),
        remarks=_remarks(dialect),
    )
    return Table(columns, source)


def _remarks(dialect: Dialect) -> tuple[str, ...]:
    """What a person should know of how the names were found."""
    found = []
    if dialect.titles:
        found.append(f"Names were found in line {dialect.skip + 1}; what stands above is left out.")
    if not dialect.has_names:
        found.append("The first row is data: the variables are named by their place.")
    return tuple(found)


def _about_encoding(error: Exception) -> bool:
    return isinstance(error, UnicodeError) or "UTF" in str(error).upper()


def _parse(path: Path, dialect: Dialect, watch: Watch) -> pa.Table:
    """The whole file as an Arrow table: texts as dictionaries, blank cells null, nothing else taken for missing."""
    quoted_breaks = any(b'"' in block for block in _blocks(path))
    as_text = {
        name: pa.dictionary(pa.int32(), pa.string())
        for i, name in enumerate(dialect.names)
        if any(len(row) > i and LOOKS_LIKE_A_KEY.match(row[i]) for row in dialect.rows)
    }
    options = _options(dialect, newlines=quoted_breaks)
    converting = arrow_csv.ConvertOptions(
        null_values=[""],
        strings_can_be_null=True,
        true_values=[],
        false_values=[],
        auto_dict_encode=True,
        auto_dict_max_cardinality=2**31 - 1,
        decimal_point=dialect.decimal,
        column_types=as_text,
    )
    with WatchedFile(path, watch) as watched:
        return arrow_csv.read_csv(
            pa.PythonFile(watched, mode="r"),
            read_options=options[0],
            parse_options=options[1],
            convert_options=converting,
        )


def _options(dialect: Dialect, *, newlines: bool) -> tuple[arrow_csv.ReadOptions, arrow_csv.ParseOptions]:
    reading = arrow_csv.ReadOptions(
        column_names=dialect.names,
        skip_rows=dialect.skip + (1 if dialect.has_names else 0),
        encoding=dialect.encoding.removesuffix("-sig"),
    )
    return reading, arrow_csv.ParseOptions(delimiter=dialect.delimiter, newlines_in_values=newlines)


def _around_first_odd_byte(path: Path) -> bytes:
    """A part of the file around the first byte that is not ASCII: what tells 8-bit encodings apart."""
    before = b""
    for block in _blocks(path):
        odd = np.flatnonzero(np.frombuffer(block, np.uint8) > 127)
        if odd.size:
            return (before + block)[max(0, len(before) + int(odd[0]) - 4096) :][: 4096 + SAMPLE_BYTES]
        before = block[-4096:]
    return before


def _blocks(path: Path) -> Iterator[bytes]:
    """The file in blocks; read rather than mapped, for a mapped file that shrinks ends the program."""
    with path.open("rb") as file:
        while block := file.read(BLOCK):
            yield block


def _plain(path: Path, dialect: Dialect, error: Exception) -> Problem:
    """A message for a person, with the line, from what Arrow says."""
    if _about_encoding(error):
        return Problem(f"{path.name}: the bytes are not {dialect.encoding}; name the encoding, for example cp1252.")
    ragged = _first_ragged(path, dialect)
    if ragged is not None:
        fields = "1 field" if ragged.actual_columns == 1 else f"{ragged.actual_columns} fields"
        return Problem(
            f"{path.name}, line {ragged.number}: {fields} where the row of names has {ragged.expected_columns}. "
            "Mend the line, or name the delimiter."
        )
    first = str(error).splitlines()[0].removeprefix("CSV parse error: ").rstrip(".")
    return Problem(f"{path.name}: it cannot be read as delimited text ({first[:120]}).")


def _first_ragged(path: Path, dialect: Dialect) -> Any:
    """The first row with another number of fields, found by reading once more on one thread; None if there is none."""
    found: list[Any] = []

    def note(row: Any) -> str:  # called by Arrow's reader
        found.append(row)
        return "error"

    reading, parsing = _options(dialect, newlines=True)
    reading.use_threads = False
    if not dialect.encoding.startswith("utf-16"):
        reading.encoding = "latin1"  # only fields are counted: no byte may be in the way
    parsing.invalid_row_handler = note
    with contextlib.suppress(pa.ArrowInvalid, UnicodeError):
        arrow_csv.read_csv(path, read_options=reading, parse_options=parsing)
    return found[0] if found else None
