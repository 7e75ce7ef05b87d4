"""The parts of a sentence that is being typed, right or wrong: what each word is, for showing it as a chip."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass

from istrel.sentence.quoting import unquoted
from istrel.sentence.vocabulary import FORMS, VERBS

TWO_WORDS = "|".join(form.replace(" ", r"\s+") for form in FORMS if " " in form)
TOKEN = re.compile(
    r"`(?:[^`]|``)*`?|\"[^\"]*\"?|'[^']*'?|“[^”]*”?"
    rf"|(?:{TWO_WORDS})\b|all\s+measured\b|all\s+categories\b|\d[\w.\-]*|[^\W\d][\w]*(?:\.\w+)*|\.\.|[<>=!≤≥≠]+|\S",
    re.IGNORECASE,
)
CLAUSE_ROLES = {
    "across": "group",
    "against": "against",
    "given": "against",
    "among": "condition",
    "as": "form",
    "with": "setting",
}
LIST_ROLES = ("subject", "against", "group")  # names, separated
FAMILIES = ("all measured", "all categories")


@dataclass(frozen=True)
class WordSpan:
    """A word of the text; `role` is verb, subject, group, against, condition, form, setting, keyword or sign."""

    start: int
    length: int
    role: str


def words_in(text: str) -> Iterator[str]:
    """Every word and sign of the text, names without their back quotes; those of a condition one by one."""
    return (unquoted(match.group()) for match in TOKEN.finditer(text))


def spans(text: str) -> tuple[WordSpan, ...]:
    """Every word and sign of the text with its role; a condition is one span, and each setting with its value."""
    found: list[WordSpan] = []
    role, deep = "verb", 0
    for match in TOKEN.finditer(text):
        word = match.group().casefold()
        deep += (word == "{") - (word == "}")
        if word in CLAUSE_ROLES and role != "verb":
            role = CLAUSE_ROLES[word]
            found.append(WordSpan(match.start(), len(match.group()), "keyword"))
        elif role == "verb":
            found.append(WordSpan(match.start(), len(match.group()), "verb" if word in VERBS else "sign"))
            role = "subject"
        elif role == "setting" and word == "," and deep <= 0:
            found.append(WordSpan(match.start(), len(match.group()), "sign"))
        elif role in ("condition", "setting") or (role in LIST_ROLES and _goes_on(text, found, match, role)):
            _extend(found, match, role)
        elif word in (",", "×", "*", "..") or (role == "form" and " ".join(word.split()) not in FORMS):
            found.append(WordSpan(match.start(), len(match.group()), "sign"))
        else:
            found.append(WordSpan(match.start(), len(match.group()), role))
    return tuple(found)


WITHIN = set("+-−/^(")  # signs after which a formula goes on


def _goes_on(text: str, found: list[WordSpan], match: re.Match[str], role: str) -> bool:
    """Whether a word belongs to the formula that stands before it: within its brackets, or beside a sign that computes."""
    last = found[-1]
    if last.role != role:
        return False
    before = text[last.start : last.start + last.length]
    open_ = before.count("(") > before.count(")")
    signed = before[-1] in WITHIN or match.group() in ("+", "-", "−", "/", "^", "(")
    return open_ or signed


def _extend(found: list[WordSpan], match: re.Match[str], role: str) -> None:
    """Make the last span longer if it is of the same role, else begin one."""
    last = found[-1]
    if last.role == role:
        found[-1] = WordSpan(last.start, match.end() - last.start, role)
    else:
        found.append(WordSpan(match.start(), len(match.group()), role))
