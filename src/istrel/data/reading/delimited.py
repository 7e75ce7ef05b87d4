"""Delimited text, read by Arrow once the dialect is known; columns of numbers keep the texts among them aside."""

from __future__ import annotations

import mmap
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from pyarrow import csv as arrow_csv

from istrel.data.column import Column, Kind, Unread
from istrel.data.problem import Problem
from istrel.data.reading.read import fingerprint
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.sniff import SAMPLE_BYTES, Dialect, guess_encoding, sniff
from istrel.data.table import Source, Table

DELIMITER_WORDS = {",": "comma", ";": "semicolon", "\t": "tab", "|": "bar"}
MOSTLY_NUMBERS = 0.8
EXACT_IN_FLOAT = 2**53


def read_delimited(path: Path, settings: ReadingSettings) -> Table:
    """The table in a file of delimited text. The file is only read, never written."""
    with path.open("rb") as file:
        head = file.read(SAMPLE_BYTES)
    dialect = sniff(path.name, head, settings)
    try:
        arrow = _parse(path, dialect)
    except (pa.ArrowInvalid, UnicodeDecodeError, UnicodeError) as error:
        if settings.encoding is None and dialect.encoding == "utf-8" and "UTF" in str(error).upper():
            again = ReadingSettings(
                settings.delimiter, settings.decimal, guess_encoding(path.name, _bytes(path)), settings.header_row
            )
            return read_delimited(path, again)
        raise _plain(path.name, dialect, error) from error
    if arrow.num_rows == 0:
        raise Problem(f"{path.name}: there are names but no rows of data below them.")
    words = (
        f"{DELIMITER_WORDS.get(dialect.delimiter, dialect.delimiter)} · {dialect.encoding.upper().removesuffix('-SIG')}"
    )
    source = Source(
        name=path.name,
        path=str(path.resolve()),
        sha256=fingerprint(path),
        reading=words + (" · decimal comma" if dialect.decimal == "," else ""),
        remarks=() if dialect.has_names else ("The first row is data: the variables are named by their place.",),
    )
    return Table(tuple(_column(name, arrow.column(i), dialect) for i, name in enumerate(dialect.names)), source)


def _parse(path: Path, dialect: Dialect) -> pa.Table:
    """The whole file as an Arrow table: texts as dictionaries, blank cells null, nothing else taken for missing."""
    with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as mapped:
        quoted_breaks = mapped.find(b'"') >= 0
    # Numbers with leading zeros are keys or postal codes: as numbers they would lose their zeros.
    as_text = {
        name: pa.dictionary(pa.int32(), pa.string())
        for i, name in enumerate(dialect.names)
        if any(len(row) > i and len(row[i]) > 1 and row[i][0] == "0" and row[i].isdigit() for row in dialect.rows)
    }
    return arrow_csv.read_csv(
        path,
        read_options=arrow_csv.ReadOptions(
            column_names=dialect.names,
            skip_rows=dialect.skip + (1 if dialect.has_names else 0),
            encoding=dialect.encoding.removesuffix("-sig"),
        ),
        parse_options=arrow_csv.ParseOptions(delimiter=dialect.delimiter, newlines_in_values=quoted_breaks),
        convert_options=arrow_csv.ConvertOptions(
            null_values=[""],
            strings_can_be_null=True,
            true_values=[],
            false_values=[],
            auto_dict_encode=True,
            auto_dict_max_cardinality=2**31 - 1,
            decimal_point=dialect.decimal,
            column_types=as_text,
        ),
    )


def _bytes(path: Path) -> bytes:
    """A part of the file around the first byte that is not ASCII: what tells 8-bit encodings apart."""
    with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as mapped:
        whole = np.frombuffer(mapped, np.uint8)
        first = int(np.argmax(whole > 127))
        del whole
        return mapped[max(0, first - 4096) : first + SAMPLE_BYTES]


def _plain(name: str, dialect: Dialect, error: Exception) -> Problem:
    """A message for a person, with the line, from what Arrow says."""
    text = str(error)
    if "Expected" in text and "columns" in text:
        wanted, got = (
            int(part.split()[0].rstrip(","))
            for part in (text.split("Expected ")[1], text.split("got ")[1].replace(":", " "))
        )
        line = _first_ragged(name, dialect, wanted, text)
        return Problem(
            f"{name}, line {line}: {got} field{'s' if got != 1 else ''} where the row of names has {wanted}. "
            "Mend the line, or name the delimiter."
        )
    if isinstance(error, UnicodeError) or "UTF" in text.upper():
        return Problem(f"{name}: the bytes are not {dialect.encoding}; name the encoding, for example cp1252.")
    first = text.splitlines()[0].removeprefix("CSV parse error: ").rstrip(".")
    return Problem(f"{name}: it cannot be read as delimited text ({first[:120]}).")


