"""Variables with much missing, and values that are missing together."""

from __future__ import annotations

import re
from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.dataset import rows_of
from istrel.data.formula.tree import IsMissing, Name, Not
from istrel.data.levels import Level
from istrel.data.screening.finding import Finding, Omit, PutAside, Remedy, cases, listed
from istrel.data.screening.look import Look
from istrel.data.sets import sets_in
from istrel.english import english

MUCH = 0.2
TICKED = re.compile(r"(?i)^(?:[x✓✔☑√1*+]|yes|y|ja|j|oui|o|s[ií]|true|checked|ticked|selected|angekreuzt)$")
TOGETHER, MOST_ASIDE = 0.9, 0.05
FEWEST = 5
MOST_ROWS = 100_000
MOST_VARIABLES = 600


def find(look: Look) -> Iterator[Finding]:
    """high_missing and missing_together."""
    n = look.data.n_cases
    ticked = {one for found in sets_in(look.data) for one in found.columns}  # nobody has to tick an answer
    for name in look.names:
        if name in ticked:
            continue
        unread = look.data.table.column(name).unread.rows.size  # told as text among numbers
        missing = n - int(look.data.present(name).sum()) - unread
        free = look.level(name) is Level.TEXT and missing < n  # nobody has to write a comment
        if n and 0 < missing < n and (ticks := _ticks(look, name)):
            yield from ticks
        elif n and missing >= MUCH * n and not free:
            says = english(
                "is missing in {missing:,} of {n:,} [case|cases] ({share:.0f} %).",
                missing=missing,
                n=n,
                share=100 * missing / n,
            )
            yield Finding(
                "high_missing",
                (name,),
                name,
                says,
                (),
                (Remedy(english("leave out {name}", name=name), Omit((name,))),),
            )
    yield from _together(look)


def _ticks(look: Look, name: str) -> tuple[Finding, ...]:
    """A word or nothing, as where a box was ticked: nothing may mean no; none where the column holds something else."""
    column = look.data.table.column(name)
    if column.kind is not Kind.TEXT or column.unread.rows.size:
        return ()
    held = look.data.tally(name)[0]
    if held.size != 1 or not TICKED.match(word := column.words[int(held[0])]):
        return ()
    words = english("derive whether {name} is “{word}”", name=name, word=word)
    remedies = look.offer(words, f"{name}_yes", Not(IsMissing(Name(name))))
    if remedies is None:
        return ()
    gone = look.data.n_cases - int(look.data.present(name).sum())
    says = english("is “{word}” or nothing, in {cases} nothing: does nothing mean no?", word=word, cases=cases(gone))
    return (Finding("high_missing", (name,), name, says, (), remedies),)


def _together(look: Look) -> Iterator[Finding]:
    n = look.data.n_cases
    absent = {name: n - int(look.data.present(name).sum()) for name in look.names}
    names = [name for name, count in absent.items() if FEWEST <= count < n][:MOST_VARIABLES]
    if len(names) < 2:
        return
    kept = look.data.kept
    step = max(1, look.data.n_rows // MOST_ROWS)
    gone = np.column_stack([(kept & ~look.data.present(name))[::step] for name in names]).astype(np.float32)
    for members in groups(phi(gone)):
        family = tuple(names[i] for i in members)
        mask = kept & ~np.logical_or.reduce([look.data.present(name) for name in family])
        rows = rows_of(mask)
        remedy = Remedy(english("set these cases aside"), PutAside(rows, f"{listed(family)} missing"))
        says = english("are missing together in {cases}.", cases=cases(len(rows)))
        few = len(rows) <= MOST_ASIDE * n
        yield Finding("missing_together", family, listed(family), says, rows, (remedy,) if few else ())


def phi(indicators: NDArray[np.float32]) -> NDArray[np.float64]:
    """Correlations of 0/1 columns, shape (p, p); 0 where one is constant."""
    n = max(1, indicators.shape[0])
    share = indicators.mean(axis=0, dtype=np.float64)
    both = (indicators.T @ indicators).astype(np.float64) / n
    spread = np.sqrt(share * (1 - share))
    with np.errstate(all="ignore"):
        found = (both - np.outer(share, share)) / np.outer(spread, spread)
    return np.nan_to_num(found, posinf=0.0, neginf=0.0)


def groups(phi_matrix: NDArray[np.float64]) -> list[list[int]]:
    """Columns joined by strong correlations, as lists of two or more."""
    joined = phi_matrix >= TOGETHER
    np.fill_diagonal(joined, val=True)
    label, before = np.arange(joined.shape[0]), None
    while before is None or (label != before).any():  # the first of those that hang together passes on its place
        before, label = label, np.where(joined, label, label.size).min(axis=1, initial=label.size)
    members = [np.flatnonzero(label == one).tolist() for one in np.flatnonzero(np.bincount(label) > 1)]
    return sorted(members)
