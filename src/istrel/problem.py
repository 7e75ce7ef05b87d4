"""The one family of errors that a user can cause: a plain message, and the place it is about."""

from __future__ import annotations

from collections.abc import Iterable


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
        super().__init__(message)
        self.message = message
        self.at = at
        self.length = length


def nearest(word: str, known: Iterable[str]) -> str:
    """A question that offers the nearest known word (" Did you mean “age”?"), or nothing."""
    import difflib

    by_fold = {name.casefold(): name for name in known}
    close = difflib.get_close_matches(word.casefold(), list(by_fold), n=1, cutoff=0.6)
    return f" Did you mean “{by_fold[close[0]]}”?" if close else ""
