"""Sources of a study put together or turned: the result is a source of its own, with the codebook's lines of its parents."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from istrel.data.codebook import Variable
from istrel.data.column import Unread
from istrel.data.combine.gather import gather
from istrel.data.combine.join import Keep, join
from istrel.data.combine.reshape import to_long, to_wide, would_result
from istrel.data.combine.rows import take
from istrel.data.combine.stack import stack
from istrel.data.guess import guess_codebook
from istrel.data.table import Table
from istrel.english import together
from istrel.study.recipes import Gathered, Joined, Longer, Recipe, Stacked, Wider
from istrel.study.study import StudySource

Combined = tuple[StudySource, str]


def table_of(source: StudySource) -> Table:
    """The cases in use of a source, corrected and with derived variables, as they stand now."""
    data = source.data
    if data.aside is None:
        return data.table
    rows = np.flatnonzero(~data.aside)
    return Table(tuple(take(column, rows) for column in data.table.columns), data.table.source)


def joined(left: StudySource, right: StudySource, keys: tuple[str, ...], keep: Keep) -> Combined:
    """(the joined source, what the join does in words)."""
    table, report = join(table_of(left), table_of(right), keys, keep)
    return _source(table, (left, right), Joined(left.id, right.id, keys, keep)), report.words


def stacked(sources: tuple[StudySource, ...]) -> Combined:
    """(the stacked source, what does not match)."""
    table, words = stack(tuple(table_of(source) for source in sources))
    return _source(table, sources, Stacked(tuple(source.id for source in sources))), words


def made_long(source: StudySource, gathered: tuple[str, ...]) -> Combined:
    """(one row per case and variable, how many)."""
    table = to_long(table_of(source), gathered)
    return _source(table, (source,), Longer(source.id, gathered)), together(
        would_result(table.n_rows, len(table.columns))
    )


def made_wide(source: StudySource, keys: tuple[str, ...], names_from: str, values_from: tuple[str, ...]) -> Combined:
    """(one row per key, what was left out)."""
    table, words = to_wide(table_of(source), keys, names_from, values_from)
    return _source(table, (source,), Wider(source.id, keys, names_from, values_from)), words


def gathered(
    source: StudySource, keys: tuple[str, ...], variables: tuple[str, ...], measures: tuple[str, ...]
) -> Combined:
    """(one row per key, from how many rows each); missing codes do not count."""
    table, data = table_of(source), source.data
    kept = np.ones(data.n_rows, bool) if data.aside is None else ~data.aside
    columns = (
        replace(c, valid=data.present(c.name)[kept], unread=Unread()) if c.name in variables else c
        for c in table.columns
    )
    made, words = gather(Table(tuple(columns), table.source), keys, variables, measures)
    return _source(made, (source,), Gathered(source.id, keys, variables, measures)), words


def _source(table: Table, parents: tuple[StudySource, ...], recipe: Recipe) -> StudySource:
    """A source with the lines of its parents' codebooks; what is new is guessed, and nothing is derived any more."""
    lines: dict[str, Variable] = {}
    for parent in parents:
        for line in parent.codebook.variables:
            if line.name in table and table.column(line.name).kind is parent.data.table.column(line.name).kind:
                lines.setdefault(line.name, line)
    guessed = guess_codebook(table)
    codebook = replace(guessed, variables=tuple(_plain(lines.get(v.name, v)) for v in guessed.variables))
    return StudySource(table, codebook, recipe=recipe)


def _plain(line: Variable) -> Variable:
    return replace(line, formula=None)
