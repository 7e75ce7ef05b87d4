"""Answers with an order: words of usual scales, numbered answers, and items of one battery, which get one level and one scale."""

from __future__ import annotations

import re
from dataclasses import replace
from itertools import groupby

import numpy as np

from istrel.data.answers import AnswerScale, by_amount, by_length, by_number, in_order, plain, scale_of
from istrel.data.codebook import Codebook, ValueLabel, Variable
from istrel.data.column import Column, Kind
from istrel.data.levels import Level
from istrel.data.markers import CODE_LIKE, is_marker, stands_for_nothing
from istrel.data.scales import NUMBERED
from istrel.data.table import Table

MOST_WORDS, MOST_STEPS, FEWEST_ITEMS = 30, 11, 3
TAKEN = (Level.NOMINAL, Level.BINARY, Level.TEXT, Level.IDENTIFIER)
CATEGORY = re.compile(
    r"(?:^|[_.\s-])(class|klasse|classe|clase|store|shop|filiale|branch|line|linie|route|tray|net|vessel|ward|station|praxis|"
    r"room|machine|lab|labor|observer|rater|judge|agent|interviewer|zone|area|topic|thema|cause|code|reason|kind|model|course|kurs|"
    r"cohort|version|location|place|campus|building|floor_?plan|street|road|crew|operator|instrument|device|sensor|well|cage|litter|race|ethnic\w*|region|country|state|site|cent(?:er|re)|hospital|clinic|school|group|arm|treatment|treat|condition|"
    r"sex|gender|religion|party|species|type|category|cluster|district|province|department|dept|faculty|industry|sector|occupation|"
    r"job|marital(?:_?status)?|colou?r|method|strain|variety|brand|language|team|block|plot|farm|batch|origin|"
    r"geschlecht|gruppe|land|bundesland|schule|standort|art|typ|beruf|sexe|groupe|région|pays|sexo|grupo|región|país)(?:\d|$|[_.\s-])",
    re.IGNORECASE,
)
ASKS_WHICH = re.compile(
    r"(?i)\W*(?:\w{1,3}\W+)?(?:which|what|welche[rsnm]?|was f[üu]r|quelle?s?|cu[áa]l(?:es)?|qu[ée])\b"  # “In which …”, “A quelle …”
)
MOST_NAME_WORDS = 3
OWN_NUMBER = re.compile(r"(?i)[_ .-]?(?:id|nr|no)$")
KINDS_LAST = re.compile(r"(?i)[_ .-](?:code|type|class|category|kind|typ|klasse|art|classe|tipo|clase)$")
FEWEST_FROM_ZERO, STEPS_FROM_ZERO = 4, (2, 3, 4, 5, 6)
COUNTED_STEM = re.compile(
    r"(?i)^n_|(?:^|[_\W])(?:count|number|num|anzahl|anz|nombre|n[úu]mero|visits?|falls|errors?|days?|goals?|points?)(?:$|[_\W])"
)


def with_answers(codebook: Codebook, table: Table) -> Codebook:
    """The codebook with ordered answers put in their order, and items of a battery alike."""
    words = {name: said for name in table.names if (said := _answers(table.column(name), codebook[name]))}
    scales: dict[str, AnswerScale] = {}
    for name, said in words.items():
        scale = scale_of(said)
        if scale is not None:
            scales[name] = scale
            codebook = codebook.with_variable(_ordered(codebook[name], in_order(said, scale)))
        elif (numbered := by_number(said) or by_amount(said) or by_length(said)) is not None:
            codebook = codebook.with_variable(_ordered(codebook[name], numbered))
    codebook = _batteries_of_words(codebook, table, words, scales)
    codebook = _batteries_of_numbers(_batteries_from_zero(codebook, table), table)
    for line in codebook.variables:
        kinds = (line.level is Level.ORDINAL and _names_kinds(line.name)) or (
            line.level is Level.COUNT and KINDS_LAST.search(line.name)
        )
        if kinds and table.column(line.name).kind is Kind.NUMBER:
            codebook = codebook.with_variable(replace(line, level=Level.NOMINAL))
    return codebook


def _names_kinds(name: str) -> bool:
    """Whether a name calls its numbers kinds of something: by a word of a short one; a whole sentence must ask which."""
    name = OWN_NUMBER.sub("", name) or name
    words = name.replace("_", " ").split()
    sentence = len(words) > MOST_NAME_WORDS or name.rstrip().endswith("?")
    return CATEGORY.search(name) is not None and (not sentence or ASKS_WHICH.match(name) is not None)


