"""What kind of delimited text a file is, found out from its first part: encoding, delimiter, decimal mark, names' row."""

from __future__ import annotations

import codecs
import csv
import io
import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import zip_longest

from istrel.data.markers import stands_for_nothing
from istrel.data.reading.heads import NUMBER, Head, head_of
from istrel.data.reading.letters import Encoding, encoding_of
from istrel.data.reading.numbers import Marks
from istrel.data.reading.on_its_side import lies_on_its_side
from istrel.data.reading.rewritten import Form, form_of, with_tabs
from istrel.data.reading.settings import ReadingSettings
from istrel.english import english
from istrel.problem import Problem

SAMPLE_BYTES = 256 * 1024
SAMPLE_ROWS = 200
MOST_TITLES = 10
NO_CHARACTER_SETS = ("punycode", "idna", "undefined", "unicode_escape", "raw_unicode_escape")
DELIMITERS = ";\t|,"  # where two cut equally well, the comma is the decimal mark
MARKS = (
    (codecs.BOM_UTF8, "utf-8-sig"),
    (codecs.BOM_UTF32_LE, "utf-32"),
    (codecs.BOM_UTF32_BE, "utf-32"),
    (codecs.BOM_UTF16_LE, "utf-16"),
    (codecs.BOM_UTF16_BE, "utf-16"),
)
RARE_DELIMITERS, STEADY = "^~:!", 0.98
SAYS_DELIMITER = re.compile(r'"?sep=([^\r\n])"?\s*$', re.IGNORECASE)
THOUSANDS = re.compile(
    r"[+-]?[1-9]\d{0,2}([.,])\d{3}(\1\d{3})*$"
)  # 2.300 or 2,300: it tells nothing about the decimal mark
EITHER = re.compile(r"[+-]?[1-9]\d{0,2}\.\d{3}$")
BESIDE = r"([eE][+-]?\d+)?( ?[%‰€$£°]C?)?$"
NUMBER_IN = re.compile(r"(?:[€$£] ?)?([+-]?[\d.,]*\d(?:[eE][+-]?\d+)?)(?: ?[^\d\s.,;:/-]{1,4}[²³]?)?$")
POINT, COMMA = re.compile(rf"[+-]?\d*\.\d+{BESIDE}"), re.compile(rf"[+-]?\d*,\d+{BESIDE}")

STAMP = re.compile(  # a time as computers write it
    r"\d{4}-\d\d-\d\d(?:[T_]\d\d:?\d\d(?::?\d\d(?:\.\d+)?)?(?:Z|[+-]\d\d:?\d\d)?)?$|\d\d?:\d\d(?::\d\d(?:\.\d+)?)?$"
)


@dataclass(frozen=True)
class Dialect:
    """How the file is written.

    Attributes
    ----------
    skip
        Lines before the row of names.
    titles
        How many of them hold a title.
    rows
        Sample rows.
    head
        Its names, and what stands with them.
    form
        How lines are written anew; None where a delimiter cuts them.
    letters
        A word as it reads in the encoding taken and in another one, where these are nearly as likely.
    turned
        Whether each column is a case.
    """

    encoding: str
    delimiter: str
    marks: Marks
    skip: int
    head: Head
    rows: tuple[tuple[str, ...], ...]
    titles: int = 0
    form: Form | None = None
    letters: str = ""
    turned: bool = False

    @property
    def decimal(self) -> str:
        return self.marks.decimal

    @property
    def names(self) -> tuple[str, ...]:
        return self.head.names


