"""Delimited text, read by Arrow once the dialect is known; columns of numbers keep the texts among them aside."""

from __future__ import annotations

import contextlib
import mmap
import re
from dataclasses import replace
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from pyarrow import csv as arrow_csv

from istrel.data.column import Column, Kind, Unread
from istrel.data.reading.fingerprint import fingerprint
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.sniff import SAMPLE_BYTES, Dialect, guess_encoding, sniff
from istrel.data.table import Source, Table
from istrel.problem import Problem

DELIMITER_WORDS = {",": "comma", ";": "semicolon", "\t": "tab", "|": "bar"}
MOSTLY_NUMBERS = 0.8
# Keys with leading zeros would lose them as numbers, long ones their last digits; hexadecimal would become decimal.
LOOKS_LIKE_A_KEY = re.compile(r"0\d+$|0[xX][0-9a-fA-F]+$|[+-]?\d{17,}$")
EXACT_IN_FLOAT = 2**53


def read_delimited(path: Path, settings: ReadingSettings) -> Table:
    """The table in a file of delimited text. The file is only read, never written."""
    with path.open("rb") as file:
        head = file.read(SAMPLE_BYTES)
    dialect = sniff(path.name, head, settings)
    try:
        return _table(path, dialect)
    except (pa.ArrowInvalid, UnicodeError) as error:
        if settings.encoding is None and dialect.encoding == "utf-8" and _about_encoding(error):
            return read_delimited(
                path, replace(settings, encoding=guess_encoding(path.name, _around_first_odd_byte(path)))
            )
        raise _plain(path, dialect, error) from error


def _table(path: Path, dialect: Dialect) -> Table:
    arrow = _parse(path, dialect)
    if arrow.num_rows == 0:
        raise Problem(f"{path.name}: there are names but no rows of data below them.")
    words = (
        f"{DELIMITER_WORDS.get(dialect.delimiter, dialect.delimiter)} · {dialect.encoding.upper().removesuffix('-SIG')}"
    )
    columns = tuple(_column(name, arrow.column(i), dialect) for i, name in enumerate(dialect.names))
    source = Source(
        name=path.name,
        path=str(path.resolve()),
        sha256=fingerprint(path),
        reading=words + (" · decimal comma" if dialect.decimal == "," else ""),
        remarks=() if dialect.has_names else ("The first row is data: the variables are named by their place.",),
    )
    return Table(columns, source)


def _about_encoding(error: Exception) -> bool:
    return isinstance(error, UnicodeError) or "UTF" in str(error).upper()


