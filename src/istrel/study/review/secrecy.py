"""Whether exhibits together give away a count that one of them hides: each may be safe by itself."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.behind import Behind, mask_of
from istrel.exhibits.figure import Arrows, Band, FigureSheet, Intervals, Words
from istrel.exhibits.make import Exhibit
from istrel.exhibits.quoting import quotable
from istrel.exhibits.text import Cell, Hidden, cells_in
from istrel.problem import Problem
from istrel.sentence.edit import with_setting
from istrel.stats.overlap import Mask, atoms, span
from istrel.study.manuscript import Entry
from istrel.study.remake import exhibit_of
from istrel.study.review.point import Point, Script
from istrel.style.numbers import Kind

SILENT = (Band, Intervals, Words, Arrows)  # marks that stand for no cases


class Known(NamedTuple):
    """A count that an exhibit shows: of which cases, and how many."""

    cases: Mask
    size: int


class Secret(NamedTuple):
    """A small count that an exhibit hides: what it is of, in words, and of which cases."""

    words: str
    cases: Mask


def points(script: Script) -> Iterator[Point]:
    """Every hidden count that other exhibits of the same source narrow, with the exhibit that gives it away."""
    known: dict[str, list[Known]] = {}
    for entry in script.entries:
        assert entry.exhibit is not None
        below = entry.exhibit.request.settings["hide_below"]
        others = [e for e in script.entries if e is not entry and e.kept.source == entry.kept.source]
        secrets = _secrets(entry, script) if below and others else []
        if not secrets:
            continue
        for one in (entry, *others):
            if one.kept.id not in known and one.exhibit is not None:
                known[one.kept.id] = _known(one.exhibit)
        told = _told(secrets, known[entry.kept.id], [known[e.kept.id] for e in others], below)
        if told is not None:
            secret, place = told
            yield _point(entry, others[place] if place is not None else None, secret)


def _point(entry: Entry, other: Entry | None, secret: Secret) -> Point:
    mine = entry.label.rstrip(" .:")
    beside = english("with {label}", label=other.label.rstrip(" .:")) if other else english("with the other exhibits")
    says = english(
        "{label} hides how many cases {words} are, but {beside} it can be worked out; hide it there too, or keep one.",
        label=mine,
        words=secret.words,
        beside=beside,
    )
    return Point(english("small counts"), says, entry.kept.id)


def _told(
    secrets: Sequence[Secret], own: list[Known], others: list[list[Known]], below: int
) -> tuple[Secret, int | None] | None:
    """The first secret that is given away, and the place of the exhibit that does it; None for the place where several do."""
    every = [*own, *(known for each in others for known in each)]
    parts = atoms([*(known.cases for known in every), *(secret.cases for secret in secrets)])
    counts = np.array([known.size for known in every], np.int64)
    mine = np.arange(len(every)) < len(own)
    ends = np.cumsum([len(own), *(len(each) for each in others)])
    for place, secret in enumerate(secrets):
        wanted = parts.inside[len(every) + place]

        def width(shown: NDArray[np.bool_], wanted: NDArray[np.bool_] = wanted) -> int:
            low, high = span(parts.inside[: len(every)][shown], counts[shown], wanted)
            return high - low

        alone = width(mine)
        if not _narrowed(width(np.ones(len(every), bool)), alone, below):
            continue
        for which in range(len(others)):
            from_other = (np.arange(len(every)) >= ends[which]) & (np.arange(len(every)) < ends[which + 1])
            if _narrowed(width(mine | from_other), alone, below):
                return secret, which
        return secret, None
    return None


def _narrowed(together: int, alone: int, below: int) -> bool:
    """Whether fewer counts are left than the rule leaves open, from 1 to below it, and fewer than the exhibit itself leaves."""
    return together < min(below - 2, alone)


def _secrets(entry: Entry, script: Script) -> list[Secret]:
    """What an exhibit hides and is small: found in the same exhibit with nothing hidden."""
    exhibit = entry.exhibit
    assert exhibit is not None
    below = exhibit.request.settings["hide_below"]
    try:
        whole = exhibit_of(with_setting(exhibit.request, "hide_below", None), script.study.source_of(entry.kept.source))
    except Problem:
        return []
    hidden = {key for key, cell in quotable(exhibit).items() if isinstance(cell.value, Hidden)}
    found: dict[bytes, Secret] = {}
    for key, cell in quotable(whole).items():
        if key in hidden and cell.kind is Kind.COUNT and cell.behind is not None:
            cases = mask_of(cell.behind, whole.plan.data) & whole.plan.cases.mask
            if 0 < int(cases.sum()) < below:
                found.setdefault(
                    np.packbits(cases).tobytes(),
                    Secret(english("of “{group}”", group=cell.behind.words or key[0]), cases),
                )
    return list(found.values())


def _known(exhibit: Exhibit) -> list[Known]:
    """The counts that an exhibit shows, each set of cases once."""
    data, mask = exhibit.plan.data, exhibit.plan.cases.mask
    found: dict[bytes, Known] = {}
    for behind, count in _shown(exhibit):
        cases = mask_of(behind, data) & mask if behind is not None else mask
        if int(cases.sum()) == count:
            found.setdefault(np.packbits(cases).tobytes(), Known(cases, count))
    cases_told = exhibit.cases
    if cases_told.condition and isinstance(cases_told.used, int):
        found.setdefault(np.packbits(mask).tobytes(), Known(mask, int(mask.sum())))
    if cases_told.condition and isinstance(cases_told.total, int):
        kept = data.kept
        found.setdefault(np.packbits(kept).tobytes(), Known(kept, int(kept.sum())))
    return list(found.values())


def _shown(exhibit: Exhibit) -> Iterator[tuple[Behind | None, int]]:
    """(the cases, how many) of all counts in print: cells, and what marks of a figure say."""
    cells = list(quotable(exhibit).values())
    if isinstance(exhibit.sheet, FigureSheet):
        for panel in exhibit.sheet.panels:
            cells += [panel.n] if panel.n is not None else []
            pointed = (item for mark in panel.marks if not isinstance(mark, SILENT) for item in mark.items)
            yield from ((i.behind, _count(cell)) for i in pointed for cell in cells_in(i.words) if _is_count(cell))
    yield from ((cell.behind, _count(cell)) for cell in cells if _is_count(cell) and cell.behind is not None)


def _is_count(cell: Cell) -> bool:
    return cell.kind is Kind.COUNT and isinstance(cell.value, float)


def _count(cell: Cell) -> int:
    assert isinstance(cell.value, float)
    return int(cell.value)
