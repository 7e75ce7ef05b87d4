"""What kind of delimited text a file is, found out from its first part: encoding, delimiter, decimal mark, names' row."""

from __future__ import annotations

import codecs
import csv
import io
import re
from collections import Counter
from dataclasses import dataclass, replace
from itertools import pairwise, zip_longest

from istrel.data.markers import is_marker
from istrel.data.reading.letters import Encoding, encoding_of
from istrel.data.reading.numbers import Marks
from istrel.data.reading.rewritten import Form, form_of, with_tabs
from istrel.data.reading.settings import ReadingSettings
from istrel.problem import Problem

SAMPLE_BYTES = 256 * 1024
SAMPLE_ROWS = 200
MOST_TITLES = 10
FEWEST_BELOW, MANY_REPEATING = 12, 3  # rows below, and columns whose values repeat, before a row is unlike all of them
MOST_LEFT = 3  # rows under the names that are looked at for what is for programs
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
FIRST_YEAR, LAST_YEAR = 1500, 2200
NUMBER = re.compile(r"[+-]?(\d+([.,]\d*)?|[.,]\d+)([eE][+-]?\d+)?$")
THOUSANDS = re.compile(r"[+-]?\d{1,3}([.,])\d{3}(\1\d{3})*$")  # 2.300 or 2,300: it tells nothing about the decimal mark
EITHER = re.compile(r"[+-]?[1-9]\d{0,2}\.\d{3}$")
BESIDE = r"([eE][+-]?\d+)?( ?[%‰€$£°]C?)?$"
POINT, COMMA = re.compile(rf"[+-]?\d*\.\d+{BESIDE}"), re.compile(rf"[+-]?\d*,\d+{BESIDE}")


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
    below
        A row under the names that says more of them: questions, labels or units; empty where there is none.
    heads
        True where the names stand over two rows and were joined.
    left
        Rows under the names that hold nothing for a person: descriptions for programs.
    repeated
        Names that stand several times.
    form
        How lines are written anew; None where a delimiter cuts them.
    letters
        A word as it reads in the encoding taken and in another one, where these are nearly as likely.
    """

    encoding: str
    delimiter: str
    marks: Marks
    skip: int
    has_names: bool
    names: tuple[str, ...]
    rows: tuple[tuple[str, ...], ...]
    titles: int = 0
    below: tuple[str, ...] = ()
    heads: bool = False
    left: int = 0
    repeated: tuple[str, ...] = ()
    form: Form | None = None
    letters: str = ""

    @property
    def decimal(self) -> str:
        return self.marks.decimal


def sniff(name: str, head: bytes, settings: ReadingSettings) -> Dialect:
    """The dialect of a file from its first bytes; what the settings say is taken as given.

    Raises
    ------
    Problem
        Where the bytes are not text, the encoding named is unknown or does not fit, or no row of names is found.
    """
    found = find_encoding(name, head, settings.encoding)
    encoding = found.name
    try:
        text = codecs.getincrementaldecoder(encoding)(errors="replace").decode(head)
    except UnicodeError:  # without its mark at the beginning no byte order can be known
        raise Problem(f"{name}: the bytes are not {encoding}; name another encoding, or none.") from None
    lines = list(io.StringIO(text, newline=""))  # cut where the reader cuts: at \n, \r and \r\n alone
    if len(head) >= SAMPLE_BYTES and len(lines) > 1:
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
        raise Problem(f"{name}: there is no row of names in it.")
    delimiter = settings.delimiter or find_delimiter(lines)
    form = None if settings.delimiter else form_of(lines, delimiter)
    if form is not None:
        comments += form.above
        delimiter, lines = "\t", [with_tabs(line, form) for line in lines[form.above :]]
    titles = 0 if settings.header_row is not None else count_titles(lines, delimiter)
    rows = parse(lines[titles:], delimiter)
    rows = with_unnamed_first(rows)
    has_names = not looks_like_data(rows) if settings.header_row is None else settings.header_row > 0
    body = rows[1:] if has_names else rows
    kept = [row for place, row in enumerate(body) if place >= MOST_LEFT or not for_programs(row)] if has_names else body
    below = row_below_names(kept) if has_names else ()
    left = len(body) - len(kept)
    body = kept[1:] if below else kept
    heads = bool(below) and are_two_heads(rows[0], below)
    raw = joined_heads(rows[0], below) if heads else rows[0]
    return Dialect(
        encoding=encoding,
        letters=letters_said(head, found),
        delimiter=delimiter,
        marks=find_marks(body, delimiter, settings.decimal),
        skip=comments + titles,
        titles=titles,
        has_names=has_names,
        names=clean_names(raw if has_names else ("",) * len(raw)),
        rows=tuple(body[:SAMPLE_ROWS]),
        below=below,
        heads=heads,
        left=left,
        repeated=tuple(
            name for name, n in Counter(field.strip() for field in raw).items() if n > 1 and name and has_names
        ),
        form=form,
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
    return f"“{one}” was read as {found.name}; as {found.other} it would be “{other}”." if one else ""


def count_titles(lines: list[str], delimiter: str) -> int:
    """Lines above the row of names that hold a title: fewer than half of the fields that the rows below have are filled."""
    widths = Counter(len(row) for row in parse(lines[:SAMPLE_ROWS], delimiter))
    width = widths.most_common(1)[0][0] if widths else 1
    found = 0
    while width >= 3 and found < min(MOST_TITLES, len(lines) - 2):
        filled = [field for row in parse([lines[found]], delimiter) for field in row if field.strip()]
        if 2 * len(filled) >= width or lines[found].count('"') % 2:
            break
        found += 1
    return found if found < MOST_TITLES else 0


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
            raise Problem(f"{name}: “{wanted}” is not a known encoding; try utf-8 or cp1252.") from None
    for mark, encoding in MARKS:
        if head.startswith(mark):
            return Encoding(encoding)
    if b"\0" in head:
        raise Problem(f"{name}: this is not a text file (it holds NUL bytes); open delimited text such as .csv.")
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
        raise Problem(f"{name}: this is not a text file; open delimited text such as .csv.")
    return encoding_of(sample)


def find_delimiter(lines: list[str]) -> str:
    """The delimiter that cuts the most rows into the same number (above one) of fields; a comma where none does.

    Spaces cut only where nothing else does, and only rows of numbers.
    """

    def steadiness(delimiter: str) -> tuple[float, int]:
        widths = Counter(len(row) for row in parse(lines[:SAMPLE_ROWS], delimiter))
        width, often = widths.most_common(1)[0] if widths else (1, 0)
        return (often / max(1, widths.total()), width) if width > 1 else (0.0, 0)

    best = max(DELIMITERS, key=steadiness)
    if steadiness(best)[0] > 0:
        return best
    fields = [field for row in parse(lines[1:SAMPLE_ROWS], " ") for field in row]
    numbers = bool(fields) and all(NUMBER.match(field.strip()) for field in fields)
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
    fields = [field.strip() for row in rows for field in row if not THOUSANDS.match(field.strip())]
    commas, points = (sum(bool(way.match(field)) for field in fields) for way in (COMMA, POINT))
    known = delimiter in (",", " ") or commas != points  # fields between spaces were written by a program
    return Marks("," if delimiter != "," and commas > points else ".", known=known)


def row_below_names(body: list[tuple[str, ...]]) -> tuple[str, ...]:
    """The first row under the names where it holds words in places in which all rows below hold numbers, and no number itself."""
    if len(body) < 3 or any(NUMBER.match(field.strip()) for field in body[0]):
        return ()
    if _is_unlike_all_below(body):
        return body[0]
    rows = [row for row in body[1:20] if len(row) == len(body[0])]
    columns = list(zip(*rows, strict=True)) if rows else []
    numeric = [
        any(field.strip() for field in column)
        and all(not field.strip() or NUMBER.match(field.strip()) for field in column)
        for column in columns
    ]
    worded = [bool(field.strip()) and not is_marker(field) for field in body[0]]
    known = [is_marker(field) or not field.strip() for field in body[0]]
    places = [place for place, there in enumerate(numeric) if there]
    fits = len(places) >= 2 and all(worded[place] or not body[0][place].strip() for place in places)
    many = sum(worded[place] for place in places) >= max(2, len(places) / 2)
    other = [place for place in range(len(columns)) if place not in places]
    apart = all(known[place] or body[0][place] not in columns[place] for place in other)
    return body[0] if fits and many and apart else ()


def with_unnamed_first(rows: list[tuple[str, ...]]) -> list[tuple[str, ...]]:
    """Rows under names of which the first is left out, for it names the rows: the names begin with an empty one."""
    below = rows[1:]
    if len(below) < 2 or len(rows[0]) < 2 or any(len(row) != len(rows[0]) + 1 for row in below):
        return rows
    return [("", *rows[0]), *below]


def _is_unlike_all_below(body: list[tuple[str, ...]]) -> bool:
    """Whether the first row holds in every column what stands nowhere below, though the values of several columns repeat there."""
    rows = [row for row in body[1:SAMPLE_ROWS] if len(row) == len(body[0])]
    if len(rows) < FEWEST_BELOW:
        return False
    repeating = 0
    for mine, *below in zip(body[0], *rows, strict=True):
        filled = [field for field in below if field.strip()]
        if mine.strip() and mine in filled and not all(field == mine for field in filled):
            return False
        repeating += bool(mine.strip()) and mine not in filled and 1 < len(set(filled)) <= len(filled) / 3
    worded = [field for field in body[0] if field.strip()]
    return repeating >= MANY_REPEATING and 2 * len(worded) > len(body[0])


def for_programs(row: tuple[str, ...]) -> bool:
    """Whether all that stands in a row are objects of JSON: a survey's platform describes its columns to itself."""
    filled = [field.strip() for field in row if field.strip()]
    return len(filled) > 1 and all(field.startswith("{") and field.endswith("}") for field in filled)


