"""What reports of a first look say alike, and in which language."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from istrel.data.screening.finding import listed
from istrel.english import english
from istrel.study.intake import Intake
from istrel.study.rows import in_words

Told = Callable[[str], str]  # says a text of ours in the language of the report; others stay as they are
MOST_NAMED, MOST_TOLD = 6, 8  # names of one group, groups of one kind


def key_said(intake: Intake) -> str:
    """By what the rows are told apart."""
    names = tuple(english("“{word}”", word=name) if name.endswith(".") else name for name in intake.key)
    return english("Rows are told apart by {names}.", names=listed(names))


def structure_said(intake: Intake) -> list[str]:
    """What a row is, by which the rows are told apart, and which columns belong together."""
    said, rows = list[str](), in_words(intake.data.codebook)
    if rows:
        said.append(english("A guess: {words}", words=rows) if intake.rows.guessed else rows)
    said += [key_said(intake)] if intake.key else []
    said += _some(
        [
            english("One measure on several occasions: {name} ({columns}).", name=one.name, columns=_few(one.columns))
            for one in intake.series
        ]
    )
    said += _some(
        [
            english("One question with several answers: {name} ({answers}).", name=one.name, answers=_few(one.answers))
            for one in intake.sets
        ]
    )
    scales = [
        english("Items of one scale: {name} ({items}).", name=one.name, items=_few(one.items)) for one in intake.scales
    ]
    return said + _some(scales)


def _few(names: tuple[str, ...]) -> str:
    return ", ".join(names[:MOST_NAMED]) + (f" … {names[-1]}" if len(names) > MOST_NAMED else "")


def _some(lines: Sequence[str]) -> list[str]:
    more = len(lines) - MOST_TOLD
    return list(lines) if more <= 0 else [*lines[:MOST_TOLD], english("And {n:,} more like it.", n=more)]
