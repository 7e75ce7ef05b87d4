"""The whole codebook as an appendix: an entry per variable or battery, with its values, their counts, and what is missing.

Its words know how they were put together, so that they can be said in another language (`retold`).
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace

from istrel.data.codebook import Variable
from istrel.data.column import show_value
from istrel.data.dataset import Dataset
from istrel.data.facts import value_counts, variable_facts
from istrel.data.levels import Level
from istrel.data.natural import in_natural_order
from istrel.english import english, together
from istrel.study.entries import Entry, Said, entries_of
from istrel.study.rows import in_words

MOST_VALUES, MOST_IN_HEADS = 40, 9
NOT_READ = {"text": english("no number")}
LEVELS = {
    Level.NOMINAL: english("Nominal"),
    Level.ORDINAL: english("Ordinal"),
    Level.BINARY: english("Binary"),
    Level.COUNT: english("Count"),
    Level.CONTINUOUS: english("Continuous"),
    Level.DATE: english("Date"),
    Level.TEXT: english("Text"),
    Level.IDENTIFIER: english("Identifier"),
}


@dataclass(frozen=True)
class Grid:
    """A small table under an entry: texts; columns from `first_number` on hold numbers. `note` says what they are."""

    heads: tuple[str, ...]
    rows: tuple[tuple[str, ...], ...]
    first_number: int
    note: str = ""


@dataclass(frozen=True)
class PrintedEntry:
    """What is printed of a variable, or of items that share their values."""

    title: str
    name: str
    says: str
    grid: Grid | None = None


@dataclass(frozen=True)
class PrintedCodebook:
    """The appendix: a title, the size of the study, and the entries of the variables in use."""

    title: str
    about: str
    entries: tuple[PrintedEntry, ...]
    language: str = "en"


def retold(codebook: PrintedCodebook, told: Callable[[str], str], language: str) -> PrintedCodebook:
    """The same in another language; names, labels and values stay as they are."""

    def grid(one: Grid) -> Grid:
        rows = tuple(tuple(map(told, row)) for row in one.rows)
        return replace(one, heads=tuple(map(told, one.heads)), rows=rows, note=told(one.note))

    def entry(one: PrintedEntry) -> PrintedEntry:
        shown = None if one.grid is None else grid(one.grid)
        return PrintedEntry(told(one.title), told(one.name), told(one.says), shown)

    return PrintedCodebook(told(codebook.title), told(codebook.about), tuple(map(entry, codebook.entries)), language)


def print_codebook(data: Dataset) -> PrintedCodebook:
    """The codebook of a study as it prints; variables that were left out are not in it."""
    used = [variable for variable in data.codebook.variables if variable.in_use]
    facts = {variable.name: variable_facts(data, variable.name) for variable in used}
    entries = (entry for entry in entries_of(data, facts) if entry.in_use)
    name = data.table.source.name
    return PrintedCodebook(
        title=english("Codebook of {name}", name=name) if name else english("Codebook"),
        about=together([part for part in (_size(data), _variables(len(used)), in_words(data.codebook)) if part], " · "),
        entries=tuple(_printed(entry, data) for entry in entries),
    )


def _size(data: Dataset) -> str:
    rows = data.codebook.rows.said
    return english("{n:,} [row|rows]" if rows else "{n:,} [case|cases]", n=data.n_cases)


def _variables(n: int) -> str:
    return english("{n:,} [variable|variables]", n=n)


def _number(n: int) -> str:
    return english("{n:,}", n=n)


def _printed(entry: Entry, data: Dataset) -> PrintedEntry:
    first = data.variable(entry.names[0])
    words = [said for said in entry.says if _says_more(said)]
    level = LEVELS[first.level]
    if first.personal:
        said = [level, english("personal: its values are not shown")]
        return PrintedEntry(entry.title.text, entry.beside, together(said, " · "))
    if len(entry.names) > 1:
        said = [level, english("{n} items", n=len(entry.names))]
        return PrintedEntry(entry.title.text, entry.beside, together(said, " · "), _items(entry.names, data))
    lines: list[str] = [level, *map(_line, words)]
    if first.level.categorical:
        made_by = (english("made by {formula}", formula=one.text) for one in words if one.part == "formula")
        return PrintedEntry(entry.title.text, entry.beside, together([level, *made_by], " · "), _values(first, data))
    lines.append(english("{n:,} valid", n=int(data.present(first.name).sum())))
    missing = [english("{n:,} {words}", n=count, words=words) for words, count in _missing(first.name, data)]
    lines += [*(english("missing: {part}", part=part) for part in missing[:1]), *missing[1:]]
    return PrintedEntry(entry.title.text, entry.beside, together(lines, " · "))


def _line(said: Said) -> str:
    if said.part == "prints":
        return english("mean {value}", value=said.text)
    return english("{before}{text}", before=said.before, text=said.text) if said.before else said.text


def _says_more(said: Said) -> bool:
    """What is not told by counts: values and codes are."""
    return said.part in ("prints", "formula") or (not said.part and not said.remark)


def _values(variable: Variable, data: Dataset) -> Grid:
    """Every value with its label, how often it occurs, and its share of the valid answers."""
    counted = value_counts(data, variable.name, MOST_VALUES + 1)
    valid = max(1, int(data.present(variable.name).sum()))
    labelled = any(label not in (value, show_value(value)) for value, label, _ in counted)
    rows = [_value_row(value, label, count, valid, labelled=labelled) for value, label, count in counted[:MOST_VALUES]]
    if len(counted) > MOST_VALUES:
        rest = valid - sum(count for _, _, count in counted[:MOST_VALUES])
        rows.append((english("others"), *(("",) if labelled else ()), _number(rest), _percent(rest, valid)))
    for words, count in _missing(variable.name, data):
        rows.append((english("missing: {part}", part=words), *(("",) if labelled else ()), _number(count), ""))
    heads = (english("Value"), *((english("Label"),) if labelled else ()), "n", "%")
    return Grid(heads, tuple(rows), len(heads) - 2)


def _value_row(value: float | str, label: str, count: int, valid: int, *, labelled: bool) -> tuple[str, ...]:
    shown = _shown(value)
    names = (shown, "" if label == show_value(value) else label) if labelled else (shown,)
    return (*names, _number(count), _percent(count, valid))


def _items(names: tuple[str, ...], data: Dataset) -> Grid:
    """A row for each item; a column for each value where those are few, else how many answered."""
    counted = {name: value_counts(data, name, MOST_IN_HEADS + 1) for name in names}
    values = {value: label for found in counted.values() for value, label, _ in found}
    lacking = {name: data.n_cases - int(data.present(name).sum()) for name in names}
    if len(values) > MOST_IN_HEADS:
        answered = ((n, data.variable(n).label, _number(data.n_cases - lacking[n]), _number(lacking[n])) for n in names)
        return Grid((english("Item"), english("Label"), "n", english("Missing")), tuple(answered), 2)
    order = in_natural_order(values)
    rows: list[tuple[str, ...]] = []
    for name in names:
        valid, mine = max(1, data.n_cases - lacking[name]), {value: count for value, _, count in counted[name]}
        shares = (_percent(mine.get(value, 0), valid) for value in order)
        rows.append((name, data.variable(name).label, *shares, _number(lacking[name])))
    heads = [_shown(v) if values[v] == show_value(v) else f"{_shown(v)} {values[v]}" for v in order]
    ends = english("Item"), english("Label"), *heads, english("Missing")
    return Grid(ends, tuple(rows), 2, english("Percentages of the valid answers."))


def _missing(name: str, data: Dataset) -> Iterator[tuple[str, int]]:
    """Why values are missing, and how many are."""
    categorical = data.variable(name).level.categorical
    reasons = (data.categories(name) if categorical else data.numbers(name)).missing.reasons
    for reason, mask in reasons.items():
        count = int((mask & data.kept).sum())
        if count:
            yield NOT_READ.get(reason.kind) or (reason.name if reason.kind == "code" else english(reason.name)), count


def _shown(value: float | str) -> str:
    return value if isinstance(value, str) else show_value(value).replace("-", "−")


def _percent(count: int, of: int) -> str:
    return english("{share:.1f}", share=100 * count / of)