def are_two_heads(names: tuple[str, ...], below: tuple[str, ...]) -> bool:
    """Whether a row of words under the names goes on with them: names over several columns leave blanks that it fills."""
    gaps = [place for place in range(1, len(names)) if not names[place].strip()]
    return bool(gaps) and all(below[place].strip() for place in gaps) and bool(names[gaps[0] - 1].strip())


def joined_heads(names: tuple[str, ...], below: tuple[str, ...]) -> tuple[str, ...]:
    """Names over two rows as one: “2019, men”."""
    joined, above = [], ""
    for name, word in zip(names, below, strict=True):
        above = name.strip() or above
        joined.append(", ".join(filter(None, (above, word.strip()))))
    return tuple(joined)


def are_steps(row: tuple[str, ...]) -> bool:
    """Whether the numbers of a row count up in equal steps: years or places, as names do."""
    numbers = [float(field.replace(",", ".")) for field in row if NUMBER.match(field.strip())]
    steps = {round(b - a, 9) for a, b in pairwise(numbers)}
    years = all(number.is_integer() and FIRST_YEAR <= number <= LAST_YEAR for number in numbers)
    return len(numbers) > 1 and len(steps) == 1 and (steps.pop() in (1, 5, 10) or years)


def open_marks(dialect: Dialect) -> list[tuple[str, str]]:
    """(column, one of its numbers) where a point may stand between thousands as well as before decimals, and nothing tells."""
    if dialect.marks.known or dialect.decimal != ".":
        return []
    found = []
    for name, fields in zip(dialect.names, zip_longest(*dialect.rows, fillvalue=""), strict=False):
        pointed = [field.strip() for field in fields if "." in field]
        if pointed and all(EITHER.match(field) for field in pointed):
            found.append((name, pointed[0]))
    return found


