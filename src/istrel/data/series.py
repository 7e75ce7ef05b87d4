"""One measure in several columns, one for each occasion: guessed by names, and turned into rows when a sentence asks for it."""

from __future__ import annotations

import re
from collections.abc import Collection, Iterable, Sequence
from dataclasses import dataclass, replace
from itertools import takewhile

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Codebook, ValueLabel, Variable, merge_codes
from istrel.data.column import Column, Kind, Unread, show_value
from istrel.data.dataset import Dataset
from istrel.data.derive import free_name
from istrel.data.levels import Level
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

OCCASION, CASE = "occasion", "case"
SHORTEST_LABEL = 3
FIRST = tuple("screening baseline base bl start initial before pre pretest vor vorher avant antes".split())  # noqa: SIM905
WORDS = (
    *FIRST,
    *("mid", "during", "end", "after", "post", "posttest", "nach", "nachher", "après", "después", "final", "exit"),
    *("followup", "follow_up", "follow-up", "fu"),
)
COUNTED = "t|w|time|wave|visit|session|week|day|month|year|welle|zeit|besuch|vague|ola|visita"
NUMBERED = rf"(?:{COUNTED})[_ .-]?\d+"
SIGN = r"[_ .-]"
AT_END = re.compile(
    rf"^(?P<stem>.+?){SIGN}(?P<occasion>{'|'.join(map(re.escape, sorted(WORDS, key=len, reverse=True)))}|{NUMBERED})$",
    re.IGNORECASE,
)
AT_BEGINNING = re.compile(
    rf"^(?P<occasion>{'|'.join(map(re.escape, sorted(WORDS, key=len, reverse=True)))}|{NUMBERED}){SIGN}(?P<stem>.+)$",
    re.IGNORECASE,
)


@dataclass(frozen=True)
class Series:
    """A measure: what it is called, its columns in their order, and what their occasions are called.

    Attributes
    ----------
    titles
        What the occasions are called in print, where these are columns that only have their unit in common.
    """

    name: str
    columns: tuple[str, ...]
    occasions: tuple[str, ...]
    titles: tuple[str, ...] = ()


def series_in(codebook: Codebook, table: Table) -> tuple[Series, ...]:
    """The measures that stand in several columns: of one beginning (or end), one kind and level, whose values lie on one scale."""
    found: dict[tuple[str, str], list[tuple[str, str]]] = {}
    for variable in codebook.variables:
        if not variable.in_use or variable.name not in table:
            continue
        for place, pattern in (("end", AT_END), ("beginning", AT_BEGINNING)):
            match = pattern.match(variable.name)
            if match is not None:
                found.setdefault((place, match["stem"].casefold()), []).append((match["occasion"], variable.name))
                break
    made = (_series(parts, codebook, table) for parts in found.values() if len(parts) > 1)
    return tuple(one for one in made if one is not None)


def _series(parts: list[tuple[str, str]], codebook: Codebook, table: Table) -> Series | None:
    ordered = sorted(parts, key=lambda part: _order(part[0]))
    columns = tuple(name for _, name in ordered)
    occasions = tuple(occasion for occasion, _ in ordered)
    lines = [codebook[name] for name in columns]
    levels = {"measured" if line.level.measured else line.level.value for line in lines}
    alike = max(len(levels), len({line.unit for line in lines}), len({line.value_labels for line in lines})) == 1
    numbers = all(table.column(name).kind is Kind.NUMBER for name in columns)
    name = _stem(columns[0])
    if not (alike and numbers) or lines[0].level in (Level.IDENTIFIER, Level.TEXT) or name in codebook:
        return None
    if len({occasion.casefold() for occasion in occasions}) < len(occasions) or not _on_one_scale(columns, table):
        return None
    return Series(name, columns, occasions)


def _stem(name: str) -> str:
    match = AT_END.match(name) or AT_BEGINNING.match(name)
    assert match is not None
    return match["stem"].rstrip("_. -")


def _order(occasion: str) -> tuple[int, int]:
    """What comes first by its word, then numbered occasions, then what comes last by its word."""
    digits, word = re.search(r"\d+$", occasion), occasion.casefold()
    if digits:
        return (1, int(digits[0]))
    return (0 if word in FIRST else 2, WORDS.index(word))


def _on_one_scale(columns: Sequence[str], table: Table) -> bool:
    """Whether the ranges of all columns lie over each other."""
    ends = []
    for name in columns:
        column = table.column(name)
        values = column.values[column.valid & np.isfinite(column.values)]
        if not values.size:
            return False
        ends.append((float(values.min()), float(values.max())))
    return max(low for low, _ in ends) <= min(high for _, high in ends)


