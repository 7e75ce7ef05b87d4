"""Rows with another number of fields than there are names: a few are set aside and named by line, many refuse the file."""

from __future__ import annotations

import contextlib
import csv
import itertools
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple

from istrel.data.reading.sniff import Dialect
from istrel.english import english, together

FEW, FEWEST_WHOLE, MOST_SHOWN, MOST_BELOW = 0.01, 4, 3, 12
FEWEST_BEFORE_LAST = 2  # names and a row


class Row(NamedTuple):
    """A line of the file, how many fields its row has, and the row as it stands."""

    line: int
    fields: int
    text: str


def ragged_rows(path: Path, dialect: Dialect) -> Iterator[Row | None]:
    """Every row of data, None for one that has as many fields as there are names."""
    # Only fields are counted, so no byte may be in the way.
    encoding = dialect.encoding if dialect.encoding.startswith(("utf-16", "utf-8")) else "latin-1"
    with path.open(encoding=encoding, newline="", errors="replace") as file, contextlib.suppress(csv.Error):
        lines = itertools.islice(file, dialect.skip, None)
        rows = csv.reader(lines, delimiter=dialect.delimiter)
        begins = 0
        for row in rows:
            odd = len(row) != len(dialect.names)
            if row:
                yield Row(dialect.skip + begins + 1, len(row), dialect.delimiter.join(row)) if odd else None
            begins = rows.line_num


def few_ragged(path: Path, dialect: Dialect) -> tuple[Row, ...]:
    """The ragged rows where they are few enough to set aside: one of at least four, one of a hundred, or the last ones, of words
    below the table; else none.
    """
    found: list[Row] = []
    whole, below = 0, 0  # rows; ragged ones since the last of these
    for row in ragged_rows(path, dialect):
        whole, below = whole + (row is None), 0 if row is None else below + 1
        if row is not None:
            found.append(row)
            if len(found) > max(1.0, FEW * whole) and len(found) > 100:
                return ()
    fine = all(row.text.isprintable() and "\ufffd" not in row.text for row in found)
    few = len(found) <= max(1.0, FEW * whole) and whole > FEWEST_WHOLE
    cut_off = len(found) == 1 and whole > FEWEST_BEFORE_LAST
    notes = len(found) <= MOST_BELOW and whole > FEWEST_WHOLE and all(map(_is_note, found))
    ends = below == len(found) and (cut_off or notes)
    return tuple(found) if fine and (few or ends) else ()


def _is_note(row: Row) -> bool:
    return row.fields == 1 and any(letter.isalpha() for letter in row.text)


def remark(rows: tuple[Row, ...], names: int) -> str:
    """What was set aside, in words."""
    shown = [
        english("line {line:,} (“{text}”)", line=row.line, text=row.text.strip()[:60]) for row in rows[:MOST_SHOWN]
    ]
    more = [english("and {n:,} more", n=len(rows) - MOST_SHOWN)] if len(rows) > MOST_SHOWN else []
    return english(
        "Set aside, for they do not have the {fields} fields of the names: {lines}.",
        fields=str(names),
        lines=together((*shown, *more), " · "),
    )
