"""Values that stand for "no answer": suspected missing codes, and text among numbers or dates."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator

import numpy as np

from istrel.data.answers import is_no_step
from istrel.data.column import Column, Kind
from istrel.data.corrections import Correction
from istrel.data.dataset import rows_of
from istrel.data.levels import Level
from istrel.data.markers import is_marker, no_and_yes, says_yes_or_no
from istrel.data.screening.finding import (
    CountAsValue,
    Finding,
    MarkMissing,
    Mask,
    Remedy,
    Replace,
    listed,
    quoted,
    shown,
    times,
)
from istrel.data.screening.limited import about, limit_of, of_limits
from istrel.data.screening.look import Look
from istrel.data.units import without_unit
from istrel.english import english

SIGNS = frozenset("+-")  # beside each other: two strands, two results
A_CATEGORY = ("none", "nil", "*")  # more often an answer, or a mark, than none


def find(look: Look) -> Iterator[Finding]:
    """suspected_missing_code and text_in_numbers."""
    yield from _markers(look)
    yield from _numeric_codes(look)
    yield from _worded_codes(look)
    yield from _unread(look)


def _markers(look: Look) -> Iterator[Finding]:
    """Words for "no answer" that were taken so in several columns at once: one fact about the file."""
    places: dict[str, list[str]] = {}
    for name in look.names:
        for code in look.data.variable(name).missing_codes:
            if isinstance(code.value, str) and not code.reason and is_marker(code.value):
                places.setdefault(code.value, []).append(name)
    for word, names in places.items():
        if len(names) < 2 and not _beside_yes_and_no(look.data.table.column(names[0]), word):
            continue
        masks = [_stands(word, look.data.table.column(name)) for name in names]
        count = sum(int(mask.sum()) for mask in masks)
        answers = tuple(name for name in names if look.data.table.column(name).kind is Kind.TEXT)
        remedy = Remedy(
            english("count it as an answer in {names}", names=listed(answers)), CountAsValue(answers, (word,))
        )
        yield Finding(
            "suspected_missing_code",
            tuple(names),
            english("“{word}”", word=word),
            english("stands {often} in {names} and counts as missing.", often=times(count), names=listed(tuple(names))),
            rows_of(np.logical_or.reduce(masks)),
            (remedy,) if answers else (),
        )


def _beside_yes_and_no(column: Column, word: str) -> bool:
    """Whether a column holds yes, no, and besides only this word."""
    return no_and_yes(tuple(other for other in column.words if other != word)) is not None


def _stands(word: str, column: Column) -> Mask:
    """The cases in which a word stands, among the values or among numbers."""
    if column.kind is Kind.TEXT:
        return (
            column.valid & (column.values == column.words.index(word))
            if word in column.words
            else ~column.valid & False
        )
    mask = np.zeros(column.n_rows, bool)
    mask[[row for row, text in zip(column.unread.rows, column.unread.texts, strict=True) if text == word]] = True
    return mask


def _numeric_codes(look: Look) -> Iterator[Finding]:
    """One finding per suspected code, over all variables in which it stands."""
    places: dict[float, list[tuple[str, Mask]]] = {}
    for name in look.of_kind(Kind.NUMBER):
        for code in look.codes(name):
            numbers = look.data.numbers(name)
            places.setdefault(code, []).append((name, numbers.valid & (numbers.values == code)))
    for code, where in sorted(places.items(), key=lambda item: -sum(int(m.sum()) for _, m in item[1])):
        names = tuple(name for name, _ in where)
        count = sum(int(mask.sum()) for _, mask in where)
        yield Finding(
            "suspected_missing_code",
            names,
            shown(code),
            english(
                "stands {often} in {names}, far from all other values: a code for “no answer”?",
                often=times(count),
                names=listed(names),
            ),
            rows_of(np.logical_or.reduce([mask for _, mask in where])),
            (Remedy(english("treat {code} as missing", code=shown(code)), MarkMissing(names, (code,))),),
            changes_numbers=True,
        )


def _worded_codes(look: Look) -> Iterator[Finding]:
    """Words for "no answer" among the values of a category."""
    places: dict[str, list[tuple[str, Mask]]] = {}
    for name in look.of_kind(Kind.TEXT):
        if look.level(name) is Level.TEXT:
            continue
        column, present = look.data.table.column(name), look.data.present(name)
        stand = look.data.tally(name)[0].tolist()
        scale = look.level(name) is Level.ORDINAL or says_yes_or_no(column.words[place] for place in stand)
        for place in stand:
            word = column.words[place]
            if word.strip().casefold() in A_CATEGORY or _is_a_sign(word, [column.words[k] for k in stand]):
                continue
            labelled = any(entry.value == word for entry in look.data.variable(name).value_labels)
            if (scale and is_no_step(word)) or (is_marker(word) and not labelled):
                places.setdefault(word, []).append((name, present & (column.values == place)))
    for word, where in places.items():
        names = tuple(name for name, _ in where)
        count = sum(int(mask.sum()) for _, mask in where)
        yield Finding(
            "suspected_missing_code",
            names,
            english("“{word}”", word=word),
            english(
                "stands {often} among the values of {names}: no answer rather than an answer?",
                often=times(count),
                names=listed(names),
            ),
            rows_of(np.logical_or.reduce([mask for _, mask in where])),
            (Remedy(english("treat “{word}” as missing", word=word), MarkMissing(names, (word,))),),
            changes_numbers=True,
        )


def _is_a_sign(word: str, words: list[str]) -> bool:
    """Whether a word of signs stands beside others of signs, as “--” beside “+”."""
    return set(word) <= SIGNS and any("+" in other and set(other) <= SIGNS for other in words)


def _unread(look: Look) -> Iterator[Finding]:
    for name in look.names:
        column = look.data.table.column(name)
        declared = {code.value for code in look.data.variable(name).missing_codes}
        kept = [i for i, text in enumerate(column.unread.texts) if text not in declared]
        if look.data.aside is not None:
            kept = [i for i in kept if not look.data.aside[column.unread.rows[i]]]
        if not kept:
            continue
        counts = Counter(column.unread.texts[i] for i in kept).most_common()
        yield Finding(
            "text_in_numbers",
            (name,),
            english("Text among dates") if column.kind is Kind.DATE else english("Text among numbers"),
            english(
                "in {name}: {texts}. {n:,} [case counts|cases count] as missing until then.",
                name=name,
                texts=quoted(counts),
                n=len(kept),
            ),
            tuple(int(column.unread.rows[i]) + 1 for i in kept),
            _mending(column, [text for text, _ in counts], dict(counts), look.data.table.source.decided.decimal),
            changes_numbers=True,
        )


def _mending(column: Column, texts: list[str], counts: dict[str, int], decimal: str) -> tuple[Remedy, ...]:
    """Read what has the other decimal mark, take limits for what they are, and the rest is missing."""
    if column.kind is not Kind.NUMBER:
        return (Remedy(english("treat as missing"), MarkMissing((column.name,), tuple(texts))),)
    bare = {text: without_unit(text, column.unit) for text in texts}
    limits = {text: limit for text in texts if (limit := limit_of(bare[text], decimal)) is not None}
    decimals = {text: value for text in texts if (value := _as_number(text)) is not None}
    rough = {text: value for text in texts if (value := about(bare[text], decimal)) is not None}
    numbers = {**decimals, **rough}
    rest = tuple(text for text in texts if text not in numbers)
    remedies = []
    if numbers:
        n, (first, value) = sum(counts[text] for text in numbers), next(iter(numbers.items()))
        if not rough:
            words = english("read {n:,} as decimals", n=n)
        elif len(numbers) == 1:
            words = english("read “{text}” as {value}", text=first, value=shown(value))
        else:
            words = english("read {n:,} as the numbers in them", n=n)
        corrections = (
            Correction(column.name, text, value, reason="about" if text in rough else "decimal mark")
            for text, value in numbers.items()
        )
        remedies.append(Remedy(words, Replace(tuple(corrections))))
    if limits:
        remedies += of_limits(column.name, limits, counts)
    if rest or rough:
        beside = numbers and rest
        words = english("treat the rest as missing") if beside else english("treat as missing")
        remedies.append(Remedy(words, MarkMissing((column.name,), rest or tuple(rough))))
    return tuple(remedies)


def _as_number(text: str) -> float | None:
    """A number written with the other decimal mark, or with spaces inside."""
    plain = text.strip().replace("\u00a0", "").replace("\u202f", "").replace(" ", "").replace("−", "-")
    if plain.count(",") == 1 and "." not in plain:
        plain = plain.replace(",", ".")
    try:
        value = float(plain)
    except ValueError:
        return None
    return value if np.isfinite(value) else None
