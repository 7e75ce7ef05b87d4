"""Dates out of order, with gaps, or in the future."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind, show_date
from istrel.data.corrections import Correction
from istrel.data.dataset import rows_of
from istrel.data.levels import Level
from istrel.data.screening.finding import Finding, Mask, Remedy, Replace, cases
from istrel.data.screening.look import Look
from istrel.english import english
from istrel.stats.distinct import distinct_values

MOSTLY = 0.95
FEWEST = 20
STEADY = 0.8
MOST = 1_000
DAY = 86_400


def find(look: Look) -> Iterator[Finding]:
    """date_future, date_order and date_gap."""
    names = look.of_kind(Kind.DATE)
    for name in names:
        yield from _future(look, name)
        yield from _order(look, name)
        yield from _gaps(look, name)
    for earlier, later in combinations(names[:12], 2):
        yield from _turned(look, earlier, later)


def _future(look: Look, name: str) -> Iterator[Finding]:
    column = look.data.table.column(name)
    mask = look.data.present(name) & (column.values.astype("datetime64[D]") > look.today)
    count = int(mask.sum())
    if not count:
        return
    rows = rows_of(mask)
    first = show_date(column.values[rows[0] - 1])
    corrections = tuple(Correction(name, column.value_at(row - 1), None, row, "in the future") for row in rows[:MOST])
    yield Finding(
        "date_future",
        (name,),
        f"{name} {first}",
        english("lies in the future.") if count == 1 else english("and {n:,} more lie in the future.", n=count - 1),
        rows,
        (Remedy(english("set missing"), Replace(corrections)),) if count <= MOST else (),
        changes_numbers=True,
    )


def _within(look: Look, name: str) -> tuple[NDArray[np.int64], NDArray[np.int64], Mask]:
    """(rows with a date, in file order or person by person; seconds from one to the next; which steps stay with a person)."""
    column, present = look.data.table.column(name), look.data.present(name) & ~look.repeated
    rows = np.flatnonzero(present)
    person = next((n for n in look.names if look.level(n) is Level.IDENTIFIER), "")
    same = np.ones(max(0, rows.size - 1), bool)
    if person:
        marks = look.data.table.column(person).values
        distinct = look.data.tally(person)[0].size
        if distinct < 0.9 * rows.size:
            rows = rows[np.argsort(marks[rows], kind="stable")]
            same = marks[rows][1:] == marks[rows][:-1]
    seconds: NDArray[np.int64] = column.values[rows].astype("datetime64[s]").astype(np.int64)
    steps = seconds[1:] - seconds[:-1]
    return rows, steps, same


def _order(look: Look, name: str) -> Iterator[Finding]:
    """Rows that step back in time in a file that otherwise goes forward."""
    rows, steps, same = _within(look, name)
    back = (steps < 0) & same
    forward = (steps > 0) & same
    if same.sum() < FEWEST or not back.any() or forward.sum() < MOSTLY * (forward.sum() + back.sum()):
        return
    mask = np.zeros(look.data.n_rows, bool)
    mask[rows[1:][back]] = True
    says = english("[steps|step] back in time, against the order of the file.", n=int(back.sum()))
    yield Finding(
        "date_order",
        (name,),
        english("{name} in {n:,} [case|cases]", name=name, n=int(back.sum())),
        says,
        rows_of(mask),
    )


def _gaps(look: Look, name: str) -> Iterator[Finding]:
    """Gaps in a series of one date per case at a steady step."""
    column, present = look.data.table.column(name), look.data.present(name) & ~look.repeated
    days = distinct_values(column.values[present].astype("datetime64[s]").astype(np.int64))
    steps = np.diff(days)
    if days.size < FEWEST or days.size < MOSTLY * present.sum():
        return
    usual = float(np.median(steps))
    if usual <= 0 or np.mean(np.abs(steps - usual) <= 0.1 * usual) < STEADY:
        return
    gaps = np.flatnonzero(steps > (1.5 if usual >= DAY else 2.5) * usual)  # the clock is set forward once a year
    if not gaps.size:
        return
    mask = present & np.isin(column.values.astype("datetime64[s]").astype(np.int64), days[gaps + 1])
    largest = int(gaps[np.argmax(steps[gaps])])
    first, last = (show_date(np.datetime64(int(days[i]), "s")) for i in (largest, largest + 1))
    yield Finding(
        "date_gap",
        (name,),
        english("{name} has [a gap|{n} gaps]", name=name, n=int(gaps.size)),
        english("in its steady steps; the largest from {first} to {last}.", first=first, last=last),
        rows_of(mask),
    )


def _turned(look: Look, earlier: str, later: str) -> Iterator[Finding]:
    """Two dates of which one nearly always comes first."""
    a, b = look.data.table.column(earlier).values, look.data.table.column(later).values
    both = look.data.present(earlier) & look.data.present(later)
    if both.sum() < FEWEST:
        return
    wrong = both & (a > b)
    if wrong.sum() > both.sum() / 2:
        earlier, later, wrong = later, earlier, both & (a < b)
    count = int(wrong.sum())
    if 0 < count <= (1 - MOSTLY) * both.sum():
        says = english(
            "comes before {earlier} in {cases}; in all others it comes after.", earlier=earlier, cases=cases(count)
        )
        column, rows = look.data.table.column(later), rows_of(wrong)
        corrections = tuple(Correction(later, column.value_at(row - 1), None, row, f"before {earlier}") for row in rows)
        remedy = Remedy(english("set {name} missing", name=later), Replace(corrections))
        yield Finding("date_order", (earlier, later), later, says, rows, (remedy,) if count <= MOST else ())
