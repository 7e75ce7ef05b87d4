"""Names as people write them: with spaces, brackets and units, or by their label, without quotes; put into back quotes here.

The grammar takes a name with spaces or signs only in back quotes. Whoever writes a sentence need not know: where a known name
or a label stands, and nothing else could be meant, it is quoted, and places in messages are those of what was typed.
"""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from typing import NamedTuple

from istrel.data.codebook import Codebook
from istrel.problem import Problem
from istrel.sentence.show_formula import PLAIN_NAME

QUOTED = r"`[^`]*`|\"[^\"]*\"|'[^']*'"


_last: list[tuple[Codebook, dict[str, str], re.Pattern[str]]] = []  # of the codebook that was asked for last


class Typed(NamedTuple):
    """A sentence with its names in back quotes.

    Attributes
    ----------
    text
        What the grammar reads.
    cuts
        (place in `text` from which on, how many characters are there more than in what was typed), ascending.
    """

    text: str
    cuts: tuple[tuple[int, int], ...] = ()

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
        return Problem(problem.message, at=first, length=max(1, last - first) if problem.length else 0)


def with_names_quoted(sentence: str, codebook: Codebook) -> Typed:
    """The sentence with every known name that has spaces or signs, and every label of several words, in back quotes."""
    meant, pattern = _written(codebook)
    if not meant:
        return Typed(sentence)
    parts: list[str] = []
    cuts: list[tuple[int, int]] = []
    done = more = 0
    for found in pattern.finditer(sentence):
        name = meant.get((found["name"] or "").casefold())
        if name is None:
            continue
        quoted = f"`{name}`"
        parts += [sentence[done : found.start()], quoted]
        start = found.start() + more
        cuts.append((start + 1, more + 1))
        more += len(quoted) - len(found["name"])
        cuts.append((start + len(quoted), more))
        done = found.end()
    return Typed("".join((*parts, sentence[done:])), tuple(cuts))


def without_quotes(sentence: str, codebook: Codebook) -> str:
    """The sentence as people write it: names in back quotes stand free wherever they are understood so."""
    free = re.sub(r"`([^`]*)`", r"\1", sentence)
    return free if with_names_quoted(free, codebook).text == sentence else sentence


def _written(codebook: Codebook) -> tuple[dict[str, str], re.Pattern[str]]:
    """({what may be written, case folded: the name it means}, where it stands in a text); found out once per codebook."""
    last = _last[0] if _last else None  # taken once: another thread may ask for another codebook
    if last is None or last[0] is not codebook:
        written = _meant(codebook)
        meant = {word.casefold(): name for word, name in written.items()}
        words = "|".join(re.escape(word) for word in sorted(written, key=len, reverse=True))
        pattern = re.compile(rf"(?P<quoted>{QUOTED})|(?<![\w`])(?P<name>{words})(?![\w`])", re.IGNORECASE)
        last = codebook, meant, pattern
        _last[:] = [last]
    return last[1], last[2]


def _meant(codebook: Codebook) -> dict[str, str]:
    """{what may be written: the name that it means}, where it can mean only one."""
    special = [v.name for v in codebook.variables if not PLAIN_NAME.match(v.name) and _can_be_written(v.name)]
    written = [*((name, name) for name in special), *_labels(codebook)]
    often = Counter(word.casefold() for word, _ in dict.fromkeys(written))
    return {word: name for word, name in written if often[word.casefold()] == 1}


def _labels(codebook: Codebook) -> Sequence[tuple[str, str]]:
    names = {name.casefold() for name in codebook.names}
    labelled = ((v.label, v.name) for v in codebook.variables if " " in v.label.strip())
    return [(text, name) for text, name in labelled if text.casefold() not in names and _can_be_written(text)]


def _can_be_written(text: str) -> bool:
    """Whether a text can stand in a sentence by itself: it holds a letter, no quotes, and no line break."""
    return any(c.isalpha() for c in text) and not set(text) & set("`\"'\n\r")
