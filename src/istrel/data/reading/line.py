"""How a file was read, in one line: each word is something that was decided, and names the setting that decides otherwise."""

from __future__ import annotations

import re
from typing import NamedTuple

from istrel.data.table import Source

DELIMITERS = ("comma", "semicolon", "tab", "bar", "space", "^", "~", ":", "!")
NUMBERS, DATES, LETTERS = (
    re.compile(r"was read as -?[\d.e+]+; it may be"),
    re.compile(r"may be \d{4}-\d\d-\d\d or"),
    "Letters: ",
)


class Word(NamedTuple):
    """A decision in a word or two, the setting that changes it ("" where none does), and whether another one was possible."""

    text: str
    setting: str
    unsure: bool = False


def line_of_reading(source: Source) -> tuple[Word, ...]:
    """The line of a source; a file that its format decides has only its name."""
    numbers, dates, letters = (
        any(said(sentence) for sentence in source.unsure)
        for said in (NUMBERS.search, DATES.search, lambda sentence: sentence.startswith(LETTERS))
    )
    words = []
    for part in filter(None, source.reading.split(" · ")):
        if part in DELIMITERS:
            words.append(Word(part, "delimiter"))
        elif part == "decimal comma":
            words.append(Word(part, "decimal mark", numbers))
        elif source.decided.encoding and part.casefold() == source.decided.encoding.casefold().removesuffix("-sig"):
            words.append(Word(part, "encoding", letters))
        else:
            words.append(Word(part, ""))
    if numbers and not any(word.setting == "decimal mark" for word in words):
        words.append(Word("decimal point", "decimal mark", unsure=True))
    if dates:
        words.append(Word("dates", "dates", unsure=True))
    return (*words, *_rows(source))


def _rows(source: Source) -> list[Word]:
    """Where names stand, and what is no row."""
    decided, words = source.decided, []
    if decided.names_rows and decided.names_rows != (1,):
        rows = " and ".join(map(str, decided.names_rows))
        words.append(Word(f"names in row{'s' if len(decided.names_rows) > 1 else ''} {rows}", "row of names"))
    elif decided.delimiter and not decided.names_rows:
        words.append(Word("no row of names", "row of names", unsure=True))
    aside = sum(why != "title" for _, why in decided.set_aside)
    if aside:
        words.append(Word(f"{aside:,} line{'s' if aside > 1 else ''} set aside", "row of names"))
    return words
