"""How a file was read, in one line: each word is something that was decided, and names the setting that decides otherwise."""

from __future__ import annotations

import re
from collections.abc import Callable
from typing import NamedTuple

from istrel.data.table import Source
from istrel.english import English, english

DELIMITERS = (*map(english, ("comma", "semicolon", "tab", "bar", "space")), "^", "~", ":", "!")
FORMS = tuple(
    map(
        english, ("bars around each line", "single quotes", "spaces beside quotes", "columns of fixed width", "stacked")
    )
)
NAMING: dict[str, Callable[[str], English]] = {  # what a reading begins with that names something
    "sheet ": lambda name: english("sheet {name}", name=name),
    "table ": lambda name: english("table {name}", name=name),
    "joined by ": lambda name: english("joined by {name}", name=name),
    "spread by ": lambda name: english("spread by {name}", name=name),
    "by ": lambda name: english("by {name}", name=name),
}
GATHERED = re.compile(r"(\d+) variables gathered")
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
            words.append(Word(DELIMITERS[DELIMITERS.index(part)], "delimiter"))
        elif part == "turned":
            words.append(Word(english("turned"), "row of names", unsure=True))
        elif part == "decimal comma":
            words.append(Word(english("decimal comma"), "decimal mark", numbers))
        elif source.decided.encoding and part.casefold() == source.decided.encoding.casefold().removesuffix("-sig"):
            words.append(Word(part, "encoding", letters))
        else:
            words.append(Word(_of_form(part), ""))
    if numbers and not any(word.setting == "decimal mark" for word in words):
        words.append(Word(english("decimal point"), "decimal mark", unsure=True))
    if dates:
        words.append(Word(english("dates"), "dates", unsure=True))
    return (*words, *_rows(source))


def _of_form(part: str) -> str:
    """Words about the whole file, said again where they are known; the name of a format is the same everywhere."""
    if part in FORMS:
        return FORMS[FORMS.index(part)]
    if gathered := GATHERED.fullmatch(part):
        return english("{n:,} [variable|variables] gathered", n=int(gathered[1]))
    begins = next((begins for begins in NAMING if part.startswith(begins)), None)
    return part if begins is None else NAMING[begins](part.removeprefix(begins))


def _rows(source: Source) -> list[Word]:
    """Where names stand, and what is no row."""
    decided, words = source.decided, []
    if decided.names_rows and decided.names_rows != (1,):
        *first, last = map(str, decided.names_rows)
        rows = english("{names} and {last}", names=", ".join(first), last=last) if first else last
        words.append(Word(english("names in [row|rows] {rows}", rows=rows, n=len(decided.names_rows)), "row of names"))
    elif decided.delimiter and not decided.names_rows:
        words.append(Word(english("no row of names"), "row of names", unsure=True))
    aside = sum(why != "title" for _, why in decided.set_aside)
    if aside:
        words.append(Word(english("{n:,} [line|lines] set aside", n=aside), "row of names"))
    return words
