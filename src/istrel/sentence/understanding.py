"""From what was typed to a Request, once: names as people write them are put into back quotes, then the grammar reads it."""

from __future__ import annotations

from istrel.data.codebook import Codebook
from istrel.problem import Problem
from istrel.sentence.names import understood
from istrel.sentence.parse import parse
from istrel.sentence.request import Request


def request_of(sentence: str, codebook: Codebook) -> Request:
    """What a sentence asks for.

    Raises
    ------
    Problem
        For a sentence that cannot be understood; `at` and `length` show the word in what was typed.
    """
    typed = understood(sentence, codebook)
    try:
        return parse(typed.text)
    except Problem as problem:
        raise typed.told(problem) from None
