"""Screening: what looks wrong in a file, which rows it means, and how it can be mended. One module per family of findings."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import replace
from datetime import date

import numpy as np

from istrel.data.dataset import Dataset
from istrel.data.glance import look_over
from istrel.data.reading.watch import Watch
from istrel.data.screening import (
    codes,
    copies,
    dates,
    missing,
    other_unit,
    personal,
    repeats,
    row_kinds,
    shape,
    spellings,
    two_numbers,
    values,
)
from istrel.data.screening.finding import Finding
from istrel.data.screening.gathered import gathered
from istrel.data.screening.look import Look

__all__ = ["Finding", "screen", "screen_named"]

Family = Callable[[Look], Iterable[Finding]]
FAMILIES: tuple[Family, ...] = (
    row_kinds.find,
    codes.find,
    spellings.find,
    two_numbers.find,
    other_unit.find,
    values.find,
    repeats.find,
    dates.find,
    missing.find,
    copies.find,
    personal.find,
    shape.find,
)
OF_VALUES: tuple[Family, ...] = (codes.find, spellings.find, two_numbers.find, other_unit.find)


def screen(data: Dataset, today: date | None = None, watch: Watch | None = None) -> tuple[Finding, ...]:
    """All findings, those that change numbers first.

    Parameters
    ----------
    today
        The day after which a date lies in the future; the day of the call unless given.
    watch
        Is told how far it got, and can end it.
    """
    look_over(data.table.columns)
    look = Look(data, np.datetime64(today or date.today(), "D"))
    found: list[Finding] = []
    for place, family in enumerate(FAMILIES):
        if watch is not None:
            watch.report(place / len(FAMILIES))
        made = tuple(family(look))
        found += made
        summaries = [row for finding in made if finding.kind == "summary_rows" for row in finding.rows]
        if summaries:  # what is no case is told once, and no other finding is about it
            look = Look(_without(data, summaries), look.today)
    return tuple(sorted(gathered(found), key=lambda finding: not finding.changes_numbers))


def screen_named(data: Dataset, names: frozenset[str]) -> tuple[Finding, ...]:
    """What makes numbers of a few variables wrong until it is mended: codes, texts among numbers, spellings, units."""
    look = Look(data, np.datetime64(date.today(), "D"), names)
    return tuple(finding for family in OF_VALUES for finding in family(look) if finding.changes_numbers)


def _without(data: Dataset, rows: list[int]) -> Dataset:
    """The data with rows (from 1) set aside."""
    aside = ~data.kept
    aside[np.array(rows) - 1] = True
    return replace(data, aside=aside, _prepared={})