def sniff(name: str, sample: bytes, settings: ReadingSettings) -> Dialect:
    """The dialect of a file from its first bytes; what the settings say is taken as given.

    Raises
    ------
    Problem
        Where the bytes are not text, the encoding named is unknown or does not fit, or no row of names is found.
    """
    found = find_encoding(name, sample, settings.encoding)
    encoding = found.name
    try:
        text = codecs.getincrementaldecoder(encoding)(errors="replace").decode(sample)
    except UnicodeError:  # without its mark at the beginning no byte order can be known
        raise Problem(
            english("{file}: the bytes are not {letters}; name another encoding, or none.", file=name, letters=encoding)
        ) from None
    lines = list(io.StringIO(text, newline=""))  # cut where the reader cuts: at \n, \r and \r\n alone
    if len(sample) >= SAMPLE_BYTES and len(lines) > 1:
        lines = lines[:-1]
    comments, said = 0, SAYS_DELIMITER.match(lines[0]) if lines and settings.delimiter is None else None
    if said is not None:
        settings, comments = replace(settings, delimiter=said[1]), 1
    while comments < len(lines) and (lines[comments].startswith("#") or not lines[comments].strip()):
        comments += 1
    if settings.header_row:
        comments = settings.header_row - 1
    lines = lines[comments:]
    if not lines:
        raise Problem(english("{file}: there is no row of names in it.", file=name))
    delimiter = settings.delimiter or find_delimiter(lines)
    form = None if settings.delimiter else form_of(lines, delimiter)
    if form is not None:
        comments += form.above
        delimiter, lines = "\t", [with_tabs(line, form) for line in lines[form.above :]]
    titles = 0 if settings.header_row is not None else count_titles(lines, delimiter)
    rows = parse(lines[titles:], delimiter)
    head = head_of(rows, settings.header_row)
    whole = len(sample) < SAMPLE_BYTES and form is None and settings.header_row is None
    return Dialect(
        encoding=encoding,
        letters=letters_said(sample, found),
        delimiter=delimiter,
        marks=find_marks(head.body, delimiter, settings.decimal),
        skip=comments + titles,
        titles=titles,
        head=head,
        rows=tuple(head.body[:SAMPLE_ROWS]),
        form=form,
        turned=whole and lies_on_its_side(rows),
    )


def letters_said(head: bytes, found: Encoding) -> str:
    """A word under both readings; empty where there is one."""
    if not found.other:
        return ""
    line = next((line for line in head.splitlines() if not line.isascii()), b"")
    pairs = zip(
        *(re.split(r"[,;\t|]", line.decode(name, "replace")) for name in (found.name, found.other)), strict=False
    )
    one, other = next(((a.strip()[:40], b.strip()[:40]) for a, b in pairs if a != b), ("", ""))
    if not one:
        return ""
    return english(
        "“{one}” was read as {letters}; as {others} it would be “{other}”.",
        one=one,
        letters=found.name,
        others=found.other,
        other=other,
    )


def count_titles(lines: list[str], delimiter: str) -> int:
    """Lines above the row of names that hold a title: fewer than half of the fields that the rows below have are filled."""
    widths = Counter(len(row) for row in parse(lines[:SAMPLE_ROWS], delimiter))
    width = widths.most_common(1)[0][0] if widths else 1
    found = _above_a_blank_line(lines, delimiter) if width == 2 else 0
    while width >= 3 and found < min(MOST_TITLES, len(lines) - 2):
        filled = [field for row in parse([lines[found]], delimiter) for field in row if field.strip()]
        if 2 * len(filled) >= width or lines[found].count('"') % 2:
            break
        found += 1
    return found if found < MOST_TITLES else 0


def _above_a_blank_line(lines: list[str], delimiter: str) -> int:
    """Lines of one field each up to a blank line, under which two fields stand: where there are but two, a line of one may be a
    row that was cut off.
    """
    for place, line in enumerate(lines[:MOST_TITLES]):
        if not line.strip():
            rest = next((k for k in range(place, len(lines)) if lines[k].strip()), 0)
            return rest if place and rest and len(parse([lines[rest]], delimiter)[0]) == 2 else 0
        if len(parse([line], delimiter)[0]) != 1:
            return 0
    return 0


def find_encoding(name: str, head: bytes, wanted: str | None) -> Encoding:
    """The encoding wanted, or the one that the byte-order mark or the bytes themselves show."""
    if wanted:
        try:
            known = codecs.lookup(wanted).name
            if known not in NO_CHARACTER_SETS:
                "a".encode(known)  # a codec that turns no text into bytes is none
                return Encoding(known)
            raise LookupError
        except (LookupError, UnicodeError):
            raise Problem(
                english("{file}: “{letters}” is not a known encoding; try utf-8 or cp1252.", file=name, letters=wanted)
            ) from None
    for mark, encoding in MARKS:
        if head.startswith(mark):
            return Encoding(encoding)
    if b"\0" in head:
        raise Problem(
            english(
                "{file}: this is not a text file (it holds NUL bytes); open delimited text such as .csv.", file=name
            )
        )
    try:
        codecs.getincrementaldecoder("utf-8")().decode(head)
        return Encoding("utf-8")
    except UnicodeDecodeError:
        return guess_encoding(name, head)


