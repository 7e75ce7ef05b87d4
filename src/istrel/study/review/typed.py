"""Numbers and groups in the author's own words, held against the exhibits that the passage cites."""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import NamedTuple

from istrel.english import english
from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell
from istrel.study.manuscript import Entry
from istrel.study.review.arithmetic import NUMBER, decimals_of, value_of
from istrel.study.review.point import Point, Script
from istrel.study.review.said import Sentence

COLUMNS = {"M": "mean", "SD": "sd", "Mdn": "median", "SE": "se", "IQR": "iqr"}
RESULT = re.compile(rf"\b(?P<name>{'|'.join(COLUMNS)}) ?= ?(?P<value>{NUMBER})(?! ?%)")
HIGHEST = re.compile(r"\b(?:highest|largest|greatest|longest|most)\b", re.IGNORECASE)
LOWEST = re.compile(r"\b(?:lowest|smallest|shortest|least|fewest)\b", re.IGNORECASE)
SYMBOL = r"(?:[A-Za-z]{1,4} ?= ?)?"
BEFORE = re.compile(
    rf"^ ?(?:\({SYMBOL}|(?:[:,]|(?:learners |classes |groups? |courses? )?(?:had|averaged|reached|scored|with|at|was|were)) "
    rf"(?:an? )?(?:mean |average )?(?:of )?{SYMBOL})$"
)
AFTER = re.compile(r"^ ?(?:%|points|minutes|years|h|min)? ?(?:in|for|among|of) (?:the )?$")


class Shown(NamedTuple):
    """A number that an exhibit shows: of which variable, statistic and group."""

    entry: Entry
    variable: str
    column: str
    group: str
    cell: Cell


def points(script: Script) -> Iterator[Point]:
    shown = {entry.kept.id: list(_shown(entry, script)) for entry in script.entries}
    for sentence in script.sentences:
        if sentence.is_of_others:
            continue
        cited = [one for identity in sorted(sentence.cited) for one in shown.get(identity, ())]
        every = [one for ones in shown.values() for one in ones]
        yield from _disagreeing(sentence, cited, every, script)
        yield from _dead(sentence, cited, script)
        yield from _wrong_group(sentence, cited, script)
        yield from _wrong_end(sentence, cited)


def _shown(entry: Entry, script: Script) -> Iterator[Shown]:
    for (row, column), cell in script.numbers(entry):
        if isinstance(cell.value, float):
            yield Shown(entry, row.partition(" @ ")[0], column, _group_of(row), cell)


def _group_of(row: str) -> str:
    """The group of a number by its key; nothing for all cases."""
    return " & ".join(part.partition("=")[2] for part in row.partition(" @ ")[2].split(" & "))


def _is(one: Shown, text: str, mark: str) -> bool:
    """Whether a typed number is this one, as it prints or with other decimals."""
    if mark != ".":
        text = text.replace(".", "").replace(mark, ".")
    value = one.cell.value
    assert isinstance(value, float)
    return abs(value - value_of(text)) <= 0.5000001 * 10.0 ** -decimals_of(text)


def _results(sentence: Sentence) -> Iterator[tuple[re.Match[str], str, str]]:
    """(match, statistic, number) of every result that is typed."""
    for found in RESULT.finditer(sentence.text):
        if sentence.is_typed(*found.span("value")):
            yield found, COLUMNS[found["name"]], found["value"]


def _disagreeing(sentence: Sentence, cited: list[Shown], every: list[Shown], script: Script) -> Iterator[Point]:
    """A typed result that no exhibit has, where the cited ones have its statistic."""
    mark = script.style.numbers.decimal_mark
    for found, column, number in _results(sentence):
        same = [one for one in cited if one.column == column]
        if not same or any(one.column == column and _is(one, number, mark) for one in every):
            continue
        nearest = min(same, key=lambda one: abs(float(one.cell.value or 0.0) - value_of(number)))  # type: ignore[arg-type]
        has = english(
            "{label} has {name} = {value}",
            label=nearest.entry.label.rstrip(" .:"),
            name=found["name"],
            value=print_cell(nearest.cell, script.style),
        )
        yield Point(
            english("typed number"),
            english("“{text}” is in no exhibit; {has}.", text=found.group(), has=has),
            sentence.part,
        )


def _dead(sentence: Sentence, cited: list[Shown], script: Script) -> Iterator[Point]:
    """A typed result among live ones: it will stay when the others follow new data."""
    mark = script.style.numbers.decimal_mark
    for found, column, number in _results(sentence) if sentence.live else ():
        if any(one.column == column and _is(one, number, mark) for one in cited):
            says = english("“{text}” is typed among live numbers; it will not follow the data.", text=found.group())
            yield Point(english("typed number"), says, sentence.part)