def as_long(
    data: Dataset, wanted: Iterable[Series], by: str = OCCASION, beside: Collection[str] | None = None
) -> Dataset:
    """A row for each occasion of each case, with a column for each of some measures; cases are the persons. `by` says which
    occasion a row is of; `beside` which other variables go along (all, if it is not said).

    What stands in a row of its own stays, once for each occasion, so that conditions and groups go on to know it; the columns of
    the measures are left out of what is offered.

    Raises
    ------
    Problem
        Where the measures have other occasions, or what means no answer on one occasion is an answer on another.
    """
    series = tuple(wanted)
    first = series[0]
    other = next((one for one in series if one.occasions != first.occasions), None)
    if other is not None:
        raise Problem(
            english(
                "“{first}” and “{other}” have other occasions ({occasions}; {others}); put them in sentences of their own.",
                first=first.name,
                other=other.name,
                occasions=", ".join(first.occasions),
                others=", ".join(other.occasions),
            )
        )
    k, n = len(first.occasions), data.n_rows
    repeated = np.repeat(np.arange(n), k)
    for one in series:
        _check_codes(one, data)
    columns = [_repeated(one, repeated) for one in data.table.columns if beside is None or one.name in beside]
    case = free_name(CASE, data.table)
    columns += [_stacked(one, data.table) for one in series]
    codes = np.tile(np.arange(k, dtype=np.int32), n)
    columns.append(Column(by, Kind.TEXT, codes, np.ones(n * k, bool), first.occasions))
    columns.append(Column(case, Kind.NUMBER, (repeated + 1).astype(np.float64), np.ones(n * k, bool)))
    origin = repeated if data.origin is None else data.origin[repeated]
    aside = None if data.aside is None else data.aside[repeated]
    times = None if data.times is None else data.times[repeated]
    table, codebook = Table(tuple(columns), data.table.source), _codebook(data.codebook, series, case, by, beside)
    return Dataset(table, codebook, aside, origin, k, asides=data.asides, times=times)


def _check_codes(series: Series, data: Dataset) -> None:
    """Raises where a value means no answer in one column and is an answer in another."""
    codes = {name: {code.value for code in data.codebook[name].missing_codes} for name in series.columns}
    for name, mine in codes.items():
        others = {code: other for other, found in codes.items() for code in found if code not in mine}
        values, _ = data.tally(name) if others else ((), ())
        for code, other in others.items():
            if code in values:
                raise Problem(
                    english(
                        "“{value}” means no answer in “{other}” and is an answer in “{name}”; "
                        "say the same of both in the Codebook.",
                        value=show_value(code),
                        other=other,
                        name=name,
                    )
                )


def _codebook(
    codebook: Codebook, series: tuple[Series, ...], case: str, by: str, beside: Collection[str] | None
) -> Codebook:
    mine = {name for one in series for name in one.columns}
    along = [line for line in codebook.variables if beside is None or line.name in beside]
    lines = [replace(line, in_use=False) if line.name in mine else line for line in along]
    for one in series:
        parts = [codebook[name] for name in one.columns]
        codes = merge_codes((), tuple(code for line in parts for code in line.missing_codes))
        label, unit = _shared(tuple(line.label for line in parts)), parts[0].unit
        if one.titles and not label:  # all that is known of them together
            label, unit = unit, ""
        lines.append(replace(parts[0], name=one.name, label=label, unit=unit, missing_codes=codes, formula=None))
    called = series[0].titles or series[0].occasions
    said = tuple(ValueLabel(word, title) for word, title in zip(series[0].occasions, called, strict=True))
    lines.append(Variable(by, Level.ORDINAL, value_labels=said, phrase=by if by == OCCASION else ""))
    lines.append(Variable(case, Level.IDENTIFIER, phrase="the_case"))
    return Codebook(tuple(lines), replace(codebook.rows, person=case, occasion=by, guessed=False))


def _shared(labels: tuple[str, ...]) -> str:
    """The words that labels begin or end with alike: "Receptive score" of "First receptive score" and "Final receptive score"."""
    words = [label.split() for label in labels]
    if not all(words) or len(set(labels)) == 1:
        return labels[0] if all(words) else ""
    alike = list(takewhile(lambda them: len({word.casefold() for word in them}) == 1, zip(*words, strict=False)))
    from_end = zip(*(reversed(label) for label in words), strict=False)
    ends = list(takewhile(lambda them: len({word.casefold() for word in them}) == 1, from_end))[::-1]
    while alike and (len(alike[-1][0]) < SHORTEST_LABEL or alike[-1][0].casefold() in COUNTED.split("|")):
        alike.pop()  # "Score at" of "Score at week 1" and "Score at week 4"
    shared = " ".join(them[0] for them in (alike if len(alike) >= len(ends) else ends)).strip(" ,;:–-([")
    whole = len(shared) >= SHORTEST_LABEL and shared.count("(") == shared.count(")")
    return shared[:1].upper() + shared[1:] if whole else ""


def _repeated(column: Column, rows: NDArray[np.int64]) -> Column:
    k = rows.size // max(1, column.n_rows)
    unread = column.unread
    if unread.rows.size:
        places = (unread.rows[:, None] * k + np.arange(k)).ravel()
        unread = Unread(places, tuple(text for text in unread.texts for _ in range(k)))
    return replace(column, values=column.values[rows], valid=column.valid[rows], unread=unread)


def _stacked(series: Series, table: Table) -> Column:
    parts = [table.column(name) for name in series.columns]
    k, found = len(parts), list[tuple[int, str]]()
    for place, part in enumerate(parts):
        found += [(int(row) * k + place, text) for row, text in zip(part.unread.rows, part.unread.texts, strict=True)]
    found.sort()
    unread = Unread(np.array([row for row, _ in found], np.int64), tuple(text for _, text in found))
    values, valid = (np.column_stack([getattr(part, what) for part in parts]).ravel() for what in ("values", "valid"))
    return replace(parts[0], name=series.name, values=values, valid=valid, unread=unread)
