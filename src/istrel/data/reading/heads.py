"""The head of a table: its names, over one row or two, and the rows under them that are no data."""

from __future__ import annotations

import re
from collections import Counter
from itertools import pairwise
from typing import NamedTuple

from istrel.data.markers import is_marker

SAMPLE_ROWS = 200
NUMBER = re.compile(r"[+-]?(\d+([.,]\d*)?|[.,]\d+)([eE][+-]?\d+)?$")
FEWEST_BELOW, MANY_REPEATING = 12, 3  # rows below, and columns whose values repeat, before a row is unlike all of them
MOST_LEFT = 3  # rows under the names that are looked at for what is for programs
FIRST_YEAR, LAST_YEAR = 1500, 2200

Rows = list[tuple[str, ...]]


class Head(NamedTuple):
    """What was found above the data.

    Attributes
    ----------
    names
        As they are called here; by their places where the file has none.
    has_names
        Whether the first row is one of names.
    below
        A row under the names that says more of them: questions, labels or units; empty where there is none.
    joined
        True where the names stand over two rows and were joined.
    left
        Rows under the names that hold nothing for a person: descriptions for programs.
    repeated
        Names that stand several times.
    body
        The rows of data.
    """

    names: tuple[str, ...]
    has_names: bool
    below: tuple[str, ...]
    joined: bool
    left: int
    repeated: tuple[str, ...]
    body: Rows


def head_of(rows: Rows, header_row: int | None) -> Head:
    """The head of a table by its first rows; 0 as the row of names says that there is none."""
    rows = with_unnamed_first(rows)
    has_names = not looks_like_data(rows) if header_row is None else header_row > 0
    if not has_names:
        return Head(clean_names(("",) * len(rows[0])), False, (), False, 0, (), rows)
    body = rows[1:]
    kept = [row for place, row in enumerate(body) if place >= MOST_LEFT or not for_programs(row)]
    below = row_below_names(kept)
    joined = bool(below) and are_two_heads(rows[0], below)
    raw = joined_heads(rows[0], below) if joined else rows[0]
    repeated = tuple(name for name, n in Counter(field.strip() for field in raw).items() if n > 1 and name)
    return Head(clean_names(raw), True, below, joined, len(body) - len(kept), repeated, kept[1:] if below else kept)


def row_below_names(body: list[tuple[str, ...]]) -> tuple[str, ...]:
    """The first row under the names where it holds words in places in which all rows below hold numbers, and no number itself."""
    if len(body) < 3 or any(NUMBER.match(field.strip()) for field in body[0]):
        return ()
    if _is_unlike_all_below(body):
        return body[0]
    rows = [row for row in body[1:20] if len(row) == len(body[0])]
    columns = list(zip(*rows, strict=True)) if rows else []
    numeric = [
        any(field.strip() for field in column)
        and all(not field.strip() or NUMBER.match(field.strip().lstrip("<>≤≥ ")) for field in column)
        for column in columns
    ]
    worded = [bool(field.strip()) and not is_marker(field) for field in body[0]]
    known = [is_marker(field) or not field.strip() for field in body[0]]
    places = [place for place, there in enumerate(numeric) if there]
    fits = len(places) >= 2 and all(worded[place] or not body[0][place].strip() for place in places)
    many = sum(worded[place] for place in places) >= max(2, len(places) / 2)
    other = [place for place in range(len(columns)) if place not in places]
    apart = all(known[place] or body[0][place] not in columns[place] for place in other)
    return body[0] if fits and many and apart else ()


def with_unnamed_first(rows: list[tuple[str, ...]]) -> list[tuple[str, ...]]:
    """Rows under names of which the first is left out, for it names the rows: the names begin with an empty one."""
    below = rows[1:]
    if len(below) < 2 or len(rows[0]) < 2 or any(len(row) != len(rows[0]) + 1 for row in below):
        return rows
    return [("", *rows[0]), *below]


def _is_unlike_all_below(body: list[tuple[str, ...]]) -> bool:
    """Whether the first row holds in every column what stands nowhere below, though the values of several columns repeat there."""
    rows = [row for row in body[1:SAMPLE_ROWS] if len(row) == len(body[0])]
    if len(rows) < FEWEST_BELOW:
        return False
    repeating = 0
    for mine, *below in zip(body[0], *rows, strict=True):
        filled = [field for field in below if field.strip()]
        if mine.strip() and mine in filled and not all(field == mine for field in filled):
            return False
        repeating += bool(mine.strip()) and mine not in filled and 1 < len(set(filled)) <= len(filled) / 3
    worded = [field for field in body[0] if field.strip()]
    return repeating >= MANY_REPEATING and 2 * len(worded) > len(body[0])


def for_programs(row: tuple[str, ...]) -> bool:
    """Whether all that stands in a row are objects of JSON: a survey's platform describes its columns to itself."""
    filled = [field.strip() for field in row if field.strip()]
    return len(filled) > 1 and all(field.startswith("{") and field.endswith("}") for field in filled)


def are_two_heads(names: tuple[str, ...], below: tuple[str, ...]) -> bool:
    """Whether a row of words under the names goes on with them: names over several columns leave blanks that it fills."""
    gaps = [place for place in range(1, len(names)) if not names[place].strip()]
    return bool(gaps) and all(below[place].strip() for place in gaps) and bool(names[gaps[0] - 1].strip())


def joined_heads(names: tuple[str, ...], below: tuple[str, ...]) -> tuple[str, ...]:
    """Names over two rows as one: “2019, men”."""
    joined, above = [], ""
    for name, word in zip(names, below, strict=True):
        above = name.strip() or above
        joined.append(", ".join(filter(None, (above, word.strip()))))
    return tuple(joined)


def are_steps(row: tuple[str, ...]) -> bool:
    """Whether the numbers of a row count up in equal steps: years or places, as names do."""
    numbers = [float(field.replace(",", ".")) for field in row if NUMBER.match(field.strip())]
    steps = {round(b - a, 9) for a, b in pairwise(numbers)}
    years = all(number.is_integer() and FIRST_YEAR <= number <= LAST_YEAR for number in numbers)
    return len(numbers) > 1 and len(steps) == 1 and (steps.pop() in (1, 5, 10) or years)


def looks_like_data(rows: list[tuple[str, ...]]) -> bool:
    """True where the first row can be no row of names: it has numbers, and the rows below have them in the same places."""
    if len(rows) < 2:
        return False
    if are_steps(rows[0]) and not any(are_steps(row) for row in rows[1:20]):
        return False
    numeric = [bool(NUMBER.match(field.strip())) for field in rows[0]]
    below = [[bool(NUMBER.match(field.strip())) for field in row] for row in rows[1:20] if len(row) == len(rows[0])]
    agree = [all(row[i] for row in below) for i in range(len(numeric))] if below else []
    return bool(agree) and any(n and a for n, a in zip(numeric, agree, strict=True)) and sum(numeric) * 2 >= sum(agree)


def clean_names(raw: tuple[str, ...]) -> tuple[str, ...]:
    """Names without spaces at their ends; empty ones are named by place, repeated ones get a number."""
    plain = [" ".join(field.split()) for field in raw]
    reserved, used = set(plain), set[str]()
    names: list[str] = []
    for place, given in enumerate(plain, start=1):
        base = given or f"column_{place}"
        name, number = base, 1
        while name in used or (name in reserved and name != given):
            number += 1
            name = f"{base}_{number}"
        used.add(name)
        names.append(name)
    return tuple(names)
