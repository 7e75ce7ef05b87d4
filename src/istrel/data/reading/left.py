"""What is said of a column that looks like one of numbers or dates, or had once been something else, and was left as text."""

from __future__ import annotations

import re
from collections.abc import Iterator

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.angles import as_angles
from istrel.data.reading.beside import several_units, strange_unit, unlike_units
from istrel.data.reading.dates import months
from istrel.data.reading.durations import as_durations
from istrel.data.reading.keys import CODED, are_coded
from istrel.data.reading.notes import Notes
from istrel.english import english

MOSTLY = 0.8  # of the words are what is said
DAY_AND_MONTH = re.compile(r"[0-9]{1,2}[-. ]([^\W\d_]{3,5})\.?|([^\W\d_]{3,5})\.?[- ][0-9]{1,2}")
NAME_WITH_DIGIT = r"^[A-Za-z]{2,}[0-9]+[A-Za-z]?$"
OF_A_PLACE = r"[0-9]{1,3}(?:[.,][0-9]+)? ?(?:°? ?[0-9.,'′’″\" ]*)?"
TWO_PLACES = rf"^(?:{OF_A_PLACE} ?[NS][,;/ ]*{OF_A_PLACE} ?[EWO]|[NS] ?{OF_A_PLACE}[,;/ ]*[EWO] ?{OF_A_PLACE})$"
MOST_NAMES = 50_000


def say_other_words(name: str, words: pa.Array, read: NDArray[np.bool_], notes: Notes) -> None:
    """That most words are dates, and which ones are not."""
    other = words.filter(pa.array(~read))
    if len(other):
        says = english(
            "most of its words are dates, “{word}” is none for sure; it was left as text.", word=other[0].as_py()
        )
        notes.say(name, says, unsure=True)


def say_what_was_left(name: str, words: pa.Array, notes: Notes) -> None:
    """Why a column that looks like numbers is one of texts: the first reason that holds."""
    if (reason := next(_reasons(name, words), None)) is not None:
        notes.say(name, reason, unsure=True)


def _reasons(name: str, words: pa.Array) -> Iterator[str]:
    for one in (as_durations(name, words), as_angles(words)):
        if one is not None and one.unsure and int(one.read.sum()) >= MOSTLY * len(words):
            yield one.said
    if word := _month_among_names(words):
        yield english(
            "“{word}” stands among words like names: a program may have made a date of one (as of SEPT2 or MARCH1). Mend it in "
            "the file or in its cell.",
            word=word,
        )
    if word := _a_code(words):
        yield english("“{word}” and its like were left as text; they may be powers of ten.", word=word)
    if units := several_units(words):
        yield english("its numbers are in several units ({units}); it was left as text.", units=", ".join(units))
    if word := strange_unit(words):
        yield english(
            "what stands beside its numbers (“{word}”) is not known as a unit; it was left as text.", word=word
        )
    if two := unlike_units(words):
        yield english(
            "what stands beside its numbers differs (“{one}”, “{other}”); it was left as text.",
            one=two[0],
            other=two[1],
        )
    if word := _without_year(words):
        yield english("“{word}” and its like are days without a year; it was left as text.", word=word)
    if word := _two_places(words):
        yield english("“{word}” is a latitude and a longitude in one cell; it was left as text.", word=word)


def _a_code(words: pa.Array) -> str:
    """One of the words like “12E5”, where most are such; else nothing."""
    return str(words.filter(pc.match_substring_regex(words, CODED))[0].as_py()) if are_coded(words) else ""


def _without_year(words: pa.Array) -> str:
    """A day and a month, where most words are such; else nothing."""
    if len(words) > MOST_NAMES:
        return ""
    parts = [(word, DAY_AND_MONTH.fullmatch(word.strip())) for word in words.to_pylist()]
    found = [word for word, part in parts if part is not None and _named(part) in months()]
    return str(found[0]) if found and len(found) >= MOSTLY * len(words) else ""


def _two_places(words: pa.Array) -> str:
    """A word of a latitude and a longitude with the letters of the compass, where most are such; else nothing."""
    found = np.asarray(pc.fill_null(pc.match_substring_regex(pc.utf8_trim_whitespace(words), TWO_PLACES), False))
    return (
        str(words[int(np.flatnonzero(found)[0])].as_py()) if found.sum() >= MOSTLY * len(words) and len(words) else ""
    )


def _month_among_names(words: pa.Array) -> str:
    """A day and a month where few are such, and at least as many words are names that end in digits; else nothing."""
    names = pc.sum(pc.match_substring_regex(words, NAME_WITH_DIGIT)).as_py() or 0
    if not names or len(words) > MOST_NAMES:
        return ""
    found = [
        word for word in words.to_pylist() if (parts := DAY_AND_MONTH.fullmatch(word)) and _named(parts) in months()
    ]
    return str(found[0]) if 0 < len(found) <= names else ""


def _named(parts: re.Match[str]) -> str:
    return (parts[1] or parts[2]).casefold()