def _parse(path: Path, dialect: Dialect) -> pa.Table:
    """The whole file as an Arrow table: texts as dictionaries, blank cells null, nothing else taken for missing."""
    with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as mapped:
        quoted_breaks = mapped.find(b'"') >= 0
    as_text = {
        name: pa.dictionary(pa.int32(), pa.string())
        for i, name in enumerate(dialect.names)
        if any(len(row) > i and LOOKS_LIKE_A_KEY.match(row[i]) for row in dialect.rows)
    }
    options = _options(dialect, newlines=quoted_breaks)
    return arrow_csv.read_csv(
        path,
        read_options=options[0],
        parse_options=options[1],
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


def _options(dialect: Dialect, *, newlines: bool) -> tuple[arrow_csv.ReadOptions, arrow_csv.ParseOptions]:
    reading = arrow_csv.ReadOptions(
        column_names=dialect.names,
        skip_rows=dialect.skip + (1 if dialect.has_names else 0),
        encoding=dialect.encoding.removesuffix("-sig"),
    )
    return reading, arrow_csv.ParseOptions(delimiter=dialect.delimiter, newlines_in_values=newlines)


def _around_first_odd_byte(path: Path) -> bytes:
    """A part of the file around the first byte that is not ASCII: what tells 8-bit encodings apart."""
    with path.open("rb") as file, mmap.mmap(file.fileno(), 0, access=mmap.ACCESS_READ) as mapped:
        whole = np.frombuffer(mapped, np.uint8)
        first = int(np.argmax(whole > 127))
        del whole
        return mapped[max(0, first - 4096) : first + SAMPLE_BYTES]


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

    def note(row: Any) -> str:
        found.append(row)
        return "error"

    reading, parsing = _options(dialect, newlines=True)
    reading.use_threads = False
    parsing.invalid_row_handler = note
    with contextlib.suppress(pa.ArrowInvalid, UnicodeError):
        arrow_csv.read_csv(path, read_options=reading, parse_options=parsing)
    return found[0] if found else None


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
    if pa.types.is_binary(array.dictionary.type):
        raise UnicodeError("texts that are not UTF-8")
    words = array.dictionary.cast(pa.string())
    codes = array.indices.fill_null(0).to_numpy(zero_copy_only=False).astype(np.int32)
    valid = np.asarray(array.indices.is_valid())
    blank = np.asarray(pc.equal(pc.utf8_length(pc.utf8_trim_whitespace(words)), 0)) if len(words) else np.zeros(0, bool)
    valid = valid & ~blank[codes] if len(words) else valid
    dates = _as_dates(words)
    if dates is not None:
        return Column(
            name, Kind.DATE, np.where(valid, dates[codes], np.datetime64(0, "s")).astype("datetime64[s]"), valid
        )
    numbers, read = _as_numbers(words, dialect.decimal)
    readable = read[codes] & valid if len(words) else valid
    if valid.any() and readable.sum() >= MOSTLY_NUMBERS * valid.sum() and not _keys(words):
        rows = np.flatnonzero(valid & ~readable)
        texts = tuple(words.take(pa.array(codes[rows])).to_pylist())
        return Column(name, Kind.NUMBER, np.where(readable, numbers[codes], 0.0), readable, unread=Unread(rows, texts))
    return Column(name, Kind.TEXT, codes, valid, tuple(words.to_pylist()))


def _keys(words: pa.Array) -> bool:
    """Whether a word is a key rather than a number: with leading zeros, or too long for a double."""
    return bool(pc.any(pc.match_substring_regex(words, r"^(0[0-9]+|[+-]?[0-9]{17,})$")).as_py())


def _as_numbers(words: pa.Array, decimal: str) -> tuple[Any, Any]:
    """(numbers, which words read as one) for distinct words, spaces at their ends aside."""
    stripped = pc.replace_substring(pc.utf8_trim_whitespace(words), "−", "-")
    point, group = (r"\.", ",") if decimal == "." else (",", r"\.")
    whole = rf"([0-9]+|[0-9]{{1,3}}({group}[0-9]{{3}})+)"
    number = rf"[+-]?(({whole}({point}[0-9]*)?|{point}[0-9]+)([eE][+-]?[0-9]+)?|(?i:inf))"
    read = np.asarray(pc.match_substring_regex(stripped, f"^{number}$"))
    plain = pc.replace_substring_regex(stripped, group, "")
    plain = pc.replace_substring(plain, decimal, ".") if decimal != "." else plain
    plain = pc.if_else(pa.array(read), pc.replace_substring_regex(plain, r"^\+", ""), "0")
    return np.asarray(plain.cast(pa.float64())), read


def _as_dates(words: pa.Array) -> Any:
    """Dates written day first with points (31.12.2025), as datetime64[s]; None unless every word is one."""
    if (
        not len(words)
        or not pc.all(pc.match_substring_regex(words, r"^\s*[0-9]{1,2}\.[0-9]{1,2}\.[0-9]{4}\s*$")).as_py()
    ):
        return None
    stamps = pc.strptime(pc.utf8_trim_whitespace(words), format="%d.%m.%Y", unit="s", error_is_null=True)
    return None if stamps.null_count else stamps.to_numpy(zero_copy_only=False)