def _answers(column: Column, line: Variable) -> tuple[str, ...]:
    """The words in use of a column of few; none where its level is not open.

    Marks for no answer are aside, unless they are a step of the scale: “none” before “mild”.
    """
    if column.kind is not Kind.TEXT or not 0 < len(column.words) <= MOST_WORDS or line.level not in TAKEN:
        return ()
    counts = np.bincount(column.values[column.valid], minlength=len(column.words))
    used = tuple(word for word, n in zip(column.words, counts, strict=True) if n and not stands_for_nothing(word))
    if scale_of(used) is not None:
        return used
    missing = {code.value for code in line.missing_codes}
    return tuple(word for word in used if word not in missing and not is_marker(word))


def _ordered(line: Variable, words: tuple[str, ...]) -> Variable:
    """The line with its words in this order; two of them alone are still two answers."""
    level = Level.ORDINAL if len(words) > 2 else Level.BINARY
    missing = tuple(code for code in line.missing_codes if code.value not in words)
    labels = tuple(ValueLabel(word, word) for word in words)
    return replace(line, level=level, value_labels=labels, missing_codes=missing)


def _batteries_of_words(
    codebook: Codebook, table: Table, words: dict[str, tuple[str, ...]], scales: dict[str, AnswerScale]
) -> Codebook:
    """Neighbours, or numbered columns of one beginning, that are answered on one scale: all its words that any of them holds."""

    def battery(name: str) -> str:
        match = NUMBERED.match(name)
        return match["stem"] if match else ""

    runs = [(stem, list(names)) for stem, names in groupby(table.names, battery) if stem]
    runs += [(scale.of, list(names)) for scale, names in _neighbours(table, scales)]
    for _, names in runs:
        mine = [scales[name] for name in names if name in scales]
        if len(names) < FEWEST_ITEMS or not mine:
            continue
        scale = max(mine, key=lambda one: len(one.steps))
        items = [name for name in names if name in words and all(plain(word) in scale.steps for word in words[name])]
        union = dict.fromkeys(word for name in items for word in words[name])
        steps = {scale.steps[plain(word)] for word in union}
        if len(items) < FEWEST_ITEMS or len(steps) < max(3, len(union)):
            continue
        order = in_order(union, scale)
        for name in items:
            codebook = codebook.with_variable(_ordered(codebook[name], order))
    return codebook


def _neighbours(table: Table, scales: dict[str, AnswerScale]) -> list[tuple[AnswerScale, list[str]]]:
    """Columns that stand side by side and are answered on one scale."""
    runs = groupby(table.names, scales.get)
    return [(scale, list(names)) for scale, names in runs if scale is not None]


def _numbered(table: Table) -> dict[str, list[str]]:
    """{what numbered columns of numbers are called without their number: the columns}."""
    stems: dict[str, list[str]] = {}
    for column in table.columns:
        match = NUMBERED.match(column.name)
        if match and column.kind is Kind.NUMBER:
            stems.setdefault(match["stem"], []).append(column.name)
    return stems


def _batteries_from_zero(codebook: Codebook, table: Table) -> Codebook:
    """Four numbered items or more that all go from 0 to the same few steps: answers, for counts end at different numbers."""
    for stem, names in _numbered(table).items():
        if len(names) < FEWEST_FROM_ZERO or any(codebook[name].level is not Level.COUNT for name in names):
            continue
        ends = {_ends(table.column(name)) for name in names}
        low, high = ends.pop()
        if not ends and low == 0 and high in STEPS_FROM_ZERO and not COUNTED_STEM.search(stem):
            for name in names:
                codebook = codebook.with_variable(replace(codebook[name], level=Level.ORDINAL))
    return codebook


def _ends(column: Column) -> tuple[float, float]:
    """The smallest and the largest number but for codes of the usual form above a scale."""
    values = column.values[column.valid]
    values = values[~np.isin(values, CODE_LIKE)]
    return (float(values.min()), float(values.max())) if values.size else (0.0, 0.0)


def _batteries_of_numbers(codebook: Codebook, table: Table) -> Codebook:
    """Numbered items of which most are scales: those that lack an answer are scales, too."""
    for names in _numbered(table).values():
        scales = [name for name in names if codebook[name].level is Level.ORDINAL]
        if len(names) < FEWEST_ITEMS or 2 * len(scales) < len(names) or len(scales) == len(names):
            continue
        low, high = _range(table, scales)
        if high - low >= MOST_STEPS:
            continue
        for name in names:
            values = table.column(name).values[table.column(name).valid]
            values = values[~(np.isin(values, CODE_LIKE) & ((values < low) | (values > high)))]
            inside = values.size and bool(((values >= low) & (values <= high) & (values == np.floor(values))).all())
            if inside and name not in scales and codebook[name].level in (Level.CONTINUOUS, Level.COUNT, Level.BINARY):
                codebook = codebook.with_variable(replace(codebook[name], level=Level.ORDINAL))
    return codebook


def _range(table: Table, names: list[str]) -> tuple[float, float]:
    values = [table.column(name).values[table.column(name).valid] for name in names]
    return min(float(v.min()) for v in values), max(float(v.max()) for v in values)