def looks_like_data(rows: list[tuple[str, ...]]) -> bool:
    """True where the first row can be no row of names: it has numbers, and the rows below have them in the same places."""
    if len(rows) < 2:
        return False
    if are_steps(rows[0]) and not any(are_steps(row) for row in rows[1:20]):
        return False
    numeric = [bool(NUMBER.match(field.strip())) for field in rows[0]]
    below = [[bool(NUMBER.match(field.strip())) for field in row] for row in rows[1:20] if len(row) == len(rows[0])]
    agree = [all(row[i] for row in below) for i in range(len(numeric))] if below else []
    return bool(agree) and any(n and a for n, a in zip(numeric, agree, strict=True)) and sum(numeric) * 2 >= sum(agree)


def clean_names(raw: tuple[str, ...]) -> tuple[str, ...]:
    """Names without spaces at their ends; empty ones are named by place, repeated ones get a number."""
    plain = [" ".join(field.split()) for field in raw]
    reserved, used = set(plain), set[str]()
    names: list[str] = []
    for place, given in enumerate(plain, start=1):
        base = given or f"column_{place}"
        name, number = base, 1
        while name in used or (name in reserved and name != given):
            number += 1
            name = f"{base}_{number}"
        used.add(name)
        names.append(name)
    return tuple(names)