def _first_ragged(name: str, dialect: Dialect, wanted: int, text: str) -> int:
    """The line of the first row with another number of fields; Arrow tells the row, else the sample is counted."""
    del name
    if "Row #" in text:
        return int(text.split("Row #")[1].split(":", maxsplit=1)[0]) + dialect.skip
    for place, row in enumerate(dialect.rows):
        if len(row) != wanted:
            return place + dialect.skip + 1 + int(dialect.has_names)
    return 0


def _column(name: str, chunked: pa.ChunkedArray, dialect: Dialect) -> Column:
    kind = chunked.type
    if pa.types.is_dictionary(kind) or pa.types.is_string(kind):
        return _of_texts(name, chunked, dialect)
    if pa.types.is_null(kind):
        return Column(name, Kind.TEXT, np.zeros(len(chunked), np.int32), np.zeros(len(chunked), bool))
    valid = np.asarray(chunked.is_valid())
    if pa.types.is_integer(kind) or pa.types.is_floating(kind):
        return _of_numbers(name, chunked, valid, dialect)
    if pa.types.is_date(kind) or pa.types.is_timestamp(kind):
        if pa.types.is_timestamp(kind) and kind.tz:
            chunked = chunked.cast(pa.timestamp("s"))
        stamps = chunked.cast(pa.timestamp("s"), safe=False).to_numpy()
        return Column(name, Kind.DATE, np.where(valid, stamps, np.datetime64(0, "s")).astype("datetime64[s]"), valid)
    return _of_texts(name, chunked.cast(pa.string()), dialect)


def _of_numbers(name: str, chunked: pa.ChunkedArray, valid: Any, dialect: Dialect) -> Column:
    if pa.types.is_integer(chunked.type):
        limits = pc.min_max(chunked).as_py()
        if limits["max"] is not None and max(abs(limits["min"]), abs(limits["max"])) > EXACT_IN_FLOAT:
            return _of_texts(name, chunked.cast(pa.string()), dialect)  # a key too long for a double
        values = chunked.fill_null(0).to_numpy().astype(np.float64)
    else:
        values = chunked.fill_null(np.nan).to_numpy().astype(np.float64)
        valid = valid & ~np.isnan(values)
    return Column(name, Kind.NUMBER, np.where(valid, values, 0.0) if not valid.all() else values.copy(), valid)


def _of_texts(name: str, chunked: pa.ChunkedArray, dialect: Dialect) -> Column:
    """A column of words; or of numbers, where nearly all that stands there reads as one."""
    array = (
        chunked.combine_chunks()
        if pa.types.is_dictionary(chunked.type)
        else chunked.combine_chunks().dictionary_encode()
    )
    if isinstance(array, pa.ChunkedArray):
        array = array.unify_dictionaries().combine_chunks()
    words = array.dictionary.cast(pa.string())
    codes = array.indices.fill_null(0).to_numpy(zero_copy_only=False).astype(np.int32)
    valid = np.asarray(array.indices.is_valid())
    blank = np.asarray(pc.equal(pc.utf8_length(pc.utf8_trim_whitespace(words)), 0)) if len(words) else np.zeros(0, bool)
    valid = valid & ~blank[codes] if len(words) else valid
    numbers, read = _as_numbers(words, dialect.decimal)
    readable = read[codes] & valid if len(words) else valid
    if valid.any() and readable.sum() >= MOSTLY_NUMBERS * valid.sum() and not _leading_zeros(words):
        rows = np.flatnonzero(valid & ~readable)
        texts = tuple(words.take(pa.array(codes[rows])).to_pylist())
        return Column(name, Kind.NUMBER, np.where(readable, numbers[codes], 0.0), readable, unread=Unread(rows, texts))
    return Column(name, Kind.TEXT, codes, valid, tuple(words.to_pylist()))


def _leading_zeros(words: pa.Array) -> bool:
    return bool(pc.any(pc.match_substring_regex(words, r"^0[0-9]+$")).as_py())


def _as_numbers(words: pa.Array, decimal: str) -> tuple[Any, Any]:
    """(numbers, which words read as one) for distinct words, spaces at their ends aside."""
    stripped = pc.replace_substring(pc.utf8_trim_whitespace(words), "−", "-")
    point = r"\." if decimal == "." else ","
    read = np.asarray(
        pc.match_substring_regex(stripped, rf"^[+-]?([0-9]+({point}[0-9]*)?|{point}[0-9]+)([eE][+-]?[0-9]+)?$")
    )
    plain = pc.replace_substring(stripped, decimal, ".") if decimal != "." else stripped
    plain = pc.if_else(pa.array(read), pc.replace_substring_regex(plain, r"^\+", ""), "0")
    return np.asarray(plain.cast(pa.float64())), read
