"""Rows that are no cases: tables that were counted already, and last rows that sum up the others or say where they come from."""

from __future__ import annotations

import re
from collections.abc import Iterator

import numpy as np

from istrel.data.column import Column, Kind
from istrel.data.guess_rows import counted_by, weighted_by
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.screening.finding import Finding, PutAside, Remedy, StandFor, listed
from istrel.data.screening.look import Look
from istrel.english import english

SUMS_UP = re.compile(
    r"^\W*(?:(?:grand |sub)?totals?|sums?|(?:gesamt)?summe|gesamt|insgesamt|mean|average|avg|mittel(?:wert)?|durchschnitt|"
    r"moyenne|ensemble|media|promedio|suma|medi[aá]na?|std?\.? ?dev\.?|sd|min(?:imum)?|max(?:imum)?)\b\W*$",
    re.IGNORECASE,
)
SAYS_WHENCE = re.compile(
    r"^\W*(?:data (?:from|source|extracted)[^:]*|last updated|updated|datenquelle|"
    r"sources?|quellen?|fuentes?|notes?|anmerkung(?:en)?|nota|remarque|stand|©)\s*[:.]",
    re.IGNORECASE,
)
LAST, FEWEST = 5, 4  # rows at the end that are looked at, in a file of at least so many
CLOSE = 1e-6
WIDE, FIRST = 3, 20  # columns of a table in which one cell alone is no row; rows that are looked at beside it


def find(look: Look) -> Iterator[Finding]:
    """counted_rows, weighted_rows and summary_rows."""
    data = look.data
    name = "" if data.codebook.rows.said else counted_by(data.table, data.codebook)
    if name:
        others = listed(tuple(other for other in look.names if other != name))
        says = english("{others} stand once in each combination, and {name} says how often.", others=others, name=name)
        remedy = Remedy(english("each row stands for {name} cases", name=name), StandFor(Rows(counted=name)))
        yield Finding(
            "counted_rows",
            (name,),
            english("The rows look counted already:"),
            says,
            (),
            (remedy,),
            changes_numbers=True,
        )
    weighted = EACH_ITS_OWN if data.codebook.rows.said else weighted_by(data.table, data.codebook)
    if weighted.weight:
        drawn = tuple(f"{role} {name}" for role, name in weighted.said.items() if role != "weight")
        says = (
            english(
                "{name} looks like the weight of each row, with {drawn}.", name=weighted.weight, drawn=listed(drawn)
            )
            if drawn
            else english("{name} looks like the weight of each row.", name=weighted.weight)
        )
        remedy = Remedy(english("weight the rows by {name}", name=weighted.weight), StandFor(weighted))
        names = tuple(weighted.said.values())
        yield Finding(
            "weighted_rows", names, english("The rows may be weighted:"), says, (), (remedy,), changes_numbers=True
        )
    rows = tuple(row + 1 for row in _no_cases(look))
    if rows:
        one = len(rows) == 1
        lead = (
            english("Row {row:,} is no case:", row=rows[0])
            if one
            else english("{n} last rows are no cases:", n=len(rows))
        )
        words = " · ".join(filter(None, (_words(look, row - 1) for row in rows[:3])))
        remedy = Remedy(english("[set it aside|set them aside]", n=len(rows)), PutAside(rows, "sums up other rows"))
        says = english("[it reads|they read] “{words}”.", n=len(rows), words=words)
        yield Finding("summary_rows", (), lead, says, rows, (remedy,), changes_numbers=True)


def _words(look: Look, row: int) -> str:
    """The first text of a row."""
    texts = (column.text_at(row) for column in look.data.table.columns)
    return next((text for text in texts if text and not text[0].isdigit()), "")[:40]


def _no_cases(look: Look) -> list[int]:
    """The last rows, from 0, that sum up or say where the data come from; a word alone is believed where it stands nowhere else."""
    table, kept = look.data.table, look.data.kept
    found: list[int] = []
    if table.n_rows < FEWEST:
        return found
    for row in range(table.n_rows - 1, max(table.n_rows - 1 - LAST, FEWEST - 2), -1):
        if not kept[row]:
            continue
        if not (_says_whence(look, row) or _sums_up(look, row) or _is_empty(look, row)):
            break
        found.append(row)
    while found and _is_empty(look, found[0]):  # a last row that was left blank says nothing by itself
        found.pop(0)
    return sorted(found)


def _is_empty(look: Look, row: int) -> bool:
    return not any(column.text_at(row) for column in look.data.table.columns)


def _says_whence(look: Look, row: int) -> bool:
    """A line of words in one cell, and nothing beside it: by its words, or where rows above fill more than half of their cells."""
    columns = look.data.table.columns
    texts = [text for column in columns if (text := column.text_at(row))]
    if len(texts) != 1 or texts[0][0].isdigit():
        return False
    return SAYS_WHENCE.match(texts[0]) is not None or (
        len(texts[0].split()) > 1 and len(columns) >= WIDE and _all_fuller(look)
    )


def _all_fuller(look: Look) -> bool:
    """Whether the first rows have values in more than half of their cells."""
    columns = look.data.table.columns
    return all(
        2 * sum(bool(column.text_at(row)) for column in columns) > len(columns)
        for row in range(min(FIRST, look.data.n_rows - LAST))
    )


def _sums_up(look: Look, row: int) -> bool:
    columns = [look.data.table.column(name) for name in look.names]
    named = any(
        SUMS_UP.match(text) and _stands_once(column, row, text) for column in columns if (text := column.text_at(row))
    )
    if named:
        return True
    bare = any(not column.valid[row] and column.kind is not Kind.NUMBER for column in columns)
    numbers = [column for column in columns if column.kind is Kind.NUMBER and column.valid[row]]
    return bare and len(numbers) > 1 and all(_is_sum_or_mean(column, row) for column in numbers)


def _stands_once(column: Column, row: int, text: str) -> bool:
    if column.kind is Kind.TEXT:
        return int((column.values[column.valid] == column.values[row]).sum()) == 1 if column.valid[row] else False
    return column.unread.texts.count(text) == 1


def _is_sum_or_mean(column: Column, row: int) -> bool:
    above = column.values[:row][column.valid[:row]]
    if above.size < FEWEST - 1:
        return False
    value, total = float(column.values[row]), float(above.sum())
    near = (total, total / above.size)
    return bool(np.isclose(value, near, rtol=CLOSE, atol=CLOSE).any()) and float(np.abs(above).max()) > 0