def _groups(cited: list[Shown]) -> dict[str, set[str]]:
    """{exhibit: its groups}."""
    found: dict[str, set[str]] = {}
    for one in cited:
        if one.group:
            found.setdefault(one.entry.kept.id, set()).add(one.group)
    return found


def _named(text: str, groups: set[str]) -> list[tuple[int, int, str]]:
    """(from, to, group) of the names of groups in a text; of names within names the longest."""
    found: list[tuple[int, int, str]] = []
    for group in sorted(groups, key=len, reverse=True):
        for one in re.finditer(rf"(?<!\w){re.escape(group)}(?!\w)", text, re.IGNORECASE if len(group) > 2 else 0):
            if not any(a < one.end() and one.start() < z for a, z, _ in found):
                found.append((*one.span(), group))
    return sorted(found)


def _beside(sentence: Sentence, start: int, end: int, names: list[tuple[int, int, str]]) -> str:
    """The group that a number stands beside in so many words ("40.9 in the weekly course", "weekly (M = 40.9"); else nothing."""
    after = next(((a, group) for a, _, group in names if a >= end), None)
    if after is not None and AFTER.match(sentence.text[end : after[0]]):
        return after[1]
    before = next(((z, group) for _, z, group in reversed(names) if z <= start), None)
    return before[1] if before is not None and BEFORE.match(sentence.text[before[0] : start]) else ""


def _wrong_group(sentence: Sentence, cited: list[Shown], script: Script) -> Iterator[Point]:
    """A number, live or typed, beside the name of another group than its own."""
    groups, mark = _groups(cited), script.style.numbers.decimal_mark
    for live in sentence.live:
        own, known = _group_of(live.number.row), groups.get(live.number.exhibit, set())
        beside = _beside(sentence, live.start, live.end, _named(sentence.text, known))
        if own and beside and beside != own:
            letters = sentence.text[live.start : live.end]
            yield Point(
                english("wrong group"),
                english("{letters} is of {own}, but stands beside {beside}.", letters=letters, own=own, beside=beside),
                sentence.part,
            )
    every = set().union(*groups.values()) if groups else set()
    for found, column, number in _results(sentence):
        beside = _beside(sentence, found.start("value"), found.end("value"), _named(sentence.text, every))
        fits = {one.group for one in cited if one.column == column and _is(one, number, mark)}
        if beside and fits and beside not in fits and "" not in fits:
            says = english(
                "“{text}” is of {groups}, but stands beside {beside}.",
                text=found.group(),
                groups=" or ".join(sorted(fits)),
                beside=beside,
            )
            yield Point(english("wrong group"), says, sentence.part)


def _wrong_end(sentence: Sentence, cited: list[Shown]) -> Iterator[Point]:
    """“Highest” or “lowest” typed beside a group that is not."""
    for pattern, choose, word in ((HIGHEST, max, "highest"), (LOWEST, min, "lowest")):
        for found in pattern.finditer(sentence.text) if not sentence.claims else ():
            clause = re.split(r"[,;]|\band\b|\bbut\b", sentence.text[found.end() :])[0]
            for variable in dict.fromkeys(one.variable for one in cited if one.column == "mean"):
                means = [one for one in cited if one.column == "mean" and one.variable == variable and one.group]
                names = _named(clause, {one.group for one in means})
                if not means or not names or not _speaks_of(sentence, variable, cited):
                    continue
                group = names[0][2]
                end = choose(means, key=lambda one: float(one.cell.value or 0.0))  # type: ignore[arg-type]
                if end.group != group:
                    label = end.entry.label.rstrip(" .:")
                    says = english(
                        "“{text} … {group}” does not hold: in {label} the {word} mean is of {group_2}.",
                        text=found.group(),
                        group=group,
                        label=label,
                        word=word,
                        group_2=end.group,
                    )
                    yield Point(english("wrong end"), says, sentence.part)


def _speaks_of(sentence: Sentence, variable: str, cited: list[Shown]) -> bool:
    """Whether a sentence is about a variable: it names it, or no exhibit that is cited has another."""
    shown = [one for one in cited if one.column == "mean"]
    if {one.variable for one in shown} == {variable}:
        return True
    assert shown[0].entry.exhibit is not None
    said = sentence.text.casefold()
    for one in shown:
        if one.variable == variable and one.entry.exhibit is not None:
            described = one.entry.exhibit.plan.data.variable(variable)
            return any(name and name.casefold() in said for name in (described.label, variable))
    return False
