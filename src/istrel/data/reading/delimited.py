"""Delimited text, read by Arrow once the dialect is known; columns of numbers keep the texts among them aside."""

from __future__ import annotations

import csv
import re
import tempfile
from collections.abc import Collection, Iterator
from dataclasses import replace
from functools import partial
from pathlib import Path

import numpy as np
import pyarrow as pa
from pyarrow import csv as arrow_csv

from istrel.counting import counted
from istrel.data.column import Column, Kind
from istrel.data.reading import keys
from istrel.data.reading.columns import columns_of
from istrel.data.reading.notes import Notes
from istrel.data.reading.numbers import may_be
from istrel.data.reading.on_its_side import TURNED, turned
from istrel.data.reading.ragged import Row, few_ragged, ragged_rows, remark
from istrel.data.reading.rewritten import Form, with_tabs
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.sniff import SAMPLE_BYTES, Dialect, guess_encoding, letters_said, open_marks, parse, sniff
from istrel.data.reading.watch import Watch, WatchedFile
from istrel.data.table import Reading, Source, Table, stamp_of
from istrel.english import english, in_quotes, numeral
from istrel.problem import Problem

BLOCK = 2**20
BYTES_OF_A_COLUMN, WIDEST_BLOCK = 2**12, 2**26  # each block of a file makes a piece of every column
UNCUT = re.compile(r"[=:;{}<>|()\[\]\"]")
DELIMITER_WORDS = {",": "comma", ";": "semicolon", "\t": "tab", "|": "bar", " ": "space"}


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a file of delimited text. The file is only read, never written."""
    with path.open("rb") as file:
        head = file.read(SAMPLE_BYTES)
    dialect = sniff(path.name, head, settings)
    if dialect.form is not None:
        return _rewritten(path, dialect, dialect.form, settings, watch)
    if dialect.turned:
        return _turned(path, dialect, settings, watch)
    try:
        return _table(path, dialect, settings.dates, watch)
    except (pa.ArrowInvalid, UnicodeError) as error:
        if settings.encoding is None and dialect.encoding == "utf-8" and _about_encoding(error):
            return _late(path, settings, watch)
        if rows := few_ragged(path, dialect):
            return _table(path, dialect, settings.dates, watch, rows)
        raise _plain(path, dialect, error) from error


def _late(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a file whose first odd byte lies far down, where its encoding is found out."""
    sample = _around_first_odd_byte(path)
    found = guess_encoding(path.name, sample)
    table = read_source(path, replace(settings, encoding=found.name), watch)
    if not (said := letters_said(sample, found)):
        return table
    source = table.source
    remark = english("{name}: {words}", name=english("Letters"), words=said)
    return replace(table, source=replace(source, remarks=(remark, *source.remarks), unsure=(remark, *source.unsure)))


def _rewritten(path: Path, dialect: Dialect, form: Form, settings: ReadingSettings, watch: Watch) -> Table:
    """The table whose lines no delimiter cuts, through a copy with tabs between the fields."""
    with tempfile.TemporaryDirectory(prefix="istrel-") as folder:
        copy = Path(folder) / path.name
        with (
            path.open(encoding=dialect.encoding, newline="", errors="replace") as lines,
            copy.open("w", encoding="utf-8", newline="") as out,
        ):
            leave = dialect.skip - dialect.titles
            out.writelines("\n" if n < leave else with_tabs(line, form) for n, line in enumerate(lines) if line.strip())
        table = read_source(copy, replace(settings, delimiter="\t", encoding="utf-8"), watch)
    reading = f"{form.words} · {dialect.encoding.upper()}"
    decided = replace(table.source.decided, delimiter="", encoding=dialect.encoding)
    source = replace(table.source, path=str(path.resolve()), stamp=stamp_of(path), reading=reading, decided=decided)
    return replace(table, source=source)


