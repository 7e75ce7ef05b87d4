"""The one family of errors that a user can cause: a plain message, and the place it is about."""

from __future__ import annotations

import re
from collections.abc import Iterable

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
    """

    def __init__(self, message: str, *, at: int = -1, length: int = 0) -> None:
        self.message = plain_line(message)
        super().__init__(self.message)
        self.at = at
        self.length = length


def plain_line(message: str) -> str:
    """The message as one line that a terminal shows: no control characters, and long words cut."""
    line = one_line(message)
    line = QUOTED.sub(lambda found: f"{found.group()[: MOST_QUOTED + 1]}…”", line)
    return line if len(line) <= MOST else f"{line[:MOST]}…"


def one_line(text: str) -> str:
    """Text as a terminal can show it in one line."""
    return CONTROL.sub(" ", text)


def nearest(word: str, known: Iterable[str]) -> str:
    """A question that offers the nearest known word (" Did you mean “age”?"), or nothing."""
    import difflib

    if len(word) > MOST_QUOTED:
        return ""
    by_fold = {name.casefold(): name for name in known}
    close = difflib.get_close_matches(word.casefold(), list(by_fold), n=1, cutoff=0.6)
    return f" Did you mean “{by_fold[close[0]]}”?" if close else ""
