"""Rows that stand twice, and keys that stand twice."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.data.dataset import rows_of
from istrel.data.levels import Level
from istrel.data.row_marks import row_marks
from istrel.data.screening.finding import Finding, Mask, PutAside, Remedy, cases, listed
from istrel.data.screening.look import Look
from istrel.english import english
from istrel.stats.distinct import distinct_values

MOSTLY_UNIQUE = 0.8
FEW = 3


def find(look: Look) -> Iterator[Finding]:
    """repeated_rows and repeated_key."""
    kept, repeated = look.data.kept, look.repeated
    if kept.sum() < FEW:
        return
    found = int(repeated.sum())
    if found:
        rows = rows_of(repeated)
        says = english("[an earlier one|an earlier row] in every column.", n=found)
        lead = english("{n:,} [row repeats|rows repeat]", n=found)
        remedy = Remedy(english("set the repeats aside"), PutAside(rows, "repeats an earlier row"))
        yield Finding("repeated_rows", (), lead, says, rows, (remedy,), changes_numbers=True)
    for keys in _keys(look, kept & ~repeated):
        yield from _repeated_key(look, keys, kept & ~repeated)


def _keys(look: Look, kept: Mask) -> Iterator[tuple[str, ...]]:
    """Identifiers; in a file with several rows per person, the identifier together with what tells the rows apart."""
    n, said = int(kept.sum()), look.data.codebook.rows
    if said.person and said.occasion:
        yield (said.person, said.occasion)
    for name in look.names:
        if name == said.person:
            continue
        if look.level(name) is not Level.IDENTIFIER:
            continue
        if _distinct(look, (name,), kept) >= MOSTLY_UNIQUE * n:
            yield (name,)
            continue
        for other in look.names:
            if other != name and look.level(other) is not Level.TEXT and _pairs(look, name, other, kept):
                yield (name, other)
                break


def _pairs(look: Look, name: str, other: str, kept: Mask) -> bool:
    """Whether the two together are nearly unique, and the second does more than repeat itself at random."""
    n = int(kept.sum())
    few = look.data.tally(other)[0].size <= max(FEW, n // 20) or look.level(other) is Level.DATE
    return few and _distinct(look, (name, other), kept) >= 0.99 * n


def _distinct(look: Look, names: tuple[str, ...], kept: Mask) -> int:
    marks = row_marks([look.data.table.column(name) for name in names])
    return int(distinct_values(marks[kept]).size)


def _repeated_key(look: Look, keys: tuple[str, ...], kept: Mask) -> Iterator[Finding]:
    present = kept & np.logical_and.reduce([look.data.present(name) for name in keys])
    rows = np.flatnonzero(present)
    marks = row_marks([look.data.table.column(name) for name in keys])[rows]
    if distinct_values(marks).size == marks.size:
        return
    _, place, counts = np.unique(marks, return_inverse=True, return_counts=True)
    again = counts[place] > 1
    mask = np.zeros(kept.size, bool)
    mask[rows[again]] = True
    first = np.zeros(counts.size, np.int64)
    first[place[::-1]] = rows[::-1]  # the earliest row of each key is written last
    later = (rows[again & (first[place] != rows)] + 1).tolist()
    values = int((counts > 1).sum())
    column = look.data.table.column(keys[0])
    examples = list(dict.fromkeys(column.text_at(row) for row in np.flatnonzero(mask)[:12].tolist()))
    named = listed(tuple(examples)) if len(keys) == 1 else cases(int(mask.sum()))
    key = english("{name} with {other}", name=keys[0], other=keys[1]) if len(keys) > 1 else keys[0]
    what = english("{n:,} [value of {key} stands|values of {key} stand]", n=values, key=key)
    yield Finding(
        "repeated_key",
        keys,
        what,
        english("more than once, with other values beside: {named}.", named=named),
        rows_of(mask),
        (Remedy(english("set the later ones aside"), PutAside(tuple(later), "repeats a key")),),
        changes_numbers=True,
    )
