"""The one family of errors that a user can cause: a plain message, and the place it is about."""

from __future__ import annotations

import re
from collections.abc import Iterable

from istrel.english import english

QUOTED = re.compile(r"“[^”]{80,}”")
CONTROL = re.compile(r"[\x00-\x1f\x7f-\x9f\u2028\u2029\ud800-\udfff]+")
MOST, MOST_QUOTED = 600, 60


class Problem(Exception):
    """Something the user asked for that cannot be understood or met.

    Parameters
    ----------
    message
        One plain line: what happened, to what, and what to do.
    at, length
        Where in the sentence or condition the word stands, in characters; -1 when it is about no word.
    instead
        What would be right in the place of the word, best first.
    """

    def __init__(self, message: str, *, at: int = -1, length: int = 0, instead: tuple[str, ...] = ()) -> None:
        self.message = plain_line(message)
        super().__init__(self.message)
        self.at = at
        self.length = length
        self.instead = instead


def plain_line(message: str) -> str:
    """The message as one line that a terminal shows: no control characters, and long words cut."""
    line = one_line(message)
    line = QUOTED.sub(lambda found: f"{found.group()[: MOST_QUOTED + 1]}…”", line)
    if line == message and len(line) <= MOST:
        return message  # as it came: it may know how it reads in other languages
    return line if len(line) <= MOST else f"{line[:MOST]}…"


def one_line(text: str) -> str:
    """Text as a terminal can show it in one line."""
    return CONTROL.sub(" ", text)


def nearest(word: str, known: Iterable[str]) -> str:
    """A question that offers the nearest known word (" Did you mean “age”?"), or nothing."""
    return question(close(word, known)[:1])


def question(words: tuple[str, ...]) -> str:
    """ " Did you mean “a” or “b”?", or nothing where there is no word."""
    if not words:
        return ""
    *first, last = words
    if first:
        return english(" Did you mean “{names}” or “{last}”?", names="”, “".join(first), last=last)
    return english(" Did you mean “{word}”?", word=last)


def close(word: str, known: Iterable[str]) -> tuple[str, ...]:
    """Up to three known words that are spelt much like this one, the nearest first."""
    import difflib

    if len(word) > MOST_QUOTED:
        return ()
    by_fold = {name.casefold(): name for name in known}
    found = difflib.get_close_matches(word.casefold(), list(by_fold), n=3, cutoff=0.6)
    begun = [fold for fold in by_fold if fold.startswith(word.casefold()) and not fold[len(word) :][:1].isalnum()]
    found = list(dict.fromkeys([*begun, *found]))[:3]  # "W" for "W.Hnd"
    begin = word[:1].casefold()  # the first letter is seldom the wrong one
    return tuple(by_fold[fold] for fold in sorted(found, key=lambda fold: not fold.startswith(begin)))