def guess_encoding(name: str, sample: bytes) -> Encoding:
    """The encoding of bytes that are not UTF-8.

    Raises
    ------
    Problem
        Where they are no text.
    """
    odd = sum(byte < 9 or 13 < byte < 32 for byte in sample[:4096])
    if odd > 0.02 * len(sample[:4096]):
        raise Problem(english("{file}: this is not a text file; open delimited text such as .csv.", file=name))
    return encoding_of(sample)


def find_delimiter(lines: list[str]) -> str:
    """The delimiter that cuts the most rows into the same number (above one) of fields; a comma where none does.

    Spaces cut only where nothing else does, and only rows of numbers, of times as computers write them, and of markers.
    """

    def steadiness(delimiter: str) -> tuple[float, int]:
        widths = Counter(len(row) for row in parse(lines[:SAMPLE_ROWS], delimiter))
        width, often = widths.most_common(1)[0] if widths else (1, 0)
        return (often / max(1, widths.total()), width) if width > 1 else (0.0, 0)

    best = max(DELIMITERS, key=steadiness)
    if steadiness(best)[0] > 0:
        return best
    fields = [field for row in parse(lines[1:SAMPLE_ROWS], " ") for field in row]
    plain = [field for field in fields if not (NUMBER.match(field.strip()) or stands_for_nothing(field))]
    numbers = len(plain) < len(fields) and all(STAMP.match(field.strip()) for field in plain)
    quoted = lines[0].startswith('"') and '" "' in lines[0]
    below = {len(row) for row in parse(lines[1:SAMPLE_ROWS], " ")}
    if ((numbers or quoted) and steadiness(" ")[0] == 1.0) or (quoted and len(below) == 1 and below.pop() > 1):
        return " "
    rare = max(RARE_DELIMITERS, key=steadiness)
    cuts_names = rare in lines[0]  # times of day below a single name are one column
    first = lines[0].split(rare)[0]
    again = any(
        line.startswith(first + rare) for line in lines[1:SAMPLE_ROWS]
    )  # “name: Ann” in each of several records
    return rare if cuts_names and not again and steadiness(rare)[0] >= STEADY else ","


def parse(lines: list[str], delimiter: str) -> list[tuple[str, ...]]:
    """Rows of fields, blank lines left out."""
    try:
        return [tuple(row) for row in csv.reader(lines, delimiter=delimiter) if row]
    except csv.Error:  # a quote left open or a field beyond all size; the reader proper says where
        return [tuple(line.rstrip("\r\n").split(delimiter)) for line in lines if line.strip()]


def find_marks(rows: list[tuple[str, ...]], delimiter: str, wanted: str | None) -> Marks:
    """A comma where fields read as numbers with a comma more often than with a point, and the comma does not cut."""
    if wanted:
        return Marks(wanted, given=True)
    fields = _with_a_mark(rows)
    commas, points = (sum(bool(way.match(field)) for field in fields) for way in (COMMA, POINT))
    known = delimiter in (",", " ") or commas != points  # fields between spaces were written by a program
    return Marks("," if delimiter != "," and commas > points else ".", known=known)


def _with_a_mark(rows: Sequence[tuple[str, ...]]) -> list[str]:
    """Fields that may tell the decimal mark: numbers without what stands beside them, and none that may hold thousands alone."""
    marked = (NUMBER_IN.match(field.strip()) for row in rows for field in row if "," in field or "." in field)
    return [found[1] for found in marked if found is not None and not THOUSANDS.match(found[1])]


def open_marks(dialect: Dialect) -> list[tuple[str, str]]:
    """(column, one of its numbers) where a point may stand between thousands as well as before decimals, and nothing tells."""
    if dialect.marks.given or dialect.decimal != "." or (dialect.marks.known and not _is_silent(dialect)):
        return []
    found = []
    for name, fields in zip(dialect.names, zip_longest(*dialect.rows, fillvalue=""), strict=False):
        pointed = [field.strip() for field in fields if "." in field]
        if pointed and all(EITHER.match(field) for field in pointed):
            found.append((name, pointed[0]))
    return found


def _is_silent(dialect: Dialect) -> bool:
    """Whether commas cut, and no number of the file shows that a point stands before decimals."""
    return dialect.delimiter == "," and not any(POINT.match(field) for field in _with_a_mark(dialect.rows))
