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

FEW, FEWEST_WHOLE, MOST_SHOWN = 0.01, 4, 3
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
            odd = bool(row) and len(row) != len(dialect.names)
            yield Row(dialect.skip + begins + 1, len(row), dialect.delimiter.join(row)) if odd else None
            begins = rows.line_num


def few_ragged(path: Path, dialect: Dialect) -> tuple[Row, ...]:
    """The ragged rows where they are few enough to set aside: one of at least four, one of a hundred, or the last; else none."""
    found: list[Row] = []
    whole, last = 0, False
    for row in ragged_rows(path, dialect):
        whole, last = whole + (row is None), row is not None
        if row is not None:
            found.append(row)
            if len(found) > max(1.0, FEW * whole) and len(found) > 100:
                return ()
    fine = all(row.text.isprintable() and "\ufffd" not in row.text for row in found)
    few = len(found) <= max(1.0, FEW * whole) and whole > FEWEST_WHOLE
    ends = len(found) == 1 and last and whole > FEWEST_BEFORE_LAST  # cut off, or a line about the file
    return tuple(found) if fine and (few or ends) else ()


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
