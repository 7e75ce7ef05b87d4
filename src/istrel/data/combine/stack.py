"""Tables of the same kind one below the other, each row with the name of the table it came from."""

from __future__ import annotations

import numpy as np

from istrel.data.column import Column, Kind
from istrel.data.combine.rows import NONE, end_to_end, take
from istrel.data.derive import free_name
from istrel.data.table import Source, Table
from istrel.english import english, together
from istrel.problem import Problem


def stack(tables: tuple[Table, ...]) -> tuple[Table, str]:
    """(the stacked table, what does not match in words). Variables that one table lacks are missing in its rows.

    Raises
    ------
    Problem
        For fewer than two tables.
    """
    if len(tables) < 2:
        raise Problem(english("Stacking takes two sources or more."))
    names = tuple(dict.fromkeys(name for table in tables for name in table.names))
    columns = []
    for name in names:
        like = next(table.column(name) for table in tables if name in table)
        parts = [
            table.column(name) if name in table else take(like, np.full(table.n_rows, NONE, np.int64))
            for table in tables
        ]
        columns.append(end_to_end(name, parts))
    codes = np.repeat(np.arange(len(tables), dtype=np.int32), [table.n_rows for table in tables])
    origin = tuple(table.source.name.rsplit(".", 1)[0] for table in tables)
    words = origin if len(set(origin)) == len(origin) else tuple(f"{name} {i}" for i, name in enumerate(origin, 1))
    made = Table(tuple(columns), Source(" / ".join(origin), reading="stacked"))
    column = Column(free_name("source", made), Kind.TEXT, codes, np.ones(codes.size, bool), words)
    return made.with_column(column), _unmatched(tables, names)


def _unmatched(tables: tuple[Table, ...], names: tuple[str, ...]) -> str:
    said = [english("{n:,} rows would result.", n=sum(table.n_rows for table in tables))]
    for table in tables:
        lacking = [name for name in names if name not in table]
        if lacking:
            said.append(english("{source} lacks {names}.", source=table.source.name, names=_few(lacking)))
    mixed = [name for name in names if len({table.column(name).kind for table in tables if name in table}) > 1]
    if mixed:
        said.append(english("Of different kinds, so read as text: {names}.", names=", ".join(mixed[:6])))
    return together(said)


def _few(names: list[str]) -> str:
    return ", ".join(names[:6]) + (" …" if len(names) > 6 else "")
