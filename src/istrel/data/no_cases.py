"""Last rows that are no cases: they sum up the others, or say where these come from."""

from __future__ import annotations

import re
from collections import Counter

import numpy as np

from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset

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
OF_A_GROUP = re.compile(
    r"^(?:(?P<before>.+?)[\s:–-]+(?:sub)?totals?|(?:(?:sub)?totals?|summe|gesamt|total)[\s:–-]+(?:of |de )?(?P<after>.+))$",
    re.IGNORECASE,
)
MOST_WORDS, MOST_HEADS = 2_000, 1_000
LAST, FEWEST = 5, 4  # rows at the end that are looked at, in a file of at least so many
CLOSE = 1e-6
WIDE, FIRST = 3, 20  # columns of a table in which one cell alone is no row; rows that are looked at beside it


def no_cases(data: Dataset) -> list[int]:
    """The last rows, from 0, that sum up or say where the data come from; a word alone is believed where it stands nowhere else."""
    table, kept = data.table, data.kept
    found: list[int] = []
    if table.n_rows < FEWEST:
        return found
    for row in range(table.n_rows - 1, max(table.n_rows - 1 - LAST, FEWEST - 2), -1):
        if not kept[row]:
            continue
        if not (_says_whence(data, row) or _sums_up(data, row) or _is_empty(data, row)):
            break
        found.append(row)
    while found and _is_empty(data, found[0]):  # a last row that was left blank says nothing by itself
        found.pop(0)
    return sorted({*found, *_subtotals(data)})


def _subtotals(data: Dataset) -> list[int]:
    """Rows named “North Total” or “Total North”, where “North” stands in the same column elsewhere; two such rows at least."""
    found: list[int] = []
    for column in data.table.columns:
        if column.kind is not Kind.TEXT or len(column.words) > MOST_WORDS:
            continue
        others = {word.strip().casefold() for word in column.words}
        parts = [OF_A_GROUP.match(word.strip()) for word in column.words]
        named = [part is not None and (part["before"] or part["after"]).strip().casefold() in others for part in parts]
        if sum(named) > 1:
            stands = np.array(named, bool)[column.values] & column.valid & data.kept
            found += np.flatnonzero(stands).tolist()
    return found


def names_again(data: Dataset) -> tuple[list[int], list[int]]:
    """(rows, from 0, that hold the names once more, rows with which another table begins: some of its names are the same)."""
    found: Counter[int] = Counter()
    for column in data.table.columns:
        found.update(_rows_with_its_name(column))
    again, other = [], []
    for row, same in sorted(found.items())[:MOST_HEADS]:
        texts = [text for column in data.table.columns if (text := column.text_at(row))]
        if not data.kept[row] or any(text[0].isdigit() for text in texts):
            continue
        if same == len(texts):
            again.append(row)
        elif 2 * same >= len(texts):
            other.append(row)
    return again, other


def _rows_with_its_name(column: Column) -> list[int]:
    """Rows in which a column holds its own name."""
    if column.kind is not Kind.TEXT:
        pairs = zip(column.unread.rows.tolist(), column.unread.texts, strict=True)
        return [row for row, text in pairs if text.strip() == column.name]
    if column.name not in column.words:
        return []
    return np.flatnonzero(column.valid & (column.values == column.words.index(column.name))).tolist()


def _is_empty(data: Dataset, row: int) -> bool:
    return not any(column.text_at(row) for column in data.table.columns)


def _says_whence(data: Dataset, row: int) -> bool:
    """A line of words in one cell, and nothing beside it: by its words, or where rows above fill more than half of their cells."""
    columns = data.table.columns
    texts = [text for column in columns if (text := column.text_at(row))]
    if len(texts) != 1 or texts[0][0].isdigit():
        return False
    return SAYS_WHENCE.match(texts[0]) is not None or (
        len(texts[0].split()) > 1 and len(columns) >= WIDE and _all_fuller(data)
    )


def _all_fuller(data: Dataset) -> bool:
    """Whether the first rows have values in more than half of their cells."""
    columns = data.table.columns
    return all(
        2 * sum(bool(column.text_at(row)) for column in columns) > len(columns)
        for row in range(min(FIRST, data.n_rows - LAST))
    )


def _sums_up(data: Dataset, row: int) -> bool:
    named_by = (v.name for v in data.codebook.variables if v.in_use and v.formula is None)
    columns = [data.table.column(name) for name in named_by]
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


def words_of(data: Dataset, row: int) -> str:
    """The first text of a row."""
    texts = (column.text_at(row) for column in data.table.columns)
    return next((text for text in texts if text and not text[0].isdigit()), "")[:40]
