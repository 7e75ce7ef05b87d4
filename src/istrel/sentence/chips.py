"""A sentence changed chip by chip, also while it is not whole: one taken out, names put in at a place, a name moved."""

from __future__ import annotations

import re
from collections.abc import Sequence

from istrel.sentence.quoting import show_name, unquoted
from istrel.sentence.spans import LIST_ROLES, WordSpan, spans

CROSSING = ("×", "*", "..")


def taken_out(text: str, start: int) -> str:
    """The sentence without the chip that begins there: a name with its separator, a clause with its word.

    Places are those of the text, whose names stand in back quotes where they need them.
    """
    words = spans(text)
    at = next((k for k, span in enumerate(words) if span.start == start), None)
    if at is None:
        return text
    chip = words[at]
    if chip.role == "verb":
        return ""
    first, last = at, at
    if chip.role == "keyword":
        last = _clause_end(words, at)
    elif chip.role in (*LIST_ROLES, "setting"):
        left = at > 0 and words[at - 1].role == "sign"
        right = at + 1 < len(words) and words[at + 1].role == "sign"
        crossing = left and _word(text, words[at - 1]) in CROSSING
        if right and not crossing:
            last = at + 1
        elif left or words[at - 1].role == "keyword":
            first = at - 1
    elif words[at - 1].role == "keyword":
        first = at - 1
    end = words[last].start + words[last].length
    rest = f"{text[: words[first].start].rstrip()} {text[end:].lstrip()}"
    return re.sub(r"\s+([,)])", r"\1", rest).strip()


def put_in(text: str, at: int, names: Sequence[str]) -> str:
    """The sentence with names in the list that stands at a place, before the name there or at its end."""
    words = spans(text)
    if not words or words[0].role != "verb":
        return f"describe {_listed(names)}"
    begin = max((k for k, span in enumerate(words) if span.role in ("verb", "keyword") and span.start <= at), default=0)
    end = _clause_end(words, begin)
    if begin < end and words[begin + 1].role not in LIST_ROLES:
        begin, end = 0, _clause_end(words, 0)  # no list: they become subjects
        at = len(text)
    items = [span for span in words[begin + 1 : end + 1] if span.role in LIST_ROLES]
    held = {unquoted(_word(text, span)) for span in items}
    new = [name for name in names if name not in held]
    if not new:
        return text
    later = next((k for k in range(begin + 1, end + 1) if words[k] in items and _middle(words[k]) > at), None)
    if later is not None:
        while _word(text, words[later - 1]) in CROSSING:  # not between what is crossed
            later -= 2
        place = words[later].start
        return f"{text[:place]}{_listed(new)}, {text[place:]}"
    last = words[end]
    place = last.start + last.length
    glue = ", " if items and last.role != "sign" else " "
    return f"{text[:place]}{glue}{_listed(new)}{text[place:]}"


def moved(text: str, start: int, at: int) -> str:
    """The sentence with the name that begins at one place moved to another."""
    span = next((span for span in spans(text) if span.start == start and span.role in LIST_ROLES), None)
    if span is None or start <= at <= start + span.length:
        return text
    name = unquoted(_word(text, span))
    rest = taken_out(text, start)
    if at > start:  # measured from the end, which taking out did not move
        at = max(0, len(rest) - (len(text) - at))
    return put_in(rest, at, (name,))


def _clause_end(words: Sequence[WordSpan], begin: int) -> int:
    """The last word of the clause that begins with a word."""
    after = (k for k in range(begin + 1, len(words)) if words[k].role == "keyword")
    return next(after, len(words)) - 1


def _middle(span: WordSpan) -> float:
    return span.start + span.length / 2


def _word(text: str, span: WordSpan) -> str:
    return text[span.start : span.start + span.length]


def _listed(names: Sequence[str]) -> str:
    return ", ".join(show_name(name) for name in names)