def _turned(path: Path, dialect: Dialect, settings: ReadingSettings, watch: Watch) -> Table:
    """The table of which each column is a case, through a copy with a line for each."""
    mark = settings.decimal or ("." if dialect.delimiter == "," else None)
    with path.open(encoding=dialect.encoding, newline="", errors="replace") as file:
        rows = turned(parse(list(file)[dialect.skip :], dialect.delimiter))
    with tempfile.TemporaryDirectory(prefix="istrel-") as folder:
        copy = Path(folder) / path.name
        with copy.open("w", encoding="utf-8", newline="") as out:
            csv.writer(out, delimiter="\t", lineterminator="\n").writerows(rows)
        as_lines = replace(settings, delimiter="\t", encoding="utf-8", header_row=1, decimal=mark)
        table = read_source(copy, as_lines, watch)
    notes = Notes()
    notes.say(english("Shape"), TURNED, unsure=True)
    source = replace(
        table.source,
        path=str(path.resolve()),
        stamp=stamp_of(path),
        reading=f"{_written(dialect)} · turned",
        remarks=(*notes.remarks, *table.source.remarks),
        unsure=(*notes.unsure, *table.source.unsure),
        decided=replace(table.source.decided, delimiter=dialect.delimiter, encoding=dialect.encoding),
    )
    return replace(table, source=source)


def _written(dialect: Dialect) -> str:
    """What cuts the fields, and the encoding."""
    sign = DELIMITER_WORDS.get(dialect.delimiter, dialect.delimiter)
    return f"{sign} · {dialect.encoding.upper().removesuffix('-SIG')}"


def _table(path: Path, dialect: Dialect, dates: str | None, watch: Watch, ragged: tuple[Row, ...] = ()) -> Table:
    parse = partial(_parse, path, dialect, watch, bool(ragged))
    with path.open("rb") as file:
        first = file.read(keys.A_SAMPLE)
    arrow = keys.as_they_stand(parse, dialect.delimiter, dialect.encoding, first)
    if arrow.num_rows == 0:
        raise Problem(english("{file}: there are names but no rows of data below them.", file=path.name))
    notes = Notes([*_remarks(dialect), *([remark(ragged, len(dialect.names))] if ragged else [])])
    if dialect.letters:
        notes.say(english("Letters"), dialect.letters, unsure=True)
    for name, word in open_marks(dialect):
        notes.say(name, may_be(word, numeral(float(word)), word.replace(".", "")), unsure=True)
    read = columns_of(dialect.names, arrow, dialect.marks, notes, dates)
    below = () if dialect.head.joined else dialect.head.below
    columns = tuple(
        replace(c, said=said.strip()) if said else c for c, said in zip(read, below or ("",) * len(read), strict=False)
    )
    if (line := _uncut(columns, dialect)) is not None:
        uncut = english("nothing cuts the lines into fields (“{line}”), so there is one variable.", line=line)
        notes.say(english("Shape"), uncut, unsure=True)
    source = Source(
        name=path.name,
        path=str(path.resolve()),
        stamp=stamp_of(path),
        reading=_written(dialect) + (" · decimal comma" if dialect.decimal == "," else ""),
        remarks=tuple(notes.remarks),
        unsure=tuple(notes.unsure),
        decided=_decided(dialect, ragged),
    )
    return Table(columns, source)


def _decided(dialect: Dialect, ragged: tuple[Row, ...]) -> Reading:
    names = dialect.skip + 1
    rows = tuple(range(names, names + int(dialect.head.has_names) + bool(dialect.head.below)))
    titles = tuple((line, "title") for line in range(names - dialect.titles, names))
    aside = (*titles, *((row.line, f"{counted(row.fields, 'field')}, not {len(dialect.names)}") for row in ragged))
    return Reading(dialect.encoding, dialect.delimiter, dialect.decimal, rows, aside)


def _remarks(dialect: Dialect) -> list[str]:
    """What a person should know of how the names were found."""
    found: list[str] = []
    if dialect.titles:
        found.append(
            english("Names were found in line {line}; what stands above is left out.", line=str(dialect.skip + 1))
        )
    if dialect.head.joined:
        found.append(english("The names stand over two rows, which were joined."))
    elif dialect.head.below:
        shown = ", ".join(field.strip()[:40] for field in dialect.head.below if field.strip())[:120]
        found.append(
            english("The row under the names says more of them ({words}): it became labels and units.", words=shown)
        )
    if dialect.head.left:
        found.append(english("Left out: {n:,} [row|rows] under the names, for programs alone.", n=dialect.head.left))
    if dialect.head.repeated:
        shown = in_quotes(dialect.head.repeated[:3])
        found.append(english("Names that stand more than once ({names}) got a number behind.", names=shown))
    if not dialect.head.has_names:
        found.append(english("The first row is data: the variables are named by their place."))
    return found


