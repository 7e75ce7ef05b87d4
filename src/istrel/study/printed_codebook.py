"""The whole codebook as an appendix: an entry per variable or battery, with its values, their counts, and what is missing."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

from istrel.counting import counted
from istrel.data.codebook import Variable
from istrel.data.column import show_value
from istrel.data.dataset import Dataset
from istrel.data.facts import value_counts, variable_facts
from istrel.data.natural import in_natural_order
from istrel.study.entries import Entry, Said, entries_of
from istrel.study.rows import in_words, unit

MOST_VALUES, MOST_IN_HEADS = 40, 9
NOT_READ = {"text": "no number"}


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


def print_codebook(data: Dataset) -> PrintedCodebook:
    """The codebook of a study as it prints; variables that were left out are not in it."""
    used = [variable for variable in data.codebook.variables if variable.in_use]
    facts = {variable.name: variable_facts(data, variable.name) for variable in used}
    entries = (entry for entry in entries_of(data, facts) if entry.in_use)
    name = data.table.source.name
    return PrintedCodebook(
        title=f"Codebook of {name}" if name else "Codebook",
        about=" · ".join(
            filter(
                None,
                (counted(data.n_cases, unit(data.codebook)), counted(len(used), "variable"), in_words(data.codebook)),
            )
        ),
        entries=tuple(_printed(entry, data) for entry in entries),
    )


def _printed(entry: Entry, data: Dataset) -> PrintedEntry:
    first = data.variable(entry.names[0])
    words = [said for said in entry.says if _says_more(said)]
    level = first.level.value.capitalize()
    if first.personal:
        return PrintedEntry(entry.title.text, entry.beside, f"{level} · personal: its values are not shown")
    if len(entry.names) > 1:
        lines = [level, f"{len(entry.names)} items"]
        return PrintedEntry(entry.title.text, entry.beside, " · ".join(lines), _items(entry.names, data))
    lines = [level, *(f"mean {said.text}" if said.part == "prints" else f"{said.before}{said.text}" for said in words)]
    if first.level.categorical:
        lines = [level, *(f"made by {said.text}" for said in words if said.part == "formula")]
        return PrintedEntry(entry.title.text, entry.beside, " · ".join(lines), _values(first, data))
    valid = int(data.present(first.name).sum())
    missing = [f"{count:,} {words}" for words, count in _missing(first.name, data)]
    lines += [f"{valid:,} valid", *(f"missing: {part}" for part in missing[:1]), *missing[1:]]
    return PrintedEntry(entry.title.text, entry.beside, " · ".join(lines))


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
        rows.append(("others", *(("",) if labelled else ()), f"{rest:,}", _percent(rest, valid)))
    for words, count in _missing(variable.name, data):
        rows.append((f"missing: {words}", *(("",) if labelled else ()), f"{count:,}", ""))
    heads = ("Value", "Label", "n", "%") if labelled else ("Value", "n", "%")
    return Grid(heads, tuple(rows), len(heads) - 2)


def _value_row(value: float | str, label: str, count: int, valid: int, *, labelled: bool) -> tuple[str, ...]:
    shown = _shown(value)
    names = (shown, "" if label == show_value(value) else label) if labelled else (shown,)
    return (*names, f"{count:,}", _percent(count, valid))


def _items(names: tuple[str, ...], data: Dataset) -> Grid:
    """A row for each item; a column for each value where those are few, else how many answered."""
    counted = {name: value_counts(data, name, MOST_IN_HEADS + 1) for name in names}
    values = {value: label for found in counted.values() for value, label, _ in found}
    lacking = {name: data.n_cases - int(data.present(name).sum()) for name in names}
    if len(values) > MOST_IN_HEADS:
        answered = ((n, data.variable(n).label, f"{data.n_cases - lacking[n]:,}", f"{lacking[n]:,}") for n in names)
        return Grid(("Item", "Label", "n", "Missing"), tuple(answered), 2)
    order = in_natural_order(values)
    rows: list[tuple[str, ...]] = []
    for name in names:
        valid, mine = max(1, data.n_cases - lacking[name]), {value: count for value, _, count in counted[name]}
        shares = (_percent(mine.get(value, 0), valid) for value in order)
        rows.append((name, data.variable(name).label, *shares, f"{lacking[name]:,}"))
    heads = [_shown(v) if values[v] == show_value(v) else f"{_shown(v)} {values[v]}" for v in order]
    return Grid(("Item", "Label", *heads, "Missing"), tuple(rows), 2, "Percentages of the valid answers.")


def _missing(name: str, data: Dataset) -> Iterator[tuple[str, int]]:
    """Why values are missing, and how many are."""
    categorical = data.variable(name).level.categorical
    reasons = (data.categories(name) if categorical else data.numbers(name)).missing.reasons
    for reason, mask in reasons.items():
        count = int((mask & data.kept).sum())
        if count:
            yield NOT_READ.get(reason.kind, reason.name), count


def _shown(value: float | str) -> str:
    return value if isinstance(value, str) else show_value(value).replace("-", "−")


def _percent(count: int, of: int) -> str:
    return f"{100 * count / of:.1f}"
