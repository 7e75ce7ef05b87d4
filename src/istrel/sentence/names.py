"""Names as people write them: with spaces, brackets and units, by label, beginning or middle; put into back quotes here.

The grammar takes a name with spaces or signs only in back quotes. Whoever writes a sentence need not know: where a known
variable is meant, and nothing else could be, its name is quoted, and places in messages are those of what was typed.
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from typing import NamedTuple

from istrel.data.codebook import Codebook
from istrel.problem import Problem
from istrel.sentence.quoting import IN_BACK_QUOTES, PLAIN_NAME, RESERVED, quoted
from istrel.sentence.spans import CLAUSE_ROLES, FAMILIES, LIST_ROLES
from istrel.sentence.vocabulary import VERBS

OPAQUE = "\ue000"  # stands for every letter of what is understood already
QUOTED = rf"{IN_BACK_QUOTES}|`[^`]*$|\"[^\"]*\"|'[^']*'|“[^”]*”"
PART = re.compile(r"[^\W\d][\w.]*|\.\.|[,×*]|\S")
SEPARATORS = {",", "×", "*", ".."}
FREE = rf"(?!(?:{'|'.join(sorted(RESERVED))})\b)[^\W\d][\w.]*"
COMPARED = re.compile(
    rf"(?<![\w{OPAQUE}=])(?P<name>{FREE}(?:\s+{FREE})*)"
    r"(?=\s*(?:[<>=!≤≥≠+\-−*/^×]|between\b|is\s+(?:not\s+)?missing\b|(?:not\s+)?in\s*\{))",
    re.IGNORECASE,
)


class Meant(NamedTuple):
    """A part of what was typed that means a variable; places in what was typed."""

    start: int
    end: int
    name: str


class Typed(NamedTuple):
    """A sentence with its names in back quotes.

    Attributes
    ----------
    text
        What the grammar reads.
    cuts
        (place in `text` from which on, how many characters are there more than in what was typed), ascending.
    names
        What was typed otherwise than the grammar wants it.
    """

    text: str
    cuts: tuple[tuple[int, int], ...] = ()
    names: tuple[Meant, ...] = ()

    def place(self, at: int) -> int:
        """The place in what was typed of a place in `text`."""
        more = 0
        for start, added in self.cuts:
            if at >= start:
                more = added
        return max(0, at - more)

    def inner(self, at: int) -> int:
        """The place in `text` of a place in what was typed."""
        found = at
        for start, added in self.cuts:
            if at + added >= start:
                found = at + added
        return min(max(found, 0), len(self.text))

    def told(self, problem: Problem) -> Problem:
        """The problem with its place in what was typed."""
        if problem.at < 0 or not self.cuts:
            return problem
        first, last = self.place(problem.at), self.place(problem.at + problem.length)
        length = max(1, last - first) if problem.length else 0
        return Problem(problem.message, at=first, length=length, instead=problem.instead)


def understood(sentence: str, codebook: Codebook) -> Typed:
    """The sentence with everything that means one variable, and only one, as the grammar wants it."""
    whole, masked = _read(sentence, codebook)
    parts = [meant for meant in _parts(masked, codebook) if meant.name]
    return _written(sentence, sorted([*whole, *parts]))


def understood_condition(text: str, codebook: Codebook) -> Typed:
    """As `understood`, for a condition or an expression alone."""
    whole, masked = _read(text, codebook)
    parts = _compared(masked, 0, codebook)
    return _written(text, sorted([*whole, *(meant for meant in parts if meant.name)]))


def _written(sentence: str, names: list[Meant]) -> Typed:
    parts: list[str] = []
    cuts: list[tuple[int, int]] = []
    done = more = 0
    for meant in names:
        name = quoted(meant.name)
        parts += [sentence[done : meant.start], name]
        start = meant.start + more
        cuts.append((start + 1, more + 1))
        more += len(name) - (meant.end - meant.start)
        cuts.append((start + len(name), more))
        done = meant.end
    return Typed("".join((*parts, sentence[done:])), tuple(cuts), tuple(names))


# Whole names and labels, wherever they stand.
class _Wholes(NamedTuple):
    """What may be written for a name: as it is, or (folded) in any case; and where it stands in a text."""

    exact: dict[str, str]
    folded: dict[str, str]
    pattern: re.Pattern[str]


_last: list[tuple[Codebook, _Wholes]] = []  # of the codebook that was asked for last


def _wholes_of(codebook: Codebook) -> _Wholes:
    last = _last[0] if _last else None  # taken once: another thread may ask for another codebook
    if last is None or last[0] is not codebook:
        last = codebook, _found_out(codebook)
        _last[:] = [last]
    return last[1]


def _found_out(codebook: Codebook) -> _Wholes:
    """Names that are no plain words, and labels of several words, where they mean one variable."""
    names = {name.casefold() for name in codebook.names}
    labels = [(v.label, v.name) for v in codebook.variables if " " in v.label.strip() and _can_be_written(v.label)]
    exact = _only_one([(text, name) for text, name in labels if text.casefold() not in names])
    special = [v.name for v in codebook.variables if not PLAIN_NAME.match(v.name) and _can_be_written(v.name)]
    exact |= {name: name for name in special}
    folded = _only_one([(text.casefold(), name) for text, name in exact.items()])
    words = "|".join(re.escape(word) for word in sorted(exact, key=len, reverse=True)) or r"(?!)"
    return _Wholes(exact, folded, re.compile(rf"(?P<quoted>{QUOTED})|(?<![\w`])(?P<name>{words})(?![\w`])", re.I))


def _only_one(pairs: list[tuple[str, str]]) -> dict[str, str]:
    meant: dict[str, set[str]] = {}
    for text, name in pairs:
        meant.setdefault(text, set()).add(name)
    return {text: next(iter(names)) for text, names in meant.items() if len(names) == 1}


def _can_be_written(text: str) -> bool:
    """Whether a text can stand in a sentence by itself: it holds a letter, no quotes, and no line break."""
    return any(c.isalpha() for c in text) and not set(text) & set("`\"'\n\r")


def _read(sentence: str, codebook: Codebook) -> tuple[list[Meant], str]:
    """(the names and labels that stand whole, the sentence with them and all that is quoted made opaque, letter by letter)."""
    exact, folded, pattern = _wholes_of(codebook)
    whole: list[Meant] = []
    masked = list(sentence)
    for found in pattern.finditer(sentence):
        text = found["name"] or ""
        name = exact.get(text) or folded.get(text.casefold())
        if name is not None:
            whole.append(Meant(found.start(), found.end(), name))
        if name is not None or found["quoted"]:
            masked[found.start() : found.end()] = OPAQUE * (found.end() - found.start())
    return whole, "".join(masked)


# Parts of names and of labels, and other cases of letters, where a name has to stand.
def _parts(masked: str, codebook: Codebook) -> Iterator[Meant]:
    role, start, end = "verb", -1, -1
    for found in [*PART.finditer(masked), None]:
        word = found.group().casefold() if found else ""
        ends = found is None or word in SEPARATORS or word in CLAUSE_ROLES
        if role in LIST_ROLES and start >= 0 and ends:
            yield _meant(masked, start, end, codebook)
        if ends or role == "verb":
            start = -1
            role = CLAUSE_ROLES.get(word, role) if role != "verb" else "subject" if word in VERBS else "verb"
            if role == "condition" and found is not None:
                yield from _compared(masked, found.end(), codebook)
                role = "being compared"
        elif found is not None:
            start, end = (found.start() if start < 0 else start), found.end()


def _compared(masked: str, begin: int, codebook: Codebook) -> Iterator[Meant]:
    """Names in a condition: before what compares them, and in sums."""
    rest = re.compile(r"(?<!\w)(?:across|against|given|as|with)(?!\w)", re.IGNORECASE).search(masked, begin)
    for found in COMPARED.finditer(masked, begin, rest.start() if rest else len(masked)):
        yield _meant(masked, *found.span("name"), codebook)


def _meant(masked: str, start: int, end: int, codebook: Codebook) -> Meant:
    """The one variable that a part of the sentence may mean; without a name where it is none or several, or needs no help."""
    text = masked[start:end]
    if OPAQUE in text or text in codebook or " ".join(text.casefold().split()) in FAMILIES:
        return Meant(start, end, "")
    found = codebook.callings.called(text)
    return Meant(start, end, found[0] if len(found) == 1 else "")