def _uncut(columns: tuple[Column, ...], dialect: Dialect) -> str | None:
    """A line of a file in which nothing cuts fields, where most look as if something should; None else."""
    if len(columns) > 1 or columns[0].kind is not Kind.TEXT:
        return None
    lines = [row[0].strip() for row in dialect.rows]
    odd = [line for line in lines if UNCUT.search(line)]
    return odd[0][:60] if 2 * len(odd) > len(lines) else None


def _about_encoding(error: Exception) -> bool:
    return isinstance(error, UnicodeError) or "UTF" in str(error).upper()


def _parse(
    path: Path, dialect: Dialect, watch: Watch, skips: bool, as_text: Collection[str], scan: keys.Scan
) -> pa.Table:
    """The whole file as an Arrow table: texts as dictionaries, blank cells null, nothing else taken for missing."""
    quoted_breaks = any(b'"' in block for block in _blocks(path))
    options = _options(dialect, skips=skips, newlines=quoted_breaks)
    converting = arrow_csv.ConvertOptions(
        null_values=[""],
        strings_can_be_null=True,
        true_values=[],
        false_values=[],
        auto_dict_encode=True,
        auto_dict_max_cardinality=2**31 - 1,
        decimal_point=dialect.decimal,
        column_types=dict.fromkeys(as_text, pa.dictionary(pa.int32(), pa.string())),
    )
    with WatchedFile(path, watch, scan) as watched:
        return arrow_csv.read_csv(
            pa.PythonFile(watched, mode="r"),
            read_options=options[0],
            parse_options=options[1],
            convert_options=converting,
        )


def _options(dialect: Dialect, *, skips: bool, newlines: bool) -> tuple[arrow_csv.ReadOptions, arrow_csv.ParseOptions]:
    above = (
        int(dialect.head.has_names) + bool(dialect.head.below) + dialect.head.left
    )  # counted in rows, not in lines: a name may hold a line break
    reading = arrow_csv.ReadOptions(
        column_names=dialect.names,
        skip_rows=dialect.skip,
        skip_rows_after_names=above,
        encoding=dialect.encoding.removesuffix("-sig"),
        block_size=min(max(BLOCK, BYTES_OF_A_COLUMN * len(dialect.names)), WIDEST_BLOCK),
    )
    return reading, arrow_csv.ParseOptions(
        delimiter=dialect.delimiter,
        newlines_in_values=newlines,
        invalid_row_handler=(lambda _: "skip") if skips else None,
    )


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
        return Problem(
            english(
                "{file}: the bytes are not {letters}; name the encoding, for example cp1252.",
                file=path.name,
                letters=dialect.encoding,
            )
        )
    ragged = next(filter(None, ragged_rows(path, dialect)), None)
    if ragged is not None:
        return Problem(
            english(
                "{file}, line {line}: {n} [field|fields] where the row of names has {names}. "
                "Mend the line, or name the delimiter.",
                file=path.name,
                line=str(ragged.line),
                n=ragged.fields,
                names=str(len(dialect.names)),
            )
        )
    why = _reason(path, dialect)
    return Problem(english("{file}: it cannot be read as delimited text: {why}.", file=path.name, why=why))


def _reason(path: Path, dialect: Dialect) -> str:
    """Why the reader stopped, in our own words: a quote that is never closed is what is left."""
    with path.open("rb") as file:
        quotes = sum(block.count(b'"') for block in iter(lambda: file.read(BLOCK), b""))
    if quotes % 2:
        return english("a quote is opened and never closed")
    return english(
        "a row is longer than the reader can hold, or has quotes inside a field cut by “{delimiter}”",
        delimiter=dialect.delimiter,
    )
