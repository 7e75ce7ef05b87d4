"""A source that has been read: immutable columns of one length, and where they came from."""

from __future__ import annotations

import hashlib
from dataclasses import dataclass, replace
from functools import cached_property
from pathlib import Path

from istrel.data.column import Column
from istrel.english import english
from istrel.problem import Problem, nearest

Stamp = tuple[int, int]


def stamp_of(path: Path) -> Stamp:
    """(size in bytes, time of the last change in nanoseconds) of a file; zeros where there is none."""
    try:
        found = path.stat()
    except OSError:
        return 0, 0
    return found.st_size, found.st_mtime_ns


@dataclass(frozen=True)
class Reading:
    """What was decided of a file's text; empty where its format decides it.

    Attributes
    ----------
    names_rows
        Lines, from 1, in which names, and what is said under them, were found.
    set_aside
        (line, why) of what is no row of data.
    """

    encoding: str = ""
    delimiter: str = ""
    decimal: str = ""
    names_rows: tuple[int, ...] = ()
    set_aside: tuple[tuple[int, str], ...] = ()


@dataclass(frozen=True)
class Source:
    """Where a table came from, and how it was read, in words a person can check.

    Attributes
    ----------
    stamp
        Size and time of the file when it was read.
    digest
        Its SHA-256 where that is known already.
    unsure
        The remarks that tell of two readings.
    decided
        How its text was read, for programs; nothing where it comes from a study.
    described
        What the file itself says of its columns, as a Table Schema; empty where it says nothing.
    """

    name: str
    path: str = ""
    stamp: Stamp = (0, 0)
    reading: str = ""
    remarks: tuple[str, ...] = ()
    digest: str = ""
    unsure: tuple[str, ...] = ()
    decided: Reading = Reading()
    described: str = ""

    @cached_property
    def sha256(self) -> str:
        """The mark by which the file is known again, in hexadecimal: found out when first asked for.

        Empty for data that are no file, and for a file that changed since it was read.
        """
        path = Path(self.path)
        if self.digest:
            return self.digest
        if not self.path or stamp_of(path) != self.stamp:
            return ""
        with path.open("rb") as file:
            return hashlib.file_digest(file, "sha256").hexdigest()


@dataclass(frozen=True, eq=False)
class Table:
    """Columns of equal length. A change makes a new table that shares what did not change."""

    columns: tuple[Column, ...]
    source: Source

    @property
    def n_rows(self) -> int:
        return self.columns[0].n_rows if self.columns else 0

    @cached_property
    def _by_name(self) -> dict[str, Column]:
        return {column.name: column for column in self.columns}

    @property
    def names(self) -> tuple[str, ...]:
        return tuple(column.name for column in self.columns)

    def __contains__(self, name: object) -> bool:
        return name in self._by_name

    def column(self, name: str) -> Column:
        """The column of that name.

        Raises
        ------
        Problem
            When there is none; the nearest name is offered.
        """
        try:
            return self._by_name[name]
        except KeyError:
            raise Problem(
                english("There is no variable “{name}”.{hint}", name=name, hint=nearest(name, self._by_name))
            ) from None

    def with_column(self, column: Column) -> Table:
        """The same table with one column exchanged (by name) or added at the end."""
        if column.name not in self._by_name:
            return replace(self, columns=(*self.columns, column))
        return replace(self, columns=tuple(column if old.name == column.name else old for old in self.columns))
