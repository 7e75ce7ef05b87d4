"""Variables that say little or are not what they look like: constant, almost constant, identifiers, codes; remote values."""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, show_date, show_value
from istrel.data.corrections import Correction
from istrel.data.dataset import rows_of
from istrel.data.levels import Level
from istrel.data.screening.finding import ChangeLevel, Finding, Omit, Remedy, Replace, cases, listed, shown
from istrel.data.screening.look import Look
from istrel.english import english

KEY = re.compile(
    r"(?:^|[_.\s-])(?:id|no|nr|num|number|nummer|code|key|case|sample|record|ref|serial|ticket|invoice|barcode|patient|subject)(?:$|[_.\s-])",
    re.IGNORECASE,
)
ALMOST = 0.98
ENOUGH = 50
MUCH = 0.2
FEW_CODES = 10
FEWEST_ALIKE = 3.0  # pairs of cases that chance makes agree before it is strange that none does


def find(look: Look) -> Iterator[Finding]:
    """constant, near_constant, identifier, coded_category and remote_value."""
    for name in look.names:
        yield from _sameness(look, name)
    for name in look.measured:
        yield from _not_measured(look, name)
    for name in (*look.measured, *look.of_kind(Kind.DATE)):
        yield from _remote(look, name)


def _sameness(look: Look, name: str) -> Iterator[Finding]:
    distinct, counts = look.data.tally(name)
    total = int(counts.sum())
    if total < 2:
        return
    column, top = look.data.table.column(name), int(np.argmax(counts))
    value, level = _label(column, distinct[top]), look.level(name)
    omit = (Remedy(english("leave out {name}", name=name), Omit((name,))),)
    if distinct.size == 1:
        if look.data.n_cases - total >= MUCH * look.data.n_cases:
            return  # a box that was ticked or left blank
        says = english("is “{value}” in every case: it can show no difference.", value=value)
        yield Finding("constant", (name,), name, says, (), omit)
    elif total >= ENOUGH and counts[top] >= ALMOST * total and level is not Level.DATE:
        others = look.data.present(name) & (column.values != distinct[top])
        says = english("is “{value}” in all but {cases}.", value=value, cases=cases(total - int(counts[top])))
        yield Finding("near_constant", (name,), name, says, rows_of(others), omit)


def _label(column: Column, value: Any) -> str:
    if column.kind is Kind.TEXT:
        return column.words[int(value)]
    return show_date(value) if column.kind is Kind.DATE else show_value(float(value))


def _by_chance(values: NDArray[np.float64]) -> bool:
    """Whether so many whole numbers of so wide a range would all differ without being made to: fewer than three pairs are expected
    to agree.
    """
    reach = float(values.max() - values.min()) + 1.0
    return values.size**2 / (2 * reach) < FEWEST_ALIKE


def _not_measured(look: Look, name: str) -> Iterator[Finding]:
    """Numbers that name or number things rather than measure them."""
    seen = look.plain(name)
    if seen is not None and not seen.whole:
        return
    values, (distinct, _) = look.values(name), look.data.tally(name)
    if codes := look.codes(name):
        distinct = distinct[~np.isin(distinct, codes)]
    if distinct.size < 2 or values.size < ENOUGH or not np.array_equal(distinct, np.floor(distinct)):
        return
    if (
        distinct.size == values.size
        and distinct[0] >= 1000
        and (KEY.search(name) or not _by_chance(values))
        and len({len(show_value(float(v))) for v in (distinct[0], distinct[-1])}) == 1
    ):
        remedy = Remedy(english("treat as identifier"), ChangeLevel(name, Level.IDENTIFIER))
        says = english("has another whole number in each of {cases}: an identifier?", cases=cases(values.size))
        yield Finding("identifier", (name,), name, says, (), (remedy,))
    elif distinct.size == 2:
        remedy = Remedy(english("treat as binary"), ChangeLevel(name, Level.BINARY))
        says = english(
            "holds only {one} and {other}: two answers, not a measure?",
            one=shown(float(distinct[0])),
            other=shown(float(distinct[1])),
        )
        yield Finding("coded_category", (name,), name, says, (), (remedy,))
    elif _may_be_codes(look, name) and distinct.size <= FEW_CODES and values.size >= 10 * distinct.size:
        remedies = tuple(
            Remedy(words, ChangeLevel(name, level))
            for words, level in (
                (english("treat as nominal"), Level.NOMINAL),
                (english("treat as ordinal"), Level.ORDINAL),
            )
        )
        low, high = shown(float(distinct[0])), shown(float(distinct[-1]))
        says = english(
            "holds only {n} whole numbers, {low} to {high}: codes rather than measures?",
            n=int(distinct.size),
            low=low,
            high=high,
        )
        yield Finding("coded_category", (name,), name, says, (), remedies)


def _may_be_codes(look: Look, name: str) -> bool:
    """Numbers without a unit: who writes millimetres or percent has measured."""
    return look.level(name) is Level.CONTINUOUS and not look.data.variable(name).unit


def _remote(look: Look, name: str) -> Iterator[Finding]:
    if look.plain(name) is not None:
        return
    mask = look.far(name)
    if look.data.table.column(name).kind is Kind.NUMBER and (other := look.other_unit(name)) is not None:
        mask = mask & ~other.mask
    if not mask.any():
        return
    column, numbers = look.data.table.column(name), look.data.numbers(name)
    inside = numbers.values[look.candidates(name) & ~mask]
    dates = column.kind is Kind.DATE
    stored = [(row, column.value_at(row - 1)) for row in rows_of(mask)]
    far = tuple(dict.fromkeys(shown(value) for _, value in stored))
    low, high = (_day(v) if dates else shown(float(v)) for v in (inside.min(), inside.max()))
    corrections = tuple(Correction(name, value, None, row, "remote value") for row, value in stored)
    yield Finding(
        "remote_value",
        (name,),
        english("{name} {values}", name=name, values=listed(far)),
        english("[lies|lie] far from the rest, which runs from {low} to {high}.", n=len(far), low=low, high=high),
        rows_of(mask),
        (Remedy(english("set missing"), Replace(corrections)),),
        changes_numbers=True,
    )


def _day(value: float) -> str:
    return str(np.datetime64(int(value), "D"))
